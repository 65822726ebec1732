/** Steps that answer a question: they change nothing in their table. What they answer can be kept as a table of its own. */
const QUESTIONS: ReadonlySet<string> = new Set(['ask', 'survey', 'relate', 'forecast']);

/** Is a plan a question? */
export const isQuestion = (plan: { readonly step: string }): boolean => QUESTIONS.has(plan.step);
