import { columnsOf } from '../../formula/expression';
import type { Plan } from '../../steps/registry';
import { MONTHS } from '../../values/date';
import { unitName } from '../../values/units';
import { keyOf } from '../chart';
import { usesTable, type Doubt } from './doubt';
import type { Said } from './said';

/** How letters are written, which is no name. */
const STYLE = /^(?:with |in )?(?:all )?(?:capitals?|capital letters|lower ?case|upper ?case|title ?case|small letters|letters)$/i;

/** Does a plan give a column that name? */
const calls = (plans: readonly Plan[], name: string): boolean => {
  const text = keyOf(plans).toLowerCase(), own = JSON.stringify(name.toLowerCase());
  return text.includes(`"name":${own}`) || text.includes(`"to":${own}`) || new RegExp(`"into":\\[[^\\]]*${own.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`).test(text);
};

/** Have most values of a column more pieces, cut at that mark, than there are names for? */
const leavesPieces = (p: Extract<Plan, { step: 'split' }>, { piecesAt }: Said): boolean => p.at.kind === 'mark' && p.at.text.trim() !== '' && piecesAt(p.column, p.at.text) > p.into.length;

/** About columns: their names, copies of them, and which of them go. */
export const columnDoubts: readonly Doubt[] = [
  // 'Should begin with a capital': that makes no ‹The Iron Bridge› iron.
  { price: 0.5, holds: (plans, { restSmall, innerCapitals }) => !restSmall && plans.some((p) => p.step === 'tidy' && p.ways.includes('sentence') && p.columns.some(innerCapitals)), asks: 'This also makes capitals inside the texts small. Is it meant so?' },
  // 'Make the species uniform, small letters throughout': in that column.
  { price: 2, holds: (plans, { saysAll }) => !saysAll && plans.some((p, i) => { const before = plans[i - 1]; return p.step === 'tidy' && p.columns.length > 3 && before !== undefined && (before.step === 'standardise' || ('columns' in before && before.columns.length === 1)); }), asks: 'This changes many columns. Is it meant so?' },
  // '... and fill blanks with the fee' gives no column that name.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && /^(?:fill|turn|convert|replace|remove|drop|split|sort|keep|round) [a-z]/.test(p.name)), asks: 'Is this the name of the column?' },
  // 'Grade A is 3 points' says something, and is no name.
  { price: 1.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && /\s(?:is|are|was|were|gets?|becomes?)\s/i.test(p.name)), asks: 'Is this the name of the column?' },
  // Another table is spoken of, and nothing is taken from it.
  { price: 1.5, holds: (plans, { theirTables }) => !plans.every((p) => p.step === 'spell') && theirTables.some((t) => !usesTable(plans, t)), asks: 'Another table is spoken of, and it is not used. Is it meant so?' },
  // 'Deposit that is twenty percent of the charge' is no copy of the charge.
  { price: 1.5, holds: (plans, { copies }) => !copies && plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'column') },
  // 'Name of the lead with proper capitals' gives no new name.
  { price: 2, holds: (plans, { renames }) => !renames && plans.some((p) => p.step === 'rename' && p.names.some((n) => n.to === n.to.toLowerCase() && / /.test(n.to) && n.to !== n.from.toLowerCase())), asks: 'Is this the new name?' },
  // 'Call gross Weight and site Place': a new name that goes on with another column is more than one name.
  { price: 1.5, holds: (plans, { columns }) => plans.some((p) => p.step === 'rename' && p.names.some((n) => columns.some((c) => c !== n.from && c.length > 2 && n.to.toLowerCase() !== c.toLowerCase() && ` ${n.to.toLowerCase()} `.includes(` ${c.toLowerCase()} `)))) },
  // 'And out of goods' is no order to drop the column.
  { price: 1.5, holds: (plans, { drops }) => !drops && plans.some((p, i) => p.step === 'drop' && i > 0), asks: 'This drops a column. Is it meant so?' },
  // 'With capitals' is how letters are written, and no name.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'rename' && p.names.some((n) => STYLE.test(n.to))), asks: 'Is this the new name?' },
  // 'Kg = kg * 2' asks for no rows that are twice themselves.
  // 'The list price' of another table is not the price here.
  { price: 2, holds: (plans, { theirs }) => theirs.some((name) => !keyOf(plans).includes(JSON.stringify(name))), asks: 'Another table has a column of that name, and it is not used. Is it meant so?' },
  // 'New column Earned: charged less parts, per hour' is one.
  { price: 2, holds: (plans, { oneColumn }) => oneColumn && plans.filter((p) => p.step === 'calculate' && !p.replace).length > 1, asks: 'This makes several columns where one is spoken of. Is it meant so?' },
  // 'Those without lunch' are rows.
  { price: 3, holds: (plans, { withoutLater }) => withoutLater && plans.some((p) => p.step === 'drop') },
  // 'Should be none, vegan or halal, and empty means none' empties no cells that are so.
  { price: 4, holds: (plans, { should }) => should && plans.some((p) => p.step === 'replace' && p.with === '' && p.find.kind === 'texts' && p.find.place === 'whole' && p.find.texts.length > 1) },
  // 'Joined as "Fern, Ada (North)"' shows what comes out, and is no separator.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'join' && /\p{L}{2}.*[^\p{L}].*\p{L}{2}|[\p{Lu}\d]/u.test(p.as.separator)), asks: 'Is this what is to stand between them?' },
  // 'Split size at the x into Length, Width and Height' gives more names than two.
  { price: 2, holds: (plans, said) => plans.some((p) => p.step === 'split' && p.which === 'every' && leavesPieces(p, said)), asks: 'Most values have more pieces than that. Is it meant so?' },
  { price: 1.5, holds: (plans, said) => !said.first && plans.some((p) => p.step === 'split' && p.which !== 'every' && leavesPieces(p, said)), asks: 'Most values have more pieces than that. Is it meant so?' },
  // '... in a column Day' is to be called so.
  // 'Surname before it, the rest after it': where a piece stands is no part of its name.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'split' && p.into.some((n) => /(?:^|\s)(?:before|after|behind|it|rest|remainder|follows)$/.test(n))), asks: 'Are these the names of the columns?' },
  { price: 2, holds: (plans, { columnCalled }) => columnCalled !== null && plans.length > 0 && !calls(plans, columnCalled), asks: 'Is this the name of the column?' },
  // 'As a number' is no text in brackets.
  { price: 1, holds: (plans, { asNumber }) => asNumber && plans.length === 1 && plans.some((p) => p.step === 'calculate' && !p.replace && (p.as.kind === 'inside' || p.as.kind === 'slot')) },
  // 'A if passed and no parts used, B ...' are cases of one column.
  { price: 2.5, holds: (plans) => plans.length > 1 && plans.some((p) => p.step === 'calculate' && !p.replace && p.name.length === 1 && p.as.kind === 'choose' && p.as.cases.some((c) => c.then.kind === 'text' && c.then.value === p.name)) },
  // '..., nothing means no discount' asks for no second column of the discount.
  { price: 2, holds: (plans) => plans.length > 1 && plans.some((p, i) => i > 0 && p.step === 'calculate' && !p.replace && p.as.kind !== 'column' && plans.slice(0, i).some((q) => q.step === 'calculate' && !q.replace && keyOf(q.as) !== keyOf(p.as) && keyOf(q.as).includes(keyOf(p.as.kind === 'orElse' ? p.as.of : p.as)) && (p.as.kind === 'lookup' || (p.as.kind === 'orElse' && p.as.of.kind === 'lookup')))) },
  // A word in a column of numbers was hardly asked for.
  { price: 3, holds: (plans, { numbers }) => plans.some((p) => p.step === 'fill' && p.with.kind === 'value' && /^\p{L}{4,}$/u.test(p.with.text) && p.columns.some(numbers) && plans.length > 1) },
  // 'The weight in grams' calls nothing grams.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'found' && unitName(p.name.toLowerCase()) !== null), asks: 'Is this the name of the column?' },
  // Nor is somebody who stands in the cells.
  { price: 2.5, holds: (plans, { stands }) => plans.some((p) => p.step === 'calculate' && !p.replace && / /.test(p.name) && (p.as.kind === 'written' || p.as.kind === 'piece') && stands(p.name)) },
  // A month is hardly what a column of words is to be called.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && MONTHS.some((m) => m.toLowerCase() === p.name.toLowerCase())), asks: 'Is this the name of the column?' },
  // 'The client's mail' is not found by another column than the client.
  { price: 3, holds: (plans, { owners }) => owners.length > 0 && plans.length > 0 && plans.every((p) => p.step === 'calculate' && p.as.kind === 'lookup' && columnsOf(p.as).every((n) => !/\b(?:no|number|id|code|nr|ref)\b/i.test(n)) && !owners.some((name) => keyOf(p).includes(JSON.stringify(name)))), asks: 'Another column finds this in the other table. Is it meant so?' },
  // 'Value by street' asks for more than the street.
  { price: 1.2, holds: (plans, { byGroup }) => byGroup && plans.length > 0 && plans.every((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'lookup' && p.as.fn === 'only') },
  // So are 'those who paid'.
  { price: 3, holds: (plans, { thoseWho }) => thoseWho && plans.some((p) => p.step === 'drop' || p.step === 'pick') },
  // 'Only urgent' are rows that are so.
  { price: 2, holds: (plans, { saysYes }) => plans.some((p) => p.step === 'pick' && p.columns.length === 1 && saysYes(p.columns[0]!)) },
  // A second column of the name of one that is there was hardly asked for.
  { price: 1.5, holds: (plans, { columns, newColumn, copies }) => !newColumn && !copies && plans.length > 1 && plans.some((p) => p.step === 'calculate' && !p.replace && / 2$/.test(p.name) && p.as.kind !== 'person' && columns.includes(p.name.slice(0, -2))), asks: 'This makes a second column of that name. Is it meant so?' },
  // 'Into width, profile and rim' are three.
  { price: 1.5, holds: (plans) => plans.some((p) => p.step === 'split' && p.into.length > 1 && p.into.some((name) => / and /i.test(name))), asks: 'This makes fewer columns than are spoken of. Is it meant so?' },
  // 'Letters in one column, numbers in another' are two columns.
  { price: 1.5, holds: (plans, { apart }) => apart && plans.length === 1 && plans[0]!.step === 'calculate' && !plans[0]!.replace, asks: 'This makes one column where several are spoken of. Is it meant so?' },
  // 'Date only, and the time only': what is wanted, and no name.
  { price: 1.5, holds: (plans) => plans.some((p) => p.step === 'calculate' && /\sonly$/i.test(p.name)), asks: 'Is this the name of the column?' },
  // A telephone number is no e-mail address.
  { price: 3, holds: (plans) => plans.some((p) => p.step === 'calculate' && p.as.kind === 'found' && p.as.what.kind === 'sort' && ((/phone|\btel\b|mobile/i.test(p.name) && p.as.what.sort !== 'phone') || (/mail/i.test(p.name) && p.as.what.sort !== 'email'))) },
  // 'In capitals' is a way of writing.
  { price: 2, holds: (plans) => plans.some((p) => p.step === 'calculate' && !p.replace && STYLE.test(p.name)), asks: 'Is this the name of the column?' },
  // 'As "5 days"' shows how it is to look.
  { price: 1, holds: (plans, { renames, newColumn }) => !renames && !newColumn && plans.some((p) => p.step === 'calculate' && !p.replace && /^\d/.test(p.name)), asks: 'Is this the name of the column?' },
  // 'Everything Norlan carried to Ostbruck': what stands in cells is hardly what a new column is to be called.
  { price: 2, holds: (plans, { stands }) => plans.some((p) => p.step === 'calculate' && !p.replace && p.as.kind === 'found' && p.as.what.kind === 'words' && stands(p.name)) },
];
