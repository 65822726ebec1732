import { readAmount } from './number';

/** Units that can be converted into each other: what one of them is in the base unit of its sort, and an offset. */
interface Unit {
  readonly sort: string;
  readonly factor: number;
  readonly offset?: number;
}

const define = (sort: string, ...units: readonly (readonly [string, number, number?])[]): [string, Unit][] =>
  units.flatMap(([names, factor, offset]) => names.split('|').map((name): [string, Unit] => [name, { sort, factor, ...(offset === undefined ? {} : { offset }) }]));

const UNITS = new Map<string, Unit>([
  ...define('weight', ['g|gram|grams|gr', 1], ['mg|milligram|milligrams', 0.001], ['kg|kilo|kilos|kilogram|kilograms|kgs', 1000], ['t|ton|tons|tonne|tonnes', 1e6], ['lb|lbs|pound|pounds', 453.59237], ['oz|ounce|ounces', 28.349523125], ['st|stone', 6350.29318]),
  ...define('length', ['m|meter|meters|metre|metres', 1], ['mm|millimeter|millimetre|millimetres', 0.001], ['cm|centimeter|centimetre|centimetres', 0.01], ['km|kilometer|kilometers|kilometre|kilometres', 1000], ['dm|decimetre|decimetres', 0.1], ['in|inch|inches', 0.0254], ['yd|yard|yards', 0.9144], ['ft|foot|feet', 0.3048], ['mi|mile|miles', 1609.344]),
  ...define('area', ['m2|m²|sqm|sq m|sq. m|sq metres|sq meters|square metre|square metres|square meter|square meters', 1], ['cm2|cm²|sq cm|square centimetre|square centimetres', 1e-4], ['ha|hectare|hectares', 10_000], ['km2|km²|sq km|square kilometre|square kilometres', 1e6], ['ft2|ft²|sqft|sq ft|sq. ft|sq feet|sq. feet|square foot|square feet', 0.09290304], ['acre|acres', 4046.8564224]),
  ...define('volume', ['l|liter|liters|litre|litres', 1], ['ml|milliliter|millilitre|millilitres', 0.001], ['cl|centilitre|centilitres', 0.01], ['dl|decilitre|decilitres', 0.1], ['hl|hectolitre|hectolitres', 100], ['m3|m³|cbm|cubic metre|cubic metres|cubic meter|cubic meters', 1000]),
  ...define('power', ['w|watt|watts', 1], ['kw|kilowatt|kilowatts', 1000], ['mw|megawatt|megawatts', 1e6]),
  ...define('energy', ['wh', 1], ['kwh', 1000], ['mwh', 1e6], ['j|joule|joules', 1 / 3600], ['kj|kilojoule|kilojoules', 1 / 3.6], ['kcal|kilocalorie|kilocalories', 4184 / 3600]),
  ...define('speed', ['km/h|kmh|kph', 1], ['m/s', 3.6], ['mph', 1.609344]),
  ...define('pressure', ['pa|pascal', 1], ['hpa', 100], ['kpa', 1000], ['mbar|millibar', 100], ['bar|bars', 1e5], ['psi', 6894.757293168]),
  ...define('time', ['s|sec|secs|second|seconds', 1], ['min|mins|minute|minutes', 60], ['h|hr|hrs|hour|hours', 3600], ['d|day|days', 86_400]),
  ...define('temperature', ['c|°c|celsius|degc|degree|degrees', 1, 0], ['f|°f|fahrenheit|degf', 5 / 9, -32], ['k|kelvin', 1, -273.15]),
]);

/** The unit a word means, by its first name, or null. */
export function unitName(word: string): string | null {
  const unit = UNITS.get(word.toLowerCase().replace(/\.$/, ''));
  if (!unit) return null;
  for (const [name, other] of UNITS) if (other.sort === unit.sort && other.factor === unit.factor && other.offset === unit.offset) return name;
  return null;
}

/** The sort of quantity a unit measures ('weight', 'time'), or null. */
export const unitSort = (word: string): string | null => UNITS.get(word.toLowerCase().replace(/\.$/, ''))?.sort ?? null;

/**
 * A value in another unit; null when the units do not measure the same. A factor such as kg to g gives no binary dust
 * beyond 12 significant digits.
 */
export function convertUnit(value: number, from: string, to: string): number | null {
  const [a, b] = [UNITS.get(from.toLowerCase().replace(/\.$/, '')), UNITS.get(to.toLowerCase().replace(/\.$/, ''))];
  if (!a || !b || a.sort !== b.sort) return null;
  if (a === b || (a.factor === b.factor && a.offset === b.offset)) return value;
  const base = (value + (a.offset ?? 0)) * a.factor;
  return Number((base / b.factor - (b.offset ?? 0)).toPrecision(12));
}

/**
 * A text as a number in a unit: '120 g' in kg, '9 min 30 s' in min; a bare number is in that unit already. Null where it
 * is no amount, or in a unit that measures something else.
 */
export function readMeasure(text: string, unit: string): { readonly value: number; readonly converted: boolean; readonly decimals: number } | null {
  if (unitSort(unit) === 'time') {
    const seconds = readDuration(text);
    if (seconds !== null) return { value: convertUnit(seconds, 's', unit)!, converted: false, decimals: 3 };
  }
  const read = readAmount(text);
  if (!read) {
    const value = readParts(text, unit);
    return value === null ? null : { value, converted: true, decimals: 12 };
  }
  if (read.unit === '') return { value: read.value, converted: false, decimals: read.decimals };
  const value = convertUnit(read.value, read.unit, unit);
  return value === null ? null : { value, converted: value !== read.value, decimals: value === read.value ? read.decimals : 12 };
}

/** An amount in several units of one sort, '3 lb 4 oz', in another; null for anything else. */
function readParts(text: string, unit: string): number | null {
  const part = /(\d+(?:\.\d+)?)\s*([a-z]+)\.?/gi;
  if (!/^(?:\d+(?:\.\d+)?\s*[a-z]+\.?(?:\s+and\s+|,?\s*|$)){2,}$/i.test(text.trim())) return null;
  const values = [...text.matchAll(part)].map((m) => convertUnit(Number(m[1]), m[2]!, unit));
  return values.some((v) => v === null) ? null : Number(values.reduce<number>((sum, v) => sum + v!, 0).toPrecision(12));
}

/** Seconds of '14:20' (minutes and seconds) or '1:02:03'; null for anything else. */
export function readDuration(text: string): number | null {
  const clock = /^(?:(\d+):)?(\d{1,3}):(\d{2})$/.exec(text.trim());
  if (clock) return +(clock[1] ?? 0) * 3600 + +clock[2]! * 60 + +clock[3]!;
  let total = 0;
  let rest = text.trim().toLowerCase();
  if (!/^\d/.test(rest)) return null;
  while (rest !== '') {
    const part = /^(\d+(?:\.\d+)?)\s*([a-z]+)\.?\s*(?:and\s+|,\s*)?/.exec(rest);
    const unit = part && UNITS.get(part[2]!);
    if (!part || unit?.sort !== 'time') return null;
    total += +part[1]! * unit.factor;
    rest = rest.slice(part[0].length);
  }
  return total;
}
