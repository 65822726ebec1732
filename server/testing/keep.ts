// Keeps one step on a large table; the test kills this process while it does.
import { readExact } from '../../core/steps/registry';
import { revise } from '../revise';

const [workspaceId, tableId] = process.argv.slice(2).map(Number) as [number, number];
console.log('keeping');
await revise({ workspaceId, version: 1, list: [{ key: 'killed', sourceId: tableId, request: 'x', plan: readExact('Add ‹Net kg› as ‹Gross kg› minus ‹Crate kg›.')! }], label: 'x', holds: [], settle: [], as: 'new' });
console.log('kept');
process.exit(0);
