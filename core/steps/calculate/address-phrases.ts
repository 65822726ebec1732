import { column, type Expression } from '../../formula/expression';
import type { Act, Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { mostly } from '../../language/grammar/kinds';
import { sampleOf } from '../../language/grammar/samples';
import { readAddress, type AddressPart } from '../../values/address';
import { addEach } from './adding';
import { asks, eachOnce, partRules, partsCalled, type Asked } from './named-parts';

/* Parts of postal addresses. */

/** Does a column hold postal addresses for the most part? */
const addresses = (name: string, x: Context): boolean => mostly(name, x, (v) => readAddress(v) !== null, 0.6);

/** The only column of addresses. */
function addressColumn(x: Context): string | null {
  const found = x.head.columns.filter((c) => c.type === 'text' && addresses(c.name, x));
  return found.length === 1 ? found[0]!.name : null;
}

const partOf = (part: AddressPart, name: string): Expression => ({ kind: 'address', part, of: column(name) });

/** The parts as columns. A street whose number is asked for as well is its name alone. */
function addParts(name: string | null, asked: readonly Asked<AddressPart>[], x: Context): Act | null {
  if (name === null || !eachOnce(asked) || !addresses(name, x)) return null;
  const numbered = asked.some((a) => a.part === 'house number');
  return addEach(asked.map((a) => ({ name: a.name, as: partOf(a.part === 'street' && numbered ? 'street name' : a.part, name) })));
}

const PART_NAMES: readonly (readonly [AddressPart, RegExp])[] = [
  ['street', /^(?:street(?: address)?|road|(?:address )?line(?: 1)?|street and number)$/i],
  ['street name', /^(?:street|road) name$/i],
  ['house number', /^(?:(?:house|street|building) )?(?:number|no\.?|nr\.?)$/i],
  ['unit', /^(?:flat|apartment|unit|apt)(?: number)?$/i],
  ['town', /^(?:town|city|place|village|locality)$/i],
  ['region', /^(?:county|state|region|province|canton)$/i],
  ['postcode', /^(?:post ?codes?|zip(?: code)?|postal code|plz)$/i],
  ['country', /^country$/i],
];

/** A cut into parts of an address that are called so. */
function splitInto(name: string, names: readonly string[], x: Context): Act | null {
  const asked = partsCalled(names, PART_NAMES, (_part, said) => said[0]!.toUpperCase() + said.slice(1));
  return asked && addParts(name, asked, x);
}

const ALL: readonly Asked<AddressPart>[] = [['street', 'Street'], ['town', 'Town'], ['region', 'Region'], ['postcode', 'Postcode'], ['country', 'Country']].map(([part, name]) => ({ part: part as AddressPart, name: name! }));

/** Those of the usual parts that some address has. */
const present = (name: string, x: Context): Asked<AddressPart>[] => ALL.filter(({ part }) => sampleOf(name, x).some((v) => (readAddress(v)?.[part] ?? '') !== ''));

export const addressPhrases = [
  rule('addressPart', 'street|road|streets address|line?', asks('street', 'Street'), 0),
  rule('addressPart', 'street and|with number', asks('street', 'Street'), -0.1),
  rule('addressPart', 'street|road name|names', asks('street name', 'Street name'), -0.05),
  rule('addressPart', 'house|street|building number|numbers|no', asks('house number', 'House number'), -0.05),
  rule('addressPart', 'number|no|nr', asks('house number', 'House number'), 0.2),
  rule('addressPart', 'flat|apartment|unit|apt number?', asks('unit', 'Flat'), 0),
  rule('addressPart', 'town|city|village|towns|cities', asks('town', 'Town'), 0),
  rule('addressPart', 'place|locality', asks('town', 'Town'), 0.1),
  rule('addressPart', 'county|state|region|province', asks('region', 'Region'), 0),
  rule('addressPart', 'postcode|postcodes|zip|postal|post code|codes?', asks('postcode', 'Postcode'), 0),
  rule('addressPart', 'country|countries', asks('country', 'Country'), 0),
  partRules<AddressPart>('addressPart', 'addressParts', addParts),
  rule('clause', '~split $col:c ~into2 its|their|the|a? $names:n columns|column?', ({ c, n }, x: Context) => splitInto(c, n, x), -0.25),
  rule('clause', '$col:c ~be|holds|contains|has|consists of? an? $addressParts (,? and|or? sometimes|often|maybe|perhaps|mostly an? $addressPart)? (,? separated|divided|split|parted by|with|at a? commas|comma)? .|;|,|:|-|– (i|we|please)? give|make|want|need|get|put|split|add me|us|it|them|this|that? into|in|as|the|three|two|four? columns? $addressParts:p columns|column?', ({ c, p }, x: Context) => addParts(c, p, x), -0.6),
  rule('clause', '~split addresses|address ~into2 its|their|the? $addressParts:p', ({ p }, x: Context) => (p.length > 1 ? addParts(addressColumn(x), p, x) : null), 0),
  rule('clause', '~split $col:c ~into2 its|their|the|separate? parts|pieces|components|elements|columns|bits', ({ c }, x: Context) => addParts(c, present(c, x), x), 0.05),
  rule('clause', '~split $col:c up|apart?', ({ c }, x: Context) => addParts(c, present(c, x), x), 0.15),
  rule('clause', '$addressParts:p ~into2|~into|in separate|own|their own|different? columns|column', ({ p }, x: Context) => (p.length > 1 ? addParts(addressColumn(x), p, x) : null), 0.1),
  rule('ownColumns', 'each|both|all? in|into a|its|their|one|separate|own? own? separate? column|columns of? its|their? own?', () => true, 0),
  rule('clause', '~extract the? $addressParts:p out? of|from|in of? the? $col:c ,? $ownColumns', ({ c, p }, x: Context) => addParts(c, p, x), -0.1),
  rule('clause', '~extract|~add ~column? (with|for|of)? the? $addressParts:p out? of|from|in of? $col:c', ({ c, p }, x: Context) => addParts(c, p, x), -0.05),
  rule('text0', '$addressPart:p of|from|in the? $col:c', ({ p, c }, x: Context) => (addresses(c, x) ? partOf(p.part, c) : null), -0.05),
].flat();
