import { folded } from '../../values/fold';
import { column, number, type Expression, type LookupFn } from '../../formula/expression';
import { readsAsDate, readsAsNumber } from '../../formula/check';
import { amend, withPlan, type Act, type Context, type State } from '../../language/acts';
import { keyOf } from '../../language/chart';
import { frame, means, type Frame, type Way } from '../../language/frames';
import { agreeing, bandOf, saysOf } from '../../language/grammar/bands';
import { soleValue, valueThere } from '../../language/grammar/theirs';
import { orNothing } from '../../language/grammar/many';
import { listedOf, type OtherColumn } from '../../language/grammar/others';
import { moneyColumn } from '../../language/grammar/roles';
import { namesRows } from '../../language/mentions';
import { nameOf } from '../../language/naming';
import { add, addEach } from './adding';

/* What stands in other tables, brought beside the rows. */

type Pair = { readonly own: string; readonly there: string; /** A second column that was named. */ readonly also?: string };

const FROM = '~open? taken|looked|found|as|given? up? straight|directly|right? from|in|out|of|off|using|by of? $theTable ~close?';
/** Ways to say which column decides. */
const BY_COLUMN = ['for|at|of', 'according|due to', 'depending|based|going on|by', 'valid|applicable|current|standing|right on|at|for|by?', 'in force|effect on|at|for|by', 'given'];
const TABLE: Way[] = [FROM, "$theTable|=table's", 'it|they|that? is|are|stand|stands|comes|come in $theTable'];
const TIE: Way[] = [
  means('~open the|its? $tcol:b there|over? there|in it ~close', ({ b }: { b: OtherColumn }) => ({ there: b.column })),
  means('by|on|via|using|matching|matched|with|through on|by? the|their|its? $col:a', ({ a }: { a: string }) => ({ own: a })),
  means('~open? by|on|where|when|,? our|the|its|their? $col:a here? ~be|equals|equal|matches|match|=|to|and|against what|called|the|its|their|a? called|call|calls? the? $tcol:b there|over? ~close?', ({ a, b }: { a: string; b: OtherColumn }) => ({ own: a, there: b.column })),
  means('~open? $tcol:b ~be|equals|equal|matches|= the|our|its|their|called? $col:a here|there? ~close?', ({ a, b }: { a: string; b: OtherColumn }) => ({ own: a, there: b.column })),
  means('matching|matched|match|joining|tying the|our|its|their? $col:a with|to|and|=|against the|its|their? $tcol:b (there)?', ({ a, b }: { a: string; b: OtherColumn }) => ({ own: a, there: b.column }), -0.1),
  ...BY_COLUMN.map((said) => means(`${said} the|its|their? $col:a`, ({ a }: { a: string }) => ({ own: a }), 0.05)),
  means('by|on|for|via|using the|its|their? $col:a and|, by|on|for|at|with? the|its|their? $col:b', ({ a, b }: { a: string; b: string }) => ({ own: a, also: b })),
  means('that|which|where|whichever|what the|its|their? $col:a falls|lies|is|sits|belongs|comes in|into|within|under|inside|to?', ({ a }: { a: string }) => ({ own: a })),
  means('our|the $col:a is|are what the? $theTable calls|call|names|has|lists $tcol:b', ({ a, b }: { a: string; b: OtherColumn }) => ({ own: a, there: b.column })),
];
const EACH: Way[] = ['of|for|to|next|beside|against|on|into to? each|every|the|our|all|these? $rows|$noun|$col|$guess', 'with each|every|all|the $rows|$noun|$col|$guess', 'per $rows|$noun|$col|$guess', 'each|every $rows|$noun|$col|$guess', 'of|for it|that|them|those|each|him|her|everybody|everyone'];
/** 'The photographer's mail': whose it is tells the column that ties the tables. */
const OWNER: Way[] = [means('the|its|our|their|each|every? $owner:a', ({ a }: { a: string }) => ({ own: a }))];
const COLUMN: Way[] = ['~into|as|to a|its|their own? new|separate|own? column|columns', 'new column|column|columns'];
const NAMED: Way[] = ['~named $name', means('$properName :|=', undefined, 0.1), '~add? an? ~column ~named? $name :|,|-', 'as|into ~column? ~named? $name', 'in ~column ~named? $name', '~add a? ~column? ~named? $name with|for|holding'];
const ABSENT = "not|no|isnt|isn't|missing|absent|never|nothing|none";
/** What is not there is blank anyway. */
const BLANK: Way[] = [
  `and|but? ~leave? $name|it|them|both|that|those|the cell|cells|column? ~blankWord ~if|~wherever|when a|an|the|there? $rows|$noun|$col|$tcol|$guess|film|part|it|is? (is|was|has|does)? been? ${ABSENT} in|on|there|found|listed|submitted|exist|such|of? the? (list|table|it|there|sheet|such|$theTable|$col|$tcol|$noun|$rows|submitted|$word)?`,
  `whatever|what|anything|those|ones|which|all that|who? is|are? ${ABSENT} in|on|there|found|listed? (the? list|table|it|there|sheet|$theTable|$word list?)? stays|stay|remains|is|left|leave|keep|gets? ~blankWord`,
  '~blankWord ~without a|an|any? $table|$noun|$rows',
  '~leave? it|them|that? ~blankWord ~if|~wherever it|they|one? ~be? not|never|nowhere found|there|listed|known|in|on (it|there|the list)?',
  "~leave? it|them|both|all? ~blankWord ~if|~wherever|when the|a|an? $rows|$noun|$col|$tcol|$table isn't|aren't|is|are not? ours|ours|in|on|there|known|listed (the? (list|table)|there)?",
  `~blankWord ~otherwise|~if|$word? ${ABSENT}? there|found|listed?`,
  'no $rows|$noun|$col|$tcol|$word ,|:|= ~blankWord',
];
const ABOUT = 'find finding found fetch over across complete supplement enrich add bring get fetch look looked looking up take taking pull put give show join attach append include want need like know would could copy in into next beside to and the of for with from at on each every it them there here their its our a an table list sheet file column new new also please as is are stand stands given there one both what that which this these those than';

