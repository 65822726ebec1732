import next from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';
import prettier from 'eslint-config-prettier';

/** Which folder may use which: arrows run one way. */
const ALLOWED = {
  app: ['app', 'ui', 'server', 'contract', 'core'],
  ui: ['ui', 'contract', 'core'],
  server: ['server', 'contract', 'core', 'demo'],
  cli: ['cli', 'core'],
  contract: ['contract', 'core'],
  demo: ['demo', 'core'],
  core: ['core'],
};

const config = [
  { ignores: ['.next/', 'dist/', 'bin/', 'node_modules/', '.data/', '.test-data/', 'next-env.d.ts', 'test-results/', 'demo/data/'] },
  ...next,
  ...nextTypescript,
  prettier,
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'react-hooks/incompatible-library': 'off',
    },
  },
  ...Object.entries(ALLOWED).map(([folder, allowed]) => ({
    files: [`${folder}/**/*.ts`, `${folder}/**/*.tsx`],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: `^(?:\\.\\./)+(?!\\.)(?:${['app', 'ui', 'server', 'cli', 'contract', 'demo', 'core', 'standins', 'bench', 'e2e', 'scripts'].filter((f) => !allowed.includes(f)).join('|')})/`, message: `${folder}/ may use only ${allowed.join(', ')}.` },
            ...(folder === 'core' ? [{ regex: '^(?:node:|next|react|pg|drizzle-orm|@mui/)', message: 'core/ is pure: no React, no Next, no database, no Node built-ins.' }] : []),
          ],
        },
      ],
    },
  })),
];

export default config;
