import { describe, expect, it } from 'vitest'
import { assessStation } from '#core/clearance/assess-station'
import { judgeKit } from '#core/site-facts/judge-kit'
import { NOBODY, personIn } from '#core/clearance/person-around'
import { kitAt, NO_KIT, NO_STANDING, outOfService, sortItemFindings } from '#core/clearance/kit-around'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import type { Finding } from '#core/findings/finding'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { KitItemFact } from '#core/inspection/kit-item-fact'
import { joinFacts } from '#core/site-facts/join-facts'
import { viewsOf } from '#core/site-facts/site-standing'
import { factsFromTold } from '#core/site-facts/told-site'
import type { Station } from '#core/streams/station/station'
import { CLEAR_SHOP } from '../never-clear/shops'
import { DAY_ENDS, MIX, NOW, OXYGEN, thing, TODAY } from './bay-world'

describe('the word at the end', () => {
  const { facts } = factsFromTold(CLEAR_SHOP)
  const { stations } = facts
  const bay = facts.site.bays.find(({ bayId }) => bayId === 'bay-1')!
  const judge = (over: Partial<Station> = {}, more: { readonly unheardSince?: string | null, readonly leak?: boolean } = {}) => {
    const leaking = (one: CylinderState) =>
      evolveCylinder(one, { type: 'danger-found', version: 1, payload: { danger: 'leak', at: facts.now } })!
    const known = more.leak ? { ...facts, cylinders: facts.cylinders.map(leaking) } : facts
    const view = viewsOf(joinFacts(known))(bay)
    return assessStation(
      { ...stations[bay.bayId]!, ...over },
      { ...view, ...(more.unheardSince === undefined ? {} : { unheardSince: more.unheardSince }) },
    )
  }
  it('is clear when every gate is open or not needed, with no reason and nothing closed', () => {
    expect(judge()).toMatchObject({ word: 'clear-to-strike', reason: null, firstClosed: null })
    expect(judge({}, { unheardSince: null }).word).toBe('clear-to-strike')
  })
  it('holds by the first gate in working order, and by its first reason', () => {
    expect(judge({ zones: {}, fireCheck: null })).toMatchObject({
      word: 'hold',
      firstClosed: 'body',
      reason: { code: 'body.zones-to-check' },
    })
    expect(judge({ fireCheck: null })).toMatchObject({ word: 'hold', firstClosed: 'fire', reason: { code: 'permit.day-check-due' } })
  })
  it('a gate that stops stops the place, whatever holds before it', () => {
    expect(judge({}, { leak: true })).toMatchObject({ word: 'stopped', firstClosed: 'gas', reason: { code: 'cylinder.danger' } })
    expect(judge({ zones: {} }, { leak: true })).toMatchObject({
      word: 'stopped',
      firstClosed: 'body',
      reason: { code: 'cylinder.danger' },
    })
  })
  it('somebody who stopped it goes before every gate', () =>
    expect(judge({ stop: { reason: 'smell', at: facts.now, by: 'kit' } }, { leak: true })).toMatchObject({
      word: 'stopped',
      reason: { code: 'station.stopped' },
    }))
  it('too long unheard nothing is clear; what held holds for its own reason', () => {
    expect(judge({}, { unheardSince: '2026-11-28T08:00:00.000Z' })).toMatchObject({
      word: 'hold',
      firstClosed: null,
      reason: { code: 'station.unheard', values: { sinceIso: '2026-11-28T08:00:00.000Z' } },
    })
    expect(judge({ fireCheck: null }, { unheardSince: '2026-11-28T08:00:00.000Z' }).reason?.code).toBe('permit.day-check-due')
  })
  it('a stick bay needs no gas gate, and is clear without it', () => {
    const gate = judge({ job: { ...stations[bay.bayId]!.job!, process: 'smaw' } })
    expect([gate.byId.gas.state, gate.firstClosed]).not.toContain('gas')
  })
})

