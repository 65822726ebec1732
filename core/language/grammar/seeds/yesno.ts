import { readsAsDate } from '../../../formula/check';
import { type Context } from '../../acts';
import { readYesNo, sayYesNo } from '../../../values/yesno';
import { type ColumnMention } from '../../mentions';
import { stem, type Token } from '../../words';
import { Put } from './put';

/** 'Sponsored', 'damaged', of columns that say by whom or how, and are blank elsewhere. */
export function filledBy(tokens: readonly Token[], { head, vocabulary }: Context, put: Put): void {
  tokens.forEach((t, i) => {
    if (t.kind !== 'word' || !/..ed$/.test(t.lower) || vocabulary.values.has(t.lower)) return;
    const found = head.columns.filter((c) => c.type === 'text' && !/ed$/i.test(c.name) && stem(c.name.toLowerCase()) === t.stem && (head.glances?.get(c.name)?.blanks ?? 0) > 0);
    if (found.length === 1) put('filledBy', i, i + 1, found[0]!.name, 0);
  });
}

/** A column that says yes or no, and the texts it says so in. */
export interface YesNo {
  readonly column: string;
  readonly yes: readonly string[];
  readonly no: readonly string[];
}

const yesNoColumns = new WeakMap<Context['head'], readonly YesNo[]>();

/** The columns of a table that say yes or no, with how they spell it. */
export function yesNoOf(head: Context['head']): readonly YesNo[] {
  let known = yesNoColumns.get(head);
  if (!known) {
    known = head.columns.flatMap(({ name, type }): YesNo[] => {
      if (type === 'yesno') return [{ column: name, yes: ['yes'], no: ['no'] }];
      const all = head.glances?.get(name)?.values ?? [];
      if (type !== 'text' || all.length === 0 || all.length > 13) return [];
      const values = all.map(([v]) => v).filter((v) => v.trim() !== '');
      if (!sayYesNo(values)) return [];
      const spelled = (wanted: boolean): string[] => [...new Set(values.filter((v) => readYesNo(v) === wanted).map((v) => v.trim()))];
      return [{ column: name, yes: spelled(true), no: spelled(false) }];
    });
    yesNoColumns.set(head, known);
  }
  return known;
}

/** Columns that say yes or no, named as what a row is: 'active', 'unpaid', 'not insured'. */
export function yesNo(tokens: readonly Token[], columns: readonly ColumnMention[], { head, vocabulary }: Context, put: Put): void {
  for (const value of yesNoOf(head)) {
    for (const m of columns) if (m.column === value.column && m.cost < 0.35) put('yesno', m.from, m.to, value, m.cost);
    tokens.forEach((t, i) => {
      const bare = /^(?:un|non|in|not)-?(\p{L}{3,})$/u.exec(t.lower)?.[1];
      if (bare && stem(bare) === stem(value.column)) put('noyes', i, i + 1, value, 0);
    });
  }
  // 'Unpaid', 'unrated': where the column of what was done says nothing
  const answered = new Set(yesNoOf(head).map((v) => v.column));
  tokens.forEach((t, i) => {
    const bare = /^un-?(\p{L}{4,})$/u.exec(t.lower)?.[1];
    // 'Unpaid' of a state that is paid or something else
    const denied = bare === undefined || vocabulary.values.has(t.lower) ? [] : vocabulary.values.get(bare)?.filter((v) => !v.loose) ?? [];
    if (new Set(denied.map((v) => v.column)).size === 1) put('unsaid', i, i + 1, { kind: 'not', of: { kind: 'among', of: { kind: 'column', name: denied[0]!.column }, texts: denied.map((v) => v.text) } }, 0.1);
    // The unrated have no stars, whatever rate was charged.
    const stars = bare === 'rated' ? head.columns.filter((c) => /^(?:ratings?|stars|score)$/i.test(c.name)) : [];
    const own = bare === undefined ? [] : stars.length === 1 ? stars : head.columns.filter((c) => !answered.has(c.name) && c.name.split(/[\s_]+/).some((w) => stem(w) === stem(bare) || (w.length > 5 && bare.length > 4 && stem(w).startsWith(stem(bare)))));
    // Of what was paid and when, the day tells.
    const days = own.length > 1 ? own.filter((c) => readsAsDate(head, c.name)) : own;
    if (days.length === 1) put('uncol', i, i + 1, days[0]!.name, 0);
  });
}
