import type { SourceRef } from './source-ref'

/** What is said of the marks of eyewear and of what a helmet can be set to. Recalled from memory: check your edition. */
export const EYEWEAR_SOURCES = {
  usEyewearMarks: {
    document: 'ANSI/ISEA Z87.1',
    clause: 'marking',
    edition: '2020',
    basis: 'published',
    confidence: 'high',
  },
  euEyewearMarks: {
    document: 'EN 166',
    clause: 'marking; EN ISO 16321-1 takes its place',
    edition: '2001',
    basis: 'published',
    confidence: 'high',
  },
  switchingTime: {
    document: 'EN 379',
    clause: 'switching time by light and dark shade: about forty seconds of looking through the dark lens, at most',
    edition: '2003 + A1:2009',
    basis: 'derived',
    confidence: 'low',
  },
  nextShade: {
    document: 'EN 169; AWS F2.2',
    clause: 'the next darker or lighter shade may be used, never under the least',
    basis: 'published',
    confidence: 'high',
  },
} as const satisfies Readonly<Record<string, SourceRef>>
