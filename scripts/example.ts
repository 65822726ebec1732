// npm start -- --example: the demo's deliveries through the demo's brief, without a page or a database.
import { DEMO_BRIEF, DEMO_DRAFT, DEMO_NAME, DEMO_ROWS, DEMO_SEED } from '../demo/brief';
import { deliveries } from '../demo/generate';
import { openSession, tell } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { csvPieces } from '../core/formats/write';
import { rowCount } from '../core/table/table';

const bytes = new TextEncoder().encode([...deliveries({ rows: DEMO_ROWS, seed: DEMO_SEED, messy: true })].join(''));
const table = await tableFromBytes('deliveries', bytes);
console.log(`${DEMO_NAME}: deliveries.csv, ${rowCount(table)} rows, ${table.columns.length} columns`);
for (const note of table.notes) console.log(`  ${note.count} ${note.text}`);
let session = await openSession(table);
for (const request of [...DEMO_BRIEF, DEMO_DRAFT]) {
  const { answer, session: next } = await tell(session, request);
  console.log(`\n“${request}”`);
  if (answer.outcome !== 'done') {
    console.log(`  ${answer.outcome}`);
    continue;
  }
  const made = next.entries.slice(session.entries.length);
  for (const entry of made) {
    console.log(`  ${entry.sentence}`);
    for (const kind of entry.report.kinds) console.log(`    ${String(kind.rows).padStart(6)}  ${kind.words}${kind.odd ? '  (look at these)' : ''}`);
    console.log(`    rows in ${entry.report.rowsIn}, out ${entry.report.rowsOut}`);
  }
  session = next;
}
let csv = '';
for await (const piece of csvPieces(session.table)) csv += piece;
console.log(`\nThe table now, first rows of ${rowCount(session.table)}:\n`);
console.log(csv.split('\r\n').slice(0, 4).join('\n'));
