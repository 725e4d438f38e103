import { describe, expect, it } from 'vitest'
import { judgeHelpersEyes } from '#core/clearance/helpers-eyes'
import { helpingNow } from '#core/job/helping'
import type { HelperEyes, Helping } from '#core/job/helping'
import { decideStation } from '#core/streams/station/decide-station'
import type { StationCommand } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { aroundWithPeople, DAY_ENDS, NOW, thing } from './bay-world'

const SEEN: HelperEyes = { shade: 11, glasses: 'clear-rated', at: NOW }
const helps = (personId: string, over: Partial<Helping> = {}): Helping =>
  ({ personId, sinceAt: NOW, untilAt: null, validUntil: DAY_ENDS, eyes: SEEN, ...over })
const ASKED = { minimum: 10, ruleSet: 'us-legal' } as const
const around = (items: Parameters<typeof aroundWithPeople>[0] = []) => aroundWithPeople(items).forPerson
const codes = (helpers: readonly Helping[], asked: typeof ASKED | null = ASKED, items: Parameters<typeof aroundWithPeople>[0] = []) => {
  const { found, missing } = judgeHelpersEyes({ helpers }, asked, around(items), NOW)
  return [...found, ...missing].map(({ code, severity }) => `${severity} ${code}`)
}

describe('by what would the eyes of who helps read clear who must hold?', () => {
  it('with the least shade and clear rated glasses nothing is said of them', () => {
    expect(codes([helps('teo'), helps('pia', { eyes: { ...SEEN, shade: 10 } })])).toEqual([])
    expect(codes([])).toEqual([])
  })
  it.each<[string, Partial<HelperEyes> | null, readonly string[]]>([
    ['nobody looked', null, ['hold eyes.helper-unseen']],
    ['a shade nobody said', { shade: undefined }, ['hold eyes.helper-unseen']],
    ['no filter', { shade: null }, ['hold eyes.helper-lighter']],
    ['a shade too light', { shade: 9 }, ['hold eyes.helper-lighter']],
    ['tinted glasses', { glasses: 'tinted' }, ['hold eyes.helper-glasses']],
    ['both', { shade: 5, glasses: 'none' }, ['hold eyes.helper-lighter', 'hold eyes.helper-glasses']],
  ])('%s', (_what, eyes, expected) => {
    expect(codes([helps('teo', { eyes: eyes && { ...SEEN, ...eyes } })])).toEqual(expected)
  })
  it('the good eyes of one do not answer for another', () =>
    expect(codes([helps('teo'), helps('pia', { eyes: null })])).toEqual(['hold eyes.helper-unseen']))
  it('work that asks for no shade asks for glasses all the same', () => {
    expect(codes([helps('teo', { eyes: { glasses: 'clear-rated', at: NOW } })], null)).toEqual([])
    expect(codes([helps('teo', { eyes: null })], null)).toEqual(['hold eyes.helper-unseen'])
    expect(codes([helps('teo', { eyes: { ...SEEN, glasses: 'none' } })], null)).toEqual(['hold eyes.helper-glasses'])
  })
  it('of their own helmets one has to be sound, and one tagged out must go', () => {
    const helmet = (tag: string, over = {}) => thing('helmet', tag, {}, { assignment: { to: 'person', id: 'teo' }, ...over })
    const out = helmet('H-2', { taggedOut: { reason: 'cracked', checks: [] } })
    expect(codes([helps('teo')], ASKED, [helmet('H-1')])).toEqual([])
    expect(codes([helps('teo')], ASKED, [out])).toEqual(['hold kit.tagged-out'])
    expect(codes([helps('teo')], ASKED, [helmet('H-1'), out])).toEqual(['hold kit.tagged-out'])
    // One that another wears says nothing of theirs.
    expect(codes([helps('pia')], ASKED, [out])).toEqual([])
  })
  it('who went, or helped yesterday, is looked at no more', () => {
    expect(codes([helps('teo', { eyes: null, untilAt: NOW })])).toEqual([])
    expect(codes([helps('teo', { eyes: null, validUntil: NOW })])).toEqual([])
  })
})

describe('a look at who helps', () => {
  const LATER = '2026-11-24T10:00:00.000Z'
  const EARLIER = '2026-11-24T08:00:00.000Z'
  const at = (when: string) => ({ bayId: 'one', now: LATER, at: when, by: 'maren', checksValidUntil: DAY_ENDS })
  const after = (station: Station, command: StationCommand, when = NOW): Station => {
    const decided = decideStation(station, command, at(when))
    if ('refused' in decided) throw new Error('refused')
    return decided.events.reduce(evolveStation, station)
  }
  const take: StationCommand = { type: 'station.take-helper', payload: { personId: 'teo' } }
  const look = (over: Partial<HelperEyes> = {}): StationCommand =>
    ({ type: 'station.check-helper', payload: { personId: 'teo', shade: 11, glasses: 'clear-rated', ...over } })
  const eyesIn = ({ helpers }: Station) => helpingNow(helpers, NOW)[0]?.eyes
  const here = after(EMPTY_STATION, take)

  it('is asked for anew of whoever comes, comes again, or is not there', () => {
    expect(eyesIn(here)).toBeNull()
    const looked = after(here, look())
    expect(eyesIn(looked)).toEqual(SEEN)
    const gone = after(looked, { type: 'station.end-help', payload: { personId: 'teo' } }, LATER)
    expect(eyesIn(after(gone, take, LATER))).toBeNull()
    expect(decideStation(EMPTY_STATION, look(), at(NOW))).toMatchObject({ refused: [{ code: 'command.no-helper-here' }] })
    const another = { ...look(), payload: { ...SEEN, personId: 'pia' } } as StationCommand
    expect(decideStation(here, another, at(NOW))).toMatchObject({ refused: [{ code: 'command.no-helper-here' }] })
  })
  it('of before they came, or older than what is known, changes nothing', () => {
    expect(eyesIn(after(here, look(), EARLIER))).toBeNull()
    const looked = after(here, look({ shade: 5 }), LATER)
    expect(eyesIn(after(looked, look({ shade: 12 }), NOW))).toMatchObject({ shade: 5 })
    expect(eyesIn(after(looked, look({ shade: 12 }), LATER))).toMatchObject({ shade: 12 })
  })
  it('that came in after they went says nothing of the next time', () => {
    const gone = after(here, { type: 'station.end-help', payload: { personId: 'teo' } }, NOW)
    const again = after(gone, take, LATER)
    expect(eyesIn(after(again, look(), NOW))).toBeNull()
  })
})
