import cities from './cities.json';
import { folded } from './fold';
import { remembered } from './remembered';

/** Countries: the ISO 3166 code, the usual English name, other names and short forms, and the capital behind a slash. */
const COUNTRIES = `
AF Afghanistan/Kabul;AL Albania/Tirana;DZ Algeria/Algiers;AD Andorra;AO Angola/Luanda;AR Argentina/Buenos Aires;AM Armenia/Yerevan;AU Australia/Canberra;AT Austria|Österreich/Vienna|Wien;AZ Azerbaijan/Baku;
BH Bahrain/Manama;BD Bangladesh/Dhaka;BB Barbados/Bridgetown;BY Belarus/Minsk;BE Belgium|Belgique|België/Brussels;BZ Belize/Belmopan;BJ Benin;BT Bhutan/Thimphu;BO Bolivia/La Paz;BA Bosnia and Herzegovina|Bosnia/Sarajevo;BW Botswana/Gaborone;BR Brazil|Brasil/Brasilia;BN Brunei;BG Bulgaria/Sofia;BF Burkina Faso/Ouagadougou;BI Burundi;
KH Cambodia/Phnom Penh;CM Cameroon/Yaounde;CA Canada/Ottawa;CV Cape Verde;TD Chad;CL Chile/Santiago;CN China/Beijing;CO Colombia/Bogota;CD Congo/Kinshasa;CR Costa Rica/San Jose;HR Croatia/Zagreb;CU Cuba/Havana;CY Cyprus/Nicosia;CZ Czechia|Czech Republic/Prague;
DK Denmark|Danmark/Copenhagen;DO Dominican Republic/Santo Domingo;EC Ecuador/Quito;EG Egypt/Cairo;SV El Salvador;EE Estonia/Tallinn;ET Ethiopia/Addis Ababa;FJ Fiji/Suva;FI Finland|Suomi/Helsinki;FR France/Paris;
GA Gabon;GM Gambia;GE Georgia/Tbilisi;DE Germany|Deutschland/Berlin;GH Ghana/Accra;GR Greece/Athens;GT Guatemala;GN Guinea/Conakry;GY Guyana;HT Haiti;HN Honduras/Tegucigalpa;HK Hong Kong;HU Hungary/Budapest;IS Iceland/Reykjavik;IN India/New Delhi;ID Indonesia/Jakarta;IR Iran/Tehran;IQ Iraq/Baghdad;IE Ireland|Éire/Dublin;IL Israel/Jerusalem;IT Italy|Italia/Rome|Roma;
JM Jamaica/Kingston;JP Japan/Tokyo;JO Jordan/Amman;KZ Kazakhstan/Astana;KE Kenya/Nairobi;KW Kuwait;KG Kyrgyzstan/Bishkek;LA Laos/Vientiane;LV Latvia/Riga;LB Lebanon/Beirut;LS Lesotho/Maseru;LR Liberia/Monrovia;LY Libya/Tripoli;LI Liechtenstein/Vaduz;LT Lithuania/Vilnius;LU Luxembourg;
MG Madagascar/Antananarivo;MW Malawi/Lilongwe;MY Malaysia/Kuala Lumpur;MV Maldives;ML Mali/Bamako;MT Malta/Valletta;MR Mauritania;MU Mauritius;MX Mexico/Mexico City;MD Moldova;MC Monaco;MN Mongolia;ME Montenegro/Podgorica;MA Morocco/Rabat;MZ Mozambique/Maputo;MM Myanmar/Yangon;NA Namibia/Windhoek;NP Nepal/Kathmandu;NL Netherlands|The Netherlands|Holland|Nederland/Amsterdam;NZ New Zealand/Wellington;NI Nicaragua/Managua;NE Niger/Niamey;NG Nigeria/Abuja;MK North Macedonia/Skopje;NO Norway|Norge/Oslo;
OM Oman/Muscat;PK Pakistan/Islamabad;PA Panama;PG Papua New Guinea;PY Paraguay/Asuncion;PE Peru/Lima;PH Philippines/Manila;PL Poland|Polska/Warsaw;PT Portugal/Lisbon;QA Qatar/Doha;RO Romania/Bucharest;RU Russia/Moscow;RW Rwanda/Kigali;SM San Marino;SA Saudi Arabia/Riyadh;SN Senegal/Dakar;RS Serbia/Belgrade;SL Sierra Leone/Freetown;SG Singapore;SK Slovakia/Bratislava;SI Slovenia/Ljubljana;SO Somalia/Mogadishu;ZA South Africa/Pretoria;KR South Korea/Seoul;ES Spain|España/Madrid;LK Sri Lanka/Colombo;SD Sudan/Khartoum;SR Suriname/Paramaribo;SE Sweden|Sverige/Stockholm;CH Switzerland|Schweiz|Suisse|Svizzera/Bern;SY Syria/Damascus;
TW Taiwan/Taipei;TJ Tajikistan/Dushanbe;TZ Tanzania/Dodoma;TH Thailand/Bangkok;TG Togo/Lome;TT Trinidad and Tobago/Port of Spain;TN Tunisia/Tunis;TR Turkey|Türkiye/Ankara;TM Turkmenistan/Ashgabat;UG Uganda/Kampala;UA Ukraine/Kyiv;AE United Arab Emirates|UAE/Abu Dhabi;GB United Kingdom|UK|U.K.|Great Britain|Britain|England|Scotland|Wales|Northern Ireland/London|Edinburgh|Cardiff|Belfast;US United States|United States of America|USA|U.S.A.|U.S.|America/Washington;UY Uruguay/Montevideo;UZ Uzbekistan/Tashkent;VE Venezuela/Caracas;VN Vietnam/Hanoi;YE Yemen/Sanaa;ZM Zambia/Lusaka;ZW Zimbabwe/Harare`;

