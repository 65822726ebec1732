import { number, op, type Condition, type Expression } from '../../formula/expression';
import { METRICS } from '../../metrics/glossary';
import type { Context } from '../acts';
import { rule, type Rule } from '../chart';
import { compare, SIZES } from './conditions/make';
import { tiedRoles } from './roles';

/* Places that are taken or free: how full something is, and what is still to be had. */

const OCCUPANCY = METRICS.find((m) => m.names.includes('occupancy'))!;

/** The columns of how many places there are and how many are taken, as numbers; null where the table does not say so. */
function placesOf(x: Context): { readonly taken: Expression; readonly all: Expression; readonly share: Expression } | null {
  const roles = tiedRoles(OCCUPANCY, 'sold', 'capacity', x);
  return roles && { taken: roles.values[0], all: roles.values[1], share: roles.tied.expression };
}

const free = (x: Context): Expression | null => { const p = placesOf(x); return p && op('-', p.all, p.taken); };
/** More or fewer places taken than a part of them all. */
const filled = (operator: '>' | '>=' | '<' | '<=', part: number, x: Context): Condition | null => { const p = placesOf(x); return p && compare(operator, p.taken, part === 1 ? p.all : op('*', p.all, number(part))); };

const PLACES = 'places|seats|spots|slots|beds|tickets', FREE = 'free|left|open|available|remaining|empty|unsold|vacant|unbooked';

/** 'How full is each course', 'free seats', 'courses that are full'. */
export const placeRules: readonly Rule[] = [
  rule('ex1', 'by? how full ~be ~each|the|it|they? $rows|$noun|$guess|$col?', (_s, x: Context) => placesOf(x)?.share ?? null, -0.1),
  rule('ex1', `how many ${PLACES} ~be|~have? there? still|yet? ${FREE} (in|at|on|for|of (~each|the)? $rows|$noun|$guess)?`, (_s, x: Context) => free(x), -0.4),
  rule('ex1', `how many ${PLACES} ~be|~have? (~each|the)? $rows|$noun|$guess|it|they? still|yet? ~have? still? ${FREE}`, (_s, x: Context) => free(x), -0.3),
  rule('ex1', `${FREE} ${PLACES} (in|at|on|for|of ~each $rows|$noun|$guess)?`, (_s, x: Context) => free(x), -0.1),
  rule('ex1', `${PLACES} that|which? ~be? still|yet? ${FREE} (in|at|on|for|of ~each $rows|$noun|$guess)?`, (_s, x: Context) => free(x), -0.1),
  rule('cond', '~be $fullness:c', ({ c }) => c, 0),
  rule('asked', 'the|this|it? $rows|$noun|$guess|$col? $fullness:c', ({ c }) => c, 0),
  rule('fullness', 'completely|fully? full|crowded', (_s, x: Context) => filled('>=', 1, x), 0.1),
  rule('fullness', 'fully|completely|all booked|sold out?', (_s, x: Context) => filled('>=', 1, x), -0.3),
  rule('fullness', 'booked|sold out', (_s, x: Context) => filled('>=', 1, x), 0.1),
  rule('cond', '~be ~not full', (_s, x: Context) => filled('<', 1, x), 0.05),
  rule('cond', `~have still? ${FREE} ${PLACES}`, (_s, x: Context) => filled('<', 1, x), 0.05),
  rule('cond', `~have ${PLACES} ${FREE}`, (_s, x: Context) => filled('<', 1, x), 0.05),
  ...SIZES.flatMap(([words, operator]) => (operator === '=' || operator === '<>' ? [] : [
    rule('fullness', `${words} $pct:p full|booked|sold|taken|filled`, ({ p }, x: Context) => filled(operator, p / 100, x), -0.1),
    rule('fullness', `${words} half full|booked|sold|taken|filled`, (_s, x: Context) => filled(operator, 0.5, x), -0.1),
    rule('rset', `$rows|$noun|$guess ~rel|with? ${words} half|$pct:p of? the|all ${PLACES} ~be? taken|sold|booked|filled|used|occupied`, ({ p }, x: Context) => filled(operator, p === undefined ? 0.5 : p / 100, x), 0),
  ])).flat(),
].flat();
