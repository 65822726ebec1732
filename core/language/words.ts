import { monthNumber } from '../values/date';

/** One word, number, quoted text or mark of a request, with its place in it. */
export interface Token {
  readonly kind: 'word' | 'number' | 'quoted' | 'column' | 'date' | 'mark';
  /** As it was typed. */
  readonly text: string;
  /** Small letters, without a possessive ending; of quoted texts and marked columns, what is inside. */
  readonly lower: string;
  readonly stem: string;
  readonly value: number;
  readonly from: number;
  readonly to: number;
  /** Begins with a capital. */
  readonly capital: boolean;
  /** Spaces stand before it. */
  readonly spaced: boolean;
}

const SMALL: Record<string, number> = {
  zero: 0, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12, thirteen: 13, fourteen: 14,
  fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19, twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90,
  hundred: 100, thousand: 1000, million: 1e6, dozen: 12,
};

/** The number a word names, or NaN. */
export const numberWord = (word: string): number => {
  const parts = word.split('-');
  if (parts.length === 2 && parts.every((p) => p in SMALL) && SMALL[parts[0]!]! >= 20 && SMALL[parts[1]!]! < 10) return SMALL[parts[0]!]! + SMALL[parts[1]!]!;
  return Object.hasOwn(SMALL, word) ? SMALL[word]! : NaN;
};

/** Contractions as people type them in haste. */
const HASTY: Record<string, string> = { 'w/': 'with', 'w/o': 'without', colum: 'column', colums: 'columns', collumn: 'column', collumns: 'columns', coloumn: 'column', colunm: 'column', colunms: 'columns', coulmn: 'column', coulmns: 'columns', hasnt: "hasn't", havent: "haven't", hadnt: "hadn't", doesnt: "doesn't", isnt: "isn't", arent: "aren't", wasnt: "wasn't", werent: "weren't", didnt: "didn't", wont: "won't", dont: "don't", cant: "can't", shouldnt: "shouldn't", theres: 'there', whats: 'what', thats: 'that', im: "i'm", ive: "i've", id: 'id' };

const IRREGULAR: Record<string, string> = {
  shown: 'show', sold: 'sell', paid: 'pay', took: 'take', taken: 'take', bought: 'buy', brought: 'bring', written: 'write', gave: 'give', given: 'give', left: 'leave', kept: 'keep', held: 'hold',
  made: 'make', got: 'get', gotten: 'get', lost: 'lose', loss: 'lose', losses: 'lose', cost: 'cost', was: 'be', is: 'be', are: 'be', were: 'be', has: 'have', had: 'have', says: 'say', said: 'say', sent: 'send', lent: 'lend', drove: 'drive', driven: 'drive', wrote: 'write', chose: 'choos', chosen: 'choos', broke: 'break', broken: 'break', built: 'build', caught: 'catch', flew: 'fly', flown: 'fly', grew: 'grow', grown: 'grow', knew: 'know', known: 'know', threw: 'throw', thrown: 'throw', began: 'begin', begun: 'begin', rode: 'ride', ridden: 'ride', told: 'tell', won: 'win', stolen: 'steal', delivery: 'deliver', deliveries: 'deliver', people: 'person', children: 'child', men: 'man', women: 'woman', feet: 'foot', teeth: 'tooth', mice: 'mouse',
  went: 'go', gone: 'go', came: 'come', ran: 'run', met: 'meet', spent: 'spend', spoke: 'speak', spoken: 'speak', stood: 'stand', slept: 'sleep', wore: 'wear', worn: 'wear', tore: 'tear', torn: 'tear', led: 'lead', fed: 'feed', rose: 'rise', risen: 'rise', saw: 'see', seen: 'see', struck: 'strike', taught: 'teach', withdrew: 'withdraw', withdrawn: 'withdraw', ate: 'eat', eaten: 'eat', drank: 'drink', drunk: 'drink', fell: 'fall', fallen: 'fall', froze: 'freez', frozen: 'freez', hid: 'hide', hidden: 'hide', laid: 'lay', sat: 'sit', swam: 'swim', swum: 'swim', dug: 'dig', hung: 'hang', shot: 'shoot', swept: 'sweep', wove: 'weav', woven: 'weav', bred: 'breed', dealt: 'deal', drew: 'draw', drawn: 'draw', heard: 'hear', sewn: 'sew', sown: 'sow', shook: 'shak', shaken: 'shak', sank: 'sink', sunk: 'sink', stuck: 'stick', swore: 'swear', sworn: 'swear', woke: 'wak', woken: 'wak', fought: 'fight', forgot: 'forget', forgotten: 'forget', lain: 'lie', burnt: 'burn', learnt: 'learn', spilt: 'spill', spoilt: 'spoil',
  license: 'licenc', licenses: 'licenc', licensed: 'licenc', gray: 'grei', center: 'centr', centers: 'centr', catalog: 'catalogu', catalogs: 'catalogu',
};