/** Large cities that are no capitals. */
const CITIES =
  'Amsterdam|Antwerp|Athens|Atlanta|Auckland|Barcelona|Basel|Birmingham|Bologna|Bordeaux|Boston|Bremen|Brisbane|Bristol|Calgary|Cape Town|Chennai|Chicago|Cologne|Dallas|Delhi|Denver|Detroit|Dortmund|Dresden|Dubai|Düsseldorf|Essen|Florence|Frankfurt|Geneva|Genoa|Gdansk|Glasgow|Gothenburg|Graz|Guangzhou|Hamburg|Hannover|Ho Chi Minh City|Honolulu|Houston|Istanbul|Johannesburg|Karachi|Krakow|Kyoto|Lagos|Lahore|Las Vegas|Leeds|Leipzig|Lille|Linz|Liverpool|Los Angeles|Lyon|Malaga|Malmö|Manchester|Marseille|Melbourne|Miami|Milan|Minneapolis|Montreal|Mumbai|Munich|München|Naples|New York|Newcastle|Nice|Nottingham|Nuremberg|Osaka|Perth|Philadelphia|Phoenix|Portland|Porto|Quebec|Rio de Janeiro|Rotterdam|Saint Petersburg|Salzburg|San Diego|San Francisco|Sao Paulo|Seattle|Seville|Shanghai|Sheffield|Strasbourg|Stuttgart|Sydney|Tel Aviv|The Hague|Toronto|Toulouse|Turin|Utrecht|Valencia|Vancouver|Venice|Zurich|Zürich';

const all = COUNTRIES.trim().split(/;\s*/).filter((line) => line.trim() !== '').map((line) => {
  const [, code, countries, capitals] = /^(\w\w) ([^/]+)(?:\/(.*))?$/.exec(line.trim())!;
  return { code: code!, countries: countries!.split('|'), capitals: capitals?.split('|') ?? [] };
});

const codes = new Map(all.flatMap(({ code, countries }) => countries.map((name) => [folded(name), code] as const)));

/** The ISO 3166 code of a country's name ('Germany' to 'DE'), or null. Codes themselves, in capitals, are names too. */
export const countryCode = (text: string): string | null => codes.get(folded(text)) ?? (all.some((c) => c.code === text.trim()) ? text.trim() : null);

/** Every place that is known by name: countries, capitals and large cities. */
export const PLACES: readonly string[] = [...new Set([...all.flatMap((c) => [...c.countries, ...c.capitals]), ...CITIES.split('|')])].filter((name) => name.length > 2);

