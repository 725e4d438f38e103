// `npm run mutants`, or `npm run mutants -- core/clearance/fire-gate.ts`: which changes of the deciding code no test notices.
// Not part of `npm test`; what it found stands in docs/mutants.md.
const DECIDING = [
  'core/clearance/*.ts',
  'core/hotwork/*.ts',
  'core/respirator/*.ts',
  'core/exposure/*.ts',
  'core/ventilation/capture-window.ts',
  'core/ventilation/ventilation-rules.ts',
  'core/cylinder/requalification.ts',
  'core/cylinder/cylinder-fact.ts',
  'core/inspection/due.ts',
  'core/inspection/kit-item-fact.ts',
  'core/streams/kit-item/*.ts',
  'core/streams/permit/*.ts',
  'core/site-facts/*.ts',
  'core/samples/compliance.ts',
]
const asked = process.env.ZONARIS_MUTATE?.split(' ').filter(Boolean) ?? []

/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  mutate: [...(asked.length > 0 ? asked : DECIDING), '!core/**/*-findings.ts'],
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutants.config.ts', related: false },
  tsconfigFile: 'tsconfig.scripts.json',
  ignorePatterns: [
    '.nuxt',
    '.output',
    '.data',
    'docs',
    'app',
    'server',
    'test-results',
    'artifacts',
    'tests/e2e',
    'tests/server',
    'tests/bench',
  ],
  plugins: ['@stryker-mutator/vitest-runner'],
  coverageAnalysis: 'perTest',
  // A table that is made once, as a module is read, would have every test run again for each of its cells; its rows are compared with the
  // reference.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 20_000,
  // Sentences and sources are compared elsewhere: here it is asked what is decided.
  mutator: { excludedMutations: ['StringLiteral', 'Regex'] },
  reporters: ['clear-text', 'json'],
  clearTextReporter: { allowColor: false, allowEmojis: false, logTests: false, reportTests: false },
  jsonReporter: { fileName: 'test-results/mutants.json' },
  tempDirName: '.data/mutants',
  cleanTempDir: 'always',
}
