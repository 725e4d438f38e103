import { describe, expect, it } from 'vitest'
import type { FindingCode, FindingValues } from '#core/finding'
import { finding } from '#core/finding'
import { speak } from '#shared/messages/speak'

/** One set of values for each code: the compiler asks for it when a code is added. */
const SAMPLES: { readonly [Code in FindingCode]: FindingValues[Code] } = {
  'shade.input-missing': { process: 'gmaw', input: 'currentA' },
  'shade.current-beyond-table': { process: 'smaw', currentA: 600, tableEndsA: 550, ruleSet: 'us-legal' },
  'shade.flow-beyond-table': { process: 'ofc', flowLPerH: 9000, tableEndsLPerH: 8000, ruleSet: 'eu' },
  'shade.below-table': { process: 'smaw', ruleSet: 'eu' },
  'shade.no-row': { process: 'saw', ruleSet: 'us-legal' },
  'shade.no-minimum-printed': { process: 'tb', ruleSet: 'us-consensus' },
  'shade.row-not-shipped': { process: 'paw', ruleSet: 'eu' },
  'shade.no-rule-set-answers': { process: 'paw' },
  'shade.laser-not-a-shade': { process: 'lbw' },
  'shade.clear-glasses-only': { process: 'grinding' },
  'shade.buried-arc-flash': { process: 'saw' },
  'shade.older-edition': { ruleSet: 'eu' },
  'shade.electrode-decides': { process: 'smaw', electrodeDiameterMm: 5, currentA: 100, shade: 10 },
  'shade.electrode-only': { process: 'smaw', electrodeDiameterMm: 3.2 },
  'shade.construction-size-unknown': { process: 'smaw', shade: 14 },
  'shade.construction-nearest-row': { process: 'pac' },
  'shade.visible-arc': { process: 'pac' },
  'shade.sodium-light': { process: 'ofw' },
  'shade.house-not-for-process': { process: 'tb' },
  'shade.no-house-minimum': { process: 'gmaw' },
  'shade.law-silent': { process: 'tb', ruleSet: 'us-legal' },
  'shade.strictest-assumed': { ruleSet: 'eu' },
  'shade.start-darkest': { shade: 14, minimum: 10 },
  'shade.worn-lighter': { worn: 9, minimum: 10, ruleSet: 'us-legal' },
  'shade.worn-below-start': { worn: 10, start: 12 },
  'shade.tint-not-counted': { worn: 9, effective: 10.9 },
  'job.not-set': {},
  'job.field-missing': { field: 'coating', process: 'gmaw' },
  'job.field-assumed': { field: 'currentRangeA' },
  'job.coating-unknown': {},
  'job.coating-maybe-cadmium': {},
  'job.coating-burns-off': { coating: 'zinc' },
  'job.residue-present': {},
  'job.residue-unknown': {},
  'job.container': { container: 'held-something' },
  'job.times-reversed': { startsAt: '08:00', endsAt: '08:00' },
  'eyes.job-first': {},
  'eyes.helmet-not-set': { minimum: 10, start: 12 },
  'eyes.helmet-lighter': { helmet: 9, minimum: 10, ruleSet: 'house' },
  'eyes.helmet-below-start': { helmet: 10, start: 12 },
  'eyes.helmet-not-checked': {},
  'eyes.helmet-fault': { fault: 'unnamed' },
  'eyes.glasses-not-checked': { process: 'gmaw' },
  'eyes.glasses-wrong': { kind: 'none' },
  'eyes.tint-explains': { helmet: 9, added: 1.9, effective: 10.9 },
  'body.job-first': {},
  'body.zones-to-check': { zones: ['ears', 'eyes'], count: 2 },
  'body.zone-fails': { zone: 'torso', requirement: 'fr-jacket' },
  'body.requirement-changed': { zones: ['neck'], count: 1 },
  'station.stopped': { reason: null, at: '2026-11-23T08:00:00.000Z' },
  'gate.not-judged-yet': { gate: 'air' },
  'gate.not-needed': { gate: 'gas', process: 'smaw' },
  'command.stale': { streamId: 'station/bay-1', expectedVersion: 1, version: 2 },
  'command.not-allowed': { right: 'set-jobs', roles: ['learner', 'fire-watch'] },
  'command.id-reused': { commandId: 'x' },
  'command.unknown-stream': { streamId: 'moon' },
  'command.not-stopped': {},
  'command.name-taken': { name: 'Hall' },
  'command.person-unknown': { personId: 'ghost' },
  'command.bay-unknown': { bayId: 'bay-99' },
  'command.pin-wrong': {},
  'command.pin-locked': { untilIso: '2026-11-23T08:00:00.000Z' },
  'command.last-safety-lead': {},
  'command.person-has-left': { name: 'Teo' },
  'command.late-report': { minutes: 12 },
}

describe('every finding', () => {
  it.each(Object.keys(SAMPLES) as FindingCode[])('%s is a plain sentence in both systems of units, with nothing left open', (code) => {
    for (const units of ['metric', 'us'] as const) {
      const { message, todo, brief } = speak(finding('hold', code, SAMPLES[code]), units)
      for (const text of [message, brief, ...todo === null ? [] : [todo]]) expect(text, code).toMatch(/^["A-Z\d].*\.$/s)
      expect(`${message}${todo}`).not.toMatch(/undefined|NaN|\[object|null [a-z]/)
      expect(brief.length).toBeLessThanOrEqual(message.length)
    }
  })
  it('that holds a gate says what to do next', () => {
    const holding: FindingCode[] = ['job.not-set', 'job.field-missing', 'job.coating-unknown', 'job.residue-present', 'job.container', 'eyes.helmet-not-set', 'eyes.helmet-lighter', 'eyes.helmet-fault', 'eyes.glasses-wrong', 'body.zone-fails', 'body.zones-to-check', 'station.stopped', 'command.stale', 'command.not-allowed']
    for (const code of holding) expect(speak(finding('hold', code, SAMPLES[code])).todo, code).not.toBeNull()
  })
})
