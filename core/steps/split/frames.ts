import type { Act, Context } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { cutText, type SplitPlan } from './step';
import { persons } from '../../language/grammar/kinds';
import { sampleOf } from '../../language/grammar/samples';
import { likelyMark, splitAt } from './phrases';

/** 'Hive number gets' is a name with what is said of it. */
const ENDS_IN_VERB = /\s(?:gets|takes|is|has|holds|for)$/i;

interface Named { readonly what: string; readonly name: string; readonly col?: string }

const SPLIT = ['~split', 'cut up|broken up|separated|seperated|taken apart|separate columns|own column|columns of their own|each in its own|each into its own|one column each|two columns|three columns|as separate columns|a column of its own|break up|split off|each its own column|its own column|each of them'];
const OF_TABLE = 'apart take taking is are was were it its it\'s has have had hold holds contains contain consists made up of really in one cell there things thing parts part pieces bits up to all both together mixed combined first second third last put give get make want would like need into to as goes go comes come name names named called call columns column new separate each own please one two three four five them the and then which that with between jumbled sometimes every everybody missing some no a an reads like instead';

/** A mark cuts every time where most values then have as many pieces as there are names; else the first one cuts. */
function cut(column: string, mark: { text: string; which: SplitPlan['which'] } | string | null, into: readonly string[], x: Context): Act | null {
  // 'First name and Surname' of 'Fern, Ada': the pieces stand the other way round.
  if (/^(?:first|given|fore)[ -]?names?$/i.test(into[0] ?? '') && persons(column, x) && sampleOf(column, x).some((v) => v.includes(','))) return null;
  if (mark === null) return splitAt(column, likelyMark(column, into.length, x), into);
  const text = typeof mark === 'string' ? mark : mark.text;
  const said = typeof mark === 'string' ? 'every' : mark.which;
  const values = (x.head.glances?.get(column)?.values ?? []).slice(0, 300).filter(([v]) => v.includes(text));
  const more = values.some(([v]) => cutText(v, { kind: 'mark', text }, 'every', Infinity).length > into.length);
  return splitAt(column, { kind: 'mark', text }, into, said === 'every' && into.length === 2 && more ? 'first' : said);
}

/** The same for the one column spoken of last. */
const ofTopic = (key: string, make: (column: string) => Act | null): Act => ({ key: `of topic ${key}`, apply: (state) => (state.topic.length === 1 ? make(state.topic[0]!)?.apply(state) ?? null : null) });

/** Names said twice, once for what is in the cells and once for the columns: those with capitals, or else the last. */
function namesSaid(first: readonly string[], again: readonly (readonly string[])[]): readonly string[] | null {
  const lists = [first, ...again];
  if (lists.some((l) => l.length !== first.length)) return null;
  return [...lists].reverse().find((l) => l.every((n) => /^\p{Lu}/u.test(n))) ?? lists.at(-1)!;
}

const distinct = (names: readonly string[]): boolean => new Set(names.map((n) => n.toLowerCase())).size === names.length;

