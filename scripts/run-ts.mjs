// Runs a TypeScript script of this project: bundled in memory, then loaded from the cache folder.
import { build } from 'esbuild';
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';

const [file, ...args] = process.argv.slice(2);
const outfile = path.resolve('node_modules/.cache/kulfi', `${path.basename(file, '.ts')}-${process.pid}.mjs`);
mkdirSync(path.dirname(outfile), { recursive: true });
await build({ entryPoints: [file], outfile, bundle: true, platform: 'node', target: 'node20', format: 'esm', packages: 'external', logLevel: 'warning' });
process.argv = [process.argv[0], file, ...args];
process.on('exit', () => { try { fs.rmSync(outfile); } catch { /* gone already */ } });
const fs = await import('node:fs');
await import(pathToFileURL(outfile).href);
