import { existsSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import * as regexp from 'eslint-plugin-regexp'
import withNuxt from './.nuxt/eslint.config.mjs'
import { noCircle } from './scripts/lint/no-circle.mjs'

/** The boundaries of the house: who may import whom, and what the core may not touch. */
const forbid = (files, patterns, message) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }] },
})

/** Where the rooms of the house stand for whoever imports from them by name. */
const ROOMS = { '#core/': 'core/', '#shared/': 'shared/', '#server/': 'server/', '~/': 'app/' }

/** Finds what an import of our own names; everything else is a package and has no way back into the house. */
const ownFiles = {
  interfaceVersion: 3,
  name: 'own-files',
  resolve(source, file) {
    const room = Object.keys(ROOMS).find(name => source.startsWith(name))
    if (!room && !source.startsWith('.')) return { found: false }
    const path = room ? resolve(import.meta.dirname, ROOMS[room], source.slice(room.length)) : resolve(dirname(file), source)
    const found = [path, `${path}.ts`].find(one => /\.\w+$/.test(one) && existsSync(one))
    return found ? { found: true, path: found } : { found: false }
  },
}

/** What nobody can fold: a text by itself, a pattern, an address, SQL. */
const WHOLE = {
  ignoreUrls: true,
  ignoreRegExpLiterals: true,
  ignoreTemplateLiterals: true,
  ignorePattern: '^\\s*(?:[\\w\'-]+: )?\'.*\',?$',
}

/** What somebody presses, types into or chooses from is one of the frame's parts, so that all of it answers to one hand. */
const CONTROLS = ['button', 'input', 'textarea', 'select', 'dialog', 'table', 'form'].map(element => ({
  element,
  message: 'Use one of the frame\'s parts (app/frame) or of Nuxt UI\'s, which are drawn by app/app.config.ts.',
}))

/** A sentence written down in a part. */
const SENTENCE = {
  selector: 'Literal[value=/^[A-Z][a-z]+ .*[.!?]$/]',
  message: 'What a person reads stands in app/words, in both languages.',
}

/** What may stand in a template by itself: a unit or a mark; and which attributes are read or heard. */
const BARE = {
  allowlist: [
    '(', ')', ',', '.', '&', '+', '-', '=', '*', '/', '#', '%', '!', '?', ':', ';', '[', ']', '{', '}', '<', '>', '·', '•', '→', '←', '–', '−', '|',
    '×', 'min', 'h', 'V', '⌫', '…', '"', '\'',
  ],
  attributes: {
    '/.+/': [
      'title', 'aria-label', 'aria-placeholder', 'aria-roledescription', 'aria-valuetext', 'label', 'placeholder', 'alt', 'hint', 'entry', 'legend', 'says',
      'does', 'called',
    ],
  },
  directives: ['v-text'],
}

export default withNuxt(
  // The preset leaves out every folder of that name; these are routes that anybody may ask.
  { ignores: ['!server/api/v1/public', '.data/**', 'artifacts/**', 'test-results/**', 'playwright-report/**', 'tests/bench/blank*/**'] },
  forbid(
    ['core/**/*.ts'],
    [
      'vue',
      'vue/*',
      'h3',
      'pg',
      'pg/*',
      'nuxt',
      'nuxt/*',
      '#imports',
      '#app',
      '#shared',
      '#shared/*',
      '#server',
      '#server/*',
      'node:*',
      'zod',
      '~/*',
      '@/*',
      '**/server/**',
      '**/app/**',
      '**/shared/**',
    ],
    'core/ imports nothing but itself and small pure libraries',
  ),
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'fetch',
        'process',
        'window',
        'document',
        'localStorage',
        'console',
        'setTimeout',
        'setInterval',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'time comes in as an argument' },
        { object: 'Math', property: 'random', message: 'a seed comes in as an argument' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'time comes in as an argument' },
      ],
    },
  },
  forbid(
    ['shared/**/*.ts'],
    ['vue', 'h3', 'pg', '#server', '#server/*', '#imports', '~/*', '@/*', '**/server/**', '**/app/**'],
    'shared/ may import core/ only',
  ),
  forbid(['server/**/*.ts'], ['vue', 'pinia', '~/*', '@/*', '**/app/**'], 'server/ may not import app/'),
  forbid(['app/**/*.ts', 'app/**/*.vue'], ['pg', 'h3', '#server', '#server/*', '**/server/**'], 'app/ may not import server/'),
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }],
      'vue/multi-word-component-names': 'off',
      'vue/no-multiple-template-root': 'off',
      'no-console': ['error', { allow: ['error', 'warn'] }],
    },
  },
  {
    // A pattern that backtracks stops the whole server for as long as somebody's text takes: none is written, wherever it stands.
    files: ['**/*.ts', '**/*.vue', '**/*.mjs'],
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential' }],
    },
  },
  {
    // One width, folded by hand where the tool cannot; one statement a line.
    files: ['**/*.ts', '**/*.mts', '**/*.mjs', '**/*.cjs'],
    rules: {
      '@stylistic/max-len': ['error', { code: 140, ...WHOLE }],
      '@stylistic/max-statements-per-line': ['error', { max: 1 }],
    },
  },
  {
    files: ['**/*.vue'],
    rules: {
      'vue/max-len': ['error', { code: 140, template: 140, ignoreHTMLTextContents: true, ignoreHTMLAttributeValues: true, ...WHOLE }],
      '@stylistic/max-statements-per-line': ['error', { max: 1 }],
      // A tag that fits its line stands on it.
      'vue/max-attributes-per-line': ['error', { singleline: 20, multiline: 1 }],
    },
  },
  {
    files: ['app/**/*.vue'],
    ignores: ['app/frame/**'],
    rules: { 'vue/no-restricted-html-elements': ['error', ...CONTROLS] },
  },
  {
    // What a person reads stands in the words of both languages (app/words), never in a part: units and marks are the same in every one.
    files: ['app/**/*.vue'],
    rules: {
      'vue/no-bare-strings-in-template': ['error', BARE],
      'no-restricted-syntax': ['error', SENTENCE],
      'vue/no-restricted-syntax': ['error', SENTENCE],
    },
  },
  {
    // No file reaches itself through what it imports, types counted: what two need stands in a room of its own.
    files: ['core/**/*.ts', 'shared/**/*.ts', 'server/**/*.ts', 'app/**/*.ts', 'standins/**/*.ts', 'demo/**/*.ts', 'tests/**/*.ts'],
    plugins: { house: { rules: { 'no-circle': noCircle } } },
    settings: {
      'import-x/resolver-next': [ownFiles],
      'import-x/parsers': { [resolve(import.meta.dirname, 'scripts/lint/types-count-parser.cjs')]: ['.ts'] },
      'import-x/extensions': ['.ts'],
    },
    rules: { 'house/no-circle': ['error', { ignoreExternal: true }] },
  },
)
