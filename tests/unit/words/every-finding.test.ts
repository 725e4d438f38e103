import { describe, expect, it } from 'vitest'
import type { Finding, FindingCode } from '#core/findings/finding'
import { besidesBoard } from '#shared/words/en/besides-board'
import { learnSentences, speak } from '#shared/words/speak'
import { SAMPLES } from './finding-samples'

learnSentences(besidesBoard)

/** As a rule would answer; what it cites is no matter here. */
const sample = (code: FindingCode): Finding => ({ severity: 'hold', code, values: SAMPLES[code], sources: [] })

describe('every finding', () => {
  it.each(Object.keys(SAMPLES) as FindingCode[])('%s is a plain sentence in both systems of units, with nothing left open', (code) => {
    for (const units of ['metric', 'us'] as const) {
      const { message, todo, brief } = speak(sample(code), units)
      for (const text of [message, brief, ...(todo === null ? [] : [todo])]) expect(text, code).toMatch(/^["A-Z\d].*\.$/s)
      expect(`${message}${todo}`).not.toMatch(/undefined|NaN|\[object|null [a-z]/)
      expect(brief.length).toBeLessThanOrEqual(message.length)
    }
  })
  it('that holds a gate says what to do next', () => {
    const holding: FindingCode[] = [
      'job.not-set',
      'job.field-missing',
      'job.coating-unknown',
      'job.residue-present',
      'job.container',
      'eyes.helmet-not-set',
      'eyes.helmet-lighter',
      'eyes.helmet-fault',
      'eyes.glasses-wrong',
      'body.zone-fails',
      'body.zones-to-check',
      'station.stopped',
      'command.stale',
      'command.not-allowed',
    ]
    for (const code of holding) expect(speak(sample(code)).todo, code).not.toBeNull()
  })
})
