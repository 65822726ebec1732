/** Ways to write letters. */
export type LetterStyle = 'upper' | 'lower' | 'title' | 'sentence' | 'name';

const WORD = /[\p{L}\p{M}\p{N}]+(?:['’][\p{L}\p{M}]+)*/gu;

/**
 * A text in another letter case. Title case makes the first letter of every word a capital and the rest small; letters
 * after an apostrophe stay small except in names such as O'Neil. Sentence case does so for the first word only. A name
 * is in title case, but with small particles ('van der Berg') and the second capital of 'McAllister'.
 */
export function changeCase(text: string, style: LetterStyle): string {
  switch (style) {
    case 'upper':
      return text.toUpperCase();
    case 'lower':
      return text.toLowerCase();
    case 'title':
      return text.toLowerCase().replace(WORD, (w) => capital(w).replace(/^(\p{Lu})(['’])(\p{L})(?=\p{L}{2})/u, (_, a: string, mark: string, b: string) => a + mark + b.toUpperCase()));
    case 'name':
      return changeCase(text, 'title')
        .replace(/\bMc(\p{Ll})(?=\p{Ll})/gu, (_, letter: string) => `Mc${letter.toUpperCase()}`)
        .replace(/(?<![\p{L}\p{N}'’-])(?:Van|Von|Vom|Zu|Zur|Der|Den|De|Del|Della|Di|Da|Dos|Du|Des|La|Le|Ter|Ten)(?= \p{L})/gu, (w) => w.toLowerCase());
    case 'sentence': {
      const lower = text.toLowerCase();
      const at = lower.search(/\p{L}/u);
      return at < 0 ? lower : lower.slice(0, at) + capital(lower.slice(at));
    }
  }
}

const capital = (word: string): string => {
  const first = String.fromCodePoint(word.codePointAt(0)!);
  return first.toUpperCase() + word.slice(first.length);
};