/** Does a word in small letters say who does what a stem says: 'buyer' of buying? */
export const isDoer = (own: string, word: string): boolean => word === `${own}er` || word === `${own}or` || word === `${own}r`;

/** A word without its endings: 'closing', 'closed' and 'close' are one. Light on purpose: it serves likeness, not grammar. */
export function stem(word: string): string {
  let known = stems.get(word);
  if (known !== undefined) return known;
  if (stems.size >= MOST_STEMS) stems.clear();
  stems.set(word, (known = stemOf(word)));
  return known;
}

/** The words of the lexicon come back with every request, those of the data by the thousand: the memory has a limit. */
const stems = new Map<string, string>();
const MOST_STEMS = 50_000;

function stemOf(word: string): string {
  const lower = word.toLowerCase().replace(/['’]s?$/, '');
  if (Object.hasOwn(IRREGULAR, lower)) return IRREGULAR[lower]!;
  let w = lower;
  if (w.length > 4 && w.endsWith('ies')) w = `${w.slice(0, -3)}y`;
  else if (w.length > 4 && /(?:s|x|z|ch|sh)es$/.test(w)) w = w.slice(0, -2);
  else if (w.length > 3 && /[^sui]s$/.test(w)) w = w.slice(0, -1);
  if (w.length > 5 && /[aeiouy].*ing$/.test(w.slice(0, -1) + 'g')) w = undouble(w.slice(0, -3));
  else if (w.length > 4 && /[aeiouy].*ed$/.test(w)) w = undouble(w.slice(0, -2));
  if (w.length > 3 && w.endsWith('e')) w = w.slice(0, -1);
  // One word in two spellings: 'labour' and 'labor', 'organise' and 'organize'.
  if (w.length > 5 && w.endsWith('our') && !w.endsWith('tour')) w = `${w.slice(0, -2)}r`;
  else if (w.length > 5 && w.endsWith('iz')) w = `${w.slice(0, -1)}s`;
  return w.length > 3 && w.endsWith('y') ? `${w.slice(0, -1)}i` : w;
}

const undouble = (w: string): string => (/([bdgmnprt])\1$/.test(w) ? w.slice(0, -1) : w);

const PIECES = new RegExp(
  [
    String.raw`‹(?:[^›]|››)+›`,
    String.raw`"(?:[^"\\]|\\.)*"`,
    String.raw`“[^”]*”`,
    String.raw`(?<![\p{L}\p{N}])['‘](?=\S)[^'’\n]{1,60}['’](?![\p{L}\p{N}])`,
    String.raw`\b[ei]\.\s?[ge]\.?(?=[\s,'"‘“])`,
    String.raw`\b[wW]\/o?(?=\s)`,
    String.raw`\d{4}-\d{2}-\d{2}`,
    String.raw`\d{1,2}[/.]\d{1,2}[/.]\d{4}`,
    String.raw`[\p{L}]+-\d+[\p{L}\d-]*`,
    String.raw`(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?(?![\p{L}\d])`,
    String.raw`\d+(?:st|nd|rd|th)\b`,
    String.raw`(?:\d+(?:\.\d+)?)(?=[\p{L}%])`,
    String.raw`\p{L}[\p{L}\p{N}]*(?:['’&-]\p{L}[\p{L}\p{N}]*|\.(?:\p{Lu}\.)+|['’](?=\s|$))*(?:\((?:s|es)\)(?![\p{L}\p{N}]))?`,
    String.raw`[\p{N}]+`,
    String.raw`<=|>=|<>|!=|≤|≥|≠|[^\s]`,
  ].join('|'),
  'gu',
);

/** The most characters and words of a request. A longer one is never read in part: see `isTooLong`. */
const LONGEST_REQUEST = 2_000;
const MOST_TOKENS = 120;

/** Is a request longer than what is read? Its words are then only those up to the limit. */
export const isTooLong = (request: string, words: readonly Token[]): boolean => request.trim().length > LONGEST_REQUEST || words.length >= MOST_TOKENS;

/** A request cut into words, numbers, quoted texts and marks. Control characters count as spaces. O(n). */
export function tokens(request: string): Token[] {
  const out: Token[] = [];
  const text = request.slice(0, LONGEST_REQUEST).replace(/[\u0000-\u001f\u007f\u200b]/g, ' ');
  for (const m of text.matchAll(PIECES)) {
    if (out.length >= MOST_TOKENS) break;
    let piece = m[0];
    const from = m.index;
    // 'Skylight(s)' is one word, for one and for many.
    const many = /^\p{L}.*\((?:s|es)\)$/u.exec(piece);
    if (many) piece = piece.replace(/\((?:s|es)\)$/, '');
    const base = { text: piece, from, to: from + m[0].length, spaced: from === 0 || /\s/.test(text[from - 1]!), capital: /^\p{Lu}/u.test(piece), value: NaN };
    const first = piece[0]!;
    if (first === '‹' && piece.length > 2) out.push({ ...base, kind: 'column', lower: piece.slice(1, -1).replace(/››/g, '›'), stem: '' });
    else if (piece.length > 1 && /^["“'‘]/.test(first) && /["”'’]$/.test(piece)) out.push({ ...base, kind: 'quoted', lower: unescape(piece), stem: '' });
    else if (/^\d{4}-\d\d-\d\d$|^\d{1,2}[/.]\d{1,2}[/.]\d{4}$/.test(piece)) out.push({ ...base, kind: 'date', lower: piece, stem: piece });
    else if (/^\d[\d,]*(?:\.\d+)?$/.test(piece)) out.push({ ...base, kind: 'number', lower: piece, stem: piece, value: Number(piece.replace(/,/g, '')) });
    else if (/^[\p{L}\p{N}]/u.test(piece)) {
      const lower = /^[ei]\./.test(piece) ? piece.replace(/[.\s]/g, '') : piece.toLowerCase().replace(/’/g, "'").replace(/'s?$/, '');
      const meant = Object.hasOwn(HASTY, lower) ? HASTY[lower]! : lower;
      const ordinal = /^(\d+)(?:st|nd|rd|th)$/.exec(lower);
      out.push({ ...base, kind: 'word', lower: meant, stem: stem(meant), value: ordinal ? Number(ordinal[1]) : numberWord(lower) });
    } else out.push({ ...base, kind: 'mark', lower: piece, stem: piece });
  }
  // 'The fourteenth of May' is a day, as the 14th is; a fourteenth by itself is no number.
  out.forEach((t, i) => {
    const day = ORDINALS.indexOf(t.lower) + 1;
    if (day > 0 && (monthNumber(out[i + 1]?.lower ?? '') > 0 || (out[i + 1]?.lower === 'of' && monthNumber(out[i + 2]?.lower ?? '') > 0))) out[i] = { ...t, value: day };
  });
  return out;
}

/** Places in a row as words: the first is the first. */
export const ORDINALS = 'first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth thirteenth fourteenth fifteenth sixteenth seventeenth eighteenth nineteenth twentieth twenty-first twenty-second twenty-third twenty-fourth twenty-fifth twenty-sixth twenty-seventh twenty-eighth twenty-ninth thirtieth thirty-first'.split(' ');

const unescape = (piece: string): string => {
  if (piece.startsWith('"')) {
    try {
      return JSON.parse(piece) as string;
    } catch {
      /* not JSON: as it stands between the marks */
    }
  }
  return piece.slice(1, -1);
};

/** The words of a name, by their stems; only those that count. */
export const stemsIn = (name: string, counts: (word: string) => boolean = (w) => w !== ''): string[] => name.toLowerCase().split(/[\s_-]+/).filter(counts).map(stem);
