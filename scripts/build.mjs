// Bundles what runs outside Next: the command-line program, and the server's worker threads.
import { build } from 'esbuild';

const common = { bundle: true, platform: 'node', target: 'node20', format: 'esm', logLevel: 'warning', banner: { js: "import { createRequire as kulfiRequire } from 'node:module'; const require = kulfiRequire(import.meta.url);" } };
const targets = {
  cli: { ...common, entryPoints: ['cli/kulfi.ts'], outfile: 'bin/kulfi.mjs' },
  workers: { ...common, entryPoints: { run: 'server/run.worker.ts', read: 'server/read.worker.ts' }, outdir: 'dist/workers', outExtension: { '.js': '.mjs' }, packages: 'external', banner: {} },
};

const target = targets[process.argv[2]];
if (!target) {
  console.error('usage: node scripts/build.mjs cli|workers');
  process.exit(2);
}
await build(target);
