import { crossed } from './crossed';

/* Ways to say a thing that several classes and frames share, put together from their parts. */

const MUST = 'can|may|should|shall|could|must|will|might|can all|has to|have to|needs to|need to|ought to|is to|are to|might as well|may as well|can happily';

/** That something is to be gone: 'needs to go', 'should be removed'. */
export const TO_GO = [crossed(MUST, 'go|go away|leave|disappear|vanish|come out|get out'), crossed(MUST, 'be', 'taken off the list|taken off|struck off|off the list|removed from the list|removed|dropped|deleted|thrown out|thrown away|left out|taken out|discarded|gone|out|set aside|omitted|excluded|cut|ignored')].join('|');

const OTHER_ROWS = 'rest|others|all others|all the others|other ones|other rows|all other rows|all the other rows|remaining ones|remaining rows|remainder|rest of them|rest of it|everything else|anything else|all else|all the rest';
const THE_OTHERS = [crossed('the', OTHER_ROWS), OTHER_ROWS].join('|');

/** That the other rows are not wanted. */
export const OTHERS_GONE = [
  crossed('drop|remove|delete|forget|forget about|leave out|discard|throw away|throw out|get rid of|ignore|lose|skip|set aside|cut|omit|exclude|no need for', THE_OTHERS),
  crossed('throw|leave|take|put|get|cut', THE_OTHERS, 'away|out|aside|off'),
  crossed(THE_OTHERS, TO_GO),
  crossed(THE_OTHERS, 'away|out|gone|aside|is not needed|are not needed|not needed|is of no interest|are of no interest|is of no use|are of no use|is of no use to me|is of no use to us|of no use|of no interest|not wanted|is not wanted|are not wanted'),
  crossed('|and ', "nothing else|no others|no more|none other|nothing more|no other rows|nobody else"),
  "no more and no less|no more no less|only those|only these|just those|just these",
].join('|');

const EACH_WORD = crossed('each|every|all|all the|each of the|both', 'word|name|words|names|part|parts|part of the name|part of a name|parts of the name');
const A_CAPITAL = 'capital|a capital|capitals|capital letter|a capital letter|capital letters|an initial capital|a big letter|an upper case letter|upper case|a capital first =letter|an upper-case letter|a large letter';

/** That each word begins with a capital. */
export const CAPITALS = [
  crossed(A_CAPITAL, 'on|for|per|at the start of|at the beginning of|at the front of|in front of|to start|to begin|only at the start of|only at the beginning of', EACH_WORD),
  crossed(EACH_WORD, '|starts|start|starting|begins|begin|beginning|should start|should begin|has to start|written|to start|to begin', 'with|in', A_CAPITAL),
  crossed('first|the first|initial|the initial', '=letter|=letters', 'of', EACH_WORD, 'capital|a capital|big|upper case|in capitals|capitalised|in upper case|uppercase|as a capital'),
].join('|');

const FIRST_FIGURE = crossed('the|', 'first|leading', 'figure|number|part|one|two digits|digits');
const THE_DAY = 'day|the day|days|the days', DAY_LEADS = 'first|comes first|always comes first|is first|goes first|stands first|is in front|in front|is up front|up front|leads|is always first|is written first|before the month|comes before the month|goes before the month|before month|is given first|is put first';

/** That in a date the day stands before the month. */
export const DAY_LEADS_IT = [crossed(THE_DAY, DAY_LEADS), crossed(FIRST_FIGURE, 'is|means|stands for|gives|are', 'the day|day')].join('|');
/** That the month stands before the day. */
export const MONTH_LEADS_IT = crossed('month|the month|months', DAY_LEADS.replaceAll('month', 'day'));

/** That the first and the last day of a span belong to it. */
export const BOTH_ENDS = [
  crossed('both|both days|both dates|both of them|both of these|both of those|both ends|both of these days|these two days|the first and the last day|first and last day|the two days themselves|the days themselves|either day', 'included|count|counted|are included|inclusive|count too|count as well|belong to it|to be counted|as well|too'),
  crossed('including|counting|with|includes|incl|incl .|inclusive of', 'both|both days|both ends|both dates|both of them|both of those|the first and the last|the first and the last day|those two days|these two days|these days|those days'),
].join('|');

