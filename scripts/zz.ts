import { readFileSync } from 'node:fs';
import path from 'node:path';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import { readRequest } from '../core/language/read';
const lines = readFileSync('core/testing/cases/cases.jsonl', 'utf8').split('\n').filter(Boolean);
for (let k = 0; k < 6; k++) for (const line of lines) { const one = JSON.parse(line); const { head } = await openSession(await tableFromBytes(one.tables[0].name, readFileSync(path.resolve('core/testing/cases', one.tables[0].file)))); for (let i = 0; i < 2; i++) readRequest(one.say[0], head); }
