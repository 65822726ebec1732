/* Examples of requests and how they are read, over one small table. The documents show them, and the tests run them. */

export const EXAMPLE_TABLE = `Lot,Delivered,Beekeeper,Hive site,Honey,Kg,Hives,Moisture,Price,Buyer,Amount due,Status
L-201,2025-05-03,Ada Fern,12 - Orchard,Acacia,42.5,6,17.2%,€9.40,Marlow & Pike,399.50,accepted
L-202,5 May 2025,tobias brook,4 - Mill Field,Meadow,61,9,18.1 %,€7.80,Tessel Foods,475.80,accepted
L-203,14/05/2025,ODILE MARSH,9 - Garden,Linden,28.4,4,n/a,8.60 EUR,Orrin Deli,244.24,rejected
L-204,2025-05-16,Casimir  Thorne,2 - Garden,Acacia,55,0,16.9%,€9.40,,517.00,on hold
L-205,2025-05-17,Ines Vale,3 - Heath,Heather,,4,,"12,50 EUR",Orrin Deli,,accepted
`;

/** What a person says, and the exact sentence it is read as. */
export const EXAMPLES: readonly (readonly [string, string])[] = [
  ['split hive site at the dash into Hive and Site', 'Split ‹Hive site› at "-" into ‹Hive› and ‹Site›.'],
  ['cut the beekeeper at the first space: First name, Last name', 'Split ‹Beekeeper› at the first " " into ‹First name› and ‹Last name›.'],
  ['add a column Yield: kg divided by hives, two decimals', 'Add ‹Yield› as ‹Kg› divided by ‹Hives› rounded to 2 decimals.'],
  ['new column Net, which is amount due minus 5% of amount due', 'Add ‹Net› as ‹Amount due› minus (‹Amount due› times (5 divided by 100)).'],
  ['add Gross: amount due plus 20% tax', 'Add ‹Gross› as ‹Amount due› times (1 plus (20 divided by 100)).'],
  ['drop the rejected ones', 'Set aside rows where ‹Status› is "rejected".'],
  ['only keep acacia and heather please', 'Keep rows where ‹Honey› is "Acacia" or "Heather".'],
  ['throw out everything under 30 kilos', 'Set aside rows where ‹Kg› is less than 30.'],
  ['keep the lots without a buyer', 'Keep rows where ‹Buyer› is blank.'],
  ['keep lots where the weight is at least 40 and the status is not on hold', 'Keep rows where ‹Kg› is at least 40 and ‹Status› is not "on hold".'],
  ['remove lots delivered before 10 May 2025', 'Set aside rows where ‹Delivered› is less than the date "2025-05-10".'],
  ['keep rows where buyer contains "Deli"', 'Keep rows where ‹Buyer› contains "Deli".'],
  ['trim the beekeeper names and make them title case', 'In ‹Beekeeper›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
  ['put honey and buyer in capitals', 'In ‹Honey› and ‹Buyer›, write in capitals.'],
  ['replace "Deli" with "Delicatessen" in buyer', 'Replace "Deli" in ‹Buyer› with "Delicatessen".'],
  ['turn price into plain numbers without the euro sign', 'Turn ‹Price› into numbers.'],
  ['make moisture a number; n/a should be empty', 'Turn ‹Moisture› into numbers, reading "n/a" as blank.'],
  ['rename amount due to Due and kg to Weight', 'Rename ‹Amount due› to ‹Due› and ‹Kg› to ‹Weight›.'],
  ["I don't need hives and moisture, take those two columns away", 'Drop ‹Hives› and ‹Moisture›.'],
  ['put status right after the lot', 'Move ‹Status› to after ‹Lot›.'],
  ['copy price to Old price', 'Copy ‹Price› to ‹Old price›.'],
  ['sort by kg, heaviest first', 'Sort by ‹Kg› from high to low.'],
  ['keep the three biggest lots by weight', 'Keep 3 rows with the highest ‹Kg›.'],
  ['write nobody where there is no buyer', 'Fill blanks in ‹Buyer› with "nobody".'],
  ['fill down the buyer', 'Fill blanks in ‹Buyer› with the value above.'],
  ['give me a random sample of exactly 3 lots', 'Keep 3 rows at random with seed 1.'],
  ['a running total of kg in a new column called So far', 'Add ‹So far› as the running total of ‹Kg›.'],
  ['keep lots where the amount due is more than the average amount due of all lots', 'Keep rows where ‹Amount due› is more than (the mean of ‹Amount due› over the rows).'],
];
