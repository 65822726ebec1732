import sequencer from '@jest/test-sequencer';

const Sequencer = sequencer.default ?? sequencer;

/** The tests that take longest, longest first: begun last, one of them would run on alone. */
const LONG = ['spoken', 'generate', 'said-otherwise', 'wordings', 'cases', 'frames', 'kulfi'].map((name) => `/${name}.test.ts`);

const rank = ({ path }) => {
  const at = LONG.findIndex((end) => path.endsWith(end));
  return at < 0 ? LONG.length : at;
};

export default class LongestFirst extends Sequencer {
  sort(tests) {
    return [...super.sort(tests)].sort((a, b) => rank(a) - rank(b));
  }
}
