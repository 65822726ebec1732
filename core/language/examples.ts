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
  ['sort by status in the order rejected, on hold, accepted', 'Sort by ‹Status› in the order "rejected" then "on hold" then "accepted".'],
  ['make a row for each buyer, cut at the &', 'Make a row for each piece of ‹Buyer› cut at "&".'],
  ['put kg and hives below each other, the names in Measure and the values in Amount', 'Make a row for each of ‹Kg› and ‹Hives›, its name in ‹Measure› and its value in ‹Amount›.'],
  ['every lot must have a buyer before the table is handed off', 'Check before any hand-off that ‹Buyer› is filled.'],
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
  ['which sites mention a field or a heath? keep those', 'Keep rows where ‹Hive site› mentions the word "field", "fields", "heath" or "heaths".'],
  ['number the lots of every buyer by delivered, 1 for the earliest', 'Add ‹Number within Buyer› as the number of the row for each ‹Buyer›, in the order of ‹Delivered›.'],
  ['10% off for accepted lots, new column Discounted', 'Add ‹Discounted› as if ‹Status› is "accepted" then ‹Amount due› times (1 minus (10 divided by 100)), otherwise ‹Amount due›.'],
  ['put kg into groups: under 30, 30 to 50, over 50. column Size', 'Add ‹Size› as if ‹Kg› is less than 30 then "under 30", if ‹Kg› is at least 30 and ‹Kg› is at most 50 then "30 to 50", if ‹Kg› is more than 50 then "over 50", otherwise blank.'],
  ['how many lots and total kg per honey, most kg first', 'Answer ‹Rows› as the number of rows; and ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Honey›; sorted by ‹Total Kg› from high to low.'],
  ['who brought us more money, Marlow & Pike or Tessel Foods?', 'Answer ‹Total Amount due› as the sum of ‹Amount due› over the rows; for each ‹Buyer›; only where ‹Buyer› is "Marlow & Pike" or "Tessel Foods"; sorted by ‹Total Amount due› from high to low.'],
  ['season: spring for March to May, summer for June to August', 'Add ‹season› as if (the month of ‹Delivered›) is at least 3 and (the month of ‹Delivered›) is at most 5 then "spring", if (the month of ‹Delivered›) is at least 6 and (the month of ‹Delivered›) is at most 8 then "summer", otherwise blank.'],
  ['above or below the average kg of its honey', 'Add ‹Kg label› as if ‹Kg› is more than (the mean of ‹Kg› over the rows for each ‹Honey›) then "above", if ‹Kg› is less than (the mean of ‹Kg› over the rows for each ‹Honey›) then "below", otherwise blank.'],
  ['Batch: delivered before June 2025 is early, in June 2025 middle, after that late', 'Add ‹Batch› as if ‹Delivered› is less than the date "2025-06-01" then "early", if ‹Delivered› is at least the date "2025-06-01" and ‹Delivered› is at most the date "2025-06-30" then "middle", if ‹Delivered› is more than the date "2025-06-30" then "late", otherwise blank.'],
  ['add a column Label that reads like "Acacia for Marlow & Pike"', 'Add ‹Label› as ‹Honey› followed by " for " followed by ‹Buyer›.'],
  ['no lots with zero hives', 'Set aside rows where ‹Hives› equals 0.'],
  ['rank the lots by delivered', 'Add ‹Rank by Delivered› as the rank, lowest first, of ‹Delivered›.'],
  ['honey goes between lot and delivered', 'Move ‹Honey› to after ‹Lot›.'],
  ['a text such as "L-201 (Acacia)" made from lot and honey', 'Add ‹Lot and Honey› as ‹Lot› followed by " (" followed by ‹Honey› followed by ")".'],
  ['quarter of delivered like 2025-Q2', 'Add ‹Quarter of Delivered› as the quarter with its year of ‹Delivered›.'],
  ["Turn buyer into yes or no: yes if there is a name, no if it's empty", 'Set ‹Buyer› to if ‹Buyer› is blank then "no", otherwise "yes".'],
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
  ['which columns are less than 90% filled?', 'List the columns filled in less than 90 percent of the rows.'],
  ['how many columns are completely empty', 'Count the columns filled in at most 0 percent of the rows.'],
  ['what goes with the moisture', 'Show what goes with ‹Moisture›.'],
  ['forecast the kg for the next three weeks', 'Forecast the total of ‹Kg› by week of ‹Delivered›, 3 ahead.'],
  ['every lot must have a beekeeper', 'Check that ‹Beekeeper› is filled.'],
  ['kg must be between 20 and 70', 'Check that ‹Kg› is at least 20 and ‹Kg› is at most 70.'],
  ['lot has to be unique', 'Check that (the number of rows for each ‹Lot›) equals 1.'],
  ['make sure there are no lots without a buyer', 'Check that ‹Buyer› is filled.'],
  ['standardise the buyers', 'Standardise ‹Buyer›.'],
  ['lots should all look like L-0201', 'Write ‹Lot› in the shape of "L-0201".'],
  ['merge the spelling variants in buyer', 'Standardise ‹Buyer›.'],
  ['mask the beekeepers with tokens', 'Mask ‹Beekeeper› with tokens.'],
  ['mask the lot, leave the last 2 characters', 'Mask ‹Lot› leaving the last 2 characters.'],
  ['remove near duplicates by beekeeper and buyer, keep the fullest one', 'Keep the fullest row of those alike in ‹Beekeeper› and ‹Buyer›.'],
  ['fill blank kg with the median of its honey', 'Fill blanks in ‹Kg› with the median for each ‹Honey›.'],
  ['flag outliers in kg', 'Add ‹Kg outlier› as if ‹Kg› lies more than 1.5 quartile ranges outside then "outlier", otherwise blank.'],
  ['cap hives at 8', 'Set ‹Hives› to 8, only where ‹Hives› is more than 8.'],
  ['the financial year of delivered, starting in April', 'Add ‹Financial year of Delivered› as the financial year from April of ‹Delivered›.'],
  ['remove accents from the beekeeper', 'In ‹Beekeeper›, take off accents.'],
  ['split the lot after the second character', 'Split ‹Lot› at character 2 into ‹Lot 1› and ‹Lot 2›.'],
  ['the last name of the beekeeper in a new column Family', 'Add ‹Family› as piece -1 of ‹Beekeeper› cut at " ".'],
  ['combine beekeeper and honey as "honey (beekeeper)"', 'Add ‹Honey rewritten› as ‹Honey› followed by " (" followed by ‹Beekeeper› followed by ")".'],
  ['show the amounts due with two decimals and thousands apart', 'Show ‹Amount due› with 2 decimals with thousands apart.'],
  ['mark kg above 50 in the kept colour, below 30 in the held one', 'Mark ‹Kg› in the kept accent where ‹Kg› is more than 50. Mark ‹Kg› in the held accent where ‹Kg› is less than 30.'],
  ['hide hives and moisture', 'Hide ‹Hives› and ‹Moisture›.'],
  ['mask delivered to the month', 'Mask ‹Delivered› leaving only the month.'],
  ['mask the amount due, rounded to the nearest 100', 'Mask ‹Amount due› rounded to multiples of 100.'],
  ['put the number columns last', 'Move ‹Kg›, ‹Hives› and ‹Amount due› to the end.'],
  ['dedupe on beekeeper, keep the fullest', 'Keep the fullest row of each ‹Beekeeper›.'],
  ['our financial year starts in July', 'Let ‹financial year› mean the financial year from July of ‹Delivered›.'],
];

