/** A text as a person compares it: capitals, outer spaces and runs of spaces aside. */
export const folded = (text: string): string => text.trim().replace(/\s+/g, ' ').toLowerCase();