/** One or several values of another table as new columns. */
function bring(values: readonly OtherColumn[], table: string, fn: LookupFn, x: Context, { tie, name, zero }: { readonly tie?: Partial<Pair> | undefined; readonly name?: string | undefined; readonly zero?: number | string | undefined }): Act | null {
  if (values.some((v) => v.table !== table) || (name !== undefined && values.length > 1)) return null;
  // Texts have no sum.
  if ((fn === 'sum' || fn === 'mean') && values.some((v) => !readsAsNumber(x.head.others!.get(table)!, v.column))) return null;
  const found = values.map((v) => valueThere(x, v, fn, tie));
  if (found.some((e) => e === null)) return null;
  const made = found.map((e) => (zero === undefined ? e! : ({ kind: 'orElse', of: e!, otherwise: typeof zero === 'number' ? number(zero) : { kind: 'text', value: zero } } as Expression)));
  return name !== undefined ? add(made[0]!, name) : addEach(made.map((as) => ({ name: calledOf(as, x), as })));
}

/** What a value of another table is called here; of days, the first and the last. */
const calledOf = (e: Expression, x: Context): string => (e.kind === 'lookup' && (e.fn === 'highest' || e.fn === 'lowest') && readsAsDate(x.head.others!.get(e.table)!, e.value) ? `${e.fn === 'highest' ? 'Last' : 'First'} ${e.value}` : nameOf(e));

