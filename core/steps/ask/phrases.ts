import type { Rule } from '../../language/chart';
import { comparingPhrases } from './comparing-phrases';
import { figurePhrases } from './figure-phrases';
import { groupPhrases } from './group-phrases';
import { questionPhrases } from './question-phrases';
import { rankingPhrases } from './ranking-phrases';
import { riderPhrases } from './rider-phrases';
import { sharePhrases } from './share-phrases';

/** The ways to ask: what about, of which groups, and what is said of a question afterwards. */
export const phrases: readonly Rule[] = [figurePhrases, groupPhrases, questionPhrases, rankingPhrases, sharePhrases, comparingPhrases, riderPhrases].flat();
