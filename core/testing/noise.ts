const LETTERS = /^[a-z]{6,}$/;

/** A request as somebody in haste types it: a slip in a longer word, a comma left out, a polite word more, a space doubled. */
export function withNoise(request: string, random: () => number): string {
  const words = request.split(' ');
  const slips = words.flatMap((w, i) => (LETTERS.test(w) ? [i] : []));
  if (slips.length && random() < 0.5) {
    const i = slips[Math.floor(random() * slips.length)]!;
    const w = words[i]!, at = 1 + Math.floor(random() * (w.length - 2));
    words[i] = random() < 0.5 ? w.slice(0, at) + w[at + 1] + w[at] + w.slice(at + 2) : w.slice(0, at) + w.slice(at + 1);
  }
  let text = words.join(' ');
  if (random() < 0.3) text = text.replace(/, /, ' ');
  if (random() < 0.3) text = `please ${text}`;
  if (random() < 0.2) text = text.replace(' ', '  ');
  if (random() < 0.2) text = text.toLowerCase();
  return text;
}