describe('what stands at a bay', () => {
  const worn = thing('helmet', 'H-1', {}, { assignment: { to: 'person', id: 'imke' } })
  const shelved = thing('helmet', 'H-2', {}, { assignment: { to: 'place', id: 'bay-1' } })
  const loose = thing('helmet', 'H-3', {}, { assignment: null })
  const both = thing('extinguisher', 'EX-1', {}, { assignment: { to: 'bay', id: 'bay-1', alsoIds: ['bay-2'] } })
  const caged: CylinderState = { ...OXYGEN, standing: { in: 'place', placeId: 'bay-1', xM: 0, yM: 0 } }
  const stands = () => judgeKit(
    { lists: NO_OWN_LISTS, items: [worn, shelved, loose, both], cylinders: [MIX, caged, { ...OXYGEN, tag: 'OX-2', standing: null }] },
    NEW_SITE_RULES,
    TODAY,
    DAY_ENDS,
  )
  it('is what is assigned to it, worn by who stands there, or connected; what is in a place or nowhere is not', () => {
    const standing = stands()
    const [one, two] = [kitAt(standing, 'bay-1'), kitAt(standing, 'bay-2')]
    expect([one, two].map(({ items }) => items.map(({ tag }) => tag))).toEqual([['EX-1'], ['EX-1']])
    expect([one.cylinders.map(({ tag }) => tag), two.cylinders]).toEqual([['MX-1'], []])
    const of = (id: string | null) => personIn({ worn: standing.worn, wearers: {}, welders: {} }, id).worn
    expect([of('imke').map(({ tag }) => tag), of('kit'), of(null)]).toEqual([['H-1'], [], []])
    expect(Object.keys(standing.worn)).toEqual(['imke'])
    expect(personIn({ worn: { null: standing.worn.imke! }, wearers: {}, welders: {} }, null)).toEqual(NOBODY)
    expect([NO_KIT.items, NO_KIT.cylinders, kitAt(NO_STANDING, 'bay-1').items]).toEqual([[], [], []])
  })
  const fact = (over: Partial<KitItemFact>): KitItemFact => ({
    tag: 'T-1',
    kind: 'hose',
    name: 'Hose',
    marks: {},
    mayUse: true,
    findings: [],
    validUntil: DAY_ENDS,
    seenAt: null,
    distanceM: null,
    ...over,
  })
  const said = (severity: Finding['severity'], code: string): Finding =>
    ({ severity, code, values: {}, sources: [] }) as unknown as Finding
  it('a look that is due is to do, everything else was found; of yesterday\'s judgement nothing is kept', () => {
    const [found, missing]: [Finding[], Finding[]] = [[], []]
    sortItemFindings(
      [
        fact({
          findings: [
            said('hold', 'kit.look-due'),
            said('hold', 'kit.never-done'),
            said('hold', 'kit.late'),
            said('caution', 'kit.in-grace'),
          ],
        }),
        fact({ tag: 'T-2', validUntil: NOW, findings: [said('hold', 'kit.tagged-out')] }),
      ],
      NOW,
      found,
      missing,
    )
    expect([found.map(({ code }) => code), missing.map(({ code }) => code)]).toEqual([
      ['kit.late', 'kit.in-grace'],
      ['kit.look-due', 'kit.never-done', 'gate.facts-stale'],
    ])
  })
  it('before there is a job only what is tagged out or a danger is said', () => {
    const items = [fact({ findings: [said('hold', 'kit.tagged-out'), said('hold', 'kit.late'), said('stop', 'cylinder.danger')] })]
    expect(outOfService(items).map(({ code }) => code)).toEqual(['kit.tagged-out', 'cylinder.danger'])
    expect(
      outOfService(
        [],
        [{ ...kitAt(stands(), 'bay-1').cylinders[0]!, findings: [said('hold', 'cylinder.empty'), said('stop', 'cylinder.danger')] }],
      ).map(({ code }) => code),
    ).toEqual(['cylinder.danger'])
  })
})
