/*
 * Requests over tables in trades that the grammar was not written for, as people wrote them, each with the exact sentence
 * that is right. Null stands for what is asked about or refused today: it must never be carried out as something else.
 */

import { openSession } from '../brief/session';
import type { CheckedHead } from '../formula/check';
import { csvTable } from './tables';

export interface Round {
  readonly table: string;
  readonly csv: string;
  /** Other tables of the workspace. */
  readonly others?: Readonly<Record<string, string>>;
  readonly cases: readonly (readonly [string, string | null])[];
}

/** What is known of a round's table when its requests are read. */
export async function headOfRound({ table, csv, others = {} }: Round): Promise<CheckedHead> {
  return (await openSession(await csvTable(csv, table), await Promise.all(Object.entries(others).map(([name, text]) => csvTable(text, name))))).head;
}

/* Tables that several rounds speak of. */

const PAYMENTS = `Payment,Booked,Payer,Reference,Amount,Currency,Channel,Comment
P-31,2026-05-04,A. Holm,INV-204,120.00,EUR,card,
P-32,2026-05-04,Dune Ltd,INV-201,"1,450.00",EUR,transfer,thanks
P-33,2026-05-05,K Meyer,INV 205,75.50,EUR,cash,paid at desk
P-34,2026-05-06,Dune Ltd,INV-299,300.00,EUR,transfer,
P-35,2026-05-06,Orla Finn,INV-203,89.90,EUR,card,second try
P-36,2026-05-07,Orla Finn,INV-203,89.90,EUR,card,
P-37,2026-05-09,P. Rask,,60.00,EUR,cash,no reference given
P-38,2026-05-11,Lumen School,INV-206,510.00,EUR,transfer,two classes
P-39,2026-05-12,A. Holm,INV-207,45.00,SEK,card,
P-40,2026-05-15,T. Brandt,INV-208,200.00,EUR,transfer,part
`;

const INVOICES = `Invoice,Customer,Issued,Due,Total,Course,City
INV-201,Dune Ltd,2026-04-01,2026-05-01,1450.00,Welding,Arkel
INV-202,Tess Oda,2026-04-03,2026-05-03,95.00,Pottery,Brume
INV-203,Orla Finn,2026-04-06,2026-05-06,89.90,Pottery,Brume
INV-204,A. Holm,2026-04-10,2026-05-10,130.00,Bread,Arkel
INV-205,Karl Meyer,2026-04-12,2026-05-12,75.50,Bread,Cley
INV-206,Lumen School,2026-04-15,2026-05-15,510.00,Clay for kids,Cley
INV-207,A. Holm,2026-04-20,2026-05-20,45.00,Bread,Arkel
INV-208,T. Brandt,2026-04-22,2026-05-22,400.00,Welding,Arkel
`;

const LOANS = `Loan,Tool,Borrower,Out,Back,Deposit,Fee,State
L-1,Router,Nils Aar,2026-06-01,2026-06-04,20,6.00,good
L-2,Belt sander,Pia Holt,2026-06-02,,40,,
L-3,Router,Ben Oke,2026-06-05,2026-06-12,20,14.00,scratched
L-4,Ladder,Nils Aar,2026-06-06,2026-06-07,10,1.50,good
L-5,Drill,Vera Lind,2026-06-06,2026-06-09,15,4.50,dirty
L-6,Heat gun,Pia Holt,2026-06-08,2026-06-10,15,4.00,good
L-7,Drill,Sam Roo,2026-06-10,,15,,
L-8,Scaffold,Ben Oke,2026-06-11,2026-06-20,60,45.00,good
`;

const TOOLS = `Item,Category,Day rate,Max days,Bought for,Shelf
Router,Wood,2.00,5,180.00,A2
Belt sander,Wood,2.50,7,140.00,A3
Ladder,Access,1.50,14,90.00,C1
Drill,General,1.50,7,110.00,B1
Heat gun,General,2.00,3,45.00,B2
Planer,Wood,3.00,4,260.00,A4
`;

const MEMBERS = `Member,Joined,Phone,Street
Nils Aar,2024-03-01,0555 1001,Mill Lane 3
Pia Holt,2025-01-15,0555 1002,Quay 8
Ben Oke,2025-09-09,,Mill Lane 9
Vera Lind,2026-02-02,0555 1004,Fen Road 1
`;

const STAYS = `Stay,Dog,In,Out,Run,Meals,Extras,Charged,Status,Comment
S-01,K11,2026-03-02,2026-03-06,R1,8,0.00,96.00,done,
S-02,K07,2026-03-03,2026-03-05,R4,4,12.50,52.50,done,needs tablets at night
S-03,K02,2026-03-03,,R2,,,,here,
S-04,K11,2026-03-20,2026-03-24,R1,8,5.00,101.00,done,nervous of thunder
S-05,K15,2026-03-21,2026-03-22,R3,2,,24.00,done,
S-06,K99,2026-03-22,2026-03-29,R2,14,20.00,160.00,done,owner unknown
S-07,K04,2026-03-25,2026-03-28,R4,6,,66.00,done,
S-08,K07,2026-04-01,2026-04-04,R1,6,12.50,72.50,done,needs tablets at night
S-09,K04,2026-04-02,,R3,,,,here,
S-10,,2026-04-03,2026-04-04,R2,2,,20.00,cancelled,no tag read
`;

const DOGS = `Tag,Name,Breed,Owner,Weight kg,Vaccinated until,Day price
K02,Bramble,Spaniel,Ulla Frost,14.5,2026-09-30,20.00
K04,Odin,Wolfhound,Per Stark,58,2026-03-31,22.00
K07,Pixel,Terrier,Ina Moor,6.8,2026-12-31,20.00
K11,Juno,Labrador,Ulla Frost,29,2027-01-15,24.00
K15,Moss,Collie,Tam Reed,19.2,2025-12-31,24.00
K20,Fig,Terrier,Nell Roe,7.1,2026-08-01,20.00
`;

const JOBS = `Job,Client,Paper code,Sheets,Waste,Printed on,Operator,Invoiced,Remark
J101,Hazel Books,MAT-120,4200,130,2026-02-03,Lio,380.00,
J102,Bureau Tern,GLO-170,1500,45,2026-02-03,Ama,214.50,second proof
J103,Hazel Books,MAT-90,10000,410,2026-02-05,Lio,702.00,
J104,Pond Theatre,KRA-300,250,12,2026-02-09,Ama,96.00,folded by hand
J105,Bureau Tern,GLO-170,3000,80,,,,waiting for approval
J106,Osk & Daughters,MAT-120,600,20,2026-02-12,Wim,75.00,
J107,Pond Theatre,RIC-80,900,33,2026-02-13,Wim,120.00,paper from client
J108,Hazel Books,MAT-90,5000,150,2026-02-17,Lio,365.00,
`;

const PAPER = `Code,Name,Gsm,Price per 1000,In stock,Reorder at,Supplier
MAT-90,Matt white,90,31.00,22000,10000,Velmar
MAT-120,Matt white,120,42.50,3900,5000,Velmar
GLO-170,Gloss,170,68.00,12500,4000,Ostpapier
KRA-300,Kraft board,300,155.00,800,1000,Ostpapier
UNC-100,Uncoated,100,36.00,6000,6000,Velmar
`;

const RECEIPTS = `Receipt,Job no,Received,Sum,Way
R1,J101,2026-02-20,380.00,bank
R2,J102,2026-02-21,114.50,bank
R3,J102,2026-03-02,100.00,card
R4,J103,2026-03-04,700.00,bank
R5,J106,2026-03-05,75.00,cash
R6,J199,2026-03-06,60.00,bank
R7,J108,2026-03-09,365.00,bank
`;

const REQUESTS = `Req,Reader,Box no,Asked,Fetched,Returned,Purpose,Copies
1001,C-17,B204,2026-01-12,2026-01-12,2026-01-14,family history,12
1002,C-03,B011,2026-01-12,2026-01-13,2026-01-13,thesis,0
1003,C-17,B205,2026-01-14,2026-01-15,2026-01-20,family history,4
1004,C-22,B204,2026-01-19,2026-01-19,,newspaper article,
1005,C-08,B300,2026-01-20,,,thesis,
1006,C-03,B011,2026-01-26,2026-01-26,2026-01-27,thesis,25
1007,C-41,B118,2026-02-02,2026-02-04,2026-02-05,exhibition,3
1008,C-03,B118,2026-02-06,2026-02-06,2026-02-06,thesis,8
1009,C-08,B204,2026-02-09,2026-02-10,2026-02-16,film,
`;

const BOXES = `Box,Shelf,Title,From year,To year,Weight kg,Condition
B011,A1,Guild letters,1790,1822,4.2,good
B118,A3,Harbour plans,1860,1904,7.5,fragile
B204,C2,Parish registers,1701,1788,6.0,good
B205,C2,Parish registers,1789,1840,5.8,mould
B412,D1,Glass plates,1890,1912,9.9,fragile
`;

const READERS = `Card,Name,Since,Institution,Mail
C-03,Rhea Lund,2021-10-01,Norden University,r.lund@norden.example
C-08,Timo Bask,2025-02-11,,timo@bask.example
C-17,Greta Olm,2019-05-20,,
C-22,Jonas Pell,2026-01-19,Evening Post,pell@eveningpost.example
C-30,Sofi Dahl,2024-03-03,Norden University,s.dahl@norden.example
`;

const TRIPS = `Trip No,Driver,Bus,Day,Line,Km,Passengers,Fares,Fuel L,Delay min,Notes
T1,Odd Berg,B12,2026-05-04,11,142,310,"€1,240.50",48,5,
T2,liv sand,B07,2026-05-04,3,96,220,€792.00,41,0,door stuck at Mill Gate
T3,Odd Berg,B12,2026-05-05,11,142,298,"€1,192.00",47,12,
T4,Kai Holm ,B19,2026-05-05,7,188,150,€675.00,66,n/a,ran late because of road works
T5,Liv Sand,B07,05/05/2026,3,96,,,39,3,counter broken
T6,Nora Eide,B03,2026-05-06,11,140,305,"€1,220.00",50,,
T7,Kai Holm,B19,2026-05-06,7,188,171,€769.50,64,20,
T8,Liv Sand,B44,2026-05-07,3,97,205,€738.00,40,1,bus borrowed
`;

const BUSES = `Fleet no,Make,Seats,Bought,Purchase price,Depot,Tank L,Norm L/100km
B03,Varo,52,2017-03-01,180000,North,250,34
B07,Lentis,38,2019-06-15,150000,Harbour,200,40
B12,Varo,52,2021-09-20,210000,North,250,33
B19,Gransky,60,2015-01-10,165000,Harbour,300,35
B25,Lentis,38,2022-02-02,160000,North,200,38
`;

const DRIVERS = `Name,Staff id,Licence until,Hired,Phone,Hourly
Odd Berg,D1,2027-04-30,2010-05-01,555-2001,24.00
Liv Sand,D2,2026-05-31,2018-08-15,,22.50
Kai Holm,D3,2026-03-31,2020-01-07,555-2003,21.00
Nora Eide,D4,2028-01-31,2024-11-11,555-2004,20.00
Ole Ruud,D5,2026-12-31,2025-02-01,555-2005,20.00
`;

const SALES = `Till,When,Article,Pcs,Unit,Discount %,Paid by,Seller
1,2026-06-01 10:12,A-10,2,12.00,0,card,Mia
1,2026-06-01 10:40,A-31,1,39.90,10,cash,Mia
2,2026-06-01 11:05,A-10,1,12.00,,card,Jon
1,2026-06-01 13:20,A-22,5,3.50,0,cash,Mia
2,2026-06-02 10:01,A-31,2,39.90,0,card,Jon
2,2026-06-02 10:30,A-77,1,8.00,0,voucher,Jon
1,2026-06-02 15:45,A-22,10,3.20,20,card,Ada
1,2026-06-03 09:55,A-05,1,120.00,0,card,Ada
2,2026-06-03 12:12,,1,5.00,0,cash,Jon
2,2026-06-03 16:58,A-10,3,12.00,5,card,Mia
`;

const ARTICLES = `No,Title,Group,Cost,List,VAT %,Stock,Supplier
A-05,Replica vase,gifts,61.00,120.00,19,4,Kilnworks
A-10,Harbour guide,books,5.20,12.00,7,130,Press Office
A-22,Postcard set,paper,0.90,3.50,19,410,Press Office
A-31,Silk scarf,gifts,17.50,39.90,19,22,Weave House
A-40,Sticker sheet,paper,0.40,1.50,19,900,Press Office
`;

const TARGETS = `Group,Month,Target
books,2026-06,80
gifts,2026-06,300
paper,2026-06,45
`;

const REPAIRS = `Job,Device,Serial,Customer no,Received,Done,Technician,Part code,Part qty,Labour min,Charged,Guarantee,Fault text
W-11,Kettle,KT-8812,C5,2026-01-04,2026-01-09,Runa,EL-10,1,25,19.00,no,does not heat
W-12,Toaster,TS-1003,C2,2026-01-05,2026-01-06,Ivo,,0,15,9.00,no,lever stuck
W-13,Mixer,MX-5520,C9,2026-01-05,,Runa,MO-33,1,,,yes,motor smells burnt
W-14,Kettle,KT-7741,C2,2026-01-07,2026-01-08,Ivo,SW-02,2,20,21.40,no,switch loose
W-15,Radio,RD-0300,C7,2026-01-08,2026-01-20,Mats,CA-99,1,60,48.00,no,crackles
W-16,Mixer,MX-5521,C5,2026-01-10,2026-01-15,Runa,MO-33,1,45,0.00,yes,does not start
W-17,Fan,FN-0077,C4,2026-01-12,2026-01-12,Mats,,0,10,6.00,no,noisy
W-18,Toaster,TS-1044,C88,2026-01-13,2026-01-19,Ivo,EL-10,2,30,31.00,no,one side cold
W-19,Radio,RD-0312,,2026-01-15,2026-01-16,Mats,SW-02,1,35,27.50,no,no sound
`;

const SPARES = `Code,Description,Unit price,Supplier,In stock,Weight g
EL-10,Heating element,7.20,Norvolt,14,120
SW-02,Rocker switch,2.10,Norvolt,40,15
MO-33,Mixer motor,24.50,Driva,2,640
CA-99,Capacitor set,3.80,Parts & Bits,9,22
BE-07,Belt,4.00,Driva,0,30
`;

const CUSTOMERS = `No,Name,Street,Town,Mail,Since
C2,Ottilie Brandt,Well Lane 4,Harrow Bay,o.brandt@mail.example,2019-04-02
C4,Sven Rike,Mill Road 11,Harrow Bay,,2022-09-19
C5,Pia Lund,Quay 2,Tarn,pia@lund.example,2015-01-30
C7,Milo Ferd,High Street 90,Tarn,m.ferd@mail.example,2024-12-01
C9,Ada Holt,Well Lane 17,Harrow Bay,ada.holt@mail.example,2020-06-11
C12,Tor Egge,Field Way 3,Sund,tor@egge.example,2021-03-08
`;

const LESSONS = `Lesson,Pupil,Subject,Held on,Start,Minutes,Tutor,Room,Paid,Homework,Report
T-01,P3,Maths,2026-03-02,15:00,60,Ms Arden,2,24.00,done,fractions still shaky
T-02,P1,French,2026-03-02,16:15,45,Mr Bell,1,18.00,,good progress; new book
T-03,P7,Maths,2026-03-03,15:00,60,Ms Arden,2,,not done,forgot calculator
T-04,P3,Maths,2026-03-09,15:00,60,Ms Arden,2,24.00,done,
T-05,P2,Physics,2026-03-10,17:00,90,Dr Cole,3,40.50,done,ready for the exam
T-06,P1,French,2026-03-16,16:15,45,Mr Bell,1,18.00,not done,tired
T-07,P9,Maths,2026-03-17,14:00,60,Ms Arden,2,24.00,,first lesson
T-08,P2,Physics,2026-03-24,17:00,90,Dr Cole,3,0.00,done,free lesson
T-09,,Maths,2026-03-25,15:00,30,Ms Arden,2,12.00,,walk-in
`;

const PUPILS = `Pupil,Name,School,Year,Joined,Phone
P1,Lina Haas,Oakfield,7,2025-09-01,555-301
P2,Tom Weir,Oakfield,11,2024-01-15,
P3,Edda Rook,St Mary,9,2025-11-20,555-303
P4,Ben Fry,Hillside,8,2026-02-01,555-304
P7,Aya Moss,St Mary,9,2026-03-01,555-307
`;

const FEES = `Subject,Fee per hour,Group fee
Maths,24,15
French,24,14
Physics,27,18
Latin,26,16
`;

const MOVES = `Job No,Client,Moving Day,Pick-up,Drop-off,Volume,Distance,Crew Chief,Start,Finish,Quote,Paid,Boxes,Breakages,Insurance,Comment
MV-0101,"Harlow, Nina",03/02/2026,Brume (3rd floor),Arkel (ground),24 m3,18 km,Otto Penn,08:15,12:40,"€ 640,00",640.00,35,0,full,"piano, careful; great crew"
MV-0102,"  okafor, ben",05/02/2026,Cley,Brume (2nd floor),11 m3,9.5km,rita solberg,9:00,11:10,"€ 310,00",250.00,12,1,Basic,lamp broke
MV-0103,"Dune Ltd",9 Feb 2026,Arkel,Arkel,60 m3,n/a,Otto Penn,07:00,17:30,"€ 1.980,00",1980.00,140,3,FULL,two lorries; office move
MV-0104,"Lind, Vera",11/02/2026,Seamark (1st floor),Cley (4th floor),18m3,22 km,Hal Brook,08:00,13:20,"€ 520,00",,20,,none,
MV-0105,"Meyer, Karl",14/02/2026,Brume,Tarn,32 m3,145 km,Rita Solberg,06:45,16:05,"€ 1.240,00",1300.00,48,0,full,tip of 60 included; thanks!
MV-0106,"Oda, Tess ",17/02/2026,Cley (2nd floor),Cley,7 m3,3 km,Hal Brook,14:00,15:30,"€ 180,00",180.00,9,0,basic,quick
MV-0107,"Harlow, Nina",23/02/2026,Arkel (ground),Storage,5 m3,4 km,hal  brook,10:10,11:00,"€ 95,00",95.00,4,0,none,
MV-0108,"Aar, Nils",02/03/2026,Tarn,Seamark,27 m3,138km,Otto Penn,07:30,15:50,"€ 1.105,00",600.00,30,2,full,late by an hour; two chairs scratched
MV-0109,"Finn, Orla",06/03/2026,Brume (5th floor),Brume,15 m3,2 km,Rita Solberg,08:30,12:00,"€ 430,00",430.00,,0,basic,no lift
MV-0110,"Lumen School",12/03/2026,Seamark,Arkel,75 m3,21 km,Otto Penn,07:00,18:15,"€ 2.400,00",,210,5,Full,invoice sent; desks still missing
MV-0111,"Roo, Sam",15/03/2026,Cley,Tarn (1st floor),20 m3,151 km,Hal Brook,07:15,,"€ 890,00",890.00,26,0,none,
MV-0112,"Rask, Pia",,Tarn,Brume,14 m3,140 km,,,,"€ 760,00",,,,,cancelled by client
`;

const CLAIMS = `Claim,Job,Filed,Amount,Verdict
C-1,MV-0103,2026-02-12,140.00,paid
C-2,MV-0108,2026-03-03,75.00,open
C-3,MV-0108,2026-03-20,30.00,refused
C-4,MV-0110,2026-03-15,420.00,open
C-5,MV-0120,2026-03-28,55.00,open
C-6,MV-0102,2026-02-06,25.00,paid
`;

const ORDERS = `Ticket,Garment,Customer,Email,Brought In,Promised,Collected,Task,Minutes,Charge,Deposit,Tailor,Rating,Said
T0031,Coat / wool / navy,Ms Ida Fenn,IDA.FENN@post.example,2026-01-12,2026-01-19,2026-01-18,shorten sleeves,45,28.00,10,Bram,5,lovely work
T0032,Trousers/cotton/ beige,Mr Joss Kale,joss@kale.example ,2026-01-12,2026-01-16,2026-01-20,hem,25,12.50,,Lotte,3,took too long
T0033,Dress / silk / red,Mrs Ada Thorn,ada thorn at mail.example,2026-01-13,2026-01-27,2026-01-27,take in; new zip,120,85.00,40,Bram,5,
T0034,Jacket / leather / black,Mr Joss Kale,joss@kale.example,2026-01-15,2026-01-29,,replace lining,210,140.00,70,Mirko,,
T0035,Skirt / wool / grey,Dr Una Pell,una.pell@uni.example,2026-01-19,2026-01-23,2026-01-22,hem; press,40,19.00,0,Lotte,4,ok
T0036,Shirt / cotton / white,Ms Ida Fenn,ida.fenn@post.example,2026-01-20,2026-01-26,2026-01-26,new collar,60,32.00,,lotte,4,a bit pricey but good
T0037,Suit / wool / charcoal,Mr Ravi Sunn,,2026-01-22,2026-02-05,2026-02-09,take in; shorten sleeves; hem,180,160.00,80,Bram,2,"late, and one sleeve is longer"
T0038,Curtains / linen / cream,Mrs Ada Thorn,ada.thorn@mail.example,2026-01-26,2026-02-09,2026-02-06,hem,90,54.00,20,Mirko,5,perfect
T0039,Trousers / denim / blue,Miss Poppy Reed,poppy@reed.example,2026-02-02,2026-02-06,2026-02-06,patch knee,35,15.00,,Lotte,4,fine
T0040,Coat / wool / camel,Mr Otis Bly,otis.bly@post,2026-02-03,2026-02-17,,reline; new buttons,240,165.00,50,Mirko,,
T0041,Dress / cotton / green,Miss Poppy Reed,poppy@reed.example,2026-02-04,2026-02-11,2026-02-10,hem; take in,75,41.50,10,Bram,5,fits like a glove
T0042,Blouse / silk / ivory,Dr Una Pell,una.pell@uni.example,2026-02-09,2026-02-13,2026-02-13,mend seam,30,0,,Lotte,5,"free of charge, very kind"
`;

const TAILORS = `Name,Bench,Hourly Wage,Days,Since
Bram,1,24.50,Mon-Fri,2015-03-01
Lotte,2,19.00,Mon-Wed,2023-08-15
Mirko,3,22.00,Tue-Sat,2019-11-01
Sefa,4,18.50,Thu-Sat,2025-10-01
`;

const TILL = `Slip,Ticket No,Date,Kind,Amount
S1,T0031,2026-01-12,deposit,10.00
S2,T0031,2026-01-18,rest,18.00
S3,T0032,2026-01-20,rest,12.50
S4,T0033,2026-01-13,deposit,40.00
S5,T0033,2026-01-27,rest,45.00
S6,T0035,2026-01-22,rest,19.50
S7,T0036,2026-01-26,rest,30.00
S8,T0037,2026-01-22,deposit,80.00
S9,T0038,2026-01-26,deposit,20.00
S10,T0038,2026-02-06,rest,34.00
S11,T0099,2026-02-06,rest,15.00
S12,T0041,2026-02-04,deposit,10.00
`;

const PLOTS = `Plot No,Holder,Area m2,Rent 2026,Paid On,Water Start,Water End,Shed,Since,Site,Contact,Remarks
A-01,"Orrin, Petra",210,€ 84.00,03.02.2026,1204,1251,yes,2009-04-01,Upper Field,petra.orrin@mailo.example / 0555 1201,"tidy, two plum trees"
A-02,"Tamble, Gus",180,€ 72.00,2026-02-11,880,902.5,no,2018-03-15,upper field,gus@tamble.example,
A-03,"veen, lotte",240,€ 96.00,,1530,1588,Y,2015-10-01,Upper Field ,0555 4410,overgrown since summer; hedge too high
A-04,"Brask, Ole",,,,,,,,Upper Field,,vacant
B-01,"DAHL, IVA",300,€ 120.00,28.01.2026,2210,2296,Y,1998-05-01,Brook Side,iva.dahl@mailo.example / 0555 7723,"wants to give up plot, shed leaking"
B-02,"Kestrel, Amos",150,€ 60.00,15/03/2026,640,655,n,2022-04-01,brookside,amos.kestrel@hollow.example,weeds; fence broken
B-03,"Lind, Noor",200,€ 80.00,,990,1032,No,2020-06-12,Brook Side,0555 9917 / noor@lind.example,two reminders sent
B-04,"Ferrow, Jill",260,"€ 1,104.00",09.02.2026,1777,1835,yes,2011-03-01,Brook Side,jill.ferrow@mailo.example,"tidy, bees on plot"
C-01,"Penhale, Sam",175,€ 70.00,20.02.2026,300,297,yes,2023-05-20,Mill Lane,,meter changed in May
C-02,"Quist, Mara",190,€ 76.00,,412,440,,2024-03-01,Mill Ln,mara.quist@hollow.example / 0555 3001,hedge too high
C-03,"Tamble, Gus",165,€ 66.00,2026-02-11,515,533,no,2019-09-09,Mill Lane,gus@tamble.example,second plot of the same holder
C-04,"Ash, Rowan",220,€ 88.00,05.03.2026,701,729,yes,n/a,Mill Lane,0555 6120,joined from waiting list; weeds
`;

const PLOT_PAYMENTS = `Ref,From,Plot,Booked,Sum
P1,Petra Orrin,A-01,03.02.2026,84.00
P2,Gus Tamble,A-02,11.02.2026,72.00
P3,Iva Dahl,B-01,28.01.2026,115.00
P4,Amos Kestrel,B-02,15.03.2026,60.00
P5,Jill Ferrow,B-04,09.02.2026,104.00
P6,Sam Penhale,C-01,20.02.2026,70.00
P7,Gus Tamble,C-03,11.02.2026,66.00
P8,Rowan Ash,C-04,05.03.2026,44.00
P9,Rowan Ash,C-04,19.03.2026,44.00
P10,Anonymous,,20.03.2026,25.00
P11,Uli Marsh,D-09,21.03.2026,90.00
`;

const CROSSINGS = `Crossing,Sailed On,Route,Vessel,Scheduled,Departed,Arrived,Cars,Foot Passengers,Skipper,Fares,Fuel Used,Weather,Log
X101,2026-05-02,Harth - Skell,MV Petrel,07:30,07:34,08:16,31,112,"Rowe, Ina","£1,214.50",310 l,calm,
X102,2026-05-02,Skell - Harth,MV Petrel,09:00,09:00,09:41,18,64,"Rowe, Ina",£702.00,302 l,calm,late bus waited for
X103,2026-05-02,Harth - Orrin,MV Gannet,08:15,08:47,10:02,12,40,D. Marl,£655.20,0.52 m3,choppy,engine alarm; delayed 32 min
X104,2026-05-03,Orrin - Harth,MV Gannet,16:00,16:05,17:20,14,55,D. Marl,£731.00,505 l,Choppy,
X105,2026-05-03,Harth - Skell,mv petrel,07:30,07:31,08:12,28,90,"rowe, ina",£1 040.00,306 l,calm,one car broke down on deck
X106,2026-05-04,Skell - Harth,MV Petrel,09:00,,,0,0,T. Bekk,,,storm,cancelled - gale
X107,2026-05-04,Harth - Skell,MV Petrel,07:30,,,0,0,T. Bekk,,,storm,Cancelled because of gale warning
X108,2026-05-09,Harth - Orrin,MV Gannet,08:15,08:15,09:28,20,81,D. Marl,£980.40,498 l,calm,
X109,2026-05-09,Orrin - Harth,MV Gannet,16:00,16:22,17:40,22,76,,"£1,010.00",511 l,fog,fog; delayed 22 min
X110,2026-05-10,Harth - Skell,MV Tern,07:30,07:30,08:20,9,37,T. Bekk,£388.00,180 l,fog,replacement boat
X111,2026-06-01,Harth - Skell,MV Petrel,07:30,07:29,08:10,33,120,"Rowe, Ina","£1,302.00",309 l,calm,full
X112,2026-06-01,Skell - Harth,MV Petrel,09:00,09:12,09:55,30,98,"Rowe, Ina","£1,150.00",311 l,choppy,delayed 12 min
`;

const VESSELS = `Vessel Name,Car Capacity,Passenger Limit,Built,Home Port,Last Survey
MV Petrel,34,150,1998-04-01,Harth,2025-11-20
MV Gannet,24,100,2006-09-15,Orrin,2026-02-03
MV Tern,10,60,1987-06-30,Skell,2025-05-11
MV Skua,18,80,2012-03-01,Harth,
`;

const WEIGHINGS = `Ticket,Day,Time In,Customer,Vehicle,Material,Gross kg,Tare kg,Price per t,Payment,Direction,Attendant,Remark
W-3001,02/04/2026,08:12,Ludd & Co Ltd,HK 22 TRE,Scrap steel,"14,250","8,900",155.00,transfer,in,Bo,
W-3002,02/04/2026,08:40,ludd & co ltd,HK 22 TRE,scrap steel,13 980,"8,900",155.00,transfer,IN,Bo,mixed with wire
W-3003,02/04/2026,09:05,Fenwick Gardens,PL 4 OAK,Garden waste,"3,420","2,210",-38.00,cash,in,Ann,wet
W-3004,03/04/2026,10:31,Private,JJ 81 SUN,Glass,"1,905","1,740",,none,in,Ann,no charge for private
W-3005,03/04/2026,11:02,Ostra Paper,OP 1 BIG,Paper bales,"24,600","11,050",92.50,transfer,out,Bo,sold to mill
W-3006,07/04/2026,07:58,Ludd and Co,HK 23 TRE,Copper,"4,120","3,695",6150.00,transfer,in,Cy,ID checked
W-3007,07/04/2026,12:15,Private,ZB 9 FAR,Garden waste,"2,050","1,890",-38.00,card,in,Ann,"wet, half load"
W-3008,08/04/2026,13:40,Fenwick Gardens,PL 4 OAK,Garden waste,"3,900",,-38.00,cash,in,Cy,tare missing - weigh again
W-3009,09/04/2026,14:05,Brill Demolition,BD 77 KO,Rubble,"18,300","9,950",-12.50,invoice,in,Bo,
W-3010,09/04/2026,14:50,Brill Demolition,BD 77 KO,Rubble,"17,850","9,950",-12.50,invoice,in,Bo,dust; wire in load
W-3011,10/04/2026,09:30,Ostra Paper,OP 1 BIG,Paper bales,"23,940","11,050",92.50,transfer,Out,,
W-3012,30/04/2026,16:55,Private,JJ 81 SUN,Glas,"1,880","1,740",,none,in,Ann,after closing
`;

const MATERIALS = `Name,Class,List price,Limit kg,Hazard
Scrap steel,metal,150.00,20000,no
Copper,metal,6200.00,2000,no
Garden waste,organic,-38.00,5000,no
Glass,mineral,0.00,1000,no
Paper bales,fibre,95.00,30000,no
Rubble,mineral,-12.50,10000,yes
Asbestos,mineral,-410.00,500,yes
`;

const BOOKINGS = `Booking,Guest,Cabin,From,To,Adults,Kids,Dog,Rate/night,Extras,Deposit paid,Balance paid,Channel,Country,Feedback
2041,"Marisk, Tove",Otter,12 Jun 2026,15 Jun 2026,2,1,no,88.00,"sauna 15, firewood 8",80,2026-06-12,web,NO,"Lovely place, clean"
2042,Jon Aldery,Heron,12 Jun 2026,19 Jun 2026,2,,yes,95.50,,200,,phone,GB,
2043,"KESTER, UNA",Otter,15 Jun 2026,16 Jun 2026,1,0,no,88.00,late checkout 20,,2026-06-16,Web,ie,cold shower; otherwise fine
2044,Priya Sol,Fox,18 Jun 2026,28 Jun 2026,4,2,Yes,110.00,"linen 12, sauna 15, boat 40",350,2026-06-18,agency,GB,Great!
2045,"Marisk, Tove",Fox,02 Jul 2026,05 Jul 2026,2,1,N,110.00,,100,2026-07-02,web,NO,second stay - still lovely
2046,Ben Okuma,Heron,04 Jul 2026,04 Jul 2026,2,0,no,95.50,,,,phone,,cancelled on the day
2047,"Rask, Lia",Otter,08 Jul 2026,12 Jul 2026,2,3,n,88.00,firewood 8,90,2026-07-10,WEB,SE,"noisy neighbours, kids liked the boat"
2048,jon aldery,Heron,10 Jul 2026,17 Jul 2026,2,,yes,95.50,boat 40,200,2026-07-10,phone,GB,as always perfect
2049,Mia Thorn,Badger,11 Jul 2026,13 Jul 2026,3,0,no,76.00,,50,,agency,IE,broken lamp
2050,Sam Ode,Fox,20 Jul 2026,27 Jul 2026,5,1,YES,110.00,"linen 12; boat 40",250,2026-07-20,web,FR,too expensive and dirty kitchen
2051,Ines Falk,Badger,25 Jul 2026,01 Aug 2026,2,2,no,76.00,sauna 15,100,2026-07-25,agency,SE,
2052,Mia Thorn,Otter,03 Aug 2026,06 Aug 2026,2,0,,88.00,,,2026-08-03,phone,IE,friendly host
`;

const CABINS = `Name,Beds,Dogs allowed,List rate,Cleaning fee,Owner,Opened
Otter,3,no,88.00,35,Hal Brine,2018
Heron,4,yes,95.50,40,Ada Brine,2019
Fox,6,yes,115.00,55,Hal Brine,2021
Badger,4,no,76.00,35,Rolf Moss,2015
Stoat,2,no,60.00,30,Rolf Moss,2024
`;

const DRIVING_LESSONS = `Lesson ID,Student,Instructor,Date,Start,Minutes,Car,Type,Price,Paid,Km Start,Km End,Mistakes,Comment
L001,Orla Finch,J. Brandt,2026-03-02,09:00,90,Blue Polo,City,£72.00,yes,20410,20441,4,hill start needs work
L002,Rob Acker,j. brandt,2026-03-02,11:00,90,Blue Polo,city,£72.00,no,20441,20468,7,stalled twice; nervous
L003,Sara Venn,M. Okafor,2026-03-03,17:30,45,Red Micra,Parking,£36.00,Yes,8120,8126,2,
L004,Orla Finch,J. Brandt,2026-03-09,09:00,90,Blue Polo,Motorway,£80.00,yes,20530,20612,1,very good
L005,Tim Dace,M. Okafor,2026-03-10,,60,Red Micra,City,£48.00,,8190,8188,,km wrong?
L006,Sara Venn,M Okafor,2026-03-10,18:00,90,Red Micra,Night,£85.00,YES,8201,8250,3,headlights forgotten at first
L007,Rob Acker,J. Brandt,2026-03-12,11:00,90,Blue Polo,City,£72.00,n,20700,20731,5,better; still stalling
L008,Lena Groth,P. Silva,2026-03-16,08:15,45,Green Yaris,Parking,£36.00,yes,5010,5013,0,perfect
L009,Lena Groth,P. Silva,2026-03-16,09:00,45,Green Yaris,City,£36.00,yes,5013,5030,1,
L010,Tim Dace,M. Okafor,2026-03-17,16:00,60,Red Micra,City,£48.00,no,8320,8349,6,cancelled halfway - rain
L011,Orla Finch,J. Brandt,2026-03-23,09:00,120,Blue Polo,Test,£130.00,yes,20990,21020,2,passed
L012,Sara Venn,M. Okafor,2026-04-01,17:30,90,Red Micra,Motorway,"£1,80.00",no,8460,8533,2,merging needs work
`;

const STUDENTS = `Student,Born,Phone,Town,Referred By,Joined,Discount %,Theory Passed
Orla Finch,2007-05-14,0555-1010,Hexley,friend,2026-01-10,10,2026-02-01
Rob Acker,1999-11-30,0555 2020,Marlow End,web,2026-02-20,0,
Sara Venn,2006-08-08,05553030,hexley,friend,2026-02-01,10,2026-02-28
Tim Dace,2008-01-22,,Crane,school,2026-03-01,15,
Lena Groth,1988-07-03,0555-5050,Hexley,,2026-03-10,0,2026-03-12
Abe Moll,2007-12-12,0555-6060,Crane,school,2026-03-15,15,
`;

const PARCELS = `Parcel,Packed On,Family,Size,Weight,Items,Packed By,Collected On,Delivery,Diet,Area,Value EUR,Note
P-501,2026-01-05,Fam. Osk,L,12.4 kg,24,Nell,2026-01-06,no,none,North,48.20,
P-502,2026-01-05,Fam. Bree,M,8900 g,17,Nell,2026-01-05,no,vegan,east,33.10,no milk please
P-503,2026-01-05,Single - Dorn,S,4.1 kg,9,Ivo,,yes,,North,15.75,not at home
P-504,2026-01-12,Fam. Osk,L,13 kg,26,Ivo,2026-01-12,no,none,north ,51.00,
P-505,2026-01-12,Fam. Quill,XL,18.7 kg,35,Nell,2026-01-14,yes,gluten free,South,72.40,baby food added
P-506,2026-01-12,Single - Hale,S,3950 g,8,ivo,2026-01-12,no,vegan,East,14.90,wants less bread
P-507,2026-01-19,Fam. Bree,M,9.2 kg,18,Petra,2026-01-19,No,Vegan,East,35.00,no milk please
P-508,2026-01-19,Single - Dorn,S,4 kg,9,Petra,2026-01-27,YES,,North,15.20,key at neighbour; leave outside
P-509,2026-01-19,Fam. Osk,L,12.9 kg,25,Nell,,no,none,North,49.90,moved away?
P-510,2026-01-26,Fam. Quill,XL,19 kg,36,Ivo,2026-01-26,yes,gluten-free,south,74.00,baby food added
P-511,2026-01-26,Fam. Tarn,M,,16,Nell,2026-01-28,no,halal,West,31.30,"new family, 3 kids"
P-512,2026-02-02,Single - Hale,S,4.0 kg,,Petra,2026-02-02,no,vegan,East,,wants less bread
`;

const FAMILIES = `Name,Adults,Children,Since,Street,Phone,Allowance EUR,Contact Person
Fam. Osk,2,3,2024-05-01,12 Weir Lane,0555 101,150.00,Mina Osk
Fam. Bree,1,2,2025-02-15,3 Station Rd,0555 102,100.00,Cal Bree
Single - Dorn,1,0,2025-11-01,40 Mill St,,50.00,Edda Dorn
Fam. Quill,2,5,2023-09-10,8 Weir Lane,0555 104,220.00,Tess Quill
Single - Hale,1,0,2025-12-20,17 Hop Row,0555 105,50.00,Jon Hale
Fam. Moor,2,1,2026-01-20,5 Hop Row,0555 106,120.00,Ria Moor
`;

const LIFT_VISITS = `Visit No,Lift,Building,Technician,Visit Date,Next Due,Reason,Hours,Parts Used,Parts Cost,Rate,Stopped (min),Result,Persons Trapped,Report
V-1001,LF-12,Harbour House,Oda Wenn,03.03.2026,03.09.2026,routine,"1,5",none,,"72,00 EUR",0,passed,0,"all fine, oiled the rails"
V-1002,LF-07,harbour house,T. Krall,04.03.2026,,breakdown,3,door motor (2 pcs); belt,"245,90","72,00 EUR",190,repaired,2,"door motor burnt out, replaced"
V-1003,LF-31,Weir Tower,Oda Wenn,05.03.2026,05.09.2026,Routine,2,lamp (4 pcs),"18,40","72,00 EUR",n/a,Passed,,lamps in the cabin changed
V-1004,LF-32,Weir Tower,O. Wenn,05.03.2026,05.06.2026,routine,"1,25",none,,"72,00 EUR",0,failed,0,emergency phone dead; door closes too fast
V-1005,LF-07,Harbour House,Jin Abara,19.03.2026,19.09.2026,follow-up,1,,,"80,00 EUR",0,passed,0,
V-1006,LF-44,Old Mill,T. Krall,23.03.2026,,breakdown,"5,5",rope set; brake pads (1 pc),"1.312,00","80,00 EUR",410,repaired,3,brake stuck between 3rd and 4th floor; people freed by fire service
V-1007,LF-12,Harbour House,Jin Abara,02.04.2026,02.10.2026,complaint,"0,75",none,,"72,00 EUR",0,passed,0,strange noise not found
V-1008,LF-32,WEIR TOWER,Oda Wenn,07.04.2026,07.10.2026,follow-up,2,phone unit (1 pc),"96,50","72,00 EUR",35,passed,0,"phone replaced, works"
V-1009,LF-50,Quay Centre,Jin Abara,14.04.2026,14.10.2026,routine,,none,,"72,00 EUR",0,passed,0,report follows
V-1010,LF-44,Old Mill,T Krall,15.04.2026,15.10.2026,Follow-up,"1,5",none,,"80,00 EUR",,failed,0,rope worn already; door closes too fast
V-1011,LF-07,Harbour House,Oda Wenn,21.04.2026,,breakdown,2,belt,"39,00","72,00 EUR",95,repaired,1,belt slipped again
`;

const LIFTS = `Lift Code,Site,Maker,Year,Floors,Max Persons,Max kg,Contract,Monthly Fee
LF-07,Harbour House,Brandt,1996,7,6,450,full,180.00
LF-12,Harbour House,Ossel,2011,7,8,630,basic,95.00
LF-31,Weir Tower,Ossel,2018,21,13,1000,full,260.00
LF-32,Weir Tower,Ossel,2018,21,13,1000,full,260.00
LF-44,Old Mill,Hand & Co,1974,5,4,320,basic,110.00
LF-50,Quay Centre,Brandt,2005,4,10,800,basic,90.00
LF-51,Quay Centre,Brandt,2005,4,10,800,none,
`;

const APPOINTMENTS = `Appt,Patient,Therapist,Day,Time,Planned min,Actual min,Treatment,Insurer,Fee,Copay,Status,Pain before,Pain after,Remarks
1,"Holm, Greta",Nils Avery,12/01/2026,08:30,30,35,massage,Covra,"$45.00",5,done,7,4,brought letter
2,"Petty, Sam",nils avery,12/01/2026,09:10,45,45,Exercise,Private,"$60.00",,done,5,5,no change
3,"Uchida, Ren",Bea Lorn,12/01/2026,10:00,30,,massage,MediOne,"$45.00",5,no-show,,,did not call
4,"Holm, Greta",Nils Avery,19/01/2026,08:30,30,30,massage,covra,"$45.00",5,done,6,2,much better!
5,"Varga, Ilse",Bea Lorn,20/01/2026,14:15,60,70,Shockwave,Medi One,"$110.00",10,Done,8,6,wants evening slots
6,"Uchida, Ren",Bea Lorn,26/01/2026,10:00,30,30,Massage,MediOne,"$45.00",5,done,6,5,
7,"Petty, Sam",Nils Avery,26/01/2026,09:00,45,40,exercise,Private,"$60.00",,done,5,3,"doing homework, nice"
8,"Arden, Jo",Omar Fey,27/01/2026,16:30,45,,exercise,Covra,"$60.00",5,cancelled,,,called day before
9,"Varga, Ilse",Bea Lorn,03/02/2026,18:00,60,60,shockwave,MediOne,"$110.00",10,done,6,3,evening ok
10,"Arden, Jo",Omar Fey,05/02/2026,16:30,45,50,exercise,Covra,"$60.00",5,done,4,4,late 10 min; parking
11,"Holm, Greta",Nils Avery,09/02/2026,08:30,30,25,massage,Covra,"$45.00",5,done,3,1,last one
12,"Brandt, Leo",Omar Fey,10/02/2026,,30,30,Taping,,"$1,20.00",,done,2,0,fee wrong?
`;

const PATIENTS = `Patient Name,Born,City,Insurance No,Sessions Allowed,Doctor
Greta Holm,1958-04-11,Ostley,CV-88120,6,Dr. Hale
Sam Petty,1990-09-23,Marrow,,,
Ren Uchida,2001-01-30,Ostley,MO-1177,4,Dr. Quist
Ilse Varga,1972-12-05,Pell,MO-2030,2,Dr. Hale
Jo Arden,1985-06-18,Marrow,CV-90011,8,Dr. Ibsen
Leo Brandt,2010-02-02,Pell,,,
Mia Toft,1999-07-07,Ostley,CV-91111,6,Dr. Quist
`;

const BAKERY_ORDERS = `Order,Ordered On,Bakery,Product,Pcs,Unit Price,Deliver On,Delivered On,Driver,Crates Out,Crates Back,Complaint,Paid By,Paid On
B-900,01.06.2026,Cafe Linde,Rye loaf 750 g,40,2.85,02.06.2026,02.06.2026,Ulla,4,4,,invoice,15.06.2026
B-901,01.06.2026,Hotel Port,Roll white,200,0.38,02.06.2026,02.06.2026,Ulla,5,3,rolls too dark,invoice,
B-902,01.06.2026,cafe linde,Butter croissant,60,1.10,02.06.2026,03.06.2026,Marek,3,3,came a day late; 5 crushed,invoice,15.06.2026
B-903,02.06.2026,School Kitchen East,Roll white,150,0.36,03.06.2026,03.06.2026,Ulla,4,4,,cash,03.06.2026
B-904,02.06.2026,Hotel Port,Rye loaf 750 g,30,2.90,03.06.2026,,Marek,3,,,invoice,
B-905,03.06.2026,Kiosk Nord,Butter croissant,24,1.20,04.06.2026,04.06.2026,marek,1,0,2 missing,cash,04.06.2026
B-906,05.06.2026,Hotel Port,Seed bun,80,0.65,06.06.2026,06.06.2026,,2,2,,invoice,20.06.2026
B-907,08.06.2026,Cafe Linde,Rye loaf 500 g,25,2.10,09.06.2026,09.06.2026,Ulla,2,1,label wrong,Invoice,
B-908,08.06.2026,Kiosk Nord,Roll white,60,0.40,09.06.2026,09.06.2026,Ulla,2,2,,cash,09.06.2026
B-909,10.06.2026,School Kitchen East,Seed bun,120,0.62,11.06.2026,12.06.2026,Marek,3,3,late and cold,cash,12.06.2026
B-910,15.06.2026,Hotel Port,Butter croissant,90,1.05,16.06.2026,16.06.2026,Ulla,4,2,,invoice,30.06.2026
B-911,15.06.2026,Cafe Linde,Cinnamon knot,,1.60,16.06.2026,16.06.2026,Ulla,1,1,forgot to count,invoice,
`;

const BAKERY_CUSTOMERS = `Customer,Kind,District,Terms days,Discount,Crate limit,Since,Mail
Cafe Linde,cafe,Old Town,14,5%,10,2019-03-01,linde@mailo.example
Hotel Port,hotel,Harbour,30,8%,12,2015-06-15,orders@hotelport.example
School Kitchen East,school,Eastside,0,,8,2022-09-01,
Kiosk Nord,kiosk,Harbour,0,,4,2024-01-10,kiosknord@mailo.example
Villa Rosa,restaurant,Old Town,14,3%,6,2023-11-20,rosa@villarosa.example
`;

const CHARGES = `Session,Station,Holder,Plugged In,Unplugged,Meter Start,Meter End,Rate,Billed,Status,Vehicle,Kind,Note
S501,ST-104-B,Vera Lund,2026-03-01 08:10,2026-03-01 10:40,1200.5,1222.0,0.42,9.03,finished,"van / white / KL 204",fast,
S502,ST-104-A,Omar Reed,2026-03-01 09:00,2026-03-01 09:20,880,884.2,0.42,1.76,finished,"car/red/KM 118",slow,"left early"
S503,ST-207-A,Vera Lund,2026-03-02 18:30,,410,,0.38,,running,"van / white / KL 204",slow,
S504,NO-011-C,Pia Holm,2026-03-03 07:45,2026-03-03 12:15,55.2,96.8,0.45,18.72,Finished,"car / blue / NT 900",fast,"cable was stuck, called hotline"
S505,ST-104-B,Jan Oster,2026-03-05 22:10,2026-03-06 06:10,1222.0,1270.4,0.42,20.33,finished,"car / black / PR 471",Slow,
S506,NO-012-A,Omar Reed,2026-03-07 13:00,2026-03-07 13:05,300,300,0.45,0,failed,"car/red/KM 118",fast,"error 14, screen dark"
S507,ST-207-A,Lea Brandt,2026-03-09 11:15,2026-03-09 13:45,431,455.5,0.38,9.31,finished,"scooter / green / -",slow,"card not read at first"
S508,ST-104-A,Pia Holm,2026-03-12 16:00,2026-03-12 18:30,884.2,902.2,0.42,7.56,FINISHED,"car / blue / NT 900",fast,
S509,NO-011-C,Jan Oster,2026-03-15 06:50,2026-03-15 09:05,96.8,130.8,0.45,15.30,finished,"car / black / PR 471",fast,"refund 4.50 agreed"
S510,ST-207-A,Vera Lund,2026-04-01 19:20,2026-04-01 23:20,455.5,480,0.38,9.31,finished,"van / white / KL 204",slow,
S511,NO-012-A,Nils Ode,2026-04-02 10:00,,300,,0.45,,running,"van / grey / OO 33",fast,"cable stuck again"
S512,ST-310-A,Omar Reed,2026-04-03 08:30,2026-04-03 09:45,10,22.5,0.40,5.00,finished,"car/red/KM 118",slow,"refund of €1.20, error 7"
`;

const STATIONS = `Code,Street,District,Opened,Power,Monthly Fee,Visits 2024,Visits 2025,Budget,Owner,Covered
ST-104-A,"Tanner Row 8, 3041",Millside,12/03/2021,22 kW,15,410,520,2000,Town works,Yes
ST-104-B,"Tanner Row 8, 3041",Millside,12/03/2021,11000 W,15,380,361,1500,town works,y
ST-207-A,"Bell Street 2",Harbour,01/09/2022,11 kW,12.5,200,290,,Co-op Lund,no
NO-011-C,"North Quay 40, 3055",Harbor,15/11/2023,50 kW,30,0,610,4000,Co-op Lund,N
NO-012-A,"North Quay 42, 3055",Harbour,15/11/2023,50000 W,30,,540,4000,co op lund,
NO-013-A,"Field Lane 1",Oakend,not known,22 kW,,90,88,900,Town Works,Yes
`;

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
      ['only loans that have not come back yet', 'Keep rows where ‹Returned› is blank.'],
      ['throw away whatever was borrowed before february 2026', 'Set aside rows where ‹Borrowed on› is less than the date "2026-02-01".'],
      ['leave out the poetry and the nature books', 'Set aside rows where ‹Kind› is "poetry" or "nature".'],
      ['chuck out all rows where fine is blank', 'Set aside rows where ‹Fine› is blank.'],
      ['keep loans that were 10 or more days late', 'Keep rows where ‹Days late› is at least 10.'],
      ['get rid of Phone', 'Drop ‹Phone›.'],
      ['we can lose phone and copies', 'Drop ‹Phone› and ‹Copies›.'],
      ['branch should be title case with no stray spaces', 'In ‹Branch›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['tidy up the branch names: trim them, then proper case', 'In ‹Branch›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['make fine a plain number, waived counts as 0', 'Turn ‹Fine› into numbers, reading "waived" as "0".'],
      ['how long was each book out, in days? put it into a column named Days out', 'Add ‹Days out› as the whole days from ‹Borrowed on› to ‹Returned›.'],
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
      ['drop duplicate readers, keep the latest', 'Keep 1 row with the highest ‹Borrowed on› for each ‹Reader›.'],
      ['pick 4 loans at random', 'Keep 4 rows at random with seed 1.'],
      ['show just novels', 'Keep rows where ‹Kind› is "novel".'],
      ['hide everything returned', null],
      ['keep everything except craft', 'Keep rows where ‹Kind› is not "craft".'],
      ['remove the dots and dashes from the phone numbers', 'Remove "." or "-" from ‹Phone›.'],
      ['replace harbour with Quay in branch', 'Replace "harbour" or "Harbour" in ‹Branch› with "Quay".'],
      ['write "none" where phone is missing', 'Fill blanks in ‹Phone› with "none".'],
      ['put a dash where the phone is empty', 'Fill blanks in ‹Phone› with "-".'],
      ['fill in missing fines with 0', 'Fill blanks in ‹Fine› with "0".'],
      ['mark each loan as late if days late is over 0, otherwise fine', 'Add ‹Days late label› as if ‹Days late› is more than 0 then "late", otherwise "fine".'],
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
      ['keep animals heavier than 10 kg', 'Keep rows where ‹Weight kg› is more than 10.'],
      ['animals under 5 kg can go', 'Set aside rows where ‹Weight kg› is less than 5.'],
      ['remove everybody who has paid nothing', 'Set aside rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['which visits have no next visit? keep those', 'Keep rows where ‹Next visit› is blank.'],
      ['drop all check-ups and vaccinations', 'Set aside rows where ‹Treatment› is "check-up" or "vaccination".'],
      ['keep visits between 1 March 2026 and 31 March 2026', null],
      ['keep the visits from march', 'Keep rows where (the month of ‹Seen on›) equals 3.'],
      ['everything seen before 11 Feb 2026 out please', 'Set aside rows where ‹Seen on› is less than the date "2026-02-11".'],
      ['make vet title case', 'In ‹Vet›, write in title case.'],
      ['standardise the case of the vet column to title case', null],
      ['change paid to a number where blank counts as 0', 'Turn ‹Paid› into numbers. Fill blanks in ‹Paid› with "0".'],
      ['replace blanks in paid with zero', 'Fill blanks in ‹Paid› with "0".'],
      ['put 0 in paid when it is empty', 'Fill blanks in ‹Paid› with "0".'],
      ['split vet at the space into Title and Surname', 'Split ‹Vet› at " " into ‹Title› and ‹Surname›.'],
      ['sort by species then weight, heaviest first', 'Sort by ‹Species› and ‹Weight kg› from high to low.'],
      ['top 3 by cost', 'Keep 3 rows with the highest ‹Cost›.'],
      ['the 2 cheapest visits only', 'Keep 2 rows with the lowest ‹Cost›.'],
      ['rename temp c -> Temperature and weight kg -> Weight', 'Rename ‹Temp C› to ‹Temperature› and ‹Weight kg› to ‹Weight›.'],
      ['move insurer to the front', 'Move ‹Insurer› to the front.'],
      ['bring treatment next to species', 'Move ‹Treatment› to after ‹Species›.'],
      ['I no longer need insurer or next visit', 'Drop ‹Insurer› and ‹Next visit›.'],
      ['delete columns insurer, next visit and paid', 'Drop ‹Insurer›, ‹Next visit› and ‹Paid›.'],
      ['give me a copy of cost named Cost before', 'Copy ‹Cost› to ‹Cost before›.'],
      ['cost including 8% tax as Gross, 2 decimals', 'Add ‹Gross› as ‹Cost› times (1 plus (8 divided by 100)) rounded to 2 decimals.'],
      ['cost per kilo of weight', 'Add ‹Cost per Weight kg› as ‹Cost› divided by ‹Weight kg›.'],
      ['weight in pounds', 'Add ‹Weight lb› as ‹Weight kg› times 2.20462262185.'],
      ['days until the next visit', 'Add ‹Days from Seen on to Next visit› as the whole days from ‹Seen on› to ‹Next visit›.'],
      ['add a column Fever: yes if temp is above 39, else no', 'Add ‹Fever› as if ‹Temp C› is more than 39 then "yes", otherwise "no".'],
      ['label visits expensive if cost is over 100, cheap otherwise, in a column Price class', 'Add ‹Price class› as if ‹Cost› is more than 100 then "expensive", otherwise "cheap".'],
      ['average cost per species next to each visit', 'Add ‹Average Cost per Species› as the mean of ‹Cost› over the rows for each ‹Species›.'],
      ['running total of cost', 'Add ‹Running total of Cost› as the running total of ‹Cost›.'],
      ['number the rows', 'Add ‹Number› as the number of the row.'],
      ['each visit\'s cost as a share of the total, in percent with one decimal', 'Add ‹Cost per total Cost %› as (‹Cost› divided by (the sum of ‹Cost› over the rows)) times 100 rounded to 1 decimal.'],
      ['rank by cost, cheapest is 1', 'Add ‹Rank by Cost› as the rank, lowest first, of ‹Cost›.'],
      ['difference between cost and paid', 'Add ‹Cost minus Paid› as ‹Cost› minus ‹Paid›.'],
      ['what is the total cost?', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows.'],
      ['how many cats were seen?', 'Answer ‹Rows› as the number of rows; only where ‹Species› is "cat".'],
      ['remove trailing spaces from patient', 'In ‹Patient›, trim outer spaces and reduce runs of spaces to one.'],
      ['lower case everything in treatment', 'In ‹Treatment›, write in lower case.'],
      ['get rid of the Dr in front of the vets', 'Set ‹Vet› to (the first name of the person in ‹Vet›), (the middle name of the person in ‹Vet›), (the last name of the person in ‹Vet›) and (the name suffix of the person in ‹Vet›) joined with " ".'],
      ['take the word surgery out of treatment', 'Remove "surgery" from ‹Treatment›.'],
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
      ['I want only shipments to OSL', 'Keep rows where ‹Route› ends with "OSL".'],
      ['keep the routes that start with OSL', 'Keep rows where ‹Route› starts with "OSL".'],
      ['only those going from HAM', 'Keep rows where ‹Route› starts with "HAM".'],
      ['drop shipments lighter than a tonne', null],
      ['keep shipments with 4 to 7 pallets', 'Keep rows where ‹Pallets› is at least 4 and ‹Pallets› is at most 7.'],
      ['more than three pallets and not delivered', 'Keep rows where ‹Pallets› is more than 3 and ‹Status› is not "delivered".'],
      ['throw out shipments booked in January', 'Set aside rows where (the month of ‹Booked›) equals 1.'],
      ['show the ones without an arrival date', 'Keep rows where ‹Arrived› is blank.'],
      ['which have a claim in the remarks? keep them', 'Keep rows where ‹Remarks› mentions the word "claim" or "claims".'],
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
      ['the five heaviest', 'Keep 5 rows with the highest ‹Gross weight›.'],
      ['the 2 shipments with the highest invoice total', 'Keep 2 rows with the highest ‹Invoice total›.'],
      ['heaviest shipment per customer', 'Keep 1 row with the highest ‹Gross weight› for each ‹Customer›.'],
      ['sort by customer, then by shipped with the newest on top', 'Sort by ‹Customer› and ‹Shipped› from high to low.'],
      ['rate per kg to 1 decimal', 'Set ‹Rate per kg› to ‹Rate per kg› rounded to 1 decimal.'],
      ['invoice total plus 25 percent VAT', 'Add ‹Invoice total times 1 plus 25 per 100› as ‹Invoice total› times (1 plus (25 divided by 100)).'],
      ['what percentage of the total invoice is each shipment, one decimal', 'Add ‹Invoice total per total Invoice total %› as (‹Invoice total› divided by (the sum of ‹Invoice total› over the rows)) times 100 rounded to 1 decimal.'],
      ['average invoice total by customer, shown on every row', 'Add ‹Average Invoice total per Customer› as the mean of ‹Invoice total› over the rows for each ‹Customer›.'],
      ['invoice total compared with the previous row', 'Add ‹Invoice total minus row above Invoice total› as ‹Invoice total› minus (the row above of ‹Invoice total›).'],
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
      ['set status to closed where it is delivered', 'Set ‹Status› to "closed", only where ‹Status› is "delivered".'],
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
      ['anything without a coach can be set aside', 'Set aside rows where ‹Coach› is blank.'],
      ['keep trips to the museum', 'Keep rows where ‹Note› mentions the word "museum".'],
      ['which trips went to the farm? leave just those', 'Keep rows where ‹Note› is "farm".'],
      ['keep trips by Dr Kay Lund', 'Keep rows where ‹Teacher› is "Dr Kay Lund".'],
      ['drop trips before june', 'Set aside rows where ‹Date› is less than the date "2026-06-01".'],
      ['only trips after 1 June 2026', 'Keep rows where ‹Date› is more than the date "2026-06-01".'],
      ['sort by class, then date', 'Sort by ‹Class› and ‹Date›.'],
      ['largest cost first please', 'Sort by ‹Cost› from high to low.'],
      ['teacher: take off the title', 'Set ‹Teacher› to (the first name of the person in ‹Teacher›), (the middle name of the person in ‹Teacher›), (the last name of the person in ‹Teacher›) and (the name suffix of the person in ‹Teacher›) joined with " ".'],
      ['split teacher into Title, First and Last', 'Add ‹Title› as the title of the person in ‹Teacher›. Add ‹First› as (the first name of the person in ‹Teacher›) and (the middle name of the person in ‹Teacher›) joined with " ". Add ‹Last› as the last name of the person in ‹Teacher›.'],
      ['teacher names in title case, and no spaces at the end', 'In ‹Teacher›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['coach should be Blue Line or Redbus', 'Spell ‹Coach› as "Blue Line" or "Redbus".'],
      ['change 4a to 4A in class', 'Replace "4a" in ‹Class› with "4A".'],
      ['make the class upper case', 'In ‹Class›, write in capitals.'],
      ['cost to a whole number', 'Set ‹Cost› to ‹Cost› rounded to 0 decimals.'],
      ['set collected to 0 where it is blank', 'Fill blanks in ‹Collected› with "0".'],
      ['if depart is blank put 09:00', 'Fill blanks in ‹Depart› with "09:00".'],
      ['remove the note column and the coach column', 'Drop ‹Note› and ‹Coach›.'],
      ['put note after trip', 'Move ‹Note› to after ‹Trip›.'],
      ['rename Pupils: Children', 'Rename ‹Pupils› to ‹Children›.'],
      ['date as day/month/year', null],
      ['the month name of the date in a column Month', 'Add ‹Month› as the month name of ‹Date›.'],
      ['weekday of the trip', 'Add ‹Weekday of Date› as the weekday of ‹Date›.'],
      ['add a total row', null],
      ['how much did we collect in total?', 'Answer ‹Total Collected› as the sum of ‹Collected› over the rows.'],
      ['delete the first two rows', 'Set aside rows where (the number of the row) is at most 2.'],
      ['keep every second row', null],
      ['remove the trip with the lowest cost', 'Set aside rows where (the rank, lowest first, of ‹Cost›) is at most 1.'],
      ['two most expensive trips', 'Keep 2 rows with the highest ‹Cost›.'],
      ['are there any duplicates? remove them', 'Keep the first row of each ‹Trip›, ‹Class›, ‹Teacher›, ‹Date›, ‹Depart›, ‹Return›, ‹Pupils›, ‹Adults›, ‹Cost›, ‹Collected›, ‹Coach› and ‹Note›.'],
      ['keep trips where collected is at least the cost', 'Keep rows where ‹Collected› is at least ‹Cost›.'],
      ['mark paid if collected is at least cost, otherwise owing, in a column State', 'Add ‹State› as if ‹Collected› is at least ‹Cost› then "paid", otherwise "owing".'],
      ['add 2 pupils to every trip', null],
      ['multiply adults by 2', 'Add ‹Adults times 2› as ‹Adults› times 2.'],
      ['cost minus 10 percent as Discounted', 'Add ‹Discounted› as ‹Cost› times (1 minus (10 divided by 100)).'],
      ['fill pupils with the average', 'Fill blanks in ‹Pupils› with the mean.'],
      ['replace museum with gallery in the notes', 'Replace "museum" in ‹Note› with "gallery".'],
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
      ['add profit (pieces x unit price less cost)', 'Add ‹profit› as (‹Pieces› times ‹Unit price›) minus ‹Cost›.'],
      ['profit margin in percent of revenue, 1 decimal', null],
      ['pieces per tray, leave it empty when there are no pieces', 'Add ‹Pieces per Trays› as if ‹Pieces› equals 0 then blank, otherwise ‹Pieces› divided by ‹Trays›.'],
      ['pull the five digit ref out of the remarks into a column Ref', 'Add ‹Ref› as the first code like "#####" in ‹Remarks›.'],
      ['label each order: open if not delivered, late if delivered after the due date, on time otherwise. call it State', 'Add ‹State› as if ‹Delivered› is blank then "open", if ‹Delivered› is more than ‹Due› then "late", otherwise "on time".'],
      ['remove cancelled orders (remarks mention cancelled)', 'Set aside rows where ‹Remarks› mentions the word "cancelled".'],
      ['keep orders of more than 50 pieces from Mill Canteen or Station Kiosk', 'Keep rows where ‹Pieces› is more than 50 and ‹Shop› is "Mill Canteen" or "Station Kiosk".'],
      ['set aside unpaid ones', 'Set aside rows where ‹Paid› is "no".'],
      ['only orders between 2 and 5 march 2025', 'Keep rows where ‹Ordered on› is at least the date "2025-03-02" and ‹Ordered on› is at most the date "2025-03-05".'],
      ['total pieces per item, biggest first', 'Answer ‹Total Pieces› as the sum of ‹Pieces› over the rows; for each ‹Item›; sorted by ‹Total Pieces› from high to low.'],
      ['what did we sell to each shop in total? pieces times price', 'Answer ‹Total Pieces times Unit price› as the sum of (‹Pieces› times ‹Unit price›) over the rows; for each ‹Shop›.'],
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
      ['who checked how many trees?', 'Answer ‹Rows› as the number of rows; for each ‹Checked by›.'],
      ['average height by species with two decimals', 'Answer ‹Average Height m› as the mean of ‹Height m› over the rows rounded to 2 decimals; for each ‹Species›.'],
      ['tallest tree in each park', 'Keep 1 row with the highest ‹Height m› for each ‹Park›.'],
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
      ['height in feet', 'Add ‹Height ft› as ‹Height m› times 3.28083989501.'],
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
      ['fee should be words x rate, rounded to cents, in a new column Expected', null],
      ['difference between fee and words times rate', 'Add ‹Fee minus Words times Rate› as ‹Fee› minus (‹Words› times ‹Rate›).'],
      ['days from start to finish, leave open jobs empty', 'Add ‹Days from Start to Finished› as the whole days from ‹Start› to ‹Finished›.'],
      ['was it late? late if finished after the deadline, else in time; empty if not finished', 'Add ‹Finished label› as if ‹Finished› is blank then blank, if ‹Finished› is more than ‹Deadline› then "late", otherwise "in time".'],
      ['only rush jobs please', 'Keep rows where ‹Rush› is "Y" or "y".'],
      ['set aside jobs with zero words', 'Set aside rows where ‹Words› equals 0.'],
      ['unpaid invoices only (paid on is empty but there is an invoice)', null],
      ['extract the phone number from contact, put it in Phone', 'Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['and the email in Email', 'Add ‹Email› as the first e-mail address in ‹Contact›.'],
      ['strip Ltd off the client names', 'Remove trailing "Ltd" from ‹Client›.'],
      ['the number at the end of the invoice as Invoice no', 'Add ‹Invoice no› as the last number in ‹Invoice›.'],
      ['words per day (start to finish), whole number', null],
      ['cumulative fee in the order of the start date', 'Sort by ‹Start›. Add ‹Running total of Fee› as the running total of ‹Fee›.'],
      ['total fee per client, biggest first, top 3', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Client›; sorted by ‹Total Fee› from high to low; the first 3.'],
      ['how many words has Lina Moser translated?', 'Answer ‹Total Words› as the sum of ‹Words› over the rows; only where ‹Translator› is "Moser, Lina".'],
      ['average rate weighted by words', 'Answer ‹Average Rate› as (the sum of (‹Rate› times ‹Words›) over the rows) divided by (the sum of (if ‹Rate› is blank then 0, otherwise ‹Words›) over the rows).'],
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
      ['which translator earned the most', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Translator›; sorted by ‹Total Fee› from high to low; the first 1.'],
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
      ['bookings with kids', 'Keep rows where ‹Children› is more than 0.'],
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
      ['only one line per guest, keep the latest arrival', 'Keep 1 row with the highest ‹Arrival› for each ‹Guest›.'],
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
      ['names in normal spelling, first letters big rest small', 'In ‹Name›, write in title case.'],
      ['add Total = paper 1 + paper 2 + oral, leave blank if anything is missing', 'Add ‹Total› as (‹Paper 1› plus ‹Paper 2›) plus ‹Oral›.'],
      ['total as a percentage of max, no decimals', null],
      ['mean of the two papers, one decimal, skip blanks', 'Add ‹Average of Paper 1, Paper 2› as the mean across ‹Paper 1› and ‹Paper 2› rounded to 1 decimal.'],
      ['Passed: yes if the total of both papers is at least 50 otherwise no', 'Add ‹Passed› as if ‹Paper 1› plus ‹Paper 2› is at least 50 then "yes", otherwise "no".'],
      ['all dates in the same format, day first', 'Turn ‹Sat on› into dates, the day before the month.'],
      ['one examiner spelling each: H. Ostrow and W. Krantz', 'Spell ‹Examiner› as "H. Ostrow" or "W. Krantz".'],
      ['fee without the euro sign as a number, waived counts as 0', 'Turn ‹Fee› into numbers, reading "waived" as "0".'],
      ['candidates who must resit', 'Keep rows where ‹Resit› is "yes".'],
      ['get rid of people who withdrew', 'Set aside rows where ‹Remark› is "withdrew".'],
      ['only papers sat in the week from 12 to 14 may 2025', 'Keep rows where ‹Sat on› is at least the date "2025-05-12" and ‹Sat on› is at most the date "2025-05-14".'],
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
      ['best candidate of each school by paper 1', 'Keep 1 row with the highest ‹Paper 1› for each ‹School›.'],
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
      ['Years each holder has had the plot on 1 June 2025, full years, call the column Years.', 'Add ‹Years› as the whole years from ‹Since› to the date "2025-06-01".'],
      ['Put yes or no in Water share consistently.', 'Turn ‹Water share› into yes or no.'],
      ['Split crop into Crop 1, Crop 2 and Crop 3 at the semicolons.', 'Split ‹Crop› at ";" into ‹Crop 1›, ‹Crop 2› and ‹Crop 3›.'],
      ['Show the holders as "Edda Larch" instead of "Larch, Edda" in a new column.', 'Add ‹Part of Holder rewritten› as (piece 2 of ‹Holder› cut at ",") followed by " " followed by (piece 1 of ‹Holder› cut at ",").'],
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
      ['Minutes late: left at minus planned.', 'Add ‹Minutes late› as (the minute of the day of ‹Left at›) minus (the minute of the day of ‹Planned›).'],
      ['Occupancy of every run in percent, no decimals; runs without a passenger count stay blank.', 'Add ‹Passengers per Seats %› as (‹Passengers› divided by ‹Seats›) times 100 rounded to 0 decimals.'],
      ['Tickets per passenger in euros, 2 decimals, blank where nobody travelled.', 'Add ‹Tickets EUR per Passengers› as ‹Tickets EUR› divided by ‹Passengers› rounded to 2 decimals.'],
      ['Diesel per 100 km, one decimal please.', 'Add ‹Diesel l per Km per 100› as ‹Diesel l› divided by (‹Km› divided by 100) rounded to 1 decimal.'],
      ['Join the two stops with " > " and call that Route.', 'Add ‹Route› as ‹From stop› and ‹To stop› joined with " > ".'],
      ['Mark runs with more passengers than seats as crowded, all others as fine, in a column Load.', 'Add ‹Load› as if ‹Passengers› is more than ‹Seats› then "crowded", otherwise "fine".'],
      ['Remove the cancelled run (it says so under incident).', 'Set aside rows where ‹Incident› mentions the word "cancelled".'],
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
      ['flag late if it left more than 5 minutes after the plan', 'Add ‹Late› as if (the minutes by the clock from ‹Planned› to ‹Left at›) is more than 5 then "late", otherwise blank.'],
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
      ['both date columns should become real dates, dots mean day.month.year', 'Turn ‹Born› and ‹Joined› into dates, the day before the month.'],
      ['dues as numbers please: reduced is 30, free is 0', 'Turn ‹Dues› into numbers, reading "reduced" as "30" and "free" as "0".'],
      ['Nothing paid yet should read 0', 'Fill blanks in ‹Paid› with "0".'],
      ['turn can read music into plain yes and no', 'Turn ‹Can read music› into yes or no.'],
      ['split the names into Surname and First name at the comma', 'Split ‹Name› at "," into ‹Surname› and ‹First name›.'],
      ['I need the names like "Klara Amsel" in a new column called Display', 'Add ‹Display› as (piece 2 of ‹Name› cut at ",") followed by " " followed by (piece 1 of ‹Name› cut at ",").'],
      ['put the domain of the mail address in its own column', 'Add ‹Domain› as the first domain in ‹Mail›.'],
      ['get the amount in EUR out of the remarks, as a number, column Sum mentioned', 'Add ‹Sum mentioned› as the first amount of money in ‹Remarks›.'],
      ['write the initials of everybody in a column Init', 'Add ‹Init› as the initials of ‹Name›.'],
      ['how old was everyone on 1 January 2025, in full years? call it Age', 'Add ‹Age› as the whole years from ‹Born› to the date "2025-01-01".'],
      ['years in the choir until 2025-01-01', 'Add ‹Years from Joined to 2025-01-01› as the whole years from ‹Joined› to the date "2025-01-01".'],
      ['change in concerts from 2023 to 2024', 'Add ‹Concerts 2024 minus Concerts 2023› as ‹Concerts 2024› minus ‹Concerts 2023›.'],
      ['growth of concerts 2023 to 2024 in percent, no decimals, blank if there were none in 2023', 'Add ‹Concerts 2024 minus Concerts 2023 per Concerts…› as ((‹Concerts 2024› minus ‹Concerts 2023›) divided by ‹Concerts 2023›) times 100 rounded to 0 decimals.'],
      ['total concerts over both years, an empty year counts as none', 'Add ‹Concerts 2023 plus Concerts 2024› as (‹Concerts 2023›, or 0 where it is blank) plus (‹Concerts 2024›, or 0 where it is blank).'],
      ["what is still open: dues less paid, never below 0, blank if the dues aren't a number", 'Add ‹Dues minus Paid› as if ‹Dues› minus ‹Paid› is less than 0 then 0, otherwise ‹Dues› minus ‹Paid›.'],
      ['share of the dues that was paid, in percent with one decimal', 'Add ‹Paid per Dues› as (‹Paid› divided by ‹Dues›) times 100 rounded to 1 decimal.'],
      ['concerts per year on average, 1 decimal', null],
      ['level: senior from 15 concerts in 2024... no wait, from 9 concerts in 2024, otherwise regular', null],
      ['kick out everybody who sang no concert in 2023', 'Set aside rows where ‹Concerts 2023› equals 0.'],
      ['keep the sopranos and altos', 'Keep rows where ‹Voice› is "soprano" or "alto".'],
      ['only those who can read music', 'Keep rows where ‹Can read music› is "Y", "yes" or "y".'],
      ['singers without a phone or without a mail', 'Keep rows where ‹Phone› is blank or else ‹Mail› is blank.'],
      ['who joined before 2015? leave just them', 'Keep rows where ‹Joined› is less than the date "2015-01-01".'],
      ['the 3 oldest singers (by born)', 'Keep 3 rows with the lowest ‹Born›.'],
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
      ['amount due = kg times rate plus extras (no extras means zero), 2 decimals, empty if there is no weight', 'Add ‹amount due› as (‹Kg› times ‹Rate›) plus (‹Extras›, or 0 where it is blank) rounded to 2 decimals.'],
      ['what do we charge per item? paid divided by items, two decimals, blank for zero items', 'Add ‹Paid per Items› as ‹Paid› divided by ‹Items› rounded to 2 decimals.'],
      ['turnaround in hours from dropped off to ready, blank while not ready', 'Add ‹Hours from Dropped off to Ready› as the hours from ‹Dropped off› to ‹Ready›.'],
      ['only keep hotel and bistro customers (customer starts with Hotel or Bistro)', null],
      ['remove everything that was cancelled by the customer', null],
      ['grade the ratings: 5 is excellent, 3 and 4 are ok, below that is bad, no rating means unknown', 'Add ‹Rating label› as if ‹Rating› equals 5 then "excellent", if ‹Rating› is at least 3 and ‹Rating› is at most 4 then "ok", if ‹Rating› is less than 3 then "bad", if ‹Rating› is blank then "unknown", otherwise blank.'],
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
      ['kg as a share of the shop total, percent, 2 decimals', 'Add ‹Kg per total Kg per Shop %› as (‹Kg› divided by (the sum of ‹Kg› over the rows for each ‹Shop›)) times 100 rounded to 2 decimals.'],
      ['the heaviest ticket of every customer', 'Keep 1 row with the highest ‹Kg› for each ‹Customer›.'],
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
      ['Days out is back minus out; leave it empty while the tool is still away.', 'Add ‹Days out› as the whole days from ‹Out› to ‹Back›.'],
      ['How many days late was each rental? Days out minus days allowed, but 0 when it was on time.', null],
      ['Work out what should have been charged (days between out and back times the daily fee) and call it Due, two decimals.', 'Add ‹Due› as (the whole days from ‹Out› to ‹Back›) times ‹Daily fee› rounded to 2 decimals.'],
      ['Charged per day out with 2 decimals, blank if it came back the same day.', null],
      ["New column Late: yes if it was back more than the allowed days after it went out, no otherwise, blank if it isn't back yet.", null],
      ['Give the borrowers as first name then surname in a column Borrower name, so "Fenn, Iris" turns into "Iris Fenn".', 'Add ‹Borrower name› as (the first name of the person in ‹Borrower›), (the middle name of the person in ‹Borrower›) and (the last name of the person in ‹Borrower›) joined with " ".'],
      ['Take the middle part of the serial (the digits between the dashes) into a column Number.', 'Add ‹Number› as piece 2 of ‹Serial› cut at "-".'],
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
      ['Which borrower paid the most? Just the name.', 'Answer ‹Total Charged› as the sum of ‹Charged› over the rows; for each ‹Borrower›; sorted by ‹Total Charged› from high to low; the first 1.'],
      ['What share of the rentals came back in good condition, in percent?', 'Answer ‹Share %› as ((the sum of (if ‹Condition back› is "good" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['Average daily fee of the power tools, 2 decimals.', 'Answer ‹Average Daily fee› as the mean of ‹Daily fee› over the rows rounded to 2 decimals; only where ‹Category› is "power".'],
      ['Number the rentals of each borrower... rather, rank the rentals of each borrower by charge, most expensive first.', 'Add ‹Number within Borrower› as the rank, highest first, of ‹Charged› for each ‹Borrower›.'],
      ['Label the condition: fine if good, damaged if anything else is written, unknown when blank.', 'Add ‹condition› as if ‹Condition back› is "good" then "fine", if ‹Condition back› is blank then "unknown", if ‹Condition back› is filled then "damaged", otherwise blank.'],
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
      ['how much did each dentist bring in? biggest first', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Dentist›; sorted by ‹Total Paid› from high to low.'],
      ['who has been here more than once', 'Answer ‹Rows› as the number of rows; for each ‹Patient›; only where (the number of rows for each ‹Patient›) is more than 1.'],
      ['how old was each patient on the day of the appointment', 'Add ‹Years from Born to Booked for› as the whole years from ‹Born› to ‹Booked for›.'],
      ['patients under 18', null],
      ['the bit the insurer pays in money, rounded to cents, nothing where there is no insurer', null],
      ['Hartwel should be Hartwell', 'Replace cells that are "Hartwel" in ‹Insurer› with "Hartwell".'],
      ['sort by day and then by time', 'Sort by ‹Booked for› and ‹Time›.'],
      ['fee per minute with 2 decimals, call it Rate', 'Add ‹Rate› as ‹Fee› divided by ‹Minutes› rounded to 2 decimals.'],
      ['average minutes per treatment', 'Answer ‹Average Minutes› as the mean of ‹Minutes› over the rows; for each ‹Treatment›.'],
      ['drop remarks and phone', 'Drop ‹Remarks› and ‹Phone›.'],
      ['rename booked for to Date', 'Rename ‹Booked for› to ‹Date›.'],
      ['appointments in the second week of february', 'Keep rows where (the month of ‹Booked for›) equals 2 and (the day of ‹Booked for›) is at least 8 and (the day of ‹Booked for›) is at most 14.'],
      ['only the ones without an insurer that cost more than 100', 'Keep rows where ‹Insurer› is blank and ‹Fee› is more than 100.'],
      ['flag long appointments: over 45 minutes long, otherwise normal', 'Add ‹flag long appointments› as if ‹Minutes› is more than 45 then "long", otherwise "normal".'],
      ['put patient straight after appt no', 'Move ‹Patient› to after ‹Appt no›.'],
      ['fill the empty insurers with self-payer', 'Fill blanks in ‹Insurer› with "self-payer".'],
      ['first name and surname of the patient in two columns', 'Add ‹First name› as (the first name of the person in ‹Patient›) and (the middle name of the person in ‹Patient›) joined with " ". Add ‹Last name› as the last name of the person in ‹Patient›.'],
      ['show me the three dearest appointments', 'Keep 3 rows with the highest ‹Fee›.'],
      ['what share of appointments was missed', null],
      ['number of appointments and total fees per room', 'Answer ‹Rows› as the number of rows; and ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Room›.'],
      ['make the times all look the same, with a colon', null],
      ['which day was the busiest', 'Answer ‹Rows› as the number of rows; for each ‹Booked for›; sorted by ‹Rows› from high to low; the first 1.'],
      ['what percentage of the fee has been paid, as a whole number', 'Add ‹Paid per Fee %› as (‹Paid› divided by ‹Fee›) times 100 rounded to 0 decimals.'],
      ['the phone number without spaces', null],
      ['blank the n/a in phone', 'Remove cells that are "n/a" from ‹Phone›.'],
      ['keep one row per patient, the latest appointment', 'Keep 1 row with the highest ‹Booked for› for each ‹Patient›.'],
      ['does anyone owe us more than 100', 'Keep rows where ‹Fee› minus (‹Paid›, or 0 where it is blank) is more than 100.'],
      ['initials of the patients', 'Add ‹Initials of Patient› as the initials of ‹Patient›.'],
      ['appointments before noon', 'Keep rows where (the minute of the day of ‹Time›) is less than 720.'],
      ['running total of the fees by day', 'Sort by ‹Booked for›. Add ‹Running total of Fee› as the running total of ‹Fee›.'],
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
      ['average output of the Aerun machines', 'Answer ‹Average Output MWh› as the mean of ‹Output MWh› over the rows; only where ‹Model› mentions the word "Aerun".'],
      ['turn n/a in wind into blanks and make it a number', 'Remove cells that are "n/a" from ‹Wind m/s›. Turn ‹Wind m/s› into numbers.'],
      ['round output to whole MWh', 'Set ‹Output MWh› to ‹Output MWh› rounded to 0 decimals.'],
      ['sort by park, then output downwards', 'Sort by ‹Park› and ‹Output MWh› from high to low.'],
      ['what fraction of the total repair cost went to Sand Point', 'Answer ‹Total Park label per total Repair cost %› as ((the sum of (if ‹Park› is "Sand Point" or "Sandpoint" then ‹Repair cost›, otherwise 0) over the rows) divided by (the sum of ‹Repair cost› over the rows)) times 100.'],
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
      ['who counted the most lines', 'Answer ‹Rows› as the number of rows; for each ‹Counter›; sorted by ‹Rows› from high to low; the first 1.'],
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
      ['put warehouse and bin together as North/A-12-03', 'Add ‹Warehouse and Bin› as ‹Warehouse› followed by "/" followed by ‹Bin›.'],
      ['order quantity: reorder level minus counted, at least 0', 'Add ‹order quantity› as if ‹Reorder level› minus ‹Counted› is less than 0 then 0, otherwise ‹Reorder level› minus ‹Counted›.'],
      ['total weight of the stock on hand in kg', null],
      ['supplier in small letters', 'In ‹Supplier›, write in lower case.'],
      ['comments that ask for something', null],
      ['days between 1 June 2025 and last counted', 'Add ‹Days from 2025-06-01 to Last counted› as the whole days from the date "2025-06-01" to ‹Last counted›.'],
    ],
  },
  {
    table: 'hire',
    csv: `Booking,Booked on,Boat (berth),Customer,Pick-up,Return,Hours,Rate,Deposit,Fuel,Paid,State,Remarks
BK-1001,3 March 2025,Otter (B2),"Fern, Ada",2025-05-03 09:00,2025-05-03 13:30,4.5,£18.00,50,12 l,£81.00,closed,left gear stiff
BK-1002,12/03/2025,Heron (A1),"brook, tobias",2025-05-03 10:15,2025-05-03 12:15,2,£22.50,50,none,£45.00,Closed,
BK-1003,2025-03-15,Teal (B4),"MARSH, ODILE",2025-05-04 08:00,,,£15.00,,,,open,ring 0555 010 233 before return
BK-1004,18.03.2025,Otter (B2),"Thorne,  Casimir",2025-05-04 14:00,2025-05-04 18:45,4.75,£18.00,50,9.5 litres,£85.50,closed,scratch on port side; photo sent to desk@marlow.example
BK-1005,20 March 2025,Swift (C1),"Vale, Ines",2025-05-05 09:30,2025-05-05 17:30,8,£30.00,100,4 l,"£1,240.00",closed,paid for five days
BK-1006,21/03/2025,Heron (A1),"Fern, Ada",2025-05-06 11:00,2025-05-06 11:00,0,£22.50,50,,£0.00,cancelled,weather
BK-1006,21/03/2025,Heron (A1),"Fern, Ada",2025-05-06 11:00,2025-05-06 11:00,0,£22.50,50,,£0.00,cancelled,weather
BK-1007,2025-03-25,Teal (B4),"quarry, stellan",2025-05-07 09:00,2025-05-07 12:00,3,£15.00,n/a,n/a,£45.00,closed,n/a
BK-1008,28 March 2025,Swift (C1),"Alder, Bram",2025-05-08 10:00,2025-05-08 15:00,5,£30.00,100,11 l,£150.00,open,deposit not returned
BK-1009,1 April 2025,Otter (B2),"Marsh, Odile",2025-05-09 09:00,2025-05-09 11:20,2.33,£18.00,50,3 l,(£42.00),Refunded,engine stopped twice
`,
    cases: [
      ["put the boat and its berth in two columns, Boat and Berth, the berth is what's in the brackets", null],
      ['state in small letters everywhere please', 'In ‹State›, write in lower case.'],
      ['I only want to see bookings that were closed, whatever the capitals', 'Keep rows where ‹State› is "closed".'],
      ["get rid of the booking that's in there twice", 'Keep the first row of each ‹Booking›, ‹Booked on›, ‹Boat (berth)›, ‹Customer›, ‹Pick-up›, ‹Return›, ‹Hours›, ‹Rate›, ‹Deposit›, ‹Fuel›, ‹Paid›, ‹State› and ‹Remarks›.'],
      ['customer should read "Ada Fern" rather than "Fern, Ada", and with normal capitals', 'Set ‹Customer› to (piece 2 of ‹Customer› cut at ",") followed by " " followed by (piece 1 of ‹Customer› cut at ","). In ‹Customer›, write in title case.'],
      ['what they paid as a plain number, brackets mean it went back so make those negative', 'Turn ‹Paid› into numbers.'],
      ['booked on as a proper date, the day comes before the month', 'Turn ‹Booked on› into dates, the day before the month.'],
      ["fuel as a number of litres; none means 0, and where it's empty or n/a leave it empty", 'Turn ‹Fuel› into numbers in "l", reading "none" as "0" and "n/a" as blank.'],
      ['add a column Owed: hours times rate, two decimals', 'Add ‹Owed› as ‹Hours› times ‹Rate› rounded to 2 decimals.'],
      ['add Short: owed minus paid, where there is no payment yet leave it blank', null],
      ['how long was each boat out, in hours, from pick-up to return, one decimal', 'Add ‹Hours from Pick-up to Return› as the hours from ‹Pick-up› to ‹Return› rounded to 1 decimal.'],
      ['bookings that were out longer than four hours', 'Keep rows where ‹Hours› is more than 4.'],
      ['what did we take per boat, biggest first', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Boat (berth)›; sorted by ‹Total Paid› from high to low.'],
      ['which customer booked most often?', 'Answer ‹Rows› as the number of rows; for each ‹Customer›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average hours per booking, not counting the ones with 0 hours', null],
      ['show me the bookings that have no return time', 'Keep rows where ‹Return› is blank.'],
      ['replace n/a with nothing in all the columns', 'Remove cells that are "n/a" from ‹Deposit›, ‹Fuel› and ‹Remarks›.'],
      ['pull the phone number out of the remarks into a column Phone', 'Add ‹Phone› as the first telephone number in ‹Remarks›.'],
      ['add a column with the e-mail addresses found in remarks', null],
      ["label each booking: long if it's 4 hours or more, short if under, nothing where we don't know the hours", 'Add ‹Hours label› as if ‹Hours› is blank then blank, if ‹Hours› is at least 4 then "long", if ‹Hours› is less than 4 then "short", otherwise blank.'],
      ['days between booked on and pick-up', 'Add ‹Days from Booked on to Pick-up› as the whole days from ‹Booked on› to ‹Pick-up›.'],
      ['weekday of the pick-up in its own column', 'Add ‹Weekday of Pick-up› as the weekday of ‹Pick-up›.'],
      ['sort by boat and within that by pick-up, latest first', 'Sort by ‹Boat (berth)› and ‹Pick-up› from high to low.'],
      ["I don't need deposit and remarks", 'Drop ‹Deposit› and ‹Remarks›.'],
      ['call Booked on Order date, and Paid Takings', 'Rename ‹Booked on› to ‹Order date› and ‹Paid› to ‹Takings›.'],
      ['put state right after booking', 'Move ‹State› to after ‹Booking›.'],
      ['give me the first letter of the boat as Code', 'Add ‹Code› as the first 1 characters of ‹Boat (berth)›.'],
      ['how many bookings are still open', 'Answer ‹Rows› as the number of rows; only where ‹State› is "open".'],
      ['what share of the bookings was cancelled, in percent with one decimal', 'Answer ‹Share %› as ((the sum of (if ‹State› is "cancelled" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['total paid by state', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹State›.'],
      ['median hours by boat', 'Answer ‹Median Hours› as the median of ‹Hours› over the rows; for each ‹Boat (berth)›.'],
      ["add each booking's share of all hours in percent, 1 decimal", 'Add ‹Hours per total Hours› as (‹Hours› divided by (the sum of ‹Hours› over the rows)) times 100 rounded to 1 decimal.'],
      ['running total of paid in order of pick-up', 'Sort by ‹Pick-up›. Add ‹Running total of Paid› as the running total of ‹Paid›.'],
      ['number the bookings of every customer from 1', 'Add ‹Number within Customer› as the number of the row for each ‹Customer›.'],
      ["take away anything that isn't a digit from the booking number", 'Remove all everything but digits from ‹Booking›.'],
      ['the rate in pence as whole numbers', null],
      ['every booking needs a return time', 'Check that ‹Return› is filled.'],
      ['throw out bookings under £50', 'Set aside rows where ‹Paid› is less than 50.'],
      ['which boats were never cancelled', null],
      ['split pick-up into day and time', 'Add ‹Pick-up date› as the date of ‹Pick-up›. Add ‹Pick-up time› as the time of day of ‹Pick-up›.'],
      ['fill the empty deposits with 50', 'Fill blanks in ‹Deposit› with "50".'],
      ['fill the blank deposits with the usual deposit of that boat', 'Fill blanks in ‹Deposit› with the commonest value for each ‹Boat (berth)›.'],
      ['add a yes/no column Long: hours above 4', 'Add ‹Long› as if ‹Hours› is more than 4 then "yes", otherwise "no".'],
      ['top three bookings by paid', 'Keep 3 rows with the highest ‹Paid›.'],
      ['rank the bookings by hours, longest first', 'Add ‹Rank by Hours› as the rank, highest first, of ‹Hours›.'],
      ['hours rounded up to the next half hour', 'Set ‹Hours› to (‹Hours› times 2 rounded up to 0 decimals) divided by 2.'],
      ['paid per hour, two decimals, empty where there were no hours', 'Add ‹Paid per Hours› as ‹Paid› divided by ‹Hours› rounded to 2 decimals.'],
      ['keep rows from 5 May 2025 on', null],
      ['only bookings picked up in the morning', 'Keep rows where (the minute of the day of ‹Pick-up›) is less than 720.'],
      ['remarks that mention the engine', 'Keep rows where ‹Remarks› mentions the word "engine".'],
      ['bookings by Ada Fern or Ines Vale', 'Keep rows where ‹Customer› is "Fern, Ada" or "Vale, Ines".'],
      ['shorten the remarks to the first 20 characters', 'Set ‹Remarks› to the first 20 characters of ‹Remarks›.'],
      ['combine booking and boat as "BK-1001: Otter (B2)"', 'Add ‹Booking and Boat (berth)› as ‹Booking› followed by ": " followed by ‹Boat (berth)›.'],
      ['a 10% surcharge on rate for boats in berth C1', null],
      ['bookings with a remark but no payment', 'Keep rows where ‹Remarks› is filled and ‹Paid› is blank.'],
      ['compare the total hours of Otter and Heron', null],
      ['difference between paid and the average paid of the same boat', 'Add ‹Paid minus average Paid per Boat (berth)› as ‹Paid› minus (the mean of ‹Paid› over the rows for each ‹Boat (berth)›).'],
      ['which booking was paid most?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Booking›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['join the booking with the weather of that day', null],
      ['tidy up the customer names', 'In ‹Customer›, trim outer spaces and reduce runs of spaces to one.'],
    ],
  },
  {
    table: 'press',
    csv: `Week,Press,Operator,Started,Finished,Apples kg,Juice l,Rejected kg,Bottles,Broken,Cost,Target l,Sold l,Price per l,Variety,Inspected
2025-09-01,North,Ines Vale,2025-09-01,2025-09-05,1200,720,40,700,6,310.50,750,690,2.40,Russet,yes
2025-09-01,South,Bram Alder,2025-09-01,2025-09-04,800,440,55,430,2,280,500,410,2.35,Pippin,no
2025-09-08,North,Ines Vale,2025-09-08,2025-09-13,1500,930,20,910,11,355.75,900,905,2.40,Russet,yes
2025-09-08,South,Ada Fern,2025-09-08,2025-09-11,0,0,0,0,0,150,500,0,2.35,Pippin,
2025-09-15,North,Bram Alder,2025-09-15,2025-09-19,1100,,35,640,4,298,750,640,2.50,Cox,yes
2025-09-15,South,Ada Fern,2025-09-15,,950,560,,548,3,,500,500,2.35,Cox,no
2025-09-22,North,Ines Vale,2025-09-22,2025-09-27,1300,806,26,795,8,320,750,760,2.50,Russet,yes
2025-09-22,South,Odile Marsh,2025-09-22,2025-09-24,600,348,12,340,1,190,500,348,2.45,Pippin,yes
`,
    cases: [
      ['litres per kilo of apples, three decimals', null],
      ['what percentage of the apples was rejected each time, one decimal', 'Add ‹Rejected kg per Apples kg %› as (‹Rejected kg› divided by ‹Apples kg›) times 100 rounded to 1 decimal.'],
      ['a column Yield which is juice divided by apples less the rejected ones', null],
      ['cost per litre of juice to the penny, blank when there was no juice', 'Add ‹Cost per Juice l› as ‹Cost› divided by ‹Juice l› rounded to 2 decimals.'],
      ['by how many litres did we miss or beat the target', null],
      ['target reached in percent, no decimals', null],
      ['yes if the juice reached the target, otherwise no, call it Reached', 'Add ‹Reached› as if ‹Juice l› is at least ‹Target l› then "yes", otherwise "no".'],
      ['revenue: litres sold times the price', 'Add ‹revenue› as ‹Sold l› times ‹Price per l›.'],
      ['profit is revenue minus cost', null],
      ['breakage rate in percent of the bottles, 2 decimals', null],
      ['unsold litres, never below zero', null],
      ['juice compared with the week before on the same press', 'Add ‹Juice l minus row above Juice l› as ‹Juice l› minus (the row above of ‹Juice l› for each ‹Press›).'],
      ['running total of juice for each press', 'Add ‹Running total of Juice l› as the running total of ‹Juice l› for each ‹Press›.'],
      ["juice as a share of that week's juice, in percent", 'Add ‹Juice l per total Juice l per Week› as (‹Juice l› divided by (the sum of ‹Juice l› over the rows for each ‹Week›)) times 100.'],
      ['average juice per press next to every row', 'Add ‹Average Juice l per Press› as the mean of ‹Juice l› over the rows for each ‹Press›.'],
      ["how far is each week from the press's best week", null],
      ['rank the weeks within each press by juice', 'Add ‹Rank by Juice l› as the rank, highest first, of ‹Juice l› for each ‹Press›.'],
      ['rank by cost, cheapest first', 'Add ‹Rank by Cost› as the rank, lowest first, of ‹Cost›.'],
      ['moving average of juice over three weeks for each press', 'Add ‹Moving average of Juice l› as the mean of ‹Juice l› over the last 3 rows for each ‹Press›.'],
      ['days it took from start to finish', 'Add ‹Days from Started to Finished› as the whole days from ‹Started› to ‹Finished›.'],
      ['working days between started and finished', 'Add ‹Working days from Started to Finished› as the whole working days from ‹Started› to ‹Finished›.'],
      ['band the apples: under 800 small, 800 to 1200 medium, over 1200 large', 'Add ‹Apples kg label› as if ‹Apples kg› is less than 800 then "small", if ‹Apples kg› is at least 800 and ‹Apples kg› is at most 1200 then "medium", if ‹Apples kg› is more than 1200 then "large", otherwise blank.'],
      ['apples in tonnes', 'Add ‹Apples t› as ‹Apples kg› divided by 1000.'],
      ['round the cost to full pounds', 'Set ‹Cost› to ‹Cost› rounded to 0 decimals.'],
      ['cost plus 20% VAT', 'Add ‹Cost times 1 plus 20 per 100› as ‹Cost› times (1 plus (20 divided by 100)).'],
      ['juice minus sold, empty if either is missing', 'Add ‹Juice l minus Sold l› as ‹Juice l› minus ‹Sold l›.'],
      ['the bigger of juice and target', 'Add ‹Highest of Juice l, Target l› as the highest across ‹Juice l› and ‹Target l›.'],
      ['total of juice and rejected', 'Answer ‹Total Juice l› as the sum of ‹Juice l› over the rows; and ‹Total Rejected kg› as the sum of ‹Rejected kg› over the rows.'],
      ['number of the week in the year', null],
      ['month of started as a word', 'Add ‹Month of Started› as the month name of ‹Started›.'],
      ['standard score of juice', 'Add ‹Juice l minus average Juice l per spread of Jui…› as (‹Juice l› minus (the mean of ‹Juice l› over the rows)) divided by (the spread of ‹Juice l› over the rows).'],
      ['percentile of juice among all weeks', null],
      ['cumulative share of cost', 'Add ‹Running total of Cost per total Cost› as (the running total of ‹Cost›) divided by (the sum of ‹Cost› over the rows).'],
      ['difference between the highest and the lowest juice of the press', null],
      ['how many bottles per kilo of apples on average, over everything', null],
      ['total juice per press and in all', 'Answer ‹Total Juice l› as the sum of ‹Juice l› over the rows; for each ‹Press›; and in all.'],
      ['which press made the most juice in the week of 8 September', 'Answer ‹Total Juice l› as the sum of ‹Juice l› over the rows; for each ‹Press›; only where ‹Week› is at least the date "2025-09-08" and ‹Week› is at most the date "2025-09-14"; sorted by ‹Total Juice l› from high to low; the first 1.'],
      ['how many weeks was the target missed, per press', null],
      ['average price per litre weighted by litres sold', 'Answer ‹Average Price per l› as (the sum of (‹Price per l› times ‹Sold l›) over the rows) divided by (the sum of (if ‹Price per l› is blank then 0, otherwise ‹Sold l›) over the rows).'],
      ['what did a litre cost overall', null],
      ['median cost and the spread of it', 'Answer ‹Median Cost› as the median of ‹Cost› over the rows; and ‹Spread of Cost› as the spread of ‹Cost› over the rows.'],
      ['top two operators by juice', 'Answer ‹Total Juice l› as the sum of ‹Juice l› over the rows; for each ‹Operator›; sorted by ‹Total Juice l› from high to low; the first 2.'],
      ['juice per variety, biggest first, with its share', null],
      ['compare north with south: juice, cost and rejected', 'Answer ‹Total Juice l› as the sum of ‹Juice l› over the rows; ‹Total Cost› as the sum of ‹Cost› over the rows; and ‹Total Rejected kg› as the sum of ‹Rejected kg› over the rows; for each ‹Press›; only where ‹Press› is "North" or "South".'],
      ['how many different operators were there', 'Answer ‹Different Operator› as the number of different values of ‹Operator› over the rows.'],
      ['weeks with more than 5 broken bottles', null],
      ["weeks where cost is known but juice isn't", 'Keep rows where ‹Cost› is filled and ‹Juice l› is blank.'],
      ['drop weeks when nothing was pressed', 'Set aside rows where ‹Press› is blank.'],
      ["inspected should be yes or no, no where it's empty", 'Turn ‹Inspected› into yes or no. Fill blanks in ‹Inspected› with "no".'],
      ["fill the missing juice with the press's average", 'Fill blanks in ‹Juice l› with the mean for each ‹Press›.'],
      ['if cost is missing put 0', 'Fill blanks in ‹Cost› with "0".'],
      ['which variety has the lowest rejection rate', null],
      ['average daily juice: juice divided by the days it took', null],
      ['growth of juice against the week before in percent per press', 'Add ‹Growth of Juice l %› as ((‹Juice l› minus (the row above of ‹Juice l› for each ‹Press›)) divided by (the row above of ‹Juice l› for each ‹Press›)) times 100.'],
      ['correlation between apples and juice', 'Show what goes with ‹Juice l›, among ‹Apples kg›.'],
      ["forecast next week's juice", 'Forecast the total of ‹Juice l› by week of ‹Week›, 1 ahead.'],
      ['label: loss if profit is negative, otherwise gain', null],
      ['let rate mean juice divided by apples', 'Let ‹rate› mean ‹Juice l› divided by ‹Apples kg›.'],
      ['juice target gap in percent of target, negative if missed, one decimal', null],
      ['cost per bottle, 3 decimals, ignoring the broken ones', null],
    ],
  },
  {
    table: 'school',
    csv: `Entry no,Pupil,Class,Born,Home phone,Parent contact,Bus stop / line,Lunch,Fee,Paid on,Attendance,Club,Remarks,Signed
E-01,"Quarry, Stellan (Stel)",4b,12.03.2015,0555-010-231,ines.quarry@home.example; 0555 010 232,Mill Lane / 7,Yes,"€1.250,00",3 Sept 2025,96%,Chess;Choir,allergic to nuts,x
E-02,"alder, bram",4B,2015-07-01,0555 010 233,bram.sr@alder.example,Top Meadow / 12,y,"€ 900,50",05/09/2025,88 %,choir,,
E-03,"FERN, ADA ",5a,30/11/2014,,fern@home.example,Mill Lane / 7,no,-,,102%,-,moved in May,x
E-04,"Marsh, Odile (Odi)",5A,1 Feb 2014,0555010235,0555 010 236,Riverside / 3,N,"€1.250,00",10.09.2025,91%,Chess,"siblings: 2, bus pass",x
E-05,"Vale, Ines",4b,2015-01-19,n/a,,Riverside / 3,Yes,"€1.250,00",3 Sept 2025,n/a,,see E-07,
E-05,"Vale, Ines",4b,2015-01-19,n/a,,Riverside / 3,Yes,"€1.250,00",3 Sept 2025,n/a,,see E-07,
E-07,"Brook, Tobias",6c,09/04/2013,0555 010 239,brook@home.example; 0555 010 240,Chapel Lane / 12,yes,"€1.100,00",2025-09-15,79%,Robotics;Chess,leaves early on Fri,x
E-08,"Hollow, Perdita",5a,2014-05-05,0555 010 241,p.hollow@home.example,Top Meadow / 12,,"€0,00",,94%,Choir,,x
`,
    cases: [
      ['class should look like 4B, so number and capital letter', 'Write ‹Class› in the shape of "4B".'],
      ['take the nickname out of the pupil into its own column Nickname, leave it empty if there is none', null],
      ['without the nickname in brackets, pupil should only hold the name', null],
      ['lunch is yes or no, nothing else please, leave the empty one empty', 'Turn ‹Lunch› into yes or no.'],
      ['turn the fees into numbers, the comma is the decimal point and - means nothing was charged, so 0', null],
      ['attendance as a number without the percent sign, n/a is empty', 'Turn ‹Attendance› into numbers, reading "n/a" as blank.'],
      ["anything above 100 in attendance can't be right, blank it", null],
      ['split the bus stop and line, line as a number', null],
      ['e-mail and phone of the parents in two columns, Mail and Tel', 'Add ‹Mail› as the first e-mail address in ‹Parent contact›. Add ‹Tel› as the first telephone number in ‹Parent contact›.'],
      ['all the phone numbers in the form 0555 010 231', 'Write ‹Home phone› in the shape of "0555 010 231".'],
      ['one column per club: Chess, Choir, Robotics, with yes or no', null],
      ['how many clubs is each pupil in', 'Add ‹Number of Club› as the number of pieces of ‹Club› cut at ";".'],
      ['paid on and born as dates, day first', 'Turn ‹Paid on› and ‹Born› into dates, the day before the month.'],
      ['put a 0 in front of single digits in the line', null],
      ['get rid of the second E-05', null],
      ["drop everyone who hasn't signed", 'Set aside rows where ‹Signed› is blank.'],
      ['those without lunch', null],
      ['pupils from class 5 only', 'Keep rows where ‹Class› equals 5.'],
      ['class 4 and 5, not 6', null],
      ['sort by class, then by name', null],
      ['born before 2015', 'Keep rows where ‹Born› is less than the date "2015-01-01".'],
      ['pupils who are in the chess club', null],
      ['swap first and last name: Stellan Quarry', null],
      ['surname in capitals, first name normal', null],
      ['the columns I need: pupil, class, fee and paid on, in that order', 'Keep only the columns ‹Pupil›, ‹Class›, ‹Fee› and ‹Paid on›.'],
      ['hide the contact details', 'Hide ‹Home phone› and ‹Parent contact›.'],
      ['rename Signed to Form signed and Paid on to Payment date', 'Rename ‹Signed› to ‹Form signed› and ‹Paid on› to ‹Payment date›.'],
      ['put remarks at the very end and signed right after lunch', 'Move ‹Remarks› to the end. Move ‹Signed› to after ‹Lunch›.'],
      ['remove the remarks that only say see E-07', null],
      ['replace the x in signed with yes and fill the rest with no', null],
      ['age on 1 September 2025 in years', 'Add ‹Years from Born to 2025-09-01› as the whole years from ‹Born› to the date "2025-09-01".'],
      ['month they were born in', 'Add ‹Month of Born› as the month of ‹Born›.'],
      ['fees still open: those with a fee above zero and no payment date', 'Keep rows where ‹Fee› is more than 0 and ‹Paid on› is blank.'],
      ['total fees per class', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Class›.'],
      ['average attendance per class, ignoring impossible values', null],
      ['which class has the most pupils in a club', null],
      ["mask the pupils' names", 'Mask ‹Pupil› with tokens.'],
      ['last four digits of the home phone', null],
      ['give every pupil a number like P-001', null],
      ['mark duplicates in a new column', 'Add ‹Duplicate› as if (the number of rows for each ‹Entry no›, ‹Pupil›, ‹Class›, ‹Born›, ‹Home phone›, ‹Parent contact›, ‹Bus stop / line›, ‹Lunch›, ‹Fee›, ‹Paid on›, ‹Attendance›, ‹Club›, ‹Remarks› and ‹Signed›) is more than 1 then "yes", otherwise "no".'],
      ['first word of the remarks', 'Add ‹Part of Remarks› as piece 1 of ‹Remarks› cut at " ".'],
      ['count the words in remarks', 'Add ‹Words in Remarks› as the number of words in ‹Remarks›.'],
      ['class and entry joined with a slash', 'Add ‹Class Entry no› as ‹Class› and ‹Entry no› joined with "/".'],
      ["domain of the parents' e-mail", 'Add ‹Domain› as the first domain in ‹Parent contact›.'],
      ['which bus line has the most pupils', 'Answer ‹Rows› as the number of rows; for each ‹Bus stop / line›; sorted by ‹Rows› from high to low; the first 1.'],
      ['make a copy of fee before anything changes', null],
      ['delete all columns that hold phone numbers', null],
    ],
  },
  {
    table: 'firings',
    csv: `Batch,Potter,Kiln,Fired on,Loaded,Unloaded,Cone/Temp,Pieces in,Cracked,Clay kg,Glaze,Energy kWh,Price per piece,Paid,Remarks,Booking ref
F-101,Marta Quell,Kiln A,03/02/2026,08:15,20:40,6 / 1222C,48,3,36.5,celadon;ash,142,4.50,yes,two mugs cracked at the handle,BK 0091
F-102,jon  Abara,kiln a,2026-02-05,09:00,19:10,04 / 1060C,60,0,41,none,98.5,3.20,Y,,bk0092
F-103,Marta Quell,Kiln B,7 Feb 2026,07:45,22:05,10 / 1305C,22,7,30,tenmoku,201,9.00,no,over-fired see photo,BK-0093
F-104,Ilse Trane,Kiln B,11/02/2026,08:30,,6 / 1222C,35,,28.2,ash,,4.50,,kiln broke down,BK 0094
F-105,Jon Abara,Kiln A,2026-02-14,08:00,19:50,6 / 1222C,52,2,40,celadon; shino,139,4.50,Yes,,bk 0095
F-106,P. Osei,KILN C,16 Feb 2026,10:00,18:20,04 / 1060C,80,1,55,,90,€2.75,n,bisque for the school,BK0096
F-107,Ilse trane,Kiln C,20/02/2026,09:10,18:00,04 / 1060C,64,4,47.5,none,88,2.75,yes,,
F-108,P. Osei,Kiln A,2026-03-01,08:20,20:10,6 / 1222C,,5,33,shino;ash;celadon,144,5,yes,no count taken,BK 0098
F-109,Ilse Trane,Kiln B,03/03/2026,07:30,21:40,10 / 1305C,25,2,29,tenmoku,198,9.00,No,,BK 0099
F-110,jon Abara,Kiln A,2026-03-08,08:05,19:55,6 / 1222C,50,0,38,celadon,141,4.50,Y,all fine,BK 0100
`,
    cases: [
      ['which potter broke the most? I mean by share of pieces that went in', null],
      ['cone and temperature are squashed together with a slash, split them and lose the C', null],
      ['potters\' names: proper capitals and just one space between the words please', 'In ‹Potter›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['how long was each firing, from loading to unloading, in hours with one decimal? the one that isn\'t out yet stays empty', 'Add ‹Hours from Loaded to Unloaded› as the hours by the clock from ‹Loaded› to ‹Unloaded› rounded to 1 decimal.'],
      ['fired on should be real dates. with slashes it\'s day/month', 'Turn ‹Fired on› into dates, the day before the month.'],
      ['only the high fire ones (cone 10)', 'Keep rows where ‹Cone/Temp› mentions the word "10".'],
      ['leave out all batches that nobody has paid for', 'Set aside rows where ‹Paid› is blank.'],
      ['add what each batch earns: pieces in minus cracked, times the price', 'Add ‹Pieces in minus Cracked times Price per piece› as (‹Pieces in› minus ‹Cracked›) times ‹Price per piece›.'],
      ['what\'s the breakage in percent per kiln', null],
      ['kiln names consistent please: Kiln A, Kiln B, Kiln C', null],
      ['turn paid into yes or no, Y counts as yes and n as no, blank stays blank', 'Turn ‹Paid› into yes or no.'],
      ['how many glazes were used in each batch? none is 0', null],
      ['booking refs should all look like BK-0091', 'Write ‹Booking ref› in the shape of "BK-0091".'],
      ['kWh per piece, 2 decimals, blank when either is missing', 'Add ‹Energy kWh per Pieces in› as ‹Energy kWh› divided by ‹Pieces in› rounded to 2 decimals.'],
      ['the three firings that took the most energy', 'Keep 3 rows with the highest ‹Energy kWh›.'],
      ['number of firings and kilos of clay by potter, most clay first', 'Answer ‹Rows› as the number of rows; and ‹Total Clay kg› as the sum of ‹Clay kg› over the rows; for each ‹Potter›; sorted by ‹Total Clay kg› from high to low.'],
      ['is there any batch with more than 10% breakage? show me only those', null],
      ['mark a batch as "bad" if more than 5 cracked, "ok" if 1 to 5, "perfect" at zero; don\'t write anything if we don\'t know', null],
      ['where cracked is empty take it as none', 'Fill blanks in ‹Cracked› with "0".'],
      ['average energy of the cone 6 firings', 'Answer ‹Average Energy kWh› as the mean of ‹Energy kWh› over the rows; only where ‹Cone/Temp› mentions the word "6".'],
      ['put the batch number last', 'Move ‹Batch› to the end.'],
      ['i dont need the remarks', 'Drop ‹Remarks›.'],
      ['sort them by date, oldest on top', 'Sort by ‹Fired on›.'],
      ['which batches mention "crack" in the remarks?', 'Keep rows where ‹Remarks› mentions the word "crack".'],
      ['remove the euro sign from the price', 'Turn ‹Price per piece› into numbers.'],
      ['how much dearer per piece is each batch than the cheapest one', null],
      ['running total of clay used, by firing date', null],
      ['share of each batch in its kiln\'s energy, whole percents', 'Add ‹Energy kWh per total Energy kWh per Kiln› as (‹Energy kWh› divided by (the sum of ‹Energy kWh› over the rows for each ‹Kiln›)) times 100 rounded to 0 decimals.'],
      ['make a column Week with the ISO week of the firing', 'Add ‹Week› as the week of ‹Fired on›.'],
      ['what is the total income if every piece in were sold', null],
      ['new column: first glaze only, blank when none', 'Add ‹Part of Glaze› as if ‹Glaze› is "none" then blank, otherwise piece 1 of ‹Glaze› cut at ";".'],
      ['throw away the February ones', 'Set aside rows where (the month of ‹Fired on›) equals 2.'],
      ['count batches per month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Fired on› as the month of ‹Fired on›.'],
      ['energy: fill the gap with the average of the same kiln', 'Fill blanks in ‹Energy kWh› with the mean for each ‹Kiln›.'],
      ['two random batches from each kiln', 'Keep 2 rows at random with seed 1 for each ‹Kiln›.'],
      ['rename Pieces in to Pieces and Clay kg to Clay', 'Rename ‹Pieces in› to ‹Pieces› and ‹Clay kg› to ‹Clay›.'],
      ['first name and surname of the potter in separate columns', 'Add ‹First name› as (the first name of the person in ‹Potter›) and (the middle name of the person in ‹Potter›) joined with " ". Add ‹Last name› as the last name of the person in ‹Potter›.'],
      ['clay per piece in grams, no decimals', 'Add ‹Clay kg per Pieces in› as (‹Clay kg› divided by ‹Pieces in›) times 1000 rounded to 0 decimals.'],
      ['drop Ilse\'s batches', 'Set aside rows where ‹Potter› mentions the word "Ilse".'],
      ['who used shino?', 'Keep rows where ‹Glaze› mentions the word "shino".'],
    ],
  },
  {
    table: 'crossings',
    csv: `Crossing,Date,Boat,Route,Dep sched,Dep actual,Arr actual,Passengers,Capacity,Cars,Bikes,Fare total,Fuel l,Weather,Captain,Cancelled,Delay reason
C001,2026-04-01,Gull,Northby - Eastholm,07:30,07:34,08:15,120,180,22,9,"1,340.50",210,calm,"Rudd, Anna",,
C002,2026-04-01,Gull,Eastholm - Northby,09:00,09:00,09:41,85,180,18,4,910.00,205,calm,"Rudd, Anna",,
C003,2026-04-01,Tern,Northby – Skell,08:15,08:40,09:55,60,90,,12,488,160,rough,"Okoro, Pim",,late crew
C004,2026-04-02,Tern,Skell - Northby,11:00,,,0,90,0,0,0,,storm,"Okoro, Pim",x,storm
C005,2026-04-02,Gull,Northby - Eastholm,07:30,07:30,08:12,131,180,25,11,"1,467.25",214,calm,"Maes, Tor",,
C006,2026-04-02,gull ,Eastholm - Northby,09:00,09:22,10:05,97,180,20,3,"1,004.75",209,choppy,"Maes, Tor",,loading
C007,2026-04-03,Tern,Northby - Skell,08:15,08:16,09:28,44,90,6,20,402.10,158,Calm,"Okoro, Pim",,
C008,2026-04-03,Heron,Northby - Eastholm,12:15,12:50,13:31,179,200,31,0,"2,010",260,rough,"Dell, Ada",,loading; swell
C009,2026-04-04,Heron,Eastholm - Northby,14:00,,,0,200,0,0,0,,storm,"Dell, Ada",X,storm
C010,2026-04-04,Gull,Northby - Eastholm,07:30,07:41,08:24,150,180,28,15,"1,702.30",216,choppy,"Rudd, Anna",,swell
`,
    cases: [
      ['separate the route into From and To', 'Split ‹Route› at " - " into ‹From› and ‹To›.'],
      ['how many minutes late did every crossing leave? leave it empty for the ones that didn\'t sail', 'Add ‹Minutes late› as (the minute of the day of ‹Dep actual›) minus (the minute of the day of ‹Dep sched›).'],
      ['drop the cancelled crossings', 'Set aside rows where ‹Cancelled› is "x" or "X".'],
      ['fare totals as plain numbers', 'Turn ‹Fare total› into numbers.'],
      ['load factor per crossing in percent, one decimal (passengers over capacity)', 'Add ‹Passengers per Capacity %› as (‹Passengers› divided by ‹Capacity›) times 100 rounded to 1 decimal.'],
      ['captains the other way round please, Anna Rudd not Rudd, Anna', 'Set ‹Captain› to (piece 2 of ‹Captain› cut at ",") followed by " " followed by (piece 1 of ‹Captain› cut at ",").'],
      ['what did we take per route?', 'Answer ‹Total Fare total› as the sum of ‹Fare total› over the rows; for each ‹Route›.'],
      ['average delay per captain, not counting cancelled crossings', 'Answer ‹Average minutes late› as the mean of ((the minute of the day of ‹Dep actual›) minus (the minute of the day of ‹Dep sched›)) over the rows; for each ‹Captain›; only where ‹Cancelled› is not "x" or "X".'],
      ['only trips on rough or stormy days', null],
      ['weather all lower case', 'In ‹Weather›, write in lower case.'],
      ['which boat burns the most fuel per passenger?', 'Answer ‹Total Fuel l per total Passengers› as (the sum of ‹Fuel l› over the rows) divided by (the sum of ‹Passengers› over the rows); for each ‹Boat›; sorted by ‹Total Fuel l per total Passengers› from high to low; the first 1.'],
      ['number of crossings for each boat per day', 'Answer ‹Rows› as the number of rows; for each ‹Boat›; and by ‹Date›.'],
      ['fuel per passenger with 2 decimals, but nothing if nobody was on board', 'Add ‹Fuel l per Passengers› as ‹Fuel l› divided by ‹Passengers› rounded to 2 decimals.'],
      ['flag crossings that left more than 10 minutes late with "late" and the rest with "on time"', 'Add ‹Dep actual label› as if (the minute of the day of ‹Dep actual›) minus (the minute of the day of ‹Dep sched›) is more than 10 then "late", otherwise "on time".'],
      ['was the boat more than 80% full? yes/no in a column Busy', 'Add ‹Busy› as if ‹Passengers› is more than ‹Capacity› times 0.8 then "yes", otherwise "no".'],
      ['just keep date, boat, passengers and fare', 'Keep only the columns ‹Date›, ‹Boat›, ‹Passengers› and ‹Fare total›.'],
      ['boat: clean up the spaces and capitals', null],
      ['add a column with the crossing time in minutes', 'Add ‹Minutes from Dep actual to Arr actual› as the minutes by the clock from ‹Dep actual› to ‹Arr actual›.'],
      ['where the number of cars is missing write 0', 'Fill blanks in ‹Cars› with "0".'],
      ['rank the crossings by fare, highest first', 'Add ‹Rank by Fare total› as the rank, highest first, of ‹Fare total›.'],
      ['the cancelled column should say yes or no instead of x or nothing', 'Turn ‹Cancelled› into yes or no. Fill blanks in ‹Cancelled› with "no".'],
      ['on which date did we carry the most people', null],
      ['drop anything before 2 April', 'Set aside rows where ‹Date› is less than the date "2026-04-02".'],
      ['the five fullest crossings by load', null],
      ['how many bikes in all?', 'Answer ‹Total Bikes› as the sum of ‹Bikes› over the rows.'],
      ['give me each captain\'s share of the passengers', 'Answer ‹Share of Passengers %› as ((the sum of ‹Passengers› over the rows) divided by (the sum of ‹Passengers› over all rows together)) times 100; for each ‹Captain›.'],
      ['total of cars and bikes in one column called Vehicles', 'Add ‹Vehicles› as ‹Cars› plus ‹Bikes›.'],
      ['compare 1 April with 2 April: passengers and fares', 'Answer ‹Total Passengers› as the sum of ‹Passengers› over the rows; and ‹Total Fare total› as the sum of ‹Fare total› over the rows; for each ‹Date›; only where [(the month of ‹Date›) equals 4 and (the day of ‹Date›) equals 1] or else [(the month of ‹Date›) equals 4 and (the day of ‹Date›) equals 2].'],
      ['difference in passengers from the previous crossing of the same boat', 'Add ‹Passengers minus row above Passengers› as ‹Passengers› minus (the row above of ‹Passengers› for each ‹Boat›).'],
      ['what percentage of crossings were cancelled?', 'Answer ‹Share %› as ((the sum of (if ‹Cancelled› is "x" or "X" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['add 15 minutes to the scheduled departure, call it Latest departure', null],
      ['sort by boat, then by date, newest first', 'Sort by ‹Boat› and ‹Date› from high to low.'],
      ['surname of the captain in capitals in a new column', 'Add ‹Last name› as the last name of the person in ‹Captain›. In ‹Last name›, write in capitals.'],
      ['morning if it left before noon, else afternoon, by the schedule', 'Add ‹Dep sched label› as if (the minute of the day of ‹Dep sched›) is less than 720 then "morning", otherwise "afternoon".'],
      ['the reasons for delay: one column per reason (they are separated by semicolons)', 'Split ‹Delay reason› at ";" into ‹Delay reason 1› and ‹Delay reason 2›.'],
      ['remove rows with no passengers', 'Set aside rows where ‹Passengers› equals 0.'],
      ['show the highest fare for each boat', 'Answer ‹Highest Fare total› as the highest of ‹Fare total› over the rows; for each ‹Boat›.'],
      ['what was the longest delay and which crossing was it', null],
      ['only crossings where the fare per passenger was above the average', 'Keep rows where ‹Fare total› divided by ‹Passengers› is more than (the mean of (‹Fare total› divided by ‹Passengers›) over the rows).'],
      ['every crossing with bikes but without cars', null],
    ],
  },
  {
    table: 'gigs',
    csv: `Gig no,Act,Hall,Town,Gig date,Doors,Fee agreed,Fee paid,Tickets sold,Capacity,Ticket price,Genre tags,Contact person,Contact details,Crew,Comments,State
G-01,The Low Tide,Mill Hall,Arden,14.05.2026,19:00,€450,450,120,150,12.00,folk / acoustic,Hanna Brook,hanna@lowtide.example; 0555 771 220,"Ben, Ola, Rik",sound check late,played
G-02,KITE STRINGS,Harbour Room,Porto Vale,15.05.2026,20:30,€600,300,88,100,15.50,pop,Omar Ellis,0555 771 221,"Ola, Rik",,played
G-03,the low tide,Mill Hall,Arden,2026-05-21,19:00,€450,,141,150,12.00,folk,Hanna Brook,hanna@lowtide.example,"Ben, Ola",encore asked for twice,played
G-04,Iron Lullaby,Cellar,Arden,22/05/2026,21:00,€380,380,60,60,10.00,metal / punk,V. Stroud,stroud@lullaby.example ; 0555 771 224,Rik,sold out,Played
G-05,Kite Strings,Mill Hall,Arden,28.05.2026,20:00,€620,,,150,15.50,pop / dance,Omar Ellis,,"Ben, Ola, Rik",singer ill,cancelled
G-06,Otter Quartet,Harbour Room,Porto Vale,29.05.2026,18:30,€700,700,97,100,18.00,classical,Dr. Mia Vance,mia.vance@otter.example,,rained in,played
G-07,Iron Lullaby,cellar,Arden,5 June 2026,21:00,€400,200,52,60,10.00,metal,V. Stroud,0555 771 224,"Rik, Ben",,played
G-08,Otter Quartet,Mill Hall,Arden,12.06.2026,19:30,€750,,,150,18.00,classical / folk,Dr. Mia Vance,mia.vance@otter.example,"Ola",not confirmed yet,planned
G-09,Grey Heron,Cellar ,Arden,13.06.2026,21:00,350 EUR,,,60,9.50,blues,Tess O'Mara,tess@heron.example,,,planned
G-10,The Low Tide,Harbour Room,Porto Vale,19.06.2026,20:00,€480,,,100,12.00,folk / acoustic,Hanna Brook,hanna@lowtide.example,Ben,travel costs extra,planned
`,
    cases: [
      ['what\'s still to be paid for each gig: agreed minus paid, nothing paid counts as zero', 'Add ‹Fee agreed minus Fee paid› as ‹Fee agreed› minus (‹Fee paid›, or 0 where it is blank).'],
      ['agreed fee as a bare number without the euro', 'Turn ‹Fee agreed› into numbers.'],
      ['act names in title case', 'In ‹Act›, write in title case.'],
      ['how many tickets did each act sell on average, best first', 'Answer ‹Average Tickets sold› as the mean of ‹Tickets sold› over the rows; for each ‹Act›; sorted by ‹Average Tickets sold› from high to low.'],
      ['takings per gig: tickets times price, empty where we don\'t know the tickets', 'Add ‹takings per gig› as if ‹Tickets sold› is blank then blank, otherwise ‹Tickets sold› times ‹Ticket price›.'],
      ['get rid of the cancelled gig', 'Set aside rows where ‹State› is "cancelled".'],
      ['only the gigs at Mill Hall in May', 'Keep rows where ‹Hall› is "Mill Hall" and (the month of ‹Gig date›) equals 5.'],
      ['fill rate in percent, no decimals', 'Add ‹Tickets sold per Capacity %› as (‹Tickets sold› divided by ‹Capacity›) times 100 rounded to 0 decimals.'],
      ['put hall and town into one column like Mill Hall (Arden)', 'Add ‹Hall and Town› as ‹Hall› followed by " (" followed by ‹Town› followed by ")".'],
      ['gig dates to proper dates, day first', 'Turn ‹Gig date› into dates, the day before the month.'],
      ['first tag only, in a new column Main genre', 'Add ‹Main genre› as piece 1 of ‹Genre tags› cut at "/".'],
      ['how many people in the crew per gig? 0 if nobody', 'Add ‹Number of Crew› as (the number of pieces of ‹Crew› cut at ","), or 0 where it is blank.'],
      ['is the hall more than 90% full - yes or no, new column Full house, blank if not played yet', 'Add ‹Full house› as if ‹State› is not "played" then blank, if ‹Tickets sold› is more than ‹Capacity› times 0.9 then "yes", otherwise "no".'],
      ['take the mail address out of contact details into its own column and the phone into another', null],
      ['which acts have we not paid in full?', 'List each ‹Act›; only where (‹Fee paid›, or 0 where it is blank) is less than ‹Fee agreed›.'],
      ['drop Doors and Comments', 'Drop ‹Doors› and ‹Comments›.'],
      ['total tickets and average price per town', 'Answer ‹Total Tickets sold› as the sum of ‹Tickets sold› over the rows; and ‹Average Ticket price› as the mean of ‹Ticket price› over the rows; for each ‹Town›.'],
      ['sort by town, in each town the latest gig first', null],
      ['keep just one gig per act, the one with the most tickets', 'Keep 1 row with the highest ‹Tickets sold› for each ‹Act›.'],
      ['who is owed the most altogether', null],
      ['share of each hall in the tickets sold', 'Answer ‹Share of Tickets sold %› as ((the sum of ‹Tickets sold› over the rows) divided by (the sum of ‹Tickets sold› over all rows together)) times 100; for each ‹Hall›.'],
      ['in which month did we sell the most tickets', 'Answer ‹Total Tickets sold› as the sum of ‹Tickets sold› over the rows; for each ‹Month of Gig date› as the month of ‹Gig date›; sorted by ‹Total Tickets sold› from high to low; the first 1.'],
      ['state all in small letters', 'In ‹State›, write in lower case.'],
      ['weekday of the gig, short form is fine', 'Add ‹Weekday of Gig date› as the first 3 characters of (the weekday of ‹Gig date›).'],
      ['difference between a gig\'s tickets and the average for its hall', 'Add ‹Tickets sold minus average Tickets sold per Hall› as ‹Tickets sold› minus (the mean of ‹Tickets sold› over the rows for each ‹Hall›).'],
      ['gigs where Ola worked', 'Keep rows where ‹Crew› mentions the word "Ola".'],
      ['rename State to Status and put it first', 'Rename ‹State› to ‹Status›. Move ‹Status› to the front.'],
      ['no town needed', 'Drop ‹Town›.'],
      ['replace Cellar by The Cellar', null],
      ['number the gigs of each act 1, 2, 3', 'Add ‹Number within Act› as the number of the row for each ‹Act›.'],
      ['what did the average ticket cost over all gigs, weighted by tickets sold', null],
      ['late show if doors are at 20:30 or later, otherwise early show', 'Add ‹Doors label› as if (the minute of the day of ‹Doors›) is at least 1230 then "late show", otherwise "early show".'],
      ['let me see planned gigs with no crew', 'Keep rows where ‹State› is "planned" and ‹Crew› is blank.'],
      ['put 0 for missing tickets, but only if the gig was cancelled', null],
      ['surname of the contact person', 'Add ‹Last name› as the last name of the person in ‹Contact person›.'],
      ['how full was each hall on average, in percent', null],
      ['remove stray spaces everywhere', 'In ‹Gig no›, ‹Act›, ‹Hall›, ‹Town›, ‹Gig date›, ‹Doors›, ‹Fee agreed›, ‹Genre tags›, ‹Contact person›, ‹Contact details›, ‹Crew›, ‹Comments› and ‹State›, trim outer spaces and reduce runs of spaces to one.'],
      ['three gigs with the lowest fill rate', 'Add ‹Tickets sold per Capacity %› as (‹Tickets sold› divided by ‹Capacity›) times 100. Keep 3 rows with the lowest ‹Tickets sold per Capacity %›.'],
      ['days between a gig and the next one at the same hall', null],
      ['two columns please: gross = tickets x price and net = gross less the agreed fee', 'Add ‹gross› as ‹Tickets sold› times ‹Ticket price›. Add ‹net› as ‹gross› minus ‹Fee agreed›.'],
    ],
  },
  {
    table: 'rows',
    csv: `Row,Variety,Block,Planted,Trees,Dead,Picked kg,Grade A kg,Sugar,Pickers,Hours picked,Sprayed on,Spray,Notes,Sold to,Price/kg
1,Red Anna,North 1,Mar 2014,120,4,3400,2750,12.5%,4,22.5,2026-04-02,sulphur,hail in June,Cannery Oak,0.62
2,red anna,North 2,Mar 2014,118,0,3650,3010,13.1%,5,21,2026-04-02,sulphur,,Cannery Oak,0.62
3,Goldling,South 1,Nov 2018,90,2,1410,900,14 %,3,12.25,,,deer damage; fence broken,Market,1.10
4,Goldling,South 2,Nov 2018,95,,1530,1210,14.2%,3,13,2026-04-09,copper,,Market,1.15
5,Late Pippin,East 1,Feb 2009,140,11,4100,2500,11.8,6,30.5,2026-04-10,Sulphur,scab on a third,Cider House Lune,0.35
6,Late pippin,East 2,Feb 2009,138,9,,,,0,0,2026-04-10,sulphur,not picked,,
7,Bell Pear,South 3,Mar 2021,60,1,240,200,10.9%,2,4,,,young trees,Market,1.6
8,bell pear,South 4,Mar 2021,64,6,198,120,n/a,2,3.5,2026-04-09,copper,deer damage,Market,1.60
9,Goldling,North 3,Nov 2017,100,0,1720,1500,13.8%,4,13.5,2026-04-03,copper / soap,,Cannery Oak,0.95
`,
    cases: [
      ['kilos per tree, one decimal', 'Add ‹Picked kg per Trees› as ‹Picked kg› divided by ‹Trees› rounded to 1 decimal.'],
      ['kilos picked per hour and picker', null],
      ['what share of the trees has died, in percent with one decimal? blank counts as none', null],
      ['variety: same spelling everywhere, each word with a capital', null],
      ['split block into side and number', 'Split ‹Block› at " " into ‹Side› and ‹Number›.'],
      ['sugar as a number without the percent sign, n/a is blank', 'Turn ‹Sugar› into numbers, reading "n/a" as blank.'],
      ['value of each row: kilos picked times the price', 'Add ‹value of each row› as ‹Picked kg› times ‹Price/kg›.'],
      ['which variety brings the most money per tree?', null],
      ['rows that haven\'t been sprayed', null],
      ['mark the rows with deer damage', 'Add ‹Flag› as if ‹Notes› is "deer damage" then "yes", otherwise "no".'],
      ['average sugar by variety weighted by kilos', 'Answer ‹Average Sugar› as (the sum of (‹Sugar› times ‹Picked kg›) over the rows) divided by (the sum of (if ‹Sugar› is blank then 0, otherwise ‹Picked kg›) over the rows); for each ‹Variety›.'],
      ['grade A share per variety in percent', null],
      ['second grade kilos (picked less grade A), call it Grade B', null],
      ['drop row 6, nothing was picked there', null],
      ['drop the rows with nothing picked', null],
      ['how old were the trees on 1 September 2026? in full years', null],
      ['year planted in its own column', null],
      ['rank the blocks by kilos per tree', 'Add ‹Rank by Picked kg per Trees› as the rank, highest first, of (‹Picked kg› divided by ‹Trees›).'],
      ['only north and east blocks', 'Keep rows where ‹Block› mentions the word "north" or "east".'],
      ['how many kilos went to the market', 'Answer ‹Total Picked kg› as the sum of ‹Picked kg› over the rows; only where ‹Sold to› is "Market".'],
      ['total kilos and total value for each buyer, biggest value at the top', null],
      ['the sprays in lower case please', 'In ‹Spray›, write in lower case.'],
      ['price up by 5 percent in a new column New price', 'Add ‹New price› as ‹Price/kg› times (1 plus (5 divided by 100)).'],
      ['rows where more than 5% of the trees are dead', 'Keep rows where (‹Dead› divided by ‹Trees›) times 100 is more than 5.'],
      ['pickers per 100 trees', 'Add ‹Pickers per Trees per 100› as ‹Pickers› divided by (‹Trees› divided by 100).'],
      ['first word of the notes', 'Add ‹Part of Notes› as piece 1 of ‹Notes› cut at " ".'],
      ['if grade A is under 70% of what was picked write check, else ok', null],
      ['top two rows of every variety by kilos', 'Keep 2 rows with the highest ‹Picked kg› for each ‹Variety›.'],
      ['cumulative kilos down the list', 'Add ‹Running total of Picked kg› as the running total of ‹Picked kg›.'],
      ['kilos as tonnes with 2 decimals', 'Add ‹Picked t› as ‹Picked kg› divided by 1000 rounded to 2 decimals.'],
      ['move Notes to the end and drop Pickers', 'Move ‹Notes› to the end. Drop ‹Pickers›.'],
      ['how many different sprays were used?', 'Answer ‹Different Spray› as the number of different values of ‹Spray› over the rows.'],
      ['replace & with and in the notes, and copper / soap with copper and soap', null],
      ['fill the empty dead with 0', 'Fill blanks in ‹Dead› with "0".'],
      ['sum of kilos by side of the orchard, that is the first word of the block', null],
      ['are there any rows without a price?', 'Answer ‹Rows› as the number of rows; only where ‹Price/kg› is blank.'],
      ['how much more does each row yield per tree than the average of its variety, in percent', null],
      ['which rows were sprayed before 5 April', 'Keep rows where ‹Sprayed on› is less than the date "2026-04-05".'],
      ['price per kilo rounded to 10 cents', 'Set ‹Price/kg› to (‹Price/kg› divided by 0.1 rounded to 0 decimals) times 0.1.'],
    ],
  },
  {
    table: 'shifts',
    csv: `Shift,Volunteer,Team,Shift date,Start,End,Break min,Km driven,Meals served,Role,Phone,Joined,Expenses,Receipt,Rating,Remark,Cancelled by
S1,"Vance, Ida",kitchen,02/03/2026,09:00,13:30,30,,120,cook,0555/210-331,2019-05-11,,no,5,,
S2,"Holt, Jan",Driving,02/03/2026,10:00,15:00,45,62,,driver,0555 210 332,2021-09-30,"18,60",yes,4,flat tyre,
S3,"Moreau, Lise",driving,03/03/2026,10:00,14:00,30,48,,driver,0555-210-333,2024-01-15,"14,40 €",y,,van was dirty,
S4,"Vance, Ida",Kitchen,04/03/2026,09:00,13:00,15,,95,cook,0555/210-331,2019-05-11,,,4,,
S5,"Okri, Sam",kitchen,04/03/2026,,,,,,helper,,2025-12-01,,,,ill,volunteer
S6,"Holt, Jan",Driving,05/03/2026,10:00,16:30,60,81,,driver,0555 210 332,2021-09-30,"24,30",Yes,3,late for two stops,
S7,"Moreau, Lise",office,06/03/2026,13:00,17:15,15,,,planner,0555-210-333,2024-01-15,,no,5,,
S8,"Brandt, Uwe",Driving ,09/03/2026,,,,,,driver,0555 210 335,2018-02-20,,,,no van,us
S9,"Vance, Ida",kitchen,10/03/2026,09:00,14:00,30,,140,cook,0555/210-331,2019-05-11,"7,00",no,5,bought onions,
S10,"Brandt, Uwe",driving,11/03/2026,09:30,14:45,30,55,,Driver,0555 210 335,2018-02-20,"16,50",yes,4,,
`,
    cases: [
      ['hours worked per shift, that\'s end minus start without the break, two decimals', 'Add ‹hours worked per shift› as (the hours by the clock from ‹Start› to ‹End›) minus (‹Break min› divided by 60) rounded to 2 decimals.'],
      ['take out the shifts that were cancelled', 'Set aside rows where ‹Cancelled by› is filled.'],
      ['team names all lowercase and no spaces around them', 'In ‹Team›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['write the volunteers as first name last name', 'Set ‹Volunteer› to (the first name of the person in ‹Volunteer›), (the middle name of the person in ‹Volunteer›) and (the last name of the person in ‹Volunteer›) joined with " ".'],
      ['how many shifts did each volunteer do, not counting cancelled ones?', 'Answer ‹Rows› as the number of rows; for each ‹Volunteer›; only where not (‹Cancelled by› is filled).'],
      ['expenses as numbers, the comma is the decimal sign, empty is 0', 'Turn ‹Expenses› into numbers. Fill blanks in ‹Expenses› with "0".'],
      ['expenses per km for the drivers, 2 decimals', 'Add ‹Expenses per Km driven› as if ‹Role› is "driver" then ‹Expenses› divided by ‹Km driven› rounded to 2 decimals, otherwise blank.'],
      ['average rating per volunteer, one decimal, best on top', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows rounded to 1 decimal; for each ‹Volunteer›; sorted by ‹Average Rating› from high to low.'],
      ['which volunteers have no phone number', 'List each ‹Volunteer›; only where ‹Phone› is blank.'],
      ['phone numbers with digits only', 'Remove all everything but digits from ‹Phone›.'],
      ['meals per hour for the kitchen shifts', 'Add ‹Meals served per hours from Start to End› as if ‹Team› is "kitchen" then ‹Meals served› divided by (the hours by the clock from ‹Start› to ‹End›), otherwise blank.'],
      ['how long has everybody been with us on 1 March 2026, whole years', 'Add ‹Years from Joined to 2026-03-01› as the whole years from ‹Joined› to the date "2026-03-01".'],
      ['say "receipt missing" where there are expenses but the receipt is not yes', null],
      ['just the driving team please', 'Keep rows where ‹Team› is "Driving".'],
      ['put role right behind volunteer', 'Move ‹Role› to after ‹Volunteer›.'],
      ['what was the longest shift?', 'Answer ‹Total hours from Start to End› as the sum of (the hours by the clock from ‹Start› to ‹End›) over the rows; for each ‹Shift›; sorted by ‹Total hours from Start to End› from high to low; the first 1.'],
      ['total km and total expenses by volunteer, leave out those who drove nothing', 'Answer ‹Total Km driven› as the sum of ‹Km driven› over the rows; and ‹Total Expenses› as the sum of ‹Expenses› over the rows; for each ‹Volunteer›; only where not (‹Km driven› is blank or else ‹Km driven› equals 0).'],
      ['weekday of every shift in words', 'Add ‹Weekday of Shift date› as the weekday of ‹Shift date›.'],
      ['drop everything where start is blank', 'Set aside rows where ‹Start› is blank.'],
      ['rename Break min to Break and Km driven to Km', 'Rename ‹Break min› to ‹Break› and ‹Km driven› to ‹Km›.'],
      ['in a new column Half: morning when the shift starts before 12:00 and afternoon otherwise', 'Add ‹Half› as if (the minute of the day of ‹Start›) is less than 720 then "morning", otherwise "afternoon".'],
      ['ratings of 3 or lower only', 'Keep rows where ‹Rating› is at most 3.'],
      ['first and last name into two separate columns', 'Add ‹First name› as (the first name of the person in ‹Volunteer›) and (the middle name of the person in ‹Volunteer›) joined with " ". Add ‹Last name› as the last name of the person in ‹Volunteer›.'],
      ['sort by team and then by date with the latest first', 'Sort by ‹Team› and ‹Shift date› from high to low.'],
      ['who drove the most kilometres?', 'Answer ‹Total Km driven› as the sum of ‹Km driven› over the rows; for each ‹Volunteer›; sorted by ‹Total Km driven› from high to low; the first 1.'],
      ['count the volunteers in each team', null],
      ['did ida or lise have a shift in the week of 2 march?', null],
      ['one shift per volunteer, keep the earliest', 'Keep 1 row with the lowest ‹Shift date› for each ‹Volunteer›.'],
      ['what share of the shifts was cancelled, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Cancelled by› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['remarks that mention a van', 'Keep rows where ‹Remark› mentions the word "van".'],
      ['fill missing rating with the volunteer\'s average', 'Fill blanks in ‹Rating› with the mean for each ‹Volunteer›.'],
      ['role with a capital first letter', 'In ‹Role›, write in sentence case.'],
      ['each driver\'s km as a percentage of all km', null],
      ['remove the break column, I don\'t need it anymore', 'Drop ‹Break min›.'],
      ['difference to the volunteer\'s previous shift in meals served', 'Add ‹Meals served minus row above Meals served› as ‹Meals served› minus (the row above of ‹Meals served› for each ‹Volunteer›).'],
    ],
  },
  {
    table: 'parcels',
    csv: `Parcel,Locker,Dropped off,Picked up,Size,Weight,Sender,Receiver postcode,Fee ct,Insured for,Status,Code,Reminder sent,Complaint
PX-10021,Station/04,2026-01-05 08:12,2026-01-05 17:40,M,1.2 kg,Fenn & Daughter Ltd,4107 Arden,399,,picked up,7741,,
PX-10022,Station/11,2026-01-05 09:30,2026-01-08 07:55,L,3400 g,Lunt Books,4109 Arden,549,50,picked up,1180,2026-01-07,
PX-10023,Mall/02,2026-01-06 12:05,,S,0.4kg,Fenn & Daughter LTD,4122 Oakby,299,,returned,0932,2026-01-08,door jammed
PX-10024,mall/07,2026-01-06 18:44,2026-01-07 08:20,M,950 g,Pell Optics,4107 Arden,399,120,picked up,5518,,
PX-10025,Station/04,2026-01-07 10:15,2026-01-07 20:01,M,1.1 kg,Lunt books,4101 Arden,399,,picked up,3321,,wrong parcel; too late
PX-10026,Harbour/01,2026-01-08 07:50,,XL,8 kg,Pell Optics GmbH,4130 Porto Vale,799,500,in locker,8802,2026-01-10,
PX-10027,Mall/02,2026-01-09 11:11,2026-01-12 16:30,S,,Fenn and Daughter,4122 Oakby,299,,picked up,0017,2026-01-11,
PX-10028,Station/11,2026-01-09 13:00,2026-01-09 13:45,L,2.9 kg,Lunt Books,4109 Arden,549,,picked up,4440,,
PX-10028,Station/11,2026-01-09 13:00,2026-01-09 13:45,L,2.9 kg,Lunt Books,4109 Arden,549,,picked up,4440,,
PX-10029,Harbour/03,2026-01-12 09:09,2026-01-14 19:20,M,1500g,Pell Optics,4131 Porto Vale,399,80,Picked up,2764,2026-01-14,
`,
    cases: [
      ['weights all in kilos, just the number', 'Turn ‹Weight› into numbers in "kg".'],
      ['fee in euros with two decimals instead of cents', null],
      ['how many hours did each parcel lie in the locker? one decimal, nothing if it\'s still there', 'Add ‹Hours from Dropped off to Picked up› as the hours from ‹Dropped off› to ‹Picked up› rounded to 1 decimal.'],
      ['split locker into Place and Box', 'Split ‹Locker› at "/" into ‹Place› and ‹Box›.'],
      ['same spelling for every sender: Fenn & Daughter, Lunt Books, Pell Optics', 'Spell ‹Sender› as "Fenn & Daughter", "Lunt Books" or "Pell Optics".'],
      ['drop the parcel that is in there twice', 'Keep the first row of each ‹Parcel›, ‹Locker›, ‹Dropped off›, ‹Picked up›, ‹Size›, ‹Weight›, ‹Sender›, ‹Receiver postcode›, ‹Fee ct›, ‹Insured for›, ‹Status›, ‹Code›, ‹Reminder sent› and ‹Complaint›.'],
      ['postcode only in one column, town in another', null],
      ['number of parcels and income per place', null],
      ['only parcels that were picked up within 24 hours', 'Keep rows where (the hours from ‹Dropped off› to ‹Picked up›) is at most 24.'],
      ['what\'s the average weight of the M parcels', 'Answer ‹Average Weight in kg› as the mean of (‹Weight› measured in "kg") over the rows; only where ‹Size› is "M".'],
      ['set status to small letters', 'In ‹Status›, write in lower case.'],
      ['parcels per day', 'Answer ‹Rows› as the number of rows; for each ‹Date of Dropped off› as the date of ‹Dropped off›.'],
      ['codes must have four digits, put zeros in front', 'Set ‹Code› to ‹Code› filled up to 4 characters with "0".'],
      ['which locker boxes had a complaint', null],
      ['mark everything that lay longer than two days as slow, the rest as fast', 'Add ‹Dropped off label› as if (the whole days from ‹Dropped off› to ‹Picked up›) is more than 2 then "slow", otherwise "fast".'],
      ['parcels that got a reminder but weren\'t collected', null],
      ['remove the insured ones', null],
      ['insurance fee: 2% of what it is insured for, nothing otherwise', null],
      ['how many complaints are there', 'Answer ‹Rows› as the number of rows; only where ‹Complaint› is filled.'],
      ['average time in the locker by size, in hours', null],
      ['share of returned parcels', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "returned" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['give me the parcel with the highest fee of every locker place', 'Keep 1 row with the highest ‹Fee ct› for each ‹Locker›.'],
      ['just the date of the drop off, no time', null],
      ['which weekday has the most parcels?', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Dropped off› as the weekday of ‹Dropped off›; sorted by ‹Rows› from high to low; the first 1.'],
      ['time of day it was dropped off in a new column', 'Add ‹Time of Dropped off› as the time of day of ‹Dropped off›.'],
      ['delete Code, nobody may see it', 'Drop ‹Code›.'],
      ['hide the codes except the last two digits', 'Mask ‹Code› leaving the last 2 characters.'],
      ['one complaint per column', null],
      ['total fee by town and size', null],
      ['how many days after the drop off was the reminder sent', null],
      ['everything from Arden except the L ones', null],
      ['top 2 heaviest parcels', 'Keep 2 rows with the highest ‹Weight›.'],
      ['parcel number without the PX-', 'Remove "PX-" from ‹Parcel›.'],
      ['when was the first and the last parcel dropped off', null],
    ],
  },
  {
    table: 'vans',
    csv: `Van,Plate,Make/Model,First registered,Mileage km,Last service,Service cost,Fuel,Fuel card,Driver,Depot,Inspection due,Insurance/yr,Damage,Notes,In use
V01,KX 41 LMA,Arlo / Carrier 3,2017-05-02,148200,12.01.2026,412.50,diesel,4417 2201,Jens Alder,north,2026-05-02,980,none,,yes
V02,KX 41 LMB,Arlo / Carrier 3,2018-09-17,120450,03.02.2026,"1,280.00",Diesel,4417 2202,Maya Finch,North,2026-09-17,980,scratch left door,new clutch,yes
V03,kx 55 opp,Brunt / Box L,2015-03-11,201900,20.10.2025,655,diesel ,4417 2203,Sol Pereira,south,2026-03-11,1040,dent,,no
V04,KX-60-TTA,Volta / e-Van,2023-06-30,31020,05.03.2026,150,electric,,Jens Alder,North,2026-06-30,1220,,,Y
V05,KX60TTB,Volta / e-Van,2023-06-30,28800,,,Electric,,Ida Koch,South,2026-06-30,1220,none,first service due,Yes
V06,KX 71 RRC,Brunt / Box M,2020-11-05,88400,14.12.2025,380.25,petrol,4417 2206,,south,2025-11-05,1010,cracked lamp,parked since Nov,N
V07,KX 71 RRD,Brunt / Box M,2020-11-05,90100,n/a,n/a,petrol,4417 2207,Maya Finch,South,2026-11-05,1010,scratch,,yes
V08,KX 80 ZZA,Arlo / Carrier 4,2024-02-14,19700,18.02.2026,210,diesel,4417 2208,Ravi Lund,West,2027-02-14,1150,none,,yes
`,
    cases: [
      ['make and model in two columns', 'Split ‹Make/Model› at "/" into ‹Make› and ‹Model›.'],
      ['plates all in the same form please, capitals with single spaces like KX 41 LMA', null],
      ['how old is each van on 1 April 2026, in full years', 'Add ‹Years from First registered to 2026-04-01› as the whole years from ‹First registered› to the date "2026-04-01".'],
      ['service cost as a number, n/a means we don\'t know so leave it empty', 'Turn ‹Service cost› into numbers, reading "n/a" as blank.'],
      ['kilometres per year since registration, whole numbers, reckoned to 1 April 2026', null],
      ['which vans have their inspection overdue on 1 April 2026', null],
      ['drop the vans that are not in use', 'Set aside rows where ‹In use› is "no" or "N".'],
      ['fuel in lower case without stray blanks', 'In ‹Fuel›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['"none" in damage is the same as blank', 'Remove cells that are "none" from ‹Damage›.'],
      ['how many vans per depot, and how many km altogether', 'Answer ‹Rows› as the number of rows; and ‹Total Mileage km› as the sum of ‹Mileage km› over the rows; for each ‹Depot›.'],
      ['average mileage by fuel', 'Answer ‹Average Mileage km› as the mean of ‹Mileage km› over the rows; for each ‹Fuel›.'],
      ['label vans: young up to 50,000 km, middle up to 120,000, old above', 'Add ‹Mileage km label› as if ‹Mileage km› is at most 50000 then "young", if ‹Mileage km› is at most 120000 then "middle", if ‹Mileage km› is more than 120000 then "old", otherwise blank.'],
      ['cost per 1000 km, last service cost divided by mileage, two decimals', null],
      ['depot with a capital letter', 'In ‹Depot›, write in sentence case.'],
      ['total insurance by depot, highest first, with a total row', 'Answer ‹Total Insurance/yr› as the sum of ‹Insurance/yr› over the rows; for each ‹Depot›; sorted by ‹Total Insurance/yr› from high to low; and in all.'],
      ['only diesel vans that drove over 100 thousand km', 'Keep rows where ‹Fuel› is "diesel" and ‹Mileage km› is more than 100000.'],
      ['who drives more than one van?', 'Answer ‹Rows› as the number of rows; for each ‹Driver›; only where (the number of rows for each ‹Driver›) is more than 1.'],
      ['the van with the least kilometres in each depot', 'Keep 1 row with the lowest ‹Mileage km› for each ‹Depot›.'],
      ['put notes last and drop the fuel card', 'Move ‹Notes› to the end. Drop ‹Fuel card›.'],
      ['vans without a driver', 'Keep rows where ‹Driver› is blank.'],
      ['last service to real dates, the day is first', 'Turn ‹Last service› into dates, the day before the month.'],
      ['days since the last service on 1 April 2026', 'Add ‹Days from Last service to 2026-04-01› as the whole days from ‹Last service› to the date "2026-04-01".'],
      ['insurance per month, rounded to whole', null],
      ['share of electric vans in percent', 'Answer ‹Share %› as ((the sum of (if ‹Fuel› is "electric" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['rename Insurance/yr to Insurance and Mileage km to Mileage', 'Rename ‹Insurance/yr› to ‹Insurance› and ‹Mileage km› to ‹Mileage›.'],
      ['sort by depot and within it by mileage, most first', 'Sort by ‹Depot› and ‹Mileage km› from high to low.'],
      ['is any van scratched? just show those', 'Keep rows where ‹Damage› mentions the word "scratched" or "scratch".'],
      ['split the driver into first name and surname', 'Split ‹Driver› at " " into ‹first name› and ‹surname›.'],
      ['electric vans cost 10% less insurance next year, the rest 3% more: new column Next year', null],
      ['the two oldest vans of every depot', 'Keep 2 rows with the lowest ‹First registered› for each ‹Depot›.'],
      ['in use: only yes or no', 'Turn ‹In use› into yes or no.'],
      ['first registered: year only, in a new column', 'Add ‹Year of First registered› as the year of ‹First registered›.'],
      ['how many vans had a service in 2026', 'Answer ‹Rows› as the number of rows; only where ‹Last service› is at least the date "2026-01-01" and ‹Last service› is at most the date "2026-12-31".'],
      ['one in four vans at random', 'Keep 25 percent of the rows at random with seed 1.'],
      ['every van\'s mileage compared with the average of its fuel', 'Add ‹Mileage km minus average Mileage km per Fuel› as ‹Mileage km› minus (the mean of ‹Mileage km› over the rows for each ‹Fuel›).'],
      ['insurance must be between 500 and 2000', 'Check that ‹Insurance/yr› is at least 500 and ‹Insurance/yr› is at most 2000.'],
    ],
  },
  {
    table: 'donations',
    csv: `Receipt,Donor,Donor type,Given on,Amount,Currency,Purpose,Method,Campaign,Thank-you sent,Gift aid,E-mail,Town,Anonymous
R-1001,Ms. Clara Wynn,private,03/01/2026,50,EUR,well,transfer,Winter 25,05/01/2026,yes,clara.wynn@post.example,Arden,no
R-1002,Pell & Sons,company,05/01/2026,"1,000.00",EUR,school roof,transfer,Winter 25,,no,office@pell.example,Oakby,no
R-1003,Mr. Otto Brandt,private,05/01/2026,20,EUR,,cash,,,,,Arden,no
R-1004,Dr. Nia Osei,private,11/01/2026,75.5,EUR,Well,card,Winter 25,15/01/2026,yes,NIA.OSEI@post.example,Porto Vale,no
R-1005,,private,12/01/2026,5,EUR,well,cash,,,,,,yes
R-1006,Mr. Otto Brandt,Private,02/02/2026,20,EUR,school roof,cash,Spring 26,10/02/2026,,,Arden,no
R-1007,Pell and Sons,company,14/02/2026,1500,EUR,school roof ,transfer,Spring 26,16/02/2026,no,office@pell.example,Oakby,no
R-1008,Ms. Clara Wynn,private,20/02/2026,60,GBP,well,transfer,Spring 26,22/02/2026,yes,clara.wynn@post.example,arden,no
R-1009,Mrs. Edda Moor,private,01/03/2026,-25,EUR,well,transfer,Spring 26,,yes,edda@moor.example,Oakby,no
R-1010,Lunt Books Ltd.,company,09/03/2026,250,EUR,books;school roof,card,Spring 26,10/03/2026,no,hello@lunt.example,Porto Vale,no
`,
    cases: [
      ['titles out of the donor names into their own column', 'Add ‹Form of address› as the first form of address in ‹Donor›.'],
      ['how much did we get per campaign, biggest on top', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Campaign›; sorted by ‹Total Amount› from high to low.'],
      ['donors who gave more than once', 'Answer ‹Rows› as the number of rows; for each ‹Donor›; only where (the number of rows for each ‹Donor›) is more than 1.'],
      ['leave out the refunds', null],
      ['who has not been thanked yet?', 'Keep rows where ‹Thank-you sent› is blank.'],
      ['days until the thank-you went out, blank if it didn\'t', null],
      ['purpose: lower case, trimmed', 'In ‹Purpose›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['total by donor type and month', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Donor type›; and by ‹Month of Given on› as the month of ‹Given on›.'],
      ['gifts of 100 or more only', 'Keep rows where ‹Amount› is at least 100.'],
      ['average gift of private donors', null],
      ['mark gifts as small below 50, medium up to 500 and large above that', null],
      ['Pell & Sons and Pell and Sons are the same, write Pell & Sons', 'Replace cells that are "Pell and Sons" in ‹Donor› with "Pell & Sons".'],
      ['e-mails in small letters', 'In ‹E-mail›, write in lower case.'],
      ['what percentage of the money came from companies', 'Answer ‹Total Donor type label per total Amount %› as ((the sum of (if ‹Donor type› is "company" then ‹Amount›, otherwise 0) over the rows) divided by (the sum of ‹Amount› over the rows)) times 100.'],
      ['domain of the e-mail in a new column', 'Add ‹Domain› as the first domain in ‹E-mail›.'],
      ['replace blank donors with Anonymous', null],
      ['number of gifts and sum per town, ignore blanks in town', null],
      ['one row per purpose', 'Make a row for each piece of ‹Purpose› cut at ";".'],
      ['drop campaign and gift aid', 'Drop ‹Campaign› and ‹Gift aid›.'],
      ['biggest gift of each campaign', 'Keep 1 row with the highest ‹Amount› for each ‹Campaign›.'],
      ['cumulated amount by date', 'Sort by ‹Given on›. Add ‹Running total of Amount› as the running total of ‹Amount›.'],
      ['amounts in pounds to euros at 1.17, in a new column Euros, others as they are', null],
      ['receipts from January only', 'Keep rows where (the month of ‹Given on›) equals 1.'],
      ['thank-you rate per method: how many of the gifts got a thank-you, in percent', null],
      ['the three donors with the highest total', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Donor›; sorted by ‹Total Amount› from high to low; the first 3.'],
      ['surname of the donor, companies stay as they are', 'Add ‹Last name› as if ‹Donor type› is "company" then ‹Donor›, otherwise the last name of the person in ‹Donor›.'],
      ['every gift has to have a receipt number, and it must be unique', null],
      ['Arden with a capital A everywhere', null],
      ['gift aid blank means no', 'Fill blanks in ‹Gift aid› with "no".'],
      ['25% extra on gifts with gift aid, new column With aid, otherwise just the amount', null],
      ['sort newest first', 'Sort by ‹Given on› from high to low.'],
      ['hide the mail addresses but keep the domain', 'Hide ‹E-mail›. Add ‹Domain› as the first domain in ‹E-mail›.'],
      ['count donors, each one once', 'Answer ‹Different Donor› as the number of different values of ‹Donor› over the rows.'],
      ['change amount to a number with 2 decimals', 'Turn ‹Amount› into numbers. Set ‹Amount› to ‹Amount› rounded to 2 decimals.'],
      ['quarter in which it was given', 'Add ‹Quarter of Given on› as the quarter of ‹Given on›.'],
      ['median gift per donor type', null],
    ],
  },
  {
    table: 'repairs',
    csv: `Ticket,Customer,Device,Brought in,Picked up,Problem,Parts cost,Labour h,Hourly rate,Paid,Technician,Warranty,Phone,Priority,Rating,Serial
T-81,"Vale, Rosa",Toaster / TK-20,02.03.2026,05.03.2026,lever stuck; crumbs,4.50,0.5,38,23.5,Ines,N,0555 88 120,2,5,tk20-00318
T-82,"lund, per",Radio / RX 5,02.03.2026,,no sound,,1.25,38,,ines,yes,0555-88-121,1,,RX5-10027
T-83,"Okafor, Amy",Kettle / K1,03.03.2026,04.03.2026,leaks,2.00,0.25,38,11.5,Tom,no,,3,4,K1-00092
T-84,"Vale, Rosa",Lamp / L-77,04/03/2026,10/03/2026,switch broken; cable,€7.20,0.75,38,35.7,TOM,N,0555 88 120,2,5,L77-00410
T-85,"Brand, Uli",Mixer / M9,05.03.2026,12.03.2026,motor,€38,2,42,122,Ines,no,0555 88 124,1,2,M9-55310
T-86,"Hahn, Eva",Radio / RX 5,06.03.2026,,"knob missing, no sound",unknown,,42,0,Kit,Y,n/a,2,,RX5-10411
T-87,"OKAFOR, AMY",Lamp / L-77,09.03.2026,09.03.2026,bulb,1.10,0.1,42,5.3,kit,N,,3,5,l77-00555
T-88,"Brand, Uli",Toaster / TK-20,10.03.2026,16.03.2026,lever stuck,4.5,0.5,42,25.5,Tom,n,0555 88 124,2,3,TK20-00777
T-89,"Vale, Rosa",Mixer / M9,11.03.2026,20.03.2026,motor; gear,61.00,3,42,187,Ines,no,0555 88 120,1,4,M9-55012
T-90,"Sorrel, Max",Kettle / K1,12.03.2026,,lid,,0.5,42,,Kit,yes,0555 88 129,3,,K1-00101
`,
    cases: [
      ['The technicians are spelt with and without capitals. It\'s Ines, Tom and Kit, nothing else.', 'Spell ‹Technician› as "Ines", "Tom" or "Kit".'],
      ['serial numbers in capitals throughout', 'In ‹Serial›, write in capitals.'],
      ['parts cost should be plain numbers; unknown means blank', 'Turn ‹Parts cost› into numbers, reading "unknown" as blank.'],
      ['customers as Rosa Vale instead of Vale, Rosa, with normal capitals', 'Set ‹Customer› to (piece 2 of ‹Customer› cut at ",") followed by " " followed by (piece 1 of ‹Customer› cut at ","). In ‹Customer›, write in title case.'],
      ['brought in and picked up are dates, day first - make them so', 'Turn ‹Brought in› and ‹Picked up› into dates, the day before the month.'],
      ['warranty: yes or no only, n is no and y is yes', 'Turn ‹Warranty› into yes or no.'],
      ['an empty parts cost means no parts were needed, so put 0 there', null],
      ['the device column has the kind and the model in it, with a slash between. Please make that two columns, Kind and Model', 'Split ‹Device› at "/" into ‹Kind› and ‹Model›.'],
      ['take the digits at the end of the serial into a column Number', 'Add ‹Number› as the last number in ‹Serial›.'],
      ['first problem only, in a column Main problem', 'Add ‹Main problem› as piece 1 of ‹Problem› cut at ";".'],
      ['how many problems does each ticket list', 'Add ‹Number of Problem› as the number of pieces of ‹Problem› cut at ";".'],
      ['get the last name of the customer into its own column in capitals', 'Add ‹Last name› as the last name of the person in ‹Customer›. In ‹Last name›, write in capitals.'],
      ['drop serial and phone', 'Drop ‹Serial› and ‹Phone›.'],
      ['Put the state of the warranty right after the device.', 'Move ‹Warranty› to after ‹Device›.'],
      ['I only want tickets that have been picked up', 'Keep rows where ‹Picked up› is filled.'],
      ['just the radios', 'Keep rows where ‹Device› mentions the word "radio".'],
      ['tickets which Tom or Kit did, but not the ones under warranty', 'Keep rows where ‹Technician› is "Tom" or "Kit" and ‹Warranty› is "N", "no" or "n".'],
      ['the four tickets that took the most labour', 'Keep 4 rows with the highest ‹Labour h›.'],
      ['one ticket per customer, the newest', 'Keep 1 row with the highest ‹Brought in› for each ‹Customer›.'],
      ['throw out anything that cost us more than 30 in parts', null],
      ['sort by priority, 1 first, and where it\'s equal the oldest one first', null],
      ['days each repair took, blank while it\'s still here', 'Add ‹Days from Brought in to Picked up› as the whole days from ‹Brought in› to ‹Picked up›.'],
      ['labour cost: hours times hourly rate, two decimals', null],
      ['total due = labour plus parts, where parts are blank count them as nothing', null],
      ['what is still open per ticket: total of labour and parts minus what was paid', null],
      ['say "fast" if it was picked up within 2 days, "slow" after more than 6, "normal" otherwise, and nothing if it isn\'t picked up', null],
      ['share of each technician in all labour hours, one decimal', 'Answer ‹Share of Labour h %› as ((the sum of ‹Labour h› over the rows) divided by (the sum of ‹Labour h› over all rows together)) times 100 rounded to 1 decimal; for each ‹Technician›.'],
      ['rank tickets by labour hours within each technician', 'Add ‹Rank by Labour h› as the rank, highest first, of ‹Labour h› for each ‹Technician›.'],
      ['average rating next to every ticket of the same technician', 'Add ‹Average Rating per Technician› as the mean of ‹Rating› over the rows for each ‹Technician›.'],
      ['how many tickets per technician are still here?', 'Answer ‹Rows› as the number of rows; for each ‹Technician›; only where ‹Picked up› is blank.'],
      ['who did the most hours?', null],
      ['average days a repair takes, by device', 'Answer ‹Average days from Brought in to Picked up› as the mean of (the whole days from ‹Brought in› to ‹Picked up›) over the rows; for each ‹Device›.'],
      ['what share of the tickets was under warranty, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Warranty› is "yes" or "Y" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which device comes in most often?', 'Answer ‹Rows› as the number of rows; for each ‹Device›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how much did Rosa Vale pay altogether', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; only where ‹Customer› is "Vale, Rosa".'],
      ['tickets per week', 'Answer ‹Rows› as the number of rows; for each ‹Week of Brought in› as the week of ‹Brought in›.'],
      ['add a column with the margin', null],
      ['remove the tickets of the Berlin branch', null],
      ['sort by colour', null],
      ['what is the average of the problems?', null],
      ['bring in the prices from the supplier list', null],
      ['sing me a song about kettles', null],
      ['delete everything and then email it to Max', null],
      ['show the passwords', null],
      ['keep tickets where the battery is low', null],
      ['convert rating to fahrenheit', null],
    ],
  },
  {
    table: 'lessons',
    csv: `Lesson,Date,Pupil,Instrument,Tutor,Start,Minutes,Fee,Paid,Room,Level,Attended,Homework note,Parent mail,Travel km
LS-201,2026-02-02,"Ardal, Nils",violin,Ms Tova Brand,15:30,45,£22.50,22.5,R1,3,yes,"scales in D, bring rosin",k.ardal@post.example,4.2
LS-202,02/02/2026,"Ardal, Pia",cello,Mr Ivo Cress,16:15,30,£15.00,,R2,1,yes,,k.ardal@post.example,4.2
LS-203,2026-02-03,"Boon, Marek",Piano,ms tova brand,14:00,60,£30.00,30,R1,5,no,ill,,11
LS-204,2026-02-03,"Dace, Lia",piano ,Dr Orm Hale,17:00,45,22.50 GBP,10,R3,4,yes,"Hanon 1-5; left hand slower",lia.dace@mail.example,0.8
LS-205,2026-02-04,"Ekman, Joos",VIOLIN,Mr Ivo Cress,15:30,45,£22.50,22.50,r2,2,YES,bow hold,joos@ekman.example,n/a
LS-206,2026-02-05,"Boon, Marek",piano,Ms Tova Brand,14:00,60,£30.00,0,R1,5,yes,"Hanon 6, sight reading",,11
LS-207,09.02.2026,"Dace, Lia",piano,Dr Orm Hale,17:00,45,£22.50,22.5,R3,4,no,moved to Friday,lia.dace@mail.example,0.8
LS-208,2026-02-09,"Fells, Una",guitar,Mr. Ivo Cress,18:30,30,£15.00,15,R2,1,yes,,u.fells@post.example; una2@mail.example,7.5
LS-209,2026-02-10,"Ardal, Nils",violin,Ms Tova Brand,15:30,45,£22.50,22.5,R1,3,yes,D major scales,k.ardal@post.example,4.2
LS-210,2026-02-11,"Gray, Tomas",Guitar,Mr Ivo Cress,19:00,45,£22.50,,R4,2,,,tgray@mail.example,15.3
LS-211,2026-02-12,"Ekman, Joos",violin,Mr Ivo Cress,15:30,45,waived,0,R2,2,yes,,joos@ekman.example,n/a
LS-212,2026-02-16,"Ardal, Pia",cello,Mr Ivo Cress,16:15,30,£15.00,15,R2,1,yes,"long notes, bring rosin",k.ardal@post.example,4.2
`,
    cases: [
      ['instrument: small letters and no spaces around it please', 'In ‹Instrument›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['the fee should be a bare number; waived is 0', 'Turn ‹Fee› into numbers, reading "waived" as "0".'],
      ['get rid of lessons nobody turned up for', null],
      ['who still owes us money? keep those lessons, so paid is less than the fee or missing', 'Keep rows where ‹Paid› is less than ‹Fee› or else ‹Paid› is blank.'],
      ['new column Outstanding: fee minus paid, where a missing payment counts as 0', 'Add ‹Outstanding› as ‹Fee› minus (‹Paid›, or 0 where it is blank).'],
      ['split pupil into Surname and First name', 'Add ‹Surname› as the last name of the person in ‹Pupil›. Add ‹First name› as (the first name of the person in ‹Pupil›) and (the middle name of the person in ‹Pupil›) joined with " ".'],
      ['the tutors are written in a few ways, make it Ms Tova Brand, Mr Ivo Cress and Dr Orm Hale', 'Spell ‹Tutor› as "Ms Tova Brand", "Mr Ivo Cress" or "Dr Orm Hale".'],
      ['price per hour of each lesson, two decimals, so the fee divided by the minutes times 60', null],
      ['how many minutes did each tutor teach in total, most first', 'Answer ‹Total Minutes› as the sum of ‹Minutes› over the rows; for each ‹Tutor›; sorted by ‹Total Minutes› from high to low.'],
      ['which pupil had the most lessons?', 'Answer ‹Rows› as the number of rows; for each ‹Pupil›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average fee per instrument, 2 decimals', 'Answer ‹Average Fee› as the mean of ‹Fee› over the rows rounded to 2 decimals; for each ‹Instrument›.'],
      ['add the weekday of each lesson', 'Add ‹Weekday of Date› as the weekday of ‹Date›.'],
      ['put the room right behind the lesson number', 'Move ‹Room› to after ‹Lesson›.'],
      ['only piano lessons of level 4 and up', 'Keep rows where ‹Instrument› is "piano" and ‹Level› is at least 4.'],
      ['lessons with rosin in the homework note', 'Keep rows where ‹Homework note› mentions the word "rosin" or "rosins".'],
      ['take the part of the mail address after the @ into a column Domain', null],
      ['if somebody gave two mail addresses, I only want the first', null],
      ['label lessons: short up to 30 minutes, normal up to 45, long above that', 'Add ‹Minutes label› as if ‹Minutes› is at most 30 then "short", if ‹Minutes› is at most 45 then "normal", if ‹Minutes› is more than 45 then "long", otherwise blank.'],
      ['what share of lessons was attended, in percent, one decimal?', 'Answer ‹Share %› as ((the sum of (if ‹Attended› is "yes" or "YES" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['travel km: n/a means unknown, so leave that blank and make the rest numbers', null],
      ['sort by date, and within a day by start', 'Sort by ‹Date› and ‹Start›.'],
      ['lessons after 5 pm', 'Keep rows where (the minute of the day of ‹Start›) is more than 1020.'],
      ['the three pupils with the longest way to us', null],
      ['number each pupil\'s lessons in order of date', 'Sort by ‹Date›. Add ‹Number within Pupil› as the number of the row for each ‹Pupil›.'],
      ['running total of minutes per tutor by date', 'Sort by ‹Date›. Add ‹Running total of Minutes› as the running total of ‹Minutes› for each ‹Tutor›.'],
      ['drop level and room', 'Drop ‹Level› and ‹Room›.'],
      ['call Paid "Received"', 'Rename ‹Paid› to ‹Received›.'],
      ['keep the first lesson of every pupil', null],
      ['were there more violin or more piano lessons?', null],
      ['date in one format, day first where there are dots or slashes', null],
      ['room in capitals', 'In ‹Room›, write in capitals.'],
      ['mark lessons without a homework note as "none" in that column', 'Fill blanks in ‹Homework note› with "none".'],
      ['how many different pupils does each tutor have?', 'Answer ‹Different Pupil› as the number of different values of ‹Pupil› over the rows; for each ‹Tutor›.'],
      ['share of each lesson in its tutor\'s minutes as a percentage, whole numbers', 'Add ‹Minutes per total Minutes per Tutor› as (‹Minutes› divided by (the sum of ‹Minutes› over the rows for each ‹Tutor›)) times 100 rounded to 0 decimals.'],
      ['add a yes/no column Far for pupils who travel more than 10 km', 'Add ‹Far› as if ‹Travel km› is more than 10 then "yes", otherwise "no".'],
      ['total fees for February', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; only where (the month of ‹Date›) equals 2.'],
      ['which instrument earns the most per hour', null],
      ['remove the titles from the tutors', 'Set ‹Tutor› to (the first name of the person in ‹Tutor›), (the middle name of the person in ‹Tutor›), (the last name of the person in ‹Tutor›) and (the name suffix of the person in ‹Tutor›) joined with " ".'],
      ['combine instrument and level like "violin 3" into Course', 'Add ‹Course› as ‹Instrument› followed by " " followed by ‹Level›.'],
      ['throw out LS-203 and LS-207', 'Set aside rows where ‹Lesson› is "LS-203" or "LS-207".'],
      ['pupil as First Last instead of Last, First', 'Set ‹Pupil› to (the first name of the person in ‹Pupil›), (the middle name of the person in ‹Pupil›) and (the last name of the person in ‹Pupil›) joined with " ".'],
      ['how many lessons were there per week', 'Answer ‹Rows› as the number of rows; for each ‹Week of Date› as the week of ‹Date›.'],
      ['the lesson before of the same pupil: how many days ago was it?', null],
      ['cheaper lessons than 20 pounds', null],
      ['who hasn\'t paid at all?', 'Keep rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['lesson numbers without the LS-', 'Remove "LS-" from ‹Lesson›.'],
      ['is there any lesson where more was paid than the fee?', 'Answer ‹Rows› as the number of rows; only where ‹Paid› is more than ‹Fee›.'],
      ['sort the lessons by how popular the teacher is', null],
      ['add tutor\'s salary', null],
      ['delete lessons from last year', null],
    ],
  },
  {
    table: 'wells',
    csv: `Sample;Well;Village;Taken on;Taken by;Depth m;Temp;pH;Nitrate mg/l;Chloride mg/l;Turbidity;Bacteria;Lab;Result in;Cost;Verdict
W-0001;Mill Well;Oster Lee;12.01.2026;R. Tamm;18;9.4 C;7.1;22,5;31;0,8 NTU;0;Akva;15.01.2026;48,00 €;ok
W-0002;Church Well;Oster Lee;12.01.2026;r. tamm;22;48.2 F;6.9;51,0;45;1,2 NTU;12;Akva;19.01.2026;48,00 €;fail
W-0003;Upper Spring;Dunmar;13.01.2026;L. Voss;;8.8 C;7.4;8,2;12;0,3 NTU;0;Nordlab;;52,50 €;
W-0004;School Well;Dunmar;13.01.2026;L. Voss;35;10.1 C;7.0;<1;15;0,4 NTU;0;Nordlab;21.01.2026;52,50 €;ok
W-0005;Mill Well;Oster Lee;10.02.2026;R. Tamm;18;9.1 C;7.2;24,0;30;0,9 NTU;3;Akva;13.02.2026;48,00 €;watch
W-0006;Church Well;Oster  Lee;10.02.2026;R Tamm;22;9.0 C;6.8;55,5;47;1,5 NTU;20;Akva;17.02.2026;48,00 €;fail
W-0007;Ferry Well;Sandby;11.02.2026;I. Kroll;12;11.5 C;6.5;33,1;88;2,6 NTU;41;Nordlab;20.02.2026;;fail
W-0008;School Well;DUNMAR;11.02.2026;L. Voss;35;50.5 F;7.1;1,4;16;0,5 NTU;0;Nordlab;19.02.2026;52,50 €;ok
W-0009;Farm 12;Sandby;12.02.2026;I. Kroll;40;12.0 C;7.9;12,6;64;;0;Akva;16.02.2026;48,00 €;ok
W-0010;Mill Well;Oster Lee;09.03.2026;R. Tamm;18;9.9 C;7.1;26,2;33;1,0 NTU;0;Akva;;48,00 €;
W-0011;Ferry Well;Sandby;10.03.2026;I. Kroll;12;53.1 F;6.4;35,8;92;3,1 NTU;57;Nordlab;;;
`,
    cases: [
      ['All temperatures in Celsius with one decimal, only the number.', 'Turn ‹Temp› into numbers in "c". Set ‹Temp› to ‹Temp› rounded to 1 decimal.'],
      ['village: one spelling each, title case, single spaces', null],
      ['nitrate as numbers (decimal comma), <1 should count as 0.5', null],
      ['How many days did the lab need? blank while the result isn\'t in', null],
      ['samples over the nitrate limit of 50', 'Keep rows where ‹Nitrate mg/l› is more than 50.'],
      ['keep the latest sample of each well', null],
      ['which well has the highest average nitrate', 'Answer ‹Average Nitrate mg/l› as the mean of ‹Nitrate mg/l› over the rows; for each ‹Well›; sorted by ‹Average Nitrate mg/l› from high to low; the first 1.'],
      ['class by nitrate: good below 25, fair from 25 to 50, bad above 50', 'Add ‹Nitrate mg/l label› as if ‹Nitrate mg/l› is less than 25 then "good", if ‹Nitrate mg/l› is at least 25 and ‹Nitrate mg/l› is at most 50 then "fair", if ‹Nitrate mg/l› is more than 50 then "bad", otherwise blank.'],
      ['how many samples failed per village?', 'Answer ‹Rows› as the number of rows; for each ‹Village›; only where ‹Verdict› is "fail".'],
      ['share of failed samples per lab in percent', 'Answer ‹Share %› as ((the sum of (if ‹Verdict› is "fail" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100; for each ‹Lab›.'],
      ['drop the samples with no verdict yet', 'Set aside rows where ‹Verdict› is blank.'],
      ['turbidity without the unit', 'Turn ‹Turbidity› into numbers.'],
      ['taken by: put a dot and a space after the initial everywhere, R. Tamm', null],
      ['cost per metre of depth', 'Add ‹Cost per Depth m› as ‹Cost› divided by ‹Depth m›.'],
      ['mean of chloride and nitrate by village, 1 decimal', 'Answer ‹Average Chloride mg/l› as the mean of ‹Chloride mg/l› over the rows rounded to 1 decimal; and ‹Average Nitrate mg/l› as the mean of ‹Nitrate mg/l› over the rows rounded to 1 decimal; for each ‹Village›.'],
      ['Change in nitrate since the previous sample of the same well', 'Add ‹Nitrate mg/l minus row above Nitrate mg/l› as ‹Nitrate mg/l› minus (the row above of ‹Nitrate mg/l› for each ‹Well›).'],
      ['add a column Month with the month the sample was taken', 'Add ‹Month› as the month of ‹Taken on›.'],
      ['wells sampled more than twice', null],
      ['nitrate to chloride ratio rounded to 2', 'Add ‹Nitrate mg/l per Chloride mg/l› as ‹Nitrate mg/l› divided by ‹Chloride mg/l› rounded to 2 decimals.'],
      ['is the pH between 6.5 and 8.5? new column pH ok, yes or no', 'Add ‹pH ok› as if ‹pH› is at least 6.5 and ‹pH› is at most 8.5 then "yes", otherwise "no".'],
      ['W-0001 should become 1, so just the number without zeros', null],
      ['fill the missing cost with the usual price of that lab', 'Fill blanks in ‹Cost› with the commonest value for each ‹Lab›.'],
      ['total cost by month and lab', null],
      ['everything from Sandby or Dunmar with bacteria', 'Keep rows where ‹Village› is "Sandby" or "Dunmar" and ‹Bacteria› is more than 0.'],
      ['the deepest five wells', 'Keep 5 rows with the highest ‹Depth m›.'],
      ['rename nitrate mg/l to Nitrate and chloride mg/l to Chloride', 'Rename ‹Nitrate mg/l› to ‹Nitrate› and ‹Chloride mg/l› to ‹Chloride›.'],
      ['take out the wells that are just called Farm something', 'Set aside rows where ‹Well› starts with "Farm".'],
      ['the difference of each sample\'s nitrate from the average of its village', 'Add ‹Nitrate mg/l minus average Nitrate mg/l per Vil…› as ‹Nitrate mg/l› minus (the mean of ‹Nitrate mg/l› over the rows for each ‹Village›).'],
      ['what did the samples cost altogether', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows.'],
      ['flag samples where bacteria are above zero but the verdict isn\'t fail', 'Add ‹Flag› as if ‹Bacteria› is more than 0 and ‹Verdict› is not "fail" then "yes", otherwise "no".'],
      ['median depth', 'Answer ‹Median Depth m› as the median of ‹Depth m› over the rows.'],
      ['how long did results take on average per lab, in days', 'Answer ‹Average days from Taken on to Result in› as the mean of (the whole days from ‹Taken on› to ‹Result in›) over the rows; for each ‹Lab›.'],
      ['bacteria per village: lowest, average and highest', 'Answer ‹Lowest Bacteria› as the lowest of ‹Bacteria› over the rows; ‹Average Bacteria› as the mean of ‹Bacteria› over the rows; and ‹Highest Bacteria› as the highest of ‹Bacteria› over the rows; for each ‹Village›.'],
      ['put verdict first and cost last', 'Move ‹Verdict› to the front. Move ‹Cost› to the end.'],
      ['delete the wells nobody uses', null],
      ['which samples were taken in february', null],
      ['nitrate in grams per litre', null],
      ['swap village and well', 'Move ‹Village› to before ‹Well›.'],
      ['sort by village a to z, then nitrate, worst on top', 'Sort by ‹Village› and ‹Nitrate mg/l› from high to low.'],
      ['give the samples with a fail a 1 and all others a 0 in column Failed', 'Add ‹Failed› as if ‹Verdict› is "fail" then 1, otherwise 0.'],
    ],
  },
  {
    table: 'catering',
    csv: `Event no,Client,Event date,Booked,Guests,Vegetarian,Menu,Price pp,Extras,Deposit,Deposit paid,Venue,Contact,Staff,Hours,Status,Feedback
C-1001,Orrin & Daughters Ltd,14/06/2026,02/03/2026,120,18,summer,32.50,150,500,yes,Old Barn,"Lisk, Jane (jane@orrin.example)",8,6,done,Lovely food but the coffee was cold
C-1002,Halden Choir,20/06/2026,,45,,basic,18,,200,no,parish hall,"Moe, Arne 0555 300 101",3,4.5,cancelled,
C-1003,Tarn Foundation,27/06/2026,15/04/2026,200,45,Summer,£34.00,420,1000,yes,Glass House,"Lund, Ebba (events@tarn.example)",14,8,done,Everything on time. Would book again!
C-1004,Mr & Mrs Vik,04/07/2026,20/04/2026,80,9,wedding,58,1200,1500,yes,Old barn,"Vik, Sara 0555 300 140",10,9,done,Service slow at the start
C-1005,Orrin & Daughters,11/07/2026,01/06/2026,60,12,basic,18,,200,yes,Glass house,"Lisk, Jane (jane@orrin.example)",4,5,open,
C-1006,Brightwater Ltd.,11/07/2026,30/05/2026,35,n/a,BASIC ,18.00,80,,no,Boat Shed,"Ode, Finn (finn@brightwater.example)",,,open,
C-1007,Halden choir,18/07/2026,10/06/2026,50,6,basic,18,0,200,yes,Parish Hall,"Moe, Arne 0555 300 101",3,4,done,fine
C-1008,Tarn Foundation,25/07/2026,12/06/2026,210,50,summer,34,420,1000,no,Glass House,"Lund, Ebba (events@tarn.example)",14,8.5,open,
C-1009,Kestrel Row Club,01/08/2026,,95,20,grill,27.5,,400,yes,Boat Shed,"Tal, Mia 0555 300 177",6,6,cancelled,Rain
C-1010,Mr & Mrs Vik,08/08/2026,05/07/2026,25,3,grill,27.50,60,,no,garden,"Vik, Sara 0555 300 140",2,4,open,
`,
    cases: [
      ['Please get the menus into one style, small letters, and take the stray blanks off.', 'In ‹Menu›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['could you make the price per person a real number, there is a pound sign in front of some of them', 'Turn ‹Price pp› into numbers.'],
      ['Clients: I don\'t need Ltd or Ltd. at the end, just the name.', 'Remove trailing "Ltd" or "Ltd." from ‹Client›.'],
      ['I\'d like to have the e-mail address of the contact in its own column, and nothing there if they only gave a phone number', 'Add ‹E-mail address› as the first e-mail address in ‹Contact›.'],
      ['the same for the phone numbers in a column Phone', null],
      ['Add a column Turnover: guests times price per person plus the extras, and count the extras as nothing where they\'re empty.', null],
      ['what\'s left to pay after the deposit? only take the deposit off if it was really paid', null],
      ['Which events haven\'t got a booking date? just show me those', 'Keep rows where ‹Booked› is blank.'],
      ['throw away the cancelled ones', 'Set aside rows where ‹Status› is "cancelled".'],
      ['How many guests did each client bring altogether, biggest first', 'Answer ‹Total Guests› as the sum of ‹Guests› over the rows; for each ‹Client›; sorted by ‹Total Guests› from high to low.'],
      ['guests per member of staff, one decimal, blank where we don\'t know the staff', 'Add ‹Guests per Staff› as if ‹Staff› is blank then blank, otherwise ‹Guests› divided by ‹Staff› rounded to 1 decimal.'],
      ['Which venue had the most guests in July?', 'Answer ‹Total Guests› as the sum of ‹Guests› over the rows; for each ‹Venue›; only where (the month of ‹Event date›) equals 7; sorted by ‹Total Guests› from high to low; the first 1.'],
      ['what percentage of the guests were vegetarians, per event, whole numbers', 'Add ‹Vegetarian per Guests %› as (‹Vegetarian› divided by ‹Guests›) times 100 rounded to 0 decimals.'],
      ['the share of vegetarians over all events together, please, leaving out the ones where we don\'t know', null],
      ['Mark big events (100 guests or more) as big, from 50 as medium and the rest as small, in a column called Size.', 'Add ‹Size› as if ‹Guests› is at least 100 then "big", if ‹Guests› is at least 50 then "medium", otherwise "small".'],
      ['keep the 3 biggest events', 'Keep 3 rows with the highest ‹Guests›.'],
      ['sort them by date, newest first, and if there are two on one day the larger one first', null],
      ['How many weeks ahead was each event booked? Put it in a column named Lead.', 'Add ‹Lead› as the whole weeks from ‹Booked› to ‹Event date›.'],
      ['the surname of the contact in a separate column please, it\'s what stands before the comma', 'Add ‹Contact before ,› as the text before the first "," in ‹Contact›.'],
      ['I only want to keep the columns event no, client, guests and status, in this order', 'Keep only the columns ‹Event no›, ‹Client›, ‹Guests› and ‹Status›.'],
      ['could you move status to the front', 'Move ‹Status› to the front.'],
      ['rename price pp to Price per person please, and pp isn\'t used anywhere else', null],
      ['old barn and Old Barn are the same, write Old Barn; the same goes for Glass House and Parish Hall', null],
      ['average price per person by menu', 'Answer ‹Average Price pp› as the mean of ‹Price pp› over the rows; for each ‹Menu›.'],
      ['how many events are open, done and cancelled?', 'Answer ‹Rows› as the number of rows; for each ‹Status›; only where ‹Status› is "open", "done" or "cancelled".'],
      ['are there clients that booked more than once? list them with how often', null],
      ['staff hours: staff times hours, no decimals', 'Add ‹staff hours› as ‹Staff› times ‹Hours› rounded to 0 decimals.'],
      ['new column Feedback given with yes where there is some feedback and no where there isn\'t any', 'Add ‹Feedback given› as if ‹Feedback› is filled then "yes", otherwise "no".'],
      ['what did the clients complain about? mark feedback that mentions cold or slow as complaint', null],
      ['Fill in the missing deposit with 200', 'Fill blanks in ‹Deposit› with "200".'],
      ['increase all prices per person by 5%, rounded to the nearest 10 pence', 'Set ‹Price pp› to ((‹Price pp› times (1 plus (5 divided by 100))) divided by 0.1 rounded to 0 decimals) times 0.1.'],
      ['which month has the highest turnover, going by guests times price?', 'Answer ‹Total Guests times Price pp› as the sum of (‹Guests› times ‹Price pp›) over the rows; for each ‹Month of Event date› as the month of ‹Event date›; sorted by ‹Total Guests times Price pp› from high to low; the first 1.'],
      ['only those at the Old Barn or the Glass House with more than 100 guests', 'Keep rows where ‹Venue› is "Old Barn" or "Glass House" and ‹Guests› is more than 100.'],
      ['events in the first half of july', 'Keep rows where (the month of ‹Event date›) equals 7 and (the day of ‹Event date›) is at least 1 and (the day of ‹Event date›) is at most 15.'],
      ['drop duplicates by client, keep the one with the most guests', 'Keep 1 row with the highest ‹Guests› for each ‹Client›.'],
      ['days between one event and the next at the same venue', null],
      ['in the contact column remove what\'s in brackets, brackets too', 'Remove what is between "(" and ")" from ‹Contact›.'],
      ['C-1001 should just be 1001', 'Add ‹Part of Event no› as piece 2 of ‹Event no› cut at "-".'],
      ['Put the client and the event no together like "Tarn Foundation (C-1003)" in a column Title', 'Add ‹Title› as ‹Client› followed by " (" followed by ‹Event no› followed by ")".'],
      ['what would the deposit be at 20% of the turnover?', null],
      ['a total line would be nice', null],
      ['give each client a rating', null],
      ['make the table prettier', null],
      ['sort by dress code', null],
      ['send the list to Ebba', null],
      ['which event do you like best?', null],
    ],
  },
  {
    table: 'seeds',
    csv: `Accession|Species|Common name|Collected|Collector|Site|Altitude|Seeds|Thousand-seed weight|Viability|Tested|Store|Shelf|Donor|Remarks
K00417|Trifolium alpinum|alpine clover|2019-08-14|Brenn, T.|Col d'Arre|2,150 m|12400|2.31 g|88%|2025-03-10|A|3-12|Univ. of Lorne|dry meadow
K00418|Festuca ovina|sheep's fescue|Aug 2019|Brenn, T.|Col d'Arre|2150|8,800|0.61 g|72 %|2025-03-10|A|3-12||
K00419|Lotus corniculatus|birdsfoot trefoil|2020-07-02|Ashe, M. / Brenn, T.|Lower Sill|640 m|3050|1.22 g|94%|2024-11-05|A|3-14|own|roadside, re-collect?
K00420|Salvia pratensis|Meadow clary|2020-07-19|Ashe, M.|lower sill|655 m|980|1.4 g|41%|2024-11-05|B|1-02|own|low viability
K00421|Carex nigra|black sedge|2021-09-03|Ilves, P.|Mere Moss|210 m|15700|0.98 g|n/t||B|1-03|Univ of Lorne|
K00422|Primula veris|cowslip|2021-06-30|Ashe, M.|Lower Sill|640m|5,400|0.9 g|67%|2025-01-20|B|1-04|own|
K00423|Trifolium alpinum|Alpine clover|2022-08-20|Brenn, T.|Pass of Orr|1,980 m|7700|2.28 g|91%|2025-03-11|A|3-13|Univ. of Lorne|scree
K00424|Carex nigra|Black sedge|2022-09-11|Ilves, P.|Mere Moss|215 m|240|1.01 g|55%|2025-01-21|C|2-07||fewer than 500: do not issue
K00425|Arnica montana|arnica|2023-07-25|Dahl, R. & Ilves, P.|Pass of Orr|1.9 km|1890|1.3 g|79%|2025-04-02|C|2-08|own|dry meadow
K00426|Salvia pratensis|meadow clary|2023-07-21|Ashe, M.|Lower Sill|655 m|4300|1.43 g|82%|2025-04-02|C|2-09|own|
`,
    cases: [
      ['genus and species epithet into two columns, Genus and Epithet', null],
      ['altitude in metres as a plain number', 'Turn ‹Altitude› into numbers in "m".'],
      ['viability as a number without the percent sign; n/t is not tested, leave that empty', null],
      ['common names: first letter big, the rest small', 'In ‹Common name›, write in sentence case.'],
      ['accessions that were not tested yet', 'Keep rows where ‹Tested› is blank.'],
      ['keep everything with less than 1000 seeds', 'Keep rows where ‹Seeds› is less than 1000.'],
      ['drop the ones collected before 2020', 'Set aside rows where ‹Collected› is less than the date "2020-01-01".'],
      ['collected in 2019 or 2020 only', 'Keep rows where [‹Collected› is at least the date "2019-01-01" and ‹Collected› is at most the date "2019-12-31"] or else [‹Collected› is at least the date "2020-01-01" and ‹Collected› is at most the date "2020-12-31"].'],
      ['how many seeds do we have of each species?', 'Answer ‹Total Seeds› as the sum of ‹Seeds› over the rows; for each ‹Species›.'],
      ['weight of the whole accession in grams: seeds times thousand-seed weight divided by 1000', 'Add ‹weight of the whole accession in grams› as (‹Seeds› times ‹Thousand-seed weight›) divided by 1000.'],
      ['which site gave the most accessions', 'Answer ‹Rows› as the number of rows; for each ‹Site›; sorted by ‹Rows› from high to low; the first 1.'],
      ['mean viability per store, one decimal', 'Answer ‹Average Viability› as the mean of ‹Viability› over the rows rounded to 1 decimal; for each ‹Store›.'],
      ['age of the seeds when they were tested, in full years', 'Add ‹Years from Collected to Tested› as the whole years from ‹Collected› to ‹Tested›.'],
      ['collectors: only the first one if there are two', null],
      ['one row per collector', 'Make a row for each piece of ‹Collector› cut at "/".'],
      ['shelf has the rack before the dash and the board after it - two columns', null],
      ['viability under 60% -> low, 60 to 85 -> fair, above -> good; nothing if not tested; column name Class', 'Add ‹Class› as if ‹Tested› is blank then blank, if ‹Viability› is less than 60 then "low", if ‹Viability› is at least 60 and ‹Viability› is at most 85 then "fair", if ‹Viability› is more than 85 then "good", otherwise blank.'],
      ['expected living seeds = seeds times viability, no decimals', 'Add ‹expected living seeds› as ‹Seeds› times (‹Viability› divided by 100) rounded to 0 decimals.'],
      ['remarks with a question mark', 'Keep rows where ‹Remarks› contains "?".'],
      ['sort by store, then shelf', 'Sort by ‹Store› and ‹Shelf›.'],
      ['for each species only the most recent accession', 'Keep 1 row with the highest ‹Collected› for each ‹Species›.'],
      ['who collected at Mere Moss?', 'List each ‹Collector›; only where ‹Site› is "Mere Moss".'],
      ['which accessions are from dry meadows', 'List each ‹Accession›; only where ‹Remarks› is "dry meadow".'],
      ['blank donors mean own collection, so fill them with own', 'Fill blanks in ‹Donor› with "own".'],
      ['Univ of Lorne and Univ. of Lorne are the same donor; use the one with the dot', null],
      ['the accession without its K and the zeros, as a number', 'Remove "K" from ‹Accession›. Turn ‹Accession› into numbers.'],
      ['rank the accessions by number of seeds within their store', 'Add ‹Rank by Seeds› as the rank, highest first, of ‹Seeds› for each ‹Store›.'],
      ['how far below the best viability of its species is each accession', 'Add ‹Highest Viability per Species minus Viability› as (the highest of ‹Viability› over the rows for each ‹Species›) minus ‹Viability›.'],
      ['what\'s the lowest and the highest altitude', 'Answer ‹Lowest Altitude in m› as the lowest of (‹Altitude› measured in "m") over the rows; and ‹Highest Altitude in m› as the highest of (‹Altitude› measured in "m") over the rows.'],
      ['percentage of accessions above 1000 m', 'Answer ‹Share %› as ((the sum of (if (‹Altitude› measured in "m") is more than 1000 then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['year and month collected as 2019-08', 'Add ‹Month of Collected› as the month with its year of ‹Collected›.'],
      ['initials of the collector first, then surname: T. Brenn', 'Set ‹Collector› to (piece 2 of ‹Collector› cut at ",") followed by " " followed by (piece 1 of ‹Collector› cut at ",").'],
      ['difference in days between collecting and testing', 'Add ‹Days from Collected to Tested› as the whole days from ‹Collected› to ‹Tested›.'],
      ['how many accessions did each collector bring in per year', 'Answer ‹Rows› as the number of rows; for each ‹Collector›; and by ‹Year of Collected› as the year of ‹Collected›.'],
      ['remove the remarks column, it\'s mostly empty', null],
      ['flag everything that has fewer than 500 seeds or a viability below 50', 'Add ‹Flag› as if ‹Seeds› is less than 500 or else ‹Viability› is less than 50 then "yes", otherwise "no".'],
      ['swap common name and species', 'Move ‹Common name› to before ‹Species›.'],
      ['take 20% off the seeds that are stored in C', 'Set ‹Seeds› to ‹Seeds› times (1 minus (20 divided by 100)), only where ‹Store› is "C".'],
      ['find accessions with the same species and site', null],
      ['which ones should be re-collected? it says so in the remarks', null],
      ['plot seeds against viability', null],
      ['delete the oldest three', 'Set aside rows where (the rank, lowest first, of ‹Collected›) is at most 3.'],
      ['order seeds from the supplier', null],
      ['what\'s the weather at Mere Moss', null],
    ],
  },
  {
    table: 'hires',
    csv: `Hire,Client,Phone,Taken,Returned,Costume,Pieces,Day rate,Days,Deposit,Cleaning,Paid,Fitter,State,Remark
H-01,"Ormond, Tess",0555 310 101,2026-02-02,2026-02-09,Pirate captain / M / black,4,12,7,£40.00,8.5,92.5,Wren,returned,"Loved it, one button came off (ref 1182)."
H-02,"Bale, Rufus",0555-310-102,03/02/2026,06/02/2026,Court jester/L/red,3,9.5,3,£30,6,34.5,Wren,returned,
H-03,"Ivers, Noa",(0555) 310103,4 Feb 2026,2026-02-18,Ball gown / S / green,2,18,14,£80.00,15,267,Osk,Returned ,"Wine stain on the hem, cleaning took £12.50 extra."
H-04,"Crane, Ludo",,2026-02-07,,Knight / XL / silver,6,25,,none,,,Osk,out,
H-05,"Tamsin, Ora",0555 310 105,2026-02-10,2026-02-12,Pirate mate / S / blue,4,10,2,£25.00,8.5,28.5,Wren,returned,Sword was  bent but nobody minds.
H-06,"Bale, Rufus",0555-310-102,2026-02-14,2026-02-16,Court jester / L / red,3,9.5,2,£30,6,25,Pim,RETURNED,
H-07,"Quist, Alba",0555.310.107,15/02/2026,,Swan queen / S / white,5,30,,£ 100.00,,,Pim,out,Needs the wings pressed before the premiere (ref 1190).
H-08,"Ormond, Tess",0555 310 101,2026-03-01,2026-03-04,Witch/M/black,3,8,3,£20.00,5,29,Wren,returned,
H-09,"Dray, Felix",0555 310 109,2026-03-03,,Knight / L / silver,6,25,,£60.00,,0,,cancelled,Called off by telephone.
H-10,"Ivers, Noa",(0555) 310103,2026-03-05,2026-03-25,Ball gown / S / green,2,18,20,£80.00,15,375,Osk,returned,Two hooks missing and a stain again.
H-11,"Halloran, Bea",0555 310 111,7 March 2026,2026-03-08,Toy soldier / M / red,5,14,1,n/a,7,21,Pim,returned,
H-12,"Crane, Ludo",,2026-03-09,2026-03-11,Witch / L / purple,3,8,2,£20.00,5,21,,returned,Hat came back squashed.
H-13,"Sol, Ines",0555 310 113,2026-03-12,,Court jester / M / red,3,9.5,,£30,,0,Wren,Cancelled,
H-14,"Pell, Adah",0555310114,2026-03-14,2026-03-19,Pirate captain / M / black,4,12,5,£40.00,8.5,68.5,Osk,returned,"Late by a day, paid in full."
`,
    cases: [
      ['State should be all small letters with nothing around it', 'In ‹State›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['the day something was taken is written in all sorts of ways, turn that into proper dates (slashes are day/month/year)', null],
      ['Deposits as bare numbers please. "none" is a nought, n/a stays empty', 'Turn ‹Deposit› into numbers, reading "none" as "0" and "n/a" as blank.'],
      ['phone: keep only the digits', 'Remove all everything but digits from ‹Phone›.'],
      ['put nobody wherever the fitter is missing', 'Fill blanks in ‹Fitter› with "nobody".'],
      ['The costume column has three things in it with slashes in between, name, size and colour. Put each of them in its own column: Name, Size, Colour', 'Split ‹Costume› at "/" into ‹Name›, ‹Size› and ‹Colour›.'],
      ['get the four-digit ref out of the remarks into a column Ref, blank if there isn\'t one', 'Add ‹Ref› as the first code like "####" in ‹Remark›.'],
      ['turn the client round so that Ormond, Tess reads Tess Ormond', 'Set ‹Client› to (piece 2 of ‹Client› cut at ",") followed by " " followed by (piece 1 of ‹Client› cut at ",").'],
      ['I\'d like the surnames of the clients in a separate column', 'Add ‹Last name› as the last name of the person in ‹Client›.'],
      ['new column Short: the hire number, a colon and then the fitter, like "H-01: Wren". no fitter, then just the number', 'Add ‹Short› as ‹Hire› and ‹Fitter› joined with ": ".'],
      ['call Paid Amount paid and Days Days out', null],
      ['the phone and the remarks can go, nobody looks at them', 'Drop ‹Phone› and ‹Remark›.'],
      ['please bring the state to the front, directly behind the hire number', 'Move ‹State› to after ‹Hire›.'],
      ['leave out the cancelled hires', 'Set aside rows where ‹State› is "cancelled".'],
      ['show me only what has not been brought back yet, the cancelled ones do not count', null],
      ['only what Wren or Osk fitted', 'Keep rows where ‹Fitter› is "Wren" or "Osk".'],
      ['keep everything with a day rate between 10 and 20, both included', 'Keep rows where ‹Day rate› is at least 10 and ‹Day rate› is at most 20.'],
      ['Remarks that mention a stain: I want to look at just those hires', 'Keep rows where ‹Remark› mentions the word "stain" or "stains".'],
      ['the four hires that brought in the most, largest at the top', 'Keep 4 rows with the highest ‹Paid›. Sort by ‹Paid› from high to low.'],
      ['one row per client is enough, hold on to the latest one in the list', 'Keep the last row of each ‹Client›.'],
      ['give me exactly 5 hires picked at random', 'Keep 5 rows at random with seed 1.'],
      ['chuck all hires that lasted less than three days; if there is no number of days keep the row', 'Set aside rows where ‹Days› is less than 3.'],
      ['add Rental as days times day rate', 'Add ‹Rental› as ‹Days› times ‹Day rate›.'],
      ['what did we get per day for each hire? paid through days, two decimals, empty if there are no days', null],
      ['mark each hire as long if it ran for more than a week, short otherwise, and open where there are no days yet. column name Duration', 'Add ‹Duration› as if (the whole days from ‹Taken› to ‹Returned›) is more than 7 then "long", if ‹Days› is blank then "open", otherwise "short".'],
      ['each hire\'s percentage of all the money paid, to 1 decimal', 'Add ‹Paid per total Paid %› as (‹Paid› divided by (the sum of ‹Paid› over the rows)) times 100 rounded to 1 decimal.'],
      ['next to each hire put how much its client paid us in total', 'Add ‹Total Paid per Client› as the sum of ‹Paid› over the rows for each ‹Client›.'],
      ['how many hires has every client had? show that in a column called Hires so far, the same number on all of the client\'s rows', null],
      ['cleaning as a percentage of what was paid, whole percents, blank when nothing was paid', 'Add ‹Cleaning per Paid %› as (‹Cleaning› divided by ‹Paid›) times 100 rounded to 0 decimals.'],
      ['what did each fitter take in altogether?', null],
      ['how many hires are still out?', 'Answer ‹Rows› as the number of rows; only where ‹State› is "out".'],
      ['who hired most often? just the name', null],
      ['average number of days per fitter, one decimal, most first', 'Answer ‹Average Days› as the mean of ‹Days› over the rows rounded to 1 decimal; for each ‹Fitter›; sorted by ‹Average Days› from high to low.'],
      ['how many different clients do we have', 'Answer ‹Different Client› as the number of different values of ‹Client› over the rows.'],
      ['sort by how satisfied the clients were', null],
      ['add the discount each client gets', null],
      ['let the moon iron my socks by noon', null],
    ],
  },
  {
    table: 'wardrobe',
    csv: `Tag,Costume,Maker,Bought,Cost,Worth today,Stock,Wanted,Weight,Washable,Last checked,Spare
PI-01,Pirate captain (with hat),Madder & Rook,04/05/2019,"£1,120.00",640,2,3,2.4 kg,Y,2026-01-10,
PI-02,Pirate mate,madder & rook,04/05/2019,£310.00,200,5,4,1800 g,yes,2026-01-10,
JE-01,Court jester (3 bells),Madder and Rook,11/11/2020,£260.50,220,3,3,1.1 kg,No,,
GO-01,Ball gown,Silla Thorpe,20/03/2021,"£1,480.00",1300,1,2,3.6kg,n,2025-12-02,
KN-01,Knight,Fen Forge,02/09/2018,"£2,050.00",900,2,2,14 kg,no,,
SW-01,Swan queen (with wings),Silla Thorpe,15/01/2024,"£1,900.00",1850,1,1,4100 g,N,2026-01-28,
WI-01,Witch (with broom),MADDER & ROOK,07/10/2022,£145.00,90,6,4,900 g,Yes,2025-10-30,
TO-01,Toy soldier,Silla  Thorp,30/11/2022,£390.00,300,?,4,2.2 kg,y,,
TO-02,Toy drummer,Fen forge,30/11/2022,£415.00,0,0,2,2.5 kg,YES,2025-11-15,
`,
    cases: [
      ['The makers come in several spellings. It is always one of Madder & Rook, Silla Thorpe and Fen Forge, so make it that.', 'Spell ‹Maker› as "Madder & Rook", "Silla Thorpe" or "Fen Forge".'],
      ['could we have the weights all in kilograms, number only', 'Turn ‹Weight› into numbers in "kg".'],
      ['washable must read yes or no, however it was typed', 'Turn ‹Washable› into yes or no.'],
      ['take the brackets and whats in them out of the costume names', 'Remove what is between "(" and ")" from ‹Costume›.'],
      ['stock: the question mark means we have not counted, so leave that cell empty and make it a number column', 'Turn ‹Stock› into numbers, reading "?" as blank.'],
      ['make the part of the tag in front of the hyphen a column called Family', 'Add ‹Family› as the text before the first "-" in ‹Tag›.'],
      ['Whatever stands in the brackets behind the costume should go into a new column Extras; leave it empty if there are none', 'Add ‹Extras› as the text between "(" and ")" in ‹Costume›.'],
      ['is any column totally empty? then delete it', 'Drop ‹Spare›.'],
      ['which costumes do we have fewer of than we want? just those please', null],
      ['sort them by what they are worth today, dearest on top, same worth by tag', 'Sort by ‹Worth today› from high to low and ‹Tag›.'],
      ['by how much has each costume lost value, cost less worth today, and that as a percentage of the cost too? call them Loss and Loss %, one decimal for the second', null],
      ['age of every costume in whole years on 1 March 2026, counted from the day it was bought', 'Add ‹Years from Bought to 2026-03-01› as the whole years from ‹Bought› to the date "2026-03-01".'],
      ['Number to buy: wanted minus stock but never below zero, empty where the stock is unknown', null],
      ['total worth of each line, i.e. stock times worth today', 'Add ‹total worth of each line› as ‹Stock› times ‹Worth today›.'],
      ['bands for what they are worth: below 250 cheap, 250 up to 1000 middling, over 1000 precious. In a column Class.', 'Add ‹Class› as if ‹Worth today› is less than 250 then "cheap", if ‹Worth today› is at least 250 and ‹Worth today› is at most 1000 then "middling", if ‹Worth today› is more than 1000 then "precious", otherwise blank.'],
      ['rank the costumes by worth, highest gets 1', 'Add ‹Rank by Worth today› as the rank, highest first, of ‹Worth today›.'],
      ['how many of the costumes are washable and how many not?', null],
      ['what is the dearest costume by cost', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; for each ‹Costume›; sorted by ‹Total Cost› from high to low; the first 1.'],
      ['what is the average of the makers?', null],
      ['keep those above average', null],
    ],
  },
  {
    table: 'loads',
    csv: `Ticket no,Loaded,Driver,Truck,Stone,Gross,Tare,Price,Buyer,Km,Left,Arrived,Haul cost,Billed,State,Slip
7001,2026-04-01,bo hartnell,QR 14 lorry,Granite,28.4,9.2,18.50,Ness Bridgeworks,42,06:50,07:45,96,451.2,billed,slip QN-4410
7002,2026-04-01,Mina Castel,QR 15 lorry,Limestone,24.1,8.9,11.20,Arden Gardens,18,07:10,07:40,48,218.24,billed,
7003,2026-04-02,BO HARTNELL,QR 14 lorry,Granite,27.9,9.2,18.50,Ness Bridgeworks,42,06:55,08:05,96,441.95,billed,slip QN-4413 copy
7004,2026-04-03,Jory  Pike,QR 21 tipper,Slate,15.6,6.4,32.00,Holm Roofing,65,09:00,10:20,150,444.4,disputed,short by 200 kg says buyer
7005,2026-04-07,mina castel,QR 15 lorry,Gravel,26.3,8.9,7.40,Arden Gardens,18,07:05,07:30,48,176.76,billed,
7006,2026-04-08,Jory Pike,QR 21 tipper,Gravel,16.4,6.4,7.40,,12,13:15,13:40,30,104,open,
7007,2026-04-09,Bo Hartnell,QR 14 lorry,Limestone,25.2,9.2,11.20,Holm Roofing,65,06:40,07:55,150,329.2,billed,QN-4420
7008,2026-04-14,Mina Castel,QR 15 lorry,Granite,,8.9,18.50,Ness Bridgeworks,42,08:00,08:50,96,,void,scales broken
7009,2026-04-15,Ute Rand,QR 30 lorry,Slate,22.8,8.6,32.00,Arden Gardens,18,10:10,10:40,48,502.4,open,slip QN-4425
7010,2026-05-04,Ute Rand,QR 30 lorry,Granite,27.2,8.6,18.50,Lorne Paving,30,07:30,08:15,70,414.1,billed,
7011,2026-05-05,bo hartnell,QR 14 lorry,Gravel,29.2,9.2,7.40,Lorne Paving,30,07:00,07:50,70,218,billed,slip QN-4431
7012,2026-05-06,Jory Pike,QR 21 tipper,Slate,14.9,6.4,32.00,Holm Roofing,65,09:20,10:30,150,422,disputed,edges chipped
7013,2026-05-06,Jory Pike,QR 21 tipper,Slate,14.9,6.4,32.00,Holm Roofing,65,09:20,10:30,150,422,disputed,
7014,2026-05-11,Ute Rand,QR 30 lorry,Limestone,23.6,8.6,11.20,,12,06:30,06:55,30,198,void,buyer never came
`,
    cases: [
      ['drivers: first letters big, the others small, and no double spaces', 'In ‹Driver›, reduce runs of spaces to one and write in title case.'],
      ['where no buyer is given it was sold at the gate, so fill in "gate sale"', 'Fill blanks in ‹Buyer› with "gate sale".'],
      ['write Tarmac instead of Gravel', 'Replace cells that are "Gravel" in ‹Stone› with "Tarmac".'],
      ['the truck has its plate and its type in one cell. I need Plate (the first two words) and Type (the last one).', 'Split ‹Truck› at the last " " into ‹Plate› and ‹Type›.'],
      ['pull the slip number (QN, a dash and four digits) out of slip into Slip no', 'Add ‹Slip no› as the first code like "QN-####" in ‹Slip›.'],
      ['day, month and year of loading in three columns please, month as a number', 'Add ‹Loaded day› as the day of ‹Loaded›. Add ‹Loaded year› as the year of ‹Loaded›. Add ‹Month of Loaded› as the month of ‹Loaded›.'],
      ['haul cost should be called Haulage, and km Distance', 'Rename ‹Haul cost› to ‹Haulage› and ‹Km› to ‹Distance›.'],
      ['move state so that it comes right before driver', 'Move ‹State› to before ‹Driver›.'],
      ['prices with one decimal are enough, round them', 'Set ‹Price› to ‹Price› rounded to 1 decimal.'],
      ['get rid of void and disputed loads', 'Set aside rows where ‹State› is "void" or "disputed".'],
      ['just the April ones', 'Keep rows where (the month of ‹Loaded›) equals 4.'],
      ['only loads from 6 to 14 April 2026, both days included', 'Keep rows where ‹Loaded› is at least the date "2026-04-06" and ‹Loaded› is at most the date "2026-04-14".'],
      ['throw out the ones that were driven less than 20 km', 'Set aside rows where ‹Km› is less than 20.'],
      ['Some loads were keyed in twice: same driver, same day, same gross. Only the first should remain.', 'Keep the first row of each ‹Driver›, ‹Loaded› and ‹Gross›.'],
      ['the heaviest load (gross) of each stone, the rest can go', 'Keep 1 row with the highest ‹Gross› for each ‹Stone›.'],
      ['keep loads where the haul cost is more than a fifth of what was billed', 'Keep rows where ‹Haul cost› is more than ‹Billed› times (20 divided by 100).'],
      ['order by stone alphabetically and inside a stone by gross, heaviest first', 'Sort by ‹Stone› and ‹Gross› from high to low.'],
      ['I want loads without a slip number, meaning the slip cell is empty', null],
      ['draw one load at random for every driver... no, every stone. drop the others', null],
      ['Net weight = gross - tare', 'Add ‹Net weight› as ‹Gross› minus ‹Tare›.'],
      ['how long was each truck on the road, in minutes? from left to arrived', 'Add ‹Minutes from Left to Arrived› as the minutes by the clock from ‹Left› to ‹Arrived›.'],
      ['I need two columns: Stone value, that is gross less tare times the price, two decimals, and Per km, haul cost divided by km, 2 decimals as well', null],
      ['the share of each load in the total billed for its stone, percent, one decimal', 'Add ‹Billed per total Billed per Stone %› as (‹Billed› divided by (the sum of ‹Billed› over the rows for each ‹Stone›)) times 100 rounded to 1 decimal.'],
      ['cumulative billed amount from the top down', 'Add ‹Running total of Billed› as the running total of ‹Billed›.'],
      ['Invoice: billed plus 19% tax, to two decimals, and nothing where nothing was billed', 'Add ‹Invoice› as if ‹Billed› is blank or else ‹Billed› equals 0 then blank, otherwise ‹Billed› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['what day of the week were they loaded, written out', 'Add ‹Weekday of Loaded› as the weekday of ‹Loaded›.'],
      ['quarter each load belongs to (like Q2)', 'Add ‹Quarter of Loaded› as "Q" and (the quarter of ‹Loaded›) joined with "".'],
      ['is it a local delivery? yes if under 25 km, no if not', 'Add ‹Km label› as if ‹Km› is less than 25 then "yes", otherwise "no".'],
      ['gross compared to the load before it by the same driver, first one empty', 'Add ‹Gross minus row above Gross› as ‹Gross› minus (the row above of ‹Gross› for each ‹Driver›).'],
      ['total billed per stone', 'Answer ‹Total Billed› as the sum of ‹Billed› over the rows; for each ‹Stone›.'],
      ['which driver hauled the most kilometres in all? one name only', 'Answer ‹Total Km› as the sum of ‹Km› over the rows; for each ‹Driver›; sorted by ‹Total Km› from high to low; the first 1.'],
      ['what share of the loads is disputed, in percent with one decimal', 'Answer ‹Share %› as ((the sum of (if ‹State› is "disputed" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['average price per tonne over all: total billed divided by total net (gross minus tare), 2 decimals', 'Answer ‹Total Billed per total Gross minus Tare› as (the sum of ‹Billed› over the rows) divided by (the sum of (‹Gross› minus ‹Tare›) over the rows) rounded to 2 decimals.'],
      ['number of loads and sum billed by month', 'Answer ‹Rows› as the number of rows; and ‹Total Billed› as the sum of ‹Billed› over the rows; for each ‹Month of Loaded› as the month of ‹Loaded›.'],
      ['how many loads of slate went to Holm Roofing?', 'Answer ‹Rows› as the number of rows; only where ‹Stone› is "Slate" and ‹Buyer› is "Holm Roofing".'],
      ['longest and shortest trip in km', null],
      ['how much did the drivers earn', null],
      ['delete all loads with an expired permit', null],
      ['round the stones to two decimals', null],
    ],
  },
  {
    table: 'buyers',
    csv: `Account,Name,Person,Reach,Town,Since,Limit,Discount,Tonnes 2024,Tonnes 2025,Active,Comment
B1,Ness Bridgeworks Ltd,"Orla, Finn",finn@nessbridge.example; 0555 700 1,Ness-on-Sea,3 May 2015,"5,000",10%,"1,204","1,310",yes,
B2,Arden Gardens GmbH,"Moor, Kit",0555 700 2; kit.moor@arden.example,ardenfold,12/08/2018,"1,500",5 %,410,388,Y,
B3,Holm Roofing Ltd.,"Vance, Ada",ada@holmroof.example,Holm,2012-01-20,"2,000",0,96.5,130,yes,
B4,Lorne Paving,"Teller, Jo",,HOLM,21 June 2021,800,2.5%,0,212,N,
B5,Quay Masonry B.V.,"Strand, Per",0555 700 5,Ness-on-sea,2019-11-30,n/a,,77,,no,
B6,Thistle & Stone,"Lund, Mia",mia@thistle.example,Ardenfold,unknown,"1,000",7.5%,180,181,No,
`,
    cases: [
      ['the towns are typed carelessly, give every word a capital', 'In ‹Town›, write in title case.'],
      ['limit and both tonnage columns to plain numbers, drop the thousands commas, n/a becomes blank', null],
      ['strip Ltd, Ltd., GmbH and B.V. off the names', 'In ‹Name›, leave out the legal form.'],
      ['discount without the percent sign, as a number; nothing there means no discount, so 0', 'Turn ‹Discount› into numbers. Fill blanks in ‹Discount› with "0".'],
      ['Make Since a real date. Anything that is not a date should be left blank, day first where there are slashes.', 'Turn ‹Since› into dates, the day before the month, blanking what is none.'],
      ['active: Y and yes are yes, everything else is no', 'Turn ‹Active› into yes or no.'],
      ['mail and phone are mixed up in reach, separate them: E-mail, Telephone. not everybody has both', 'Add ‹E-mail› as the first e-mail address in ‹Reach›. Add ‹Telephone› as the first telephone number in ‹Reach›.'],
      ['a new column with the web domain of their mail address', 'Add ‹Domain› as the first domain in ‹Reach›.'],
      ['person as initial and surname, "Orla, Finn" becomes "F. Orla"', 'Set ‹Person› to (the first 1 characters of (piece 2 of ‹Person› cut at ",")) followed by ". " followed by (piece 1 of ‹Person› cut at ",").'],
      ['delete comment and active', 'Drop ‹Comment› and ‹Active›.'],
      ['who bought more in 2025 than in 2024? keep only those', 'Keep rows where ‹Tonnes 2025› is more than ‹Tonnes 2024›.'],
      ['growth in tonnes from 2024 to 2025 as a percentage, 1 decimal, empty if 2024 is 0 or one of them is missing', 'Add ‹Tonnes 2025 minus Tonnes 2024 per Tonnes 2024 %› as ((‹Tonnes 2025› minus ‹Tonnes 2024›) divided by ‹Tonnes 2024›) times 100 rounded to 1 decimal.'],
      ['average of the two tonnages, if one is not there take the other', null],
      ['how many buyers have no discount entered', 'Answer ‹Rows› as the number of rows; only where ‹Active› is "no" and ‹Discount› is filled.'],
      ['add the postcode of every buyer from the address list', null],
      ['top two', null],
    ],
  },
  {
    table: 'orders',
    csv: `Order,Placed,Sent,Customer,Tea,Packs,Pack price,Postage,Discount,Total,Packer,Payment,State,Comment,Voucher
K-3001,2026-01-05,2026-01-07,"Lisk, Imre",Smoky Pine / loose / 250 g,4,6.50,3.9,10%,27.3,Noor,card,sent,"Gift wrap please, note inside (code GX-771).",
K-3002,06.01.2026,08.01.2026,"Tao, Wen",Green Gate / bags / 40 pcs,2,4.20,3.9,,12.3,noor ,Card,sent,,
K-3003,7 Jan 2026,,"Osei, Abena",Night Mint/loose/100 g,1,5.75,3.9,,9.65,,transfer,waiting,Waiting for the new tin.,
K-3004,2026-01-09,2026-01-12,"Lisk, Imre",Green Gate / bags / 40 pcs,6,4.20,0,5%,23.94,Piet,CARD,sent,Loyal customer; add a sample (code GX-780).,
K-3005,12.01.2026,15.01.2026,"Ferro, Gia",Red Harbour / loose / 250 g,3,7.10,3.9,,25.2,Piet,cash,sent,,
K-3006,2026-01-15,,"Brun, Odd",Smoky Pine/loose/100 g,2,3.10,3.9,,10.1,,card,cancelled,Changed his mind.,
K-3007,2026-01-20,2026-01-21,"Tao, Wen",Red Harbour / bags / 40 pcs,5,4.80,0,10 %,21.6,NOOR,transfer ,sent,Parcel arrived damp and the box was torn.,
K-3008,1 Feb 2026,2026-02-03,"Hale, Ruth",Night Mint / bags / 20 pcs,8,2.60,0,,20.8,Piet,card,sent,,
K-3009,2026-02-02,2026-02-09,"Osei, Abena",Smoky Pine / loose / 250 g,1,6.50,3.9,,10.4,Sana,card,returned,Box torn again (code GX-802).,
K-3010,03.02.2026,05.02.2026,"Ferro, Gia",Green Gate / loose / 250 g,,5.90,3.9,,,Sana,cash,waiting,,
K-3011,2026-02-10,2026-02-12,"Lisk, Imre",Red Harbour / loose / 250 g,2,7.10,3.9,5%,17.39,Noor,card,sent,,
K-3012,2026-02-11,2026-02-18,"Brun, Odd",Green Gate / bags / 40 pcs,10,4.20,0,10%,37.8,Sana,Transfer,sent,Late by some days.,
K-3013,2026-02-11,2026-02-18,"Brun, Odd",Green Gate / bags / 40 pcs,10,4.20,0,10%,37.8,Sana,Transfer,sent,,
`,
    cases: [
      ['packer: fix the capitals (first letter big) and take stray blanks off', 'In ‹Packer›, trim outer spaces, reduce runs of spaces to one and write in sentence case.'],
      ['payment in lower case, no blanks around it please', 'In ‹Payment›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['Placed and sent hold dates in three different notations. Convert both to dates.', 'Turn ‹Placed› and ‹Sent› into dates.'],
      ['I want the discount as a number without the percent sign, and 0 if there is none', 'Turn ‹Discount› into numbers. Fill blanks in ‹Discount› with "0".'],
      ['empty comments should say nothing to report', 'Fill blanks in ‹Comment› with "nothing to report".'],
      ['Tea contains name, form and size separated by slashes, please make three columns Name, Form, Size of it', null],
      ['write the customers as first name surname, so that "Lisk, Imre" turns into "Imre Lisk"', 'Set ‹Customer› to (the first name of the person in ‹Customer›), (the middle name of the person in ‹Customer›) and (the last name of the person in ‹Customer›) joined with " ".'],
      ['some comments mention a code such as GX-771. I need that in a column called Gift code', 'Add ‹Gift code› as the first code like "GX-###" in ‹Comment›.'],
      ['make a column Ref out of order and packer with a slash in between, e.g. K-3001/Noor', null],
      ['please rename total as Amount paid and packs as Quantity', 'Rename ‹Total› to ‹Amount paid› and ‹Packs› to ‹Quantity›.'],
      ['drop the comment and the payment column, they are not needed for this', 'Drop ‹Comment›. Drop ‹Payment›.'],
      ['the state belongs directly behind the order number', 'Move ‹State› to after ‹Order›.'],
      ['keep nothing but order, customer and total', 'Keep only the columns ‹Order›, ‹Customer› and ‹Total›.'],
      ['take the cancelled and the returned orders out', 'Set aside rows where ‹State› is "cancelled" or "returned".'],
      ['orders that have been sent, nothing else', 'Keep rows where ‹State› is "sent".'],
      ['only January, going by placed', 'Keep rows where (the month of ‹Placed›) equals 1.'],
      ['show those with 5 packs or more', 'Keep rows where ‹Packs› is at least 5.'],
      ['kick out everything that cost less than 15 in total, but leave rows without a total in', 'Set aside rows where ‹Total› is less than 15.'],
      ['which comments talk about a torn box? keep only these', 'Keep rows where ‹Comment› mentions the word "torn" and ‹Comment› mentions the word "box".'],
      ['the three largest orders by total please, biggest first', 'Keep 3 rows with the highest ‹Total›. Sort by ‹Total› from high to low.'],
      ['an order was entered twice (same customer, tea, placed and packs), delete the second one', 'Keep the first row of each ‹Customer›, ‹Tea›, ‹Placed› and ‹Packs›.'],
      ['I need a random sample of 4 orders', 'Keep 4 rows at random with seed 1.'],
      ['one random order from every packer, forget those without packer', 'Keep 1 row at random with seed 1 for each ‹Packer›. Set aside rows where ‹Packer› is blank.'],
      ['newest orders on top, by placed', 'Sort by ‹Placed› from high to low.'],
      ['goods value = packs x pack price', 'Add ‹goods value› as ‹Packs› times ‹Pack price›.'],
      ['how many days lay between placing and sending? new column Wait, empty if not sent', null],
      ['price per pack really paid: total less postage, divided by packs, 2 decimals', 'Add ‹price per pack really paid› as (‹Total› minus ‹Postage›) divided by ‹Packs› rounded to 2 decimals.'],
      ['share of each order in the overall total, percent with one decimal', 'Add ‹Total per total Total %› as (‹Total› divided by (the sum of ‹Total› over the rows)) times 100 rounded to 1 decimal.'],
      ['add what the customer spent altogether to each row', null],
      ['number of orders per customer on every row', 'Add ‹Rows per Customer› as the number of rows for each ‹Customer›.'],
      ['Shipping: free if postage is 0, otherwise paid', 'Add ‹Shipping› as if ‹Postage› equals 0 then "free", otherwise "paid".'],
      ['new column Size class: 1-2 packs small, 3-5 medium, more than that large; nothing where packs is empty', 'Add ‹Size class› as if ‹Packs› is blank then blank, if ‹Packs› is at least 1 and ‹Packs› is at most 2 then "small", if ‹Packs› is at least 3 and ‹Packs› is at most 5 then "medium", if ‹Packs› is more than 5 then "large", otherwise blank.'],
      ['rank by total, the largest total is number 1, no rank without a total', 'Add ‹Rank by Total› as the rank, highest first, of ‹Total›.'],
      ['total so far, row after row', 'Add ‹Running total of Total› as the running total of ‹Total›.'],
      ['total plus 7% tax in a column With tax, two decimals', 'Add ‹With tax› as ‹Total› times (1 plus (7 divided by 100)) rounded to 2 decimals.'],
      ['weekday of placing', 'Add ‹Weekday of Placed› as the weekday of ‹Placed›.'],
      ['how far is each order from the average packs of its customer? one decimal', 'Add ‹Packs minus average Packs per Customer› as ‹Packs› minus (the mean of ‹Packs› over the rows for each ‹Customer›) rounded to 1 decimal.'],
      ['what did each customer spend in all, biggest spender first?', null],
      ['how many orders are waiting?', 'Answer ‹Rows› as the number of rows; only where ‹State› is "waiting".'],
      ['average packs per payment type', 'Answer ‹Average Packs› as the mean of ‹Packs› over the rows; for each ‹Payment›.'],
      ['number of orders by month of placing and their total', 'Answer ‹Rows› as the number of rows; and ‹Total Total› as the sum of ‹Total› over the rows; for each ‹Month of Placed› as the month of ‹Placed›.'],
      ['what percentage of orders came without a comment? one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Comment› is blank then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['which customer ordered the most packs in total? just one', 'Answer ‹Total Packs› as the sum of ‹Packs› over the rows; for each ‹Customer›; sorted by ‹Total Packs› from high to low; the first 1.'],
      ['how many different teas were ordered', 'Answer ‹Different Tea› as the number of different values of ‹Tea› over the rows.'],
      ['sort by temperature', null],
      ['add the weight of each order', null],
      ['how angry were the customers on average?', null],
      ['what is the sum of the customers', null],
    ],
  },
  {
    table: 'stock',
    csv: `Code,Tea,Grower,Warehouse,Weight,Boxes,Needed,Buy price,Sale price,Best before,Organic,Shelf note,Batch mark
SP-01,Smoky Pine (loose),Hill Estate Ltd,North 3,250 g,40,60,€3.10,€6.50,30/09/2027,Y,,
SP-02,Smoky Pine (loose),Hill Estate Ltd.,North 3,100 g,12,30,"€1,40",€3.10,15/10/2027,yes,,
GG-01,Green Gate (bags),hill estate,South 1,0.08 kg,75,50,€1.95,€4.20,01/02/2027,No,top shelf,
GG-02,Green Gate (loose),Hill Estat,South 2,0.25 kg,n/a,20,€2.60,€5.90,01/02/2027,no,,
NM-01,Night Mint (loose),Fern Garden B.V.,North 1,100 g,9,25,€2.20,€5.75,20/05/2026,YES,,
NM-02,Night Mint (bags),Fern Gardens,North 1,50 g,0,40,€1.05,€2.60,20/05/2026,y,do not stack,
RH-01,Red Harbour (loose),Port & Sons,South 1,250 g,33,30,€3.30,€7.10,11/11/2026,N,,
RH-02,Red Harbour (bags),PORT & SONS,,80 g,28,30,€2.00,€4.80,,n,,
`,
    cases: [
      ['give me all weights in grams as plain numbers', 'Turn ‹Weight› into numbers in "g".'],
      ['buy price and sale price to numbers, there is a decimal comma in there somewhere', 'Turn ‹Buy price› and ‹Sale price› into numbers.'],
      ['organic has yes and no in every possible form, make it yes/no', 'Turn ‹Organic› into yes or no.'],
      ['best before is day/month/year text, i need it as a date', 'Turn ‹Best before› into dates, the day before the month.'],
      ['n/a in boxes means nobody counted, so empty it and turn the column into numbers', 'Remove cells that are "n/a" from ‹Boxes›. Turn ‹Boxes› into numbers.'],
      ['get rid of the part in brackets in tea', 'Remove what is between "(" and ")" from ‹Tea›.'],
      ['first half of the code (before the dash) as Kind, second half as No', 'Split ‹Code› at the first "-" into ‹Kind› and ‹No›.'],
      ['warehouse consists of a wing and a row number. separate them into Wing and Row', 'Split ‹Warehouse› at " " into ‹Wing› and ‹Row›.'],
      ['put what is in the brackets of tea in a column Form', 'Add ‹Form› as the text between "(" and ")" in ‹Tea›.'],
      ['which columns have nothing in them? remove those', 'Drop ‹Batch mark›.'],
      ['rows where boxes is smaller than needed', 'Keep rows where ‹Boxes› is less than ‹Needed›.'],
      ['margin per box: sale price minus buy price, in a column Margin, and the margin in % of the sale price with one decimal in Margin %', null],
      ['value of the stock at buy price, blank when boxes is not a number', null],
      ['boxes to order: needed less boxes, at least zero', 'Add ‹boxes to order› as if ‹Needed› minus ‹Boxes› is less than 0 then 0, otherwise ‹Needed› minus ‹Boxes›.'],
      ['mark-up on the buy price in whole percent', 'Add ‹Sale price minus Buy price per Buy price %› as ((‹Sale price› minus ‹Buy price›) divided by ‹Buy price›) times 100 rounded to 0 decimals.'],
      ['how many boxes do we have in all', 'Answer ‹Total Boxes› as the sum of ‹Boxes› over the rows.'],
      ['highest and lowest sale price', 'Answer ‹Highest Sale price› as the highest of ‹Sale price› over the rows; and ‹Lowest Sale price› as the lowest of ‹Sale price› over the rows.'],
      ['polish the teapot until it sings', null],
      ['keep the best ones', null],
    ],
  },
  {
    table: 'lessons',
    csv: `Booking,Child,Born,Level,Pool,Starts,Ends,Lessons,Missed,Fee,Paid,Discount,Teacher,Parent contact,Badge,Notes,Status
B-101,"Larch, Pia",2016-04-12,Beginner 1,North pool ,09/01/2026,27/03/2026,12,1,€96.00,96,,Mo Vance,pia.home@larch.example; 0555 410 11,bronze,"afraid of deep water (ear drops)",active
B-102,"Holm, Otto",03/09/2014,Improver 2,south pool,09/01/2026,27/03/2026,12,0,€108,50,10%,Ira Penn,0555-410-12,silver,,active
B-103,"Sand, Kira",2017-11-30,beginner 1,North Pool,2026-01-10,2026-03-28,12,4,96 EUR,,,mo vance,kira@sand.example,,"moved from B-087, sibling of B-104",cancelled
B-104,"Sand, Levi",2015-02-08,Improver 1,North Pool,2026-01-10,2026-03-28,12,2,€102.00,102,5 %,Ira Penn,kira@sand.example; 0555 410 14,bronze,sibling of B-103,active
B-105,"Wren, Noa",12 Aug 2013,Advanced 1,South pool,2026-01-12,,10,,€120,120,none,Tove Ash,0555 410 15,gold,waiting for certificate,Active
B-106,"Larch, Emil",2018-06-01,Beginner 2,north pool,2026-01-12,2026-03-30,12,3,"€96,00",40,,Mo Vance,pia.home@larch.example,,shy,active
B-107,"Penn, Ruth",2012-10-19,Advanced 2,South Pool,12/02/2026,30/04/2026,10,1,€125,125,,Tove Ash,ruth@penn.example ; 0555 410 17,gold,"trains twice a week, wants squad",active
B-108,"Oak, Sami",2016-01-25,Beginner 1,South pool,2026-02-14,2026-05-02,12,0,€96,,15 %,Ira Penn,0555/410/18,,,waiting
B-109,"Oak, Sami",2016-01-25,Beginner 1,South pool,2026-02-14,2026-05-02,12,0,€96,,15 %,Ira Penn,0555/410/18,,,waiting
B-110,"Vale, Juno",2014-07-07,Improver 2,North Pool,2026-02-15,2026-05-03,12,5,€108,108,,,juno@vale.example,silver,missed many (flu),active
`,
    cases: [
      ['every pool should be written the same way, capital first letters and no blanks at the ends', null],
      ['teacher names: fix the capitals', 'In ‹Teacher›, write in title case.'],
      ['born comes in all kinds of notations, I need proper dates', 'Turn ‹Born› into dates.'],
      ['make the starts and ends real dates, slashes are day/month/year', 'Turn ‹Starts› and ‹Ends› into dates, the day before the month.'],
      ['fee needs to be a bare number; watch out, one has a decimal comma', 'Turn ‹Fee› into numbers.'],
      ['turn discount into a number without the percent sign, none is 0', 'Turn ‹Discount› into numbers, reading "none" as "0".'],
      ['where paid is blank put 0', 'Fill blanks in ‹Paid› with "0".'],
      ['if no badge is given write "none yet"', 'Fill blanks in ‹Badge› with "none yet".'],
      ['split the child into family name and first name at the comma', 'Split ‹Child› at "," into ‹family name› and ‹first name›.'],
      ['level is a word and a number; I want them in two columns, Group and Step', 'Split ‹Level› at " " into ‹Group› and ‹Step›.'],
      ['get the e-mail out of parent contact into a column Mail', 'Add ‹Mail› as the first e-mail address in ‹Parent contact›.'],
      ['phone number of the parent in its own column', 'Add ‹Telephone number› as the first telephone number in ‹Parent contact›.'],
      ['what is in the brackets in notes should go to a column Remark', 'Add ‹Remark› as the text between "(" and ")" in ‹Notes›.'],
      ['put the initials of the teacher in a new column', 'Add ‹Initials of Teacher› as the initials of ‹Teacher›.'],
      ['add the other booking mentioned in the notes (B- and three digits) as Related', null],
      ['I don\'t need notes and badge', 'Drop ‹Notes› and ‹Badge›.'],
      ['move status right behind child', 'Move ‹Status› to after ‹Child›.'],
      ['call the Fee column Price', 'Rename ‹Fee› to ‹Price›.'],
      ['only children at the north pool', 'Keep rows where ‹Pool› is "North Pool".'],
      ['throw out the cancelled and the waiting ones', 'Set aside rows where ‹Status› is "cancelled" or "waiting".'],
      ['show me who still owes something, that is paid less than the fee', 'Keep rows where ‹Paid› is less than ‹Fee›.'],
      ['children born before 2015', 'Keep rows where ‹Born› is less than the date "2015-01-01".'],
      ['bookings without a teacher', 'Keep rows where ‹Teacher› is blank.'],
      ['everyone who missed more than a quarter of their lessons', 'Keep rows where ‹Missed› is more than ‹Lessons› times (25 divided by 100).'],
      ['sort by level and within it youngest first', 'Sort by ‹Level› and ‹Born› from high to low.'],
      ['there are bookings entered twice: same child, same start, same level. keep one', null],
      ['the three highest fees', 'Keep 3 rows with the highest ‹Fee›.'],
      ['a random pick of two per pool', 'Keep 2 rows at random with seed 1 for each ‹Pool›.'],
      ['bookings that started in february', 'Keep rows where (the month of ‹Starts›) equals 2.'],
      ['how many lessons did each child really take? lessons minus missed, as Taken', 'Add ‹Taken› as ‹Lessons› minus ‹Missed›.'],
      ['Attendance: taken lessons in percent of lessons, no decimals, taken is lessons minus missed', null],
      ['what is still owed for every booking, fee minus paid, nothing paid counts as 0', 'Add ‹Fee minus Paid› as ‹Fee› minus (‹Paid›, or 0 where it is blank).'],
      ['price per lesson with two decimals', null],
      ['fee after the discount, in a column To pay, 2 decimals, no discount means the full fee', null],
      ['age in full years on 1 March 2026', 'Add ‹Years from Born to 2026-03-01› as the whole years from ‹Born› to the date "2026-03-01".'],
      ['how long does each course run, in weeks', 'Add ‹Weeks from Starts to Ends› as the whole weeks from ‹Starts› to ‹Ends›.'],
      ['label the bookings: good if missed is 0 or 1, watch for 2 or 3, talk to parents from 4 on; blank stays blank', null],
      ['paid in full: yes if paid is at least the fee, otherwise no', 'Add ‹paid in full› as if ‹Paid› is at least ‹Fee› then "yes", otherwise "no".'],
      ['share of each booking in all fees, percent with one decimal', 'Add ‹Fee per total Fee %› as (‹Fee› divided by (the sum of ‹Fee› over the rows)) times 100 rounded to 1 decimal.'],
      ['average fee of the pool next to each booking', 'Add ‹Average Fee per Pool› as the mean of ‹Fee› over the rows for each ‹Pool›.'],
      ['number the children by age within each pool, oldest is 1', null],
      ['month in which the course begins, as a word', null],
      ['how many bookings does each pool have', 'Answer ‹Rows› as the number of rows; for each ‹Pool›.'],
      ['what did we take in altogether', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows.'],
      ['which teacher has the most children', 'Answer ‹Rows› as the number of rows; for each ‹Teacher›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average number of missed lessons by level, one decimal', 'Answer ‹Average Missed› as the mean of ‹Missed› over the rows rounded to 1 decimal; for each ‹Level›.'],
      ['how many different children are there', 'Answer ‹Different Child› as the number of different values of ‹Child› over the rows.'],
      ['who has missed the most lessons', null],
      ['total paid per pool, highest first', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Pool›; sorted by ‹Total Paid› from high to low.'],
      ['what share of the bookings is active', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "active" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['send an e-mail to all parents that owe money', null],
      ['what is the best swimming style', null],
    ],
  },
  {
    table: 'jobs',
    csv: `Job,Received,Client,Contact,Address,Book,Paper code,Sheets,Pages each,Due,Done,Price,Deposit,State,Remarks
B-301,03/02/2026,Orla Finch,orla@quire.example,"14 Mill Street, Hollow, HL2 4AB",Atlas of Marsh Birds / cloth / A4,P-12,120,4,2026-03-01,2026-02-27,£180.00,50,finished,spine repaired; extra ribbon
B-302,05/02/2026,"Heron, Pike",pike.heron@leaf.example,"Flat 2, 9 Dock Road, Hollow, HL1 1ZZ",Family letters / leather / A5,P-07,80,8,2026-02-20,2026-02-25,£245.50,100,finished,late because of glue
B-303,11/02/2026,Tansy Wren,,"3 Quill Lane, Upper Hollow, HL4 9QT",Recipe notes / cloth / A5,P-12,64,4,2026-03-05,,£95.00,,open,waiting for 2 kg of board
B-304,12/02/2026,ORLA FINCH,ORLA@QUIRE.EXAMPLE,"14 Mill St, Hollow, HL2 4AB",Choir scores / paper / A4,P-31,200,4,2026-03-12,,£310,150,open,
B-305,17/02/2026,Lorimer Sedge,0117 496 0123,"22 Ink Street, Hollow, HL2 7PP",Ledger 1890 / leather / folio,P-07,150,8,2026-04-01,,n/a,0,on hold,client away until April
B-306,19/02/2026,Pike Heron,+44 117 496 0456,"9 Dock Rd, Hollow, HL1 1ZZ",Poems,P-99,30,4,2026-02-28,2026-02-28,£60.00,60,finished,gift box; ribbon
B-307,23/02/2026,Dagny Ivers,dagny@ink.example,"1 Fold Yard, Lower Hollow, HL3 3CC",Herbal / cloth / A4,P-12,,4,2026-03-20,,£150.00,75,open,
B-308,24/02/2026,Tansy Wren,tansy@wren.example,"3 Quill Lane, Upper Hollow, HL4 9QT",Diary / cloth / A6,P-31,40,4,2026-03-02,2026-03-09,£70.00,,cancelled,no ribbon
`,
    cases: [
      ['split book into title, cover and size', 'Split ‹Book› at "/" into ‹title›, ‹cover› and ‹size›.'],
      ['I need the town and postcode out of the address, each in its own column', 'Add ‹Town› as the town of the address in ‹Address›. Add ‹Postcode› as the postcode of the address in ‹Address›.'],
      ['get rid of the deposit and remarks columns', 'Drop ‹Deposit› and ‹Remarks›.'],
      ['days between received and done, blank when it\'s not done yet', 'Add ‹Days from Received to Done› as the whole days from ‹Received› to ‹Done›.'],
      ['how many days late was each finished job? early or on time counts as 0', null],
      ['price as a plain number please, n/a is empty', 'Turn ‹Price› into numbers, reading "n/a" as blank.'],
      ['clients in one spelling please', 'Standardise ‹Client›.'],
      ['mask the clients with made-up names and the contacts leaving only the domain visible', null],
      ['hide contact and address', 'Hide ‹Contact› and ‹Address›.'],
      ['keep only jobs that are open or on hold', 'Keep rows where ‹State› is "open" or "on hold".'],
      ['drop cancelled jobs, then sort by due date', 'Set aside rows where ‹State› is "cancelled". Sort by ‹Due›.'],
      ['first name and last name of the client in two columns', 'Add ‹First name› as (the first name of the person in ‹Client›) and (the middle name of the person in ‹Client›) joined with " ". Add ‹Last name› as the last name of the person in ‹Client›.'],
      ['total price per state, cancelled ones left out', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹State›; only where ‹State› is not "cancelled".'],
      ['how much is still to be paid: price minus deposit, no deposit means 0', 'Add ‹Price minus Deposit› as ‹Price› minus (‹Deposit›, or 0 where it is blank).'],
      ['mark jobs with more than 100 sheets as big, 50 to 100 medium, the rest small', 'Add ‹Sheets label› as if ‹Sheets› is more than 100 then "big", if ‹Sheets› is at least 50 and ‹Sheets› is at most 100 then "medium", otherwise "small".'],
      ['add the total number of pages (sheets times pages each)', null],
      ['is a ribbon mentioned in the remarks? yes or no', 'Add ‹Remarks label› as if ‹Remarks› mentions the word "ribbon" then "yes", otherwise "no".'],
      ['every due date must be after the received date', 'Check that ‹Due› is more than ‹Received›.'],
      ['which client has the most jobs?', 'Answer ‹Rows› as the number of rows; for each ‹Client›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average price per cover type', null],
      ['standardise the phone numbers in contact for the UK', null],
      ['fill empty deposits with 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['put the state right after the job number', 'Move ‹State› to after ‹Job›.'],
      ['received is day first, make it a date', 'Turn ‹Received› into dates, the day before the month.'],
      ['rename done to Finished on', 'Rename ‹Done› to ‹Finished on›.'],
      ['how many jobs came in each week', 'Answer ‹Rows› as the number of rows; for each ‹Week of Received› as the week of ‹Received›.'],
      ['jobs due in march 2026 that are not done', 'Keep rows where ‹Due› is at least the date "2026-03-01" and ‹Due› is at most the date "2026-03-31" and ‹Done› is blank.'],
      ['one row per remark (they are separated by semicolons)', 'Make a row for each piece of ‹Remarks› cut at ";".'],
      ['share of each state in percent', 'Answer ‹Share %› as ((the number of rows) divided by (the number of all rows together)) times 100; for each ‹State›.'],
      ['remove duplicate clients, keep the newest job', null],
      ['give me 3 jobs at random', 'Keep 3 rows at random with seed 1.'],
      ['the month each job came in, written like 2026-02', 'Add ‹Month of Received› as the month with its year of ‹Received›.'],
      ['round prices down to the next 10', 'Set ‹Price› to (‹Price› divided by 10 rounded down to 0 decimals) times 10.'],
      ['replace on hold by waiting', 'Replace cells that are "on hold" in ‹State› with "waiting".'],
      ['trim everything and put clients in title case', 'In ‹Job›, ‹Client›, ‹Contact›, ‹Address›, ‹Book›, ‹Paper code›, ‹Price›, ‹State› and ‹Remarks›, trim outer spaces and reduce runs of spaces to one. In ‹Client›, write in title case.'],
      ['only first three letters of the book title in capitals as a code', null],
    ],
  },
  {
    table: 'spots',
    csv: `Spot no,Client,Contact,Campaign,Station,Aired on,Slot,Seconds,Rate,Discount,Booked by,Status,Paid on,Comment
S-101,Harrow Bakery,"Mrs Lena Ortiz <lena@harrow.example>",Spring loaves (radio),North FM,03/03/2025,07:15,30,120,10%,Kit,aired,2025-03-20,went out 5 min late
S-102,harrow bakery ,lena@harrow.example,Spring loaves (radio),North FM,03/03/2025,12:40,30,90,,kit,aired,,
S-103,Pell & Sons,Tom Pell 0555 3141,Boots 2 for 1,Coast Radio,04/03/2025,17:30,20,€150.00,5%,Mara,Aired,2025-04-02,loved by listeners
S-104,Pell & Sons,Tom Pell 0555 3141,Boots 2 for 1,Coast Radio,05/03/2025,07:45,20,150,5%,Mara,moved,,moved to 06/03 because of the news
S-105,Umber Theatre,box@umber.example,Open night,North FM,06/03/2025,21:10,45,n/a,,KIT,cancelled,,client ill
S-106,Umber Theatre,box@umber.example,Open night,Hill FM,06/03/2025,18:05,45,80,,Jon,aired,2025-03-09,
S-107,Dale Motors,Ms Ada Quill 0555 9920,Swap day,Hill FM,07/03/2025,,15,60,15%,Jon,booked,,time still open
S-108,Dale Motors,Ms Ada Quill 0555 9920,Swap day,Coast Radio,07/03/2025,08:20,15,75,15%,Mara,aired,2025-03-30,complaint: wrong phone number read
S-109,Harrow Bakery,Mrs Lena Ortiz <lena@harrow.example>,Easter plait (web + radio),Hill FM,14/04/2025,07:20,30,100,10%,Kit,aired,,
S-109,Harrow Bakery,Mrs Lena Ortiz <lena@harrow.example>,Easter plait (web + radio),Hill FM,14/04/2025,07:20,30,100,10%,Kit,aired,,
S-110,Pell and Sons,Tom Pell 0555 3141,Sandals,North FM,15/04/2025,16:55,20,130,,Mara,aired,2025-05-01,good
S-111,Brook Clinic,-,Flu jabs,North FM,,,60,free,,Jon,booked,,charity rate
`,
    cases: [
      ['client names: one space between words, none at the ends, each word starting with a capital', null],
      ['kit, KIT and Kit are the same person, write Kit everywhere', 'Replace cells that are "kit" or "KIT" in ‹Booked by› with "Kit".'],
      ['make the status lower case throughout', 'In ‹Status›, write in lower case.'],
      ['aired on is day first, turn it into proper dates', 'Turn ‹Aired on› into dates, the day before the month.'],
      ['get the currency sign off the rate and make it a number, free means 0 and n/a stays empty', 'Turn ‹Rate› into numbers, reading "free" as "0" and "n/a" as blank.'],
      ['the dash under contact means we have none, so blank it', 'Remove cells that are "-" from ‹Contact›.'],
      ['Pell and Sons is the same client as Pell & Sons', 'Replace cells that are "Pell and Sons" in ‹Client› with "Pell & Sons".'],
      ['S-109 is in there twice, keep one of them', null],
      ['take the bit in brackets out of the campaign', 'Remove what is between "(" and ")" from ‹Campaign›.'],
      ['put the bit in brackets in the campaign into a new column Media', 'Add ‹Media› as the text between "(" and ")" in ‹Campaign›.'],
      ['the mail address out of contact, in a column Mail', 'Add ‹Mail› as the first e-mail address in ‹Contact›.'],
      ['pull the phone number out of the contact field, nothing if there is none', 'Add ‹Telephone number› as the first telephone number in ‹Contact›.'],
      ['split booked slot into hour and minute', null],
      ['what comes before the 0555 or the < in contact is the name, give me that as Person', null],
      ['new column Title with Mrs or Ms if the contact has one', 'Add ‹Title› as the first word "Mrs" or "Ms" in ‹Contact›.'],
      ['bring the comment next to the status', 'Move ‹Comment› to after ‹Status›.'],
      ['I don\'t need the slot and the comment', 'Drop ‹Slot› and ‹Comment›.'],
      ['rename Aired on to Date and Booked by to Agent', 'Rename ‹Aired on› to ‹Date› and ‹Booked by› to ‹Agent›.'],
      ['have client and campaign first and leave the other columns in their order', 'Move ‹Client› and ‹Campaign› to the front.'],
      ['only what was really aired', 'Keep rows where ‹Status› is "aired".'],
      ['chuck the cancelled and the moved ones', 'Set aside rows where ‹Status› is "cancelled" or "moved".'],
      ['just the spots on North FM in March', 'Keep rows where ‹Station› is "North FM" and (the month of ‹Aired on›) equals 3.'],
      ['spots before noon', 'Keep rows where (the minute of the day of ‹Slot›) is less than 720.'],
      ['anything in the evening, that is from 6 pm on', 'Keep rows where (the minute of the day of ‹Slot›) is at least 1080.'],
      ['all spots that run 30 seconds or more', 'Keep rows where ‹Seconds› is at least 30.'],
      ['which of them are not paid yet though they were aired?', 'Keep rows where ‹Paid on› is blank and ‹Status› is "aired".'],
      ['leave out everything without an air date', 'Set aside rows where ‹Aired on› is blank.'],
      ['spots with a complaint in the comment', 'Keep rows where ‹Comment› mentions the word "complaint" or "complaints".'],
      ['sort by station, and within the station by air date then slot', 'Sort by ‹Station›, ‹Aired on› and ‹Slot›.'],
      ['dearest spots first, those without a rate at the end', 'Sort by ‹Rate› from high to low.'],
      ['the three dearest spots per station', 'Keep 3 rows with the highest ‹Rate› for each ‹Station›.'],
      ['take 4 at random', 'Keep 4 rows at random with seed 1.'],
      ['rate per second, 2 decimals', 'Add ‹Rate per Seconds› as ‹Rate› divided by ‹Seconds› rounded to 2 decimals.'],
      ['net rate: rate less the discount, no discount counts as 0', 'Add ‹net rate› as ‹Rate› times (1 minus ((‹Discount›, or 0 where it is blank) divided by 100)).'],
      ['how many days from airing to payment, blank while unpaid', 'Add ‹Days from Aired on to Paid on› as the whole days from ‹Aired on› to ‹Paid on›.'],
      ['what weekday did it air', 'Add ‹Weekday of Aired on› as the weekday of ‹Aired on›.'],
      ['minutes of air time per client', null],
      ['cost per minute', null],
      ['the running total of seconds by date', 'Sort by ‹Aired on›. Add ‹Running total of Seconds› as the running total of ‹Seconds›.'],
      ['what share of its station\'s seconds is each spot?', 'Add ‹Seconds per total Seconds per Station› as ‹Seconds› divided by (the sum of ‹Seconds› over the rows for each ‹Station›).'],
      ['rank the spots by rate, dearest first', 'Add ‹Rank by Rate› as the rank, highest first, of ‹Rate›.'],
      ['new column Day part: morning before 11, midday until 15, afternoon until 18, evening after that, blank where the slot is missing', 'Add ‹Day part› as if ‹Slot› is blank then blank, if (the minute of the day of ‹Slot›) is less than 660 then "morning", if (the minute of the day of ‹Slot›) is less than 900 then "midday", if (the minute of the day of ‹Slot›) is less than 1080 then "afternoon", if (the minute of the day of ‹Slot›) is at least 1080 then "evening", otherwise blank.'],
      ['mark those over 100 as premium and the rest as standard', null],
      ['if the comment mentions late, moved or wrong then Problem should say yes, otherwise no', 'Add ‹Problem› as if ‹Comment› mentions the word "late", "moved" or "wrong" then "yes", otherwise "no".'],
      ['length: short up to 20 seconds, medium up to 30, long above', 'Add ‹length› as if ‹Seconds› is at most 20 then "short", if ‹Seconds› is at most 30 then "medium", if ‹Seconds› is more than 30 then "long", otherwise blank.'],
      ['a column Month like 2025-03', 'Add ‹Month of Aired on› as the month with its year of ‹Aired on›.'],
      ['discount as a number between 0 and 1', null],
      ['add 20% VAT to the rate in a column Gross', 'Add ‹Gross› as ‹Rate› times (1 plus (20 divided by 100)).'],
      ['how many spots did each station air?', 'Answer ‹Rows› as the number of rows; for each ‹Station›.'],
      ['total rate by client, highest first', 'Answer ‹Total Rate› as the sum of ‹Rate› over the rows; for each ‹Client›; sorted by ‹Total Rate› from high to low.'],
      ['average rate per station, only for aired spots', 'Answer ‹Average Rate› as the mean of ‹Rate› over the rows; for each ‹Station›; only where ‹Status› is "aired".'],
      ['who booked the most spots?', 'Answer ‹Rows› as the number of rows; for each ‹Booked by›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many different clients are there', 'Answer ‹Different Client› as the number of different values of ‹Client› over the rows.'],
      ['what did Harrow Bakery spend altogether?', 'Answer ‹Total Rate› as the sum of ‹Rate› over the rows; only where ‹Client› is "Harrow Bakery".'],
      ['which station has the highest average rate', 'Answer ‹Average Rate› as the mean of ‹Rate› over the rows; for each ‹Station›; sorted by ‹Average Rate› from high to low; the first 1.'],
      ['share of spots that were cancelled', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "cancelled" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many seconds did we air per weekday', 'Answer ‹Total Seconds› as the sum of ‹Seconds› over the rows; for each ‹Weekday of Aired on› as the weekday of ‹Aired on›; only where ‹Status› is "aired".'],
      ['seconds per station and month, months across', 'Answer ‹Total Seconds› as the sum of ‹Seconds› over the rows; for each ‹Station›; across ‹Month of Aired on› as the month of ‹Aired on›.'],
      ['what\'s the median rate', 'Answer ‹Median Rate› as the median of ‹Rate› over the rows.'],
      ['how many spots have no slot', 'Answer ‹Rows› as the number of rows; only where ‹Slot› is blank.'],
      ['when was the last spot of each client', 'Answer ‹Highest Aired on› as the highest of ‹Aired on› over the rows; for each ‹Client›.'],
      ['which client has not paid anything', 'List each ‹Client›; only where (the count of ‹Paid on› over the rows for each ‹Client›) equals 0.'],
      ['every spot needs a slot', 'Check that ‹Slot› is filled.'],
      ['spot no must be unique', 'Check that (the number of rows for each ‹Spot no›) equals 1.'],
      ['fill the blank slots with 12:00', 'Fill blanks in ‹Slot› with "12:00".'],
      ['replace radio by audio in the campaign', 'Replace "radio" in ‹Campaign› with "audio".'],
      ['write the discount as 0% where it\'s empty', 'Fill blanks in ‹Discount› with "0%".'],
      ['mask the contact', 'Mask ‹Contact› with tokens.'],
      ['guess the listener numbers', null],
      ['send the unpaid ones a reminder', null],
    ],
  },
  {
    table: 'wheels',
    csv: `Wheel,Dairy,Milk,Made on,Shelf,Start kg,Now kg,Humidity %,Turned,Taster,Score,Price per kg,Buyer,Sold on,Remarks
W1,High Meadow,cow,2024-11-02,C2/14,8.4,7.6,88,2025-02-01,P. Voss,17,24.50,Deli Corner,2025-03-01,nutty; slight crack
W2,High Meadow,cow,2024-11-02,C2/15,8.1,7.3,88,2025-02-01,P. Voss,15,24.50,,,
W3,Stone Farm,goat,2024-12-10,C1/03,1.2,0.95,91,2025-01-28,R. Amin,18,38.00,Mill Inn,2025-02-14,creamy
W4,Stone Farm,goat,2024-12-10,C1/04,1.25,1.31,91,2025-01-28,R. Amin,,38.00,,,weight odd?
W5,stone farm,Goat,2025-01-08,C1/05,1.1,1.02,,2025-02-03,,12,36.00,Mill Inn,2025-03-09,bitter; too dry
W6,Ridge Co-op,sheep,2024-10-21,C3/01,4.6,3.9,85,2025-02-02,L. Haas,19,31.20,Hotel Vista,2025-02-20,excellent
W7,Ridge Co-op,sheep,2024-10-21,C3/02,4.55,3.88,85,2025-02-02,L. Haas,19,31.20,Hotel Vista,2025-02-20,
W8,Ridge Co-op,cow+sheep,2024-12-01,C3/11,5.0,4.5,86,2025-02-05,P. Voss,9,29.00,,,mould on rind; held back
W9,High Meadow,cow,2025-01-15,C2/16,8.6,8.3,,2025-02-06,,,24.50,,,
W10,Stone Farm,goat,2024-09-30,C1/01,1.3,0.9,90,2025-01-30,R. Amin,16,40.00,Deli Corner,2025-01-31,dry but good
`,
    cases: [
      ['same spelling for the dairies please, capital at the start of each word', 'Standardise ‹Dairy›. In ‹Dairy›, write in title case.'],
      ['milk in lower case', 'In ‹Milk›, write in lower case.'],
      ['shelf is cellar, slash, place: two columns Cellar and Place please', 'Split ‹Shelf› at "/" into ‹Cellar› and ‹Place›.'],
      ['the number behind the slash as a number called Spot', null],
      ['remarks can have two parts with a semicolon between, make them Remark 1 and Remark 2', 'Split ‹Remarks› at ";" into ‹Remark 1› and ‹Remark 2›.'],
      ['first letter of the taster and the last name separate', null],
      ['what the wheels lost in weight, in kilos', null],
      ['weight loss in percent of the start weight, 1 decimal', null],
      ['where the wheel got heavier, leave the loss blank', null],
      ['age in days when sold', 'Add ‹Days from Made on to Sold on› as the whole days from ‹Made on› to ‹Sold on›.'],
      ['how old was each wheel on 1 March 2025, in weeks', 'Add ‹Weeks from Made on to 2025-03-01› as the whole weeks from ‹Made on› to the date "2025-03-01".'],
      ['value of each wheel: weight now times the price per kilo, two decimals', 'Add ‹value of each wheel› as ‹Now kg› times ‹Price per kg› rounded to 2 decimals.'],
      ['days since last turned, counted to the end of February 2025', null],
      ['score out of 20 as a percentage', 'Add ‹Score per 20 %› as (‹Score› divided by 20) times 100.'],
      ['is it above the average score of its dairy? yes or no', null],
      ['how far is each score from the mean of its milk', 'Add ‹Score minus average Score per Milk› as ‹Score› minus (the mean of ‹Score› over the rows for each ‹Milk›).'],
      ['grade: A from 18, B from 15, C from 10, D under that, nothing without a score', 'Add ‹grade› as if ‹Score› is blank then blank, if ‹Score› is at least 18 then "A", if ‹Score› is at least 15 then "B", if ‹Score› is at least 10 then "C", if ‹Score› is less than 10 then "D", otherwise blank.'],
      ['rank within the dairy by score', 'Add ‹Rank by Score› as the rank, highest first, of ‹Score› for each ‹Dairy›.'],
      ['label the wheels as sold or in stock', 'Add ‹Sold on label› as if ‹Sold on› is filled then "sold", otherwise "in stock".'],
      ['taste: good when the remarks say nutty, creamy or excellent, bad for bitter or mould, else neutral', 'Add ‹taste› as if ‹Remarks› mentions the word "nutty" or "creamy" or else ‹Remarks› is "excellent" then "good", if ‹Remarks› mentions the word "bitter" or "mould" then "bad", otherwise "neutral".'],
      ['flag everything with humidity under 86 or over 90', 'Add ‹Flag› as if ‹Humidity %› is less than 86 or else ‹Humidity %› is more than 90 then "yes", otherwise "no".'],
      ['season it was made in: winter for Dec to Feb, autumn for Sep to Nov', null],
      ['drop the goat wheels', 'Set aside rows where ‹Milk› is "goat".'],
      ['only wheels that are still unsold', 'Keep rows where ‹Sold on› is blank.'],
      ['wheels with mould', 'Keep rows where ‹Remarks› mentions the word "mould".'],
      ['remove all rows where the weight now is more than the start weight', 'Set aside rows where ‹Now kg› is more than ‹Start kg›.'],
      ['wheels made in the last quarter of 2024', 'Keep rows where ‹Made on› is at least the date "2024-10-01" and ‹Made on› is at most the date "2024-12-31".'],
      ['older than 100 days on 2025-03-01', null],
      ['lighter than a kilo now', 'Keep rows where ‹Now kg› is less than 1.'],
      ['keep dairies that aren\'t Ridge', 'Keep rows where not (‹Dairy› mentions the word "Ridge").'],
      ['those with a score between 15 and 18 inclusive', 'Keep rows where ‹Score› is at least 15 and ‹Score› is at most 18.'],
      ['no taster yet', 'Keep rows where ‹Taster› is blank.'],
      ['the best wheel of each dairy', 'Keep 1 row with the highest ‹Score› for each ‹Dairy›.'],
      ['the lightest three', null],
      ['the oldest wheel per milk', 'Keep 1 row with the lowest ‹Made on› for each ‹Milk›.'],
      ['sort by dairy A-Z, the best score on top', 'Sort by ‹Dairy› and ‹Score› from high to low.'],
      ['heaviest loss first', null],
      ['move the score to the front', 'Move ‹Score› to the front.'],
      ['remarks to the end please', 'Move ‹Remarks› to the end.'],
      ['call "Now kg" Weight', 'Rename ‹Now kg› to ‹Weight›.'],
      ['lose humidity and turned', 'Drop ‹Humidity %› and ‹Turned›.'],
      ['put price per kg before score', 'Move ‹Price per kg› to before ‹Score›.'],
      ['fill the missing humidity with the dairy\'s average', 'Fill blanks in ‹Humidity %› with the mean for each ‹Dairy›.'],
      ['humidity: take the value from the row above if it is missing', 'Fill blanks in ‹Humidity %› with the value above.'],
      ['missing scores become 0', 'Fill blanks in ‹Score› with "0".'],
      ['replace cow+sheep by mixed', 'Replace cells that are "cow+sheep" in ‹Milk› with "mixed".'],
      ['write unknown where there\'s no taster', 'Fill blanks in ‹Taster› with "unknown".'],
      ['no buyer means for sale, so write that', 'Fill blanks in ‹Buyer› with "for sale".'],
      ['convert made on to dd.mm.yyyy', 'Show ‹Made on› with dates like "03.05.2025".'],
      ['now kg in grams', 'Add ‹Now g› as ‹Now kg› times 1000.'],
      ['how many wheels per dairy and milk', 'Answer ‹Rows› as the number of rows; for each ‹Dairy›; and by ‹Milk›.'],
      ['what is our unsold stock worth?', null],
      ['average score by taster, best first, one decimal', 'Answer ‹Average Score› as the mean of ‹Score› over the rows rounded to 1 decimal; for each ‹Taster›; sorted by ‹Average Score› from high to low.'],
      ['who is the best buyer by money spent', null],
      ['total weight now of the goat wheels', 'Answer ‹Total Now kg› as the sum of ‹Now kg› over the rows; only where ‹Milk› is "goat".'],
      ['which dairy loses the most weight on average', null],
      ['number of wheels made per month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Made on› as the month of ‹Made on›.'],
      ['share of the wheels that is sold', 'Answer ‹Share %› as ((the sum of (if ‹Sold on› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many buyers do we have', 'Answer ‹Different Buyer› as the number of different values of ‹Buyer› over the rows.'],
      ['highest and lowest score by milk', 'Answer ‹Highest Score› as the highest of ‹Score› over the rows; and ‹Lowest Score› as the lowest of ‹Score› over the rows; for each ‹Milk›.'],
      ['how many kilos did Mill Inn buy?', null],
      ['mean, median and spread of the score', 'Answer ‹Average Score› as the mean of ‹Score› over the rows; ‹Median Score› as the median of ‹Score› over the rows; and ‹Spread of Score› as the spread of ‹Score› over the rows.'],
      ['do drier cellars lose more weight?', null],
      ['as a bar chart: kilos in stock by cellar', null],
      ['each wheel must have a shelf', 'Check that ‹Shelf› is filled.'],
      ['score has to be between 0 and 20', 'Check that ‹Score› is at least 0 and ‹Score› is at most 20.'],
      ['wheel numbers must be unique', 'Check that (the number of rows for each ‹Wheel›) equals 1.'],
      ['a random wheel from each dairy', 'Keep 1 row at random with seed 1 for each ‹Dairy›.'],
      ['what will the stock be worth next year?', null],
      ['taste the wheels again', null],
    ],
  },
  {
    table: 'permits',
    csv: `Permit,Stall holder,Market,Day,Goods,Pitch,Metres,Fee,Paid,Applied,Granted,Expires,Contact,Power,Remarks
P-301,Ann Corlett,Harbour,Sat,cheese & eggs,A12,3,45.00,45.00,02.01.2026,09.01.2026,31.12.2026,0555 220 11,yes,needs shade
P-302,corlett ann,Harbour,Sat,eggs,A13,2.5,37.5,0,02.01.2026,09.01.2026,31.12.2026,0555-220-11,no,
P-303,Bo Tanner,Old Square,Wed,leather (belts),C1,4,60,60,05.01.2026,,,bo@tanner.example,N,waiting for insurance
P-304,Mira Sund,Old Square,wed,bread,C2,6,90.00 EUR,45,07.01.2026,15.01.2026,30.06.2026,mira@sund.example,Y,half year only
P-305,Mira Sund,Harbour,Sat,bread,A2,6,90,90,07.01.2026,20.01.2026,31.12.2026,mira@sund.example,yes,
P-306,Leo Pram,Harbour,Sun,plants; seeds,B7,5,75,75,11.01.2026,18.01.2026,31.12.2026,,no,own van
P-307,Tess Quill,Station,Wed,second-hand books,,2,waived,,12.01.2026,13.01.2026,31.03.2026,0555 901 77,no,charity
P-308,Bo Tanner,Harbour,Sat,leather (bags),A14,4,60,30,15.01.2026,22.01.2026,31.12.2026,bo@tanner.example,,pays in two parts
P-309,Dell Farm,Station,Wed,vegetables; eggs; honey,S1,8,120,120,20.01.2026,02.02.2026,31.12.2026,dell@farm.example,yes,
P-310,Dell Farm,Old Square,Wed,vegetables,C9,8,120,,21.01.2026,,,dell@farm.example,yes,refused last year
`,
    cases: [
      ['write the stall holder names the same way: first name first, capitals', null],
      ['corlett ann and Ann Corlett are one person', null],
      ['day should be spelled out, Sat is Saturday and so on', null],
      ['power: yes, Y become yes; no, N become no; the blank stays blank', 'Turn ‹Power› into yes or no.'],
      ['take EUR out of the fee and make it a number, waived is 0', 'Remove "EUR" from ‹Fee›. Turn ‹Fee› into numbers, reading "waived" as "0".'],
      ['applied, granted and expires are day first dates', 'Turn ‹Applied›, ‹Granted› and ‹Expires› into dates, the day before the month.'],
      ['goods can be several with semicolons: one row for each', 'Make a row for each piece of ‹Goods› cut at ";".'],
      ['what is in brackets in goods into a column Kind, and out of goods', 'Add ‹Kind› as the text between "(" and ")" in ‹Goods›. Remove what is between "(" and ")" from ‹Goods›.'],
      ['pitch is a letter for the row and a number: make Row and Number from it', 'Split ‹Pitch› at the change from letters to digits into ‹Row› and ‹Number›.'],
      ['phone numbers all in the same format', null],
      ['is the contact a mail address or a phone? new column Channel with mail or phone, nothing if empty', null],
      ['only the market in Harbour', 'Keep rows where ‹Market› is "Harbour".'],
      ['permits that were never granted', 'Keep rows where ‹Granted› is blank.'],
      ['permits which expire before the end of the year', null],
      ['who still owes us something', 'Keep rows where ‹Paid› is less than ‹Fee› or else ‹Paid› is blank.'],
      ['stalls wider than 5 metres', 'Keep rows where ‹Metres› is more than 5.'],
      ['saturday permits with power', 'Keep rows where ‹Day› is "Sat" and ‹Power› is "yes" or "Y".'],
      ['everything with eggs among the goods', 'Keep rows where ‹Goods› mentions the word "eggs".'],
      ['drop the ones that were refused before, the remarks say so', null],
      ['keep one permit per stall holder, the latest applied', null],
      ['those longer than two weeks in the queue (applied to granted)', null],
      ['order by market and pitch', 'Sort by ‹Market› and ‹Pitch›.'],
      ['most expensive first', 'Sort by ‹Fee› from high to low.'],
      ['the cheapest permit of each market', 'Keep 1 row with the lowest ‹Fee› for each ‹Market›.'],
      ['the last column should be the remarks... put power before the contact', 'Move ‹Remarks› to the end. Move ‹Power› to before ‹Contact›.'],
      ['leave only permit, stall holder, market and fee', 'Keep only the columns ‹Permit›, ‹Stall holder›, ‹Market› and ‹Fee›.'],
      ['call Metres Width', 'Rename ‹Metres› to ‹Width›.'],
      ['fee per metre with two decimals', 'Add ‹Fee per Metres› as ‹Fee› divided by ‹Metres› rounded to 2 decimals.'],
      ['what is still to pay: fee minus paid, blank paid counts as nothing', 'Add ‹Fee minus Paid› as ‹Fee› minus (‹Paid›, or 0 where it is blank).'],
      ['days from application to grant', 'Add ‹Days from Applied to Granted› as the whole days from ‹Applied› to ‹Granted›.'],
      ['how many days is each permit valid', null],
      ['valid on 1 July 2026? yes or no', null],
      ['share of each market in the total fee', 'Answer ‹Share of Fee %› as ((the sum of ‹Fee› over the rows) divided by (the sum of ‹Fee› over all rows together)) times 100; for each ‹Market›.'],
      ['total of the fees per stall holder next to each permit', 'Add ‹Total Fee per Stall holder› as the sum of ‹Fee› over the rows for each ‹Stall holder›.'],
      ['rank by width within the market', null],
      ['new column Size with small up to 3 metres, medium up to 5 and large for more', 'Add ‹Size› as if ‹Metres› is at most 3 then "small", if ‹Metres› is at most 5 then "medium", if ‹Metres› is more than 5 then "large", otherwise blank.'],
      ['payment: full if everything is paid, part if some, none if nothing', null],
      ['quarter in which the permit was granted', 'Add ‹Quarter of Granted› as the quarter of ‹Granted›.'],
      ['the month it was applied for, as a word', 'Add ‹Month of Applied› as the month name of ‹Applied›.'],
      ['a code made of the first letter of the market and the pitch, like H-A12', null],
      ['number of goods in each permit', 'Add ‹Number of Goods› as the number of pieces of ‹Goods› cut at ";".'],
      ['fee with 19 percent tax rounded to 10 cents', 'Add ‹Fee times 1 plus 19 per 100› as ((‹Fee› times (1 plus (19 divided by 100))) divided by 0.1 rounded to 0 decimals) times 0.1.'],
      ['how many permits per market and day', 'Answer ‹Rows› as the number of rows; for each ‹Market›; and by ‹Day›.'],
      ['what did we take in per market', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Market›.'],
      ['which stall holder has more than one permit', 'Answer ‹Rows› as the number of rows; for each ‹Stall holder›; only where (the number of rows for each ‹Stall holder›) is more than 1.'],
      ['average width by market, rounded to 1 decimal', null],
      ['how much is unpaid altogether', null],
      ['longest wait for a grant', null],
      ['number of permits granted by month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Granted› as the month of ‹Granted›.'],
      ['what percentage of permits has power', 'Answer ‹Share %› as ((the sum of (if ‹Power› is "yes" or "Y" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many metres are let at the harbour on Saturdays', null],
      ['first and last application', 'Answer ‹Lowest Applied› as the lowest of ‹Applied› over the rows; and ‹Highest Applied› as the highest of ‹Applied› over the rows.'],
      ['the three widest stalls', 'Keep 3 rows with the highest ‹Metres›.'],
      ['do all permits have a pitch', null],
      ['the fee should be 15 per metre, check that', 'Check that ‹Fee› equals 15 times ‹Metres›.'],
      ['expires must be later than granted', 'Check that ‹Expires› is more than ‹Granted›.'],
      ['no pitch may be given twice on the same market', 'Check that (the number of rows for each ‹Pitch› and ‹Market›) equals 1.'],
      ['fill in the missing pitch with "not set"', 'Fill blanks in ‹Pitch› with "not set".'],
      ['if granted is missing write pending in a new column Status, otherwise granted', 'Add ‹Status› as if ‹Granted› is blank then "pending", otherwise "granted".'],
      ['when paid is missing put 0', 'Fill blanks in ‹Paid› with "0".'],
      ['trim everything', 'In ‹Permit›, ‹Stall holder›, ‹Market›, ‹Day›, ‹Goods›, ‹Pitch›, ‹Fee›, ‹Contact›, ‹Power› and ‹Remarks›, trim outer spaces and reduce runs of spaces to one.'],
      ['remove the contact column', 'Drop ‹Contact›.'],
      ['show the fee with two decimals and a euro sign', null],
      ['mark unpaid amounts in the held colour where paid is less than fee', null],
      ['undo', null],
      ['make a seating plan', null],
    ],
  },
  {
    table: 'sightings',
    csv: `ID,Observer,Species,Latin,Count,Place,Seen at,Weather,Distance m,Minutes watched,Certain,Photo,Ring,Notes
O1,J. Moss,Blue Tit,Parus caeruleus,4,Elm Wood / north,2026-03-01 07:40,sunny,12,15,yes,img_001.jpg,,feeding
O2,J. Moss,blue tit,Parus caeruleus,2,Elm Wood / pond,2026-03-01 08:10,sunny,30,10,yes,,,
O3,Kari Lind,Grey Heron,Ardea cinerea,1,Low Marsh,2026-03-02 17:25,rain,120,25,yes,img_014.jpg,DK-2231,standing still
O4,Kari Lind,Kestrel,Falco tinnunculus,,Low Marsh,2026-03-02 17:50,rain,200,5,no,,,far away; maybe a merlin
O5,kari lind,Kestrel,Falco tinnunculus,1,Crag,2026-03-08 12:05,cloudy,80,12,yes,img_020.jpg,,hunting
O6,Ole Rand,Swallow,Hirundo rustica,17,Low Marsh,2026-04-11 19:30,clear,about 40,20,yes,,,first of the year
O7,Ole Rand,Swallow,Hirundo rustica,40,Elm Wood / north,2026-04-19 18:15,clear,60,35,yes,img_044.jpg,,"roosting, many young"
O8,J. Moss,Grey Heron,Ardea cinerea,2,Elm Wood / pond,2026-04-20 06:55,fog,45,40,no,,DK-2231,ring hard to read
O9,Sten Aho,Tawny Owl,Strix aluco,1,Crag,2026-04-21 23:10,clear,,8,yes,,,heard only
O10,J.Moss,Blue Tit,Parus caeruleus,6,Elm Wood / north,2026-05-02 07:05,cloudy,15,18,yes,img_051.jpg,,feeding young
`,
    cases: [
      ['species: same capitals everywhere please', null],
      ['J.Moss should be J. Moss', 'Replace cells that are "J.Moss" in ‹Observer› with "J. Moss".'],
      ['split place at the slash: Area and Spot, spot is empty when there is no slash', 'Split ‹Place› at "/" into ‹Area› and ‹Spot›.'],
      ['genus is the first word of the Latin name, add it', 'Add ‹genus› as piece 1 of ‹Latin› cut at " ".'],
      ['date and time of seen at in two columns', null],
      ['distance as a number, "about" can go', 'Turn ‹Distance m› into numbers. Remove "about" from ‹Distance m›.'],
      ['the number in the photo\'s file name', null],
      ['country code from the ring, that is what stands before the dash', 'Add ‹country code› as the text before the first "-" in ‹Ring›.'],
      ['what comes after the semicolon in notes as Doubt', 'Add ‹Doubt› as the text after the first ";" in ‹Notes›.'],
      ['observer surnames only in a new column', 'Add ‹Last name› as the last name of the person in ‹Observer›.'],
      ['no count means one bird', 'Fill blanks in ‹Count› with "1".'],
      ['throw out uncertain ones', 'Set aside rows where ‹Certain› is "no".'],
      ['only sightings before 8 in the morning', 'Keep rows where (the minute of the day of ‹Seen at›) is less than 480.'],
      ['evening ones, from 17:00 to 20:00', 'Keep rows where (the minute of the day of ‹Seen at›) is at least 1020 and (the minute of the day of ‹Seen at›) is at most 1200.'],
      ['sightings in April 2026', 'Keep rows where ‹Seen at› is at least the date "2026-04-01" and ‹Seen at› is at most the date "2026-04-30".'],
      ['herons and owls only', 'Keep rows where ‹Species› mentions the word "heron" or "owl".'],
      ['with photo but without ring', 'Keep rows where ‹Photo› is filled and ‹Ring› is blank.'],
      ['notes mentioning young', 'Keep rows where ‹Notes› mentions the word "young".'],
      ['closer than 50 m', 'Keep rows where ‹Distance m› is less than 50.'],
      ['at least ten birds', null],
      ['first sighting of each species', 'Keep 1 row with the lowest ‹Seen at› for each ‹Species›.'],
      ['the five nearest', 'Keep 5 rows with the lowest ‹Distance m›.'],
      ['sort by date, newest on top', 'Sort by ‹Seen at› from high to low.'],
      ['sort by species and within that the largest count first', 'Sort by ‹Species› and ‹Count› from high to low.'],
      ['birds per minute, 3 decimals', null],
      ['how many days since the previous sighting of the same species', 'Add ‹Days from row above Seen at to Seen at› as the whole days from (the row above of ‹Seen at› for each ‹Species›) to ‹Seen at›.'],
      ['running number for each observer\'s sightings', null],
      ['cumulative count per species by date', 'Sort by ‹Seen at›. Add ‹Running total of Count› as the running total of ‹Count› for each ‹Species›.'],
      ['what share of all birds was it', null],
      ['distance in feet', 'Add ‹Distance ft› as ‹Distance m› times 3.28083989501.'],
      ['distance group: near below 25, middle 25 to 100, far beyond, unknown if there is none', 'Add ‹Distance m group› as if ‹Distance m› is less than 25 then "near", if ‹Distance m› is at least 25 and ‹Distance m› is at most 100 then "middle", if ‹Distance m› is more than 100 then "far", if ‹Distance m› is blank then "unknown", otherwise blank.'],
      ['time of day: dawn before 7, morning before 12, afternoon before 18, evening later', 'Add ‹Time of day› as if (the minute of the day of ‹Seen at›) is less than 420 then "dawn", if (the minute of the day of ‹Seen at›) is less than 720 then "morning", if (the minute of the day of ‹Seen at›) is less than 1080 then "afternoon", if (the minute of the day of ‹Seen at›) is at least 1080 then "evening", otherwise blank.'],
      ['Rare: yes if the species was seen only once', null],
      ['z score of the count', 'Add ‹Count minus average Count per spread of Count› as (‹Count› minus (the mean of ‹Count› over the rows)) divided by (the spread of ‹Count› over the rows).'],
      ['is the count above the average for that species', 'Add ‹Count label› as if ‹Count› is more than (the mean of ‹Count› over the rows for each ‹Species›) then "yes", otherwise "no".'],
      ['weather: good for sunny and clear, bad for rain and fog, fair otherwise', null],
      ['how many species were seen at each place', 'Answer ‹Different Species› as the number of different values of ‹Species› over the rows; for each ‹Place›.'],
      ['total birds by species', null],
      ['who watched the longest in total', null],
      ['mean distance by weather', 'Answer ‹Average Distance m› as the mean of ‹Distance m› over the rows; for each ‹Weather›.'],
      ['which species was seen most often', 'Answer ‹Rows› as the number of rows; for each ‹Species›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many birds per hour of watching for each observer', null],
      ['how many sightings have no photo', 'Answer ‹Rows› as the number of rows; only where ‹Photo› is blank.'],
      ['busiest month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Seen at› as the month of ‹Seen at›; sorted by ‹Rows› from high to low; the first 1.'],
      ['median count for each species', 'Answer ‹Median Count› as the median of ‹Count› over the rows; for each ‹Species›.'],
      ['number of sightings per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Seen at› as the weekday of ‹Seen at›.'],
      ['count by species and month with the months across', null],
      ['when did Ole Rand see the most birds?', null],
      ['which ring was seen more than once', 'Answer ‹Rows› as the number of rows; for each ‹Ring›; only where (the number of rows for each ‹Ring›) is more than 1.'],
      ['what is the longest anybody watched', null],
      ['every sighting needs an observer', 'Check that ‹Observer› is filled.'],
      ['count has to be a whole number above zero', null],
      ['latin must be the same for the same species', null],
      ['fill weather gaps with unknown', 'Fill blanks in ‹Weather› with "unknown".'],
      ['put notes in the front', 'Move ‹Notes› to the front.'],
      ['remove photo and ring', 'Drop ‹Photo› and ‹Ring›.'],
      ['rename Seen at to When', 'Rename ‹Seen at› to ‹When›.'],
      ['two random sightings of each observer', 'Keep 2 rows at random with seed 1 for each ‹Observer›.'],
      ['10 percent of the rows at random', 'Keep 10 percent of the rows at random with seed 1.'],
      ['half of the sightings, please, picked at random', 'Keep 50 percent of the rows at random with seed 1.'],
      ['capital letter at the beginning of each note', null],
      ['show the distance without decimals', null],
      ['show seen at as day, month and year', 'Show ‹Seen at› with dates like "3 May 2025".'],
      ['mark counts over 10 green', 'Mark ‹Count› in the kept accent where ‹Count› is more than 10.'],
      ['predict next month\'s swallows', null],
      ['which bird is the prettiest', null],
      ['make the counts twice as large for the report', 'Set ‹Count› to ‹Count› times 2.'],
      ['how many of the sightings were certain, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Certain› is "yes" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
    ],
  },
  {
    table: 'claims',
    csv: `Claim,Policy holder,Type,Reported,Damage on,Amount claimed,Amount paid,Excess,Handler,State,Postcode,Mobile,Photos,Comment
C-9001,"Holt, Anna",water,2026-01-05,2026-01-03,1200.00,950.00,250,Ines,closed,AB1 2CD,0555 10 10 10,3,pipe burst; kitchen
C-9002,"Reyes, Marco",theft,2026-01-08,2025-12-30,480,,100,Paul,open,AB1 4EF,+44 555 201010,,bike; police no. 4471
C-9003,"holt, anna",glass,2026-01-20,2026-01-20,210.5,110.5,100,Ines,closed,AB1 2CD,0555 101010,1,
C-9004,"Vane, Iris",storm,2026-02-02,2026-01-30,5300,0,500,Omar,rejected,CD3 9ZZ,,12,not covered; gutter
C-9005,"Lam, Joy",water,2026-02-03,2026-02-01,890,640,250,Paul,Closed,EF5 1AA,0555-77-88,4,
C-9006,"Reyes, Marco",glass,2026-02-10,,150,50,100,paul,closed,AB1 4EF,+44 555 201010,2,no date given
C-9007,"Stone, Rex",fire,2026-02-14,2026-02-13,22000,,1000,Omar,open,GH7 3BB,0555 99 00 11,25,"kitchen fire, total loss"
C-9008,"Lam, Joy",theft,2026-03-01,2026-02-27,tbc,,100,Ines,open,EF5 1AA,0555-77-88,0,amount to follow
C-9009,"Dray, Tom",storm,2026-03-04,2026-03-02,760,760,0,Omar,closed,CD3 1XY,,2,paid in full
C-9010,"Dray, Tom",water,2026-03-20,2026-03-18,340,,250,,new,CD3 1XY,,,
`,
    cases: [
      ['policy holder is surname comma first name - turn it round', null],
      ['Paul should always have a capital P', null],
      ['state in small letters', 'In ‹State›, write in lower case.'],
      ['read the claimed amount as a number, tbc stays blank', 'Turn ‹Amount claimed› into numbers, reading "tbc" as blank.'],
      ['the police number from the comment', 'Add ‹Number› as the first number in (the text after the first "police" in ‹Comment›).'],
      ['first part of the postcode (before the blank) as Area', 'Add ‹Area› as the text before the first " " in ‹Postcode›.'],
      ['what stands after the semicolon goes to Detail', null],
      ['claims still open', 'Keep rows where ‹State› is "open".'],
      ['everything except theft', 'Keep rows where ‹Type› is not "theft".'],
      ['claims with more than ten photos', 'Keep rows where ‹Photos› is more than 10.'],
      ['those where less than half of the claimed amount was paid', 'Keep rows where ‹Amount paid› is less than ‹Amount claimed› divided by 2.'],
      ['reported more than 3 days after the damage', 'Keep rows where (the whole days from ‹Damage on› to ‹Reported›) is more than 3.'],
      ['nothing paid yet', 'Keep rows where ‹Amount paid› is blank.'],
      ['claims from February', null],
      ['water and storm, please', 'Keep rows where ‹Type› is "water" or "storm".'],
      ['kick out the rejected one', 'Set aside rows where ‹State› is "rejected".'],
      ['only what Ines or Omar handle', 'Keep rows where ‹Handler› is "Ines" or "Omar".'],
      ['the biggest claim of each type', null],
      ['three smallest claims', null],
      ['oldest open claim', null],
      ['order: open first, then new, closed, rejected', null],
      ['by amount claimed, large to small, blanks at the bottom', 'Sort by ‹Amount claimed› from high to low.'],
      ['days between damage and report', 'Add ‹Days from Damage on to Reported› as the whole days from ‹Damage on› to ‹Reported›.'],
      ['paid share of the claim in percent, whole numbers', 'Add ‹Amount paid per Amount claimed› as (‹Amount paid› divided by ‹Amount claimed›) times 100 rounded to 0 decimals.'],
      ['claimed minus excess, but not less than zero', 'Add ‹Amount claimed minus Excess› as if ‹Amount claimed› minus ‹Excess› is less than 0 then 0, otherwise ‹Amount claimed› minus ‹Excess›.'],
      ['loss ratio: paid over claimed', 'Add ‹loss ratio› as ‹Amount paid› divided by ‹Amount claimed›.'],
      ['difference between what was claimed and what was paid, blank if not paid', null],
      ['the claim number without the letter and dash', 'Remove all everything but digits from ‹Claim›.'],
      ['year and month of the report like 2026-02', 'Add ‹Month of Reported› as the month with its year of ‹Reported›.'],
      ['rank claims by amount', null],
      ['each claim\'s share of the total claimed', 'Add ‹Amount claimed per total Amount claimed› as ‹Amount claimed› divided by (the sum of ‹Amount claimed› over the rows).'],
      ['running total of the paid amounts in order of report', 'Sort by ‹Reported›. Add ‹Running total of Amount paid› as the running total of ‹Amount paid›.'],
      ['size: small below 500, medium to 2000, large above, unknown without an amount', null],
      ['late yes/no: reported more than two days after the damage', 'Add ‹late› as if (the whole days from ‹Damage on› to ‹Reported›) is more than 2 then "yes", otherwise "no".'],
      ['Has photos? yes if there is at least one, no otherwise', null],
      ['severity high for fire and storm, else normal', 'Add ‹severity› as if ‹Type› is "fire" or "storm" then "high", otherwise "normal".'],
      ['how many claims does each handler have', 'Answer ‹Rows› as the number of rows; for each ‹Handler›.'],
      ['how much was paid in total, and how much claimed', 'Answer ‹Total Amount paid› as the sum of ‹Amount paid› over the rows; and ‹Total Amount claimed› as the sum of ‹Amount claimed› over the rows.'],
      ['average claim by type, highest first', 'Answer ‹Average Amount claimed› as the mean of ‹Amount claimed› over the rows; for each ‹Type›; sorted by ‹Average Amount claimed› from high to low.'],
      ['which handler pays the most', 'Answer ‹Total Amount paid› as the sum of ‹Amount paid› over the rows; for each ‹Handler›; sorted by ‹Total Amount paid› from high to low; the first 1.'],
      ['who has the most claims', 'Answer ‹Rows› as the number of rows; for each ‹Policy holder›; sorted by ‹Rows› from high to low; the first 1.'],
      ['number of open claims per type', 'Answer ‹Rows› as the number of rows; for each ‹Type›; only where ‹State› is "open".'],
      ['what share of claims was rejected', 'Answer ‹Share %› as ((the sum of (if ‹State› is "rejected" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how long does it take on average from damage to report', 'Answer ‹Average days from Damage on to Reported› as the mean of (the whole days from ‹Damage on› to ‹Reported›) over the rows.'],
      ['how many claims were reported each month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Reported› as the month of ‹Reported›.'],
      ['claims by handler and state, states across', 'Answer ‹Rows› as the number of rows; for each ‹Handler›; across ‹State›.'],
      ['biggest amount ever claimed', null],
      ['how many claims have neither photos nor a damage date', 'Answer ‹Rows› as the number of rows; only where ‹Photos› is blank and ‹Damage on› is blank.'],
      ['mean and median of the amount claimed', 'Answer ‹Average Amount claimed› as the mean of ‹Amount claimed› over the rows; and ‹Median Amount claimed› as the median of ‹Amount claimed› over the rows.'],
      ['did anybody claim more than once', null],
      ['fill the missing handler with nobody', 'Fill blanks in ‹Handler› with "nobody".'],
      ['blank photos are zero', 'Fill blanks in ‹Photos› with "0".'],
      ['amount paid must not exceed amount claimed', 'Check that ‹Amount paid› is at most ‹Amount claimed›.'],
      ['each claim needs a handler', 'Check that ‹Handler› is filled.'],
      ['damage can\'t be after the report', 'Check that ‹Damage on› is at most ‹Reported›.'],
      ['drop mobile and postcode', 'Drop ‹Mobile› and ‹Postcode›.'],
      ['put state next to the claim', 'Move ‹State› to after ‹Claim›.'],
      ['rename Amount claimed into Claimed', 'Rename ‹Amount claimed› to ‹Claimed›.'],
      ['show amounts with thousands apart', null],
      ['mark claims over 5000 in the held colour', null],
      ['round the claimed amounts to full hundreds', 'Set ‹Amount claimed› to (‹Amount claimed› divided by 100 rounded to 0 decimals) times 100.'],
      ['five random claims', 'Keep 5 rows at random with seed 1.'],
      ['one claim per policy holder, chosen at random', 'Keep 1 row at random with seed 1 for each ‹Policy holder›.'],
      ['merge first name and surname', null],
      ['how risky is Rex Stone', null],
      ['pay the open claims', null],
    ],
  },
  {
    table: 'temps',
    csv: `Reading,Fridge,Room,Taken at,Temp,Limit low,Limit high,Checked by,Door,Alarm,Battery %,Action
1,F-01,Dispensary,2026-04-01 08:00,4.2,2,8,N. Ode,closed,no,98,
2,F-01,Dispensary,2026-04-01 16:00,8.9,2,8,N. Ode,open,yes,97,door shut; rechecked 5.1
3,F-02,Store,2026-04-01 08:10,3.0,2,8,K. Bell,closed,no,55,
4,F-02,store,2026-04-01 16:05,2.4,2,8,k. bell,closed,no,54,
5,F-03,Lab,2026-04-01 08:30,-19.5,-25,-15,R. Finch,closed,no,,
6,F-03,Lab,2026-04-01 16:20,-14.0,-25,-15,R. Finch,open,YES,,called service
7,F-01,Dispensary,2026-04-02 08:05,4.0,2,8,K. Bell,closed,no,96,
8,F-02,Store,2026-04-02 08:15,1.1,2,8,K. Bell,closed,yes,12,battery low; sensor moved
9,F-03,Lab,2026-04-02 08:40,n/a,-25,-15,R. Finch,closed,no,,reader broken
10,F-01,Dispensary,2026-04-02 16:00,4.4,2,8,,closed,no,95,
`,
    cases: [
      ['which readings are outside their limits?', null],
      ['new column Status: too cold under the low limit, too warm over the high limit, fine otherwise, blank when there is no temperature', null],
      ['how far is each reading above the high limit, 0 if it isn\'t', null],
      ['temperature in Fahrenheit, one decimal', null],
      ['change against the previous reading of the same fridge', null],
      ['highest and lowest temperature of each fridge', 'Answer ‹Highest Temp› as the highest of ‹Temp› over the rows; and ‹Lowest Temp› as the lowest of ‹Temp› over the rows; for each ‹Fridge›.'],
      ['average temperature per room and day', 'Answer ‹Average Temp› as the mean of ‹Temp› over the rows; for each ‹Room›; and by ‹Date of Taken at› as the date of ‹Taken at›.'],
      ['morning or afternoon from the time taken', null],
      ['hours between readings of the same fridge', null],
      ['who checked most often', 'Answer ‹Rows› as the number of rows; for each ‹Checked by›; sorted by ‹Rows› from high to low; the first 1.'],
      ['number of alarms per fridge', 'Answer ‹Rows› as the number of rows; for each ‹Fridge›; only where ‹Alarm› is "yes" or "YES".'],
      ['the last reading of each fridge', 'Keep 1 row with the highest ‹Taken at› for each ‹Fridge›.'],
      ['readings with the door open', 'Keep rows where ‹Door› is "open".'],
      ['alarms only', null],
      ['readings taken after noon', 'Keep rows where (the minute of the day of ‹Taken at›) is more than 720.'],
      ['battery below 20', 'Keep rows where ‹Battery %› is less than 20.'],
      ['remove readings without a temperature', 'Set aside rows where ‹Temp› is blank.'],
      ['make store Store', 'Replace cells that are "store" in ‹Room› with "Store".'],
      ['alarm all lower case', 'In ‹Alarm›, write in lower case.'],
      ['names of the checkers with capitals', 'In ‹Checked by›, write in capitals.'],
      ['split taken at into date and time', 'Add ‹Taken at date› as the date of ‹Taken at›. Add ‹Taken at time› as the time of day of ‹Taken at›.'],
      ['the number in the fridge name', 'Add ‹Number› as the first number in ‹Fridge›.'],
      ['action before and after the semicolon as two columns', 'Split ‹Action› at the first ";" into ‹Action 1› and ‹Action 2›.'],
      ['actions mentioning battery', 'Keep rows where ‹Action› mentions the word "battery".'],
      ['temp: n/a is empty, the rest numbers', null],
      ['is the alarm justified? yes if out of limits', null],
      ['midpoint between the limits', null],
      ['rolling average of the last 3 readings per fridge', null],
      ['coldest reading', 'Keep 1 row with the lowest ‹Temp›.'],
      ['rows where nobody checked', 'Keep rows where ‹Checked by› is blank.'],
      ['every reading must lie between the limits, warn me', null],
      ['readings per fridge and day must be two', null],
      ['what percent of readings had an alarm', 'Answer ‹Share %› as ((the sum of (if ‹Alarm› is "yes" or "YES" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many degrees is the spread between fridges', null],
      ['sort by fridge and time', null],
      ['put temp last but one', 'Move ‹Temp› to before ‹Action›.'],
      ['colour temperatures above 8 red', 'Mark ‹Temp› in the held accent where ‹Temp› is more than 8.'],
      ['show temp with one decimal', 'Show ‹Temp› with 1 decimal.'],
      ['battery to the nearest ten', 'Set ‹Battery %› to (‹Battery %› divided by 10 rounded to 0 decimals) times 10.'],
      ['group readings by room', null],
      ['fill battery from the reading before, per fridge', null],
      ['F-03 battery is mains, write that', null],
      ['set alarm to yes where the temperature is above the limit', null],
      ['turn off the alarm', null],
    ],
  },
  {
    table: 'jobs',
    csv: `Job No,Customer,Paper,Size,Pages,Copies,Ordered,Due,Finished,Price,Paid,Status,Operator,Remarks
PR-1001,  Marlow & Finch,Gloss 120g,A4,12,250,2025-02-03,2025-02-10,2025-02-09,€412.50,412.5,delivered,Edda Voss,urgent; folded by hand
PR-1002,birch lane school,Matt 90g,A5,4,1000,04/02/2025,2025-02-14,2025-02-17,€1 080.00,1080,delivered,Tom Ibsen,none
PR-1003,Harbour Cafe,Recycled 80g,A4,1,500,5 Feb 2025,2025-02-12,,€96,0,open,Edda Voss,call 0301 555 0142 before printing
PR-1004,Marlow & Finch,Gloss 120g,A3,2,80,2025-02-06,2025-02-20,2025-02-20,€210.00,100,delivered,Rana Okafor,"second proof, see mail to ann@marlow.example"
PR-1005,Teal Choir,Matt 90g,A5,36,120,2025-02-10,2025-02-24,2025-02-21,n/a,0,cancelled,Tom Ibsen,
PR-1006,Harbor Cafe,Recycled 80g,A4,1,500,11/02/2025,2025-02-18,2025-02-19,€96,96,delivered,,same as last time
PR-1007,Birch Lane School,Gloss 150g,A4,24,300,2025-02-12,2025-03-01,,€655.20,0,printing,Rana Okafor,reprint of PR-1002
PR-1008,Old Mill Museum,Matt 90g,A6,2,2000,14 Feb 2025,2025-02-28,2025-02-27,€ 340.00,340,delivered,Edda Voss,TBC
PR-1009,Teal Choir,Gloss 120g,A4,8,150,2025-03-03,2025-03-10,2025-03-14,€188.00,188,delivered,Tom Ibsen,urgent
PR-1010,old mill museum,Recycled 80g,A3,1,60,2025-03-04,2025-03-11,,€75.5,0,open,,
PR-1010,old mill museum,Recycled 80g,A3,1,60,2025-03-04,2025-03-11,,€75.5,0,open,,
PR-1011,Harbour Cafe,Matt 90g,A5,16,200,06/03/2025,2025-03-20,2025-03-18,€240,120,delivered,Rana Okafor,folded by hand
`,
    cases: [
      ['customer names: no stray spaces, every word with a capital', 'In ‹Customer›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['Price should be a bare number, the euro sign goes and n/a is left empty', 'Turn ‹Price› into numbers, reading "n/a" as blank.'],
      ['bring all the ordered dates into the form 2025-02-04, day first where there are slashes', 'Turn ‹Ordered› into dates, the day before the month.'],
      ['where the operator is missing write unassigned', 'Fill blanks in ‹Operator› with "unassigned".'],
      ['Harbor Cafe is a typo, it\'s Harbour Cafe', 'Replace cells that are "Harbor Cafe" in ‹Customer› with "Harbour Cafe".'],
      ['split paper into the finish and the weight (in grams, as a number)', 'Split ‹Paper› at " " into ‹finish› and ‹weight›. Turn ‹weight› into numbers in "g".'],
      ['i need the width class: first letter of size dropped, just the digit', null],
      ['remarks that say none or TBC should be blank', 'Remove cells that are "none" or "TBC" from ‹Remarks›.'],
      ['pull the mail address out of the remarks into Contact', 'Add ‹Contact› as the first e-mail address in ‹Remarks›.'],
      ['does a phone number stand in the remarks? put it in its own column', 'Add ‹Telephone number› as the first telephone number in ‹Remarks›.'],
      ['one remark per line please - they\'re separated by semicolons', 'Make a row for each piece of ‹Remarks› cut at ";".'],
      ['how many days late was each job? compare finished with due, early ones negative, blank if not finished', null],
      ['sheets = pages times copies', 'Add ‹sheets› as ‹Pages› times ‹Copies›.'],
      ['what does one copy cost, 3 decimals', null],
      ['outstanding amount per job (price less what\'s been paid)', 'Add ‹Price minus Paid› as ‹Price› minus ‹Paid›.'],
      ['label each job paid, part paid or unpaid depending on how much of the price was paid', null],
      ['get rid of the doubled job', 'Keep the first row of each ‹Job No›.'],
      ['throw out cancelled', 'Set aside rows where ‹Status› is "cancelled".'],
      ['only jobs that are finished', 'Keep rows where ‹Finished› is filled.'],
      ['jobs from february only', 'Keep rows where (the month of ‹Ordered›) equals 2.'],
      ['A4 and A3 only pls', 'Keep rows where ‹Size› is "A4" or "A3".'],
      ['big jobs: over 500 copies or more than 20 pages', 'Keep rows where ‹Copies› is more than 500 or else ‹Pages› is more than 20.'],
      ['sort by due, soonest first, then by price from high to low', 'Sort by ‹Due› and ‹Price› from high to low.'],
      ['rename finished to completed on', 'Rename ‹Finished› to ‹completed on›.'],
      ['put customer first', 'Move ‹Customer› to the front.'],
      ['drop paid and remarks', 'Drop ‹Paid› and ‹Remarks›.'],
      ['number of jobs per operator', 'Answer ‹Rows› as the number of rows; for each ‹Operator›.'],
      ['total price by customer, biggest first', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Customer›; sorted by ‹Total Price› from high to low.'],
      ['average number of copies for each size', 'Answer ‹Average Copies› as the mean of ‹Copies› over the rows; for each ‹Size›.'],
      ['which customer spent most?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Customer›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['what share of the jobs were late?', 'Answer ‹Share %› as ((the sum of (if ‹Finished› is more than ‹Due› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many jobs does each operator have that aren\'t delivered?', 'Answer ‹Rows› as the number of rows; for each ‹Operator›; only where ‹Status› is not "delivered".'],
      ['add a running total of copies in order of ordering', 'Sort by ‹Ordered›. Add ‹Running total of Copies› as the running total of ‹Copies›.'],
      ['rank the customers\' jobs by price within each customer', 'Add ‹Rank by Price› as the rank, highest first, of ‹Price› for each ‹Customer›.'],
      ['flag late jobs with yes/no', 'Add ‹Finished label› as if ‹Finished› is more than ‹Due› then "yes", otherwise "no".'],
      ['week number of the due date', 'Add ‹Week of Due› as the week of ‹Due›.'],
      ['jobs due on a weekend?', 'Keep rows where (the weekday of ‹Due›) is "Saturday" or "Sunday".'],
      ['price incl 19% vat, rounded to cents', 'Add ‹Price times 1 plus 19 per 100› as ‹Price› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['turn status into capitals', 'In ‹Status›, write in capitals.'],
      ['change delivered to done in status', 'Replace "delivered" in ‹Status› with "done".'],
      ['combine size and paper like "A4, Gloss 120g" in a column called Stock', 'Add ‹Stock› as ‹Size› followed by ", " followed by ‹Paper›.'],
      ['fill the empty finished with the due date', 'Fill blanks in ‹Finished› with ‹Due›.'],
      ['the last word of the customer', 'Add ‹Part of Customer› as piece -1 of ‹Customer› cut at " ".'],
      ['shorten operator to initials', 'Set ‹Operator› to the initials of ‹Operator›.'],
      ['give me 3 random jobs, seed 7', 'Keep 3 rows at random with seed 7.'],
      ['every job needs an operator', 'Check that ‹Operator› is filled.'],
      ['which jobs have been open longest as of 20 march 2025?', null],
      ['delete the rows where price is missing', 'Set aside rows where ‹Price› is blank.'],
      ['customers that came back more than once', 'Answer ‹Rows› as the number of rows; for each ‹Customer›; only where (the number of rows for each ‹Customer›) is more than 1.'],
      ['difference between price and the average price of the same paper', 'Add ‹Price minus average Price per Paper› as ‹Price› minus (the mean of ‹Price› over the rows for each ‹Paper›).'],
    ],
  },
  {
    table: 'stays',
    csv: `Stay,Guest,Home Town,Arrived,Nights,Beds,Meals,Bed Rate,Meal Cost,Discount %,Phone,Paid By,Height,Note
H001,"Brandt, Lina",Upper Teal,2025-07-01,2,3,yes,18.50,12,0,0151/234567,card,178 cm,late arrival
H002,"Okoye, Samuel",Lowfield,2025-07-01,1,1,no,22,12,10,+49 151 998877,CASH,1.82 m,member since 2019
H003,"de Vries, Anna",Harrow Bay,2025-07-02,3,2,yes,18.50,12,,0151-445566,Card,165cm,vegetarian (2)
H004,"Brandt, Lina",Upper Teal,2025-07-05,1,4,yes,16,12,0,0151/234567,invoice,178 cm,brings a dog
H005,"Sorel, Milo",Lowfield,2025-07-06,,2,no,18.50,12,5,,cash,1.7 m,no show
H006,"Fenn, Ada",Harrow Bay,2025-07-08,4,1,YES,22,12,10,0160 777111,card,,late arrival; vegetarian
H007,"Okoye, Samuel",Lowfield,2025-07-12,2,1,no,22,12,10,+49 151 998877,Invoice,1.82 m,
H008,"Kersten, Jule",Grey Pass,2025-07-12,5,6,yes,16,12,15,0172 300300,invoice,169 cm,group of scouts
H009,"Sorel, Milo",Lowfield,2025-07-20,1,2,No,18.50,12,5,,CASH,1.7 m,cancelled by phone
H010,"Imre, Tove",Grey Pass,2025-08-02,2,2,yes,18.50,12,,0172 118822,card,1.75 m,vegetarian
`,
    cases: [
      ['guest as first name last name, no comma', 'Set ‹Guest› to (the first name of the person in ‹Guest›), (the middle name of the person in ‹Guest›) and (the last name of the person in ‹Guest›) joined with " ".'],
      ['surname into its own column, and the given name too', 'Add ‹Last name› as the last name of the person in ‹Guest›. Add ‹First name› as (the first name of the person in ‹Guest›) and (the middle name of the person in ‹Guest›) joined with " ".'],
      ['Meals: yes or no, small letters', 'Turn ‹Meals› into yes or no. In ‹Meals›, write in lower case.'],
      ['paid by is written in all sorts of ways, lower case everywhere', 'In ‹Paid By›, write in lower case.'],
      ['height in cm as a number for everybody', 'Turn ‹Height› into numbers in "cm".'],
      ['phone: just the digits', 'Remove all everything but digits from ‹Phone›.'],
      ['empty discount means 0', 'Fill blanks in ‹Discount %› with "0".'],
      ['Meals to true/false', null],
      ['nights missing -> 1', 'Fill blanks in ‹Nights› with "1".'],
      ['cost of beds: nights x beds x bed rate', 'Add ‹cost of beds› as (‹Nights› times ‹Beds›) times ‹Bed Rate›.'],
      ['add the total per stay: beds as before plus, where meals were taken, meal cost for every bed and night', null],
      ['and take the discount off, 2 decimals', null],
      ['departure day = arrived plus nights', 'Add ‹departure day› as ‹Nights› days after ‹Arrived›.'],
      ['which weekday did they arrive', 'Add ‹Weekday of Arrived› as the weekday of ‹Arrived›.'],
      ['stays longer than 2 nights', 'Keep rows where ‹Nights› is more than 2.'],
      ['only guests from lowfield or grey pass', 'Keep rows where ‹Home Town› is "Lowfield" or "Grey Pass".'],
      ['drop everyone who didn\'t show or cancelled (the note says so)', null],
      ['guests who\'ve been here before: mark their second and later stays with "again"', null],
      ['how many nights did each guest stay altogether', 'Answer ‹Total Nights› as the sum of ‹Nights› over the rows; for each ‹Guest›.'],
      ['most popular home town by beds', null],
      ['beds sold per month', 'Answer ‹Total Beds› as the sum of ‹Beds› over the rows; for each ‹Month of Arrived› as the month of ‹Arrived›.'],
      ['average nights, leaving out the no shows', 'Answer ‹Average Nights› as the mean of ‹Nights› over the rows; only where ‹Note› is not "no show".'],
      ['keep the longest stay of every guest', 'Keep 1 row with the highest ‹Nights› for each ‹Guest›.'],
      ['bucket nights: 1 short, 2-3 medium, 4 and more long', 'Add ‹Nights label› as if ‹Nights› equals 1 then "short", if ‹Nights› is at least 2 and ‹Nights› is at most 3 then "medium", if ‹Nights› is at least 4 then "long", otherwise blank.'],
      ['take the number in brackets from the note', 'Add ‹Part of Note› as the text between "(" and ")" in ‹Note›.'],
      ['has the note anything about vegetarian? Y or N', 'Add ‹Note label› as if ‹Note› mentions the word "vegetarian" or "vegetarians" then "Y", otherwise "N".'],
      ['sort guests alphabetically by surname', null],
      ['share of each town in all the nights, percent, one decimal', 'Answer ‹Share of Nights %› as ((the sum of ‹Nights› over the rows) divided by (the sum of ‹Nights› over all rows together)) times 100 rounded to 1 decimal; for each ‹Home Town›.'],
      ['only those who paid by card and took meals', 'Keep rows where ‹Paid By› is "card" and ‹Meals› is "yes" or "YES".'],
      ['top 3 stays by nights', 'Keep 3 rows with the highest ‹Nights›.'],
      ['what did the meals bring in by town', 'Answer ‹Total Meal Cost› as the sum of ‹Meal Cost› over the rows; for each ‹Home Town›.'],
      ['mask the phone numbers except the last 3 digits', 'Mask ‹Phone› leaving the last 3 characters.'],
      ['hide the phone', 'Hide ‹Phone›.'],
      ['Lina Brandt\'s stays', 'Keep rows where ‹Guest› is "Brandt, Lina".'],
      ['round bed rate to whole euros', 'Set ‹Bed Rate› to ‹Bed Rate› rounded to 0 decimals.'],
      ['columns in this order: stay, guest, arrived, nights', 'Move ‹Stay›, ‹Guest›, ‹Arrived› and ‹Nights› to the front.'],
      ['beds as a percentage of 6', 'Add ‹Beds per 6 %› as (‹Beds› divided by 6) times 100.'],
      ['the two stays in the middle of july (10th to 15th)', null],
      ['how many different guests', 'Answer ‹Different Guest› as the number of different values of ‹Guest› over the rows.'],
      ['earliest and latest arrival', 'Answer ‹Lowest Arrived› as the lowest of ‹Arrived› over the rows; and ‹Highest Arrived› as the highest of ‹Arrived› over the rows.'],
    ],
  },
  {
    table: 'props',
    csv: `Item,Description,Category,Stored In,Bought,Cost,Hire Fee,Times Used,Condition,Last Checked,Checked By,Loaned To,Due Back,Returned,Tags
P-001,Brass lantern (Victorian),lighting,Shelf A3,2019-03-04,£45.00,6.50,14,good,2025-01-10,Nell Abara,Harbour Players,2025-02-01,2025-02-03,metal; period
P-002,Paper fans x12,hand props,Box 7,12/05/2021,£18,2,9,worn,2025-01-10,nell abara,,,,paper; fragile
P-003,"Chaise longue, red velvet",furniture,Bay 2,2017-11-20,£320.00,40,5,poor,2024-11-02,Otis Ware,Mill Theatre,2025-03-10,,fabric
P-004,Rubber knife,weapons,Shelf B1,2022-01-15,£7.50,1.5,31,good,2025-02-14,Otis Ware,Harbour Players,2025-02-20,2025-02-18,safe
P-005,Rotary telephone,hand props,Box 9,3 Aug 2018,£24,3,,fair,,Nell Abara,,,,period; electrical
P-006,Throne (gold leaf),furniture,Bay 1,2015-06-30,n/a,55,3,Good,2024-09-09,,Grey Pass School,2025-01-15,2025-01-29,fragile
P-007,Street lamp,lighting,Bay 4,2016-02-02,£150.00,20,11,fair,2025-02-14,Otis Ware,,,,electrical; heavy
P-008,Plastic fruit bowl,hand props,Box 7,2023-09-01,£9.99,1,2,good,2025-01-10,Nell Abara,Mill Theatre,2025-03-01,,plastic
P-009,Foil swords x4,weapons,Shelf B1,2020-10-10,£88,12,17,WORN,2024-12-01,Otis Ware,Harbour Players,2025-02-20,2025-02-20,metal; safe
P-010,Oil painting of a ship,set dressing,Bay 3,2014-04-01,£60,8,0,good,,,,,,fragile; period
`,
    cases: [
      ['please take the bracketed bits out of the descriptions', 'Remove what is between "(" and ")" from ‹Description›.'],
      ['condition: all lower case', 'In ‹Condition›, write in lower case.'],
      ['Cost as a plain number, no pound sign; n/a -> empty', 'Turn ‹Cost› into numbers, reading "n/a" as blank.'],
      ['give every bought date the same shape, iso, day comes before month', null],
      ['times used: treat blanks as zero', 'Fill blanks in ‹Times Used› with "0".'],
      ['Nell Abara is written small in places, fix the names of whoever checked', null],
      ['how many pieces are there of each thing? the number after the x in the description, 1 if there is none', null],
      ['shelf/box/bay in one column and its number in another', null],
      ['one tag per row', 'Make a row for each piece of ‹Tags› cut at ";".'],
      ['make a short code from the first three letters of the category in capitals plus the item number', null],
      ['first tag only, into Main Tag', 'Add ‹Main Tag› as piece 1 of ‹Tags› cut at ";".'],
      ['has it been lent out at the moment? (loaned to somebody and not returned) yes/no in On Loan', null],
      ['move loaned to and due back to the front', 'Move ‹Loaned To› and ‹Due Back› to the front.'],
      ['throw out the hire fee column', 'Drop ‹Hire Fee›.'],
      ['call Stored In Location from now on', 'Rename ‹Stored In› to ‹Location›.'],
      ['what\'s hired out but not back yet', null],
      ['only furniture and lighting', 'Keep rows where ‹Category› is "furniture" or "lighting".'],
      ['props nobody ever used', 'Keep rows where ‹Times Used› is blank or else ‹Times Used› equals 0.'],
      ['things that cost more than 50 pounds or are in poor condition', 'Keep rows where ‹Cost› is more than 50 or else ‹Condition› is "poor".'],
      ['everything bought before 2018', 'Keep rows where ‹Bought› is less than the date "2018-01-01".'],
      ['not checked since december 2024', 'Keep rows where ‹Last Checked› is less than the date "2024-12-01" or else ‹Last Checked› is blank.'],
      ['oldest purchases first', 'Sort by ‹Bought›.'],
      ['the 3 most used props', 'Keep 3 rows with the highest ‹Times Used›.'],
      ['earnings so far = fee times uses', 'Add ‹earnings so far› as ‹Hire Fee› times ‹Times Used›.'],
      ['how long have we had each prop, in full years, on 1 march 2025', null],
      ['days overdue when it came back, nothing if still out', null],
      ['pays for itself: number of hires needed to cover the cost, rounded up', null],
      ['share of each category in the total cost as a percentage, 1 decimal', 'Answer ‹Share of Cost %› as ((the sum of ‹Cost› over the rows) divided by (the sum of ‹Cost› over all rows together)) times 100 rounded to 1 decimal; for each ‹Category›.'],
      ['rank by times used within category, most used first', 'Add ‹Rank by Times Used› as the rank, highest first, of ‹Times Used› for each ‹Category›.'],
      ['a column that says cheap below 20, normal up to 100 and expensive from there on', null],
      ['average hire fee per category', 'Answer ‹Average Hire Fee› as the mean of ‹Hire Fee› over the rows; for each ‹Category›.'],
      ['how many props does each borrower have', null],
      ['which category earned most in fees (fee times uses)?', null],
      ['what\'s the total value of everything on the shelves?', null],
      ['number of props without a check date', 'Answer ‹Rows› as the number of rows; only where ‹Last Checked› is blank.'],
      ['mark props for repair where the condition is worn or poor', 'Add ‹For repair› as if ‹Condition› is "worn" or "poor" then "for repair", otherwise blank.'],
      ['set the condition of P-005 to good', 'Set ‹Condition› to "good", only where ‹Item› is "P-005".'],
      ['where checked by is empty put Otis Ware', 'Fill blanks in ‹Checked By› with "Otis Ware".'],
    ],
  },
  {
    table: 'calls',
    csv: `Call,Started,Ended,Caller,Number,Region,Topic,Agent,Wait s,Outcome,Score,Follow Up,Comment
C1,2025-05-05 09:02,2025-05-05 09:14,MR J. HOLT,0049 30 1234567,north,billing,Pia Lund,35,solved,9,,very friendly
C2,2025-05-05 09:10,2025-05-05 09:12,Ms Erin Day,030/7654321,North ,outage,Sol Meyer,210,escalated,3,2025-05-07,waited far too long
C3,2025-05-05 10:40,2025-05-05 11:05,mr ali noor,+49 40 555 01,south,contract,Pia Lund,12,solved,8,,"asked for a copy, send to ali@noor.example"
C4,2025-05-06 08:55,,Ms Ida Roth,,east,billing,Sol Meyer,95,abandoned,,2025-05-08,
C5,2025-05-06 14:20,2025-05-06 14:31,Mr Tom Vale,040 55502,South,outage,Uma Reed,60,solved,10,,quick and kind
C6,2025-05-07 16:45,2025-05-07 17:20,Ms Erin Day,030/7654321,north,outage,Uma Reed,180,escalated,2,2025-05-09,second call about the same thing
C7,2025-05-10 11:00,2025-05-10 11:04,mr lars fenn,-,West,contract,Pia Lund,20,solved,7,,
C8,2025-05-12 09:30,2025-05-12 09:52,Ms Ida Roth,0351 998,east,billing,Sol Meyer,240,solved,5,2025-05-14,still cross about the wait
C9,2025-05-12 12:15,2025-05-12 12:16,unknown,,n/a,other,Uma Reed,5,abandoned,,,wrong number
C10,2025-05-13 15:05,2025-05-13 15:40,Mr Tom Vale,040 55502,south,contract,Pia Lund,75,solved,9,,thanks for the refund of 25 euros
`,
    cases: [
      ['callers: proper capitals and lose the Mr/Ms in front', 'In ‹Caller›, write in title case. Set ‹Caller› to (the first name of the person in ‹Caller›), (the middle name of the person in ‹Caller›), (the last name of the person in ‹Caller›) and (the name suffix of the person in ‹Caller›) joined with " ".'],
      ['put the form of address in its own column', 'Add ‹Form of address› as the first form of address in ‹Caller›.'],
      ['region in small letters without stray blanks, n/a is blank', 'In ‹Region›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['numbers: get rid of everything that isn\'t a digit or a plus', null],
      ['the single dash in number means there is none', null],
      ['call length in minutes', 'Add ‹Minutes from Started to Ended› as the minutes from ‹Started› to ‹Ended›.'],
      ['on hold longer than 2 minutes', null],
      ['waiting time in minutes with 1 decimal', 'Add ‹Wait min› as ‹Wait s› divided by 60 rounded to 1 decimal.'],
      ['what hour of the day do the calls start', 'Add ‹Hour of Started› as the hour of ‹Started›.'],
      ['date only, and the time only, from started', null],
      ['which calls came on a weekend', 'Keep rows where (the weekday of ‹Started›) is "Saturday" or "Sunday".'],
      ['calls between 9 and 12 o\'clock', null],
      ['only the ones Sol or Uma took', null],
      ['drop the abandoned calls', 'Set aside rows where ‹Outcome› is "abandoned".'],
      ['people who rang more than once', null],
      ['keep the latest call of each caller', 'Keep 1 row with the highest ‹Started› for each ‹Caller›.'],
      ['follow-up within how many days after the call?', null],
      ['calls per agent and outcome, agents down the side, outcomes across the top', 'Answer ‹Rows› as the number of rows; for each ‹Agent›; across ‹Outcome›.'],
      ['average score per agent, best first, one decimal', 'Answer ‹Average Score› as the mean of ‹Score› over the rows rounded to 1 decimal; for each ‹Agent›; sorted by ‹Average Score› from high to low.'],
      ['percentage of calls solved per agent', 'Answer ‹Share %› as ((the sum of (if ‹Outcome› is "solved" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100; for each ‹Agent›.'],
      ['longest wait of each region', 'Answer ‹Highest Wait s› as the highest of ‹Wait s› over the rows; for each ‹Region›.'],
      ['median wait', 'Answer ‹Median Wait s› as the median of ‹Wait s› over the rows.'],
      ['how many calls per day', 'Answer ‹Rows› as the number of rows; for each ‹Date of Started› as the date of ‹Started›.'],
      ['did the comment mention waiting? y/n', 'Add ‹Comment label› as if ‹Comment› mentions the word "waiting", "waited" or "wait" then "Y", otherwise "N".'],
      ['pull out any e-mail address in the comment', 'Add ‹E-mail address› as the first e-mail address in ‹Comment›.'],
      ['amount of the refund as a number', null],
      ['score below 5 and no follow up date', 'Keep rows where ‹Score› is less than 5 and ‹Follow Up› is blank.'],
      ['satisfaction: 9 and 10 promoter, 7 and 8 passive, up to 6 detractor', null],
      ['wait above the average of the same topic?', null],
      ['difference between a call\'s wait and the longest wait that day', null],
      ['count the calls before each one by the same caller', null],
      ['number the calls of each agent in order', 'Add ‹Number within Agent› as the number of the row for each ‹Agent›.'],
      ['agent\'s initials', 'Add ‹Initials of Agent› as the initials of ‹Agent›.'],
      ['sort by region and inside a region longest wait first', 'Sort by ‹Region› and ‹Wait s› from high to low.'],
      ['replace escalated with passed on', 'Replace cells that are "escalated" in ‹Outcome› with "passed on".'],
      ['outcome should be one of solved, escalated, abandoned', 'Check that ‹Outcome› is "solved", "escalated" or "abandoned".'],
      ['every call needs an end time', 'Check that ‹Ended› is filled.'],
    ],
  },
  {
    table: 'tanks',
    csv: `Tank,Species,Count,Litres,Temp C,pH,Fed At,Food g,Keeper,Opened,Last Clean,Next Clean,Status,Visitors,Log
T01,Clown fish; sea anemone,14,800,25.5,8.1,08:15,40,J. Marsh,2018-05-01,2025-03-02,2025-03-16,open,1 204,filter changed
T02,clown fish,6,300,26,8.2,08:20,15,j. marsh,2021-07-15,2025-03-09,2025-03-23,open,530,
T03,Seahorse,9,250,24.1 °C,8.0,07:55,12,R. Ono,14/02/2019,2025-02-20,2025-03-06,Closed,0,leak at the pump (fixed)
T04,Moray eel,2,1500,23,,17:30,220,R. Ono,2016-11-11,2025-03-10,2025-03-24,open,2 210,bit the net; new net ordered
T05,Ray;Dogfish,11,12000,,7.9,16:45,900,P. Quill,2012-03-30,2025-01-28,2025-02-11,open,4 875,needs divers
T06,Jellyfish,60,400,18,8.1,,30,P. Quill,2 Sep 2020,2025-03-11,2025-03-25,quarantine,,light out
T07,Seahorse,4,250,24,8.0,07:50,6,R. Ono,2022-01-10,2025-03-01,2025-03-15,open,310,
T08,Cod,18,9000,11,7.8,16:40,650,,2013-06-06,2025-02-25,2025-03-11,OPEN,990,glass scratched (north side)
`,
    cases: [
      ['split species where there are two of them, one row for each', null],
      ['temperature should be a number only, in celsius, nothing behind it', 'Turn ‹Temp C› into numbers in "c".'],
      ['visitors has a blank in the thousands, make it a whole number', 'Turn ‹Visitors› into whole numbers.'],
      ['keepers always with a capital initial and surname', null],
      ['log: cut off what\'s in brackets', 'Remove what is between "(" and ")" from ‹Log›.'],
      ['put the words in brackets from the log into a column Detail', 'Add ‹Detail› as the text between "(" and ")" in ‹Log›.'],
      ['status open/closed/quarantine in lower case', null],
      ['fill in the missing pH with 8', 'Fill blanks in ‹pH› with "8".'],
      ['litres per animal, one decimal', null],
      ['grams of food per animal', null],
      ['how many days until the next cleaning counted from 12 march 2025? negative if it should have happened already', null],
      ['overdue for cleaning on 12 march 2025 (next clean before that day)', null],
      ['tanks with more than 1000 litres that are open to the public', null],
      ['anything but the seahorses', 'Keep rows where ‹Species› is not "Seahorse".'],
      ['fed in the afternoon', 'Keep rows where (the minute of the day of ‹Fed At›) is at least 720.'],
      ['which keeper looks after the most animals?', null],
      ['total food per keeper in kg', 'Answer ‹Total Food kg› as (the sum of ‹Food g› over the rows) divided by 1000; for each ‹Keeper›.'],
      ['give each tank a size class: small below 300 l, medium up to 1000 l, big above', null],
      ['oldest tank of each keeper', 'Keep 1 row with the lowest ‹Opened› for each ‹Keeper›.'],
      ['running total of visitors, biggest tank first', 'Sort by ‹Visitors› from high to low. Add ‹Running total of Visitors› as the running total of ‹Visitors›.'],
      ['average temperature of the open tanks', 'Answer ‹Average Temp C› as the mean of ‹Temp C› over the rows; only where ‹Status› is "open".'],
      ['age of the tanks in whole years at the end of 2025', 'Add ‹Years from Opened to 2025-12-31› as the whole years from ‹Opened› to the date "2025-12-31".'],
      ['share of visitors each tank gets, whole percent', 'Add ‹Visitors per total Visitors› as (‹Visitors› divided by (the sum of ‹Visitors› over the rows)) times 100 rounded to 0 decimals.'],
      ['fix the opened dates, day first', 'Turn ‹Opened› into dates, the day before the month.'],
      ['sort: status, then tanks with most visitors first', 'Sort by ‹Status› and ‹Visitors› from high to low.'],
      ['new column Warm: yes over 20 degrees', 'Add ‹Warm› as if ‹Temp C› is more than 20 then "yes", otherwise "no".'],
      ['correlation between litres and visitors', 'Show what goes with ‹Visitors›, among ‹Litres›.'],
      ['number of tanks per species', 'Answer ‹Rows› as the number of rows; for each ‹Species›.'],
      ['rows with no keeper, please', 'Keep rows where ‹Keeper› is blank.'],
      ['change keeper of T08 to P. Quill', 'Set ‹Keeper› to "P. Quill", only where ‹Tank› is "T08".'],
    ],
  },
  {
    table: 'bills',
    csv: `Bill,Client,Dept,Issued,Due,Paid On,Net,VAT %,Gross,Paid,Currency,Method,Ref,Reminder,Remark
2025-001,Orrin Mills,Design,2025-01-07,2025-02-06,2025-02-04,1200,19,1428,1428,EUR,bank,RF-88 12,0,
2025-002,Hale & Sons,Print,2025-01-09,2025-02-08,2025-02-20,350,7,374.5,374.5,EUR,card,,1,paid late after call
2025-003,ORRIN MILLS,Print,2025-01-15,2025-02-14,,80,19,95.2,,EUR,,RF-88 13,2,disputed: wrong size
2025-004,Vale Trust,Design,2025-01-20,2025-02-19,2025-02-19,2500,0,2500,2500,CHF,bank,RF-90 01,0,charity rate
2025-005,Hale and Sons,Web,2025-02-03,2025-03-05,,640,19,761.6,300,EUR,bank,,1,rest promised for April
2025-006,Kestrel Ltd,Web,2025-02-11,2025-03-13,2025-02-12,90,19,107.1,107.1,EUR,cash,RF-91 77,0,
2025-007,Vale Trust,Print,2025-02-28,2025-03-30,2025-04-02,415.5,0,415.5,415.5,CHF,bank,RF-90 02,0,
2025-008,kestrel ltd,Design,2025-03-03,2025-04-02,,1750,19,2082.5,0,EUR,,RF-91 78,1,
`,
    cases: [
      ['client names: Hale & Sons and Hale and Sons are the same, use Hale & Sons', 'Replace cells that are "Hale and Sons" in ‹Client› with "Hale & Sons".'],
      ['clients in title case', 'In ‹Client›, write in title case.'],
      ['ref: letters in one column, the two numbers in another', null],
      ['what is still owed per bill', 'Add ‹Gross minus Paid› as ‹Gross› minus ‹Paid›.'],
      ['check that gross is net plus vat', 'Check that ‹Gross› equals ‹Net› times (1 plus (‹VAT %› divided by 100)).'],
      ['gross recalculated from net and the vat rate, two decimals', null],
      ['days between issue and payment', 'Add ‹Days from Issued to Paid On› as the whole days from ‹Issued› to ‹Paid On›.'],
      ['bills paid after the due date', 'Keep rows where ‹Paid On› is more than ‹Due›.'],
      ['bills not paid in full', 'Keep rows where (‹Paid›, or 0 where it is blank) is less than ‹Gross›.'],
      ['unpaid bills over 500', null],
      ['total net by department and currency', 'Answer ‹Total Net› as the sum of ‹Net› over the rows; for each ‹Dept›; and by ‹Currency›.'],
      ['how much vat did we charge altogether (gross less net)', null],
      ['income per month of payment', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Month of Paid On› as the month of ‹Paid On›.'],
      ['latest bill of each client', 'Keep 1 row with the highest ‹Issued› for each ‹Client›.'],
      ['number the bills of every client by date', 'Sort by ‹Issued›. Add ‹Number within Client› as the number of the row for each ‹Client›.'],
      ['clients who got a reminder at least twice', null],
      ['convert chf to eur at 1.05 in a new column Net EUR', null],
      ['set paid to 0 where it is blank', 'Fill blanks in ‹Paid› with "0".'],
      ['if the method is missing write open', 'Fill blanks in ‹Method› with "open".'],
      ['drop reminder and remark', 'Drop ‹Reminder› and ‹Remark›.'],
      ['quarter in which it was issued, like Q1 2025', 'Add ‹Quarter of Issued year of Issued› as ("Q" and (the quarter of ‹Issued›) joined with "") and (the year of ‹Issued›) joined with " ".'],
      ['issued in the first half of february', 'Keep rows where (the month of ‹Issued›) equals 2 and (the day of ‹Issued›) is at least 1 and (the day of ‹Issued›) is at most 15.'],
      ['the three largest open amounts', null],
      ['average days to pay by client, unpaid ones left out', 'Answer ‹Average days from Issued to Paid On› as the mean of (the whole days from ‹Issued› to ‹Paid On›) over the rows; for each ‹Client›; only where ‹Paid On› is filled.'],
      ['mark bills as open, part paid or settled', null],
      ['does any bill number occur twice?', 'Answer ‹Rows› as the number of rows; for each ‹Bill›; only where (the number of rows for each ‹Bill›) is more than 1.'],
      ['remarks mentioning late or disputed', 'Keep rows where ‹Remark› mentions the word "late" or "disputed".'],
      ['percentage of bills paid on time', 'Answer ‹Share %› as ((the sum of (if ‹Paid On› is at most ‹Due› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['bill number without the year', null],
      ['due date one month after issue instead', null],
    ],
  },
  {
    table: 'desks',
    csv: `Booking,Member,Desk,Room,Start,End,Rate h,Snacks,Plan,Guests,Deposit,Refunded,Source,Comment
D-1,Ola Renn,Window 4,North Hall,2025-04-01 09:00,2025-04-01 12:30,€6.00,4.5,day pass,0,20,20,web,wants quiet (headset)
D-2,ola renn,Window 4,north hall,2025-04-02 13:00,2025-04-02 18:00,6,,Monthly,1,0,,phone,
D-3,Bea Koss,Booth 1,Attic,2025-04-02 08:30,2025-04-02 10:00,€9.50,3,monthly,2,30,0,web,left early; lost scarf
D-4,Ivo Marl,Table 2,Garden Room,2025-04-03 10:00,,8,12,day pass,5,50,,walk-in,projector asked for
D-5,Bea Koss,Booth 1,Attic,2025-04-05 09:15,2025-04-05 17:45,9.5,0,monthly,0,30,30,Web,
D-6,Tess Alder,Window 1,North Hall,2025-05-01 07:45,2025-05-01 09:00,€6,2.25,trial,0,,,phone,first visit (friend of Ivo)
D-7,Ivo Marl,Table 2,garden room,2025-05-06 12:00,2025-05-06 20:00,8.00,18,Monthly,4,50,25,web,cleaning billed 15 euros
D-8,,Window 9,North hall,2025-05-07 10:00,2025-05-07 10:05,n/a,0,trial,0,0,,web,test booking
`,
    cases: [
      ['member names need capitals', 'In ‹Member›, write in capitals.'],
      ['the room is spelled differently all over the place, use North Hall, Attic and Garden Room', null],
      ['rate per hour as a number', null],
      ['desk: separate the kind from the number', null],
      ['hours booked, two decimals', null],
      ['what each booking brought in: hours times the rate plus snacks', 'Add ‹Hours from Start to End times Rate h plus Snacks› as ((the hours from ‹Start› to ‹End›) times ‹Rate h›) plus ‹Snacks›.'],
      ['throw the test booking out', 'Set aside rows where ‹Comment› is "test booking".'],
      ['who has no member name', 'Keep rows where ‹Member› is blank.'],
      ['how many bookings per plan, ignoring capitals', 'Answer ‹Rows› as the number of rows; for each ‹Plan›.'],
      ['the average stay in hours for each room', 'Answer ‹Average hours from Start to End› as the mean of (the hours from ‹Start› to ‹End›) over the rows; for each ‹Room›.'],
      ['deposits not given back yet', null],
      ['deposit still held = deposit minus refunded', 'Add ‹deposit still held› as ‹Deposit› minus ‹Refunded›.'],
      ['mark monthly people with M and the others with D', 'Add ‹Plan label› as if ‹Plan› is "Monthly" then "M", otherwise "D".'],
      ['bookings that ran longer than five hours', 'Keep rows where (the hours from ‹Start› to ‹End›) is more than 5.'],
      ['bookings with guests, most guests on top', null],
      ['earliest start of each day', 'Answer ‹Lowest Start› as the lowest of ‹Start› over the rows; for each ‹Date of Start› as the date of ‹Start›.'],
      ['which desk is booked most', 'Answer ‹Rows› as the number of rows; for each ‹Desk›; sorted by ‹Rows› from high to low; the first 1.'],
      ['snacks: nothing means 0', 'Fill blanks in ‹Snacks› with "0".'],
      ['put the words in brackets of the comment into Aside and take them out of the comment', 'Add ‹Aside› as the text between "(" and ")" in ‹Comment›. Remove what is between "(" and ")" from ‹Comment›.'],
      ['share of bookings that came through the web', 'Answer ‹Share %› as ((the sum of (if ‹Source› is "web" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['only april', 'Keep rows where (the month of ‹Start›) equals 4.'],
      ['number of bookings per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Start› as the weekday of ‹Start›.'],
      ['revenue by room and month, rooms as rows and months as columns', null],
      ['take 5% off the rate for monthly plans', 'Set ‹Rate h› to ‹Rate h› times (1 minus (5 divided by 100)), only where ‹Plan› is "Monthly".'],
      ['members with more than one booking', 'Answer ‹Rows› as the number of rows; for each ‹Member›; only where (the number of rows for each ‹Member›) is more than 1.'],
      ['new column Evening: yes when it ends after 17:00', 'Add ‹Evening› as if (the minute of the day of ‹End›) is more than 1020 then "yes", otherwise "no".'],
      ['sort by room and then start', 'Sort by ‹Room› and ‹Start›.'],
      ['rename Rate h to Hourly Rate and Snacks to Extras', 'Rename ‹Rate h› to ‹Hourly Rate› and ‹Snacks› to ‹Extras›.'],
      ['for D-4 set the end to 2025-04-03 15:00', null],
      ['give me the two longest bookings', 'Add ‹Hours from Start to End› as the hours from ‹Start› to ‹End›. Keep 2 rows with the highest ‹Hours from Start to End›.'],
      ['fill the missing deposit with 0 and make it a whole number', 'Fill blanks in ‹Deposit› with "0". Turn ‹Deposit› into whole numbers.'],
      ['every booking must have an end', 'Check that ‹End› is filled.'],
    ],
  },
  {
    table: 'pottery',
    csv: `Order ref,Placed,Customer,City,Item,Colour,Qty,Unit price,Discount,Shipping,Paid,Payment,Dispatched,Courier,Tracking,Remarks
PO-1001,2025-11-03,"Harlow, Nina",Bristow,Large bowl (24 cm),blue,2,18.50,0%,4.90,41.90,card,2025-11-05,Swift,SW-88210-UK,
PO-1002,03/11/2025,"osei,  Kwame",bristow,Mug set (4 pcs),green,1,36.00,10%,0,32.40,Card,2025-11-04,Parcelo,PA-10442-UK,gift wrap please
PO-1003,4 Nov 2025,"Lund, Per",Eastwick,Plate (27 cm),white,6,12.00,n/a,6.50,78.50,transfer,,,,waiting for payment
PO-1004,2025-11-06,"Marsh, Odile",Norrby,Vase,blue,1,54.00,5%,7.20,58.50,card,2025-11-10,Swift,SW-88231-UK,"handle with care, fragile"
PO-1005,2025-11-07,"HARLOW, NINA",Bristow,Mug set (4 pcs),blue,2,36.00,0%,4.90,76.90,paypoint,2025-11-12,Swift,SW-88240-UK,second order
PO-1006,08/11/2025,"Brand, Jo",Eastwick ,Teapot (1.2 l),red,1,62.00,,5.50,67.50,card,2025-11-11,Parcelo,PA-10460-UK,lid was broken on arrival
PO-1007,2025-11-10,"Lund, Per",eastwick,Plate (27 cm),white,2,12.00,0%,4.90,28.90,Transfer,2025-11-13,Parcelo,PA-10466-UK,
PO-1008,2025-11-10,"Quill, Anton",Norrby,Large bowl (24 cm),green,1,18.50,15%,4.90,20.63,card,,,,cancelled by phone
PO-1009,2025-11-12,"Osei, Kwame",Bristow,Vase,white,3,54.00,10%,0,145.80,card,2025-11-14,Swift,SW-88255-UK,
PO-1010,12/11/2025,"Tamm, Eva",Sundholm,Mug set (4 pcs),red,1,36.00,0%,7.20,43.20,card,2025-11-17,Swift,SW-88259-UK,please send invoice 20417
PO-1011,2025-11-15,"Brand, Jo",Eastwick,Large bowl (24 cm),blue,4,18.50,5%,6.50,76.80,paypoint,2025-11-18,Parcelo,PA-10490-UK,
PO-1012,2025-11-18,"Tamm, Eva",Sundholm,Teapot (1.2 l),green,1,62.00,0%,7.20,69.20,transfer,2025-11-24,Swift,SW-88270-UK,refund 12.50 agreed
PO-1012,2025-11-18,"Tamm, Eva",Sundholm,Teapot (1.2 l),green,1,62.00,0%,7.20,69.20,transfer,2025-11-24,Swift,SW-88270-UK,refund 12.50 agreed
`,
    cases: [
      ['make placed proper dates, where it\'s slashes the day is first', 'Turn ‹Placed› into dates, the day before the month.'],
      ['customer: trim, single spaces, proper capitals', 'In ‹Customer›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['put customers in title case and get rid of extra spaces', 'In ‹Customer›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['cities should be capitalised and trimmed', 'In ‹City›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['discount to a plain number without the % sign, n/a and blanks are 0', 'Turn ‹Discount› into numbers, reading "n/a" as "0". Fill blanks in ‹Discount› with "0".'],
      ['payment should be lowercase', 'In ‹Payment›, write in lower case.'],
      ['write "none" where there are no remarks', 'Fill blanks in ‹Remarks› with "none".'],
      ['split the customer at the comma into Last name and First name', 'Split ‹Customer› at "," into ‹Last name› and ‹First name›.'],
      ['pull the size out of the brackets in item into a new column Size', 'Add ‹Size› as the text between "(" and ")" in ‹Item›.'],
      ['drop the bracketed part from item', 'Remove what is between "(" and ")" from ‹Item›.'],
      ['item without what\'s in brackets', null],
      ['what\'s the invoice number people mention in remarks? put it in a column Invoice', null],
      ['extract the amount in the remarks as a number, call it Refund', null],
      ['break up tracking at the dashes into Carrier code, Parcel no and Country', 'Split ‹Tracking› at "-" into ‹Carrier code›, ‹Parcel no› and ‹Country›.'],
      ['the first two letters of tracking as a column Code', 'Add ‹Code› as the first 2 characters of ‹Tracking›.'],
      ['add a label like "Large bowl (24 cm) - blue" from item and colour', 'Add ‹Label› as ‹Item› followed by " - " followed by ‹Colour›.'],
      ['initials of the customers please', 'Add ‹Initials of Customer› as the initials of ‹Customer›.'],
      ['add First name in front of last name, e.g. "Harlow, Nina" becomes "Nina Harlow"', 'Add ‹First name in front› as (piece 2 of ‹Customer› cut at ",") followed by " " followed by (piece 1 of ‹Customer› cut at ",").'],
      ['rename paid to Amount paid and courier to Carrier', 'Rename ‹Paid› to ‹Amount paid› and ‹Courier› to ‹Carrier›.'],
      ['move remarks next to item', 'Move ‹Remarks› to after ‹Item›.'],
      ['delete tracking and courier', 'Drop ‹Tracking› and ‹Courier›.'],
      ['I only want order ref, customer, item and paid', 'Keep only the columns ‹Order ref›, ‹Customer›, ‹Item› and ‹Paid›.'],
      ['round paid to whole numbers', 'Set ‹Paid› to ‹Paid› rounded to 0 decimals.'],
      ['orders that haven\'t been dispatched yet', 'Keep rows where ‹Dispatched› is blank.'],
      ['get rid of orders without a dispatch date', 'Set aside rows where ‹Dispatched› is blank.'],
      ['keep only blue and green items', 'Keep rows where ‹Colour› is "blue" or "green".'],
      ['drop everything paid by transfer', 'Set aside rows where ‹Payment› is "transfer".'],
      ['keep orders placed between 5 and 12 November 2025', 'Keep rows where ‹Placed› is at least the date "2025-11-05" and ‹Placed› is at most the date "2025-11-12".'],
      ['orders over 50 only', 'Keep rows where ‹Paid› is more than 50.'],
      ['sort by city, then by paid from high to low', 'Sort by ‹City› and ‹Paid› from high to low.'],
      ['newest orders first', 'Sort by ‹Placed› from high to low.'],
      ['remove duplicate orders', 'Keep the first row of each ‹Order ref›.'],
      ['one row per customer, keep the latest order', 'Keep 1 row with the highest ‹Placed› for each ‹Customer›.'],
      ['pick 5 orders at random', 'Keep 5 rows at random with seed 1.'],
      ['two random orders per city', 'Keep 2 rows at random with seed 1 for each ‹City›.'],
      ['orders where the remarks mention broken or refund', 'Keep rows where ‹Remarks› mentions the word "broken", "refund" or "refunds".'],
      ['keep orders with an above average amount', 'Keep rows where ‹Paid› is more than (the mean of ‹Paid› over the rows).'],
      ['add Net = qty times unit price', 'Add ‹Net› as ‹Qty› times ‹Unit price›.'],
      ['order value: qty x unit price less the discount', 'Add ‹order value› as (‹Qty› times ‹Unit price›) times (1 minus (‹Discount› divided by 100)).'],
      ['add VAT, 20% of paid, two decimals', 'Add ‹VAT› as ‹Paid› times (20 divided by 100) rounded to 2 decimals.'],
      ['how many days did it take to dispatch each order? blank if not dispatched', 'Add ‹Days from Placed to Dispatched› as the whole days from ‹Placed› to ‹Dispatched›.'],
      ['days from placed to dispatched as Lead time', 'Add ‹Lead time› as the whole days from ‹Placed› to ‹Dispatched›.'],
      ['flag orders over 70 as large, the rest small', 'Add ‹Paid label› as if ‹Paid› is more than 70 then "large", otherwise "small".'],
      ['add a column Speed: fast up to 2 days between placed and dispatched, slow if more than 4, normal otherwise', 'Add ‹Speed› as if (the whole days from ‹Placed› to ‹Dispatched›) is at most 2 then "fast", if (the whole days from ‹Placed› to ‹Dispatched›) is more than 4 then "slow", otherwise "normal".'],
      ['share of each order in the total paid, in percent with 1 decimal', null],
      ['paid as a percentage of the city\'s total', 'Add ‹Paid per total Paid per City› as (‹Paid› divided by (the sum of ‹Paid› over the rows for each ‹City›)) times 100.'],
      ['rank orders by paid, highest first', 'Add ‹Rank by Paid› as the rank, highest first, of ‹Paid›.'],
      ['running total of paid', 'Add ‹Running total of Paid› as the running total of ‹Paid›.'],
      ['average paid per city next to each order', 'Add ‹Average Paid per City› as the mean of ‹Paid› over the rows for each ‹City›.'],
      ['number of orders per customer on every row', 'Add ‹Rows per Customer› as the number of rows for each ‹Customer›.'],
      ['price per piece incl. shipping: paid divided by qty, 2 decimals', null],
      ['month of placed as a name', 'Add ‹Month of Placed› as the month name of ‹Placed›.'],
      ['weekday on which the order was placed', 'Add ‹Weekday of Placed› as the weekday of ‹Placed›.'],
      ['total paid per city', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹City›.'],
      ['how many orders per courier?', 'Answer ‹Rows› as the number of rows; for each ‹Courier›.'],
      ['which customer spent the most?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Customer›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['average order value by payment method, 2 decimals', 'Answer ‹Average Paid› as the mean of ‹Paid› over the rows rounded to 2 decimals; for each ‹Payment›.'],
      ['how many different customers do we have', 'Answer ‹Different Customer› as the number of different values of ‹Customer› over the rows.'],
      ['what percentage of the orders is not dispatched', 'Answer ‹Share %› as ((the sum of (if ‹Dispatched› is blank then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['top 3 items by quantity sold', 'Answer ‹Total Qty› as the sum of ‹Qty› over the rows; for each ‹Item›; sorted by ‹Total Qty› from high to low; the first 3.'],
      ['total paid per month', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Month of Placed› as the month of ‹Placed›.'],
      ['how much shipping did we charge in total?', 'Answer ‹Total Shipping› as the sum of ‹Shipping› over the rows.'],
      ['who ordered more than once', null],
      ['orders per city and courier', 'Answer ‹Rows› as the number of rows; for each ‹City›; and by ‹Courier›.'],
      ['sort out the spelling of city', 'Standardise ‹City›.'],
      ['fill missing couriers with unknown', 'Fill blanks in ‹Courier› with "unknown".'],
      ['replace paypoint with online in payment', 'Replace "paypoint" in ‹Payment› with "online".'],
      ['mark the orders with a discount', null],
    ],
  },
  {
    table: 'rota',
    csv: `Rota ID,Employee,Team,Station,Shift date,Clock in,Clock out,Break,Rate,Bonus,Status,Approved by,Comment
R1,Petra Vahl,kitchen,Grill,2026-02-02,08:00,16:30,30 min,14.50,0,worked,Lena,
R2,Samir Doyle,Bar,Cocktails,2026-02-02,17:00,23:45,0.5 h,13.20,10,worked,Lena,covered for Tess
R3,tess olander,bar,Taps,2026-02-02,17:00,,,"13,20",,sick,,called in at 3 pm
R4,Petra Vahl,Kitchen,Grill,2026-02-03,08:00,15:00,30 min,14.50,,worked,Lena,
R5,OTTO FENN,Floor,Terrace,03.02.2026,11:00,19:00,45 min,12.80,5,worked,Marc,late by 20 min
R6,Mina Sorel,floor,Hall,2026-02-03,11:00,19:30,1 h,12.80,5,worked,Marc,
R7,Samir Doyle,Bar,Cocktails,2026-02-04,17:00,23:30,30 min,13.20,10,worked,,
R8,Tess Olander,Bar,Taps,2026-02-04,17:00,23:30,30 min,13.20,0,worked,Marc,
R9,Mina Sorel,Floor,Hall,2026-02-05,,,,12.80,,no-show,Marc,no reason given
R10,Petra Vahl,kitchen,Cold,2026-02-05,08:00,16:00,30 min,14.50,15,worked,Lena,trained the new one
R11,Otto Fenn,Floor,Terrace,2026-02-05,11:00,18:00,30 min,12.80,0,worked,,
R12,Rhea Brandt,Kitchen,Cold,6 Feb 2026,07:30,15:30,,14.10,0,worked,Lena,
`,
    cases: [
      ['employees in title case', 'In ‹Employee›, write in title case.'],
      ['team: first letter capital', 'In ‹Team›, write in sentence case.'],
      ['rate has a comma in places, make it a number', 'Turn ‹Rate› into numbers.'],
      ['convert break to minutes', 'Turn ‹Break› into numbers in "min".'],
      ['break in minutes as a number, blank counts as 0', 'Turn ‹Break› into numbers in "min". Fill blanks in ‹Break› with "0".'],
      ['shift date as real dates', 'Turn ‹Shift date› into dates.'],
      ['who has no approval? keep those', 'Keep rows where ‹Approved by› is blank.'],
      ['drop the sick and no-show shifts', 'Set aside rows where ‹Status› is "sick" or "no-show".'],
      ['hours worked = clock out minus clock in, in hours with 2 decimals', 'Add ‹hours worked› as the hours by the clock from ‹Clock in› to ‹Clock out› rounded to 2 decimals.'],
      ['time between clock in and clock out in hours, minus the break', 'Add ‹Hours from Clock in to Clock out minus Break in…› as (the hours by the clock from ‹Clock in› to ‹Clock out›) minus (‹Break› measured in "h").'],
      ['pay: hours between clock in and clock out times rate', 'Add ‹pay› as (the hours by the clock from ‹Clock in› to ‹Clock out›) times ‹Rate›.'],
      ['add a column Late if the comment mentions late', 'Add ‹Late› as if ‹Comment› mentions the word "late" then "yes", otherwise "no".'],
      ['shifts starting before 10 am', 'Keep rows where (the minute of the day of ‹Clock in›) is less than 600.'],
      ['shifts that start at 17:00', 'Keep rows where (the minute of the day of ‹Clock in›) equals 1020.'],
      ['keep shifts longer than 8 hours', null],
      ['bonus blank = 0', 'Fill blanks in ‹Bonus› with "0".'],
      ['total bonus per team', 'Answer ‹Total Bonus› as the sum of ‹Bonus› over the rows; for each ‹Team›.'],
      ['how many shifts did each employee work?', 'Answer ‹Rows› as the number of rows; for each ‹Employee›.'],
      ['average rate by team', 'Answer ‹Average Rate› as the mean of ‹Rate› over the rows; for each ‹Team›.'],
      ['which station has the most shifts', 'Answer ‹Rows› as the number of rows; for each ‹Station›; sorted by ‹Rows› from high to low; the first 1.'],
      ['shifts per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Shift date› as the weekday of ‹Shift date›.'],
      ['employees with more than two shifts', 'Answer ‹Rows› as the number of rows; for each ‹Employee›; only where (the number of rows for each ‹Employee›) is more than 2.'],
      ['how many no-shows were there', 'Answer ‹Rows› as the number of rows; only where ‹Status› is "no-show".'],
      ['sort by employee and shift date', 'Sort by ‹Employee› and ‹Shift date›.'],
      ['combine shift date and clock in to a timestamp', 'Add ‹Shift date Clock in› as ‹Shift date› at the time ‹Clock in›.'],
      ['first name of the employee in a new column', 'Add ‹Part of Employee› as piece 1 of ‹Employee› cut at " ".'],
      ['rate plus 5 percent rounded to 2 decimals', 'Add ‹Rate times 1 plus 5 per 100› as ‹Rate› times (1 plus (5 divided by 100)) rounded to 2 decimals.'],
      ['evening if clock in is after 16:00, otherwise day', 'Add ‹Clock in label› as if (the minute of the day of ‹Clock in›) is more than 960 then "evening", otherwise "day".'],
      ['swap employee round: surname first', null],
      ['put approved by after status', 'Move ‹Approved by› to after ‹Status›.'],
      ['remove all columns that are empty', null],
      ['give the shifts a running number per employee', 'Add ‹Number within Employee› as the number of the row for each ‹Employee›.'],
      ['comment empty -> "-"', 'Fill blanks in ‹Comment› with "-".'],
      ['difference in rate to the team average', 'Add ‹Rate minus average Rate per Team› as ‹Rate› minus (the mean of ‹Rate› over the rows for each ‹Team›).'],
      ['highest bonus in each team', 'Answer ‹Highest Bonus› as the highest of ‹Bonus› over the rows; for each ‹Team›.'],
    ],
  },
  {
    table: 'returns',
    csv: `Return no,Received,Article,SKU,Shop,Reason,Condition,Units,Unit value,Restock fee,Refunded,Refund date,Inspector,Location,Remark
RT-0001,2026-01-05,Rain jacket (L),JK-204-L,North Mall,too small,as new,1,89.00,0,89.00,2026-01-07,Ilse Korn,A3-14,
RT-0002,2026-01-05,Wool hat,HT-118-U,north mall,changed mind,as new,2,24.50,4.90,44.10,2026-01-09,Ilse Korn,A3-02,
RT-0003,06.01.2026,Hiking boots (42),BT-330-42,Harbour,damaged,broken,1,139.00,,139.00,2026-01-08,theo marsh,B1-07,sole came off after 2 weeks
RT-0004,2026-01-07,Rain jacket (M),JK-204-M,Harbour,wrong colour,opened,1,89.00,8.90,80.10,2026-01-12,Theo Marsh,A3-14,
RT-0005,7 Jan 2026,Socks 3-pack,SK-015-U,Online,changed mind,opened,3,14.90,0,,,,C2-01,customer did not answer
RT-0006,2026-01-08,Backpack (30 l),BP-477-30,online,damaged,broken,1,119.00,0,119.00,2026-01-20,ILSE KORN,B1-02,zip jammed; claim 8841
RT-0007,2026-01-09,Wool hat,HT-118-U,Online ,too small,as new,1,24.50,0,24.50,2026-01-10,Theo Marsh,A3-02,
RT-0008,2026-01-12,Tent (2 persons),TN-902-2P,North Mall,missing part,opened,1,249.00,24.90,224.10,2026-01-26,Ilse Korn,D4-01,pegs missing
RT-0009,12/01/2026,Hiking boots (40),BT-330-40,Harbour,too small,as new,1,139.00,0,139.00,2026-01-14,Theo Marsh,B1-07,
RT-0010,2026-01-14,Rain jacket (L),JK-204-L,Online,n/a,opened,2,89.00,17.80,,,Ilse Korn,A3-14,waiting for photos
RT-0011,2026-01-15,Socks 3-pack,SK-015-U,Harbour,wrong colour,as new,5,14.90,0,74.50,2026-01-16,Theo Marsh,C2-01,
RT-0012,2026-01-19,Backpack (30 l),BP-477-30,North Mall,too big,as new,1,119.00,0,119.00,2026-01-21,Ilse Korn,B1-02,
RT-0013,2026-02-02,Tent (2 persons),TN-902-2P,Online,damaged,broken,1,249.00,0,249.00,2026-02-05,Theo Marsh,D4-01,pole snapped; claim 8852
RT-0014,2026-02-03,Wool hat,HT-118-U,Harbour,changed mind,as new,1,24.50,2.45,22.05,2026-02-04,,A3-02,
`,
    cases: [
      ['shop names are inconsistent - trim and title case them please', 'In ‹Shop›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['received should be a date everywhere; dd.mm.yyyy and dd/mm/yyyy occur', null],
      ['turn received into real dates', 'Turn ‹Received› into dates.'],
      ['inspector in proper case', 'In ‹Inspector›, write in title case.'],
      ['reason: n/a means unknown, so leave it blank', 'Remove cells that are "n/a" from ‹Reason›.'],
      ['replace n/a in reason by unknown', 'Replace "n/a" in ‹Reason› with "unknown".'],
      ['restock fee: blanks are 0', 'Fill blanks in ‹Restock fee› with "0".'],
      ['if the restock fee is empty put 0', 'Fill blanks in ‹Restock fee› with "0".'],
      ['no restock fee = 0', 'Fill blanks in ‹Restock fee› with "0".'],
      ['delete the stuff in brackets from article', 'Remove what is between "(" and ")" from ‹Article›.'],
      ['get the size from the brackets into a column called Size', 'Add ‹Size› as the text between "(" and ")" in ‹Article›.'],
      ['split sku into Family, Model and Variant', 'Split ‹SKU› at "-" into ‹Family›, ‹Model› and ‹Variant›.'],
      ['family code = first two letters of the sku', 'Add ‹family code› as the first 2 characters of ‹SKU›.'],
      ['location is aisle and shelf, e.g. A3-14. Make Aisle and Shelf out of it.', 'Split ‹Location› at "-" into ‹Aisle› and ‹Shelf›.'],
      ['I\'d like the aisle (what\'s before the dash in location) as a column Aisle', 'Add ‹Aisle› as the text before the first "-" in ‹Location›.'],
      ['pull the claim number out of the remark where there is one, call it Claim', 'Add ‹Claim› as the first number in (the text after the first "claim" in ‹Remark›).'],
      ['make the SKU lower case', 'In ‹SKU›, write in lower case.'],
      ['article and sku in one column called Product, like "Wool hat [HT-118-U]"', 'Add ‹Product› as ‹Article› followed by " [" followed by ‹SKU› followed by "]".'],
      ['combine shop and reason with a slash', 'Add ‹Shop Reason› as ‹Shop› and ‹Reason› joined with "/".'],
      ['rename unit value to Price and refunded to Refund', 'Rename ‹Unit value› to ‹Price› and ‹Refunded› to ‹Refund›.'],
      ['put refund date right after received', 'Move ‹Refund date› to after ‹Received›.'],
      ['remove location and remark', 'Drop ‹Location› and ‹Remark›.'],
      ['keep return no, article, reason and refunded in that order', 'Keep only the columns ‹Return no›, ‹Article›, ‹Reason› and ‹Refunded›.'],
      ['only damaged returns', 'Keep rows where ‹Reason› is "damaged".'],
      ['returns with a refund still missing', null],
      ['everything from the online shop', 'Keep rows where ‹Shop› is "Online".'],
      ['no changed-mind returns please', 'Set aside rows where ‹Reason› is "changed mind".'],
      ['returns received in January', 'Keep rows where (the month of ‹Received›) equals 1.'],
      ['returns received since 10 January 2026', 'Keep rows where ‹Received› is at least the date "2026-01-10".'],
      ['refunds between 50 and 150', 'Keep rows where ‹Refunded› is at least 50 and ‹Refunded› is at most 150.'],
      ['returns where units is more than 1', 'Keep rows where ‹Units› is more than 1.'],
      ['drop returns of socks and hats', 'Set aside rows where ‹Article› mentions the word "socks" or "hat".'],
      ['who has not been assigned an inspector? show those', 'Keep rows where ‹Inspector› is blank.'],
      ['keep everything that\'s not as new', 'Keep rows where ‹Condition› is not "as new".'],
      ['the 4 highest refunds', 'Keep 4 rows with the highest ‹Refunded›.'],
      ['cheapest articles first', null],
      ['order by shop, newest return first within each shop', 'Sort by ‹Shop› and ‹Received› from high to low.'],
      ['one return per article, the most recent', 'Keep 1 row with the highest ‹Received› for each ‹Article›.'],
      ['random sample of 4 returns', 'Keep 4 rows at random with seed 1.'],
      ['take 1 random return per shop', 'Keep 1 row at random with seed 1 for each ‹Shop›.'],
      ['value = units * unit value', 'Add ‹value› as ‹Units› times ‹Unit value›.'],
      ['add a column Loss: units times unit value minus refunded, blank if nothing was refunded yet', 'Add ‹Loss› as if ‹Refunded› is blank or else ‹Refunded› equals 0 then blank, otherwise (‹Units› times ‹Unit value›) minus ‹Refunded›.'],
      ['days until refund', 'Add ‹Days from Received to Refund date› as the whole days from ‹Received› to ‹Refund date›.'],
      ['how long did the refund take in days? column Days, blank if not refunded', 'Add ‹Days› as if ‹Refunded› is blank or else ‹Refunded› equals 0 then blank, otherwise the whole days from ‹Received› to ‹Refund date›.'],
      ['label each return: quick if refunded within 3 days, slow if it took more than 7, otherwise normal', 'Add ‹Received label› as if (the whole days from ‹Received› to ‹Refund date›) is at most 3 then "quick", if (the whole days from ‹Received› to ‹Refund date›) is more than 7 then "slow", otherwise "normal".'],
      ['add Fee charged: yes if restock fee is above 0, no otherwise', 'Add ‹Fee charged› as if ‹Restock fee› is more than 0 then "yes", otherwise "no".'],
      ['share of each return in the total refunded (%), 1 decimal', 'Add ‹Refunded per total Refunded %› as (‹Refunded› divided by (the sum of ‹Refunded› over the rows)) times 100 rounded to 1 decimal.'],
      ['rank by refunded, largest first', 'Add ‹Rank by Refunded› as the rank, highest first, of ‹Refunded›.'],
      ['mean refund of the same shop next to each return', 'Add ‹Average Refunded per Shop› as the mean of ‹Refunded› over the rows for each ‹Shop›.'],
      ['refunded minus the shop\'s average', 'Add ‹Refunded minus average Refunded per Shop› as ‹Refunded› minus (the mean of ‹Refunded› over the rows for each ‹Shop›).'],
      ['how many returns does each article have, on every row', 'Add ‹Rows per Article› as the number of rows for each ‹Article›.'],
      ['cumulative units per shop', 'Add ‹Running total of Units› as the running total of ‹Units› for each ‹Shop›.'],
      ['month received, as a number', 'Add ‹Month of Received› as the month of ‹Received›.'],
      ['week of the year of received', 'Add ‹Week of Received› as the week of ‹Received›.'],
      ['add 30 days to received as Deadline', 'Add ‹Deadline› as 30 days after ‹Received›.'],
      ['refunded in thousands', 'Add ‹Refunded per 1000› as ‹Refunded› divided by 1000.'],
      ['tax included in refunded at 20%, 2 decimals', 'Add ‹Refunded minus Refunded per 1 plus 20 per 100› as ‹Refunded› minus (‹Refunded› divided by (1 plus (20 divided by 100))) rounded to 2 decimals.'],
      ['round refunded to the nearest 5', 'Set ‹Refunded› to (‹Refunded› divided by 5 rounded to 0 decimals) times 5.'],
      ['total refunded per shop', 'Answer ‹Total Refunded› as the sum of ‹Refunded› over the rows; for each ‹Shop›.'],
      ['number of returns by reason, most frequent first', 'Answer ‹Rows› as the number of rows; for each ‹Reason›; sorted by ‹Rows› from high to low.'],
      ['which article is returned most?', 'Answer ‹Rows› as the number of rows; for each ‹Article›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average refund by condition, 2 decimals', 'Answer ‹Average Refunded› as the mean of ‹Refunded› over the rows rounded to 2 decimals; for each ‹Condition›.'],
      ['how many different articles were returned', 'Answer ‹Different Article› as the number of different values of ‹Article› over the rows.'],
      ['percentage of returns that were damaged', 'Answer ‹Share %› as ((the sum of (if ‹Reason› is "damaged" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['refunded per month', 'Answer ‹Total Refunded› as the sum of ‹Refunded› over the rows; for each ‹Month of Received› as the month of ‹Received›.'],
      ['median refund', 'Answer ‹Median Refunded› as the median of ‹Refunded› over the rows.'],
      ['what is the highest restock fee?', 'Answer ‹Highest Restock fee› as the highest of ‹Restock fee› over the rows.'],
      ['units returned per article and reason', 'Answer ‹Total Units› as the sum of ‹Units› over the rows; for each ‹Article›; and by ‹Reason›.'],
      ['how much did we refund online?', 'Answer ‹Total Refunded› as the sum of ‹Refunded› over the rows; only where ‹Shop› is "Online".'],
      ['which shop has the most damaged returns', 'Answer ‹Rows› as the number of rows; for each ‹Shop›; only where ‹Reason› is "damaged"; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many returns are waiting for their refund', null],
      ['average days to refund per inspector', 'Answer ‹Average days from Received to Refund date› as the mean of (the whole days from ‹Received› to ‹Refund date›) over the rows; for each ‹Inspector›.'],
      ['standardise shop', 'Standardise ‹Shop›.'],
      ['count returns by weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Received› as the weekday of ‹Received›.'],
      ['top 2 shops by refunded', 'Answer ‹Total Refunded› as the sum of ‹Refunded› over the rows; for each ‹Shop›; sorted by ‹Total Refunded› from high to low; the first 2.'],
      ['sort by refunded descending, empty ones at the end', 'Sort by ‹Refunded› from high to low.'],
      ['fill in missing inspectors with "nobody"', 'Fill blanks in ‹Inspector› with "nobody".'],
      ['if reason is too small or too big, put sizing in a new column Group, else other', 'Add ‹Group› as if ‹Reason› is "too small" or "too big" then "sizing", otherwise "other".'],
      ['group the reasons: too small/too big -> size, damaged/missing part -> quality, rest -> other', 'Add ‹group the reasons› as if ‹Reason› is "too small" or "too big" then "size", if ‹Reason› is "damaged" or "missing part" then "quality", otherwise "other".'],
      ['show returns over 100', null],
      ['which returns took longer than 10 days to refund', 'Keep rows where (the whole days from ‹Received› to ‹Refund date›) is more than 10.'],
      ['mark returns where refunded is less than units times unit value', 'Add ‹Flag› as if ‹Refunded› is less than ‹Units› times ‹Unit value› then "yes", otherwise "no".'],
      ['add a column with the initials of the inspector', 'Add ‹Initials of Inspector› as the initials of ‹Inspector›.'],
      ['replace "as new" with "A", "opened" with "B" and "broken" with "C" in condition', 'Replace cells that are "as new" in ‹Condition› with "A". Replace cells that are "opened" in ‹Condition› with "B". Replace cells that are "broken" in ‹Condition› with "C".'],
      ['condition codes: as new = A, opened = B, broken = C', 'Add ‹condition codes› as if ‹Condition› is "as new" then "A", if ‹Condition› is "opened" then "B", if ‹Condition› is "broken" then "C", otherwise blank.'],
      ['hide remark', 'Hide ‹Remark›.'],
      ['what\'s in the reason column?', 'List each ‹Reason›.'],
      ['are there duplicates?', 'Answer ‹Rows› as the number of rows; only where (the number of rows for each ‹Return no›, ‹Received›, ‹Article›, ‹SKU›, ‹Shop›, ‹Reason›, ‹Condition›, ‹Units›, ‹Unit value›, ‹Restock fee›, ‹Refunded›, ‹Refund date›, ‹Inspector›, ‹Location› and ‹Remark›) is more than 1.'],
      ['how many blanks are in inspector', 'Answer ‹Rows› as the number of rows; only where ‹Inspector› is blank.'],
      ['delete rows with no reason', 'Set aside rows where ‹Reason› is blank.'],
      ['set refunded to 0 where it is empty', 'Fill blanks in ‹Refunded› with "0".'],
      ['swap article and sku', 'Move ‹SKU› to before ‹Article›.'],
    ],
  },
  {
    table: 'planting',
    csv: `Plot,Species,Planted,Planter,Supplier,Height cm,Height now,Girth,Health,Watered,Last check,Cost,Grant,Tags,Note
TP-01,Oak (English),2021-03-14,"Adler, Ruth",Greenmount Nursery,80,142,9.5 cm,good,yes,2025-09-02,24.00,10,native; shade,
TP-02,Silver birch,14/03/2021,"HOLT, SAM",greenmount nursery,95,230,12 cm,good,Y,2025-09-02,18.50,10,native,
TP-03,Cherry (wild),2021-03-15,"adler,  ruth",Hillside Trees,110,205,0.11 m,fair,no,2025-09-03,31.00,,native; fruit; blossom,bark damage 20 cm up
TP-04,Rowan,2021-11-02,"Pike, Lena",Hillside Trees,90,,,dead,No,2025-09-03,22.00,10,native; berries,removed in 2024
TP-05,Oak (red),2 Nov 2021,"Pike, Lena",Greenmount Nursery,85,120,8 cm,poor,yes,2025-09-02,27.50,0,shade,"leaves yellow, check 14 days later"
TP-06,Plum,2022-02-20,"Holt, Sam",Hillside  Trees,120,188,10.2cm,good,yes,,29.00,n/a,fruit,
TP-07,Silver birch,20.02.2022,"Adler, Ruth",Greenmount Nursery,100,215,11 cm,good,N,2025-09-05,18.50,10,native,
TP-08,Apple (cooking),2022-11-11,"Marsh, Ivo",Old Mill Stock,130,190,9 cm,fair,yes,2025-09-05,33.00,15,fruit; blossom,
TP-09,Rowan,2022-11-11,"Marsh, Ivo",Old Mill Stock,88,150,7.5 cm,good,,2025-09-05,22.00,10,native; berries,
TP-10,Plum,2023-03-01,"Pike, Lena",hillside trees,115,160,8.8 cm,good,yes,2025-09-06,29.00,,fruit,vole guard fitted
TP-11,Oak (English),2023-03-01,"Holt, Sam",Greenmount Nursery,70,95,6 cm,poor,no,2025-09-06,24.00,10,native; shade,replanted 3 times
TP-12,Lime,2023-11-19,"Adler, Ruth",Old Mill Stock,105,,,dead,no,,26.00,10,shade,
`,
    cases: [
      ['Supplier is written in several ways, unify it', 'Standardise ‹Supplier›.'],
      ['planter: clean up the spaces and use normal capitals', 'In ‹Planter›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['planted as a date (dd/mm/yyyy where there are slashes)', 'Turn ‹Planted› into dates, the day before the month.'],
      ['watered should be yes or no; blanks count as no', 'Turn ‹Watered› into yes or no. Fill blanks in ‹Watered› with "no".'],
      ['girth in cm as plain numbers, some are in metres', 'Turn ‹Girth› into numbers in "cm".'],
      ['grant n/a -> blank', 'Remove cells that are "n/a" from ‹Grant›.'],
      ['grant: empty means 0', 'Fill blanks in ‹Grant› with "0".'],
      ['take the words in brackets out of species and put them in a column Kind', 'Add ‹Kind› as the text between "(" and ")" in ‹Species›. Remove what is between "(" and ")" from ‹Species›.'],
      ['remove everything in parentheses from species', 'Remove what is between "(" and ")" from ‹Species›.'],
      ['split planter at the comma: Surname, First name', 'Split ‹Planter› at "," into ‹Surname› and ‹First name›.'],
      ['planter should read First name Surname, e.g. "Adler, Ruth" -> "Ruth Adler"', 'Set ‹Planter› to (piece 2 of ‹Planter› cut at ",") followed by " " followed by (piece 1 of ‹Planter› cut at ",").'],
      ['tags into one column per tag', 'Split ‹Tags› at ";" into ‹Tags 1›, ‹Tags 2› and ‹Tags 3›.'],
      ['one row per tag', 'Make a row for each piece of ‹Tags› cut at ";".'],
      ['how many tags does each tree have?', 'Add ‹Number of Tags› as the number of pieces of ‹Tags› cut at ";".'],
      ['first tag only, as Main tag', 'Add ‹Main tag› as piece 1 of ‹Tags› cut at ";".'],
      ['growth in cm: height now minus height cm', 'Add ‹growth in cm› as ‹Height now› minus ‹Height cm›.'],
      ['growth in percent of the planted height, whole number', null],
      ['age of each tree on 1 October 2025 in full years', 'Add ‹Years from Planted to 2025-10-01› as the whole years from ‹Planted› to the date "2025-10-01".'],
      ['years since planted up to 2025-10-01', 'Add ‹Years from Planted to 2025-10-01› as the whole years from ‹Planted› to the date "2025-10-01".'],
      ['cm grown per year since planting, until 1 October 2025, 1 decimal', null],
      ['cost after grant, never below 0', null],
      ['flag the trees that are dead or poor', 'Add ‹Flag› as if ‹Health› is "dead" or "poor" then "yes", otherwise "no".'],
      ['Status: replace when dead, watch when poor or fair, ok otherwise', null],
      ['rank the trees by height now, tallest first', 'Add ‹Rank by Height now› as the rank, highest first, of ‹Height now›.'],
      ['average height now per species beside each tree, whole cm', 'Add ‹Average Height now per Species› as the mean of ‹Height now› over the rows for each ‹Species› rounded to 0 decimals.'],
      ['difference to the species average', null],
      ['share of each tree in the total cost, one decimal percent', 'Add ‹Cost per total Cost %› as (‹Cost› divided by (the sum of ‹Cost› over the rows)) times 100 rounded to 1 decimal.'],
      ['trees planted before 2022', 'Keep rows where ‹Planted› is less than the date "2022-01-01".'],
      ['trees planted in autumn 2021 (September to November)', null],
      ['dead ones out', 'Set aside rows where ‹Health› is "dead".'],
      ['trees that have not been checked', 'Keep rows where ‹Last check› is blank.'],
      ['fruit trees only', 'Keep rows where ‹Tags› mentions the word "fruit".'],
      ['drop trees without a girth', 'Set aside rows where ‹Girth› is blank.'],
      ['the three most expensive trees', 'Keep 3 rows with the highest ‹Cost›.'],
      ['tallest 5', null],
      ['for each supplier keep the cheapest tree', null],
      ['sort by species then by planted, oldest first', 'Sort by ‹Species› and ‹Planted›.'],
      ['trees per species', null],
      ['total cost by supplier', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; for each ‹Supplier›.'],
      ['which planter planted the most trees', 'Answer ‹Rows› as the number of rows; for each ‹Planter›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average height by health', null],
      ['how many trees died?', null],
      ['what percentage of the trees is in good health', 'Answer ‹Share %› as ((the sum of (if ‹Health› is "good" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['cost per year of planting', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; for each ‹Year of Planted› as the year of ‹Planted›.'],
      ['how many species are there', 'Answer ‹Different Species› as the number of different values of ‹Species› over the rows.'],
      ['which supplier has the highest share of dead trees', null],
      ['fill height now with height cm where it is missing', 'Fill blanks in ‹Height now› with ‹Height cm›.'],
      ['empty notes -> none', 'Fill blanks in ‹Note› with "none".'],
      ['rename height cm to Height at planting', 'Rename ‹Height cm› to ‹Height at planting›.'],
      ['put health behind species', 'Move ‹Health› to after ‹Species›.'],
      ['delete tags, grant and note', 'Drop ‹Tags›, ‹Grant› and ‹Note›.'],
      ['just plot, species and health', 'Keep only the columns ‹Plot›, ‹Species› and ‹Health›.'],
      ['month and year of planting in one column like 2021-03', 'Add ‹Month of Planted› as the month with its year of ‹Planted›.'],
      ['season of planting: spring for March to May, autumn for September to November, else other', 'Add ‹season of planting› as if (the month of ‹Planted›) is at least 3 and (the month of ‹Planted›) is at most 5 then "spring", if (the month of ‹Planted›) is at least 9 and (the month of ‹Planted›) is at most 11 then "autumn", otherwise "other".'],
      ['add 5% to the cost', 'Set ‹Cost› to ‹Cost› times (1 plus (5 divided by 100)).'],
      ['cost rounded to whole euros', 'Set ‹Cost› to ‹Cost› rounded to 0 decimals.'],
      ['next check = last check plus 6 months', 'Add ‹next check› as 6 months after ‹Last check›.'],
      ['combine species and plot as "Oak (English) / TP-01"', 'Add ‹Species and Plot› as ‹Species› followed by " / " followed by ‹Plot›.'],
      ['what\'s the oldest tree?', null],
      ['list the suppliers', 'List each ‹Supplier›.'],
      ['trees checked more than 20 days ago on 2025-09-25', null],
    ],
  },
  {
    table: 'courses',
    csv: `Booking,Student,E-mail,Course,Level,Start date,End date,Sessions,Attended,Fee,Paid,Paid on,Teacher,Room,Feedback
B-301,Mona Reyes,mona.reyes@postbox.example,Pottery,1,2026-01-12,2026-03-02,8,8,160,160.00,2026-01-05,Hale,Studio 2,Loved it
B-302,Jan Okafor,JAN@okafor.example,Life drawing,2,2026-01-13,2026-02-17,6,4,"132,00",132.00,2026-01-12,Brandt,Studio 1,
B-303,mona reyes,mona.reyes@postbox.example,Life drawing,1,13/01/2026,17/02/2026,6,6,132,66.00,2026-01-20,Brandt,Studio 1,too crowded
B-304,Tess Lindqvist,,Bookbinding,1,2026-02-03,2026-03-10,6,5,€150,150,2026-02-01,Hale,Annex,very good
B-305,Emil Varga,e.varga@mailhub.example,Pottery,2,2026-03-09,,8,,160,0,,Hale,Studio 2,
B-306,Ola Brun,ola@brun.example,Pottery,1,2026-01-12,2026-03-02,8,3,160,160,2026-02-15,Hale,studio 2,left early
B-307,Jan Okafor,jan@okafor.example,Bookbinding,1,2026-02-03,2026-03-10,6,6,150,150,2026-02-03,hale,Annex,
B-308,Priya Nand,priya.nand@mailhub.example,Screen print,1,2026-02-10,2026-03-17,6,6,180,180,2026-02-20,Osei,Print room,great teacher
B-309,Emil Varga,e.varga@mailhub.example,Screen print,1,10.02.2026,2026-03-17,6,2,180,,,Osei,Print Room,
B-310,Sofie Adler,sofie@adler.example,Life drawing,2,2026-03-03,2026-04-07,6,,132,132,2026-03-01,Brandt,Studio 1,
B-311,Tess Lindqvist,tess@lindqvist.example,Pottery,1,2026-03-09,2026-04-27,8,,160,80,2026-03-01,Osei,Studio 2,
B-312,Ola Brun,ola@brun.example,Bookbinding,2,2026-03-24,2026-04-28,6,,150,,,Hale,Annex,waiting list
`,
    cases: [
      ['student names in title case', 'In ‹Student›, write in title case.'],
      ['fee as a number without the euro sign, comma is the decimal', 'Turn ‹Fee› into numbers.'],
      ['emails in lower case', 'In ‹E-mail›, write in lower case.'],
      ['room: same capitals everywhere', null],
      ['attendance in %: attended divided by sessions, no decimals', 'Add ‹attendance› as (‹Attended› divided by ‹Sessions›) times 100 rounded to 0 decimals.'],
      ['attendance rate, blank if not attended yet', null],
      ['outstanding = fee minus paid, treat blank paid as 0', 'Add ‹outstanding› as ‹Fee› minus (‹Paid›, or 0 where it is blank).'],
      ['who still owes money?', 'Keep rows where ‹Paid› is less than ‹Fee› or else ‹Paid› is blank.'],
      ['students who have not paid anything', 'Keep rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['bookings paid after the course started', 'Keep rows where ‹Paid on› is more than ‹Start date›.'],
      ['days between payment and start, negative if paid late', null],
      ['label bookings: paid if paid equals fee, part paid if less, open if nothing', 'Add ‹Paid label› as if ‹Paid› equals ‹Fee› then "paid", if ‹Paid› is less than ‹Fee› then "part paid", if ‹Paid› is blank then "open", otherwise blank.'],
      ['paid in full yes/no', 'Add ‹Paid label› as if ‹Paid› is at least ‹Fee› then "yes", otherwise "no".'],
      ['course length in weeks', 'Add ‹Weeks from Start date to End date› as the whole weeks from ‹Start date› to ‹End date›.'],
      ['total fees per course', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Course›.'],
      ['total paid by teacher, highest first', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Teacher›; sorted by ‹Total Paid› from high to low.'],
      ['average attendance per course in percent', null],
      ['number of students per course', 'Answer ‹Different Student› as the number of different values of ‹Student› over the rows; for each ‹Course›.'],
      ['how many different students are there', 'Answer ‹Different Student› as the number of different values of ‹Student› over the rows.'],
      ['which course brings in the most money', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Course›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['students with more than one booking', 'Answer ‹Rows› as the number of rows; for each ‹Student›; only where (the number of rows for each ‹Student›) is more than 1.'],
      ['bookings per month of start date', 'Answer ‹Rows› as the number of rows; for each ‹Month of Start date› as the month of ‹Start date›.'],
      ['courses starting in March', 'Keep rows where (the month of ‹Start date›) equals 3.'],
      ['bookings where fewer than half of the sessions were attended', 'Keep rows where ‹Attended› is less than ‹Sessions› divided by 2.'],
      ['level 2 only', 'Keep rows where ‹Level› equals 2.'],
      ['drop the bookings without an end date', 'Set aside rows where ‹End date› is blank.'],
      ['fill missing end dates with start date plus 6 weeks', 'Set ‹End date› to ‹End date›, or (6 weeks after ‹Start date›) where it is blank.'],
      ['mail domain in a new column', 'Add ‹Domain› as the first domain in ‹E-mail›.'],
      ['first name of each student', null],
      ['initials of the students', 'Add ‹Initials of Student› as the initials of ‹Student›.'],
      ['teacher and room together as "Hale, Studio 2"', 'Add ‹Teacher and Room› as ‹Teacher› followed by ", " followed by ‹Room›.'],
      ['pottery and bookbinding only', 'Keep rows where ‹Course› is "Pottery" or "Bookbinding".'],
      ['everything except life drawing', 'Keep rows where ‹Course› is not "Life drawing".'],
      ['sort by start date, then student', 'Sort by ‹Start date› and ‹Student›.'],
      ['earliest booking per student', 'Keep 1 row with the lowest ‹Start date› for each ‹Student›.'],
      ['keep one booking per student, the one with the highest fee', 'Keep 1 row with the highest ‹Fee› for each ‹Student›.'],
      ['2 random bookings per course', 'Keep 2 rows at random with seed 1 for each ‹Course›.'],
      ['discount: 10% of the fee for students with more than one booking, otherwise 0', 'Add ‹discount› as if (the number of rows for each ‹Student›) is more than 1 then ‹Fee› times (10 divided by 100), otherwise 0.'],
      ['fee per session with 2 decimals', 'Add ‹Fee per Sessions› as ‹Fee› divided by ‹Sessions› rounded to 2 decimals.'],
      ['running total of paid by paid on', 'Sort by ‹Paid on›. Add ‹Running total of Paid› as the running total of ‹Paid›.'],
      ['feedback empty = "no feedback"', 'Fill blanks in ‹Feedback› with "no feedback".'],
      ['count feedback by course', 'Answer ‹Count of Feedback› as the count of ‹Feedback› over the rows; for each ‹Course›.'],
      ['bookings with feedback containing good or great', 'Keep rows where ‹Feedback› mentions the word "good" or "great".'],
      ['rank courses by total paid', null],
      ['share of the total paid per course', 'Answer ‹Share of Paid %› as ((the sum of ‹Paid› over the rows) divided by (the sum of ‹Paid› over all rows together)) times 100; for each ‹Course›.'],
      ['week number of start date', 'Add ‹Week of Start date› as the week of ‹Start date›.'],
      ['weekday of the first session', null],
      ['bookings that overlap February 2026', null],
    ],
  },
  {
    table: 'machines',
    csv: `Machine,Site,Area,Product,Slot,Loaded,Sold,Price,Takings,Last visit,Operator,Temp,Status,Contract ends,Comment
VM-11,Central Station,12 m2,Apple juice 0.33 l,A1,24,21,2.20,46.20,2026-03-02,"Kern, Ida",4.5 °C,ok,2026-12-31,
VM-11,Central Station,12 m2,Crisps 40 g,B2,30,12,1.50,18.00,02/03/2026,"kern, ida",4.5 °C,OK,2026-12-31,slot B2 sticks
VM-12,central station,9 sqm,Nut bar,C1,40,38,1.80,68.40,2026-03-02,"Kern, Ida",41 °F,Ok,2026-12-31,
VM-14,School North,0.8 a,Water 0.5 l,A1,48,48,1.20,57.60,2026-03-04,"Roth, Jonas",5 °C,refill,30.06.2026,sold out twice
VM-14,School North,0.8 a,Apple juice 0.33 l,A2,24,9,2.20,19.80,4 Mar 2026,"Roth, Jonas",5 °C,ok,30.06.2026,
VM-17,Clinic,15 m2,Nut bar,B1,40,,1.80,,,"Roth, Jonas",,broken,2027-01-31,"coin box jammed, ticket 3391"
VM-18,Clinic ,11 m2,Crisps 40 g,B1,30,30,1.50,45.00,2026-03-05,"ROTH, JONAS",6.1 °C,refill,2027-01-31,
VM-21,Library,7 m2,Water 0.5 l,A1,48,20,1.20,24.00,2026-03-06,"Sand, Mia",4 °C,ok,2026-05-31,
VM-21,Library,7 m2,Gum,D4,60,5,0.90,4.50,2026-03-06,"Sand, Mia",4 °C,ok,2026-05-31,low demand
VM-23,Town hall,10 m2,Nut bar,B1,40,17,1.80,30.60,2026-03-09,"Sand, Mia",,ok,,
VM-23,Town Hall,10 m2,Gum,D4,60,61,0.90,54.90,2026-03-09,"Sand, Mia",,check,,counter wrong?
`,
    cases: [
      ['sites: trim and unify the spelling', 'In ‹Site›, trim outer spaces and reduce runs of spaces to one. Standardise ‹Site›.'],
      ['operator names come in capitals and small letters, write them properly', 'In ‹Operator›, write in title case.'],
      ['temperatures in celsius as numbers with one decimal, leave blanks', 'Turn ‹Temp› into numbers in "c". Set ‹Temp› to ‹Temp› rounded to 1 decimal.'],
      ['area in square metres, numbers only', 'Turn ‹Area› into numbers in "m2".'],
      ['status in lower case', 'In ‹Status›, write in lower case.'],
      ['last visit -> dates, slashes are day/month/year', 'Turn ‹Last visit› into dates, the day before the month.'],
      ['the contract end dates are in two formats, turn them into dates', 'Turn ‹Contract ends› into dates.'],
      ['how full is each machine slot? sold as a percentage of loaded, whole numbers', 'Add ‹Sold per Loaded %› as (‹Sold› divided by ‹Loaded›) times 100 rounded to 0 decimals.'],
      ['left = loaded minus sold, but not below 0', 'Add ‹left› as if ‹Loaded› minus ‹Sold› is less than 0 then 0, otherwise ‹Loaded› minus ‹Sold›.'],
      ['flag rows where more was sold than loaded', 'Add ‹Flag› as if ‹Sold› is more than ‹Loaded› then "yes", otherwise "no".'],
      ['check that takings equals sold times price', 'Check that ‹Takings› equals ‹Sold› times ‹Price›.'],
      ['which rows don\'t have takings = sold x price?', 'Keep rows where not (‹Takings› equals ‹Sold› times ‹Price›).'],
      ['takings per unit sold', 'Add ‹Takings per Sold› as ‹Takings› divided by ‹Sold›.'],
      ['volume of the drink in litres from the product name, blank if none', null],
      ['product without the size', null],
      ['take the ticket number from the comment', 'Add ‹Number› as the first number in (the text after the first "ticket" in ‹Comment›).'],
      ['slot letter and slot number in two columns', 'Split ‹Slot› at the change from letters to digits into ‹letter› and ‹slot number›.'],
      ['operator as "Ida Kern"', 'Set ‹Operator› to (piece 2 of ‹Operator› cut at ",") followed by " " followed by (piece 1 of ‹Operator› cut at ",").'],
      ['machines that need a refill', 'Keep rows where ‹Status› is "refill".'],
      ['drop the broken machine', 'Set aside rows where ‹Status› is "broken".'],
      ['only central station and the clinic', 'Keep rows where ‹Site› is "Central Station" or "Clinic".'],
      ['rows with no visit', 'Keep rows where ‹Last visit› is blank.'],
      ['visited before 5 March 2026', 'Keep rows where ‹Last visit› is less than the date "2026-03-05".'],
      ['contracts ending in 2026', 'Keep rows where ‹Contract ends› is at least the date "2026-01-01" and ‹Contract ends› is at most the date "2026-12-31".'],
      ['contracts that run out before July', null],
      ['slots sold out (sold at least loaded)', null],
      ['sort by site, then takings descending', 'Sort by ‹Site› and ‹Takings› from high to low.'],
      ['total takings per site', 'Answer ‹Total Takings› as the sum of ‹Takings› over the rows; for each ‹Site›.'],
      ['takings by product, best first', 'Answer ‹Total Takings› as the sum of ‹Takings› over the rows; for each ‹Product›; sorted by ‹Total Takings› from high to low.'],
      ['how many machines are there?', null],
      ['number of products per machine', 'Answer ‹Different Product› as the number of different values of ‹Product› over the rows; for each ‹Machine›.'],
      ['average price of what we sell', null],
      ['which machine took the most money', 'Answer ‹Total Takings› as the sum of ‹Takings› over the rows; for each ‹Machine›; sorted by ‹Total Takings› from high to low; the first 1.'],
      ['which product sells worst', null],
      ['share of each product in the total takings', 'Answer ‹Share of Takings %› as ((the sum of ‹Takings› over the rows) divided by (the sum of ‹Takings› over all rows together)) times 100; for each ‹Product›.'],
      ['total takings of vm-14', 'Answer ‹Total Takings› as the sum of ‹Takings› over the rows; only where ‹Machine› is "VM-14".'],
      ['units sold per operator', 'Answer ‹Total Sold› as the sum of ‹Sold› over the rows; for each ‹Operator›.'],
      ['days since last visit on 10 March 2026', 'Add ‹Days from Last visit to 2026-03-10› as the whole days from ‹Last visit› to the date "2026-03-10".'],
      ['days until the contract ends, from 10 March 2026', 'Add ‹Days from 2026-03-10 to Contract ends› as the whole days from the date "2026-03-10" to ‹Contract ends›.'],
      ['price up by 10%, rounded to 5 cents', 'Add ‹Price times 1 plus 10 per 100› as ((‹Price› times (1 plus (10 divided by 100))) divided by 0.05 rounded to 0 decimals) times 0.05.'],
      ['new price: 10 percent more for nut bars, otherwise the same', null],
      ['fill missing sold with 0', 'Fill blanks in ‹Sold› with "0".'],
      ['cumulative takings per site', 'Add ‹Running total of Takings› as the running total of ‹Takings› for each ‹Site›.'],
      ['average takings of the site next to each row', 'Add ‹Average Takings per Site› as the mean of ‹Takings› over the rows for each ‹Site›.'],
      ['bands for sold: under 10 slow, 10 to 30 normal, over 30 fast', 'Add ‹Sold label› as if ‹Sold› is less than 10 then "slow", if ‹Sold› is at least 10 and ‹Sold› is at most 30 then "normal", if ‹Sold› is more than 30 then "fast", otherwise blank.'],
      ['one row per machine with the latest visit', 'Keep 1 row with the highest ‹Last visit› for each ‹Machine›.'],
      ['merge site and slot, e.g. "Clinic / B1"', 'Add ‹Site and Slot› as ‹Site› followed by " / " followed by ‹Slot›.'],
      ['hide comment and temp', 'Hide ‹Comment› and ‹Temp›.'],
      ['rename last visit to Visited and contract ends to Contract until', 'Rename ‹Last visit› to ‹Visited› and ‹Contract ends› to ‹Contract until›.'],
      ['put takings and sold at the front', 'Move ‹Takings› and ‹Sold› to the front.'],
    ],
  },
  {
    table: 'translations',
    csv: `Job,Client,From,To,Words,Rate,Amount,Ordered,Due,Delivered,Translator,Subject,Invoice no,Paid,Notes
J-01,Alder & Co Ltd,English,German,2400,0.12,288.00,2026-01-05,2026-01-12,2026-01-11,Ines W.,legal,INV-201,yes,urgent; 2 files
J-02,ALDER & CO LTD.,English,French,1800,0.11,198.00,05/01/2026,2026-01-12,2026-01-14,Paul R.,Legal,INV-202,no,
J-03,Benno Foods GmbH,German,English,5200,"0,10",520.00,2026-01-08,2026-01-20,2026-01-19,Ines W.,marketing,INV-203,Y,client happy
J-04,Cirrus BV,Dutch,English,950,0.13,123.50,2026-01-09,2026-01-13,,paul r.,technical,,,waiting for terms list
J-05,Benno Foods GmbH,German,French,5200,0.11,572.00,2026-01-08,2026-01-22,2026-01-25,Paul R.,marketing,INV-204,n,late because of holiday
J-06,Dune Travel,English,Spanish,3100,n/a,,2026-01-15,2026-01-26,2026-01-26,Rosa T.,Marketing ,INV-205,yes,rate to be agreed
J-07,alder & co ltd,English,German,640,0.15,96.00,2026-01-19,2026-01-20,2026-01-20,Ines W.,legal,INV-206,yes,rush fee 25%
J-08,Dune Travel,English,Italian,3100,0.12,372.00,2026-01-15,2026-01-26,2026-01-24,Rosa T.,marketing,INV-207,No,
J-09,Cirrus B.V.,English,Dutch,1200,0.13,156.00,2026-02-02,2026-02-06,2026-02-06,Rosa T.,technical,INV-208,yes,
J-10,Elmwood Clinic,French,English,,0.14,,2026-02-03,2026-02-17,,Paul R.,medical,,,word count to follow
`,
    cases: [
      ['clean the client names: no legal form, title case', 'In ‹Client›, leave out the legal form and write in title case.'],
      ['clients without Ltd, GmbH and BV', 'In ‹Client›, leave out the legal form.'],
      ['rate: comma is a decimal point, n/a is unknown so blank', null],
      ['paid as yes/no, blank if we don\'t know', 'Turn ‹Paid› into yes or no.'],
      ['subject lower case, no spaces at the end', 'In ‹Subject›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['ordered should be a proper date', 'Turn ‹Ordered› into dates.'],
      ['translator: Ines W., Paul R. or Rosa T., nothing else', 'Spell ‹Translator› as "Ines W.", "Paul R." or "Rosa T.".'],
      ['amount should be words times rate, check it', 'Check that ‹Amount› equals ‹Words› times ‹Rate›.'],
      ['recalculate amount as words times rate, 2 decimals', 'Set ‹Amount› to ‹Words› times ‹Rate› rounded to 2 decimals.'],
      ['days late, 0 if on time', 'Add ‹Days from Due to Delivered› as if (the whole days from ‹Due› to ‹Delivered›) is less than 0 then 0, otherwise the whole days from ‹Due› to ‹Delivered›.'],
      ['was each job delivered on time? yes or no', 'Add ‹Delivered label› as if ‹Delivered› is at most ‹Due› then "yes", otherwise "no".'],
      ['turnaround in working days', 'Add ‹Working days from Ordered to Delivered› as the whole working days from ‹Ordered› to ‹Delivered›.'],
      ['jobs not delivered yet', 'Keep rows where ‹Delivered› is blank.'],
      ['overdue on 1 February 2026 and not delivered', 'Keep rows where ‹Due› is less than the date "2026-02-01" and ‹Delivered› is blank.'],
      ['late jobs only', 'Keep rows where ‹Delivered› is more than ‹Due›.'],
      ['unpaid jobs', 'Keep rows where ‹Paid› is "no", "n" or "No".'],
      ['jobs for benno foods and dune travel', 'Keep rows where ‹Client› is "Benno Foods GmbH" or "Dune Travel".'],
      ['english to german', 'Keep rows where ‹From› is "English" and ‹To› is "German".'],
      ['language pair as From > To', null],
      ['amount incl. 19% VAT', 'Add ‹Amount times 1 plus 19 per 100› as ‹Amount› times (1 plus (19 divided by 100)).'],
      ['words per day between ordered and delivered', 'Add ‹Words per days from Ordered to Delivered› as ‹Words› divided by (the whole days from ‹Ordered› to ‹Delivered›).'],
      ['total words per translator', 'Answer ‹Total Words› as the sum of ‹Words› over the rows; for each ‹Translator›.'],
      ['total amount per client, largest first', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Client›; sorted by ‹Total Amount› from high to low.'],
      ['average rate by subject, 3 decimals', 'Answer ‹Average Rate› as the mean of ‹Rate› over the rows rounded to 3 decimals; for each ‹Subject›.'],
      ['how many jobs were late', 'Answer ‹Rows› as the number of rows; only where ‹Delivered› is more than ‹Due›.'],
      ['what share of the jobs was delivered on time', 'Answer ‹Share %› as ((the sum of (if ‹Delivered› is at most ‹Due› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which client brought in the most', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Client›; sorted by ‹Total Amount› from high to low; the first 1.'],
      ['which translator is late most often', 'Answer ‹Rows› as the number of rows; for each ‹Translator›; only where ‹Delivered› is more than ‹Due›; sorted by ‹Rows› from high to low; the first 1.'],
      ['jobs per month ordered', 'Answer ‹Rows› as the number of rows; for each ‹Month of Ordered› as the month of ‹Ordered›.'],
      ['words by language pair', null],
      ['revenue per month, only paid jobs', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Month of Ordered› as the month of ‹Ordered›; only where ‹Paid› is "yes" or "Y".'],
      ['invoice number without the prefix', null],
      ['percent mentioned in the notes as a number', 'Add ‹Percentage› as the first percentage in ‹Notes›.'],
      ['first name of the translator', 'Add ‹Part of Translator› as piece 1 of ‹Translator› cut at " ".'],
      ['remove jobs without a word count', 'Set aside rows where ‹Words› is blank.'],
      ['fill blank notes with a dash', 'Fill blanks in ‹Notes› with "-".'],
      ['if paid is blank put no', 'Fill blanks in ‹Paid› with "no".'],
      ['count jobs by client and subject', 'Answer ‹Rows› as the number of rows; for each ‹Client›; and by ‹Subject›.'],
      ['longest job per translator', 'Add ‹Days from Ordered to Delivered› as the whole days from ‹Ordered› to ‹Delivered›. Keep 1 row with the highest ‹Days from Ordered to Delivered› for each ‹Translator›.'],
      ['jobs over 3000 words', 'Keep rows where ‹Words› is more than 3000.'],
      ['rate above average', null],
      ['discount of 5% for jobs over 5000 words', null],
      ['due date moved 3 days later', 'Set ‹Due› to 3 days after ‹Due›.'],
      ['sort by due, undelivered first', null],
    ],
  },
  {
    table: 'pitches',
    csv: `Booking,Pitch,Guest,Arrives,Leaves,Adults,Children,Dog,Rate per night,Deposit,Status,Source,Note
CP-2041,B12,"Hollow, Bram",2026-07-03,2026-07-10,2,2,yes,€24.50,60,confirmed,Phone,late arrival
CP-2042,A03,ada fern,2026-07-04,2026-07-06,2,0,no,€31.00,20,Confirmed,web,
CP-2043,C21,"Marsh, Odile",04/07/2026,11/07/2026,1,0,Y,18.00,,cancelled,Web ,refund sent
CP-2044,A07,Tobias Brook,2026-07-05,2026-07-19,4,3,N,€31.00,150,confirmed,agency,two tents
CP-2045,B02,  Ines Vale,2026-07-05,2026-07-07,2,1,no,€24.50,30,pending,phone,needs power
CP-2046,C09,"Quarry, Stellan",2026-07-08,2026-07-09,1,0,,€18.00,18,no-show,Walk-in,
CP-2047,A03,Rosalind Pell,2026-07-10,2026-07-17,2,2,yes,€31.00,80,confirmed,web,"call 0161 4960 112"
CP-2048,B12,Ike Dunmore,2026-07-12,2026-07-15,3,0,no,24.50,40,pending,Agency,
CP-2049,C21,"Aster, Lorenz",2026-07-14,,2,4,yes,€18.00,,confirmed,phone,leaving date open
CP-2050,B05,Casimir Thorne,2026-07-15,2026-07-29,2,0,no,€24.50,100,confirmed,web,two tents
CP-2050,B05,Casimir Thorne,2026-07-15,2026-07-29,2,0,no,€24.50,100,confirmed,web,two tents`,
    cases: [
      ['how many nights does each booking stay?', 'Add ‹Days from Arrives to Leaves› as the whole days from ‹Arrives› to ‹Leaves›.'],
      ['add a column with the number of nights', 'Add ‹Days from Arrives to Leaves› as the whole days from ‹Arrives› to ‹Leaves›.'],
      ['what does each stay cost in total', null],
      ['nights times rate per night as Stay cost', 'Add ‹Stay cost› as (the whole days from ‹Arrives› to ‹Leaves›) times ‹Rate per night›.'],
      ['what\'s still to pay after the deposit', null],
      ['guests with a comma are written surname first, turn them round', 'Set ‹Guest› to (the first name of the person in ‹Guest›), (the middle name of the person in ‹Guest›) and (the last name of the person in ‹Guest›) joined with " ".'],
      ['everyone in capitalised first name last name form', 'Set ‹Guest› to ((the first name of the person in ‹Guest›), (the middle name of the person in ‹Guest›) and (the last name of the person in ‹Guest›) joined with " ") in title case.'],
      ['make the dog column yes or no throughout', 'Turn ‹Dog› into yes or no.'],
      ['dog: Y and yes are yes, N and no are no, blank means no', 'Turn ‹Dog› into yes or no. Fill blanks in ‹Dog› with "no".'],
      ['source in lower case without spaces at the ends', 'In ‹Source›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['get rid of the euro sign in the rate', 'Turn ‹Rate per night› into numbers.'],
      ['status should always start with a capital', 'In ‹Status›, write in sentence case.'],
      ['the booking CP-2050 is in there twice, keep it once', null],
      ['same booking number twice: drop the second', 'Keep the first row of each ‹Booking›.'],
      ['which pitches are booked more than once?', null],
      ['are any pitches double booked', null],
      ['bookings without a leaving date', 'Keep rows where ‹Leaves› is blank.'],
      ['kick out cancelled and no-show', 'Set aside rows where ‹Status› is "cancelled" or "no-show".'],
      ['only families with children', null],
      ['who\'s bringing a dog?', null],
      ['how many dogs are coming', 'Answer ‹Rows› as the number of rows; only where ‹Dog› is "yes" or "Y".'],
      ['people per booking, adults plus children', 'Add ‹people per booking› as ‹Adults› plus ‹Children›.'],
      ['headcount = adults + children', 'Add ‹headcount› as ‹Adults› plus ‹Children›.'],
      ['average party size by source', null],
      ['which source brings in the most nights', 'Answer ‹Total days from Arrives to Leaves› as the sum of (the whole days from ‹Arrives› to ‹Leaves›) over the rows; for each ‹Source›; sorted by ‹Total days from Arrives to Leaves› from high to low; the first 1.'],
      ['how many confirmed bookings per source', 'Answer ‹Rows› as the number of rows; for each ‹Source›; only where ‹Status› is "confirmed".'],
      ['the row of a pitch is its first letter, put it in Row', null],
      ['split pitch into letter and number', 'Split ‹Pitch› at the change from letters to digits into ‹Letter› and ‹Number›.'],
      ['price band: under 20 basic, 20 to 30 standard, above premium', 'Add ‹Rate per night group› as if ‹Rate per night› is less than 20 then "basic", if ‹Rate per night› is at least 20 and ‹Rate per night› is at most 30 then "standard", if ‹Rate per night› is more than 30 then "premium", otherwise blank.'],
      ['label stays longer than a week as long, the others short', 'Add ‹Arrives label› as if (the whole days from ‹Arrives› to ‹Leaves›) is more than 7 then "long", otherwise "short".'],
      ['leave dates should not be before arrival, check that', 'Check that ‹Leaves› is at least ‹Arrives›.'],
      ['rows where leaves is before arrives', 'Keep rows where ‹Leaves› is less than ‹Arrives›.'],
      ['arrivals in the second week of July', 'Keep rows where (the month of ‹Arrives›) equals 7 and (the day of ‹Arrives›) is at least 8 and (the day of ‹Arrives›) is at most 14.'],
      ['arrives on a weekend?', null],
      ['what weekday does each guest arrive', 'Add ‹Weekday of Arrives› as the weekday of ‹Arrives›.'],
      ['sort by arrival, then by pitch', 'Sort by ‹Arrives› and ‹Pitch›.'],
      ['latest departures first', 'Sort by ‹Leaves› from high to low.'],
      ['fill the missing deposits with 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['deposit as a share of the stay cost', null],
      ['deposits of 20% of rate times nights or less: flag them "ask for more"', null],
      ['raise all rates by 5 percent and round to 50 cents', 'Set ‹Rate per night› to ((‹Rate per night› times (1 plus (5 divided by 100))) divided by 0.5 rounded to 0 decimals) times 0.5.'],
      ['rates in pounds at 0.86', null],
      ['which guests have two tents', 'List each ‹Guest›; only where ‹Note› is "two tents".'],
      ['pull the phone number out of the note', 'Add ‹Telephone number› as the first telephone number in ‹Note›.'],
      ['take the digits of booking as a number', 'Add ‹Number› as the first number in ‹Booking›.'],
      ['rename leaves to departs', 'Rename ‹Leaves› to ‹departs›.'],
      ['put status right after guest', 'Move ‹Status› to after ‹Guest›.'],
      ['hide note and source', 'Hide ‹Note› and ‹Source›.'],
      ['total deposits by status, biggest first', 'Answer ‹Total Deposit› as the sum of ‹Deposit› over the rows; for each ‹Status›; sorted by ‹Total Deposit› from high to low.'],
      ['the three longest stays', 'Add ‹Days from Arrives to Leaves› as the whole days from ‹Arrives› to ‹Leaves›. Keep 3 rows with the highest ‹Days from Arrives to Leaves›.'],
      ['a quarter of rows at random', 'Keep 25 percent of the rows at random with seed 1.'],
      ['what share of bookings is still pending', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "pending" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['median stay', null],
      ['number of arrivals per day', 'Answer ‹Rows› as the number of rows; for each ‹Arrives›.'],
      ['first and last arrival per pitch', 'Answer ‹Lowest Arrives› as the lowest of ‹Arrives› over the rows; and ‹Highest Arrives› as the highest of ‹Arrives› over the rows; for each ‹Pitch›.'],
      ['running total of deposits by arrival date', 'Sort by ‹Arrives›. Add ‹Running total of Deposit› as the running total of ‹Deposit›.'],
      ['compare average rate of A pitches with B pitches', null],
      ['each child pays 4 a night, add it up', null],
      ['discount of 10% for stays of 7 nights or more', null],
      ['how full is the site on 14 July', null],
      ['pending ones arriving within 5 days of the 10th of July', null],
      ['order rows by dog, those with dog at the bottom', 'Sort by ‹Dog›.'],
      ['remove bookings where adults is 1 and there\'s no dog', null],
      ['how many dogs', 'Answer ‹Rows› as the number of rows; only where ‹Dog› is "yes" or "Y".'],
      ['split pitch into letters and numbers', 'Split ‹Pitch› at the change from letters to digits into ‹Letter› and ‹Number›.'],
      ['average number of nights by source', 'Answer ‹Average days from Arrives to Leaves› as the mean of (the whole days from ‹Arrives› to ‹Leaves›) over the rows; for each ‹Source›.'],
      ['total nights per pitch', 'Answer ‹Total days from Arrives to Leaves› as the sum of (the whole days from ‹Arrives› to ‹Leaves›) over the rows; for each ‹Pitch›.'],
      ['median nights', 'Answer ‹Median days from Arrives to Leaves› as the median of (the whole days from ‹Arrives› to ‹Leaves›) over the rows.'],
      ['bookings of 7 nights or more', 'Keep rows where (the whole days from ‹Arrives› to ‹Leaves›) is at least 7.'],
      ['stays longer than 7 nights', 'Keep rows where (the whole days from ‹Arrives› to ‹Leaves›) is more than 7.'],
      ['bookings of at least 7 nights', 'Keep rows where (the whole days from ‹Arrives› to ‹Leaves›) is at least 7.'],
      ['bookings for 2 nights or less', 'Keep rows where (the whole days from ‹Arrives› to ‹Leaves›) is at most 2.'],
      ['the total number of nights', 'Answer ‹Total days from Arrives to Leaves› as the sum of (the whole days from ‹Arrives› to ‹Leaves›) over the rows.'],
      ['stay cost = nights x rate per night', 'Add ‹stay cost› as (the whole days from ‹Arrives› to ‹Leaves›) times ‹Rate per night›.'],
      ['label stays of 7 nights or more as week', 'Add ‹Week› as if (the whole days from ‹Arrives› to ‹Leaves›) is at least 7 then "week", otherwise blank.'],
      ['how many nights in total?', 'Answer ‹Total days from Arrives to Leaves› as the sum of (the whole days from ‹Arrives› to ‹Leaves›) over the rows.'],
      ['leaves must not be before arrives', 'Check that ‹Leaves› is at least ‹Arrives›.'],
      ['bookings arriving on a weekend', 'Keep rows where (the weekday of ‹Arrives›) is "Saturday" or "Sunday".'],
      ['the 3 longest bookings', 'Add ‹Days from Arrives to Leaves› as the whole days from ‹Arrives› to ‹Leaves›. Keep 3 rows with the highest ‹Days from Arrives to Leaves›.'],
      ['arrivals in July', 'Keep rows where (the month of ‹Arrives›) equals 7.'],
      ['which source had the fewest nights?', 'Answer ‹Total days from Arrives to Leaves› as the sum of (the whole days from ‹Arrives› to ‹Leaves›) over the rows; for each ‹Source›; sorted by ‹Total days from Arrives to Leaves› from low to high; the first 1.'],
      ['arrivals per day', null],
      ['sort by arrives, check that', null],
      ['headcount = adults + children, check that', null],
      ['show the bookings with more children than adults', 'Keep rows where ‹Children› is more than ‹Adults›.'],
      ['bookings where adults outnumber children', null],
      ['make deposit 0 where status is cancelled', 'Set ‹Deposit› to 0, only where ‹Status› is "cancelled".'],
      ['set the deposit of no-shows to nothing', 'Set ‹Deposit› to blank, only where ‹Status› is "no-show".'],
      ['move the three phone bookings to agency', null],
      ['arrives should come before booking', 'Move ‹Arrives› to before ‹Booking›.'],
      ['total deposits without the cancelled ones', 'Answer ‹Total Deposit› as the sum of ‹Deposit› over the rows; only where ‹Status› is not "cancelled".'],
      ['how many bookings are not confirmed', 'Answer ‹Rows› as the number of rows; only where ‹Status› is not "confirmed".'],
      ['round the deposit up to the next 10', 'Set ‹Deposit› to (‹Deposit› divided by 10 rounded up to 0 decimals) times 10.'],
      ['guest surname only', null],
      ['is there a booking without a guest', 'Answer ‹Rows› as the number of rows; only where ‹Guest› is blank.'],
      ['number the bookings per pitch by arrival', 'Sort by ‹Arrives›. Add ‹Number› as the number of the row for each ‹Pitch›.'],
      ['mark stays that begin on a Saturday', null],
      ['web and Web are the same, make it one spelling', null],
      ['what is the highest rate among confirmed bookings', 'Answer ‹Highest Rate per night› as the highest of ‹Rate per night› over the rows; only where ‹Status› is "confirmed".'],
      ['deposit divided by people', null],
      ['add the month of arrival as text, like July', null],
      ['change no-show to absent', 'Replace cells that are "no-show" in ‹Status› with "absent".'],
      ['set deposit to 0 where status is cancelled', 'Set ‹Deposit› to 0, only where ‹Status› is "cancelled".'],
      ['make the deposit 0 where status is cancelled', 'Set ‹Deposit› to 0, only where ‹Status› is "cancelled".'],
      ['make deposit zero for cancelled bookings', 'Set ‹Deposit› to 0, only where ‹Status› is "cancelled".'],
      ['make deposit 0', null],
      ['make adults 2 where children is 1', 'Set ‹Adults› to 2, only where ‹Children› equals 1.'],
      ['make dog no where it is blank', 'Fill blanks in ‹Dog› with "no".'],
    ],
  },
  {
    table: 'drops',
    csv: `Drop,Courier,Zone,Picked up,Dropped,Distance km,Parcels,Weight g,Fee,Tip,Signed,Promised by,Comment
D-501,Lena Ash,North,2026-09-01 09:05,2026-09-01 09:40,4.2,2,1200,£6.50,1.00,Y,2026-09-01 10:00,left at desk
D-502,TOM REED,north ,2026-09-01 09:30,2026-09-01 10:50,7.8,1,450,£8.00,,Y,2026-09-01 10:30,late - traffic
D-503,Lena Ash,East,2026-09-01 11:00,2026-09-01 11:25,3.1,3,2600,£6.50,2.00,N,2026-09-01 12:00,"no answer, left with neighbour"
D-504,Priya Vale,South,2026-09-01 11:15,,5.5,1,800,£7.20,,,2026-09-01 12:30,returned
D-505,Tom Reed,East,2026-09-02 08:45,2026-09-02 09:20,4.9,4,5100,£9.40,0.50,Y,2026-09-02 09:30,
D-506,Priya Vale,S,2026-09-02 10:00,2026-09-02 10:35,6.0,1,300,£7.20,,Y,2026-09-02 10:30,customer rang 07700 900 123
D-507,lena ash,North,2026-09-02 13:10,2026-09-02 13:30,2.4,2,950,£5.00,1.50,Y,2026-09-02 14:00,
D-508,Kofi Marsh,West,2026-09-03 09:00,2026-09-03 10:10,11.3,6,7400,£14.00,3.00,Y,2026-09-03 10:30,two trips
D-509,Kofi Marsh,West,2026-09-03 12:00,2026-09-03 12:50,9.7,2,1900,£11.50,,N,2026-09-03 12:45,
D-510,Tom Reed,North,2026-09-04 15:20,2026-09-04 15:55,5.2,1,700,£6.50,1.00,Y,2026-09-04 16:00,paid cash`,
    cases: [
      ['how long did each drop take in minutes', 'Add ‹Minutes from Picked up to Dropped› as the minutes from ‹Picked up› to ‹Dropped›.'],
      ['minutes from picked up to dropped', 'Add ‹Minutes from Picked up to Dropped› as the minutes from ‹Picked up› to ‹Dropped›.'],
      ['average speed in km/h', null],
      ['weight in kilos', 'Add ‹Weight kg› as ‹Weight g› divided by 1000.'],
      ['fee per km', 'Add ‹Fee per Distance km› as ‹Fee› divided by ‹Distance km›.'],
      ['earnings = fee + tip', 'Add ‹earnings› as ‹Fee› plus ‹Tip›.'],
      ['a missing tip is zero', 'Fill blanks in ‹Tip› with "0".'],
      ['zone S means South', null],
      ['courier names in proper case', 'In ‹Courier›, write in title case.'],
      ['zones: trim and capitalise', 'In ‹Zone›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['drops per courier', 'Answer ‹Rows› as the number of rows; for each ‹Courier›.'],
      ['tips per courier, highest first', 'Answer ‹Total Tip› as the sum of ‹Tip› over the rows; for each ‹Courier›; sorted by ‹Total Tip› from high to low.'],
      ['who carried the most parcels', 'Answer ‹Total Parcels› as the sum of ‹Parcels› over the rows; for each ‹Courier›; sorted by ‹Total Parcels› from high to low; the first 1.'],
      ['which drops were late', 'Keep rows where ‹Dropped› is more than ‹Promised by›.'],
      ['flag drops made after the promised time as late', null],
      ['how many minutes late was each drop', 'Add ‹Minutes from Promised by to Dropped› as the minutes from ‹Promised by› to ‹Dropped›.'],
      ['share of drops signed', null],
      ['deliveries that were not signed for', 'Keep rows where ‹Signed› is "N".'],
      ['drops without an arrival time', null],
      ['split picked up into date and time', 'Add ‹Picked up date› as the date of ‹Picked up›. Add ‹Picked up time› as the time of day of ‹Picked up›.'],
      ['what hour of the day are parcels picked up', null],
      ['drops before 10 in the morning', 'Keep rows where (the minute of the day of ‹Dropped›) is less than 600.'],
      ['count of drops per zone and day', 'Answer ‹Rows› as the number of rows; for each ‹Zone›; and by ‹Date of Dropped› as the date of ‹Dropped›.'],
      ['heavy = over 2 kg, medium 1 to 2 kg, light below', null],
      ['average fee by zone, two decimals', 'Answer ‹Average Fee› as the mean of ‹Fee› over the rows rounded to 2 decimals; for each ‹Zone›.'],
      ['couriers\' first names only', 'Add ‹Part of Courier› as piece 1 of ‹Courier› cut at " ".'],
      ['put the phone number from the comment into its own column', 'Add ‹Telephone number› as the first telephone number in ‹Comment›.'],
      ['comments mentioning traffic', 'Keep rows where ‹Comment› mentions the word "traffic".'],
      ['remove the pound sign from fee', 'Turn ‹Fee› into numbers.'],
      ['round distance to whole km', 'Set ‹Distance km› to ‹Distance km› rounded to 0 decimals.'],
      ['total distance by courier in September', 'Answer ‹Total Distance km› as the sum of ‹Distance km› over the rows; for each ‹Courier›; only where (the month of ‹Dropped›) equals 9.'],
      ['the two longest trips by distance', 'Keep 2 rows with the highest ‹Distance km›.'],
      ['is the fee ever below 5', null],
      ['pay the courier 60% of the fee', null],
      ['pay = 60% of fee plus all of the tip', 'Add ‹pay› as (‹Fee› times (60 divided by 100)) plus ‹Tip›.'],
      ['tip as percent of fee, one decimal', 'Add ‹Tip per Fee %› as (‹Tip› divided by ‹Fee›) times 100 rounded to 1 decimal.'],
      ['sort by zone and then fee descending', 'Sort by ‹Zone› and ‹Fee› from high to low.'],
      ['drop the comment column', 'Drop ‹Comment›.'],
      ['fee must be between 5 and 15', 'Check that ‹Fee› is at least 5 and ‹Fee› is at most 15.'],
      ['rank couriers by number of parcels', 'Add ‹Rank by Parcels› as the rank, highest first, of ‹Parcels›.'],
      ['cumulative earnings per courier', 'Add ‹Running total of Fee› as the running total of ‹Fee› for each ‹Courier›.'],
      ['couriers with fewer than 3 drops', null],
      ['drops more than 10 minutes late', 'Keep rows where (the minutes from ‹Promised by› to ‹Dropped›) is more than 10.'],
      ['parcels over 5 or heavier than 5 kg', 'Keep rows where ‹Parcels› is more than 5 or else ‹Weight g› is more than 5000.'],
      ['add 20% VAT to the fee, rounded to pence', 'Add ‹Fee times 1 plus 20 per 100› as ‹Fee› times (1 plus (20 divided by 100)) rounded to 2 decimals.'],
      ['only the last drop of each courier', 'Keep the last row of each ‹Courier›.'],
      ['compare monday with tuesday', null],
      ['predict next week\'s parcels', null],
      ['which zone tips best on average', 'Answer ‹Average Tip› as the mean of ‹Tip› over the rows; for each ‹Zone›; sorted by ‹Average Tip› from high to low; the first 1.'],
      ['drops of Tom and Priya', 'Keep rows where ‹Courier› mentions the word "Tom" or "Priya".'],
      ['drops that were at least 5 minutes late', 'Keep rows where (the minutes from ‹Promised by› to ‹Dropped›) is at least 5.'],
      ['how many drops were more than 10 minutes late', 'Answer ‹Rows› as the number of rows; only where (the minutes from ‹Promised by› to ‹Dropped›) is more than 10.'],
      ['label drops more than 10 minutes late as bad, the rest as fine', 'Add ‹Promised by label› as if (the minutes from ‹Promised by› to ‹Dropped›) is more than 10 then "bad", otherwise "fine".'],
      ['flag drops that came after the promised time as late', null],
      ['which couriers were late', 'List each ‹Courier›; only where ‹Dropped› is more than ‹Promised by›.'],
    ],
  },
  {
    table: 'auction',
    csv: `Lot no,Item,Seller,Buyer,Category,Estimate,Hammer,Sold on,Weight,Size,Bids,Condition,Status,Remarks
A-0301,"Oak chest (18th c.)","Brandt, Elsa",Corvin Ltd,furniture,£350,£420.00,2026-02-07,38 kg,120x60x55,11,good,sold,"Some wear on the lid, ref 88213."
A-0302,Pair of brass candlesticks,"Nyman, Pia",M. Hollis,Silver & Metal,£60,£85.00,2026-02-07,1.2 kg,30x12x12,6,Good,sold,
A-0303,Walnut mirror,"Brandt, Elsa",,Furniture,£120,,07/02/2026,9 kg,90x60x5,0,fair,unsold,No bids at all.
A-0304,"Stoneware jug (2 pcs)","Orme, Gus",Lena Fry,Ceramics,£40,£38.00,7 Feb 2026,3400 g,25x20x20,3,chipped,sold,"Chip on the spout, buyer informed, ref 88240."
A-0305,"Map of the fens, framed","Orme, Gus",Corvin Ltd.,prints,£80,"£1,150.00",2026-02-14,2 kg,70x50x3,24,very good,sold,"Phone bid, ref 88251. Collected."
A-0306,"Mantel clock","Tarn, Wilf",P. Adair,Clocks,£200,£260.00,14/02/2026,5.5 kg,40x25x15,9,FAIR,sold,Key missing.
A-0307,Silver teapot,"Nyman, Pia",Lena Fry,silver & metal,£150,£155.00,2026-02-14,820 g,22x18x14,4,good,withdrawn,"Seller changed her mind, ref 88260."
A-0308,"Set of chairs (6 pcs)","Tarn, Wilf",Corvin Limited,Furniture,£300,£270.00,2026-02-21,36 kg,95x45x50,7,fair,sold,
A-0309,"Blue bowl (3 pcs)","Brandt, Elsa",M. Hollis,ceramics,£25,£61.00,21 Feb 2026,2.1kg,18x18x9,8,good,sold,Nice glaze.
A-0310,Brass telescope,"Lowe, Ida",,Instruments,£180,,2026-02-21,1.9 kg,60x8x8,2,good,unsold,Reserve not met.
A-0311,"Sea chart, hand coloured","Lowe, Ida",P. Adair,Prints,£90,£140.00,2026-03-07,1 kg,65x48x2,13,very good,sold,"Ref 88301, paid by card."
A-0312,Carriage clock,"Tarn, Wilf",M. Hollis,clocks,£110,£95.00,2026-03-07,1.1 kg,15x9x8,5,good,sold,Works well.
A-0313,"Pewter plates (4 pcs)","Nyman, Pia",Lena Fry,Silver & Metal,£45,£52.50,7/3/2026,4.2 kg,24x24x4,6,fair,sold,
A-0314,Rocking chair,"Brandt, Elsa",P. Adair,Furniture,£75,£130.00,2026-03-14,11 kg,110x60x80,10,good,withdrawn,Damaged in store.
A-0315,"Microscope, cased","Lowe, Ida",Corvin Ltd,instruments,£220,£305.00,14 Mar 2026,6 kg,35x20x20,15,very good,sold,"Lens clean, ref 88377."
`,
    cases: [
      ['Hammer prices should be plain figures, no pound sign and no comma for thousands', 'Turn ‹Hammer› into numbers.'],
      ['put the weights all in kilos, as a number with one decimal', 'Turn ‹Weight› into numbers in "kg". Set ‹Weight› to ‹Weight› rounded to 1 decimal.'],
      ['Sold on was entered in several styles, make them all proper dates. With slashes the day comes first.', 'Turn ‹Sold on› into dates, the day before the month.'],
      ['categories: same way of writing for all, first letter of every word a capital', 'In ‹Category›, write in title case.'],
      ['the conditions in small letters please', 'In ‹Condition›, write in lower case.'],
      ['Corvin appears as Corvin Ltd, Corvin Ltd. and Corvin Limited. Call it Corvin everywhere.', 'Replace cells that are "Corvin Ltd", "Corvin Ltd." or "Corvin Limited" in ‹Buyer› with "Corvin".'],
      ['take the bit in brackets off the item names', 'Remove what is between "(" and ")" from ‹Item›.'],
      ['where nobody bought it write "no buyer"', 'Fill blanks in ‹Buyer› with "no buyer".'],
      ['the estimate ought to be numeric', 'Turn ‹Estimate› into numbers.'],
      ['we need the number of pieces out of the item into its own column: it\'s in the brackets before pcs, leave it empty if there is none', 'Add ‹Number› as the first number in (the text between "(" and ")" in ‹Item›).'],
      ['Seller is surname, comma, first name. I\'d rather have it as Elsa Brandt.', 'Set ‹Seller› to (piece 2 of ‹Seller› cut at ",") followed by " " followed by (piece 1 of ‹Seller› cut at ",").'],
      ['split size at the x into Height, Width and Depth', 'Split ‹Size› at "x" into ‹Height›, ‹Width› and ‹Depth›.'],
      ['the lot number without the A- in front, as a number, in a new column Lot', 'Add ‹Lot› as the first number in (the text after the first "A-" in ‹Lot no›).'],
      ['Some remarks hold a reference of five digits after the word ref. Get that into a column Reference.', null],
      ['Make a caption such as "Walnut mirror - fair": item, dash, condition', null],
      ['two new columns from seller: Surname and First name', 'Add ‹Surname› as the last name of the person in ‹Seller›. Add ‹First name› as (the first name of the person in ‹Seller›) and (the middle name of the person in ‹Seller›) joined with " ".'],
      ['what month was each lot sold in? name of the month', 'Add ‹Month of Sold on› as the month name of ‹Sold on›.'],
      ['get the year and the month of the sale into columns of their own', 'Add ‹Sold on year› as the year of ‹Sold on›. Add ‹Sold on month› as the month of ‹Sold on›.'],
      ['call Hammer Final price and Bids Number of bids', null],
      ['move Status in front of Category', 'Move ‹Status› to before ‹Category›.'],
      ['we can do without size and remarks', 'Drop ‹Size› and ‹Remarks›.'],
      ['I want to see lot no, item, hammer and buyer, nothing else', 'Keep only the columns ‹Lot no›, ‹Item›, ‹Hammer› and ‹Buyer›.'],
      ['round estimate to tens', 'Set ‹Estimate› to (‹Estimate› divided by 10 rounded to 0 decimals) times 10.'],
      ['throw out the withdrawn lots', 'Set aside rows where ‹Status› is "withdrawn".'],
      ['only furniture and clocks', 'Keep rows where ‹Category› is "Furniture" or "Clocks".'],
      ['keep only what went for more than its estimate', 'Keep rows where ‹Hammer› is more than ‹Estimate›.'],
      ['all lots sold between 7 and 21 February 2026', 'Keep rows where ‹Sold on› is at least the date "2026-02-07" and ‹Sold on› is at most the date "2026-02-21".'],
      ['which lots fetched less than they were estimated at? leave only those', 'Keep rows where ‹Hammer› is less than ‹Estimate›.'],
      ['the three most expensive lots', 'Keep 3 rows with the highest ‹Hammer›.'],
      ['lots nobody bid on can go', 'Set aside rows where ‹Bids› is blank or else ‹Bids› equals 0.'],
      ['sort by category, and inside each category the dearest first', 'Sort by ‹Category› and ‹Hammer› from high to low.'],
      ['newest sale on top, and for the same day by lot no', 'Sort by ‹Sold on› from high to low and ‹Lot no›.'],
      ['one lot from each seller, the one with the highest hammer price', 'Keep 1 row with the highest ‹Hammer› for each ‹Seller›.'],
      ['take 5 lots at random', 'Keep 5 rows at random with seed 1.'],
      ['keep everything in good or very good condition', 'Keep rows where ‹Condition› is "good" or "very good".'],
      ['remove anything over 20 kg', 'Set aside rows where (‹Weight› measured in "kg") is more than 20.'],
      ['lots whose remarks mention a ref', 'Keep rows where ‹Remarks› mentions the word "ref".'],
      ['drop the lots that were sold below 60 pounds', 'Set aside rows where ‹Hammer› is less than 60.'],
      ['Add the commission: 15% of the hammer price, two decimals, nothing where it wasn\'t sold', 'Add ‹commission› as if ‹Status› is not "sold" then blank, otherwise ‹Hammer› times (15 divided by 100) rounded to 2 decimals.'],
      ['by how much did each lot beat its estimate, in percent, one decimal? Blank if there was no hammer price.', 'Add ‹Hammer minus Estimate per Estimate %› as ((‹Hammer› minus ‹Estimate›) divided by ‹Estimate›) times 100 rounded to 1 decimal.'],
      ['new column Result: above if the hammer price is over the estimate, below if it is under, level if they are the same, and blank when it did not sell', null],
      ['give every lot its rank by hammer price within its category, the dearest is 1', 'Add ‹Rank by Hammer› as the rank, highest first, of ‹Hammer› for each ‹Category›.'],
      ['a cumulative total of hammer in date order', 'Sort by ‹Sold on›. Add ‹Running total of Hammer› as the running total of ‹Hammer›.'],
      ['share of each lot in the total hammer of its category, in percent with 1 decimal', 'Add ‹Hammer per total Hammer per Category %› as (‹Hammer› divided by (the sum of ‹Hammer› over the rows for each ‹Category›)) times 100 rounded to 1 decimal.'],
      ['mean hammer price of the seller\'s lots beside each lot', 'Add ‹Average Hammer per Seller› as the mean of ‹Hammer› over the rows for each ‹Seller›.'],
      ['price per bid, 2 decimals, blank if no bids', 'Add ‹Hammer per Bids› as ‹Hammer› divided by ‹Bids› rounded to 2 decimals.'],
      ['net to seller = hammer minus 12% commission minus a fixed fee of 3 pounds per lot', 'Add ‹net to seller› as (‹Hammer› times (1 minus (12 divided by 100))) minus 3.'],
      ['label lots: small when under 3 kg, medium from 3 up to 15 kg, heavy above that', 'Add ‹Weight label› as if (‹Weight› measured in "kg") is less than 3 then "small", if (‹Weight› measured in "kg") is at least 3 and (‹Weight› measured in "kg") is at most 15 then "medium", if (‹Weight› measured in "kg") is more than 15 then "heavy", otherwise blank.'],
      ['how many lots does each seller have? put the count on every row', 'Add ‹Rows per Seller› as the number of rows for each ‹Seller›.'],
      ['difference between hammer and the hammer of the lot above', 'Add ‹Hammer minus row above Hammer› as ‹Hammer› minus (the row above of ‹Hammer›).'],
      ['days between the first sale and each sale', null],
      ['how many lots were sold per category', null],
      ['what\'s the total hammer price by seller, highest first?', 'Answer ‹Total Hammer› as the sum of ‹Hammer› over the rows; for each ‹Seller›; sorted by ‹Total Hammer› from high to low.'],
      ['which buyer spent the most?', 'Answer ‹Total Hammer› as the sum of ‹Hammer› over the rows; for each ‹Buyer›; sorted by ‹Total Hammer› from high to low; the first 1.'],
      ['average number of bids for the sold lots', 'Answer ‹Average Bids› as the mean of ‹Bids› over the rows; only where ‹Status› is "sold".'],
      ['what share of lots remained unsold, in percent to one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "unsold" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['how many different buyers do we have?', 'Answer ‹Different Buyer› as the number of different values of ‹Buyer› over the rows.'],
      ['highest hammer price for each category', 'Answer ‹Highest Hammer› as the highest of ‹Hammer› over the rows; for each ‹Category›.'],
      ['sum of hammer and number of lots by month of sale', 'Answer ‹Total Hammer› as the sum of ‹Hammer› over the rows; and ‹Rows› as the number of rows; for each ‹Month of Sold on› as the month of ‹Sold on›.'],
      ['which three sellers brought in the most?', 'Answer ‹Total Hammer› as the sum of ‹Hammer› over the rows; for each ‹Seller›; sorted by ‹Total Hammer› from high to low; the first 3.'],
      ['average hammer by condition, 2 decimals, without the withdrawn ones', 'Answer ‹Average Hammer› as the mean of ‹Hammer› over the rows rounded to 2 decimals; for each ‹Condition›; only where ‹Status› is not "withdrawn".'],
      ['how many kilos of furniture did we sell?', null],
    ],
  },
  {
    table: 'sweeps',
    csv: `Job,Booked,Done,Customer,Phone,Address,Appliance,Flues,Minutes,Fee,Parts,Paid,Sweep,Certificate,Comment
J101,2026-01-05,2026-01-12,Mrs Ada Holt,0555 201 300,"3 Mill Lane, Orby, OB1 2AA",Wood stove / 8 kW,1,45,€70.00,0,yes,Rolf,issued,All clean.
J102,2026-01-06,2026-01-13,Mr Ben Sorley,0555-201-301,"17 High Street, Orby",Open fire / -,2,80,€110.00,12.50,Y,Inka,issued,"Cap loose, fixed it."
J103,2026-01-07,,Dr Cora Finch,(0555) 201 302,"Ridge Farm, Tolby, TB4 1QZ",Pellet stove / 10 kW,1,,€70.00,,no,Rolf,,Customer not in.
J104,09/01/2026,2026-01-20,mrs ada holt,0555 201 300,"3 Mill Lane, Orby, OB1 2AA",Wood stove / 8 kW,1,40,€70.00,0,N,Rolf,issued,
J105,2026-01-12,2026-02-02,Ms Dita Marr,0555.201.303,"8 Quay Road, Senn, SE2 7PL",Wood stove / 5 kW,1,55,€70,34.00,yes,Inka,refused,"Crack in the liner, carbon monoxide risk!"
J106,12 Jan 2026,2026-01-28,Mr Egon Pell,0555 201 304,"Old Mill, Tolby, TB4 1QR",Boiler / 24 kW,1,90,€145.00,18.00,y,Joost,issued,Heavy soot.
J107,2026-01-15,2026-01-29,Mr Ben Sorley,0555-201-301,"17 High Street, Orby",Open fire / -,2,75,€110.00,,Yes,Inka,issued,
J108,2026-01-19,2026-02-03,Ms Fia Lund,0555 201 305,"Harbour House, Senn, SE2 7PA",Pellet stove/9 kW,1,50,"€1,070.00",0,no,Joost,issued,"Nest removed, two visits."
J109,2026-01-20,2026-02-10,Mr Gil Otto,none,"5 Church Walk, Orby, OB1 2AC",Wood stove / 6 kW,1,45,€70.00,0,n/a,Rolf,pending,Wants a receipt.
J110,21/01/2026,,Mrs Hedy Blom,0555 201 306,"The Lodge, Senn, SE2 7PX",Boiler / 18 kW,2,,€145.00,,No,Joost,,Rang twice.
J111,2026-01-23,2026-02-11,Dr Cora Finch,(0555) 201 302,"Ridge Farm, Tolby, TB4 1QZ",Pellet stove / 10 kW,1,60,€70.00,9.90,yes,Rolf,issued,"Soot alarm fitted, carbon monoxide alarm tested."
J112,2026-01-26,2026-02-12,Mr Ivo Stern,0555 201 307,"22 High Street, Orby, OB1 2AD",Wood stove / 7 kW,3,120,€150.00,40.00,Y,Inka,issued,Three flues done.
`,
    cases: [
      ['phone: digits only, none becomes blank', 'Remove all everything but digits from ‹Phone›.'],
      ['booked: one date format please, day before month where there are slashes', 'Turn ‹Booked› into dates, the day before the month.'],
      ['Paid has yes, Y, y and so on. Turn it into plain yes or no; n/a counts as no.', 'Turn ‹Paid› into yes or no, reading "n/a" as "no".'],
      ['fees as numbers, the euro sign and the thousands comma must go', 'Turn ‹Fee› into numbers.'],
      ['parts: empty means zero', 'Fill blanks in ‹Parts› with "0".'],
      ['certificate is empty for the ones not done yet, fill in "open" there', 'Fill blanks in ‹Certificate› with "open".'],
      ['split appliance at the slash into Type and Output', 'Split ‹Appliance› at "/" into ‹Type› and ‹Output›.'],
      ['output in kW as a number out of appliance, nothing where there is only a dash', null],
      ['take the postcode out of the address into its own column', 'Add ‹Postcode› as the postcode of the address in ‹Address›.'],
      ['the town is what stands after the first comma in the address. New column Town.', 'Add ‹Town› as the text after the first "," in ‹Address›.'],
      ['form of address into a separate column Title, and leave only the name in Customer', 'Add ‹Title› as the title of the person in ‹Customer›. Set ‹Customer› to (the first name of the person in ‹Customer›), (the middle name of the person in ‹Customer›), (the last name of the person in ‹Customer›) and (the name suffix of the person in ‹Customer›) joined with " ".'],
      ['first name and last name of the customer in two columns, without the title', 'Add ‹First name› as (the first name of the person in ‹Customer›) and (the middle name of the person in ‹Customer›) joined with " ". Add ‹Last name› as the last name of the person in ‹Customer›.'],
      ['the last two letters of the phone... no, the last three digits, in a new column', null],
      ['how many days did customers wait from booking to the visit? leave it empty if it has not been done', null],
      ['flag jobs that took more than 14 days from booking with slow, others with fine, not done ones with open', null],
      ['Total = fee plus parts, where parts is empty take it as zero', 'Add ‹Total› as ‹Fee› plus (‹Parts›, or 0 where it is blank).'],
      ['price per flue, rounded to 2 decimals', null],
      ['minutes per flue in a new column, no decimals', 'Add ‹Minutes per Flues› as ‹Minutes› divided by ‹Flues› rounded to 0 decimals.'],
      ['hourly earnings per job: fee divided by minutes times 60, one decimal; blank without minutes', 'Add ‹hourly earnings per job› as (‹Fee› divided by ‹Minutes›) times 60 rounded to 1 decimal.'],
      ['add 19% tax on the fee, call it Gross, two decimals', 'Add ‹Gross› as ‹Fee› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['jobs that have not been done yet', 'Keep rows where ‹Done› is blank.'],
      ['unpaid jobs only', 'Keep rows where ‹Paid› is "no", "N" or "No".'],
      ['remove the jobs done by Joost', 'Set aside rows where ‹Sweep› is "Joost".'],
      ['all visits in February', null],
      ['just the comments that talk about carbon monoxide', 'Keep rows where ‹Comment› mentions the word "carbon monoxide".'],
      ['the same customer should only be in here once, keep the latest booking', 'Keep 1 row with the highest ‹Booked› for each ‹Customer›.'],
      ['Mr Sorley\'s jobs', 'Keep rows where ‹Customer› mentions the word "Sorley".'],
      ['longest jobs first, those without minutes at the end', 'Sort by ‹Minutes› from high to low.'],
      ['keep jobs with two or more flues', 'Keep rows where ‹Flues› is at least 2.'],
      ['drop everything booked before the 9th of January', 'Set aside rows where ‹Booked› is less than the date "2026-01-09".'],
      ['total fees per sweep', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Sweep›.'],
      ['how much money is still outstanding?', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; only where ‹Paid› is "no", "N" or "No".'],
      ['average minutes per sweep, only jobs that were done, whole minutes', 'Answer ‹Average Minutes› as the mean of ‹Minutes› over the rows rounded to 0 decimals; for each ‹Sweep›; only where ‹Done› is filled.'],
      ['who did the most jobs?', null],
      ['how many certificates were issued', 'Answer ‹Rows› as the number of rows; only where ‹Certificate› is "issued".'],
      ['which town has the most jobs', null],
      ['how many jobs per month of booking and what fee in total', 'Answer ‹Rows› as the number of rows; and ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Month of Booked› as the month of ‹Booked›.'],
      ['percentage of jobs unpaid', 'Answer ‹Share %› as ((the sum of (if ‹Paid› is "no", "N" or "No" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['what did Inka earn in all, fee and parts together', 'Answer ‹Total Fee plus Parts› as the sum of (‹Fee› plus ‹Parts›) over the rows; only where ‹Sweep› is "Inka".'],
      ['the median wait in days', 'Answer ‹Median days from Booked to Done› as the median of (the whole days from ‹Booked› to ‹Done›) over the rows.'],
      ['remind the customers who have not paid', null],
      ['colour the unpaid rows red', 'Mark ‹Paid› in the held accent where ‹Paid› is "no", "N" or "No".'],
      ['what is the weather in Orby', null],
      ['merge in the addresses from the invoices file', null],
      ['add the soot depth in mm per flue', null],
    ],
  },
  {
    table: 'roasts',
    csv: `Batch,Roasted,Origin,Process,Roaster,Green kg,Roasted kg,Time,Temp,Colour,Score,Price per kg,Customer,Ordered,Shipped,Notes
B-2101,2026-03-02,Huila / Valle Alto,washed,Tamsin,12.0,10.2,11:40,214 C,light,86.5,€28.00,Cafe Lumen,2026-02-25,2026-03-04,"floral, a bit thin"
B-2102,2026-03-02,Sidra / Monte,Natural,Tamsin,12,9.9,12:05,216C,medium,88,€31.50,Brook & Daughter,2026-02-26,,"berry bomb, very sweet"
B-2103,03/03/2026,Kaffa / Gera,washed ,Owen,15.5,13.1,13:10,219 C,Medium,84,€24.00,Cafe Lumen,2026-02-27,2026-03-05,
B-2104,3 Mar 2026,Huila / Valle Alto,honey,Owen,8,6.9,10 min 50 s,424 F,light,,€29.00,Tide Bakery,2026-03-01,2026-03-06,"scorched, do not sell"
B-2105,2026-03-04,Antigua/Pastores,WASHED,Bea,20,16.6,14:00,221 C,dark,81.5,€19.80,Grand Pier Hotel,2026-02-20,2026-03-09,"smoky, low acid"
B-2106,2026-03-05,Kaffa / Gera,natural,Bea,10.5,8.8,12:20,217 C,medium,87,€27.00,,2026-03-02,2026-03-07,"winey, clean finish"
B-2107,06/03/2026,Sidra / Monte,natural,Tamsin,12,10.1,12:00,215 C,medium,n/a,€31.50,Brook & Daughter,2026-03-03,2026-03-10,
B-2108,2026-03-09,Huila / Valle Alto,Washed,Owen,14,11.8,11:55,215 C,light,85,"€1,028.00",Tide Bakery,2026-03-04,2026-03-12,typo in price?
B-2109,2026-03-10,Antigua / Pastores,washed,Bea,20,0,,,,,€19.80,Grand Pier Hotel,2026-03-05,,"machine fault, batch lost"
B-2110,2026-03-11,Kaffa / Gera,honey,Tamsin,9,7.7,11:10,213 C,Light,89,€30.00,Cafe Lumen,2026-03-08,2026-03-13,"jasmine, sweet"
B-2111,12 Mar 2026,Huila / Valle Alto,washed,Owen,12,10.3,11:50,215 C,light,86,€28.00,Cafe Lumen,2026-03-09,2026-03-16,
B-2112,2026-03-13,Sidra / Monte,Natural,Bea,6,5.1,11:30,417 F,medium,90.5,€33.00,Brook & Daughter,2026-03-10,2026-03-17,"complex, sweet, long"
`,
    cases: [
      ['process: lower case, trimmed', 'In ‹Process›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['normalise the colours so that each is written the same way, all small', 'Standardise ‹Colour›. In ‹Colour›, write in lower case.'],
      ['I need the temperatures in Celsius throughout, without the letter, whole degrees', 'Turn ‹Temp› into numbers in "c". Set ‹Temp› to ‹Temp› rounded to 0 decimals.'],
      ['roast time in seconds please, only the number', 'Turn ‹Time› into numbers in "s".'],
      ['the price per kg has euro signs in it, make that column numeric', 'Turn ‹Price per kg› into numbers.'],
      ['turn n/a in score into an empty cell and make the score a number', 'Remove cells that are "n/a" from ‹Score›. Turn ‹Score› into numbers.'],
      ['roasted: all dates in one format, day first for the slashed ones', 'Turn ‹Roasted› into dates, the day before the month.'],
      ['if there\'s no customer write house', 'Fill blanks in ‹Customer› with "house".'],
      ['origin consists of a region and a farm with a slash between them; make two columns Region and Farm out of it', 'Split ‹Origin› at "/" into ‹Region› and ‹Farm›.'],
      ['give me just the farm in a new column', null],
      ['batch number as digits only into a new column No', 'Add ‹No› as the first number in ‹Batch›.'],
      ['first three letters of the customer in capitals as a code', 'Add ‹Customer first 3› as (the first 3 characters of ‹Customer›) in capitals.'],
      ['rename Notes to Tasting notes, Temp to End temp', 'Rename ‹Notes› to ‹Tasting notes› and ‹Temp› to ‹End temp›.'],
      ['put score directly behind batch', 'Move ‹Score› to after ‹Batch›.'],
      ['ordered and shipped are not needed here', 'Drop ‹Ordered› and ‹Shipped›.'],
      ['keep batch, origin, score and price, throw the other columns away', 'Keep only the columns ‹Batch›, ‹Origin›, ‹Score› and ‹Price per kg›.'],
      ['price to one decimal', 'Set ‹Price per kg› to ‹Price per kg› rounded to 1 decimal.'],
      ['washed only', 'Keep rows where ‹Process› is "washed".'],
      ['everything Tamsin roasted', 'Keep rows where ‹Roaster› is "Tamsin".'],
      ['leave out the lost batch (roasted kg is 0)', 'Set aside rows where ‹Roasted kg› equals 0.'],
      ['only batches with a score of 86 or better', 'Keep rows where ‹Score› is at least 86.'],
      ['the ones that have not shipped', 'Keep rows where ‹Shipped› is blank.'],
      ['light and medium roasts, nothing dark', 'Keep rows where ‹Colour› is "light" or "medium".'],
      ['batches roasted from 3 March up to and including 9 March', 'Keep rows where ‹Roasted› is at least the date "2026-03-03" and ‹Roasted› is at most the date "2026-03-09".'],
      ['keep the top 4 scores', 'Keep 4 rows with the highest ‹Score›.'],
      ['take out whatever has sweet in its notes', 'Set aside rows where ‹Notes› mentions the word "sweet" or "sweets".'],
      ['sort by origin, then by score with the best one first', 'Sort by ‹Origin› and ‹Score› from high to low.'],
      ['oldest order first', 'Sort by ‹Ordered›.'],
      ['the last batch of every origin', 'Keep the last row of each ‹Origin›.'],
      ['sample three batches for me', 'Keep 3 rows at random with seed 1.'],
      ['two random ones per roaster', 'Keep 2 rows at random with seed 1 for each ‹Roaster›.'],
      ['weight loss in percent: green minus roasted, over green; one decimal, nothing when roasted is 0', 'Add ‹weight loss in percent› as if ‹Roasted kg› equals 0 then blank, otherwise ((‹Green kg› minus ‹Roasted kg›) divided by ‹Green kg›) times 100 rounded to 1 decimal.'],
      ['how many days between order and shipping? put that into a column Lead time, leave it blank while it hasn\'t gone out', 'Add ‹Lead time› as the whole days from ‹Ordered› to ‹Shipped›.'],
      ['revenue for every batch: roasted kg times price per kg, two decimals', 'Add ‹revenue for every batch› as ‹Roasted kg› times ‹Price per kg› rounded to 2 decimals.'],
      ['each batch\'s share of all the roasted kilos, as a percentage, 2 decimals', 'Add ‹Roasted kg per total Roasted kg› as (‹Roasted kg› divided by (the sum of ‹Roasted kg› over the rows)) times 100 rounded to 2 decimals.'],
      ['grade: A from 88, B from 85 to below 88, C for the rest, and none if there is no score', null],
      ['average score of its origin beside every batch, one decimal', 'Add ‹Average Score per Origin› as the mean of ‹Score› over the rows for each ‹Origin› rounded to 1 decimal.'],
      ['rank of each batch by score among those of the same process', 'Add ‹Rank by Score› as the rank, highest first, of ‹Score› for each ‹Process›.'],
      ['cumulative roasted kg by date', 'Sort by ‹Roasted›. Add ‹Running total of Roasted kg› as the running total of ‹Roasted kg›.'],
      ['how much did the score change from the roaster\'s previous batch?', 'Add ‹Score minus row above Score› as ‹Score› minus (the row above of ‹Score› for each ‹Roaster›).'],
      ['price with 7% VAT on top, called Gross, rounded to cents', 'Add ‹Gross› as ‹Price per kg› times (1 plus (7 divided by 100)) rounded to 2 decimals.'],
      ['kg per minute of roasting, 3 decimals', null],
      ['Margin is revenue minus cost, where cost is green kg times 9.50', null],
      ['mark late if shipped more than 4 days after it was ordered, else ok, and open if not shipped', 'Add ‹Ordered label› as if (the whole days from ‹Ordered› to ‹Shipped›) is more than 4 then "late", if ‹Shipped› is blank then "open", otherwise "ok".'],
      ['weekday of roasting in a new column', 'Add ‹Weekday of Roasted› as the weekday of ‹Roasted›.'],
      ['calendar week in which it was roasted', 'Add ‹Week of Roasted› as the week of ‹Roasted›.'],
      ['how many batches did each roaster do?', 'Answer ‹Rows› as the number of rows; for each ‹Roaster›.'],
      ['total roasted kg for each origin, most first', 'Answer ‹Total Roasted kg› as the sum of ‹Roasted kg› over the rows; for each ‹Origin›; sorted by ‹Total Roasted kg› from high to low.'],
      ['which customer bought the most kilos?', null],
      ['what\'s the mean score per process, ignoring the empty ones, to 1 decimal', 'Answer ‹Average Score› as the mean of ‹Score› over the rows rounded to 1 decimal; for each ‹Process›.'],
      ['how many batches are still to be shipped', 'Answer ‹Rows› as the number of rows; only where ‹Shipped› is blank.'],
      ['average weight loss over everything, i.e. total green minus total roasted divided by total green, in percent', null],
      ['highest and lowest score per roaster', null],
      ['number of batches and kilos per week', null],
      ['what percentage of batches scored 85 or more?', 'Answer ‹Share %› as ((the sum of (if ‹Score› is at least 85 then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['add the cupping date from the lab table', null],
      ['remove the batches that were recalled', null],
      ['which batches does Grand Pier Hotel complain about?', null],
    ],
  },
  {
    table: 'bookings',
    csv: `Ref,Room,Date,Start,Group,Lead contact,Players,Result,Time left,Hints,Price,Discount,Voucher,Host,Rating,Review
R001,The Vault,2026-04-03,18:00,Team Otter,Mara Lind <mara@lind.example>,5,Escaped,04:12,2,150.00,0,,Ned,5,"Loved it, the host was so funny."
R002,Pharaoh,2026-04-03,19:30,Nightshift,"jo park <JO@park.example>",3,failed,0,4,105.00,10,SPRING10,Ned,3,Bit cold in there.
R003,the vault,2026-04-04,14:00,Fern & friends,Ada Fern <ada.fern@post.example>,6,escaped,11:40,1,180.00,0,,Ulla,5,
R004,Submarine,2026-04-04,16:30,,Tom Aske,2,Escaped,00:48,5,80.00,0,,Ulla,4,"Hard but fair, one lock was broken."
R005,Pharaoh,2026-04-05,11:00,The Locksmiths,Pia Voss <pia@voss.example>,4,Failed,0,3,140.00,20,FAMILY20,Ned,2,Broken prop spoiled the end.
R006,Submarine,2026-04-05,13:30,Team Otter,Mara Lind <mara@lind.example>,5,escaped,07:05,3,150.00,0,,Cas,5,Best room in town!
R007,The Vault ,2026-04-10,20:00,Office Four,Lee Marsh <lee.marsh@four.example>,8,no show,,0,240.00,0,,Cas,,
R008,Pharaoh,2026-04-11,15:00,Nightshift,jo park <JO@park.example>,3,Escaped,02:30,4,105.00,10,SPRING10,Ulla,4,Better than last time.
R009,Submarine,2026-04-11,17:30,Birthday Ivo,Dora Finch <dora@finch.example>,6,ESCAPED,03:15,2,180.00,15,,Ned,5,"Great birthday, thank you Ned."
R010,Pharaoh,2026-04-12,12:00,,Egon Pell,2,failed,0,6,80.00,0,,Cas,3,
R011,The Vault,2026-04-17,18:30,The Locksmiths,Pia Voss <pia@voss.example>,4,Escaped,05:55,1,140.00,20,FAMILY20,Ulla,4,
R012,Submarine,2026-04-18,10:30,Fern & friends,Ada Fern <ada.fern@post.example>,7,cancelled,,,210.00,0,,Ned,,Rescheduled to May.
`,
    cases: [
      ['rooms: tidy spaces and title case', 'In ‹Room›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['result should be one of Escaped, Failed, No show, Cancelled; same spelling everywhere', 'Spell ‹Result› as "Escaped", "Failed", "No show" or "Cancelled".'],
      ['group is missing for some, put "private" there', 'Fill blanks in ‹Group› with "private".'],
      ['separate the lead contact into Name and Email; the email is in the pointed brackets', null],
      ['name of the lead with proper capitals', 'In ‹Lead contact›, write in title case.'],
      ['email addresses in small letters', null],
      ['time left as seconds, empty when there\'s none', 'Turn ‹Time left› into numbers in "s", reading "none" as blank.'],
      ['players as whole numbers, price without decimals', 'Turn ‹Players› into whole numbers. Set ‹Price› to ‹Price› rounded to 0 decimals.'],
      ['pull the number out of the voucher code into Percent off', null],
      ['combine date and start into one timestamp called Starts', 'Add ‹Starts› as ‹Date› at the time ‹Start›.'],
      ['teams in the form Group (Room)', 'Add ‹teams› as ‹Group› followed by " (" followed by ‹Room› followed by ")".'],
      ['new column Half: morning before 12, afternoon from 12 till 17, evening after that', 'Add ‹Half› as if (the minute of the day of ‹Start›) is less than 720 then "morning", if (the minute of the day of ‹Start›) is at least 720 and (the minute of the day of ‹Start›) is less than 1020 then "afternoon", if (the minute of the day of ‹Start›) is at least 1020 then "evening", otherwise blank.'],
      ['drop no-shows and cancelled games', 'Set aside rows where ‹Result› is "no show" or "cancelled".'],
      ['only weekend games', 'Keep rows where (the weekday of ‹Date›) is "Saturday" or "Sunday".'],
      ['games in the Vault with more than five players', 'Keep rows where ‹Room› is "The Vault" and ‹Players› is more than 5.'],
      ['bookings with a voucher', 'Keep rows where ‹Voucher› is filled.'],
      ['keep the ones that paid full price', null],
      ['groups that came more than once, only those rows', 'Keep rows where (the number of rows for each ‹Group›) is more than 1.'],
      ['everything before the 10th of April', 'Keep rows where ‹Date› is less than the date "2026-04-10".'],
      ['reviews that say something is broken', 'Keep rows where ‹Review› mentions the word "broken".'],
      ['each group just once, their first visit', 'Keep the first row of each ‹Group›.'],
      ['net price: price less the discount percentage, 2 decimals', 'Add ‹net price› as ‹Price› times (1 minus (‹Discount› divided by 100)) rounded to 2 decimals.'],
      ['price per head with two decimals', 'Add ‹Price per Players› as ‹Price› divided by ‹Players› rounded to 2 decimals.'],
      ['what they actually paid per player, i.e. price minus discount divided by players', null],
      ['yes or no column: did they escape', 'Add ‹Result label› as if ‹Result› is "Escaped" then "yes", otherwise "no".'],
      ['hints per player, empty if nobody played', 'Add ‹Hints per Players› as ‹Hints› divided by ‹Players›.'],
      ['running total of price in order of date', 'Sort by ‹Date›. Add ‹Running total of Price› as the running total of ‹Price›.'],
      ['how does each rating compare with the host\'s average, plus or minus, one decimal', 'Add ‹Rating minus average Rating per Host› as ‹Rating› minus (the mean of ‹Rating› over the rows for each ‹Host›) rounded to 1 decimal.'],
      ['games per room', null],
      ['success rate by room in percent (escaped games out of those that were played), one decimal', null],
      ['which host has the best average rating? only the name', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; for each ‹Host›; sorted by ‹Average Rating› from high to low; the first 1.'],
      ['how many players have we had in total, no-shows and cancellations left out', null],
      ['takings per weekend day', null],
      ['mean rating for each room and host', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; for each ‹Room›; and by ‹Host›.'],
      ['what was the fastest escape, i.e. the most time left?', null],
      ['which room was booked the most', 'Answer ‹Rows› as the number of rows; for each ‹Room›; sorted by ‹Rows› from high to low; the first 1.'],
      ['who gave a rating below 3', null],
      ['median hints of escaped games', 'Answer ‹Median Hints› as the median of ‹Hints› over the rows; only where ‹Result› is "Escaped".'],
      ['total revenue after discount', null],
      ['add another column with the age of the players', 'Add ‹age› as ‹Players›.'],
      ['sort by time left', 'Sort by ‹Time left›.'],
      ['put R012 last', null],
      ['undo the last three things', null],
    ],
  },
  {
    table: 'episodes',
    csv: `No,Title,Host,Guests,Published,Length,Downloads W1,Downloads W4,Sponsor,Ad fee,Rating,Topic,Status,Link
1,"Cold Water: a winter swim",Rhea Moss,"Tom Ilk; Ada Born",2025-11-03,42:10,"1,204","2,880",Harbour Soap,€250.00,4.6,outdoors,published,https://pod.example/e/0001
2,Bread and Patience,Rhea Moss,Lena Frost,2025-11-10,38:55,980,"1,910",,,4.2,Food,published,https://pod.example/e/0002
3,"The Long Ladder (part 1)",Idris Vale,Gus Orme; Pia Holt; Wim Aak,17/11/2025,55:20,"1,530","3,402",Lark Bikes,€300.00,4.8,work,Published,https://pod.example/e/0003
4,"The Long Ladder (part 2)",Idris Vale,Gus Orme,24 Nov 2025,51:05,"1,410","3,055",Lark Bikes,€300,4.7,Work,published,https://pod.example/e/0004
5,Mud,Rhea Moss,,2025-12-01,29:40,640,"1,130",,,3.6,Outdoors,published,
6,"Who owns the river?",Nadia Quist,Bo Lindqvist; Ada Born,2025-12-08,61:15,"1,875","4,210",Harbour Soap,€275.50,4.9,outdoors ,published,https://pod.example/e/0006
7,Winter Soup,Rhea Moss,Lena Frost,15/12/2025,33:30,720,,Harbour Soap,€250.00,,food,published,https://pod.example/e/0007
8,Letters to a boss,Idris Vale,"Wim Aak",2025-12-22,47:00,810,,,,n/a,work,published,https://pod.example/e/0008
9,Ten small houses,Nadia Quist,Mira Tell; Jon Kite,2026-01-05,58:45,"1,120",,Lark Bikes,"€1,300.00",4.4,homes,published,https://pod.example/e/0009
10,Untitled,Nadia Quist,,,,,,,,,homes,draft,
11,A year of no buying,Rhea Moss,Tilda Roe,2026-01-12,40:20,990,,,,4.1,Homes,scheduled,
12,"Steel, salt and rope",Idris Vale,Ole Berg,2026-01-19,,,,Harbour Soap,€250.00,,Work,scheduled,
`,
    cases: [
      ['Topic is upper and lower case mixed, and some have blanks at the end. Fix that.', null],
      ['downloads as numbers in both columns', null],
      ['ad fee: strip the currency and the thousands separator so I can add it up', 'Turn ‹Ad fee› into numbers.'],
      ['length is minutes:seconds, turn it into minutes as a decimal number, 1 decimal', 'Turn ‹Length› into numbers in "min". Set ‹Length› to ‹Length› rounded to 1 decimal.'],
      ['standardise published to real dates', 'Turn ‹Published› into dates.'],
      ['put "no sponsor" into the empty sponsor cells', 'Fill blanks in ‹Sponsor› with "no sponsor".'],
      ['remove everything in parentheses from the titles', 'Remove what is between "(" and ")" from ‹Title›.'],
      ['a rating of n/a should just be blank', 'Remove cells that are "n/a" from ‹Rating›.'],
      ['status all lower case', 'In ‹Status›, write in lower case.'],
      ['first guest only, into a column Main guest', 'Add ‹Main guest› as piece 1 of ‹Guests› cut at ";".'],
      ['one guest per row', 'Make a row for each piece of ‹Guests› cut at ";".'],
      ['how many guests were on each episode? in a column, 0 if none', 'Add ‹Number of Guests› as (the number of pieces of ‹Guests› cut at ";"), or 0 where it is blank.'],
      ['the number at the end of the link, as a number, into Link no', 'Add ‹Link no› as the last number in ‹Link›.'],
      ['initials of the host in a new column', 'Add ‹Initials of Host› as the initials of ‹Host›.'],
      ['drop the Link column and the Status column as well', 'Drop ‹Link› and ‹Status›.'],
      ['could you order the columns like this: No, Title, Published, Host, then the others', 'Move ‹No›, ‹Title›, ‹Published› and ‹Host› to the front.'],
      ['shorten Downloads W1 to W1 and Downloads W4 to W4', 'Rename ‹Downloads W1› to ‹W1› and ‹Downloads W4› to ‹W4›.'],
      ['only the published ones', 'Keep rows where ‹Status› is "published".'],
      ['episodes with a sponsor, please', 'Keep rows where ‹Sponsor› is filled.'],
      ['get rid of drafts and anything scheduled', 'Set aside rows where ‹Status› is "draft" or "scheduled".'],
      ['all that Rhea or Nadia hosted', 'Keep rows where ‹Host› mentions the word "Rhea" or "Nadia".'],
      ['episodes from November and December 2025', 'Keep rows where [‹Published› is at least the date "2025-11-01" and ‹Published› is at most the date "2025-11-30"] or else [‹Published› is at least the date "2025-12-01" and ‹Published› is at most the date "2025-12-31"].'],
      ['longer than 45 minutes', 'Keep rows where (‹Length› measured in "min") is more than 45.'],
      ['leave only the best rated five', 'Keep 5 rows with the highest ‹Rating›.'],
      ['titles with a question mark', 'Keep rows where ‹Title› contains "?".'],
      ['no rating? out', 'Set aside rows where ‹Rating› is blank.'],
      ['every second row', null],
      ['sort newest first', 'Sort by ‹Published› from high to low.'],
      ['put the episodes in order of downloads in week 4, most on top, then by title', 'Sort by ‹Downloads W4› from high to low and ‹Title›.'],
      ['just keep one episode for each host: the one with the most downloads in the first week', 'Keep 1 row with the highest ‹Downloads W1› for each ‹Host›.'],
      ['growth from W1 to W4 as a percentage, rounded to whole percent, empty if W4 is missing', 'Add ‹Downloads W4 minus Downloads W1 per Downloads W…› as ((‹Downloads W4› minus ‹Downloads W1›) divided by ‹Downloads W1›) times 100 rounded to 0 decimals.'],
      ['ad fee per 1000 downloads in week one, 2 decimals', 'Add ‹Ad fee per Downloads W1 per 1000› as ‹Ad fee› divided by (‹Downloads W1› divided by 1000) rounded to 2 decimals.'],
      ['downloads per minute of length in week one', null],
      ['flag episodes whose first-week downloads are under the average', 'Add ‹Flag› as if ‹Downloads W1› is less than (the mean of ‹Downloads W1› over the rows) then "yes", otherwise "no".'],
      ['new column Size: hit from 1500 downloads in W1, solid from 900, weak under that', 'Add ‹Size› as if ‹Downloads W1› is at least 1500 then "hit", if ‹Downloads W1› is at least 900 then "solid", if ‹Downloads W1› is less than 900 then "weak", otherwise blank.'],
      ['share of each episode in its host\'s W1 downloads, whole percent', 'Add ‹Downloads W1 per total Downloads W1 per Host› as (‹Downloads W1› divided by (the sum of ‹Downloads W1› over the rows for each ‹Host›)) times 100 rounded to 0 decimals.'],
      ['position of each episode by rating, ties share, highest is 1', 'Add ‹Rank by Rating› as the rank, highest first, of ‹Rating›.'],
      ['days since the previous episode', 'Add ‹Days from row above Published to Published› as the whole days from (the row above of ‹Published›) to ‹Published›.'],
      ['sum of W1 so far, oldest episode first', 'Sort by ‹Published›. Add ‹Running total of Downloads W1› as the running total of ‹Downloads W1›.'],
      ['gap between W4 and W1', 'Add ‹Downloads W4 minus Downloads W1› as ‹Downloads W4› minus ‹Downloads W1›.'],
      ['season: autumn for September to November, winter for December to February', 'Add ‹season› as if (the month of ‹Published›) is at least 9 and (the month of ‹Published›) is at most 11 then "autumn", if (the month of ‹Published›) is at least 12 or else (the month of ‹Published›) is at most 2 then "winter", otherwise blank.'],
      ['add a column with the title in capitals', 'Add ‹Title 2› as ‹Title› in capitals.'],
      ['net fee: ad fee minus 20% agency cut', 'Add ‹net fee› as ‹Ad fee› times (1 minus (20 divided by 100)).'],
      ['label every episode with its topic and host like "food (Rhea Moss)"', 'Add ‹Label› as ‹Topic› followed by " (" followed by ‹Host› followed by ")".'],
      ['how many episodes per host, and their average rating', 'Answer ‹Rows› as the number of rows; and ‹Average Rating› as the mean of ‹Rating› over the rows; for each ‹Host›.'],
      ['average length of the published episodes', 'Answer ‹Average Length in min› as the mean of (‹Length› measured in "min") over the rows; only where ‹Status› is "published".'],
      ['which topic gets the most downloads in week one on average?', 'Answer ‹Average Downloads W1› as the mean of ‹Downloads W1› over the rows; for each ‹Topic›; sorted by ‹Average Downloads W1› from high to low; the first 1.'],
      ['total ad income by sponsor, biggest first', 'Answer ‹Total Ad fee› as the sum of ‹Ad fee› over the rows; for each ‹Sponsor›; sorted by ‹Total Ad fee› from high to low.'],
      ['how many episodes have no guest', 'Answer ‹Rows› as the number of rows; only where ‹Guests› is blank.'],
      ['what\'s the best rated episode', 'Answer ‹Total Rating› as the sum of ‹Rating› over the rows; for each ‹No›; sorted by ‹Total Rating› from high to low; the first 1.'],
      ['which guest was on more than one episode?', null],
      ['share of sponsored episodes in percent', 'Answer ‹Share %› as ((the sum of (if ‹Sponsor› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many minutes did Idris publish in total', 'Answer ‹Total Length in min› as the sum of (‹Length› measured in "min") over the rows; only where ‹Host› mentions the word "Idris".'],
      ['downloads in W1 per month, and how many episodes', 'Answer ‹Total Downloads W1› as the sum of ‹Downloads W1› over the rows; and ‹Rows› as the number of rows; for each ‹Month of Published› as the month of ‹Published›.'],
      ['who hosted the fewest episodes', 'Answer ‹Rows› as the number of rows; for each ‹Host›; sorted by ‹Rows› from low to high; the first 1.'],
      ['compare the average W1 of sponsored and unsponsored episodes', null],
    ],
  },
  {
    table: 'rentals',
    csv: `Slip;Customer;Out;Back;Due;Item;Size;Days;Rate;Deposit;Paid;Damage;Staff;Remark
S-881;"Holm, Eva";2026-01-10;2026-01-13;2026-01-13;Ski / Racer;168 cm;3;24,00;100;72,00;none;Uli;
S-882;"Brandt, Jos";2026-01-10;2026-01-17;2026-01-15;Boots / Soft;43;5;9,50;50;57,00;;Uli;"late, charged two days"
S-883;"Holm, Eva";2026-01-11;2026-01-12;2026-01-12;Helmet / Kids;S;1;5,00;20;5,00;scratch;Mara;
S-884;"Orrin, Dag";11.01.2026;2026-01-18;2026-01-18;Ski / Tour;172 cm;7;28,00;100;;broken edge;Mara;deposit kept
S-885;"Lind, Pola";2026-01-12;;2026-01-19;Board / Free;155 cm;7;22,00;80;154,00;;Uli;
S-886;"Brandt, Jos";2026-01-14;2026-01-16;2026-01-16;Ski / Racer;1.75 m;2;24,00;100;48,00;None;Ben;
S-887;"Tamm, Ilse";2026-01-15;2026-01-15;2026-01-15;Sled / Wood;;1;7,00;15;7,00;;Ben;nice family
S-888;"Orrin, Dag";2026-01-19;2026-01-26;2026-01-24;Boots / Hard;45;5;9,50;50;47,50;none;Uli;buckle loose
S-889;"Wirth, Nele";20.01.2026;2026-01-23;2026-01-23;Ski / Kids;120 cm;3;14,00;60;42,00;;Mara;
S-890;"Holm, Eva";2026-01-21;;2026-01-22;Helmet / Adult;L;1;6,00;20;;;Ben;not back yet, call
`,
    cases: [
      ['names the other way round: Eva Holm', 'Set ‹Customer› to (piece 2 of ‹Customer› cut at ",") followed by " " followed by (piece 1 of ‹Customer› cut at ",").'],
      ['rates and paid amounts have a decimal comma, make numbers of them', 'Turn ‹Rate› and ‹Paid› into numbers.'],
      ['sizes in cm where there is a unit, others stay', null],
      ['damage: none and None mean nothing was broken, so empty the cell', null],
      ['out date has two formats; dots mean day first', 'Turn ‹Out› into dates, the day before the month.'],
      ['split item into Kind and Model', 'Split ‹Item› at "/" into ‹Kind› and ‹Model›.'],
      ['surname only in a new column', 'Add ‹Last name› as the last name of the person in ‹Customer›.'],
      ['what should have been paid: days times rate, as Due amount', 'Add ‹Due amount› as ‹Days› times ‹Rate›.'],
      ['still owed = days times rate less paid, blank paid is zero', 'Add ‹still owed› as (‹Days› times ‹Rate›) minus (‹Paid›, or 0 where it is blank).'],
      ['days late: back after due, 0 if in time, blank while not back', null],
      ['who still has something out', null],
      ['anything damaged', 'Keep rows where ‹Damage› is filled.'],
      ['items that came back late', 'Keep rows where ‹Back› is more than ‹Due›.'],
      ['skis only', null],
      ['sleds and boards out', 'Set aside rows where ‹Item› mentions the word "sled" or "board".'],
      ['rentals of a week or longer', 'Keep rows where (the whole days from ‹Out› to ‹Back›) is at least 7.'],
      ['everyone who paid nothing', 'Keep rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['list rentals by customer, latest first within each', null],
      ['how much did each customer pay in total? top three only', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Customer›; sorted by ‹Total Paid› from high to low; the first 3.'],
      ['which member of staff handed out the most', null],
      ['how many are not back yet', 'Answer ‹Rows› as the number of rows; only where ‹Back› is blank.'],
      ['deposits held at the moment', null],
      ['percentage of rentals with damage', 'Answer ‹Share %› as ((the sum of (if ‹Damage› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['late fee of 4 euros a day for each day late, in a new column', null],
      ['mark those over 5 days as long, the rest short', 'Add ‹Days label› as if ‹Days› is more than 5 then "long", otherwise "short".'],
      ['five percent off for rentals of 7 days or more, new column Price after discount', 'Add ‹Price after discount› as if ‹Days› is at least 7 then ‹Paid› times (1 minus (5 divided by 100)), otherwise ‹Paid›.'],
      ['refund = deposit, but 0 where something is broken', null],
      ['count of rentals for that customer next to each', 'Add ‹Rows per Customer› as the number of rows for each ‹Customer›.'],
      ['running number per customer in order of date', null],
      ['rename Out to Handed out and Back to Returned', 'Rename ‹Out› to ‹Handed out› and ‹Back› to ‹Returned›.'],
      ['drop staff, remark', 'Drop ‹Staff› and ‹Remark›.'],
      ['send a reminder to Eva', null],
      ['which customers are the tallest?', null],
      ['what will we earn in February?', null],
      ['insert the customers\' phone numbers', null],
    ],
  },
  {
    table: 'adoptions',
    csv: `Animal ID,Name,Species,Breed,Born,Arrived,Adopted,Weight,Chip,Sex,Cage,Fee,Adopter,Phone,Vaccinated,Vet cost,Behaviour
D-014,Bramble,dog,"Terrier, mixed",2022-05-10,2025-09-02,2025-10-11,8.4 kg,978 101 000 112,f,A3 / inside,€220.00,Jonas Hale,(0555) 301 220,yes,145.50,"friendly, pulls on the lead"
C-102,Pewter,Cat,shorthair,2024-03-01,2025-09-05,,3900 g,978101000119,M,B1 / inside,€90.00,,,Yes,60.00,shy at first
D-015,Otto,DOG,"Shepherd, mixed",2021-11-20,2025-09-10,2026-01-04,31 kg,,m,A1/outside,€220,Greta Norn,0555-301-221,no,310.00,"strong, needs training, good with kids"
R-007,Clover,rabbit,lop,2025-02-14,12/09/2025,2025-09-30,2.1 kg,n/a,F,C2 / inside,35 EUR,mia falk,0555.301.222,,22.00,calm
C-103,Smoke,cat,Shorthair,unknown,2025-09-15,2025-11-02,4.6 kg,978 101 000 125,m,B2 / inside,€90.00,Ruth Amsel,0555 301 223,Y,75.00,"playful, scratches"
D-016,Juno,Dog,beagle,2023-07-07,2025-09-28,,12.8 kg,978101000131,f,A2 / outside,"€1,220.00",,,yes,98.00,"howls at night, friendly"
C-104,,cat,longhair,2020-01-15,01/10/2025,,5100 g,none,f,B3 / inside,€60.00,,,N,210.00,"old, gentle, good with kids"
D-017,Rusty,dog,"Terrier, mixed",2024-10-02,2025-10-06,2025-10-20,7.2kg,978 101 000 140,M,A3 / inside,€220.00,Jonas Hale,(0555) 301 220,yes,80.00,energetic
R-008,Thistle,Rabbit,lop,2025-04-01,2025-10-12,2026-02-01,1.8 kg,,m,C1 / inside,€35.00,Ivo Renn,none,no,18.50,"timid, bites"
C-105,Maple,cat,shorthair,2024-08-19,2025-10-20,2025-12-24,3.4 kg,978101000152,F,B1 / inside,€90.00,"Noor, Lena",0555 301 229,yes,60.00,friendly
D-018,Duke,dog,shepherd,2019-06-30,2025-11-03,,36 kg,978 101 000 160,m,A1 / outside,€120.00,,,yes,420.00,"calm, old, guards food"
C-106,Nettle,CAT,longhair,2025-05-05,2025-11-09,2026-01-31,2.9 kg,978101000166,f,B2 / inside,€90.00,Ruth Amsel,0555 301 223,yes,64.00,"bold, playful"
`,
    cases: [
      ['The species is typed in all kinds of capitals; it should be dog, cat or rabbit, all small.', 'Spell ‹Species› as "dog", "cat" or "rabbit". In ‹Species›, write in lower case.'],
      ['I\'d like the fees as bare numbers, no currency, no thousands comma.', 'Turn ‹Fee› into numbers.'],
      ['All weights should be in kilograms, just the figure, one decimal place.', 'Turn ‹Weight› into numbers in "kg". Set ‹Weight› to ‹Weight› rounded to 1 decimal.'],
      ['Strip every blank out of the chip numbers, and where it says n/a or none leave the cell empty.', 'Remove " " from ‹Chip›. Remove cells that are "n/a" or "none" from ‹Chip›.'],
      ['Arrived: those with slashes are day, month, year. Please turn the whole column into dates.', 'Turn ‹Arrived› into dates, the day before the month.'],
      ['For Sex write female instead of f and male instead of m, whatever the case.', 'Replace cells that are "f" in ‹Sex› with "female". Replace cells that are "m" in ‹Sex› with "male".'],
      ['Turn Vaccinated into a clean yes or no and leave it blank when nothing was entered.', 'Turn ‹Vaccinated› into yes or no.'],
      ['Where an animal has no name yet, call it "unnamed".', 'Fill blanks in ‹Name› with "unnamed".'],
      ['Please write the adopters\' names with capitals where they belong.', 'In ‹Adopter›, write in title case.'],
      ['The phone numbers should only consist of digits.', 'Remove all everything but digits from ‹Phone›.'],
      ['Replace unknown in Born with nothing and make it a date.', 'Remove cells that are "unknown" from ‹Born›. Turn ‹Born› into dates.'],
      ['I need the letter at the front of the animal id in a column of its own, called Kind.', 'Add ‹Kind› as the first 1 characters of ‹Animal ID›.'],
      ['Put name and species together like this: Bramble (dog).', null],
      ['Please give me a column with the first word of the breed.', 'Add ‹Part of Breed› as piece 1 of ‹Breed› cut at " ".'],
      ['Take the number at the end of the animal ID, without leading zeros, into a column Number.', null],
      ['Add a column Age on arrival with the age in whole years when the animal came to us.', 'Add ‹Age on arrival› as the whole years from ‹Born› to ‹Arrived›.'],
      ['How long was each animal with us before it was adopted, in days? Leave it empty for those that are still here.', 'Add ‹Days from Arrived to Adopted› as the whole days from ‹Arrived› to ‹Adopted›.'],
      ['What did we earn on each animal, that is the fee less what the vet cost us?', 'Add ‹Fee minus Vet cost› as ‹Fee› minus ‹Vet cost›.'],
      ['Add 8% on top of every fee in a new column Fee 2026, rounded to whole euros.', 'Add ‹Fee 2026› as ‹Fee› times (1 plus (8 divided by 100)) rounded to 0 decimals.'],
      ['Say baby for animals younger than a year on arrival, senior from seven years on, and adult for the ones in between, in a column Stage.', null],
      ['Give every animal its vet cost as a percentage of all vet costs of its species, one decimal.', 'Add ‹Vet cost per total Vet cost per Species %› as (‹Vet cost› divided by (the sum of ‹Vet cost› over the rows for each ‹Species›)) times 100 rounded to 1 decimal.'],
      ['I want to see how much each vet cost lies above or below the average of the species, two decimals.', 'Add ‹Vet cost minus average Vet cost per Species› as ‹Vet cost› minus (the mean of ‹Vet cost› over the rows for each ‹Species›) rounded to 2 decimals.'],
      ['Number the animals of each species in the order in which they arrived.', 'Sort by ‹Arrived›. Add ‹Number within Species› as the number of the row for each ‹Species›.'],
      ['Running total of the fees in the order of the adoption date, please.', 'Sort by ‹Adopted›. Add ‹Running total of Fee› as the running total of ‹Fee›.'],
      ['Put "long" where the stay was over 60 days, "short" otherwise and "waiting" for animals that have not been adopted.', 'Add ‹Arrived label› as if (the whole days from ‹Arrived› to ‹Adopted›) is more than 60 then "long", if ‹Adopted› is blank then "waiting", otherwise "short".'],
      ['Cost per kilo of body weight: vet cost divided by weight in kg, two decimals, nothing without a weight.', 'Add ‹Cost per kilo of body weight› as if ‹Weight› is blank then blank, otherwise ‹Vet cost› divided by (‹Weight› measured in "kg") rounded to 2 decimals.'],
      ['Which month did each adoption happen in? As year and month, like 2025-10.', null],
      ['Please drop the chip and the cage columns, I won\'t need them.', 'Drop ‹Chip› and ‹Cage›.'],
      ['Call Vet cost Expenses and put it behind Fee.', 'Rename ‹Vet cost› to ‹Expenses›. Move ‹Expenses› to after ‹Fee›.'],
      ['I only want to keep animal id, name, species and adopted.', 'Keep only the columns ‹Animal ID›, ‹Name›, ‹Species› and ‹Adopted›.'],
      ['Bring the phone to the very front.', 'Move ‹Phone› to the front.'],
      ['Only the animals that are still waiting for a home.', 'Keep rows where ‹Adopted› is blank.'],
      ['Leave me the cats and the rabbits.', 'Keep rows where ‹Species› is "cat" or "rabbit".'],
      ['I don\'t want to see animals that have not been vaccinated.', null],
      ['Keep everything that arrived between 10 September and 10 October 2025, inclusive.', 'Keep rows where ‹Arrived› is at least the date "2025-09-10" and ‹Arrived› is at most the date "2025-10-10".'],
      ['Get rid of the animals that weigh more than ten kilos.', 'Set aside rows where (‹Weight› measured in "kg") is more than 10.'],
      ['Just those whose behaviour says friendly or gentle.', 'Keep rows where ‹Behaviour› mentions the word "friendly" or "gentle".'],
      ['Keep only the three animals that cost the most at the vet.', 'Keep 3 rows with the highest ‹Vet cost›.'],
      ['Jonas Hale adopted twice; keep only the first adoption of each adopter.', null],
      ['Pick one animal of every species by chance.', 'Keep 1 row at random with seed 1 for each ‹Species›.'],
      ['Sort them by species, and the ones that have been here longest come first within each.', null],
      ['Show the heaviest animals at the top, with those of unknown weight at the bottom.', 'Sort by ‹Weight› from high to low.'],
      ['Throw out animals with neither a name nor a chip.', 'Set aside rows where ‹Name› is blank and ‹Chip› is blank.'],
      ['Keep animals whose fee is lower than what the vet cost.', 'Keep rows where ‹Fee› is less than ‹Vet cost›.'],
      ['All the dogs that were adopted in January 2026, please.', 'Keep rows where ‹Species› is "dog" and ‹Adopted› is at least the date "2026-01-01" and ‹Adopted› is at most the date "2026-01-31".'],
      ['How many animals of each species are still here?', 'Answer ‹Rows› as the number of rows; for each ‹Species›; only where ‹Adopted› is blank.'],
      ['What is the average stay of the adopted animals in days, to one decimal?', 'Answer ‹Average days from Arrived to Adopted› as the mean of (the whole days from ‹Arrived› to ‹Adopted›) over the rows rounded to 1 decimal; only where ‹Adopted› is filled.'],
      ['How much have we spent on the vet altogether, and how much on average per animal?', null],
      ['Which species brought in the most fees?', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Species›; sorted by ‹Total Fee› from high to low; the first 1.'],
      ['What percentage of the animals has been adopted so far?', 'Answer ‹Share %› as ((the sum of (if ‹Adopted› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['How many animals arrived in each month?', 'Answer ‹Rows› as the number of rows; for each ‹Month of Arrived› as the month of ‹Arrived›.'],
      ['Who adopted more than one animal?', 'Answer ‹Rows› as the number of rows; for each ‹Adopter›; only where (the number of rows for each ‹Adopter›) is more than 1.'],
      ['What is the oldest animal that is still waiting?', null],
      ['Give me the lowest, the highest and the mean weight of the dogs.', 'Answer ‹Lowest Weight in kg› as the lowest of (‹Weight› measured in "kg") over the rows; ‹Highest Weight in kg› as the highest of (‹Weight› measured in "kg") over the rows; and ‹Average Weight in kg› as the mean of (‹Weight› measured in "kg") over the rows; only where ‹Species› is "dog".'],
      ['How many of the cats are vaccinated?', 'Answer ‹Rows› as the number of rows; only where ‹Species› is "cat" and ‹Vaccinated› is "yes", "Yes" or "Y".'],
      ['What did it cost us on average to look after a dog at the vet\'s, compared with a cat?', null],
      ['Which animals stayed more than 90 days?', 'List each ‹Animal ID›; only where (the whole days from ‹Arrived› to ‹Adopted›) is more than 90.'],
      ['Add a column with the adopters\' ages.', null],
      ['Which animals bite people most often?', null],
      ['Tell the adopters that the fee goes up.', null],
      ['Sort by cuteness.', null],
      ['Join the vet\'s visits to every animal.', null],
      ['Delete everything.', null],
    ],
  },
  {
    table: 'enquiries',
    csv: `Enquiry,Received,Couple,Email,Guests,Preferred date,Hall,Quote,Deposit paid,Status,Source,Answered by,Answered on,Budget,Comment
E-01,2026-01-04,Vera Lund & Tom Ashe,vera.lund@mail.example,80,2026-06-20,Barn,"€4,200.00",500,booked,web,Sina,2026-01-05,5000,"vegan menu, band"
E-02,05/01/2026,IRIS MOLL & JAN KEEL,Iris@Moll.example ,120,2026-07-04,Orangery,"€6,900.00",,lost,fair,Karl,2026-01-12,6000,too expensive
E-03,2026-01-07,pia renn & otto falk,pia.renn@post.example,45,2026-05-09,Barn,€2.850,285,Booked,web,Sina,2026-01-08,3000,
E-04,2026-01-09,Nora Heim & Lia Sand,nora-heim@sand.example,about 60,,Mill,"€3,600.00",,open,friend,,,,"needs ramp, will call"
E-05,2026-01-09,Edda Corr & Max Ilk,,95,2026-08-15,orangery,"€5,400.00",540,booked,Web,Karl,2026-01-10,5500,fireworks?
E-06,12 Jan 2026,Tilda Voss & Ben Orr,tilda@voss.example,70,2026-09-12,Barn ,"€3,900.00",0,open,instagram,Sina,2026-01-13,4000,
E-07,2026-01-15,Mia Park & Joel Park,mpark@mail.example,150,2026-07-04,Orangery,"€8,100.00",,lost,fair,Karl,2026-01-29,7500,"date taken"
E-08,2026-01-20,Vera Lund & Tom Ashe,vera.lund@mail.example,85,2026-06-20,Barn,"€4,400.00",500,booked,web,Sina,2026-01-20,5000,second enquiry
E-09,21/01/2026,Ruth Ney & Dora Lim,ruth@ney.example,30,2026-04-25,mill,"€1,900.00",190,booked,friend,Jule,2026-01-22,2000,"small, quiet"
E-10,2026-01-28,Alma Quist & Finn Bo,alma@quist.example,110,2026-08-15,Orangery,"€6,100.00",,open,web,,,6500,
E-11,2026-02-02,Hanne Rix & Ole Dahl,HANNE@RIX.example,65,2026-10-03,Mill,"€3,700.00",,cancelled,Instagram,Jule,2026-02-05,3500,"moved abroad"
E-12,2026-02-03,Lotte Imm & Arne Sol,lotte@imm.example,90,2026-06-13,Barn,"€4,700.00",470,booked,web,Sina,2026-02-03,,"children's corner"
`,
    cases: [
      ['the couples\' names are a mix of capitals and small letters, write them properly', 'In ‹Couple›, write in title case.'],
      ['e-mails all lower case and no spaces please', 'In ‹Email›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['guests should be a number, "about 60" means 60', 'Turn ‹Guests› into numbers, reading "about 60" as "60".'],
      ['the quotes need to be plain numbers', 'Turn ‹Quote› into numbers.'],
      ['halls: Barn, Orangery and Mill are the only ones, spell them like that', 'Spell ‹Hall› as "Barn", "Orangery" or "Mill".'],
      ['status in small letters', 'In ‹Status›, write in lower case.'],
      ['set deposit paid to 0 if it\'s empty', 'Fill blanks in ‹Deposit paid› with "0".'],
      ['Received: real dates please, the ones with slashes start with the day', 'Turn ‹Received› into dates, the day before the month.'],
      ['I\'d like to have the two partners in separate columns, Partner 1 and Partner 2; there\'s an & between them', null],
      ['pull the domain out of the e-mail address', 'Add ‹Domain› as the first domain in ‹Email›.'],
      ['who\'s the mail from? give me the part in front of the @ in a new column Mailbox', 'Add ‹Mailbox› as the text before the first "@" in ‹Email›.'],
      ['month of the preferred date spelled out, in a column Month', 'Add ‹Month› as the month name of ‹Preferred date›.'],
      ['put hall and preferred date together in one column with a comma and a space between', 'Add ‹Hall Preferred date› as ‹Hall› and ‹Preferred date› joined with ", ".'],
      ['take the first letter of the source as a new column', 'Add ‹Source first 1› as the first 1 characters of ‹Source›.'],
      ['drop everything except enquiry, couple, hall and quote', 'Keep only the columns ‹Enquiry›, ‹Couple›, ‹Hall› and ‹Quote›.'],
      ['Answered by and Answered on should come right after Received', 'Move ‹Answered by› and ‹Answered on› to after ‹Received›.'],
      ['please rename Quote into Offer and Couple into Clients', 'Rename ‹Quote› to ‹Offer› and ‹Couple› to ‹Clients›.'],
      ['remove the cancelled and the lost enquiries', 'Set aside rows where ‹Status› is "cancelled" or "lost".'],
      ['leave only the booked ones in the Orangery', 'Keep rows where ‹Status› is "booked" and ‹Hall› is "Orangery".'],
      ['couples who have not been answered yet', 'Keep rows where ‹Answered on› is blank.'],
      ['all enquiries with more than 100 guests or a quote over 6000', 'Keep rows where ‹Guests› is more than 100 or else ‹Quote› is more than 6000.'],
      ['those received in the second half of January', 'Keep rows where (the month of ‹Received›) equals 1 and (the day of ‹Received›) is at least 16 and (the day of ‹Received›) is at most 31.'],
      ['only enquiries where the quote is above the budget', 'Keep rows where ‹Quote› is more than ‹Budget›.'],
      ['a couple that asked twice should only be listed once, with their latest enquiry', null],
      ['the 3 enquiries with the highest quote, biggest first', 'Keep 3 rows with the highest ‹Quote›. Sort by ‹Quote› from high to low.'],
      ['order by preferred date, the ones without one at the end', 'Sort by ‹Preferred date›.'],
      ['five enquiries picked at random, please', 'Keep 5 rows at random with seed 1.'],
      ['quote per guest, two decimals, blank if we don\'t know how many guests', 'Add ‹Quote per Guests› as ‹Quote› divided by ‹Guests› rounded to 2 decimals.'],
      ['days from received to answered in a column Response, leave blank if unanswered', 'Add ‹Response› as the whole days from ‹Received› to ‹Answered on›.'],
      ['what is the deposit as a percentage of the quote? one decimal, nothing if there is no deposit', 'Add ‹Deposit paid per Quote %› as if ‹Deposit paid› is blank or else ‹Deposit paid› equals 0 then blank, otherwise (‹Deposit paid› divided by ‹Quote›) times 100 rounded to 1 decimal.'],
      ['how much is left to pay for each couple: quote minus deposit, no deposit counts as zero', 'Add ‹Quote minus Deposit paid› as ‹Quote› minus (‹Deposit paid›, or 0 where it is blank).'],
      ['new column Size with small up to 50 guests, medium from 51 to 100 and large for more than 100', 'Add ‹Size› as if ‹Guests› is at most 50 then "small", if ‹Guests› is at least 51 and ‹Guests› is at most 100 then "medium", if ‹Guests› is more than 100 then "large", otherwise blank.'],
      ['rank by quote within each hall, highest is one', 'Add ‹Rank by Quote› as the rank, highest first, of ‹Quote› for each ‹Hall›.'],
      ['average quote of the hall next to each enquiry, whole euros', 'Add ‹Average Quote per Hall› as the mean of ‹Quote› over the rows for each ‹Hall› rounded to 0 decimals.'],
      ['difference between budget and quote, and empty if the budget isn\'t there', 'Add ‹Budget minus Quote› as ‹Budget› minus ‹Quote›.'],
      ['add a column that says quick when we answered within one day, slow if it took longer, and open if nobody answered', null],
      ['number of enquiries for the same preferred date on each row', 'Add ‹Rows per Preferred date› as the number of rows for each ‹Preferred date›.'],
      ['5% discount for less than 50 guests, otherwise none: new column Final quote', 'Add ‹Final quote› as if ‹Guests› is less than 50 then ‹Quote› times (1 minus (5 divided by 100)), otherwise ‹Quote›.'],
      ['how many enquiries came in per source?', 'Answer ‹Rows› as the number of rows; for each ‹Source›.'],
      ['which hall is asked for most?', 'Answer ‹Rows› as the number of rows; for each ‹Hall›; sorted by ‹Rows› from high to low; the first 1.'],
      ['total of the quotes that were booked', 'Answer ‹Total Quote› as the sum of ‹Quote› over the rows; only where ‹Status› is "booked".'],
      ['average response time by person, in days with one decimal', null],
      ['share of enquiries that turned into a booking, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "booked" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many couples have paid a deposit?', 'Answer ‹Rows› as the number of rows; only where ‹Deposit paid› is more than 0.'],
      ['average guests for each hall, only booked ones', 'Answer ‹Average Guests› as the mean of ‹Guests› over the rows; for each ‹Hall›; only where ‹Status› is "booked".'],
      ['which month has the most preferred dates', 'Answer ‹Rows› as the number of rows; for each ‹Month of Preferred date› as the month of ‹Preferred date›; sorted by ‹Rows› from high to low; the first 1.'],
      ['is there a date that two couples want?', null],
      ['sum of quotes by status, largest first', 'Answer ‹Total Quote› as the sum of ‹Quote› over the rows; for each ‹Status›; sorted by ‹Total Quote› from high to low.'],
      ['which couples will be happiest?', null],
      ['send the open ones an offer', null],
      ['add the hall\'s capacity', null],
    ],
  },
  {
    table: 'looms',
    csv: `Order,Ordered,Client,Cloth,Colour code,Metres,Width,Price m,Loom,Weaver,Started,Finished,Faults,Second metres,Status,Note
W-3301,2026-01-05,Alder Curtains Ltd,"Twill, wool",RD-204-M,120,150 cm,18.40,Loom 3,B. Orme,2026-01-08,2026-01-14,2,1.5,done,
W-3302,2026-01-06,NORTHSEA SAILS,"Canvas, linen",NT-110-X,300,1.80 m,9.75,Loom 1,K. Dree,2026-01-07,2026-01-20,0,0,done,"extra strong selvedge, ref 5531"
W-3303,2026-01-09,Alder Curtains Ltd.,"Herringbone, wool",BL-077-M,80,150 cm,21.00,loom 3,b. orme,2026-01-15,2026-01-19,5,6,done,uneven beat
W-3304,12/01/2026,Hat & Hem,"Tweed, wool",GN-310-S,45,70 cm,27.50,Loom 2,K.Dree,2026-01-21,2026-01-23,1,,Done,ref 5540
W-3305,2026-01-14,Moss & Daughters,"Plain, cotton",WH-001-X,500,160 cm,6.20,Loom 4,T. Amsel,2026-01-15,,,,running,
W-3306,2026-01-19,Northsea Sails,"Canvas, linen",NT-110-X,250,1.80 m,9.75,Loom 1,K. Dree,2026-01-24,2026-02-03,3,4,done,
W-3307,2026-01-22,Hat & Hem,"Tweed, wool",BR-402-S,30,70 cm,27.50,Loom 2,T. Amsel,,,,,waiting,yarn late
W-3308,26 Jan 2026,Alder Curtains Limited,"Twill, wool",RD-204-M,90,150 cm,18.40,Loom 3,B. Orme,2026-01-28,2026-02-02,0,0,done,"ref 5602, matched to sample"
W-3309,2026-02-02,Old Quay Museum,"Damask, linen",GD-550-M,12,120 cm,88.00,Loom 5,K. Dree,2026-02-05,,1,,running,"by hand, slow"
W-3310,2026-02-04,Moss and Daughters,"Plain, cotton",WH-001-X,400,160 cm,6.20,Loom 4,T. Amsel,,,,,cancelled,
`,
    cases: [
      ['clean up the client names: no Ltd or Limited, and Northsea Sails not in capitals', null],
      ['weavers are written in different ways, B. Orme, K. Dree and T. Amsel is right', 'Spell ‹Weaver› as "B. Orme", "K. Dree" or "T. Amsel".'],
      ['bring the widths to centimetres, only the number', 'Turn ‹Width› into numbers in "cm".'],
      ['the part before the comma in cloth is the weave, the rest the fibre; two columns please', 'Split ‹Cloth› at the first "," into ‹weave› and ‹fibre›.'],
      ['the colour code has three parts with dashes; I only need the middle one, as a number', null],
      ['turn the colour code round so that RD-204-M becomes 204/RD', 'Set ‹Colour code› to (piece 2 of ‹Colour code› cut at "-") followed by "/" followed by (piece 1 of ‹Colour code› cut at "-").'],
      ['loom should be just the number', 'Turn ‹Loom› into numbers.'],
      ['extract the 4 digits after ref in the note to a column Ref', 'Add ‹Ref› as the first code like "####" in ‹Note›.'],
      ['running and waiting orders only', 'Keep rows where ‹Status› is "running" or "waiting".'],
      ['no cancelled orders', 'Set aside rows where ‹Status› is "cancelled".'],
      ['orders finished in January', 'Keep rows where (the month of ‹Finished›) equals 1.'],
      ['cloth made of wool', 'Keep rows where ‹Cloth› mentions the word "wool".'],
      ['which orders have more than 2 faults per 100 metres? keep those', null],
      ['orders of Alder Curtains, whatever they\'re called', 'Keep rows where ‹Client› is "Alder Curtains Ltd", "Alder Curtains Ltd." or "Alder Curtains Limited".'],
      ['order value in a new column, metres times price', 'Add ‹Metres times Price m› as ‹Metres› times ‹Price m›.'],
      ['good metres: metres less second metres, treat missing as none', 'Add ‹good metres› as (‹Metres›, or 0 where it is blank) minus (‹Second metres›, or 0 where it is blank).'],
      ['faults per 100 m, one decimal, not for unfinished ones', null],
      ['days on the loom, counting from started to finished', 'Add ‹Days from Started to Finished› as the whole days from ‹Started› to ‹Finished›.'],
      ['days each order waited before it was started', null],
      ['part of the client\'s total value that each order makes up, in percent', null],
      ['cumulated metres per loom by start date', 'Sort by ‹Started›. Add ‹Running total of Metres› as the running total of ‹Metres› for each ‹Loom›.'],
      ['what comes next: running number for each loom in order of start', 'Sort by ‹Started›. Add ‹Number› as the number of the row for each ‹Loom›.'],
      ['delivery status: done on time if finished within 14 days of ordering, late if it took longer, and open otherwise', null],
      ['weekday the order came in', 'Add ‹Weekday of Ordered› as the weekday of ‹Ordered›.'],
      ['metres woven per weaver', null],
      ['value by fibre', null],
      ['longest time on the loom, which order was it', null],
      ['how many metres are still to be woven', null],
      ['average faults per order by loom, 2 decimals', 'Answer ‹Average Faults› as the mean of ‹Faults› over the rows rounded to 2 decimals; for each ‹Loom›.'],
    ],
  },
  {
    table: 'tickets',
    csv: `Ticket,Opened at,Closed at,Building,Room,Reported by,Trade,Priority,Description,Hours,Materials,Contractor,Invoice,Approved,State
M-7001,2026-03-02 08:15,2026-03-02 11:40,North House,N-2.14,Lena Ost,plumbing,high,"Tap dripping in the kitchen, ticket 4 of this month",2.5,18.40,in house,,yes,closed
M-7002,2026-03-02 09:30,2026-03-05 16:00,East Wing,E-0.03,"Roth, Kai",Electrical,normal,"Light flickers, bulb changed twice",1,9.90,in house,,Yes,closed
M-7003,2026-03-03 13:05,,North House,N-3.01,lena ost,heating,urgent,"No heating since Monday, 14 C inside",,,"Warmwell Ltd",,,open
M-7004,2026-03-04 07:50,2026-03-04 08:20,Gate Lodge,G-0.01,Ivo Brandt,locks,normal,Key stuck,0.5,0,in house,,yes,closed
M-7005,2026-03-05 10:10,2026-03-12 15:30,east wing,E-1.07,Mara Sol,Plumbing,low,"Drain smells, called Pipe & Sons (phone 0555 700 120)",4,62.00,Pipe & Sons,INV 2026-118,yes,closed
M-7006,2026-03-09 14:45,2026-03-10 09:15,North House,N-1.09,Kai Roth,electrical,High,Socket dead,1.5,12.50,in house,,no,closed
M-7007,2026-03-10 08:05,,Boat Store,B-0.02,Ivo Brandt,roof,normal,"Leak over the bench, bucket placed",,,Slate Bros.,,,open
M-7008,2026-03-11 11:20,2026-03-11 12:05,East Wing,E-0.11,Mara Sol,locks,normal,Door does not close,0.75,4.20,in house,,Y,closed
M-7009,2026-03-12 16:40,2026-03-20 10:00,Boat Store,B-0.02,Ivo Brandt,Roof,high,"Tiles replaced, scaffold 3 days",16,340.00,Slate Bros,INV 2026-131,yes,closed
M-7010,2026-03-16 09:00,2026-03-16 09:45,Gate Lodge,G-0.01,"Ost, Lena",heating,normal,Radiator bled,0.5,,in house,,yes,closed
M-7011,2026-03-17 15:25,2026-03-18 08:10,North House,N-2.14,Lena Ost,plumbing,normal,"Same tap again, washer 12 mm",1,2.10,in house,,,closed
M-7012,2026-03-19 12:30,,East Wing,E-1.07,Mara Sol,electrical,low,Clock stopped,,,in house,,,cancelled
`,
    cases: [
      ['Please bring the buildings and the trades into one spelling each, capital first letter only.', null],
      ['The names of the reporters come as Lena Ost and as Ost, Lena. I want all of them as first name, then surname, properly capitalised.', null],
      ['Approved: yes/no please, and no where it\'s blank.', 'Turn ‹Approved› into yes or no. Fill blanks in ‹Approved› with "no".'],
      ['Take the floor out of the room, it is the digit between the dash and the dot, into a column Floor.', null],
      ['The letter in front of the dash in room stands for the wing. Column Wing, please.', null],
      ['Split Opened at into the day and the time.', 'Add ‹Opened at date› as the date of ‹Opened at›. Add ‹Opened at time› as the time of day of ‹Opened at›.'],
      ['I need the invoice numbers without the INV.', null],
      ['Some descriptions contain a phone number. Put it into Phone, otherwise leave that empty.', 'Add ‹Phone› as the first telephone number in ‹Description›.'],
      ['Write 0 for missing materials.', 'Fill blanks in ‹Materials› with "0".'],
      ['Cut the descriptions off at the first comma.', 'Set ‹Description› to (the text before the first "," in ‹Description›), or ‹Description› where it is blank.'],
      ['Rename Reported by to Reporter and State to Status.', 'Rename ‹Reported by› to ‹Reporter› and ‹State› to ‹Status›.'],
      ['Move priority in front of trade.', 'Move ‹Priority› to before ‹Trade›.'],
      ['Drop the room and the invoice.', 'Drop ‹Room› and ‹Invoice›.'],
      ['Remove the cancelled ticket.', 'Set aside rows where ‹State› is "cancelled".'],
      ['Show me everything that is urgent or high.', 'Keep rows where ‹Priority› is "urgent" or "high".'],
      ['Which tickets are still open?', 'Keep rows where ‹State› is "open".'],
      ['Keep the tickets that took a contractor from outside.', null],
      ['Only tickets where the work took more than an hour and the materials more than 10 euros.', 'Keep rows where ‹Hours› is more than 1 and ‹Materials› is more than 10.'],
      ['Tickets opened in the first week of March.', 'Keep rows where (the month of ‹Opened at›) equals 3 and (the day of ‹Opened at›) is at least 1 and (the day of ‹Opened at›) is at most 7.'],
      ['Leave out everything that was opened before nine in the morning.', 'Set aside rows where (the minute of the day of ‹Opened at›) is less than 540.'],
      ['The same room with the same trade more than once, show me those.', null],
      ['How many hours were the tickets open? Column Open for, in hours with one decimal.', 'Add ‹Open for› as the hours from ‹Opened at› to ‹Closed at› rounded to 1 decimal.'],
      ['What did each ticket cost if an hour is 38 euros, plus the materials?', null],
      ['Add 19% VAT to the materials in a new column.', 'Add ‹Materials times 1 plus 19 per 100› as ‹Materials› times (1 plus (19 divided by 100)).'],
      ['Say same day if it was closed on the day it was opened, later if not, and open where there\'s no closing time.', null],
      ['Rank the tickets of each building by hours.', 'Add ‹Rank by Hours› as the rank, highest first, of ‹Hours› for each ‹Building›.'],
      ['Count for each ticket how many tickets its room has had.', null],
      ['Give me the running total of the hours in order of opening.', 'Sort by ‹Opened at›. Add ‹Running total of Hours› as the running total of ‹Hours›.'],
      ['The weekday of opening and the hour, two columns.', null],
      ['Number of tickets per building and trade.', 'Answer ‹Rows› as the number of rows; for each ‹Building›; and by ‹Trade›.'],
      ['Average hours per trade, two decimals, closed ones only.', null],
      ['Which building has cost us the most in materials?', 'Answer ‹Total Materials› as the sum of ‹Materials› over the rows; for each ‹Building›; sorted by ‹Total Materials› from high to low; the first 1.'],
      ['How many tickets does Mara Sol have?', 'Answer ‹Rows› as the number of rows; only where ‹Reported by› is "Mara Sol".'],
      ['What share of the tickets was closed on the same day?', 'Answer ‹Share %› as ((the sum of (if (the whole days from ‹Opened at› to ‹Closed at›) equals 0 then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['What\'s the median time from opening to closing, in hours?', 'Answer ‹Median hours from Opened at to Closed at› as the median of (the hours from ‹Opened at› to ‹Closed at›) over the rows.'],
      ['Total hours and materials by contractor, most hours first.', 'Answer ‹Total Hours› as the sum of ‹Hours› over the rows; and ‹Total Materials› as the sum of ‹Materials› over the rows; for each ‹Contractor›; sorted by ‹Total Hours› from high to low.'],
      ['Who reported the most?', 'Answer ‹Rows› as the number of rows; for each ‹Reported by›; sorted by ‹Rows› from high to low; the first 1.'],
      ['How long did the longest ticket take?', 'Answer ‹Highest hours from Opened at to Closed at› as the highest of (the hours from ‹Opened at› to ‹Closed at›) over the rows.'],
      ['Sort by priority: urgent, high, normal, low.', 'Sort by ‹Priority› in the order "urgent" then "high" then "normal" then "low".'],
      ['Sort by building and then by opening time, newest first.', 'Sort by ‹Building› and ‹Opened at› from high to low.'],
      ['Sample a third of the tickets.', 'Keep 33.333333333333336 percent of the rows at random with seed 1.'],
    ],
  },
  {
    table: 'harvest',
    csv: `Box,Picked,Field,Crop,Variety,Picker,Crates,Gross kg,Tare kg,Brix,Class,Buyer,Price kg,Invoice sent,Remarks
X01,2025-08-04,Upper / 3,plum,Opal,Nell,12,148.5,14.4,14.2 %,I,Fern & Co,1.80,2025-08-06,
X02,2025-08-04,Upper / 3,Plum,opal,Pavel,10,121,12,13.8%,I,Fern & Co.,1.80,2025-08-06,two crates wet
X03,05/08/2025,Mill / 1,apple,Discovery,Nell,20,310,24,11.0 %,II,Cider Works,0.45,,
X04,2025-08-06,Mill / 1,APPLE,Discovery,Ines,18,276.5,21.6,n/a,II,Cider Works,0.45,2025-08-20,"bruised, for juice"
X05,2025-08-11,Upper/4,plum,Victoria,Pavel,9,109.8,10.8,15.1 %,I,Market Hall,2.10,2025-08-12,
X06,11 Aug 2025,River / 2,pear,Clapp,Ines,14,198,16.8,12.4 %,I,Market Hall,1.60,2025-08-13,
X07,2025-08-12,River / 2,pear,clapp,Tom,6,81,7.2,12.0 %,II,,,,"left for the school, 5 kg given away"
X08,2025-08-18,Upper / 4,plum,Victoria,Nell,11,0,13.2,,,,,,scale broken
X09,2025-08-19,Mill / 2,Apple,Gravenstein,Tom,22,352.2,26.4,12.9 %,I,Fern and Co,0.95,2025-08-21,
X10,2025-08-25,Mill / 2,apple,Gravenstein,Pavel,25,398,30,13.3 %,I,Fern & Co,0.95,,
X11,26/08/2025,River / 2,Pear,Conference,Ines,16,224,19.2,13.0 %,I,Market Hall,1.70,2025-08-28,
X12,2025-08-27,Upper / 3,plum,Opal,Tom,4,46.8,4.8,16.0 %,II,Cider Works,0.60,2025-09-02,overripe
`,
    cases: [
      ['Crops in small letters, varieties with a capital.', 'In ‹Crop›, write in lower case. In ‹Variety›, write in sentence case.'],
      ['Fern and Co, Fern & Co. and Fern & Co are the same buyer, write Fern & Co.', null],
      ['Brix as a number without percent sign, n/a is empty.', 'Turn ‹Brix› into numbers, reading "n/a" as blank.'],
      ['I want the field and the plot number separately.', null],
      ['Net weight is gross less tare, one decimal, call it Net kg.', 'Add ‹Net kg› as ‹Gross kg› minus ‹Tare kg› rounded to 1 decimal.'],
      ['Net kilos per crate, two decimals.', null],
      ['Tare should be 1.2 kg per crate; show me the boxes where it isn\'t.', null],
      ['Value of each box: net weight times price, to the cent, and nothing if there is no price.', 'Add ‹Value of each box› as if ‹Price kg› is blank or else ‹Price kg› equals 0 then blank, otherwise (‹Gross kg› minus ‹Tare kg›) times ‹Price kg› rounded to 2 decimals.'],
      ['Share of each picker in the net weight of the day, in percent.', null],
      ['How many days went by between picking and sending the invoice? Blank if it has not been sent.', 'Add ‹Days from Picked to Invoice sent› as the whole days from ‹Picked› to ‹Invoice sent›.'],
      ['Boxes that have not been invoiced yet.', 'Keep rows where ‹Invoice sent› is blank.'],
      ['Everything from the upper fields.', 'Keep rows where ‹Field› mentions the word "upper".'],
      ['Class I plums only.', 'Keep rows where ‹Class› is "I" and ‹Crop› is "plum".'],
      ['Throw out boxes with a gross weight of zero.', null],
      ['The sweetest box of every variety.', null],
      ['Who picked the most crates?', 'Answer ‹Total Crates› as the sum of ‹Crates› over the rows; for each ‹Picker›; sorted by ‹Total Crates› from high to low; the first 1.'],
      ['Kilos per crop, gross and net.', null],
      ['Average brix per variety, one decimal, leave out the ones without a reading.', 'Answer ‹Average Brix› as the mean of ‹Brix› over the rows rounded to 1 decimal; for each ‹Variety›.'],
      ['What did Market Hall buy, in net kilos and in money?', null],
      ['Which day was the best, going by net weight?', null],
      ['How many boxes were class II?', 'Answer ‹Rows› as the number of rows; only where ‹Class› is "II".'],
      ['Is there a buyer we have not sent all invoices to?', null],
      ['Top two pickers by net kilos.', null],
      ['Add a column ISO week.', 'Add ‹Week of Picked› as the week of ‹Picked›.'],
      ['Label the boxes "juice" when class II or brix is under 12, "table" for the others.', 'Add ‹Class label› as if ‹Class› is "II" or else ‹Brix› is less than 12 then "juice", otherwise "table".'],
      ['Price per kg up by 5 cents for class I.', null],
      ['Bonus of 2 euros per crate beyond 10, in a new column Bonus.', null],
      ['Put the boxes with the highest brix first and those without a value last.', 'Sort by ‹Brix› from high to low.'],
      ['Remarks: remove everything in them.', null],
      ['Delete boxes X07 and X08.', 'Set aside rows where ‹Box› is "X07" or "X08".'],
      ['Add the weather of the day.', null],
    ],
  },
  {
    table: 'walks',
    csv: `Walk ID,Date,Start time,Guide,Route,Language,Booked,Came,Price,Tips,Rating,Weather,Booked by,Minutes,Cancelled,Comments
T-100,2026-05-02,10:00,Alva Quint,Old Town / Harbour,English,18,16,€12.00,€34.50,4.7,sunny,website,95,no,"Great stories, a bit long"
T-101,2026-05-02,14:30,Bram Otis,Castle Hill,german,10,10,€15.00,€22.00,4.9,Sunny,hotel,80,no,
T-102,03/05/2026,10:00,Alva Quint,Old Town / Harbour,ENGLISH,22,,€12.00,,,rain,website,,yes,Storm warning
T-103,2026-05-03,18:00,Cleo Hart,Night Walk,English,14,13,€18.00,€41.00,4.4,cloudy,Website,110,no,"Spooky, loved it; tour leader was funny"
T-104,2026-05-05,11:00,Bram Otis,Castle Hill,German,6,5,€15.00,€8.00,3.9,rain,partner,75,No,Wet feet
T-105,9 May 2026,10:00,Dov Lank,Old Town / Harbour,French,25,24,€12.00,€55.00,4.8,sunny ,hotel,100,no,
T-106,2026-05-09,18:00,Cleo Hart,Night Walk,english,15,15,€18.00,"€1,060.00",4.6,clear,website,105,no,tips typo?
T-107,2026-05-10,14:30,Alva Quint,Parks & Ponds,English,4,0,€10.00,€0.00,n/a,rain,phone,0,Yes,nobody came
T-108,16/05/2026,10:00,Dov Lank,Old Town / Harbour,French,19,19,€12.00,€38.00,4.5,cloudy,hotel,95,no,"nice, good pace"
T-109,2026-05-16,18:00,Cleo Hart,Night Walk,German,12,11,€18.00,€29.00,4.2,Clear,partner,110,no,
T-110,2026-05-17,14:30,Bram Otis,Parks & Ponds,English,8,7,€10.00,€14.50,4.0,sunny,phone,70,no,dog friendly
`,
    cases: [
      ['The language column is full of different capitals, make it English, German and French.', 'Spell ‹Language› as "English", "German" or "French".'],
      ['Weather: lower case, and no blanks at the end.', 'In ‹Weather›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['Make plain numbers of price and tips, they have euro signs and one has a thousands comma.', 'Turn ‹Price› and ‹Tips› into numbers.'],
      ['Ratings are numbers, n/a should be an empty cell.', 'Turn ‹Rating› into numbers, reading "n/a" as blank.'],
      ['Turn Cancelled into a proper yes or no.', 'Turn ‹Cancelled› into yes or no.'],
      ['Give me the dates in one format; the ones with slashes are European, so the day is first.', 'Turn ‹Date› into dates, the day before the month.'],
      ['Where nobody counted who came, leave 0 instead of the blank.', null],
      ['Split the route at the slash, Area 1 and Area 2; some only have one.', null],
      ['I need the guides\' surnames in a new column.', 'Add ‹Part of Guide› as piece -1 of ‹Guide› cut at " ".'],
      ['Guide initials, please.', 'Add ‹Initials of Guide› as the initials of ‹Guide›.'],
      ['Put date and start time into one column called Starts.', 'Add ‹Starts› as ‹Date› at the time ‹Start time›.'],
      ['Add a column Title like "Castle Hill with Bram Otis" out of route and guide.', 'Add ‹Title› as ‹Route› followed by " with " followed by ‹Guide›.'],
      ['Take the hour out of the start time into a column Hour.', 'Add ‹Hour› as (the minute of the day of ‹Start time›) divided by 60 rounded down to 0 decimals.'],
      ['Drop Booked by and Weather.', 'Drop ‹Booked by› and ‹Weather›.'],
      ['The comments should come last.', 'Move ‹Comments› to the end.'],
      ['Rename Came to Guests and Booked to Reservations.', 'Rename ‹Came› to ‹Guests› and ‹Booked› to ‹Reservations›.'],
      ['Only the walks that took place, so not the cancelled ones.', 'Keep rows where ‹Cancelled› is "no" or "No".'],
      ['Leave me the English walks at the weekend.', 'Keep rows where ‹Language› is "English" and (the weekday of ‹Date›) is "Saturday" or "Sunday".'],
      ['Walks with fewer guests than bookings.', null],
      ['Keep the walks in the first half of May.', 'Keep rows where (the month of ‹Date›) equals 5 and (the day of ‹Date›) is at least 1 and (the day of ‹Date›) is at most 15.'],
      ['Only mornings, that is before noon.', 'Keep rows where (the minute of the day of ‹Start time›) is less than 720.'],
      ['I want to see the walks that more than 15 people booked and that were rated 4.5 or better.', 'Keep rows where ‹Booked› is more than 15 and ‹Rating› is at least 4.5.'],
      ['Remove walks where nobody came.', 'Set aside rows where ‹Came› is blank or else ‹Came› equals 0.'],
      ['Which walks got tips of more than 2 euros per guest? Keep those.', null],
      ['The best walk of each guide, going by rating.', 'Keep 1 row with the highest ‹Rating› for each ‹Guide›.'],
      ['Order by date and start time.', 'Sort by ‹Date› and ‹Start time›.'],
      ['No-show rate in percent: booked minus came, divided by booked, one decimal.', 'Add ‹No-show rate in percent› as ((‹Booked› minus ‹Came›) divided by ‹Booked›) times 100 rounded to 1 decimal.'],
      ['Takings per walk: price times the people who came.', 'Add ‹Takings per walk› as ‹Price› times ‹Came›.'],
      ['Takings plus tips in a column Income, cancelled walks blank.', null],
      ['Tips per guest, to the cent, blank if nobody came.', null],
      ['How much above or below the average rating of its route is each walk? Two decimals.', 'Add ‹Rating minus average Rating per Route› as ‹Rating› minus (the mean of ‹Rating› over the rows for each ‹Route›) rounded to 2 decimals.'],
      ['Which weekday was it? Short form like Mon, Tue.', 'Add ‹Weekday of Date› as the first 3 characters of (the weekday of ‹Date›).'],
      ['Part of the day: morning until noon, afternoon until 17:00, evening after that.', 'Add ‹Part of the day› as if (the minute of the day of ‹Start time›) is less than 720 then "morning", if (the minute of the day of ‹Start time›) is less than 1020 then "afternoon", if (the minute of the day of ‹Start time›) is at least 1020 then "evening", otherwise blank.'],
      ['Number the walks of each guide by date.', 'Sort by ‹Date›. Add ‹Number within Guide› as the number of the row for each ‹Guide›.'],
      ['Share of the guide in all tips, in percent, for each walk.', 'Add ‹Total Tips per Guide per total Tips %› as ((the sum of ‹Tips› over the rows for each ‹Guide›) divided by (the sum of ‹Tips› over the rows)) times 100.'],
      ['Cumulative guests through the month.', null],
      ['Group the walks by length: short under 80 minutes, normal 80 to 100, long over 100.', null],
      ['Guests per guide, most first.', null],
      ['How many walks per language were cancelled?', 'Answer ‹Rows› as the number of rows; for each ‹Language›; only where ‹Cancelled› is "yes" or "Yes".'],
      ['Average rating by route, only where there is one, two decimals.', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows rounded to 2 decimals; for each ‹Route›.'],
      ['Which route has the lowest no-show rate?', null],
      ['How many guests did Cleo Hart have in total?', null],
      ['What percentage of walks was rained on?', 'Answer ‹Share %› as ((the sum of (if ‹Weather› is "rain" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['On which day did we take the most tips?', 'Answer ‹Total Tips› as the sum of ‹Tips› over the rows; for each ‹Date›; sorted by ‹Total Tips› from high to low; the first 1.'],
      ['Compare the average tips of sunny and rainy walks.', null],
      ['What\'s the longest walk in minutes?', 'Answer ‹Total Minutes› as the sum of ‹Minutes› over the rows; for each ‹Walk ID›; sorted by ‹Total Minutes› from high to low; the first 1.'],
      ['Which guide is the funniest?', null],
      ['Forecast the guests for June.', null],
      ['Add the guides\' phone numbers from the staff list.', null],
    ],
  },
  {
    table: 'prints',
    csv: `job;client name;ordered on;due;delivered;product;qty;paper;colours;unit price;discount;paid;operator;spoilage;remark
P/881;"Meer & Holt GbR";02.03.2026;09.03.2026;08.03.2026;Flyer A5;5000;135 g matt;4/4;0,021;5 %;ja;ron;120;
P/882;Cafe Siebenstein;03.03.2026;10.03.2026;12.03.2026;Menu A4;200;300 g gloss;4/0;0,38;;ja;Ivy;6;reprint of P/840
P/883;Dr. Lea Winter;03.03.2026;06.03.2026;06.03.2026;Cards 85x55;500;350 g matt;1/0;0,06;10 %;nein;ron;;
P/884;MEER & HOLT;05.03.2026;12.03.2026;;Poster A2;60;170 g gloss;4/0;1,90;;nein;Ivy;;waiting for file
P/885;Chor Lindau e.V.;06.03.2026;13.03.2026;13.03.2026;Booklet A5;300;120 g matt;4/4;1,15;15 %;ja;Max;14;
P/886;Cafe Siebenstein;09.03.2026;11.03.2026;11.03.2026;Flyer A6;2500;135 g gloss;4/4;0,018;;ja;Ron;40;
P/887;Bakery Oser;10.03.2026;20.03.2026;;Bags;10000;60 g kraft;2/0;0,047;3 %;nein;Max;;plates ordered
P/888;Meer & Holt GbR;11.03.2026;18.03.2026;17.03.2026;Flyer A5;8000;135 g matt;4/4;0,019;5 %;ja;IVY;210;"streaks, client accepted"
P/889;Dr. Lea Winter;16.03.2026;18.03.2026;19.03.2026;Letterhead A4;1000;90 g matt;1/0;0,045;;nein;ron;10;
`,
    cases: [
      ['operator names: first letter big, rest small', 'In ‹operator›, write in sentence case.'],
      ['ja means yes and nein means no in paid, please change it', 'Turn ‹paid› into yes or no.'],
      ['all three date columns to proper dates, day.month.year', 'Turn ‹ordered on›, ‹due› and ‹delivered› into dates, the day before the month.'],
      ['unit price uses a decimal comma, turn it into numbers', 'Turn ‹unit price› into numbers.'],
      ['discount as a number, blank is 0', 'Turn ‹discount› into numbers. Fill blanks in ‹discount› with "0".'],
      ['client names without GbR and e.V.', null],
      ['Meer & Holt GbR and MEER & HOLT are the same client', null],
      ['paper has weight and finish: two columns Weight and Finish, weight just the number', null],
      ['colours: front and back are divided by the slash, separate them', 'Split ‹colours› at "/" into ‹front› and ‹back›.'],
      ['product size: take A4, A5 and so on into a column Size, leave the rest', null],
      ['job number only digits', null],
      ['what each job comes to: qty times unit price less the discount in percent, 2 decimals', 'Add ‹Qty times unit price times 1 minus discount per…› as (‹qty› times ‹unit price›) times (1 minus (‹discount› divided by 100)) rounded to 2 decimals.'],
      ['overdue ones: not delivered or delivered after the due date', 'Keep rows where ‹delivered› is blank or else ‹delivered› is more than ‹due›.'],
      ['days late, negative if early, blank if not delivered', 'Add ‹Days from due to delivered› as the whole days from ‹due› to ‹delivered›.'],
      ['spoilage in percent of the quantity, one decimal', 'Add ‹Spoilage per qty %› as (‹spoilage› divided by ‹qty›) times 100 rounded to 1 decimal.'],
      ['jobs delivered on time vs late, count them', null],
      ['turnover per client, what is not paid yet separately', null],
      ['unpaid total', null],
      ['jobs of the second week of March', 'Keep rows where (the month of ‹ordered on›) equals 3 and (the day of ‹ordered on›) is at least 8 and (the day of ‹ordered on›) is at most 14.'],
      ['flyers only', 'Keep rows where ‹product› mentions the word "flyer".'],
      ['drop jobs under 500 pieces', 'Set aside rows where ‹qty› is less than 500.'],
      ['the biggest job of each operator', 'Keep 1 row with the highest ‹qty› for each ‹operator›.'],
      ['how long do we take on average from order to delivery', 'Answer ‹Average days from ordered on to delivered› as the mean of (the whole days from ‹ordered on› to ‹delivered›) over the rows.'],
      ['which paper is used most often', 'Answer ‹Rows› as the number of rows; for each ‹paper›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average spoilage by operator in percent', null],
    ],
  },
  {
    table: 'shipments',
    csv: `Consignment,Collected,Delivered,Sender,Receiver,From,To,Pallets,Weight,Volume m3,Tariff,Surcharge,Carrier,Priority,Temperature,Proof,Claim,Remarks
KX-7781,2026-04-01,2026-04-02,Orchard Foods,Mill Stores,Dunlow / GB,Harwick / GB,4,1.2 t,5.2,€340.00,€0.00,Swift,std,4 C,signed,,
KX-7782,2026-04-01,2026-04-04,orchard foods,Bay Market,Dunlow / GB,Ostbruck / DE,10,3400 kg,13.5,"€1,180.00",€45.00,Norlan,EXPRESS,4 C,signed,€60.00,"2 boxes crushed, claim ref CL-338"
KX-7783,02/04/2026,,Pell Metals,Tarn Works,Senford / GB,Harwick / GB,2,2.1t,1.8,€410.00,,Swift,std,,,,driver ill
KX-7784,2026-04-02,2026-04-03,Pell Metals,Ilk & Sons,Senford / GB,Dunlow / GB,1,640 kg,0.9,€150.00,€12.50,Swift,Std,,Signed,,
KX-7785,2026-04-03,2026-04-09,Lumen Glass,Bay Market,Harwick / GB,Ostbruck / DE,6,1.9 t,9.4,€960.00,€95.00,Norlan,express,,missing,€310.00,"late, broken panes, claim ref CL-341"
KX-7786,7 Apr 2026,2026-04-08,Orchard Foods,Fenn Dairy,Dunlow/GB,Aske / GB,8,2.6 t,10.8,€520.00,€20.00,Torval,std,2 C,signed,,
KX-7787,2026-04-07,2026-04-10,Lumen Glass,Casa Verde,Harwick / GB,Lerida / ES,5,1.5 t,7.7,"€1,340.00",€120.00,Norlan,EXPRESS,,signed,,
KX-7788,2026-04-08,2026-04-08,Pell Metals,Tarn Works,Senford / GB,Harwick / GB,3,3.0 t,2.6,€455.00,€0.00,Torval,std,,signed,,
KX-7789,09/04/2026,2026-04-15,ORCHARD FOODS,Casa Verde,Dunlow / GB,Lerida / ES,12,4100 kg,15.9,"€1,690.00",€140.00,Norlan,std,4 C,,€25.00,"one pallet wet, CL-352"
KX-7790,2026-04-10,,Lumen Glass,Mill Stores,Harwick / GB,Harwick / GB,1,300 kg,1.6,€90.00,,Torval,std,,,,
KX-7791,2026-04-13,2026-04-14,Fenn Dairy,Mill Stores,Aske / GB,Harwick / GB,7,2.2 t,8.9,€470.00,€18.00,Swift,express,2 C,signed,,
KX-7792,2026-04-14,2026-04-16,Pell Metals,Ilk & Sons,Senford / GB,Dunlow / GB,2,1.4 t,1.7,€290.00,,Torval,std,,signed,€15.00,dented
`,
    cases: [
      ['I need all the weights in kilos, plain numbers.', 'Turn ‹Weight› into numbers in "kg".'],
      ['The senders should have every word with a capital letter.', 'In ‹Sender›, write in title case.'],
      ['Priority is either standard or express, please write it out in full and in lower case.', null],
      ['Please set the surcharge to 0 where there is nothing.', 'Fill blanks in ‹Surcharge› with "0".'],
      ['Take the euro sign and the thousands comma out of tariff, surcharge and claim so that they are numbers.', null],
      ['In proof, put "missing" where it is empty.', 'Fill blanks in ‹Proof› with "missing".'],
      ['Temperature without the C, as a number.', 'Remove "C" from ‹Temperature›. Turn ‹Temperature› into numbers.'],
      ['Collected is written in three ways, I want proper dates. 02/04 is the second of April.', null],
      ['Split From into the town and the country, From town and From country.', 'Split ‹From› at "/" into ‹From town› and ‹From country›.'],
      ['Only the two letters of the country of destination in a new column.', null],
      ['Get the claim reference out of the remarks, it looks like CL-338.', null],
      ['The consignment\'s number part only, in a new column No.', 'Add ‹No› as the first number in ‹Consignment›.'],
      ['A route column please: town from, an arrow, town to, like "Dunlow / GB -> Harwick / GB".', null],
      ['First two letters of the carrier in capitals, call it Code.', 'Add ‹Code› as (the first 2 characters of ‹Carrier›) in capitals.'],
      ['Put Carrier first and Remarks last.', 'Move ‹Carrier› to the front. Move ‹Remarks› to the end.'],
      ['Please throw away the temperature and the proof columns.', 'Drop ‹Temperature› and ‹Proof›.'],
      ['What was Tariff is now called Freight, and Surcharge is Extra.', null],
      ['Keep just the consignment, the carrier, the tariff and when it was delivered.', 'Keep only the columns ‹Consignment›, ‹Carrier›, ‹Tariff› and ‹Delivered›.'],
      ['Leave out what has been delivered on the day it was collected.', 'Set aside rows where ‹Delivered› equals ‹Collected›.'],
      ['Everything Norlan carried to Ostbruck.', null],
      ['Only shipments that are still on the road.', null],
      ['I only want to see those heavier than two tonnes.', 'Keep rows where (‹Weight› measured in "t") is more than 2.'],
      ['Shipments that cost more than 1000 euros or took longer than four days.', 'Keep rows where ‹Tariff› is more than 1000 or else (the whole days from ‹Collected› to ‹Delivered›) is more than 4.'],
      ['The five with the most pallets.', 'Keep 5 rows with the highest ‹Pallets›.'],
      ['Which ones have a claim? Just those.', 'Keep rows where ‹Claim› is filled.'],
      ['Keep what was collected from the 7th to the 10th of April.', 'Keep rows where (the month of ‹Collected›) equals 4 and (the day of ‹Collected›) is at least 7 and (the day of ‹Collected›) is at most 10.'],
      ['One shipment per sender will do, the most expensive one.', 'Keep 1 row with the highest ‹Tariff› for each ‹Sender›.'],
      ['Sort by receiver from A to Z, then by the date it was delivered, latest on top.', 'Sort by ‹Receiver› and ‹Delivered› from high to low.'],
      ['A random third of the shipments please.', 'Keep 33.333333333333336 percent of the rows at random with seed 1.'],
      ['Add total cost: tariff and surcharge together, nothing counts as 0.', 'Add ‹total cost› as (‹Tariff›, or 0 where it is blank) plus (‹Surcharge›, or 0 where it is blank).'],
      ['Tariff per pallet, to two decimals.', 'Add ‹Tariff per Pallets› as ‹Tariff› divided by ‹Pallets› rounded to 2 decimals.'],
      ['Cost per 100 kg: tariff divided by the weight in kg, times 100, one decimal.', 'Add ‹Cost per 100 kg› as (‹Tariff› divided by (‹Weight› measured in "kg")) times 100 rounded to 1 decimal.'],
      ['How many days was each shipment under way? Empty if it hasn\'t arrived.', null],
      ['Kilos per cubic metre, no decimals.', 'Add ‹Weight in kg per Volume m3› as (‹Weight› measured in "kg") divided by ‹Volume m3› rounded to 0 decimals.'],
      ['Claim as a percentage of the tariff, one decimal, blank where there is no claim.', 'Add ‹Claim per Tariff %› as (‹Claim› divided by ‹Tariff›) times 100 rounded to 1 decimal.'],
      ['Mark shipments with late if they took more than three days, with ok if not and with open when they are not delivered.', 'Add ‹Collected label› as if (the whole days from ‹Collected› to ‹Delivered›) is more than 3 then "late", if ‹Delivered› is blank then "open", otherwise "ok".'],
      ['The share of each carrier\'s pallets that a shipment makes up, in percent.', null],
      ['How does the tariff of each shipment compare with the average of its carrier? The difference, two decimals.', 'Add ‹Tariff minus average Tariff per Carrier› as ‹Tariff› minus (the mean of ‹Tariff› over the rows for each ‹Carrier›) rounded to 2 decimals.'],
      ['Rank them by tariff, the dearest is number one.', 'Add ‹Rank by Tariff› as the rank, highest first, of ‹Tariff›.'],
      ['Number of shipments of the same sender on every row.', 'Add ‹Rows per Sender› as the number of rows for each ‹Sender›.'],
      ['What is the running total of pallets in the order they were collected?', null],
      ['A 10% discount on the tariff for more than 5 pallets, in a new column Offer.', 'Add ‹Offer› as if ‹Pallets› is more than 5 then ‹Tariff› times (1 minus (10 divided by 100)), otherwise ‹Tariff›.'],
      ['Fuel fee: 4 euros for every pallet, but at least 10.', 'Add ‹Fuel fee› as if 4 times ‹Pallets› is less than 10 then 10, otherwise 4 times ‹Pallets›.'],
      ['Which day of the week was it collected?', 'Add ‹Weekday of Collected› as the weekday of ‹Collected›.'],
      ['How many shipments did each carrier have and how many pallets?', 'Answer ‹Rows› as the number of rows; and ‹Total Pallets› as the sum of ‹Pallets› over the rows; for each ‹Carrier›.'],
      ['What did we pay in tariffs altogether?', 'Answer ‹Total Tariff› as the sum of ‹Tariff› over the rows.'],
      ['Average time under way by carrier, in days, one decimal.', null],
      ['Which carrier causes the most claims, in euros?', 'Answer ‹Total Claim› as the sum of ‹Claim› over the rows; for each ‹Carrier›; sorted by ‹Total Claim› from high to low; the first 1.'],
      ['How many shipments have no proof of delivery?', null],
      ['What share of shipments was express?', 'Answer ‹Share %› as ((the sum of (if ‹Priority› is "EXPRESS" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['Heaviest shipment of every sender.', 'Keep 1 row with the highest ‹Weight› for each ‹Sender›.'],
      ['What\'s the total of the claims by sender, largest first?', 'Answer ‹Total Claim› as the sum of ‹Claim› over the rows; for each ‹Sender›; sorted by ‹Total Claim› from high to low.'],
      ['How many different receivers were there in April?', 'Answer ‹Different Receiver› as the number of different values of ‹Receiver› over the rows; only where (the month of ‹Collected›) equals 4.'],
      ['Lowest, average and highest tariff per pallet.', 'Answer ‹Lowest Tariff per Pallets› as the lowest of (‹Tariff› divided by ‹Pallets›) over the rows; ‹Average Tariff per Pallets› as the mean of (‹Tariff› divided by ‹Pallets›) over the rows; and ‹Highest Tariff per Pallets› as the highest of (‹Tariff› divided by ‹Pallets›) over the rows.'],
      ['Which shipments have not arrived yet?', null],
      ['How reliable is Norlan?', null],
      ['Book a lorry for tomorrow.', null],
      ['What will the tariffs be next year?', null],
      ['Add the distance in kilometres.', null],
      ['Sum up the remarks.', null],
    ],
  },
  {
    table: 'orders',
    csv: `Order,Ordered on,Garden,Plant,Pot size,Qty,Unit price,Paid,Delivery,Promised,Delivered,Contact,Notes
B-1001,2026-03-02,Hollin Park,Lavender,9 cm,24,2.80,67.20,van,2026-03-09,2026-03-08,Mara Quill,
B-1002,2026-03-02,hollin park ,Rosemary,1 L,10,4.50,45.00,van,2026-03-09,2026-03-11,Mara Quill,leave at gate
B-1003,2026-03-03,St Bride School,Thyme,9 cm,40,2.20,,pickup,2026-03-12,2026-03-12,T. Osk,
B-1004,2026-03-04,Wren Cottage,Lavendar,9cm,6,2.80,16.80,pickup,2026-03-10,,Ida Fenn,call before: 0555 2211
B-1005,2026-03-05,Wren Cottage,Salvia,2 L,3,7.90,20.00,VAN,2026-03-15,2026-03-20,Ida Fenn,2 pots broken
B-1006,2026-03-05,Tannery Yard,Sage,1L,12,4.50,54.00,van,2026-03-15,2026-03-14,J Brook,
B-1007,2026-03-09,St. Bride School,Mint,9 cm,30,2.00,60.00,pickup,2026-03-16,2026-03-16,T. Osk,for the herb bed
B-1008,2026-03-10,Tannery Yard,Thyme,9 cm,18,2.20,39.60,van,2026-03-20,,J Brook,
B-1009,2026-03-10,Hollin Park,Mint,1 L,8,3.90,31.20,van,2026-03-20,2026-03-19,Mara Quill,1 pot broken
B-1010,2026-03-12,Moor House,Rosemary,2 L,2,9.50,0.00,pickup,2026-03-25,,,cancelled by phone
`,
    others: {
      plants: `Name,Latin,Family,List price,Hardy to C
Lavender,Lavandula vera,Mint family,2.80,-15
Rosemary,Salvia rosmarinus,Mint family,4.20,-10
Thyme,Thymus vulgaris,Mint family,2.20,-20
Mint,Mentha spicata,Mint family,2.00,-25
Salvia,Salvia nemorosa,Mint family,7.90,-18
Chives,Allium schoenoprasum,Onion family,1.90,-30
`,
    },
    cases: [
      ['Bring in the family of each plant from the plants list.', 'Add ‹Family› as the ‹Family› in the table "plants" where ‹Name› is ‹Plant›.'],
      ['Look up every plant\'s list price and put it beside the unit price.', 'Add ‹List price› as the ‹List price› in the table "plants" where ‹Name› is ‹Plant›. Move ‹List price› to after ‹Unit price›.'],
      ['Add the Latin name; match plant with name and allow for typing mistakes.', null],
      ['Which plants in the orders are not in our plant list?', 'List each ‹Plant›; only where not (‹Plant› stands under ‹Name› in the table "plants").'],
      ['Flag orders where the unit price is not the list price.', 'Add ‹Flag› as if ‹Unit price› differs from (the ‹List price› in the table "plants" where ‹Name› is ‹Plant›) then "yes", otherwise "no".'],
      ['How hardy is each plant? Put it in a new column.', 'Add ‹Hardy to C› as the ‹Hardy to C› in the table "plants" where ‹Name› is ‹Plant›.'],
      ['Compare unit price with list price and show the difference.', 'Add ‹Unit price minus List price› as ‹Unit price› minus (the ‹List price› in the table "plants" where ‹Name› is ‹Plant›).'],
      ['Rows in plants that were never ordered.', null],
      ['Take the family over, "unknown" where a plant isn\'t found.', 'Add ‹Family› as (the ‹Family› in the table "plants" where ‹Name› is ‹Plant›), or "unknown" where it is blank.'],
      ['Is what was paid equal to qty times price? Say ok, under or over.', null],
      ['Mark unpaid orders, part paid ones and fully paid ones.', null],
      ['Make groups out of the notes: damage if something broke, contact if it says to call, otherwise other.', null],
      ['Sort the orders into small (under 10 pots), medium and large (30 and more).', null],
      ['Spring sale or not? Ordered before 5 March is early bird, the others regular.', null],
      ['Tag late deliveries and say by how many days.', null],
      ['Put the same garden under one spelling.', 'Standardise ‹Garden›.'],
      ['Van in lower case everywhere.', null],
      ['Pot sizes should all have a space between number and unit.', null],
      ['Lavendar is a typo, it\'s Lavender.', 'Replace cells that are "Lavendar" in ‹Plant› with "Lavender".'],
      ['Contact: only the last name please.', 'Set ‹Contact› to piece -1 of ‹Contact› cut at " ".'],
      ['Strip the B- from the order numbers.', 'Remove leading "B-" from ‹Order›.'],
      ['Phone numbers in the notes go in a column of their own.', 'Add ‹Telephone number› as the first telephone number in ‹Notes›.'],
      ['Add what is still owed per order.', null],
      ['Total = qty x unit price, with 20% off for 24 pots or more.', null],
      ['Days from order to delivery, as "5 days".', null],
      ['Weekly turnover please, weeks starting Monday.', null],
      ['What\'s the average order value per garden, rounded to cents?', 'Answer ‹Average Paid› as the mean of ‹Paid› over the rows rounded to 2 decimals; for each ‹Garden›.'],
      ['Which garden owes us the most?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Garden›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['Top two plants by number of pots.', null],
      ['Percentage of orders delivered on time.', 'Answer ‹Share %› as ((the sum of (if ‹Delivered› is at most ‹Promised› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['How many orders are still to be delivered?', 'Answer ‹Rows› as the number of rows; only where ‹Delivered› is blank.'],
      ['Drop the contact and the notes.', 'Drop ‹Contact› and ‹Notes›.'],
      ['Only pickups from before the tenth.', null],
      ['Everything except cancelled orders.', 'Keep rows where not (‹Notes› mentions the word "cancelled").'],
      ['One line per garden: orders, pots and paid.', null],
      ['Delivered within 5 days of ordering.', 'Keep rows where (the whole days from ‹Ordered on› to ‹Delivered›) is at most 5.'],
      ['Split pot size into number and unit.', null],
      ['Add a column with the month, written like Mar 2026.', null],
      ['Number the orders of every garden in order of date.', 'Sort by ‹Ordered on›. Add ‹Number within Garden› as the number of the row for each ‹Garden›.'],
      ['Keep orders of Wren Cottage or Moor House that aren\'t paid in full.', 'Keep rows where ‹Garden› is "Wren Cottage" or "Moor House" and (‹Paid›, or 0 where it is blank) is less than ‹Qty› times ‹Unit price›.'],
      ['Blank contacts become "nobody".', 'Fill blanks in ‹Contact› with "nobody".'],
      ['Rename Qty to Pots and Paid to Paid EUR.', 'Rename ‹Qty› to ‹Pots› and ‹Paid› to ‹Paid EUR›.'],
      ['Order total, then the share of the garden\'s total, in percent.', null],
      ['Cheapest plant in each pot size.', 'Keep 1 row with the lowest ‹Unit price› for each ‹Pot size›.'],
      ['Sort by promised date, undelivered ones first.', null],
      ['Every order must have a contact, show me the ones that don\'t.', null],
      ['Check that delivered is never before ordered.', 'Check that not (‹Delivered› is less than ‹Ordered on›).'],
    ],
  },
  {
    table: 'payments',
    csv: PAYMENTS,
    others: { invoices: INVOICES },
    cases: [
      ['Which payments have a reference that isn\'t an invoice?', 'Keep rows where not (‹Reference› stands under ‹Invoice› in the table "invoices").'],
      ['Add the course that was paid for.', null],
      ['Get the invoice total by reference and show how much is missing.', null],
      ['Was it paid late? Compare booked with the due date of the invoice.', null],
      ['Mark payments as full, part or unknown: full when the amount equals the invoice total, part when it\'s less, unknown when the invoice doesn\'t exist.', 'Add ‹Reference label› as if (the ‹Total› in the table "invoices" where ‹Invoice› is ‹Reference›) is blank then "unknown", if ‹Amount› equals (the ‹Total› in the table "invoices" where ‹Invoice› is ‹Reference›) then "full", if ‹Amount› is less than (the ‹Total› in the table "invoices" where ‹Invoice› is ‹Reference›) then "part", otherwise blank.'],
      ['City of each invoice next to the payment.', 'Add ‹City› as the ‹City› in the table "invoices" where ‹Invoice› is ‹Reference›.'],
      ['Payments whose amount differs from the invoice total.', 'Keep rows where ‹Amount› differs from (the ‹Total› in the table "invoices" where ‹Invoice› is ‹Reference›).'],
      ['Show me only payments for Bread courses.', 'Keep rows where (the ‹Course› in the table "invoices" where ‹Invoice› is ‹Reference›) is "Bread".'],
      ['How much was paid per course?', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Course› as the ‹Course› in the table "invoices" where ‹Invoice› is ‹Reference›.'],
      ['Put customer and due date from invoices beside each payment.', 'Add ‹Customer› as the ‹Customer› in the table "invoices" where ‹Invoice› is ‹Reference›. Add ‹Due› as the ‹Due› in the table "invoices" where ‹Invoice› is ‹Reference›.'],
      ['Payments with no matching invoice, please.', 'Keep rows where not (‹Reference› stands under ‹Invoice› in the table "invoices").'],
      ['Add a column known: yes if the reference is in invoices, no otherwise.', 'Add ‹known› as if ‹Reference› stands under ‹Invoice› in the table "invoices" then "yes", otherwise "no".'],
      ['How many payments are for welding?', 'Answer ‹Rows› as the number of rows; only where (the ‹Course› in the table "invoices" where ‹Invoice› is ‹Reference›) is "Welding".'],
      ['Days between the invoice being issued and the payment.', null],
      ['Bring over the course, and where there\'s none write "no invoice".', 'Add ‹Course› as (the ‹Course› in the table "invoices" where ‹Invoice› is ‹Reference›), or "no invoice" where it is blank.'],
      ['Drop payments that aren\'t in the invoices table.', 'Set aside rows where not (‹Reference› stands under ‹Invoice› in the table "invoices").'],
      ['Which references were used twice?', null],
      ['Does the payer match the customer? Say yes or no.', null],
    ],
  },
  {
    table: 'invoices',
    csv: INVOICES,
    others: { payments: PAYMENTS },
    cases: [
      ['Which invoices haven\'t been paid at all?', 'Keep rows where not (‹Invoice› stands under ‹Reference› in the table "payments").'],
      ['How much has been paid on each invoice? 0 when nothing was paid.', 'Add ‹Total Amount› as (the sum of all ‹Amount› in the table "payments" where ‹Reference› is ‹Invoice›), or 0 where it is blank.'],
      ['What is still open per invoice?', 'Add ‹Total minus total Amount› as ‹Total› minus ((the sum of all ‹Amount› in the table "payments" where ‹Reference› is ‹Invoice›), or 0 where it is blank).'],
      ['Add the date of the last payment.', 'Add ‹Last Booked› as the highest ‹Booked› in the table "payments" where ‹Reference› is ‹Invoice›.'],
      ['Number of payments for each invoice, zero if none.', 'Add ‹Number of payments› as (the number of ‹Reference› in the table "payments" where ‹Reference› is ‹Invoice›), or 0 where it is blank.'],
      ['Mark each invoice paid, part or open, going by the payments.', null],
      ['Only invoices that are paid more than once.', 'Keep rows where ((the number of ‹Reference› in the table "payments" where ‹Reference› is ‹Invoice›), or 0 where it is blank) is more than 1.'],
      ['Add the channel from the payments.', 'Add ‹Channel› as the ‹Channel› in the table "payments" where ‹Reference› is ‹Invoice›.'],
      ['Sum of payments by reference into a column Received.', null],
      ['Invoices where the received amount isn\'t the total.', 'Keep rows where ((the sum of all ‹Amount› in the table "payments" where ‹Reference› is ‹Invoice›), or 0 where it is blank) differs from ‹Total›.'],
      ['Overdue ones without a payment: due before 10 May.', null],
      ['Average days from due to payment by course.', null],
      ['Delete invoices that have a payment.', 'Set aside rows where ‹Invoice› stands under ‹Reference› in the table "payments".'],
      ['Is every reference in payments one of our invoices?', null],
    ],
  },
  {
    table: 'payments',
    csv: PAYMENTS,
    others: {
      rates: `Currency,Rate to EUR
EUR,1
SEK,0.09
`,
    },
    cases: [
      ['Convert the amount to euros with the rates table.', 'Add ‹Amount times Rate to EUR› as ‹Amount› times (the ‹Rate to EUR› in the table "rates" where ‹Currency› is ‹Currency›).'],
      ['Add the rate for each currency.', 'Add ‹Rate to EUR› as the ‹Rate to EUR› in the table "rates" where ‹Currency› is ‹Currency›.'],
      ['Amount in EUR = amount times rate to EUR.', 'Add ‹Amount in EUR› as ‹Amount› times (the ‹Rate to EUR› in the table "rates" where ‹Currency› is ‹Currency›).'],
      ['Total in euros per payer using the rates.', null],
      ['Multiply amount by the rate of its currency, two decimals.', 'Add ‹Amount times Rate to EUR› as ‹Amount› times (the ‹Rate to EUR› in the table "rates" where ‹Currency› is ‹Currency›) rounded to 2 decimals.'],
    ],
  },
  {
    table: 'payments',
    csv: PAYMENTS,
    cases: [
      ['Reference should always look like INV-000.', 'Write ‹Reference› in the shape of "INV-000".'],
      ['Put the thousands comma out of amounts.', null],
      ['No reference becomes "none".', 'Fill blanks in ‹Reference› with "none".'],
      ['Same payer, reference and amount: keep only one of them.', 'Keep the first row of each ‹Payer›, ‹Reference› and ‹Amount›.'],
      ['Total per channel, biggest first.', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Channel›; sorted by ‹Total Amount› from high to low.'],
      ['Everything booked after the 6th.', 'Keep rows where ‹Booked› is more than the date "2026-05-06".'],
      ['What share was paid in cash?', 'Answer ‹Share %› as ((the sum of (if ‹Channel› is "cash" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['Payer\'s initials in a new column.', 'Add ‹Initials of Payer› as the initials of ‹Payer›.'],
      ['Add the week number.', 'Add ‹Week of Booked› as the week of ‹Booked›.'],
      ['Who paid more than once?', 'Answer ‹Rows› as the number of rows; for each ‹Payer›; only where (the number of rows for each ‹Payer›) is more than 1.'],
      ['Split card and transfer payments into two columns.', null],
      ['Comment mentions part: mark as partial.', null],
      ['Card payments get a fee of 1.5%, others none.', null],
      ['Take the number out of the reference.', 'Add ‹Number› as the first number in ‹Reference›.'],
    ],
  },
  {
    table: 'loans',
    csv: LOANS,
    others: {
      tools: TOOLS,
      members: MEMBERS,
    },
    cases: [
      ['Add the day rate of the tool.', 'Add ‹Day rate› as the ‹Day rate› in the table "tools" where ‹Item› is ‹Tool›.'],
      ['Which loans are of tools that we don\'t have on the list?', 'Keep rows where not (‹Tool› stands under ‹Item› in the table "tools").'],
      ['Borrowers who aren\'t members, please.', 'Keep rows where not (‹Borrower› stands under ‹Member› in the table "members").'],
      ['Put each borrower\'s phone number next to the loan.', 'Add ‹Phone› as the ‹Phone› in the table "members" where ‹Member› is ‹Borrower›.'],
      ['Was the tool kept longer than its max days? yes or no', 'Add ‹Out label› as if (the whole days from ‹Out› to ‹Back›) is more than (the ‹Max days› in the table "tools" where ‹Item› is ‹Tool›) then "yes", otherwise "no".'],
      ['What should the fee be: days out times the day rate.', null],
      ['Compare the fee with days times day rate and mark wrong ones.', null],
      ['Bring in the category and the shelf from tools; "not listed" where the tool isn\'t there.', 'Add ‹Category› as (the ‹Category› in the table "tools" where ‹Item› is ‹Tool›), or "not listed" where it is blank. Add ‹Shelf› as (the ‹Shelf› in the table "tools" where ‹Item› is ‹Tool›), or "not listed" where it is blank.'],
      ['Loans per category.', 'Answer ‹Rows› as the number of rows; for each ‹Category› as the ‹Category› in the table "tools" where ‹Item› is ‹Tool›.'],
      ['Total fees by category, highest first.', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Category› as the ‹Category› in the table "tools" where ‹Item› is ‹Tool›; sorted by ‹Total Fee› from high to low.'],
      ['Only loans of wood tools.', 'Keep rows where (the ‹Category› in the table "tools" where ‹Item› is ‹Tool›) is "Wood".'],
      ['Is the borrower a member? Say member or guest.', 'Add ‹Borrower label› as if ‹Borrower› stands under ‹Member› in the table "members" then "member", otherwise "guest".'],
      ['Add the street from the members list.', 'Add ‹Street› as the ‹Street› in the table "members" where ‹Member› is ‹Borrower›.'],
      ['Tools that were never lent.', null],
      ['Average loan length per category in days.', null],
      ['How many loans were made by people who aren\'t members?', 'Answer ‹Rows› as the number of rows; only where not (‹Borrower› stands under ‹Member› in the table "members").'],
      ['Deposit as a percentage of what the tool was bought for.', 'Add ‹Deposit per Bought for %› as (‹Deposit› divided by (the ‹Bought for› in the table "tools" where ‹Item› is ‹Tool›)) times 100.'],
      ['Days over the limit, from the max days in tools, 0 when within it.', null],
      ['Everything borrowed by someone without a phone.', 'Keep rows where (the ‹Phone› in the table "members" where ‹Member› is ‹Borrower›) is blank.'],
      ['Keep the loans whose tool is on shelf A2 or A3.', 'Keep rows where (the ‹Shelf› in the table "tools" where ‹Item› is ‹Tool›) is "A2" or "A3".'],
    ],
  },
  {
    table: 'tools',
    csv: TOOLS,
    others: { loans: LOANS },
    cases: [
      ['How often was each tool lent? Add it as a column, 0 for never.', 'Add ‹Number of loans› as (the number of ‹Tool› in the table "loans" where ‹Tool› is ‹Item›), or 0 where it is blank.'],
      ['Add the total of fees each tool earned.', 'Add ‹Total Fee› as the sum of all ‹Fee› in the table "loans" where ‹Tool› is ‹Item›.'],
      ['Last time each tool went out.', 'Add ‹Last Out› as the highest ‹Out› in the table "loans" where ‹Tool› is ‹Item›.'],
      ['Tools nobody ever borrowed.', 'Keep rows where not (‹Item› stands under ‹Tool› in the table "loans").'],
      ['Which tools are out right now?', null],
      ['Earnings as a share of what the tool cost.', null],
      ['Mark tools as used or unused by looking in loans.', 'Add ‹Item label› as if ‹Item› stands under ‹Tool› in the table "loans" then "used", otherwise "unused".'],
      ['Compare number of loans with max days.', null],
    ],
  },
  {
    table: 'members',
    csv: MEMBERS,
    others: { loans: LOANS },
    cases: [
      ['Members without a loan.', 'Keep rows where not (‹Member› stands under ‹Borrower› in the table "loans").'],
      ['Deposits still held per member.', null],
      ['Add how many tools each member has borrowed.', 'Add ‹Number of loans› as (the number of ‹Borrower› in the table "loans" where ‹Borrower› is ‹Member›), or 0 where it is blank.'],
      ['Date of the first loan for each member, empty if none.', 'Add ‹First Out› as the lowest ‹Out› in the table "loans" where ‹Borrower› is ‹Member›.'],
      ['Which members have a tool out at the moment?', null],
      ['Sum of the fees per member, nothing is 0.', 'Add ‹Total Fee› as (the sum of all ‹Fee› in the table "loans" where ‹Borrower› is ‹Member›), or 0 where it is blank.'],
    ],
  },
  {
    table: 'stays',
    csv: STAYS,
    others: { dogs: DOGS },
    cases: [
      ['put the breed and the owner\'s name beside every stay, straight from dogs', 'Add ‹Breed› as the ‹Breed› in the table "dogs" where ‹Tag› is ‹Dog›. Add ‹Owner› as the ‹Owner› in the table "dogs" where ‹Tag› is ‹Dog›.'],
      ['we want to know per owner how much was charged altogether', 'Answer ‹Total Charged› as the sum of ‹Charged› over the rows; for each ‹Owner› as the ‹Owner› in the table "dogs" where ‹Tag› is ‹Dog›.'],
      ['which stays are of a dog that isn\'t on our dogs list? ignore those where no dog was entered', 'List each ‹Stay›; only where not (‹Dog› stands under ‹Tag› in the table "dogs").'],
      ['Expected charge = days from in to out times the dog\'s day price, plus extras (none counts as 0). Leave it empty for dogs still here.', null],
      ['show me the stays where charged isn\'t days times the day price plus extras', null],
      ['flag every stay in which the vaccination had run out before the dog came in; call the column Vaccine and write ok or expired', null],
      ['how heavy is the dog of each stay? add it', null],
      ['only stays of terriers', 'Keep rows where (the ‹Breed› in the table "dogs" where ‹Tag› is ‹Dog›) is "Terrier".'],
      ['average number of meals per breed, one decimal', 'Answer ‹Average Meals› as the mean of ‹Meals› over the rows rounded to 1 decimal; for each ‹Breed› as the ‹Breed› in the table "dogs" where ‹Tag› is ‹Dog›.'],
      ['Was the dog over 25 kg? New column Large with yes or no, blank if we don\'t know the dog.', null],
      ['Add the name of the dog right after Dog', null],
      ['how many stays did Ulla Frost\'s dogs have', 'Answer ‹Rows› as the number of rows; only where (the ‹Owner› in the table "dogs" where ‹Tag› is ‹Dog›) is "Ulla Frost".'],
      ['Meals per kilo of dog, 2 decimals', 'Add ‹Meals per Weight kg› as ‹Meals› divided by (the ‹Weight kg› in the table "dogs" where ‹Tag› is ‹Dog›) rounded to 2 decimals.'],
      ['sort the stays by the weight of the dog, heaviest first', null],
      ['which breeds were here in April', null],
    ],
  },
  {
    table: 'dogs',
    csv: DOGS,
    others: { stays: STAYS },
    cases: [
      ['how often has each dog stayed with us? 0 for never', 'Add ‹Number of stays› as (the number of ‹Dog› in the table "stays" where ‹Dog› is ‹Tag›), or 0 where it is blank.'],
      ['what has each owner paid in total', null],
      ['which dogs have never been here', 'Keep rows where not (‹Tag› stands under ‹Dog› in the table "stays").'],
      ['Bring in the date of each dog\'s latest stay', 'Add ‹Last In› as the highest ‹In› in the table "stays" where ‹Dog› is ‹Tag›.'],
      ['New column Income: everything charged for this dog, nothing = 0', 'Add ‹Income› as (the sum of all ‹Charged› in the table "stays" where ‹Dog› is ‹Tag›), or 0 where it is blank.'],
      ['Mark dogs as regular when they stayed at least twice, new when once, and none if they never came.', 'Add ‹Tag label› as if ((the number of ‹Dog› in the table "stays" where ‹Dog› is ‹Tag›), or 0 where it is blank) is at least 2 then "regular", if ((the number of ‹Dog› in the table "stays" where ‹Dog› is ‹Tag›), or 0 where it is blank) equals 1 then "new", if not (‹Tag› stands under ‹Dog› in the table "stays") then "none", otherwise blank.'],
      ['How many nights in all did each dog spend here?', null],
      ['list the tags that turn up in stays but not here', null],
      ['dogs whose vaccination ended before their last stay began', null],
      ['number of stays with extras for each dog', null],
      ['add the runs each dog has been in', null],
      ['keep dogs that were here more than once', 'Keep rows where ((the number of ‹Dog› in the table "stays" where ‹Dog› is ‹Tag›), or 0 where it is blank) is more than 1.'],
      ['average charge of each dog\'s stays to 2 decimals, blank without a stay', null],
      ['does any dog cost more per day than 22', null],
      ['is there a dog that\'s here right now? Show their names', null],
    ],
  },
  {
    table: 'jobs',
    csv: JOBS,
    others: {
      paper: PAPER,
      receipts: RECEIPTS,
    },
    cases: [
      ['fetch gsm and supplier from the paper table', 'Add ‹Gsm› as the ‹Gsm› in the table "paper" where ‹Code› is ‹Paper code›. Add ‹Supplier› as the ‹Supplier› in the table "paper" where ‹Code› is ‹Paper code›.'],
      ['Paper cost per job: sheets plus waste, divided by 1000, times the price per 1000, rounded to cents', 'Add ‹Paper cost per job› as ((‹Sheets› plus ‹Waste›) divided by 1000) times (the ‹Price per 1000› in the table "paper" where ‹Code› is ‹Paper code›) rounded to 2 decimals.'],
      ['what did we use from each supplier, in sheets including waste?', null],
      ['jobs printed on paper that isn\'t in our list', null],
      ['add what\'s been received for each job, and what is still to come', null],
      ['Which invoiced jobs have no receipt yet?', null],
      ['compare invoiced with the sum of the receipts per job and say settled, part or nothing', 'Add ‹Job label› as if (the sum of all ‹Sum› in the table "receipts" where ‹Job no› is ‹Job›) is blank then "nothing", if ‹Invoiced› equals ((the sum of all ‹Sum› in the table "receipts" where ‹Job no› is ‹Job›), or 0 where it is blank) then "settled", if ((the sum of all ‹Sum› in the table "receipts" where ‹Job no› is ‹Job›), or 0 where it is blank) is less than ‹Invoiced› then "part", otherwise blank.'],
      ['Put Paid in full: yes if the receipts add up to the invoiced amount, otherwise no', 'Add ‹Paid in full› as if ((the sum of all ‹Sum› in the table "receipts" where ‹Job no› is ‹Job›), or 0 where it is blank) equals ‹Invoiced› then "yes", otherwise "no".'],
      ['how many days after printing did the last money come in', null],
      ['first receipt date per job please', 'Add ‹First Received› as the lowest ‹Received› in the table "receipts" where ‹Job no› is ‹Job›.'],
      ['jobs that were paid in more than one go', 'Keep rows where ((the number of ‹Job no› in the table "receipts" where ‹Job no› is ‹Job›), or 0 where it is blank) is more than 1.'],
      ['Margin: invoiced minus paper cost, where paper cost is (sheets + waste) / 1000 × price per 1000', null],
      ['show the total invoiced by supplier, largest on top', 'Answer ‹Total Invoiced› as the sum of ‹Invoiced› over the rows; for each ‹Supplier› as the ‹Supplier› in the table "paper" where ‹Code› is ‹Paper code›; sorted by ‹Total Invoiced› from high to low.'],
      ['Which jobs have been paid short? With both sums', null],
      ['write the name and the gsm of the paper together, like "Matt white 120 g"', null],
      ['only jobs on paper heavier than 150 gsm', null],
    ],
  },
  {
    table: 'paper',
    csv: PAPER,
    others: { jobs: JOBS },
    cases: [
      ['sheets used of each paper, waste included; 0 if unused', null],
      ['which papers haven\'t been used at all', 'Keep rows where not (‹Code› stands under ‹Paper code› in the table "jobs").'],
      ['Left over: in stock less all sheets printed on it', null],
      ['is the stock below the reorder level? say order or fine', 'Add ‹In stock label› as if ‹In stock› is less than ‹Reorder at› then "order", otherwise "fine".'],
      ['how many jobs ran on each paper', 'Add ‹Number of jobs› as (the number of ‹Paper code› in the table "jobs" where ‹Paper code› is ‹Code›), or 0 where it is blank.'],
      ['add the date each paper was last printed on', 'Add ‹Last Printed on› as the highest ‹Printed on› in the table "jobs" where ‹Paper code› is ‹Code›.'],
      ['papers that more than one client used', null],
      ['the biggest job for each paper in sheets', 'Add ‹Highest Sheets› as the highest ‹Sheets› in the table "jobs" where ‹Paper code› is ‹Code›.'],
    ],
  },
  {
    table: 'receipts',
    csv: RECEIPTS,
    others: { jobs: JOBS },
    cases: [
      ['bring in client and invoiced amount', 'Add ‹Client› as the ‹Client› in the table "jobs" where ‹Job› is ‹Job no›. Add ‹Invoiced› as the ‹Invoiced› in the table "jobs" where ‹Job› is ‹Job no›.'],
      ['receipts for a job we don\'t have', 'Keep rows where not (‹Job no› stands under ‹Job› in the table "jobs").'],
      ['days from printing to receipt', null],
      ['how much came in per client', null],
      ['mark each receipt: exact if it equals the invoiced amount of its job, different if not, unknown if there\'s no such job', 'Add ‹Job no label› as if (the ‹Invoiced› in the table "jobs" where ‹Job› is ‹Job no›) is blank then "unknown", if ‹Sum› equals (the ‹Invoiced› in the table "jobs" where ‹Job› is ‹Job no›) then "exact", otherwise "different".'],
    ],
  },
  {
    table: 'requests',
    csv: REQUESTS,
    others: {
      boxes: BOXES,
      readers: READERS,
    },
    cases: [
      ['who asked for what: add the reader\'s name and the box title', null],
      ['which box numbers were asked for that we do not hold', null],
      ['requests by people we have no card for', 'Keep rows where not (‹Reader› stands under ‹Card› in the table "readers").'],
      ['Requests for fragile boxes only', 'Keep rows where (the ‹Condition› in the table "boxes" where ‹Box› is ‹Box no›) is "fragile".'],
      ['copies per institution, and "private" where there\'s none', null],
      ['how many kilos did we carry each month (by date fetched)', null],
      ['add the age of the box\'s oldest paper at the time it was asked for, in years', null],
      ['put yes under First visit if the reader joined on the day of the request, no otherwise', null],
      ['show how many requests each box title had, most first', 'Answer ‹Rows› as the number of rows; for each ‹Title› as the ‹Title› in the table "boxes" where ‹Box› is ‹Box no›; sorted by ‹Rows› from high to low.'],
      ['how long did each reader keep a box on average, in days? use their names', null],
      ['readers who borrowed something from shelf C2', null],
      ['label requests handle with care when the box is fragile or mouldy, blank otherwise', null],
      ['e-mail addresses of those who still have a box out', null],
    ],
  },
  {
    table: 'boxes',
    csv: BOXES,
    others: { requests: REQUESTS },
    cases: [
      ['number of requests per box, never requested = 0', 'Add ‹Number of requests› as (the number of ‹Box no› in the table "requests" where ‹Box no› is ‹Box›), or 0 where it is blank.'],
      ['when was each box last asked for', 'Add ‹Last Asked› as the highest ‹Asked› in the table "requests" where ‹Box no› is ‹Box›.'],
      ['which boxes nobody has asked for', 'Keep rows where not (‹Box› stands under ‹Box no› in the table "requests").'],
      ['boxes that are out at the moment', null],
      ['total copies made from each box', 'Add ‹Total Copies› as the sum of all ‹Copies› in the table "requests" where ‹Box no› is ‹Box›.'],
      ['were more than 10 copies made? yes/no', null],
      ['different readers per box', null],
    ],
  },
  {
    table: 'readers',
    csv: READERS,
    others: { requests: REQUESTS },
    cases: [
      ['how many boxes has each reader asked for', 'Add ‹Number of requests› as (the number of ‹Reader› in the table "requests" where ‹Reader› is ‹Card›), or 0 where it is blank.'],
      ['delete readers who have never requested anything', 'Set aside rows where not (‹Card› stands under ‹Reader› in the table "requests").'],
      ['Last request per reader, as a date', null],
      ['Copies each reader got, blank should be zero', 'Add ‹Total Copies› as (the sum of all ‹Copies› in the table "requests" where ‹Reader› is ‹Card›), or 0 where it is blank.'],
      ['for each reader the days between joining and the first request', null],
      ['cards in requests that are missing here', null],
      ['mark as active those who asked for something in February', null],
    ],
  },
  {
    table: 'trips',
    csv: TRIPS,
    others: {
      buses: BUSES,
      drivers: DRIVERS,
    },
    cases: [
      ['Add depot and seats of the bus to each trip, from the buses table (fleet no there); leave both blank if the bus isn\'t ours.', null],
      ['Please list the buses on the trips that don\'t exist in the fleet table.', 'List each ‹Bus›; only where not (‹Bus› stands under ‹Fleet no› in the table "buses").'],
      ['Which drivers drove with an expired licence, i.e. trip day later than licence until? Names only.', null],
      ['norm fuel = km / 100 x the norm of that bus, one decimal', null],
      ['how much more fuel than the norm was used? new column, litres with 1 decimal, empty for unknown buses', null],
      ['passengers per seat, two decimals, using the seats from buses', 'Add ‹Passengers per Seats› as ‹Passengers› divided by (the ‹Seats› in the table "buses" where ‹Fleet no› is ‹Bus›) rounded to 2 decimals.'],
      ['total km per depot, largest first', 'Answer ‹Total Km› as the sum of ‹Km› over the rows; for each ‹Depot› as the ‹Depot› in the table "buses" where ‹Fleet no› is ‹Bus›; sorted by ‹Total Km› from high to low.'],
      ['keep only trips with buses of the Harbour depot', 'Keep rows where ‹Bus› is filled and (the ‹Depot› in the table "buses" where ‹Fleet no› is ‹Bus›) is "Harbour".'],
      ['mark trips as ours or borrowed depending on whether the bus is in buses', 'Add ‹Bus label› as if ‹Bus› stands under ‹Fleet no› in the table "buses" then "ours", otherwise "borrowed".'],
      ['put the staff id of the driver in front of the driver\'s name in a new column, like "D1 Odd Berg"', null],
      ['compare fuel with the norm (km × norm / 100): ok if it\'s at most 5 percent above, high otherwise, blank when we have no norm', null],
      ['The driver\'s phone number, please, in a column Phone; write none where there isn\'t any.', 'Add ‹Phone› as (the ‹Phone› in the table "drivers" where ‹Name› is ‹Driver›), or "none" where it is blank.'],
      ['average passengers per make of bus, no decimals', 'Answer ‹Average Passengers› as the mean of ‹Passengers› over the rows rounded to 0 decimals; for each ‹Make› as the ‹Make› in the table "buses" where ‹Fleet no› is ‹Bus›.'],
      ['what share of the kilometres was driven by buses from North? one decimal', null],
      ['were there more passengers than seats? yes or no', 'Add ‹Passengers label› as if ‹Passengers› is more than (the ‹Seats› in the table "buses" where ‹Fleet no› is ‹Bus›) then "yes", otherwise "no".'],
    ],
  },
  {
    table: 'buses',
    csv: BUSES,
    others: { trips: TRIPS },
    cases: [
      ['how many km did each bus do? nothing is 0', null],
      ['Give me the buses nobody drove.', 'Keep rows where not (‹Fleet no› stands under ‹Bus› in the table "trips").'],
      ['last day each bus was on the road', null],
      ['number of trips for every bus and the total fuel, one column each', 'Add ‹Number of trips› as (the number of ‹Bus› in the table "trips" where ‹Bus› is ‹Fleet no›), or 0 where it is blank. Add ‹Total Fuel L› as the sum of all ‹Fuel L› in the table "trips" where ‹Bus› is ‹Fleet no›.'],
      ['litres per 100 km for each bus over all its trips, one decimal, next to the norm', null],
      ['tag buses: idle if no trip, busy if three or more, normal otherwise', 'Add ‹Fleet no label› as if not (‹Fleet no› stands under ‹Bus› in the table "trips") then "idle", if ((the number of ‹Bus› in the table "trips" where ‹Bus› is ‹Fleet no›), or 0 where it is blank) is at least 3 then "busy", otherwise "normal".'],
      ['which bus had the most passengers in all?', null],
      ['Km per bus and year of age, counted to 2026-05-31', null],
      ['fares earned by each bus compared to its purchase price in percent, 3 decimals', null],
    ],
  },
  {
    table: 'drivers',
    csv: DRIVERS,
    others: { trips: TRIPS },
    cases: [
      ['total km of each driver, 0 if there are none', 'Add ‹Total Km› as (the sum of all ‹Km› in the table "trips" where ‹Driver› is ‹Name›), or 0 where it is blank.'],
      ['who hasn\'t driven at all in these days? staff id and name', null],
      ['put "expired", "soon" (within 60 days after 2026-05-08) or "fine" next to each licence', null],
      ['How many different buses has each driver had?', null],
      ['pay: 9 hours per trip times the hourly rate', null],
      ['drivers who drove line 3', null],
      ['delete the drivers without a trip', 'Set aside rows where not (‹Name› stands under ‹Driver› in the table "trips").'],
    ],
  },
  {
    table: 'sales',
    csv: SALES,
    others: {
      articles: ARTICLES,
      targets: TARGETS,
    },
    cases: [
      ['look up title and group of each article', 'Add ‹Title› as the ‹Title› in the table "articles" where ‹No› is ‹Article›. Add ‹Group› as the ‹Group› in the table "articles" where ‹No› is ‹Article›.'],
      ['line total: pieces times unit less the discount percentage, 2 decimals (no discount given = 0)', 'Add ‹line total› as (‹Pcs› times ‹Unit›) times (1 minus ((‹Discount %›, or 0 where it is blank) divided by 100)) rounded to 2 decimals.'],
      ['Where is the unit price different from the list price? Show article, unit and list', null],
      ['profit per line = pcs × (unit − cost), cost from articles', 'Add ‹profit per line› as ‹Pcs› times (‹Unit› minus (the ‹Cost› in the table "articles" where ‹No› is ‹Article›)).'],
      ['revenue (pcs times unit) per group, most first', null],
      ['sales without an article or with one that\'s not in the catalogue', null],
      ['net price without VAT per piece: unit / (1 + VAT %/100), 2 decimals, VAT from articles', 'Add ‹net price without VAT per piece› as ‹Unit› divided by (1 plus ((the ‹VAT %› in the table "articles" where ‹No› is ‹Article›) divided by 100)) rounded to 2 decimals.'],
      ['how many pieces of books did Mia sell', null],
      ['sort by group and within it by time', null],
      ['add a column Margin % : (unit - cost) / unit, 1 decimal, blank if no cost is known', null],
      ['flag lines sold below list with \'reduced\', at list with \'full\'; above list is \'check\'; unknown articles stay empty', null],
      ['which supplier\'s things sold best, in pieces?', null],
      ['is any article sold that costs us more than it brings in', null],
      ['put the stock left (stock minus pieces sold so far) after each sale', null],
      ['mean discount by group, blanks as zero', null],
    ],
  },
  {
    table: 'articles',
    csv: ARTICLES,
    others: {
      sales: SALES,
      targets: TARGETS,
    },
    cases: [
      ['pieces sold per article, zero for none', 'Add ‹Total Pcs› as (the sum of all ‹Pcs› in the table "sales" where ‹Article› is ‹No›), or 0 where it is blank.'],
      ['articles that didn\'t sell', 'Keep rows where not (‹No› stands under ‹Article› in the table "sales").'],
      ['When did each article sell for the first time?', 'Add ‹First When› as the lowest ‹When› in the table "sales" where ‹Article› is ‹No›.'],
      ['income from each article = sum of pcs times unit', null],
      ['new stock: stock less pieces sold', null],
      ['add the target of its group', 'Add ‹Target› as the ‹Target› in the table "targets" where ‹Group› is ‹Group›.'],
      ['cards vs cash: how often was each article paid by card', null],
      ['Was it ever sold with a discount? yes/no', null],
      ['reorder if the stock is less than ten times what we sold, else ok', null],
      ['list suppliers with the number of their articles', 'Answer ‹Rows› as the number of rows; for each ‹Supplier›.'],
      ['rename No to Article and add the number of sales', null],
    ],
  },
  {
    table: 'targets',
    csv: TARGETS,
    others: {
      sales: SALES,
      articles: ARTICLES,
    },
    cases: [
      ['target reached? compare pieces with target', null],
      ['what\'s still missing to reach the target of each group, in euros', null],
      ['number of articles in each group', 'Add ‹Number of articles› as (the number of ‹Group› in the table "articles" where ‹Group› is ‹Group›), or 0 where it is blank.'],
    ],
  },
  {
    table: 'lost',
    csv: `Tag,Found,Where,What,Colour / brand,Finder,Shelf,Owner contact,Value est.,Handed out,Fee,State
LP-0101,2026-03-02 08:15,Bus 11,umbrella,black / -,driver Holm,A-3,,12 EUR,,,stored
LP-0102,2026-03-02 17:40,Central Station,Phone,grey / Nordel,"Ines Roth",S-1,ines.b@mail.example; 555-1177,320,2026-03-04,5.00,returned
LP-0103,2026-03-03,city park,glove (left),red / -,,A-1,,3,,,stored
LP-0104,2026-03-03 12:05,Bus 11,Bag,brown / Tamsel,driver Vik,B-2,M. Orre 555-0192,45 EUR,2026-03-03,5.00,returned
LP-0105,2026-03-05 09:30,Harbour ferry,umbrella,Blue / Rain & Co,crew,A-3,,18 EUR,,,Stored
LP-0106,2026-03-06,Central station,keys (4),"- / -",anonymous,K-7,,,2026-03-20,0,returned
LP-0107,2026-03-09 19:50,Bus 3,jacket,green / Tamsel,driver Holm,C-1,,80 EUR,,,donated
LP-0108,2026-03-10 11:11,library,Book,- / -,Ada Lind,B-4,Town Library 555-3000,15,2026-03-11,0,returned
LP-0109,2026-03-12,Bus 11,phone,black / Nordel,driver Vik,S-1,k.ost@post.example,150 EUR,,,stored
LP-0110,2026-03-12 16:25,swimming hall,goggles,blue / Aqualo,staff,A-1,,9 EUR,,,stored
LP-0111,2026-03-15 13:00,Central Station,Suitcase,black / Rollit,cleaner,D-9,P. Enger; p.enger@mail.example,90 EUR,2026-03-16,10.00,returned
LP-0112,2026-03-18,city park,glove (right),red / -,,A-1,,3,,,stored
LP-0104,2026-03-03 12:05,Bus 11,Bag,brown / Tamsel,driver Vik,B-2,M. Orre 555-0192,45 EUR,2026-03-03,5.00,returned
`,
    cases: [
      ['one row is in twice, throw the second one out', 'Keep the first row of each ‹Tag›, ‹Found›, ‹Where›, ‹What›, ‹Colour / brand›, ‹Finder›, ‹Shelf›, ‹Owner contact›, ‹Value est.›, ‹Handed out›, ‹Fee› and ‹State›.'],
      ['write What in small letters everywhere', 'In ‹What›, write in lower case.'],
      ['colour / brand into two columns, Colour and Brand, a dash means empty', null],
      ['strip the EUR from value est. and make it a number', 'Turn ‹Value est.› into numbers.'],
      ['places are written with and without capitals, write each word big', null],
      ['split Found into Date and Time, time stays empty where there isn\'t one', 'Split ‹Found› at " " into ‹Date› and ‹Time›.'],
      ['which items are still stored? Also those written with a capital S', null],
      ['how many days did it take until something was handed out? blank if it\'s still here', 'Add ‹Days from Found to Handed out› as the whole days from ‹Found› to ‹Handed out›.'],
      ['take the mail addresses out of owner contact into a new column E-mail', 'Add ‹E-mail› as the first e-mail address in ‹Owner contact›.'],
      ['...and the phone numbers into Phone', 'Add ‹Phone› as the first telephone number in ‹Owner contact›.'],
      ['what\'s in the brackets after What should go in a column Detail, and be gone from What', 'Add ‹Detail› as the text between "(" and ")" in ‹What›. Remove what is between "(" and ")" from ‹What›.'],
      ['items found on a bus', 'Keep rows where ‹Where› mentions the word "bus".'],
      ['Only drivers as finders please', 'Keep rows where ‹Finder› mentions the word "driver".'],
      ['drop the shelf', 'Drop ‹Shelf›.'],
      ['add Zone: the letter of the shelf', null],
      ['total value of things still stored', 'Answer ‹Total Value est.› as the sum of ‹Value est.› over the rows; only where ‹State› is "stored".'],
      ['number of items per place, most first', 'Answer ‹Rows› as the number of rows; for each ‹Where›; sorted by ‹Rows› from high to low.'],
      ['average fee for what was returned, leave zeros out', 'Answer ‹Average Fee› as the mean of ‹Fee› over the rows; only where ‹State› is "returned" and ‹Fee› differs from 0.'],
      ['Keep everything worth 50 or more, but not phones', 'Keep rows where ‹Value est.› is at least 50 and ‹What› is not "Phone".'],
      ['new column Age on 2026-04-01 in days since found', 'Add ‹Age› as the whole days from ‹Found› to the date "2026-04-01".'],
      ['label: valuable from 100 up, ordinary from 10, cheap below, unknown without a value', 'Add ‹label› as if ‹Value est.› is at least 100 then "valuable", if ‹Value est.› is at least 10 then "ordinary", if ‹Value est.› is less than 10 then "cheap", if ‹Value est.› is blank then "unknown", otherwise blank.'],
      ['Which place had the most lost umbrellas?', 'Answer ‹Rows› as the number of rows; for each ‹Where›; only where ‹What› is "umbrella"; sorted by ‹Rows› from high to low; the first 1.'],
      ['sort by shelf, then newest first', 'Sort by ‹Shelf› and ‹Found› from high to low.'],
      ['rename Handed out to Returned on and State to Status', 'Rename ‹Handed out› to ‹Returned on› and ‹State› to ‹Status›.'],
      ['fee in cents', 'Set ‹Fee› to ‹Fee› times 100.'],
      ['put "unknown" where no finder is given', 'Fill blanks in ‹Finder› with "unknown".'],
      ['make finder just the role or name without "driver "', null],
      ['were any items returned the same day they were found? show them', null],
      ['what share of all items has been returned, in percent with one decimal', 'Answer ‹Share %› as ((the sum of (if ‹State› is "returned" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['Keep the phones and the keys only', null],
      ['items without an owner contact that are older than two weeks on 1 April 2026', null],
      ['Charge 2 euros per started week of storage up to 2026-04-01 or until handed out; column Storage fee', null],
      ['count the returned ones per month', null],
      ['undo', null],
      ['who found the most things', 'Answer ‹Rows› as the number of rows; for each ‹Finder›; sorted by ‹Rows› from high to low; the first 1.'],
      ['add a running number per place', 'Add ‹Number› as the number of the row for each ‹Where›.'],
      ['anything found after 5 pm', null],
      ['umbrellas: how many, and what are they worth in total', 'Answer ‹Rows› as the number of rows; and ‹Total Value est.› as the sum of ‹Value est.› over the rows; only where ‹What› is "umbrella".'],
      ['mark black things', null],
      ['Show the three most valuable items', 'Keep 3 rows with the highest ‹Value est.›.'],
      ['Cross out the fee where it\'s 0', null],
      ['combine tag and what, like "LP-0101 umbrella"', 'Add ‹Tag and What› as ‹Tag› followed by " " followed by ‹What›.'],
      ['let State be the first column', 'Move ‹State› to the front.'],
      ['pad... no wait, cut the tag down to the number after the dash', null],
      ['are all tags different?', null],
      ['does every returned item have a handed-out date?', null],
      ['only 2 to 10 March', 'Keep rows where (the month of ‹Found›) equals 3 and (the day of ‹Found›) is at least 2 and (the day of ‹Found›) is at most 10.'],
      ['list all the brands once', 'List each ‹Colour / brand›.'],
      ['a sample of 4 rows please', 'Keep 4 rows at random with seed 1.'],
      ['mean value by kind of item, to whole euros', null],
    ],
  },
  {
    table: 'chess',
    csv: `Round,Board,White,Black,Result,Moves,Minutes W,Minutes B,Rating W,Rating B,Opening,Played,Comment
1,1,"Aune, Silje","Brekke, Tor",1-0,41,62,75,2105,1980,Queen's side,2026-01-09,
1,2,"Dahl, Per","Finne, Marit",½-½,28,40,38,1875,1902,Four knights,2026-01-09,agreed early
1,3,"Grim, Ola","Holt, Ida",0-1,55,88,90,1650,1788,King's march,2026-01-09,flag fell for white
2,1,"Brekke, Tor","Dahl, Per",1-0,33,51,60,1980,1875,Queen's side,2026-01-16,
2,2,"Finne, Marit","Aune, Silje",0-1,62,90,84,1902,2105,Four knights,2026-01-16,long endgame
2,3,"Holt, Ida","Lund, Jan",+/-,,,,1788,,,2026-01-16,Lund absent
3,1,"Aune, Silje","Holt, Ida",½-½,47,70,79,2105,1788,King's march,2026-01-23,
3,2,"Dahl, Per","Grim, Ola",1-0,22,25,44,1875,1650,Old gambit,2026-01-23,blunder on move 15
3,3,"Lund, Jan","Brekke, Tor",0-1,38,66,58,n/a,1980,queen's side,2026-01-23,
4,1,"Brekke, Tor","Aune, Silje",½-½,51,85,85,1980,2105,King's march,30/01/2026,title decider
4,2,"Holt, Ida","Dahl, Per",1-0,44,71,69,1788,1875,Old Gambit,30/01/2026,
4,3,"Grim, Ola","Finne, Marit",0-1,36,59,47,1650,1902,Four knights,30/01/2026,flag fell for white
`,
    cases: [
      ['names the other way round, first name first, no comma, in both white and black', null],
      ['openings are sometimes written small - capital letter for each word', 'In ‹Opening›, write in title case.'],
      ['Played as proper dates', 'Turn ‹Played› into dates.'],
      ['result as points for white: 1 for 1-0 and +/-, 0.5 for a draw, 0 for a loss', null],
      ['how long did each game take, both sides together, in hours with 1 decimal?', null],
      ['rating difference (white minus black), blank if one isn\'t known', null],
      ['who won? put the winner\'s name in a column, "draw" where it was one', null],
      ['games longer than 50 moves', 'Keep rows where ‹Moves› is more than 50.'],
      ['drop the games that weren\'t played', null],
      ['average moves per opening, whole numbers, highest first', 'Answer ‹Average Moves› as the mean of ‹Moves› over the rows rounded to 0 decimals; for each ‹Opening›; sorted by ‹Average Moves› from high to low.'],
      ['Did the flag fall? yes / no from the comment', 'Add ‹Comment label› as if ‹Comment› mentions the word "fall" or "fell" then "yes", otherwise "no".'],
      ['upset if the lower rated player won, else blank', null],
      ['mark every game: short (under 30 moves), normal, long (50 and more)', 'Add ‹Moves label› as if ‹Moves› is less than 30 then "short", if ‹Moves› is at least 30 and ‹Moves› is less than 50 then "normal", if ‹Moves› is at least 50 then "long", otherwise blank.'],
      ['which round had the most moves in total', 'Answer ‹Total Moves› as the sum of ‹Moves› over the rows; for each ‹Round›; sorted by ‹Total Moves› from high to low; the first 1.'],
      ['minutes per move for white, 2 decimals', null],
      ['Keep Silje Aune\'s games, no matter which colour she had', null],
      ['sort by played, board', 'Sort by ‹Played› and ‹Board›.'],
      ['the n/a in rating w should be empty and the column a number', 'Remove cells that are "n/a" from ‹Rating W›. Turn ‹Rating W› into numbers.'],
      ['Remove Comment and Board', 'Drop ‹Comment› and ‹Board›.'],
      ['give me the highest rated white player', null],
      ['what percentage of games did white win?', null],
      ['add a column Gap: absolute difference of the two times', null],
      ['count games per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Played› as the weekday of ‹Played›.'],
      ['new column Game: round and board joined by a dot, like 3.2', 'Add ‹Game› as ‹Round› and ‹Board› joined with ".".'],
      ['replace ½-½ by draw', null],
      ['games between players more than 150 points apart', null],
      ['rank games by moves, most = 1', 'Add ‹Rank by Moves› as the rank, highest first, of ‹Moves›.'],
      ['split Result at the dash into Score W and Score B', 'Split ‹Result› at "-" into ‹Score W› and ‹Score B›.'],
      ['add the month name', null],
      ['who played black most often?', 'Answer ‹Rows› as the number of rows; for each ‹Black›; sorted by ‹Rows› from high to low; the first 1.'],
      ['fill missing moves with 0', 'Fill blanks in ‹Moves› with "0".'],
      ['Only rounds 2 and 3.', 'Keep rows where ‹Round› equals 2 or else ‹Round› equals 3.'],
      ['first game of each round', null],
      ['make a column Pairing like "Aune - Brekke" with surnames only', null],
      ['how many games did white lose on time?', null],
      ['total minutes by opening and round', null],
      ['show me the games in which black needed more time than white', null],
      ['is there a game without an opening?', null],
      ['add 1 to round', 'Set ‹Round› to ‹Round› plus 1.'],
      ['call Minutes W White min, and Minutes B Black min', 'Rename ‹Minutes W› to ‹White min› and ‹Minutes B› to ‹Black min›.'],
      ['median of moves', 'Answer ‹Median Moves› as the median of ‹Moves› over the rows.'],
      ['running total of moves per round', 'Add ‹Running total of Moves› as the running total of ‹Moves› for each ‹Round›.'],
      ['drop duplicates by round and board', 'Keep the first row of each ‹Round› and ‹Board›.'],
      ['flag games over 150 minutes in all with "slow"', null],
      ['the shortest game', null],
      ['players with white who are rated under 1900', null],
      ['pts for black: 1 minus white\'s', null],
      ['which openings ended in a draw at least once', null],
      ['change of rating gap compared with the game before', null],
    ],
  },
  {
    table: 'rink',
    csv: `Slot ID,Date,From,To,Hall,Group,Booked by,People,Rate/h,Extras €,Discount,Paid on,Method,Note
SL1,2026-01-05,16:00,17:30,Main,Falcons U12,M. Ruud,22,80,0,10%,2026-01-02,transfer,needs goals
SL2,2026-01-05,18:00,20:00,Main,Figure club,Tova Lie,14,80,25,,2026-01-06,card,music system
SL3,2026-01-06,09:00,10:00,Small,School 4,office,31,50,62,,,invoice,skates for all
SL4,2026-01-06,17:15,18:45,Main,Falcons U12,M. Ruud,,80,0,10%,2026-01-02,transfer,
SL5,2026-01-07,20:30,22:00,Main,Old Boys,Geir A.,16,95,0,,2026-01-07,cash,late slot
SL6,2026-01-09,10:00,12:30,Small,Birthday Nora,Ida Skog,18,50,36,,2026-01-09,card,cake in the foyer; skates for all
SL7,2026-01-10,08:00,09:30,Main,Figure club,Tova Lie,12,80,25,5%,,invoice,
SL8,2026-01-12,16:00,17:30,Main,Falcons U12,M. Ruud,21,80,0,10%,2026-02-01,transfer,
SL9,2026-01-12,19:00,20:00,Small,Curling try-out,Siv Moe,8,50,40,,2026-01-12,voucher,stones lent
SL10,2026-01-13,21:00,23:00,Main,Old Boys,Geir A.,15,95,0,,,cash,cancelled on the day
`,
    cases: [
      ['Hours: how long each slot is, as a decimal number', 'Add ‹Hours› as the hours by the clock from ‹From› to ‹To›.'],
      ['price = hours x rate + extras, less the discount (blank discount = 0), 2 decimals', 'Add ‹price› as (((the hours by the clock from ‹From› to ‹To›) times ‹Rate/h›) plus ‹Extras €›) times (1 minus ((‹Discount›, or 0 where it is blank) divided by 100)) rounded to 2 decimals.'],
      ['who hasn\'t paid yet?', 'Keep rows where ‹Paid on› is blank.'],
      ['take out the cancelled one', 'Set aside rows where ‹Note› mentions the word "cancelled".'],
      ['how many slots per group, and how many hours in total', 'Answer ‹Rows› as the number of rows; and ‹Total hours from From to To› as the sum of (the hours by the clock from ‹From› to ‹To›) over the rows; for each ‹Group›.'],
      ['Add a column Peak with yes for slots starting at 16:00 or later on weekdays, no otherwise', 'Add ‹Peak› as if (the minute of the day of ‹From›) is at least 960 and (the weekday of ‹Date›) is "Monday", "Tuesday", "Wednesday", "Thursday" or "Friday" then "yes", otherwise "no".'],
      ['paid before the date? column Prepaid yes/no, empty if not paid', 'Add ‹Prepaid› as if ‹Paid on› is blank then blank, if ‹Paid on› is less than ‹Date› then "yes", otherwise "no".'],
      ['days between the slot and the payment, negative when paid before', null],
      ['discount as a plain number, nothing there means 0', 'Turn ‹Discount› into numbers. Fill blanks in ‹Discount› with "0".'],
      ['Split booked by... no, leave it. Make group upper case.', null],
      ['the average number of people per hall, one decimal, ignoring slots without a figure', 'Answer ‹Average People› as the mean of ‹People› over the rows rounded to 1 decimal; for each ‹Hall›.'],
      ['only the Main hall in the first week of January', 'Keep rows where ‹Hall› is "Main" and (the month of ‹Date›) equals 1 and (the day of ‹Date›) is at least 1 and (the day of ‹Date›) is at most 7.'],
      ['sort newest first, within a day by start', 'Sort by ‹Date› from high to low and ‹From›.'],
      ['write "on account" where the method is invoice', 'Replace cells that are "invoice" in ‹Method› with "on account".'],
      ['Extras per person to the cent, blank where we don\'t know how many came', 'Add ‹Extras € per People› as if ‹Extras €› is blank then blank, otherwise ‹Extras €› divided by ‹People› rounded to 2 decimals.'],
      ['rename Rate/h to Hourly rate', 'Rename ‹Rate/h› to ‹Hourly rate›.'],
      ['drop extras, discount and method', 'Drop ‹Extras €›, ‹Discount› and ‹Method›.'],
      ['longest slot of every group', 'Add ‹Hours from From to To› as the hours by the clock from ‹From› to ‹To›. Keep 1 row with the highest ‹Hours from From to To› for each ‹Group›.'],
      ['which weekday is the busiest?', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Date› as the weekday of ‹Date›; sorted by ‹Rows› from high to low; the first 1.'],
      ['pick out slots that mention skates', 'Keep rows where ‹Note› mentions the word "skates".'],
      ['people of 20 and more: large, 12 to 19: medium, fewer: small, no figure: leave blank', null],
      ['what did the Old Boys spend, hours times rate', null],
      ['count slots paid by card or cash', 'Answer ‹Rows› as the number of rows; only where ‹Method› is "card" or "cash".'],
      ['Put the month in front as a new first column', null],
      ['share of the hours that each hall has, percent, no decimals', null],
      ['Add an ID without letters', null],
      ['fill the gaps in People with the group\'s average, rounded', null],
      ['rows 3 to 6 only', 'Keep rows where (the number of the row) is at least 3 and (the number of the row) is at most 6.'],
      ['no two slots should have the same id - is that so?', null],
      ['How much is still unpaid? hours times rate for rows with no payment date', 'Add ‹Hours from From to To times Rate/h› as if ‹Paid on› is blank then (the hours by the clock from ‹From› to ‹To›) times ‹Rate/h›, otherwise blank.'],
      ['new column End of invoice period: 14 days after the slot', 'Add ‹End of invoice period› as 14 days after ‹Date›.'],
      ['make from and to one column "16:00-17:30"', null],
      ['cap the discount at 5%', 'Set ‹Discount› to 5, only where ‹Discount› is more than 5.'],
      ['how many minutes is the shortest slot?', null],
      ['late evening slots (from 20:00) cost 10% more: new rate column', null],
      ['Which groups came only once?', 'List each ‹Group›; only where (the number of rows for each ‹Group›) equals 1.'],
      ['remove everything after the semicolon in notes', 'Set ‹Note› to (the text before the first ";" in ‹Note›), or ‹Note› where it is blank.'],
      ['put Falcons and Figure club together as "clubs", the rest "others", in a new column Kind', null],
      ['is the rate ever above 90', null],
      ['the top 3 groups by people', 'Answer ‹Total People› as the sum of ‹People› over the rows; for each ‹Group›; sorted by ‹Total People› from high to low; the first 3.'],
    ],
  },
  {
    table: 'canteen',
    csv: `Day,Meal,Class,Ordered,Served,Leftover kg,Price,Allergens,Cook,Rating,Remarks
Mon 2026-02-02,Lentil soup,5a,24,22,1.2,3.20,"celery, mustard",R. Voss,4.1,second helping for many
Mon 2026-02-02,Pasta bake,5a,18,18,0.4,3.80,"gluten, milk",R. Voss,4.6,
Mon 2026-02-02,Lentil soup,6b,20,19,0.9,3.20,"celery, mustard",R. Voss,3.9,too salty
Tue 2026-02-03,fish fingers,5a,30,27,2.1,4.10,"fish, gluten",Amal T.,4.4,ran out of sauce
Tue 2026-02-03,Veg curry,6b,15,16,0.2,3.60,none,Amal T.,4.0,one extra served
Tue 2026-02-03,Fish Fingers,6b,22,,,4.10,"fish, gluten",Amal T.,,class on a trip
Wed 2026-02-04,pasta bake,5a,25,25,0.3,3.80,"gluten, milk",Joris K.,4.7,
Wed 2026-02-04,Pasta bake,6b,26,24,1.0,3.80,"gluten, milk",Joris K.,4.5,cold at the end
Thu 2026-02-05,Potato pancakes,5a,29,29,0.0,3.90,egg,R. Voss,4.8,children loved it
Thu 2026-02-05,Potato pancakes,6b,27,26,0.7,3.90,egg,R. Voss,4.6,
Fri 2026-02-06,Lentil Soup,5a,21,15,3.4,3.00,"celery, mustard",Amal T.,3.2,too salty; many did not finish
Fri 2026-02-06,Veg curry,6b,19,18,0.8,3.60,none,Amal T.,3.8,
`,
    cases: [
      ['split day into the weekday and the date', null],
      ['meals all with one capital at the beginning, rest small', 'In ‹Meal›, write in sentence case.'],
      ['how many were ordered but not served? (blank if served is unknown)', null],
      ['grams left over per meal served, whole grams', null],
      ['income: served times price', 'Add ‹income› as ‹Served› times ‹Price›.'],
      ['takings per meal, highest first, 2 decimals', 'Answer ‹Total Price› as the sum of ‹Price› over the rows rounded to 2 decimals; for each ‹Meal›; sorted by ‹Total Price› from high to low.'],
      ['Which dish was rated worst on average?', null],
      ['no-show rate in percent: (ordered - served) / ordered, one decimal, 0 at least', 'Add ‹no-show rate in percent› as if (((‹Ordered› minus ‹Served›) divided by ‹Ordered›) times 100 rounded to 1 decimal) is less than 0 then 0, otherwise ((‹Ordered› minus ‹Served›) divided by ‹Ordered›) times 100 rounded to 1 decimal.'],
      ['list the allergens, each one once', 'List each ‹Allergens›.'],
      ['dishes with gluten only', 'Keep rows where ‹Allergens› mentions the word "gluten".'],
      ['does the remark say salty? mark with an x in a column Salty', null],
      ['total leftovers by cook in kg', 'Answer ‹Total Leftover kg› as the sum of ‹Leftover kg› over the rows; for each ‹Cook›.'],
      ['Drop the class trip row', null],
      ['average rating per class, skip blanks', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; for each ‹Class›.'],
      ['mark rows where more was served than ordered', 'Add ‹Flag› as if ‹Served› is more than ‹Ordered› then "yes", otherwise "no".'],
      ['keep the best rated meal of each day', 'Keep 1 row with the highest ‹Rating› for each ‹Day›.'],
      ['rank meals by rating within each day', 'Add ‹Rank by Rating› as the rank, highest first, of ‹Rating› for each ‹Day›.'],
      ['class 5a: how much did they eat in total, in portions', null],
      ['turn the price into cents', 'Set ‹Price› to ‹Price› times 100.'],
      ['raise the prices by 5 percent and round to 10 cents', 'Set ‹Price› to ((‹Price› times (1 plus (5 divided by 100))) divided by 0.1 rounded to 0 decimals) times 0.1.'],
      ['change \'none\' in allergens to an empty cell', 'Remove cells that are "none" from ‹Allergens›.'],
      ['rating: 4.5 and up great, 4 up to 4.5 good, under 4 poor, blank stays blank', 'Add ‹Rating label› as if ‹Rating› is at least 4.5 then "great", if ‹Rating› is at least 4 and ‹Rating› is at most 4.5 then "good", if ‹Rating› is less than 4 then "poor", otherwise blank.'],
      ['put the cook\'s surname only in a new column', 'Add ‹Part of Cook› as piece -1 of ‹Cook› cut at " ".'],
      ['which cook had the least leftovers per portion', null],
      ['sort by rating, unknown last', 'Sort by ‹Rating›.'],
      ['how many kilos were left on Friday', 'Answer ‹Total Leftover kg› as the sum of ‹Leftover kg› over the rows; only where (the weekday of ‹Day›) is "Friday".'],
      ['new column Portion cost 40% of price', 'Add ‹Portion cost› as ‹Price› times (40 divided by 100).'],
      ['leftover in g', 'Add ‹Leftover g› as ‹Leftover kg› times 1000.'],
      ['add what was served up to that day for each class', null],
      ['Only Monday to Wednesday please', 'Keep rows where (the weekday of ‹Day›) is "Monday", "Tuesday" or "Wednesday".'],
      ['compare 5a and 6b: ordered, served, leftovers', 'Answer ‹Total Ordered› as the sum of ‹Ordered› over the rows; ‹Total Served› as the sum of ‹Served› over the rows; and ‹Total Leftover kg› as the sum of ‹Leftover kg› over the rows; for each ‹Class›; only where ‹Class› is "5a" or "6b".'],
      ['difference to the rating of the same meal last time', null],
      ['replace 6b by 6B', 'Replace cells that are "6b" in ‹Class› with "6B".'],
      ['count the meals that ran at full house, i.e. served = ordered', null],
      ['blank ratings: take the average of that meal', 'Fill blanks in ‹Rating› with the mean for each ‹Meal›.'],
      ['first column should be class', 'Move ‹Class› to the front.'],
      ['price up or down compared with the first time that meal was on', null],
      ['delete columns nobody needs: allergens and remarks', 'Drop ‹Allergens› and ‹Remarks›.'],
    ],
  },
  {
    table: 'collections',
    csv: `Ticket,Depot,Collected,Driver,Glass type,Weight,Bins,Contam %,Rate,Invoice sum,Paid,Remark,Old code
G-001,Northgate / bay 2,03/02/2026,"Reis, Ana",clear,"1,240 kg",6,2.5%,€0.08,99.20,yes,on time,NG2-0031
G-002,northgate / bay 1,4 Feb 2026,Tomas vega,Green,0.98 t,5,4,€0.06,58.80,Y,2 bins cracked,NG1-0032
G-003,Harbour/bay 1,2026-02-05,"Reis, Ana",brown,760 kg,4,n/a,€0.05,38.00,no,,HB1-0011
G-004,Southmoor / bay 3,05/02/2026,Milo Karr,mixed,"1,510 kg",8,11.5%,€0.03,45.30,N,contaminated with ceramics; returned,SM3-0107
G-005,Harbour/bay 2,2026-02-06,Tomas Vega ,clear,,5,,€0.08,,,scale broken,HB2-0012
G-006,Northgate / bay 2,07/02/2026," Milo Karr",clear,1.31 t,7,1.5%,€0.08,104.80,yes,,NG2-0033
G-007,Southmoor / bay 1,2026-02-09,"Reis, Ana",GREEN,890 kg,5,3%,€0.06,53.40,Yes,late because of snow,SM1-0108
G-008,Harbour/bay 1,9 Feb 2026,Milo Karr,brown,1.02 t,6,6%,€0.05,51.00,n,call +44 20 5550 118 first,HB1-0013
G-009,Northgate / bay 1,11/02/2026,Tomas Vega,mixed,640 kg,3,14%,€0.03,19.20,no,contaminated with plastic,NG1-0034
G-010,Southmoor / bay 3,2026-02-12,"Reis, Ana",clear,"1,125 kg",6,2%,€0.08,90.00,Y,on time,SM3-0109
G-002,northgate / bay 1,4 Feb 2026,Tomas vega,Green,0.98 t,5,4,€0.06,58.80,Y,2 bins cracked,NG1-0032
G-011,Harbour/bay 2,13/02/2026,Milo Karr,green,705 kg,4,5.5%,€0.06,42.30,,,HB2-0014
`,
    cases: [
      ['please put the collection dates into one proper date format, with slashes it is day first', 'Turn ‹Collected› into dates, the day before the month.'],
      ['Weights should all be in kg, just the number; some are in tonnes', 'Turn ‹Weight› into numbers in "kg".'],
      ['bring the drivers\' names into the form Ana Reis, no stray spaces, capitals where they belong', null],
      ['glass type all lower case', 'In ‹Glass type›, write in lower case.'],
      ['Contam % without the percent sign as a number, n/a becomes empty', 'Turn ‹Contam %› into numbers, reading "n/a" as blank.'],
      ['Paid should say yes or no only (Y, N and so on), empty ones stay empty', 'Turn ‹Paid› into yes or no.'],
      ['the rates are text with a euro sign, I want decimals', null],
      ['get rid of spaces around the slash in depot', 'Replace " / ", " /" or "/ " in ‹Depot› with "/".'],
      ['split Depot into Place and Bay at the slash, trim both', 'Split ‹Depot› at "/" into ‹Place› and ‹Bay›. In ‹Place› and ‹Bay›, trim outer spaces and reduce runs of spaces to one.'],
      ['give me a column with the digits at the end of the old code, as a number', 'Add ‹Number› as the last number in ‹Old code›.'],
      ['phone number from the remark into its own column, blank if there\'s none', 'Add ‹Telephone number› as the first telephone number in ‹Remark›.'],
      ['make a column Label like "clear - 6 bins" from the type and the bins', 'Add ‹Label› as ‹Glass type› followed by " - " followed by ‹Bins› followed by " bins".'],
      ['new column Driver initials, e.g. A.R.', null],
      ['take the first letter of the glass type as a capital in a new column Type code', null],
      ['move Remark to the end and put Paid right after Invoice sum', 'Move ‹Remark› to the end. Move ‹Paid› to after ‹Invoice sum›.'],
      ['rename Contam % to Contamination and Bins to Bin count', 'Rename ‹Contam %› to ‹Contamination› and ‹Bins› to ‹Bin count›.'],
      ['I don\'t need the old code and the remark', 'Drop ‹Old code› and ‹Remark›.'],
      ['which columns have gaps? drop the ones that are completely empty', null],
      ['only tickets from 5 to 9 February 2026, both included', 'Keep rows where ‹Collected› is at least the date "2026-02-05" and ‹Collected› is at most the date "2026-02-09".'],
      ['throw out the mixed glass', 'Set aside rows where ‹Glass type› is "mixed".'],
      ['keep just the clear and the green ones that are paid', 'Keep rows where ‹Glass type› is "clear" or "Green" and ‹Paid› is "Y", "yes" or "Yes".'],
      ['one ticket is in here twice, keep the first', 'Keep the first row of each ‹Ticket›.'],
      ['show me the three heaviest collections', 'Keep 3 rows with the highest ‹Weight›.'],
      ['sort by depot, inside it the most bins first', 'Sort by ‹Depot› and ‹Bins› from high to low.'],
      ['leave out everything with more than 5 % contamination, but rows without a figure stay', null],
      ['Random five rows, please.', 'Keep 5 rows at random with seed 1.'],
      ['kg per bin, one decimal, blank where the weight is missing', 'Add ‹Weight in kg per Bins› as if ‹Weight› is blank then blank, otherwise (‹Weight› measured in "kg") divided by ‹Bins› rounded to 1 decimal.'],
      ['what was invoiced per kg? three decimals', 'Add ‹Invoice sum per Weight in kg› as ‹Invoice sum› divided by (‹Weight› measured in "kg") rounded to 3 decimals.'],
      ['expected sum = weight in kg times rate, to the cent, and a column Difference: invoice minus expected', null],
      ['share of each ticket in the total weight in percent, two decimals', 'Add ‹Weight in kg per total Weight in kg› as ((‹Weight› measured in "kg") divided by (the sum of (‹Weight› measured in "kg") over the rows)) times 100 rounded to 2 decimals.'],
      ['running total of the invoice sums in date order', 'Sort by ‹Collected›. Add ‹Running total of Invoice sum› as the running total of ‹Invoice sum›.'],
      ['rank the drivers\' tickets by weight, heaviest = 1, within each driver', 'Add ‹Rank by Weight in kg› as the rank, highest first, of (‹Weight› measured in "kg") for each ‹Driver›.'],
      ['difference between the bins and the average bins of the same glass type', 'Add ‹Bins minus average Bins per Glass type› as ‹Bins› minus (the mean of ‹Bins› over the rows for each ‹Glass type›).'],
      ['days until 2026-03-01 from the collection', 'Add ‹Days from Collected to 2026-03-01› as the whole days from ‹Collected› to the date "2026-03-01".'],
      ['a fee: 12 euros up to 5 bins, 15 above that, 20 if contaminated more than 10 %', null],
      ['VAT of 20% on the invoice sum in a column Gross, 2 decimals, nothing where there\'s no invoice', 'Add ‹Gross› as ‹Invoice sum› times (1 plus (20 divided by 100)) rounded to 2 decimals.'],
      ['fill the missing weights with 150 kg per bin', null],
      ['cumulative kg per depot', 'Add ‹Running total of Weight in kg› as the running total of (‹Weight› measured in "kg") for each ‹Depot›.'],
      ['reject if the contamination is over 10, check from 5 to 10, fine below 5, and unknown if empty - column Verdict', 'Add ‹Verdict› as if ‹Contam %› is more than 10 then "reject", if ‹Contam %› is at least 5 and ‹Contam %› is at most 10 then "check", if ‹Contam %› is less than 5 then "fine", if ‹Contam %› is blank then "unknown", otherwise blank.'],
      ['label late or on time going by the remark, otherwise leave it blank', null],
      ['size: small under 800 kg, big from 1200 kg, otherwise medium; blank without weight', 'Add ‹size› as if ‹Weight› is blank then blank, if (‹Weight› measured in "kg") is less than 800 then "small", if (‹Weight› measured in "kg") is at least 1200 then "big", otherwise "medium".'],
      ['does the remark mention contaminated? yes or no', 'Add ‹Remark label› as if ‹Remark› mentions the word "contaminated" then "yes", otherwise "no".'],
      ['how many kilos did we collect of each type?', 'Answer ‹Total Weight in kg› as the sum of (‹Weight› measured in "kg") over the rows; for each ‹Glass type›.'],
      ['total unpaid', 'Answer ‹Total Invoice sum› as the sum of ‹Invoice sum› over the rows; only where ‹Paid› is "no", "N" or "n".'],
      ['what percentage of tickets is paid, one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Paid› is "Y", "yes" or "Yes" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['who brought in the most clear glass?', null],
      ['average contamination per place, blanks ignored, one decimal', null],
      ['how many different drivers are there', 'Answer ‹Different Driver› as the number of different values of ‹Driver› over the rows.'],
      ['number of tickets per week', 'Answer ‹Rows› as the number of rows; for each ‹Week of Collected› as the week of ‹Collected›.'],
      ['highest and lowest invoice', 'Answer ‹Highest Invoice sum› as the highest of ‹Invoice sum› over the rows; and ‹Lowest Invoice sum› as the lowest of ‹Invoice sum› over the rows.'],
      ['which depot\'s glass was the dirtiest on average', null],
      ['which glass came from restaurants?', null],
      ['sort by temperature', null],
      ['average driver', null],
      ['add the mileage of the truck', null],
      ['what\'s the weather like at the harbour', null],
      ['drop everything heavier than the limit', null],
    ],
  },
  {
    table: 'rides',
    csv: `Ride,Scooter,Rider,Start,End,Zone from,Zone to,Km,Battery,Fare,Voucher,Rating,Comment,Mail
R-5001,SC-044,hanna OLSEN,2026-05-02 07:58,2026-05-02 08:21,Old Town,Docks,4.2,81 %,"£3,45",,5,smooth,hanna.o@mail.example
R-5002,SC-102, Piet Maar,2026-05-02 08:40,2026-05-02 08:52,docks,Hill Park,2.1,64 %,£2.10,SPRING10,4,,p.maar(at)mail.example
R-5003,SC-044,Hanna Olsen,2026-05-02 17:30,2026-05-02 18:19,Docks,Old Town,9.6,58%,£6.80,,3,brake squeaks,hanna.o@mail.example
R-5004,SC-077,Ugo Lenz,2026-05-03 11:05,,Hill Park,,,12 %,,,,ride never ended,ugo@lenz.example
R-5005,SC-102,Ida Brandt,03/05/2026 12:00,03/05/2026 12:33,University,Old town,5.5,n/a,£4.20,SPRING10,5,great; will ride again,Ida.Brandt@Mail.example
R-5006,SC-009,piet maar,2026-05-04 09:10,2026-05-04 09:14,Hill Park,Hill Park,0.3,90%,£1.00,,1,"flat tyre, walked back",
R-5007,SC-077,Ugo Lenz,2026-05-04 18:45,2026-05-04 19:40,Docks,University,11.0,33 %,£7.60,FREE1,4,,ugo@lenz.example
R-5008,SC-044,Sara Quist,2026-05-05 06:30,2026-05-05 06:48,University,Docks,3.9,77%,£3.00,,,,sara@quist.example
R-5009,SC-102,Hanna Olsen,2026-05-06 16:00,2026-05-06 16:25,Old Town,Hill Park,4.8,52 %,£3.70,SPRING10,5,smooth ride,hanna.o@mail.example
R-5010,SC-009,Ida Brandt,2026-05-07 20:15,2026-05-07 21:05,Hill Park,Docks,8.4,19%,£6.10,,2,battery died twice,ida.brandt@mail.example
`,
    cases: [
      ['Riders\' names: no spaces at the ends, first letters capital, everything else small', 'In ‹Rider›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['make the fare a plain decimal number - pound sign away, and one has a comma for the point', 'Turn ‹Fare› into numbers.'],
      ['Battery as a number without %, and n/a as nothing', null],
      ['all mail addresses in small letters, and (at) should be @', null],
      ['zones are typed with different capitals, make them title case in both columns', null],
      ['start and end as proper timestamps, the ones with slashes are day first', null],
      ['split Start into Start date and Start time', 'Split ‹Start› at " " into ‹Start date› and ‹Start time›.'],
      ['put the user part of the mail (before the @) in a column User', null],
      ['get the number of the scooter, without SC-, into a column called No', 'Add ‹No› as the first number in ‹Scooter›.'],
      ['new column Route: zone from -> zone to', 'Add ‹Route› as ‹Zone from› and ‹Zone to› joined with " -> ".'],
      ['first name and last name of the rider as two columns', 'Add ‹First name› as (the first name of the person in ‹Rider›) and (the middle name of the person in ‹Rider›) joined with " ". Add ‹Last name› as the last name of the person in ‹Rider›.'],
      ['separate the comment at the semicolon into two columns Comment 1 and Comment 2', 'Split ‹Comment› at ";" into ‹Comment 1› and ‹Comment 2›.'],
      ['drop Mail; put Fare before Km', 'Drop ‹Mail›. Move ‹Fare› to before ‹Km›.'],
      ['call Zone from Origin and Zone to Destination', 'Rename ‹Zone from› to ‹Origin› and ‹Zone to› to ‹Destination›.'],
      ['move the ratings to the very front please', 'Move ‹Rating› to the front.'],
      ['only rides with a voucher', 'Keep rows where ‹Voucher› is filled.'],
      ['rides that began on 2 or 4 May', null],
      ['leave out rides that never ended', 'Set aside rows where ‹End› is blank.'],
      ['the five longest rides by km', 'Keep 5 rows with the highest ‹Km›.'],
      ['keep the last ride of each rider', 'Keep the last row of each ‹Rider›.'],
      ['one row per scooter: the one with the lowest battery', 'Keep 1 row with the lowest ‹Battery› for each ‹Scooter›.'],
      ['order by rider, then by start, newest first', 'Sort by ‹Rider› and ‹Start› from high to low.'],
      ['rides from the docks that went more than 4 km', null],
      ['How many minutes did each ride last? Empty for unfinished ones.', 'Add ‹Minutes from Start to End› as the minutes from ‹Start› to ‹End›.'],
      ['average speed in km/h, one decimal, no end no speed', null],
      ['price per km in pence, whole numbers', 'Add ‹Fare per Km› as (‹Fare› divided by ‹Km›) times 100 rounded to 0 decimals.'],
      ['column Pass: "good" if the rating is 4 or 5, "bad" if 1 or 2, "so-so" for 3 and nothing if there\'s no rating', 'Add ‹Pass› as if ‹Rating› is blank or else ‹Rating› equals 0 then blank, if ‹Rating› equals 4 or else ‹Rating› equals 5 then "good", if ‹Rating› equals 1 or else ‹Rating› equals 2 then "bad", if ‹Rating› equals 3 then "so-so", otherwise blank.'],
      ['10 percent off the fare for SPRING10, all of it for FREE1: new column To pay, 2 decimals', 'Add ‹To pay› as if ‹Voucher› is "SPRING10" then ‹Fare› times (1 minus (10 divided by 100)) rounded to 2 decimals, otherwise blank. Keep rows where ‹Voucher› is "FREE1".'],
      ['each ride\'s share of all the km in percent, 1 decimal', 'Add ‹Km per total Km› as (‹Km› divided by (the sum of ‹Km› over the rows)) times 100 rounded to 1 decimal.'],
      ['number each rider\'s rides in order of start', 'Sort by ‹Start›. Add ‹Number within Rider› as the number of the row for each ‹Rider›.'],
      ['how much more or less than the average fare, to the penny', null],
      ['low battery: under 20 is critical, 20 to 50 low, above that fine; unknown where missing', null],
      ['was it a round trip (from = to)? yes/no', null],
      ['km left per percent of battery - km divided by battery - 2 decimals', null],
      ['compare each ride\'s km with the rider\'s own average', null],
      ['flag the rides where the comment speaks of brake, tyre or battery as repair, else none', 'Add ‹Comment label› as if ‹Comment› mentions the word "brake", "brakes", "tyre", "tyres" or "battery" then "repair", otherwise "none".'],
      ['morning before 12, afternoon to 17, evening after: part of day by start', null],
      ['total fare per rider, highest on top', 'Answer ‹Total Fare› as the sum of ‹Fare› over the rows; for each ‹Rider›; sorted by ‹Total Fare› from high to low.'],
      ['how many rides and km per zone of departure', null],
      ['average rating without the blanks, one decimal', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows rounded to 1 decimal.'],
      ['which scooter made the most money', 'Answer ‹Total Fare› as the sum of ‹Fare› over the rows; for each ‹Scooter›; sorted by ‹Total Fare› from high to low; the first 1.'],
      ['what part of the rides used a voucher, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Voucher› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many riders rode more than once', 'Answer ‹Different Rider› as the number of different values of ‹Rider› over the rows; only where (the number of rows for each ‹Rider›) is more than 1.'],
      ['the median fare', 'Answer ‹Median Fare› as the median of ‹Fare› over the rows.'],
      ['rides per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Start› as the weekday of ‹Start›.'],
      ['longest ride of Hanna Olsen in minutes', 'Answer ‹Highest minutes from Start to End› as the highest of (the minutes from ‹Start› to ‹End›) over the rows; only where ‹Rider› is "Hanna Olsen".'],
      ['which riders are under 18?', null],
      ['add the weather of the day', null],
      ['delete everything', null],
      ['average of voucher', null],
      ['sort by helmet', null],
      ['undo that', null],
    ],
  },
  {
    table: 'repairs',
    csv: REPAIRS,
    others: {
      spares: SPARES,
      customers: CUSTOMERS,
    },
    cases: [
      ['put each customer\'s name and town on the job, matched on customer no; blank where we don\'t have the customer', 'Add ‹Name› as the ‹Name› in the table "customers" where ‹No› is ‹Customer no›. Add ‹Town› as the ‹Town› in the table "customers" where ‹No› is ‹Customer no›.'],
      ['Parts cost = part qty times the unit price from spares, 0 when no part was used', 'Add ‹Parts cost› as if ‹Part code› is blank then 0, otherwise ‹Part qty› times (the ‹Unit price› in the table "spares" where ‹Code› is ‹Part code›).'],
      ['List the part codes on jobs that aren\'t among our spares.', 'List each ‹Part code›; only where not (‹Part code› stands under ‹Code› in the table "spares").'],
      ['profit of each job: charged less parts (qty x unit price) less labour at 0.40 a minute, 2 decimals, blank if nothing was charged yet', 'Add ‹profit of each job› as if ‹Charged› is blank or else ‹Charged› equals 0 then blank, otherwise (‹Charged› minus (‹Part qty› times (the ‹Unit price› in the table "spares" where ‹Code› is ‹Part code›))) minus (‹Labour min› times 0.4) rounded to 2 decimals.'],
      ['which customers on the jobs are missing in the customer list? jobs without a customer number don\'t matter', 'List each ‹Customer no›; only where not (‹Customer no› stands under ‹No› in the table "customers") and ‹Customer no› is filled.'],
      ['how much did we charge per town, highest first', 'Answer ‹Total Charged› as the sum of ‹Charged› over the rows; for each ‹Town› as the ‹Town› in the table "customers" where ‹No› is ‹Customer no›; sorted by ‹Total Charged› from high to low.'],
      ['total parts cost per supplier', null],
      ['the mail address of everyone whose device is still here', null],
      ['only jobs of customers from Tarn', 'Keep rows where (the ‹Town› in the table "customers" where ‹No› is ‹Customer no›) is "Tarn".'],
      ['mark every job: known if the customer is in customers, unknown if not', 'Add ‹Customer no label› as if ‹Customer no› stands under ‹No› in the table "customers" then "known", otherwise "unknown".'],
      ['Weight of the parts used in grams (qty times weight), nothing for jobs without a part', null],
      ['average charge per town without guarantee jobs, 2 decimals', 'Answer ‹Average Charged› as the mean of ‹Charged› over the rows rounded to 2 decimals; for each ‹Town› as the ‹Town› in the table "customers" where ‹No› is ‹Customer no›; only where ‹Guarantee› is not "yes".'],
      ['what share of the jobs came from Harrow Bay customers', 'Answer ‹Share %› as ((the sum of (if (the ‹Town› in the table "customers" where ‹No› is ‹Customer no›) is "Harrow Bay" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
    ],
  },
  {
    table: 'spares',
    csv: SPARES,
    others: { repairs: REPAIRS },
    cases: [
      ['How many pieces of each spare were used? none = 0', 'Add ‹Total Part qty› as (the sum of all ‹Part qty› in the table "repairs" where ‹Part code› is ‹Code›), or 0 where it is blank.'],
      ['stock after use: in stock minus pieces used', 'Add ‹stock after use› as ‹In stock› minus ((the sum of all ‹Part qty› in the table "repairs" where ‹Part code› is ‹Code›), or 0 where it is blank).'],
      ['spares that were never needed', 'Keep rows where not (‹Code› stands under ‹Part code› in the table "repairs").'],
      ['date of the last job each spare was used in', null],
      ['how many jobs needed each part', 'Add ‹Number of repairs› as (the number of ‹Part code› in the table "repairs" where ‹Part code› is ‹Code›), or 0 where it is blank.'],
      ['reorder: yes if the stock left after use is under 3, otherwise no', null],
      ['value of what was used of each part (pieces used times unit price)', null],
    ],
  },
  {
    table: 'customers',
    csv: CUSTOMERS,
    others: { repairs: REPAIRS },
    cases: [
      ['number of jobs of each customer, 0 for none', 'Add ‹Number of repairs› as (the number of ‹Customer no› in the table "repairs" where ‹Customer no› is ‹No›), or 0 where it is blank.'],
      ['what each customer was charged in all; leave it empty for those without a job', 'Add ‹Total Charged› as the sum of all ‹Charged› in the table "repairs" where ‹Customer no› is ‹No›.'],
      ['who has had more than one job with us?', 'List each ‹Name›; only where ((the number of ‹Customer no› in the table "repairs" where ‹Customer no› is ‹No›), or 0 where it is blank) is more than 1.'],
      ['customers who never brought anything', null],
      ['when did each customer last bring something in', null],
      ['has the customer an open job? yes/no', null],
      ['days from joining to the first job', null],
      ['Compare what each was charged with 30: below, equal or above, none without a job', null],
      ['set aside the customers without a mail address that had a job', 'Set aside rows where ‹Mail› is blank and ‹No› stands under ‹Customer no› in the table "repairs".'],
    ],
  },
  {
    table: 'lessons',
    csv: LESSONS,
    others: {
      pupils: PUPILS,
      fees: FEES,
    },
    cases: [
      ['add name and school of the pupil, empty when the pupil isn\'t listed', 'Add ‹Name› as the ‹Name› in the table "pupils" where ‹Pupil› is ‹Pupil›. Add ‹School› as the ‹School› in the table "pupils" where ‹Pupil› is ‹Pupil›.'],
      ['What each lesson should cost: minutes / 60 x the fee per hour of the subject, two decimals', 'Add ‹Minutes per 60 times Fee per hour› as (‹Minutes› divided by 60) times (the ‹Fee per hour› in the table "fees" where ‹Subject› is ‹Subject›) rounded to 2 decimals.'],
      ['which lessons were paid less than they should cost (minutes / 60 times fee per hour)?', 'Keep rows where ‹Paid› is less than (‹Minutes› divided by 60) times (the ‹Fee per hour› in the table "fees" where ‹Subject› is ‹Subject›).'],
      ['pupils in lessons who aren\'t in the pupils table - once each', null],
      ['lessons of Oakfield pupils', 'Keep rows where (the ‹School› in the table "pupils" where ‹Pupil› is ‹Pupil›) is "Oakfield".'],
      ['how many minutes per school, most first', 'Answer ‹Total Minutes› as the sum of ‹Minutes› over the rows; for each ‹School› as the ‹School› in the table "pupils" where ‹Pupil› is ‹Pupil›; sorted by ‹Total Minutes› from high to low.'],
      ['mark new: yes if the lesson was within 30 days of the pupil joining, no otherwise', null],
      ['compare paid with the fee per hour: ok when they\'re the same, off otherwise, unpaid when nothing was paid', 'Add ‹Subject label› as if (the ‹Fee per hour› in the table "fees" where ‹Subject› is ‹Subject›) is blank then blank, if ‹Paid› is blank or else ‹Paid› equals 0 then "unpaid", if ‹Paid› equals (the ‹Fee per hour› in the table "fees" where ‹Subject› is ‹Subject›) then "ok", otherwise "off".'],
      ['average paid per year group', null],
      ['lessons whose pupil has no phone', null],
      ['fee per minute, 3 decimals, from the fee per hour', null],
      ['number of lessons per subject with the fee next to it', null],
      ['turn paid into whole numbers and fill blanks with the fee per hour', null],
    ],
  },
  {
    table: 'pupils',
    csv: PUPILS,
    others: { lessons: LESSONS },
    cases: [
      ['lessons per pupil, none = 0', null],
      ['total minutes of each pupil in hours, one decimal', 'Add ‹Total Minutes› as ((the sum of all ‹Minutes› in the table "lessons" where ‹Pupil› is ‹Pupil›) divided by 60), or 0 where it is blank rounded to 1 decimal.'],
      ['when was their last lesson? blank if there was none', 'Add ‹Last Held on› as the highest ‹Held on› in the table "lessons" where ‹Pupil› is ‹Pupil›.'],
      ['who never came to a lesson', null],
      ['pupils with two lessons or more', null],
      ['add up what each pupil has paid, 0 where nothing', null],
      ['active if they had a lesson, sleeping if not', 'Add ‹Pupil label› as if ‹Pupil› stands under ‹Pupil› in the table "lessons" then "active", otherwise "sleeping".'],
      ['number of lessons divided by months since joining up to 2026-03-31, 2 decimals', null],
      ['sort by name, those without lessons last', null],
    ],
  },
  {
    table: 'fees',
    csv: FEES,
    others: { lessons: LESSONS },
    cases: [
      ['income from each subject', null],
      ['subjects nobody takes', null],
      ['minutes taught per subject, no lesson no figure', null],
      ['which subject brought in the most?', null],
    ],
  },
  {
    table: 'lessons',
    csv: LESSONS,
    cases: [
      ['paid per hour, one decimal, blank if unpaid', 'Add ‹Paid per Minutes per 60› as if ‹Paid› is blank or else ‹Paid› equals 0 then blank, otherwise ‹Paid› divided by (‹Minutes› divided by 60) rounded to 1 decimal.'],
      ['only the maths lessons in the first half of March', 'Keep rows where ‹Subject› is "Maths" and (the month of ‹Held on›) equals 3 and (the day of ‹Held on›) is at least 1 and (the day of ‹Held on›) is at most 15.'],
      ['late lessons start at 16:00 or later: add Late yes/no', null],
      ['title and surname of the tutor in two columns', 'Add ‹Title› as the title of the person in ‹Tutor›. Add ‹Last name› as the last name of the person in ‹Tutor›.'],
      ['what share of the lessons had homework done? percent, whole', 'Answer ‹Share %› as ((the sum of (if ‹Homework› is "done" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 0 decimals.'],
      ['lessons with nothing paid or paid 0', 'Keep rows where ‹Paid› is blank or else ‹Paid› equals 0.'],
      ['the longest gap between two lessons of the same pupil in days', null],
      ['split the report at the semicolon', 'Split ‹Report› at ";" into ‹Report 1› and ‹Report 2›.'],
      ['report mentions exam or calculator: mark with tools', null],
    ],
  },
  {
    table: 'moves',
    csv: MOVES,
    cases: [
      ['crew chief has stray spaces and small letters in places. one space between, first letters big please', 'In ‹Crew Chief›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['Make the moving day a real date, written 2026-02-03. With slashes it\'s the day first.', 'Turn ‹Moving Day› into dates, the day before the month.'],
      ['volume should just be the number of cubic metres', 'Turn ‹Volume› into numbers in "m3".'],
      ['take km off the distances so that I can add them up; n/a means we don\'t know, so leave it empty', null],
      ['insurance is written full, Full, FULL... lower case everywhere', 'In ‹Insurance›, write in lower case.'],
      ['quote as a plain number. the dot is for thousands and the comma for cents', 'Turn ‹Quote› into numbers.'],
      ['wherever paid is missing write 0', 'Fill blanks in ‹Paid› with "0".'],
      ['a blank in breakages means none broke, so zero', 'Fill blanks in ‹Breakages› with "0".'],
      ['clients are meant to be surname comma first name but some have spaces in front or behind. sort that out', null],
      ['I don\'t want the floors in pick-up, i.e. get rid of the brackets and what is inside them. same for drop-off', null],
      ['MV-0101 should be MV-101 and so on, three digits will do', null],
      ['the finish time of MV-0111 is unknown, put 15:00', null],
      ['make all times have two digits for the hour, 09:00 rather than 9:00', null],
      ['split client into surname and given name at the comma; companies have no comma, they go in surname', null],
      ['need the floor in a column of its own: 3rd, 2nd, ground... from drop-off, empty if there is none', null],
      ['break up the comment at the semicolon, first half to Note 1, rest to Note 2', 'Split ‹Comment› at the first ";" into ‹Note 1› and ‹Note 2›.'],
      ['Route: pick-up to drop-off, like "Brume to Arkel", without the floors', null],
      ['give me the initials of each crew chief in a column Ini', 'Add ‹Ini› as the initials of ‹Crew Chief›.'],
      ['just the number of the job, no MV and no zeros, in column Nr', null],
      ['put client, job no and moving day to the front', 'Move ‹Client›, ‹Job No› and ‹Moving Day› to the front.'],
      ['breakages and insurance should stand just before comment', 'Move ‹Breakages› and ‹Insurance› to before ‹Comment›.'],
      ['I don\'t need start and finish any more', 'Drop ‹Start› and ‹Finish›.'],
      ['call Pick-up "Origin" and Drop-off "Destination"', 'Rename ‹Pick-up› to ‹Origin› and ‹Drop-off› to ‹Destination›.'],
      ['show the quote with two decimals', null],
      ['only moves that broke something', null],
      ['who hasn\'t paid in full? keep these', 'Keep rows where (‹Paid›, or 0 where it is blank) is less than ‹Quote›.'],
      ['leave only the long hauls, that is 100 km and over', 'Keep rows where ‹Distance› is at least 100.'],
      ['get rid of the cancelled job', 'Set aside rows where ‹Comment› mentions the word "cancelled".'],
      ['moves in February only, newest first', 'Keep rows where (the month of ‹Moving Day›) equals 2. Sort by ‹Moving Day› from high to low.'],
      ['all within one town, where pick-up and drop-off are the same place', null],
      ['the ones that started before 8 in the morning', 'Keep rows where (the minute of the day of ‹Start›) is less than 480.'],
      ['only the last job of each client', null],
      ['the three biggest by volume', 'Keep 3 rows with the highest ‹Volume›.'],
      ['comments that mention a scratch or something broken', 'Keep rows where ‹Comment› mentions the word "scratch", "scratched", "scratches", "broken" or "broke".'],
      ['jobs of Otto or Rita that took longer than 8 hours', 'Keep rows where ‹Crew Chief› mentions the word "Otto" or "Rita" and (the hours by the clock from ‹Start› to ‹Finish›) is more than 8.'],
      ['add how many hours each move took, one decimal', 'Add ‹Hours from Start to Finish› as the hours by the clock from ‹Start› to ‹Finish› rounded to 1 decimal.'],
      ['price per cubic metre, 2 decimals', 'Add ‹Paid per Volume› as ‹Paid› divided by ‹Volume› rounded to 2 decimals.'],
      ['how much is still owed on each? never below zero', 'Add ‹Quote minus Paid› as if ‹Quote› minus ‹Paid› is less than 0 then 0, otherwise ‹Quote› minus ‹Paid›.'],
      ['share of all the boxes per move in %, one decimal', 'Add ‹Boxes per total Boxes› as (‹Boxes› divided by (the sum of ‹Boxes› over the rows)) times 100 rounded to 1 decimal.'],
      ['boxes per hour, rounded to whole, blank if the boxes aren\'t known', 'Add ‹Boxes per hours from Start to Finish› as ‹Boxes› divided by (the hours by the clock from ‹Start› to ‹Finish›) rounded to 0 decimals.'],
      ['number the moves of every chief by date, 1 for the earliest', 'Sort by ‹Moving Day›. Add ‹Number within Crew Chief› as the number of the row for each ‹Crew Chief›.'],
      ['a running total of what\'s been paid, by moving day', 'Sort by ‹Moving Day›. Add ‹Running total of Paid› as the running total of ‹Paid›.'],
      ['average quote of the chief next to each move', 'Add ‹Average Quote per Crew Chief› as the mean of ‹Quote› over the rows for each ‹Crew Chief›.'],
      ['how many days since the previous move of the same chief', 'Add ‹Days from row above Moving Day to Moving Day› as the whole days from (the row above of ‹Moving Day› for each ‹Crew Chief›) to ‹Moving Day›.'],
      ['km times 0.42 plus 35 is our fuel cost, add it as Fuel with 2 decimals', null],
      ['quarter of the moving day like 2026-Q1', 'Add ‹Quarter of Moving Day› as the quarter with its year of ‹Moving Day›.'],
      ['was it a weekend? yes / no', 'Add ‹Weekend› as if (the weekday of ‹Moving Day›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['size S up to 10 m3, M from there to 25, L beyond', 'Add ‹Size› as if ‹Volume› is at most 10 then "S", if ‹Volume› is at most 25 then "M", if ‹Volume› is more than 25 then "L", otherwise blank.'],
      ['flag Risky: yes when something broke or it wasn\'t insured, else no', null],
      ['upper floor or not: put yes where either end is on a 2nd floor or higher', null],
      ['tag the comments: complaint when they say late, broke, scratched or missing, praise when great or thanks, otherwise nothing', 'Add ‹Comment label› as if ‹Comment› mentions the word "late", "broke", "scratched" or "missing" then "complaint", if ‹Comment› mentions the word "great" or "thanks" then "praise", otherwise blank.'],
      ['Which chief brought in the most money?', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Crew Chief›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['how many moves per month and the cubic metres in total', 'Answer ‹Rows› as the number of rows; and ‹Total Volume› as the sum of ‹Volume› over the rows; for each ‹Month of Moving Day› as the month of ‹Moving Day›.'],
      ['what\'s the average distance without the unknown ones', 'Answer ‹Average Distance› as the mean of ‹Distance› over the rows.'],
      ['how many clients moved twice or more', 'Answer ‹Different Client› as the number of different values of ‹Client› over the rows; only where (the number of rows for each ‹Client›) is more than 1.'],
      ['longest job in hours', 'Answer ‹Highest hours from Start to Finish› as the highest of (the hours by the clock from ‹Start› to ‹Finish›) over the rows.'],
      ['what part of the moves were fully insured, whole percent', null],
      ['list of the towns we picked up from', null],
      ['how many stairs did they climb', null],
      ['delete everything', null],
      ['make it nicer', null],
      ['average of the comment', null],
    ],
  },
  {
    table: 'moves',
    csv: MOVES,
    others: {
      crews: `Chief,Van,Hourly,Hired,Licence
Otto Penn,Big Blue,62.00,2018-04-01,C1
Rita Solberg,Swift,55.50,2021-09-15,C1
Hal Brook,Swift,48.00,2024-01-10,B
Mona Teal,Rover,50.00,2025-06-01,B
`,
      claims: CLAIMS,
    },
    cases: [
      ['put the van of each chief in', 'Add ‹Van› as the ‹Van› in the table "crews" where ‹Chief› is ‹Crew Chief›.'],
      ['labour cost: hours worked times the hourly rate from crews, 2 decimals', null],
      ['license class of who led the move', null],
      ['was a claim filed for the job? yes/no', null],
      ['what has been claimed per job in all, 0 if nothing', 'Add ‹Total Amount› as (the sum of all ‹Amount› in the table "claims" where ‹Job› is ‹Job No›), or 0 where it is blank.'],
      ['date of the first claim on each job', 'Add ‹First Filed› as the lowest ‹Filed› in the table "claims" where ‹Job› is ‹Job No›.'],
      ['which moves have breakages but no claim', 'Keep rows where ‹Breakages› is more than 0 and not (‹Job No› stands under ‹Job› in the table "claims").'],
      ['days from the move to its latest claim', null],
      ['claims whose job isn\'t ours', null],
      ['chiefs without any move', null],
      ['compare the claim amounts with what was paid: claims over 10% of paid get "high", otherwise "fine", no claim empty', null],
      ['how many moves per van', 'Answer ‹Rows› as the number of rows; for each ‹Van› as the ‹Van› in the table "crews" where ‹Chief› is ‹Crew Chief›.'],
      ['moves led by someone hired after 2020', 'Keep rows where (the ‹Hired› in the table "crews" where ‹Chief› is ‹Crew Chief›) is more than the date "2020-12-31".'],
      ['the van with the most kilometres', null],
    ],
  },
  {
    table: 'claims',
    csv: CLAIMS,
    others: { moves: MOVES },
    cases: [
      ['add the client and the moving day to every claim', 'Add ‹Client› as the ‹Client› in the table "moves" where ‹Job No› is ‹Job›. Add ‹Moving Day› as the ‹Moving Day› in the table "moves" where ‹Job No› is ‹Job›.'],
      ['how many days after the move was it filed', null],
      ['open claims where the client has paid nothing yet', null],
      ['claims over 5 percent of the quote', null],
    ],
  },
  {
    table: 'orders',
    csv: ORDERS,
    cases: [
      ['Please tidy the e-mail addresses: all small letters and no blanks around them.', 'In ‹Email›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['whatever in email is not a proper address should be emptied', 'Set ‹Email› to if ‹Email› holds a e-mail address then ‹Email›, otherwise blank.'],
      ['the tailor\'s names must start with a capital, one of them doesn\'t', 'In ‹Tailor›, write in sentence case.'],
      ['Put a single space on either side of every slash in garment.', 'Replace " / ", " /", "/ " or "/" in ‹Garment› with " / ".'],
      ['I\'d like "and" instead of the semicolons in task', 'Replace " ; ", "; ", " ;" or ";" in ‹Task› with " and ".'],
      ['if deposit is empty it means 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['For every order without a rating, write "not rated"', 'Fill blanks in ‹Rating› with "not rated".'],
      ['Take the T off the ticket and turn what is left into a number.', 'Remove "T" from ‹Ticket›. Turn ‹Ticket› into numbers.'],
      ['change charcoal to dark grey in the garments', 'Replace "charcoal" in ‹Garment› with "dark grey".'],
      ['in said: first letter upper case please', 'In ‹Said›, write in sentence case.'],
      ['remove all full stops and commas from said', 'Remove "." or "," from ‹Said›.'],
      ['Ms, Mr, Mrs, Miss and Dr should be written with a full stop after them, except Miss', null],
      ['get the title out of the customer\'s name and put it in its own column called Title; the name stays without it', 'Add ‹Title› as the title of the person in ‹Customer›. Set ‹Customer› to (the first name of the person in ‹Customer›), (the middle name of the person in ‹Customer›), (the last name of the person in ‹Customer›) and (the name suffix of the person in ‹Customer›) joined with " ".'],
      ['three new columns from garment: Piece, Cloth and Colour', 'Split ‹Garment› at "/" into ‹Piece›, ‹Cloth› and ‹Colour›.'],
      ['I need what comes after the @ in email as Provider', null],
      ['the first task only, in a column Main Task', 'Add ‹Main Task› as piece 1 of ‹Task› cut at ";".'],
      ['How many different tasks are there in each order? put the number in Tasks', 'Add ‹Tasks› as the number of pieces of ‹Task› cut at ";".'],
      ['last name first, then a comma, then the first name, no title', null],
      ['join cloth colour: \'navy wool coat\' from Coat / wool / navy, all small', null],
      ['add the year and the week of the day it was brought in, like 2026-W03', null],
      ['move what was said right behind the rating', 'Move ‹Said› to after ‹Rating›.'],
      ['drop the email and the deposit', 'Drop ‹Email› and ‹Deposit›.'],
      ['give the columns brought in, promised and collected the names In, Due and Out', 'Rename ‹Brought In› to ‹In›, ‹Promised› to ‹Due› and ‹Collected› to ‹Out›.'],
      ['make charge whole euros', 'Set ‹Charge› to ‹Charge› rounded to 0 decimals.'],
      ['Minutes as hours, 2 decimals', 'Add ‹h› as ‹Minutes› divided by 60 rounded to 2 decimals.'],
      ['sort by tailor and within each tailor by promised date', 'Sort by ‹Tailor› and ‹Promised›.'],
      ['Only show orders that are still with us.', 'Keep rows where ‹Collected› is blank.'],
      ['Which were picked up after the promised date? keep just those', 'Keep rows where ‹Collected› is more than ‹Promised›.'],
      ['keep only customers who came more than once', 'Keep rows where (the number of rows for each ‹Customer›) is more than 1.'],
      ['orders brought in during the second half of January', 'Keep rows where (the month of ‹Brought In›) equals 1 and (the day of ‹Brought In›) is at least 16 and (the day of ‹Brought In›) is at most 31.'],
      ['take out anything that cost nothing', 'Set aside rows where ‹Charge› is blank or else ‹Charge› equals 0.'],
      ['Retain the two best paid orders of each tailor.', 'Keep 2 rows with the highest ‹Charge› for each ‹Tailor›.'],
      ['only wool, but not coats', 'Keep rows where ‹Garment› mentions the word "wool" and not (‹Garment› mentions the word "coat").'],
      ['I want the rows where a task has to do with sleeves or hems', 'Keep rows where ‹Task› mentions the word "sleeves", "hems" or "hem".'],
      ['leave me one row per customer, namely the most recent', null],
      ['work out the charge per hour, two decimals', 'Add ‹Charge per Minutes per 60› as ‹Charge› divided by (‹Minutes› divided by 60) rounded to 2 decimals.'],
      ['How many days early (plus) or late (minus) was each collected? leave empty if it has not been collected yet', 'Add ‹Days from Collected to Promised› as the whole days from ‹Collected› to ‹Promised›.'],
      ['what remains to be paid after the deposit; treat no deposit as 0', 'Add ‹Charge minus Deposit› as ‹Charge› minus (‹Deposit›, or 0 where it is blank).'],
      ['number of days between bringing in and collecting', 'Add ‹Days from Brought In to Collected› as the whole days from ‹Brought In› to ‹Collected›.'],
      ['the rating minus the average rating of the tailor, 1 decimal', 'Add ‹Rating minus average Rating per Tailor› as ‹Rating› minus (the mean of ‹Rating› over the rows for each ‹Tailor›) rounded to 1 decimal.'],
      ['rank orders by charge, dearest is 1, equal charges share a rank', 'Add ‹Rank by Charge› as the rank, highest first, of ‹Charge›.'],
      ['VAT at 20% is included in the charge: give the VAT amount, 2 decimals', 'Add ‹Charge minus Charge per 1 plus 20 per 100› as ‹Charge› minus (‹Charge› divided by (1 plus (20 divided by 100))) rounded to 2 decimals.'],
      ['percentage the deposit makes of the charge, no decimals, blank when nothing is charged', 'Add ‹Deposit per Charge %› as (‹Deposit› divided by ‹Charge›) times 100 rounded to 0 decimals.'],
      ['cumulated charge per tailor in order of the date brought in', 'Sort by ‹Brought In›. Add ‹Running total of Charge› as the running total of ‹Charge› for each ‹Tailor›.'],
      ['put the charge into groups: under 20, 20 to 50, over 50 up to 100, more than 100. Column Price Group', 'Add ‹Price Group› as if ‹Charge› is less than 20 then "under 20", if ‹Charge› is at least 20 and ‹Charge› is at most 50 then "20 to 50", if ‹Charge› is more than 50 and ‹Charge› is at most 100 then "over 50 up to 100", if ‹Charge› is more than 100 then "more than 100", otherwise blank.'],
      ['has the customer been here before? yes or no, going by earlier orders', null],
      ['month name of the promised date', 'Add ‹Month name of Promised› as the month name of ‹Promised›.'],
      ['did it take more than an hour? column Long with true/false', 'Add ‹Long› as if ‹Minutes› is more than 60 then "true", otherwise "false".'],
      ['mark an order urgent if there are fewer than 5 days between bringing in and promising, normal otherwise', 'Add ‹Brought In label› as if (the whole days from ‹Brought In› to ‹Promised›) is less than 5 then "urgent", otherwise "normal".'],
      ['new column Mood: happy for ratings 4 and 5, so-so for 3, unhappy below, and nothing where unrated', 'Add ‹Mood› as if ‹Rating› is blank or else ‹Rating› equals 0 then blank, if ‹Rating› equals 4 or else ‹Rating› equals 5 then "happy", if ‹Rating› equals 3 then "so-so", if ‹Rating› is less than 3 then "unhappy", otherwise blank.'],
      ['is the customer a man or a woman? judge by the title; leave Dr open', null],
      ['add Material Care: dry clean for silk, wool and leather, machine wash for the rest', 'Add ‹Material Care› as if ‹Garment› mentions the word "silk", "wool" or "leather" then "dry clean", otherwise "machine wash".'],
      ['How much did we earn per tailor?', 'Answer ‹Total Charge› as the sum of ‹Charge› over the rows; for each ‹Tailor›.'],
      ['on which weekday do people bring in the most?', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Brought In› as the weekday of ‹Brought In›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average days from bringing in to collecting, 1 decimal', 'Answer ‹Average days from Brought In to Collected› as the mean of (the whole days from ‹Brought In› to ‹Collected›) over the rows rounded to 1 decimal.'],
      ['how many orders had no rating', 'Answer ‹Rows› as the number of rows; only where ‹Rating› is blank.'],
      ['what percentage of the orders were late? one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Collected› is more than ‹Promised› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['who is the customer that has spent the most', 'Answer ‹Total Charge› as the sum of ‹Charge› over the rows; for each ‹Customer›; sorted by ‹Total Charge› from high to low; the first 1.'],
      ['the total charge by month brought in, with number of orders', 'Answer ‹Total Charge› as the sum of ‹Charge› over the rows; and ‹Rows› as the number of rows; for each ‹Month of Brought In› as the month of ‹Brought In›.'],
      ['share of each tailor in the takings, in %', 'Answer ‹Share of Charge %› as ((the sum of ‹Charge› over the rows) divided by (the sum of ‹Charge› over all rows together)) times 100; for each ‹Tailor›.'],
      ['count the orders by cloth', null],
      ['what is the highest charge for a job of less than an hour', null],
      ['what colour should I paint the shop', null],
      ['average email', null],
      ['show me the profit', null],
      ['all ticekts of Bram form January please', null],
      ['tailor Mirko - charge plus 10%', null],
    ],
  },
  {
    table: 'orders',
    csv: ORDERS,
    others: {
      tailors: TAILORS,
      till: TILL,
    },
    cases: [
      ['add each tailor\'s bench', 'Add ‹Bench› as the ‹Bench› in the table "tailors" where ‹Name› is ‹Tailor›.'],
      ['what did the work cost us? minutes at the tailor\'s hourly wage, 2 decimals', null],
      ['paid so far according to the till, 0 when nothing', null],
      ['charge minus what the till has, 2 decimals, nothing paid counts as zero', null],
      ['orders that aren\'t in the till at all', 'Keep rows where not (‹Ticket› stands under ‹Ticket No› in the table "till").'],
      ['put the date of the last payment next to it', null],
      ['Check the charge against the sum in the till: "settled" when equal, "short" when less came in, "over" when more', 'Add ‹Charge label› as if ‹Charge› equals ((the sum of all ‹Amount› in the table "till" where ‹Ticket No› is ‹Ticket›), or 0 where it is blank) then "settled", if ((the sum of all ‹Amount› in the table "till" where ‹Ticket No› is ‹Ticket›), or 0 where it is blank) is less than ‹Charge› then "short", if ((the sum of all ‹Amount› in the table "till" where ‹Ticket No› is ‹Ticket›), or 0 where it is blank) is more than ‹Charge› then "over", otherwise blank.'],
      ['compare deposit with the till\'s deposit slips, show me the orders where they differ', null],
      ['only orders of tailors who work on benches 1 or 2', null],
      ['number of slips for each order', 'Add ‹Number of till› as (the number of ‹Ticket No› in the table "till" where ‹Ticket No› is ‹Ticket›), or 0 where it is blank.'],
    ],
  },
  {
    table: 'till',
    csv: TILL,
    others: { orders: ORDERS },
    cases: [
      ['which slips don\'t belong to any order', null],
      ['add the customer to each slip', 'Add ‹Customer› as the ‹Customer› in the table "orders" where ‹Ticket› is ‹Ticket No›.'],
      ['amount as a percentage of the charge, 1 decimal', 'Add ‹Amount per Charge %› as (‹Amount› divided by (the ‹Charge› in the table "orders" where ‹Ticket› is ‹Ticket No›)) times 100 rounded to 1 decimal.'],
      ['takings per tailor', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Tailor› as the ‹Tailor› in the table "orders" where ‹Ticket› is ‹Ticket No›.'],
      ['slips dated after the order was collected', null],
      ['total by kind and customer', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹Kind›; and by ‹Customer› as the ‹Customer› in the table "orders" where ‹Ticket› is ‹Ticket No›.'],
    ],
  },
  {
    table: 'tailors',
    csv: TAILORS,
    others: { orders: ORDERS },
    cases: [
      ['orders per tailor, 0 if none', null],
      ['how much has each tailor charged in total', 'Add ‹Total Charge› as (the sum of all ‹Charge› in the table "orders" where ‹Tailor› is ‹Name›), or 0 where it is blank.'],
      ['average rating of each, 2 decimals', 'Add ‹Average Rating› as the mean of all ‹Rating› in the table "orders" where ‹Tailor› is ‹Name› rounded to 2 decimals.'],
      ['tailors who haven\'t got any order', 'Keep rows where not (‹Name› stands under ‹Tailor› in the table "orders").'],
      ['minutes worked in hours per tailor, one decimal', null],
      ['wage bill: hours worked times the hourly wage', null],
    ],
  },
  {
    table: 'sessions',
    csv: `Session,Band,Contact,Booked On,Day,From,To,Room,Engineer,Hourly,Gear,Total,Paid On,Genre,Stars,Notes
ST-001,The Moss,"Pine, Ola <ola@moss.example>",2026-03-02,2026-04-01,10:00,14:00,A,K. Vale,45.00,"2 mics; drum kit",195.00,2026-04-01,folk,5,"vocals only, lovely"
ST-002,Iron Fern,Rex Holm (rex@fern.example),2026-03-05,2026-04-01,15:30,22:00,B,M. Oster,38.00,guitar amp,262.00,,metal,3,"amp buzzed; 2 takes lost"
ST-003,the moss,"Pine, Ola <ola@moss.example>",2026-03-09,2026-04-03,09:30,12:30,A,K. Vale,45.00,,135.00,2026-04-03,Folk,,
ST-004,Duo Blanc,Ines Crow,2026-03-10,2026-04-07,18:00,23:30,C,k. vale,30.00,"grand piano; 4 mics",245.00,2026-04-20,jazz,4,piano a bit flat
ST-005,Iron Fern ,Rex Holm (rex@fern.example),2026-03-12,2026-04-08,20:00,02:00,B,M. Oster,38.00,"guitar amp; bass amp",258.00,2026-05-02,Metal,2,"ran past midnight; neighbours complained"
ST-006,Choir Nord,"Berg, Tove <tove@nord.example>",2026-03-20,2026-04-11,11:00,17:00,A,S. Lind,45.00,"6 mics",315.00,2026-04-25,choral,5,great room
ST-007,Kid Comet,kid@comet.example,2026-03-21,2026-04-12,13:00,15:00,C,,30.00,,60.00,2026-04-12,hip hop,4,
ST-008,Duo Blanc,Ines Crow,2026-03-28,2026-04-15,10:00,13:00,C,K. Vale,30.00,grand piano,110.00,2026-04-15,Jazz,5,perfect
ST-009,The Moss,"Pine, Ola <ola@moss.example>",2026-04-02,2026-04-17,16:00,20:00,A,M. Oster,45.00,"2 mics",190.00,,folk,4,mix later
ST-010,Slow Tram,"Fir, Jon <jon.fir@tram>",2026-04-04,2026-04-18,12:00,19:00,B,M. Oster,38.00,"drum kit; 8 mics",346.00,2026-04-18,rock,,cancelled drummer
ST-011,Kid Comet,kid@comet.example,2026-04-10,2026-04-26,14:00,17:30,C,S. Lind,30.00,1 mic,110.00,,Hip Hop,1,"laptop crashed, refund asked"
ST-012,Choir Nord,"Berg, Tove <tove@nord.example>",2026-04-14,2026-05-02,10:00,16:00,A,S. Lind,45.00,"6 mics; grand piano",375.00,2026-05-02,choral,5,lovely as always
`,
    cases: [
      ['The band names need a bit of care: no spaces before or after, and each word with a capital letter.', 'In ‹Band›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['genre is sometimes capitalised and sometimes not. make it all lower case', 'In ‹Genre›, write in lower case.'],
      ['No gear means nothing was rented, put "none" there', 'Fill blanks in ‹Gear› with "none".'],
      ['Total and hourly have two decimals now, I\'d like them without decimals', 'Set ‹Total› to ‹Total› rounded to 0 decimals. Set ‹Hourly› to ‹Hourly› rounded to 0 decimals.'],
      ['Engineer: K. Vale was once typed with small letters, please correct that', 'Replace cells that are "k. vale" in ‹Engineer› with "K. Vale".'],
      ['write hip-hop with a hyphen in genre', null],
      ['Wherever nobody gave stars, use 3.', 'Fill blanks in ‹Stars› with "3".'],
      ['Can the times be written with a dot instead of the colon? both from and to', 'Replace ":" in ‹From› and ‹To› with ".".'],
      ['strip the ST- from the session numbers and make them plain numbers', 'Remove leading "ST-" from ‹Session›. Turn ‹Session› into numbers.'],
      ['Turn paid on into yes or no: yes if there is a date, no if it\'s empty', 'Set ‹Paid On› to if ‹Paid On› is blank then "no", otherwise "yes".'],
      ['Rooms should read Room A, Room B, Room C', 'Set ‹Room› to "Room " followed by ‹Room›.'],
      ['remove the mail addresses from contact, also the brackets around them', null],
      ['I\'d like the e-mail from contact in a separate column, blank if there is none', 'Add ‹E-mail address› as the first e-mail address in ‹Contact›.'],
      ['only the mail domain, please, e.g. moss.example - call it Domain', null],
      ['split gear at the semicolons into as many columns as needed', 'Split ‹Gear› at ";" into ‹Gear 1› and ‹Gear 2›.'],
      ['how many microphones were rented? it\'s the number in front of mic or mics in gear, new column Mics, 0 when there are none', null],
      ['initials of the band, like TM for The Moss', 'Add ‹Initials of Band› as the initials of ‹Band›.'],
      ['make a title for each session, e.g. "The Moss in A, 2026-04-01"', 'Add ‹Title› as ‹Band› followed by " in " followed by ‹Room› followed by ", " followed by ‹Day›.'],
      ['start as one date and time, called Starts', null],
      ['move room to the very front, then the band', 'Move ‹Room› and ‹Band› to the front.'],
      ['throw away contact and notes', 'Drop ‹Contact› and ‹Notes›.'],
      ['Please rename "Stars" to "Happiness" and "Total" to "Billed".', 'Rename ‹Stars› to ‹Happiness› and ‹Total› to ‹Billed›.'],
      ['put the columns in this order: day, from, to, room, band, total', 'Move ‹Day›, ‹From›, ‹To›, ‹Room›, ‹Band› and ‹Total› to the front.'],
      ['Which sessions went on beyond ten in the evening?', 'Keep rows where (the minute of the day of ‹To›) is more than 1320.'],
      ['give me only those that weren\'t paid the same day', 'Keep rows where ‹Paid On› is blank or else not (‹Paid On› equals ‹Day›).'],
      ['I\'m interested in April\'s unpaid ones only', 'Keep rows where (the month of ‹Day›) equals 4 and ‹Paid On› is blank.'],
      ['Leave out folk and jazz', 'Set aside rows where ‹Genre› is "folk" or "jazz".'],
      ['The sessions with at least two pieces of gear', 'Keep rows where (the number of pieces of ‹Gear› cut at ";") is at least 2.'],
      ['evening sessions, meaning they begin at 6 pm or later', 'Keep rows where (the minute of the day of ‹From›) is at least 1080.'],
      ['anyone who complained? notes with complained, buzzed, crashed or lost', 'Keep rows where ‹Notes› mentions the word "complained", "buzzed", "crashed" or "lost".'],
      ['drop every session without an engineer', 'Set aside rows where ‹Engineer› is blank.'],
      ['One session per band please, the longest', 'Add ‹Hours from From to To› as the hours by the clock from ‹From› to ‹To›. Keep 1 row with the highest ‹Hours from From to To› for each ‹Band›.'],
      ['the 25% most expensive sessions', null],
      ['sessions in room A or C that cost over 150', 'Keep rows where ‹Room› is "A" or "C" and ‹Total› is more than 150.'],
      ['bands that only came once', null],
      ['those booked less than three weeks ahead', 'Keep rows where (the whole days from ‹Booked On› to ‹Day›) is less than 21.'],
      ['weekend sessions', 'Keep rows where (the weekday of ‹Day›) is "Saturday" or "Sunday".'],
      ['Add the length of each session in hours; watch out, one runs past midnight', 'Add ‹Hours from From to To› as the hours by the clock from ‹From› to ‹To›.'],
      ['what do the hours cost? length times hourly rate, call it Room Fee', 'Add ‹Room Fee› as (the hours by the clock from ‹From› to ‹To›) times ‹Hourly›.'],
      ['the gear fee is the total less the room fee (hours times hourly). add that', 'Add ‹gear fee› as ‹Total› minus ((the hours by the clock from ‹From› to ‹To›) times ‹Hourly›).'],
      ['How long beforehand was each session booked, in days', 'Add ‹Days from Booked On to Day› as the whole days from ‹Booked On› to ‹Day›.'],
      ['days until it was paid, empty as long as it\'s unpaid', 'Add ‹Days from Day to Paid On› as the whole days from ‹Day› to ‹Paid On›.'],
      ['average total per room, on every row, rounded to full euros', 'Add ‹Average Total per Room› as the mean of ‹Total› over the rows for each ‹Room› rounded to 0 decimals.'],
      ['difference between the total and the room\'s average', 'Add ‹Total minus average Total per Room› as ‹Total› minus (the mean of ‹Total› over the rows for each ‹Room›).'],
      ['each session\'s share in what its band spent altogether, in percent without decimals', 'Add ‹Total per total Total per Band %› as (‹Total› divided by (the sum of ‹Total› over the rows for each ‹Band›)) times 100 rounded to 0 decimals.'],
      ['rank within each room by total, highest gets number 1', 'Add ‹Rank by Total› as the rank, highest first, of ‹Total› for each ‹Room›.'],
      ['number the sessions of each band in the order of their dates', 'Sort by ‹Day›. Add ‹Number within Band› as the number of the row for each ‹Band›.'],
      ['sum up the totals as we go along, by day', 'Sort by ‹Day›. Add ‹Running total of Total› as the running total of ‹Total›.'],
      ['when was the band\'s previous session? give the date', 'Add ‹Row above Day› as the row above of ‹Day› for each ‹Band›.'],
      ['total per hour, two decimals', 'Add ‹Total per hours from From to To› as ‹Total› divided by (the hours by the clock from ‹From› to ‹To›) rounded to 2 decimals.'],
      ['10 percent off for sessions of six hours and more: new column Discounted', 'Add ‹Discounted› as if (the hours by the clock from ‹From› to ‹To›) is at least 6 then ‹Total› times (1 minus (10 divided by 100)), otherwise ‹Total›.'],
      ['nth week of the year for day', null],
      ['Label sessions short (under 3 hours), normal (3 to 6) or long (more than 6).', 'Add ‹From label› as if (the hours by the clock from ‹From› to ‹To›) is less than 3 then "short", if (the hours by the clock from ‹From› to ‹To›) is at least 3 and (the hours by the clock from ‹From› to ‹To›) is at most 6 then "normal", if (the hours by the clock from ‹From› to ‹To›) is more than 6 then "long", otherwise blank.'],
      ['Payment: "on the day" if paid on the same day, "late" if more than 14 days after, "ok" in between, "open" if not paid', null],
      ['Satisfaction: good from 4 stars, poor up to 2, fair for 3, and unknown if nobody rated', 'Add ‹Satisfaction› as if ‹Stars› is at least 4 then "good", if ‹Stars› is at most 2 then "poor", if ‹Stars› equals 3 then "fair", if ‹Stars› is blank then "unknown", otherwise blank.'],
      ['guess from the notes whether they were pleased: pleased for lovely, great or perfect, not pleased for buzzed, flat, complained or crashed', 'Add ‹guess from the notes whether they were pleased› as if ‹Notes› mentions the word "lovely" or "great" or else ‹Notes› is "perfect" then "pleased", if ‹Notes› mentions the word "buzzed", "flat", "complained" or "crashed" then "not pleased", otherwise blank.'],
      ['add a flag for double bookings: yes if there\'s another session in the same room on the same day', 'Add ‹flag for double bookings› as if (the number of rows for each ‹Room› and ‹Day›) is more than 1 then "yes", otherwise "no".'],
      ['day part - morning if it starts before 12, afternoon until 17, evening later', 'Add ‹day part› as if (the minute of the day of ‹From›) is less than 720 then "morning", if (the minute of the day of ‹From›) is less than 1020 then "afternoon", if (the minute of the day of ‹From›) is at least 1020 then "evening", otherwise blank.'],
      ['How much have we taken in April?', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; only where (the month of ‹Day›) equals 4.'],
      ['total and number of sessions for every engineer, most money first', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; and ‹Rows› as the number of rows; for each ‹Engineer›; sorted by ‹Total Total› from high to low.'],
      ['which room is used the most hours?', 'Answer ‹Total hours from From to To› as the sum of (the hours by the clock from ‹From› to ‹To›) over the rows; for each ‹Room›; sorted by ‹Total hours from From to To› from high to low; the first 1.'],
      ['What is still to be paid, all in all?', null],
      ['average stars per genre, ignoring the ones without', 'Answer ‹Average Stars› as the mean of ‹Stars› over the rows; for each ‹Genre›.'],
      ['who brought us more money, The Moss or Choir Nord?', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; for each ‹Band›; only where ‹Band› is "The Moss" or "Choir Nord"; sorted by ‹Total Total› from high to low.'],
      ['how many different bands recorded in room C', 'Answer ‹Different Band› as the number of different values of ‹Band› over the rows; only where ‹Room› is "C".'],
      ['how many sessions per weekday', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Day› as the weekday of ‹Day›.'],
      ['what percentage of sessions had no gear', 'Answer ‹Share %› as ((the sum of (if ‹Gear› is blank then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['longest session of K. Vale in hours', 'Answer ‹Highest hours from From to To› as the highest of (the hours by the clock from ‹From› to ‹To›) over the rows; only where ‹Engineer› is "K. Vale".'],
      ['median of the totals per genre', 'Answer ‹Median Total› as the median of ‹Total› over the rows; for each ‹Genre›.'],
      ['earliest and latest start in room B', null],
      ['how many hours per month and room, rooms as columns', 'Answer ‹Total hours from From to To› as the sum of (the hours by the clock from ‹From› to ‹To›) over the rows; for each ‹Month of Day› as the month of ‹Day›; across ‹Room›.'],
      ['what\'s the most common genre', 'Answer ‹Rows› as the number of rows; for each ‹Genre›; sorted by ‹Rows› from high to low; the first 1.'],
      ['set paid on to 2026-05-05 for ST-009', 'Set ‹Paid On› to the date "2026-05-05", only where ‹Session› is "ST-009".'],
      ['which microphone sounds best', null],
      ['total of the engineers', null],
      ['add the drummer\'s phone number', null],
      ['make the column blue', null],
      ['deposit = a third of the total, rounded up to the next full euro', 'Add ‹deposit› as ‹Total› divided by 3 rounded up to 0 decimals.'],
    ],
  },
  {
    table: 'subscriptions',
    csv: `Sub No,Reader,Street,Postcode,Plan,Started,Ends,Price,Cycle,Copies,Paid Till,Tel,Source,Complaints,Discount
S/1001,"Abel, Ms Nora",Mill Lane 4,AB1 2CD,print,01.02.2023,,"£12.50",monthly,1,2026-06-30,01632 960 111,fair,,0%
S/1002,"Brand, Mr Otto",High St 17b,ab1 3dd,Digital,15.03.2024,14.03.2026,"£60",yearly,,2026-03-14,(01632) 960-112,website,"login fails; twice rang",10%
S/1003,"Cole, Dr Pia",,AB2 9XY,both,03.04.2024,,"£15.00",monthly,1,2026-05-31,01632 960113,friend,paper wet,
S/1004,"Dorn, Mr Sam",Church Row 2,AB3 1AA,Print,20.05.2024,19.05.2025,"£130",yearly,2,2025-05-19,,fair,late delivery; paper wet,5%
S/1005,"Elm, Mrs Jo",Mill Lane 11,AB1 2CE,digital,11.11.2024,,"£5",monthly,,2026-06-30,01632 960115,website,,0%
S/1006,"Fox, Mr Ivo",Quay 5,AB4 7QQ,Both,02.01.2025,,"£150",yearly,1,2026-01-01,01632-960116,phone,never came in May,15%
S/1007,"Gray, Ms Uma",Quay 5,AB4 7QQ,print,09.01.2025,08.01.2026,"£12.50",monthly,1,2026-01-08,01632 960117,fair,,
S/1008,"Hart, Mr Lee",North Rd 88,AB5 5BB,digital ,28.02.2025,,"£60",yearly,,2026-02-27,,website,login fails,10%
S/1009,"Iver, Ms Bea",High St 3,AB1 3DF,PRINT,17.03.2025,,"£12.50",monthly,3,2026-06-30,01632 960119,flyer,torn copy; late delivery,0%
S/1010,"Joss, Mr Kit",South Rd 1,AB6 2LL,both,30.06.2025,29.06.2026,"£15.00",monthly,1,2026-06-29,01632 960120,friend,,
S/1011,"Brand, Mr Otto",High St 17b,AB1 3DD,print,01.04.2026,,"£12.50",monthly,1,2026-06-30,01632 960112,phone,,20%
S/1012,"Kerr, Mrs Ann",West End 40,AB7 3MM,digital,12.05.2026,,"£5",monthly,,2026-06-11,01632 960121,website,cannot cancel online,
`,
    cases: [
      ['The plan column should only contain print, digital or both in small letters, without blanks.', 'Spell ‹Plan› as "print", "digital" or "both". In ‹Plan›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['price without the pound sign, as a number', 'Turn ‹Price› into numbers.'],
      ['postcodes always in capitals please', 'In ‹Postcode›, write in capitals.'],
      ['Telephone numbers are written in all sorts of ways. I just want the digits', 'Remove all everything but digits from ‹Tel›.'],
      ['make proper dates of started and ends; it\'s day.month.year', 'Turn ‹Started› and ‹Ends› into dates, the day before the month.'],
      ['discount is blank for some: that means 0%', 'Fill blanks in ‹Discount› with "0%".'],
      ['and turn the discount into a plain number, 10% becomes 10', 'Turn ‹Discount› into numbers.'],
      ['where no copies are given put 0', 'Fill blanks in ‹Copies› with "0".'],
      ['The readers are written "Abel, Ms Nora". I\'d like "Nora Abel" instead.', null],
      ['put the title of every reader in its own column', 'Add ‹Form of address› as the first form of address in ‹Reader›.'],
      ['Surname only, in capitals, new column Surname', null],
      ['The first half of the postcode (before the blank) is the area. Add it as Area.', null],
      ['Split the street into name and house number', null],
      ['complaints: one column for each, they are divided by semicolons', 'Split ‹Complaints› at ";" into ‹Complaints 1› and ‹Complaints 2›.'],
      ['a letter\'s opening line such as "Dear Ms Abel" in a column called Greeting', null],
      ['just the number from sub no', 'Add ‹Number› as the first number in ‹Sub No›.'],
      ['one full address line: street, then comma, then postcode; when the street is missing only the postcode', null],
      ['Tel can go', 'Drop ‹Tel›.'],
      ['put Ends straight after Started', 'Move ‹Ends› to after ‹Started›.'],
      ['name the column Copies "Number of Copies" and Tel "Phone"', 'Rename ‹Copies› to ‹Number of Copies› and ‹Tel› to ‹Phone›.'],
      ['columns wanted: sub no, reader, plan, price - nothing else', 'Keep only the columns ‹Sub No›, ‹Reader›, ‹Plan› and ‹Price›.'],
      ['show me the subscriptions that have run out before 1 June 2026', null],
      ['running subscriptions only, that means there is no end date or it is after 1 June 2026', null],
      ['who lives at Quay 5?', null],
      ['All digital readers who found us through the website', 'Keep rows where ‹Plan› is "digital" and ‹Source› is "website".'],
      ['which readers subscribed twice? show their rows', null],
      ['those with any complaint at all', 'Keep rows where ‹Complaints› is filled.'],
      ['the complaints about wet paper or late delivery', 'Keep rows where ‹Complaints› mentions the word "wet paper" or "late delivery".'],
      ['throw out whoever pays yearly', 'Set aside rows where ‹Cycle› is "yearly".'],
      ['Only keep the newest subscription for each reader', 'Keep 1 row with the highest ‹Started› for each ‹Reader›.'],
      ['subscriptions started in 2025', 'Keep rows where ‹Started› is at least the date "2025-01-01" and ‹Started› is at most the date "2025-12-31".'],
      ['people with no phone number', 'Keep rows where ‹Tel› is blank.'],
      ['sort by plan, and then the longest-standing readers first', null],
      ['The monthly price: yearly ones divided by twelve, monthly ones as they are. Two decimals, call it Per Month', null],
      ['apply the discount to the price, new column Net, 2 decimals', 'Add ‹Net› as ‹Price› times (1 minus (‹Discount› divided by 100)) rounded to 2 decimals.'],
      ['how long had each been a reader on 30 June 2026? in full months', 'Add ‹Months from Started to 2026-06-30› as the whole months from ‹Started› to the date "2026-06-30".'],
      ['is it paid up? yes if paid till is 30 June 2026 or later', 'Add ‹Paid Till label› as if ‹Paid Till› is at least the date "2026-06-30" then "yes", otherwise "no".'],
      ['days overdue on 30 June 2026, counted from paid till; 0 if not overdue', null],
      ['price for a single copy, blank for digital ones', null],
      ['how many complaints does each one have', 'Add ‹Number of Complaints› as the number of pieces of ‹Complaints› cut at ";".'],
      ['average price of the same plan and cycle next to each row', 'Add ‹Average Price per Cycle, Plan› as the mean of ‹Price› over the rows for each ‹Cycle› and ‹Plan›.'],
      ['in which year did they start', 'Add ‹Year of Started› as the year of ‹Started›.'],
      ['share of each source among all subscriptions, as percent', null],
      ['rank the readers by start date, the oldest being number one', 'Add ‹Rank by Started› as the rank, lowest first, of ‹Started›.'],
      ['running number in order of start', 'Sort by ‹Started›. Add ‹Number› as the number of the row.'],
      ['label them new (started 2026), recent (2025) or old', null],
      ['Value: high from 100 up, medium from 15 up to 100, low under 15', null],
      ['add Channel: online for website, offline for everything else', 'Add ‹Channel› as if ‹Source› is "website" then "online", otherwise "offline".'],
      ['type of complaint: tech when login or online is mentioned, delivery for late, wet, torn or never came, otherwise empty', null],
      ['How many subscriptions do we have of each plan?', 'Answer ‹Rows› as the number of rows; for each ‹Plan›.'],
      ['what do the monthly ones bring in per month altogether', null],
      ['which source brought the most readers', 'Answer ‹Rows› as the number of rows; for each ‹Source›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average discount where there is one', 'Answer ‹Average Discount› as the mean of ‹Discount› over the rows.'],
      ['how many readers have a discount of 10% or more', null],
      ['what percentage of the readers complained, to the nearest whole number', null],
      ['earliest start and latest start', 'Answer ‹Lowest Started› as the lowest of ‹Started› over the rows; and ‹Highest Started› as the highest of ‹Started› over the rows.'],
      ['number of starts per year and plan', null],
      ['Who pays the most?', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Reader›; sorted by ‹Total Price› from high to low; the first 1.'],
      ['list the different sources', 'List each ‹Source›.'],
      ['average of the plans', null],
      ['who will cancel next month?', null],
      ['send everyone an e-mail', null],
      ['translate the complaints into German', null],
      ['rows where the street is missing or the phone', null],
      ['change S/ to SUB-', null],
    ],
  },
  {
    table: 'calibrations',
    csv: `Cal ID,Device,Serial,Owner,Calibrated,Interval,Due,Nominal,Measured,Tolerance,Result,Tech,Cost,Remarks
CAL-001,Balance AX-200 (0.1 g),ax200-17,Lab A,2026-01-05,12 months,2027-01-05,100.00,100.05,0.1,pass,ivy,"45,00 EUR",
CAL-002,Pipette P1000 (1 ml),P1000-03,Lab B,2026-01-07,6 months,2026-07-07,1000,1012,8,FAIL,Noah,"30,00 EUR","seal worn, sent for repair"
CAL-003,Thermometer T9 (0.01 C),t9-22,lab a,2026-01-12,1 year,2027-01-12,37.00,37.02,0.05,Pass,ivy,"60,00 EUR",ok
CAL-004,Pipette P200 (0.2 ml),P200-11,Lab B,2026-01-15,6 months,2026-07-15,200,199.1,1.6,pass,Noah,"30,00 EUR",
CAL-005,Balance AX-200 (0.1 g),ax200-18,Lab C,2026-02-02,12 months,2027-02-02,100.00,,0.1,,Ivy,,not found
CAL-006,pH meter Q4 (0.01),q4-07,Lab  A,2026-02-09,3 months,2026-05-09,7.00,7.11,0.05,fail,Remy,"25,00 EUR",electrode old; recalibrated next day
CAL-007,pH meter Q4 (0.01),q4-07,Lab A,2026-02-10,3 months,2026-05-10,7.00,7.02,0.05,pass,Remy,"25,00 EUR",after new electrode
CAL-008,Centrifuge Z30 (10 rpm),z30-01,Lab C,2026-02-20,1 year,2027-02-20,3000,2994,15,PASS,Noah,"95,00 EUR",rotor noisy
CAL-009,Pipette P1000 (1 ml),P1000-03,Lab B,2026-03-01,6 months,2026-09-01,1000,1003,8,pass,Ivy,"30,00 EUR",after repair
CAL-010,Thermometer T9 (0.01 C),t9-23,Lab D,2026-03-03,1 year,2027-03-03,37.00,37.09,0.05,fail,Remy,"60,00 EUR",sensor drift; scrap?
CAL-011,Balance BX-5 (1 mg),bx5-02,Lab D,2026-03-09,12 months,2027-03-09,5.000,5.001,0.002,pass,ivy,"80,00 EUR",
CAL-012,Oven H2 (1 C),h2-05,Lab C,,2 years,,180,,3,,,,"moved, postponed"
`,
    cases: [
      ['result: use lower case everywhere and write "open" where nothing stands', 'In ‹Result›, write in lower case. Fill blanks in ‹Result› with "open".'],
      ['The owners have double spaces and small letters here and there, please unify them to the form "Lab A"', null],
      ['cost as a number in euros, comma is the decimal sign', 'Turn ‹Cost› into numbers.'],
      ['Serial numbers in upper case', 'In ‹Serial›, write in capitals.'],
      ['technician names should have a capital initial', null],
      ['Interval should be in months, only the number: 1 year is 12, 2 years are 24', null],
      ['what\'s in brackets after the device belongs in a column Resolution, without the brackets', 'Add ‹Resolution› as the text between "(" and ")" in ‹Device›.'],
      ['and take the brackets off the device afterwards', 'Remove what is between "(" and ")" from ‹Device›.'],
      ['get the model (the last word before the bracket) from device', null],
      ['device type is the first word of device, but "pH meter" is two words', null],
      ['the part of the serial after the hyphen, as a number', 'Add ‹Serial after -› as the first number in (the text after the first "-" in ‹Serial›).'],
      ['Key = owner + "/" + serial', 'Add ‹Key› as ‹Owner› followed by "/" followed by ‹Serial›.'],
      ['remarks split at the semicolon, the first part to Finding and the second to Action', null],
      ['I\'d like the cal id without "CAL-" and without leading zeros', 'Remove "CAL-" from ‹Cal ID›. Turn ‹Cal ID› into numbers.'],
      ['delete the remarks column', 'Drop ‹Remarks›.'],
      ['nominal, measured and tolerance should come before calibrated', 'Move ‹Nominal›, ‹Measured› and ‹Tolerance› to before ‹Calibrated›.'],
      ['tech -> Technician, cal id -> ID', 'Rename ‹Tech› to ‹Technician› and ‹Cal ID› to ‹ID›.'],
      ['leave only what failed', 'Keep rows where ‹Result› is "fail".'],
      ['which calibrations are due before July 2026?', 'Keep rows where ‹Due› is less than the date "2026-07-01".'],
      ['everything in lab A or D, but not the thermometers', 'Keep rows where ‹Owner› is "Lab A" or "Lab D" and not (‹Device› mentions the word "thermometer").'],
      ['take out the two without a calibration date or result', 'Set aside rows where ‹Calibrated› is blank or else ‹Result› is blank.'],
      ['keep just the last calibration of each serial', 'Keep the last row of each ‹Serial›.'],
      ['devices that cost 60 or more, most expensive first', null],
      ['readings outside tolerance, i.e. the deviation is larger than the tolerance', null],
      ['calibrated in February', 'Keep rows where (the month of ‹Calibrated›) equals 2.'],
      ['remarks that are filled in but don\'t say ok', null],
      ['Deviation: measured minus nominal, three decimals', 'Add ‹Deviation› as ‹Measured› minus ‹Nominal› rounded to 3 decimals.'],
      ['deviation in percent of nominal, 2 decimals, empty if not measured', 'Add ‹Measured minus Nominal per Nominal %› as if ‹Measured› is blank or else ‹Measured› equals 0 then blank, otherwise ((‹Measured› minus ‹Nominal›) divided by ‹Nominal›) times 100 rounded to 2 decimals.'],
      ['how much of the tolerance is used up, in percent (absolute deviation over tolerance)', null],
      ['days from calibration to due', 'Add ‹Days from Calibrated to Due› as the whole days from ‹Calibrated› to ‹Due›.'],
      ['how many days are left on 1 June 2026? negative when it is overdue', null],
      ['In tolerance: yes if the absolute deviation is at most the tolerance, no if more, blank if nothing was measured', 'Add ‹Measured label› as if ‹Measured› is blank or else ‹Measured› equals 0 then blank, if (the absolute value of (‹Measured› minus ‹Nominal›)) is at most ‹Tolerance› then "yes", if (the absolute value of (‹Measured› minus ‹Nominal›)) is more than ‹Tolerance› then "no", otherwise blank.'],
      ['owner\'s total cost on each line', 'Add ‹Total Cost per Owner› as the sum of ‹Cost› over the rows for each ‹Owner›.'],
      ['difference in days to the previous calibration of the same serial', 'Add ‹Days from row above Calibrated to Calibrated› as the whole days from (the row above of ‹Calibrated› for each ‹Serial›) to ‹Calibrated›.'],
      ['which calibration of this device is it - 1st, 2nd...? number them by date within serial', null],
      ['percent of the yearly cost each tech is responsible for', null],
      ['Quarter of the due date, with the year', 'Add ‹Quarter of Due› as the quarter with its year of ‹Due›.'],
      ['month of calibration as text, like January', null],
      ['urgency: red if due within 30 days after 1 May 2026, amber within 90 days, green later, grey if there\'s no due date', null],
      ['grade the deviation: ok within half the tolerance, borderline up to the tolerance, bad beyond it', null],
      ['mark devices that need a new part: remarks with worn, old, noisy or drift', null],
      ['is it a pipette? new yes/no column', 'Add ‹Device label› as if ‹Device› mentions the word "pipette" then "yes", otherwise "no".'],
      ['How many passed and how many failed', 'Answer ‹Rows› as the number of rows; for each ‹Result›; only where ‹Result› is "pass" or "fail".'],
      ['total cost per owner and number of calibrations, dearest owner first', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; and ‹Rows› as the number of rows; for each ‹Owner›; sorted by ‹Total Cost› from high to low.'],
      ['what share of the calibrations failed? leave the open ones out, 1 decimal', null],
      ['who calibrated most often', null],
      ['average absolute deviation per device type of P1000 pipettes', null],
      ['cheapest and dearest calibration in lab C', null],
      ['number of calibrations per tech and month', 'Answer ‹Rows› as the number of rows; for each ‹Tech›; and by ‹Month of Calibrated› as the month of ‹Calibrated›.'],
      ['which device failed more than once', 'Answer ‹Total Result label› as the sum of (if ‹Result› is "fail" then 1, otherwise 0) over the rows; for each ‹Device›; only where (the sum of (if ‹Result› is "fail" then 1, otherwise 0) over the rows for each ‹Device›) is more than 1.'],
      ['how many different devices did Ivy look at', 'Answer ‹Different Device› as the number of different values of ‹Device› over the rows; only where ‹Tech› is "ivy".'],
      ['costs in the first quarter of 2026', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; only where ‹Calibrated› is at least the date "2026-01-01" and ‹Calibrated› is at most the date "2026-03-31".'],
      ['median cost', 'Answer ‹Median Cost› as the median of ‹Cost› over the rows.'],
      ['devices never calibrated', null],
      ['the temperature of the lab', null],
      ['average result', null],
      ['calibrate everything again', null],
    ],
  },
  {
    table: 'dives',
    csv: `Dive,Date,Site,Divers,Max Depth,Time Under,Gas,Bar Start,Bar End,Tank l,Water,Guide,Fee,Sea,Log
D-201,2026-05-02,Blue Arch,"Mia; Tom",18.5 m,00:42,air,200,60,12,19 C,Noor,€45,calm,"turtle! viz great"
D-202,2026-05-02,Blue Arch,"Ola; Finn; Mia",60 ft,38 min,Air,205,55,12,19C,Noor,€45,calm,lost a fin
D-203,2026-05-03,Wreck Sola,"Tom; Kai",31 m,00:33,EAN32,210,40,15,17 C,Bram,€60,choppy,low on gas at the end
D-204,2026-05-03,wreck sola,"Ola; Finn",28 m,00:35,ean 32,200,70,15,17 C,Bram,€60,choppy,"eel, two rays"
D-205,2026-05-05,House Reef,"Mia",9 m,01:05,air,195,90,12,20 C,,€20,calm,practice
D-206,2026-05-09,Wall North,"Kai; Tom; Ola",38 m,00:28,EAN28,215,50,15,16 C,Noor,€60,rough,"current strong; Kai nervous"
D-207,2026-05-09,House reef,"Finn; Mia",11 m,00:58,air,200,80,12,20 C,,€20,rough,night dive
D-208,2026-05-16,Wall North,"Tom; Mia",35 m,00:30,EAN28,210,,15,17 C,Bram,€60,calm,gauge broken
D-209,2026-06-01,Blue Arch ,"Kai; Finn",20 m,00:40,Air,200,65,12,21 C,Noor,€45,calm,"turtle again"
D-210,2026-06-06,Wreck Sola,"Mia; Ola",33 m,,EAN32,205,,15,18 C,Bram,,rough,"called off, no fee"
D-211,2026-06-07,Cave Lumo,"Tom; Kai; Mia; Ola",24 m,00:45,air,210,45,12,18 C,Noor,€75,calm,"torch failed, great cave"
D-212,2026-06-07,House Reef,Finn,8 m,01:10,air,200,100,12,21 C,,€20,calm,
`,
    cases: [
      ['The sites were typed by several people, so the same reef appears with different capitals and blanks. Could you bring them into one spelling?', null],
      ['I would like the gas written uniformly: air, EAN28, EAN32', 'Spell ‹Gas› as "air", "EAN28" or "EAN32".'],
      ['depths in metres as plain numbers please, the ones in feet have to be converted', 'Turn ‹Max Depth› into numbers in "m".'],
      ['time under in minutes, just the number (00:42 means 42 minutes, some say 38 min)', null],
      ['water temperature without the C', 'Remove "C" from ‹Water›.'],
      ['Take the euro sign away from the fee so it\'s a number. No fee counts as 0.', 'Turn ‹Fee› into numbers. Fill blanks in ‹Fee› with "0".'],
      ['if no guide is given, put "none"', 'Fill blanks in ‹Guide› with "none".'],
      ['cut off spaces at the end of the sites', 'In ‹Site›, trim outer spaces and reduce runs of spaces to one.'],
      ['calm, choppy and rough should begin with a capital', null],
      ['Log entries should end with a full stop', null],
      ['one row per diver please, so a dive with three divers becomes three rows', 'Make a row for each piece of ‹Divers› cut at ";".'],
      ['how many divers took part in each dive? column Party', 'Add ‹Party› as the number of pieces of ‹Divers› cut at ";".'],
      ['first diver in a column Leader', 'Add ‹Leader› as piece 1 of ‹Divers› cut at ";".'],
      ['the dive number without D- as a whole number', 'Remove "D-" from ‹Dive›. Turn ‹Dive› into whole numbers.'],
      ['a text such as "Blue Arch, 2026-05-02" made from site and date', 'Add ‹Site and Date› as ‹Site› followed by ", " followed by ‹Date›.'],
      ['From log: whatever comes after the semicolon or comma goes into a second column', null],
      ['the month as 2026-05', 'Add ‹Month of Date› as the month with its year of ‹Date›.'],
      ['day of the week in a new column next to the date', 'Add ‹Week of Date› as the week of ‹Date›. Move ‹Week of Date› to after ‹Date›.'],
      ['The committee doesn\'t look at tank and water, so please drop those two.', 'Drop ‹Tank l› and ‹Water›.'],
      ['guide goes between date and site', 'Move ‹Guide› to after ‹Date›.'],
      ['call bar start From bar and bar end To bar', 'Rename ‹Bar Start› to ‹From bar› and ‹Bar End› to ‹To bar›.'],
      ['I only want to see deep dives, by which I mean anything below 30 m', null],
      ['dives on the weekend', 'Keep rows where (the weekday of ‹Date›) is "Saturday" or "Sunday".'],
      ['Tom\'s dives', 'Keep rows where ‹Divers› mentions the word "Tom".'],
      ['dives where neither Tom nor Mia took part', 'Keep rows where not (‹Divers› mentions the word "Tom" or "Mia").'],
      ['those with nitrox (EAN)', null],
      ['anything odd in the log? lost, failed, broken, nervous, low', 'Keep rows where ‹Log› mentions the word "lost", "failed", "broken", "nervous" or "low".'],
      ['not the house reef, and nothing that was called off', null],
      ['the deepest dive at each site', 'Keep 1 row with the highest ‹Max Depth› for each ‹Site›.'],
      ['drop the dives that lack an end pressure', 'Set aside rows where ‹Bar End› is blank.'],
      ['last three dives', 'Keep 3 rows with the highest ‹Date›.'],
      ['May only, in order of depth', 'Keep rows where (the month of ‹Date›) equals 5. Sort by ‹Max Depth›.'],
      ['bar used: start less end, blank when we don\'t know the end', 'Add ‹bar used› as if ‹Bar End› is blank then blank, otherwise ‹Bar Start› minus ‹Bar End›.'],
      ['litres of gas used = bar used times tank size', 'Add ‹litres of gas used› as (‹Bar End› minus ‹Bar Start›) times ‹Tank l›.'],
      ['litres per minute, one decimal', null],
      ['the fee per diver, to the cent', 'Add ‹Fee per number of Divers› as ‹Fee› divided by (the number of pieces of ‹Divers› cut at ";") rounded to 2 decimals.'],
      ['how much of the gas was left at the end, in percent of the start', null],
      ['how does each depth compare with the average depth at its site? plus or minus, 1 decimal', 'Add ‹Max Depth in m minus average Max Depth in m per…› as (‹Max Depth› measured in "m") minus (the mean of (‹Max Depth› measured in "m") over the rows for each ‹Site›) rounded to 1 decimal.'],
      ['number of days since the last dive at the same site', 'Add ‹Days from row above Date to Date› as the whole days from (the row above of ‹Date› for each ‹Site›) to ‹Date›.'],
      ['a running count of dives per guide', 'Add ‹Number within Guide› as the number of the row for each ‹Guide›.'],
      ['total fees so far, dive by dive', 'Add ‹Running total of Fee› as the running total of ‹Fee›.'],
      ['was it the first dive of that day? y/n', 'Add ‹First› as if (the number of the row for each ‹Date›) equals 1 then "yes", otherwise "no".'],
      ['which dive of the day was it (1, 2, ...), by dive number', 'Sort by ‹Dive›. Add ‹Number within Date› as the number of the row for each ‹Date›.'],
      ['surcharge 10% for rough sea, otherwise nothing: new column Surcharge in euros', 'Add ‹Surcharge› as if ‹Sea› is "rough" then ‹Fee› times (10 divided by 100), otherwise 0.'],
      ['Depth class: shallow under 12 m, medium up to 30, deep beyond', 'Add ‹Depth class› as if (‹Max Depth› measured in "m") is less than 12 then "shallow", if (‹Max Depth› measured in "m") is at most 30 then "medium", if (‹Max Depth› measured in "m") is more than 30 then "deep", otherwise blank.'],
      ['air or nitrox: new column Mix with those two words', null],
      ['Mark as risky all dives deeper than 30 m with less than 50 bar at the end', null],
      ['rate the log: good when turtle, rays or great are mentioned, bad when lost, failed, broken or nervous', 'Add ‹rate the log› as if ‹Log› mentions the word "turtle", "rays" or "great" then "good", if ‹Log› mentions the word "lost", "failed", "broken" or "nervous" then "bad", otherwise blank.'],
      ['safety stop needed: yes from 10 m, no above', 'Add ‹safety stop needed› as if (‹Max Depth› measured in "m") is at least 10 then "yes", if (‹Max Depth› measured in "m") is less than 10 then "no", otherwise blank.'],
      ['how many dives did each guide lead?', 'Answer ‹Rows› as the number of rows; for each ‹Guide›.'],
      ['which site do we dive most?', 'Answer ‹Rows› as the number of rows; for each ‹Site›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average time under per gas', null],
      ['total fee of May and of June', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; only where (the month of ‹Date›) equals 5 or else (the month of ‹Date›) equals 6.'],
      ['how many dives were deeper than 30 metres', 'Answer ‹Rows› as the number of rows; only where (‹Max Depth› measured in "m") is more than 30.'],
      ['What is the average depth of the calm dives compared to the rough ones?', 'Answer ‹Average Max Depth in m› as the mean of (‹Max Depth› measured in "m") over the rows; for each ‹Sea›; only where ‹Sea› is "calm" or "rough".'],
      ['who went along most often? count every diver', null],
      ['share of dives with a guide, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Guide› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['warmest and coldest water', null],
      ['the longest dive, in minutes, with its site', null],
      ['earnings per guide, also per month', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Guide›; and by ‹Month of Date› as the month of ‹Date›.'],
      ['can you book a boat for Sunday', null],
      ['sum of the sites', null],
      ['depth plus date', null],
    ],
  },
  {
    table: 'talks',
    csv: `No,Title,Speaker,Mail,Affiliation,Track,Minutes,Submitted,R1,R2,R3,Decision,Room,Slot,Keywords,Remarks
1,Bees in the city,"Prof. Lena Gruber",lena.gruber@uni-a.example,Uni Arkel,Ecology,30,2026-01-10 14:05,5,4,5,accepted,Aula,"Mon 09:00-09:30","bees, cities",
2,MAPPING RIVERS BY DRONE,ben okoro,ben@okoro.example,,Methods,20,2026-01-12 23:58,3,4,,accepted,R2,"Mon 09:30-09:50","drones, rivers, maps",second talk same day not possible
3,the price of water ,Dr. Ivo Marsh,ivo.marsh@inst-c.example,Inst. Cley,economics,30,2026-01-15 08:30,2,2,3,rejected,,,"water, prices",too general
4,Soil: a user's guide,Mira Teal,mira@teal.example,Uni Brume,Ecology,20,2026-01-15 17:44,4,5,4,accepted,Aula,"Mon 10:00-10:20",soil,needs a projector
5,Who counts the counters?,"Dr. Pia Roth",pia.roth@uni-a.example,Uni Arkel,Methods,20,2026-01-20 12:00,4,3,3,waitlist,,,"statistics, surveys",would also take a poster
6,Forests after fire,Jan Vos,jan.vos(at)uni-b.example,Uni Brume,Ecology,45,2026-01-21 09:15,5,5,4,accepted,Aula,"Tue 11:00-11:45","forests, fire, recovery",keynote?
7,Cheap sensors,ben okoro,ben@okoro.example,,methods,20,2026-01-25 20:20,3,2,2,rejected,,,"sensors, drones",similar to no. 2
8,Trading carbon,"Prof. Uli Sand",uli.sand@inst-c.example,Inst. Cley,Economics,30,2026-01-31 23:59,4,4,,accepted,R2,"Tue 11:00-11:30","carbon, markets",
9,Late but good,Ada Finch,ada@finch.example,Uni Brume,Ecology,20,2026-02-01 00:20,4,4,5,waitlist,,,"birds, cities",20 minutes too late
10,Old maps reread,Tom Wren,,Uni Arkel,METHODS,30,2026-01-28 10:00,,,,,,,"maps, history",reviews missing
11,Grass roots,Mira Teal,mira@teal.example,Uni Brume,Ecology,20,2026-01-29 11:11,3,3,4,accepted,R2,"Tue 14:00-14:20","grass, soil",prefers Monday
`,
    cases: [
      ['Titles: first letter capital, rest as small letters, and no blank at the end', 'In ‹Title›, trim outer spaces, reduce runs of spaces to one and write in sentence case.'],
      ['track has three different ways of writing, I want Ecology, Methods, Economics', 'Spell ‹Track› as "Ecology", "Methods" or "Economics".'],
      ['ben okoro should be Ben Okoro', 'Replace cells that are "ben okoro" in ‹Speaker› with "Ben Okoro".'],
      ['where there\'s no affiliation write independent', 'Fill blanks in ‹Affiliation› with "independent".'],
      ['addresses with (at) instead of @ need to be corrected', null],
      ['Are there reviews that are blank? fill them with the average of the other two', null],
      ['decision empty means pending', 'Fill blanks in ‹Decision› with "pending".'],
      ['replace Uni by University and Inst. by Institute in affiliation', null],
      ['title, first name and last name of the speakers in separate columns', 'Add ‹Title 2› as the title of the person in ‹Speaker›. Add ‹First name› as (the first name of the person in ‹Speaker›) and (the middle name of the person in ‹Speaker›) joined with " ". Add ‹Last name› as the last name of the person in ‹Speaker›.'],
      ['slot into day, start and end', null],
      ['the first keyword only', 'Add ‹Part of Keywords› as piece 1 of ‹Keywords› cut at ",".'],
      ['number of keywords', 'Add ‹Number of Keywords› as the number of pieces of ‹Keywords› cut at ",".'],
      ['submission date without the time, and the time in another column', null],
      ['domain of the mail', 'Add ‹Domain› as the first domain in ‹Mail›.'],
      ['what\'s the speaker\'s last name and the number joined with an underscore, e.g. Gruber_1', null],
      ['headline for the programme: title in capitals, then the speaker in brackets', null],
      ['keywords as separate columns K1 to K3', 'Split ‹Keywords› at "," into ‹K1›, ‹K2› and ‹K3›.'],
      ['get rid of the mail and the remarks', 'Drop ‹Mail› and ‹Remarks›.'],
      ['R1, R2, R3 to the end', 'Move ‹R1›, ‹R2› and ‹R3› to the end.'],
      ['please rename R1 to Review A, R2 to Review B and R3 to Review C', 'Rename ‹R1› to ‹Review A›, ‹R2› to ‹Review B› and ‹R3› to ‹Review C›.'],
      ['Only what was accepted, in order of the slot', 'Keep rows where ‹Decision› is "accepted". Sort by ‹Slot›.'],
      ['talks that came in after 31 January 2026', 'Keep rows where ‹Submitted› is more than the date "2026-01-31".'],
      ['long talks (30 minutes or more) from Uni Arkel', 'Keep rows where ‹Minutes› is at least 30 and ‹Affiliation› is "Uni Arkel".'],
      ['speakers with more than one proposal', 'Keep rows where (the number of rows for each ‹Speaker›) is more than 1.'],
      ['proposals about drones or maps', null],
      ['which ones have not got three reviews yet', null],
      ['remarks that ask a question', null],
      ['everything but ecology', 'Keep rows where ‹Track› is not "Ecology".'],
      ['leave the best five by average review', null],
      ['withdraw talk 7', null],
      ['talks in the Aula on Monday', 'Keep rows where ‹Room› is "Aula" and ‹Slot› mentions the word "Mon" or "Monday".'],
      ['score = average of the reviews, one decimal, ignoring missing ones', null],
      ['spread between highest and lowest review', null],
      ['how many reviews are there per talk', null],
      ['how many days before the deadline (31 January 2026) did each come in? negative when late', null],
      ['was it late? yes/no', null],
      ['average score per track next to each talk', null],
      ['rank within the track by average review, best first', null],
      ['how much longer or shorter is the talk than the average', null],
      ['length of the title in characters', 'Add ‹Characters in Title› as the number of characters in ‹Title›.'],
      ['order of submission: 1 for the first one', null],
      ['minutes as a share of all minutes in the room', 'Add ‹Minutes per total Minutes per Room %› as (‹Minutes› divided by (the sum of ‹Minutes› over the rows for each ‹Room›)) times 100.'],
      ['hour of submission', 'Add ‹Hour of Submitted› as the hour of ‹Submitted›.'],
      ['week of submission', 'Add ‹Week of Submitted› as the week of ‹Submitted›.'],
      ['proposed fee: 50 for 20 minutes, 70 for 30 and 100 for longer ones', 'Add ‹proposed fee› as if ‹Minutes› equals 20 then 50, if ‹Minutes› equals 30 then 70, if ‹Minutes› is more than 30 then 100, otherwise blank.'],
      ['Verdict: clear if all reviews are 4 or better, split if they differ by 2 or more, otherwise normal', null],
      ['length: short (20), medium (30), long (45)', null],
      ['mark talks needing equipment, the remarks say projector', null],
      ['university or not? Type is "university" when the affiliation starts with Uni, else "other"; nothing if blank', 'Add ‹Type› as if ‹Affiliation› starts with "Uni" then "university", if ‹Affiliation› is blank then blank, otherwise "other".'],
      ['acceptance: chance high from 4.5 average, fair from 3.5, low under it', null],
      ['how many proposals by decision', 'Answer ‹Rows› as the number of rows; for each ‹Decision›.'],
      ['acceptance rate per track in percent', null],
      ['total minutes per room', 'Answer ‹Total Minutes› as the sum of ‹Minutes› over the rows; for each ‹Room›.'],
      ['which affiliation sent the most proposals', 'Answer ‹Rows› as the number of rows; for each ‹Affiliation›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average of all reviews', null],
      ['who got the best average?', null],
      ['how many minutes are accepted in ecology?', 'Answer ‹Total Minutes› as the sum of ‹Minutes› over the rows; only where ‹Decision› is "accepted" and ‹Track› is "Ecology".'],
      ['number of proposals per day of submission', 'Answer ‹Rows› as the number of rows; for each ‹Date of Submitted› as the date of ‹Submitted›.'],
      ['most frequent keyword', null],
      ['are there two talks at the same time?', null],
      ['how many speakers come from Uni Brume', 'Answer ‹Different Speaker› as the number of different values of ‹Speaker› over the rows; only where ‹Affiliation› is "Uni Brume".'],
      ['last submission before the deadline', null],
      ['reject all economics talks', null],
      ['the weather on Monday', null],
      ['average title', null],
      ['print the programme', null],
    ],
  },
  {
    table: 'parts',
    csv: `Order,Part,Supplier,Ordered,Arrived,Qty,Got,Unit,Price,Curr,Ship,Urgent,Warehouse,Inspector,Damage,Comment
PO-5001,Valve 3/4in brass,Norric & Sons,03-Jan-2026,09-Jan-2026,40,40,pcs,"4,20",EUR,12.00,n,W1 / A-03,h. lund,0,
PO-5002,"Hose 12mm, black",Brandt GmbH,05-Jan-2026,19-Jan-2026,100,96,m,"1,15",EUR,,yes,W1 / B-11,P. Ode,4,box crushed
PO-5003,Bolt M8x40,norric & sons,05-Jan-2026,,500,,pcs,"0,08",EUR,8.50,No,W2 / A-01,,,back-ordered until March
PO-5004,Gasket set,Tamsin Ltd,08-Jan-2026,15-Jan-2026,25,25,sets,"11,90",GBP,20.00,Y,W2 / C-07,H. Lund,1,one torn; claimed
PO-5005,Pump P-20,Brandt GmbH,12-Jan-2026,02-Feb-2026,3,3,pcs,"389,00",EUR,45.00,y,W1 / D-02,P. Ode,0,"late, call supplier"
PO-5006,Oil 5W-30,Oleo SA,15-Jan-2026,20-Jan-2026,60,60,l,"3,75",EUR,15.00,n,W3 / A-01,M. Rey,2,two cans leaking
PO-5007,Filter F7,Tamsin Ltd,19-Jan-2026,26-Jan-2026,80,85,pcs,"6,10",GBP,,n,W2 / C-08,h. lund,0,5 too many
PO-5008,Valve 1in steel,Norric & Sons,22-Jan-2026,30-Jan-2026,15,15,pcs,"9,80",EUR,12.00,,W1 / A-04,P. Ode,0,
PO-5009,"Hose 19mm, red",Brandt GmbH,28-Jan-2026,10-Feb-2026,50,50,m,"1,90",EUR,10.00,no,W1 / B-12,,0,
PO-5010,Bolt M8x40,Norric and Sons,02-Feb-2026,05-Feb-2026,300,300,pcs,"0,09",EUR,6.00,YES,W2 / A-01,M. Rey,0,urgent for line 4
PO-5011,Pump P-20,Brandt GmbH,09-Feb-2026,,2,,pcs,"395,00",EUR,45.00,y,W1 / D-02,,,
PO-5012,Seal kit,Oleo SA,11-Feb-2026,18-Feb-2026,10,9,sets,"14,50",EUR,5.00,n,W3 / B-02,M. Rey,1,one missing
`,
    cases: [
      ['Norric & Sons is spelled in three ways in the supplier column. One spelling please, the one with the &.', null],
      ['urgent: yes or no, nothing else; an empty one means no', 'Turn ‹Urgent› into yes or no. Fill blanks in ‹Urgent› with "no".'],
      ['Prices have a comma for the decimals. I need real numbers.', 'Turn ‹Price› into numbers.'],
      ['The inspector should be written with capital initials, H. Lund instead of h. lund', null],
      ['ordered and arrived as ISO dates', 'Turn ‹Ordered› and ‹Arrived› into dates.'],
      ['No shipping cost was noted? Then it is 0.', null],
      ['sets should be set and pcs should be pc in the unit column', null],
      ['get rid of the size in the part, I mean everything with digits', null],
      ['Put "not yet" into comment for orders that haven\'t arrived, but only where the comment is empty', 'Set ‹Comment› to "not yet", only where ‹Arrived› is blank and ‹Comment› is blank.'],
      ['warehouse: the bit before the slash is the hall, the bit after it the bin. Two columns, Hall and Bin, no spaces.', null],
      ['aisle is the letter of the bin', null],
      ['order number as number only', 'Remove all everything but digits from ‹Order›.'],
      ['supplier without the legal form, like GmbH, Ltd or SA', 'In ‹Supplier›, leave out the legal form.'],
      ['part and supplier in one column: Valve 3/4in brass (Norric & Sons)', null],
      ['I\'d like the comment cut at the first comma or semicolon', 'Set ‹Comment› to (the text before the first "," or ";" in ‹Comment›), or ‹Comment› where it is blank.'],
      ['add the ISO week of the order', 'Add ‹Week of Ordered› as the week of ‹Ordered›.'],
      ['move damage and comment to the beginning', 'Move ‹Damage› and ‹Comment› to the front.'],
      ['the columns curr and ship are not needed', 'Drop ‹Curr› and ‹Ship›.'],
      ['swap ordered and arrived', 'Move ‹Arrived› to before ‹Ordered›.'],
      ['Qty should be called Ordered Qty, Got should be called Received Qty', 'Rename ‹Qty› to ‹Ordered Qty› and ‹Got› to ‹Received Qty›.'],
      ['keep what is still outstanding', null],
      ['short deliveries, where we got fewer than ordered', null],
      ['lines with more than 2 percent damage', null],
      ['anything from Brandt or Oleo over 100 euros in total value (qty times price)', null],
      ['only January orders that took longer than a week', 'Keep rows where (the month of ‹Ordered›) equals 1 and (the whole days from ‹Ordered› to ‹Arrived›) is more than 7.'],
      ['hide nothing, just put the latest order on top', null],
      ['drop duplicates of part and supplier, keep the cheaper one', 'Keep 1 row with the lowest ‹Price› for each ‹Part› and ‹Supplier›.'],
      ['the ones the inspector is missing for although they arrived', null],
      ['all in hall W1', null],
      ['value of each order, two decimals', null],
      ['including shipping, please: value plus ship, call it Landed', null],
      ['price in euros: pounds times 1.17, euros as they are, 2 decimals', null],
      ['delivery time in working days', 'Add ‹Working days from Ordered to Arrived› as the whole working days from ‹Ordered› to ‹Arrived›.'],
      ['missing pieces: qty minus got, never negative, empty when not arrived', 'Add ‹missing pieces› as if ‹Arrived› is blank then blank, if ‹Qty› minus ‹Got› is less than 0 then 0, otherwise ‹Qty› minus ‹Got›.'],
      ['damage rate in percent of what we got, 1 decimal', null],
      ['price compared with the last price of the same part, in percent', null],
      ['average delivery days of the supplier beside each line', null],
      ['how many orders has this supplier had so far?', 'Add ‹Number within Supplier› as the number of the row for each ‹Supplier›.'],
      ['shipping per piece, 4 decimals', null],
      ['rank suppliers? no - rank the lines by value, highest first', null],
      ['is the delivery complete? complete if got equals qty, short if less, over if more, open if not arrived', null],
      ['speed: fast within 5 days, normal up to 10, slow above, blank when still open', 'Add ‹speed› as if (the whole days from ‹Ordered› to ‹Arrived›) is at most 5 then "fast", if (the whole days from ‹Ordered› to ‹Arrived›) is at most 10 then "normal", if (the whole days from ‹Ordered› to ‹Arrived›) is more than 10 then "slow", otherwise blank.'],
      ['Priority: 1 for urgent ones over 500 in value, 2 for other urgent ones, 3 for the rest', null],
      ['does the comment mention a problem? yes for crushed, torn, late, leaking, missing or too many', 'Add ‹Comment label› as if ‹Comment› mentions the word "crushed", "torn", "late", "leaking", "missing" or "many" then "yes", otherwise "no".'],
      ['part family: the first word of part', 'Add ‹part family› as piece 1 of ‹Part› cut at " ".'],
      ['open orders and their total value', null],
      ['value per supplier, largest first, and the share of each in percent', null],
      ['average delivery time per supplier in days, 1 decimal', 'Answer ‹Average days from Ordered to Arrived› as the mean of (the whole days from ‹Ordered› to ‹Arrived›) over the rows rounded to 1 decimal; for each ‹Supplier›.'],
      ['on time rate? count those delivered within 10 days as percent of the delivered ones', null],
      ['how many pieces were damaged in all and how many percent is that of everything we got', null],
      ['number of orders by month and urgency', 'Answer ‹Rows› as the number of rows; for each ‹Month of Ordered› as the month of ‹Ordered›; and by ‹Urgent›.'],
      ['what is the dearest part per supplier', 'Keep 1 row with the highest ‹Price› for each ‹Supplier›.'],
      ['which parts did we order more than once', null],
      ['when will the pump arrive', null],
      ['total of the comments', null],
      ['buy more bolts', null],
    ],
  },
  {
    table: 'plots',
    csv: PLOTS,
    cases: [
      ['write the holders in proper case, some are all capitals or all small', 'In ‹Holder›, write in title case.'],
      ['Rent 2026 should be a number, without the euro sign and the thousands comma', 'Turn ‹Rent 2026› into numbers.'],
      ['paid on was typed in three styles. make proper dates of it, the day always comes before the month unless the year is first', 'Turn ‹Paid On› into dates, the day before the month.'],
      ['shed: just yes or no please, what is empty stays empty', 'Turn ‹Shed› into yes or no.'],
      ['There are only three sites: Upper Field, Brook Side and Mill Lane. Fix the ones that are spelt differently.', 'Spell ‹Site› as "Upper Field", "Brook Side" or "Mill Lane".'],
      ['where the remarks are empty put "none"', 'Fill blanks in ‹Remarks› with "none".'],
      ['in since, n/a means we don\'t know, so blank it', 'Remove cells that are "n/a" from ‹Since›.'],
      ['get rid of stray spaces around the site names', 'In ‹Site›, trim outer spaces and reduce runs of spaces to one.'],
      ['put Surname and First name in two columns, holder has them with a comma between', 'Split ‹Holder› at "," into ‹Surname› and ‹First name›.'],
      ['pull the e-mail out of contact into a column Email, blank if there isn\'t one', 'Add ‹Email› as the first e-mail address in ‹Contact›.'],
      ['and the phone number from contact in a column Phone', 'Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['row and number of the plot apart: the letter goes into Row, the digits into Number, as a number', 'Split ‹Plot No› at the change from letters to digits into ‹Row› and ‹Number›.'],
      ['I want the holder the other way round, Petra Orrin instead of Orrin, Petra', 'Add ‹Part of Holder rewritten› as (piece 2 of ‹Holder› cut at ",") followed by " " followed by (piece 1 of ‹Holder› cut at ",").'],
      ['if a remark has several parts (after a comma or a semicolon), only keep the first', 'Set ‹Remarks› to (the text before the first "," or ";" in ‹Remarks›), or ‹Remarks› where it is blank.'],
      ['what\'s the year somebody joined? new column', 'Add ‹Year of Since› as the year of ‹Since›.'],
      ['label like "A-01 Upper Field" from plot no and site', 'Add ‹Plot No and Site› as ‹Plot No› followed by " " followed by ‹Site›.'],
      ['call Area m2 Size and Rent 2026 Rent', 'Rename ‹Area m2› to ‹Size› and ‹Rent 2026› to ‹Rent›.'],
      ['move site to the very front', 'Move ‹Site› to the front.'],
      ['we can do without the water columns, both of them', 'Drop ‹Water Start› and ‹Water End›.'],
      ['remarks and contact aren\'t needed', 'Drop ‹Remarks› and ‹Contact›.'],
      ['keep those who haven\'t paid yet', 'Keep rows where ‹Paid On› is blank.'],
      ['only Brook Side, however it\'s spelt', 'Keep rows where ‹Site› is "Brook Side" or "brookside".'],
      ['chuck out the vacant one', 'Set aside rows where ‹Remarks› is "vacant".'],
      ['the four largest plots', 'Keep 4 rows with the highest ‹Area m2›.'],
      ['Sort them by size, biggest first, and where it\'s the same by plot number', 'Sort by ‹Area m2› from high to low and ‹Plot No›.'],
      ['people who have more than one plot', 'Answer ‹Rows› as the number of rows; for each ‹Holder›; only where (the number of rows for each ‹Holder›) is more than 1.'],
      ['drop all plots under 170 square metres', 'Set aside rows where ‹Area m2› is less than 170.'],
      ['who joined before 2015?', 'List each ‹Holder›; only where ‹Since› is less than the date "2015-01-01".'],
      ['just those with a shed that paid in february', 'Keep rows where ‹Shed› is "yes" or "Y" and (the month of ‹Paid On›) equals 2.'],
      ['water used: end minus start, leave it out where it\'s negative', 'Add ‹water used› as if ‹Water End› minus ‹Water Start› is less than 0 then blank, otherwise ‹Water End› minus ‹Water Start›.'],
      ['rent per square metre in euros, two decimals', 'Add ‹Rent 2026 per Area m2› as ‹Rent 2026› divided by ‹Area m2› rounded to 2 decimals.'],
      ['how long have they been with us, in full years on 1 April 2026? blank if unknown', 'Add ‹Years from Since to 2026-04-01› as the whole years from ‹Since› to the date "2026-04-01".'],
      ['late if paid after the end of February, in time if before, open if not paid', null],
      ['Each plot\'s share of the total area, percent, one decimal', 'Add ‹Area m2 per total Area m2 %› as (‹Area m2› divided by (the sum of ‹Area m2› over the rows)) times 100 rounded to 1 decimal.'],
      ['what\'s the difference between a plot\'s water use and the average use of its site?', null],
      ['rank by area within each site, 1 is the biggest', 'Add ‹Rank by Area m2› as the rank, highest first, of ‹Area m2› for each ‹Site›.'],
      ['Add a fee column: 15 for people with a shed, 0 for the rest, and total = rent + fee', 'Add ‹fee› as if ‹Shed› is "yes" or "Y" then 15, otherwise 0. Add ‹total› as ‹Rent 2026› plus ‹fee›.'],
      ['raise the rent by 4 percent, rounded to whole euros, as Rent 2027', 'Add ‹Rent 2027› as ‹Rent 2026› times (1 plus (4 divided by 100)) rounded to 0 decimals.'],
      ['small up to 175, medium up to 220, large above that; call it Class, and leave vacant plots blank', null],
      ['running total of the rent in the order they are listed', 'Add ‹Running total of Rent 2026› as the running total of ‹Rent 2026›.'],
      ['hedge, weeds or overgrown in the remarks means "warn", otherwise "fine"; vacant plots get nothing', 'Add ‹Remarks label› as if ‹Remarks› is "vacant" then blank, if ‹Remarks› mentions the word "hedge", "weeds" or "overgrown" then "warn", otherwise "fine".'],
      ['does anyone mention bees? yes/no column', null],
      ['tag the remarks: garden if it\'s about hedge, weeds or trees, building if shed or fence, other for the rest, empty stays empty', 'Add ‹Remarks label› as if ‹Remarks› mentions the word "hedge", "hedges", "weed", "weeds", "tree" or "trees" then "garden", if ‹Remarks› mentions the word "shed" or "fence" then "building", otherwise "other".'],
      ['total area per site', 'Answer ‹Total Area m2› as the sum of ‹Area m2› over the rows; for each ‹Site›.'],
      ['how many have a shed and how many don\'t', 'Answer ‹Rows› as the number of rows; for each ‹Shed label› as if ‹Shed› is "yes" or "Y" then "yes", if ‹Shed› is "no", "n" or "No" then "no", otherwise blank.'],
      ['Which site uses the most water on average?', null],
      ['what share of the plots has been paid, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Paid On› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['how many holders are there? someone with two plots counts once', null],
      ['average rent of the plots with a shed, 2 decimals', 'Answer ‹Average Rent 2026› as the mean of ‹Rent 2026› over the rows rounded to 2 decimals; only where ‹Shed› is "yes" or "Y".'],
      ['the longest standing holder?', null],
      ['sum of rent not paid yet', 'Answer ‹Total Rent 2026› as the sum of ‹Rent 2026› over the rows; only where ‹Paid On› is blank.'],
      ['number of payments per month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Paid On› as the month of ‹Paid On›.'],
      ['the harvest per plot, please', null],
      ['remove everyone whose lease has expired', null],
      ['add up the contacts', null],
      ['fly the shed to the moon', null],
      ['plots without electricity', null],
    ],
  },
  {
    table: 'plots',
    csv: PLOTS,
    others: { payments: PLOT_PAYMENTS },
    cases: [
      ['which plots have no payment?', 'List each ‹Plot No›; only where not (‹Plot No› stands under ‹Plot› in the table "payments").'],
      ['bring in the sum paid for each plot from payments, 0 if there was none', 'Add ‹Total Sum› as (the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank.'],
      ['what\'s still owed per plot: rent less what was paid in payments', 'Add ‹Rent 2026 minus total Sum› as ‹Rent 2026› minus ((the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank).'],
      ['list the payments we can\'t assign to a plot', null],
      ['compare rent and the payments of each plot: ok when equal, short when less was paid, over when more, none without a payment', 'Add ‹Plot No label› as if (the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›) is blank then "none", if ‹Rent 2026› equals ((the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank) then "ok", if ((the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank) is less than ‹Rent 2026› then "short", if ((the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank) is more than ‹Rent 2026› then "over", otherwise blank.'],
      ['show plots where rent and payment differ, with both figures', 'List each ‹Plot No›; by ‹Rent 2026›; and by ‹Total Sum› as (the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank; only where ‹Rent 2026› differs from ((the sum of all ‹Sum› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank).'],
      ['mark the plots as paid or unpaid depending on whether they appear in payments', 'Add ‹Plot No label› as if ‹Plot No› stands under ‹Plot› in the table "payments" then "paid", otherwise "unpaid".'],
      ['when was the last payment of each plot?', 'Add ‹Last Booked› as the highest ‹Booked› in the table "payments" where ‹Plot› is ‹Plot No›.'],
      ['how many payments did each plot make', 'Add ‹Number of payments› as (the number of ‹Plot› in the table "payments" where ‹Plot› is ‹Plot No›), or 0 where it is blank.'],
      ['put the payment ref next to each plot', 'Add ‹Ref› as the ‹Ref› in the table "payments" where ‹Plot› is ‹Plot No›.'],
    ],
  },
  {
    table: 'payments',
    csv: PLOT_PAYMENTS,
    others: { plots: PLOTS },
    cases: [
      ['add the site of the plot to each payment', 'Add ‹Site› as the ‹Site› in the table "plots" where ‹Plot No› is ‹Plot›.'],
      ['which payments are for a plot that doesn\'t exist? ignore those without a plot', 'List each ‹Plot›; only where not (‹Plot› stands under ‹Plot No› in the table "plots").'],
      ['does the name match? compare from with the holder of that plot', null],
      ['add a column ok/not ok: ok if the sum is the plot\'s rent', null],
    ],
  },
  {
    table: 'crossings',
    csv: CROSSINGS,
    cases: [
      ['Vessel names should be written like MV Petrel, some are in small letters', 'Set ‹Vessel› to ((piece 1 of ‹Vessel› cut at " ") in capitals) followed by " " followed by ((piece 2 of ‹Vessel› cut at " ") in title case).'],
      ['fares as plain numbers, no pound sign, mind the spaces and commas for thousands', 'Turn ‹Fares› into numbers.'],
      ['put all fuel used in litres, just the figure', 'Turn ‹Fuel Used› into numbers in "l".'],
      ['weather in lower case', 'In ‹Weather›, write in lower case.'],
      ['turn the skippers the right way round: "Rowe, Ina" should read "Ina Rowe"; those without a comma stay as they are', 'Set ‹Skipper› to if ‹Skipper› contains "," then (piece -1 of ‹Skipper› cut at ",") followed by " " followed by (piece 1 of ‹Skipper› cut at ","), otherwise ‹Skipper›.'],
      ['write unknown where there\'s no skipper', 'Fill blanks in ‹Skipper› with "unknown".'],
      ['blank the foot passengers and cars of the cancelled sailings', 'Set ‹Foot Passengers› to if ‹Log› mentions the word "cancelled" then blank, otherwise ‹Foot Passengers›. Set ‹Cars› to if ‹Log› mentions the word "cancelled" then blank, otherwise ‹Cars›.'],
      ['split route into From and To', 'Split ‹Route› at " - " into ‹From› and ‹To›.'],
      ['take the delay in minutes out of the log, as a number', 'Add ‹Delay in min› as (the first duration in ‹Log›) measured in "min".'],
      ['pull out the number of minutes from the log where it says delayed', null],
      ['first letter of the skipper\'s surname', 'Add ‹Last name first 1› as the first 1 characters of (the last name of the person in ‹Skipper›).'],
      ['sailing time as one text, 07:34-08:16', null],
      ['Scheduled date and time together as Planned Departure', 'Add ‹Planned Departure› as ‹Sailed On› at the time ‹Scheduled›.'],
      ['get rid of the log', 'Drop ‹Log›.'],
      ['Put skipper in front of vessel, please', 'Move ‹Skipper› to before ‹Vessel›.'],
      ['rename Foot Passengers to Foot and Fuel Used to Fuel', 'Rename ‹Foot Passengers› to ‹Foot› and ‹Fuel Used› to ‹Fuel›.'],
      ['make cars a whole number', 'Turn ‹Cars› into whole numbers.'],
      ['keep id, date, route and fares only', 'Keep only the columns ‹Crossing›, ‹Sailed On›, ‹Route› and ‹Fares›.'],
      ['leave out the cancelled ones', 'Set aside rows where ‹Log› mentions the word "cancelled".'],
      ['only crossings to Skell', 'Keep rows where ‹Route› ends with "Skell".'],
      ['just those with more than 25 cars or over 100 foot passengers', 'Keep rows where ‹Cars› is more than 25 or else ‹Foot Passengers› is more than 100.'],
      ['everything from the first week of May', null],
      ['departures more than ten minutes late', 'Keep rows where (the minute of the day of ‹Departed›) minus (the minute of the day of ‹Scheduled›) is more than 10.'],
      ['the three sailings with the highest fares, best first', 'Keep 3 rows with the highest ‹Fares›. Sort by ‹Fares› from high to low.'],
      ['one crossing for each vessel, the latest one', 'Keep 1 row with the highest ‹Sailed On› for each ‹Vessel›.'],
      ['order by date, then scheduled time', 'Sort by ‹Sailed On› and ‹Scheduled›.'],
      ['pick five at random', 'Keep 5 rows at random with seed 1.'],
      ['remove the ones without fares', 'Set aside rows where ‹Fares› is blank.'],
      ['the ones where the log mentions delayed', 'Keep rows where ‹Log› mentions the word "delayed".'],
      ['total passengers if every car has two people in it: cars times 2 plus foot passengers', null],
      ['minutes late: departed minus scheduled', 'Add ‹minutes late› as (the minute of the day of ‹Departed›) minus (the minute of the day of ‹Scheduled›).'],
      ['How long did each crossing take, in minutes?', 'Add ‹Minutes from Departed to Arrived› as the minutes by the clock from ‹Departed› to ‹Arrived›.'],
      ['fuel per minute of crossing, litres, one decimal', 'Add ‹Fuel Used in l per minutes from Departed to Arr…› as (‹Fuel Used› measured in "l") divided by (the minutes by the clock from ‹Departed› to ‹Arrived›) rounded to 1 decimal.'],
      ['fares per car, two decimals, blank when no cars', 'Add ‹Fares per Cars› as ‹Fares› divided by ‹Cars› rounded to 2 decimals.'],
      ['share of the day\'s fares for each crossing, in percent', 'Add ‹Fares per total Fares per Sailed On %› as (‹Fares› divided by (the sum of ‹Fares› over the rows for each ‹Sailed On›)) times 100.'],
      ['how much more or less fuel than the average of that route, in litres', 'Add ‹Fuel Used in l minus average Fuel Used in l per…› as (‹Fuel Used› measured in "l") minus (the mean of (‹Fuel Used› measured in "l") over the rows for each ‹Route›).'],
      ['rank the crossings by fares, highest is 1', 'Add ‹Rank by Fares› as the rank, highest first, of ‹Fares›.'],
      ['number the crossings of each vessel in order of date', 'Sort by ‹Sailed On›. Add ‹Number within Vessel› as the number of the row for each ‹Vessel›.'],
      ['difference in cars to the previous crossing on the same route', 'Add ‹Cars minus row above Cars› as ‹Cars› minus (the row above of ‹Cars› for each ‹Route›).'],
      ['punctual if it left within 5 minutes of schedule, late if more, cancelled if it didn\'t leave', null],
      ['add weekday', 'Add ‹Weekday of Sailed On› as the weekday of ‹Sailed On›.'],
      ['Fares with 20% VAT taken out, two decimals', 'Add ‹Fares per 1 plus 20 per 100› as ‹Fares› divided by (1 plus (20 divided by 100)) rounded to 2 decimals.'],
      ['busy when cars is 25 or more, normal from 10 to 24, quiet below', 'Add ‹Cars label› as if ‹Cars› is at least 25 then "busy", if ‹Cars› is at least 10 and ‹Cars› is at most 24 then "normal", if ‹Cars› is less than 10 then "quiet", otherwise blank.'],
      ['reason: weather if the log mentions gale or fog, technical if it mentions engine or broke, other if there is some other text, blank if no log', 'Add ‹reason› as if ‹Log› mentions the word "gale" or "fog" then "weather", if ‹Log› mentions the word "engine", "engines" or "broke" then "technical", if ‹Log› is blank then blank, if ‹Log› is filled then "other", otherwise blank.'],
      ['is it a weekend sailing? yes or no', 'Add ‹Sailed On label› as if (the weekday of ‹Sailed On›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['was the boat full? yes if the log says full', 'Add ‹Log label› as if ‹Log› is "full" then "yes", otherwise "no".'],
      ['how many crossings were cancelled?', 'Answer ‹Rows› as the number of rows; only where ‹Log› mentions the word "cancelled".'],
      ['average fares per vessel, without the cancelled ones', 'Answer ‹Average Fares› as the mean of ‹Fares› over the rows; for each ‹Vessel›; only where not (‹Log› mentions the word "cancelled").'],
      ['Which skipper carried the most cars?', 'Answer ‹Total Cars› as the sum of ‹Cars› over the rows; for each ‹Skipper›; sorted by ‹Total Cars› from high to low; the first 1.'],
      ['total fares and total fuel per month', 'Answer ‹Total Fares› as the sum of ‹Fares› over the rows; and ‹Total Fuel Used in l› as the sum of (‹Fuel Used› measured in "l") over the rows; for each ‹Month of Sailed On› as the month of ‹Sailed On›.'],
      ['what percentage of the crossings left on time, meaning at or before schedule?', null],
      ['how many cars did we carry per route?', 'Answer ‹Total Cars› as the sum of ‹Cars› over the rows; for each ‹Route›.'],
      ['which day had the most foot passengers?', 'Answer ‹Total Foot Passengers› as the sum of ‹Foot Passengers› over the rows; for each ‹Sailed On›; sorted by ‹Total Foot Passengers› from high to low; the first 1.'],
      ['median fares', 'Answer ‹Median Fares› as the median of ‹Fares› over the rows.'],
      ['how many skippers', 'Answer ‹Different Skipper› as the number of different values of ‹Skipper› over the rows.'],
      ['cost of fuel per crossing', null],
      ['drop all crossings with a drunk skipper', null],
      ['sum of the weather', null],
      ['who\'s the prime minister', null],
    ],
  },
  {
    table: 'crossings',
    csv: CROSSINGS,
    others: { vessels: VESSELS },
    cases: [
      ['add the car capacity of the vessel', 'Add ‹Car Capacity› as the ‹Car Capacity› in the table "vessels" where ‹Vessel Name› is ‹Vessel›.'],
      ['how full was the car deck in percent: cars against car capacity', 'Add ‹Cars per Car Capacity %› as (‹Cars› divided by (the ‹Car Capacity› in the table "vessels" where ‹Vessel Name› is ‹Vessel›)) times 100.'],
      ['bring in home port and the year the vessel was built', 'Add ‹Home Port› as the ‹Home Port› in the table "vessels" where ‹Vessel Name› is ‹Vessel›. Add ‹Year of Built› as the year of (the ‹Built› in the table "vessels" where ‹Vessel Name› is ‹Vessel›).'],
      ['which vessels in crossings are not in the vessels table?', 'List each ‹Vessel›; only where not (‹Vessel› stands under ‹Vessel Name› in the table "vessels").'],
      ['crossings with more cars than the vessel can take', 'Keep rows where ‹Cars› is more than (the ‹Car Capacity› in the table "vessels" where ‹Vessel Name› is ‹Vessel›).'],
      ['how old was the vessel on the day of the crossing, full years', 'Add ‹Years from Built to Sailed On› as the whole years from (the ‹Built› in the table "vessels" where ‹Vessel Name› is ‹Vessel›) to ‹Sailed On›.'],
      ['keep crossings of vessels built before 2000', 'Keep rows where (the ‹Built› in the table "vessels" where ‹Vessel Name› is ‹Vessel›) is less than the date "2000-01-01".'],
      ['flag crossings over the passenger limit: over / ok', null],
      ['free car spaces: capacity minus cars', 'Add ‹free car spaces› as (the ‹Car Capacity› in the table "vessels" where ‹Vessel Name› is ‹Vessel›) minus ‹Cars›.'],
      ['average cars per home port', 'Answer ‹Average Cars› as the mean of ‹Cars› over the rows; for each ‹Home Port› as the ‹Home Port› in the table "vessels" where ‹Vessel Name› is ‹Vessel›.'],
      ['label ours if the vessel is in vessels, hired otherwise', 'Add ‹Vessel label› as if ‹Vessel› stands under ‹Vessel Name› in the table "vessels" then "ours", otherwise "hired".'],
    ],
  },
  {
    table: 'vessels',
    csv: VESSELS,
    others: { crossings: CROSSINGS },
    cases: [
      ['which vessels had no crossing?', 'List each ‹Vessel Name›; only where not (‹Vessel Name› stands under ‹Vessel› in the table "crossings").'],
      ['add the number of crossings to each vessel', 'Add ‹Number of crossings› as (the number of ‹Vessel› in the table "crossings" where ‹Vessel› is ‹Vessel Name›), or 0 where it is blank.'],
      ['total fares of each vessel from crossings, 0 if none', 'Add ‹Total Fares› as (the sum of all ‹Fares› in the table "crossings" where ‹Vessel› is ‹Vessel Name›), or 0 where it is blank.'],
      ['date of the last crossing per vessel', 'Add ‹Last Sailed On› as the highest ‹Sailed On› in the table "crossings" where ‹Vessel› is ‹Vessel Name›.'],
      ['how many cars did each vessel carry altogether?', null],
      ['vessels with fewer than 3 crossings', 'Keep rows where ((the number of ‹Vessel› in the table "crossings" where ‹Vessel› is ‹Vessel Name›), or 0 where it is blank) is less than 3.'],
    ],
  },
  {
    table: 'weighins',
    csv: WEIGHINGS,
    cases: [
      ['gross and tare as numbers please, some have spaces some have commas', 'Turn ‹Gross kg› and ‹Tare kg› into numbers.'],
      ['make Day a date, it\'s day/month/year', 'Turn ‹Day› into dates, the day before the month.'],
      ['Ludd & Co is written three different ways, always use Ludd & Co', null],
      ['Direction should only say in or out, small letters', 'Spell ‹Direction› as "in" or "out". In ‹Direction›, write in lower case.'],
      ['Material names: first letter capital, and Glas is a typo for Glass', 'In ‹Material›, write in sentence case. Replace cells that are "Glas" in ‹Material› with "Glass".'],
      ['put "n/k" where the attendant is missing', 'Fill blanks in ‹Attendant› with "n/k".'],
      ['take the Ltd off the customers', 'Remove "Ltd" from ‹Customer›.'],
      ['the number plates without any spaces', null],
      ['payment "none" is no payment at all, leave those empty', 'Remove cells that are "none" from ‹Payment›.'],
      ['just the number of the ticket, as a number, in a column No', 'Add ‹No› as the first number in ‹Ticket›.'],
      ['combine day and time in to one date-time called Arrived', 'Add ‹Arrived› as ‹Day› at the time ‹Time In›.'],
      ['from the vehicle I want the letters at the start, before the first space', null],
      ['separate column for the first remark (up to a comma, semicolon or dash)', 'Add ‹Remark before ,› as (the text before the first "," or ";" or "-" in ‹Remark›), or ‹Remark› where it is blank.'],
      ['call Gross kg Loaded and Tare kg Empty', 'Rename ‹Gross kg› to ‹Loaded› and ‹Tare kg› to ‹Empty›.'],
      ['put Net... no, just move remark to the end and payment before it', null],
      ['we won\'t be needing vehicle and attendant', 'Drop ‹Vehicle› and ‹Attendant›.'],
      ['reorder: ticket, material, customer, the rest after', 'Move ‹Ticket›, ‹Material› and ‹Customer› to the front.'],
      ['only what came in', 'Keep rows where ‹Direction› is "in".'],
      ['throw away everything from private customers', 'Set aside rows where ‹Customer› is "Private".'],
      ['loads heavier than ten tonnes gross', 'Keep rows where ‹Gross kg› is more than 10000.'],
      ['the ones that came in the first week of April, 1st to 7th', 'Keep rows where (the month of ‹Day›) equals 4 and (the day of ‹Day›) is at least 1 and (the day of ‹Day›) is at most 7.'],
      ['no tare? those only', 'Keep rows where ‹Tare kg› is blank.'],
      ['show me copper and steel', 'Keep rows where ‹Material› is "Copper" or else ‹Material› mentions the word "steel".'],
      ['the heaviest load of every material', null],
      ['oldest first, and on the same day by time', 'Sort by ‹Day› and ‹Time In›.'],
      ['remove double entries: same vehicle, same material, same day - keep the first one', 'Keep the first row of each ‹Vehicle›, ‹Material› and ‹Day›.'],
      ['3 random tickets per attendant, no seed needed', null],
      ['net weight = gross - tare', 'Add ‹net weight› as ‹Gross kg› minus ‹Tare kg›.'],
      ['net weight in tonnes, three decimals', 'Add ‹Gross kg minus Tare kg› as (‹Gross kg› minus ‹Tare kg›) divided by 1000 rounded to 3 decimals.'],
      ['what each load is worth: net tonnes times price per t, 2 decimals, empty if one is missing', null],
      ['how many minutes after 8:00 did they come in?', 'Add ‹Minute of Time In minus 480› as (the minute of the day of ‹Time In›) minus 480.'],
      ['amount with 19 percent tax for the ones that paid by invoice, others without', null],
      ['share of its material\'s total gross per load in %', null],
      ['deviation from the customer\'s average gross, plus or minus', 'Add ‹Gross kg minus average Gross kg per Customer› as ‹Gross kg› minus (the mean of ‹Gross kg› over the rows for each ‹Customer›).'],
      ['count loads per customer and day and write that next to each', null],
      ['running net weight per material', null],
      ['previous gross of the same vehicle', 'Add ‹Row above Gross kg› as the row above of ‹Gross kg› for each ‹Vehicle›.'],
      ['light under 3 t, medium from 3 to 12 t, heavy over 12 t gross', 'Add ‹Gross kg label› as if ‹Gross kg› is less than 3000 then "light", if ‹Gross kg› is at least 3000 and ‹Gross kg› is at most 12000 then "medium", if ‹Gross kg› is more than 12000 then "heavy", otherwise blank.'],
      ['we pay / they pay / free depending on the price: positive, negative, empty', null],
      ['does the remark say anything about wire? yes or no', 'Add ‹Remark label› as if ‹Remark› mentions the word "wire" or "wires" then "yes", otherwise "no".'],
      ['problem column: wet if wet, weigh if it has weigh again, contaminated for wire or dust, otherwise ok', 'Add ‹problem› as if ‹Remark› mentions the word "wet" then "wet", if ‹Remark› mentions the word "again" then "weigh", if ‹Remark› mentions the word "wire" or "dust" then "contaminated", otherwise "ok".'],
      ['quarter-hour the truck came in, rounded down, like 08:00', null],
      ['total net weight by material', 'Answer ‹Total Gross kg minus Tare kg› as the sum of (‹Gross kg› minus ‹Tare kg›) over the rows; for each ‹Material›.'],
      ['how many tonnes of rubble did we take in?', null],
      ['who brought the most garden waste', null],
      ['average gross per customer, only loads coming in, highest first', 'Answer ‹Average Gross kg› as the mean of ‹Gross kg› over the rows; for each ‹Customer›; only where ‹Direction› is "in"; sorted by ‹Average Gross kg› from high to low.'],
      ['how many customers paid cash', 'Answer ‹Different Customer› as the number of different values of ‹Customer› over the rows; only where ‹Payment› is "cash".'],
      ['how many loads a day on average', 'Answer ‹Rows per different Day› as (the number of rows) divided by (the number of different values of ‹Day› over the rows).'],
      ['what share of loads had a remark? whole percent', 'Answer ‹Share %› as ((the sum of (if ‹Remark› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 0 decimals.'],
      ['busiest hour', 'Answer ‹Rows› as the number of rows; for each ‹Hour of Time In› as (the minute of the day of ‹Time In›) divided by 60 rounded down to 0 decimals; sorted by ‹Rows› from high to low; the first 1.'],
      ['how much did Ann weigh in April', null],
      ['which materials did Brill bring', 'List each ‹Material›; only where ‹Customer› mentions the word "Brill".'],
      ['co2 saved per load', null],
      ['average of the remarks', null],
      ['delete tickets older than my grandmother', null],
      ['set fire to the rubble', null],
    ],
  },
  {
    table: 'weighins',
    csv: WEIGHINGS,
    others: { materials: MATERIALS },
    cases: [
      ['add the class of the material', 'Add ‹Class› as the ‹Class› in the table "materials" where ‹Name› is ‹Material›.'],
      ['list price next to our price and the difference', null],
      ['where\'s our price not the list price?', 'Keep rows where ‹Price per t› differs from (the ‹List price› in the table "materials" where ‹Name› is ‹Material›).'],
      ['materials in the tickets that are missing from the materials list', 'Keep rows where not (‹Material› stands under ‹Name› in the table "materials").'],
      ['tickets over the limit for their material, net weight', 'Keep rows where ‹Gross kg› minus ‹Tare kg› is more than (the ‹Limit kg› in the table "materials" where ‹Name› is ‹Material›).'],
      ['mark hazardous loads, yes/no', 'Add ‹Material label› as if (the ‹Hazard› in the table "materials" where ‹Name› is ‹Material›) is "yes" then "yes", otherwise "no".'],
      ['fill in missing prices from the list', 'Set ‹Price per t› to ‹Price per t›, or (the ‹List price› in the table "materials" where ‹Name› is ‹Material›) where it is blank.'],
      ['total gross per class', 'Answer ‹Total Gross kg› as the sum of ‹Gross kg› over the rows; for each ‹Class› as the ‹Class› in the table "materials" where ‹Name› is ‹Material›.'],
      ['only metal', 'Keep rows where (the ‹Class› in the table "materials" where ‹Name› is ‹Material›) is "metal".'],
    ],
  },
  {
    table: 'materials',
    csv: MATERIALS,
    others: { weighins: WEIGHINGS },
    cases: [
      ['which materials never came in?', 'Keep rows where not (‹Name› stands under ‹Material› in the table "weighins").'],
      ['how many tickets per material', 'Add ‹Number of weighins› as (the number of ‹Material› in the table "weighins" where ‹Material› is ‹Name›), or 0 where it is blank.'],
      ['total gross for each, none = 0', 'Add ‹Total Gross kg› as (the sum of all ‹Gross kg› in the table "weighins" where ‹Material› is ‹Name›), or 0 where it is blank.'],
      ['when did each material last come in', 'Add ‹Last Day› as the highest ‹Day› in the table "weighins" where ‹Material› is ‹Name›.'],
      ['average price we paid for each material', null],
    ],
  },
  {
    table: 'bookings',
    csv: BOOKINGS,
    cases: [
      ['all guest names in the same form please: first name then surname, normal capitals', 'Set ‹Guest› to ((the first name of the person in ‹Guest›), (the middle name of the person in ‹Guest›) and (the last name of the person in ‹Guest›) joined with " ") in title case.'],
      ['Dog column: yes or no; blank = no', 'Turn ‹Dog› into yes or no. Fill blanks in ‹Dog› with "no".'],
      ['Kids: where nothing is filled in it means none, so 0', 'Fill blanks in ‹Kids› with "0".'],
      ['channel in small letters throughout', 'In ‹Channel›, write in lower case.'],
      ['Country codes in capitals', 'In ‹Country›, write in capitals.'],
      ['show the feedback only up to the first comma, semicolon or dash', 'Set ‹Feedback› to (the text before the first "," or ";" or "-" in ‹Feedback›), or ‹Feedback› where it is blank.'],
      ['take the number of the sauna price out of extras', 'Add ‹Number› as the first number in (the text after the first "sauna" in ‹Extras›).'],
      ['how many extras did they book? count them, 0 if none', 'Add ‹Number of Extras› as (the number of pieces of ‹Extras› cut at ","), or 0 where it is blank.'],
      ['sum of the extras amounts', null],
      ['split the guest into first name and surname', 'Add ‹First name› as (the first name of the person in ‹Guest›) and (the middle name of the person in ‹Guest›) joined with " ". Add ‹Last name› as the last name of the person in ‹Guest›.'],
      ['Booking number as text with a B in front, like B2041', 'Set ‹Booking› to "B" followed by ‹Booking›.'],
      ['delete the feedback and the channel column, thanks', 'Drop ‹Feedback› and ‹Channel›.'],
      ['move booking to the end', 'Move ‹Booking› to the end.'],
      ['Rename From to Arrival and To to Departure, please.', 'Rename ‹From› to ‹Arrival› and ‹To› to ‹Departure›.'],
      ['call the Rate/night column Rate', 'Rename ‹Rate/night› to ‹Rate›.'],
      ['sort by arrival; same day: cabin a to z', 'Sort by ‹From› and ‹Cabin›.'],
      ['stays longer than five nights', 'Keep rows where (the whole days from ‹From› to ‹To›) is more than 5.'],
      ['guests with a dog and kids', 'Keep rows where ‹Dog› is "yes", "Yes" or "YES" and ‹Kids› is more than 0.'],
      ['remove the ones cancelled', 'Set aside rows where ‹Feedback› mentions the word "cancelled".'],
      ['who stayed more than once?', 'Answer ‹Rows› as the number of rows; for each ‹Guest›; only where (the number of rows for each ‹Guest›) is more than 1.'],
      ['those arriving in July or August', 'Keep rows where (the month of ‹From›) equals 7 or else (the month of ‹From›) equals 8.'],
      ['just web and agency bookings', 'Keep rows where ‹Channel› is "web" or "agency".'],
      ['the three most expensive stays (nights times rate)', 'Add ‹Days from From to To times Rate/night› as (the whole days from ‹From› to ‹To›) times ‹Rate/night›. Keep 3 rows with the highest ‹Days from From to To times Rate/night›.'],
      ['no deposit yet', 'Keep rows where ‹Deposit paid› is blank.'],
      ['nights per stay', 'Add ‹Days from From to To› as the whole days from ‹From› to ‹To›.'],
      ['price of the stay: nights times rate per night', 'Add ‹Days from From to To times Rate/night› as (the whole days from ‹From› to ‹To›) times ‹Rate/night›.'],
      ['plus 12 per night for a dog', null],
      ['total guests, adults and kids together', 'Add ‹total guests› as ‹Adults› plus ‹Kids›.'],
      ['price per person and night, 2 decimals', null],
      ['what is still to pay: nights x rate minus deposit, 0 if the balance is paid', null],
      ['how many days before arrival... no, just tell me the weekday they arrive', null],
      ['% of the total nights that each booking takes', 'Add ‹Days from From to To per total days from From t…› as ((the whole days from ‹From› to ‹To›) divided by (the sum of (the whole days from ‹From› to ‹To›) over the rows)) times 100.'],
      ['average length of stay of the same cabin', 'Answer ‹Average days from From to To› as the mean of (the whole days from ‹From› to ‹To›) over the rows; for each ‹Cabin›.'],
      ['days between this booking\'s departure and the next arrival in the same cabin', null],
      ['city tax: 2.50 per adult and night', 'Add ‹city tax› as (2.5 times ‹Adults›) times (the whole days from ‹From› to ‹To›).'],
      ['early bird if the deposit is over 150, standard otherwise, none where there\'s no deposit', 'Add ‹Deposit paid label› as if ‹Deposit paid› is more than 150 then "early bird", if ‹Deposit paid› is blank then "none", otherwise "standard".'],
      ['short up to 2 nights, week for 7, long for more, else medium', null],
      ['was the feedback good or bad? good if lovely, great, perfect, friendly or fine; bad if cold, noisy, broken, dirty or expensive; leave it empty with no feedback', null],
      ['high season for July and August, low season otherwise', 'Add ‹From label› as if (the month of ‹From›) is at least 7 and (the month of ‹From›) is at most 8 then "high season", otherwise "low season".'],
      ['number of nights booked per cabin and month', 'Answer ‹Total days from From to To› as the sum of (the whole days from ‹From› to ‹To›) over the rows; for each ‹Cabin›; and by ‹Month of From› as the month of ‹From›.'],
      ['which cabin earns the most?', null],
      ['how many nights were booked through the agency?', 'Answer ‹Total days from From to To› as the sum of (the whole days from ‹From› to ‹To›) over the rows; only where ‹Channel› is "agency".'],
      ['mean rate by channel, two decimals', 'Answer ‹Average Rate/night› as the mean of ‹Rate/night› over the rows rounded to 2 decimals; for each ‹Channel›.'],
      ['how many guests came with a dog, in percent of all bookings', 'Answer ‹Share %› as ((the sum of (if ‹Dog› is "yes", "Yes" or "YES" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['longest stay', 'Answer ‹Total days from From to To› as the sum of (the whole days from ‹From› to ‹To›) over the rows; for each ‹Booking›; sorted by ‹Total days from From to To› from high to low; the first 1.'],
      ['which countries do our guests come from?', null],
      ['occupancy of cabins in July in percent', null],
      ['total of the countries', null],
      ['make it sunny in July', null],
      ['delete bookings made by robots', null],
    ],
  },
  {
    table: 'bookings',
    csv: BOOKINGS,
    others: { cabins: CABINS },
    cases: [
      ['bring in the owner', 'Add ‹Owner› as the ‹Owner› in the table "cabins" where ‹Name› is ‹Cabin›.'],
      ['which bookings have more people than the cabin has beds?', null],
      ['bookings with a dog in a cabin where dogs aren\'t allowed', null],
      ['does the rate agree with the list rate? yes/no', 'Add ‹Rate/night label› as if ‹Rate/night› equals (the ‹List rate› in the table "cabins" where ‹Name› is ‹Cabin›) then "yes", otherwise "no".'],
      ['difference to the list rate, in percent, one decimal', null],
      ['total per stay including the cleaning fee', null],
      ['all bookings of Hal\'s cabins', null],
      ['cabin age in years at arrival (opened)', null],
      ['put the beds after the cabin', null],
    ],
  },
  {
    table: 'cabins',
    csv: CABINS,
    others: { bookings: BOOKINGS },
    cases: [
      ['which cabin has never been booked', 'List each ‹Name›; only where not (‹Name› stands under ‹Cabin› in the table "bookings").'],
      ['number of bookings and number of nights per cabin', null],
      ['last departure for each cabin', null],
      ['cabins with average rate in the bookings below list rate', 'Keep rows where (the mean of all ‹Rate/night› in the table "bookings" where ‹Cabin› is ‹Name›) is less than ‹List rate›.'],
      ['ok if it was booked at least 3 times, otherwise poor', 'Add ‹Name label› as if ((the number of ‹Cabin› in the table "bookings" where ‹Cabin› is ‹Name›), or 0 where it is blank) is more than 2 then "ok", otherwise "poor".'],
    ],
  },
  {
    table: 'lessons',
    csv: DRIVING_LESSONS,
    cases: [
      ['Instructors are spelled with and without the dot and in small letters. Use J. Brandt, M. Okafor and P. Silva.', 'Spell ‹Instructor› as "J. Brandt", "M. Okafor" or "P. Silva".'],
      ['make Type start with a capital everywhere', 'In ‹Type›, write in sentence case.'],
      ['Price: just the number please', 'Turn ‹Price› into numbers.'],
      ['paid to yes/no; if it\'s blank we don\'t know', null],
      ['fill the missing mistakes with 0', 'Fill blanks in ‹Mistakes› with "0".'],
      ['wherever the start time is missing put 10:00', 'Fill blanks in ‹Start› with "10:00".'],
      ['drop the km columns', 'Drop ‹Km Start› and ‹Km End›.'],
      ['I\'d like Car right after Instructor', 'Move ‹Car› to after ‹Instructor›.'],
      ['Rename Lesson ID to No. and Minutes to Duration', 'Rename ‹Lesson ID› to ‹No.› and ‹Minutes› to ‹Duration›.'],
      ['Put the date and the start time into one column Starts', 'Add ‹Starts› as ‹Date› at the time ‹Start›.'],
      ['colour of the car in one column, model in another', null],
      ['Last name of the student', 'Add ‹Part of Student› as piece -1 of ‹Student› cut at " ".'],
      ['initials of the instructor without dots', 'Add ‹Initials of Instructor› as the initials of ‹Instructor›.'],
      ['short title like "City with Orla Finch"', 'Add ‹Title› as ‹Type› followed by " with " followed by ‹Student›.'],
      ['only the unpaid ones', 'Keep rows where ‹Paid› is "no" or "n".'],
      ['lessons longer than an hour', 'Keep rows where ‹Minutes› is more than 60.'],
      ['leave only lessons that were at or after 4pm', 'Keep rows where (the minute of the day of ‹Start›) is at least 960.'],
      ['all lessons of Orla or Sara', 'Keep rows where ‹Student› mentions the word "Orla" or "Sara".'],
      ['without the parking lessons', 'Set aside rows where ‹Type› is "Parking".'],
      ['lessons where the end km is below the start km', 'Keep rows where ‹Km End› is less than ‹Km Start›.'],
      ['sort by instructor and within that by date, latest first', 'Sort by ‹Instructor› and ‹Date› from high to low.'],
      ['last lesson of each student', 'Keep 1 row with the highest ‹Date› for each ‹Student›.'],
      ['remove lessons with no comment', 'Set aside rows where ‹Comment› is blank.'],
      ['the 20% most expensive lessons', null],
      ['km driven', 'Add ‹Km End minus Km Start› as ‹Km End› minus ‹Km Start›.'],
      ['km driven, but blank where it\'s negative', 'Add ‹Km End minus Km Start› as if ‹Km End› minus ‹Km Start› is less than 0 then blank, otherwise ‹Km End› minus ‹Km Start›.'],
      ['price per hour, 2 decimals', 'Add ‹Price per Minutes per 60› as ‹Price› divided by (‹Minutes› divided by 60) rounded to 2 decimals.'],
      ['minutes in hours', 'Add ‹h› as ‹Minutes› divided by 60.'],
      ['mistakes per 10 km, 1 decimal', null],
      ['end time of each lesson', null],
      ['what share of the student\'s total spend is each lesson, percent without decimals', 'Add ‹Price per total Price per Student %› as (‹Price› divided by (the sum of ‹Price› over the rows for each ‹Student›)) times 100 rounded to 0 decimals.'],
      ['how many lessons had the student had before this one?', 'Add ‹Number within Student minus 1› as (the number of the row for each ‹Student›) minus 1.'],
      ['gap in days to the student\'s previous lesson', 'Add ‹Days from row above Date to Date› as the whole days from (the row above of ‹Date› for each ‹Student›) to ‹Date›.'],
      ['cumulative minutes for each student, in date order', 'Sort by ‹Date›. Add ‹Running total of Minutes› as the running total of ‹Minutes› for each ‹Student›.'],
      ['price minus 5 pounds if the lesson was in the morning (before 12)', 'Add ‹Price adjusted› as if (the minute of the day of ‹Start›) is less than 720 then ‹Price› minus 5, otherwise ‹Price›.'],
      ['how does the number of mistakes compare with the previous lesson of the same student', 'Add ‹Mistakes minus row above Mistakes› as ‹Mistakes› minus (the row above of ‹Mistakes› for each ‹Student›).'],
      ['beginner up to 2 lessons, otherwise advanced, counting per student', null],
      ['result: good for 0 to 2 mistakes, ok for 3 or 4, bad above 4; unknown if not counted', null],
      ['Does the comment say "needs work"? tick it in a column Work', 'Add ‹Work› as if ‹Comment› contains "needs work" then "yes", otherwise "no".'],
      ['weekend? yes/no', 'Add ‹Weekend› as if (the weekday of ‹Date›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['which instructor gave the most lessons?', 'Answer ‹Rows› as the number of rows; for each ‹Instructor›; sorted by ‹Rows› from high to low; the first 1.'],
      ['total income per month', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Month of Date› as the month of ‹Date›.'],
      ['how much is still unpaid', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; only where ‹Paid› is "no" or "n".'],
      ['average number of mistakes by type, one decimal, worst first', 'Answer ‹Average Mistakes› as the mean of ‹Mistakes› over the rows rounded to 1 decimal; for each ‹Type›; sorted by ‹Average Mistakes› from high to low.'],
      ['how many students does each instructor have', 'Answer ‹Different Student› as the number of different values of ‹Student› over the rows; for each ‹Instructor›.'],
      ['how many hours did each car drive', 'Answer ‹Total Minutes per 60› as the sum of (‹Minutes› divided by 60) over the rows; for each ‹Car›.'],
      ['what\'s the most common type?', 'Answer ‹Rows› as the number of rows; for each ‹Type›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many percent of lessons are paid', 'Answer ‹Share %› as ((the sum of (if ‹Paid› is "yes", "Yes" or "YES" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which student made the most mistakes per lesson on average', 'Answer ‹Average Mistakes› as the mean of ‹Mistakes› over the rows; for each ‹Student›; sorted by ‹Average Mistakes› from high to low; the first 1.'],
      ['first and last date', 'Answer ‹Lowest Date› as the lowest of ‹Date› over the rows; and ‹Highest Date› as the highest of ‹Date› over the rows.'],
      ['petrol used per lesson', null],
      ['sum of instructors', null],
      ['remove lessons with a rude student', null],
      ['juggle the cars', null],
    ],
  },
  {
    table: 'lessons',
    csv: DRIVING_LESSONS,
    others: { students: STUDENTS },
    cases: [
      ['add the student\'s town', 'Add ‹Town› as the ‹Town› in the table "students" where ‹Student› is ‹Student›.'],
      ['age of the student at the lesson', 'Add ‹Years from Born to Date› as the whole years from (the ‹Born› in the table "students" where ‹Student› is ‹Student›) to ‹Date›.'],
      ['price after the student\'s discount', 'Add ‹Price times 1 minus Discount % per 100› as ‹Price› times (1 minus ((the ‹Discount %› in the table "students" where ‹Student› is ‹Student›) divided by 100)).'],
      ['lessons before the student passed theory', 'Keep rows where ‹Date› is less than (the ‹Theory Passed› in the table "students" where ‹Student› is ‹Student›).'],
      ['days since joining', 'Add ‹Days from Joined to Date› as the whole days from (the ‹Joined› in the table "students" where ‹Student› is ‹Student›) to ‹Date›.'],
      ['lessons of students from Hexley', 'Keep rows where (the ‹Town› in the table "students" where ‹Student› is ‹Student›) is "Hexley".'],
      ['income per town', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Town› as the ‹Town› in the table "students" where ‹Student› is ‹Student›.'],
      ['which lessons are by students not on the students list', 'Keep rows where not (‹Student› stands under ‹Student› in the table "students").'],
      ['phone number next to each unpaid lesson', null],
      ['which referral brought the most lessons?', null],
    ],
  },
  {
    table: 'students',
    csv: STUDENTS,
    others: { lessons: DRIVING_LESSONS },
    cases: [
      ['students without any lesson', 'Keep rows where not (‹Student› stands under ‹Student› in the table "lessons").'],
      ['how many lessons and how many minutes has everyone had?', null],
      ['first lesson of each student', null],
      ['how much does each student still owe', null],
      ['days between joining and the first lesson', null],
      ['average mistakes of each student, blank if no lessons', 'Add ‹Average Mistakes› as the mean of all ‹Mistakes› in the table "lessons" where ‹Student› is ‹Student›.'],
      ['has passed: yes if there\'s a lesson of type Test', null],
    ],
  },
  {
    table: 'parcels',
    csv: PARCELS,
    cases: [
      ['weights all in kg, just the figure', 'Turn ‹Weight› into numbers in "kg".'],
      ['Area: capital first letter, no blanks around it', 'In ‹Area›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['diet should be none, vegan, gluten free or halal - sort out the spelling, and empty means none', 'Spell ‹Diet› as "none", "vegan", "gluten free" or "halal". Fill blanks in ‹Diet› with "none".'],
      ['delivery: Yes or No', 'Spell ‹Delivery› as "Yes" or "No".'],
      ['Ivo is sometimes written small, correct that', 'Replace cells that are "ivo" in ‹Packed By› with "Ivo".'],
      ['take the Fam. and the Single - off the family name', null],
      ['what comes after Fam. or Single - in a new column Name, and whether it\'s a family or a single in Kind', null],
      ['parcel number without the P-', 'Remove "P-" from ‹Parcel›.'],
      ['empty items: put the average of that size, rounded', null],
      ['cut notes after the first comma or semicolon', 'Set ‹Note› to (the text before the first "," or ";" in ‹Note›), or ‹Note› where it is blank.'],
      ['keep parcel, family, weight and value', 'Keep only the columns ‹Parcel›, ‹Family›, ‹Weight› and ‹Value EUR›.'],
      ['value EUR should just be called Value', 'Rename ‹Value EUR› to ‹Value›.'],
      ['put note last and area first', 'Move ‹Note› to the end. Move ‹Area› to the front.'],
      ['drop packed by', 'Drop ‹Packed By›.'],
      ['which parcels have not been collected', 'Keep rows where ‹Collected On› is blank.'],
      ['only the vegan ones', 'Keep rows where ‹Diet› is "vegan".'],
      ['everything packed by Nell or Petra in January', 'Keep rows where ‹Packed By› is "Nell" or "Petra" and (the month of ‹Packed On›) equals 1.'],
      ['heavier than 10 kg', 'Keep rows where (‹Weight› measured in "kg") is more than 10.'],
      ['remove singles', 'Set aside rows where ‹Family› mentions the word "single".'],
      ['parcels collected more than a day after packing', 'Keep rows where (the whole days from ‹Packed On› to ‹Collected On›) is more than 1.'],
      ['top 3 by value', 'Keep 3 rows with the highest ‹Value EUR›.'],
      ['newest first, within a day by family', 'Sort by ‹Packed On› from high to low and ‹Family›.'],
      ['first parcel of each family', 'Keep the first row of each ‹Family›.'],
      ['two random parcels per area please', 'Keep 2 rows at random with seed 1 for each ‹Area›.'],
      ['same family, same week: leave only the first', null],
      ['days from packing to collection', 'Add ‹Days from Packed On to Collected On› as the whole days from ‹Packed On› to ‹Collected On›.'],
      ['value per item, 3 decimals, blank if we don\'t know the items', 'Add ‹Value EUR per Items› as if ‹Items› is blank then blank, otherwise ‹Value EUR› divided by ‹Items› rounded to 3 decimals.'],
      ['grams per item', 'Add ‹Weight in g per Items› as (‹Weight› measured in "g") divided by ‹Items›.'],
      ['how much more or less than the average value of its size', 'Add ‹Value EUR minus average Value EUR per Size› as ‹Value EUR› minus (the mean of ‹Value EUR› over the rows for each ‹Size›).'],
      ['share of the month\'s total value, in %, 1 decimal', null],
      ['number of the parcel within its family', 'Answer ‹Rows› as the number of rows; for each ‹Family›.'],
      ['previous weight of the same family', 'Add ‹Row above Weight in kg› as the row above of (‹Weight› measured in "kg") for each ‹Family›.'],
      ['running total of value', 'Add ‹Running total of Value EUR› as the running total of ‹Value EUR›.'],
      ['late if collected after more than 1 day, open if not collected, ok otherwise', 'Add ‹Packed On label› as if (the whole days from ‹Packed On› to ‹Collected On›) is more than 1 then "late", if ‹Collected On› is blank then "open", otherwise "ok".'],
      ['points: S 1, M 2, L 3, XL 5', 'Add ‹points› as if ‹Size› is "S" then 1, if ‹Size› is "M" then 2, if ‹Size› is "L" then 3, if ‹Size› is "XL" then 5, otherwise blank.'],
      ['needs care: yes if the note mentions baby or key, or diet is gluten free', 'Add ‹needs care› as if ‹Note› mentions the word "baby", "key" or "keys" or else ‹Diet› is "gluten free" or "gluten-free" then "yes", otherwise "no".'],
      ['weekday collected', 'Add ‹Weekday of Collected On› as the weekday of ‹Collected On›.'],
      ['value plus 7% tax, to the cent', 'Add ‹Value EUR times 1 plus 7 per 100› as ‹Value EUR› times (1 plus (7 divided by 100)) rounded to 2 decimals.'],
      ['round the value up to full euros', 'Set ‹Value EUR› to ‹Value EUR› rounded up to 0 decimals.'],
      ['two columns: handling = 2.50 for deliveries and 1 otherwise, cost = value + handling', 'Add ‹handling› as if ‹Delivery› is "yes" or "YES" then 2.5, otherwise 1. Add ‹cost› as ‹Value EUR› plus ‹handling›.'],
      ['how many parcels per area?', 'Answer ‹Rows› as the number of rows; for each ‹Area›.'],
      ['total value of vegan parcels', 'Answer ‹Total Value EUR› as the sum of ‹Value EUR› over the rows; only where ‹Diet› is "vegan".'],
      ['how many kilos did we hand out in January altogether', 'Answer ‹Total Weight in kg› as the sum of (‹Weight› measured in "kg") over the rows; only where (the month of ‹Packed On›) equals 1.'],
      ['who packed the most parcels', 'Answer ‹Rows› as the number of rows; for each ‹Packed By›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average days until collection per area, one decimal', 'Answer ‹Average days from Packed On to Collected On› as the mean of (the whole days from ‹Packed On› to ‹Collected On›) over the rows rounded to 1 decimal; for each ‹Area›.'],
      ['how many families got more than one parcel', 'Answer ‹Different Family› as the number of different values of ‹Family› over the rows; only where (the number of rows for each ‹Family›) is more than 1.'],
      ['share of parcels delivered, percent', null],
      ['biggest parcel by weight', 'Answer ‹Total Weight in kg› as the sum of (‹Weight› measured in "kg") over the rows; for each ‹Parcel›; sorted by ‹Total Weight in kg› from high to low; the first 1.'],
      ['what is the median number of items for size M?', 'Answer ‹Median Items› as the median of ‹Items› over the rows; only where ‹Size› is "M".'],
      ['how many parcels weren\'t collected, per packer?', 'Answer ‹Rows› as the number of rows; for each ‹Packed By›; only where ‹Collected On› is blank.'],
      ['calories per parcel', null],
      ['parcels with rotten fruit', null],
      ['average of the notes', null],
      ['paint the boxes green', null],
    ],
  },
  {
    table: 'parcels',
    csv: PARCELS,
    others: { families: FAMILIES },
    cases: [
      ['bring in the phone and the street', 'Add ‹Phone› as the ‹Phone› in the table "families" where ‹Name› is ‹Family›. Add ‹Street› as the ‹Street› in the table "families" where ‹Name› is ‹Family›.'],
      ['persons per parcel: adults plus children of the family', 'Add ‹persons per parcel› as (the ‹Adults› in the table "families" where ‹Name› is ‹Family›) plus (the ‹Children› in the table "families" where ‹Name› is ‹Family›).'],
      ['parcels of families with more than two children', 'Keep rows where (the ‹Children› in the table "families" where ‹Name› is ‹Family›) is more than 2.'],
      ['which families in here aren\'t in the family list?', null],
      ['contact person next to parcels that weren\'t collected', null],
      ['parcels packed before the family joined', 'Keep rows where ‹Packed On› is less than (the ‹Since› in the table "families" where ‹Name› is ‹Family›).'],
      ['value by street', null],
      ['average value for families with children and without', null],
    ],
  },
  {
    table: 'families',
    csv: FAMILIES,
    others: { parcels: PARCELS },
    cases: [
      ['families that never got a parcel', 'Keep rows where not (‹Name› stands under ‹Family› in the table "parcels").'],
      ['total value per family from parcels', 'Add ‹Total Value EUR› as the sum of all ‹Value EUR› in the table "parcels" where ‹Family› is ‹Name›.'],
      ['how much of the allowance is left, 0 if nothing was used', null],
      ['over allowance? yes/no', null],
      ['date of the last parcel', 'Add ‹Last Packed On› as the highest ‹Packed On› in the table "parcels" where ‹Family› is ‹Name›.'],
      ['ok if they got at least 2 parcels, few if 1, none if none', 'Add ‹Name label› as if ((the number of ‹Family› in the table "parcels" where ‹Family› is ‹Name›), or 0 where it is blank) is at least 2 then "ok", if ((the number of ‹Family› in the table "parcels" where ‹Family› is ‹Name›), or 0 where it is blank) equals 1 then "few", if ((the number of ‹Family› in the table "parcels" where ‹Family› is ‹Name›), or 0 where it is blank) is blank then "none", otherwise blank.'],
      ['which families used more than half of their allowance', null],
    ],
  },
  {
    table: 'visits',
    csv: LIFT_VISITS,
    cases: [
      ['The buildings need tidying: no shouting, no all-small, every word with one capital.', 'In ‹Building›, write in title case.'],
      ['Oda Wenn, Jin Abara and T. Krall are our only technicians, so please make the column say just those', 'Spell ‹Technician› as "Oda Wenn", "Jin Abara" or "T. Krall".'],
      ['Rate as a number, comma is the decimal sign, and lose the EUR', 'Turn ‹Rate› into numbers.'],
      ['Parts Cost should be numeric; the point is for the thousands, the comma for the decimals. Empty means 0.', 'Turn ‹Parts Cost› into numbers. Fill blanks in ‹Parts Cost› with "0".'],
      ['Could you turn both date columns into proper dates? Day first.', 'Turn ‹Visit Date› and ‹Next Due› into dates, the day before the month.'],
      ['n/a in the stopped minutes just means nobody wrote it down, so clear it', 'Remove cells that are "n/a" from ‹Stopped (min)›.'],
      ['Where nobody counted the trapped persons put 0', 'Fill blanks in ‹Persons Trapped› with "0".'],
      ['reason and result: small letters only', 'In ‹Reason› and ‹Result›, write in lower case.'],
      ['Parts used says none in some rows - make those blank', 'Remove cells that are "none" from ‹Parts Used›.'],
      ['cut the leading V- off the visit numbers', 'Remove leading "V-" from ‹Visit No›.'],
      ['take the quantity in the brackets behind the parts out into a column Pieces, as a number; leave it blank where there is none', 'Add ‹Pieces› as the first number in (the text between "(" and ")" in ‹Parts Used›).'],
      ['one row per part, they are separated by semicolons', 'Make a row for each piece of ‹Parts Used› cut at ";".'],
      ['make two columns from the report: what comes before the comma or semicolon is Finding, the rest is Action', null],
      ['Initials of the technician, please, without a dot in between', 'Add ‹Initials of Technician› as the initials of ‹Technician›.'],
      ['Lift number only, without LF-, as number', null],
      ['Put building and lift together like "Old Mill / LF-44"', 'Add ‹Building and Lift› as ‹Building› followed by " / " followed by ‹Lift›.'],
      ['drop Rate and Report, we have no use for them', 'Drop ‹Rate› and ‹Report›.'],
      ['rename Stopped (min) to Downtime and Visit Date to Date', 'Rename ‹Stopped (min)› to ‹Downtime› and ‹Visit Date› to ‹Date›.'],
      ['the result should stand right behind the reason', 'Move ‹Result› to after ‹Reason›.'],
      ['I only need visit no, lift, date and result, in this order', 'Keep only the columns ‹Visit No›, ‹Lift›, ‹Visit Date› and ‹Result›.'],
      ['keep only what failed', 'Keep rows where ‹Result› is "failed".'],
      ['which visits took longer than two hours?', 'Keep rows where ‹Hours› is more than 2.'],
      ['leave out the follow-ups and the complaints', 'Set aside rows where ‹Reason› is "follow-up" or "complaint".'],
      ['breakdowns where somebody was trapped', 'Keep rows where ‹Reason› is "breakdown" and ‹Persons Trapped› is more than 0.'],
      ['visits between 1 and 15 April 2026', 'Keep rows where ‹Visit Date› is at least the date "2026-04-01" and ‹Visit Date› is at most the date "2026-04-15".'],
      ['those where the report mentions a door', 'Keep rows where ‹Report› mentions the word "door".'],
      ['throw out visits that cost nothing in parts', 'Set aside rows where ‹Parts Cost› is blank or else ‹Parts Cost› equals 0.'],
      ['just the last visit to each lift', 'Keep the last row of each ‹Lift›.'],
      ['sort by building, and inside a building by date, newest at the top', 'Sort by ‹Building› and ‹Visit Date› from high to low.'],
      ['keep the three visits with the longest stop', 'Keep 3 rows with the highest ‹Stopped (min)›.'],
      ['a random third of the visits', 'Keep 33.333333333333336 percent of the rows at random with seed 1.'],
      ['labour cost: hours times rate', 'Add ‹labour cost› as ‹Hours› times ‹Rate›.'],
      ['total cost = hours x rate + parts cost, nothing in parts counts as zero, two decimals', 'Add ‹total cost› as (‹Hours› times ‹Rate›) plus (‹Parts Cost›, or 0 where it is blank) rounded to 2 decimals.'],
      ['downtime in hours, two decimals, empty if not known', 'Add ‹Stopped (h)› as ‹Stopped (min)› divided by 60 rounded to 2 decimals.'],
      ['days until the next inspection is due, counted from the visit', null],
      ['is the next one due within four months? yes or no, blank if there is no date', 'Add ‹Visit Date label› as if ‹Visit Date› is blank then blank, if (the whole months from ‹Visit Date› to ‹Next Due›) is less than 4 then "yes", otherwise "no".'],
      ['How many visits has the same lift had so far, this one included?', 'Add ‹Number within Lift› as the number of the row for each ‹Lift›.'],
      ['days since the lift\'s previous visit', 'Add ‹Days from row above Visit Date to Visit Date› as the whole days from (the row above of ‹Visit Date› for each ‹Lift›) to ‹Visit Date›.'],
      ['share of each visit in the parts cost of its building, percent, no decimals', 'Add ‹Parts Cost per total Parts Cost per Building %› as (‹Parts Cost› divided by (the sum of ‹Parts Cost› over the rows for each ‹Building›)) times 100 rounded to 0 decimals.'],
      ['compare the hours with the average for that reason: how many hours above or below?', 'Add ‹Hours minus average Hours per Reason› as ‹Hours› minus (the mean of ‹Hours› over the rows for each ‹Reason›).'],
      ['rank by total downtime, worst is 1', null],
      ['grade: A if passed and no parts used, B if passed with parts, C if repaired, D if failed', null],
      ['severity: high if anyone was trapped or it stood still for more than 3 hours, low if it didn\'t stop at all, medium in between', null],
      ['does the report say something about the door or the phone? a yes/no column Safety', 'Add ‹Safety› as if ‹Report› mentions the word "door", "doors", "phone" or "phones" then "yes", otherwise "no".'],
      ['parts cost with 19% VAT on top, rounded to cents', 'Add ‹Parts Cost times 1 plus 19 per 100› as ‹Parts Cost› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['which lift broke down most often', null],
      ['total hours per technician, most first', 'Answer ‹Total Hours› as the sum of ‹Hours› over the rows; for each ‹Technician›; sorted by ‹Total Hours› from high to low.'],
      ['How much did we spend on parts in March?', 'Answer ‹Total Parts Cost› as the sum of ‹Parts Cost› over the rows; only where (the month of ‹Visit Date›) equals 3.'],
      ['What share of the visits ended with passed, in percent with one decimal?', 'Answer ‹Share %› as ((the sum of (if ‹Result› is "passed" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['average downtime of the breakdowns, in minutes', null],
      ['how many different lifts did each technician visit', 'Answer ‹Different Lift› as the number of different values of ‹Lift› over the rows; for each ‹Technician›.'],
      ['number of visits per month and reason', 'Answer ‹Rows› as the number of rows; for each ‹Month of Visit Date› as the month of ‹Visit Date›; and by ‹Reason›.'],
      ['Which building had nobody trapped?', null],
      ['energy used by each lift', null],
      ['delete the ghost lifts', null],
      ['what is the mean of the reports', null],
    ],
  },
  {
    table: 'visits',
    csv: LIFT_VISITS,
    others: { lifts: LIFTS },
    cases: [
      ['add maker and year of the lift', 'Add ‹Maker› as the ‹Maker› in the table "lifts" where ‹Lift Code› is ‹Lift›. Add ‹Year› as the ‹Year› in the table "lifts" where ‹Lift Code› is ‹Lift›.'],
      ['how old was each lift when it was visited? year of the visit minus year built', null],
      ['is the building the same as the site in the lifts table? write ok or check', 'Add ‹Building label› as if ‹Building› equals (the ‹Site› in the table "lifts" where ‹Lift Code› is ‹Lift›) then "ok", otherwise "check".'],
      ['visits to lifts with a full contract are free: new column Billable, 0 for those, otherwise hours times rate', null],
      ['cost of parts per maker', 'Answer ‹Total Parts Cost› as the sum of ‹Parts Cost› over the rows; for each ‹Maker› as the ‹Maker› in the table "lifts" where ‹Lift Code› is ‹Lift›.'],
      ['which lifts in the visits don\'t exist in the lifts list?', 'List each ‹Lift›; only where not (‹Lift› stands under ‹Lift Code› in the table "lifts").'],
      ['visits to lifts that carry more than 8 persons', null],
      ['parts cost as a percentage of the monthly fee', 'Add ‹Parts Cost per Monthly Fee %› as (‹Parts Cost› divided by (the ‹Monthly Fee› in the table "lifts" where ‹Lift Code› is ‹Lift›)) times 100.'],
    ],
  },
  {
    table: 'lifts',
    csv: LIFTS,
    others: { visits: LIFT_VISITS },
    cases: [
      ['which lifts haven\'t been visited yet', 'Keep rows where not (‹Lift Code› stands under ‹Lift› in the table "visits").'],
      ['number of breakdowns for each lift', null],
      ['total parts cost per lift, zero where there was no visit', 'Add ‹Total Parts Cost› as (the sum of all ‹Parts Cost› in the table "visits" where ‹Lift› is ‹Lift Code›), or 0 where it is blank.'],
      ['date of the next inspection: the latest due date in visits', 'Add ‹date of the next inspection› as the highest ‹Next Due› in the table "visits" where ‹Lift› is ‹Lift Code›.'],
      ['parts cost so far compared to twelve monthly fees: ok if it is less, expensive if more, no visits if there was none', null],
      ['lifts visited more than twice', 'Keep rows where ((the number of ‹Lift› in the table "visits" where ‹Lift› is ‹Lift Code›), or 0 where it is blank) is more than 2.'],
    ],
  },
  {
    table: 'appointments',
    csv: APPOINTMENTS,
    cases: [
      ['turn the patient names round so it is Greta Holm and so on', null],
      ['treatment: all lower case please', 'In ‹Treatment›, write in lower case.'],
      ['make sure the therapists are written Nils Avery, Bea Lorn and Omar Fey', 'Spell ‹Therapist› as "Nils Avery", "Bea Lorn" or "Omar Fey".'],
      ['MediOne is sometimes Medi One and covra sometimes small, use MediOne and Covra', null],
      ['no dollar signs in the fee, numbers only', 'Turn ‹Fee› into numbers.'],
      ['Status should be done, no-show or cancelled', 'Spell ‹Status› as "done", "no-show" or "cancelled".'],
      ['Where the copay is empty put 0, and make it a number', 'Fill blanks in ‹Copay› with "0". Turn ‹Copay› into numbers.'],
      ['insurer blank means private, so write Private there', null],
      ['convert Day, day first', 'Turn ‹Day› into dates, the day before the month.'],
      ['just the surname of the patient in a new column', 'Add ‹Last name› as the last name of the person in ‹Patient›.'],
      ['day plus time as one column Starts at', 'Add ‹Starts at› as ‹Day› at the time ‹Time›.'],
      ['remarks without anything after the comma or semicolon', 'Set ‹Remarks› to (the text before the first "," or ";" in ‹Remarks›), or ‹Remarks› where it is blank.'],
      ['swap pain before and pain after', 'Move ‹Pain after› to before ‹Pain before›.'],
      ['remove both minute columns', 'Drop ‹Planned min› and ‹Actual min›.'],
      ['name the fee column Price and the copay column Own share', 'Rename ‹Fee› to ‹Price› and ‹Copay› to ‹Own share›.'],
      ['Put appt, day and patient first', 'Move ‹Appt›, ‹Day› and ‹Patient› to the front.'],
      ['only those that took place', null],
      ['everything with Covra in January', 'Keep rows where ‹Insurer› is "Covra" and (the month of ‹Day›) equals 1.'],
      ['appointments over an hour', null],
      ['where the pain didn\'t get better', null],
      ['no-shows and cancellations only', 'Keep rows where ‹Status› is "no-show" or "cancelled".'],
      ['first appointment of every patient', 'Keep 1 row with the lowest ‹Day› for each ‹Patient›.'],
      ['the five longest', 'Keep 5 rows with the highest ‹Actual min›.'],
      ['order: therapist a-z, then day, then time', 'Sort by ‹Therapist›, ‹Day› and ‹Time›.'],
      ['patients who came at least three times', 'Answer ‹Rows› as the number of rows; for each ‹Patient›; only where (the number of rows for each ‹Patient›) is more than 2.'],
      ['drop everything after 5 February', 'Set aside rows where ‹Day› is more than the date "2026-02-05".'],
      ['pain relief = pain before minus pain after', 'Add ‹pain relief› as ‹Pain before› minus ‹Pain after›.'],
      ['overrun in minutes, negative if it was shorter than planned', null],
      ['in percent, by how much did the pain go down? no decimals, blank if not measured', null],
      ['what the insurer pays: fee minus copay, an empty copay is nothing', 'Add ‹Fee minus Copay› as ‹Fee› minus (‹Copay›, or 0 where it is blank).'],
      ['fee per minute that was really used, two decimals', null],
      ['weeks since the patient\'s first appointment', 'Add ‹Weeks from lowest Day per Patient to Day› as the whole weeks from (the lowest of ‹Day› over the rows for each ‹Patient›) to ‹Day›.'],
      ['appointment number of each patient, counting up by date', 'Sort by ‹Day›. Add ‹Number within Patient› as the number of the row for each ‹Patient›.'],
      ['pain after compared with the same patient\'s previous visit', 'Add ‹Pain after minus row above Pain after› as ‹Pain after› minus (the row above of ‹Pain after› for each ‹Patient›).'],
      ['therapist\'s share of all fees, percent', 'Answer ‹Share of Fee %› as ((the sum of ‹Fee› over the rows) divided by (the sum of ‹Fee› over all rows together)) times 100; for each ‹Therapist›.'],
      ['average pain relief per treatment next to each row', null],
      ['morning if it starts before noon, afternoon until 5, evening later', 'Add ‹Time label› as if (the minute of the day of ‹Time›) is less than 720 then "morning", if (the minute of the day of ‹Time›) is less than 1020 then "afternoon", if (the minute of the day of ‹Time›) is at least 1020 then "evening", otherwise blank.'],
      ['outcome: better if pain went down, same if equal, worse if up, unknown if not measured', null],
      ['no-show fee of 20 for no-shows, 10 for cancellations, nothing else', 'Add ‹no-show fee› as if ‹Status› is "no-show" then 20, if ‹Status› is "cancelled" then 10, otherwise blank.'],
      ['did the patient mention parking or evening? yes or no', 'Add ‹Remarks label› as if ‹Remarks› mentions the word "parking" or "evening" then "yes", otherwise "no".'],
      ['how many appointments per therapist and status?', 'Answer ‹Rows› as the number of rows; for each ‹Therapist›; and by ‹Status›.'],
      ['no-show rate in percent, one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "no-show" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['average minutes per treatment, only done ones', null],
      ['who treats the most patients?', 'Answer ‹Rows› as the number of rows; for each ‹Treatment›; sorted by ‹Rows› from high to low; the first 1.'],
      ['fees in January vs February', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Month of Day› as the month of ‹Day›; only where (the month of ‹Day›) equals 1 or else (the month of ‹Day›) equals 2.'],
      ['total still to be billed', null],
      ['which insurer brings in the most', 'Answer ‹Total Fee› as the sum of ‹Fee› over the rows; for each ‹Insurer›; sorted by ‹Total Fee› from high to low; the first 1.'],
      ['how many minutes over plan in total?', null],
      ['how many patients were seen only once', 'Answer ‹Different Patient› as the number of different values of ‹Patient› over the rows; only where (the number of rows for each ‹Patient›) equals 1.'],
      ['heart rate per patient', null],
      ['all patients allergic to latex', null],
      ['sum of therapists', null],
      ['cure everyone', null],
    ],
  },
  {
    table: 'appointments',
    csv: APPOINTMENTS,
    others: { patients: PATIENTS },
    cases: [
      ['look up the city of each patient', null],
      ['age on the day of the appointment', null],
      ['insurance number next to each appointment', null],
      ['patients in the appointments who aren\'t registered', null],
      ['how many sessions are left for the patient: allowed minus number of appointments so far', null],
      ['fees by city', null],
      ['appointments of Dr. Hale\'s patients', null],
    ],
  },
  {
    table: 'patients',
    csv: PATIENTS,
    others: { appointments: APPOINTMENTS },
    cases: [
      ['who has never been here?', null],
      ['number of appointments for each', null],
      ['fees in total per patient, 0 if none', null],
      ['over the limit when they had more appointments than sessions allowed', null],
      ['latest appointment of each patient', null],
    ],
  },
  {
    table: 'orders',
    csv: BAKERY_ORDERS,
    cases: [
      ['Cafe Linde and Marek are sometimes in small letters, please correct that in both columns', null],
      ['all four dates should become real dates, day.month.year', null],
      ['paid by: invoice or cash, nothing else, in small letters', 'Spell ‹Paid By› as "invoice" or "cash". In ‹Paid By›, write in lower case.'],
      ['empty driver: write nobody', 'Fill blanks in ‹Driver› with "nobody".'],
      ['pull the weight in grams out of the product into its own column, empty where there is none', null],
      ['product without the weight', null],
      ['how many pieces were crushed or missing, as a number out of the complaint', null],
      ['the order number without B- as a whole number', 'Remove "B-" from ‹Order›. Turn ‹Order› into whole numbers.'],
      ['put product and bakery into one text, like Rye loaf 750 g for Cafe Linde', null],
      ['take out the crate columns', 'Drop ‹Crates Out› and ‹Crates Back›.'],
      ['Complaint to the very end and driver right before it', null],
      ['Pcs should be called Pieces and Unit Price just Price', null],
      ['keep only order, bakery, product and pieces, please', 'Keep only the columns ‹Order›, ‹Bakery›, ‹Product› and ‹Pcs›.'],
      ['anything not delivered on the day it should have been', null],
      ['just the invoices that are still unpaid', 'Keep rows where ‹Paid By› is "invoice" and ‹Paid On› is blank.'],
      ['everything for Hotel Port or Cafe Linde that cost more than 60 altogether (pieces times price)', null],
      ['no croissants', 'Set aside rows where ‹Product› mentions the word "croissant".'],
      ['orders with a complaint, latest first', 'Keep rows where ‹Complaint› is filled. Sort by ‹Ordered On› from high to low.'],
      ['the biggest order of each bakery by pieces', 'Keep 1 row with the highest ‹Pcs› for each ‹Bakery›.'],
      ['skip orders without a number of pieces', null],
      ['only bread: rye loaves', null],
      ['two orders per driver at random', 'Keep 2 rows at random with seed 1 for each ‹Driver›.'],
      ['sort by bakery, then delivery date, newest on top', null],
      ['value: pcs x unit price', 'Add ‹value› as ‹Pcs› times ‹Unit Price›.'],
      ['value with 7% tax, to two decimals', null],
      ['crates still out: out minus back, count a missing return as nothing back', null],
      ['days late = delivered minus deliver on; blank if not delivered', null],
      ['how long did they take to pay, in days from delivery', null],
      ['share of the day\'s orders in value, percent one decimal', null],
      ['price compared to the average price for that product, in percent', 'Add ‹Unit Price per average Unit Price per Product %› as (‹Unit Price› divided by (the mean of ‹Unit Price› over the rows for each ‹Product›)) times 100.'],
      ['how many orders had this bakery placed before', null],
      ['total pieces of the same product on the same delivery day', null],
      ['late, on time or open: late if delivered after deliver on, open if not delivered', null],
      ['complaint kind: delay for late, quality for dark, crushed, cold or wrong, count for missing or count; leave it empty otherwise', null],
      ['does the customer owe us crates? yes if fewer came back than went out', 'Add ‹Crates Back label› as if ‹Crates Back› is less than ‹Crates Out› then "yes", otherwise "no".'],
      ['weekday of delivery', null],
      ['discount of 3% from 100 pieces on: new column Net, otherwise the plain value', null],
      ['which driver had the most complaints', 'Answer ‹Count of Complaint› as the count of ‹Complaint› over the rows; for each ‹Driver›; sorted by ‹Count of Complaint› from high to low; the first 1.'],
      ['total value per bakery, biggest first', null],
      ['how many rolls did we sell', null],
      ['what percent of the orders came late', null],
      ['how much money is still outstanding', null],
      ['number of complaints per week', 'Answer ‹Count of Complaint› as the count of ‹Complaint› over the rows; for each ‹Week of Ordered On› as the week of ‹Ordered On›.'],
      ['crates not returned in total, per bakery', null],
      ['which product brings in the least', null],
      ['butter used per order', null],
      ['sum of the complaints', null],
      ['bakeries on fire', null],
    ],
  },
  {
    table: 'orders',
    csv: BAKERY_ORDERS,
    others: { customers: BAKERY_CUSTOMERS },
    cases: [
      ['add the district of the bakery', 'Add ‹District› as the ‹District› in the table "customers" where ‹Customer› is ‹Bakery›.'],
      ['price after the customer\'s discount, nothing means no discount, 3 decimals', 'Add ‹Unit Price times 1 minus Discount per 100› as ‹Unit Price› times (1 minus ((the ‹Discount› in the table "customers" where ‹Customer› is ‹Bakery›) divided by 100)). Add ‹Discount› as the ‹Discount› in the table "customers" where ‹Customer› is ‹Bakery› rounded to 3 decimals.'],
      ['when is the payment due: delivered on plus the customer\'s terms in days', null],
      ['paid too late? yes/no, by the terms', null],
      ['pieces per district', 'Answer ‹Total Pcs› as the sum of ‹Pcs› over the rows; for each ‹District› as the ‹District› in the table "customers" where ‹Customer› is ‹Bakery›.'],
      ['which bakeries ordered but are not in customers?', 'List each ‹Bakery›; only where not (‹Bakery› stands under ‹Customer› in the table "customers").'],
      ['orders from hotels', null],
      ['more crates out than the limit allows', 'Keep rows where ‹Crates Out› is more than (the ‹Crate limit› in the table "customers" where ‹Customer› is ‹Bakery›).'],
    ],
  },
  {
    table: 'customers',
    csv: BAKERY_CUSTOMERS,
    others: { orders: BAKERY_ORDERS },
    cases: [
      ['who hasn\'t ordered anything?', 'Keep rows where not (‹Customer› stands under ‹Bakery› in the table "orders").'],
      ['number of orders and pieces in total per customer', 'Add ‹Number of orders› as (the number of ‹Bakery› in the table "orders" where ‹Bakery› is ‹Customer›), or 0 where it is blank. Add ‹Total Pcs› as the sum of all ‹Pcs› in the table "orders" where ‹Bakery› is ‹Customer›.'],
      ['last order date', 'Add ‹Last Ordered On› as the highest ‹Ordered On› in the table "orders" where ‹Bakery› is ‹Customer›.'],
      ['crates they still have: all that went out minus all that came back', null],
      ['customers with at least one complaint', null],
    ],
  },
  {
    table: 'campers',
    csv: `No,Child,Born,Group,Contact,Arrives,Leaves,Fee,Deposit,Diet,Swims,Remarks,Size,School
K01,"  orlov, NINA ",2014-05-02,Otters,"nina.m@posthill.example / 0711 4420",05/07/2025,12/07/2025,"€240",50,vegetarian,Y,"allergic to nuts",M (140),Hill School
K02,"brandt, emil",2013-11-19,otters,0711 9981,05.07.2025,,"240 EUR",,none,yes,"brings own tent",L (152),hill school
K03,"Ashe, Rosa",2012-01-30,Badgers,rosa@lindmail.example,5 July 2025,12/07/2025,"€1,040.50",100,Vegan,No,"asthma, has inhaler",M (140),River School
K04,"tamm, jonas",2015-08-08,foxes,,2025-07-06,13/07/2025,n/a,50,,n,"homesick last year, call mother",S,River Sch.
K05,"Ruiz, lea  ",2014-02-14,Fox,"lea.ruiz@northby.example; 0722 1035",05/07/2025,12/07/2025,€260,0,halal,Yes,"nut allergy, epipen in bag",S (128),Hill School
K06,"Okoro, Ben",2013-03-27,Badger,0733 5170,06/07/2025,13/07/2025,waived,,vegetarian,Y,,L (152),Mill Lane
K07,"voss, ida",2012-09-09,Badgers,ida.voss@posthill.example,05/07/2025,12/07/2025,240,25,None,no,"paid in cash",,mill lane
K08,"brandt, emil",2013-11-19,otters,0711 9981,05.07.2025,,"240 EUR",,none,yes,"brings own tent",L (152),hill school
K09,"Hale, Tom",2015-12-01,FOXES,"tom@lindmail.example / 0744 2210",07/07/2025,10/07/2025,€180,60,gluten free,N,"needs medicine at night",XS (116),Mill Lane
K10,"Sorel, Mia",2014-06-21,Otters,,05/07/2025,12/07/2025,€250,250,vegan,y,"twin of K11, same tent please",M (140),River School
K11,"Sorel, Max",2014-06-21,Otters,,05/07/2025,12/07/2025,€250,250,none,y,"twin of K10",M (140),River School
K12,"Dunn, Peter",2013-07-07,Badgers,"p.dunn@harrow.example",06/07/2025,13/07/2025,"€245",,,?,"phone 0755 9012 for emergencies",L,Hill School
`,
    cases: [
      ['The childrens names have odd spaces and random capitals, please tidy them so that each word starts with a capital', 'In ‹Child›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['fees as plain numbers please, no currency. waived is zero and n/a is empty', 'Turn ‹Fee› into numbers, reading "waived" as "0" and "n/a" as blank.'],
      ['arrival dates come in all sorts of formats, turn them into proper dates, day first', 'Turn ‹Arrives› into dates, the day before the month.'],
      ['Group should only ever be Otters, Badgers or Foxes', 'Spell ‹Group› as "Otters", "Badgers" or "Foxes".'],
      ['swims: just yes or no. a question mark means we don\'t know, so empty', 'Turn ‹Swims› into yes or no, reading "?" as blank.'],
      ['schools are spelt differently, there are only Hill School, River School and Mill Lane', 'Spell ‹School› as "Hill School", "River School" or "Mill Lane".'],
      ['where the diet is empty put none, and make them all lowercase', 'Fill blanks in ‹Diet› with "none". In ‹Diet›, write in lower case.'],
      ['If there is no leaving date, they leave the same day as the child in the row above', 'Fill blanks in ‹Leaves› with the value above.'],
      ['put 0 for a missing deposit', 'Fill blanks in ‹Deposit› with "0".'],
      ['remove the size in brackets from Size', 'Remove what is between "(" and ")" from ‹Size›.'],
      ['I need first name and surname in seperate columns. the part before the comma is the surname', null],
      ['make a column Badge that looks like "Nina O." from the child', 'Add ‹Badge› as ((piece 2 of ‹Child› cut at ",") in title case) followed by " " followed by ((the first 1 characters of ‹Child›) in capitals) followed by ".".'],
      ['pull the e-mail address and the phone number out of the contact, each into its own column', 'Add ‹Email› as the first e-mail address in ‹Contact›. Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['the domain of the mail address, blank if there\'s none', 'Add ‹Domain› as the first domain in ‹Contact›.'],
      ['What\'s in brackets in size should be a number in a column of its own named Height', 'Add ‹Height› as the first number in (the text between "(" and ")" in ‹Size›).'],
      ['year of birth as a new column', 'Add ‹Year of Born› as the year of ‹Born›.'],
      ['join child and group as "Orlov, Nina (Otters)" in a column called Label', 'Add ‹Label› as ‹Child› followed by " (" followed by ‹Group› followed by ")".'],
      ['drop remarks and diet', 'Drop ‹Remarks› and ‹Diet›.'],
      ['move school right behind the child', 'Move ‹School› to after ‹Child›.'],
      ['Emil Brandt is in there twice, keep just the first', 'Keep the first row of each ‹Child›.'],
      ['only the badgers', 'Keep rows where ‹Group› is "Badgers".'],
      ['who is arriving on 5 July? keep only those', 'Keep rows where (the month of ‹Arrives›) equals 7 and (the day of ‹Arrives›) equals 5.'],
      ['leave only kids born in 2014 or later', 'Keep rows where ‹Born› is at least the date "2014-01-01".'],
      ['keep those who mention an allergy or nuts', 'Keep rows where ‹Remarks› mentions the word "allergy", "nuts" or "nut".'],
      ['just vegetarians and vegans', 'Keep rows where ‹Diet› is "vegetarian" or "Vegan".'],
      ['throw out everyone who can\'t swim', 'Set aside rows where ‹Swims› is "No", "n", "no" or "N".'],
      ['sort by birth date, youngest first', 'Sort by ‹Born› from high to low.'],
      ['three children from each group, drawn at random', 'Keep 3 rows at random with seed 1 for each ‹Group›.'],
      ['How old is each child on 1 July 2025, in full years?', 'Add ‹Years from Born to 2025-07-01› as the whole years from ‹Born› to the date "2025-07-01".'],
      ['how many nights does each of them stay? blank if the leaving day is missing', 'Add ‹Days from Arrives to Leaves› as the whole days from ‹Arrives› to ‹Leaves›.'],
      ['what is left to pay: fee minus deposit, where a missing deposit counts as 0', 'Add ‹Fee minus Deposit› as ‹Fee› minus (‹Deposit›, or 0 where it is blank).'],
      ['does the remark mention an allergy? yes / no column', 'Add ‹Remarks label› as if ‹Remarks› mentions the word "allergy" then "yes", otherwise "no".'],
      ['Care: medical if the remarks say asthma, medicine, epipen or allergic; family if they say mother or twin; otherwise none', 'Add ‹Care› as if ‹Remarks› mentions the word "asthma", "asthmas", "medicine", "medicines", "epipen", "epipens" or "allergic" then "medical", if ‹Remarks› mentions the word "mother", "mothers", "twin" or "twins" then "family", otherwise "none".'],
      ['age group in a new column called Cabin: born before 2013 is senior, 2013 and 2014 middle, after that junior', null],
      ['how many children are there per group', 'Answer ‹Different Child› as the number of different values of ‹Child› over the rows; for each ‹Group›.'],
      ['how many have no contact', 'Answer ‹Rows› as the number of rows; only where ‹Contact› is blank.'],
      ['what share of the children is vegetarian or vegan, in percent with one decimal', 'Answer ‹Share %› as ((the sum of (if ‹Diet› is "vegetarian" or "Vegan" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['who brought the highest deposit', 'Answer ‹Highest Deposit› as the highest of ‹Deposit› over the rows; for each ‹Child›; sorted by ‹Highest Deposit› from high to low; the first 1.'],
      ['how many different schools', 'Answer ‹Different School› as the number of different values of ‹School› over the rows.'],
      ['delete everyone whose passport has expired', null],
      ['add each child\'s shoe size', null],
    ],
  },
  {
    table: 'cheeses',
    csv: `Batch,Made On,Cheese,Milk,Wheels,Kg,Ready On,Sold Kg,Price,Score,Moist %,Cellar,Tester,Comment,Shop
B-2401,2025-01-06,Karst,1200 l,12,118.5,2025-04-06,90,14.50,4,38.2,C1 - shelf 4,H. Pohl,"good rind, a little salty",Dell
B-2402,2025-01-08,Karst,11.5 hl,11,104,2025-04-08,104,14.50,5,37.9,C1 - shelf 5,h pohl,"excellent, nutty",Dell
B-2403,2025-01-13,Blue Mire,800 l,20,76.4,2025-02-24,30,18,2,44.1,C2 - shelf 1,M. Stell,"mould too weak, bitter",Quayside
B-2404,2025-01-20,Blue Mire,820 l,20,80,2025-03-03,,18,,44.6,C2 - shelf 2,M.Stell,,Quayside
B-2405,2025-02-03,Old Anders,15 hl,15,140.2,2025-11-03,0,22.80,4,34,C3 - shelf 9,H. Pohl,"promising, needs longer",
B-2406,2025-02-03,Karst,1190 l,12,116,2025-05-03,61.5,14.50,3,,C1-shelf 6,Stell,"cracked rind on 3 wheels",Dell
B-2407,2025-02-17,Soft Lamb,300 l,60,28.3,2025-03-03,28.3,26,5,52.5,C2 - shelf 3,I. Brenner,"lovely, creamy",Marlow
B-2408,2025-02-24,Soft Lamb,310 l,,,2025-03-10,,26,1,,C2 - shelf 4,I Brenner,"batch dumped, sour",Marlow
B-2409,2025-03-03,Blue Mire,790 l,19,74,2025-04-14,40,18.50,4,43.8,C2 - shelf 5,m. stell,"good veins",Quayside
B-2410,2025-03-10,Old Anders,14.8 hl,15,139,2025-12-10,0,23.40,3,34.4,C3 - shelf 10,Pohl,"bit dry; smells of 2 days old hay",Marlow
B-2411,2025-03-17,Karst,1210 l,12,119.2,2025-06-17,20,15,5,38,C1 - shelf 7,H. Pohl,"excellent",Dell
B-2412,2025-04-01,Karst,12 hl,12,117,2025-07-01,0,15,,38.4,C1 - shelf 8,B. Ito,"not tasted yet",
`,
    cases: [
      ['milk in litres, number only (1 hl is 100 litres)', 'Turn ‹Milk› into numbers in "l".'],
      ['the testers are always H. Pohl, M. Stell, I. Brenner or B. Ito, fix the spelling', 'Spell ‹Tester› as "H. Pohl", "M. Stell", "I. Brenner" or "B. Ito".'],
      ['cellar is cellar and shelf in one. I want Cellar and Shelf no. apart, the latter as a number', null],
      ['shop is missing for some, fill in \'unsold\'', 'Fill blanks in ‹Shop› with "unsold".'],
      ['Take out the B- of the batch numbers', 'Remove "B-" from ‹Batch›.'],
      ['batch without the dash, please: B2401', 'Remove "-" from ‹Batch›.'],
      ['give me the number of days it matures, from made to ready', 'Add ‹Days from Made On to Ready On› as the whole days from ‹Made On› to ‹Ready On›.'],
      ['yield: kg of cheese per 100 litres of milk, after milk has been put in litres', null],
      ['kg per wheel with 2 decimals, empty if wheels or kg is missing', 'Add ‹Kg per Wheels› as ‹Kg› divided by ‹Wheels› rounded to 2 decimals.'],
      ['unsold kilos = kg less sold kg, and if sold kg is empty nothing was sold yet', 'Add ‹unsold kilos› as ‹Kg› minus (‹Sold Kg›, or 0 where it is blank).'],
      ['what\'s the value of the stock that is left, in euros', null],
      ['sold as a percentage of kg, no decimals', 'Add ‹Sold Kg per Kg %› as (‹Sold Kg› divided by ‹Kg›) times 100 rounded to 0 decimals.'],
      ['each batch against the average score of its cheese, one decimal', 'Add ‹Score minus average Score per Cheese› as ‹Score› minus (the mean of ‹Score› over the rows for each ‹Cheese›) rounded to 1 decimal.'],
      ['rank batches by kg, largest gets 1, within each cheese', 'Add ‹Rank by Kg› as the rank, highest first, of ‹Kg› for each ‹Cheese›.'],
      ['running total of kg per cheese in the order of the list', 'Add ‹Running total of Kg› as the running total of ‹Kg› for each ‹Cheese›.'],
      ['Difference in price to the batch before of the same cheese', 'Add ‹Price minus row above Price› as ‹Price› minus (the row above of ‹Price› for each ‹Cheese›).'],
      ['bands for moisture: soft over 50, semi from 40 to 50, hard below 40', 'Add ‹Moist % label› as if ‹Moist %› is more than 50 then "soft", if ‹Moist %› is at least 40 and ‹Moist %› is at most 50 then "semi", if ‹Moist %› is less than 40 then "hard", otherwise blank.'],
      ['score in words: 1 and 2 is poor, 3 fair, 4 good, 5 excellent. no score stays blank', 'Add ‹Score label› as if ‹Score› is blank or else ‹Score› equals 0 then blank, if ‹Score› is at least 1 and ‹Score› is at most 2 then "poor", if ‹Score› equals 3 then "fair", if ‹Score› equals 4 then "good", if ‹Score› equals 5 then "excellent", otherwise blank.'],
      ['Quarter in which it was made, like Q1 2025', 'Add ‹Quarter of Made On year of Made On› as ("Q" and (the quarter of ‹Made On›) joined with "") and (the year of ‹Made On›) joined with " ".'],
      ['month made, as a word', 'Add ‹Month of Made On› as the month name of ‹Made On›.'],
      ['price plus 7% tax, call it Shop Price', 'Add ‹Shop Price› as ‹Price› times (1 plus (7 divided by 100)).'],
      ['5% off for batches with a score under 3, otherwise the price as is, as New Price', 'Add ‹New Price› as if ‹Score› is less than 3 then ‹Price› times (1 minus (5 divided by 100)), otherwise ‹Price›.'],
      ['Status column: sold out if everything is sold, started if some, untouched if none, and blank when we have no weight', null],
      ['first word of the comment', 'Add ‹Part of Comment› as piece 1 of ‹Comment› cut at " ".'],
      ['how many wheels does the comment mention? as number', null],
      ['batches ready in March or April 2025', 'Keep rows where [‹Ready On› is at least the date "2025-03-01" and ‹Ready On› is at most the date "2025-03-31"] or else [‹Ready On› is at least the date "2025-04-01" and ‹Ready On› is at most the date "2025-04-30"].'],
      ['only batches that were not sold at all yet', null],
      ['the two heaviest batches for every cheese', 'Keep 2 rows with the highest ‹Kg› for each ‹Cheese›.'],
      ['anything tasted as bitter, sour or dry', 'Keep rows where ‹Comment› mentions the word "bitter", "sour" or "dry".'],
      ['everything but Karst', 'Keep rows where ‹Cheese› is not "Karst".'],
      ['batches above the average weight', 'Keep rows where ‹Kg› is more than (the mean of ‹Kg› over the rows).'],
      ['keep what needed more than 90 days', 'Keep rows where (the whole days from ‹Made On› to ‹Ready On›) is more than 90.'],
      ['newest batch of each cheese only', null],
      ['sort on cheese and then price descending', 'Sort by ‹Cheese› and ‹Price› from high to low.'],
      ['total kg per cheese, and how much of it was sold', 'Answer ‹Total Kg› as the sum of ‹Kg› over the rows; and ‹Total Sold Kg› as the sum of ‹Sold Kg› over the rows; for each ‹Cheese›.'],
      ['average score per tester, best first', 'Answer ‹Average Score› as the mean of ‹Score› over the rows; for each ‹Tester›; sorted by ‹Average Score› from high to low.'],
      ['which cheese has the highest average moisture', 'Answer ‹Average Moist %› as the mean of ‹Moist %› over the rows; for each ‹Cheese›; sorted by ‹Average Moist %› from high to low; the first 1.'],
      ['how much milk did we use altogether', 'Answer ‹Total Milk in l› as the sum of (‹Milk› measured in "l") over the rows.'],
      ['what did we earn in total, sold kilos times price', 'Answer ‹Total Sold Kg times Price› as the sum of (‹Sold Kg› times ‹Price›) over the rows.'],
      ['how many batches in each month', null],
      ['sum of the comments', null],
      ['only batches with low fat', null],
    ],
  },
  {
    table: 'charges',
    csv: CHARGES,
    others: {
      stations: STATIONS,
    },
    cases: [
      ['Status in lower case everywhere', 'In ‹Status›, write in lower case.'],
      ['break the vehicle into Type, Colour and Plate (some have no spaces round the slash), a single dash is no plate', null],
      ['Station reads area, number, plug. I\'d like 104/B for ST-104-B', null],
      ['site: everything before the last dash of station', 'Add ‹site› as the text before the last "-" in ‹Station›.'],
      ['energy used for every session, end minus start; leave running ones blank', null],
      ['how long was each car plugged in, in minutes', 'Add ‹Minutes from Plugged In to Unplugged› as the minutes from ‹Plugged In› to ‹Unplugged›.'],
      ['hours connected with one decimal', null],
      ['cost per kWh used, 3 decimals, nothing if no energy was used', null],
      ['check the bill: used times rate is what it should be. add Expected with two decimals', null],
      ['and flag the rows where billed is off by more than a cent', null],
      ['speed: average kW during the session i.e. energy divided by hours, 1 decimal', null],
      ['did it run overnight? yes if it was unplugged on another day than plugged in', null],
      ['time of day it started: before 9 is morning, 9 to 17 is day, after that evening', 'Add ‹time of day it started› as if (the minute of the day of ‹Plugged In›) is less than 540 then "morning", if (the minute of the day of ‹Plugged In›) is at least 540 and (the minute of the day of ‹Plugged In›) is less than 1020 then "day", if (the minute of the day of ‹Plugged In›) is at least 1020 then "evening", otherwise blank.'],
      ['date it started in a column Day', null],
      ['Note: pull out the error number', 'Add ‹Number› as the first number in (the text after the first "error" in ‹Note›).'],
      ['the refund in euros from the note, as a number', null],
      ['first and last name of the holder', 'Add ‹First name› as (the first name of the person in ‹Holder›) and (the middle name of the person in ‹Holder›) joined with " ". Add ‹Last name› as the last name of the person in ‹Holder›.'],
      ['initials of the holders', 'Add ‹Initials of Holder› as the initials of ‹Holder›.'],
      ['weekend sessions only', 'Keep rows where (the weekday of ‹Plugged In›) is "Saturday" or "Sunday".'],
      ['throw out failed ones and those still running', 'Set aside rows where ‹Status› is "failed" or "running".'],
      ['sessions that started between 1 and 7 March 2026 inclusive', 'Keep rows where ‹Plugged In› is at least the date "2026-03-01" and ‹Plugged In› is at most the date "2026-03-07".'],
      ['longest session per holder', 'Add ‹Hours from Plugged In to Unplugged› as the hours from ‹Plugged In› to ‹Unplugged›. Keep 1 row with the highest ‹Hours from Plugged In to Unplugged› for each ‹Holder›.'],
      ['sessions per holder', 'Answer ‹Rows› as the number of rows; for each ‹Holder›.'],
      ['kWh in total for each station', null],
      ['how many kWh did Vera Lund use in March', null],
      ['Which station is used most often?', 'Answer ‹Rows› as the number of rows; for each ‹Station›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average duration in minutes for fast and slow', 'Answer ‹Average minutes from Plugged In to Unplugged› as the mean of (the minutes from ‹Plugged In› to ‹Unplugged›) over the rows; for each ‹Kind›; only where ‹Kind› is "fast" or "slow".'],
      ['bring in the district of each station', 'Add ‹District› as the ‹District› in the table "stations" where ‹Code› is ‹Station›.'],
      ['the power of the station next to each session', 'Add ‹Power› as the ‹Power› in the table "stations" where ‹Code› is ‹Station›.'],
      ['does each station exist in the stations table? matched or unmatched', 'Add ‹Station label› as if ‹Station› stands under ‹Code› in the table "stations" then "matched", otherwise "unmatched".'],
      ['sessions at a station that\'s not in stations', 'Keep rows where not (‹Station› stands under ‹Code› in the table "stations").'],
      ['add the monthly fee of the station and work out billed plus fee', null],
      ['only sessions in Millside', 'Keep rows where (the ‹District› in the table "stations" where ‹Code› is ‹Station›) is "Millside".'],
      ['kWh per district', null],
    ],
  },
  {
    table: 'stations',
    csv: STATIONS,
    others: {
      charges: CHARGES,
    },
    cases: [
      ['power as a number in kW; those in W have to be divided by 1000', 'Turn ‹Power› into numbers in "kw".'],
      ['covered only yes or no, blank stays', 'Turn ‹Covered› into yes or no.'],
      ['Harbor is a typo', 'Replace cells that are "Harbor" in ‹District› with "Harbour".'],
      ['owner: Town Works and Co-op Lund are the only two', 'Spell ‹Owner› as "Town Works" or "Co-op Lund".'],
      ['split street into street and postcode, some have no postcode', null],
      ['growth in visits from 2024 to 2025 as a percentage with one decimal. Blank if 2024 is 0 or empty', 'Add ‹Visits 2025 minus Visits 2024 per Visits 2024 %› as ((‹Visits 2025› minus ‹Visits 2024›) divided by ‹Visits 2024›) times 100 rounded to 1 decimal.'],
      ['how many years has each station been open on 31/12/2025, full years', 'Add ‹Years from Opened to 2025-12-31› as the whole years from ‹Opened› to the date "2025-12-31".'],
      ['how many sessions did each station have? 0 if none', 'Add ‹Number of charges› as (the number of ‹Station› in the table "charges" where ‹Station› is ‹Code›), or 0 where it is blank.'],
      ['the total billed for each station from charges, as Revenue', 'Add ‹Revenue› as the sum of all ‹Billed› in the table "charges" where ‹Station› is ‹Code›.'],
      ['which stations had no session at all', 'List each ‹Code›; only where not (‹Code› stands under ‹Station› in the table "charges").'],
      ['is budget used: yes if what was billed in charges is more than the budget', 'Add ‹budget used› as if ((the sum of all ‹Billed› in the table "charges" where ‹Station› is ‹Code›), or 0 where it is blank) is more than ‹Budget› then "yes", otherwise "no".'],
      ['yearly fee, 12 months plus 20% vat', 'Add ‹yearly fee› as (12 times ‹Monthly Fee›) times (1 plus (20 divided by 100)).'],
      ['stations that lost visitors', null],
      ['visits 2025 per kW of power', 'Add ‹Visits 2025 per Power in kw› as ‹Visits 2025› divided by (‹Power› measured in "kw").'],
      ['make visits whole numbers', null],
    ],
  },
  {
    table: 'games',
    csv: `Game,Played On,Start,Room,Team,Players,Time,Solved,Hints,Host,Price each,Discount,Paid,Rating,Booked via,Remark
G-0101,03/02/2026,18:30,The Vault,"night owls",5,52:40,Yes,3,T. Garner,24.00,,£120.00,5,web,"great fun, host was lovely"
G-0102,03/02/2026,20:15,the vault,"  Fern Family",4,60:00,no,6,garner,24,10%,£86.40,3,Phone,"too dark, could not read the map"
G-0103,2026-02-04,17:00,Lost Mine,QUARTZ CREW,6,47:05,Yes,2,Lise Moor,22.50,,£135.00,4,Web,
G-0104,05 Feb 2026,19:00,Lost mine,,3,,,0,L. Moor,22.50,,refunded,,web,"cancelled because of snow"
G-0105,06/02/2026,18:30,Moon Base,The 4 Keys,4,58:12,yes,5,T Garner,26,5%,£98.80,4,walk in,"lock on door 3 stuck, staff helped quickly"
G-0106,07/02/2026,11:00,Moon base,"night owls",5,44:59,YES,1,Nils Ode,26,,£130.00,5,phone,"best room so far!"
G-0107,07/02/2026,13:30,The Vault,Brass Monkeys,2,60:00,N,8,Nils Ode,24,,£48.00,2,Web,"broken light, cold, no refund offered"
G-0108,08/02/2026,15:00,Lost Mine,"Oak & Ash Ltd",8,51:30,Y,4,lise moor,22.50,20%,"£1,144.00",,e-mail,"company party, invoice to office@oakash.example"
G-0109,12/02/2026,18:00,The vualt,Fern family,4,55:21,yes,3,Garner T.,24,10%,£86.40,4,phone,"second try, happy now"
G-0110,13/02/2026,20:30,Moon Base,Red Kites,6,60:00,No,7,Ode,26,,n/a,1,web,"game master rude, want money back £156"
G-0110,13/02/2026,20:30,Moon Base,Red Kites,6,60:00,No,7,Ode,26,,n/a,1,web,"game master rude, want money back £156"
G-0111,14/02/2026,,Lost Mine,Two Hearts,2,39:48,Yes,0,L. Moor,22.50,,£45.00,5,Walk in,
`,
    others: {
      rooms: `Room,Address,Opened,Minutes,Max Players,Rent per month,Visits 2025,Hall
The Vault,"Mill Lane 4, Eastby",2023-05-01,60,6,£850,1210,A
Lost Mine,"Mill Lane 4, Eastby",2024-01-15,60,6,£700,980,B
Moon Base,"Quay 12, Northby",2025-06-20,75,8,"£1,100",640,A
Clock Tower,"Quay 12, Northby",2026-03-01,60,5,£900,0,C
`,
    },
    cases: [
      ['team names: remove surplus blanks and put a capital on every word', 'In ‹Team›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['paid should be numeric without the pound sign; "refunded" and n/a become empty', 'Turn ‹Paid› into numbers, reading "refunded" as blank and "n/a" as blank.'],
      ['bring all dates into one proper date format, the day is before the month', 'Turn ‹Played On› into dates, the day before the month.'],
      ['rooms are The Vault, Lost Mine and Moon Base, nothing else', 'Spell ‹Room› as "The Vault", "Lost Mine" or "Moon Base".'],
      ['the host column is a mess, use T. Garner, L. Moor and N. Ode', null],
      ['solved: yes or no only', 'Turn ‹Solved› into yes or no.'],
      ['booked via in lower case please', 'In ‹Booked via›, write in lower case.'],
      ['write 0 for no discount and drop the % sign', null],
      ['playing time in seconds, it\'s minutes:seconds', 'Turn ‹Time› into numbers in "s".'],
      ['teams without a name should be called Unknown', 'Fill blanks in ‹Team› with "Unknown".'],
      ['the missing start is the same as the one above', 'Fill blanks in ‹Start› with the value above.'],
      ['remove the G- in front of the game number', 'Remove leading "G-" from ‹Game›.'],
      ['take Ltd off the end of the team', 'Remove trailing "Ltd" from ‹Team›.'],
      ['the initial and last name of the host apart: Initial and Surname', null],
      ['add a column with only the day of the week', 'Add ‹Weekday of Played On› as the weekday of ‹Played On›.'],
      ['make one column out of played on and start, call it Played At', 'Add ‹Played At› as ‹Played On› at the time ‹Start›.'],
      ['number of the door that is mentioned in the remark', 'Add ‹Number› as the first number in (the text after the first "door" in ‹Remark›).'],
      ['any amount of pounds in the remark, as a number', 'Add ‹Amount of money› as the first amount of money in ‹Remark›.'],
      ['e-mail in the remark', 'Add ‹E-mail address› as the first e-mail address in ‹Remark›.'],
      ['how many words is each remark', 'Add ‹Words in Remark› as the number of words in ‹Remark›.'],
      ['get rid of booked via and hints', 'Drop ‹Booked via› and ‹Hints›.'],
      ['rename Time to Minutes Taken and Price each to Price', 'Rename ‹Time› to ‹Minutes Taken› and ‹Price each› to ‹Price›.'],
      ['put Rating directly before Remark', 'Move ‹Rating› to before ‹Remark›.'],
      ['keep Game, Room, Team and Paid', 'Keep only the columns ‹Game›, ‹Room›, ‹Team› and ‹Paid›.'],
      ['change hints to whole numbers', 'Turn ‹Hints› into whole numbers.'],
      ['the same game was typed twice, throw one of them out', 'Keep the first row of each ‹Game›, ‹Played On›, ‹Start›, ‹Room›, ‹Team›, ‹Players›, ‹Time›, ‹Solved›, ‹Hints›, ‹Host›, ‹Price each›, ‹Discount›, ‹Paid›, ‹Rating›, ‹Booked via› and ‹Remark›.'],
      ['show only solved games', 'Keep rows where ‹Solved› is "Yes", "yes", "YES" or "Y".'],
      ['games played on a weekend', 'Keep rows where (the weekday of ‹Played On›) is "Saturday" or "Sunday".'],
      ['all games between 5 and 8 February 2026', 'Keep rows where ‹Played On› is at least the date "2026-02-05" and ‹Played On› is at most the date "2026-02-08".'],
      ['games with 5 or more players that were not solved', 'Keep rows where ‹Players› is at least 5 and ‹Solved› is "No", "no" or "N".'],
      ['remove games where no rating was given', 'Set aside rows where ‹Rating› is blank.'],
      ['those with a discount', 'Keep rows where ‹Discount› is filled.'],
      ['games hosted by Nils Ode', 'Keep rows where ‹Host› is "Nils Ode".'],
      ['remarks that complain: broken, dark, cold, rude or stuck', null],
      ['the three quickest games', 'Add ‹Time in min› as ‹Time› measured in "min". Keep 3 rows with the lowest ‹Time in min›.'],
      ['quickest game for every room', 'Add ‹Time in min› as ‹Time› measured in "min". Keep 1 row with the lowest ‹Time in min› for each ‹Room›.'],
      ['order by room, then by rating from best to worst', 'Sort by ‹Room› and ‹Rating› from high to low.'],
      ['latest games first, and on the same day the later start first', 'Sort by ‹Played On› from high to low and ‹Start› from high to low.'],
      ['pick five games at random', 'Keep 5 rows at random with seed 1.'],
      ['what should have been paid: players times price each', 'Add ‹Players times Price each› as ‹Players› times ‹Price each›.'],
      ['Due = players x price each less the discount', 'Add ‹Due› as (‹Players› times ‹Price each›) times (1 minus (‹Discount› divided by 100)).'],
      ['difference between paid and players times price, nothing where paid is missing', 'Add ‹Paid minus Players times Price each› as ‹Paid› minus (‹Players› times ‹Price each›).'],
      ['time left: 60 minutes less the time taken, in seconds', null],
      ['average rating of the room next to each game, one decimal', 'Add ‹Average Rating per Room› as the mean of ‹Rating› over the rows for each ‹Room› rounded to 1 decimal.'],
      ['is the game better or worse rated than the average of its room?', null],
      ['share of the room\'s income in percent, no decimals', 'Add ‹Paid per total Paid per Room %› as (‹Paid› divided by (the sum of ‹Paid› over the rows for each ‹Room›)) times 100 rounded to 0 decimals.'],
      ['how many games has this team played in total', 'Add ‹Rows per Team› as the number of rows for each ‹Team›.'],
      ['number the games of each room in the order they are listed', 'Add ‹Number within Room› as the number of the row for each ‹Room›.'],
      ['hints per player rounded to 2 places, blank when no players', 'Add ‹Hints per Players› as ‹Hints› divided by ‹Players› rounded to 2 decimals.'],
      ['running total of players per room', 'Add ‹Running total of Players› as the running total of ‹Players› for each ‹Room›.'],
      ['team size: duo for 2, small for 3 or 4, big for more', null],
      ['speed class: under 45 minutes is fast, up to 55 is medium, slower is slow; unsolved games get "failed"', null],
      ['Mood: good if the remark has great, best, lovely, happy or fun, bad if it has dark, broken, cold, rude or stuck, else neutral; without a remark leave it empty', 'Add ‹Mood› as if ‹Remark› is blank then blank, if ‹Remark› mentions the word "great", "best", "bests", "lovely", "happy", "fun" or "funs" then "good", if ‹Remark› mentions the word "dark", "darks", "broken", "cold", "rude" or "stuck" then "bad", otherwise "neutral".'],
      ['morning, afternoon or evening going by the start (afternoon from 12, evening from 18)', 'Add ‹Start label› as if (the minute of the day of ‹Start›) is less than 720 then "morning", if (the minute of the day of ‹Start›) is at least 1080 then "evening", if (the minute of the day of ‹Start›) is at least 720 then "afternoon", otherwise blank.'],
      ['10% surcharge on weekends: new column Weekend Price, otherwise the normal price each', null],
      ['was the time used up? yes when it is 60:00', null],
      ['income per room', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Room›.'],
      ['how many games per host, most first', 'Answer ‹Rows› as the number of rows; for each ‹Host›; sorted by ‹Rows› from high to low.'],
      ['average number of players per room with one decimal', 'Answer ‹Average Players› as the mean of ‹Players› over the rows rounded to 1 decimal; for each ‹Room›.'],
      ['which room has the best rating on average', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; for each ‹Room›; sorted by ‹Average Rating› from high to low; the first 1.'],
      ['what percentage of games was solved?', 'Answer ‹Share %› as ((the sum of (if ‹Solved› is "Yes", "yes", "YES" or "Y" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which team came most often', 'Answer ‹Rows› as the number of rows; for each ‹Team›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many different teams played in February 2026', 'Answer ‹Different Team› as the number of different values of ‹Team› over the rows; only where ‹Played On› is at least the date "2026-02-01" and ‹Played On› is at most the date "2026-02-28".'],
      ['median rating', 'Answer ‹Median Rating› as the median of ‹Rating› over the rows.'],
      ['sum of the remarks', null],
      ['add the max players of the room', 'Add ‹Max Players› as the ‹Max Players› in the table "rooms" where ‹Room› is ‹Room›.'],
      ['where did more people play than the room allows', null],
      ['games in hall A', null],
      ['add the rent of each room without the pound sign', null],
      ['bring the opening date over and say how many days after the opening the game was played', null],
      ['rooms nobody has played in', null],
    ],
  },
  {
    table: 'waste',
    csv: `Slip,Date,Customer,Vehicle,Kind,Gross kg,Tare kg,Price per t,Net,Account,Driver no,District,Comment
W2201,2025-09-01 07:55,Holm & Sons,KR-221 / tipper,garden waste,8420,6100,45,"2,320 kg",30-118,17,North,
W2202,2025-09-01 08:20,council,KR-118 / lorry,Glass,15200,9900,0,5.3 t,30-001,4,West,"mixed with plastic, sorted on site"
W2203,2025-09-02 09:00,Rill Builders,"PL-90/van",rubble,4100,2600,38,1.5 t,30-207,,North,"plus 2 tyres, 8.00 extra"
W2204,2025-09-02 16:40,holm & sons,KR-221 / tipper,Garden Waste,7900,6100,45,"1,800 kg",30-118,17,North,"wet"
W2205,2025-09-04 10:10,private,car,paper,,,0,40 kg,,,,
W2206,2025-09-05 11:30,Council,KR-118 / lorry,glass,14950,9900,0,5.05 t,30-001,4,South,
W2207,2025-09-08 08:05,Marsh Farm,"TR-7 / trailer",Metal,3050,2210,-120,840 kg,30-310,22,East,"we pay; two old fridges, 25.00 extra"
W2208,2025-09-09 14:00,Rill builders,PL-90/van,rubble,3900,2600,38,1.3 t,30-207,9,north,"asbestos suspected!"
W2209,2025-09-15 09:45,Private,car,rubble,1980,1750,38,230 kg,,,West,"paid cash 8.74"
W2210,2025-09-16 12:00,Marsh farm,TR-7 / trailer,garden waste,2900,2210,45,,30-310,22,East,"scale broken, net by guess"
W2211,2025-10-01 07:50,Council,KR-118 / lorry,paper,12100,9900,-20,2.2 t,30-001,4,West,
W2212,2025-10-02 15:15,Holm & Sons,KR-305 / lorry,rubble,18800,9200,38,9.6 t,30-118,18,South,"asbestos found, rejected, sent back"
`,
    others: {
      accounts: `Account,Name,Street,Limit,Paid to date,Since,Contact
30-001,Town Council,Hall Square 1,2000,0,2010-01-01,clerk@eastby.example
30-118,Holm & Sons,Mill Lane 9,500,260.00,2016-04-12,
30-207,Rill Builders,Quay 3,300,57,2021-11-03,office@rill.example
30-310,Marsh Farm,Farm Road,100,-90,2019-06-30,marsh@post.example
30-400,Ode Tiles,Quay 8,250,0,2024-02-02,nils@ode.example
`,
    },
    cases: [
      ['customer names should all be written alike: Holm & Sons, Council, Rill Builders, Marsh Farm and Private', 'Spell ‹Customer› as "Holm & Sons", "Council", "Rill Builders", "Marsh Farm" or "Private".'],
      ['kinds start with a capital, rest small', 'In ‹Kind›, write in sentence case.'],
      ['Net to kilos, just the figure', 'Turn ‹Net› into numbers in "kg".'],
      ['split vehicle in plate and type, there are some with no blanks and some with only a type', 'Split ‹Vehicle› at "/" into ‹plate› and ‹type›.'],
      ['date without the time', 'Set ‹Date› to the date of ‹Date›.'],
      ['the hour of the weighing in its own column', 'Add ‹Hour of Date› as the hour of ‹Date›.'],
      ['everything from the slip except the W as a number', null],
      ['District in the first letter only, big', null],
      ['if the district is missing put Unknown', 'Fill blanks in ‹District› with "Unknown".'],
      ['empty driver no means 0', 'Fill blanks in ‹Driver no› with "0".'],
      ['net weight is gross minus tare, in a column Load', 'Add ‹Load› as ‹Gross kg› minus ‹Tare kg›.'],
      ['amount due: load in tonnes times price per t, where load is gross less tare', null],
      ['what they pay: (gross - tare) / 1000 * price per t, rounded to cents', 'Add ‹Gross kg minus Tare kg per 1000 times Price per…› as ((‹Gross kg› minus ‹Tare kg›) divided by 1000) times ‹Price per t› rounded to 2 decimals.'],
      ['check: net in kg against gross minus tare, ok or wrong', 'Add ‹Net label› as if (‹Net› measured in "kg") is blank or else ‹Gross kg› minus ‹Tare kg› is blank then blank, if (‹Net› measured in "kg") equals ‹Gross kg› minus ‹Tare kg› then "ok", if (‹Net› measured in "kg") differs from ‹Gross kg› minus ‹Tare kg› then "wrong", otherwise blank.'],
      ['price per kg', null],
      ['classify by load (gross minus tare): below 500 kg small, 500 to 2000 medium, above large, blank if not weighed', null],
      ['paid or received: we pay when the price is negative, free at zero, they pay otherwise', null],
      ['extra charge from the comment as a number', null],
      ['does the comment talk about asbestos, yes/no', 'Add ‹Comment label› as if ‹Comment› mentions the word "asbestos" then "yes", otherwise "no".'],
      ['how much heavier is it than the last load of the same customer', null],
      ['share of the day\'s total gross weight', null],
      ['cumulated net per kind, net as kilos', 'Add ‹Running total of Net in kg› as the running total of (‹Net› measured in "kg") for each ‹Kind›. Turn ‹Net› into numbers in "kg".'],
      ['September only', 'Keep rows where (the month of ‹Date›) equals 9.'],
      ['everything before noon', 'Keep rows where (the minute of the day of ‹Date›) is less than 720.'],
      ['loads of more than 5 t gross', 'Keep rows where ‹Gross kg› is more than 5000.'],
      ['no private customers', 'Set aside rows where ‹Customer› is "private".'],
      ['throw out the rubble with asbestos', 'Set aside rows where ‹Kind› is "rubble" and ‹Comment› mentions the word "asbestos".'],
      ['only the heaviest load of each customer', null],
      ['loads that came in a tipper or a lorry', 'Keep rows where ‹Vehicle› mentions the word "tipper" or "lorry".'],
      ['sort by kind and inside that by date, the newest first', 'Sort by ‹Kind› and ‹Date› from high to low.'],
      ['tonnes per kind', null],
      ['number of loads per customer and month', 'Answer ‹Rows› as the number of rows; for each ‹Customer›; and by ‹Month of Date› as the month of ‹Date›.'],
      ['who brought the most glass', null],
      ['average load per vehicle type', null],
      ['how many loads had no driver', 'Answer ‹Rows› as the number of rows; only where ‹Driver no› is blank.'],
      ['what was the biggest gross weight', 'Answer ‹Highest Gross kg› as the highest of ‹Gross kg› over the rows.'],
      ['which day was the busiest', 'Answer ‹Rows› as the number of rows; for each ‹Date of Date› as the date of ‹Date›; sorted by ‹Rows› from high to low; the first 1.'],
      ['total tare of the lorries', 'Answer ‹Total Tare kg› as the sum of ‹Tare kg› over the rows; only where ‹Vehicle› mentions the word "lorry".'],
      ['how many kilos of rubble in total, gross less tare', null],
      ['put the account holder\'s name from accounts next to each slip', null],
      ['add the limit of the account', 'Add ‹Limit› as the ‹Limit› in the table "accounts" where ‹Account› is ‹Account›.'],
      ['loads whose account is not in accounts', 'Keep rows where not (‹Account› stands under ‹Account› in the table "accounts").'],
      ['accounts without any load', null],
      ['how long has the customer been with us on the day of the load, in years', null],
      ['loads of customers since before 2018', 'Keep rows where (the ‹Since› in the table "accounts" where ‹Account› is ‹Account›) is less than the date "2018-01-01".'],
      ['contact mail of the account, no account no mail', null],
      ['is the customer name the same as the account name? yes or no', null],
      ['delete everything that smells', null],
      ['which loads were late', null],
    ],
  },
  {
    table: 'bouquets',
    csv: `Order No,Ordered,Deliver On,Time Slot,Recipient,Address,Bouquet,Stems,Colour,Price,Delivery Fee,Tip,Florist,Driver,Delivered At,Card Text,Complaint
F-3001,2026-02-09,2026-02-14,morning,"Mrs. Nora Vale","3 Mill Lane, Harth, 4021",Rose classic,12,red,€39.00,5.00,,Ines,Tom K.,2026-02-14 10:20,"With all my love, R.",
F-3002,2026-02-10,14/02/2026,afternoon,Dr. Omar Lund,"Quay 8, Skell",wild meadow,20,mixed,"€45,50",5.00,2.00,ines,Tom K,2026-02-14 16:05,"Happy birthday!",
F-3003,2026-02-10,2026-02-14,morning,ms. ada brook,"17 High Street, Harth, 4023",Rose Classic,24,Red,€72.00,0,,Paolo,Jo P.,2026-02-14 13:40,"Forever yours","came too late, after noon"
F-3004,2026-02-11,2026-02-14,evening,Mr Ben Tarn,"Quay 8, Skell",Tulip box,30,yellow,€33.00,5.00,1.00,Paolo,Jo P.,2026-02-14 18:55,,
F-3005,2026-02-11,15 Feb 2026,morning,"Dr. Omar Lund","Quay 8, Skell",tulip box,30,White,€33.00,5.00,,Ines K.,Tom K.,,"Get well soon","wrong colour, wanted yellow"
F-3006,2026-02-12,2026-02-16,afternoon,Holm Bakery Ltd,"1 Market Sq, Orby, 5100",Wild Meadow,40,mixed,€91.00,8.50,,Paolo,Tom K.,2026-02-16 15:10,"Congratulations on 10 years!",
F-3007,2026-02-13,2026-02-14,Morning,Mrs Nora Vale,"3 Mill Lane, Harth, 4021",Orchid single,1,white,€28.00,5.00,3.50,INES,Jo P.,2026-02-14 09:15,"From your kids","stem broken, 2 flowers missing"
F-3008,2026-02-16,2026-02-20,,Ms Lea Finch,"9 Ridge Road, Orby, 5102",Rose classic,12,pink,€39.00,8.50,,Paolo,tom k.,2026-02-20 11:00,"Sorry!!",
F-3009,2026-02-17,2026-02-21,afternoon,mr ben tarn,"Quay 8, Skell",Orchid single,2,white,€52.00,5.00,,,,,"See you Sunday",cancelled by customer
F-3010,2026-02-18,2026-03-02,evening,"Finch, Lea","9 Ridge Road, Orby, 5102",wild meadow,20,mixed,45.50,8.50,1.50,Ines,Jo P,2026-03-02 19:30,,
F-3010,2026-02-18,2026-03-02,evening,"Finch, Lea","9 Ridge Road, Orby, 5102",wild meadow,20,mixed,45.50,8.50,1.50,Ines,Jo P,2026-03-02 19:30,,
F-3011,2026-02-27,2026-03-08,morning,Orby School,"2 School Lane, Orby, 5100",Tulip Box,60,yellow,"€1,066.00",0,,Paolo,Tom K.,2026-03-08 08:05,"Thank you, teachers; 26 boxes","two boxes short"
`,
    others: {
      catalogue: `Name,Code,List Price,Stems,Cost,Season,Supplier
Rose Classic,RC,39.00,12,14.20,all year,Lindner Farm
Wild Meadow,WM,45.50,20,17.80,March to October,Ode Meadows
Tulip Box,TB,33.00,30,11.00,January to May,Lindner Farm
Orchid Single,OS,28.00,1,9.90,all year,Glass & Co
Dahlia Round,DR,36.00,15,12.40,July to October,Lindner Farm
`,
    },
    cases: [
      ['We\'ve got three ways of spelling every bouquet. It should be Rose Classic, Wild Meadow, Tulip Box and Orchid Single, as in the catalogue.', 'Spell ‹Bouquet› as "Rose Classic", "Wild Meadow", "Tulip Box" or "Orchid Single".'],
      ['The price column should hold nothing but numbers; mind the one where a comma is the decimal sign', 'Turn ‹Price› into numbers.'],
      ['could you get the delivery days into real dates? they\'re day first when there are slashes', null],
      ['Florists: INES, ines and Ines K. are all the same person, Ines', 'Replace cells that are "INES", "ines" or "Ines K." in ‹Florist› with "Ines".'],
      ['drivers are sometimes missing the full stop at the end, so please make them Tom K. and Jo P. throughout', null],
      ['slots in small letters and if there isn\'t one write "any"', 'In ‹Time Slot›, write in lower case. Fill blanks in ‹Time Slot› with "any".'],
      ['no tip means nothing was given, so put a zero there', 'Fill blanks in ‹Tip› with "0".'],
      ['Please take the form of address (Mr, Mrs, Ms, Dr) off the recipients', null],
      ['colours all in lower case', 'In ‹Colour›, write in lower case.'],
      ['the town is what comes between the commas in the address, into a column Town', 'Add ‹Town› as piece 2 of ‹Address› cut at ",".'],
      ['some addresses end with a four-digit code. pull that into Postcode', null],
      ['Could I have the house number and street separately from the town?', null],
      ['what is the first name of each recipient', 'Add ‹First name› as the first name of the person in ‹Recipient›.'],
      ['how many flowers are missing according to the complaint? just the number', null],
      ['I would like a column called Label that reads like "Rose Classic for Mrs. Nora Vale"', 'Add ‹Label› as ‹Bouquet› followed by " for " followed by ‹Recipient›.'],
      ['put what\'s on the card in quotes? no wait, just make it all capitals', null],
      ['order number without the letter and dash, as a number', 'Remove all everything but digits from ‹Order No›. Turn ‹Order No› into numbers.'],
      ['lose the card text and the tip, we won\'t analyse those', 'Drop ‹Card Text› and ‹Tip›.'],
      ['delivery fee should be called Fee, and delivered at should be Arrived', 'Rename ‹Delivery Fee› to ‹Fee› and ‹Delivered At› to ‹Arrived›.'],
      ['I\'d rather have florist and driver right at the beginning', 'Move ‹Florist› and ‹Driver› to the front.'],
      ['turn the stems into whole numbers', 'Turn ‹Stems› into whole numbers.'],
      ['For now just the orders for Valentine\'s day, 14 February 2026', null],
      ['anything that was never delivered can go', 'Set aside rows where ‹Delivered At› is blank.'],
      ['orders which were placed less than three days before the delivery', null],
      ['only keep those where somebody complained', 'Keep rows where ‹Complaint› is filled.'],
      ['show me the ones for Orby', null],
      ['what came later than 1 pm?', 'Keep rows where (the minute of the day of ‹Delivered At›) is more than 780.'],
      ['morning deliveries that arrived after noon', null],
      ['the ones in Harth or Skell with more than 12 stems', 'Keep rows where ‹Address› mentions the word "Harth" or "Skell" and ‹Stems› is more than 12.'],
      ['F-3010 is in there twice, please remove the second', 'Keep the first row of each ‹Order No›.'],
      ['the three most expensive orders, please', 'Keep 3 rows with the highest ‹Price›.'],
      ['most expensive order of each florist', 'Keep 1 row with the highest ‹Price› for each ‹Florist›.'],
      ['Just give me a handful, say 4 rows, picked at random', null],
      ['arrange them by the delivery day, and for the same day by driver', null],
      ['How many days passed between the order and the delivery day?', null],
      ['total to pay: price plus fee plus tip, where no tip counts as zero', 'Add ‹total to pay› as (‹Price› plus ‹Delivery Fee›) plus (‹Tip›, or 0 where it is blank).'],
      ['price per stem to the cent', 'Add ‹Price per Stems› as ‹Price› divided by ‹Stems› rounded to 2 decimals.'],
      ['what did we earn on each of them, if 19% of the price is tax?', null],
      ['put the average price of that bouquet next to every order', 'Add ‹Average Price per Bouquet› as the mean of ‹Price› over the rows for each ‹Bouquet›.'],
      ['how does each order\'s price compare with the average of its bouquet, in percent, no decimals', 'Add ‹Price per average Price per Bouquet %› as (‹Price› divided by (the mean of ‹Price› over the rows for each ‹Bouquet›)) times 100 rounded to 0 decimals.'],
      ['number of orders that same recipient has placed', 'Add ‹Rows per Recipient› as the number of rows for each ‹Recipient›.'],
      ['which share of the whole turnover does each order make up? percent, 1 decimal', 'Add ‹Price per total Price %› as (‹Price› divided by (the sum of ‹Price› over the rows)) times 100 rounded to 1 decimal.'],
      ['a column saying free if there\'s no delivery fee, cheap up to 5 and dear above that', 'Add ‹Delivery Fee label› as if ‹Delivery Fee› equals 0 then "free", if ‹Delivery Fee› is at most 5 then "cheap", if ‹Delivery Fee› is more than 5 then "dear", otherwise blank.'],
      ['Say whether it was on time: morning means before 12, afternoon before 18, evening before 21; late otherwise and open when it hasn\'t been delivered', null],
      ['Reason: lateness when the complaint says late, quality when it says broken or wrong, quantity if it says missing or short, cancelled if cancelled, and nothing where nobody complained', 'Add ‹Reason› as if ‹Complaint› is blank then blank, if ‹Complaint› mentions the word "late" then "lateness", if ‹Complaint› mentions the word "broken" or "wrong" then "quality", if ‹Complaint› mentions the word "missing", "short" or "shorts" then "quantity", if ‹Complaint› mentions the word "cancelled" then "cancelled", otherwise blank.'],
      ['mark weekend deliveries', null],
      ['is there an exclamation mark on the card? y/n', null],
      ['Which weekday is each delivery on?', 'Add ‹Weekday of Deliver On› as the weekday of ‹Deliver On›.'],
      ['turnover per florist, please', 'Answer ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Florist›.'],
      ['how many orders did each driver take, and what did they get in tips?', 'Answer ‹Rows› as the number of rows; and ‹Total Tip› as the sum of ‹Tip› over the rows; for each ‹Driver›.'],
      ['average number of stems per bouquet', 'Answer ‹Average Stems› as the mean of ‹Stems› over the rows; for each ‹Bouquet›.'],
      ['what\'s the busiest day', 'Answer ‹Rows› as the number of rows; for each ‹Ordered›; sorted by ‹Rows› from high to low; the first 1.'],
      ['how many orders came without a card', 'Answer ‹Rows› as the number of rows; only where ‹Card Text› is blank.'],
      ['percentage of orders with a complaint', 'Answer ‹Share %› as ((the sum of (if ‹Complaint› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which florist got the most complaints?', 'Answer ‹Count of Complaint› as the count of ‹Complaint› over the rows; for each ‹Florist›; sorted by ‹Count of Complaint› from high to low; the first 1.'],
      ['what is the longest card text', null],
      ['total for February, fees included', null],
      ['look up the cost of each bouquet in the catalogue', 'Add ‹Cost› as the ‹Cost› in the table "catalogue" where ‹Name› is ‹Bouquet›.'],
      ['and what margin is left then: price minus cost', 'Add ‹Price minus Cost› as ‹Price› minus (the ‹Cost› in the table "catalogue" where ‹Name› is ‹Bouquet›).'],
      ['are we selling at list price? show the orders where price differs from the list price', 'Keep rows where ‹Price› differs from (the ‹List Price› in the table "catalogue" where ‹Name› is ‹Bouquet›).'],
      ['put the supplier of the bouquet into a new column', 'Add ‹Supplier› as the ‹Supplier› in the table "catalogue" where ‹Name› is ‹Bouquet›.'],
      ['orders for bouquets from Lindner Farm', 'Keep rows where (the ‹Supplier› in the table "catalogue" where ‹Name› is ‹Bouquet›) is "Lindner Farm".'],
      ['which bouquets of the catalogue did nobody order', null],
      ['does the number of stems match the catalogue? ok or not ok', null],
    ],
  },
  {
    table: 'candidates',
    csv: `Ref,Name,E-mail,Applied,Role Code,Interview,Round,Written Test,Talk,Team Fit,Salary wanted,Notice,Source,Recruiter,Status,Notes
C-01,"ORLOV, Mara",MARA@POST.EXAMPLE,05/01/2026,DEV-2,2026-01-19,1,72,4,5,"52,000",3 months,web,Kim Ray,hired,"speaks German and French, very strong in SQL"
C-02,"Beck, Tim",tim.beck@lind.example ,2026-01-06,DEV-2,2026-01-20,1,55,3,,48000 EUR,1 month,Referral,kim ray,rejected,"weak test; nice person"
C-03,"Sato, Yui",,07/01/2026,ANA-1,2026-02-02,2,91,5,4,"€61,500",6 weeks,agency,J. Moor,offer,"wants to start 1 April, German, Dutch"
C-04,"Adams, Lou",lou(at)mail.example,8 Jan 2026,ANA-1,,0,,,,n/a,none,web,J Moor,withdrawn,"took another job"
C-05,"Quist, Eva",eva@quist.example,2026-01-12,OPS-3,2026-01-28,1,64,4,3,44.000,2 months,WEB,Moor,in process,"needs visa; French"
C-06,"Orlov, Mara",mara@post.example,2026-02-10,ANA-1,2026-02-24,1,80,4,4,54000,3 months,web,Kim Ray,in process,"second application"
C-07,"Hale, Ruth",ruth.hale@lind.example,2026-02-11,DEV-2,2026-02-25,2,88,5,5,58 k,2 weeks,agency,K. Ray,Offer,"strong in SQL, no notice problem"
C-08,"Ibsen, Nils",nils@ibsen.example,2026-02-15,OPS-3,2026-03-03,1,47,2,2,39500,1 month,referral,kim ray,Rejected,"did not know our product"
C-09,"Roth, Dana",dana@roth.example,2026-03-01,QA-9,,0,70,,,45000,,Web,J. Moor,in process,
C-10,"vega, leo",leo@vega.example,2026-03-04,DEV-2,2026-03-18,1,,3,4,50000,3 months,agency,,in process,"test to be done at home"
`,
    others: {
      roles: `Code,Title,Department,Budget,Opened,Target date,Pass mark,Head
DEV-2,Developer,Engineering,55000,2025-12-01,2026-03-31,60,Ana Lux
ANA-1,Data analyst,Finance,58000,2025-12-15,2026-02-28,75,Per Holm
OPS-3,Operations clerk,Operations,42000,2026-01-05,2026-04-30,50,Per Holm
HR-4,Assistant,People,36000,2026-02-20,2026-05-31,50,Ida Roe
`,
    },
    cases: [
      ['Names should read Mara Orlov instead of ORLOV, Mara, for everyone', 'Set ‹Name› to (piece 2 of ‹Name› cut at ",") followed by " " followed by ((piece 1 of ‹Name› cut at ",") in title case).'],
      ['e-mails in lower case without blanks around them', 'In ‹E-mail›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['One mail address is written with (at); make that an @', null],
      ['when did they apply? all as dates, please, the day comes before the month', 'Turn ‹Applied› into dates, the day before the month.'],
      ['Wanted salaries as plain figures. n/a is unknown so leave that blank', 'Turn ‹Salary wanted› into numbers, reading "n/a" as blank.'],
      ['recruiters: there are two, Kim Ray and J. Moor', 'Spell ‹Recruiter› as "Kim Ray" or "J. Moor".'],
      ['source and status all in lower case', 'In ‹Source› and ‹Status›, write in lower case.'],
      ['notice in weeks, a month being 4 weeks', null],
      ['Where no recruiter is noted it\'s the same one as in the row above', 'Fill blanks in ‹Recruiter› with the value above.'],
      ['First and last name in a column each', 'Add ‹First name› as (the first name of the person in ‹Name›) and (the middle name of the person in ‹Name›) joined with " ". Add ‹Last name› as the last name of the person in ‹Name›.'],
      ['domain of the e-mail', 'Add ‹Domain› as the first domain in ‹E-mail›.'],
      ['department of the role code: the letters in front', null],
      ['does anyone of them need a visa? yes or no for each', 'Add ‹Notes label› as if ‹Notes› mentions the word "visa" then "yes", otherwise "no".'],
      ['initials, e.g. M.O.', null],
      ['test, talk and fit in one text like 72/4/5', 'Add ‹Written Test Talk Team Fit› as ‹Written Test›, ‹Talk› and ‹Team Fit› joined with "/".'],
      ['throw away people who withdrew or were rejected', 'Set aside rows where ‹Status› is "withdrawn" or "rejected".'],
      ['who applied in January?', 'List each ‹Name›; only where (the month of ‹Applied›) equals 1.'],
      ['people with at least 60 in the test and 4 or better in the talk', 'Keep rows where ‹Written Test› is at least 60 and ‹Talk› is at least 4.'],
      ['applicants without an interview', 'Keep rows where ‹Interview› is blank.'],
      ['keep the best test result of every role', 'Keep 1 row with the highest ‹Written Test› for each ‹Role Code›.'],
      ['everyone who came through an agency or a referral', 'Keep rows where ‹Source› is "agency" or "Referral".'],
      ['Mara Orlov applied twice, keep her later application', null],
      ['best test first; those without a test at the end', 'Sort by ‹Written Test› from high to low.'],
      ['days from application to interview', 'Add ‹Days from Applied to Interview› as the whole days from ‹Applied› to ‹Interview›.'],
      ['Total score: half the test, plus talk and team fit counting 5 points each; no total if something is missing', null],
      ['average of talk and team fit, one decimal, use the one that\'s there if the other is missing', null],
      ['above or below the average test of the role?', 'Add ‹Written Test label› as if ‹Written Test› is more than (the mean of ‹Written Test› over the rows for each ‹Role Code›) then "above", if ‹Written Test› is less than (the mean of ‹Written Test› over the rows for each ‹Role Code›) then "below", otherwise blank.'],
      ['result: passed with 60 or more, borderline from 50, failed below; to be done if there\'s no test', null],
      ['salary wanted in thousands, one decimal', 'Add ‹Salary wanted per 1000› as ‹Salary wanted› divided by 1000 rounded to 1 decimal.'],
      ['weeks since they applied as of 31 March 2026, whole weeks', 'Add ‹Weeks from Applied to 2026-03-31› as the whole weeks from ‹Applied› to the date "2026-03-31".'],
      ['what would the salary be with 5% less', 'Add ‹Salary wanted times 1 minus 5 per 100› as ‹Salary wanted› times (1 minus (5 divided by 100)).'],
      ['how many applications per recruiter and status', null],
      ['average test per source, two decimals, best first', 'Answer ‹Average Written Test› as the mean of ‹Written Test› over the rows rounded to 2 decimals; for each ‹Source›; sorted by ‹Average Written Test› from high to low.'],
      ['how many of them got an offer or were hired, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "offer" or "hired" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['the highest salary anybody wants', null],
      ['what was the average time from application to interview', 'Answer ‹Average days from Applied to Interview› as the mean of (the whole days from ‹Applied› to ‹Interview›) over the rows.'],
      ['count the candidates by month of application', 'Answer ‹Rows› as the number of rows; for each ‹Month of Applied› as the month of ‹Applied›.'],
      ['which role has most applicants', 'Answer ‹Rows› as the number of rows; for each ‹Role Code›; sorted by ‹Rows› from high to low; the first 1.'],
      ['bring in the title of the role', 'Add ‹Title› as the ‹Title› in the table "roles" where ‹Code› is ‹Role Code›.'],
      ['is the wanted salary within the role\'s budget? within, over, or unknown when there is no such role', null],
      ['who passed the pass mark of their role?', null],
      ['how far over the budget is each of them, in percent of the budget', null],
      ['applications for roles that don\'t exist', null],
      ['number of candidates per department', 'Answer ‹Rows› as the number of rows; for each ‹Department› as the ‹Department› in the table "roles" where ‹Code› is ‹Role Code›.'],
      ['did the interview take place before the target date of the role', null],
      ['remove candidates older than 50', null],
      ['total of the notes', null],
    ],
  },
  {
    table: 'tastings',
    csv: `Tasting,Date,Start,End,Place,Host,Guests,Max,Price pp,Deposit,Drinks,Rating,Booked by,Paid,Menu,Comment
T-2026-01,10/01/2026,18:00,21:30,Cellar (Harth),Brook M.,12,14,45.00,100,"red, white, port",4.5,"Holm & Sons, Ltd.",€540.00,"soup / lamb / cake","great evening, wine a bit warm"
T-2026-02,2026-01-17,19:00,22:00,Barn (Skell),"marsh, odile",8,20,38,,white,3,"lea finch ",304,"salad/fish/ice","too cold in the barn"
T-2026-03,24 Jan 2026,18:30,,Cellar (Harth),Brook M.,15,14,45.00,100,"red, port",5,Orby School,"€675,00","soup / lamb / cake","one guest too many, all happy"
T-2026-04,31/01/2026,11:00,13:30,barn (skell),Marsh Odile,0,20,38,50,none,,Rill Builders,cancelled,-,"cancelled 2 days before, deposit kept"
T-2026-05,07/02/2026,18:00,22:15,Garden House (Orby),T. Vale,22,24,52.50,200,"white, rosé, sparkling",4,"HOLM & SONS",1155,"tart / duck / cheese",
T-2026-06,08/02/2026,12:00,15:00,Garden house (Orby),vale t.,10,24,52.50,,sparkling,4.5,Lea Finch,525.00,"tart / duck",
T-2026-07,14/02/2026,19:00,23:45,Cellar (Harth),Brook M.,14,14,60,140,"red, white, sparkling, port",2,private,840,"soup / steak / mousse","glass broken, waiting 40 min for the food; noisy"
T-2026-08,21/02/2026,18:00,21:00,Barn (Skell),Odile Marsh,18,20,38,,"red, white",3.5,Orby school,n/a,"salad/fish/ice","unpaid so far; cold"
T-2026-09,01/03/2026,18:30,21:45,Cellar (Harth),B. Mara,6,14,45,0,red,,Rill builders,270.00,"soup / lamb / cake",
`,
    others: {
      places: `Place,Town,Rent,Seats,Heating,Opened,Manager
Cellar,Harth,120,14,yes,1998,Brook M.
Barn,Skell,80,20,no,2012,Marsh O.
Garden House,Orby,210,24,yes,2021,Vale T.
Mill,Orby,95,30,no,2019,Vale T.
`,
    },
    cases: [
      ['Make Place just the venue and put the town, which is in brackets, in a column named Town', null],
      ['venues with capitals on both words please', 'In ‹Place›, write in title case.'],
      ['hosts: Brook M., Marsh O., Vale T. and nobody else. fix the spellings', null],
      ['paid into decimals, euro sign gone, cancelled counts as 0 and n/a as empty', null],
      ['the dates are a mixture; day first; I need real dates', 'Turn ‹Date› into dates, the day before the month.'],
      ['Ltd off the bookers, with the comma before it', null],
      ['one capital letter per word in booked by, and trim it', 'In ‹Booked by›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['a lone dash under menu means there was none, make that empty', 'Remove cells that are "-" from ‹Menu›.'],
      ['If no deposit is given it\'s 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['the ending time is missing for one, they always stop at 21:30 then', null],
      ['split the menu in Starter, Main and Dessert', 'Split ‹Menu› at "/" into ‹Starter›, ‹Main› and ‹Dessert›.'],
      ['how many drinks were there, counted by the commas; none is zero', null],
      ['start and date together as one timestamp', 'Add ‹Date Start› as ‹Date› at the time ‹Start›.'],
      ['hour at which it started', null],
      ['first drink of each list', null],
      ['waiting time in minutes from the comment', null],
      ['build an invoice text: "Tasting of 10/01/2026 at Cellar (Harth)"', 'Add ‹Text› as "Tasting of " followed by ‹Date› followed by " at " followed by ‹Place›.'],
      ['move comment before menu and rating after guests', 'Move ‹Comment› to before ‹Menu›. Move ‹Rating› to after ‹Guests›.'],
      ['strip drinks and max from the table', 'Drop ‹Drinks› and ‹Max›.'],
      ['price pp should be Price per Guest', 'Rename ‹Price pp› to ‹Price per Guest›.'],
      ['no tastings with zero guests', 'Set aside rows where ‹Guests› equals 0.'],
      ['those in the Cellar only, newest first', 'Keep rows where ‹Place› mentions the word "Cellar". Sort by ‹Date› from high to low.'],
      ['tastings that were not full', 'Keep rows where ‹Guests› is less than ‹Max›.'],
      ['more guests than allowed', null],
      ['anything rated 4 or better, and the unrated too', 'Keep rows where ‹Rating› is at least 4 or else ‹Rating› is blank or else ‹Rating› equals 0.'],
      ['evening events: starting at six or later', null],
      ['keep January\'s', 'Keep rows where (the month of ‹Date›) equals 1.'],
      ['drop whatever is not paid yet', null],
      ['top 3 by income', 'Keep 3 rows with the highest ‹Paid›.'],
      ['every second row', null],
      ['one tasting per host, the best rated', 'Keep 1 row with the highest ‹Rating› for each ‹Host›.'],
      ['remove those where the comment mentions cold', 'Set aside rows where ‹Comment› mentions the word "cold".'],
      ['duration in hours, 1 decimal, nothing if the end isn\'t known', 'Add ‹Hours from Start to End› as the hours by the clock from ‹Start› to ‹End› rounded to 1 decimal.'],
      ['income = guests x price pp, deposit not included', null],
      ['still to pay: guests times price less the deposit and what has been paid', null],
      ['how full was it in percent, rounded', null],
      ['average price per guest over all tastings, weighted by guests', 'Answer ‹Average Price pp› as (the sum of (‹Price pp› times ‹Guests›) over the rows) divided by (the sum of (if ‹Price pp› is blank then 0, otherwise ‹Guests›) over the rows).'],
      ['free seats', 'Add ‹Max minus Guests› as ‹Max› minus ‹Guests›.'],
      ['rating compared with the mean of its place', 'Add ‹Rating minus average Rating per Place› as ‹Rating› minus (the mean of ‹Rating› over the rows for each ‹Place›).'],
      ['cumulated guests by date', 'Sort by ‹Date›. Add ‹Running total of Guests› as the running total of ‹Guests›.'],
      ['rank by rating, best is 1, unrated get no rank', null],
      ['guests more than at the previous tasting of the same host', null],
      ['size: small below 10, medium 10 to 15, large above', null],
      ['label: full, nearly full (from 80%) or has room, based on guests and max', null],
      ['yes/no column: port served?', null],
      ['season: winter for December to February, spring for March to May', 'Add ‹season› as if (the month of ‹Date›) is at least 12 or else (the month of ‹Date›) is at most 2 then "winter", if (the month of ‹Date›) is at least 3 and (the month of ‹Date›) is at most 5 then "spring", otherwise blank.'],
      ['profit = income (guests x price) minus 18 per guest minus rent of the place from places', null],
      ['which place brought in the most', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Place›; sorted by ‹Total Paid› from high to low; the first 1.'],
      ['mean rating per host with the number of tastings', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; and ‹Rows› as the number of rows; for each ‹Host›.'],
      ['how many guests in all came in February', 'Answer ‹Total Guests› as the sum of ‹Guests› over the rows; only where (the month of ‹Date›) equals 2.'],
      ['share of tastings with sparkling', 'Answer ‹Share %› as ((the sum of (if ‹Drinks› mentions the word "sparkling" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['longest tasting', 'Add ‹Hours from Start to End› as the hours by the clock from ‹Start› to ‹End›. Keep 1 row with the highest ‹Hours from Start to End›.'],
      ['which month had fewer guests, January or February?', null],
      ['add heating from places', null],
      ['tastings in places without heating', null],
      ['does the max agree with the seats in places? mark yes or no', null],
      ['places with no tasting yet', null],
      ['sum up guests per town', null],
      ['rating as stars: 4 becomes ****', null],
      ['the wine list', null],
    ],
  },
  {
    table: 'drills',
    csv: `Hole,Site,Depth m,Started,Finished,Crew,Bit,Rock,Water at,Cost,Budget,Downtime,State,Log
H101,"Ridge / block 4",48.5,2026-01-05,2026-01-09,North crew,B-12,Granite,31 m,"12,400 €","13,000",2 h,done,"hard from 20 m, bit changed twice"
H102,"Ridge / block 5",52,2026-01-12,2026-01-15,north crew,B-12,granite,,"11,950 €","13,000",none,Done,
H103,"Quarry/block 1",35.2,2026-01-07,2026-01-08,East,A-9,Slate,12 m,"6,300 €","7,500",45 min,done,"soft, quick"
H104,"Quarry / block 1",36,2026-01-09,,EAST,A-9,slate,11.5 m,"3,100 €","7,500",6 h,running,"pump failed, waiting for part 77-120"
H105,"Ferry Road",18,2026-02-02,2026-02-02,South team,C-3,clay,3 m,"2,050 €","2,500",,done,"collapsed once, redrilled"
H106,"Ridge / block 4",61,2026-02-03,2026-02-11,North crew,B-14,Granite,33m,"17,800 €","16,000",1 day,done,"bit B-14 lost at 40 m, cost 1,900 €"
H107,"Ferry Road",20.5,2026-02-04,2026-02-05,south team,C-3,Clay,2.8 m,"2,400 €","2,500",none,done,
H108,"Ridge / block 6",,2026-03-02,,North Crew,B-14,,,,"15,000",,planned,
`,
    others: {
      crews: `Crew,Lead,People,Day rate,Since,Phone
North crew,Ode,4,1600,2019-03-01,0555 410 22
East,Finch,3,1150,2022-09-15,
South team,Tarn,2,800,2024-05-20,0555 410 77
West crew,Roth,3,1200,2025-01-10,0555 410 90
`,
    },
    cases: [
      ['Cost and budget without sign and comma, as numbers', 'Turn ‹Cost› and ‹Budget› into numbers.'],
      ['Site holds the area and, after a slash, the block. Area and Block, please. Ferry Road has no block', null],
      ['downtime in minutes, none and empty are 0; a day has 8 hours', null],
      ['Crew names: North crew, East, South team', 'Spell ‹Crew› as "North crew", "East" or "South team".'],
      ['rock in small letters', 'In ‹Rock›, write in lower case.'],
      ['water depth as a number in metres', null],
      ['bit letter and bit number apart', null],
      ['part number in the log', 'Add ‹Number› as the first number in (the text after the first "part" in ‹Log›).'],
      ['amount in euros that the log mentions', 'Add ‹Amount of money› as the first amount of money in ‹Log›.'],
      ['state: capital first', 'In ‹State›, write in sentence case.'],
      ['only what\'s finished, without clay', null],
      ['holes deeper than the average of their rock', null],
      ['drilled in January or still running', 'Keep rows where (the month of ‹Started›) equals 1 or else ‹State› is "running".'],
      ['rows with water above 10 m', 'Keep rows where ‹Water at› is more than 10.'],
      ['those over budget', 'Keep rows where ‹Cost› is more than ‹Budget›.'],
      ['H104 to H107', null],
      ['deepest hole at every site', 'Keep 1 row with the highest ‹Depth m› for each ‹Site›.'],
      ['cheapest metre first: sort by cost per metre', null],
      ['days it took, first and last day counted', 'Add ‹Days from Started to Finished› as (the whole days from ‹Started› to ‹Finished›) plus 1.'],
      ['metres per day with two decimals, blank while not finished', null],
      ['cost per metre, rounded to whole euros', 'Add ‹Cost per Depth m› as ‹Cost› divided by ‹Depth m› rounded to 0 decimals.'],
      ['how much of the budget is used in %, no decimals', 'Add ‹Cost per Budget %› as (‹Cost› divided by ‹Budget›) times 100 rounded to 0 decimals.'],
      ['over or under budget by how much; over is positive', null],
      ['cost of this hole against the average cost of the crew', 'Add ‹Cost minus average Cost per Crew› as ‹Cost› minus (the mean of ‹Cost› over the rows for each ‹Crew›).'],
      ['class by depth: shallow < 25, mid 25-50, deep > 50', 'Add ‹Depth m label› as if ‹Depth m› is less than 25 then "shallow", if ‹Depth m› is at least 25 and ‹Depth m› is at most 50 then "mid", if ‹Depth m› is more than 50 then "deep", otherwise blank.'],
      ['red if over budget, amber from 90% of it, green below', null],
      ['was a bit changed or lost? yes/no from the log', 'Add ‹Log label› as if ‹Log› mentions the word "changed" or "lost" then "yes", otherwise "no".'],
      ['total metres per rock, most first', 'Answer ‹Total Depth m› as the sum of ‹Depth m› over the rows; for each ‹Rock›; sorted by ‹Total Depth m› from high to low.'],
      ['average days per crew for finished holes', null],
      ['how many holes hit water', null],
      ['which crew spent most', 'Answer ‹Total Cost› as the sum of ‹Cost› over the rows; for each ‹Crew›; sorted by ‹Total Cost› from high to low; the first 1.'],
      ['what is the average cost per metre overall, that is total cost by total depth', 'Answer ‹Total Cost per total Depth m› as (the sum of ‹Cost› over the rows) divided by (the sum of ‹Depth m› over the rows).'],
      ['number of holes by month of start', 'Answer ‹Rows› as the number of rows; for each ‹Month of Started› as the month of ‹Started›.'],
      ['crew lead next to each hole', 'Add ‹Lead› as the ‹Lead› in the table "crews" where ‹Crew› is ‹Crew›.'],
      ['crew cost: days times the day rate', null],
      ['which crews have no hole', null],
      ['phone of the crew, blank where we have none', null],
      ['does cost exceed people times 400 per day', null],
      ['drop holes with bad smell', null],
    ],
  },
  {
    table: 'kayaks',
    csv: `Rental,Boat,Type,Renter,Phone,Out,Back,Hours,Rate,Total,Deposit,ID shown,Group size,Damage,Guide,Weather,Rating
K-501,Otter 2,single,"BELL, anna",0555 118 20,2026-06-01 09:10,2026-06-01 12:40,3.5,12.00,42.00,50,Y,1,,,sunny,5
K-502,Heron 1,double,"brook, tim ",(0555) 118-21,2026-06-01 10:00,2026-06-01 17:30,7.5,18.00,€135.00,50,yes,2,"scratch, 15 €",Rosa,Sunny,4
K-503,Otter 3,Single,"Vale, Ines",,2026-06-01 10:05,,,12.00,,,N,1,,,sun,
K-504,Swift 4,canoe,Orby Scouts,0555.118.30,2026-06-02 08:30,2026-06-02 16:30,8,25.00,"€1,000.00",200,yes,12,"paddle lost, 40 €; hull dented","Rosa, Finn",rain,3
K-505,Heron 1,Double,"Tarn, Ben",0555 118 44,2026-06-02 13:00,2026-06-02 15:00,2,18.00,36.00,50,no,2,,,Rain,2
K-506,Otter 2,single,"Bell, Anna",0555 118 20,2026-06-06 09:30,2026-06-06 11:00,1.5,12.00,18.00,0,y,1,,,cloudy,5
K-507,Swift 5,Canoe,"Holm & Sons",,2026-06-07 10:00,2026-06-07 18:15,8.25,25.00,€206.25,200,Yes,6,"seat torn, 30 €",Finn,sunny,4
K-508,Otter 3,single,"Finch, Lea",0555 118 77,2026-06-07 17:00,2026-06-07 17:20,0.33,12.00,cancelled,,no,1,,,storm,1
K-508,Otter 3,single,"Finch, Lea",0555 118 77,2026-06-07 17:00,2026-06-07 17:20,0.33,12.00,cancelled,,no,1,,,storm,1
K-509,Heron 2,double,"Marsh, Odile",0555 118 90,2026-07-03 09:00,2026-07-03 13:00,4,18.00,72.00,50,Y,2,,Rosa,,5
`,
    cases: [
      ['Renter names: no surplus spaces, capital at the beginning of each word', 'In ‹Renter›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['phone numbers should be digits only', 'Remove all everything but digits from ‹Phone›.'],
      ['Total as a number, cancelled means nothing was paid so make that 0', null],
      ['type in lower case and weather too', 'In ‹Type› and ‹Weather›, write in lower case.'],
      ['weather is sunny, rain, cloudy or storm; "sun" belongs to sunny', null],
      ['ID shown: turn this into a clean yes/no', 'Turn ‹ID shown› into yes or no.'],
      ['deposit missing? then it is 0', 'Fill blanks in ‹Deposit› with "0".'],
      ['Please write "none" wherever there is no guide', 'Fill blanks in ‹Guide› with "none".'],
      ['get the boat\'s number out of its name and put it in a column Boat No', 'Add ‹Boat No› as the first number in ‹Boat›.'],
      ['name of the boat without the number', null],
      ['Surname and First name from the renter, firms have only the surname', null],
      ['date of the rental in one column and the hour it started in another', null],
      ['how much was the damage, in euros?', null],
      ['turn "Bell, Anna" into "Anna Bell" for all renters', 'Set ‹Renter› to if ‹Renter› contains "," then (piece -1 of ‹Renter› cut at ",") followed by " " followed by (piece 1 of ‹Renter› cut at ","), otherwise ‹Renter›.'],
      ['add a column telling what kind of damage it was: the part before the comma', 'Add ‹Damage before ,› as the text before the first "," in ‹Damage›.'],
      ['separate guides, one each in Guide 1 and Guide 2', 'Split ‹Guide› at "," into ‹Guide 1› and ‹Guide 2›.'],
      ['put the rating right after the renter', 'Move ‹Rating› to after ‹Renter›.'],
      ['we can do without phone and id shown', 'Drop ‹Phone› and ‹ID shown›.'],
      ['call out "Start" and back "End"', 'Rename ‹Out› to ‹Start› and ‹Back› to ‹End›.'],
      ['leave only rental, boat, hours and total', 'Keep only the columns ‹Rental›, ‹Boat›, ‹Hours› and ‹Total›.'],
      ['get rid of the second K-508', null],
      ['still out: those with no return time', 'Keep rows where ‹Back› is blank.'],
      ['only singles, but not the ones in the storm', 'Keep rows where ‹Type› is "single" and ‹Weather› is not "storm".'],
      ['rentals longer than four hours or with more than five people', null],
      ['which rentals had damage? keep just these', 'Keep rows where ‹Damage› is filled.'],
      ['everything in the first week of June', null],
      ['drop rentals under half an hour', 'Set aside rows where ‹Hours› is less than 0.5.'],
      ['rentals that began before ten in the morning', 'Keep rows where (the minute of the day of ‹Out›) is less than 600.'],
      ['the best rated rental of each type', 'Keep 1 row with the highest ‹Rating› for each ‹Type›.'],
      ['the 3 most expensive ones', null],
      ['show me two random rentals for each boat', 'Keep 2 rows at random with seed 1 for each ‹Boat›.'],
      ['sort by boat and within a boat by when it went out', 'Sort by ‹Boat› and ‹Out›.'],
      ['order: worst rating on top, unrated at the end', null],
      ['total should be hours times rate; add Check with the difference to total', null],
      ['deposit to give back: deposit less the euros of damage, never below zero', null],
      ['minutes out', null],
      ['how many hours has each boat been out in total (on every row)', null],
      ['percentage of the day\'s income', null],
      ['number the rentals of each day', null],
      ['average rating of the boat type next to each', null],
      ['hours compared to the type\'s average hours, plus or minus', 'Add ‹Hours minus average Hours per Type› as ‹Hours› minus (the mean of ‹Hours› over the rows for each ‹Type›).'],
      ['rolling total of income', 'Add ‹Running total of Total› as the running total of ‹Total›.'],
      ['was it a weekend? yes/no', 'Add ‹Weekend› as if (the weekday of ‹Out›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['length: short under 2 h, half day up to 5, full day over 5, open if not back', 'Add ‹length› as if ‹Hours› is less than 2 then "short", if ‹Hours› is at most 5 then "half day", if ‹Hours› is more than 5 then "full day", if ‹Back› is blank then "open", otherwise blank.'],
      ['good if rating 4 or 5, fair if 3, bad if lower, no opinion if empty', 'Add ‹Rating label› as if ‹Rating› equals 4 or else ‹Rating› equals 5 then "good", if ‹Rating› equals 3 then "fair", if ‹Rating› is less than 3 then "bad", if ‹Rating› is blank then "no opinion", otherwise blank.'],
      ['weather class: dry for sunny and cloudy, wet for rain and storm', 'Add ‹weather class› as if ‹Weather› is "sunny" or "cloudy" then "dry", if ‹Weather› is "rain" or "storm" then "wet", otherwise blank.'],
      ['10 % discount for groups of six or more: New Total', null],
      ['hours rounded up to the full hour', 'Set ‹Hours› to ‹Hours› rounded up to 0 decimals.'],
      ['how many rentals per weather', 'Answer ‹Rows› as the number of rows; for each ‹Weather›.'],
      ['income by type and month', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; for each ‹Type›; and by ‹Month of Out› as the month of ‹Out›.'],
      ['which boat earned the most', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; for each ‹Boat›; sorted by ‹Total Total› from high to low; the first 1.'],
      ['average hours of the rentals with a guide', 'Answer ‹Average Hours› as the mean of ‹Hours› over the rows; only where ‹Guide› is filled.'],
      ['how many different people rented', null],
      ['what part of the rentals was damaged, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Damage› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['busiest hour of the day', 'Answer ‹Rows› as the number of rows; for each ‹Hour of Out› as the hour of ‹Out›; sorted by ‹Rows› from high to low; the first 1.'],
      ['mean, lowest and highest rating per type', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; ‹Lowest Rating› as the lowest of ‹Rating› over the rows; and ‹Highest Rating› as the highest of ‹Rating› over the rows; for each ‹Type›.'],
      ['what is the sum of the phone numbers', null],
      ['average engine power of the boats', null],
    ],
  },
  {
    table: 'shows',
    csv: `Show ID,Piece,Played,Start,Length,Stage,Puppeteers,Children,Adults,Seats,Ticket child,Ticket adult,Takings,Costs,Press,Language,Booked by,Remarks
SH-01-A,"the red hen",2026-03-01,15:00,50 min,Big tent,"Nils, Ada",42,30,100,4.50,7.00,€399.00,"180,00",good,English,"Orby School, 4a","full of laughter"
SH-02-A,The Red Hen,01.03.2026,17:30,50 min,big tent,Nils / Ada,61,44,100,4.50,7.00,€582.50,"180,00",,English,,"lamp broke in act 2"
SH-03-B,Moon Boat,2026-03-07,10:30,1 h 10 min,Attic,Ada,18,9,30,5,8,162,"95,50",mixed,german,private,"late start, 15 minutes"
SH-04-B,moon boat ,2026-03-08,10:30,1h 10,attic,Ada + Finn,30,0,30,5,8,150,"95,50",good,German,"Kindergarten ""Sun""",
SH-05-C,Three Sacks,2026-03-14,16:00,40 min,Yard,Finn,,,80,3,5,n/a,"60,00",,English,,"rained off, tickets refunded"
SH-06-C,Three sacks,15/03/2026,16:00,40 min,yard,"Finn,Nils",77,51,80,3,5,486,"60,00",bad,English,Town,"two complaints: too loud, no shade"
SH-07-A,The red hen,2026-03-21,15:00,50min,Big Tent,Nils,20,12,100,4.5,7,174,"180,00",good,french,"Orby School, 2b","translator was great"
SH-08-D,Night Cat,2026-04-04,,,Attic,,,,30,6,9,,,,,,"premiere, not sold yet"
`,
    others: {
      puppeteers: `Name,Fee,Joined,Town,Languages
Nils,60,2015-05-01,Orby,"English, French"
Ada,75,2012-09-01,Harth,"English, German"
Finn,50,2021-01-15,Skell,English
Mo,50,2025-06-01,Skell,German
`,
    },
    cases: [
      ['pieces: title case, and no blanks at the ends', 'In ‹Piece›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['stages should read Big Tent, Attic or Yard', 'Spell ‹Stage› as "Big Tent", "Attic" or "Yard".'],
      ['length as minutes, just a number', 'Turn ‹Length› into numbers in "min".'],
      ['takings and costs are text, I need decimals. there\'s a comma for the decimal point in costs, and n/a means nothing', null],
      ['languages with a capital', 'In ‹Language›, write in sentence case.'],
      ['the played column has three kinds of dates, make them all alike, day before month', null],
      ['who booked it is empty for some; write public there', 'Fill blanks in ‹Booked by› with "public".'],
      ['the middle part of the show id as a number', 'Add ‹Part of Show ID› as the first number in (piece 2 of ‹Show ID› cut at "-").'],
      ['last letter of the show id in its own column called Series', 'Add ‹Series› as the last 1 characters of ‹Show ID›.'],
      ['class of the school: what comes after the comma in booked by', 'Add ‹class of the school› as the text after the first "," in ‹Booked by›.'],
      ['put date and start into one', 'Add ‹Played Start› as ‹Played› at the time ‹Start›.'],
      ['piece and stage as "The Red Hen (Big tent)"', 'Add ‹piece and stage› as ‹Piece› followed by " (" followed by ‹Stage› followed by ")".'],
      ['forget press and remarks', 'Drop ‹Press› and ‹Remarks›.'],
      ['seats next to stage', 'Move ‹Seats› to after ‹Stage›.'],
      ['rename ticket child and ticket adult to Child Price and Adult Price', 'Rename ‹Ticket child› to ‹Child Price› and ‹Ticket adult› to ‹Adult Price›.'],
      ['shows in the attic', 'Keep rows where ‹Stage› is "Attic".'],
      ['shows before noon', 'Keep rows where (the minute of the day of ‹Start›) is less than 720.'],
      ['only those with remarks', 'Keep rows where ‹Remarks› is filled.'],
      ['not the rained off one', null],
      ['shows that lost money', 'Keep rows where ‹Takings› is less than ‹Costs›.'],
      ['shows where more than half of the seats were taken', null],
      ['second half of March', 'Keep rows where (the month of ‹Played›) equals 3 and (the day of ‹Played›) is at least 16 and (the day of ‹Played›) is at most 31.'],
      ['sold out shows, where children and adults together fill all the seats', null],
      ['the show with the best takings per piece', 'Keep 1 row with the highest ‹Takings› for each ‹Piece›.'],
      ['first show of every piece', 'Keep 1 row with the lowest ‹Played› for each ‹Piece›.'],
      ['latest first', 'Sort by ‹Played› from high to low.'],
      ['visitors in total: children plus adults', 'Add ‹visitors in total› as ‹Children› plus ‹Adults›.'],
      ['occupancy: visitors by seats in percent, no decimals (visitors are children plus adults)', null],
      ['expected takings = children x ticket child + adults x ticket adult', 'Add ‹expected takings› as (‹Children› times ‹Ticket child›) plus (‹Adults› times ‹Ticket adult›).'],
      ['difference between takings and what is expected from the ticket prices', null],
      ['profit and profit margin in percent', null],
      ['takings per visitor, 2 decimals', null],
      ['share of children among all visitors in %', null],
      ['how did the takings change from the show before of the same piece', 'Add ‹Takings minus row above Takings› as ‹Takings› minus (the row above of ‹Takings› for each ‹Piece›).'],
      ['average children of the piece beside each show', 'Add ‹Average Children per Piece› as the mean of ‹Children› over the rows for each ‹Piece›.'],
      ['takings so far, show after show', 'Add ‹Running total of Takings› as the running total of ‹Takings›. Move ‹Running total of Takings› to after ‹Show ID›.'],
      ['best show gets 1: rank by takings', 'Add ‹best show gets 1› as the rank, highest first, of ‹Takings›.'],
      ['ending time: start plus length', null],
      ['big show if over 80 visitors, otherwise small; nothing when not played yet', null],
      ['reviews in words: good is 3 points, mixed 2, bad 1, none 0', null],
      ['problem: technical if lamp or loud, weather if rain or shade, delay if late, otherwise blank', 'Add ‹problem› as if ‹Remarks› mentions the word "lamp" or "loud" then "technical", if ‹Remarks› mentions the word "rain", "rained" or "shade" then "weather", if ‹Remarks› mentions the word "late" then "delay", otherwise blank.'],
      ['takings per stage and the number of shows there', 'Answer ‹Total Takings› as the sum of ‹Takings› over the rows; and ‹Rows› as the number of rows; for each ‹Stage›.'],
      ['average visitors per piece (children and adults)', null],
      ['which language drew most children', 'Answer ‹Total Children› as the sum of ‹Children› over the rows; for each ‹Language›; sorted by ‹Total Children› from high to low; the first 1.'],
      ['how many shows had no press', 'Answer ‹Rows› as the number of rows; only where ‹Press› is blank.'],
      ['total of adults who paid 7 euros or more', null],
      ['share of shows with good press', 'Answer ‹Share %› as ((the sum of (if ‹Press› is "good" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['what would we earn with tickets 10% dearer', null],
      ['fee of the first puppeteer from the puppeteers list', null],
      ['which puppeteers were never on', null],
      ['shows with somebody from Skell', null],
      ['average ticket price of the popcorn', null],
    ],
  },
  {
    table: 'licences',
    csv: `Licence,Holder,Born,Issued,Valid Until,Lake Code,Category,Fee paid,Catch kg,Fish,Warden,Contact,Renewed,Warnings,Comment
FL/2025/001,"Mr. Tom HARROW",1961-04-12,02/01/2025,2025-12-31,LK-A,adult,€60.00,12.5,"perch; pike",R. Moll,tom@harrow.example,Y,0,
FL/2025/002,ms lea finch,12.09.1990,2025-01-05,31/12/2025,LK-A,Adult,60,3.2,perch,r moll,0555 330 118,yes,1,"fished after dark, warned 14 May"
FL/2025/003,"Vale, Ines",2009-07-30,2025-02-11,2025-12-31,LK-B,Youth,€15.00,,,"J. Tarn","ines@vale.example, 0555 330 200",no,0,"needs an adult with her"
FL/2025/004,"Dr. Omar Lund",1948-11-02,2025-02-20,2025-12-31,LK-C,senior,€30.00,21,"pike; carp; carp",J.Tarn,omar@lund.example,Y,0,
FL/2025/005,peter holm,1985-05-05,2025-03-01,2025-03-07,LK-A,week,"€18,50",0,,R. Moll,,,0,"tourist"
FL/2025/006,"Mr. Ben Sorley",1979-08-19,2025-03-15,2025-12-31,LK-D,adult,unpaid,8.4,"carp; tench",Moll,ben@sorley.example,N,3,"licence withdrawn 02/08/2025, fine 120 EUR"
FL/2025/007,"Finch, Lea",12.09.1990,2025-04-02,2025-12-31,LK-C,adult,€60.00,5,"perch; tench",J. Tarn,0555 330 118,no,0,second lake
FL/2025/008,Anna Bell,2011-01-21,2025-05-10,2025-12-31,LK-B,youth,15,1.1,perch,J. Tarn,bell@post.example,no,0,"lost her card, new card 5 EUR"
FL/2025/009,Tobias Brook,1955-02-28,2025-06-01,2025-12-31,LK-X,senior,30,14.75,"pike; pike; perch",,brook@post.example,Y,1,
FL/2025/009,Tobias Brook,1955-02-28,2025-06-01,2025-12-31,LK-X,senior,30,14.75,"pike; pike; perch",,brook@post.example,Y,1,
`,
    others: {
      lakes: `Code,Lake,Area ha,Max kg,Closed from,Warden phone,Region
LK-A,Upper Mere,42,10,2025-11-01,0555 700 1,North
LK-B,Pond at Skell,3.5,2,2025-10-01,,South
LK-C,Long Water,120,20,2025-12-01,0555 700 3,South
LK-D,Mill Dam,8,5,2025-10-15,0555 700 4,North
LK-E,Black Tarn,15,8,2025-11-15,,East
`,
    },
    cases: [
      ['Could you tidy up the holders\' names? First letters big, the rest small, no spaces too many.', null],
      ['I want the fees as numbers. Mind the decimal comma; unpaid should be 0.', null],
      ['dates of birth in one format please, with points or dashes', 'Turn ‹Born› into dates.'],
      ['category in small letters throughout', 'In ‹Category›, write in lower case.'],
      ['wardens: only R. Moll and J. Tarn exist', 'Spell ‹Warden› as "R. Moll" or "J. Tarn".'],
      ['whoever has no warden gets R. Moll', 'Fill blanks in ‹Warden› with "R. Moll".'],
      ['renewed must be yes or no, and what\'s empty is a no', 'Turn ‹Renewed› into yes or no. Fill blanks in ‹Renewed› with "no".'],
      ['catch: nothing there means 0 kg', 'Fill blanks in ‹Catch kg› with "0".'],
      ['chop the year and the slashes off the licence so that 001 is left', null],
      ['the licence consists of kind, year and number; three columns: Kind, Year, Number', 'Split ‹Licence› at "/" into ‹Kind›, ‹Year› and ‹Number›.'],
      ['one column for mail, one for phone, out of contact', 'Add ‹Email› as the first e-mail address in ‹Contact›. Add ‹Phone› as the first telephone number in ‹Contact›.'],
      ['titles (Mr., Ms, Dr.) in their own column Title', null],
      ['how many fish has each of them caught, going by the list in fish', null],
      ['different kinds of fish in one column each', null],
      ['fine in EUR, from the comment, a plain number', null],
      ['date of the warning or withdrawal is somewhere in the comment, pull it out', null],
      ['holder as "Harrow, Tom"', null],
      ['age of the holder when the licence was issued', null],
      ['how many days is each licence valid', 'Add ‹Days from Issued to Valid Until› as the whole days from ‹Issued› to ‹Valid Until›.'],
      ['is it still valid on 1 September 2025? yes or no', 'Add ‹Valid Until label› as if ‹Valid Until› is at least the date "2025-09-01" then "yes", otherwise "no".'],
      ['kg per fish kind... no, kg per day of validity, 3 decimals', null],
      ['above or under the average catch of its lake', 'Add ‹Catch kg label› as if ‹Catch kg› is more than (the mean of ‹Catch kg› over the rows for each ‹Lake Code›) then "above", if ‹Catch kg› is less than (the mean of ‹Catch kg› over the rows for each ‹Lake Code›) then "below", otherwise blank.'],
      ['catch in percent of everything caught, one decimal', 'Add ‹Catch kg per total Catch kg %› as (‹Catch kg› divided by (the sum of ‹Catch kg› over the rows)) times 100 rounded to 1 decimal.'],
      ['rank within the lake by catch', 'Add ‹Rank by Catch kg› as the rank, highest first, of ‹Catch kg› for each ‹Lake Code›.'],
      ['group: child under 14, teen 14 to 17, adult to 64, senior from 65, by age on 1 January 2025', null],
      ['what each of them owes: adults 60, youth 15, seniors 30 and 18.50 for a week, less what was paid', null],
      ['flag licences with two or more warnings', 'Add ‹Flag› as if ‹Warnings› is at least 2 then "yes", otherwise "no".'],
      ['only the north lakes', 'Keep rows where (the ‹Region› in the table "lakes" where ‹Code› is ‹Lake Code›) is "North".'],
      ['those whose catch was over the maximum of the lake', null],
      ['drop the weekly ones and all that were withdrawn', null],
      ['who caught pike?', 'List each ‹Holder›; only where ‹Fish› mentions the word "pike".'],
      ['licences issued in the first quarter', 'Keep rows where (the quarter of ‹Issued›) equals 1.'],
      ['youngest three', 'Keep 3 rows with the highest ‹Born›.'],
      ['holders who have more than one licence', 'Answer ‹Rows› as the number of rows; for each ‹Holder›; only where (the number of rows for each ‹Holder›) is more than 1.'],
      ['the latest licence of every holder', 'Keep 1 row with the highest ‹Issued› for each ‹Holder›.'],
      ['FL/2025/009 was entered double', null],
      ['fees by lake, with the lake\'s name', 'Answer ‹Total Fee paid› as the sum of ‹Fee paid› over the rows; for each ‹Lake› as the ‹Lake› in the table "lakes" where ‹Code› is ‹Lake Code›.'],
      ['average catch per category leaving out those who caught nothing', 'Answer ‹Average Catch kg› as the mean of ‹Catch kg› over the rows; for each ‹Category›; only where not (‹Catch kg› is blank or else ‹Catch kg› equals 0).'],
      ['which lake had the heaviest catch in total', 'Answer ‹Total Catch kg› as the sum of ‹Catch kg› over the rows; for each ‹Lake Code›; sorted by ‹Total Catch kg› from high to low; the first 1.'],
      ['how many licences does each warden look after', null],
      ['what share was renewed, percent', 'Answer ‹Share %› as ((the sum of (if ‹Renewed› is "Y" or "yes" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['total catch per hectare for every lake', null],
      ['bring the name of the lake over and put it after the code', null],
      ['licences for a lake that we don\'t have', 'Keep rows where not (‹Lake Code› stands under ‹Code› in the table "lakes").'],
      ['lakes nobody has a licence for', null],
      ['does the licence end after the lake closes? mark as too long, otherwise fine', null],
      ['phone of the warden in charge', null],
      ['throw away everyone without a boat', null],
    ],
  },
  {
    table: 'expenses',
    csv: `Claim,Employee,Staff No,Left On,Back On,Destination,Category,Amount,Currency,Receipt,Km,Approver,State,Remark
E-101,"HOLT, Pia",S07,2026-03-02,2026-03-04,Ostley,Train,€84.50,EUR,yes,0,M. Oke,paid,"went to the fair, ticket no 48211"
E-102,"Aar, Nils",S03,02/03/2026,03/03/2026,Kettle Bay / Dunmarsh,car,"€1,120.00",EUR,Y,312,M.Oke,Paid,mileage only
E-103,"lind,  Vera",S11,2026-03-05,,Saltby,Hotel,£212.00,GBP,no,0,T. Brandt,open,two nights at 106.00 each
E-104,"Roo, Sam",S02,6 March 2026,2026-03-06,Ostley,Meal,€18.20,EUR,,0,m. oke,rejected,no receipt
E-105,"Finn, Orla",S05,2026-03-09,2026-03-13,Brackwell / Saltby / Ostley,train,€240.75,EUR,Yes,0,T Brandt,paid,
E-106,"Holt, Pia",S07,2026-03-10,2026-03-10,Dunmarsh,Car,€36.40,EUR,yes,104,T. Brandt,on hold,"drove with Orla, please split"
E-107,"Meyer, Karl",S14,11/03/2026,2026-03-15,Oldmere,hotel,n/a,EUR,N,0,,open,invoice missing
E-108,"Aar, Nils",S03,2026-03-16,2026-03-17,Ostley,Taxi,€ 27.00,EUR,y,12,M. Oke,paid,"late train, took a taxi"
E-109,"Oda, Tess",S21,2026-03-18,2026-03-20,Saltby,Train,£96.30,GBP,no,0,T. Brandt,rejected,booked twice by mistake
E-110,"Roo, Sam",S02,2026-03-23,2026-03-27,Kettle Bay,Hotel,€388.00,EUR,yes,0,M. Oke,paid,four nights
E-111,"Roo, Sam",S02,2026-03-23,2026-03-27,Kettle Bay,Hotel,€388.00,EUR,yes,0,M. Oke,paid,four nights
E-112,"Finn, Orla",S05,2026-04-01,,Brackwell,Car,€61.60,EUR,yes,176,,open,
`,
    others: {
      staff: `No,Full Name,Team,Grade,Hired,Daily Limit,Mail,Trips Allowed
S02,Sam Roo,Sales,B,2019-05-01,60,sam.roo@works.example,4
S03,Nils Aar,Repair,C,2014-09-15,80,nils.aar@works.example,6
S05,Orla Finn,Sales,A,2022-01-10,45,orla.finn@works.example,2
S07,Pia Holt,Repair,B,2017-03-20,60,pia.holt@works.example,5
S11,Vera Lind,Office,A,2023-08-01,45,,1
S14,Karl Meyer,Office,C,2011-02-01,80,k.meyer@works.example,3
S18,Ben Rask,Sales,B,2020-06-01,60,ben.rask@works.example,0
`,
    },
    cases: [
      ['get the employee names into shape please: no double spaces, capital first letters and the rest small', 'In ‹Employee›, reduce runs of spaces to one and write in title case.'],
      ['The amounts should be plain numbers. Drop the currency signs and the thousands commas, and n/a just becomes empty.', 'Turn ‹Amount› into numbers, reading "n/a" as blank.'],
      ['Left on and back on were typed in different styles, turn both into real dates, day first where there are slashes', 'Turn ‹Left On› and ‹Back On› into dates, the day before the month.'],
      ['category is written with big and small letters, I want it in title case everywhere', 'In ‹Category›, write in title case.'],
      ['In receipt there should only be yes or no; leave the blank one as it is', 'Turn ‹Receipt› into yes or no.'],
      ['approver: there are really only two people, M. Oke and T. Brandt, please use those spellings', 'Spell ‹Approver› as "M. Oke" or "T. Brandt".'],
      ['Where nobody has approved it yet put "nobody" in the approver column', 'Fill blanks in ‹Approver› with "nobody".'],
      ['All states in lower case please', 'In ‹State›, write in lower case.'],
      ['n/a in amount means we don\'t have it yet, so empty that cell', null],
      ['take everything that isn\'t a digit out of the remark', null],
      ['swap the employee names round, so "Holt, Pia" becomes "Pia Holt"', 'Set ‹Employee› to (piece 2 of ‹Employee› cut at ",") followed by " " followed by (piece 1 of ‹Employee› cut at ",").'],
      ['Split employee at the comma into Last Name and First Name', 'Split ‹Employee› at "," into ‹Last Name› and ‹First Name›.'],
      ['I want the initials of every employee in a new column, like PH for Holt, Pia', 'Add ‹Initials of Employee› as the initials of ‹Employee›.'],
      ['destination can list up to three places with slashes between, put each in its own column: Stop 1, Stop 2 and Stop 3', 'Split ‹Destination› at "/" into ‹Stop 1›, ‹Stop 2› and ‹Stop 3›.'],
      ['one row per destination please, so a trip to three places appears three times', 'Make a row for each piece of ‹Destination› cut at "/".'],
      ['Pull the ticket number (five digits) out of the remark into Ticket No, leave it blank if there isn\'t one', 'Add ‹Ticket No› as the first code like "#####" in ‹Remark›.'],
      ['make a Label out of claim and destination, like "E-101: Ostley"', 'Add ‹Label› as ‹Claim› followed by ": " followed by ‹Destination›.'],
      ['get me the number part of the claim as a number', 'Add ‹Number› as the first number in ‹Claim›.'],
      ['How many places does each trip go to? Count them in a column called Places', null],
      ['rename left on to Start and back on to End', 'Rename ‹Left On› to ‹Start› and ‹Back On› to ‹End›.'],
      ['move amount right behind the employee', 'Move ‹Amount› to after ‹Employee›.'],
      ['we can do without currency and receipt', 'Drop ‹Currency› and ‹Receipt›.'],
      ['only leave me claim, employee, amount and state, in this order', 'Keep only the columns ‹Claim›, ‹Employee›, ‹Amount› and ‹State›.'],
      ['round the amounts to whole euros', 'Set ‹Amount› to ‹Amount› rounded to 0 decimals.'],
      ['throw out the rejected ones', 'Set aside rows where ‹State› is "rejected".'],
      ['I only need trips that started between 5 and 16 March 2026, both days included', 'Keep rows where ‹Left On› is at least the date "2026-03-05" and ‹Left On› is at most the date "2026-03-16".'],
      ['Keep the three dearest claims', 'Keep 3 rows with the highest ‹Amount›.'],
      ['just hotel and train please', 'Keep rows where ‹Category› is "Hotel" or "Train".'],
      ['remove everything that has no return date', 'Set aside rows where ‹Back On› is blank.'],
      ['sort by category A to Z and inside each category the biggest amount first', 'Sort by ‹Category› and ‹Amount› from high to low.'],
      ['Each employee should only show up once; keep the lowest row for everyone', 'Keep the last row of each ‹Employee›.'],
      ['give me five random claims', 'Keep 5 rows at random with seed 1.'],
      ['pick one claim at random per category', 'Keep 1 row at random with seed 1 for each ‹Category›.'],
      ['only the claims whose remark mentions a receipt or an invoice', 'Keep rows where ‹Remark› mentions the word "receipt", "receipts", "invoice" or "invoices".'],
      ['leave only those claims that are above the average amount', 'Keep rows where ‹Amount› is more than (the mean of ‹Amount› over the rows).'],
      ['Everything by car that is still open has to go', 'Set aside rows where ‹Category› is "Car" and ‹State› is "open".'],
      ['how many nights was everyone away? new column Nights, blank where there is no return date', 'Add ‹Nights› as the whole days from ‹Left On› to ‹Back On›.'],
      ['add each claim\'s share of the total amount in percent with one decimal', 'Add ‹Amount per total Amount› as (‹Amount› divided by (the sum of ‹Amount› over the rows)) times 100 rounded to 1 decimal.'],
      ['new column Allowance: 28 for every day away, counting both the first and the last day', null],
      ['rank the claims by amount, the highest is number 1', 'Add ‹Rank by Amount› as the rank, highest first, of ‹Amount›.'],
      ['running total of amount from top to bottom', 'Add ‹Running total of Amount› as the running total of ‹Amount›.'],
      ['next to each claim show the average amount of its category, two decimals', 'Add ‹Average Amount per Category› as the mean of ‹Amount› over the rows for each ‹Category› rounded to 2 decimals.'],
      ['how far is each claim above or below the average of its category? put it in a new column called Against category', 'Add ‹Against category› as ‹Amount› minus (the mean of ‹Amount› over the rows for each ‹Category›).'],
      ['What day of the week did they leave? Write it out in full', 'Add ‹Weekday of Left On› as the weekday of ‹Left On›.'],
      ['group the km: 0 is none, up to 150 short, more than that long, call it Distance', 'Add ‹Distance› as if ‹Km› equals 0 then "none", if ‹Km› is at most 150 then "short", if ‹Km› is more than 150 then "long", otherwise blank.'],
      ['Say "late" if the trip took more than three days, otherwise "fine", and leave it empty where there\'s no end date', null],
      ['add the amount in euros: pounds times 1.17, euros as they are, two decimals', null],
      ['Number each employee\'s claims 1, 2, 3 in the order they left', 'Sort by ‹Left On›. Add ‹Number within Employee› as the number of the row for each ‹Employee›.'],
      ['how many claims did each employee make altogether? put the number on every row', 'Add ‹Rows per Employee› as the number of rows for each ‹Employee›.'],
      ['label the claims by amount: under 50 is small, 50 to under 200 medium, 200 and more large', 'Add ‹Amount label› as if ‹Amount› is less than 50 then "small", if ‹Amount› is at least 50 and ‹Amount› is less than 200 then "medium", if ‹Amount› is at least 200 then "large", otherwise blank.'],
      ['Does the remark mention a night? yes/no in a new column Overnight', 'Add ‹Overnight› as if ‹Remark› mentions the word "night" or "nights" then "yes", otherwise "no".'],
      ['tag the remarks: "paper" if receipt or invoice is in there, "double" if it says twice, else "other"', 'Add ‹Remark label› as if ‹Remark› mentions the word "receipt", "receipts", "invoice" or "invoices" then "paper", if ‹Remark› mentions the word "twice" or "twices" then "double", otherwise "other".'],
      ['Mark claims without a receipt over 50 as "ask", all the rest "ok"', null],
      ['bring in the team of each employee from the staff table', 'Add ‹Team› as the ‹Team› in the table "staff" where ‹No› is ‹Staff No›.'],
      ['Staff no here is just No over there. Fetch grade and daily limit from the staff list, blank if somebody isn\'t in it', null],
      ['Put the employee\'s mail address from the staff table next to the name', null],
      ['Is the amount over the daily limit times the number of days away (both days counted)? Write over or fine', null],
      ['which claims are from people who are not in the staff table?', 'List each ‹Claim›; only where not (‹Staff No› stands under ‹No› in the table "staff").'],
      ['Add a column to say whether the staff number exists in the staff table: known or unknown', 'Add ‹Staff No label› as if ‹Staff No› stands under ‹No› in the table "staff" then "known", otherwise "unknown".'],
      ['how many claims per category?', 'Answer ‹Rows› as the number of rows; for each ‹Category›.'],
      ['what is the total amount for each state', 'Answer ‹Total Amount› as the sum of ‹Amount› over the rows; for each ‹State›.'],
      ['Which employee travelled the most kilometres in total? Just one.', 'Answer ‹Total Km› as the sum of ‹Km› over the rows; for each ‹Employee›; sorted by ‹Total Km› from high to low; the first 1.'],
      ['average amount for hotel claims, two decimals', 'Answer ‹Average Amount› as the mean of ‹Amount› over the rows rounded to 2 decimals; only where ‹Category› is "Hotel".'],
      ['What share of the claims was rejected, in percent with one decimal?', 'Answer ‹Share %› as ((the sum of (if ‹State› is "rejected" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 1 decimal.'],
      ['how many different employees have made a claim', 'Answer ‹Different Employee› as the number of different values of ‹Employee› over the rows.'],
      ['number of claims per month of departure', 'Answer ‹Rows› as the number of rows; for each ‹Month of Left On› as the month of ‹Left On›.'],
      ['how many claims have no receipt', null],
      ['add each employee\'s cost centre from the staff table', null],
      ['average the destinations', null],
      ['sort the claims by hotel rating', null],
    ],
  },
  {
    table: 'jobs',
    csv: `Job,Taken In,Collected,Client,Picture,Size,Moulding,Metres,Price per m,Glass,Minutes,Material,Total,Paid,Framer,State,Wish
J-301,2026-02-02,2026-02-10,Ms Rhea Colm,Watercolour / harbour,40 x 60 cm,M12,2.4,18.50,clear,55,44.40,€96.00,96.00,Ilse,collected,Wants it back before her sister's birthday
J-302,2026-02-03,2026-02-12,Mr Odo Trent,Photo / wedding,30x40 cm,M07,1.6,12.00,Museum,40,39.20,€88.50,80.00,Bart,Collected,"no staples, he says"
J-303,2026-02-03,,Dr Lena Fry,Oil/portrait,70 x 90 cm,M21,3.6,31.00,none,95,111.60,€210.00,,Ilse,ready,call the son on 555-0141
J-304,05/02/2026,2026-02-20,The Corner Gallery,Print / map of Saltby,50 x 70 cm,M12,2.8,18.50,Clear,50,51.80,€104.00,104.00,bart,collected,
J-305,2026-02-06,2026-02-09,Ms Rhea Colm,Print/botanical,20 x 20 cm,M03,0.9,,clear,25,9.10,€32.00,32.00,Ilse,collected,same as the last one please
J-306,2026-02-09,,Mr Finn Abbot,Photo / boat,60 x 80 cm,M99,3.2,22.00,museum,0,70.40,n/a,,Uma,waiting,the frame must match the dark oak at home
J-307,2026-02-11,2026-03-03,Mrs Ada Pell,Mirror / round,55 cm,M21,2.1,31.00,,70,65.10,€149.00,149.00,Uma,collected,very unhappy with the scratch
J-308,2026-02-13,2026-02-27,The Corner Gallery,Oil / storm,100 x 120 cm,M07,4.8,12.00,none,110,57.60,€175.50,170.00,BART,collected,thank you so much for the fast help
J-309,16/02/2026,,Dr Lena Fry,Certificate / A4,21 x 30 cm,,1.2,,clear,20,6.00,€24.00,24.00,Ilse,cancelled,
J-310,2026-02-18,2026-03-02,Mr Odo Trent,Print / city,40 x 50 cm,M03,2.0,9.80,clear,35,25.60,€58.00,58.00,Uma ,Collected,lovely work as always
`,
    others: {
      mouldings: `Code,Name,Maker,Price m,Stock,Minimum,Width
M03,Plain pine (white),Hollis,£9.80,14 m,10,22 mm
M07,Black slim,Hollis,£12.00,6.5 m,8,15 mm
M12,Walnut bevel (oiled),Trevane,£18.50,0 m,6,3.2 cm
M21,Gilt classic,Ostrow & Co,£31.00,22 m,5,45 mm
M30,Driftwood,Trevane,£27.40,unknown,4,5 cm
`,
      payments: `Pay,Date,From,Job ref,Sum,Memo
P1,2026-02-10,R. Colm,J-301,96.00,card
P2,2026-02-12,Odo Trent,J-302,80.00,cash
P3,2026-02-20,Corner Gallery,J-304,104.00,transfer job J-304
P4,2026-02-09,Rhea Colm,J-305,32.00,card
P5,2026-03-03,Ada Pell,J-307,149.00,card
P6,2026-02-27,Corner Gallery,J-308,170.00,transfer job J-308
P7,2026-02-18,Lena Fry,J-309,24.00,cash
P8,2026-03-04,Unknown,J-400,15.00,?
`,
    },
    cases: [
      ['framer is written in all sorts of ways, there should only be Ilse, Bart and Uma', 'Spell ‹Framer› as "Ilse", "Bart" or "Uma".'],
      ['total as a number without the euro sign; n/a should be nothing', 'Turn ‹Total› into numbers, reading "n/a" as blank.'],
      ['write the glass types in small letters, and put none where it is empty', null],
      ['The dates in Taken In come in two styles, make them proper dates (day first)', 'Turn ‹Taken In› into dates, the day before the month.'],
      ['If no price per metre is given, put 10', 'Fill blanks in ‹Price per m› with "10".'],
      ['Strip the title (Mr, Ms, Mrs, Dr) from the front of the client names', 'Set ‹Client› to (the first name of the person in ‹Client›), (the middle name of the person in ‹Client›), (the last name of the person in ‹Client›) and (the name suffix of the person in ‹Client›) joined with " ".'],
      ['put a space on both sides of every slash in picture where there isn\'t one', null],
      ['make sure the state starts with a capital everywhere', 'In ‹State›, write in sentence case.'],
      ['Picture holds the kind and the subject with a slash between: I want two columns, Kind and Subject', 'Split ‹Picture› at "/" into ‹Kind› and ‹Subject›.'],
      ['from the size I need width and height as numbers in two columns, without the cm; the round one has only a width', null],
      ['make a ticket text out of it, like "J-301 Ilse (M12)"; leave off the brackets if there is no moulding', null],
      ['Pull the phone number out of the wish into its own column, leave the others empty', null],
      ['the year, month and day of Taken In as three columns', 'Add ‹Taken In year› as the year of ‹Taken In›. Add ‹Taken In month› as the month of ‹Taken In›. Add ‹Taken In day› as the day of ‹Taken In›.'],
      ['new column with the last name of each client, for galleries just leave it blank', null],
      ['rename Minutes to Labour and Material to Material cost', 'Rename ‹Minutes› to ‹Labour› and ‹Material› to ‹Material cost›.'],
      ['drop minutes, wish and material', 'Drop ‹Minutes›, ‹Wish› and ‹Material›.'],
      ['put state and framer at the front, right after the job number', null],
      ['Paid comes before Total please', 'Move ‹Paid› to before ‹Total›.'],
      ['only the jobs that haven\'t been collected yet', 'Keep rows where ‹Collected› is blank.'],
      ['just Ilse\'s and Uma\'s', 'Keep rows where ‹Framer› is "Ilse" or "Uma".'],
      ['which wishes talk about a birthday or a scratch? keep only those', 'Keep rows where ‹Wish› mentions the word "birthday", "birthdays", "scratch" or "scratches".'],
      ['jobs taken in during the first half of February only', 'Keep rows where (the month of ‹Taken In›) equals 2 and (the day of ‹Taken In›) is at least 1 and (the day of ‹Taken In›) is at most 15.'],
      ['keep the two most expensive jobs of each framer', null],
      ['Newest first please', 'Sort by ‹Taken In› from high to low.'],
      ['sort by framer, then by total with the dearest on top; jobs without a total go last', 'Sort by ‹Framer› and ‹Total› from high to low.'],
      ['one random job for every framer', 'Keep 1 row at random with seed 1 for each ‹Framer›.'],
      ['keep jobs where we were paid less than the total', 'Keep rows where ‹Paid› is less than ‹Total›.'],
      ['keep the jobs costing more than the average', 'Keep rows where ‹Total› is more than (the mean of ‹Total› over the rows).'],
      ['add Profit: total less material less labour, where an hour of labour costs 36 euros', null],
      ['What\'s our margin in percent of the total (material is the only cost)? one decimal, blank if there\'s no total', null],
      ['how many days did each customer wait from dropping off to collecting? blank if not collected', null],
      ['what is still to be paid for each job? total minus paid, an empty paid counts as zero; column Open', 'Add ‹Open› as ‹Total› minus (‹Paid›, or 0 where it is blank).'],
      ['per minute earnings: total over minutes, two decimals, empty when there are no minutes', null],
      ['moulding cost = metres times price per m, blank if one is missing, two decimals', 'Add ‹moulding cost› as ‹Metres› times ‹Price per m› rounded to 2 decimals.'],
      ['add 12% waste to the metres, in a new column Metres needed, one decimal', null],
      ['which share of the framer\'s total does each job make up? percent, one decimal', 'Add ‹Total per total Total per Framer %› as (‹Total› divided by (the sum of ‹Total› over the rows for each ‹Framer›)) times 100 rounded to 1 decimal.'],
      ['running total of what was paid, down the list, separately for each framer', 'Add ‹Running total of Paid› as the running total of ‹Paid› for each ‹Framer›.'],
      ['days since the previous job of the same client was taken in, first one empty', null],
      ['put the minutes into hours with two decimals in a column Hours', 'Add ‹Hours› as ‹Minutes› divided by 60 rounded to 2 decimals.'],
      ['Glass fee: 15 for museum glass, 6 for clear, nothing for none or empty', 'Add ‹Glass fee› as if ‹Glass› is "none" or else ‹Glass› is blank then blank, if ‹Glass› is "Museum" then 15, if ‹Glass› is "clear" then 6, otherwise blank.'],
      ['Week number of the day it was taken in', 'Add ‹Week of Taken In› as the week of ‹Taken In›.'],
      ['Speed: quick if it was back within 7 days, normal up to 14, slow beyond that, open if not collected', null],
      ['yes or no: did the client pay in full?', null],
      ['Sort the wishes into happy and unhappy clients, no wish no label', null],
      ['Label by glass: protected for museum, plain for clear, open otherwise', 'Add ‹Glass label› as if ‹Glass› is "Museum" then "protected", if ‹Glass› is "clear" then "plain", otherwise "open".'],
      ['add the name of the moulding from the mouldings table, blank if it isn\'t listed', 'Add ‹Name› as the ‹Name› in the table "mouldings" where ‹Code› is ‹Moulding›.'],
      ['fill the missing price per m from the mouldings list (without the pound sign), leave prices that are there alone', null],
      ['who makes the moulding of each job? bring that in', null],
      ['Is the price per m the same as in mouldings? same or different, and empty if we can\'t tell', null],
      ['which jobs have a moulding code that the mouldings list doesn\'t know? ignore those without a code', null],
      ['which mouldings were never used', null],
      ['compare what was paid with the sum in payments, job against job ref: ok if equal, off if not, missing if there\'s no payment', 'Add ‹Job label› as if (the ‹Sum› in the table "payments" where ‹Job ref› is ‹Job›) is blank then "missing", if ‹Paid› equals (the ‹Sum› in the table "payments" where ‹Job ref› is ‹Job›) then "ok", otherwise "off".'],
      ['show the payments that belong to no job', null],
      ['how much did we get from each client according to payments? add it to the jobs as From client, 0 if nothing', null],
      ['what did each framer bring in, total?', 'Answer ‹Total Total› as the sum of ‹Total› over the rows; for each ‹Framer›.'],
      ['how many jobs per month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Taken In› as the month of ‹Taken In›.'],
      ['Which moulding was used most, by metres?', 'Answer ‹Total Metres› as the sum of ‹Metres› over the rows; for each ‹Moulding›; sorted by ‹Total Metres› from high to low; the first 1.'],
      ['average waiting time in days, from taken in to collected', 'Answer ‹Average days from Taken In to Collected› as the mean of (the whole days from ‹Taken In› to ‹Collected›) over the rows.'],
      ['what percentage of jobs are not collected yet, no decimals', 'Answer ‹Share %› as ((the sum of (if ‹Collected› is blank then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 0 decimals.'],
      ['the three jobs with the most minutes, with client and framer', null],
      ['how many jobs over 100 euros did Bart do', null],
      ['total metres per moulding, most first', 'Answer ‹Total Metres› as the sum of ‹Metres› over the rows; for each ‹Moulding›; sorted by ‹Total Metres› from high to low.'],
      ['put the customer\'s birthday next to each job', null],
      ['keep the jobs we should have refused', null],
      ['add shipping costs per parcel', null],
      ['sort the total of yesterday purple', null],
      ['show me the average of the wishes', null],
    ],
  },
  {
    table: 'repairs',
    csv: `Order,Brought In,Promised,Picked Up,Customer No,Owner,Instrument,Technician,Hours,Hourly Rate,Parts Cost,Invoice,Paid On,State,Fault,Comment
Q-01,2026-01-07,2026-01-21,2026-01-20,C10,"Vane, Lotte",Violin - 4/4,greta,3.5,42,18.00,"€165,00",2026-01-20,done,Open seam at the lower bout,Sounds like new - thank you
Q-02,8 Jan 2026,2026-01-15,2026-01-17,C14,"Boro, Sami",Trumpet - Bb,Piet,1.25,42,6.40,€58.90,2026-01-25,Done,Third valve sticks,a bit late but fine
Q-03,2026-01-09,2026-02-06,,C10,"Vane, Lotte",Cello - 3/4,Greta ,,48,,,,waiting,Crack in the top plate,waiting for the maker's answer
Q-04,12/01/2026,2026-01-19,2026-01-19,C21,"Ott,  Bea",Flute - C,PIET,0.75,42,11.00,€42.50,2026-01-19,done,Two pads worn,
Q-05,2026-01-14,2026-01-28,2026-02-09,C07,"Ruiz, Nell",Guitar - classical,Mona,5,38,24.50,"€214,50",,done,Bridge lifted and a loose brace,Very disappointed with the delay
Q-06,2026-01-16,2026-01-30,,C30,"Dahl, Ivo",Clarinet - A,Piet,2,42,9.90,€93.90,,cancelled,Cracked barrel,owner bought a new one
Q-07,19 January 2026,2026-02-02,2026-02-02,C14,"Boro, Sami",Trombone - tenor,piet,1.5,42,0,€63.00,2026-02-02,done,Dent in the slide,great job!
Q-08,2026-01-21,2026-02-04,2026-02-03,C21,"Ott, Bea",Piccolo - C,Mona,2.25,38,15.75,€101.25,2026-03-01,done,Pads and springs,paid after two reminders
Q-09,2026-01-22,2026-02-12,,C99,"Kern, Uli",Violin - 1/2,greta,4,42,30.00,€198.00,2026-02-20,ready,Neck loose; pegs slip,call 555-0188 before six
Q-10,2026-02-02,2026-02-16,2026-02-16,C07,"Ruiz, Nell",Ukulele - soprano,Mona,1,38,3.20,€41.20,2026-02-16,done,String action too high,ref 70211 - see January
`,
    others: {
      customers: `Number,Surname,First Name,Town,Since,Category,Discount,Phone
C07,Ruiz,Nell,Brackwell,2018-05-02,private,0%,0555 200 107
C10,Vane,Lotte,Oldmere,2009-11-20,school,10%,0555-200-110
C14,Boro,Sami,Saltby,2021-03-15,band,5%,0555 200 114
C21,Ott,Bea,Oldmere,2015-08-30,private,0%,
C30,Dahl,Ivo,Ostley,2025-01-05,private,0%,0555 200 130
C44,Frey,Tom,Saltby,2012-06-17,school,10%,0555 200 144
`,
      technicians: `Name,Section,Max Hours,Started,Rate
Greta,strings,20,2014,42
Piet,winds,30,2019,42
Mona,plucked,15,2022,38
Aldo,keys,10,2008,50
`,
    },
    cases: [
      ['technician names should start with a capital and have no spaces around them', 'In ‹Technician›, trim outer spaces, reduce runs of spaces to one and write in sentence case.'],
      ['Please make Brought In a proper date column. Slashes mean day first.', 'Turn ‹Brought In› into dates, the day before the month.'],
      ['the invoices have euro signs and some use a comma for the decimals; I just want the number', 'Turn ‹Invoice› into numbers.'],
      ['state in small letters please', 'In ‹State›, write in lower case.'],
      ['Could you swap the owners\' names around so that it says Lotte Vane instead of Vane, Lotte?', 'Set ‹Owner› to (piece 2 of ‹Owner› cut at ",") followed by " " followed by (piece 1 of ‹Owner› cut at ",").'],
      ['where parts cost is empty write 0', 'Fill blanks in ‹Parts Cost› with "0".'],
      ['There are two spaces in some of the owners, leave only one', null],
      ['put "none" in every comment that is empty', 'Fill blanks in ‹Comment› with "none".'],
      ['Correct the technicians: only Greta, Piet and Mona work here', null],
      ['in the comments replace every dash with a comma', 'Replace "-" in ‹Comment› with ",".'],
      ['clear the invoice of all cancelled jobs', 'Set ‹Invoice› to if ‹State› is "cancelled" then blank, otherwise ‹Invoice›.'],
      ['cut Instrument at the dash: Kind goes before, Model after it', 'Split ‹Instrument› at the first "-" into ‹Kind› and ‹Model›.'],
      ['I would like the size out of the violins and cellos, like 4/4, in a column Size', null],
      ['owner\'s initials in a new column', 'Add ‹Initials of Owner› as the initials of ‹Owner›.'],
      ['A column Short that reads like "Q-01 Lotte"', null],
      ['take the phone number out of the comment, leave blank where there is none', 'Add ‹Telephone number› as the first telephone number in ‹Comment›.'],
      ['five digit reference in the comment -> Ref', null],
      ['give me year and month of Brought In in two columns', 'Add ‹Brought In year› as the year of ‹Brought In›. Add ‹Brought In month› as the month of ‹Brought In›.'],
      ['split the faults at the semicolon, one row for each fault', 'Make a row for each piece of ‹Fault› cut at ";".'],
      ['call Brought In Received and Picked Up Collected', 'Rename ‹Brought In› to ‹Received› and ‹Picked Up› to ‹Collected›.'],
      ['get rid of Promised and Paid On', 'Drop ‹Promised› and ‹Paid On›.'],
      ['I\'d like Technician straight after Order', 'Move ‹Technician› to after ‹Order›.'],
      ['only Order, Owner, Instrument and Invoice are of interest, the rest can go', 'Keep only the columns ‹Order›, ‹Owner›, ‹Instrument› and ‹Invoice›.'],
      ['round the invoices to whole euros', 'Set ‹Invoice› to ‹Invoice› rounded to 0 decimals.'],
      ['convert Hours to minutes', 'Set ‹Hours› to ‹Hours› times 60.'],
      ['just the done ones', 'Keep rows where ‹State› is "done".'],
      ['Take out everything that was cancelled or is still waiting', 'Set aside rows where ‹State› is "cancelled" or "waiting".'],
      ['keep the jobs that were picked up after the promised date', 'Keep rows where ‹Picked Up› is more than ‹Promised›.'],
      ['Only jobs from January please (brought in)', 'Keep rows where (the month of ‹Brought In›) equals 1.'],
      ['which faults mention a crack? I only want those rows', 'Keep rows where ‹Fault› mentions the word "crack" or "cracked".'],
      ['the three longest jobs by hours', 'Keep 3 rows with the highest ‹Hours›.'],
      ['keep one job per owner, the latest one', 'Keep 1 row with the highest ‹Brought In› for each ‹Owner›.'],
      ['remove jobs which have no invoice yet', 'Set aside rows where ‹Invoice› is blank.'],
      ['sort by technician and then the most expensive invoice first', 'Sort by ‹Technician› and ‹Invoice› from high to low.'],
      ['two random jobs for each technician', 'Keep 2 rows at random with seed 1 for each ‹Technician›.'],
      ['jobs where the invoice is more than 50 euros above the parts cost', 'Keep rows where ‹Invoice› is more than ‹Parts Cost› plus 50.'],
      ['the jobs by Piet that took longer than an hour', 'Keep rows where ‹Technician› is "Piet" and ‹Hours› is more than 1.'],
      ['everything that is not violin or cello', 'Keep rows where not (‹Instrument› mentions the word "violin" or "cello").'],
      ['how long did each repair take from bringing it in to picking it up, in days? empty if not yet picked up', 'Add ‹Days from Brought In to Picked Up› as the whole days from ‹Brought In› to ‹Picked Up›.'],
      ['how many days late was each one? 0 when it was on time, blank when it isn\'t picked up', null],
      ['labour cost: hours times hourly rate', 'Add ‹labour cost› as ‹Hours› times ‹Hourly Rate›.'],
      ['what remains after parts and labour? invoice minus parts minus hours times rate, two decimals', null],
      ['parts as a percentage of the invoice, one decimal', 'Add ‹Parts Cost per Invoice %› as (‹Parts Cost› divided by ‹Invoice›) times 100 rounded to 1 decimal.'],
      ['add 19% tax to the invoice in a new column Gross, two decimals', 'Add ‹Gross› as ‹Invoice› times (1 plus (19 divided by 100)) rounded to 2 decimals.'],
      ['average invoice of each technician on every row', 'Add ‹Average Invoice per Technician› as the mean of ‹Invoice› over the rows for each ‹Technician›.'],
      ['rank the jobs by invoice, the highest being 1', 'Add ‹Rank by Invoice› as the rank, highest first, of ‹Invoice›.'],
      ['number the jobs of each owner in the order they were brought in', 'Sort by ‹Brought In›. Add ‹Number within Owner› as the number of the row for each ‹Owner›.'],
      ['running total of the invoices', 'Add ‹Running total of Invoice› as the running total of ‹Invoice›.'],
      ['Was it paid on the day it was picked up? yes or no', 'Add ‹Paid On label› as if ‹Paid On› equals ‹Picked Up› then "yes", otherwise "no".'],
      ['Label: small under 60, medium from 60 to 150, big over 150, going by the invoice', 'Add ‹Label› as if ‹Invoice› is less than 60 then "small", if ‹Invoice› is at least 60 and ‹Invoice› is at most 150 then "medium", if ‹Invoice› is more than 150 then "big", otherwise blank.'],
      ['urgent if the promised date is less than ten days after it was brought in, otherwise normal', 'Add ‹Brought In label› as if (the whole days from ‹Brought In› to ‹Promised›) is less than 10 then "urgent", otherwise "normal".'],
      ['tag each fault: crack if it says crack or cracked, pads if it mentions pads, otherwise other', 'Add ‹Fault label› as if ‹Fault› mentions the word "crack", "cracks" or "cracked" then "crack", if ‹Fault› mentions the word "pad" or "pads" then "pads", otherwise "other".'],
      ['how old is the debt? days from picking up until 15 March 2026, only for those that have not paid', 'Add ‹Days from Picked Up to 2026-03-15› as if ‹Paid On› is blank then the whole days from ‹Picked Up› to the date "2026-03-15", otherwise blank.'],
      ['weekday when it was brought in', 'Add ‹Weekday of Brought In› as the weekday of ‹Brought In›.'],
      ['which quarter was it promised for', 'Add ‹Quarter of Promised› as the quarter of ‹Promised›.'],
      ['hours rounded up to the next half hour', 'Set ‹Hours› to (‹Hours› times 2 rounded up to 0 decimals) divided by 2.'],
      ['share of the technician\'s hours in percent, no decimals', 'Add ‹Hours per total Hours per Technician %› as (‹Hours› divided by (the sum of ‹Hours› over the rows for each ‹Technician›)) times 100 rounded to 0 decimals.'],
      ['difference between this invoice and the one before by the same technician', 'Add ‹Invoice minus row above Invoice› as ‹Invoice› minus (the row above of ‹Invoice› for each ‹Technician›).'],
      ['Bring the town of each customer in from customers', 'Add ‹Town› as the ‹Town› in the table "customers" where ‹Number› is ‹Customer No›.'],
      ['add the customer\'s category and discount, empty when the number is not in the list', 'Add ‹Category› as the ‹Category› in the table "customers" where ‹Number› is ‹Customer No›. Add ‹Discount› as the ‹Discount› in the table "customers" where ‹Number› is ‹Customer No›.'],
      ['what would they pay with their discount? invoice less the discount from customers, two decimals', 'Add ‹Invoice times 1 minus Discount per 100› as ‹Invoice› times (1 minus ((the ‹Discount› in the table "customers" where ‹Number› is ‹Customer No›) divided by 100)) rounded to 2 decimals.'],
      ['section of the technician (from the technicians table, upper and lower case don\'t matter)', 'Add ‹Section› as the ‹Section› in the table "technicians" where ‹Name› is ‹Technician›.'],
      ['is the hourly rate the one in the technicians table? right or wrong', 'Add ‹Hourly Rate label› as if ‹Hourly Rate› equals (the ‹Rate› in the table "technicians" where ‹Name› is ‹Technician›) then "right", otherwise "wrong".'],
      ['orders whose customer number is not in the customer list', 'Keep rows where not (‹Customer No› stands under ‹Number› in the table "customers").'],
      ['customers that have no order', null],
      ['flag each order as known or unknown depending on whether the customer no is in customers', 'Add ‹Customer No label› as if ‹Customer No› stands under ‹Number› in the table "customers" then "known", otherwise "unknown".'],
      ['which technicians from the list have no job here', null],
      ['how many jobs per technician', 'Answer ‹Rows› as the number of rows; for each ‹Technician›.'],
      ['total invoice per state', 'Answer ‹Total Invoice› as the sum of ‹Invoice› over the rows; for each ‹State›.'],
      ['what did we earn on average per hour, all in all (invoices divided by hours)', null],
      ['Which instrument kind was repaired most often?', null],
      ['average number of days from brought in to picked up for each technician', 'Answer ‹Average days from Brought In to Picked Up› as the mean of (the whole days from ‹Brought In› to ‹Picked Up›) over the rows; for each ‹Technician›.'],
      ['how many jobs are not paid yet', 'Answer ‹Rows› as the number of rows; only where ‹Paid On› is blank.'],
      ['what share of the jobs was late, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Picked Up› is more than ‹Promised› then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['The two owners who paid the most', 'Answer ‹Total Invoice› as the sum of ‹Invoice› over the rows; for each ‹Owner›; sorted by ‹Total Invoice› from high to low; the first 2.'],
      ['how many different instruments', 'Answer ‹Different Instrument› as the number of different values of ‹Instrument› over the rows.'],
      ['who had the most expensive repair', null],
      ['number of jobs brought in each month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Brought In› as the month of ‹Brought In›.'],
      ['sum of parts cost of the done jobs', 'Answer ‹Total Parts Cost› as the sum of ‹Parts Cost› over the rows; only where ‹State› is "done".'],
      ['add the shoe size of the owner', null],
      ['remove the jobs that annoyed us', null],
      ['total of the faults', null],
      ['group the jobs by weather', null],
      ['keep jobs above budget', null],
    ],
  },
  {
    table: 'plants',
    csv: `Batch,Sown,Potted,Sold On,Species,Bed,Seeds,Sprouted,Pots,Lost,Unit Price,Buyer,Revenue,Gardener,Quality,Remarks
G-001,2026-02-02,2026-03-02,2026-04-11,Basil (sweet),Bed 4 / North,200,176,160,6,£1.80,Fenwick Market,£277.20,lia moor,A,"strong smell, very even"
G-002,03.02.2026,2026-03-05,,basil (thai),Bed 4/North,150,90,84,12,£2.10,,,Lia Moor,b,mildew on the lower leaves
G-003,2026-02-05,2026-03-01,2026-04-02,Chives,Bed 2 / East,300,285,120,0,£1.50,Corner Deli,£180.00,OLE BRANT,A,
G-004,Feb 9 2026,,,Thyme (lemon),Bed 7 / South,250,60,,,£2.40,,,Ole Brant,C,"poor sprouting, seeds too old?"
G-005,2026-02-11,2026-03-14,2026-04-20,Mint,Bed 1 / East,n/a,n/a,95,4,£1.20,Fenwick Market,£109.20,Ida Rehn,B,cuttings not seeds
G-006,2026-02-16,2026-03-20,2026-04-18,Parsley (flat),Bed 3 / North,400,352,300,22,£0.95,Harbour Kitchen,£264.10,lia moor,A,eaten by slugs in one tray
G-007,17.02.2026,2026-03-19,2026-05-02,Parsley (curly),Bed 3 / North,380,304,280,15,£0.95,Corner Deli,£251.75,Lia  Moor,B,slugs again
G-008,2026-02-20,2026-03-28,,Rosemary,Bed 7 / South,120,66,60,3,£3.20,Harbour Kitchen,,Ida Rehn,,reserved until June
G-009,2026-02-23,2026-03-25,2026-04-25,Dill,Bed 5 / West,220,198,150,9,£1.10,Fenwick Mkt,£155.10,ida rehn,A,order no 55120
G-009,2026-02-23,2026-03-25,2026-04-25,Dill,Bed 5 / West,220,198,150,9,£1.10,Fenwick Mkt,£155.10,ida rehn,A,order no 55120
`,
    others: {
      buyers: `Name,Contact,Area,Terms Days,Rebate,Since
Fenwick Market,orders@fenwick.example,Old Town,30,5%,2016-04-01
Corner Deli,deli@corner.example,Harbour,14,0%,2020-09-15
Harbour Kitchen,,Harbour,30,2.5%,2023-02-01
Green Bowl,info@greenbowl.example,Old Town,10,0%,2024-07-20
`,
    },
    cases: [
      ['gardeners are written in all sorts of ways: I want every name with capitals and single spaces', 'In ‹Gardener›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['Sown comes in several formats. Turn it into dates, please; with points it\'s day.month.year', 'Turn ‹Sown› into dates, the day before the month.'],
      ['Take the pound sign off unit price and revenue so that they are numbers', null],
      ['n/a in seeds and sprouted just means unknown, leave those cells empty', 'Remove cells that are "n/a" from ‹Seeds› and ‹Sprouted›.'],
      ['quality in capital letters', 'In ‹Quality›, write in capitals.'],
      ['Fenwick Mkt is the same buyer as Fenwick Market', 'Replace cells that are "Fenwick Mkt" in ‹Buyer› with "Fenwick Market".'],
      ['where lost is empty it should be 0', 'Fill blanks in ‹Lost› with "0".'],
      ['put "unsold" into buyer if nobody has bought the batch yet', 'Fill blanks in ‹Buyer› with "unsold".'],
      ['species: what\'s in brackets into a new column Variety, and the species without it', null],
      ['split bed at the slash into Bed and Side', null],
      ['give me a label for the pots like "Chives G-003"', 'Add ‹label for the pots› as ‹Species› followed by " " followed by ‹Batch›.'],
      ['the first name of the gardener in a column of its own', 'Add ‹Part of Gardener› as piece 1 of ‹Gardener› cut at " ".'],
      ['order number (five digits) from the remarks into Order No', 'Add ‹Order No› as the first code like "#####" in ‹Remarks›.'],
      ['one batch is in here twice, keep it once', 'Keep the first row of each ‹Batch›.'],
      ['rename Sown to Sown On and Sold On to Sold', 'Rename ‹Sown› to ‹Sown On› and ‹Sold On› to ‹Sold›.'],
      ['I don\'t need bed and remarks', 'Drop ‹Bed› and ‹Remarks›.'],
      ['put quality right after species', 'Move ‹Quality› to after ‹Species›.'],
      ['just batch, species, pots and revenue in that order', 'Keep only the columns ‹Batch›, ‹Species›, ‹Pots› and ‹Revenue›.'],
      ['round revenue to full pounds', 'Set ‹Revenue› to ‹Revenue› rounded to 0 decimals.'],
      ['only the batches that have been sold', 'Keep rows where ‹Sold On› is filled.'],
      ['everything Lia grew', 'Keep rows where ‹Gardener› mentions the word "Lia".'],
      ['take out whatever has quality C', 'Set aside rows where ‹Quality› is "C".'],
      ['batches sown in the second half of February', 'Keep rows where (the month of ‹Sown›) equals 2 and (the day of ‹Sown›) is at least 16 and (the day of ‹Sown›) is at most 31.'],
      ['which batches had slugs? keep only these', 'Keep rows where ‹Remarks› mentions the word "slugs".'],
      ['those with less than half of the seeds sprouted', 'Keep rows where ‹Sprouted› is less than ‹Seeds› divided by 2.'],
      ['the four batches with the highest revenue', 'Keep 4 rows with the highest ‹Revenue›.'],
      ['per buyer the batch with the most pots', 'Keep 1 row with the highest ‹Pots› for each ‹Buyer›.'],
      ['batches that took more than 40 days from potting to selling', 'Keep rows where (the whole days from ‹Potted› to ‹Sold On›) is more than 40.'],
      ['not the parsley and not the basil', 'Keep rows where not (‹Species› mentions the word "parsley") and not (‹Species› mentions the word "basil").'],
      ['anything potted before 15 March that isn\'t sold yet', 'Keep rows where ‹Potted› is less than the date "2026-03-15" and ‹Sold On› is blank.'],
      ['newest first by sown', 'Sort by ‹Sown› from high to low.'],
      ['sort by quality, best first (A is best), then by revenue, biggest first', 'Sort by ‹Quality› and ‹Revenue› from high to low.'],
      ['half of the batches, randomly', 'Keep 50 percent of the rows at random with seed 1.'],
      ['germination rate in percent: sprouted out of seeds, one decimal, empty if seeds are unknown', 'Add ‹germination rate in percent› as (‹Sprouted› divided by ‹Seeds›) times 100 rounded to 1 decimal.'],
      ['pots left: pots minus lost', 'Add ‹pots left› as ‹Pots› minus ‹Lost›.'],
      ['revenue per pot, two decimals, blank if not sold', 'Add ‹Revenue per Pots› as if ‹Sold On› is blank then blank, otherwise ‹Revenue› divided by ‹Pots› rounded to 2 decimals.'],
      ['expected revenue: pots less lost times the unit price', null],
      ['how many days between sowing and potting?', 'Add ‹Days from Sown to Potted› as the whole days from ‹Sown› to ‹Potted›.'],
      ['days from sowing until it was sold, nothing if it isn\'t', null],
      ['how does each batch\'s revenue compare with the average of its buyer? difference, two decimals', 'Add ‹Revenue minus average Revenue per Buyer› as ‹Revenue› minus (the mean of ‹Revenue› over the rows for each ‹Buyer›) rounded to 2 decimals.'],
      ['loss in percent of the pots, rounded to whole percents', 'Add ‹Lost per Pots %› as (‹Lost› divided by ‹Pots›) times 100 rounded to 0 decimals.'],
      ['cumulative revenue down the list', 'Add ‹Running total of Revenue› as the running total of ‹Revenue›.'],
      ['rank of each batch by revenue, no rank for those without', null],
      ['price class: cheap under 1.20, normal from 1.20 to 2.00, dear above', 'Add ‹Unit Price group› as if ‹Unit Price› is less than 1.2 then "cheap", if ‹Unit Price› is at least 1.2 and ‹Unit Price› is at most 2 then "normal", if ‹Unit Price› is more than 2 then "dear", otherwise blank.'],
      ['season label: early if sown before 10 February, otherwise late', 'Add ‹season label› as if ‹Sown› is less than the date "2026-02-10" then "early", otherwise "late".'],
      ['new column Trouble: slugs if the remarks mention slugs, mildew if they mention mildew, none otherwise', 'Add ‹Trouble› as if ‹Remarks› mentions the word "slugs" then "slugs", if ‹Remarks› mentions the word "mildew" or "mildews" then "mildew", otherwise "none".'],
      ['month the batch was sold, written out', 'Add ‹Month of Sold On› as the month name of ‹Sold On›.'],
      ['price plus 12% rounded up to the next 5 pence', 'Add ‹Unit Price times 1 plus 12 per 100› as ((‹Unit Price› times (1 plus (12 divided by 100))) divided by 0.05 rounded up to 0 decimals) times 0.05.'],
      ['number the batches of each gardener', 'Add ‹Number within Gardener› as the number of the row for each ‹Gardener›.'],
      ['how many batches did the gardener of this batch grow in all', null],
      ['area of each buyer from the buyers list', 'Add ‹Area› as the ‹Area› in the table "buyers" where ‹Name› is ‹Buyer›.'],
      ['due date: sold on plus the terms days of the buyer', null],
      ['revenue after the buyer\'s rebate, two decimals', 'Add ‹Revenue times 1 minus Rebate per 100› as ‹Revenue› times (1 minus ((the ‹Rebate› in the table "buyers" where ‹Name› is ‹Buyer›) divided by 100)) rounded to 2 decimals.'],
      ['which buyers are not in the buyers table', 'List each ‹Buyer›; only where not (‹Buyer› stands under ‹Name› in the table "buyers").'],
      ['list the buyers in the buyers table who bought nothing', null],
      ['add the contact of the buyer, or "none" where there isn\'t one', 'Add ‹Contact› as (the ‹Contact› in the table "buyers" where ‹Name› is ‹Buyer›), or "none" where it is blank.'],
      ['mark every batch whose buyer is in the harbour area as local, the others as other', null],
      ['how many pots did each gardener pot', 'Answer ‹Total Pots› as the sum of ‹Pots› over the rows; for each ‹Gardener›.'],
      ['average germination per species', null],
      ['which bed lost the most pots', 'Answer ‹Total Lost› as the sum of ‹Lost› over the rows; for each ‹Bed›; sorted by ‹Total Lost› from high to low; the first 1.'],
      ['revenue by month sold', 'Answer ‹Total Revenue› as the sum of ‹Revenue› over the rows; for each ‹Month of Sold On› as the month of ‹Sold On›.'],
      ['how many batches are unsold', 'Answer ‹Rows› as the number of rows; only where ‹Sold On› is blank.'],
      ['total pots minus total lost', 'Answer ‹Total Pots minus total Lost› as (the sum of ‹Pots› over the rows) minus (the sum of ‹Lost› over the rows).'],
      ['what percentage of the seeds sprouted overall, one decimal', 'Answer ‹Total Sprouted per total Seeds %› as ((the sum of ‹Sprouted› over the rows) divided by (the sum of ‹Seeds› over the rows)) times 100 rounded to 1 decimal.'],
      ['best selling species by revenue', null],
      ['buyers with more than one batch', 'Answer ‹Rows› as the number of rows; for each ‹Buyer›; only where (the number of rows for each ‹Buyer›) is more than 1.'],
      ['how many different species do we have', 'Answer ‹Different Species› as the number of different values of ‹Species› over the rows.'],
      ['average price of quality A', 'Answer ‹Average Unit Price› as the mean of ‹Unit Price› over the rows; only where ‹Quality› is "A".'],
      ['count the bees', null],
      ['remove the batches that were watered too late', null],
      ['bring in the buyer\'s credit limit from buyers', null],
      ['sum of the species', null],
      ['sort by taste', null],
      ['water everything on Friday', null],
    ],
  },
  {
    table: 'visits',
    csv: `Visit,School,Date,Starts,Ends,Pupils,Adults,Tour,Guide,Rate,Booked On,Paid,Status,Stars,Comments
V-201,Hill Primary,2026-03-02,09:30,11:00,24,2,Bees & Honey,Nora Lind,€4.50,2026-01-12,€108.00,done,5,"lively group, asked a lot"
V-202,hill primary,03/03/2026,10:00,11:15,19,3,Bees & Honey,nora lind,€4.50,2026-01-12,€85.50,done,4,
V-203,Lake School,2026-03-04,9:00,10:30,31,4,Wax Workshop,Emil Faro,€6.00,2026-02-01,,done,3,"too loud in room 2, candles were not ready"
V-204,St. Brigid,2026-03-09,13:00,14:00,12,1,Short Round,Nora Lind,€3.00,2026-03-01,€36.00,done,5,great
V-205,Lake School,2026-03-10,09:00,10:30,28,3,Wax Workshop,Emil Faro,€6.00,2026-02-01,,cancelled,,cancelled by phone (bus broke down)
V-206,North Gate,12 March 2026,11:00,12:30,22,2,Bees & Honey,Ida Tamm,€4.50,2026-02-15,€99.00,Done,4,"teacher wants a second date, ref 4471"
V-207,Hill Primary,2026-03-16,09:30,11:00,25,2,Wax Workshop,Ida Tamm,€6.00,2026-02-20,€100.00,done,2,candles were not ready
V-208,North Gate,2026-03-18,11:00,12:30,20,2,Short Round,Emil Faro,€3.00,2026-03-02,€60.00,no show,,nobody came
V-209,St Brigid,2026-03-20,13:00,14:30,14,1,Bees & Honey,Nora Lind,€4.50,2026-03-05,n/a,done,5,"ref 4502, very happy"
V-210,Lake School,2026-03-23,09:00,10:30,30,3,Bees & Honey,Nora Lind,€4.50,2026-02-28,€135.00,done,4,
V-211,Meadow Court,2026-03-25,10:30,11:30,9,1,Short Round,Ida Tamm,€3.00,2026-03-10,€27.00,done,5,one pupil in a wheelchair
V-212,Hill Primary,2026-03-30,09:30,11:00,26,2,Bees & Honey,Ida Tamm,€4.50,2026-03-01,,planned,,
V-213,North Gate,2026-04-08,11:00,12:30,21,2,Wax Workshop,Emil Faro,€6.00,2026-03-18,€50.00,planned,,half paid in advance
V-213,North Gate,2026-04-08,11:00,12:30,21,2,Wax Workshop,Emil Faro,€6.00,2026-03-18,€50.00,planned,,half paid in advance
`,
    others: {
      schools: `Name,Area,Teacher,Mail,Discount
Hill Primary,Upper Town,Olga Brand,office@hill.example,10%
Lake School,Lakeside,Jan Weir,,0%
North Gate,Upper Town,Petra Sand,mail@northgate.example,5%
Meadow Court,Lakeside,Ulla Rook,hello@meadow.example,0%
Fern Lane,Upper Town,Max Toll,fern@fernlane.example,0%
`,
      guides: `Guide,Hourly Wage,Languages
Nora Lind,18.50,English; German
Emil Faro,17,English
Ida Tamm,19.25,English; Estonian
Kaja Rebane,18,Estonian
`,
    },
    cases: [
      ['tidy up guide: every name in proper capitals, no stray spaces', 'In ‹Guide›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['the date column has three styles in it, make them all proper dates. slashes mean day first', 'Turn ‹Date› into dates, the day before the month.'],
      ['paid should be plain numbers; n/a counts as nothing paid, so leave that empty', 'Turn ‹Paid› into numbers, reading "n/a" as blank.'],
      ['rate has euro signs, lose them', 'Turn ‹Rate› into numbers.'],
      ['St Brigid and St. Brigid are the same school, write it with the dot everywhere', null],
      ['status all small letters please', 'In ‹Status›, write in lower case.'],
      ['V-213 was entered twice, get rid of the second one', 'Keep the first row of each ‹Visit›.'],
      ['get the ref number out of the comments', 'Add ‹Number› as the first number in (the text after the first "ref" in ‹Comments›).'],
      ['split the visit code into letter and number', 'Split ‹Visit› at "-" into ‹Letter› and ‹Number›.'],
      ['start hour of each visit', 'Add ‹Hour of Starts› as (the minute of the day of ‹Starts›) divided by 60 rounded down to 0 decimals.'],
      ['what weekday was it', 'Add ‹Weekday of Date› as the weekday of ‹Date›.'],
      ['a label like "Hill Primary, 24 pupils"', 'Add ‹Label› as ‹School› followed by ", " followed by ‹Pupils› followed by " pupils".'],
      ['guide\'s surname only', 'Add ‹Part of Guide› as piece -1 of ‹Guide› cut at " ".'],
      ['cut the comments at the first comma, I only need the first part', null],
      ['drop comments and booked on', 'Drop ‹Comments› and ‹Booked On›.'],
      ['I\'d like school, date, tour, pupils first, in that order, the rest behind', 'Move ‹School›, ‹Date›, ‹Tour› and ‹Pupils› to the front.'],
      ['call Starts "From" and Ends "Until"', 'Rename ‹Starts› to ‹From› and ‹Ends› to ‹Until›.'],
      ['rename stars to Rating', 'Rename ‹Stars› to ‹Rating›.'],
      ['put paid right behind rate', 'Move ‹Paid› to after ‹Rate›.'],
      ['without the cancelled ones and no shows', 'Set aside rows where ‹Status› is "cancelled" or "no show".'],
      ['which visits were in the morning? starting before noon, keep those', 'Keep rows where (the minute of the day of ‹Starts›) is less than 720.'],
      ['everything with Emil', 'Keep rows where ‹Guide› mentions the word "Emil".'],
      ['tours by Nora or Ida with at least 20 pupils', 'Keep rows where ‹Guide› mentions the word "Nora" or "Ida" and ‹Pupils› is at least 20.'],
      ['visits in the week of 9 March', 'Keep rows where ‹Date› is at least the date "2026-03-09" and ‹Date› is at most the date "2026-03-15".'],
      ['big groups only: more than 25 people, pupils and adults together', null],
      ['those booked less than two weeks ahead', 'Keep rows where (the whole days from ‹Booked On› to ‹Date›) is less than 14.'],
      ['not paid at all, or paid less than they should (rate times pupils)', 'Keep rows where ‹Paid› is blank or else ‹Paid› is less than ‹Rate› times ‹Pupils›.'],
      ['rows where the comments say something about candles', 'Keep rows where ‹Comments› mentions the word "candle" or "candles".'],
      ['hill primary\'s visits, newest first', 'Keep rows where ‹School› is "Hill Primary". Sort by ‹Date› from high to low.'],
      ['order by tour, then by number of pupils from most to least', 'Sort by ‹Tour› and ‹Pupils› from high to low.'],
      ['sort by guide\'s last name', 'Add ‹Part of Guide› as piece -1 of ‹Guide› cut at " ". Sort by ‹Part of Guide›.'],
      ['the five biggest groups', null],
      ['one random visit per guide', 'Keep 1 row at random with seed 1 for each ‹Guide›.'],
      ['for each school its first visit', 'Keep 1 row with the lowest ‹Date› for each ‹School›.'],
      ['how long did each visit last, in minutes', 'Add ‹Minutes from Starts to Ends› as the minutes by the clock from ‹Starts› to ‹Ends›.'],
      ['total due = rate x pupils', 'Add ‹total due› as ‹Rate› times ‹Pupils›.'],
      ['people per visit', null],
      ['pupils per adult, one decimal', 'Add ‹Pupils per Adults› as ‹Pupils› divided by ‹Adults› rounded to 1 decimal.'],
      ['how many days ahead was it booked?', 'Add ‹Days from Booked On to Date› as the whole days from ‹Booked On› to ‹Date›.'],
      ['paid in percent of what was due (rate times pupils), whole percent', 'Add ‹Paid per Rate times Pupils %› as (‹Paid› divided by (‹Rate› times ‹Pupils›)) times 100 rounded to 0 decimals.'],
      ['number the visits of every school by date', 'Sort by ‹Date›. Add ‹Number within School› as the number of the row for each ‹School›.'],
      ['is it the school\'s first visit? yes or no', 'Add ‹Date label› as if ‹Date› equals (the lowest of ‹Date› over the rows for each ‹School›) then "yes", otherwise "no".'],
      ['days since the school\'s previous visit', 'Add ‹Days from row above Date to Date› as the whole days from (the row above of ‹Date› for each ‹School›) to ‹Date›.'],
      ['how does the group size compare to the average for that tour', null],
      ['running total of paid by date', 'Sort by ‹Date›. Add ‹Running total of Paid› as the running total of ‹Paid›.'],
      ['free adults: one per ten pupils, rounded up', 'Add ‹free adults› as ‹Pupils› divided by 10 rounded up to 0 decimals.'],
      ['extra adults: adults minus that, never below zero', null],
      ['group size: small up to 15, medium 16 to 25, large from 26', null],
      ['happy if 4 stars or more, unhappy if 2 or less, okay in between, leave the unrated empty', null],
      ['morning or afternoon, from the start time', 'Add ‹Half of the day› as if ‹Starts› is blank then blank, if (the minute of the day of ‹Starts›) is less than 720 then "morning", otherwise "afternoon".'],
      ['spring break from 30 March to 10 April: yes or no', null],
      ['workshop? yes for anything with Workshop in the tour', 'Add ‹Workshop› as if ‹Tour› mentions the word "workshop" or "workshops" then "yes", otherwise "no".'],
      ['problem column: "candles" if the comments mention candles, "noise" if they mention loud, otherwise blank', 'Add ‹problem› as if ‹Comments› mentions the word "candles" then "candles", if ‹Comments› mentions the word "loud" or "louds" then "noise", otherwise blank.'],
      ['add 50 cents to the rate of the wax workshop', 'Set ‹Rate› to ‹Rate› plus 0.5, only where ‹Tour› is "Wax Workshop".'],
      ['10% discount for groups over 25, in a column New Rate', null],
      ['bring the area in from schools', 'Add ‹Area› as the ‹Area› in the table "schools" where ‹Name› is ‹School›.'],
      ['teacher and mail of the school, next to school', null],
      ['which schools of ours aren\'t in the schools list', 'List each ‹School›; only where not (‹School› stands under ‹Name› in the table "schools").'],
      ['what the school pays after its discount: rate times pupils less the discount from schools', 'Add ‹Rate times Pupils times 1 minus Discount per 100› as (‹Rate› times ‹Pupils›) times (1 minus ((the ‹Discount› in the table "schools" where ‹Name› is ‹School›) divided by 100)).'],
      ['what did the guide cost: length in hours times hourly wage', 'Add ‹Hours from Starts to Ends times Hourly Wage› as (the hours by the clock from ‹Starts› to ‹Ends›) times (the ‹Hourly Wage› in the table "guides" where ‹Guide› is ‹Guide›).'],
      ['guides who speak German: mark those visits', null],
      ['is the mail missing for this school? yes/no', null],
      ['how many kids came in all, not counting cancelled and no shows', 'Answer ‹Total Pupils› as the sum of ‹Pupils› over the rows; only where ‹Status› is not "cancelled" or "no show".'],
      ['average stars by guide', 'Answer ‹Average Stars› as the mean of ‹Stars› over the rows; for each ‹Guide›.'],
      ['which tour is rated best', 'Answer ‹Average Stars› as the mean of ‹Stars› over the rows; for each ‹Tour›; sorted by ‹Average Stars› from high to low; the first 1.'],
      ['how many visits per month', 'Answer ‹Rows› as the number of rows; for each ‹Month of Date› as the month of ‹Date›.'],
      ['pupils by school and tour', 'Answer ‹Total Pupils› as the sum of ‹Pupils› over the rows; for each ‹School›; and by ‹Tour›.'],
      ['what share of visits was cancelled', 'Answer ‹Share %› as ((the sum of (if ‹Status› is "cancelled" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['which school came most often', 'Answer ‹Rows› as the number of rows; for each ‹School›; sorted by ‹Rows› from high to low; the first 1.'],
      ['total paid per area', 'Answer ‹Total Paid› as the sum of ‹Paid› over the rows; for each ‹Area› as the ‹Area› in the table "schools" where ‹Name› is ‹School›.'],
      ['highest, lowest and average group size', null],
      ['how many different schools were here in March', null],
      ['when was the last visit of North Gate', 'Answer ‹Highest Date› as the highest of ‹Date› over the rows; only where ‹School› is "North Gate".'],
      ['who guided the most pupils', 'Answer ‹Total Pupils› as the sum of ‹Pupils› over the rows; for each ‹Guide›; sorted by ‹Total Pupils› from high to low; the first 1.'],
      ['feed the goats', null],
      ['average of the tours', null],
      ['compare with last year\'s numbers', null],
      ['which visits were boring', null],
    ],
  },
  {
    table: 'shearings',
    csv: `Visit,Farm,Day,Shearer,Breed,Ewes,Rams,Lambs,Fleece kg,Grade,Rate per head,Travel,Invoiced,Paid,Paid on,Contact,Remarks
SH-101,Upper Tarn,03/06/2026,Moss Hale,Texel,42,2,0,138.5,A,£2.40,£18.00,£123.60,123.60,2026-06-20,"Ida Crane, ida@uppertarn.example",fleeces damp after rain
SH-102,Low Fold,04/06/2026,J. Orrin,cheviot,65,3,10,190,B,£2.40,12,£199.20,,,"low fold office (0555 310 44)",two ewes lame; left for the vet
SH-103,upper tarn ,05 June 2026,moss hale,Texel,38,1,,121.4,a,£2.40,£18.00,£111.60,111.60,2026-07-02,"Ida Crane, ida@uppertarn.example",
SH-104,Birk Hill,2026-06-08,Tess Rowan,Swaledale,120,5,22,310.2,C,£2.10,£0.00,£308.70,150.00,2026-06-30,0555-310-77,fleeces full of burrs; farmer helped
SH-105,Low Fold,09/06/2026,J. Orrin,Cheviot,,,,,,£2.40,12,,,,"low fold office (0555 310 44)",cancelled: thunderstorm
SH-106,Gill Side,10/06/2026,Tess Rowan,swaledale,80,4,0,205,B,£2.10,£25.50,£201.90,201.90,2026-06-12,"Otto Brand, 0555 310 90, otto@gillside.example",good pens
SH-107,Birk Hill,12/06/2026,Moss Hale,Swaledale,55,0,8,140.8,B,£2.10,£9.00,£141.30,141.30,2026-07-15,0555-310-77,lamb cut on the ear - treated
SH-108,Holm End,15/06/2026,tess rowan,Texel,24,1,0,88.1,A,£2.75,£30.00,£98.75,0,,"Holm End Ltd, desk@holmend.example",damp fleeces again
SH-109,Gill Side,16/06/2026,J Orrin,Swaledale,82,4,3,198,C,£2.10,£25.50,£212.40,212.40,2026-06-29,"Otto Brand, 0555 310 90, otto@gillside.example",
SH-110,Rigg Farm,18/06/2026,Moss Hale,Herdwick,150,6,0,295,C,£1.95,£40.00,£344.20,,,"rigg@fellmail.example; 0555 310 12",very dirty fleeces
`,
    others: {
      farms: `Name,Owner,Village,Flock,Vet,Wool buyer,Max per day
Upper Tarn,Ida Crane,Tarnby,160,Dr Fell,Wharf Wools,60
Low Fold,Per Low,Foldham,240,Dr Fell,Wharf Wools,80
Birk Hill,Asta Birk,Tarnby,300,Dr Nyland,Northern Fleece,100
Gill Side,Otto Brand,Gillmouth,210,,Northern Fleece,90
Holm End,Holm End Ltd,Foldham,60,Dr Nyland,,40
Far Moor,Rolf Moor,Moorend,95,Dr Fell,Wharf Wools,50
`,
    },
    cases: [
      ['shearer names are all over the place: make them first and last name with capitals, and J Orrin should have a dot after the J', null],
      ['turn day into real dates, day before month', 'Turn ‹Day› into dates, the day before the month.'],
      ['The travel money as plain numbers please, no pound signs', 'Turn ‹Travel› into numbers.'],
      ['breeds with a capital first letter', 'In ‹Breed›, write in sentence case.'],
      ['grade in capitals, and leave the missing ones empty', 'In ‹Grade›, write in capitals.'],
      ['farm: take out the spaces at the ends and write every word with a capital', 'In ‹Farm›, trim outer spaces, reduce runs of spaces to one and write in title case.'],
      ['get the mail addresses out of contact into a column called Mail', 'Add ‹Mail› as the first e-mail address in ‹Contact›.'],
      ['I need the phone number in its own column, digits only', null],
      ['From the remarks keep only what comes before the semicolon', 'Set ‹Remarks› to (the text before the first ";" in ‹Remarks›), or ‹Remarks› where it is blank.'],
      ['split the visit code into prefix and number', 'Split ‹Visit› at "-" into ‹Prefix› and ‹Number›.'],
      ['new column Sheep with ewes, rams and lambs added together, nothing counts as zero', 'Add ‹Sheep› as ((‹Ewes›, or 0 where it is blank) plus (‹Rams›, or 0 where it is blank)) plus (‹Lambs›, or 0 where it is blank).'],
      ['label like "Upper Tarn - 42 ewes"', 'Add ‹Label› as ‹Farm› followed by " - " followed by ‹Ewes› followed by " ewes".'],
      ['rename fleece kg to Wool and move it right behind breed', 'Rename ‹Fleece kg› to ‹Wool›. Move ‹Wool› to after ‹Breed›.'],
      ['we don\'t need remarks and contact', 'Drop ‹Remarks› and ‹Contact›.'],
      ['drop the cancelled visit', 'Set aside rows where ‹Remarks› mentions the word "cancelled".'],
      ['only visits from 8 to 12 June', 'Keep rows where (the month of ‹Day›) equals 6 and (the day of ‹Day›) is at least 8 and (the day of ‹Day›) is at most 12.'],
      ['which visits haven\'t been paid in full?', 'List each ‹Visit›; only where (‹Paid›, or 0 where it is blank) is less than ‹Invoiced›.'],
      ['keep the three visits with the most fleece', 'Keep 3 rows with the highest ‹Fleece kg›.'],
      ['one row per farm, the latest visit', 'Keep 1 row with the highest ‹Day› for each ‹Farm›.'],
      ['Sort by shearer, and for each shearer the biggest fleece weight first', 'Sort by ‹Shearer› and ‹Fleece kg› from high to low.'],
      ['visits where somebody complained of damp or dirty fleeces', 'Keep rows where ‹Remarks› mentions the word "damp" or "dirty".'],
      ['everything except Texel', 'Keep rows where ‹Breed› is not "Texel".'],
      ['fleece per sheep in kg, 2 decimals, only ewes and rams count', null],
      ['what share of the ewes did each visit have? percent with one decimal', 'Add ‹Ewes per total Ewes› as (‹Ewes› divided by (the sum of ‹Ewes› over the rows)) times 100 rounded to 1 decimal.'],
      ['how many days did payment take, blank if it isn\'t paid', 'Add ‹Days from Day to Paid on› as if ‹Paid› is blank or else ‹Paid› equals 0 then blank, otherwise the whole days from ‹Day› to ‹Paid on›.'],
      ['still owed: invoiced minus paid, no payment is 0', 'Add ‹still owed› as ‹Invoiced› minus (‹Paid›, or 0 where it is blank).'],
      ['running total of fleece in the order of the days', 'Sort by ‹Day›. Add ‹Running total of Fleece kg› as the running total of ‹Fleece kg›.'],
      ['rank the visits by fleece kg, heaviest gets 1', 'Add ‹Rank by Fleece kg› as the rank, highest first, of ‹Fleece kg›.'],
      ['average fleece of the same breed next to each visit', 'Add ‹Average Fleece kg per Breed› as the mean of ‹Fleece kg› over the rows for each ‹Breed›.'],
      ['compare each visit\'s fleece with the average of the breed, in percent', 'Add ‹Fleece kg per average Fleece kg per Breed %› as (‹Fleece kg› divided by (the mean of ‹Fleece kg› over the rows for each ‹Breed›)) times 100.'],
      ['number the visits of every farm 1, 2, 3 by day', 'Sort by ‹Day›. Add ‹Number within Farm› as the number of the row for each ‹Farm›.'],
      ['check the invoice: ewes and rams and lambs times the rate plus travel. add Expected, 2 decimals', null],
      ['and say ok if it matches the invoice, otherwise wrong', null],
      ['size: small under 50 ewes, medium from 50 to 100, large above', 'Add ‹size› as if ‹Ewes› is less than 50 then "small", if ‹Ewes› is at least 50 and ‹Ewes› is at most 100 then "medium", if ‹Ewes› is more than 100 then "large", otherwise blank.'],
      ['weather trouble yes or no: does the remark mention rain, damp or thunderstorm', 'Add ‹weather trouble› as if ‹Remarks› mentions the word "rain", "rains", "damp", "damps", "thunderstorm" or "thunderstorms" then "yes", otherwise "no".'],
      ['Payment status: paid when paid equals invoiced, part if less was paid, open if nothing', 'Add ‹Payment status› as if ‹Paid› equals ‹Invoiced› then "paid", if ‹Paid› is less than ‹Invoiced› then "part", if ‹Paid› is blank then "open", otherwise blank.'],
      ['bring in the village of each farm', 'Add ‹Village› as the ‹Village› in the table "farms" where ‹Name› is ‹Farm›.'],
      ['add the wool buyer and the vet from the farms list', 'Add ‹Wool buyer› as the ‹Wool buyer› in the table "farms" where ‹Name› is ‹Farm›. Add ‹Vet› as the ‹Vet› in the table "farms" where ‹Name› is ‹Farm›.'],
      ['flag visits with more ewes than the farm\'s max per day', 'Add ‹Flag› as if ‹Ewes› is more than (the ‹Max per day› in the table "farms" where ‹Name› is ‹Farm›) then "yes", otherwise "no".'],
      ['which farms on the list were never visited?', null],
      ['visits at farms that aren\'t on the farms list', 'Keep rows where not (‹Farm› stands under ‹Name› in the table "farms").'],
      ['how many ewes per shearer, most first?', 'Answer ‹Total Ewes› as the sum of ‹Ewes› over the rows; for each ‹Shearer›; sorted by ‹Total Ewes› from high to low.'],
      ['which breed gave the most fleece per ewe?', 'Answer ‹Total Fleece kg per total Ewes› as (the sum of ‹Fleece kg› over the rows) divided by (the sum of ‹Ewes› over the rows); for each ‹Breed›; sorted by ‹Total Fleece kg per total Ewes› from high to low; the first 1.'],
      ['average fleece per visit, one decimal', 'Answer ‹Average Fleece kg› as the mean of ‹Fleece kg› over the rows rounded to 1 decimal.'],
      ['how many different farms did Moss Hale go to', 'Answer ‹Different Farm› as the number of different values of ‹Farm› over the rows; only where ‹Shearer› is "Moss Hale".'],
      ['what percent of the visits are still unpaid', 'Answer ‹Share %› as ((the sum of (if ‹Paid on› is blank then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['total invoiced by month', 'Answer ‹Total Invoiced› as the sum of ‹Invoiced› over the rows; for each ‹Month of Day› as the month of ‹Day›.'],
      ['remove visits of sick sheep', null],
      ['average of the breeds', null],
      ['what\'s the wool price per kilo?', null],
      ['add a 5% discount for farms with more than one visit', null],
      ['visits on a Monday', 'Keep rows where (the weekday of ‹Day›) is "Monday".'],
      ['who shore the most sheep?', null],
      ['price per head went up by 10 pence for Swaledale, the rest stays', 'Set ‹Rate per head› to ‹Rate per head› plus 0.1, only where ‹Breed› is "Swaledale".'],
      ['how much does each village owe us?', null],
    ],
  },
  {
    table: 'shoots',
    csv: `Shoot,Booked,Date,Start,End,Client,Kind,Place,Photographer,Pictures,Delivered on,Package,Price,Deposit,Extras,Album,Rating,Wishes
F26-001,2025-11-03,2026-04-11,14:00,19:30,"Vale, Nora & Tim",wedding,Orby church; barn,Ines Holt,640,2026-05-02,Gold,"€1,450.00",400,"drone 120, second album 80",AL-3,5,no pictures of the cake please
F26-002,2026-01-12,2026-04-12,10:00,11:00,Pear Bakery Ltd.,product,studio,kai lund,85,2026-04-15,basic,€320.00,,,,4,white background
F26-003,2026-02-01,2026-04-18,13:30,21:00,"Brook, Sam & Ada",Wedding,Harth Hall,Ines Holt,812,,Gold,"€1,450.00",400,drone 120,AL-1,,grandmother is in a wheelchair
F26-004,2026-03-20,2026-04-19,09:00,09:45,"Finch, Otto",portrait,Studio,Kai Lund,24,2026-04-22,Basic,€140.00,50,,,5,for an application
F26-005,2026-03-22,2026-04-25,11:00,12:30,"Moor Family",family,Tarn park,Ruth Orlan,110,2026-05-20,silver,€260.00,60,frame 35,AL-2,3,"twins, dog comes along"
F26-006,2026-01-30,2026-05-02,15:00,23:15,"Lind, Eva & Per",wedding,Skell castle; lake,ines holt,905,2026-06-14,Gold,"€1,690.00",500,"drone 120, late hours 150",AL-1,5,
F26-007,2026-04-28,2026-05-03,10:00,10:30,"quill, rosa",Portrait,studio,Ruth Orlan,18,2026-05-04,Basic,€140.00,,,,2,"hates her left side; application"
F26-008,2026-04-02,2026-05-09,16:00,18:00,Skell Town Council,event,Town hall,Kai Lund,,,silver,€380.00,0,,,,cancelled
F26-009,2026-03-15,2026-05-10,10:30,12:00,"Hale, Bo",family,Tarn Park,RUTH ORLAN,95,2026-06-01,Silver,€260.00,60,,AL-2,4,baby sleeps at eleven
F26-010,2026-04-30,2026-05-16,13:00,20:00,"Rask, Ida & Tom",wedding,Orby church,Ines Holt,588,,Gold,"€1,450.00",,"late hours 150",,,
`,
    others: {
      albums: `Code,Name,Pages,Cover,Cost,Supplier
AL-1,Linen,60,cloth,€85.00,Paper & Thread
AL-2,Pocket,24,card,€22.50,Binders Row
AL-3,Classic,48,leather,€110.00,Paper & Thread
AL-4,Mini,12,card,€9.90,Binders Row
`,
      staff: `Photographer,Day rate,Since,Mail
Ines Holt,220,2019-03-01,ines@foto.example
Kai Lund,180,2021-09-15,kai@foto.example
Ruth Orlan,190,2023-01-10,ruth@foto.example
Pim Sorley,150,2025-06-01,pim@foto.example
`,
    },
    cases: [
      ['Photographers: proper capitals please', 'In ‹Photographer›, write in title case.'],
      ['the price should be a number, without euro sign and thousands comma', 'Turn ‹Price› into numbers.'],
      ['kind and package in lower case', null],
      ['write Studio and Tarn Park always the same way, with capitals', null],
      ['swap the clients round, first name first; leave companies as they are', 'Set ‹Client› to (the first name of the person in ‹Client›), (the middle name of the person in ‹Client›) and (the last name of the person in ‹Client›) joined with " ".'],
      ['split place at the semicolon into Place 1 and Place 2', 'Split ‹Place› at ";" into ‹Place 1› and ‹Place 2›.'],
      ['extras has several things with amounts; one row for each extra', 'Make a row for each piece of ‹Extras› cut at ",".'],
      ['pull the number out of the shoot code (the three digits at the end) as Nr', null],
      ['make a folder name from date and client, like 2026-04-11_Vale', null],
      ['add the length of each shoot in hours', 'Add ‹Hours from Start to End› as the hours by the clock from ‹Start› to ‹End›.'],
      ['pictures per hour, whole numbers', 'Add ‹Pictures per hours from Start to End› as ‹Pictures› divided by (the hours by the clock from ‹Start› to ‹End›) rounded to 0 decimals.'],
      ['days from shoot to delivery; empty where nothing has been delivered', 'Add ‹Days from Date to Delivered on› as the whole days from ‹Date› to ‹Delivered on›.'],
      ['days between booking and the shoot, call it Lead time', 'Add ‹Lead time› as the whole days from ‹Booked› to ‹Date›.'],
      ['what is left to pay (price less deposit, a blank deposit counts as nothing)', null],
      ['price per picture in euros, 3 decimals, blank if there are no pictures', 'Add ‹Price per Pictures› as ‹Price› divided by ‹Pictures› rounded to 3 decimals.'],
      ['share of each shoot in the turnover, in %', null],
      ['deposit as percentage of price, no decimals', 'Add ‹Deposit per Price %› as (‹Deposit› divided by ‹Price›) times 100 rounded to 0 decimals.'],
      ['drop cancelled shoots', 'Set aside rows where ‹Wishes› is "cancelled".'],
      ['only weddings', 'Keep rows where ‹Kind› is "wedding".'],
      ['weddings and family shoots in May', 'Keep rows where ‹Kind› is "wedding" or "family" and (the month of ‹Date›) equals 5.'],
      ['shoots that haven\'t been delivered yet', 'Keep rows where ‹Delivered on› is blank.'],
      ['shoots that took longer than 5 hours', 'Keep rows where (the hours by the clock from ‹Start› to ‹End›) is more than 5.'],
      ['delivered more than three weeks after the shoot', 'Keep rows where (the whole days from ‹Date› to ‹Delivered on›) is more than 21.'],
      ['the two longest shoots of every photographer', 'Add ‹Hours from Start to End› as the hours by the clock from ‹Start› to ‹End›. Keep 2 rows with the highest ‹Hours from Start to End› for each ‹Photographer›.'],
      ['sort by photographer and then by date, newest first', 'Sort by ‹Photographer› and ‹Date› from high to low.'],
      ['keep the best rated shoot of each kind', 'Keep 1 row with the highest ‹Rating› for each ‹Kind›.'],
      ['one shoot per client', null],
      ['move rating right after client and drop wishes', 'Move ‹Rating› to after ‹Client›. Drop ‹Wishes›.'],
      ['call Delivered on Handed over and Kind Type', 'Rename ‹Delivered on› to ‹Handed over› and ‹Kind› to ‹Type›.'],
      ['duration class: short up to 1 hour, medium up to 3, long beyond that', 'Add ‹duration class› as if (the hours by the clock from ‹Start› to ‹End›) is at most 1 then "short", if (the hours by the clock from ‹Start› to ‹End›) is at most 3 then "medium", if (the hours by the clock from ‹Start› to ‹End›) is more than 3 then "long", otherwise blank.'],
      ['speed: fast if delivered within a week, slow if over 4 weeks, normal otherwise, open if not delivered yet', null],
      ['is the shoot on a weekend? yes/no', 'Add ‹Date label› as if (the weekday of ‹Date›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['happy for 4 and 5 stars, unhappy below 3, ok for 3, empty if not rated', null],
      ['outdoor or indoor? indoor for studio, hall, church or castle, otherwise outdoor', null],
      ['does the client want something special? yes if there is a wish', 'Add ‹Wishes label› as if ‹Wishes› is filled then "yes", otherwise "no".'],
      ['add name and pages of the album', 'Add ‹Name› as the ‹Name› in the table "albums" where ‹Code› is ‹Album›. Add ‹Pages› as the ‹Pages› in the table "albums" where ‹Code› is ‹Album›.'],
      ['album cost as a number, 0 without album', null],
      ['profit: price minus album cost minus the day rate of the photographer', 'Add ‹profit› as (‹Price› minus (the ‹Cost› in the table "albums" where ‹Code› is ‹Album›)) minus (the ‹Day rate› in the table "staff" where ‹Photographer› is ‹Photographer›).'],
      ['look up the photographer\'s mail address', 'Add ‹Mail› as the ‹Mail› in the table "staff" where ‹Photographer› is ‹Photographer›.'],
      ['which albums were never ordered', null],
      ['photographers without any shoot', null],
      ['how many shoots and how much money per photographer, most money first', 'Answer ‹Rows› as the number of rows; and ‹Total Price› as the sum of ‹Price› over the rows; for each ‹Photographer›; sorted by ‹Total Price› from high to low.'],
      ['average number of pictures per kind', 'Answer ‹Average Pictures› as the mean of ‹Pictures› over the rows; for each ‹Kind›.'],
      ['how many pictures in total in April?', 'Answer ‹Total Pictures› as the sum of ‹Pictures› over the rows; only where (the month of ‹Date›) equals 4.'],
      ['busiest month by number of shoots', 'Answer ‹Rows› as the number of rows; for each ‹Month of Date› as the month of ‹Date›; sorted by ‹Rows› from high to low; the first 1.'],
      ['which package is booked most often?', 'Answer ‹Rows› as the number of rows; for each ‹Package›; sorted by ‹Rows› from high to low; the first 1.'],
      ['average rating of Ines Holt', 'Answer ‹Average Rating› as the mean of ‹Rating› over the rows; only where ‹Photographer› is "Ines Holt".'],
      ['highest price for a portrait', 'Answer ‹Highest Price› as the highest of ‹Price› over the rows; only where ‹Kind› is "portrait".'],
      ['how many shoots got an album, in percent', 'Answer ‹Share %› as ((the sum of (if ‹Album› stands under ‹Code› in the table "albums" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['total deposits not yet received', null],
      ['what camera did they use?', null],
      ['who is the nicest client', null],
      ['raise wedding prices by 5%, the others stay', 'Set ‹Price› to ‹Price› times (1 plus (5 divided by 100)), only where ‹Kind› is "wedding".'],
      ['put 0 where the deposit is missing', 'Fill blanks in ‹Deposit› with "0".'],
    ],
  },
  {
    table: 'classes',
    csv: `Course,Title,Teacher,Begins,Ends,Day,Time,Room,Places,Booked,Fee,Material,Level,Paid in,Cancelled on,Feedback
WS26-01,Felt slippers,"Orme, Lucy",2026-01-12,2026-03-02,Mon,18:00-20:00,A2,12,12,€96.00,€18,beginner,"1.152,00",,"warm feet, happy people"
WS26-02,felt hats,lucy orme,2026-01-13,2026-02-24,Tue,18:30-20:30,A2,10,7,€84.00,€22,Advanced,"588,00",,room too cold
WS26-03,Indigo dyeing,"Fane, Hugo",2026-02-07,2026-02-08,Sat,10:00-17:00,yard,8,8,€140.00,€35,Beginner,"1.120,00",,"great, but too short"
WS26-04,Weaving on frames,Sol Brandt,2026-01-14,2026-03-18,Wed,17:00-19:00,B1,9,4,€110.00,,beginner,"330,00",,
WS26-05,Silk painting,"Fane, Hugo ",2026-02-21,2026-02-21,Sat,09:30-16:30,Yard,10,3,€75.00,€28,all,"0,00",2026-02-14,not enough people
WS26-06,Knitting socks,Ada Corr,2026-01-15,2026-03-05,Thu,19:00-21:00,B1,14,14,€72.00,,Beginner,"1.008,00",,too many people for the room; teacher lovely
WS26-07,Spinning wool,sol brandt,2026-03-07,2026-03-08,Sat,10:00-16:00,A2,6,5,€130.00,€40,advanced,"520,00",,"teacher patient, wheel broken"
WS26-08,Lace for beginners,Ada Corr,2026-01-16,2026-03-06,Fri,14:00-16:00,B1,8,0,€90.00,€10,beginner,,2026-01-09,
WS26-09,Felt pictures,Lucy Orme,2026-03-14,2026-03-14,Sat,10:00-15:00,A2,12,11,€58.00,€15,Beginner,"638,00",,would come again
WS26-10,Basket weaving,"Nym, Rolf",2026-03-21,2026-03-22,Sat,09:00-17:00,yard,8,8,€150.00,€30,all,"1.050,00",,sore fingers but happy
`,
    others: {
      teachers: `Name,Phone,Hourly fee,Town,Since
Lucy Orme,0555 700 11,38.00,Arden,2018
Hugo Fane,0555 700 24,45.00,Skell,2021
Sol Brandt,0555 700 31,40.00,Arden,2020
Ada Corr,0555 700 45,36.50,Harth,2015
Mira Dahl,0555 700 52,42.00,Arden,2024
`,
    },
    cases: [
      ['Teacher names come in two orders, I want first name then surname, with capitals', 'Set ‹Teacher› to ((the first name of the person in ‹Teacher›), (the middle name of the person in ‹Teacher›) and (the last name of the person in ‹Teacher›) joined with " ") in title case.'],
      ['level in lower case everywhere', 'In ‹Level›, write in lower case.'],
      ['paid in has a decimal comma and dots for thousands, turn it into proper numbers', 'Turn ‹Paid in› into numbers.'],
      ['Rooms: yard and Yard are one and the same, write Yard', 'Replace cells that are "yard" in ‹Room› with "Yard".'],
      ['make fee and material numbers without the euro sign; no material means 0', 'Turn ‹Fee› and ‹Material› into numbers. Fill blanks in ‹Material› with "0".'],
      ['spell out the weekdays, Mon is Monday and so on', null],
      ['split time into From and To', 'Split ‹Time› at "-" into ‹From› and ‹To›.'],
      ['get the number of the course out of its code, e.g. 1 for WS26-01', null],
      ['give me a column Place that says room and day together, like "A2 / Mon"', 'Add ‹Place› as ‹Room› followed by " / " followed by ‹Day›.'],
      ['first word of the title in its own column called Craft', 'Add ‹Craft› as piece 1 of ‹Title› cut at " ".'],
      ['only keep the comment up to the comma', null],
      ['How many places are still free in each course? call it Free', 'Add ‹Free› as ‹Places› minus ‹Booked›.'],
      ['how full is each course in percent, no decimals', 'Add ‹Booked per Places %› as (‹Booked› divided by ‹Places›) times 100 rounded to 0 decimals.'],
      ['what should have come in: booked times fee', 'Add ‹Booked times Fee› as ‹Booked› times ‹Fee›.'],
      ['difference between that and paid in', null],
      ['how many days does each course run, both first and last day counted', 'Add ‹Days from Begins to Ends› as (the whole days from ‹Begins› to ‹Ends›) plus 1.'],
      ['length of a lesson in hours', null],
      ['fee per hour of a lesson, 2 decimals', null],
      ['material as a share of the fee in percent, blank without material', 'Add ‹Material per Fee %› as (‹Material› divided by ‹Fee›) times 100.'],
      ['average fee of the same level next to each course', 'Add ‹Average Fee per Level› as the mean of ‹Fee› over the rows for each ‹Level›.'],
      ['rank the courses by how full they are', 'Add ‹Rank by Booked per Places %› as the rank, highest first, of ((‹Booked› divided by ‹Places›) times 100).'],
      ['share of each teacher in the total income', 'Answer ‹Share of Paid in %› as ((the sum of ‹Paid in› over the rows) divided by (the sum of ‹Paid in› over all rows together)) times 100; for each ‹Teacher›.'],
      ['running total of booked by start date', 'Sort by ‹Begins›. Add ‹Running total of Booked› as the running total of ‹Booked›.'],
      ['drop the cancelled courses', 'Set aside rows where ‹Cancelled on› is filled.'],
      ['courses that are full', 'Keep rows where ‹Booked› is at least ‹Places›.'],
      ['courses with less than half of the places booked', 'Keep rows where ‹Booked› is less than ‹Places› divided by 2.'],
      ['show only the Saturday courses in the yard', 'Keep rows where ‹Day› is "Sat" and ‹Room› is "yard".'],
      ['everything that begins in February', 'Keep rows where (the month of ‹Begins›) equals 2.'],
      ['the three dearest courses', 'Keep 3 rows with the highest ‹Fee›.'],
      ['keep the course with the most bookings for each teacher', 'Keep 1 row with the highest ‹Booked› for each ‹Teacher›.'],
      ['sort by day of the week, Monday first, then by time', null],
      ['newest first', 'Sort by ‹Begins› from high to low.'],
      ['courses that ran longer than a month', 'Keep rows where (the whole months from ‹Begins› to ‹Ends›) is at least 1.'],
      ['size: small up to 8 places, medium to 10, big above', 'Add ‹size› as if ‹Places› is at most 8 then "small", if ‹Places› is at most 10 then "medium", if ‹Places› is more than 10 then "big", otherwise blank.'],
      ['status - cancelled if there\'s a cancel date, full if booked equals places, otherwise open', null],
      ['is it a weekend course? yes or no', 'Add ‹Begins label› as if (the weekday of ‹Begins›) is "Saturday" or "Sunday" then "yes", otherwise "no".'],
      ['is the feedback positive, negative or mixed', null],
      ['put early for courses starting before noon, afternoon until 17:00 and evening after that', null],
      ['phone number of the teacher, from the teachers list', 'Add ‹Phone› as the ‹Phone› in the table "teachers" where ‹Name› is ‹Teacher›.'],
      ['what does the teacher get: hourly fee times the hours of one lesson', null],
      ['teachers with no course this winter', null],
      ['courses whose teacher isn\'t on the list', 'Keep rows where not (‹Teacher› stands under ‹Name› in the table "teachers").'],
      ['how much did each teacher bring in, most first', 'Answer ‹Total Paid in› as the sum of ‹Paid in› over the rows; for each ‹Teacher›; sorted by ‹Total Paid in› from high to low.'],
      ['how many courses per room?', 'Answer ‹Rows› as the number of rows; for each ‹Room›.'],
      ['which level is the most popular by bookings?', null],
      ['average booked per course, one decimal', 'Answer ‹Average Booked› as the mean of ‹Booked› over the rows rounded to 1 decimal.'],
      ['what percentage of all places was booked?', 'Answer ‹Total Booked per total Places %› as ((the sum of ‹Booked› over the rows) divided by (the sum of ‹Places› over the rows)) times 100.'],
      ['total of the open amounts', null],
      ['how many people does Ada Corr teach?', 'Answer ‹Total Booked› as the sum of ‹Booked› over the rows; only where ‹Teacher› is "Ada Corr".'],
      ['earliest start and latest end', 'Answer ‹Lowest Begins› as the lowest of ‹Begins› over the rows; and ‹Highest Ends› as the highest of ‹Ends› over the rows.'],
      ['which day has the fewest bookings', 'Answer ‹Total Booked› as the sum of ‹Booked› over the rows; for each ‹Day›; sorted by ‹Total Booked› from low to high; the first 1.'],
      ['rename Paid in to Income and move it next to fee', 'Rename ‹Paid in› to ‹Income›. Move ‹Income› to after ‹Fee›.'],
      ['remove feedback and cancelled on', 'Drop ‹Feedback› and ‹Cancelled on›.'],
      ['leave only title, teacher, begins and fee', 'Keep only the columns ‹Title›, ‹Teacher›, ‹Begins› and ‹Fee›.'],
      ['add VAT of 7% to the fee', 'Add ‹Fee times 1 plus 7 per 100› as ‹Fee› times (1 plus (7 divided by 100)).'],
      ['what\'s the weather going to be like', null],
      ['delete the boring courses', null],
      ['average of the rooms', null],
    ],
  },
  {
    table: 'parcels',
    csv: `Track,Sender,Receiver,Weight,Size,Posted,Arrived,Zone,Postage,Insured,Service,Signed by,Damage,Note
RT-88101-N,Pell Books,"Holt, M.",1.2 kg,30x20x10,2026-05-04 09:15,2026-05-06 11:40,1,4.90,50,standard,M. Holt,,
RT-88102-S,pell books,Vera Lind,800 g,25x20x5,2026-05-04 09:20,2026-05-05 10:05,1,4.90,,express,lind,,left with neighbour
RT-88103-N,Garden Ott,"Brook, Sam",12.4 kg,60x40x40,2026-05-05 14:00,2026-05-11 16:30,3,18.50,200,Standard,S. Brook,box crushed,"paid 15.00 back, pot broken"
RT-88104-W,GARDEN OTT,Orla Quill,7 kg,50x40x30,2026-05-06 08:45,,3,14.20,100,standard,,,
RT-88105-N,Ilse Marn,"Holt, M.",0.4 kg,20x15x3,2026-05-06 12:10,2026-05-07 09:00,2,3.20,,express,M. Holt,,
RT-88106-E,Pell Books ,Tarn School,15.8 kg,60x40x45,2026-05-07 10:00,2026-05-09 13:20,2,12.60,300,Standard,office,corner wet,"rain; paid 8.50 back"
RT-88107-S,Hat & Coat,Vera Lind,1500 g,40x30x20,2026-05-08 16:20,2026-05-09 12:00,2,6.40,80,Express,V. Lind,,
RT-88108-N,hat & coat,Nils Orrin,1.1 kg,40x30x20,2026-05-08 16:25,2026-05-15 10:10,1,4.90,80,standard,,lost for a week,"customer angry, 4.90 refunded"
RT-88109-W,Garden Ott,Ada Fenn,9.9 kg,55x40x30,2026-05-11 09:30,2026-05-13 15:45,3,16.00,150,standard,Fenn,,
RT-88110-E,Ilse Marn,Tarn School,2.5 kg,35x25x15,2026-05-12 11:00,,2,5.80,40,standard,,,returned to sender
`,
    others: {
      zones: `Zone,Region,Days,Base,Per kg
1,Valley,2,4.00,0.80
2,Coast,3,4.50,0.95
3,Hills,4,6.00,1.10
4,Islands,6,9.00,1.60
`,
      customers: `Customer,Number,Discount,Contact
Pell Books,K-11,10%,orders@pell.example
Garden Ott,K-14,5%,ott@garden.example
Hat & Coat,K-20,,shop@hatcoat.example
Ilse Marn,K-31,0%,ilse@marn.example
Lux Lamps,K-35,5%,info@lux.example
`,
    },
    cases: [
      ['senders in one spelling please, as it is in Pell Books and Garden Ott', 'Spell ‹Sender› as "Pell Books" or "Garden Ott".'],
      ['all weights in kg, just numbers', 'Turn ‹Weight› into numbers in "kg".'],
      ['service lowercase', 'In ‹Service›, write in lower case.'],
      ['receiver: turn "Holt, M." into "M. Holt"', 'Set ‹Receiver› to if ‹Receiver› contains "," then (piece -1 of ‹Receiver› cut at ",") followed by " " followed by (piece 1 of ‹Receiver› cut at ","), otherwise ‹Receiver›.'],
      ['take the letter at the end of the track into a column Route', null],
      ['the five digits of the track number as Parcel no', 'Add ‹Parcel no› as the first code like "#####" in ‹Track›.'],
      ['split size at the x into Length, Width and Height as numbers', 'Split ‹Size› at "x" into ‹Length›, ‹Width› and ‹Height›. Turn ‹Length›, ‹Width› and ‹Height› into numbers.'],
      ['volume in litres from that', null],
      ['posted should be just the date, without the time', 'Turn ‹Posted› into dates.'],
      ['arrival time in a column of its own', null],
      ['pull the refund out of the note as a number, 0 if there is none', null],
      ['delivery time in hours', 'Add ‹Hours from Posted to Arrived› as the hours from ‹Posted› to ‹Arrived›.'],
      ['how many days did it take from posted to arrived, whole days', 'Add ‹Days from Posted to Arrived› as the whole days from ‹Posted› to ‹Arrived›.'],
      ['late if it took longer than the days of its zone, on time otherwise, under way if not arrived', null],
      ['postage per kilo, two decimals', 'Add ‹Postage per Weight in kg› as ‹Postage› divided by (‹Weight› measured in "kg") rounded to 2 decimals.'],
      ['insured for nothing means no insurance: put 0', null],
      ['postage after the sender\'s discount', 'Add ‹Postage times 1 minus Discount per 100› as ‹Postage› times (1 minus ((the ‹Discount› in the table "customers" where ‹Customer› is ‹Sender›) divided by 100)).'],
      ['region of each parcel from the zones table', 'Add ‹Region› as the ‹Region› in the table "zones" where ‹Zone› is ‹Zone›.'],
      ['expected postage: base plus weight times per kg of the zone', 'Add ‹expected postage› as (the ‹Base› in the table "zones" where ‹Zone› is ‹Zone›) plus ((‹Weight› measured in "kg") times (the ‹Per kg› in the table "zones" where ‹Zone› is ‹Zone›)).'],
      ['does the postage match that? ok or check', null],
      ['customer number of the sender', 'Add ‹Number› as the ‹Number› in the table "customers" where ‹Customer› is ‹Sender›.'],
      ['only parcels over 5 kilos', 'Keep rows where (‹Weight› measured in "kg") is more than 5.'],
      ['parcels that haven\'t arrived', 'Keep rows where ‹Arrived› is blank.'],
      ['damaged parcels', 'Keep rows where ‹Damage› is filled.'],
      ['what was sent by Garden Ott', 'Keep rows where ‹Sender› is "Garden Ott".'],
      ['not signed for but arrived', 'Keep rows where ‹Signed by› is blank and ‹Arrived› is filled.'],
      ['express parcels that took more than a day', 'Keep rows where ‹Service› is "express" and (the whole days from ‹Posted› to ‹Arrived›) is more than 1.'],
      ['parcels to zone 3 posted after 5 May', 'Keep rows where ‹Zone› equals 3 and ‹Posted› is more than the date "2026-05-05".'],
      ['the two heaviest parcels of each sender', 'Keep 2 rows with the highest ‹Weight› for each ‹Sender›.'],
      ['quickest delivery per zone', 'Add ‹Hours from Posted to Arrived› as the hours from ‹Posted› to ‹Arrived›. Keep 1 row with the lowest ‹Hours from Posted to Arrived› for each ‹Zone›.'],
      ['sort by zone, then heaviest first', 'Sort by ‹Zone› and ‹Weight› from high to low.'],
      ['one line per receiver with the latest parcel', 'Keep 1 row with the highest ‹Posted› for each ‹Receiver›.'],
      ['weight class: letter under 1 kg, parcel up to 10, heavy above', null],
      ['damage yes/no', null],
      ['what happened: broken if the damage or the note says crushed, broken or wet, lost if it says lost, fine otherwise', null],
      ['how many parcels per sender and what did they pay in all', null],
      ['average delivery time in days by zone', 'Answer ‹Average days from Posted to Arrived› as the mean of (the whole days from ‹Posted› to ‹Arrived›) over the rows; for each ‹Zone›.'],
      ['which receiver got the most parcels', 'Answer ‹Rows› as the number of rows; for each ‹Receiver›; sorted by ‹Rows› from high to low; the first 1.'],
      ['share of parcels that came damaged', 'Answer ‹Share %› as ((the sum of (if ‹Damage› is filled then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100.'],
      ['total weight in kg sent in May', null],
      ['highest insurance value', 'Answer ‹Highest Insured› as the highest of ‹Insured› over the rows.'],
      ['how many parcels arrived the day after they were posted', null],
      ['which zones had no parcels', null],
      ['customers who sent nothing', null],
      ['postage per sender as percent of everything', 'Answer ‹Share of Postage %› as ((the sum of ‹Postage› over the rows) divided by (the sum of ‹Postage› over all rows together)) times 100; for each ‹Sender›.'],
      ['number of parcels per weekday of posting', 'Answer ‹Rows› as the number of rows; for each ‹Weekday of Posted› as the weekday of ‹Posted›.'],
      ['refund everything over 10 euros', null],
      ['what colour are the boxes', null],
      ['who is the fastest driver', null],
      ['drop damage and note', 'Drop ‹Damage› and ‹Note›.'],
      ['put receiver before sender', 'Move ‹Receiver› to before ‹Sender›.'],
      ['rename Track to Parcel and Posted to Sent', 'Rename ‹Track› to ‹Parcel› and ‹Posted› to ‹Sent›.'],
      ['raise the postage of zone 3 by 10 percent', 'Set ‹Postage› to ‹Postage› times (1 plus (10 divided by 100)), only where ‹Zone› equals 3.'],
      ['days between this parcel and the one before from the same sender', 'Add ‹Days from row above Posted to Posted› as the whole days from (the row above of ‹Posted› for each ‹Sender›) to ‹Posted›.'],
      ['each parcel\'s postage compared to the average of its zone', 'Add ‹Postage minus average Postage per Zone› as ‹Postage› minus (the mean of ‹Postage› over the rows for each ‹Zone›).'],
      ['rank by weight within the zone', 'Add ‹Rank by Weight in kg› as the rank, highest first, of (‹Weight› measured in "kg") for each ‹Zone›.'],
    ],
  },
  {
    table: 'firewood',
    csv: `Order,Customer,Street,Wood,Cubic m,Length cm,Moisture,Ordered on,Wanted by,Delivered,Driver,Price m3,Delivery fee,Paid,State,Remark
FW-0401,"Orrin, Tilda",Mill Row 3,beech,4,33,16 %,02/09/2026,10/09/2026,09/09/2026,B. Stahl,€92.00,25,393.00,delivered,stack behind the shed
FW-0402,"Mr Jon Vale","High Street 17, rear",Oak,6,25,19%,2026-09-02,2026-09-20,2026-09-24,b. stahl,€98.00,,588.00,delivered,rang twice; nobody home
FW-0403,Harth Inn,Bridge Rd 1,Beech ,10,50,15 %,03/09/2026,12/09/2026,12/09/2026,Ola Kern,€88.00,0,880.00,Delivered,"two loads, invoice to K. Moor"
FW-0404,"orrin, tilda",Mill Row 3,birch,2,33,22 %,2026-09-05,2026-09-15,,,€75.00,25,,open,
FW-0405,"Ms Ada Finch",Quay 8,Spruce,3,33,n/a,05/09/2026,30/09/2026,28/09/2026,Ola Kern,€61.50,18.00,100.00,delivered,paid 100 in cash - rest by transfer
FW-0406,Skell School,School Lane 2,oak,8,50,17%,2026-09-07,2026-10-01,2026-10-05,B. Stahl,€96.00,0,768.00,delivered,late because of the flood
FW-0407,"Rask, Per",Hill Farm,beech,5,25,18 %,08/09/2026,22/09/2026,,,€92.00,40,,cancelled,moved away
FW-0408,"Ms Ada Finch",Quay 8,birch,1,25,20 %,2026-09-09,2026-09-18,2026-09-17,Lea Holt,€78.00,18,96.00,delivered,
FW-0409,Harth Inn,Bridge Rd 1,Oak,7,50,,10/09/2026,25/09/2026,25/09/2026,Ola Kern,€95.00,0,,delivered,to be paid in October
FW-0410,"Brook, Sam",Mill Row 11,spruce,4,33,24 %,2026-09-12,2026-09-26,,,€60.00,25,,open,wood too damp last year
`,
    others: {
      woods: `Kind,Heat kWh,Seasons,List price
beech,2100,2,€95.00
oak,2100,3,€99.00
birch,1900,2,€79.00
spruce,1500,1,€62.00
ash,2100,2,€97.00
`,
    },
    cases: [
      ['kinds of wood all in small letters and without spaces at the end', 'In ‹Wood›, trim outer spaces, reduce runs of spaces to one and write in lower case.'],
      ['moisture as a plain number, n/a is empty', 'Turn ‹Moisture› into numbers, reading "n/a" as blank.'],
      ['make ordered on, wanted by and delivered proper dates, day first where there are slashes', 'Turn ‹Ordered on›, ‹Wanted by› and ‹Delivered› into dates, the day before the month.'],
      ['price without the euro sign as a number', 'Turn ‹Price m3› into numbers.'],
      ['driver\'s name with capitals please', 'In ‹Driver›, write in title case.'],
      ['turn "Orrin, Tilda" into "Tilda Orrin" in the customer column', 'Set ‹Customer› to if ‹Customer› contains "," then (piece -1 of ‹Customer› cut at ",") followed by " " followed by (piece 1 of ‹Customer› cut at ","), otherwise ‹Customer›.'],
      ['take Mr and Ms off the customers', 'Remove "Mr" or "Ms" from ‹Customer›.'],
      ['state lower case', 'In ‹State›, write in lower case.'],
      ['split the street into name and number', null],
      ['house number on its own', null],
      ['order number without FW- and zeros', null],
      ['column Title: Mr or Ms from the customer, otherwise blank', null],
      ['short text for the driver like "beech, 4 m3, Mill Row 3"', null],
      ['what does the wood cost: cubic metres times price', 'Add ‹Cubic m times Price m3› as ‹Cubic m› times ‹Price m3›.'],
      ['add the delivery fee to that, blank is free, and call it Total', null],
      ['what\'s still to pay on each order, nothing for cancelled ones', null],
      ['price per metre compared with the list price of that wood, in percent', null],
      ['days late: delivered minus wanted by, never negative, blank if not delivered', null],
      ['how many days from order to delivery', 'Add ‹Days from Ordered on to Delivered› as the whole days from ‹Ordered on› to ‹Delivered›.'],
      ['heat of each order: cubic metres times the kWh of its wood', 'Add ‹heat of each order› as ‹Cubic m› times (the ‹Heat kWh› in the table "woods" where ‹Kind› is ‹Wood›).'],
      ['each order\'s part of all the wood sold, in percent', null],
      ['average moisture per kind of wood next to each order', 'Add ‹Average Moisture per Wood› as the mean of ‹Moisture› over the rows for each ‹Wood›.'],
      ['rank by cubic metres, biggest first', 'Add ‹Rank by Cubic m› as the rank, highest first, of ‹Cubic m›.'],
      ['how much did the customer order before this one? running total per customer in order of date', null],
      ['discount: 5% of the price for 6 m3 and more', null],
      ['put dry up to 18% moisture, damp up to 22, wet above, unknown when missing', null],
      ['on time or late, open if there is no delivery yet', null],
      ['does the remark mention payment? yes/no', null],
      ['big order yes or no, big means 6 cubic metres or more', null],
      ['only open orders', 'Keep rows where ‹State› is "open".'],
      ['orders not delivered by the wanted date', null],
      ['beech and oak only, delivered ones', 'Keep rows where ‹Wood› is "beech" or "Oak". Keep rows where ‹State› is "delivered".'],
      ['orders for Mill Row', 'Keep rows where ‹Street› mentions the word "Mill".'],
      ['orders without a remark', 'Keep rows where ‹Remark› is blank.'],
      ['wanted in the second half of September', 'Keep rows where (the month of ‹Wanted by›) equals 9 and (the day of ‹Wanted by›) is at least 16 and (the day of ‹Wanted by›) is at most 31.'],
      ['everything over 5 m3 that isn\'t paid', 'Keep rows where ‹Cubic m› is more than 5 and [‹Paid› is blank or else ‹Paid› equals 0].'],
      ['the three oldest open orders', 'Keep rows where ‹State› is "open". Keep 3 rows with the lowest ‹Ordered on›.'],
      ['for each customer keep the latest order', 'Keep 1 row with the highest ‹Ordered on› for each ‹Customer›.'],
      ['sort by wood and within it by moisture, driest first', 'Sort by ‹Wood› and ‹Moisture›.'],
      ['drop length and moisture', 'Drop ‹Length cm› and ‹Moisture›.'],
      ['move state to the front, then paid', 'Move ‹State› and ‹Paid› to the front.'],
      ['call cubic m Volume and m3 price Price', 'Rename ‹Cubic m› to ‹Volume› and ‹Price m3› to ‹Price›.'],
      ['how many cubic metres per kind of wood, most first', 'Answer ‹Total Cubic m› as the sum of ‹Cubic m› over the rows; for each ‹Wood›; sorted by ‹Total Cubic m› from high to low.'],
      ['which driver delivered the most wood?', null],
      ['average price per m3, weighted by volume', null],
      ['how many orders were delivered late?', 'Answer ‹Rows› as the number of rows; only where ‹Delivered› is more than ‹Wanted by›.'],
      ['share of the orders that are still open, percent, no decimals', 'Answer ‹Share %› as ((the sum of (if ‹State› is "open" then 1, otherwise 0) over the rows) divided by (the number of rows)) times 100 rounded to 0 decimals.'],
      ['how many customers ordered more than once?', 'Answer ‹Different Customer› as the number of different values of ‹Customer› over the rows; only where (the number of rows for each ‹Customer›) is more than 1.'],
      ['total volume ordered in September by Harth Inn', null],
      ['which kinds on the list has nobody ordered?', null],
      ['bring in the seasons each wood was stored', 'Add ‹Seasons› as the ‹Seasons› in the table "woods" where ‹Kind› is ‹Wood›.'],
      ['highest and lowest price for oak', 'Answer ‹Highest Price m3› as the highest of ‹Price m3› over the rows; and ‹Lowest Price m3› as the lowest of ‹Price m3› over the rows; only where ‹Wood› is "Oak".'],
      ['what is the phone number of Sam Brook', null],
      ['order more beech', null],
      ['average of the streets', null],
      ['raise the price of oak by 3 euros', 'Set ‹Price m3› to ‹Price m3› plus 3, only where ‹Wood› is "Oak".'],
      ['set the driver to Lea Holt where it is missing', 'Fill blanks in ‹Driver› with "Lea Holt".'],
    ],
  },
];