export const frames: readonly Frame[] = [
  frame('split', {
    need: { names: ['$names'] },
    may: {
      col: '$col',
      split: SPLIT, mark: ['$atmark', '$mark between|in between', 'between|in between $mark'],
      arrow: ['->|=>|→'], miss: ['the? $name may|might|can|could|is|are sometimes|often|be missing|absent|lacking|blank|empty', '~open the? $name may|might|can|could|is|are sometimes|often|be missing|absent|lacking|blank|empty ~close', 'the? $word may|might|can|could be missing|absent|lacking|blank|empty', 'the? $name is missing sometimes', 'the? $word is missing sometimes', 'missing sometimes|missing in places', 'not all of them have a $name', 'some have no $name', 'not everybody has both|not every one of them has all|some have only one'],
      again: ['$names'],
    },
    many: ['split', 'again', 'miss'],
    about: `${OF_TABLE} - > = ; /`,
    cost: 0.6,
  }, ({ col, names: first, mark, split, arrow, again }, x) => { const names = namesSaid(first as string[], (again ?? []) as string[][]); return (names !== null && names.length > 1 && (col !== undefined || split) && distinct(names) && (split || arrow || (mark && again && col !== undefined)) ? (col === undefined ? ofTopic(names.join(), (of) => cut(of, mark ?? null, names, x)) : cut(col, mark ?? null, names, x)) : null); }),

  // 'letters to Group and digits to Serial'
  frame('letters and digits', {
    need: {
      pieces: [means('letters|letter (of|from|in the? $col:k)? into|to|in|under|go|goes|as to|into|in|under? the? $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: 'letters', name: n, ...(k === undefined ? {} : { col: k }) })), means('$name:n ~open|is|=|:|for|gets the? letters|letter|text ~close?', ({ n }: { n: string }): Named => ({ what: 'letters', name: n }), 0.05), means('$name:n ~open|is|=|:|for|gets the? digits|digit|number|numbers|figures ~close?', ({ n }: { n: string }): Named => ({ what: 'digits', name: n }), 0.05), means('digits|numbers|figures|number|digit (of|from|in the? $col:k)? into|to|in|under|go|goes|as to|into|in|under? the? $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: 'digits', name: n, ...(k === undefined ? {} : { col: k }) })), means('$name:n ~open the? letters ~close', ({ n }: { n: string }): Named => ({ what: 'letters', name: n })), means('$name:n ~open the? digits|numbers|figures|number ~close', ({ n }: { n: string }): Named => ({ what: 'digits', name: n }))],
    },
    may: { col: '$col', split: SPLIT },
    many: ['pieces', 'split'],
    about: `${OF_TABLE} letters digits numbers figures from after start starts begin begins end followed dash hyphen want ( )`,
  }, ({ col, pieces }) => {
    const [a, b] = pieces as Named[], of = col ?? a?.col ?? b?.col;
    return of !== undefined && (pieces as Named[]).length === 2 && a!.what === 'letters' && b!.what === 'digits' && distinct([a!.name, b!.name]) ? splitAt(of, { kind: 'change' }, [a!.name, b!.name]) : null;
  }),

  // 'first part Hive number, second part Site', 'the number goes to A, the place to B', 'first word to Given, the rest to Family'
  frame('parts by their place', {
    need: {
      pieces: [
        means('the? number|digits|figure|figures goes|go|comes|come|is? to|in|into|under $name:n', ({ n }: { n: string }): Named => ({ what: 'number', name: n })), means('the? place|name|text|word|words|letters|site|rest goes|go|comes|come|is? to|in|into|under $name:n', ({ n }: { n: string }): Named => ({ what: 'text', name: n })),
        means('left|left-hand|leading|front part|side|half|piece|bit|of it? ,|:|goes|in|into|to|is|=|as|->? to|in|into|as? $name:n', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('right|right-hand|trailing|back part|side|half|piece|bit|of it? ,|:|goes|in|into|to|is|=|as|->? to|in|into|as? $name:n', ({ n }: { n: string }): Named => ({ what: '2', name: n })), means('first word of|in? the? $col:k? $arrow2 $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: '1', name: n, ...(k === undefined ? {} : { col: k }) })), means('remaining|other|further|following words|word|part|parts $arrow2 $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })), means('first word of|in? the? $col:k? ~be the? $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: '1', name: n, ...(k === undefined ? {} : { col: k }) })), means('the? rest|remainder ~be? the? $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n }), 0.05), means('the? rest|remainder $arrow2 $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })), means('first part|word|piece|bit|half|element (of|in the? $col:k)? (~open before|after the? $mark ~close)? ,|:|goes|in|into|to|is|=|as? to|in|into|as? $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: '1', name: n, ...(k === undefined ? {} : { col: k }) })), means('second|last|other part|word|piece|bit|half|element (of|in the? $col:k)? (~open before|after the? $mark ~close)? ,|:|goes|in|into|to|is|=|as? to|in|into|as? $name:n', ({ n, k }: { n: string; k?: string }): Named => ({ what: '2', name: n, ...(k === undefined ? {} : { col: k }) })),
        means('the? $name:n comes|stands|goes|is? before|ahead of? it|that|the? $mark?', ({ n }: { n: string }): Named => ({ what: '1', name: n }), 0.1), means('the? $name:n comes|stands|goes|is? after|behind it|that|the? $mark?', ({ n }: { n: string }): Named => ({ what: 'rest', name: n }), 0.1),
        means('the? $word before|ahead of? it|that|the? $mark? goes|go|comes? in|into|to|under $name:n', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('what|whatever|everything|the $word? follows|comes|stands|is? after|behind|next? it|that|the? $mark? goes|go|comes? in|into|to|under $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
        means('$name:n gets|takes|is|has|holds|=|:|for? the left|front|first|leading half|part|side|piece|bit|one|hand?', ({ n }: { n: string }): Named | null => (ENDS_IN_VERB.test(n) ? null : { what: '1', name: n })), means('$name:n gets|takes|is|has|holds|=|:|for? the right|back|second|trailing half|part|side|piece|bit|one|hand?', ({ n }: { n: string }): Named | null => (ENDS_IN_VERB.test(n) ? null : { what: '2', name: n })),
        means('the? first part|piece|bit|one|half|word? is|=|goes|becomes|: to|into|in|called? ^$properName:n', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('the? second|2nd|last part|piece|bit|one|half|word? is|=|goes|becomes|:? to|into|in|called? ^$properName:n', ({ n }: { n: string }): Named => ({ what: '2', name: n })),
        means('the? rest|remainder|others ,|:|goes|in|into|to|is|= to|in|into? $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
        means('$name:n ~open|is|= the? first two|three|2|3? word|words|part|piece|bit ~close?', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('$name:n ~open|is|= the? last word|part|piece|bit|one ~close?', ({ n }: { n: string }): Named => ({ what: 'last', name: n })), means('$name:n ~open|is|= the? second part|piece|bit|one ~close?', ({ n }: { n: string }): Named => ({ what: '2', name: n })),
        means('$name:n ~open|is|= the? rest|everything|whatever|all after|following|follows|comes|that|behind? follows|after|it|that? ~close?', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
        means('the part|bit|piece|text|word before it|the|that $mark? is|=|goes|becomes|to|into|in|as? the? $name:n', ({ n }: { n: string }): Named => ({ what: '1', name: n }), 0.1), means('the part|bit|piece|text|word after|behind it|the|that $mark? is|=|goes|becomes|to|into|in|as? the? $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n }), 0.1), means('what|the|everything|whatever|part|bit comes|stands|is? part|bit? before it|the|that? $mark? goes|go? in|into|to|under|is $name:n', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('what|the|everything|whatever|part|bit comes|stands|is? part|bit? after|behind it|the|that? $mark? goes|go? in|into|to|under|is $name:n', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
        means('$name:n out|from|of|is|=|as|with|gets|takes|get|take|: of|from? what|the|everything|whatever? comes|stands|is|bit|part|text|piece|word|half is|comes|stands? before|till|until|to the|that? $mark|it?', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('$name:n out|from|of|is|=|as|with|gets|takes|get|take|: of|from? what|the|everything|whatever? comes|stands|is|bit|part|text|piece|word|half is|comes|stands? after|behind|following the|that? $mark|it|that?', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
        means('$name:n ~open before the? $mark|it ~close', ({ n }: { n: string }): Named => ({ what: '1', name: n })), means('$name:n ~open after the? $mark|it ~close', ({ n }: { n: string }): Named => ({ what: 'rest', name: n })),
      ],
    },
    may: { col: '$col', split: SPLIT, mark: ['$atmark'] },
    many: ['pieces', 'split'],
    about: `${OF_TABLE} word words before after behind follows following whatever everything`,
  }, ({ col: said, pieces, mark }, x) => {
    const list = pieces as Named[];
    if (list.length !== 2 || !distinct(list.map((p) => p.name))) return null;
    const make = (col: string): Act | null => piecesOf(col, list, (mark as { text: string } | undefined)?.text, x);
    const own = said ?? list.find((p) => p.col !== undefined)?.col;
    return own !== undefined ? make(own) : ofTopic(JSON.stringify(list), make);
  }),
];

/** Two pieces of a column, told by their place or by what they are. */
function piecesOf(col: string, list: readonly Named[], text: string | undefined, x: Context): Act | null {
    const likely = likelyMark(col, 2, x);
    const values = (x.head.glances?.get(col)?.values ?? []).filter(([v]) => v.trim() !== '');
    const number = list.find((p) => p.what === 'number'), word = list.find((p) => p.what === 'text');
    if (number || word) {
      if (!number || !word || !likely || likely.kind !== 'mark') return null;
      const led = values.filter(([v]) => /^\s*\d+\s*$/.test(v.split(likely.text)[0] ?? '')).length;
      return led >= values.length * 0.8 ? splitAt(col, likely, [number.name, word.name], 'first') : null;
    }
    const [a, b] = list[0]!.what === '1' ? list : [list[1]!, list[0]!];
    if (a!.what !== '1' || b!.what === '1') return null;
    const names = [a!.name, b!.name];
    if (text !== undefined) return splitAt(col, { kind: 'mark', text }, names, b!.what === 'last' ? 'last' : 'first');
    const spaced = values.filter(([v]) => v.trim().includes(' ')).length >= values.length * 0.6;
    return b!.what === 'last' || !likely ? (spaced ? splitAt(col, { kind: 'mark', text: ' ' }, names, b!.what === 'last' ? 'last' : 'first') : null) : splitAt(col, likely, names, likely.kind === 'mark' ? 'first' : 'every');
}
