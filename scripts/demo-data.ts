// npm run demo:data -- [--rows N] [--seed N] [--tidy] [--out folder]: writes the co-operative's tables.
import { createWriteStream, mkdirSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import path from 'node:path';
import { deliveries, prices, remittances } from '../demo/generate';
import { DEMO_ROWS, DEMO_SEED } from '../demo/brief';

const args = process.argv.slice(2);
const option = (name: string, fallback: string): string => (args.includes(`--${name}`) ? args[args.indexOf(`--${name}`) + 1]! : fallback);
const options = { rows: Number(option('rows', String(DEMO_ROWS))), seed: Number(option('seed', String(DEMO_SEED))), messy: !args.includes('--tidy') };
if (!Number.isInteger(options.rows) || options.rows < 1) throw new Error('--rows takes a whole number from 1.');
const out = path.resolve(option('out', 'demo/data'));
mkdirSync(out, { recursive: true });
const stream = createWriteStream(path.join(out, 'deliveries.csv'));
for (const piece of deliveries(options)) if (!stream.write(piece)) await once(stream, 'drain');
stream.end();
await once(stream, 'close');
writeFileSync(path.join(out, 'prices.csv'), prices());
if (options.rows <= 100_000) writeFileSync(path.join(out, 'remittances.csv'), remittances(options));
console.log(`Wrote ${options.rows} deliveries to ${out}.`);
