// Every TypeScript project that is type-checked; Angular's with its templates.
export const TYPED_PROJECTS = [
  ...[
    'packages/core',
    'packages/contracts',
    'packages/catalogue',
    'apps/cli',
    'apps/gauge',
    'apps/server',
    'e2e',
  ].map((folder) => ({ project: `${folder}/tsconfig.json`, compiler: 'tsc' })),
  { project: 'apps/web/tsconfig.scripts.json', compiler: 'tsc' },
  { project: 'apps/web/tsconfig.app.json', compiler: 'ngc' },
  { project: 'apps/web/tsconfig.spec.json', compiler: 'ngc' },
];
