import type { Rule } from '../../language/chart';
import { addressPhrases } from './address-phrases';
import { bandPhrases } from './band-phrases';
import { blankPhrases } from './blank-phrases';
import { casePhrases } from './case-phrases';
import { comparePhrases } from './compare-phrases';
import { columnPhrases } from './column-phrases';
import { datePhrases } from './date-phrases';
import { differencePhrases } from './difference-phrases';
import { joinPhrases } from './join-phrases';
import { examplePhrases } from './example-phrases';
import { metricPhrases } from './metric-phrases';
import { otherPhrases } from './other-phrases';
import { outlierPhrases } from './outlier-phrases';
import { personPhrases } from './person-phrases';
import { rankPhrases } from './rank-phrases';
import { revisePhrases } from './revise-phrases';
import { riderPhrases } from './rider-phrases';
export { entailed } from './rider-phrases';
import { setPhrases } from './set-phrases';
import { knownRules } from './known-frames';
import { spellingRules } from './spelling-frames';
import { sharePhrases } from './share-phrases';
import { shiftPhrases } from './shift-phrases';
import { textPhrases } from './text-phrases';
import { windowPhrases } from './window-phrases';
import { zonePhrases } from './zone-phrases';

/** The ways to ask for new columns and changed values, by what is calculated; last what is said of a calculation afterwards. */
export const phrases: readonly Rule[] = [
  textPhrases, examplePhrases, datePhrases, outlierPhrases, personPhrases, addressPhrases, zonePhrases, metricPhrases, casePhrases, windowPhrases, setPhrases, shiftPhrases, otherPhrases, comparePhrases,
  differencePhrases, sharePhrases, rankPhrases, joinPhrases, bandPhrases, columnPhrases, revisePhrases,
  blankPhrases, riderPhrases, knownRules, spellingRules,
].flat();
