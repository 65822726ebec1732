/** One cleaning of a text's marks. */
export type Cleaning = 'accents' | 'tags' | 'lines' | 'mended' | 'legal' | 'alike';

/** How each cleaning is called in exact sentences. */
export const CLEANINGS = [
  ['accents', 'without accents'],
  ['tags', 'without HTML'],
  ['lines', 'on one line'],
  ['mended', 'with broken letters mended'],
  ['legal', 'without the legal form'],
  ['alike', 'in plain characters'],
] as const satisfies readonly (readonly [Cleaning, string])[];

/** Letters that are no letter with an accent, but are written without one all the same. */
const PLAIN_LETTERS: Readonly<Record<string, string>> = { ß: 'ss', ø: 'o', Ø: 'O', æ: 'ae', Æ: 'Ae', œ: 'oe', Œ: 'Oe', ł: 'l', Ł: 'L', đ: 'd', Đ: 'D', ð: 'd', þ: 'th', Þ: 'Th', ı: 'i' };

const ENTITIES: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'", nbsp: ' ', euro: '€', pound: '£', ndash: '–', mdash: '—', hellip: '…', copy: '©', reg: '®', deg: '°' };

/** The places of Windows-1252 between 0x80 and 0x9f, where it differs from Unicode. */
const WINDOWS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** A first byte and those that may follow it, as Windows-1252 shows them. */
const MISREAD = new RegExp(`[\\u00c2-\\u00f4][\\u0080-\\u00bf${WINDOWS}]{1,3}`, 'gu');

const LEGAL_FORMS: ReadonlySet<string> = new Set(
  ('ltd limited llc inc incorporated corp corporation co company plc llp lp pty pte gmbh mbh ag kg kgaa ohg ug ek ev eg gbr sa sas sarl sasu eurl snc srl spa bv nv cv vof ab as aps oy oyj asa ' +
    'kft zrt bt nyrt sro spol doo dd ood eood sl slu sau lda ltda unipessoal kk gk sp zoo pvt private sdn bhd se sce').split(' '),
);
/** Forms that are words as well: only written in capitals, or with points, are they a legal form. */
const SHORT_FORM = /^(?:\p{Lu}{2,4}|(?:\p{L}\.){1,5}\p{L}?\.?|\p{Lu}\/\p{Lu}|Oy|Oyj|Co\.?|Inc\.?|Ltd\.?|Srl|SpA|SpA\.|ApS|Kft\.?|Zrt\.?|Bt\.?|Lda\.?)$/u;

/**
 * A text after one cleaning: without accents ('Café' to 'Cafe'), without HTML (tags off, entities as their characters),
 * on one line, with letters mended that were read in the wrong encoding ('CafÃ©' to 'Café'), or without the legal form
 * of a company at its end ('Tessel Foods Ltd.' to 'Tessel Foods'),
 * or with plain characters for those that only look like them: Cyrillic and Greek letters inside Latin words, wide forms, curly
 * quotes, long dashes, invisible spaces. Done twice, it gives the same as once. O(length).
 */
export function cleaned(text: string, way: Cleaning): string {
  switch (way) {
    case 'accents':
      return text.normalize('NFD').replace(/\p{M}/gu, '').replace(/[ßøØæÆœŒłŁđĐðþÞı]/g, (c) => PLAIN_LETTERS[c]!).normalize('NFC');
    case 'tags':
      return withoutTags(text);
    case 'lines':
      return text.replace(/[^\S\r\n\u2028\u2029]*[\r\n\u2028\u2029]+\s*/g, ' ').trim();
    case 'mended':
      return mended(text);
    case 'legal':
      return withoutLegalForm(text);
    case 'alike':
      return plainCharacters(text);
  }
}

function withoutTags(text: string): string {
  if (!/[<&]/.test(text)) return text;
  const bare = text.replace(/<(?:br|\/?p|\/?div|\/li|\/tr|hr)\b[^<>]*>/gi, ' ').replace(/<!--[\s\S]*?-->|<\/?[a-z][^<>]*>/gi, '');
  const read = bare.replace(/&(#\d{1,7}|#x[\da-f]{1,6}|[a-z]{2,8});/gi, (whole, name: string) => {
    if (!name.startsWith('#')) return ENTITIES[name.toLowerCase()] ?? whole;
    const code = name[1]!.toLowerCase() === 'x' ? parseInt(name.slice(2), 16) : Number(name.slice(1));
    return code > 0 && code <= 0x10ffff && !(code >= 0xd800 && code <= 0xdfff) ? String.fromCodePoint(code) : whole;
  });
  return bare === text ? read : read.replace(/ {2,}/g, ' ').trim();
}

