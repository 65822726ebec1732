import type { Act, Context } from '../../language/acts';
import { frame, means, type Frame } from '../../language/frames';
import { column, type Expression } from '../../formula/expression';
import { columnOf } from '../../table/table';
import { readsAsDate } from '../../formula/check';
import { add } from './adding';
import { crossed } from '../../language/lexicon/crossed';
import { CALCULATE, NAME, NONE, PLACE } from './frame-parts';
import { spaced } from './join-phrases';
import { byExample, patternOf, sameColumns, standingIn } from './example-phrases';
import { partOf, personColumn } from './person-phrases';
import type { Asked } from './named-parts';
import type { PersonPart } from '../../values/person';
import { persons } from '../../language/grammar/kinds';
import { findIn, finds, found, foundAll, momentOf, moveWords } from './text-phrases';
import { plans } from '../../language/acts';
import { uniqueName } from '../../values/names';
import { sampleOf } from '../../language/grammar/samples';
import type { Example } from '../by-example/programs';
import type { Findable } from '../../values/find';

const TAKE = 'get take extract pull fish out of from in the it is are find put that which whatever stands stand what text texts bit part piece into move copy some people somebody sometimes mention mentions mentioned quote give given gives has have there behind after before says say if so to looks look like everything bits inside one them own where somebody both or names name lower upper case small letters numeric as a number for kept as shown code codes ref reference';
const texts = (name: string, x: Context): boolean => columnOf(x.head, name).type === 'text';
const lowered = (e: Expression, style: 'lower' | 'upper' | undefined): Expression => (style ? { kind: 'cased', letters: style, of: e } : e);
/** What may stand between texts that are joined. */
const MARKS_SAID = crossed('|a|the|with a|with|an', 'colon|comma|dash|hyphen|slash|stroke|space|blank|brackets|bracket|parentheses|semicolon|full stop|point', '|between|in between|between them|after it|behind it|around it|round it');
const STYLE = [means('lower case|lowercase|small letters|in small letters|in lower case', 'lower'), means('upper case|capitals|in capitals|uppercase', 'upper')];

