import { csvLine } from '../core/formats/csv';
import { randomFrom } from '../core/values/random';
import { writeDate, DAY, MONTHS } from '../core/values/date';

/*
 * The invented honey producers' co-operative of Upper Teal. Everything comes from one seed: the same call gives the same
 * bytes. Messy tables have what people's files have; tidy ones are for benchmarks.
 */

const FIRST = ['Ada', 'Tobias', 'Odile', 'Casimir', 'Ines', 'Bram', 'Juniper', 'Lorenz', 'Stellan', 'Rosalind', 'Ike', 'Winna', 'Emrik', 'Perdita', 'Halvard', 'Sunniva'];
const LAST = ['Fern', 'Brook', 'Marsh', 'Thorne', 'Vale', 'Hollow', 'Reed', 'Aster', 'Quarry', 'Pell', 'Dunmore', 'Sorrel', 'Tansy', 'Alder', 'Loach', 'Merrow'];
const SITES = ['Orchard', 'Mill Field', 'Riverside', 'Top Meadow', 'Garden', 'Heath Edge', 'Old Quarry', 'Chapel Lane'];
const FLOWERS = ['Acacia', 'Meadow', 'Linden', 'Heather', 'Chestnut', 'Clover'];
const PRICE: Record<string, number> = { Acacia: 9.4, Meadow: 7.8, Linden: 8.6, Heather: 12.5, Chestnut: 10.2, Clover: 8.1 };
const BUYERS = ['Marlow & Pike', 'Tessel Foods', 'Orrin Deli', 'Quillby Stores', 'Hollin Tea Rooms'];
const STATUS = ['accepted', 'accepted', 'accepted', 'accepted', 'on hold', 'rejected', 'cancelled'];
const NOTES = [
  'Clear and light, sealed combs, nothing to remark.', 'Slight foam on top, strain again before bottling.', 'Crystals at the bottom of two crates.', 'Strong smell of smoke, ask the keeper.', 'Label missing on one crate; weighed twice.',
  'Very dark for this flower, sample kept.', 'Paid in part on delivery, see the ledger.', 'Late by two days because of the ferry.', 'Wax moth found in one frame, set apart.', 'Brought together with the next lot.', 'Keeper asks for the crates back.', '',
];

type Random = () => number;
const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
const START = Date.UTC(2025, 3, 1);

const STYLES: readonly ((time: number) => string)[] = [
  (t) => writeDate(t, false),
  (t) => writeDate(t, false),
  (t) => writeDate(t, false).split('-').reverse().join('/'),
  (t) => `${new Date(t).getUTCDate()} ${MONTHS[new Date(t).getUTCMonth()]!.slice(0, 3)} ${new Date(t).getUTCFullYear()}`,
  (t) => `${new Date(t).getUTCDate()}.${new Date(t).getUTCMonth() + 1}.${new Date(t).getUTCFullYear()}`,
];

/** The lines of one of the co-operative's tables. `rows` counts the deliveries. */
export interface DemoOptions {
  readonly rows: number;
  readonly seed: number;
  readonly messy: boolean;
}

export const DELIVERY_COLUMNS = ['Lot', 'Delivered', 'Bottled', 'Beekeeper', 'Hive site', 'Flower', 'Gross kg', 'Crate kg', 'Price', 'Buyer', 'Status', 'Note'];

interface Lot {
  readonly lot: string;
  readonly value: number;
  readonly buyer: string;
  readonly bottled: number;
}