const OF_EACH = '|of each|of them|of these|of those|in each group|in each case|of its kind|of every group';
const STAYS = 'stays|stay|remains|counts|is kept|should stay|should remain|is to stay|may stay|can stay|survives|must stay|is the one to keep|is the one that counts|is enough';
const place = (ends: string): string => [
  crossed('keep|leave|retain|take|only keep|keep only|just keep|keep just', '|the|only the|just the', ends, 'ones|rows|entries', '|only|alone'),
  crossed('keep|leave|retain|take|hold on to|only keep|keep only|just keep|keep just|leave only|leave just|only leave|only|just|i want|stick to', crossed('the', ends, '|one|row|entry'), OF_EACH),
  crossed(crossed('the|only the|just the', ends, '|one|row|entry|of each|one of each|of them'), STAYS),
  crossed('all but the|everything but the|all except the', ends),
].join('|');

/** That of several rows the first in the list is kept; and the last. */
export const FIRST_STAYS = place('first|topmost|top|upper|uppermost|earliest listed');
export const LAST_STAYS = place('last|lowest|bottom|lowermost|last listed');

const BLANK_CELLS = 'blanks|gaps|empties|blank ones|empty ones|missing ones|blank cells|empty cells|missing cells|blank values|empty values|missing values|blank fields|empty fields';
const BLANKS = [BLANK_CELLS, crossed('the|all|any', BLANK_CELLS)].join('|');
const A_BLANK = "what is blank|what is empty|what's blank|what's empty|whatever is blank|whatever is empty|anything empty|anything blank|an empty cell|a blank|a blank cell|an empty one|blank|empty";

/** That blanks stay what they are. */
export const BLANKS_STAY = [
  crossed(`${BLANKS}|${A_BLANK}`, 'stay|stays|remain|remains|left|remaining|staying|are left|is left|should stay|should remain|must stay|can stay|may stay|are to stay|is to stay|are kept|is kept', 'blank|empty|as they are|as it is|as is|that way|alone|untouched|unchanged'),
  crossed('leave|keep|leaving|keeping|but leave|but keep', `${BLANKS}|${A_BLANK}`, 'blank|empty|as they are|as it is|as is|that way|alone|untouched|unchanged'),
  crossed("do not touch|don't touch|without touching|not touching", BLANKS),
].join('|');

/** That blanks do not count. */
export const BLANKS_IGNORED = [
  crossed("ignoring|ignore|leaving out|leave out|skipping|skip|not counting|don't count|do not count|without counting|disregarding|disregard|leaving aside|leave aside|excluding|exclude|passing over", `${BLANKS}|what is blank|what is empty|what is missing|whatever is missing|anything empty|those without one|the ones without one`),
  crossed(BLANKS, "ignored|left out|skipped|not counted|don't count|do not count|are ignored|are left out|are skipped|are not counted|should not count|shouldn't count|aren't counted|left aside|aside|excluded|are excluded"),
].join('|');

/** That a comma stands before the cents; that one, or a point, only divides thousands; that brackets make an amount negative. */
export const DECIMAL_COMMAS = [
  crossed('comma|commas|the comma|the commas|a comma|decimal comma|the decimal comma', "is|are|stands for|stand for|means|mean|counts as|count as|serves as|is used as|as|for|is for|are for|is there for|is meant as", 'a decimal point|the decimal point|decimal point|decimal points|decimals|the decimals|cents|the cents|pence|the pence|a point|the point|points|a decimal mark|the decimal mark|a decimal comma|decimal commas|decimal sign|the decimal sign|the decimal separator'),
  crossed('treat|read|take|count|see|treating|reading', 'a comma|commas|the comma|the commas', 'as', 'a decimal point|decimal point|the decimal point|decimal points|a point|points|decimals', '|where there is one|where there are any|if there is one'),
  crossed('comma|commas|a comma', 'instead of|in place of|rather than', 'a point|the point|points|a decimal point|the decimal point|decimal points|a dot'),
].join('|');
export const THOUSANDS_MARKS = crossed('dots|the dots|dot|the dot|points|the points|point|the point|commas|the commas|comma|the comma|apostrophes|the apostrophe', 'for|are for|is for|separate|separates|divide|divides|mark|marks|are|is|as|stand for|only mark|just mark', 'thousands|the thousands|thousands separators|thousand separators|a thousands separator|thousands separator|the thousands separator');
export const NEGATIVE_BRACKETS = crossed('brackets|the brackets|parentheses|amounts in brackets|an amount in brackets|a figure in brackets|figures in brackets|numbers in brackets|a number in brackets|one in brackets|ones in brackets|those in brackets|what is in brackets|bracketed amounts|bracketed ones|bracketed figures|bracketed numbers', "mean|means|is|are|stand for|stands for|count as|counts as|make it|should be|to be|become|becomes", 'negative|minus|a minus|a negative|below zero|negatives|negative ones|a minus sign|a negative number|a negative amount|negative amounts|a refund');

