/**
 * Every way to put one phrase of each list behind the others, as phrases divided by strokes: `crossed('a|the', 'rest')` is
 * 'a rest|the rest'. An empty phrase leaves its place out.
 */
export const crossed = (...lists: readonly string[]): string =>
  lists.reduce<readonly string[]>((said, list) => said.flatMap((before) => list.split('|').map((phrase) => `${before} ${phrase}`.trim())), ['']).join('|');
