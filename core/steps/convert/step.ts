import Joi from 'joi';
import { BLANK, MISFIT, VALUE, numberChunk, type ColumnHead, type ColumnType } from '../../table/column';
import { chunkTexts } from '../../values/cell';
import { readDate, readDayCount, readUnixTime } from '../../values/date';
import { readAmount } from '../../values/number';
import { unitInName } from '../../formula/dimensions';
import { columnOf } from '../../table/table';
import { convertUnit, readMeasure, unitName, unitSort } from '../../values/units';
import { countryCode } from '../../values/places';
import { isCountry, readTelephone, saysCountry } from '../../values/telephone';
import { readYesNo } from '../../values/yesno';
import { folded } from '../../values/fold';
import { mixedUnit, readsDayFirst, type CheckedHead } from '../../formula/check';
import { between, choice, columnNames, field, flag, list, mapped, oneOf, optional, quoted, record } from '../../language/exact';
import { sameColumns, type Kind, type StepDefinition } from '../step';
import { textWork, type TextOutcome } from '../texts';

/** A text that stands for a value: 'waived' for 0, 'n/a' for blank (''). */
export interface Meaning {
  readonly text: string;
  readonly as: string;
}

/** Read the texts of columns as values of a type. What cannot be read stays as it is written, or is blanked where said. */
export interface ConvertPlan {
  readonly step: 'convert';
  readonly columns: readonly string[];
  readonly to: 'decimal' | 'whole' | 'date' | 'datetime' | 'yesno' | 'text' | 'phone';
  /** The country of telephone numbers that do not say theirs, by its ISO 3166 code. */
  readonly country?: string;
  /** The unit wanted; amounts in other units of the same sort are converted, bare numbers are taken to be in it. */
  readonly unit?: string;
  /** Where day and month cannot be told apart; left out: as the column itself suggests. */
  readonly order?: 'day first' | 'month first';
  readonly meanings?: readonly Meaning[];
  readonly blankRest?: boolean;
}

const meaning = choice<Meaning>(
  record<Meaning>({ as: '' }, field('text', quoted), ' as blank'),
  record<Meaning>({}, field('text', quoted), ' as ', field('as', quoted)),
);
const TYPES = [['decimal', 'numbers'], ['whole', 'whole numbers'], ['date', 'dates'], ['datetime', 'date-times'], ['yesno', 'yes or no'], ['text', 'text'], ['phone', 'telephone numbers']] as const;

const KINDS: readonly Kind[] = [
  { key: 'misfit', words: 'cannot be read so: kept as it is written', odd: true, same: true },
  { key: 'range', words: 'two values, from and to: kept as it is written', odd: true, same: true },
  { key: 'blanked', words: 'cannot be read so: blank now', odd: true },
  { key: 'counted', words: 'a count of days since 30 December 1899, read as a date', odd: true },
  { key: 'clocked', words: 'a count of seconds since 1970, read as a date', odd: true },
  { key: 'guessed', words: 'day and month could be the other way round', odd: true },
  { key: 'unit', words: 'converted from another unit', odd: false },
  { key: 'meant', words: 'read as the sentence says', odd: false },
  { key: 'read', words: 'read', odd: false },
  { key: 'same', words: 'blank: left blank', odd: false, same: true },
];
const [KEPT, RANGE, BLANKED, COUNTED, CLOCKED, GUESSED, UNIT, MEANT, READ, SAME] = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
const A_RANGE = /^\D{0,3}\d[\d.,]*\s*(?:-|–|to|…|\.\.)\s*\D{0,3}\d[\d.,]*\s*\D{0,12}$/i;

type Outcome = { readonly value: number; readonly kind: number; readonly decimals: number };