/** Other tables of the workspace beside it. */
export const EXAMPLE_OTHERS: Readonly<Record<string, string>> = {
  remittances: `Remit,Paid on,Payer,Lot ref,Amount
R-01,2025-06-02,Marlow & Pike,L-201,300.00
R-02,2025-06-03,Tessel Foods,L-202,475.80
R-03,2025-06-05,Orrin Deli,L-203,240.24
R-04,2025-06-20,Marlow & Pike,L-201,99.50
R-05,2025-06-21,unknown,L-299,12.00
`,
  varieties: `Variety,Floor price,Season
Acacia,8.90,spring
Meadow,7.40,summer
Linden,8.60,summer
Chestnut,9.00,summer
`,
};

/** What is said of several tables, and how it is read. */
export const EXAMPLES_BESIDE: readonly (readonly [string, string])[] = [
  ['add the season', 'Add ‹Season› as the ‹Season› in the table "varieties" where ‹Variety› is ‹Honey›.'],
  ['only summer honey', 'Keep rows where (the ‹Season› in the table "varieties" where ‹Variety› is ‹Honey›) is "summer".'],
  ['total kg per season', 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Season› as the ‹Season› in the table "varieties" where ‹Variety› is ‹Honey›.'],
  ['floor price times kg, two decimals', 'Add ‹Floor price times Kg› as (the ‹Floor price› in the table "varieties" where ‹Variety› is ‹Honey›) times ‹Kg› rounded to 2 decimals.'],
  ['how much was paid for each lot, 0 where nothing was paid', 'Add ‹Total Amount› as (the sum of all ‹Amount› in the table "remittances" where ‹Lot ref› is ‹Lot›), or 0 where it is blank.'],
  ['what is still open', 'Add ‹Amount due minus total Amount› as ‹Amount due› minus ((the sum of all ‹Amount› in the table "remittances" where ‹Lot ref› is ‹Lot›), or 0 where it is blank).'],
  ['date of the last remittance', 'Add ‹Last Paid on› as the highest ‹Paid on› in the table "remittances" where ‹Lot ref› is ‹Lot›.'],
  ['lots that were never paid', 'List each ‹Lot›; only where not (‹Lot› stands under ‹Lot ref› in the table "remittances").'],
  ['keep only lots that were never paid', 'Keep rows where not (‹Lot› stands under ‹Lot ref› in the table "remittances").'],
  ['lots with more than one remittance', 'Keep rows where ((the number of ‹Lot ref› in the table "remittances" where ‹Lot ref› is ‹Lot›), or 0 where it is blank) is more than 1.'],
  ['compare amount due with the sum of the remittances and say settled, part or nothing', 'Add ‹Lot label› as if (the sum of all ‹Amount› in the table "remittances" where ‹Lot ref› is ‹Lot›) is blank then "nothing", if ‹Amount due› equals ((the sum of all ‹Amount› in the table "remittances" where ‹Lot ref› is ‹Lot›), or 0 where it is blank) then "settled", if ((the sum of all ‹Amount› in the table "remittances" where ‹Lot ref› is ‹Lot›), or 0 where it is blank) is less than ‹Amount due› then "part", otherwise blank.'],
];
