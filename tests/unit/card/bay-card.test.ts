import { describe, expect, it } from 'vitest'
import { firstNameOf, remindersFor } from '#core/card/bay-card'
import { PROCESSES } from '#core/ids/vocabulary'

// Common practice, no source.
describe('what a card reminds of', () => {
  it('three things for every process, each once', () => {
    for (const process of PROCESSES) {
      const said = remindersFor({ process })
      expect(said, process).toHaveLength(3)
      expect(new Set(said).size, process).toBe(3)
    }
  })
  it('what harms most stands first', () => {
    expect(remindersFor({ process: 'lbw' })[0]).toBe('beam-needs-eyewear')
    expect(remindersFor({ process: 'ofc', container: 'held-something', coating: 'zinc' }).slice(0, 2)).toEqual([
      'tank-cleaned-and-tested', 'coating-off-first',
    ])
    expect(remindersFor({ process: 'smaw', position: 'overhead' })[0]).toBe('sparks-from-above')
    expect(remindersFor({ process: 'smaw', position: 'overhead' }, true).slice(0, 2)).toEqual(['rest-from-heat', 'sparks-from-above'])
    expect(remindersFor({ process: 'gmaw', coating: 'zinc', coatingStripped: true })).not.toContain('coating-off-first')
  })
})
it('a card says a first name at most', () => {
  expect([firstNameOf('Kit Amari'), firstNameOf('  Jo-Ann  van Dyke '), firstNameOf('')]).toEqual(['Kit', 'Jo-Ann', ''])
})
