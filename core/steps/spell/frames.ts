import { frame, type Frame } from '../../language/frames';
import { crossed } from '../../language/lexicon/crossed';
import { spelled } from './phrases';

export const frames: readonly Frame[] = [
  frame('spell', {
    need: { list: '$spellings', cue: 'bring all the variants|bring all variants|bring the variants|bring the others|bring all spellings|to these|spell|spelled|spelt|spelling|spellings|misspelled|misspelt|misspelt ones|wrongly spelt|written|write|written like that|unify|unified|unify the names|uniformly|the right ones are|the right ones|valid ones|valid names|valid are|only valid names|the only valid names are|are valid|correct|corrected|put right|must be|must be one of|should be one of|should be|should be written|should be spelt|should read|so that only|so make it that|make it that|make sure|use|use these|occur|are left|clean up|clean|fix|is always one of|always one of|it is only ever|only ever|clean that up|clean this up|sort that out|are really|there are only|either|one of' },
    may: { cols: '$cols', fixed: [crossed('fix|correct|clean|clean up|sort out|put right|mend|repair|tidy|tidy up', 'the|all the|any', 'messy|wrong|odd|misspelt|other|bad|strange|different|funny', 'ones|spellings|entries|values')].join('|') + '|correct the misspelt ones|correct the others|put those right|put these right|fix the others|some are spelt differently|please put those right|correct the wrong ones', rest: 'nothing else|and nothing else|no others' },
    many: ['cue'],
    about: 'make sure only the ones wrong wrongly fix up right are is as like either must should be one of always in different differently several many all sorts ways way places names name these throughout everywhere column please so that it they there occur left really just three four two five of them some others spelling spellings spelt misspelt valid come comes no spaces around start with capital written typed put use correct clean read reads standardise standardize all every variants versions mess that dozen variants tidy spellings too',
    cost: 0.5,
  }, ({ cols, list }) => spelled(cols ?? null, list)),
];