/** Reads one filled text as the plan says; NaN where it cannot be read. */
function reader(plan: ConvertPlan, dayFirst: boolean): (text: string) => Outcome {
  const meanings = new Map((plan.meanings ?? []).map((m) => [folded(m.text), m.as]));
  const plain = (text: string, kind: number): Outcome => {
    switch (plan.to) {
      case 'decimal':
      case 'whole':
        return amount(text, kind, plan);
      case 'date':
      case 'datetime': {
        const date = readDate(text, dayFirst);
        const days = date ? null : readDayCount(text);
        const moment = date?.time ?? days ?? readUnixTime(text);
        if (moment === null) return { value: NaN, kind, decimals: 0 };
        const time = plan.to === 'date' ? Math.floor(moment / 86_400_000) * 86_400_000 : moment;
        return { value: time, kind: !date ? (days !== null ? COUNTED : CLOCKED) : date.ambiguous && !plan.order ? GUESSED : kind, decimals: 0 };
      }
      case 'yesno': {
        const yes = readYesNo(text);
        return { value: yes === null ? NaN : yes ? 1 : 0, kind, decimals: 0 };
      }
      default:
        return { value: NaN, kind, decimals: 0 };
    }
  };
  return (text) => {
    const meant = meanings.get(folded(text));
    return meant === '' ? { value: NaN, kind: SAME, decimals: 0 } : meant !== undefined ? plain(meant, MEANT) : plain(text, READ);
  };
}

function amount(text: string, kind: number, plan: ConvertPlan): Outcome {
  const bare = plan.unit === undefined ? readAmount(text) : null;
  const read = plan.unit === undefined ? bare && { value: bare.value, converted: false, decimals: bare.decimals } : readMeasure(text, plan.unit);
  if (!read || (plan.to === 'whole' && !Number.isInteger(read.value))) return { value: NaN, kind, decimals: 0 };
  return { value: read.value, kind: read.converted ? UNIT : kind, decimals: read.decimals };
}

/** Telephone numbers in the international form; what is none is kept, or blanked where said. */
const telephone = (plan: ConvertPlan) => (text: string): TextOutcome => {
  if (text.trim() === '') return { text, kind: SAME };
  const read = readTelephone(text, plan.country);
  return read !== null ? { text: read, kind: READ } : plan.blankRest ? { text: '', kind: BLANKED } : { text, kind: KEPT };
};

const dayFirstOf = (plan: ConvertPlan, head: CheckedHead, name: string): boolean => (plan.order ? plan.order === 'day first' : readsDayFirst(head, name));

/** Do most texts of a column look like numbers without their country? */
function mostlyLocal(head: CheckedHead, name: string): boolean {
  const glance = head.glances?.get(name);
  const all = (glance?.values?.map(([t]) => t) ?? glance?.sample ?? []).filter((t) => (t.match(/\d/g) ?? []).length >= 6);
  return all.filter((t) => !saysCountry(t)).length > all.length / 2;
}

function madeHead(plan: ConvertPlan, head: CheckedHead, name: string): ColumnHead {
  const column = columnOf(head, name);
  if (plan.to === 'phone') return { name, type: 'text', scale: null };
  if (plan.to !== 'decimal') return { name, type: plan.to, scale: plan.to === 'whole' ? 0 : null };
  const scale = column.type === 'text' ? (head.glances?.get(name)?.scale ?? null) : column.scale;
  return { name, type: 'decimal', scale: plan.unit ? null : scale };
}

