import { describe, expect, it } from 'vitest'
import { isRefused } from '#core/streams/decision'
import { hallIdOf } from '#core/air/air-facts'
import { decideSite, evolveSite, NO_SITE } from '#core/streams/site/site'
import { baysClosedBy, baysTurnedBy } from '#core/streams/site/still-there'
import type { NewBay, Site, SiteCommand } from '#core/streams/site/site'

const bay = (n: number): NewBay => ({ bayId: `bay-${n}`, label: String(n), kind: 'designated' })
const SHED: SiteCommand = {
  type: 'site.set-out',
  payload: {
    hall: { hallId: 'shed', name: 'Shed', size: { lengthM: 20, widthM: 10, heightM: 6 } },
    area: { areaId: 'benches', name: 'Benches' },
    bays: [bay(1), bay(2)],
  },
}
const refusedBy = (site: Site, command: SiteCommand): readonly string[] => {
  const decision = decideSite(site, command)
  return isRefused(decision) ? decision.refused.map(({ code }) => code) : []
}
function after(site: Site, ...commands: readonly SiteCommand[]): Site {
  return commands.reduce((before, command) => {
    const decision = decideSite(before, command)
    if (isRefused(decision)) throw new Error(`${command.type}: ${decision.refused[0]!.code}`)
    return decision.events.reduce(evolveSite, before)
  }, site)
}
const shed = after(NO_SITE, SHED)
const bayIn = (site: Site, bayId: string) => site.bays.find(one => one.bayId === bayId)!
const changeArea = (over: object): SiteCommand =>
  ({ type: 'site.change-area', payload: { areaId: 'benches', hallId: 'shed', name: 'Benches', closed: false, ...over } })
const changeHall = (over: object): SiteCommand =>
  ({ type: 'site.change-hall', payload: { hallId: 'shed', name: 'Shed', closed: false, ...over } })

describe('a hall set out in one go', () => {
  it('has its size, its area and its bays, all open', () => {
    expect(shed.halls).toEqual([{ hallId: 'shed', name: 'Shed', size: { lengthM: 20, widthM: 10, heightM: 6 } }])
    const bays = shed.bays.map(({ label, areaId, closed }) => [label, areaId, closed])
    expect(bays).toEqual([['1', 'benches', false], ['2', 'benches', false]])
  })
  it('takes more bays later, in the same area', () => {
    const more: SiteCommand = { ...SHED, payload: { ...SHED.payload, hall: { hallId: 'shed', name: 'Shed' }, bays: [bay(3)] } }
    expect(after(shed, more).bays.map(({ label }) => label)).toEqual(['1', '2', '3'])
    expect(after(shed, more).halls).toHaveLength(1)
  })
  it('is refused whole where one bay of it is there, or comes twice', () => {
    const there = { hallId: 'shed', name: 'Shed' }
    expect(refusedBy(shed, { ...SHED, payload: { ...SHED.payload, hall: there, bays: [bay(3), bay(2)] } })).toEqual(['command.name-taken'])
    expect(refusedBy(NO_SITE, { ...SHED, payload: { ...SHED.payload, bays: [bay(1), bay(1)] } })).toEqual(['command.name-taken'])
  })
  it('calls and measures nothing anew in passing', () => {
    const more = (over: object): SiteCommand => ({ ...SHED, payload: { ...SHED.payload, bays: [bay(3)], ...over } })
    expect(refusedBy(shed, more({}))).toEqual(['command.name-taken'])
    expect(refusedBy(shed, more({ hall: { hallId: 'shed', name: 'Barn' } }))).toEqual(['command.name-taken'])
    const elsewhere = { hall: { hallId: 'shed', name: 'Shed' }, area: { areaId: 'benches', name: 'Racks' } }
    expect(refusedBy(shed, more(elsewhere))).toEqual(['command.name-taken'])
  })
  it('never takes an area out of its hall', () => {
    const elsewhere: SiteCommand = { ...SHED, payload: { ...SHED.payload, hall: { hallId: 'yard', name: 'Yard' }, bays: [bay(3)] } }
    expect(refusedBy(shed, elsewhere)).toEqual(['command.name-taken'])
  })
})

