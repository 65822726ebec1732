// npm run explain -- "sentence" table.csv [other.csv ...] [--of held,tally]: how a request is understood, word by word; of other categories of the grammar.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { explain } from '../core/language/read';

const args = process.argv.slice(2);
const of = args.indexOf('--of');
const categories = of < 0 ? undefined : args.splice(of, 2)[1]?.split(',');
const [request, ...files] = args;
if (!request || files.length === 0) {
  console.error('usage: npm run explain -- "sentence" table.csv [other.csv ...] [--of category,...]');
  process.exit(2);
}
const [table, ...others] = await Promise.all(files.map((file) => tableFromBytes(path.basename(file).replace(/\.csv$/, '').replace(/^.*-/, ''), readFileSync(file))));
const session = await openSession(table!, others);
console.log(explain(request, session.head, categories));
