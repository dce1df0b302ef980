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

/** The wings of core, the lowest first: each rests on those before it only. */
const WINGS = ['ground', 'seeing', 'stock', 'trimmer', 'page', 'kit', 'acts', 'jobs'];
/** Wings of which each folder is a room with a door; acts and jobs are one room each. */
const OF_ROOMS = WINGS.slice(0, -2);
const ROOMS = OF_ROOMS.flatMap((wing) => folders(`./core/${wing}`));

// Arrows of import go downward only: web, server, cli, demo -> core; features never reach into each other.
const OUT_OF_CORE = {
  target: './core',
  from: ['./web', './server', './cli', './demo', './e2e', './scripts'],
  message: 'core imports nothing from outside itself',
};
const zones = [
  OUT_OF_CORE,
  ...WINGS.slice(0, -1).map((wing, i) => ({
    target: `./core/${wing}`,
    from: WINGS.slice(i + 1).map((above) => `./core/${above}`),
    message: 'a wing rests on those below it only',
  })),
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

const BY_ITS_DOOR = 'import from the room, not from inside it';
const INSIDE_A_ROOM = [
  `^(?:\\.\\./)+(?:${OF_ROOMS.join('|')})/(?:${ROOMS.join('|')})/[a-zA-Z/]+$`,
  '^(?:\\.\\./)+(?:acts|jobs)/[a-zA-Z/]+$',
].map((regex) => ({ regex, message: BY_ITS_DOOR }));
const insideRoomsOf = (wing) => [
  { regex: `^(?:\\.\\./)+(?:${folders(`./core/${wing}`).join('|')})/[a-zA-Z/]+$`, message: BY_ITS_DOOR },
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
    // Each room of core has one door, its index.ts.
    files: ['{web,cli,server,demo,scripts}/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `/core/(?:(?:${OF_ROOMS.join('|')})/[a-zA-Z]+|acts|jobs)/(?!test/)[a-zA-Z/]+`,
              message: 'import from the room, not from inside it',
            },
          ],
        },
      ],
    },
  },
  ...WINGS.map((wing) => ({
    files: [`core/${wing}/**/*.ts`],
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
            ...INSIDE_A_ROOM,
            // Within a wing, too, a room is entered by its door.
            ...(OF_ROOMS.includes(wing) ? insideRoomsOf(wing) : []),
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
  })),
  {
    // A test may make its world by acts, which lie above what it tests.
    files: ['core/**/*.test.ts', 'core/**/test/**'],
    rules: { 'import-x/no-restricted-paths': ['error', { basePath: import.meta.dirname, zones: [OUT_OF_CORE] }] },
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
