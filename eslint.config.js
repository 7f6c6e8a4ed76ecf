import { readdirSync } from 'node:fs';
import js from '@eslint/js';
import globals from 'globals';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

const FEATURES = readdirSync(new URL('apps/web/src/features', import.meta.url));

/** core <- contract <- {server, web}: each folder may import only what stands to its left. */
const forbid = (files, parts, extra = []) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: `^@hot-bead/(${parts.join('|')})(/|$)`,
            message: 'The dependency rule: core <- contract <- server, web.',
          },
          {
            regex: '^@hot-bead/[a-z]+(/[a-z-]+/|$)|/(packages|apps)/[a-z]+/src/',
            message: 'Import a package by the entry of one of its wings.',
          },
          ...extra,
        ],
      },
    ],
  },
});

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/dist-types/**',
      '**/node_modules/**',
      '.cache/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/consistent-type-imports': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
    },
  },
  forbid(
    ['packages/core/src/**/*.ts'],
    ['contract', 'server', 'web'],
    [{ regex: '^[^.]', message: 'core imports nothing from outside.' }],
  ),
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'Date',
        'window',
        'document',
        'process',
        'fetch',
        'console',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no randomness.' },
      ],
    },
  },
  {
    files: ['packages/core/src/**/*.test.ts'],
    rules: { 'no-restricted-imports': 'off', '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  // tables, and lists of lines and of steps, are as long as they are
  {
    files: [
      'packages/core/src/changeover/rig-steps.ts',
      'packages/core/src/faults/{symptoms,stations/*}.ts',
      'packages/core/test/{,own-}fault-cases.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
  forbid(['packages/contract/src/**/*.ts'], ['server', 'web']),
  forbid(['apps/server/src/**/*.ts'], ['web']),
  {
    files: ['apps/server/src/**/*.ts'],
    // what a class asks for is read from its own constructor, also where all of it goes to the one above
    rules: { '@typescript-eslint/no-useless-constructor': 'off' },
  },
  forbid(
    ['apps/web/src/**/*.{ts,tsx}'],
    ['server'],
    [
      {
        regex: `^(\\.\\./)+(features/)?(${FEATURES.join('|')})/(?!([a-z-]+/)?index\\.ts$)`,
        message: "A feature never imports another feature's inside: use its index.",
      },
    ],
  ),
  {
    files: ['apps/web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules },
  },
  { files: ['**/*.mjs', '**/*.js'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off', 'max-lines': 'off' },
  },
);
