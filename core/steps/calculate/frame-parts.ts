import { crossed } from '../../language/lexicon/crossed';
import { BLANK_ELSEWHERE } from '../../language/lexicon/ways';
import { means } from '../../language/frames';

/* Parts that many frames of calculated columns share. */

/** The name of the new column. */
export const NAME = [
  '~named $name', '~named $properName', '~into|~add ~column ~named $name', means('~column ~named $name', undefined, 0.05), '~into|~add ~column $properName', means('~column $properName', undefined, 0.1), means('in|into|under|as|to ~open? $properName', undefined, 0.15),
  means('~add an? $properName out|from|of', undefined, 0.1), means('$properName counts|weighs|takes|combines', undefined, 0.15), means('$properName as', undefined, 0.15), means('$properName =|:|is|shall|should|contains|holds|says be|contain|hold|say?', undefined, 0.1), means('~add ~column? $properName', undefined, 0.2), means('~named? a|an|the|its? new|own|separate|extra|further? $properName column|field', undefined, 0.1), 'as|under|called|named|call|name it|that|this? $text',
];

/** Where it goes. */
export const PLACE = ['~column', crossed('in|into|as|to', 'a|its|their|one|another', 'new|own|separate|further|extra|second|', 'column|field'), crossed('in|into|as', 'a column|columns', 'of its own|of their own|by itself'), 'in a new column|into a new column|as a new column|new column|in its own column|into its own column|in a column of its own|a column of its own|in another column|extra column|in an extra column|a separate column|in a separate column|its own column|own column|a further column|new columns|three new columns|two new columns|column|columns|as a column|on each row|on every row|to each row|to every row|next to it|next to every row|beside it'];

/** Blank where it cannot be found, which it is anyway. */
export const NONE = [
  BLANK_ELSEWHERE,
  '~blankWord|nothing ~forOthers', '~blankWord|nothing|leave|leaving ~if|~wherever there? ~be? no|not|none|nothing $mark|$word|$col|$what? given|said|named|there|mentioned?', '~leave ~blankWord ~if|~wherever there? ~be? none|nothing|not', 'no $word|$col|$mark|$what , no $word|$col|$mark|$what', 'no $word|$col|$mark|$what no $word|$col|$mark|$what', '~blankWord|nothing|none for|where|in|with $rows|$noun|$guess|those|ones|people ~without an? $word|$col|$mark|$what|one?', '~blankWord ~if|~wherever no|none|nothing $word|$col|$mark|$what ~be mentioned|given|stated|named|there|quoted|found|present', 'with gaps|blanks|gap ~if|~wherever one|either|something|it|any ~be lacking|missing|absent', 'no $word|$col|$mark|$what , ~blankWord|nothing|leave|no it? ~blankWord|$word?', '~if|~wherever there is|are|was no $mark|$word|$what ,? ~leave? it? ~blankWord',
];

/** Decimals. */
export const PLACES = ['~round|with|to? to? $places', 'to $num places|decimals|decimal', means('round|rounded to $num', undefined, 0.1), '$num after the? point'];

/** Words around a calculation that say nothing of it. */
export const CALCULATE = 'interested write note add new column columns calculate work out compute give show put get want need would like see say tell us me each every for of the a please as with that is are in it its this and row rows should be call called name next to beside by own number figure result value values how much many what which did does do was were have has number numbers just only number plus also extra another two three four five one separate';
