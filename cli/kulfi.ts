import { createReadStream, readFileSync } from 'node:fs';
import { createInterface } from 'node:readline';
import { runBatch } from './batch';
import { runOnce, type NamedFile } from './run';
import { verify } from './verify';

const USAGE = `usage:
  kulfi run --table name=file.csv [--table ...] --say "..." [--say "..."] [--brief file] --out folder [--json] [--raw]
  kulfi verify record.json source.csv [--table name=file.csv ...]
  kulfi batch < cases.jsonl`;

/** Ends with a code and one sentence on standard error. */
function stop(code: number, message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(code);
}

/** 'name=file.csv'. */
function namedFile(given: string): NamedFile {
  const at = given.indexOf('=');
  return at < 1 ? stop(2, `--table takes name=file.csv, not “${given}”.`) : { name: given.slice(0, at), file: given.slice(at + 1) };
}

async function main(): Promise<void> {
  const [command, ...args] = process.argv.slice(2);
  if (command === 'batch') {
    const lines = createInterface({ input: process.stdin, crlfDelay: Infinity });
    for await (const line of lines) if (line.trim()) process.stdout.write(`${await runBatch(line)}\n`);
    return;
  }
  if (command === 'verify') {
    const [record, source, ...rest] = args;
    if (record === undefined || source === undefined || rest.length % 2 || rest.some((a, i) => i % 2 === 0 && a !== '--table')) stop(2, USAGE);
    process.exitCode = await verify(record, source, rest.filter((_, i) => i % 2 === 1).map(namedFile));
    return;
  }
  if (command !== 'run') stop(2, USAGE);
  const tables: NamedFile[] = [];
  const say: string[] = [];
  let out = '', json = false, raw = false;
  for (let i = 0; i < args.length; i++) {
    const value = (): string => args[++i] ?? stop(2, `${args[i - 1]} needs a value.\n${USAGE}`);
    switch (args[i]) {
      case '--table': {
        tables.push(namedFile(value()));
        break;
      }
      case '--say':
        say.push(value());
        break;
      case '--brief':
        say.push(...readFileSync(value(), 'utf8').split('\n').map((l) => l.replace(/^\s*(?:\d+[.)]\s+)?/, '').trim()).filter((l) => l !== '' && !l.startsWith('#')));
        break;
      case '--out':
        out = value();
        break;
      case '--json':
        json = true;
        break;
      case '--raw':
        raw = true;
        break;
      default:
        stop(2, `“${args[i]}” is not known here.\n${USAGE}`);
    }
  }
  if (!tables.length || !say.length) stop(2, USAGE);
  process.exitCode = await runOnce({ tables, say, out, json, raw }, createReadStream);
}

main().catch((error: NodeJS.ErrnoException) => {
  const text = error.code === 'ENOENT' ? `There is no file “${error.path}”.` : error.code === 'ENOSPC' ? 'The disk is full: make room and run this again.' : error.message;
  stop(error.code === 'ENOENT' ? 2 : 1, text);
});