export const frames: readonly Frame[] = [
  frame('by example', {
    need: { examples: '$examples' },
    may: {
      cols: '$col', name: NAME, place: PLACE,
      turn: ['abbreviate|abbreviated|abbreviating|initial plus surname|initial and then the surname|as initial plus surname|to the form|into the form|turn round|turn around|the other way round|other way round|round|the short way|initial and surname|surname first|first name first|short name|reformat|rewrite|rewritten|rearranged|shorten|short|description|describes|short description|instead|swap|swapped|turn|reverse', '~wayRound'],
      remark: ['spaces around the slashes are sometimes missing|mind that some have no spaces around the slash|some have no spaces', '~open $name:n , $name:n ~close'],
    },
    many: ['turn', 'place'],
    about: `${CALCULATE} dot point comma turn turned round around so reads read something should become becomes look looks written write rewrite rewritten make like eg e.g example instance from out surname initial first last and then short shorter name names way about put rewritten made something somebody size type colour slash comma zone spaces missing sometimes each same likewise on so`,
    cost: 0.55,
  }, ({ examples, cols, name, place, turn }, x) => (!cols && !turn && name === undefined && !place ? null : byExample(examples as Example[], cols ?? null, x, name !== undefined || place !== undefined ? 'add' : 'set', name))),

  // 'Label: job and crew, "J-2101: Team A"'
  frame('joined as shown', {
    need: { shown: ['$shownTemplate', means('$text:t', ({ t }: { t: string }, x: Context) => { const held = standingIn(t, x); return held.length > 1 ? patternOf(held, t, x) : null; }, 0.1)] },
    may: { cols: '$col', name: NAME, place: PLACE, join: ['with|of|from|join|joined|joins|combine|combined|combining|together|put together|glue|followed by|then|plus|merge|label|labels|made of|made from|consisting of|with|of|from', '~join'], marks: MARKS_SAID, called: means('label|key|title|caption|code|description|heading', 'Label') },
    many: ['cols', 'join', 'marks', 'place'],
    about: `${CALCULATE} like as so e.g eg example instance say such that which reads read looks look text one short column behind front between number it is each every job both write written and the in`,
    cost: 0.2,
  }, ({ shown, cols, name, called }) => {
    const template = shown as Expression, told = (cols ?? []) as string[];
    return (told.length === 0 && name === undefined && called === undefined) || (told.length > 0 && !sameColumns(told, template)) ? null : add(template, name ?? (called as string | undefined) ?? (told.length > 1 ? [...new Set(told)].join(' and ') : undefined));
  }),

  // 'The first part of the roof into a column Covering'
  frame('piece in a column', {
    need: { piece: means('$text0:e', ({ e }: { e: Expression }) => (['slot', 'piece', 'letters', 'inside'].includes(e.kind) ? e : null)) },
    may: { name: NAME, place: PLACE, style: STYLE, number: 'as a number|number only|as numbers' },
    many: ['place'],
    about: `${CALCULATE} take get extract pull copy lift put out only just`,
    cost: 0.6,
  }, ({ piece, name, place, style, number }) => (name === undefined && !place ? null : add(lowered(number ? found({ kind: 'sort', sort: 'number' }, piece as Expression) : piece, style), name))),

  frame('find in a text', {
    need: { what: [means('$what:w', ({ w }: { w: Findable }) => [w]), '$whats'] },
    may: { col: '$col', name: NAME, names: ['into|as|under|in|to ~open? $names', '~column ~named? $names', means(':|, $names', undefined, 0.3)], place: PLACE, none: NONE, number: ['as a number|only the number|numeric|number only|just the number|only the figure'], verb: ['become|becomes|should become|have|has|hold|holds|contain|contains|put it|put that|put them|get|take|fetch|extract|pull|pull out|fish out|get out|take out|pick out|lift|out of|isolate|dig out|separate', 'mentions|mentioned|quoted|is in there|jumbled together|mixed up|jumbled|separate them'], cut: ['~split'] },
    many: ['place', 'none', 'verb'],
    about: `${CALCULATE} ${TAKE} new sometimes often partly together moment currently separate them everybody both mixed people`,
    rows: false,
    cost: 0.75,
  }, ({ what, col, name, names, place, verb, number, cut }, x) => {
    const list = what as Findable[];
    if (cut && list.length < 2) return null;
    if (col !== undefined && !texts(col, x)) return null;
    if (list.length > 1) return col !== undefined && (names === undefined || names.length === list.length) ? foundAll(col, list, names ?? null, x) : null;
    if ((!verb && !place && name === undefined) || (names !== undefined && names.length > 1)) return null;
    const e = findIn(list[0]!, col ?? null, x);
    return e && add(number && list[0]!.kind !== 'sort' ? found({ kind: 'sort', sort: 'number' }, e) : e, name ?? names?.[0]);
  }),

  // 'the domain of the mail address', 'whatever follows the @'
  frame('domain of a mail', {
    need: { domain: 'domain|domains|mail domain|web domain|email domain|part after the @|what comes after the @|everything after the @|whatever follows the @|the part behind the @|bit behind the @|bit after the @|what follows the @|behind the @|after the @' },
    may: { cols: '$col', of: ['~emailWord', 'of their mail address|of the e-mail|of the e-mail address|of the email addresses|out of the e-mail addresses|mail address'], name: NAME, place: PLACE, none: NONE, style: STYLE },
    many: ['domain', 'of', 'place', 'none'],
    about: `${CALCULATE} ${TAKE} @ mail address addresses email e-mail part own web domain it its their`,
    cost: 0.6,
  }, ({ cols, name, style }, x) => {
    const e = findIn({ kind: 'sort', sort: 'domain' }, cols ?? null, x);
    return e && add(lowered(e, style), name);
  }),

  frame('piece beside a mark', {
    need: { piece: [means('before|up|until to? the? first? $mark:m', ({ m }: { m: string }) => ({ side: 'before', mark: m })), means('in front of the? first? $mark:m', ({ m }: { m: string }) => ({ side: 'before', mark: m })), means('after|behind|following|follows the? $mark:m', ({ m }: { m: string }) => ({ side: 'after', mark: m }))], col: '$col' },
    may: { name: NAME, place: PLACE, none: NONE, what: 'the letters|the part|first part|the first part|what is|what comes|everything|the bit|the text', style: STYLE },
    many: ['what', 'place', 'none'],
    about: `${CALCULATE} ${TAKE} letters first part make add up`,
    bars: 'before after behind rest',
    cost: 0.7,
  }, ({ piece, col, name, style }, x) => (texts(col, x) ? add(lowered({ kind: 'piece', side: piece.side, mark: piece.mark, which: 'first', of: column(col) }, style), name) : null)),

  frame('inside brackets', {
    need: { brackets: 'in the brackets|inside the brackets|brackets|in brackets|between the brackets|bracket|parentheses|inside brackets|within brackets' },
    may: { col: '$col', name: NAME, place: PLACE, none: NONE, shown: ['~open $num:a $word ~close ~becomes $num:b', '~open $num:a ~close ~becomes $num:b', '~open $num $word ~close'], number: 'number of pieces|number of units|number of items|number|as a number|count|how many|pack count|how many pieces|the number|figure' },
    many: ['place', 'none', 'number'],
    about: `${CALCULATE} ${TAKE} per so numeric ? . pieces pcs pack packs box count number brackets tell tells say says that figure behind how many go should a as name names it's eg e.g gives example instance`,
    cost: 0.8,
  }, ({ col: said, name, number, place }, x) => {
    // Without a column it is the only one with brackets.
    const bracketed = x.head.columns.filter((c) => c.type === 'text' && sampleOf(c.name, x).some((v) => /\(.+\)/.test(v)));
    const col = (said as string | undefined) ?? (bracketed.length === 1 ? bracketed[0]!.name : null);
    if (col === null || !texts(col, x) || !sampleOf(col, x).some((v) => v.includes('(')) || (name === undefined && !place && !number)) return null;
    const inside: Expression = { kind: 'inside', open: '(', close: ')', of: column(col) };
    return add(number ? found({ kind: 'sort', sort: 'number' }, inside) : inside, name);
  }),

  frame('words off the front', {
    need: { list: ['title|titles|salutation|form of address ~open $wordList ~close', '$wordList', means('$word:a / $word:b / $word:c / $word:d', ({ a, b, c, d }: Record<string, string>) => [a, b, c, d]), means('$wordList:a / $wordList:b', ({ a, b }: { a: string[]; b: string[] }) => [...a, ...b])], col: '$col', name: NAME },
    may: { place: PLACE, off: 'move|take|cut|off|away|pull|strip|split|shift|separate|put|from|front|start|begin|begins|beginning', rest: ['$col without it|them|the title|titles', 'only|just|keep the? name|names', 'leave|leaving|keep|keeping only|just? the? name|names', 'only|just the? name|names|rest stays|stay|remains|remain|is|are left? (in the? $col)?', 'let the $col column keep only the name', 'then only has the name|keep only the name'], none: NONE },
    many: ['place', 'rest', 'none', 'off'],
    about: `${CALCULATE} ${TAKE} title titles salutation form address off front start beginning at move split then only has keep keeps rest it / begins gone customer should`,
    cost: 0.8,
    // What stands in the texts is looked for, and no name for them.
  }, ({ list, col, name, off, rest }, x): Act | null => (sampleOf(col, x).some((v) => v.startsWith(`${name as string} `)) ? null : off || rest ? moveWords(list as string[], col, name, x) : texts(col, x) && finds({ kind: 'words', words: list as string[] }, col, x) > 0 ? add(found({ kind: 'words', words: list as string[] }, column(col)), name) : null)),

  frame('date parts', {
    need: { col: '$col', parts: ['$parts'] },
    may: { apart: means('each in its own column|each in a column of its own|in columns of their own|in separate columns|separately|one column each|a column each|each in a column|each into its own column|in two columns|in three columns|into two columns|into three columns|each', true, -0.4), range: ['~open $num - $num ~close'], figure: 'month number|as a number|month as a figure|the month as a figure|as a figure|as numbers', split: ['~split', '~extract'], place: PLACE },
    many: ['place', 'split', 'figure'],
    about: `${CALCULATE} break split up down into separate cut take apart from number figure date opening own 1 12 - columns`,
    cost: 0.55,
  }, ({ col, parts }, x) => {
    const list = parts as string[];
    if (!readsAsDate(x.head, col) || list.length < 2) return null;
    const taken = x.head.columns.map((c) => c.name);
    return plans(...list.map((part) => ({ step: 'calculate' as const, name: uniqueName(`${col} ${part}`, taken), as: { kind: 'part', part, of: column(col) } as Expression, replace: false })));
  }),

  frame('moment', {
    need: { cols: '$col', moment: ['~moment', 'date with a time|a date with time|date and time|one timestamp|timestamp|date with time|as one timestamp|one date and time|plus|together|combine|combined|make', 'the? time in|from|of'] },
    may: { name: [...NAME, means('timestamp|moment|datetime|date-time|column|stamp ^$properName', undefined, -0.2)], place: PLACE },
    many: ['moment', 'place', 'cols'],
    about: `${CALCULATE} combine together join make from out into one date time and plus the in together with merge`,
    cost: 0.9,
  }, ({ cols, name }, x) => { const [a, b, more] = cols as string[]; const e = b === undefined || more !== undefined || a === b ? null : momentOf(a!, b, x); return e && add(e, name); }),

  // 'Just the surname of each client in a column Surname'
  frame('part of a person', {
    need: { part: [means('first name|first names|given name|given names|christian name|christian names|forename|forenames', { part: 'first', name: 'First name' }), means('last name|last names|family name|family names|surname|surnames|second name', { part: 'last', name: 'Last name' }), means('middle name|middle names|middle initial', { part: 'middle', name: 'Middle name' })] },
    may: { col: '$col', name: NAME, place: PLACE, none: NONE, only: 'only|just|alone|by itself|nothing else', letter: [means('first letter|first letters|initial|first character', 1), means('first $num:n letters|characters', ({ n }: { n: number }) => n)], style: STYLE },
    many: ['place', 'none', 'only'],
    about: `${CALCULATE} ${TAKE} each every`,
    bars: 'split without no',
    cost: 0.7,
  }, ({ part, col, name, place, letter, style }, x) => {
    const of = (col as string | undefined) ?? personColumn(x);
    if (of === null || !persons(of, x) || (name === undefined && !place)) return null;
    const e = partOf((part as Asked<PersonPart>).part, of, x);
    return e && add(lowered(letter === undefined ? e : { kind: 'letters', side: 'first', count: letter as number, of: e }, style), (name as string | undefined) ?? (letter === undefined ? (part as Asked<PersonPart>).name : undefined));
  }),

  frame('initials', {
    need: { initials: ['~initials', 'initials|initial letters'], col: '$col' },
    may: { name: NAME, place: PLACE, style: ['capitals|in capitals|without dots|no dots|upper case|one per name part|one letter for every part of the name|one letter for each part|one letter per name|one for every name', '~open no dots ~close'], example: [means('like|eg|e.g|as|so|such|say as? ^$word:w', ({ w }: { w: string }) => (/^\p{Lu}{2,4}$/u.test(w) ? w : null)), 'like|eg|e.g|as $word for $value', 'like|eg|e.g|as $word for $word $word'] },
    many: ['style', 'place', 'initials'],
    about: `${CALCULATE} make from of without dots no points one letter per part name names capitals`,
    cost: 0.7,
  }, ({ col, name }, x) => (texts(col, x) ? add({ kind: 'initials', of: column(col) }, name) : null)),

  frame('joined', {
    need: { cols: '$col', join: ['with|of|from|join|joined|joins|combine|combined|together|put together|glue|glued|followed by|and then|then|plus|concatenate|merge|label', '~join'] },
    may: {
      mark: ['separated|divided|parted|joined by|with|using? a|an? $mark ~betweenThem?', 'with|by|using|then|, ,? $text ~betweenThem|then|in?', '$text between|in ~betweenThem?', means('$text', undefined, 0.1), 'with|by|and a? $mark ~betweenThem|between|in? between?', means('a colon|colon', ': '), means('a space|space', ' '), means('a comma|comma', ', '), means('a dash|a hyphen|dash', ' - '), means('-', ' - ', 0.1)],
      brackets: 'in brackets|in parentheses|in round brackets', name: NAME, place: PLACE,
      alone: ["~if there's|there|we|it is|are|have|has? no $col ,? then? only|just the? $col on? its? own?", '~if|~wherever the? $col ~be ~blankWord ,? only|just use|take|write|show|put|have? the? $col on? its? own?', 'only|just use|take|write|show|put the? $col ~if|~wherever the? $col ~be ~blankWord', 'no $col|$noun ,? then? just|only the $col|$noun on? its? own?', 'and? only|just the? $col ~if|~wherever the? $col ~be ~blankWord', 'leave the dash away|leave away the dash', '~if|~wherever there is|are no $col ,? just|only the $col on? its? own?', 'leave the dash|comma|mark away|out|off ~if|~wherever there is no $col', 'no $col ,? then? just|only the $word|$col'],
      example: ['like|eg|e.g|as $text', 'so $text', 'like|eg|e.g|as $value / $value', 'like|eg|e.g|as $value - $value'],
    },
    many: ['alone', 'join', 'place', 'cols'],
    about: `${CALCULATE} join joined together between in them one text make from out number and then the a its`,
    cost: 0.7,
  }, ({ cols, mark, brackets, name }) => {
    const [a, b, more] = [...new Set(cols as string[])];
    if (a === undefined || b === undefined || more !== undefined || a === b || name === undefined) return null;
    if (brackets) return mark === undefined ? add({ kind: 'written', of: [column(a), { kind: 'text', value: ' (' }, column(b), { kind: 'text', value: ')' }] }, name) : null;
    return mark === undefined ? null : add({ kind: 'join', of: [column(a), column(b)], separator: spaced(mark as string) }, name);
  }),
];
