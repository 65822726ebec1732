// npm run explain -- "sentence" table.csv [other.csv ...]: how a request is understood, word by word.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { explain } from '../core/language/read';

const [request, ...files] = process.argv.slice(2);
if (!request || files.length === 0) {
  console.error('usage: npm run explain -- "sentence" table.csv [other.csv ...]');
  process.exit(2);
}
const [table, ...others] = await Promise.all(files.map((file) => tableFromBytes(path.basename(file).replace(/\.csv$/, '').replace(/^.*-/, ''), readFileSync(file))));
const session = await openSession(table!, others);
console.log(explain(request, session.head));
