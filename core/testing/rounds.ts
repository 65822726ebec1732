/*
 * Requests over tables in trades that the grammar was not written for, as people wrote them, each with the exact sentence
 * that is right. Null stands for what is asked about or refused today: it must never be carried out as something else.
 */

export interface Round {
  readonly table: string;
  readonly csv: string;
  readonly cases: readonly (readonly [string, string | null])[];
}

export const ROUNDS: readonly Round[] = [
  {
    table: 'loans',
    csv: `Loan no,Reader,Borrowed on,Due,Returned,Title / author,Branch,Fine,Copies,Days late,Phone,Kind
1001,"Lindqvist, Maja",2026-01-04,2026-01-25,2026-01-20,The Salt Road / P. Orrin,Harbour,,1,0,0555 110 220,novel
1002,"Okafor, Ben",2026-01-05,2026-01-26,,Bread at Home/ T. Vale,harbour ,2.50,1,12,0555-110-221,cookery
1003,"Brandt, Sol",2026-01-07,2026-01-28,2026-02-10,Knots /M. Reed,Station,€3.25,2,13,,craft
1004,"Petrov, Ana",2026-01-09,2026-01-30,2026-01-29,The Salt Road / P. Orrin,STATION,0,1,0,0555.110.223,novel
1005,"Ito, Ken",2026-02-01,2026-02-22,,Owls of the North / J. Pell,Hill,1.10 EUR,3,7,0555 110 224,nature
1006,"Adair, Rose",2026-02-03,2026-02-24,2026-02-20,Quiet Weather / L. Moss,Hill,waived,1,0,,poetry
1007,"Lindqvist, Maja",2026-02-04,2026-02-25,2026-03-09,Knots /M. Reed,Harbour,3.00,1,12,0555 110 220,craft
1008,"Ito, Ken",2026-03-01,2026-03-22,2026-03-20,Bread at Home/ T. Vale,Hill,0,2,0,0555 110 224,cookery
`,
    cases: [
      ['break title / author at the slash into Title and Author', 'Split ‹Title / author› at "/" into ‹Title› and ‹Author›.'],
      ['split reader at the comma - Surname and Given name', 'Split ‹Reader› at "," into ‹Surname› and ‹Given name›.'],
      ['I want the reader\'s surname (everything before the comma) in a new column called Surname', null],
      ['only loans that have not come back yet', null],
      ['throw away whatever was borrowed before february 2026', 'Set aside rows where ‹Borrowed on› is less than the date "2026-02-01".'],
      ['leave out the poetry and the nature books', 'Set aside rows where ‹Kind› is "poetry" or "nature".'],
      ['chuck out all rows where fine is blank', 'Set aside rows where ‹Fine› is blank.'],
      ['keep loans that were 10 or more days late', 'Keep rows where ‹Days late› is at least 10.'],
      ['get rid of Phone', 'Drop ‹Phone›.'],
      ['we can lose phone and copies', 'Drop ‹Phone› and ‹Copies›.'],
      ['branch should be title case with no stray spaces', 'In ‹Branch›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['tidy up the branch names: trim them, then proper case', 'In ‹Branch›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['make fine a plain number, waived counts as 0', 'Turn ‹Fine› into numbers, reading "waived" as "0".'],
      ['how long was each book out, in days? put it into a column named Days out', null],
      ['add a column Late fee that is 0.25 times days late', 'Add ‹Late fee› as 0.25 times ‹Days late›.'],
      ['new column Total = fine plus 0.5 per copy', 'Add ‹Total› as ‹Fine› plus (0.5 times ‹Copies›).'],
      ['add Cost: copies times 2 plus days late', 'Add ‹Cost› as (‹Copies› times 2) plus ‹Days late›.'],
      ['work out fine per day late rounded to 2 places', 'Add ‹Fine per Days late› as ‹Fine› divided by ‹Days late› rounded to 2 decimals.'],
      ['call the copies column Count', 'Rename ‹Copies› to ‹Count›.'],
      ['rename borrowed on as Start and due as End', 'Rename ‹Borrowed on› to ‹Start› and ‹Due› to ‹End›.'],
      ['put kind directly after loan no', 'Move ‹Kind› to after ‹Loan no›.'],
      ['sort newest first by borrowed on', 'Sort by ‹Borrowed on› from high to low.'],
      ['order by branch and then by days late, worst first', 'Sort by ‹Branch› and ‹Days late› from high to low.'],
      ['give me the 3 loans with the most days late', 'Keep 3 rows with the highest ‹Days late›.'],
      ['drop duplicate readers, keep the latest', null],
      ['pick 4 loans at random', 'Keep 4 rows at random with seed 1.'],
      ['show just novels', 'Keep rows where ‹Kind› is "novel".'],
      ['hide everything returned', null],
      ['keep everything except craft', 'Keep rows where ‹Kind› is not "craft".'],
      ['remove the dots and dashes from the phone numbers', 'Remove "." or "-" from ‹Phone›.'],
      ['replace harbour with Quay in branch', 'Replace "harbour" or "Harbour" in ‹Branch› with "Quay".'],
      ['write "none" where phone is missing', 'Fill blanks in ‹Phone› with "none".'],
      ['put a dash where the phone is empty', 'Fill blanks in ‹Phone› with "-".'],
      ['fill in missing fines with 0', 'Fill blanks in ‹Fine› with "0".'],
      ['mark each loan as late if days late is over 0, otherwise fine', null],
      ['add a yes/no column Overdue: yes when days late is more than zero', 'Add ‹Overdue› as if ‹Days late› is more than 0 then "yes", otherwise "no".'],
      ['what share of all days late does each loan have, in percent?', 'Add ‹Days late per total Days late› as (‹Days late› divided by (the sum of ‹Days late› over the rows)) times 100.'],
      ['rank the loans by days late', 'Add ‹Rank by Days late› as the rank, highest first, of ‹Days late›.'],
      ['upper case for kind', 'In ‹Kind›, write in capitals.'],
      ['lowercase kind and branch', null],
      ['remove the last column', 'Drop ‹Kind›.'],
      ['delete the second column', 'Drop ‹Reader›.'],
      ['keep the first 5 rows', 'Keep 5 rows from the top.'],
      ['drop rows where returned is after due', 'Set aside rows where ‹Returned› is more than ‹Due›.'],
      ['keep only loans from Hill with a fine over 1', 'Keep rows where ‹Branch› is "Hill" and ‹Fine› is more than 1.'],
      ['keep loans borrowed in January', 'Keep rows where (the month of ‹Borrowed on›) equals 1.'],
      ['days between due and returned as Delay', 'Add ‹Delay› as the whole days from ‹Due› to ‹Returned›.'],
      ['subtract due from returned', 'Add ‹Days from Due to Returned› as the whole days from ‹Due› to ‹Returned›.'],
      ['round fine to whole numbers', 'Set ‹Fine› to ‹Fine› rounded to 0 decimals.'],
      ['add 10% to the fine', 'Set ‹Fine› to ‹Fine› times (1 plus (10 divided by 100)).'],
    ],
  },
  {
    table: 'visits',
    csv: `Visit ID,Patient,Seen on,Species,Weight kg,Temp C,Vet,Treatment,Cost,Paid,Insurer,Next visit
V001,Biscuit,2026-02-03,dog,12.4,38.6,Dr Hale,vaccination,45.00,45.00,Petsure,2027-02-03
V002,Mo,2026-02-03,cat,4.1,39.2,Dr Osei,dental,180.50,90.00,,2026-03-10
V003,biscuit ,2026-02-10,dog,12.1,38.4,dr hale,check-up,30.00,30.00,Petsure,
V004,Tiger,2026-02-11,cat,5.3,,Dr Osei,surgery,420.00,0,Pawline,2026-02-25
V005,Nib,2026-02-12,rabbit,1.9,38.9,Dr Hale,check-up,30.00,,,
V006,Mo,2026-03-10,cat,4.0,38.7,DR OSEI,check-up,30.00,30.00,,2026-09-10
V007,Rex,2026-03-12,dog,31.0,39.9,Dr Lind,surgery,610.00,300.00,Petsure,2026-03-26
V008,Pip,2026-03-15,parrot,0.4,40.8,Dr Lind,vaccination,45.00,45.00,,2027-03-15
`,
    cases: [
      ['owed = cost less paid', 'Add ‹owed› as ‹Cost› minus ‹Paid›.'],
      ['Could you please add what is still owed (cost minus paid) as a new column called Owed?', 'Add ‹Owed› as ‹Cost› minus ‹Paid›.'],
      ['percentage paid, i.e. paid divided by cost times 100, one decimal', 'Add ‹percentage paid› as (‹Paid› divided by ‹Cost›) times 100 rounded to 1 decimal.'],
      ['only cats and dogs', 'Keep rows where ‹Species› is "cat" or "dog".'],
      ['I just need the dogs', 'Keep rows where ‹Species› is "dog".'],
      ['keep animals heavier than 10 kg', null],
      ['animals under 5 kg can go', null],
      ['remove everybody who has paid nothing', 'Set aside rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['which visits have no next visit? keep those', 'Keep rows where ‹Next visit› is blank.'],
      ['drop all check-ups and vaccinations', 'Set aside rows where ‹Treatment› is "check-up" or "vaccination".'],
      ['keep visits between 1 March 2026 and 31 March 2026', null],
      ['keep the visits from march', null],
      ['everything seen before 11 Feb 2026 out please', 'Set aside rows where ‹Seen on› is less than the date "2026-02-11".'],
      ['make vet title case', 'In ‹Vet›, write in title case.'],
      ['standardise the case of the vet column to title case', null],
      ['change paid to a number where blank counts as 0', null],
      ['replace blanks in paid with zero', 'Fill blanks in ‹Paid› with "0".'],
      ['put 0 in paid when it is empty', null],
      ['split vet at the space into Title and Surname', 'Split ‹Vet› at " " into ‹Title› and ‹Surname›.'],
      ['sort by species then weight, heaviest first', 'Sort by ‹Species› and ‹Weight kg› from high to low.'],
      ['top 3 by cost', 'Keep 3 rows with the highest ‹Cost›.'],
      ['the 2 cheapest visits only', null],
      ['rename temp c -> Temperature and weight kg -> Weight', 'Rename ‹Temp C› to ‹Temperature› and ‹Weight kg› to ‹Weight›.'],
      ['move insurer to the front', 'Move ‹Insurer› to the front.'],
      ['bring treatment next to species', 'Move ‹Treatment› to after ‹Species›.'],
      ['I no longer need insurer or next visit', 'Drop ‹Insurer› and ‹Next visit›.'],
      ['delete columns insurer, next visit and paid', 'Drop ‹Insurer›, ‹Next visit› and ‹Paid›.'],
      ['give me a copy of cost named Cost before', 'Copy ‹Cost› to ‹Cost before›.'],
      ['cost including 8% tax as Gross, 2 decimals', 'Add ‹Gross› as ‹Cost› times (1 plus (8 divided by 100)) rounded to 2 decimals.'],
      ['cost per kilo of weight', 'Add ‹Cost per Weight kg› as ‹Cost› divided by ‹Weight kg›.'],
      ['weight in pounds', null],
      ['days until the next visit', null],
      ['add a column Fever: yes if temp is above 39, else no', 'Add ‹Fever› as if ‹Temp C› is more than 39 then "yes", otherwise "no".'],
      ['label visits expensive if cost is over 100, cheap otherwise, in a column Price class', 'Add ‹Price class› as if ‹Cost› is more than 100 then "expensive", otherwise "cheap".'],
      ['average cost per species next to each visit', 'Add ‹Average Cost per Species› as the mean of ‹Cost› over the rows for each ‹Species›.'],
      ['running total of cost', 'Add ‹Running total of Cost› as the running total of ‹Cost›.'],
      ['number the rows', 'Add ‹Number› as the number of the row.'],
      ['each visit\'s cost as a share of the total, in percent with one decimal', null],
      ['rank by cost, cheapest is 1', 'Add ‹Rank by Cost› as the rank, lowest first, of ‹Cost›.'],
      ['difference between cost and paid', 'Add ‹Cost minus Paid› as ‹Cost› minus ‹Paid›.'],
      ['what is the total cost?', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows.'],
      ['how many cats were seen?', 'Answer ‹Rows› as the number of rows; only where ‹Species› is "cat".'],
      ['remove trailing spaces from patient', 'In ‹Patient›, trim outer spaces and reduce runs of spaces to one.'],
      ['lower case everything in treatment', 'In ‹Treatment›, write in lower case.'],
      ['get rid of the Dr in front of the vets', null],
      ['take the word surgery out of treatment', null],
      ['round temp to whole degrees', 'Set ‹Temp C› to ‹Temp C› rounded to 0 decimals.'],
      ['fahrenheit temperature please', null],
      ['show visits where paid is less than cost', 'Keep rows where ‹Paid› is less than ‹Cost›.'],
      ['leave only rows in which insurer is filled in', 'Keep rows where ‹Insurer› is filled.'],
      ['drop duplicates by patient, keep the last', 'Keep the last row of each ‹Patient›.'],
      ['one row per patient, the first one', 'Keep the first row of each ‹Patient›.'],
    ],
  },
  {
    table: 'shipments',
    csv: `Shipment,Customer,Route,Booked,Shipped,Arrived,Gross weight,Tare,Pallets,Rate per kg,Invoice total,Status,Remarks
SH-01,Norvane Tools,OSL-HAM,2026-01-05,2026-01-07,2026-01-09,1240,140,4,0.85,935.00,delivered,left at gate 3
SH-02,norvane tools,OSL-RTM,2026-01-06,2026-01-09,,880,80,2,0.90,720.00,in transit,
SH-03,Callow Glass,HAM-OSL,2026-01-08,2026-01-08,2026-01-12,2310,210,7,0.70,1470.00,delivered,"two panes broken, claim filed"
SH-04,Petrel Foods,RTM-OSL,2026-01-12,,,560,60,2,1.10,,cancelled,customer withdrew
SH-05,Callow  Glass ,OSL-HAM,2026-02-02,2026-02-05,2026-02-07,1890,190,6,0.85,1445.00,Delivered,
SH-06,PETREL FOODS,HAM-RTM,2026-02-10,2026-02-11,2026-02-13,,75,3,0.60,405.00,delivered,weighed again
SH-07,Ostra Marine,RTM-HAM,2026-02-14,2026-02-18,,3020,320,9,0.65,1755.00,lost,claim filed
`,
    cases: [
      ['net weight is gross weight minus tare', 'Add ‹net weight› as ‹Gross weight› minus ‹Tare›.'],
      ['Hi! Please add the net weight (gross weight less tare), and call the column Net. Thanks', 'Add ‹Net› as ‹Gross weight› minus ‹Tare›.'],
      ['the freight charge for each shipment = (gross weight - tare) * rate per kg, two decimals, in a column Freight', 'Add ‹Freight› as (‹Gross weight› minus ‹Tare›) times ‹Rate per kg› rounded to 2 decimals.'],
      ['weight per pallet, whole numbers', 'Add ‹Gross weight per Pallets› as ‹Gross weight› divided by ‹Pallets› rounded to 0 decimals.'],
      ['how many days from booking to shipping', 'Add ‹Days from Booked to Shipped› as the whole days from ‹Booked› to ‹Shipped›.'],
      ['transit days: arrived minus shipped', 'Add ‹transit days› as the whole days from ‹Shipped› to ‹Arrived›.'],
      ['get rid of the cancelled and the lost shipments', 'Set aside rows where ‹Status› is "cancelled" or "lost".'],
      ['everything that was cancelled can go, please', 'Set aside rows where ‹Status› is "cancelled".'],
      ['keep what is delivered', 'Keep rows where ‹Status› is "delivered".'],
      ['I want only shipments to OSL', null],
      ['keep the routes that start with OSL', 'Keep rows where ‹Route› starts with "OSL".'],
      ['only those going from HAM', null],
      ['drop shipments lighter than a tonne', null],
      ['keep shipments with 4 to 7 pallets', 'Keep rows where ‹Pallets› is at least 4 and ‹Pallets› is at most 7.'],
      ['more than three pallets and not delivered', null],
      ['throw out shipments booked in January', 'Set aside rows where (the month of ‹Booked›) equals 1.'],
      ['show the ones without an arrival date', 'Keep rows where ‹Arrived› is blank.'],
      ['which have a claim in the remarks? keep them', null],
      ['remarks mentioning claim, only those', 'Keep rows where ‹Remarks› mentions the word "claim".'],
      ['the customer names are written three ways. trim them and use title case', 'In ‹Customer›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['route is two ports with a dash in between; I\'d like From and To columns', null],
      ['separate route into Origin and Destination', 'Split ‹Route› at "-" into ‹Origin› and ‹Destination›.'],
      ['swap origin and destination', null],
      ['replace "in transit" by "on the way" in status', 'Replace "in transit" in ‹Status› with "on the way".'],
      ['status all lower case', 'In ‹Status›, write in lower case.'],
      ['delete the word filed from remarks', 'Remove "filed" from ‹Remarks›.'],
      ['put unknown where the invoice total is missing', 'Fill blanks in ‹Invoice total› with "unknown".'],
      ['fill the missing gross weights with 0', 'Fill blanks in ‹Gross weight› with "0".'],
      ['rename Shipment to Id, Gross weight to Gross, and drop Tare', 'Rename ‹Shipment› to ‹Id› and ‹Gross weight› to ‹Gross›. Drop ‹Tare›.'],
      ['place remarks first', 'Move ‹Remarks› to the front.'],
      ['move status, remarks to the end', 'Move ‹Status› and ‹Remarks› to the end.'],
      ['the five heaviest', null],
      ['the 2 shipments with the highest invoice total', 'Keep 2 rows with the highest ‹Invoice total›.'],
      ['heaviest shipment per customer', null],
      ['sort by customer, then by shipped with the newest on top', 'Sort by ‹Customer› and ‹Shipped› from high to low.'],
      ['rate per kg to 1 decimal', 'Set ‹Rate per kg› to ‹Rate per kg› rounded to 1 decimal.'],
      ['invoice total plus 25 percent VAT', 'Add ‹Invoice total times 1 plus 25 per 100› as ‹Invoice total› times (1 plus (25 divided by 100)).'],
      ['what percentage of the total invoice is each shipment, one decimal', 'Add ‹Invoice total per total Invoice total %› as (‹Invoice total› divided by (the sum of ‹Invoice total› over the rows)) times 100 rounded to 1 decimal.'],
      ['average invoice total by customer, shown on every row', 'Add ‹Average Invoice total per Customer› as the mean of ‹Invoice total› over the rows for each ‹Customer›.'],
      ['invoice total compared with the previous row', null],
      ['mark shipments over 2000 kg as heavy and the rest as light in a new column Class', 'Add ‹Class› as if ‹Gross weight› is more than 2000 then "heavy", otherwise "light".'],
      ['if pallets is above 5 then big otherwise small, column Size', 'Add ‹Size› as if ‹Pallets› is more than 5 then "big", otherwise "small".'],
      ['big if pallets above 5, medium if above 3, small otherwise; name it Size', 'Add ‹Size› as if ‹Pallets› is more than 5 then "big", if ‹Pallets› is more than 3 then "medium", otherwise "small".'],
      ['don\'t touch anything', null],
      ['make it better', null],
      ['clean everything up', null],
      ['keep the good ones', null],
      ['drop the delivered ones unless the invoice total is above 1000', 'Set aside rows where ‹Status› is "delivered" and not (‹Invoice total› is more than 1000).'],
      ['keep delivered shipments except those of Callow Glass', 'Keep rows where ‹Status› is "delivered" and ‹Customer› is not "Callow Glass".'],
      ['add 5 to pallets', 'Set ‹Pallets› to ‹Pallets› plus 5.'],
      ['double the rate', 'Set ‹Rate per kg› to ‹Rate per kg› times 2.'],
      ['set status to closed where it is delivered', null],
      ['turn booked into month', null],
      ['month of booked as a number', 'Add ‹Month of Booked› as the month of ‹Booked›.'],
    ],
  },
  {
    table: 'trips',
    csv: `Trip,Class,Teacher,Date,Depart,Return,Pupils,Adults,Cost,Collected,Coach,Note
T1,4a,Ms Orla Finch,2026-05-04,08:30,15:10,24,3,310.00,310.00,Blue Line,"museum, packed lunch"
T2,4b,mr bo varga,2026-05-06,09:00,,26,2,280.50,210.00,Blue line,farm
T3,5a,Ms Orla Finch,2026-05-11,,16:00,,3,,0,,zoo - rain plan
T4,5b,Dr Kay Lund,2026-06-02,08:00,17:30,28,4,540,560,Redbus,coast walk
T5,4a,Mr Bo Varga,2026-06-09,08:45,14:00,22,2,190,95.00,REDBUS,farm
T6,6,Dr Kay Lund ,2026-07-01,07:30,18:00,30,5,880,700,Blue Line,museum
`,
    cases: [
      ['shortfall: cost minus collected, nothing if there is no cost', 'Add ‹shortfall› as if ‹Cost› is blank or else ‹Cost› equals 0 then blank, otherwise ‹Cost› minus ‹Collected›.'],
      ['add a column Per pupil with the cost divided by pupils, to the nearest penny', 'Add ‹Per pupil› as ‹Cost› divided by ‹Pupils› rounded to 2 decimals.'],
      ['what did each pupil pay on average, collected over pupils, 2 decimals', null],
      ['pupils per adult, 1 decimal, call it Ratio', 'Add ‹Ratio› as ‹Pupils› divided by ‹Adults› rounded to 1 decimal.'],
      ['cost per head (pupils plus adults) in a new column', 'Add ‹Cost per Pupils plus Adults› as ‹Cost› divided by (‹Pupils› plus ‹Adults›).'],
      ['collected as percent of cost, no decimals', 'Add ‹Collected per Cost %› as (‹Collected› divided by ‹Cost›) times 100 rounded to 0 decimals.'],
      ['keep only class 4a', 'Keep rows where ‹Class› is "4a".'],
      ['just 4a and 4b please', 'Keep rows where ‹Class› is "4a" or "4b".'],
      ['trips in June only', 'Keep rows where (the month of ‹Date›) equals 6.'],
      ['drop the trips that have not been paid in full', null],
      ['remove trips with fewer than 25 pupils', 'Set aside rows where ‹Pupils› is less than 25.'],
      ['anything without a coach can be set aside', null],
      ['keep trips to the museum', null],
      ['which trips went to the farm? leave just those', null],
      ['keep trips by Dr Kay Lund', 'Keep rows where ‹Teacher› is "Dr Kay Lund".'],
      ['drop trips before june', null],
      ['only trips after 1 June 2026', null],
      ['sort by class, then date', 'Sort by ‹Class› and ‹Date›.'],
      ['largest cost first please', 'Sort by ‹Cost› from high to low.'],
      ['teacher: take off the title', null],
      ['split teacher into Title, First and Last', 'Add ‹Title› as the title of the person in ‹Teacher›. Add ‹First› as (the first name of the person in ‹Teacher›) and (the middle name of the person in ‹Teacher›) joined with " ". Add ‹Last› as the last name of the person in ‹Teacher›.'],
      ['teacher names in title case, and no spaces at the end', 'In ‹Teacher›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['coach should be Blue Line or Redbus', 'Spell ‹Coach› as "Blue Line" or "Redbus".'],
      ['change 4a to 4A in class', 'Replace "4a" in ‹Class› with "4A".'],
      ['make the class upper case', 'In ‹Class›, write in capitals.'],
      ['cost to a whole number', 'Set ‹Cost› to ‹Cost› rounded to 0 decimals.'],
      ['set collected to 0 where it is blank', 'Fill blanks in ‹Collected› with "0".'],
      ['if depart is blank put 09:00', null],
      ['remove the note column and the coach column', 'Drop ‹Note› and ‹Coach›.'],
      ['put note after trip', 'Move ‹Note› to after ‹Trip›.'],
      ['rename Pupils: Children', 'Rename ‹Pupils› to ‹Children›.'],
      ['date as day/month/year', null],
      ['the month name of the date in a column Month', 'Add ‹Month› as the month name of ‹Date›.'],
      ['weekday of the trip', 'Add ‹Weekday of Date› as the weekday of ‹Date›.'],
      ['add a total row', null],
      ['how much did we collect in total?', 'Answer ‹Total Collected› as the sum of ‹Collected› over the rows.'],
      ['delete the first two rows', null],
      ['keep every second row', null],
      ['remove the trip with the lowest cost', null],
      ['two most expensive trips', null],
      ['are there any duplicates? remove them', null],
      ['keep trips where collected is at least the cost', 'Keep rows where ‹Collected› is at least ‹Cost›.'],
      ['mark paid if collected is at least cost, otherwise owing, in a column State', 'Add ‹State› as if ‹Collected› is at least ‹Cost› then "paid", otherwise "owing".'],
      ['add 2 pupils to every trip', null],
      ['multiply adults by 2', 'Add ‹Adults times 2› as ‹Adults› times 2.'],
      ['cost minus 10 percent as Discounted', 'Add ‹Discounted› as ‹Cost› times (1 minus (10 divided by 100)).'],
      ['fill pupils with the average', 'Fill blanks in ‹Pupils› with the mean.'],
      ['replace museum with gallery in the notes', null],
      ['clear the notes', null],
      ['drop everything', null],
    ],
  },
  {
    table: 'members',
    csv: `Member ID,Full name,Plan,Joined,Monthly fee,Visits,Last visit,Trainer,Weight start,Weight now,E-mail,City,Active
G001,Ada Larch,Gold,2023-01-14,€45.00,12,2025-02-27,Tom Reed,82.5,77,ada.larch@fernmail.example,Oldmere,Y
G002,bruno  pike,silver,14/02/2023,€30.00,4,2025-02-11,,95,96.2,bruno@pikeworks.example,Brackwell,yes
G003,CELIA MOSS,Gold,3 March 2023,45,0,2024-10-02,Ina Vogt,70.1,68.4,,Oldmere,no
G004,Dario Quill,Bronze,2023-04-09,€20.00,7,2025-02-20,Tom Reed,88,85.5,dario.q@fernmail.example,Saltby,Y
G005,Edda Stone,Silver,2023-05-22,€30.00,,2025-01-15,,64,,edda@stone.example,oldmere,N
G006,Finn Vale,gold,01/06/2023,€45.00,15,2025-02-28,Ina Vogt,101.3,92,finn.vale@fernmail.example,Saltby,Y
G007,Gita Oakes,Bronze,2023-07-30,waived,2,2025-02-03,Tom Reed,59,60.5,gita@oakes.example,Brackwell,no
G008,Hugo Brandt,Silver,2023-08-18,€30.00,9,2025-02-25,,78.4,78.4,hugo.b@fernmail.example,Saltby,yes
G009,Iris Fenn,Gold,2023-09-05,€45.00,11,2025-02-26,Ina Vogt,66,63.2,iris@fenn.example,Oldmere,Y
G010,Jonas Tarn,Bronze,2023-10-11,€20.00,1,2024-12-12,Tom Reed,90,,jonas.tarn@fernmail.example,Brackwell,N
`,
    cases: [
      ['the names are all over the place, could you put them in proper case and lose the double spaces', 'In ‹Full name›, reduce runs of spaces to one and write in title case.'],
      ['joined should be a real date, day first where there are slashes', 'Turn ‹Joined› into dates, the day before the month.'],
      ['make the fee a number, waived means 0', 'Turn ‹Monthly fee› into numbers, reading "waived" as "0".'],
      ['plan: always Gold, Silver or Bronze', 'Spell ‹Plan› as "Gold", "Silver" or "Bronze".'],
      ['turn active into yes/no', 'Turn ‹Active› into yes or no.'],
      ['write none where no trainer is assigned', 'Fill blanks in ‹Trainer› with "none".'],
      ['split the full name into First and Last at the first space', 'Split ‹Full name› at the first " " into ‹First› and ‹Last›.'],
      ['new column Domain with whatever comes after the @ in the email', null],
      ['kilos lost: start weight minus weight now, one decimal', 'Add ‹kilos lost› as ‹Weight start› minus ‹Weight now› rounded to 1 decimal.'],
      ['how much weight did each member lose in percent of the start weight? 1 decimal, leave blank if we have no current weight', null],
      ['fee per visit, 2 decimals, blank if there were no visits', 'Add ‹Monthly fee per Visits› as ‹Monthly fee› divided by ‹Visits› rounded to 2 decimals.'],
      ['add a column Band: regular from 8 visits, occasional from 3, rare below that', 'Add ‹Band› as if ‹Visits› is at least 8 then "regular", if ‹Visits› is at least 3 then "occasional", if ‹Visits› is less than 3 then "rare", otherwise blank.'],
      ['flag everyone whose last visit was before 2025-01-01 as lapsed, the others as current', 'Add ‹Last visit label› as if ‹Last visit› is less than the date "2025-01-01" then "lapsed", otherwise "current".'],
      ['keep only the gold members', 'Keep rows where ‹Plan› is "Gold".'],
      ['throw out everybody who is not active', 'Set aside rows where ‹Active› is "no" or "N".'],
      ['who hasnt got an email? keep just those', 'Keep rows where ‹E-mail› is blank.'],
      ['i only want people from oldmere or saltby', 'Keep rows where ‹City› is "Oldmere" or "Saltby".'],
      ['drop the trainer and city columns, we dont need em', 'Drop ‹Trainer› and ‹City›.'],
      ['move email to right after the name', 'Move ‹E-mail› to after ‹Full name›.'],
      ['rename Visits to Visits Feb and Monthly fee to Fee', 'Rename ‹Visits› to ‹Visits Feb› and ‹Monthly fee› to ‹Fee›.'],
      ['sort by visits descending, then by name', 'Sort by ‹Visits› from high to low and ‹Full name›.'],
      ['give me the 3 members with the most visits', 'Keep 3 rows with the highest ‹Visits›.'],
      ['how many members per plan?', 'Answer ‹Rows› as the number of rows; for each ‹Plan›.'],
      ['average visits by city, 1 decimal', 'Answer ‹Average Visits› as the mean of ‹Visits› over the rows rounded to 1 decimal; for each ‹City›.'],
      ['what share of members is active?', 'Answer ‹Share %› as ((the sum of (if ‹Active› is "Y" or "yes" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which trainer has the most members?', 'Answer ‹Rows› as the number of rows; for each ‹Trainer›; sorted by ‹Rows› from high to low; the first 1.'],
      ['rank the members by visits, most visits = 1', 'Add ‹Rank by Visits› as the rank, highest first, of ‹Visits›.'],
      ['put the city in title case', 'In ‹City›, write in title case.'],
      ['months between joining and the last visit', 'Add ‹Months from Joined to Last visit› as the whole months from ‹Joined› to ‹Last visit›.'],
      ['year of joining in its own column', 'Add ‹Year of Joined› as the year of ‹Joined›.'],
      ['initials of every member', 'Add ‹Initials of Full name› as the initials of ‹Full name›.'],
      ['add the average visits of the plan next to each member', 'Add ‹Average Visits per Plan› as the mean of ‹Visits› over the rows for each ‹Plan›.'],
      ["difference between a member's visits and the average of their plan, one decimal", 'Add ‹Visits minus average Visits per Plan› as ‹Visits› minus (the mean of ‹Visits› over the rows for each ‹Plan›) rounded to 1 decimal.'],
      ['how many different trainers are there', 'Answer ‹Different Trainer› as the number of different values of ‹Trainer› over the rows.'],
      ['members without a visit can go', null],
    ],
  },
  {
    table: 'orders',
    csv: `Order,Ordered on,Due,Delivered,Shop,Item,Trays,Pieces,Unit price,Cost,Driver,Remarks,Paid
B-1001,2025-03-01,2025-03-03,2025-03-03,Corner Shop North,Rye loaf,4,48,2.40,61.20,Lena,left at the back door ref 77120,yes
B-1002,2025-03-01,2025-03-02,2025-03-04,Station Kiosk,Poppy roll,10,240,0.55,58.00,Marek,customer complained: too dark,no
B-1003,2025-03-02,2025-03-04,2025-03-04,Hilltop Cafe,Rye loaf,2,24,2.40,30.60,Lena,,yes
B-1004,2025-03-02,2025-03-05,,Station Kiosk,Honey cake,3,36,3.10,70.50,Marek,not delivered yet,no
B-1005,2025-03-03,2025-03-05,2025-03-06,Mill Canteen,Poppy roll,20,480,0.55,110.00,Sefa,late because of snow,yes
B-1006,2025-03-04,2025-03-06,2025-03-06,Hilltop Cafe,Seed bar,5,0,1.20,0,Lena,cancelled by phone,no
B-1007,2025-03-05,2025-03-07,2025-03-07,Corner Shop North,Honey cake,1,12,3.10,23.50,Sefa,ref 77154,yes
B-1008,2025-03-05,2025-03-08,2025-03-08,Mill Canteen,Rye loaf,8,96,2.40,122.40,Sefa,,no
B-1009,2025-03-06,2025-03-08,2025-03-09,Riverside Inn,Poppy roll,6,144,0.55,36.00,Marek,please call first,yes
B-1010,2025-03-07,2025-03-10,2025-03-10,Riverside Inn,Seed bar,5,60,1.20,45.00,Lena,ref 77201,yes
`,
    cases: [
      ['days late = delivered minus due, call it Days late', 'Add ‹Days late› as the whole days from ‹Due› to ‹Delivered›.'],
      ['revenue per order: pieces times unit price, two decimals', 'Add ‹revenue per order› as ‹Pieces› times ‹Unit price› rounded to 2 decimals.'],
      ['add profit (pieces x unit price less cost)', 'Add ‹Pieces times Unit price minus Cost› as (‹Pieces› times ‹Unit price›) minus ‹Cost›.'],
      ['profit margin in percent of revenue, 1 decimal', null],
      ['pieces per tray, leave it empty when there are no pieces', 'Add ‹Pieces per Trays› as if ‹Pieces› equals 0 then blank, otherwise ‹Pieces› divided by ‹Trays›.'],
      ['pull the five digit ref out of the remarks into a column Ref', 'Add ‹Ref› as the first code like "#####" in ‹Remarks›.'],
      ['label each order: open if not delivered, late if delivered after the due date, on time otherwise. call it State', 'Add ‹State› as if ‹Delivered› is blank then "open", if ‹Delivered› is more than ‹Due› then "late", otherwise "on time".'],
      ['remove cancelled orders (remarks mention cancelled)', 'Set aside rows where ‹Remarks› mentions the word "cancelled".'],
      ['keep orders of more than 50 pieces from Mill Canteen or Station Kiosk', 'Keep rows where ‹Pieces› is more than 50 and ‹Shop› is "Mill Canteen" or "Station Kiosk".'],
      ['set aside unpaid ones', 'Set aside rows where ‹Paid› is "no".'],
      ['only orders between 2 and 5 march 2025', null],
      ['total pieces per item, biggest first', 'Answer ‹Total Pieces› as the sum of ‹Pieces› over the rows; for each ‹Item›; sorted by ‹Total Pieces› from high to low.'],
      ['what did we sell to each shop in total? pieces times price', null],
      ['how many orders did each driver deliver', 'Answer ‹Rows› as the number of rows; for each ‹Driver›.'],
      ['average cost per order, 2 decimals', 'Answer ‹Average Cost› as the mean of ‹Cost› over the rows rounded to 2 decimals.'],
      ['which shop ordered the most trays?', 'Answer ‹Total Trays› as the sum of ‹Trays› over the rows; for each ‹Shop›; sorted by ‹Total Trays› from high to low; the first 1.'],
      ['running total of pieces', 'Add ‹Running total of Pieces› as the running total of ‹Pieces›.'],
      ['share of each order in the total pieces, in percent with one decimal', 'Add ‹Pieces per total Pieces› as (‹Pieces› divided by (the sum of ‹Pieces› over the rows)) times 100 rounded to 1 decimal.'],
      ['cost per piece to 3 decimals; blank for zero pieces', 'Add ‹Cost per Pieces› as ‹Cost› divided by ‹Pieces› rounded to 3 decimals.'],
      ['weekday of the order date', 'Add ‹Weekday of Ordered on› as the weekday of ‹Ordered on›.'],
      ['combine shop and item with a slash between them in a column Shop item', 'Add ‹Shop item› as ‹Shop› and ‹Item› joined with "/".'],
      ['first word of the shop name', 'Add ‹Part of Shop› as piece 1 of ‹Shop› cut at " ".'],
      ['paid in capitals', 'In ‹Paid›, write in capitals.'],
      ['cost rounded to whole numbers', 'Set ‹Cost› to ‹Cost› rounded to 0 decimals.'],
      ['sort by shop and within the shop by ordered on, newest first', 'Sort by ‹Shop› and ‹Ordered on› from high to low.'],
      ['leave only one row per shop, the first one', 'Keep the first row of each ‹Shop›.'],
      ['top 2 orders per driver by pieces', 'Keep 2 rows with the highest ‹Pieces› for each ‹Driver›.'],
      ['replace Kiosk by Stand in the shop names', 'Replace "Kiosk" in ‹Shop› with "Stand".'],
      ['make a copy of the remarks called Notes', 'Copy ‹Remarks› to ‹Notes›.'],
      ['put order last', 'Move ‹Order› to the end.'],
      ['fill the empty remarks with a dash', 'Fill blanks in ‹Remarks› with "-".'],
      ['number of days from order to delivery, nothing while undelivered', 'Add ‹Days from Ordered on to Delivered› as the whole days from ‹Ordered on› to ‹Delivered›.'],
      ['how many pieces were ordered in total by Riverside Inn?', 'Answer ‹Total Pieces› as the sum of ‹Pieces› over the rows; only where ‹Shop› is "Riverside Inn".'],
      ['median cost', 'Answer ‹Median Cost› as the median of ‹Cost› over the rows.'],
      ['raise every unit price by 5 percent, 2 decimals', 'Set ‹Unit price› to ‹Unit price› times (1 plus (5 divided by 100)) rounded to 2 decimals.'],
    ],
  },
  {
    table: 'trees',
    csv: `Tag,Species,Planted,Park,Height m,Girth cm,Health,Last check,Checked by,Comment,Risk score,Watered
T-0101,Silver birch,2001,Rose Garden,14.2,110,good,2024-05-03,K. Amsel,nest in the crown,2,yes
T-0102,silver Birch,2003,Rose Garden,12.8,98,Good,2024-05-03,K. Amsel,,1,yes
T-0103,Field maple,,Old Castle,9.5,74 cm,fair,12/06/2024,K Amsel,dead branch over the path (urgent),6,no
T-0104,Horse chestnut,1962,Old Castle,22,301,poor,2024-06-12,P. Dohl,"leaf miner, dead wood",8,no
T-0105,Lime,1978,Canal Walk,18.4,188,good,2024-07-01,P. Dohl,,3,
T-0106,FIELD MAPLE,2010,Canal Walk,7.1,n/a,fair,2023-09-14,k. amsel,stake is broken,4,yes
T-0107,Lime,1978,Canal Walk,0,0,felled,2024-07-02,P. Dohl,felled after the storm,0,no
T-0108,Silver birch,2015,Station Square,6.3,41,good,,,young tree,1,yes
T-0109,Horse chestnut,1990,Rose Garden,16,201,fair,2024-05-04,P. Dohl,mushroom at the base (urgent),7,no
T-0110,Ornamental cherry,2018,Station Square,4.2,33,poor,2024-08-20,K. Amsel,bark damaged by mower,5,yes
`,
    cases: [
      ['species are spelled any which way, please capitalise just the first letter and make the rest small', null],
      ['girth as a plain number in cm, n/a left blank', 'Turn ‹Girth cm› into numbers in "cm", reading "n/a" as blank.'],
      ['last check to proper dates', 'Turn ‹Last check› into dates.'],
      ['age of each tree in 2025: 2025 minus planted, blank when planted is unknown', null],
      ['slenderness = height times 100 divided by girth, 1 decimal place, nothing if girth is zero or missing', 'Add ‹slenderness› as (‹Height m› times 100) divided by ‹Girth cm› rounded to 1 decimal.'],
      ['mark as Urgent yes/no depending on whether the comment says urgent', 'Add ‹Urgent› as if ‹Comment› mentions the word "urgent" then "yes", otherwise "no".'],
      ['class by risk: 0-2 low, 3-5 medium, 6 and up high, call it Risk class', 'Add ‹Risk class› as if ‹Risk score› is at least 0 and ‹Risk score› is at most 2 then "low", if ‹Risk score› is at least 3 and ‹Risk score› is at most 5 then "medium", if ‹Risk score› is at least 6 then "high", otherwise blank.'],
      ['take out the felled trees', 'Set aside rows where ‹Health› is "felled".'],
      ['just the trees in the Rose Garden that are in good health', 'Keep rows where ‹Park› is "Rose Garden" and ‹Health› is "good".'],
      ['show me trees whose risk is 5 or more, riskiest first', 'Keep rows where ‹Risk score› is at least 5. Sort by ‹Risk score› from high to low.'],
      ['who checked how many trees?', null],
      ['average height by species with two decimals', 'Answer ‹Average Height m› as the mean of ‹Height m› over the rows rounded to 2 decimals; for each ‹Species›.'],
      ['tallest tree in each park', 'Keep 1 rows with the highest ‹Height m› for each ‹Park›.'],
      ['how many trees have never been checked', null],
      ['which park has the highest average risk?', 'Answer ‹Average Risk score› as the mean of ‹Risk score› over the rows; for each ‹Park›; sorted by ‹Average Risk score› from high to low; the first 1.'],
      ['get rid of the watered column', 'Drop ‹Watered›.'],
      ['put park before species', 'Move ‹Park› to before ‹Species›.'],
      ['write unknown where planted is empty', 'Fill blanks in ‹Planted› with "unknown".'],
      ['checked by: K. Amsel or P. Dohl, nothing else', 'Spell ‹Checked by› as "K. Amsel" or "P. Dohl".'],
      ['trees planted before 1980', 'Keep rows where ‹Planted› is less than 1980.'],
      ['the text in the brackets of the comment, in a new column Flag', 'Add ‹Flag› as the text between "(" and ")" in ‹Comment›.'],
      ['first letter of the park', 'Add ‹Park first 1› as the first 1 characters of ‹Park›.'],
      ['rank trees within each park by height, tallest is 1', 'Add ‹Rank by Height m› as the rank, highest first, of ‹Height m› for each ‹Park›.'],
      ['share of trees in poor health, as a percentage without decimals', 'Answer ‹Share %› as ((the sum of (if ‹Health› is "poor" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 0 decimals.'],
      ['copy comment into a column Original comment', 'Copy ‹Comment› to ‹Original comment›.'],
      ['delete rows with no comment', 'Set aside rows where ‹Comment› is blank.'],
      ['height in feet', null],
      ['remove everything in brackets from the comment', 'Remove what is between "(" and ")" from ‹Comment›.'],
      ['two decimals for height', 'Set ‹Height m› to ‹Height m› rounded to 2 decimals.'],
      ['order by park then height from tall to small', 'Sort by ‹Park› and ‹Height m› from high to low.'],
      ['how tall is the tallest tree?', null],
      ['number of species', 'Answer ‹Different Species› as the number of different values of ‹Species› over the rows.'],
      ['trees that are neither good nor fair', 'Keep rows where ‹Health› is not "good" or "fair".'],
      ['round girth to the nearest ten', 'Set ‹Girth cm› to (‹Girth cm› divided by 10 rounded to 0 decimals) times 10.'],
      ['count trees by health', 'Answer ‹Rows› as the number of rows; for each ‹Health›.'],
    ],
  },
  {
    table: 'jobs',
    csv: `Job,Client,Languages,Words,Rate,Translator,Start,Deadline,Finished,Invoice,Fee,Paid on,Contact,Rush
J-88,Alder & Finch Ltd,en-de,3200,0.11,"Moser, Lina",2025-01-06,2025-01-10,2025-01-09,INV-2025-014,352.00,2025-02-01,kim@alderfinch.example 0555 201 777,n
J-89,Vale Museums,fr-en,1500,0.12,"Okello, Sam",2025-01-07,2025-01-15,2025-01-17,INV-2025-015,180.00,,0555 201 888,Y
J-90,alder & finch,de-en,820,0.11,"Moser, Lina",2025-01-08,2025-01-09,2025-01-09,INV-2025-016,90.20,2025-01-30,kim@alderfinch.example,y
J-91,Harbour Radio,es-en,10400,0.10,"Prat, Nuria",2025-01-10,2025-02-01,,,,,news@harbourradio.example / 0555 300 100,n
J-92,Vale Museums,en-fr,2750,0.12,"Okello, Sam",2025-01-13,2025-01-24,2025-01-22,INV-2025-018,330.00,2025-02-20,,n
J-93,Brook Legal,en-de,640,0.18,"Moser, Lina",2025-01-14,2025-01-16,2025-01-16,INV-2025-019,115.20,,desk@brooklegal.example,Y
J-94,Harbour Radio,en-es,0,0.10,"Prat, Nuria",2025-01-20,2025-01-21,,,0,,,n
J-95,Brook Legal,de-en,4100,0.18,"Moser, Lina",2025-01-22,2025-02-05,2025-02-06,INV-2025-021,738.00,2025-03-04,desk@brooklegal.example 0555 777 010,N
`,
    cases: [
      ['split languages into From and To', 'Split ‹Languages› at "-" into ‹From› and ‹To›.'],
      ['put the translator the other way round, like "Moser, Lina" -> "Lina Moser"', 'Set ‹Translator› to (piece 2 of ‹Translator› cut at ",") followed by " " followed by (piece 1 of ‹Translator› cut at ",").'],
      ['fee should be words x rate, rounded to cents, in a new column Expected', 'Add ‹Expected› as ‹Words› times ‹Rate› rounded to 2 decimals.'],
      ['difference between fee and words times rate', 'Add ‹Fee minus Words times Rate› as ‹Fee› minus (‹Words› times ‹Rate›).'],
      ['days from start to finish, leave open jobs empty', 'Add ‹Days from Start to Finished› as the whole days from ‹Start› to ‹Finished›.'],
      ['was it late? late if finished after the deadline, else in time; empty if not finished', 'Add ‹Finished label› as if ‹Finished› is blank then blank, if ‹Finished› is more than ‹Deadline› then "late", otherwise "in time".'],
      ['only rush jobs please', 'Keep rows where ‹Rush› is "Y" or "y".'],
      ['set aside jobs with zero words', 'Set aside rows where ‹Words› equals 0.'],
      ['unpaid invoices only (paid on is empty but there is an invoice)', null],
      ['extract the phone number from contact, put it in Phone', 'Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['and the email in Email', null],
      ['strip Ltd off the client names', 'Remove trailing "Ltd" from ‹Client›.'],
      ['the number at the end of the invoice as Invoice no', 'Add ‹Invoice no› as the last number in ‹Invoice›.'],
      ['words per day (start to finish), whole number', null],
      ['cumulative fee in the order of the start date', 'Sort by ‹Start›. Add ‹Running total of Fee› as the running total of ‹Fee›.'],
      ['total fee per client, biggest first, top 3', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Client›; sorted by ‹Total Fee› from high to low; the first 3.'],
      ['how many words has Lina Moser translated?', 'Answer ‹Total Words› as the sum of ‹Words› over the rows; only where ‹Translator› is "Moser, Lina".'],
      ['average rate weighted by words', 'Answer ‹Total Rate times Words per total Rate label› as (the sum of (‹Rate› times ‹Words›) over the rows) divided by (the sum of (if ‹Rate› is blank then 0, otherwise ‹Words›) over the rows).'],
      ['what percentage of jobs was rush', 'Answer ‹Share %› as ((the sum of (if ‹Rush› is "Y" or "y" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['fee per thousand words', 'Add ‹Fee per Words per 1000› as ‹Fee› divided by (‹Words› divided by 1000).'],
      ['month of the deadline as a name', 'Add ‹Month of Deadline› as the month name of ‹Deadline›.'],
      ['jobs that finished in january', 'Keep rows where (the month of ‹Finished›) equals 1.'],
      ['add 19% vat to the fee as Gross, 2 decimals', 'Add ‹Gross› as ‹Fee› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['keep the last job of each client', 'Keep the last row of each ‹Client›.'],
      ['latest start on top', 'Sort by ‹Start› from high to low.'],
      ['drop rate, rush and contact', 'Drop ‹Rate›, ‹Rush› and ‹Contact›.'],
      ['make rush a real yes/no column', 'Turn ‹Rush› into yes or no.'],
      ['rename Paid on -> Paid date', 'Rename ‹Paid on› to ‹Paid date›.'],
      ['which translator earned the most', null],
      ['replace the dash in languages with an arrow "→"', 'Replace "-" in ‹Languages› with "→".'],
      ['initials of the translator in capitals', 'Add ‹Initials of Translator› as the initials of ‹Translator›.'],
      ['fill empty fees with 0', 'Fill blanks in ‹Fee› with "0".'],
      ['label words: short under 1000, medium 1000 to 4999, long from 5000', 'Add ‹Words label› as if ‹Words› is less than 1000 then "short", if ‹Words› is at least 1000 and ‹Words› is at most 4999 then "medium", if ‹Words› is at least 5000 then "long", otherwise blank.'],
      ['jobs over 300 euro that are not paid yet', null],
      ['sort by fee, biggest on top', 'Sort by ‹Fee› from high to low.'],
    ],
  },
  {
    table: 'bookings',
    csv: `Booking,Guest,Country,Arrival,Departure,Room type,Nights,Adults,Children,Room rate,Extras,Deposit,Channel,Breakfast,Notes,Status
HB-301,"Linde, Karla",Norway,2025-04-01,2025-04-04,double,3,2,0,€95.00,12.50,100,web,yes,late arrival after 22:00,checked out
HB-302,"Abara, June",Ireland,2025-04-02,2025-04-03,Single,1,1,0,€70.00,0,,phone,no,,checked out
HB-303,"Reyle, Tomas",Spain,2025-04-02,2025-04-09,Family,7,2,3,€140.00,85.20,300,Web,Yes,cot needed; allergy: nuts,checked out
HB-304,"Holm, Greta",norway,2025-04-05,2025-04-07,double,2,2,0,€95.00,,100,agency,y,,cancelled
HB-305,"Sol, Karin",Sweden,2025-04-06,2025-04-08,Double,2,1,1,€95.00,22,100,web,no,paid in cash,checked out
HB-306,"Vance, Dario",Ireland,2025-04-10,,single,,1,0,€70.00,0,50,phone,N,open stay,in house
HB-307,"Moravec, Lena",Czechia,2025-04-11,2025-04-12,FAMILY,1,2,2,€140.00,9,,agency,YES,call 0555 410 220,no show
HB-308,"Orme, Felix",Ireland,2025-04-12,2025-04-15,single,3,1,0,€65.00,14.75,70,web,yes,,in house
HB-309,"Linde, Karla",Norway,2025-05-02,2025-05-04,double,2,2,0,€98.00,18,100,Web,yes,returning guest,booked
HB-310,"Biel, Anouk",Spain,2025-05-03,2025-05-06,Double,3,2,1,€98.00,0,150,agency,no,allergy: milk,booked
`,
    cases: [
      ['country with capital first letters please', 'In ‹Country›, write in title case.'],
      ['room types all in lower case', 'In ‹Room type›, write in lower case.'],
      ['guest: turn "Linde, Karla" into "Karla Linde"', 'Set ‹Guest› to (piece 2 of ‹Guest› cut at ",") followed by " " followed by (piece 1 of ‹Guest› cut at ",").'],
      ['total to pay = nights x room rate + extras, blank extras count as 0, two decimals', 'Add ‹total to pay› as (‹Nights› times ‹Room rate›) plus (‹Extras›, or 0 where it is blank) rounded to 2 decimals.'],
      ['what is left after the deposit? same but minus deposit, call it Balance', null],
      ['persons per booking (adults plus children)', 'Add ‹persons per booking› as ‹Adults› plus ‹Children›.'],
      ['price per person and night, 2 decimals', null],
      ['hide cancelled and no show bookings', 'Set aside rows where ‹Status› is "cancelled" or "no show".'],
      ['only the norwegians', null],
      ['everything that came through an agency', 'Keep rows where ‹Channel› is "agency".'],
      ['who stays longer than 2 nights', null],
      ['bookings with kids', null],
      ['channel in small letters', 'In ‹Channel›, write in lower case.'],
      ['is breakfast included? make it proper yes or no', 'Turn ‹Breakfast› into yes or no.'],
      ['arrivals in may 2025 only', 'Keep rows where ‹Arrival› is at least the date "2025-05-01" and ‹Arrival› is at most the date "2025-05-31".'],
      ['nights from arrival to departure, leave it blank if they are still here', 'Add ‹Days from Arrival to Departure› as the whole days from ‹Arrival› to ‹Departure›.'],
      ['put a Stay column: short up to 2 nights, medium up to 4, long above', 'Add ‹Stay› as if ‹Nights› is at most 2 then "short", if ‹Nights› is at most 4 then "medium", if ‹Nights› is more than 4 then "long", otherwise blank.'],
      ['phone number out of the notes into Phone', 'Add ‹Phone› as the first telephone number in ‹Notes›.'],
      ['whatever comes after "allergy:" in the notes as Allergy', 'Add ‹Allergy› as the text after the first "allergy:" in ‹Notes›.'],
      ['how many nights did we sell in total', 'Answer ‹Total Nights› as the sum of ‹Nights› over the rows.'],
      ['average extras per booking, leave out the blank ones', 'Answer ‹Average Extras› as the mean of ‹Extras› over the rows.'],
      ['revenue by room type (nights times rate)', 'Answer ‹Total Nights times Room rate› as the sum of (‹Nights› times ‹Room rate›) over the rows; for each ‹Room type›.'],
      ['share of web bookings in percent', 'Answer ‹Share %› as ((the sum of (if ‹Channel› is "web" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many guests from each country', 'Answer ‹Different Guest› as the number of different values of ‹Guest› over the rows; for each ‹Country›.'],
      ['the three bookings with the highest extras', 'Keep 3 rows with the highest ‹Extras›.'],
      ['bookings sorted by arrival, latest first', 'Sort by ‹Arrival› from high to low.'],
      ['remove the euro sign from the room rate', 'Turn ‹Room rate› into numbers.'],
      ['fill missing deposits with 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['drop channel, notes and status', 'Drop ‹Channel›, ‹Notes› and ‹Status›.'],
      ['swap guest and booking', 'Move ‹Guest› to before ‹Booking›.'],
      ['rename Room rate to Rate, Room type to Type', 'Rename ‹Room rate› to ‹Rate› and ‹Room type› to ‹Type›.'],
      ['weekday of arrival', 'Add ‹Weekday of Arrival› as the weekday of ‹Arrival›.'],
      ['only one line per guest, keep the latest arrival', 'Keep 1 rows with the highest ‹Arrival› for each ‹Guest›.'],
    ],
  },
  {
    table: 'exams',
    csv: `Candidate no,Name,School,Paper 1,Paper 2,Oral,Max,Sat on,Examiner,Grade,Resit,Fee,Remark
C1001,mina tarr,Eastbank High,34,28,15,100,12.05.2025,H. Ostrow,B,no,€45,
C1002,RAVI PENHALE,Eastbank High,40,38,18,100,12.05.2025,H. Ostrow,A,no,€45,excellent
C1003,Sefa Tuilo,Millside School,18,,9,100,13/05/2025,W. Krantz,E,yes,€60,absent for paper 2
C1004,iris calloway,Millside School,29,31,14,100,13/05/2025,W. Krantz,B,no,€45,
C1005,Jonas Wren,Dockside College,36,35,,100,2025-05-14,H Ostrow,A,no,€45,oral postponed
C1006,Petra Lind,Dockside College,22,19,11,100,2025-05-14,w. krantz,D,yes,€60,(appeal) script sent back
C1007,Otis Brandt,Dockside College,0,0,0,100,,H. Ostrow,,no,waived,withdrew
C1008,Greta Holm,Parkfield Academy,31,27,16,100,15 May 2025,W. Krantz,B,no,€45,
C1009,eli sandoval,Parkfield Academy,38,40,19,100,15 May 2025,H. Ostrow,A,no,€45,best of the year
C1010,Hal Ostrow,Parkfield Academy,25,24,12,100,15 May 2025,W. Krantz,C,yes,€60,(appeal) pending
`,
    cases: [
      ['names in normal spelling, first letters big rest small', null],
      ['add Total = paper 1 + paper 2 + oral, leave blank if anything is missing', 'Add ‹Total› as (‹Paper 1› plus ‹Paper 2›) plus ‹Oral›.'],
      ['total as a percentage of max, no decimals', null],
      ['mean of the two papers, one decimal, skip blanks', 'Add ‹Average of Paper 1, Paper 2› as the mean across ‹Paper 1› and ‹Paper 2› rounded to 1 decimal.'],
      ['Passed: yes if the total of both papers is at least 50 otherwise no', 'Add ‹Passed› as if ‹Paper 1› plus ‹Paper 2› is at least 50 then "yes", otherwise "no".'],
      ['all dates in the same format, day first', 'Turn ‹Sat on› into dates, the day before the month.'],
      ['one examiner spelling each: H. Ostrow and W. Krantz', 'Spell ‹Examiner› as "H. Ostrow" or "W. Krantz".'],
      ['fee without the euro sign as a number, waived counts as 0', 'Turn ‹Fee› into numbers, reading "waived" as "0".'],
      ['candidates who must resit', 'Keep rows where ‹Resit› is "yes".'],
      ['get rid of people who withdrew', 'Set aside rows where ‹Remark› is "withdrew".'],
      ['only papers sat in the week from 12 to 14 may 2025', null],
      ['which school has the best average in paper 1?', 'Answer ‹Average Paper 1› as the mean of ‹Paper 1› over the rows; for each ‹School›; sorted by ‹Average Paper 1› from high to low; the first 1.'],
      ['how many resits per school', 'Answer ‹Rows› as the number of rows; for each ‹School›; only where ‹Resit› is "yes".'],
      ['highest oral mark', 'Answer ‹Highest Oral› as the highest of ‹Oral› over the rows.'],
      ['how many candidates have no oral mark', null],
      ['average of paper 2 for Dockside College', 'Answer ‹Average Paper 2› as the mean of ‹Paper 2› over the rows; only where ‹School› is "Dockside College".'],
      ['list the schools', 'List each ‹School›.'],
      ['count of each grade', 'Answer ‹Rows› as the number of rows; for each ‹Grade›.'],
      ['rank by paper 1 within the school, best first', 'Add ‹Rank by Paper 1› as the rank, highest first, of ‹Paper 1› for each ‹School›.'],
      ['gap between paper 1 and paper 2', 'Add ‹Paper 1 minus Paper 2› as ‹Paper 1› minus ‹Paper 2›.'],
      ["distance of each candidate's paper 1 to the school average, 2 decimals", 'Add ‹Paper 1 minus average Paper 1 per School› as ‹Paper 1› minus (the mean of ‹Paper 1› over the rows for each ‹School›) rounded to 2 decimals.'],
      ['split the name into First name and Last name', 'Add ‹First name› as (the first name of the person in ‹Name›) and (the middle name of the person in ‹Name›) joined with " ". Add ‹Last name› as the last name of the person in ‹Name›.'],
      ['take what is in brackets in the remark into a column Note, the rest can stay', 'Add ‹Note› as the text between "(" and ")" in ‹Remark›.'],
      ['candidate no without the C as a number', 'Remove "C" from ‹Candidate no›. Turn ‹Candidate no› into numbers.'],
      ['put school right after candidate no', 'Move ‹School› to after ‹Candidate no›.'],
      ['move fee to the end', 'Move ‹Fee› to the end.'],
      ['flag marks of zero in paper 1', null],
      ['give everyone 2 extra points in paper 2', 'Set ‹Paper 2› to ‹Paper 2› plus 2.'],
      ['best candidate of each school by paper 1', 'Keep 1 rows with the highest ‹Paper 1› for each ‹School›.'],
      ['delete the max column', 'Drop ‹Max›.'],
      ['replace blank remarks by "none"', 'Fill blanks in ‹Remark› with "none".'],
      ['sort by grade then name', 'Sort by ‹Grade› and ‹Name›.'],
    ],
  },
  {
    table: 'plots',
    csv: `Plot,Holder,Since,Size,Rent,Paid,Water share,Crop,Inspected,Condition,Phone,Comment
P-01,"Larch, Edda",2015-03-01,120 m2,€48.00,48,yes,potatoes; beans,2025-05-10,tidy,0555-100-201,
P-02,"Quill, Dario",01/04/2018,80 m2,€32.00,20,Yes,tomatoes,2025-05-10,Tidy,0555 100 202,reminder sent 12 May
P-03,"Moss, Celia",2019-05-15,100,€40.00,40,no,,2025-05-11,overgrown,,second warning; fence broken
P-04,"Oakes, Gita",3 June 2020,80 m2,32,,n,beans; onions; herbs,,,0555.100.204,new holder
P-05,"Stone, Edda",2020-07-01,150 m2,€60.00,60,Y,potatoes,2025-05-11,TIDY,0555 100 205,
P-06,"Vale, Finn",12/08/2021,120 m2,€48.00,0,no,maize; beans,2025-05-12,neglected,0555 100 206,warning letter no. 77
P-07,vacant,,80 m2,,,,,2025-05-12,overgrown,,to let
P-08,"Brandt, Hugo",2022-02-20,100 m2,€40.00,40,yes,herbs,2025-05-12,tidy,0555 100 208,paid in cash
P-09,"Fenn, Iris",2023-09-01,60 m2,€24.00,30,no,tomatoes; herbs,2025-05-13,tidy,0555 100 209,overpaid
P-10,"Tarn, Jonas",2024-01-10,150 m2,€60.00,15,yes,,2025-05-13,neglected,0555 100 210,pays by instalments
`,
    cases: [
      ['Condition is written in different ways, please put it all in small letters.', 'In ‹Condition›, write in lower case.'],
      ['I want Size as a bare number of square metres, without the m2.', 'Turn ‹Size› into numbers in "m2".'],
      ['Since was typed in several styles; turn it into proper dates, the day comes first where there are slashes.', 'Turn ‹Since› into dates, the day before the month.'],
      ['Make Paid zero where it is empty.', 'Fill blanks in ‹Paid› with "0".'],
      ['What does each holder still owe? Rent minus paid, two decimals, new column Owed, blank for vacant plots.', 'Add ‹Owed› as if ‹Holder› is "vacant" then blank, otherwise ‹Rent› minus ‹Paid› rounded to 2 decimals.'],
      ['Please add the rent per square metre, 3 decimals.', 'Add ‹Rent per Size› as ‹Rent› divided by ‹Size› rounded to 3 decimals.'],
      ['Years each holder has had the plot on 1 June 2025, full years, call the column Years.', null],
      ['Put yes or no in Water share consistently.', 'Turn ‹Water share› into yes or no.'],
      ['Split crop into Crop 1, Crop 2 and Crop 3 at the semicolons.', 'Split ‹Crop› at ";" into ‹Crop 1›, ‹Crop 2› and ‹Crop 3›.'],
      ['Show the holders as "Edda Larch" instead of "Larch, Edda" in a new column.', 'Add ‹Part of Holder rewritten› as (piece -1 of ‹Holder› cut at ",") followed by " " followed by (piece 1 of ‹Holder› cut at ",").'],
      ['Throw out the vacant plot.', 'Set aside rows where ‹Holder› is "vacant".'],
      ['Keep the plots that are overgrown or neglected.', 'Keep rows where ‹Condition› is "overgrown" or "neglected".'],
      ['I only want plots where more was paid than the rent.', 'Keep rows where ‹Paid› is more than ‹Rent›.'],
      ['Which plots have no phone number? Keep only those.', 'Keep rows where ‹Phone› is blank.'],
      ['Drop the comment and the phone please.', 'Drop ‹Comment› and ‹Phone›.'],
      ['Move Condition right behind Size.', 'Move ‹Condition› to after ‹Size›.'],
      ['Call Since "Member since" and Inspected "Last visit".', 'Rename ‹Since› to ‹Member since› and ‹Inspected› to ‹Last visit›.'],
      ['Sort them by size, biggest first, and by plot where the size is the same.', 'Sort by ‹Size› from high to low and ‹Plot›.'],
      ['Give me the five smallest plots.', 'Keep 5 rows with the lowest ‹Size›.'],
      ['Pull the number of the letter out of the comment (the digits after "no.") into Letter.', null],
      ['Add a column Status: paid up when paid equals the rent, partly when something was paid but less than the rent, nothing when it is zero or empty, otherwise too much.', null],
      ['How many plots are there in each condition?', 'Answer ‹Rows› as the number of rows; for each ‹Condition›.'],
      ['What is the total rent, and what was paid in total?', 'Answer ‹Total Rent› as the sum of ‹Rent› over the rows; and ‹Total Paid› as the sum of ‹Paid› over the rows.'],
      ['Average size of the tidy plots, one decimal.', 'Answer ‹Average Size› as the mean of ‹Size› over the rows rounded to 1 decimal; only where ‹Condition› is "tidy".'],
      ['Which condition has the most plots? Just that one.', 'Answer ‹Rows› as the number of rows; for each ‹Condition›; sorted by ‹Rows› from high to low; the first 1.'],
      ['What percentage of the plots has been inspected?', 'Answer ‹Share %› as ((the sum of (if ‹Inspected› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['Rank the plots by rent, dearest first, equal rents share a place.', 'Add ‹Rank by Rent› as the rank, highest first, of ‹Rent›.'],
      ['The rent as a share of all rents, in percent, 1 decimal.', 'Add ‹Rent per total Rent› as (‹Rent› divided by (the sum of ‹Rent› over the rows)) times 100 rounded to 1 decimal.'],
      ['Replace "no." by "number" in the comments.', 'Replace "no." in ‹Comment› with "number".'],
      ['Get rid of everything but digits in the phone numbers.', 'Remove all everything but digits from ‹Phone›.'],
    ],
  },
  {
    table: 'runs',
    csv: `Run,Line,Day,From stop,To stop,Planned,Left at,Passengers,Seats,Tickets EUR,Diesel l,Km,Driver,Incident
R1,12,2025-06-02,Harbour,Hilltop,07:00,07:02,48,50,96.40,11.2,31.5,Sefa T.,
R2,12,2025-06-02,Hilltop,Harbour,08:00,08:00,31,50,60.10,10.9,31.5,Sefa T.,
R3,7,2025-06-02,Station,Millside,07:15,07:31,22,35,41.00,5.1,14.2,Marek D.,traffic jam at the bridge
R4,7,02/06/2025,Millside,Station,08:15,08:16,35,35,70.00,5.3,14.2,Marek D.,full; left people behind
R5,3,2025-06-03,Depot,Eastbank,06:30,,0,35,0,,9.8,Lena M.,cancelled (bus broken)
R6,12,2025-06-03,Harbour,Hilltop,07:00,07:05,51,50,101.20,11.6,31.5,Otis B.,overcrowded
R7,7,3 June 2025,Station,Millside,07:15,07:15,19,35,36.50,5.0,14.2,Marek D.,
R8,3,2025-06-03,Eastbank,Depot,16:00,16:12,12,35,20.80,4.2,9.8,Lena M.,traffic jam
R9,3,2025-06-04,Depot,Eastbank,06:30,06:30,17,35,30.00,4.0,9.8,Lena M.,
R10,12,2025-06-04,Hilltop,Harbour,08:00,08:03,,50,,11.0,31.5,Otis B.,counter failed
`,
    cases: [
      ['Some days are written differently, make them all real dates (day first).', 'Turn ‹Day› into dates, the day before the month.'],
      ['Minutes late: left at minus planned.', null],
      ['Occupancy of every run in percent, no decimals; runs without a passenger count stay blank.', 'Add ‹Passengers per Seats %› as if ‹Passengers› is blank or else ‹Passengers› equals 0 then blank, otherwise (‹Passengers› divided by ‹Seats›) times 100 rounded to 0 decimals.'],
      ['Tickets per passenger in euros, 2 decimals, blank where nobody travelled.', 'Add ‹Tickets EUR per Passengers› as ‹Tickets EUR› divided by ‹Passengers› rounded to 2 decimals.'],
      ['Diesel per 100 km, one decimal please.', 'Add ‹Diesel l per Km per 100› as ‹Diesel l› divided by (‹Km› divided by 100) rounded to 1 decimal.'],
      ['Join the two stops with " > " and call that Route.', 'Add ‹Route› as ‹From stop› and ‹To stop› joined with " > ".'],
      ['Mark runs with more passengers than seats as crowded, all others as fine, in a column Load.', 'Add ‹Load› as if ‹Passengers› is more than ‹Seats› then "crowded", otherwise "fine".'],
      ['Remove the cancelled run (it says so under incident).', null],
      ['Just the runs of line 12 or 7 with at least 20 passengers.', 'Keep rows where [‹Line› equals 12 or else ‹Line› equals 7] and ‹Passengers› is at least 20.'],
      ['Runs on 3 June only.', 'Keep rows where (the month of ‹Day›) equals 6 and (the day of ‹Day›) equals 3.'],
      ['Passengers per line in total, most first.', 'Answer ‹Total Passengers› as the sum of ‹Passengers› over the rows; for each ‹Line›; sorted by ‹Total Passengers› from high to low.'],
      ['How many runs did every driver make?', 'Answer ‹Rows› as the number of rows; for each ‹Driver›.'],
      ['average km per line', 'Answer ‹Average Km› as the mean of ‹Km› over the rows; for each ‹Line›.'],
      ['Which driver carried the most passengers altogether?', 'Answer ‹Total Passengers› as the sum of ‹Passengers› over the rows; for each ‹Driver›; sorted by ‹Total Passengers› from high to low; the first 1.'],
      ['Difference in passengers from the run before on the same line, first run of a line empty.', 'Add ‹Passengers minus row above Passengers› as ‹Passengers› minus (the row above of ‹Passengers› for each ‹Line›).'],
      ['cumulative passengers down the list', 'Add ‹Running total of Passengers› as the running total of ‹Passengers›.'],
      ['Take what is in brackets out of incident and put it in a column Reason', 'Add ‹Reason› as the text between "(" and ")" in ‹Incident›.'],
      ['Fill the missing incidents with "none".', 'Fill blanks in ‹Incident› with "none".'],
      ['tickets with a comma... no, rather round tickets to whole euros', null],
      ['Round Diesel l up to full litres.', 'Set ‹Diesel l› to ‹Diesel l› rounded up to 0 decimals.'],
      ['keep the last run of each day', 'Keep the last row of each ‹Day›.'],
      ['sort by line, then by planned time', 'Sort by ‹Line› and ‹Planned›.'],
      ['copy Incident to Notes and blank out the word traffic jam in it', null],
      ['Rename Left at -> Departed', 'Rename ‹Left at› to ‹Departed›.'],
      ['driver without the dot at the end', 'Remove trailing "." from ‹Driver›.'],
      ['weekday of each run as a word', 'Add ‹Weekday of Day› as the weekday of ‹Day›.'],
      ['Put the line number in front of the run, e.g. "12" and "R1" gives "12-R1", new column Key', null],
      ['runs that had an incident', 'Keep rows where ‹Incident› is filled.'],
      ['How many seats were empty on average?', null],
      ['flag late if it left more than 5 minutes after the plan', null],
    ],
  },
  {
    table: 'singers',
    csv: `Singer ID,Name,Voice,Born,Joined,Phone,Mail,Concerts 2023,Concerts 2024,Dues,Paid,Robe size,Can read music,Remarks
S-01,"Amsel, Klara",soprano,1988-04-02,2015-09-01,0555 200 111,klara@amsel.example,8,9,€60.00,60,M,y,solo in May
S-02,"Dohl, Peter",Tenor,12.11.1975,2012-01-15,,p.dohl@nestmail.example,10,7,€60.00,30,L,Y,
S-03,"Finch, Mona",alto,1990-07-30,01.09.2018,0555-200-113,,6,10,€60.00,,S,no,moved; new address
S-04,"Kranich, Otto",BASS,3 May 1969,2009-03-10,0555 200 114,otto@kranich.example,0,4,reduced,20,XL,n,owes 40 EUR from 2023
S-05,"Meise, Nina",Soprano,1995-12-19,2020-02-01,0555 200 115,nina.meise@nestmail.example,7,7,€60.00,60,M,yes,
S-06,"Specht, Udo",tenor,1982-02-28,2016-06-20,,udo@specht.example,9,,€60.00,45.50,L,,on leave since 2024
S-07,"Star, Ella",Alto,1999-10-10,2022-09-15,0555.200.117,ella.star@nestmail.example,3,8,reduced,30,,No,student
S-08,"Taube, Hans",bass ,1958-08-08,2005-11-05,0555 200 118,,10,10,free,0,XL,yes,honorary member
S-09,"Zeisig, Lia",SOPRANO,2001-01-23,2023-01-20,0555 200 119,lia@zeisig.example,5,9,reduced,30,S,Y,solo in June; paid twice (refund 30 EUR)
`,
    cases: [
      ['the voices are a jumble of capitals and small letters, and one has a space at the end. please make them all lower case without spaces around them', 'In ‹Voice›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['both date columns should become real dates, dots mean day.month.year', null],
      ['dues as numbers please: reduced is 30, free is 0', 'Turn ‹Dues› into numbers, reading "reduced" as "30" and "free" as "0".'],
      ['Nothing paid yet should read 0', 'Fill blanks in ‹Paid› with "0".'],
      ['turn can read music into plain yes and no', 'Turn ‹Can read music› into yes or no.'],
      ['split the names into Surname and First name at the comma', 'Split ‹Name› at "," into ‹Surname› and ‹First name›.'],
      ['I need the names like "Klara Amsel" in a new column called Display', 'Add ‹Display› as (piece 2 of ‹Name› cut at ",") followed by " " followed by (piece 1 of ‹Name› cut at ",").'],
      ['put the domain of the mail address in its own column', 'Add ‹Domain› as the first domain in ‹Mail›.'],
      ['get the amount in EUR out of the remarks, as a number, column Sum mentioned', 'Add ‹Sum mentioned› as the first amount of money in ‹Remarks›.'],
      ['write the initials of everybody in a column Init', null],
      ['how old was everyone on 1 January 2025, in full years? call it Age', 'Add ‹Age› as the whole years from ‹Born› to the date "2025-01-01".'],
      ['years in the choir until 2025-01-01', 'Add ‹Years from Joined to 2025-01-01› as the whole years from ‹Joined› to the date "2025-01-01".'],
      ['change in concerts from 2023 to 2024', 'Add ‹Concerts 2024 minus Concerts 2023› as ‹Concerts 2024› minus ‹Concerts 2023›.'],
      ['growth of concerts 2023 to 2024 in percent, no decimals, blank if there were none in 2023', 'Add ‹Concerts 2024 minus Concerts 2023 per Concerts…› as ((‹Concerts 2024› minus ‹Concerts 2023›) divided by ‹Concerts 2023›) times 100 rounded to 0 decimals.'],
      ['total concerts over both years, an empty year counts as none', 'Add ‹Concerts 2023 plus Concerts 2024› as (‹Concerts 2023›, or 0 where it is blank) plus (‹Concerts 2024›, or 0 where it is blank).'],
      ["what is still open: dues less paid, never below 0, blank if the dues aren't a number", null],
      ['share of the dues that was paid, in percent with one decimal', 'Add ‹Paid per Dues› as (‹Paid› divided by ‹Dues›) times 100 rounded to 1 decimal.'],
      ['concerts per year on average, 1 decimal', null],
      ['level: senior from 15 concerts in 2024... no wait, from 9 concerts in 2024, otherwise regular', null],
      ['kick out everybody who sang no concert in 2023', 'Set aside rows where ‹Concerts 2023› equals 0.'],
      ['keep the sopranos and altos', 'Keep rows where ‹Voice› is "soprano" or "alto".'],
      ['only those who can read music', 'Keep rows where ‹Can read music› is "Y", "yes" or "y".'],
      ['singers without a phone or without a mail', 'Keep rows where ‹Phone› is blank or else ‹Mail› is blank.'],
      ['who joined before 2015? leave just them', 'Keep rows where ‹Joined› is less than the date "2015-01-01".'],
      ['the 3 oldest singers (by born)', null],
      ['sort by voice, and inside each voice by name', 'Sort by ‹Voice› and ‹Name›.'],
      ['drop phone, mail and robe size', 'Drop ‹Phone›, ‹Mail› and ‹Robe size›.'],
      ['move remarks to the very front', 'Move ‹Remarks› to the front.'],
      ['rename "Can read music" to "Reads music"', 'Rename ‹Can read music› to ‹Reads music›.'],
      ['replace semicolons by commas in the remarks', 'Replace ";" in ‹Remarks› with ",".'],
      ['how many singers per voice', 'Answer ‹Rows› as the number of rows; for each ‹Voice›.'],
      ['average concerts in 2024 per voice with 1 decimal, best voice first', 'Answer ‹Average Concerts 2024› as the mean of ‹Concerts 2024› over the rows rounded to 1 decimal; for each ‹Voice›; sorted by ‹Average Concerts 2024› from high to low.'],
      ['how many of them have not paid anything', 'Answer ‹Rows› as the number of rows; only where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['which voice pays the most altogether', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Voice›; sorted by ‹Total Paid› from high to low; the first 1.'],
    ],
  },
  {
    table: 'tickets',
    csv: `Ticket,Dropped off,Ready,Customer,Items,Kg,Service,Rate,Extras,Paid,Shop,Stain note,Rating
W100,2025-02-03 09:10,2025-02-04 16:00,Hotel Larch,42,18.5,wash+iron,2.80,5.00,56.80,North,,5
W101,2025-02-03 11:30,2025-02-05 12:00,Mrs Vale,6,2.1,dry clean,6.50,,13.65,north,red wine on 2 shirts,4
W102,2025-02-04 08:00,,Cafe Finch,30,11,wash,2.10,2.50,,South,,
W103,2025-02-04 15:45,2025-02-04 18:00,Mr Oakes,3,1.2,express,7.00,3.00,11.40,North,ink,3
W104,2025-02-05 10:00,2025-02-07 10:00,Hotel Larch,55,24,wash+iron,2.80,,67.20,South,,5
W105,2025-02-05 17:20,2025-02-06 17:00,Mrs Vale,2,0.9,dry clean,6.50,1.00,6.85,North,coffee; grease,2
W106,2025-02-06 09:00,2025-02-08 09:00,Bistro Moss,18,,wash,2.10,,,SOUTH,weight not taken,
W107,2025-02-06 12:15,2025-02-07 12:00,Mr Tarn,4,1.6,wash,2.10,0,3.36,North,,4
W108,2025-02-07 08:30,2025-02-07 17:00,Hotel Larch,0,0,wash+iron,2.80,0,0,South,cancelled by customer,
`,
    cases: [
      ['shop names in title case', 'In ‹Shop›, write in title case.'],
      ['amount due = kg times rate plus extras (no extras means zero), 2 decimals, empty if there is no weight', 'Add ‹amount due› as if ‹Kg› is blank or else ‹Kg› equals 0 then blank, otherwise (‹Kg› times ‹Rate›) plus (‹Extras›, or 0 where it is blank) rounded to 2 decimals.'],
      ['what do we charge per item? paid divided by items, two decimals, blank for zero items', 'Add ‹Paid per Items› as ‹Paid› divided by ‹Items› rounded to 2 decimals.'],
      ['turnaround in hours from dropped off to ready, blank while not ready', 'Add ‹Hours from Dropped off to Ready› as the whole hours from ‹Dropped off› to ‹Ready›.'],
      ['only keep hotel and bistro customers (customer starts with Hotel or Bistro)', null],
      ['remove everything that was cancelled by the customer', null],
      ['grade the ratings: 5 is excellent, 3 and 4 are ok, below that is bad, no rating means unknown', null],
      ['take the day out of dropped off (without the time) into a column Day', null],
      ['weekday dropped off', 'Add ‹Weekday of Dropped off› as the weekday of ‹Dropped off›.'],
      ['split service at the plus into Service 1 and Service 2', 'Split ‹Service› at "+" into ‹Service 1› and ‹Service 2›.'],
      ['add a running count of tickets... I mean a running total of items', null],
      ['difference between paid and what should have been paid (kg x rate + extras)', 'Add ‹Paid minus Kg times Rate plus Extras› as ‹Paid› minus ((‹Kg› times ‹Rate›) plus ‹Extras›).'],
      ['total kg per shop', 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; for each ‹Shop›.'],
      ['how much did Hotel Larch pay in total?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; only where ‹Customer› is "Hotel Larch".'],
      ['average rating, 1 decimal', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows rounded to 1 decimal.'],
      ['number of tickets per service, most frequent first', 'Answer ‹Rows› as the number of rows; for each ‹Service›; sorted by ‹Rows› from high to low.'],
      ['which customer brought the most items?', 'Answer ‹Total Items› as the sum of ‹Items› over the rows; for each ‹Customer›; sorted by ‹Total Items› from high to low; the first 1.'],
      ['kg as a share of the shop total, percent, 2 decimals', null],
      ['the heaviest ticket of every customer', 'Keep 1 rows with the highest ‹Kg› for each ‹Customer›.'],
      ['tickets over 10 kg or with more than 20 items', 'Keep rows where ‹Kg› is more than 10 or else ‹Items› is more than 20.'],
      ['rank tickets within each shop by kg, heaviest = 1', 'Add ‹Rank by Kg› as the rank, highest first, of ‹Kg› for each ‹Shop›.'],
      ['round kg up to whole kilos', 'Set ‹Kg› to ‹Kg› rounded up to 0 decimals.'],
      ['ticket number without the W as a number', 'Remove "W" from ‹Ticket›. Turn ‹Ticket› into numbers.'],
      ['put extras after rate', 'Move ‹Extras› to after ‹Rate›.'],
      ['are there stains? new column Stain with yes when a note is there, else no', 'Add ‹Stain› as if ‹Stain note› is filled then "yes", otherwise "no".'],
      ['mark express tickets with ! in a new column Prio, others empty', null],
    ],
  },
  {
    table: 'rentals',
    csv: `Rental,Tool,Category,Borrower,Out,Back,Days allowed,Daily fee,Charged,Deposit,Condition back,Serial,Contact,Staff
R-501,Cordless drill,power,"Fenn, Iris",2025-06-02,2025-06-04,3,€4.00,8.00,€20,good,PD-0031-X,iris@fenn.example,Kit
R-502,Ladder 3 m,access,"Quill, Dario",2025-06-02,2025-06-09,5,€6.50,45.50,€30,Good,AC-0107-L,0555 300 102,Kit
R-503,circular saw,Power,"Moss, Celia",03/06/2025,,2,€7.00,,€40,,PD-0044-X,celia@mossworks.example / 0555 300 103,Jory
R-504,Hedge trimmer,garden,"Fenn, Iris",4 June 2025,2025-06-05,3,€5.00,5.00,,scratched,GA-0012-H,iris@fenn.example,Jory
R-505,Cordless Drill,POWER,"Tarn, Jonas",2025-06-05,2025-06-05,1,€4.00,4.00,€20,good,PD-0031-X,,Kit
R-506,Tile cutter,building,"Oakes, Gita",2025-06-06,2025-06-16,7,€8.00,80.00,€50,blade missing,BU-0002-T,gita@oakes.example,jory
R-507,Ladder 3 m,Access,"Brandt, Hugo",2025-06-07,2025-06-10,5,free,0,€30,good,AC-0107-L,0555 300 107,Selma
R-508,Pressure washer,cleaning,"Quill, Dario",2025-06-09,2025-06-11,2,€9.00,18.00,€60,Good,CL-0009-W,0555 300 102,Selma
`,
    cases: [
      ['Category should be written in small letters throughout.', 'In ‹Category›, write in lower case.'],
      ['Capitalise every word of the tool names.', 'In ‹Tool›, write in title case.'],
      ['Out is a mixture of date styles, I need real dates with the day first.', 'Turn ‹Out› into dates, the day before the month.'],
      ['Turn the daily fee into a number; where it says free put 0.', 'Turn ‹Daily fee› into numbers, reading "free" as "0".'],
      ['The deposit without the euro sign please, and 0 where there is none.', 'Turn ‹Deposit› into numbers. Fill blanks in ‹Deposit› with "0".'],
      ['Days out is back minus out; leave it empty while the tool is still away.', 'Add ‹Days› as the whole days from ‹Out› to ‹Back›.'],
      ['How many days late was each rental? Days out minus days allowed, but 0 when it was on time.', null],
      ['Work out what should have been charged (days between out and back times the daily fee) and call it Due, two decimals.', 'Add ‹Due› as (the whole days from ‹Out› to ‹Back›) times ‹Daily fee› rounded to 2 decimals.'],
      ['Charged per day out with 2 decimals, blank if it came back the same day.', null],
      ["New column Late: yes if it was back more than the allowed days after it went out, no otherwise, blank if it isn't back yet.", null],
      ['Give the borrowers as first name then surname in a column Borrower name, so "Fenn, Iris" turns into "Iris Fenn".', 'Add ‹Borrower name› as (the first name of the person in ‹Borrower›), (the middle name of the person in ‹Borrower›) and (the last name of the person in ‹Borrower›) joined with " ".'],
      ['Take the middle part of the serial (the digits between the dashes) into a column Number.', null],
      ['Split serial into Group, Number and Letter at the dashes.', 'Split ‹Serial› at "-" into ‹Group›, ‹Number› and ‹Letter›.'],
      ['E-mail address from contact into Email, phone into Phone.', 'Add ‹Email› as the first e-mail address in ‹Contact›. Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['Only show me the rentals of power tools.', 'Keep rows where ‹Category› is "power".'],
      ['Set aside everything Kit handed out.', 'Set aside rows where ‹Staff› is "Kit".'],
      ['Rentals that have not come back.', 'Keep rows where ‹Back› is blank.'],
      ["Drop contact and serial, we won't need them.", 'Drop ‹Contact› and ‹Serial›.'],
      ['Put Staff right after Rental.', 'Move ‹Staff› to after ‹Rental›.'],
      ['Rename "Out" to "Taken on" and "Back" to "Returned on".', 'Rename ‹Out› to ‹Taken on› and ‹Back› to ‹Returned on›.'],
      ['Sort by borrower and then by out, latest first.', 'Sort by ‹Borrower› and ‹Out› from high to low.'],
      ['Keep just the latest rental of each tool.', null],
      ['How many rentals did each member of staff handle?', 'Answer ‹Rows› as the number of rows; for each ‹Staff›.'],
      ['What did we charge in total per category, highest first?', 'Answer ‹Total Charged› as the sum of ‹Charged› over the rows; for each ‹Category›; sorted by ‹Total Charged› from high to low.'],
      ['Which borrower paid the most? Just the name.', null],
      ['What share of the rentals came back in good condition, in percent?', null],
      ['Average daily fee of the power tools, 2 decimals.', 'Answer ‹Average Daily fee› as the mean of ‹Daily fee› over the rows rounded to 2 decimals; only where ‹Category› is "power".'],
      ['Number the rentals of each borrower... rather, rank the rentals of each borrower by charge, most expensive first.', 'Add ‹Number within Borrower› as the rank, highest first, of ‹Charged› for each ‹Borrower›.'],
      ['Label the condition: fine if good, damaged if anything else is written, unknown when blank.', 'Add ‹Condition back label› as if ‹Condition back› is "good" then "fine", if ‹Condition back› is blank then "unknown", if ‹Condition back› is filled then "damaged", otherwise blank.'],
      ['Replace "scratched" by "light damage" in the condition.', 'Replace "scratched" in ‹Condition back› with "light damage".'],
    ],
  },
  {
    table: 'appointments',
    csv: `Appt no,Booked for,Time,Patient,Born,Dentist,Treatment,Room,Minutes,Fee,Paid,Insurer,Insurer share,Showed up,Phone,Remarks
A-3001,03/02/2025,09:00,"Orla Finch",1984-05-12,Dr Pell,Check-up,2 - ground floor,30,45.00,45.00,Hartwell,40%,yes,0161 496 0011,
A-3002,03/02/2025,09.30,"tobin marsh ",1990-11-02,Dr Pell,Filling,2 - ground floor,45,120.00,60.00,,,Y,0161 496 0012,nervous; wants injection
A-3003,04/02/2025,10:15,"GRETA  HOLM",2012-07-30,Dr Aune,Cleaning,1 - first floor,20,38.00,,Norrland Health,50%,no,n/a,school holidays only
A-3004,04/02/2025,11:00,"Pim de Waal",1975-01-19,Dr Aune,Crown,1 - first floor,90,640.00,640.00,Hartwell,30%,yes,0161 496 0014,
A-3005,10/02/2025,14:00,"Orla Finch",1984-05-12,Dr Pell,Filling,2 - ground floor,45,120.00,,Hartwell,40%,n,0161 496 0011,cancelled the day before
A-3006,11/02/2025,15:30,"Ivo Lindqvist",1968-03-08,Dr Sund,Extraction,3 - annex,60,150.00,150.00,,,yes,0161 496 0016,call after 5 pm
A-3007,12/02/2025,16:00,"Mina Rask",2001-09-25,Dr Sund,Check-up,3 - annex,30,45.00,0,Hartwel,40%,Yes,,pays next time
A-3008,12/02/2025,08:30,"Tobin Marsh",1990-11-02,Dr Pell,Cleaning,2 - ground floor,25,38.00,38.00,,,yes,0161 496 0012,
`,
    cases: [
      ['patients in proper case please and lose the odd spaces', 'In ‹Patient›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ["what's still owed on each appointment (fee less what was paid, no payment counts as nothing paid)", null],
      ['just the fillings and crowns', 'Keep rows where ‹Treatment› is "Filling" or "Crown".'],
      ["kick out everyone who didn't turn up", null],
      ['split room into a number and the place', null],
      ['turn showed up into a clean yes/no', 'Turn ‹Showed up› into yes or no.'],
      ['how much did each dentist bring in? biggest first', null],
      ['who has been here more than once', null],
      ['how old was each patient on the day of the appointment', 'Add ‹Years from Born to Booked for› as the whole years from ‹Born› to ‹Booked for›.'],
      ['patients under 18', null],
      ['the bit the insurer pays in money, rounded to cents, nothing where there is no insurer', null],
      ['Hartwel should be Hartwell', 'Replace cells that are "Hartwel" in ‹Insurer› with "Hartwell".'],
      ['sort by day and then by time', 'Sort by ‹Booked for› and ‹Time›.'],
      ['fee per minute with 2 decimals, call it Rate', 'Add ‹Rate› as ‹Fee› divided by ‹Minutes› rounded to 2 decimals.'],
      ['average minutes per treatment', 'Answer ‹Average Minutes› as the mean of ‹Minutes› over the rows; for each ‹Treatment›.'],
      ['drop remarks and phone', 'Drop ‹Remarks› and ‹Phone›.'],
      ['rename booked for to Date', 'Rename ‹Booked for› to ‹Date›.'],
      ['appointments in the second week of february', null],
      ['only the ones without an insurer that cost more than 100', 'Keep rows where ‹Insurer› is blank. Keep rows where ‹Fee› is more than 100.'],
      ['flag long appointments: over 45 minutes long, otherwise normal', 'Add ‹flag long appointments› as if ‹Minutes› is more than 45 then "long", otherwise "normal".'],
      ['put patient straight after appt no', 'Move ‹Patient› to after ‹Appt no›.'],
      ['fill the empty insurers with self-payer', 'Fill blanks in ‹Insurer› with "self-payer".'],
      ['first name and surname of the patient in two columns', 'Add ‹First name› as (the first name of the person in ‹Patient›) and (the middle name of the person in ‹Patient›) joined with " ". Add ‹Last name› as the last name of the person in ‹Patient›.'],
      ['show me the three dearest appointments', 'Keep 3 rows with the highest ‹Fee›.'],
      ['what share of appointments was missed', null],
      ['number of appointments and total fees per room', 'Answer ‹Rows› as the number of rows; and ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Room›.'],
      ['make the times all look the same, with a colon', null],
      ['which day was the busiest', null],
      ['what percentage of the fee has been paid, as a whole number', 'Add ‹Paid per Fee %› as (‹Paid› divided by ‹Fee›) times 100 rounded to 0 decimals.'],
      ['the phone number without spaces', null],
      ['blank the n/a in phone', 'Remove cells that are "n/a" from ‹Phone›.'],
      ['keep one row per patient, the latest appointment', null],
      ['does anyone owe us more than 100', null],
      ['initials of the patients', 'Add ‹Initials of Patient› as the initials of ‹Patient›.'],
      ['appointments before noon', null],
      ['running total of the fees by day', null],
      ['number the appointments of each patient', 'Add ‹Number within Patient› as the number of the row for each ‹Patient›.'],
      ["cost for the patient after the insurer's share", null],
    ],
  },
  {
    table: 'turbines',
    csv: `Turbine,Park,Model,Installed,Last service,Hub height m,Rated kW,Output MWh,Hours run,Hours down,Wind m/s,Technician,Fault code,Status,Repair cost,Spare parts
WT-01,Gull Ridge,Aerun V3,2012-06-01,2024-11-20,80,2000,4210.5,7900,310,7.4,"Brandt, Lea",E17; E22,running,1200,"brake pad, hub bolt"
WT-02,Gull Ridge,Aerun V3,2012-06-01,2024-10-02,80,2000,3980,7610,540,7.2,"Okafor, Sam",E22,running,850.5,hub bolt
WT-03,gull ridge,Aerun V4,2016-09-15,,95,3000,6120.8,8020,150,7.5,"Brandt, Lea",,running,0,
WT-04,Sand Point,Kestor 12,2009-04-20,2023-05-11,70,1500,1875.2,5200,2410,6.3,"Ivers, Jon",E03; E17; E40,stopped,15400,"gearbox, brake pad, filter"
WT-05,Sand Point,Kestor 12,2009-04-20,2024-08-30,70,1500,2790,7105,820,6.4,"okafor, sam",E03,running,2300,filter
WT-06,Sandpoint,Kestor 14,2019-02-11,2025-01-09,100,3200,7015.4,8300,90,6.9,,,running,,
WT-07,North Spit,Aerun V4,2021-07-07,2025-01-15,95,3000,0,0,8400,n/a,"Ivers, Jon",E99,stopped,48000,blade
`,
    cases: [
      ['capacity factor: output in kWh over rated kW times 8760, as a percentage, one decimal', null],
      ['share of the time each turbine was down', null],
      ['the park names are spelt differently, make them consistent', 'Standardise ‹Park›.'],
      ['how many fault codes does each turbine have', 'Add ‹Number of Fault code› as the number of pieces of ‹Fault code› cut at ";".'],
      ['split the fault codes into up to three columns', 'Split ‹Fault code› at ";" into ‹Fault code 1›, ‹Fault code 2› and ‹Fault code 3›.'],
      ['years since installation up to 1 January 2025', 'Add ‹Years from Installed to 2025-01-01› as the whole years from ‹Installed› to the date "2025-01-01".'],
      ['turbines not serviced since 1 june 2024', 'Keep rows where ‹Last service› is less than the date "2024-06-01".'],
      ["output per hour run, blank if it didn't run", 'Add ‹Output MWh per Hours run› as ‹Output MWh› divided by ‹Hours run›.'],
      ['technicians as first name last name', 'Set ‹Technician› to (the first name of the person in ‹Technician›), (the middle name of the person in ‹Technician›) and (the last name of the person in ‹Technician›) joined with " ".'],
      ['only running turbines at Gull Ridge', 'Keep rows where ‹Status› is "running" and ‹Park› is "Gull Ridge".'],
      ['total output and mean wind per park', 'Answer ‹Total Output MWh› as the sum of ‹Output MWh› over the rows; and ‹Average Wind m/s› as the mean of ‹Wind m/s› over the rows; for each ‹Park›.'],
      ['which model had the highest repair cost on average', 'Answer ‹Average Repair cost› as the mean of ‹Repair cost› over the rows; for each ‹Model›; sorted by ‹Average Repair cost› from high to low; the first 1.'],
      ['repair cost per MWh, 2 decimals, empty where nothing was produced', 'Add ‹Repair cost per Output MWh› as ‹Repair cost› divided by ‹Output MWh› rounded to 2 decimals.'],
      ['class the turbines by hub height: below 80 low, 80 to 95 medium, higher tall', 'Add ‹Hub height m label› as if ‹Hub height m› is less than 80 then "low", if ‹Hub height m› is at least 80 and ‹Hub height m› is at most 95 then "medium", if ‹Hub height m› is more than 95 then "tall", otherwise blank.'],
      ['put the stopped ones at the bottom', null],
      ['rank by output within each park', 'Add ‹Rank by Output MWh› as the rank, highest first, of ‹Output MWh› for each ‹Park›.'],
      ['drop anything to do with hours', 'Drop ‹Hours run› and ‹Hours down›.'],
      ['swap output to kWh', null],
      ['throw away turbines older than 2010', 'Set aside rows where ‹Installed› is less than the date "2010-01-01".'],
      ['fill in missing technician with nobody', 'Fill blanks in ‹Technician› with "nobody".'],
      ['list the turbines with E17', 'Keep rows where ‹Fault code› mentions the word "E17".'],
      ['how far is each one below the best output of its park', 'Add ‹Highest Output MWh per Park minus Output MWh› as (the highest of ‹Output MWh› over the rows for each ‹Park›) minus ‹Output MWh›.'],
      ['add the model family, i.e. the first word of model', 'Add ‹model family› as piece 1 of ‹Model› cut at " ".'],
      ['and the rest as version', null],
      ['which turbines have no service date', 'Keep rows where ‹Last service› is blank.'],
      ['average output of the Aerun machines', null],
      ['turn n/a in wind into blanks and make it a number', 'Remove cells that are "n/a" from ‹Wind m/s›. Turn ‹Wind m/s› into numbers.'],
      ['round output to whole MWh', 'Set ‹Output MWh› to ‹Output MWh› rounded to 0 decimals.'],
      ['sort by park, then output downwards', 'Sort by ‹Park› and ‹Output MWh› from high to low.'],
      ['what fraction of the total repair cost went to Sand Point', 'Answer ‹Total Park label per total Repair cost %› as ((the sum of (if ‹Park› is "Sand Point" then ‹Repair cost›, otherwise 0) over the rows) divided by (the sum of ‹Repair cost› over the rows)) times 100.'],
      ['count turbines by status and park', 'Answer ‹Rows› as the number of rows; for each ‹Status›; and by ‹Park›.'],
      ['the year each was installed', 'Add ‹Year of Installed› as the year of ‹Installed›.'],
      ['months between installation and last service', 'Add ‹Months from Installed to Last service› as the whole months from ‹Installed› to ‹Last service›.'],
    ],
  },
  {
    table: 'results',
    csv: `Bib,Runner,Club,Category,Country,Start wave,Gun time,Chip time,10 km,Half,Place,Age group,Paid,Donation,Entry date,Shirt,Remark
101,"LINDGREN, Eva",Harbour Striders,F40,swe,A,3:12:45,3:12:30,0:44:10,1:34:20,14,40-44,yes,€25,2025-01-14,M,
102,"Abara, Tunde",Harbour Striders,M35,NGA,A,2:58:02,2:57:51,0:41:00,1:27:40,5,35-39,yes,,14/01/2025,L,pacer
103,"osei, kofi",,M50,gha,B,3:45:10,3:43:02,0:52:30,1:50:00,44,50-54,no,10 EUR,2025-02-03,xl,
104,"Novak, Petra",Mill Road RC,F35,CZE,B,DNF,,0:49:15,1:45:30,,35-39,yes,€5.50,3 Feb 2025,S,stopped at 30 km
105,"Grant, Ailsa",Mill Road R.C.,F20,GBR,A,3:01:33,3:01:25,0:42:05,1:29:50,7,20-24,Y,,2025-02-10,m,
106,"Reyes, Marco",mill road rc,M45,ESP,C,4:10:00,4:05:12,0:56:40,2:01:15,80,45-49,yes,€40,10.02.2025,L ,needs refund
107,"Ito, Hana",Harbor Striders,F25,JPN,C,DNS,,,,,25-29,no,,2025-03-01,S,ill
108,"Weiss, Jonas",,M35,GER,B,3:30:20,3:29:00,0:48:00,1:41:10,31,35-39,n,€12,2025-03-02,M,
`,
    cases: [
      ['make runner names normal: Eva Lindgren instead of LINDGREN, Eva', null],
      ['country codes all in capitals', 'In ‹Country›, write in capitals.'],
      ['split category into sex and age class', 'Split ‹Category› at the change from letters to digits into ‹sex› and ‹age class›.'],
      ['who did not finish', null],
      ['turn chip time into minutes', 'Turn ‹Chip time› into numbers in "min".'],
      ['difference between gun time and chip time in seconds', 'Add ‹Gun time in min minus Chip time in min› as (‹Gun time› measured in "s") minus (‹Chip time› measured in "s").'],
      ['second half time: chip time minus half', 'Add ‹second half time› as (‹Chip time› measured in "min") minus (‹Half› measured in "min").'],
      ['second half slower than the first half by how many minutes', null],
      ['pace per km in minutes for 42.195 km, two decimals', null],
      ['one spelling per club, Mill Road RC for instance', 'Standardise ‹Club›.'],
      ['runners without a club should say independent', 'Fill blanks in ‹Club› with "independent".'],
      ['paid as yes or no please', 'Turn ‹Paid› into yes or no.'],
      ['donation as a number without currency, none means 0', 'Turn ‹Donation› into numbers, reading "none" as "0".'],
      ['how many runners per club, biggest club first', 'Answer ‹Count of Runner› as the count of ‹Runner› over the rows; for each ‹Club›; sorted by ‹Count of Runner› from high to low.'],
      ['fastest three runners', null],
      ['average chip time of wave A', 'Answer ‹Average Chip time in min› as the mean of (‹Chip time› measured in "min") over the rows; only where ‹Start wave› is "A".'],
      ['sort by place, blanks at the end', 'Sort by ‹Place›.'],
      ["drop those who didn't start (DNS)", 'Set aside rows where ‹Gun time› is "DNS".'],
      ['entry date in one style, day first', 'Turn ‹Entry date› into dates, the day before the month.'],
      ['who entered in february', null],
      ['shirt sizes: trim and capitals', 'In ‹Shirt›, trim outer spaces, reduce runs of spaces to one and write in capitals.'],
      ['count shirts by size', null],
      ['fees: add a column with 45 for paid ones and 0 for the rest', 'Add ‹fees› as if ‹Paid› is "yes" or "Y" then 45, otherwise 0.'],
      ['everyone older than 40 by category', null],
      ['add sex: the first letter of category', 'Add ‹sex› as the first 1 characters of ‹Category›.'],
      ['lower bound of the age group as a number', null],
      ['total donations and how many gave something', null],
      ['share of the donations that came from harbour striders', null],
      ['move bib to the end and runner to the front', 'Move ‹Bib› to the end. Move ‹Runner› to the front.'],
      ['rename 10 km to Ten km, half to Half marathon', 'Rename ‹10 km› to ‹Ten km› and ‹Half› to ‹Half marathon›.'],
      ['rank the runners within their category by chip time', 'Add ‹Rank by Chip time in min› as the rank, lowest first, of (‹Chip time› measured in "min") for each ‹Category›.'],
      ['only women', null],
      ['keep m35 and f35', 'Keep rows where ‹Category› is "M35" or "F35".'],
      ['runners with a remark', 'Keep rows where ‹Remark› is filled.'],
    ],
  },
  {
    table: 'stock',
    csv: `SKU,Description,Warehouse,Bin,Counted,System qty,Unit cost,Supplier,Last counted,Counter,Reorder level,Pack,Weight each,Status,Comment
KX-1001,"Hex bolt M8, zinc",North,A-12-03,480,500,0.12,Ferrum Ltd,2025-05-02,J. Holm,200,100 pcs,12 g,active,recount please
KX-1002,"Hex bolt M10, zinc",North,A-12-04,250,250,0.19,Ferrum Limited,2025-05-02,J. Holm,200,100 pcs,25 g,active,
KX-1003,"Washer M8, steel",North,A-13-01,1210,1200,0.02,Ossian Parts,02.05.2025,M. Adler,500,250 pcs,3 g,active,
KX-1004,"Anchor 80 mm, nylon",South,C-02-11,0,35,0.85,FERRUM LTD,2025-05-06,M. Adler,60,20 pcs,0.04 kg,active,missing??
KX-1005,"Hinge 100 mm, brass",South,C-04-02,64,64,3.40,Ossian Parts,2025-05-06,,25,10 pcs,0.21 kg,discontinued,
KX-1006,"Hinge 120 mm, brass",South,C-04-03,18,22,4.10,Ossian parts,06/05/2025,J. Holm,25,10 pcs,260 g,active,two damaged
KX-1007,"Lock set, steel",West,,9,9,18.75,,2025-05-08,P. Sand,10,each,1.1 kg,active,
KX-1008,"Lock set, brass",West,D-01-01,12,14,24.00,Norrland Tools,2025-05-08,P. Sand,10,each,1.2 kg,on order,
`,
    cases: [
      ['stock difference: counted minus system', 'Add ‹stock difference› as ‹Counted› minus ‹System qty›.'],
      ['value of the difference, i.e. difference times unit cost', null],
      ['only show lines where the count is off', null],
      ['split bin into aisle, rack and level', 'Split ‹Bin› at "-" into ‹aisle›, ‹rack› and ‹level›.'],
      ['material from the description, the part after the comma', 'Add ‹material› as the text after the first "," in ‹Description›.'],
      ['take the comma part out of the description into Material', null],
      ['weight in grams everywhere', 'Turn ‹Weight each› into numbers in "g".'],
      ['total stock value per warehouse using the counted quantity', null],
      ['below reorder level, those only', null],
      ['how many packs is that: counted divided by the pack size, rounded down', null],
      ['suppliers have different spellings, clean that up', 'Standardise ‹Supplier›.'],
      ['who counted the most lines', null],
      ['lines counted before 6 May 2025', 'Keep rows where ‹Last counted› is less than the date "2025-05-06".'],
      ['percentage deviation from the system quantity, one decimal, blank where system is zero', null],
      ['the three largest losses in money', null],
      ['flag: ok if the difference is zero, short if counted is less, over if it is more', null],
      ['fill missing bins with "no bin"', 'Fill blanks in ‹Bin› with "no bin".'],
      ['fill the missing counter with the one above', 'Fill blanks in ‹Counter› with the value above.'],
      ['drop status and comment', 'Drop ‹Status› and ‹Comment›.'],
      ['anything discontinued can go', 'Set aside rows where ‹Status› is "discontinued".'],
      ['mean unit cost by supplier', 'Answer ‹Average Unit cost› as the mean of ‹Unit cost› over the rows; for each ‹Supplier›.'],
      ['which warehouse has most items', 'Answer ‹Rows› as the number of rows; for each ‹Warehouse›; sorted by ‹Rows› from high to low; the first 1.'],
      ['get the size out of the description, like M8 or 80 mm', null],
      ["counter's last name", 'Add ‹Part of Counter› as piece -1 of ‹Counter› cut at " ".'],
      ['put warehouse and bin together as North/A-12-03', null],
      ['order quantity: reorder level minus counted, at least 0', 'Add ‹order quantity› as if ‹Reorder level› minus ‹Counted› is less than 0 then 0, otherwise ‹Reorder level› minus ‹Counted›.'],
      ['total weight of the stock on hand in kg', null],
      ['supplier in small letters', 'In ‹Supplier›, write in lower case.'],
      ['comments that ask for something', null],
      ['days between 1 June 2025 and last counted', 'Add ‹Days from 2025-06-01 to Last counted› as the whole days from the date "2025-06-01" to ‹Last counted›.'],
    ],
  },
];