const byteOf = (char: string): number => {
  const code = char.codePointAt(0)!;
  return code < 0x100 ? code : WINDOWS.indexOf(char) < 0 ? -1 : 0x80 + WINDOWS.indexOf(char);
};

/** Runs of characters that are UTF-8 read as Windows-1252 are read again; what looks misread twice, a second and third time. */
function mended(text: string): string {
  let out = text;
  for (let round = 0; round < 3 && (round === 0 ? /[\u00c2-\u00f4]/ : /[ÂÃâ][\u0080-\u00bf€™œ]/).test(out); round++) {
    const before = out;
    out = out.replace(MISREAD, (run) => {
      const bytes = Array.from(run, byteOf);
      // The first byte says how many follow; what is left over stays as it is.
      const length = bytes[0]! >= 0xf0 ? 4 : bytes[0]! >= 0xe0 ? 3 : 2;
      if (bytes.length < length || bytes.slice(1, length).some((b) => b < 0x80 || b > 0xbf)) return run;
      const chars = Array.from(run);
      try {
        const read = new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(bytes.slice(0, length)));
        return /\p{Cc}/u.test(read) ? run : read + chars.slice(length).join('');
      } catch {
        return run;
      }
    });
    if (out === before) break;
  }
  return out;
}

/** Cyrillic and Greek letters with the Latin ones that they look like. */
const LOOKS: ReadonlyMap<string, string> = new Map(Object.entries({ а: 'a', е: 'e', о: 'o', р: 'p', с: 'c', х: 'x', у: 'y', і: 'i', ѕ: 's', ј: 'j', А: 'A', В: 'B', Е: 'E', К: 'K', М: 'M', Н: 'H', О: 'O', Р: 'P', С: 'C', Т: 'T', Х: 'X', У: 'Y', І: 'I', Ѕ: 'S', ο: 'o', ν: 'v', Α: 'A', Β: 'B', Ε: 'E', Ζ: 'Z', Η: 'H', Ι: 'I', Κ: 'K', Μ: 'M', Ν: 'N', Ο: 'O', Ρ: 'P', Τ: 'T', Υ: 'Y', Χ: 'X' }));
const MARKS: ReadonlyMap<string, string> = new Map(Object.entries({ '“': '"', '”': '"', '„': '"', '«': '"', '»': '"', '‘': "'", '’': "'", '‚': "'", '′': "'", '‐': '-', '‑': '-', '‒': '-', '–': '-', '—': '-', '−': '-', '…': '...', '\u00a0': ' ', '\u2009': ' ', '\u202f': ' ', '\u3000': ' ', '\u200b': '', '\ufeff': '', '\u2060': '' }));

function plainCharacters(text: string): string {
  const wide = text.replace(/[\uff01-\uff5e]/g, (c) => String.fromCharCode(c.charCodeAt(0) - 0xfee0));
  const plain = Array.from(wide, (c) => MARKS.get(c) ?? c).join('');
  // A word all in another script is one of that script.
  return plain.replace(/\p{L}+/gu, (word) => (/\p{Script=Latin}/u.test(word) ? Array.from(word, (c) => LOOKS.get(c) ?? c).join('') : word));
}

function withoutLegalForm(text: string): string {
  const words = text.trim().split(/\s+/);
  let left = words.length;
  while (left > 1) {
    const word = words[left - 1]!.replace(/^[(,]+|[),;]+$/g, '');
    const bare = word.toLowerCase().replace(/[./]/g, '');
    const known = LEGAL_FORMS.has(bare) && (bare.length > 3 || /^(?:ltd|llc|inc|plc|llp|pty|pte|pvt)$/.test(bare) || SHORT_FORM.test(word));
    if (!known && !(left < words.length && /^(?:&|and|\+)$/.test(word))) break;
    left--;
  }
  return left === words.length ? text : words.slice(0, left).join(' ').replace(/[\s,;(]+$/, '');
}
