import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Case } from './cases';

const folder = path.resolve('core/testing/cases');
const lines = <T>(file: string): T[] => readFileSync(path.join(folder, file), 'utf8').split('\n').filter(Boolean).map((line) => JSON.parse(line) as T);

/** A case said in other words; what is not understood today is asked about. */
export interface Spoken {
  readonly case: string;
  readonly say: readonly string[];
  readonly understood: boolean;
}

/** The cases that are kept with the code. */
export const keptCases = (): Case[] => lines<Case>('cases.jsonl');

/** The same in other words. */
export const keptSpoken = (): Spoken[] => lines<Spoken>('spoken.jsonl');

/** The bytes of the table that a kept case is about. */
export const bytesOf = (one: Case): Uint8Array => readFileSync(path.join(folder, one.tables[0]!.file));
