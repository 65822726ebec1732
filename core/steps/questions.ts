/** Steps that answer a question: they change nothing and are never kept. */
const QUESTIONS: ReadonlySet<string> = new Set(['ask', 'survey', 'relate', 'forecast']);

/** Is a plan a question? */
export const isQuestion = (plan: { readonly step: string }): boolean => QUESTIONS.has(plan.step);
