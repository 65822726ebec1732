/** Puts an item of a category over the words from one place up to another, at a price. */
export type Put = (cat: string, from: number, to: number, value: unknown, cost: number) => void;
