import type { Rule } from '../../chart';
import { blankRules } from './blanks';
import { numberRules } from './numbers';
import { setRules } from './sets';
import { textRules } from './texts';
import { timeRules } from './times';
import { valueRules } from './values';

/** The ways to say which rows are meant. */
export const conditionRules: readonly Rule[] = [numberRules, timeRules, valueRules, textRules, blankRules, setRules].flat();
