import { plans } from '../../language/acts';
import { rule } from '../../language/chart';

const act = (column: string, among?: readonly string[]) => (among?.includes(column) ? null : plans({ step: 'relate', column, ...(among ? { with: among } : {}) }));

export const phrases = [
  rule('goesWith', 'go|goes|going with', () => true, 0),
  rule('goesWith', 'is|are related|linked|connected|tied to|with', () => true, 0),
  rule('goesWith', 'correlate|correlates|correlated with', () => true, 0),
  rule('goesWith', 'is|are correlated with', () => true, 0),
  rule('goesWith', 'influence|influences|affect|affects|drive|drives|explain|explains|determines|determine', () => true, 0),
  rule('clause', '~tellMe? what|which columns|column|fields|factors|things? $goesWith the? $col:c most|best|strongest?', ({ c }) => act(c), 0),
  rule('clause', 'what does|do|is|are the? $col:c depend|depends|correlate|correlates|go|related|linked on|with|to', ({ c }) => act(c), 0),
  rule('clause', 'what ~be the? correlation|relation|relationship|link between|of the? $col:a and|with|to the? $col:b', ({ a, b }) => act(b, [a]), 0),
  rule('clause', '~tellMe? the? correlation|correlations|relation|relationship|link between|of the? $col:a and|with|to the? $col:b', ({ a, b }) => act(b, [a]), 0),
  rule('clause', '~tellMe? the? correlation|correlations of|for the? $col:c with everything|all|the? other|others? columns?', ({ c }) => act(c), 0),
  rule('clause', 'correlate the? $col:a with|and the? $col:b', ({ a, b }) => act(b, [a]), 0),
].flat();
