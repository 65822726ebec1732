import { linesOf } from '../core/steps/step';
import { readFileSync } from 'node:fs';
import Joi from 'joi';
import { openSession, tell, type Session } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { cellsOf } from '../core/formats/write';
import { withoutHidden, type Table } from '../core/table/table';
import type { CellValue } from '../core/values/cell';

const caseSchema = Joi.object({
  id: Joi.string().required(),
  tables: Joi.array().items(Joi.object({ name: Joi.string().required(), file: Joi.string().required() }).unknown()).min(1).required(),
  say: Joi.array().items(Joi.string().allow('')).required(),
}).unknown();

interface Turn {
  readonly outcome: 'done' | 'question' | 'cannot';
  readonly reading?: string;
  readonly message?: string;
}

/** One case (a line of JSON) to one result line: every sentence said in turn, and every table as it stands at the end. */
export async function runBatch(line: string): Promise<string> {
  let id = '';
  try {
    const { error, value } = caseSchema.validate(JSON.parse(line));
    if (error) throw error;
    const testCase = value as { id: string; tables: { name: string; file: string }[]; say: string[] };
    id = testCase.id;
    const tables = await Promise.all(testCase.tables.map((t) => tableFromBytes(t.name, readFileSync(t.file))));
    let session: Session = await openSession(tables[0]!, tables.slice(1));
    const turns: Turn[] = [];
    for (const request of testCase.say) {
      const said = await tell(session, request);
      session = said.session;
      turns.push(turnOf(said.answer));
    }
    const all = await Promise.all([session.table, ...tables.slice(1)].map(plainTable));
    return JSON.stringify({ id, turns, tables: all, answer: session.answered && { columns: session.answered.columns, rows: linesOf(session.answered) } });
  } catch (error) {
    return JSON.stringify({ id, error: (error as Error).message, turns: [], tables: [], answer: null });
  }
}

type Said = Awaited<ReturnType<typeof tell>>['answer'];

function turnOf(answer: Said): Turn {
  switch (answer.outcome) {
    case 'undone':
      return { outcome: 'done', reading: 'Undo.' };
    case 'done':
      return { outcome: 'done', reading: answer.reading.sentences.join(' ') };
    case 'question':
      return { outcome: 'question', message: `${answer.message} ${answer.choices.map((c, i) => `${i + 1}: ${c.sentences.join(' ')}`).join(' ')}` };
    case 'cannot':
      return { outcome: 'cannot', message: answer.message };
  }
}

async function plainTable(table: Table): Promise<{ name: string; columns: string[]; rows: CellValue[][] }> {
  return { name: table.name, columns: withoutHidden(table).columns.map((c) => c.name), rows: await cellsOf(table) };
}
