import fc from 'fast-check'

// For mutants alone: each change meets every property that reaches it, so a property takes fewer turns.
fc.configureGlobal({ numRuns: 25 })
