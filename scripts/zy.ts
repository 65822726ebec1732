import { readFileSync } from 'node:fs';
import { openSession } from '../core/brief/session';
import { tableFromBytes } from '../core/formats/import';
import * as chart from '../core/language/chart';
console.log(Object.keys(chart));
