import js from '@eslint/js';
import boundaries from 'eslint-plugin-boundaries';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

const PACKAGES = ['core', 'drawing', 'formats', 'market', 'demo'];

/** Arrows point one way (docs/decisions and the architecture): whatever is not allowed here is refused. */
const elements = [
  ...PACKAGES.map((name) => ({ type: name, pattern: `packages/${name}/src` })),
  { type: 'server-common', pattern: 'apps/server/src/(common|database)' },
  { type: 'server-area', pattern: 'apps/server/src/*', capture: ['area'] },
  { type: 'web-feature', pattern: 'apps/web/src/features/*', capture: ['area'] },
  { type: 'web-app', pattern: 'apps/web/src/app' },
  { type: 'web-ui', pattern: 'apps/web/src/ui' },
  { type: 'web-api', pattern: 'apps/web/src/api' },
];

const whole = (...types) => types.map((type) => ({ to: { element: { type } } }));
/** Another area is reached through its index.ts only; a folder's own files reach each other freely. */
const front = (type) => [
  { to: { element: { type, fileInternalPath: 'index.ts' } } },
  { to: { element: { type, captured: { area: '{{from.element.captured.area}}' } } } },
];

const appPolicies = [
  { from: { element: { type: 'server-common' } }, allow: [...whole('server-common'), ...front('server-area')] },
  { from: { element: { type: 'server-area' } }, allow: [...whole('server-common'), ...front('server-area')] },
  {
    from: { element: { type: 'web-feature' } },
    allow: [
      ...whole('web-app', 'web-ui', 'web-api'),
      { to: { element: { type: 'web-feature', captured: { area: '{{from.element.captured.area}}' } } } },
    ],
  },
  { from: { element: { type: 'web-app' } }, allow: [...whole('web-app', 'web-ui', 'web-api'), ...front('web-feature')] },
  { from: { element: { type: 'web-ui' } }, allow: whole('web-ui', 'web-api') },
  { from: { element: { type: 'web-api' } }, allow: whole('web-api') },
];

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
    files: ['apps/*/src/**/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': elements,
      'boundaries/include': ['apps/**/*'],
      'import/resolver': {
        typescript: { project: ['apps/server/tsconfig.json', 'apps/web/tsconfig.json'], noWarnOnMultipleProjects: true },
      },
    },
    rules: { 'boundaries/dependencies': ['error', { default: 'disallow', policies: appPolicies }] },
  },
  {
    files: ['apps/web/src/**/*.tsx', 'apps/web/src/**/*.ts'],
    plugins: { 'react-hooks': reactHooks, 'jsx-a11y': jsxA11y },
    languageOptions: { globals: globals.browser },
    rules: { ...reactHooks.configs.recommended.rules, ...jsxA11y.flatConfigs.recommended.rules, 'jsx-a11y/no-autofocus': 'off' },
  },
  // Tables of data, not code.
  { files: ['packages/demo/src/data/**'], rules: { 'max-lines': 'off' } },
  { files: ['**/*.mjs', '**/*.js', 'scripts/**'], languageOptions: { globals: globals.node } },
);
