import * as regexp from 'eslint-plugin-regexp'
import withNuxt from './.nuxt/eslint.config.mjs'

/** The boundaries of the house: who may import whom, and what the core may not touch. */
const forbid = (files, patterns, message) => ({ files, rules: { 'no-restricted-imports': ['error', { patterns: [{ group: patterns, message }] }] } })

export default withNuxt(
  { ignores: ['.data/**', 'artifacts/**', 'test-results/**', 'playwright-report/**', 'tests/bench/blank/**'] },
  forbid(['core/**/*.ts'], ['vue', 'vue/*', 'h3', 'pg', 'pg/*', 'nuxt', 'nuxt/*', '#imports', '#app', '#shared', '#shared/*', '#server', '#server/*', 'node:*', 'zod', '~/*', '@/*', '**/server/**', '**/app/**', '**/shared/**'],
    'core/ imports nothing but itself and small pure libraries'),
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'fetch', 'process', 'window', 'document', 'localStorage', 'console', 'setTimeout', 'setInterval', 'crypto'],
      'no-restricted-properties': ['error', { object: 'Date', property: 'now', message: 'time comes in as an argument' }, { object: 'Math', property: 'random', message: 'a seed comes in as an argument' }],
      'no-restricted-syntax': ['error', { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'time comes in as an argument' }],
    },
  },
  forbid(['shared/**/*.ts'], ['vue', 'h3', 'pg', '#server', '#server/*', '#imports', '~/*', '@/*', '**/server/**', '**/app/**'], 'shared/ may import core/ only'),
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
    rules: { 'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }], 'regexp/no-super-linear-move': ['error', { report: 'potential' }] },
  },
)
