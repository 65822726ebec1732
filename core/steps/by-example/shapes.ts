import { coarseShape } from '../../profile/profile';
import { programsFor, runText, type Example, type Program } from './programs';

/** Texts of one shape, with what the programs that give all examples make of them. */
export interface ShapeLook {
  readonly shape: string;
  readonly rows: number;
  /** The commonest text of the shape. */
  readonly input: string;
  /** What the best program makes of it; '' is blank. */
  readonly output: string;
  /** What other programs make of it, the likeliest first. */
  readonly others: readonly string[];
  /** How sure the output is, 0 to 1: the weight of the programs that agree. */
  readonly sure: number;
  /** The person said what it should be. */
  readonly told: boolean;
}

/** The best program for some examples, and what it gives for every shape of the texts; the shape it is least sure of first. */
export interface Learnt {
  readonly program: Program | null;
  readonly shapes: readonly ShapeLook[];
}

/** Programs that cost more than the best by so much are not thought of. */
const MARGIN = 1.6;
/** A program that costs no more takes its result from the text. */
const PLAIN = 6;
const MOST_PROGRAMS = 40;
const MOST_SHAPES = 40;

/**
 * Finds the smallest program that gives every example, and looks at what it makes of each shape of the texts. Where the
 * programs that give all examples disagree, or a shape gets nothing, that shape comes first, weighed by its rows: one more
 * example there says most. `values` are texts with their rows. O(programs * shapes).
 */
export function learnFrom(name: string, examples: readonly Example[], values: readonly (readonly [string, number])[]): Learnt {
  const filled = values.filter(([t]) => t.trim() !== '');
  const all = examples.length ? programsFor(name, examples, filled.map(([t]) => t)) : [];
  const near = all.filter((p) => p.cost <= all[0]!.cost + MARGIN).slice(0, MOST_PROGRAMS);
  const weights = near.map((p) => Math.exp(all[0]!.cost - p.cost));
  const whole = weights.reduce((a, b) => a + b, 0);
  // One example that is mostly written anew may as well be a slip: it is asked about everywhere.
  const trust = examples.length === 1 && near[0] ? Math.min(1, Math.exp((PLAIN - near[0].cost) / PLAIN)) : 1;
  const told = new Map(examples.map((e) => [e.input.trim(), e.output]));
  const shapes = new Map<string, { rows: number; input: string; most: number }>();
  for (const [text, rows] of filled) {
    const shape = coarseShape(text), known = shapes.get(shape);
    if (!known) shapes.set(shape, { rows, input: text, most: rows });
    else {
      known.rows += rows;
      // What was said stands for its shape.
      if (!told.has(known.input.trim()) && (told.has(text.trim()) || rows > known.most)) [known.input, known.most] = [text, rows];
    }
  }
  const looks = [...shapes].map(([shape, { rows, input }]): ShapeLook => {
    const tally = new Map<string, number>();
    near.forEach((p, i) => { const out = runText(p.expression, input); tally.set(out, (tally.get(out) ?? 0) + weights[i]!); });
    const output = near[0] ? runText(near[0].expression, input) : '';
    const others = [...tally].filter(([text]) => text !== output && text !== '').sort((a, b) => b[1] - a[1]).map(([text]) => text).slice(0, 3);
    const isTold = told.has(input.trim());
    return { shape, rows, input, output, others, told: isTold, sure: isTold ? 1 : whole === 0 || output === '' ? 0 : (trust * (tally.get(output) ?? 0)) / whole };
  });
  const need = (l: ShapeLook): number => (1 - l.sure) * Math.log2(l.rows + 1);
  return { program: near[0] ?? null, shapes: looks.sort((a, b) => need(b) - need(a) || b.rows - a.rows).slice(0, MOST_SHAPES) };
}
