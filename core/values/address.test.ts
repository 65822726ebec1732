import { readAddress, type Address } from './address';

const address = (parts: Partial<Address>): Address => ({ street: '', 'street name': '', 'house number': '', unit: '', town: '', region: '', postcode: '', country: '', ...parts });

test.each<[string, Partial<Address>]>([
  ['12 Hill Lane, Upper Teal, UT4 2AB', { street: '12 Hill Lane', 'street name': 'Hill Lane', 'house number': '12', town: 'Upper Teal', postcode: 'UT4 2AB' }],
  ['12a Hill Lane, Upper Teal UT4 2AB', { street: '12a Hill Lane', 'street name': 'Hill Lane', 'house number': '12a', town: 'Upper Teal', postcode: 'UT4 2AB' }],
  ['Lindenstr. 5, 10115 Teal', { street: 'Lindenstr. 5', 'street name': 'Lindenstr.', 'house number': '5', town: 'Teal', postcode: '10115' }],
  ['Lindenstr. 5-7\nD-10115 Teal\nGermany', { street: 'Lindenstr. 5-7', 'street name': 'Lindenstr.', 'house number': '5-7', town: 'Teal', postcode: 'D-10115', country: 'Germany' }],
  ['12 Main St Apt 4, Teal, IL 62701, USA', { street: '12 Main St', 'street name': 'Main St', 'house number': '12', unit: 'Apt 4', town: 'Teal', region: 'IL', postcode: '62701', country: 'USA' }],
  ['Flat 3, 8 Comb Road, Teal, UT1 1AA', { street: '8 Comb Road', 'street name': 'Comb Road', 'house number': '8', unit: 'Flat 3', town: 'Teal', postcode: 'UT1 1AA' }],
  ['Wax Cottage, 8 Comb Road, Teal, UT1 1AA', { street: '8 Comb Road', 'street name': 'Comb Road', 'house number': '8', unit: 'Wax Cottage', town: 'Teal', postcode: 'UT1 1AA' }],
  ['8 Comb Road, 2nd floor, Teal', { street: '8 Comb Road', 'street name': 'Comb Road', 'house number': '8', unit: '2nd floor', town: 'Teal' }],
  ['5 Rue des Ruches, 75001 Teal, France', { street: '5 Rue des Ruches', 'street name': 'Rue des Ruches', 'house number': '5', town: 'Teal', postcode: '75001', country: 'France' }],
  ['Keizersdam 40, 1017 AB Teal', { street: 'Keizersdam 40', 'street name': 'Keizersdam', 'house number': '40', town: 'Teal', postcode: '1017 AB' }],
  ['8 Comb Road, Teal, Honeyshire, UT1 1AA', { street: '8 Comb Road', 'street name': 'Comb Road', 'house number': '8', town: 'Teal', region: 'Honeyshire', postcode: 'UT1 1AA' }],
])('%j', (text, parts) => expect(readAddress(text)).toEqual(address(parts)));

test.each(['Ada Fern', 'Upper Teal', 'Ada Fern, Upper Teal', '', '3.5, 4.2', 'call 555-0101'])('%j is no address', (text) => expect(readAddress(text)).toBeNull());
