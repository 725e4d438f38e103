import { describe, expect, it } from 'vitest'
import type { Finding } from '#core/findings/finding'
import { VOCABULARY } from '#core/ids/vocabulary'
import { words } from '#shared/words/en/words'
import { besidesBoard } from '#shared/words/en/besides-board'
import { sentences } from '#shared/words/en/findings'
import { cylinderWords } from '#shared/words/en/cylinder-words'
import { kitWords } from '#shared/words/en/kit-words'
import { SOURCE_BOOK } from '#core/source/book'
import type { SourceId } from '#core/source/book'
import type { SourceRef } from '#core/source/source-ref'
import { quantitiesIn } from '#shared/words/quantities'
import { citation } from '#shared/words/citation'
import { speak } from '#shared/words/speak'

describe('the catalogue', () => {
  it('has a word for every id of the vocabulary', () => {
    const {
      processes,
      baseMetals,
      coatings,
      consumables,
      shieldingGases,
      positions,
      confinements,
      heads,
      residues,
      containers,
      zones,
      gates,
      jurisdictions,
      workplaces,
      bayKinds,
      roles,
      cylinderGases,
      withdrawalRuleSets,
      storageBases,
      equipmentKinds,
      competences,
      tips,
    } = VOCABULARY
    for (const [list, named] of [
      [processes, words.processes],
      [baseMetals, words.baseMetals],
      [coatings, words.coatings],
      [consumables, words.consumables],
      [shieldingGases, words.shieldingGases],
      [positions, words.positions],
      [confinements, words.confinements],
      [heads, words.heads],
      [residues, words.residues],
      [containers, words.containers],
      [zones, words.zones],
      [gates, words.gates],
      [jurisdictions, words.jurisdictions],
      [workplaces, words.workplaces],
      [bayKinds, words.bayKinds],
      [roles, words.roles],
      [cylinderGases, kitWords.gases],
      [withdrawalRuleSets, kitWords.withdrawalRuleSets],
      [storageBases, cylinderWords.storageBases],
      [equipmentKinds, kitWords.equipmentKinds],
      [competences, kitWords.competences],
      [tips, kitWords.tips],
    ] as const) {
      expect(Object.keys(named).sort()).toEqual([...list].sort())
    }
  })
  it('names the thing and the next step, in the site\'s units', () => {
    const lighter: Finding<'eyes.helmet-lighter'> = {
      severity: 'hold',
      code: 'eyes.helmet-lighter',
      values: { helmet: 9, minimum: 10, ruleSet: 'us-legal' },
      sources: [],
    }
    expect(speak(lighter)).toEqual({
      message: 'This helmet is at 9; the lowest allowed is 10 (US law).',
      todo: 'Set it to 10 or darker, or take another helmet.',
      brief: 'Helmet 9, lowest allowed 10.',
    })
    const size: Finding<'shade.electrode-decides'> = {
      severity: 'caution',
      code: 'shade.electrode-decides',
      values: { process: 'smaw', electrodeDiameterMm: 3.175, currentA: 50, shade: 8 },
      sources: [],
    }
    expect(speak(size, 'us').message).toContain('1/8 in')
    expect(speak(size, 'metric').message).toContain('3.2 mm')
  })
  it('never rounds a shade up', () => expect(quantitiesIn('metric').shade(9.99)).toBe('9.9'))
  it('a width to be stripped is rounded up, never down', () => {
    // 30 mm are 1.1811 in, and 25.4 mm exactly an inch.
    expect([30, 25.4, 25.5, 0.1].map(quantitiesIn('us').strip)).toEqual(['1 1/4 in', '1 in', '1 1/8 in', '1/8 in'])
    expect([30, 30.01, 12.7].map(quantitiesIn('metric').strip)).toEqual(['30 mm', '31 mm', '13 mm'])
  })
  it('writes inches as shops say them', () => {
    const { length } = quantitiesIn('us')
    expect([25.4, 3.175, 31.75, 0.9, 2.38125].map(length)).toEqual(['1 in', '1/8 in', '1 1/4 in', '0.035 in', '3/32 in'])
  })
  it('ends every sentence, and blames nobody', () => {
    const all = { ...sentences, ...besidesBoard }
    for (const [code, sentence] of Object.entries(all))
      expect(sentence.toString(), code).not.toMatch(/you failed|!['"`]|invalid/i)
  })
  it('cites every source, and tells recalled figures to be checked', () => {
    for (const [id, { basis }] of Object.entries(SOURCE_BOOK) as [SourceId, SourceRef][])
      expect(citation(id, words.bases).includes('check your current edition')).toBe(basis === 'published')
  })
})
