import type { CheckedHead } from '../../formula/check';
import type { Plan } from '../../steps/registry';
import type { Token } from '../words';
import { columnDoubts } from './columns';
import type { Doubt } from './doubt';
import { questionDoubts } from './questions';
import { rowDoubts } from './rows';
import { saidOf } from './said';
import { valueDoubts } from './values';

const DOUBTS: readonly Doubt[] = [questionDoubts, rowDoubts, valueDoubts, columnDoubts].flat();

/** The doubts about the readings of a request: what they add to the price of plans, and what is asked of them. */
export function doubtsOf(words: readonly Token[], head: CheckedHead): { readonly price: (plans: readonly Plan[]) => number; readonly asked: (plans: readonly Plan[]) => string | null } {
  const said = saidOf(words, head);
  return {
    price: (plans) => DOUBTS.reduce((sum, d) => sum + d.price * Number(d.holds(plans, said)), 0),
    asked: (plans) => DOUBTS.find((d) => d.asks !== undefined && d.holds(plans, said))?.asks ?? null,
  };
}
