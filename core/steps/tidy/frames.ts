import type { Act } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { CAPITALS, NO_SPACES, ONE_SPACE, REST_SMALL } from '../../language/lexicon/ways';
import { everywhere, tidied } from './phrases';
import type { Tidying } from './step';

const TRIM = `${NO_SPACES}|blanks gone|spaces gone|stray blanks|superfluous blanks|superfluous spaces|extra spaces|stray spaces|surplus spaces|spaces around|spaces around them|spaces around it|blanks around|trim|trimmed|trim it|trim them|trim the spaces|leading spaces|trailing spaces|leading|trailing|no leading|no trailing|spaces at either end|blanks at either end|spaces off|no spaces|no blanks|without any blanks|without blanks|nothing around it|nothing around|spaces at the ends|the spaces off them|take the spaces off them|outer spaces|without spaces`;
const SQUEEZE = `${ONE_SPACE}|doubled spaces|double spaces|doubled blanks|multiple spaces|runs of spaces|more than one space|two spaces|several spaces|repeated spaces|double blanks|two or more spaces|one space between|a single space between|only one space between|just one space between`;
const TITLE = `${CAPITALS}|only the start of each word in capitals|every word with one capital|each word with one capital|one capital for each word|one capital per word|with capital initials|capital initials|every word starts with a capital and goes on in small letters|capitalise each word|capitalise every word|capital first letters|with capital first letters|first =letters big|first =letters big others small|first =letters big the others small|first =letters capital|proper case|proper capitals|title case|give every word a capital|give each word a capital|start every word with a capital|first letter of each word big|first letter of every word upper case|name case|capitalised properly|capitalise them properly|capitalise the names|capital first letter for every word|the first letter of every word capital|initial capitals|first =letters in capitals|first =letters upper case|initial letters big|each word capitalised|every word capitalised|words capitalised|with a capital for every word|first letter of each part a capital`;
const REST = `${REST_SMALL}|goes on in small letters|the remaining letters small|the other letters small|and small letters after that|the rest of the letters small`;
const LOWER = 'small letters|all small letters|lower case|lowercase|all lower case|all lowercase|in small letters|no capitals|lower-case|small letters only|be small|all small|everything small|everything in lower case';
const UPPER = 'upper case|uppercase|capitals|capital letters|all caps|block letters|in capitals|all capitals|block capitals|big letters|upper-case|caps';
const SENTENCE = 'a capital initial|capital initial|with a capital initial|start it with a capital|start with a capital|starts with a capital|with a capital|a capital at the front|first =letter big|first =letter upper case|first =letter in upper case|first =letter uppercase|first =letter in capitals|first =letter as a capital|first =letter capitalised|first =letter a capital|first =letter capital|only the first =letter big|begin with a capital|capital at the start|only the first =letter a capital|just the first =letter a capital';

/** The style of letters that an example shows. */
function styleOf(text: string): Tidying | null {
  const words = text.match(/\p{L}+/gu) ?? [];
  if (words.length === 0) return null;
  return words.every((w) => w === w.toUpperCase()) ? 'upper' : words.every((w) => w === w.toLowerCase()) ? 'lower' : words.length > 1 && words.every((w) => /^\p{Lu}\P{Lu}*$/u.test(w)) ? 'title' : null;
}

export const frames: readonly Frame[] = [
  frame('tidy', {
    need: {},
    may: {
      cols: '$cols', trim: [TRIM, '~drop|no|without|take ~trim off|out?', '~trimVerb', '~drop|trim|cut|clip those|the? ones? any|at|on|around the? either|both? ends|end|edges|sides off?'], squeeze: [SQUEEZE, '~drop|no|without ~squeeze'], one: ['~toOne', '-|=? > a|one? single|one? space|blank', '->|→|=> a|one? single|one? space|blank',  'to a single one|to one|by one|by one space|make them single|single|to one space|by a single one|into one|down to one'],
      letters: [means(TITLE, 'title', -0.1), means(LOWER, 'lower'), means(UPPER, 'upper'), means(SENTENCE, 'sentence'), means('~title', 'title'), means('~upper', 'upper'), means('~lower', 'lower')], rest: REST, whole: 'everything',
      wish: 'should|must|want|make|write|like to|need|put|change|turn|get|ought|please|let|rewrite|be|format|spell',
      example: [means('$properName:v instead|rather of|than $value:o', ({ v, o }: { v: string; o: { typed: string } }) => (v.toLowerCase() === o.typed.toLowerCase() ? styleOf(v) : null), 0.1), means('like|as|e.g|eg $properName:v', ({ v }: { v: string }) => (/\s/.test(v) ? styleOf(v) : null), 0.2), means('like|as|e.g|eg $value:v', ({ v }: { v: { typed: string } }) => styleOf(v.typed))],
    },
    about: 'make turn write written put set be should must all every tidy up clean cleaning needs need needed cleaned get rid of out names name named in into to as off them for with from start words word letter letters space spaces blanks blank that it is are have has mixed messy mess case shouting whisper shout half typed carelessly entered any old how different differently in text ends either end fix them both style keep only just use capital capitals one single replace collapse squeeze reduce at the moment around so that they within or nothing big small normal nicely properly correctly remove strip take complaint',
    cost: 0.55,
  }, ({ cols, trim, squeeze, one, letters: said, rest, example, whole, wish }, x): Act | null => {
    const letters = said ?? example;
    // 'Names look like "Fern, Ada"' only tells of them.
    if (example && !said && !wish && !trim) return null;
    if (said && example && said !== example) return null;
    const ways: Tidying[] = [...(trim ? ['trim' as const, 'squeeze' as const] : []), ...(squeeze && !trim ? ['squeeze' as const] : []), ...(letters ? [letters as Tidying] : [])];
    if (ways.length === 0 || (one && !squeeze) || (rest && letters !== 'title' && letters !== 'sentence')) return null;
    return whole && cols ? null : whole ? everywhere(ways, x) : tidied(cols ?? null, ways);
  }),
];
