import { testRounds } from '../testing/round-tests';
import { ROUNDS } from '../testing/rounds';

testRounds(ROUNDS.filter((_, i) => i % 2 === 1));
