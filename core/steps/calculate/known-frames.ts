import { column, number, type Case, type Condition, type Expression } from '../../formula/expression';
import type { Act, Context } from '../../language/acts';
import { rule, type Rule } from '../../language/chart';
import { frame, means, type Frame } from '../../language/frames';
import { mostly } from '../../language/grammar/kinds';
import { findColumn } from '../../table/table';
import { readFeeling } from '../../values/feeling';
import { finder } from '../../values/find';
import { countryOfPlace } from '../../values/places';
import { add } from './adding';
import { NAME, NONE, PLACE } from './frame-parts';

/* What is known without any other table: the country of a place, how a text feels, whether a mail address is one of a free service. */

const ABOUT = 'depending sounds sound saying how tone reads read feels seems add write put make give show get find look up work worked out determine tell say derive fetch note name mark tag label sort classify class grade rate split divide group read go going judging based on by from with a an the each every all of for to in into is are it its it\'s they them their this that these those as at or and which what whether if does do did we i you would like want need please new extra column columns next beside behind row rows english names name spelled spelt was were where lies lie lay situated located belongs belong according worked just only one either own there so reply replies word words somebody someone people whole text texts judge decide seem seems sound sounds';

const textColumns = (x: Context): string[] => x.head.columns.filter((c) => c.type === 'text').map((c) => c.name);
/** The only one of the named columns that is of the sort; where none is named, the only column that is. */
function ofSort(named: readonly string[] | undefined, x: Context, test: (name: string) => boolean): string | null {
  const found = textColumns(x).filter((name) => (!named || named.includes(name)) && test(name));
  return found.length === 1 ? found[0]! : null;
}

/** Towns for the most part, whose country is not written beside them. */
const places = (x: Context) => (name: string): boolean => mostly(name, x, (v) => { const found = countryOfPlace(v); return found !== null && found.country !== v.trim() && !/[,;/]| [-–] /.test(v); });
/** No table has the countries written down: then they are looked up there. */
const noCountries = (x: Context): boolean => [x.head, ...(x.head.others?.values() ?? [])].every((h) => !h.columns.some((c) => /countr|nation/i.test(c.name)));

/** Where people say what they think. */
const OPINIONS = /feedback|comment|review|opinion|remark|verdict|testimonial|impression|reply|response|complaint/i;
/** The column that is spoken of as `ofSort` has it; of several without a name the only one whose heading says that it holds opinions. */
function opinions(named: readonly string[] | undefined, x: Context): string | null {
  const one = ofSort(named, x, prose(x)), told = named ? [] : textColumns(x).filter((name) => OPINIONS.test(name) && prose(x)(name));
  return one ?? (told.length === 1 ? told[0]! : null);
}

const words = (text: string): number => text.trim().split(/\s+/).length;
/** Texts that people wrote, whose words tell for the most part how they feel. */
const prose = (x: Context) => (name: string): boolean => mostly(name, x, (v) => words(v) > 1, 0.6) && mostly(name, x, (v) => readFeeling(v).score !== 0, 0.5);

interface Feel { readonly said: string; readonly sign: 1 | 0 | -1 }
const FEELINGS: readonly (readonly [Feel['sign'], string])[] = [
  [1, 'happy|positive|good|pleased|satisfied|content|favourable|favorable|glad|delighted|praise|praising|liked|enthusiastic|friendly|upbeat|kind'],
  [-1, 'unhappy|negative|bad|displeased|dissatisfied|discontent|unfavourable|unfavorable|angry|annoyed|upset|disappointed|complaint|complaining|critical|disliked|unfriendly|cross|poor|unkind|unsatisfied'],
  [0, 'neutral|mixed|indifferent|unclear|undecided|so-so|neither|balanced'],
];

const SIGNS = new Map(FEELINGS.flatMap(([sign, words]) => words.split('|').map((w) => [w, sign] as const)));

const felt = (of: string): Expression => ({ kind: 'feeling', of: column(of) });
const sounds = (of: string, sign: Feel['sign']): Condition => ({ kind: 'compare', op: sign > 0 ? '>' : sign < 0 ? '<' : '=', left: felt(of), right: number(0) });
const text = (value: string): Expression => ({ kind: 'text', value });

/** A word for those that sound pleased and one for those that do not; blank where the words do not tell, unless there is one for that too. */
function feelings(labels: readonly Feel[], named: readonly string[] | undefined, name: string | undefined, x: Context): Act | null {
  const of = opinions(named, x);
  if (of === null || new Set(labels.map((l) => l.sign)).size !== labels.length || !labels.some((l) => l.sign > 0) || !labels.some((l) => l.sign < 0)) return null;
  const cases = labels.map(({ said, sign }): Case => ({ when: sounds(of, sign), then: text(said) }));
  return add({ kind: 'choose', cases, otherwise: { kind: 'blank' } }, name);
}

