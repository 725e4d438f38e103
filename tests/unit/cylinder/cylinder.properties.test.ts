import fc from 'fast-check'
import { describe, it } from 'vitest'
import { contentsByPressure } from '#core/cylinder/contents'
import type { GasContent } from '#core/cylinder/gas'
import { requalification } from '#core/cylinder/requalification'
import type { RequalificationQuestion } from '#core/cylinder/requalification'
import { edgeDistanceM, pathRoundM, sightDistanceM } from '#core/cylinder/separation'

const TODAY = '2026-11-23'
const GASES: readonly GasContent[] = [
  'oxygen',
  'argon',
  'helium',
  'carbon-dioxide',
  'acetylene',
  'propane',
  { 'argon': 75, 'carbon-dioxide': 25 },
  { 'argon': 60, 'carbon-dioxide': 40 },
]
const specification = fc.constantFrom('DOT-3AA2400', 'ICC-3A2015', 'DOT-3AL1800', 'DOT-4BA240', 'DOT-8AL', '3AX2400', 'ISO 9809-1')
const month = fc.integer({ min: 1, max: 12 })
/** Dates as they follow each other on a shoulder. */
const dates = fc
  .array(
    fc.record({ month, year: fc.integer({ min: 1940, max: 2025 }), marks: fc.constantFrom('', '*', '+', '+*', ' S', ' F', ' FS', ' E') }),
    { minLength: 1, maxLength: 5 },
  )
  .map(list => list.sort((a, b) => a.year * 12 + a.month - b.year * 12 - b.month))
const question = fc
  .record({
    specification,
    dates,
    gas: fc.constantFrom(...GASES),
    waterVolumeL: fc.constantFrom(10, 43.8, 60),
    filledInPlace: fc.boolean(),
    digits: fc.constantFrom(2, 4),
  })
  .map(({ specification: mark, dates: list, digits, ...rest }): RequalificationQuestion => ({
    ...rest,
    today: TODAY,
    stamps: [
      mark,
      ...list.map(({ month: m, year, marks }) =>
        mark.startsWith('ISO')
          ? `${String(year).slice(-digits)}/${String(m).padStart(2, '0')}`
          : `${m}-${String(year).slice(-digits)}${marks}`,
      ),
    ].join(' / '),
  }))

/** Nothing is known counts as the earliest: a hold comes before every date. */
const atMost = (doubtful: string | null, certain: string | null) => doubtful === null || (certain !== null && doubtful <= certain)

describe('reading stamps: doubt never gives a later date', () => {
  it('not knowing the size', () =>
    fc.assert(
      fc.property(question, ({ waterVolumeL: _w, ...rest }) =>
        atMost(requalification(rest).nextDue, requalification({ ...rest, waterVolumeL: 43.8 }).nextDue),
      ),
    ))
  it('not knowing how it was filled', () =>
    fc.assert(
      fc.property(question, ({ filledInPlace: _f, ...rest }) =>
        atMost(requalification(rest).nextDue, requalification({ ...rest, filledInPlace: false }).nextDue),
      ),
    ))
  it('a digit that cannot be read', () => fc.assert(fc.property(question, fc.nat(), (asked, at) => {
    const places = [...asked.stamps.matchAll(/\d/g)].map(({ index }) => index).filter(index => index > asked.stamps.indexOf(' / '))
    const place = places[at % places.length]!
    const doubtful = requalification({ ...asked, stamps: `${asked.stamps.slice(0, place)}?${asked.stamps.slice(place + 1)}` })
    return doubtful.nextDue === null && !doubtful.mayFill
  })))
  it('a star that is worn away', () =>
    fc.assert(
      fc.property(question, asked =>
        atMost(requalification({ ...asked, stamps: asked.stamps.replaceAll('*', '') }).nextDue, requalification(asked).nextDue),
      ),
    ))
  it('the newest test not found', () => fc.assert(fc.property(question, (asked) => {
    const marks = asked.stamps.split(' / ')
    // A newer test without the star, or a visual one, shortens: there the mark itself, not its absence, is the doubt.
    fc.pre(marks.length > 2 && !/[*SEF]/.test(marks.slice(1).join('')))
    // Marks that are already a question (acetylene without its letter, say) are no certain reading to compare with.
    const certain = requalification(asked).nextDue
    fc.pre(certain !== null)
    return atMost(requalification({ ...asked, stamps: marks.slice(0, -1).join(' / ') }).nextDue, certain)
  })))
  it('always a last day of the month, with what may be done agreeing with it', () => fc.assert(fc.property(question, (asked) => {
    const { nextDue, overdue, mayFill } = requalification(asked)
    if (nextDue === null) return true
    const next = new Date(`${nextDue}T00:00:00Z`)
    next.setUTCDate(next.getUTCDate() + 1)
    return next.getUTCDate() === 1 && overdue === (TODAY > nextDue) && !(overdue && mayFill)
  })))
  it('any text is answered', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), fc.constantFrom(...GASES), (stamps, gas) => {
        requalification({ stamps, gas, today: TODAY })
      }),
    ))
})

