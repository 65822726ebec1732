import { CHUNK_ROWS, VALUE, chunkLength, isDate } from '../table/column';
import { columnOf, type Table } from '../table/table';
import { readFeeling } from '../values/feeling';
import { writeDate } from '../values/date';
import { writeNumber } from '../values/number';
import { say } from '../language/exact';
import { typeOf, type CheckedHead } from './check';
import { UNKNOWN, YES, prepare, prepareCondition } from './evaluate';
import { walk, type Condition, type Expression } from './expression';
import { condition as conditionSyntax, expression as expressionSyntax } from './syntax';
import { BY_ZERO } from './vector';

/* A formula worked out for one row, as somebody would do it on paper. */

const SIGNS = { '+': '+', '-': '−', '*': '×', '/': '÷', '^': '^' } as const;
const STRENGTH = { '+': 1, '-': 1, '*': 2, '/': 2, '^': 3 } as const;
const plain = (sentence: string): string => sentence.replace(/[‹›]/g, '');

/**
 * The lines of the working: each figure over the rows with its value, each condition that decided, then the calculation with
 * the row's own numbers in it, "(412.5 − 18) ÷ 31 = 12.7258…", and what rounding makes of it. Blanks are said as such.
 * O(rows) for each figure, else the work of one chunk.
 */
export async function workedRow(expression: Expression, table: Table, head: CheckedHead, position: number): Promise<string[]> {
  const lines: string[] = [];
  const seen = new Set<Expression>();
  const ord = Math.floor(position / CHUNK_ROWS), at = position % CHUNK_ROWS, from = ord * CHUNK_ROWS, length = chunkLength(table.size, ord);
  const chunksOf = (names: readonly string[]) => Promise.all(names.map((name) => columnOf(table, name).load(ord)));

  const vectorOf = async (e: Expression) => {
    const ready = await prepare(e, table, head);
    return ready.evaluate(await chunksOf(ready.reads), from, length);
  };
  const valueOf = async (e: Expression): Promise<string> => {
    const vector = await vectorOf(e);
    if (vector.kind === 'text') return vector.texts[at] === '' ? 'blank' : JSON.stringify(vector.texts[at]);
    if (vector.state[at] === BY_ZERO) return 'blank (division by zero)';
    if (vector.state[at] !== VALUE) return 'blank';
    const { type } = typeOf(e, head);
    return isDate(type) ? writeDate(vector.values[at]!, type === 'datetime') : type === 'yesno' ? (vector.values[at] ? 'yes' : 'no') : shortNumber(vector.values[at]!);
  };
  const holds = async (c: Condition): Promise<number> => {
    const ready = await prepareCondition(c, table, head);
    return ready.test(await chunksOf(ready.reads), from, length)[at]!;
  };

  /** The expression with values in it; what is not arithmetic is its value. */
  const withValues = async (e: Expression): Promise<string> => {
    switch (e.kind) {
      case 'number':
        return writeNumber(e.value);
      case 'op': {
        const side = async (part: Expression, right: boolean): Promise<string> => {
          const text = await withValues(part);
          const weaker = part.kind === 'op' && (STRENGTH[part.op] < STRENGTH[e.op] || (right && STRENGTH[part.op] === STRENGTH[e.op]));
          return weaker || (right && text.startsWith('-')) ? `(${text})` : text;
        };
        return `${await side(e.left, false)} ${SIGNS[e.op]} ${await side(e.right, true)}`;
      }
      case 'total':
      case 'over':
      case 'moving':
      case 'ago': {
        const value = await valueOf(e);
        if (!seen.has(e)) lines.push(`${plain(say(expressionSyntax, e))} = ${value}`);
        seen.add(e);
        return value;
      }
      case 'lookup':
        // Under which name it was found.
        if (e.loosely) lines.push(`${await valueOf(e.of)} is taken for ${await valueOf({ ...e, fn: 'only', value: e.under })}`);
        return valueOf(e);
      case 'choose':
        return decided(e);
      default:
        return valueOf(e);
    }
  };
  const decided = async (e: Extract<Expression, { kind: 'choose' }>): Promise<string> => {
    for (const one of e.cases) {
      const outcome = await holds(one.when);
      const [first] = (await Promise.all(columnsIn(one.when).map(async (name) => `${name} is ${await valueOf({ kind: 'column', name })}`)));
      lines.push(`${plain(say(conditionSyntax, one.when))}: ${outcome === YES ? 'holds' : outcome === UNKNOWN ? 'cannot be told' : 'does not hold'}${first ? ` (${first})` : ''}`);
      if (outcome === YES) return withValues(one.then);
    }
    if (e.otherwise.kind !== 'blank') lines.push('so the rest counts');
    return withValues(e.otherwise);
  };

  // What is told by words says by which.
  const told: Extract<Expression, { kind: 'feeling' }>[] = [];
  walk(expression, (n) => { if (n.kind === 'feeling' && !told.some((t) => JSON.stringify(t) === JSON.stringify(n))) told.push(n); });
  for (const e of told) {
    const vector = await vectorOf(e.of);
    const { score, pleased, displeased } = readFeeling(vector.kind === 'text' ? vector.texts[at]! : '');
    lines.push(`${plain(say(expressionSyntax, e))} = ${score}${pleased.length ? `; for it: ${pleased.join(', ')}` : ''}${displeased.length ? `; against it: ${displeased.join(', ')}` : ''}`);
  }
  const inside = expression.kind === 'round' ? expression.of : expression;
  const text = inside.kind === 'choose' ? await decided(inside) : await withValues(inside);
  const value = await valueOf(inside);
  lines.push(text === value || inside.kind === 'column' ? text : `${text} = ${value}`);
  if (expression.kind === 'round') lines.push(`rounded${expression.mode === 'nearest' ? '' : ` ${expression.mode}`} to ${expression.places} ${expression.places === 1 ? 'decimal' : 'decimals'} = ${await valueOf(expression)}`);
  return lines;
}

/** The columns a condition compares, the first ones. */
function columnsIn(c: Condition): string[] {
  if ('of' in c && !Array.isArray(c.of) && (c.of as Expression).kind === 'column') return [(c.of as Extract<Expression, { kind: 'column' }>).name];
  return c.kind === 'compare' && c.left.kind === 'column' ? [c.left.name] : c.kind === 'not' ? columnsIn(c.of) : [];
}

/** A number with at most eight figures after the point; more are cut with a mark. */
function shortNumber(value: number): string {
  const full = writeNumber(Number(value.toPrecision(15)));
  const [whole, rest = ''] = full.split('.');
  return rest.length > 6 ? `${whole}.${rest.slice(0, 6)}…` : full;
}