/** Yes where a text sounds so, no where it sounds otherwise. */
function yesNoFeeling(sign: Feel['sign'], named: string | undefined, name: string | undefined, x: Context): Act | null {
  const of = sign === 0 ? null : opinions(named === undefined ? undefined : [named], x);
  return of === null ? null : add({ kind: 'choose', cases: [{ when: sounds(of, sign), then: text('yes') }, { when: sounds(of, sign > 0 ? -1 : 1), then: text('no') }], otherwise: { kind: 'blank' } }, name);
}

type MailSort = 'free' | 'own';
const sortOfMail = (word: string): MailSort | null => (/^(?:free|private|personal|freemail|webmail|public)$/i.test(word) ? 'free' : /^(?:own|organi[sz]ations?|company|companies|business|firm|corporate|work|professional|institutional)$/i.test(word) ? 'own' : null);
const anAddress = finder({ kind: 'sort', sort: 'email' });
const mails = (x: Context) => (name: string): boolean => mostly(name, x, (v) => anAddress(v).length > 0, 0.5);
const freeMail = (of: string): Condition => ({ kind: 'holds', what: { kind: 'sort', sort: 'free mail' }, of: column(of) });
const mailPair = (a: string, b: string) => { const [s, t] = [sortOfMail(a), sortOfMail(b)]; return s && t && s !== t ? [{ said: a.toLowerCase(), sort: s }, { said: b.toLowerCase(), sort: t }] : null; };
/** 'Free or own' of mail addresses; blank where there is none. */
function mailSorts(labels: readonly { readonly said: string; readonly sort: MailSort }[], named: readonly string[] | undefined, name: string | undefined, x: Context): Act | null {
  const of = ofSort(named, x, mails(x));
  if (of === null || labels.length !== 2 || labels[0]!.sort === labels[1]!.sort) return null;
  const [free, own] = [labels.find((l) => l.sort === 'free')!, labels.find((l) => l.sort === 'own')!];
  return add({ kind: 'choose', cases: [{ when: freeMail(of), then: text(free.said) }, { when: { kind: 'holds', what: { kind: 'sort', sort: 'email' }, of: column(of) }, then: text(own.said) }], otherwise: { kind: 'blank' } }, name);
}

/** 'New column' is no name. */
const called = (name: string | undefined): string | undefined => (name !== undefined && /^(?:new|another|extra)$/i.test(name) ? undefined : name);

export const frames: readonly Frame[] = [
  frame('country of a place', {
    need: { what: 'country|countries|land|nation' },
    may: { col: '$col', name: NAME, place: PLACE, none: NONE, unknown: 'leave unknown ones empty|empty if it is not known|blank if unknown|empty if unknown|blank where it is not clear|empty where it is unclear|leave it empty if unknown|leave it blank if unknown|empty if unknown|if unknown leave it empty|leave it empty if it is not known|blank if it is not known' },
    many: ['col', 'place', 'none'],
    about: `${ABOUT} city cities town towns place places village lives live based shot taken held home english`,
    bars: 'per code codes currency capital phone tax',
    cost: 0.5,
  }, ({ col, name }, x) => {
    const of = noCountries(x) ? ofSort(col, x, places(x)) : null;
    return of === null ? null : add({ kind: 'country', of: column(of) }, called(name));
  }),

  frame('told by feeling', {
    need: { labels: '$feels' },
    may: { col: '$col', name: NAME, place: PLACE, none: NONE, asked: "did|do|does|was|were|is|are the? $word|$col|$noun? like|love|enjoy|pleased|happy|satisfied (with)? it|them|this|that?", who: 'customers|clients|guests|visitors|people|reviewers|members|patients|pupils|owners|readers|buyers|tenants|comments|reviews|notes|remarks|feedback|opinions|voices|texts|answers' },
    many: ['col', 'place', 'none', 'who'],
    about: ABOUT,
    bars: 'per mentions score number',
    cost: 0.5,
  }, ({ labels, col, name }, x) => feelings(labels, col, called(name), x)),

  frame('free or own mail', {
    need: { labels: '$mailSorts' },
    may: { col: '$col', name: NAME, place: PLACE, none: [...NONE, means('~blankOut|nothing|leave|~blankWord it? ~blankWord? when|where|if there is|are $noAddress', true), means('~blankWord|nothing ~without $noAddress', true), means('~blankWord|nothing ~without an|a|any? ~emailWord|address|one|mail', true)], cue: ['~emailWord', 'mail services|mail service|services|service|provider|providers|webmail|free mail|domain|domains|address|addresses'], kind: '$mailKind' },
    many: ['col', 'place', 'none', 'cue', 'kind'],
    about: `${ABOUT} company companies invitations invitation free private personal organisation organization firm business the own their his her`,
    bars: 'per',
    cost: 0.5,
  }, ({ labels, col, name }, x) => mailSorts(labels, col, called(name), x)),
];

