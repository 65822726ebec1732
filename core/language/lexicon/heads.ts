/** How many came: what people call them, and the names of columns that say their number. */
export const HEADS: readonly (readonly [words: string, called: RegExp])[] = [
  ['kids|children|pupils|students|youngsters', /\b(?:pupils|children|kids|students|youngsters)\b/i],
  ['adults', /\badults\b/i],
  ['guests|visitors|participants|attendees|people|persons|heads|passengers', /\b(?:guests|visitors|participants|attendees|attendance|people|persons|heads|pax|passengers|members|booked|enrolled|attended|came|present)\b/i],
];
