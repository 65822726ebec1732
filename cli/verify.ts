import { createHash } from 'node:crypto';
import { createReadStream, readFileSync } from 'node:fs';
import Joi from 'joi';
import type { WorkRecord } from '../core/brief/record';
import { replay } from '../core/brief/session';
import { csvDigest } from '../core/formats/write';
import { rowCount } from '../core/table/table';
import { readTable, type NamedFile } from './run';

const recordSchema = Joi.object({
  kulfi: Joi.valid('record 1').required(),
  source: Joi.object({ sha256: Joi.string().required(), settings: Joi.object().required() }).unknown().required(),
  result: Joi.object({ rows: Joi.number().required(), sha256: Joi.string().required() }).required(),
  brief: Joi.array().items(Joi.object({ sentence: Joi.string().required(), holds: Joi.object({ rows: Joi.array().items(Joi.number()).required(), kinds: Joi.array().items(Joi.string()).required() }).required() }).unknown()).required(),
}).unknown();

/** Exit code when the record and the files do not agree. */
const DIFFERS = 5;

/** Runs the brief of a record on the source again, and says whether the source is the one it was made from and the result the same to the byte. `beside` are the tables that its sentences look into. */
export async function verify(recordFile: string, sourceFile: string, beside: readonly NamedFile[] = []): Promise<number> {
  let data: unknown;
  try {
    data = JSON.parse(readFileSync(recordFile, 'utf8'));
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code) throw error;
    process.stderr.write(`${recordFile} is not a record: it is not JSON.\n`);
    return 2;
  }
  const { error, value } = recordSchema.validate(data);
  if (error) {
    process.stderr.write(`${recordFile} is not a record that Kulfi wrote: ${error.message}.\n`);
    return 2;
  }
  const record = value as WorkRecord;
  const { table, sha256 } = await readTable(record.table, sourceFile, createReadStream, record.source.settings);
  const say = (agrees: boolean, text: string): boolean => {
    process.stdout.write(`${agrees ? 'agrees ' : 'DIFFERS'}  ${text}\n`);
    return agrees;
  };
  const same = say(sha256 === record.source.sha256, `the source, SHA-256 ${sha256}`);
  if (record.brief.some((s) => s.sentence.startsWith('Mask ') && !s.sentence.includes(' leaving ')) && !table.key) process.stdout.write('note     the brief masks under a key: give it as KULFI_MASK_KEY, or the result cannot be the same\n');
  const others = await Promise.all(beside.map(async (t) => (await readTable(t.name, t.file, createReadStream)).table));
  const session = await replay(table, record.brief, others);
  const hash = await csvDigest(session.table, createHash('sha256'));
  const rows = say(rowCount(session.table) === record.result.rows, `rows after ${record.brief.length} sentences: ${rowCount(session.table)}`);
  const bytes = say(hash === record.result.sha256, `the result as CSV, SHA-256 ${hash}`);
  return same && rows && bytes ? 0 : DIFFERS;
}
