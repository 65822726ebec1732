import type { Condition, Expression } from '../formula/expression';
import { FIND_WORDS } from '../values/find';
import { columnsOf, walk } from '../formula/expression';

const WORDS = { '+': 'plus', '-': 'minus', '*': 'times', '/': 'per', '^': 'to the power of' } as const;

/** A short name for what a formula computes, for a new column that was given none. */
export function nameOf(e: Expression): string {
  const short = describe(e).replace(/\s+/g, ' ').trim();
  const text = short.length > 48 ? `${short.slice(0, 47).trimEnd()}…` : short;
  return text === '' ? 'Result' : text[0]!.toUpperCase() + text.slice(1);
}

/** What grows, in '(now - before) / before * 100'. */
function growthOf(e: Extract<Expression, { kind: 'op' }>): Expression | null {
  if (e.op !== '*' || e.left.kind !== 'op' || e.left.op !== '/' || e.left.left.kind !== 'op' || e.left.left.op !== '-') return null;
  const { left, right } = e.left.left;
  return right === e.left.right && (right.kind === 'ago' || right.kind === 'over') ? left : null;
}

function describe(e: Expression): string {
  switch (e.kind) {
    case 'column':
      return e.name;
    case 'number':
      return String(e.value);
    case 'text':
      return e.value;
    case 'op': {
      if (e.op === '-' && e.left.kind === 'clock' && e.right.kind === 'clock') return 'minutes late';
      const grown = growthOf(e);
      if (grown) return `growth of ${describe(grown)} %`;
      const hundredfold = e.op === '*' && e.right.kind === 'number' && e.right.value === 100;
      return hundredfold ? `${describe(e.left)} %` : `${describe(e.left)} ${WORDS[e.op]} ${describe(e.right)}`;
    }
    case 'round':
      return e.mode === 'down' && e.of.kind === 'op' && e.of.op === '/' && e.of.left.kind === 'clock' && e.of.right.kind === 'number' && e.of.right.value === 60 ? `hour of ${describe(e.of.left.of)}` : describe(e.of);
    case 'cased':
    case 'padded':
    case 'figure':
    case 'cleaned':
      return describe(e.of);
    case 'person':
      return `${{ title: 'title', first: 'first name', middle: 'middle name', last: 'last name', suffix: 'suffix', untitled: 'name without title' }[e.part]}`;
    case 'lookup':
      return e.fn === 'only' ? e.value : e.fn === 'count' ? `number of ${e.table}` : `${{ sum: 'total', mean: 'average', lowest: 'lowest', highest: 'highest' }[e.fn]} ${e.value}`;
    case 'band':
      return e.value;
    case 'country':
      return 'country';
    case 'feeling':
      return `feeling of ${describe(e.of)}`;
    case 'address':
      return e.part;
    case 'zoned':
      return `${describe(e.of)} in ${e.to.slice(e.to.lastIndexOf('/') + 1).replace(/_/g, ' ')}`;
    case 'fiscal':
      return `financial year of ${describe(e.of)}`;
    case 'maths':
      return `${e.fn} of ${describe(e.of)}`;
    case 'pieces':
      return `number of ${describe(e.of)}`;
    case 'size':
      return `${e.what} in ${describe(e.of)}`;
    case 'shifted':
      return `${describe(e.of)} ${e.side === 'after' ? 'plus' : 'minus'} ${describe(e.by)} ${e.unit}`;
    case 'span':
      return `${e.unit} from ${describe(e.from)} to ${describe(e.to)}`;
    case 'part':
      return `${{ 'month in its year': 'month', 'quarter in its year': 'quarter' }[e.part as string] ?? e.part} of ${describe(e.of)}`;
    case 'total':
      if (e.fn === 'count' && e.of.kind === 'number') return e.by.length ? `rows per ${e.by.join(', ')}` : 'rows';
      return `${{ sum: 'total', mean: 'average', lowest: 'lowest', highest: 'highest', count: 'count of', distinct: 'different', median: 'median', spread: 'spread of', 'lower quartile': 'lower quartile', 'upper quartile': 'upper quartile', first: 'first', last: 'last' }[e.fn]} ${describe(e.of)}${e.by.length ? ` per ${e.by.join(', ')}` : ''}`;
    case 'over':
      return `${{ running: 'running total of', previous: 'row above', rank: 'rank by', 'rank up': 'rank by', number: 'number', percentile: 'percentile of' }[e.fn]}${e.fn === 'number' ? (e.by.length ? ` within ${e.by.join(', ')}` : '') : ` ${describe(e.of)}`}`;
    case 'moving':
      return `moving ${e.fn === 'mean' ? 'average' : e.fn === 'sum' ? 'total' : e.fn} of ${describe(e.of)}`;
    case 'ago':
      return `${describe(e.of)} ${e.months === 12 ? 'a year' : `${e.months} months`} before`;
    case 'across':
      return `${e.fn === 'mean' ? 'average' : e.fn} of ${e.of.map(describe).join(', ')}`;
    case 'orElse':
      return describe(e.of);
    case 'join':
      return e.of.filter((o) => o.kind !== 'text').map(describe).join(' ');
    case 'choose': {
      const filled = e.cases.map((c) => c.then).concat(e.otherwise).filter((b) => b.kind !== 'blank');
      // 'Amount adjusted', where the amount of other rows stays as it is
      const kept = e.otherwise.kind === 'column' && filled.every((b) => columnsOf(b).join() === columnsOf(e.otherwise).join()) ? e.otherwise.name : null;
      return filled.length === 1 ? describe(filled[0]!) : kept !== null ? `${kept} adjusted` : firstColumn(e.cases[0]!.when);
    }
    case 'piece':
      return `${describe(e.of)} ${e.side} ${e.mark}`;
    case 'written': {
      const [first] = e.of.filter((p) => p.kind !== 'text');
      return first ? `${columnsOf(first)[0] ?? describe(first)} rewritten` : 'Text';
    }
    case 'slot':
    case 'inside':
      return `Part of ${describe(e.of)}`;
    case 'letters':
      return `${describe(e.of)} ${e.side} ${e.count}`;
    case 'initials':
      return `Initials of ${describe(e.of)}`;
    case 'found':
      if (e.what.kind === 'sort' && (e.which === 'all' || e.which === 'count')) return e.which === 'count' ? `number of ${FIND_WORDS[e.what.sort]}s` : `${FIND_WORDS[e.what.sort]}s`;
      return e.what.kind === 'sort' ? FIND_WORDS[e.what.sort] : `${e.what.kind === 'shape' ? 'Code' : 'Word'} in ${describe(e.of)}`;
    case 'measure':
      return `${describe(e.of)} in ${e.unit}`;
    case 'clock':
      return `minute of ${describe(e.of)}`;
    case 'lapse':
      return `${e.unit} from ${describe(e.from)} to ${describe(e.to)}`;
    case 'moment':
      return `${describe(e.day)} ${describe(e.time)}`;
    case 'date':
      return e.value;
    case 'blank':
      return '';
  }
}

function firstColumn(c: Condition): string {
  let name = '';
  walk(c, (n) => {
    if (name === '' && n.kind === 'column') name = n.name;
  });
  return `${name} label`;
}
