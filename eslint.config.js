import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import house from './scripts/lint/rooms.mjs';

const PACKAGES = ['core', 'drawing', 'formats', 'market', 'demo'];

export default tseslint.config(
  { ignores: ['**/dist/', '**/dist-types/', '**/node_modules/', 'data/', '**/generated.ts', 'test-results/', 'playwright-report/'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { prefer: 'type-imports', fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-invalid-void-type': 'off',
      'max-lines': ['error', { max: 320, skipBlankLines: true }],
    },
  },
  {
    // Nest reads parameter types at run time, so its classes are imported as values.
    files: ['apps/server/src/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  {
    files: ['packages/*/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['node:*', 'react*', '@nestjs/*', 'typeorm'], message: 'Packages know no framework and no I/O.' }] },
      ],
      'no-restricted-globals': ['error', 'process', 'window', 'document', 'fetch'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
    },
  },
  ...PACKAGES.map((name) => ({
    files: [`packages/${name}/src/**/*.ts`],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@outfit/*', ...(name === 'core' ? [] : ['!@outfit/core'])],
              message: 'Packages import core and nothing else of ours; core imports none.',
            },
          ],
        },
      ],
    },
  })),
  {
    // Doors, arrows between rooms, and whose tables are whose: scripts/lint/rooms.mjs.
    files: ['packages/*/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}'],
    plugins: { house },
    rules: { 'house/names': 'error', 'house/rooms': 'error', 'house/rows': 'error', 'house/tables': 'error' },
  },
  {
    files: ['apps/web/src/**/*.tsx', 'apps/web/src/**/*.ts'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    languageOptions: { globals: globals.browser },
    rules: { ...reactHooks.configs.recommended.rules, ...jsxA11y.flatConfigs.recommended.rules, 'jsx-a11y/no-autofocus': 'off' },
  },
  // A check is named as its id, and what made old tables stays as it ran.
  {
    files: ['packages/core/src/judging/checks/**', 'apps/server/src/platform/db/migrations/**'],
    rules: { 'house/names': 'off' },
  },
  // Tables of data, not code.
  // Data and the list of what core offers have no idea to be split by.
  { files: ['packages/demo/src/data/**', 'packages/core/src/index.ts'], rules: { 'max-lines': 'off' } },
  { files: ['**/*.mjs', '**/*.js', 'scripts/**'], languageOptions: { globals: globals.node } },
);