const FN: Way[] = [means('total|sum|altogether|in total|summed|add up|added up|in all|overall|all told|sum of all|the sum of|total of|all together', 'sum'), means('average|mean|on average', 'mean'), means('highest|largest|biggest|maximum|latest|newest|last', 'highest'), means('lowest|smallest|minimum|earliest|first', 'lowest')];
const ZERO: Way[] = [means('$num:n ~without|for|where|if no? an|any|the|a? $col|$rows|$noun|$tcol', ({ n }: { n: number }) => n), means('with|and|use|put|take|or? a? $num:n for|if|where|when|instead those|these|them|the|there|of? who|which|that|others|rest|is|are|a|blank|nothing|none? delivered|have|has|had|got|with|made|is|are|were|was? nothing|none|no|not|any|there? $rows|$noun|$word?', ({ n }: { n: number }) => n), means('~open? $num:n ~otherwise ~close?', ({ n }: { n: number }) => n), means('~blankWord|nothing|none should? ~be|as|counts|count|means|=|: as? $num:n', ({ n }: { n: number }) => n), means('never|not $deed|$word? =|:|~be|gets|means|as|counts|count|gives as? $num:n', ({ n }: { n: number }) => n)];
/** What stands where the other table has nothing. */
const INSTEAD: Way[] = [...ZERO,
  means(`with|and|use|put|take|write|say|or|otherwise? an? $text:t ~if|~wherever|for an|a|the|those|any? $rows|$noun|$col|$tcol|$guess|it|they|there|that|which? is|are|was|were|has|have|does|do|can|could? ${ABSENT} be? in|on|there|found|listed|known|of|one? the? it|list|table|sheet|$theTable|$word|match?`, ({ t }: { t: string }) => t),
  means(`write|put|say|enter|show ^$word:w ~if|~wherever there isn't|isnt|is|aren't|are not|none|no|any|one|nothing any|one|there|given?`, ({ w }: { w: string }) => w.toLowerCase()),
  means(`~if|~wherever an|a|the|those|any? $rows|$noun|$col|$tcol|$guess|it|they|there? is|are|was|were|has|have|does|do|can|could? ${ABSENT} be? in|on|there|found|listed|known? the? it|list|table|sheet|$theTable? ,? put|write|use|say|enter|then? $text:t`, ({ t }: { t: string }) => t)];

/** Figures over rows of another table as new columns: counts are zero where there are none, other figures blank unless something else is said. */
function told(tallies: readonly Expression[], name: string | undefined, zero: number | string | undefined, x: Context): Act | null {
  const made = tallies.map((e): Expression => (e.kind !== 'lookup' ? e : zero === undefined ? (e.fn === 'count' ? orNothing(e) : e) : { kind: 'orElse', of: e, otherwise: typeof zero === 'number' ? number(zero) : { kind: 'text', value: zero } }));
  return name !== undefined ? (made.length === 1 ? add(made[0]!, name) : null) : addEach(made.map((as) => ({ name: calledOf(as, x), as })));
}

