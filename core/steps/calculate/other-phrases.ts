import { rule, type Rule } from '../../language/chart';
import type { Context } from '../../language/acts';
import { atRates } from '../../language/grammar/theirs';
import { add } from './adding';

/** New columns of what other tables say. */
export const otherPhrases: readonly Rule[] = [
  // 'Convert the amounts to euros with the rates table'
  rule('clause', '(convert|turn|translate|change|express|put|give|show|write|recalculate|calculate) the? $col:c in|into|to $word ,? (with|by|using|from|at|via|on|per|through) the? (rates|rate|factors|factor|prices|price|values in|of|from|as)? the|our? $theTable:t', ({ c, t }, x: Context) => { const e = atRates(c, t, x); return e && add(e); }, -0.2),
].flat();