function delivery(i: number, random: Random, messy: boolean): { cells: string[]; lot: Lot } {
  const keeper = `${pick(random, FIRST)} ${pick(random, LAST)}`;
  const flower = pick(random, FLOWERS);
  const time = START + Math.floor(random() * 150) * DAY;
  const bottled = time + (3 + Math.floor(random() * 20)) * DAY;
  const crate = Math.round((0.8 + random() * 2.4) * 10) / 10;
  const gross = Math.round((8 + random() * 60) * 10) / 10 + crate;
  const price = PRICE[flower]!;
  const site = `${1 + Math.floor(random() * 24)} - ${pick(random, SITES)}`;
  const status = pick(random, STATUS);
  const buyer = pick(random, BUYERS);
  const note = pick(random, NOTES);
  const lot = `L-${String(i + 1).padStart(4, '0')}`;
  const dice = random();
  const cells = [lot, writeDate(time, false), writeDate(bottled, false), keeper, site, flower, gross.toFixed(1), crate.toFixed(1), price.toFixed(2), buyer, status, messy ? note : `${note} ${pick(random, NOTES)}`.trim()];
  if (messy) {
    cells[1] = pick(random, STYLES)(time);
    cells[3] = dice < 0.12 ? keeper.toUpperCase() : dice < 0.22 ? keeper.toLowerCase() : dice < 0.32 ? ` ${keeper.replace(' ', '  ')}` : dice < 0.36 ? `${keeper.slice(0, -1)}` : keeper;
    if (dice > 0.97) cells[4] = site.split(' - ')[1]!;
    else if (dice > 0.95) cells[4] = `${site} - shade`;
    cells[6] = dice > 0.985 ? 'n/a' : dice > 0.97 ? '' : cells[6]!;
    cells[8] = random() < 0.5 ? `€${price.toFixed(2)}` : random() < 0.6 ? `${price.toFixed(2)} EUR` : price.toFixed(2).replace('.', ',');
    if (dice > 0.4 && dice < 0.41) cells[8] = 'to be agreed';
    if (dice > 0.5 && dice < 0.53) cells[9] = '';
  }
  const net = dice > 0.97 && messy ? 0 : gross - crate;
  return { cells, lot: { lot, value: Math.round(net * price * 100) / 100, buyer, bottled } };
}

/** Deliveries of lots, in pieces of about a thousand lines. */
export function* deliveries({ rows, seed, messy }: DemoOptions): Generator<string> {
  const random = randomFrom(seed);
  yield `${csvLine(DELIVERY_COLUMNS)}\n`;
  for (let from = 0; from < rows; from += 1_000) {
    let piece = '';
    for (let i = from; i < Math.min(rows, from + 1_000); i++) piece += `${csvLine(delivery(i, random, messy).cells)}\n`;
    yield piece;
  }
}

/** The price list. */
export function prices(): string {
  return [['Code', 'Variety', 'List price', 'Floor price', 'Shelf months'], ...FLOWERS.map((f, i) => [`PL${i + 1}`, f, (PRICE[f]! * 1.2).toFixed(2), (PRICE[f]! * 1.05).toFixed(2), String(12 + 6 * (i % 3))])].map((r) => csvLine(r)).join('\n') + '\n';
}

/** What the bottling plant paid: most lots once, to the cent; some not at all, twice, off by a little, or under a misspelt name. */
export function remittances({ rows, seed }: DemoOptions): string {
  const random = randomFrom(seed);
  const lots = Array.from({ length: rows }, (_, i) => delivery(i, random, true).lot);
  const dice = randomFrom(seed + 1);
  const out = [['Remit', 'Paid on', 'Payer', 'Lot ref', 'Amount']];
  for (const lot of lots) {
    const d = dice();
    if (d < 0.15 || lot.value === 0) continue;
    const amount = d < 0.18 ? lot.value + 10 : d < 0.2 ? Math.round(lot.value) : lot.value;
    const payer = d > 0.9 ? `${lot.buyer} Ltd` : d > 0.85 ? lot.buyer.toUpperCase() : lot.buyer;
    const line = (n: number): string[] => [`R-${String(out.length).padStart(4, '0')}`, writeDate(lot.bottled + n * DAY, false), payer, d > 0.97 ? '' : lot.lot, amount.toFixed(2)];
    out.push(line(5));
    if (d > 0.975) out.push(line(12));
  }
  return out.map((r) => csvLine(r)).join('\n') + '\n';
}
