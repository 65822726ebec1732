// npm run docs: writes docs/language.md from the steps, their exact sentences and the examples that the tests run.
import { writeFileSync } from 'node:fs';
import { EXAMPLES, EXAMPLES_BESIDE, EXAMPLE_OTHERS, EXAMPLE_TABLE } from '../core/language/examples';
import { METRICS } from '../core/metrics/glossary';
import { readExact, STEPS } from '../core/steps/registry';

const byStep = new Map<string, string[]>();
for (const [request, sentence] of EXAMPLES) {
  const first = readExact(sentence) ?? readExact(sentence.split('. ')[0]!);
  const list = byStep.get(first!.step) ?? byStep.set(first!.step, []).get(first!.step)!;
  list.push(`| ${request} | ${sentence.replace(/\|/g, '\\|')} |`);
}
const steps = STEPS.map((s) => {
  const rows = byStep.get(s.step) ?? [];
  const table = rows.length ? `\n\n| you say | it is read as |\n| --- | --- |\n${rows.join('\n')}` : '';
  return `### ${s.title[0]!.toUpperCase()}${s.title.slice(1)}\n\nExact sentence: ${s.example}.${table}`;
});
const text = `# What can be said

Written by \`npm run docs\` from the grammar. Say what should change in your own words; Kulfi answers with its *reading*: one exact
sentence for each step. Nothing is done that was not read, and no word that carries meaning is passed over: a word that was
not used is shown, and the request is asked about instead of carried out.

- A column may be called by part of its name, by another form of it, a common abbreviation or a word of the same meaning, and with a typing mistake. When two columns fit equally well, Kulfi asks.
- A value may stand for its column: “drop the cancelled ones” finds the column that holds “cancelled”. Capitals and outer spaces do not matter when values are compared.
- Several changes may be said at once. What follows a comma or a full stop may limit what came before: “two decimals”, “blank where there are no hives”, “call it Yield”, “the day comes first”.
- A request may correct the one before: “round that to 2”, “no, I meant the rejected ones”, “call it Rate”. “Undo that” takes back the last.
- Put a text in quotes when it is to be taken letter by letter. Put a column between ‹ and › when it is to be taken as that column and nothing else.

## The exact sentences

An exact sentence means one plan, and each plan has one exact sentence, so a list of them is a program: it can be kept in a
file and run again with \`kulfi run --brief\`. Values are in double quotes, escaped as in JSON.

The examples are over this table:

\`\`\`csv
${EXAMPLE_TABLE.trim()}
\`\`\`

${steps.join('\n\n')}

### Formulas

Numbers, ‹columns›, "texts", \`the date "2025-03-01"\` and \`blank\` are put together with *plus, minus, times, divided by* (one operation at a
time; brackets for more), *rounded (up, down) to N decimals*, *the whole days (weeks, months, years) from … to …*, *the hours (minutes) from … to …*, *the year (quarter, month, day,
weekday, month name) of …*, *the sum (mean, lowest, highest, count, number of different values) of … over the rows for each ‹…›*, *the running total
of …*, *the row above of …*, *the rank, highest first, of …*, *the mean across … and …*, *…, or … where it is blank*, *… and … joined with "…"*,
*the text before (after) the first (last) "…" in …*, *the text between "…" and "…" in …*, *piece 2 of … cut at "…"* (from the end: -1), *the first (last) N
characters of …*, *the initials of …*, *the country of the place in …* (a town, or a country itself), *the feeling in …* (above nought where the words of a text speak well of something, below where they speak badly), *the first (last) e-mail address (telephone number, amount of money, number, date …) in …*, *the first code like
"L-###" in …* (# a digit, @ a letter), *… followed by …*, *… measured in "min"*, *… at the time …*, and *if … then …, otherwise …*.

A blank or a text that is no number gives a blank; a division by zero gives a blank; each is a kind of its own in the proof. Halves are rounded
away from zero. Amounts may be written as people write them (€9.40, 9,40 EUR, (45.00), 17 %).

### Other tables of the workspace

*the ‹Price› in the table "prices" where ‹Flower› is ‹Flower›* (of several rows: *the sum of all, the mean of all, the lowest, the highest, the number of*), and by where a value lies:
*the ‹Grade› in the table "norms" where ‹Moisture› lies from ‹From› to ‹To›* (both ends count; *from … to under …*, *over … to …*, *over … to under …*, or *its ends as in ‹Ends›*),
*from ‹From› to the next*, *within ‹Band›* (a text such as “5–10 kg”), each with *and ‹Flower› is ‹Flower›* where bands are kept apart by a key. As a condition:
*‹Site› stands under ‹Name› in the table "sites"*. Sentences may stand one behind the other.

A column, a value or the rows of another table need no table to be named where only one can be meant. Beside the table above, with

\`\`\`csv
${Object.entries(EXAMPLE_OTHERS).map(([name, csv]) => `# ${name}\n${csv.trim()}`).join('\n\n')}
\`\`\`

| you say | it is read as |
| --- | --- |
${EXAMPLES_BESIDE.map(([request, sentence]) => `| ${request} | ${sentence.replace(/\|/g, '\\|')} |`).join('\n')}

### Conditions

*is less than, is at most, is more than, is at least, equals, differs from*; *is "…" or "…"*, *is not "…"*; *contains, mentions the word, starts
with, ends with "…"*; *is blank, is filled*; joined with *and* or *or else*, with [ ] around parts, and *not (…)*. A comparison with a blank
holds neither way: such rows are a kind of their own.

## Measures by name

These may be asked for by name; the table's columns play their roles, by their names. Where two columns could play one, it is asked; where none can,
it is said which. A share comes as a percentage. “Yield per hive”, “margin (takings vs hire)” and “break-even from its hire cost and its price” say
which columns are meant.

| measure | also called | worked out as | what it is |
| --- | --- | --- | --- |
${METRICS.map((m) => `| ${m.names[0]} | ${m.names.slice(1).join(', ')} | ${m.formula.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()}${m.share ? ', in percent' : ''} | ${m.meaning} |`).join('\n')}
`;
writeFileSync('docs/language.md', text);
console.log('Written to docs/language.md.');