export const convert: StepDefinition<ConvertPlan> = {
  step: 'convert',
  title: 'read text as numbers, dates or yes/no',
  example: 'Turn ‹Fee› into numbers, reading "waived" as "0" and "n/a" as blank',
  schema: Joi.object({
    step: Joi.valid('convert').required(),
    columns: Joi.array().items(Joi.string()).min(1).max(4000).required(),
    to: Joi.valid('decimal', 'whole', 'date', 'datetime', 'yesno', 'text', 'phone').required(),
    country: Joi.string().length(2).uppercase().custom((code: string, helpers) => (isCountry(code) ? code : helpers.error('any.invalid'))),
    unit: Joi.string().min(1).max(20),
    order: Joi.valid('day first', 'month first'),
    meanings: Joi.array().items(Joi.object({ text: Joi.string().min(1).max(1000).required(), as: Joi.string().allow('').max(1000).required() })).min(1).max(1000),
    blankRest: Joi.valid(true),
  }),
  syntax: record<ConvertPlan>(
    { step: 'convert' },
    'Turn ', field('columns', columnNames), ' into ', field('to', oneOf(TYPES)),
    optional('unit', mapped(between(' in ', quoted, ''), (u) => u, (u: string) => u)),
    optional('country', between(' of ', mapped(quoted, (name: string) => countryCode(name) ?? name, (code: string) => code), '')),
    optional('order', oneOf([['day first', ', the day before the month'], ['month first', ', the month before the day']])),
    optional('meanings', between(', reading ', list(meaning), '')),
    flag('blankRest', ', blanking what is none'),
  ),
  reads: (plan) => plan.columns,
  check(plan, head) {
    if (plan.to === 'phone' && !plan.country) {
      const local = plan.columns.find((name) => columnOf(head, name).type === 'text' && mostlyLocal(head, name));
      if (local !== undefined) return [{ text: `Most numbers in “${local}” do not say of which country they are. Say it, for example: Turn ‹${local}› into telephone numbers of "GB".`, column: local }];
    }
    if (plan.unit && unitSort(plan.unit) === null) return [{ text: `“${plan.unit}” is not a unit that can be converted.` }];
    const bare = plan.unit === undefined ? [] : plan.columns.filter((name) => columnOf(head, name).type !== 'text' && unitName(unitInName(name) ?? '') !== unitName(plan.unit!));
    if (bare.length) return bare.map((name) => ({ text: `“${name}” holds bare numbers${unitInName(name) ? ` in ${unitInName(name)}` : ', and nothing says in which unit they are'}. To convert them, calculate: for example, ‹${name}› times ${convertUnit(1, unitInName(name) ?? '', plan.unit!) ?? 1000}.`, column: name }));
    if (plan.unit || (plan.to !== 'decimal' && plan.to !== 'whole')) return [];
    // '1.2 kg' and '950 g' as bare numbers would look alike.
    return plan.columns.flatMap((name) => { const unit = mixedUnit(head, name); return unit === null ? [] : [{ text: `“${name}” is written in several units. Say which one it should be in, for example: Turn ‹${name}› into numbers in "${unit}".`, column: name }]; });
  },
  outline: (plan, head) => sameColumns(head, plan.columns.map((name) => madeHead(plan, head, name))),
  prepare(plan, _table, head) {
    if (plan.to === 'phone') return textWork(plan.columns, head, KINDS, telephone(plan));
    if (plan.to === 'text') {
      const changes = new Map((plan.meanings ?? []).map((m) => [folded(m.text), m.as]));
      return textWork(plan.columns, head, KINDS, (text) => {
        const meant = changes.get(folded(text));
        return { text: meant ?? text, kind: meant !== undefined ? MEANT : text === '' ? SAME : READ };
      });
    }
    const readers = plan.columns.map((name) => reader(plan, dayFirstOf(plan, head, name)));
    const types = plan.columns.map((name): ColumnType => columnOf(head, name).type);
    return {
      work: 'cells',
      reads: plan.columns,
      kinds: KINDS,
      run(chunks, _from, length) {
        const rowKinds = new Uint8Array(length).fill(SAME);
        const made = chunks.map((chunk, c) => {
          const values = new Float64Array(length);
          const state = new Uint8Array(length);
          const misfits = new Map<number, string>();
          const done = new Map<string, Outcome>();
          const texts = chunkTexts(chunk, types[c]!);
          for (let i = 0; i < length; i++) {
            const text = texts[i]!;
            if (text.trim() === '') continue;
            let outcome = done.get(text);
            if (!outcome) done.set(text, (outcome = readers[c]!(text)));
            let kind: number = outcome.kind;
            if (!Number.isNaN(outcome.value)) {
              values[i] = outcome.value;
              state[i] = VALUE;
            } else if (kind === SAME) {
              state[i] = BLANK;
              kind = MEANT;
            } else if (plan.blankRest) kind = BLANKED;
            else {
              state[i] = MISFIT;
              misfits.set(i, text);
              kind = (plan.to === 'decimal' || plan.to === 'whole') && A_RANGE.test(text.trim()) ? RANGE : KEPT;
            }
            if (kind < rowKinds[i]!) rowKinds[i] = kind;
          }
          return numberChunk(values, state, misfits);
        });
        return { made, kinds: rowKinds };
      },
    };
  },
};
