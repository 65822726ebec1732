import { countryCode } from './places';

/** A part of a postal address. The street comes with its number; the name of the street and the number also apart. */
export type AddressPart = 'street' | 'street name' | 'house number' | 'unit' | 'town' | 'region' | 'postcode' | 'country';
export type Address = Readonly<Record<AddressPart, string>>;

/** How each part is called in exact sentences. */
export const ADDRESS_PARTS = [['street', 'street'], ['street name', 'street name'], ['house number', 'house number'], ['unit', 'flat'], ['town', 'town'], ['region', 'region'], ['postcode', 'postcode'], ['country', 'country']] as const satisfies readonly (readonly [AddressPart, string])[];

const NUMBER = String.raw`\d+(?:\s?[a-zA-Z](?![\p{L}]))?(?:\s?[-–/]\s?\d+[a-zA-Z]?)?`;
const LEADING = new RegExp(String.raw`^(${NUMBER})\s+(\D.*)$`, 'u');
const TRAILING = new RegExp(String.raw`^(\D.*?)\s+(${NUMBER})$`, 'u');
const UNIT = /(?:^|[\s,]+)((?:flat|apt|apartment|unit|suite|ste|room|floor|wohnung|appartement)\.?\s*#?\s*[\p{L}\d]{1,5}|#\s?\d+[a-z]?|\d+(?:st|nd|rd|th) floor)$/iu;
const UNIT_FIRST = /^((?:flat|apt|apartment|unit|suite|ste|room)\.?\s*#?\s*[\p{L}\d]{1,5})\s*[,/]?\s+(?=\d)/iu;

/** Postcodes by how they are written: with letters and figures in two halves, or as figures with or without a country in front. */
const LETTERED = /\b([A-Z]{1,2}\d[A-Z\d]?\s?\d[A-Z]{2}|[A-Z]\d[A-Z]\s?\d[A-Z]\d|\d{4}\s?[A-Z]{2})\b/;
const FIGURES = /(?:^|\s)((?:[A-Z]{1,3}[- ])?\d{4,6}(?:-\d{3,4})?|\d{3}\s\d{2})$|^((?:[A-Z]{1,3}-)?\d{4,6}(?:-\d{3,4})?|\d{3}\s\d{2})(?=\s|$)/;
/** A state in front of its postcode: 'IL 62701'. */
const STATE = /(?:^|\s)([A-Z]{2,3})$/;

interface Coded {
  readonly postcode: string;
  /** What stands beside the postcode. */
  readonly rest: string;
  /** Letters of a state right in front of it. */
  readonly state: string;
}

function codedIn(piece: string): Coded | null {
  const lettered = LETTERED.exec(piece);
  if (lettered) return { postcode: lettered[1]!, rest: `${piece.slice(0, lettered.index)} ${piece.slice(lettered.index + lettered[0].length)}`.trim().replace(/\s+/g, ' '), state: '' };
  const state = /(?:^|\s)([A-Z]{2,3})\s(\d{4,5}(?:-\d{4})?)$/.exec(piece);
  if (state) return { postcode: state[2]!, rest: piece.slice(0, state.index).trim(), state: state[1]! };
  const figures = FIGURES.exec(piece);
  if (!figures) return null;
  const postcode = (figures[1] ?? figures[2])!;
  const rest = piece.replace(figures[0], ' ').trim().replace(/\s+/g, ' ');
  return { postcode, rest, state: '' };
}

/** Street, number and flat of one piece. */
function streetOf(piece: string): Pick<Address, 'street' | 'street name' | 'house number' | 'unit'> {
  const first = UNIT_FIRST.exec(piece);
  const behind = first ? null : UNIT.exec(piece);
  const unit = (first?.[1] ?? behind?.[1] ?? '').trim();
  const street = (first ? piece.slice(first[0].length) : behind ? piece.slice(0, behind.index) : piece).trim();
  const lead = LEADING.exec(street), trail = lead ? null : TRAILING.exec(street);
  return { street, 'street name': (lead?.[2] ?? trail?.[1] ?? street).trim(), 'house number': (lead?.[1] ?? trail?.[2] ?? '').replace(/\s/g, ''), unit };
}

/**
 * The parts of a postal address written on one line or several, its pieces apart by commas or line ends: '12 Hill Lane,
 * Upper Teal, UT4 2AB', 'Hauptstr. 5, 10115 Teal', '12 Main St Apt 4, Teal, IL 62701, USA'. A part that is not written is
 * ''. Null where there is neither a street with its number nor a postcode, or nothing beside it. O(length).
 */
export function readAddress(text: string): Address | null {
  const pieces = text.split(/[,;\r\n]+/).map((p) => p.trim().replace(/\s+/g, ' ')).filter((p) => p !== '');
  if (pieces.length < 2) return null;
  let country = '', postcode = '', region = '', town = '';
  if (pieces.length > 2 && countryCode(pieces.at(-1)!) !== null && !/\d/.test(pieces.at(-1)!)) country = pieces.pop()!;
  // The postcode stands in one of the last pieces, never in the street.
  let at = -1;
  let coded: Coded | null = null;
  for (let i = pieces.length - 1; i > 0 && !coded; i--) if ((coded = codedIn(pieces[i]!))) at = i;
  if (coded) {
    postcode = coded.postcode;
    region = coded.state;
    if (coded.rest !== '') town = coded.rest;
    pieces.splice(at, 1);
    // Behind a postcode on its own may stand the town or, where a town stands before it, the region.
    const behind = pieces.splice(at);
    if (behind.length > 1) return null;
    if (behind[0] !== undefined) {
      if (town !== '') region = behind[0];
      else if (at > 1) [town, region] = [pieces.splice(1).join(', '), behind[0]];
      else town = behind[0];
    }
  }
  const units = pieces.filter((p, i) => i > 0 && UNIT.exec(p)?.[0].trim() === p);
  const rest = pieces.filter((p) => !units.includes(p));
  // A house with a name, or a flat, may stand before the street.
  const flat = rest.length > 1 && !/\d/.test(rest[0]!.replace(UNIT, '')) && LEADING.test(rest[1]!) ? rest.shift()! : '';
  const street = streetOf(rest.shift() ?? '');
  if (street['house number'] === '' && postcode === '') return null;
  if (town === '') {
    const state = rest.length > 1 ? rest.pop()! : STATE.exec(rest[0] ?? '')?.[1] ?? '';
    if (region === '') region = state;
    town = rest.length ? (rest.length === 1 ? rest[0]!.replace(STATE, '').trim() || rest[0]! : rest.join(', ')) : '';
  } else if (rest.length) {
    // 'Upper Teal, Teal UT4 2AB': the village belongs to the town where nothing says which it is.
    town = [...rest, town].join(', ');
  }
  if (town === '' && postcode === '') return null;
  return { ...street, unit: [flat, street.unit, ...units].filter((u) => u !== '').join(', '), town, region, postcode, country };
}
