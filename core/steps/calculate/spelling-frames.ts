import { spelledOtherwise, type Context } from '../../language/acts';
import { frame, means, type Frame, type Way } from '../../language/frames';
import type { OtherColumn } from '../../language/grammar/others';
import { rule, type Rule } from '../../language/chart';
import { findColumn } from '../../table/table';

/* What is said of names that two tables spell otherwise. */

const NAMES = 'spelling|spellings|names|titles|name|title|surname|surnames|wording|writing|capitals|spaces';
const VERY = 'always|exactly|quite|fully|entirely|really|completely|precisely|everywhere';
const SLIPS = 'mistake|mistakes|error|errors|slip|slips|difference|differences|variation|variations|variant|variants|deviation|deviations|quirk|quirks';
const LOOSELY = 'loosely|approximately|roughly|fuzzily|tolerantly|generously|leniently|forgivingly';

/** The names of a column: it holds texts. */
const named = (said: string): Way => means(said, ({ c }: { c: string | OtherColumn }, x: Context) => {
  const [head, name] = typeof c === 'string' ? [x.head, c] : [x.head.others?.get(c.table), c.column];
  return findColumn(head?.columns ?? [], name)?.type === 'text' ? true : null;
}, 0.05);

const DIFFER = [`may|might|can|could|do|does|will? not? ${VERY}? differ|differs|vary|varies|deviate|deviates`, `aren't|isn't|not ${VERY}? the? same|identical|equal|consistent|exact|alike`, `~be not|hardly|never ${VERY}? the? same|identical|equal|consistent|exact|alike`, '~be different|inconsistent|unlike'];

const ABOUT = 'mind you note that bear bearing keep in mind careful watch out beware although though even but because as since so the a an of on here there over both two either each other tables table lists list sheets files in are is be can may might could been not always quite exactly bit little slightly somewhat rather some few several sometimes often times small minor slight tiny letter missing names name titles title spelling spell spelled spelt written word words them it its they these those do for with despite allow allowing ignore ignoring disregard tolerate accept taking into account go goes come comes by from to and between possible case';
/** What is named is spoken of, and not asked for. */
const OF: Way[] = ["$cols|$tcols ~be|may|might|can|could|do|does|often|sometimes|differ|vary|aren't|isn't|come|comes|stand|stands|have|has", 'in|of|between|the|on|here and? the? $cols|$tcols|$theTable', '$theTable ~be|spells|writes|has|have|calls|call|names|ones|puts|gives'];

export const frames: readonly Frame[] = [
  frame('names spelled otherwise', {
    cat: 'rider',
    need: { how: [
      'with|has|have|having|there|are|is the|an? odd|occasional|few|some|small? typo|typos|slip|slips here? and? there?', 'misspelt|misspelled|mis-spelt|mistyped|typo|typos|misspelling|misspellings|by likeness|by similarity|in any spelling|whatever the spelling|however they are spelt|however they are spelled',
      `not|aren't|isn't|hardly|never ${VERY}? ^spelt|spelled|written|typed|entered ${VERY}? the? same|alike|identically|equally|right|correctly|consistently`,
      `match|matched|matching|compare|compared|look|looked|find|found|link|join|tie|pair them|it|they|this|that|these|those|the? (${NAMES}|$col|$tcol)? (up)? ^${LOOSELY}`,
      `^${LOOSELY} match|matched|matching|compare|compared|the? same?`,
      'by|with|using? a|an|the? loose|approximate|fuzzy|tolerant|lenient|forgiving|rough ^match|matching|comparison|look-up|lookup',
      'to|by|the? closest|nearest ^name|title|spelling',
      'most|best similar|matching|fitting ^name|title|spelling',
      'near|close|similar|approximate|almost|inexact ^spelling|spellings|match|matches|names|titles count|counts|is|are|do|does|will|may too|well|fine|enough|ok|allowed|good|do|count? (too|as well)?',
      'allow|allowing|permit|permitting for? ^small|minor|slight|tiny|little? spelling|typing|spellings differences|difference|mistakes|errors|variations|slips?',
      `^spelling|typing|writing ${SLIPS}`,
      `small|minor|slight|tiny|little ${SLIPS} in|of|between the? ^${NAMES}`,
      'mind|note|watch|beware|ignore|ignoring|despite|disregard the|of|their|its|different? different? ^spelling|spellings',
      ...DIFFER.map((said) => `^${NAMES} ${said}`),
      ...DIFFER.flatMap((said) => [named(`$col:c ${said}`), named(`$tcol:c ${said}`)]),
      '(one|two|a|some)? (or two)? ^letter|letters|character|characters ~be|may|can|might|could ~be? be? wrong|missing|off|different|swapped|mixed up?',
      'off|wrong by a|one|two (or two)? ^letter|letters|character|characters',
      `$aName ~be|come|comes|stand|stands|go|goes ^written? first|last|in|at|behind front?`,
      '^$aName then|before ^$aName', '^$aName followed by ^$aName',
      '^$aName first|last',
      '^$aName , $aName',
      '^names|name|titles|they ~be|stand|stands|come|comes|go|have? (written|in|typed)? the? other|wrong|opposite|reverse|reversed way|order|round? round|around|about?',
    ] },
    may: { of: OF },
    many: ['how', 'of'],
    about: ABOUT,
    cost: 0,
  }, () => spelledOtherwise),

  // 'The titles there are written a bit differently'
  frame('names written in another way', {
    cat: 'rider',
    need: { verb: 'spelt|spelled|spells|spell|written|writes|write|typed|types|type|entered|called', how: 'differently|otherwise|inconsistently|sloppily|carelessly|similarly|wrong|wrongly|badly|incorrectly|in another way|in other ways|in a different way|in different ways|with mistakes|with errors|with slips' },
    may: { of: OF },
    many: ['verb', 'how', 'of'],
    about: ABOUT,
    cost: 0,
  }, () => spelledOtherwise),
];

export const spellingRules: readonly Rule[] = [
  rule('aName', 'surname|surnames|forename|forenames', () => true, 0),
  rule('aName', 'first|last|family|given name|names', () => true, 0),
].flat();