export const frames: readonly Frame[] = [
  // 'What category is the customer? Look it up in customers'
  frame('value asked for and looked up', {
    need: { values: ['what|which ^$tcols', 'what|which ~be ~each|the|its|their? $rows|$noun|$col? $tcols'], table: ['look|find|get|take|fetch it|that|this|them|those up? in|from|out|of of? $theTable', 'see|check|consult in? $theTable'] },
    may: { each: [...EACH, '~be|~have ~each|the|every $rows|$noun|$col|$guess'], tie: TIE, column: COLUMN, name: NAMED, blank: BLANK },
    many: ['each', 'column'],
    about: `${ABOUT} ? is has have everybody`,
    keeps: ['value'],
    cost: 0.3,
  }, ({ values, table, tie, name }, x) => bring(values, table, 'only', x, { tie, name })),

  frame('value of another table', {
    need: { values: '$tcols', table: TABLE },
    may: { each: EACH, owner: OWNER, tie: TIE, column: COLUMN, name: NAMED, zero: INSTEAD, blank: BLANK },
    many: ['each', 'column'],
    about: ABOUT,
    keeps: ['tcol'],
    cost: 0.4,
  }, ({ values, table, owner, tie = owner, name, zero }, x) => bring(values, table, 'only', x, { tie, name, zero })),

  // 'Look up every plant's list price': only one table has such a column.
  frame('value of the only table that has it', {
    need: { values: '$theirList' },
    may: { each: EACH, owner: OWNER, tie: TIE, column: COLUMN, name: NAMED, zero: INSTEAD, blank: BLANK },
    many: ['each', 'column'],
    about: ABOUT,
    keeps: ['theirs'],
    cost: 0.6,
  }, ({ values, owner, tie = owner, name, zero }, x) => (tie === undefined && (values as OtherColumn[]).some((v) => soleValue(x, v) === null) ? null : bring(values, values[0].table, 'only', x, { tie, name, zero }))),

  // 'Our part no is what the parts list calls code. Fetch the name and the weight from there.'
  frame('value of the table spoken of', {
    need: { tied: [means('our|the? $col:a ~be what the? $theTable:t calls|call|names|has|lists as? $tcol:b', ({ a, t, b }: { a: string; t: string; b: OtherColumn }) => ({ own: a, there: b.column, table: t }))], values: '$tcols' },
    may: { from: 'from there|there|out of there|from it|from that list|from that table', each: EACH, column: COLUMN, zero: ZERO, blank: BLANK },
    many: ['each', 'column'],
    about: ABOUT,
    keeps: ['tcol'],
    cost: 0.4,
  }, ({ tied, values, zero }, x) => { const { table, ...tie } = tied as Pair & { table: string }; return bring(values, table, 'only', x, { tie, zero }); }),

  frame('figure of another table', {
    need: { fn: FN, value: '$tcol', table: TABLE },
    may: { each: EACH, tie: TIE, column: COLUMN, name: NAMED, zero: ZERO },
    many: ['each', 'column'],
    about: `${ABOUT} how much many`,
    keeps: ['tcol'],
    cost: 0.4,
  }, ({ fn, value, table, tie, name, zero }, x) => bring([value], table, fn, x, { tie, name, zero })),

  // 'Sum of payments': of its one column of money
  frame('money of another table', {
    need: { fn: FN, table: ['of|in|from all? $theTable'] },
    may: { each: EACH, tie: TIE, column: COLUMN, name: NAMED, zero: ZERO },
    many: ['each', 'column'],
    about: `${ABOUT} how much many`,
    keeps: ['table'],
    cost: 0.7,
  }, ({ fn, table, tie, name, zero }, x) => { const there = x.head.others?.get(table), value = there ? moneyColumn({ ...x, head: there }) : null; return value === null ? null : bring([{ table, column: value }], table, fn, x, { tie, name, zero }); }),

  // 'How much was paid on each invoice', 'the date of the last loan'
  frame('rows of another table told', {
    need: { tallies: '$tallies' },
    may: { each: EACH, column: COLUMN, name: NAMED, zero: INSTEAD, blank: BLANK },
    many: ['each', 'column'],
    about: ABOUT,
    keeps: ['tally', 'deed', 'tcol', 'theirs'],
    cost: 0.5,
  }, ({ tallies, name, zero }, x: Context) => told(tallies, name, zero, x)),

  frame('rows of another table counted', {
    need: { count: ['how many|number of|count of|the number of|count the', 'how many times'], table: ['$theTable', 'in|of|from $theTable'], each: EACH },
    may: { tie: TIE, column: COLUMN, name: NAMED, zero: ZERO },
    many: ['each', 'column'],
    about: `${ABOUT} has have had made there`,
    keeps: ['tcol', 'theirs'],
    rows: false,
    cost: 0.6,
  }, ({ table, tie, name, zero }, x) => bring([{ table, column: '' }], table, 'count', x, { tie, name, zero: zero ?? 0 })),

  // 'write the buyers as the aliases table says: alias to name'
  frame('written as another table says', {
    need: { col: '$cols', as: ['as|like|way|according|according to? $theTable says|say|has|have|gives|give|writes|spells|lists? it|them?', 'from|by|with|using|through $theTable'], pair: [means(':|,? its? $tcol:a ~be|to|into|becomes|with|by|for|means as|its? $tcol:b', ({ a, b }: { a: OtherColumn; b: OtherColumn }) => [a, b])] },
    may: { verb: 'write|replace|rename|spell|standardise|translate|convert|turn|correct|map|unify|change|use', rest: 'others stay|the others stay as they are|leave the others|leave the rest|keep the others|what is not there stays as it is|the rest stays|leave what is not in there|keep what is not listed' },
    about: 'write replace spell use the known other names name aliases alias our of in by for full short proper please every everywhere each table list : is are it its their them column columns from to with as that',
    cost: 0.2,
  }, ({ col, as: table, pair }) => {
    const [from, to] = pair as [OtherColumn, OtherColumn];
    if (col.length !== 1 || from.table !== table || to.table !== table) return null;
    const [name] = col as [string];
    const as: Expression = { kind: 'orElse', of: { kind: 'lookup', fn: 'only', value: to.column, table, under: from.column, of: column(name) }, otherwise: column(name) };
    return { key: `alias ${keyOf(as)}`, apply: (state: State) => withPlan(state, { step: 'calculate', name, as, replace: true }, [name]) };
  }),

  // 'Leave the director blank if a film was never submitted', said after it
  frame('blank where another table has none', {
    cat: 'rider',
    need: { blank: BLANK },
    about: 'and but please just then it them the in that case those',
    cost: 0.1,
  }, () => amend('blank where there is none', (plan) => (plan.step === 'calculate' && plan.as.kind === 'lookup' && plan.as.fn === 'only' ? plan : null))),

  frame('marked by another table', {
    need: { labels: [means('as? $word:a or|and|/ $word:b', ({ a, b }: { a: string; b: string }) => [a, b])], table: ['in|among|on|to|with|of|against $theTable', 'of|one of|in the $word|$noun|$col|$tcol in|of|from $theTable'] },
    may: { name: NAMED, column: COLUMN, tie: TIE, when: ['$word when|if|where|:|= its|the|his|her|their|it|a? $col? ~be? in|one|there|found|listed|among|turns|shows|appears? of|up?'], other: ['~otherwise|not|else $word', '$word ~otherwise|if|when|where not|no|it|has|there|isnt|its|the? (is|has|does)? not|no|none? $col|$word?', 'also when it has no $col'], key: means('the|its|their|our|a|whose? $col:a', ({ a }: { a: string }) => a), },
    many: ['when', 'other', 'column', 'key', 'labels'],
    about: `${ABOUT} whether depending number say tell column be can whose mark label tag flag say says write go through match matched unmatched turns up does film also has have otherwise do is are exist exists stand stands ? :`,
    cost: 0.7,
  }, ({ labels: all, table, tie, name, key }, x: Context) => {
    const keys = [...new Set((key ?? []) as string[])], own = tie?.own ?? (keys.length === 1 && !namesRows(keys[0]!, x.vocabulary) ? keys[0] : undefined);
    const listed = new Set((all as string[][]).map((l) => l.join())).size > 1 || keys.length > 1 ? null : listedOf(x, own, table, tie?.there) ?? listedOf(x, undefined, table, tie?.there);
    const [yes, no] = all[0] as [string, string];
    // What is called like their columns is brought, and labels nothing.
    if ([yes, no].some((label) => x.head.others!.get(table as string)?.columns.some((c) => folded(c.name) === folded(label)))) return null;
    return listed && /^\p{L}/u.test(yes) && /^\p{L}/u.test(no) ? add({ kind: 'choose', cases: [{ when: listed, then: { kind: 'text', value: yes } }], otherwise: { kind: 'text', value: no } }, name) : null;
  }),

  // 'compare the grade with the norms by moisture': what it should be, and whether it is
  frame('compared with bands', {
    need: { actual: '$cols', table: ['against|with|to|by|from|versus|as|per|in $theTable', 'what|that $theTable says|say|gives|give|prescribes|wants|demands', 'as $theTable says|say|has|have it|them?'], verb: 'check|compare|verify|test|control|whether|if|agree|agrees|match|matches|expected|correct|right' },
    may: { of: ['by|via|using|with', ...BY_COLUMN].map((said) => means(`${said} the|its|their? $col:a`, ({ a }: { a: string }) => a)), each: EACH, agree: 'agree|agrees or|and? not|disagree|disagrees?|say whether|if it|they? agree|agrees|match|matches|is|are right|correct?' },
    many: ['each', 'verb'],
    about: `${ABOUT} whether does do each row expected actual value values show say should be have had right correct follows follow rules norms`,
    cost: 0.5,
  }, ({ actual, table, of }, x: Context) => {
    const [own, ...more] = actual as string[];
    const says = more.length === 0 ? saysOf(own!, table, x) : null;
    const expected = says && bandOf(x, says, of);
    if (!expected) return null;
    const name = `Expected ${own}`;
    return addEach([{ name, as: expected }, { name: `${own} agrees`, as: agreeing(own!, name) }]);
  }),
];
