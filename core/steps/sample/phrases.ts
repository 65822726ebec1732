import { amend, plans } from '../../language/acts';
import { rule } from '../../language/chart';
import { type Entailed, keepsSome } from '../../language/entailed';

/** Samples are drawn with a seed on record, so that the same sentence draws the same rows again. */
const SEED = 1;
const draw = (share: number) => (share > 0 && share <= 100 ? plans({ step: 'sample', share, seed: SEED }) : null);

export const phrases = [
  rule('portion', 'a? half', () => 50, 0),
  rule('portion', 'a? third', () => 100 / 3, 0),
  rule('portion', 'a? quarter', () => 25, 0),
  rule('portion', 'a? tenth', () => 10, 0),
  rule('portion', '$pct:p', ({ p }) => p, 0),
  rule('portion', '$num:a in|of|from|out of? every? $num:b', ({ a, b }) => (a < b ? (100 * a) / b : null), -0.2),
  rule('clause', '~draw|~keep $portion:p of? all? the? $rows|$guess|$noun ~random', ({ p }) => draw(p), -0.1),
  rule('clause', '$portion:p of? the? $rows|$guess ~random', ({ p }) => draw(p), 0.1),
  rule('clause', 'a? ~random $portion:p of? the? $rows|$guess', ({ p }) => draw(p), 0.1),
  rule('clause', '~draw|~keep a? ~random $portion:p of? the? $rows|$guess', ({ p }) => draw(p), 0),
  rule('clause', '~draw|~keep $portion:p of? the? $rows|$guess ~random', ({ p }) => draw(p), 0),
  rule('clause', '~draw|~keep a? ~random sample of? $portion:p of? the? $rows|$guess?', ({ p }) => draw(p), 0),
  rule('shares', 'the? same proportion|proportions|share|shares|ratio|mix', () => true, 0),
  rule('asNow', 'as before|now', () => true, 0),
  rule('asNow', 'as they|it are|is now', () => true, 0),
  rule('rider', 'with|keeping|in $shares of|between $values:v', ({ v }) => by(v[0].column), 0),
  rule('rider', 'with|keeping|where $values:v in $shares $asNow?', ({ v }) => by(v[0].column), 0),
  rule('rider', 'with|keeping|where $col:c in $shares $asNow?', ({ c }) => by(c), 0),
  rule('rider', 'in|keeping|with $shares of|for $col:c $asNow?', ({ c }) => by(c), 0),
  rule('rider', 'while|whilst|and|but? preserving|preserve|keeping|maintaining|respecting|retaining the? ratio|share|shares|proportion|proportions|mix|balance|distribution of|between? $value:v (to|and|versus|vs $value)?', ({ v }) => by(v.column), -0.1),
  rule('rider', 'while|whilst|and|but? preserving|preserve|keeping|maintaining|respecting|retaining the? ratio|share|shares|proportion|proportions|mix|balance|distribution of|between|by? the? $col:c', ({ c }) => by(c), -0.1),
  rule('rider', 'stratified|balanced|spread|proportional by|over|on|across|to $col:c', ({ c }) => by(c), 0),
].flat();

const by = (column: string) => amend(`sample by ${column}`, (plan) => (plan.step === 'sample' ? { ...plan, by: [column] } : null));

export const entailed: readonly Entailed[] = keepsSome((plan) => plan.step === 'sample');