describe('contents', () => {
  const gas = fc.constantFrom<GasContent>(
    'oxygen',
    'argon',
    'nitrogen',
    'helium',
    'hydrogen',
    'air',
    { 'argon': 82, 'carbon-dioxide': 18 },
    { argon: 98, oxygen: 2 },
  )
  it('rise with pressure and fall with temperature', () =>
    fc.assert(
      fc.property(
        gas,
        fc.double({ min: 100, max: 29_000, noNaN: true }),
        fc.double({ min: -20, max: 50, noNaN: true }),
        (content, gaugePressureKPa, temperatureC) => {
          const at = (pressure: number, temperature: number) =>
            contentsByPressure({ gas: content, waterVolumeL: 50, gaugePressureKPa: pressure, temperatureC: temperature }).freeGasM3
          return (
            at(gaugePressureKPa + 100, temperatureC) > at(gaugePressureKPa, temperatureC)
            && at(gaugePressureKPa, temperatureC + 5) < at(gaugePressureKPa, temperatureC)
          )
        },
      ),
    ))
  it('lie within their band', () =>
    fc.assert(
      fc.property(gas, fc.double({ min: 0, max: 29_000, noNaN: true }), (content, gaugePressureKPa) => {
        const { freeGasM3, band } = contentsByPressure({ gas: content, waterVolumeL: 50, gaugePressureKPa, temperatureC: 20 })
        return band.lowM3 <= freeGasM3 && freeGasM3 <= band.highM3
      }),
    ))
})

describe('separation', () => {
  const metre = fc.integer({ min: -80, max: 80 }).map(tenth => tenth / 10)
  const footprint = fc.record({
    xM: metre,
    yM: metre,
    widthM: fc.integer({ min: 1, max: 20 }).map(tenth => tenth / 10),
    depthM: fc.integer({ min: 1, max: 20 }).map(tenth => tenth / 10),
  })
  const walls = fc.array(fc.record({ x1M: metre, y1M: metre, x2M: metre, y2M: metre }), { maxLength: 3 })
  it('a wall never shortens: edge ≤ way round ≤ line of sight', () => fc.assert(fc.property(footprint, footprint, walls, (a, b, list) => {
    fc.pre(edgeDistanceM(a, b) > 0)
    const [edge, path, sight] = [edgeDistanceM(a, b), pathRoundM(a, b, list), sightDistanceM(a, b, list)]
    return edge <= path + 1e-6 && path <= sight + 1e-6
  })))
  it('no wall: the straight line is the edge distance', () =>
    fc.assert(fc.property(footprint, footprint, (a, b) => Math.abs(sightDistanceM(a, b, []) - edgeDistanceM(a, b)) < 1e-9)))
  it('no line between points of the two is free and shorter than the line of sight says', () =>
    fc.assert(
      fc.property(
        footprint,
        footprint,
        walls,
        fc.array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })), {
          minLength: 2,
          maxLength: 2,
        }),
        (a, b, list, [from, to]) => {
          fc.pre(edgeDistanceM(a, b) > 0.01)
          const point = ({ xM, yM, widthM, depthM }: typeof a, [u, v]: readonly [number, number]) => ({
            xM: xM + u * widthM,
            yM: yM + v * depthM,
            widthM: 0,
            depthM: 0,
          })
          const [start, end] = [point(a, from!), point(b, to!)]
          const free = sightDistanceM(start, end, list)
          // Two points that see each other straight are as far apart as their line; the areas they lie in are no farther.
          return !(free <= edgeDistanceM(start, end) + 1e-9) || sightDistanceM(a, b, list) <= free * 1.001 + 0.002
        },
      ),
    ))
})
