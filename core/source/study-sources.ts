import type { SourceRef } from './source-ref'

/** Sources of ducts as one system, statistics of samples and the model against them: they do not go with the board. */
export const STUDY_SOURCES = {
  landLimits: {
    document: 'Land 1971, 1975; Finney 1941',
    clause: 'exact limits of a lognormal mean, and its unbiased estimate of least variance',
    basis: 'published',
    confidence: 'high',
  },
  bayesianDecision: {
    document: 'Hewett and others 2006; AIHA A Strategy for Assessing and Managing Occupational Exposures',
    clause: 'Bayesian decision analysis by exposure category; middles to 5 times the limit and spreads of 1.05 to 4 held possible',
    edition: '4th, 2015',
    basis: 'published',
    confidence: 'medium',
  },
  bayes: {
    document: 'Bayes; the normal mean with a normal prior',
    clause: 'doubt of emission, of capture and from shift to shift as lognormal, independent of each other (engineering judgement)',
    basis: 'derived',
    confidence: 'medium',
  },
  withinWorker: {
    document: 'Surveys of welding fume',
    clause: 'from shift to shift of one worker, geometric standard deviations of 1.8 to 2.5; the safe end is taken',
    basis: 'practice',
    confidence: 'medium',
  },
  ductVelocity: {
    document: 'ACGIH Industrial Ventilation',
    clause: 'least duct velocity for welding fume, 2000 to 2500 fpm (10 to 13 m/s)',
    basis: 'published',
    confidence: 'high',
  },
} as const satisfies Readonly<Record<string, SourceRef>>
