import { plans, type Act, type Context } from '../../language/acts';
import { rule } from '../../language/chart';
import { passes, type ColumnTest, type SurveyPlan } from './step';

const act = (show: SurveyPlan['show'], test: ColumnTest): Act => plans({ step: 'survey', show, test });
const filled = (op: 'less than' | 'at most' | 'more than' | 'at least', percent: number): ColumnTest | null => (percent >= 0 && percent <= 100 ? { kind: 'filled', op, percent } : null);
const OPPOSITE = { 'less than': 'more than', 'at most': 'at least', 'more than': 'less than', 'at least': 'at most' } as const;
const blankIn = (op: keyof typeof OPPOSITE, percent: number): ColumnTest | null => filled(OPPOSITE[op], 100 - percent);
/** 'Hardly filled': in fewer than one row of twenty. */
const NEARLY: ColumnTest = { kind: 'filled', op: 'less than', percent: 5 };

/** The columns that pass, by what is known of them. */
export const passing = (t: ColumnTest, { head }: Context): string[] =>
  head.columns.filter(({ name }) => { const g = head.glances?.get(name); return g !== undefined && g.rows > 0 && passes(t, g); }).map((c) => c.name);

const dropping = (t: ColumnTest, x: Context): Act | null => { const columns = passing(t, x); return columns.length && columns.length < x.head.columns.length ? plans({ step: 'drop', columns }) : null; };

export const phrases = [
  rule('howFilled', '~less', () => 'less than', 0),
  rule('howFilled', '~most', () => 'at most', 0),
  rule('howFilled', '~more', () => 'more than', 0),
  rule('howFilled', '~least', () => 'at least', 0),
  rule('colTest', '~be? $howFilled:h $pct:p ~filledWord|full|populated|complete', ({ h, p }) => filled(h, p), 0),
  rule('colTest', '~be? ~filledWord|full|populated in? $howFilled:h $pct:p of? the|all? $rows?', ({ h, p }) => filled(h, p), 0),
  rule('colTest', '~be? $howFilled:h $pct:p ~blankWord', ({ h, p }) => blankIn(h, p), 0),
  rule('colTest', '~be? ~blankWord in? $howFilled:h $pct:p of? the|all? $rows?', ({ h, p }) => blankIn(h, p), 0),
  rule('colTest', '~be? $void', () => ({ kind: 'filled', op: 'at most', percent: 0 }), 0),
  rule('colTest', '~withA $void', () => ({ kind: 'filled', op: 'at most', percent: 0 }), 0),
  rule('colTest', '~be? nearly|almost|mostly|practically|hardly|barely|as good as? ~blankWord', () => NEARLY, -0.1),
  rule('colTest', '~be? hardly|barely|scarcely ever? ~filledWord|used', () => NEARLY, -0.1),
  rule('colTest', '~withA hardly|barely|almost|nearly any|anything|nothing values|value? in|inside? it|them?', () => NEARLY, -0.1),
  rule('colTest', '~be? completely|entirely|fully|totally|always ~filledWord|full|complete', () => ({ kind: 'filled', op: 'at least', percent: 100 }), 0.05),
  rule('colTest', '~not completely|entirely|fully|totally|always|all|quite? ~filledWord|full|complete', () => ({ kind: 'filled', op: 'less than', percent: 100 }), 0),
  rule('colTest', '~withA blanks|gaps|holes|blank|missing|any|some blanks|gaps|holes|values|cells? in? it|them?', () => ({ kind: 'filled', op: 'less than', percent: 100 }), 0.05),
  rule('colTest', '~withA no|without any? blanks|gaps|holes|missing|blank? values|cells?', () => ({ kind: 'filled', op: 'at least', percent: 100 }), 0),
  rule('colTest', '~withA only|just one|a|the single|same|one? value|entry everywhere|throughout|in|it|them?', () => ({ kind: 'one value' }), 0),
  rule('colTest', '~withA the? same value in|for every|each|all? $rows|where|everywhere|throughout', () => ({ kind: 'one value' }), 0),
  rule('colTest', '~be constant', () => ({ kind: 'one value' }), 0.1),
  rule('colTest', '~be always? the same', () => ({ kind: 'one value' }), 0.1),

  rule('clause', 'which|what|list|name|show|tell of? me? the|all|any? columns|fields ~be|~rel|there? $colTest:t', ({ t }) => act('list', t), -0.2),
  rule('clause', 'which|what|list|name|show|find me|all? the? columns|fields $colTest:t', ({ t }) => act('list', t), -0.2),
  rule('clause', 'which|what|list|name|show me|all? the? $colTest:t columns|fields', ({ t }) => act('list', t), -0.2),
  rule('clause', 'are|is|do|does there|we|i|it? have? any|some? columns|column|fields ~rel? $colTest:t', ({ t }) => act('list', t), -0.2),
  rule('clause', '~countWord the? columns|fields ~be? ~rel? there? $colTest:t', ({ t }) => act('count', t), -0.3),
  rule('clause', '~countWord the? $colTest:t columns|fields are|is? there?', ({ t }) => act('count', t), -0.3),
  rule('clause', '~countWord columns|fields are|is|does|do? there|it|the|this|table? table? have|has|in|all? here|the|total? table?', () => act('count', { kind: 'any' }), -0.3),
  rule('clause', 'what|which columns|fields are|do there|we? have?', () => act('list', { kind: 'any' }), 0),
  rule('clause', '~drop every|any|all? the? ~column ~rel ~be? $colTest:t', ({ t }, x: Context) => dropping(t, x), 0),
  rule('clause', '~drop every|any|all? the? ~column $colTest:t', ({ t }, x: Context) => dropping(t, x), 0.02),
  rule('clause', '~drop every|any|all? the? $colTest:t ~column', ({ t }, x: Context) => dropping(t, x), 0),
  rule('clause', '~drop everything|anything ~rel? $colTest:t', ({ t }, x: Context) => dropping(t, x), 0.1),
  rule('void', 'completely|entirely|totally|all? ~blankWord', () => true, 0),
  rule('void', 'nothing in it|them at? all?', () => true, 0),
].flat();
