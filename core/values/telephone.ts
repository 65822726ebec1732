import { getCountries, getCountryCallingCode, isSupportedCountry, parsePhoneNumberFromString, type CountryCode } from 'libphonenumber-js/min';

/**
 * A telephone number in the international form of ITU-T E.123 ('+44 20 7946 0018'). One without a country in front is taken
 * to be of `country` (an ISO 3166 code), where that is given. Null where it is no number that can be dialled.
 */
export function readTelephone(text: string, country?: string): string | null {
  const read = parsePhoneNumberFromString(text.replace(/^\s*00(?=[1-9])/, '+').trim(), country as CountryCode | undefined);
  return read?.isPossible() ? read.formatInternational() : null;
}

/** Is it the code of a country whose numbers are known? */
export const isCountry = (code: string): boolean => isSupportedCountry(code);

/** Countries that speak for all with the same calling code. */
const MAIN: readonly CountryCode[] = ['US', 'GB', 'IT', 'NO', 'FI', 'AU', 'RU', 'MA'];

/** The country of a calling code ('44', '+44'), or null. */
export function countryOfCode(code: string): string | null {
  const digits = code.replace(/^\+|^00/, '');
  const all = getCountries().filter((c) => getCountryCallingCode(c) === digits);
  return MAIN.find((c) => all.includes(c)) ?? all[0] ?? null;
}

/** Does a number say by itself of which country it is? */
export const saysCountry = (text: string): boolean => /^\s*(?:\+|00[1-9])/.test(text);