/** A place's name with no accents and no article, as names are compared here. */
const bare = (text: string): string => folded(text.normalize('NFD').replace(/\p{M}/gu, '')).replace(/[.’'`]/g, '').replace(/-/g, ' ').replace(/\b(?:st|sankt) /g, 'saint ').replace(/^the /, '');

/** English names that the world's towns go by beside their own, and towns that people take for known. */
const OTHERWISE = `
AT Saint Polten|Bregenz;AU Gold Coast|Alice Springs;BE Ghent|Bruges|Louvain|Liege;BR Brasilia;CH Zurich|Geneva|Basle|Berne|Lucerne|Lausanne|Zermatt|Davos;CN Canton|Peking;CZ Brno|Pilsen|Prague|Praha;DE Nuremberg|Nurnberg|Koln|Munchen|Hanover|Brunswick|Frankfurt|Frankfurt am Main|Freiburg|Cologne;DK Kobenhavn|Aarhus|Arhus|Elsinore;
ES Seville|Saragossa|Corunna|La Coruna|San Sebastian|Palma|Palma de Mallorca|Bilbao|Valencia|Cordoba|Granada|Toledo;FR Marseilles|Lyons|Rheims|Cannes|Avignon;GB Newcastle|Hull|Stoke|Bath|Windsor|Saint Andrews|Inverness|Stirling|Westminster|Brighton|Birmingham|Derry|Londonderry;GR Athina|Salonica|Thessaloniki|Piraeus|Corfu|Rhodes;HU Budapest;IE Galway|Limerick|Wexford|Killarney|Kilkenny|Mullingar|Clonmel|Dingle|Westport|Ennis;IN Bombay|Calcutta|Madras|Bangalore;
IT Roma|Milano|Torino|Firenze|Venezia|Napoli|Genova|Padua|Syracuse|Leghorn|Mantua|Siena|Pisa;JP Tokyo|Osaka|Nara;KR Seoul|Busan|Pusan;MA Marrakech|Fez|Tangier|Casablanca;MX Mexico City|Guadalajara|Merida;NL Den Haag|The Hague|s Gravenhage|Flushing;NO Bergen|Trondheim|Tromso|Stavanger;PL Cracow|Krakow|Warszawa|Breslau|Danzig|Gdansk;PT Lisboa|Oporto|Porto|Faro|Funchal;RO Bucuresti;RU Moskva|Saint Petersburg|Leningrad;SE Goteborg|Gothenburg|Malmo;SY Aleppo;TR Istanbul|Constantinople;UA Kyiv|Kiev|Odessa|Lviv|Lvov;US New York|NYC|LA|Washington DC|Washington|Saint Louis;VN Saigon|Hue;ZA Cape Town|Johannesburg|Durban`;

interface Town { readonly code: string; readonly sure: boolean }
let towns: ReadonlyMap<string, Town> | null = null;

/** Every town that is known, made when it is first needed: a later name wins. */
function townsByName(): ReadonlyMap<string, Town> {
  if (towns) return towns;
  const known = new Map<string, Town>();
  const add = (code: string, names: readonly string[], sure: boolean): void => names.forEach((name) => known.set(bare(name), { code, sure }));
  for (const [code, names] of Object.entries(cities.clear)) add(code, names.split('|'), true);
  for (const [code, names] of Object.entries(cities.shared)) add(code, names.split('|'), false);
  for (const { code, capitals } of all) add(code, capitals, true);
  for (const line of OTHERWISE.trim().split(/;\s*/)) add(line.slice(0, 2), line.slice(3).split('|'), true);
  return (towns = known);
}

const names = new Intl.DisplayNames('en', { type: 'region' });
const countryName = (code: string): string => all.find((c) => c.code === code)?.countries[0] ?? names.of(code) ?? code;

export interface PlacedIn {
  readonly country: string;
  /** No other large town is called so. */
  readonly sure: boolean;
}

/**
 * The country, by its English name, that a place is in: a town ('lisbon', 'Köln'), or a country itself. Capitals, accents and
 * what stands in brackets do not count; of pieces between commas the last that is a country counts, then the first that is a
 * town. Of towns with the same name the largest is meant. Null where nothing is known. Found once for each text.
 */
export const countryOfPlace = remembered((text): PlacedIn | null => {
  const pieces = text.replace(/\([^)]*\)|\[[^\]]*\]/g, ' ').split(/[,;/]| – | - /).map(folded).filter((p) => p !== '');
  for (const piece of [...pieces].reverse()) {
    const code = codes.get(piece) ?? (pieces.length > 1 ? countryCode(piece.toUpperCase()) : null);
    if (code && !(pieces.length === 1 && townsByName().get(bare(piece))?.sure && code !== townsByName().get(bare(piece))!.code)) return { country: countryName(code), sure: true };
  }
  const found = pieces.map((p) => townsByName().get(bare(p))).find((t) => t !== undefined);
  return found ? { country: countryName(found.code), sure: found.sure } : null;
});
