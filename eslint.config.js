import { importX } from 'eslint-plugin-import-x';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import reactHooks from 'eslint-plugin-react-hooks';
import { readdirSync } from 'node:fs';
import tseslint from 'typescript-eslint';

const folders = (path) =>
  readdirSync(new URL(path, import.meta.url), { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => name);

/** Packages that only compute: core may rest on them. */
const PURE = ['clipper-lib', 'd3-contour', 'simplify-js', 'svg-path-commander'];

// Arrows of import go downward only: web, server, cli, demo -> core; features never reach into each other.
const zones = [
  {
    target: './core',
    from: ['./web', './server', './cli', './demo', './e2e', './scripts'],
    message: 'core imports nothing from outside itself',
  },
  { target: './server', from: ['./web', './cli'] },
  { target: './cli', from: ['./web', './server'] },
  { target: './web/ui', from: ['./web/features', './web/app', './web/parts', './web/data', './web/workers'] },
  { target: './web/data', from: ['./web/features', './web/app', './web/parts', './web/ui'] },
  { target: './web/words', from: ['./web/features', './web/app', './web/parts', './web/data', './web/ui'] },
  { target: './web/workers', from: ['./web/features', './web/app', './web/parts', './web/ui', './web/data'] },
  { target: './web/parts', from: ['./web/features', './web/app'] },
  { target: './web/features', from: './web/app', message: 'the shell knows the features, not the other way round' },
  ...folders('./web/features').map((name) => ({
    target: `./web/features/${name}`,
    from: './web/features',
    except: [`./${name}`],
    message: 'a feature never imports another',
  })),
];

/** What is a length wherever it stands is told as one. */
const LENGTHS = [
  'TSPropertySignature[key.name=/^(mat|hold|kerf|lap|setting)$/]',
  'Identifier[name=/^(mat|hold|kerf|lap)$/]',
].map((told) => ({ selector: `${told} > TSTypeAnnotation > TSNumberKeyword`, message: 'a length is Ticks' }));

export default tseslint.config(
  { ignores: ['dist/', 'node_modules/', 'coverage/', 'playwright-report/', 'test-results/'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx,mjs,js}'],
    plugins: { 'import-x': importX },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
    rules: {
      'import-x/no-restricted-paths': ['error', { basePath: import.meta.dirname, zones }],
      'import-x/no-cycle': 'error',
      'no-console': 'error',
      eqeqeq: 'error',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  {
    // A promise is waited for, or said to run by itself with `void`.
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    // Short functions, and types that say what is there; what is older stands in eslint-suppressions.json, and only
    // ever goes from it.
    files: ['**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/test/**', 'e2e/**'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  {
    // Each concept of core has one door, its index.ts.
    files: ['{web,cli,server,demo,scripts}/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { regex: '/core/[a-z]+/(?!test/)[a-zA-Z/]+', message: 'import from the concept, not from inside it' },
          ],
        },
      ],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/test/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `^(?!\\.|(?:${PURE.join('|')})$)`,
              message: 'core imports nothing from outside itself but what only computes',
            },
            {
              regex: `^\\.\\./(?:\\.\\./)*(?:${folders('./core').join('|')})/[a-zA-Z/]+$`,
              message: 'import from the concept, not from inside it',
            },
          ],
        },
      ],
      'no-restricted-syntax': ['error', ...LENGTHS],
      'no-restricted-globals': ['error', 'Date', 'performance', 'fetch', 'setTimeout', 'console'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core has no chance without a seed' },
      ],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  {
    // Where she has gone herself stays.
    files: ['web/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...LENGTHS,
        {
          selector: "JSXIdentifier[name='Navigate']",
          message: 'LeadOn leads on again where two ways were taken at once',
        },
        ...[
          "JSXIdentifier[name='form']",
          "MemberExpression[object.name='styled'][property.name='form']",
          "JSXAttribute[name.name='as'][value.value='form']",
        ].map((selector) => ({ selector, message: 'Form sends nothing while a field of it cannot be read' })),
        ...[':function[async=true]', "CallExpression[callee.property.name='then']"].map((waits) => ({
          selector: `${waits} CallExpression[callee.name='go']`,
          message: 'useGoAfter leads on only if she has not gone elsewhere while it was done',
        })),
        {
          selector:
            "ConditionalExpression[test.operator='==='][test.right.raw='1']:matches([consequent.type='Literal'], [consequent.type='TemplateLiteral'])",
          message: 'countWords makes plurals',
        },
        ...["ImportDeclaration[source.value='zustand/middleware']", "Identifier[name='localStorage']"].map(
          (selector) => ({ selector, message: 'keptStore keeps what is kept in the browser, the same in all windows' }),
        ),
      ],
    },
  },
  { files: ['web/data/keptStore.ts'], rules: { 'no-restricted-syntax': ['error', ...LENGTHS] } },
  { files: ['scripts/**', 'demo/**'], rules: { 'no-console': 'off' } },
);