const SPACES = 'spaces|blanks|space|whitespace|spacing';
/** That spaces around a text are not wanted; and that one within it is enough. */
export const NO_SPACES = [
  crossed('no|without|without any|get rid of|take away|remove|strip|drop|lose', 'stray|extra|superfluous|surplus|needless|leading|trailing|unnecessary|outer|odd|leading or trailing|leading and trailing|trailing and leading', SPACES),
  crossed('no|without|without any', SPACES, 'around|around it|around them|at the ends|at either end|at both ends|before or after|in front or behind|at the start or end|at the beginning or end|before and after'),
  crossed('stray|extra|superfluous|surplus|needless|leading|trailing|unnecessary|outer|odd', SPACES, 'gone|away|out|off|removed|dropped|taken off|taken out|cut off'),
].join('|');
export const ONE_SPACE = [
  crossed('one|a single|only one|just one|single|only a single|just a single|exactly one|one single', 'space|blank|spaces', '|only|at most|please', 'between|between the|between its|between their', 'words|names|parts|word|them'),
  crossed('no|without|without any', 'double|doubled|multiple|repeated|several|two', SPACES),
  crossed('single|only single|just single', 'spaces|blanks', '|only|please|everywhere|throughout|between'),
].join('|');

const OTHER_LETTERS = 'rest|the rest|rest of it|the rest of it|others|the others|the other =letters|other =letters|everything else|all else|the remaining =letters|the rest of the =letters|the rest of the word|the rest of each word|all other =letters';
/** That all letters but the first are small. */
export const REST_SMALL = crossed('|and|with', OTHER_LETTERS, '|is|are|be|should be|stays|in|as|to be', 'small|lower case|lowercase|small letters|lower case letters|lower');

const BLANK_IT = 'blank|empty|nothing|leave it blank|leave it empty|leave blank|leave empty|stays blank|stays empty|it stays empty|it stays blank|otherwise blank|otherwise empty|left blank|left empty|leave that blank|leave that empty|no entry|a blank|an empty cell|keep it blank|keep it empty|leave the cell empty|leave the cell blank|leaving it blank|leaving it empty';
const NOT_THERE = "if none|if there is none|where there is none|when there is none|if one is missing|where one is missing|if one isn't there|where one isn't there|if it is missing|where it is missing|if missing|where there's none|if there's none|where none is given";
/** That what is not there is left blank. */
export const BLANK_ELSEWHERE = [
  crossed(NOT_THERE, '|,', '|the cell|the field|it', 'stays empty|stays blank|is left empty|is left blank|remains empty|remains blank|should be empty|should be blank|should stay empty|should stay blank'),
  crossed(NOT_THERE, '|,', 'leave it empty|leave it blank|leave empty|leave blank|leave the cell empty|leave the cell blank|just leave it empty|just leave it blank'),
  crossed(BLANK_IT, "if none|if there is none|if there isn't one|if there is no such thing|if not|if it is missing|if missing|if it is not there|if it isn't there|where there is none|where there isn't one|where none|where missing|where it is missing|where it is not there|when there is none|when missing|when not given|if not given|where not given|if there is nothing|where there is nothing|for all others|for all the others|for the others|for the rest|for all the rest|for everyone else|for everybody else|for everything else|everywhere else|elsewhere|otherwise|in all other rows|in the other rows|in all other cases|for the other rows|without one|for those without one|for the ones without one|if nothing is given|where nothing is given|if none is given|where none is given|where none is mentioned|if none is mentioned|where nothing is said|if it doesn't say|where it doesn't say|without an @|with no @|without a mail|without an address|without a number|where there is no @"),
  'otherwise nothing|otherwise blank|otherwise empty|blank otherwise|empty otherwise|nothing otherwise|if there is one|if there is any|if any|if given|where given|where there is one|where it is given|not everybody has both|not everyone has both|some people only gave one of the two|no mail no entry',
].join('|');
