import eslint from '@eslint/js';
import angular from 'angular-eslint';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

/** Forbids imports of these packages of ours; the layers of docs/architecture point one way. */
const forbid = (message, ...patterns) => ({
  'no-restricted-imports': [
    'error',
    { patterns: patterns.map((group) => ({ group: [group], message })) },
  ],
});

const NOT_OF_THE_WEB = 'Web and server never import each other.';
const OTHER_APPS = [
  '@wiry-otter/server*',
  '@wiry-otter/cli*',
  '@wiry-otter/gauge*',
  '**/apps/server/**',
  'node:*',
];

const NODE_GLOBALS = {
  console: 'readonly',
  process: 'readonly',
  URL: 'readonly',
  fetch: 'readonly',
  setTimeout: 'readonly',
  clearTimeout: 'readonly',
  performance: 'readonly',
};

export default tseslint.config(
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.angular/**',
      '.data/**',
      '**/test-results/**',
    ],
  },
  eslint.configs.recommended,
  {
    files: ['**/*.mjs', '**/*.cjs'],
    languageOptions: { globals: { ...NODE_GLOBALS, module: 'writable', require: 'readonly' } },
  },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: {
        project: [
          'packages/*/tsconfig.json',
          'apps/cli/tsconfig.json',
          'apps/gauge/tsconfig.json',
          'apps/server/tsconfig.json',
          'apps/web/tsconfig.scripts.json',
          // Takes in the app as well: two programs of the same files would take twice as long.
          'apps/web/tsconfig.spec.json',
          'e2e/tsconfig.json',
        ],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      eqeqeq: 'error',
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.{1,2}/)',
              message: 'The core imports its own files and nothing else.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'setTimeout',
        'fetch',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        {
          object: 'Math',
          property: 'random',
          message: 'The core has no randomness: seeds are arguments.',
        },
        { object: 'Date', property: 'now', message: 'The core has no clock: dates are arguments.' },
      ],
    },
  },
  {
    files: ['packages/contracts/src/**/*.ts'],
    rules: forbid(
      'Contracts import zod, and types and constants of the core.',
      '@wiry-otter/!(core)',
      'node:*',
    ),
  },
  {
    files: ['packages/derived/src/**/*.ts'],
    rules: forbid(
      'What is derived imports the core, the contracts and uuid.',
      '@wiry-otter/!(core|contracts)',
      'node:*',
    ),
  },
  {
    files: ['apps/web/src/**/*.ts'],
    extends: [...angular.configs.tsRecommended],
    processor: angular.processInlineTemplates,
    rules: {
      ...forbid(NOT_OF_THE_WEB, ...OTHER_APPS),
      '@angular-eslint/component-selector': [
        'error',
        [
          { type: 'element', prefix: 'otter', style: 'kebab-case' },
          { type: 'attribute', prefix: 'otter', style: 'camelCase' },
        ],
      ],
      // NgRx stores and Angular forms hand out methods that do not use `this`.
      '@typescript-eslint/unbound-method': 'off',
    },
  },
  {
    files: ['apps/web/src/app/{records,scene,ui}/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: forbid(
      'What screens are made of knows no screen.',
      ...OTHER_APPS,
      '**/features/**',
      '**/shell/**',
    ),
  },
  {
    files: ['apps/web/src/app/ui/**/*.ts'],
    ignores: ['**/*.spec.ts'],
    rules: forbid(
      'What screens are made of knows no screen, and no records.',
      ...OTHER_APPS,
      ...['features', 'shell', 'records', 'account', 'focus', 'scene'].map(
        (room) => `**/${room}/**`,
      ),
    ),
  },
  {
    // What the app opens with.
    files: [
      'apps/web/src/app/{account,focus,records,shell,storage}/**/*.ts',
      'apps/web/src/app/api/{acting-trainer,api-client,api-problem,studio-api}.ts',
      'apps/web/src/app/features/today/**/*.ts',
      'apps/web/src/app/ui/{notices,theme}/**/*.ts',
    ],
    // Fetched where a build from before left something.
    ignores: ['**/*.spec.ts', '**/old-write.ts'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '@wiry-otter/contracts',
              allowImportNames: ['PAGE', 'PAGE_HEADER', 'RECORD_KINDS'],
              allowTypeImports: true,
              message: 'The app opens without a schema: fetch it where it is asked for.',
            },
            {
              name: 'zod',
              allowTypeImports: true,
              message: 'The app opens without a schema: fetch it where it is asked for.',
            },
          ],
        },
      ],
    },
  },
  {
    files: ['apps/server/**/*.ts'],
    rules: forbid(
      'Web and server never import each other.',
      '@wiry-otter/web*',
      '@wiry-otter/gauge*',
      '**/apps/web/**',
    ),
  },
  {
    files: ['apps/server/src/areas/**/*.ts'],
    rules: {
      // Every query of an area goes through the scope.
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[property.name='manager']",
          message: 'Areas ask through the ScopedManager, which carries the studio.',
        },
        {
          selector: "ImportSpecifier[imported.name='EntityManager']",
          message: 'Areas ask through the ScopedManager, which carries the studio.',
        },
      ],
    },
  },
  {
    files: ['apps/web/**/*.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
  },
  prettier,
);
