// npm run explain -- "sentence" table.csv: how a request is understood, word by word.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { explain } from '../core/language/read';

const [request, file] = process.argv.slice(2);
if (!request || !file) {
  console.error('usage: npm run explain -- "sentence" table.csv');
  process.exit(2);
}
const table = await tableFromBytes(path.basename(file).replace(/\.csv$/, '').replace(/^.*-/, ''), readFileSync(file));
const session = await openSession(table);
console.log(explain(request, session.head));