describe('what a change takes out of use', () => {
  const two = after(
    shed,
    { type: 'site.add-area', payload: { areaId: 'racks', hallId: 'shed', name: 'Racks' } },
    { type: 'site.add-bay', payload: { ...bay(3), areaId: 'racks' } },
    { type: 'site.change-bay', payload: { ...bayIn(shed, 'bay-2'), closed: true } },
  )
  it('is every bay in use of it, and none of another', () => {
    expect(baysClosedBy(two, changeHall({ closed: true }))).toEqual(['bay-1', 'bay-3'])
    expect(baysClosedBy(two, changeArea({ closed: true }))).toEqual(['bay-1'])
    expect(baysClosedBy(two, { type: 'site.change-bay', payload: { ...bayIn(two, 'bay-3'), closed: true } })).toEqual(['bay-3'])
    // Moved and closed in one go, it is the bay that closes, wherever it goes.
    const moved = { ...bayIn(two, 'bay-3'), areaId: 'benches', closed: true }
    expect(baysClosedBy(two, { type: 'site.change-bay', payload: moved })).toEqual(['bay-3'])
  })
  it('or makes a bay of another kind, if it is in use', () => {
    const turn = (bayId: string, kind: 'designated' | 'structure'): SiteCommand =>
      ({ type: 'site.change-bay', payload: { ...bayIn(two, bayId), kind } })
    expect([turn('bay-1', 'structure'), turn('bay-1', 'designated'), turn('bay-2', 'structure'), changeHall({ closed: true })]
      .map(command => baysTurnedBy(two, command))).toEqual([['bay-1'], [], [], []])
  })
  it('is nothing where it stays open', () => {
    for (const command of [changeHall({}), changeArea({}), { type: 'site.change-bay', payload: bayIn(two, 'bay-1') }] as const)
      expect(baysClosedBy(two, command)).toEqual([])
  })
})

describe('a hall, an area, a bay', () => {
  it('is called otherwise, but not as another', () => {
    expect(after(shed, changeHall({ name: 'Long shed' })).halls[0]!.name).toBe('Long shed')
    const two = after(shed, { type: 'site.add-hall', payload: { hallId: 'yard', name: 'Yard' } })
    expect(refusedBy(two, changeHall({ name: ' YARD ' }))).toEqual(['command.name-taken'])
    expect(refusedBy(two, changeHall({ hallId: 'nowhere' }))).toEqual(['command.unknown-stream'])
    expect(refusedBy(two, changeArea({ areaId: 'nowhere' }))).toEqual(['command.unknown-stream'])
  })
  it('moves with all that is in it', () => {
    const two = after(shed, { type: 'site.add-hall', payload: { hallId: 'yard', name: 'Yard' } })
    expect(hallIdOf(after(two, changeArea({ hallId: 'yard' })), 'bay-1')).toBe('yard')
    expect(refusedBy(two, changeArea({ hallId: 'nowhere' }))).toEqual(['command.unknown-stream'])
  })
  it('closes with all that is in it, and nothing is opened or put into what is closed', () => {
    const closed = after(shed, changeHall({ closed: true }))
    expect([closed.halls[0]!.closed, closed.areas[0]!.closed, closed.bays.every(one => one.closed)]).toEqual([true, true, true])
    for (const command of [
      { type: 'site.change-bay', payload: { ...bayIn(closed, 'bay-1'), closed: false } },
      changeArea({}),
      { type: 'site.add-bay', payload: { ...bay(9), areaId: 'benches' } },
      { type: 'site.add-area', payload: { areaId: 'new', hallId: 'shed', name: 'New' } },
    ] as const)
      expect(refusedBy(closed, command), command.type).toEqual(['command.place-closed'])
  })
  it('opens again from the outside in, one by one', () => {
    const opened = after(shed, changeHall({ closed: true }), changeHall({}), changeArea({}))
    expect(opened.bays.every(one => one.closed)).toBe(true)
    const one = after(opened, { type: 'site.change-bay', payload: { ...bayIn(opened, 'bay-1'), closed: false } })
    expect(one.bays.map(({ closed }) => closed)).toEqual([false, true])
  })
})
