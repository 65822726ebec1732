import type { Rule } from '../language/chart';
import { phrases as ask } from './ask/phrases';
import { phrases as calculate } from './calculate/phrases';
import { phrases as check } from './check/phrases';
import { phrases as convert } from './convert/phrases';
import { phrases as copy } from './copy/phrases';
import { phrases as define } from './define/phrases';
import { phrases as distinct } from './distinct/phrases';
import { phrases as drop } from './drop/phrases';
import { phrases as fill } from './fill/phrases';
import { phrases as filter } from './filter/phrases';
import { phrases as forecast } from './forecast/phrases';
import { phrases as mask } from './mask/phrases';
import { phrases as move } from './move/phrases';
import { phrases as pick } from './pick/phrases';
import { phrases as relate } from './relate/phrases';
import { phrases as rename } from './rename/phrases';
import { phrases as replace } from './replace/phrases';
import { phrases as sample } from './sample/phrases';
import { phrases as sort } from './sort/phrases';
import { phrases as spell } from './spell/phrases';
import { phrases as split } from './split/phrases';
import { phrases as standardise } from './standardise/phrases';
import { phrases as survey } from './survey/phrases';
import { phrases as take } from './take/phrases';
import { phrases as tidy } from './tidy/phrases';

/** The ways to ask for every step. */
export const STEP_PHRASES: readonly Rule[] = [split, calculate, filter, replace, tidy, fill, convert, spell, standardise, mask, rename, drop, move, copy, pick, sort, take, sample, distinct, check, define, ask, survey, relate, forecast].flat();
