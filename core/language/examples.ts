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
  ['beekeepers the other way round, like "Ada Fern" becomes "Fern, A."', 'Set ‹Beekeeper› to (piece 2 of ‹Beekeeper› cut at " ") followed by ", " followed by (the first 1 characters of ‹Beekeeper›) followed by ".".'],
  ['add the initials of the beekeeper', 'Add ‹Initials of Beekeeper› as the initials of ‹Beekeeper›.'],
  ['grade the lots by kg: up to 30 is small, above that up to 50 is middle, more is large', 'Add ‹Kg label› as if ‹Kg› is at most 30 then "small", if ‹Kg› is at most 50 then "middle", if ‹Kg› is more than 50 then "large", otherwise blank.'],
  ['label each lot: waiting if the status is on hold, gone if it is rejected, fine otherwise', 'Add ‹Status label› as if ‹Status› is "on hold" then "waiting", if ‹Status› is "rejected" then "gone", otherwise "fine".'],
  ['add the yield per hive, 2 decimals', 'Add ‹Kg per Hives› as ‹Kg› divided by ‹Hives› rounded to 2 decimals.'],
  ['price per kilo: amount due divided by kg, one decimal, call it Per kilo', 'Add ‹Per kilo› as ‹Amount due› divided by ‹Kg› rounded to 1 decimal.'],
  ['rank the lots by kg, the heaviest gets 1', 'Add ‹Rank by Kg› as the rank, highest first, of ‹Kg›.'],
  ['how many lots per honey?', 'Answer ‹Rows› as the number of rows; for each ‹Honey›.'],
  ['total kg and average amount due by honey, highest first', 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; and ‹Average Amount due› as the mean of ‹Amount due› over the rows; for each ‹Honey›; sorted by ‹Total Kg› from high to low.'],
  ['which honey has the highest average kg?', 'Answer ‹Average Kg› as the mean of ‹Kg› over the rows; for each ‹Honey›; sorted by ‹Average Kg› from high to low; the first 1.'],
  ['what percentage of the lots was rejected?', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "rejected" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
  ['how many different honeys are there', 'Answer ‹Different Honey› as the number of different values of ‹Honey› over the rows.'],
  ['median kg', 'Answer ‹Median Kg› as the median of ‹Kg› over the rows.'],
  ['take a random half of the lots, with status in the same proportion', 'Keep 50 percent of the rows at random with seed 1, in the shares of ‹Status›.'],
  ['round kg to the nearest ten', 'Set ‹Kg› to (‹Kg› divided by 10 rounded to 0 decimals) times 10.'],
  ['lots that are neither rejected nor on hold', 'Keep rows where ‹Status› is not "rejected" or "on hold".'],
];
