import { plans } from '../../language/acts';
import { rule } from '../../language/chart';

export const phrases = [
  rule('clause', 'without the? $cols:c please|now?', ({ c }) => plans({ step: 'drop', columns: c }), 0.6),
  rule('clause', 'only|just ~drop the? $cols:c', ({ c }) => plans({ step: 'drop', columns: c }), 0.2),
  rule('clause', 'no the? ^$cols:c columns|column|fields (please|thanks|any more)?', ({ c }) => plans({ step: 'drop', columns: c }), -0.3),
  rule('clause', 'no $cols:c needed|required|wanted|necessary', ({ c }) => plans({ step: 'drop', columns: c }), 0),
  rule('clause', '~drop column|columns? $cols:c column|columns|altogether|entirely|completely?', ({ c }) => plans({ step: 'drop', columns: c }), 0.1),
  rule('clause', '~unwanted column|columns? $cols:c column|columns|anymore|any|more? more?', ({ c }) => plans({ step: 'drop', columns: c }), 0.1),
  rule('clause', '$cols:c column|columns? ~unwanted', ({ c }) => plans({ step: 'drop', columns: c }), 0.1),
  rule('clause', '~unwanted $cols:c ,|;|.|so|and $dropThem', ({ c }) => plans({ step: 'drop', columns: c }), 0),
  rule('clause', "the? $word|$noun|$guess doesn't|don't|never|won't ever? look|looks|use|uses|need|needs|read|reads|want|wants at? the? $cols:c ,|.|;? so|and|please? please? $dropThem", ({ c }) => plans({ step: 'drop', columns: c }), -0.2),
  rule('dropThem', '~drop those|these|them|it|the? two|three? columns|column?', () => true, 0),
  rule('dropThem', 'take|throw|leave those|these|them|it|the? two|three? columns|column? away|out|off', () => true, 0),
  rule('clause', '$cols:c that|which? i|we want|wanted|meant|mean|wish|wished to ~drop|off', ({ c }) => plans({ step: 'drop', columns: c }), 0),
  rule('clause', 'it|that was|is $cols:c that|which? i|we want|wanted|meant|mean|wish|wished to ~drop|off', ({ c }) => plans({ step: 'drop', columns: c }), 0),
  rule('clause', 'take|throw|leave|cut column|columns? $cols:c column|columns? away|out|off', ({ c }) => plans({ step: 'drop', columns: c }), 0.1),
  rule('clause', '~unwanted $cols:c any? more|longer?', ({ c }) => plans({ step: 'drop', columns: c }), 0.1),
  rule('clause', '~drop everything|anything|all|whatever|columns|column is? to|about|having|related|that|which is? do|to? to? with? $family:f', ({ f }) => plans({ step: 'drop', columns: f }), -0.3),
].flat();
