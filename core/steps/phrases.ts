import type { Rule } from '../language/chart';
import type { Entailed } from '../language/entailed';
import type { Frame } from '../language/frames';
import { frames as convertFrames } from './convert/frames';
import { frames as fillFrames } from './fill/frames';
import { frames as dropFrames } from './drop/frames';
import { frames as hideFrames } from './hide/frames';
import { frames as showFrames } from './show/frames';
import { frames as moveFrames } from './move/frames';
import { frames as pickFrames } from './pick/frames';
import { frames as renameFrames } from './rename/frames';
import { frames as replaceFrames } from './replace/frames';
import { frames as splitFrames } from './split/frames';
import { frames as flagFrames } from './calculate/flag-frames';
import { frames as lookupFrames } from './calculate/lookup-frames';
import { frames as knownFrames } from './calculate/known-frames';
import { frames as spellingFrames } from './calculate/spelling-frames';
import { frames as textFrames } from './calculate/text-frames';
import { frames as filterFrames } from './filter/frames';
import { frames as takeFrames } from './take/frames';
import { frames as sampleFrames } from './sample/frames';
import { frames as distinctFrames } from './distinct/frames';
import { frames as sortFrames } from './sort/frames';
import { frames as numberFrames } from './calculate/number-frames';
import { frames as askFrames } from './ask/frames';
import { frames as spellFrames } from './spell/frames';
import { frames as tidyFrames } from './tidy/frames';
import { phrases as ask } from './ask/phrases';
import { entailed as calculateEntails, phrases as calculate } from './calculate/phrases';
import { phrases as check } from './check/phrases';
import { entailed as convertEntails, phrases as convert } from './convert/phrases';
import { phrases as copy } from './copy/phrases';
import { phrases as define } from './define/phrases';
import { entailed as distinctEntails, phrases as distinct } from './distinct/phrases';
import { phrases as drop } from './drop/phrases';
import { entailed as fillEntails, phrases as fill } from './fill/phrases';
import { entailed as filterEntails, phrases as filter } from './filter/phrases';
import { phrases as forecast } from './forecast/phrases';
import { phrases as mark } from './mark/phrases';
import { phrases as mask } from './mask/phrases';
import { phrases as move } from './move/phrases';
import { phrases as pick } from './pick/phrases';
import { phrases as relate } from './relate/phrases';
import { phrases as rename } from './rename/phrases';
import { phrases as replace } from './replace/phrases';
import { phrases as reshape } from './reshape/phrases';
import { entailed as sampleEntails, phrases as sample } from './sample/phrases';
import { phrases as sort } from './sort/phrases';
import { entailed as spellEntails, phrases as spell } from './spell/phrases';
import { entailed as splitEntails, phrases as split } from './split/phrases';
import { phrases as spread } from './spread/phrases';
import { phrases as stack } from './stack/phrases';
import { phrases as standardise } from './standardise/phrases';
import { phrases as survey } from './survey/phrases';
import { entailed as takeEntails, phrases as take } from './take/phrases';
import { phrases as tidy } from './tidy/phrases';

/** The ways to ask for every step. */
export const STEP_PHRASES: readonly Rule[] = [split, spread, stack, calculate, filter, replace, reshape, tidy, fill, convert, spell, standardise, mark, mask, rename, drop, move, copy, pick, sort, take, sample, distinct, check, define, ask, survey, relate, forecast].flat();

/** The ways to ask for steps whose words may stand in any order. */
export const STEP_FRAMES: readonly Frame[] = [askFrames, convertFrames, distinctFrames, filterFrames, sampleFrames, sortFrames, takeFrames, dropFrames, hideFrames, showFrames, fillFrames, moveFrames, numberFrames, pickFrames, renameFrames, replaceFrames, spellFrames, splitFrames, flagFrames, knownFrames, lookupFrames, spellingFrames, textFrames, tidyFrames].flat();

/** Words that say of a step what it does anyway. */
export const STEP_ENTAILED: readonly Entailed[] = [calculateEntails, convertEntails, distinctEntails, fillEntails, filterEntails, sampleEntails, spellEntails, splitEntails, takeEntails].flat();
