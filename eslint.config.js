import { readdirSync } from 'node:fs';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import regexp from 'eslint-plugin-regexp';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import svelteConfig from './web/svelte.config.js';

/** Folders of core in the order imports may run: a folder may use itself and those before it. */
const order = [
  'units',
  'geometry',
  'document',
  'wording',
  'survey',
  'ranges',
  'setting',
  'surfaces',
  'tile',
  'solids',
  'reach',
  'schedules',
  'shop',
  'drawing',
  'imports',
  'scene',
  'exports',
  'commands',
  'proposals',
  'demo',
  'cli',
];
const later = (folder) => order.slice(order.indexOf(folder) + 1);

const folders = (at) =>
  readdirSync(at, { withFileTypes: true }).flatMap((one) => (one.isDirectory() ? one.name : []));
/** A folder that nobody has given its place is held by no rule. */
function placed(at, known) {
  const unknown = folders(at).filter((name) => !known.includes(name));
  if (unknown.length > 0) throw new Error(`${at}: give ${unknown.join(', ')} a place in eslint.config.js.`);
}

/** Folders of the page's code, from what knows least of it; those of one line do not use one another's later ones either. */
const layers = [['ui'], ['session'], ['tools'], ['views', 'panels']];
placed('core/src', order);
placed('web/src/lib', [...layers.flat(), 'server']);

const boundaries = [
  ...order.slice(0, -1).map((folder) => ({
    target: `./core/src/${folder}`,
    from: later(folder).map((name) => `./core/src/${name}`),
    message: `${folder} may not use a folder that comes after it (docs/architecture.md).`,
  })),
  { target: './core', from: './web', message: 'core never uses web.' },
  // What the outside is given is gathered from all folders, and used by none of them.
  {
    target: order.filter((folder) => folder !== 'cli').map((folder) => `./core/src/${folder}`),
    from: ['index', 'server', 'dxf', 'cli'].map((file) => `./core/src/${file}.ts`),
    message: 'A folder uses other folders, not what is gathered from them.',
  },
  ...layers.flatMap((layer, index) =>
    layer.map((folder) => ({
      target: `./web/src/lib/${folder}`,
      from: [
        ...layers
          .slice(index + 1)
          .flat()
          .map((name) => `./web/src/lib/${name}`),
        './web/src/lib/server',
        './web/src/routes',
      ],
      message: `${folder} may not use a layer that comes after it, nor the server’s code (docs/architecture.md).`,
    })),
  ),
  {
    target: './web/src/lib/server',
    from: layers.flat().map((name) => `./web/src/lib/${name}`),
    message: 'The server’s code never uses the browser’s.',
  },
];

export default tseslint.config(
  {
    ignores: [
      '**/node_modules',
      '**/build',
      '**/.svelte-kit',
      '**/test-results',
      'core/src/drawing/font-widths.ts',
    ],
  },
  ...tseslint.configs.recommended,
  ...svelte.configs.recommended,
  {
    plugins: { 'import-x': importX, regexp },
    settings: {
      // Without these the circle check reads no TypeScript, and sees nothing.
      'import-x/extensions': ['.ts', '.js', '.svelte'],
      'import-x/parsers': {
        '@typescript-eslint/parser': ['.ts'],
        'svelte-eslint-parser': ['.svelte'],
      },
      'import-x/resolver-next': [
        createTypeScriptImportResolver({
          project: ['core/tsconfig.cli.json', 'web/tsconfig.json'],
          noWarnOnMultipleProjects: true,
        }),
      ],
    },
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      // What reads text from outside is linear in its length.
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential' }],
      'import-x/no-cycle': 'error',
      'import-x/no-restricted-paths': ['error', { basePath: import.meta.dirname, zones: boundaries }],
      'max-lines': ['error', { max: 400 }],
      'no-console': ['error', { allow: ['error'] }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: {
      parserOptions: { parser: tseslint.parser, extraFileExtensions: ['.svelte'], svelteConfig },
    },
    rules: { 'svelte/no-navigation-without-resolve': 'off', 'svelte/prefer-svelte-reactivity': 'off' },
  },
  // What core says, it says by keys and data; the words are in its folder wording. Left out: the command line, invented data, and what keys stand for.
  {
    files: ['core/src/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      ...['wording', 'cli', 'demo', 'ranges/data'].map((folder) => `core/src/${folder}/**`),
      'core/src/cli.ts',
      // Keys, columns, formats and signs of units, as they stand in files and are typed.
      ...[
        'exports/*',
        'imports/**/*',
        'document/json-schema',
        'document/range-limits',
        'drawing/plan-cut',
      ].map((file) => `core/src/${file}.ts`),
      ...[
        'drawing/sheet/sheet-format',
        'ranges/construction',
        'ranges/range-columns',
        'units/format-area',
      ].map((file) => `core/src/${file}.ts`),
      // Names that were invented for finishes, as codes are.
      'core/src/surfaces/finish-library.ts',
    ],
    rules: {
      'no-restricted-syntax': [
        'error',
        ...['Literal[value=', 'TemplateElement[value.raw='].map((kind) => ({
          selector: `:not(NewExpression) > ${kind}/[A-Za-z’]{2,} [a-z]{2,}|^[A-Z][a-z]+( |$)/]`,
          message: 'English belongs in core/src/wording: give a key and data here.',
        })),
      ],
    },
  },
  // A folder's tests build their cases with the whole of core.
  { files: ['**/*.test.ts'], rules: { 'import-x/no-restricted-paths': 'off' } },
  {
    files: ['**/*.test.ts', '**/*.spec.ts'],
    rules: { 'regexp/no-super-linear-backtracking': 'off', 'regexp/no-super-linear-move': 'off' },
  },
  {
    files: ['script/**', 'core/bench/**', 'web/bench/**', 'web/drills/**', 'core/scripts/**'],
    rules: { 'no-console': 'off' },
  },
);