export const knownRules: readonly Rule[] = [
  rule('feel', '$word:w', ({ w }) => { const said = w.toLowerCase(), sign = SIGNS.get(said); return sign === undefined ? null : { said, sign }; }, 0.05),
  // 'Is the customer happy? yes / no by comment'
  rule('clause', '(~add ~column ~named? ^$name:n :|,|-?)? ~be|did|do|does the|our|each|every|this? $rows|$noun|$guess|$col|$word|people|they $feel:f (with|about|by|in|from it|this|that|us|the? $col)? ,|:|.|-|?? ~open? yes or|/|and no ~close? (going|judging|based|according)? (by|from|on|to|in the|their|its? $col:c)?', ({ n, f, c }, x: Context) => yesNoFeeling(f.sign, c, n, x), -0.6),
  rule('feels', '$feel:a or|and|/|vs|versus|from $feel:b', ({ a, b }) => (a.sign !== b.sign ? [a, b] : null), 0),
  rule('feels', '$feel:a , $feel:b ,? or|and? $feel:c', ({ a, b, c }) => (new Set([a.sign, b.sign, c.sign]).size === 3 ? [a, b, c] : null), 0),
  rule('mailSorts', '^$word:a mail|mailer|e-mail|email|service|provider|address? or|and|/|vs an|a|the|one|their|its? own? ^$word:b domain|address|mail|e-mail|email|one', ({ a, b }) => mailPair(a, b), -0.1),
  rule('mailSorts', '^$word:a or|and|/|vs an|a|the|one|their|its? own? ^$word:b', ({ a, b }) => mailPair(a, b), 0),
  rule('freeService', 'one|at|with|from of? the|a|an|any? free|webmail mail|e-mail|email|webmail? services|service|providers|provider|addresses|address', () => true, 0),
  rule('freeService', 'addresses|address? at|with|from|like? gmail|hotmail|yahoo|outlook ,|and|or? gmail|hotmail|yahoo|outlook? ,|and|or? gmail|hotmail|yahoo|outlook|the? like|so|others|similar|co|etc|ones? on?', () => true, 0),
  rule('mailKind', '$freeService', () => true, 0),
  rule('mailKind', 'one|at|with|from of? the|a|an|any? private|personal|public mail|e-mail|email services|service|providers|provider|addresses|address', () => true, 0),
  rule('mailKind', 'an|the|their|a|its? organisation|organization|company|firm|business|employer|domain (with|of|having)? a|an|their|its|his? own? (domain)?', () => true, 0.05),
  rule('noAddress', 'no|not a|an|any? proper|real|valid|right|usable? ~emailWord|address|one', () => true, 0),
  rule('cond', '$col:c ~be|sounds|sound|reads|read|seems|seem|feels (rather|quite|mostly|more)? $feel:f', ({ c, f }, x: Context) => (f.sign !== 0 && findColumn(x.head.columns, c)?.type === 'text' && prose(x)(c) ? sounds(c, f.sign) : null), 0.1),
  rule('cond', '$col:c ~be $freeService', ({ c }, x: Context) => (mails(x)(c) ? freeMail(c) : null), 0),
  rule('cond', 'at|with|from|has|have|having|uses|use|using $freeService', (_s, x: Context) => { const of = ofSort(undefined, x, mails(x)); return of && freeMail(of); }, 0.4),
  rule('cond', '~be|sounds|sound|reads|seems|seem|feels|felt (rather|quite|mostly|very|really)? $feel:f', ({ f }, x: Context) => { const of = f.sign === 0 ? null : opinions(undefined, x); return of && sounds(of, f.sign); }, 0.2),
  rule('rset', 'the? $feel:f ^$rows|$guess|ones|people|customers|guests|visitors|members|reviews|comments', ({ f }, x: Context) => { const of = f.sign === 0 ? null : opinions(undefined, x); return of && sounds(of, f.sign); }, 0.2),
  rule('ex0', 'sentiment|feeling|mood|tone score? of|in|from the? $col:c', ({ c }, x: Context) => (findColumn(x.head.columns, c)?.type === 'text' && prose(x)(c) ? felt(c) : null), 0),
].flat();
