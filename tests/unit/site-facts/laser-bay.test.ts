import { describe, expect, it } from 'vitest'
import { LASER_CHECKS } from '#core/ids/laser-ids'
import { hallStream, kitItemStream, personStream, samplesStream, stationStream } from '#core/ids/streams'
import type { PlanThing } from '#core/streams/hall/hall-plan'
import { listsFor } from '#core/inspection/built-in-lists'
import type { Job } from '#core/job/job'
import type { LaserFilter } from '#core/laser/beam'
import type { LaserCell } from '#core/laser/laser-cell'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { factsFromTold } from '#core/site-facts/told-site'
import type { Told } from '#core/site-facts/told-site'
import { judgeSite } from '#core/site-facts/judge-site'
import { TIG_JOB, twoBayShop } from '../../../demo/two-bay-shop'

const AT = '2026-11-28T08:20:00.000Z'
const LASER_JOB: Job = { ...TIG_JOB, process: 'lbw', arcMinPerH: 4 }
const GOOD: LaserFilter = { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 }
const CELL: LaserCell = {
  laserTag: 'LW-1',
  beam: { powerW: 1500, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, convention: '1/e' },
  answers: Object.fromEntries(LASER_CHECKS.map(check => [check, true])),
  present: [{ who: 'operator', eyewear: GOOD, helmet: GOOD }],
}
const bay = stationStream('bay-1')
const say = (stream: string, what: Pick<Told, 'type' | 'payload'>): Told => ({ ...what, at: AT, by: 'oskar-fenn', stream }) as Told

/** The shop of two bays, the first of which welds with a laser; told what is said here besides. */
function laserShop(...more: readonly Told[]) {
  const shop = twoBayShop(true)
  const laser = kitItemStream('lw-1')
  const told = [
    ...shop.told,
    say(laser, { type: 'item.register', payload: { kind: 'laser-welder', name: 'Handheld laser', marks: {} } }),
    say(laser, { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } }),
    ...listsFor('laser-welder').map(({ id, version, checks }) => say(laser, {
      type: 'item.inspect',
      payload: { listId: id, listVersion: version, answers: Object.fromEntries(checks.map(check => [check.id, true])) },
    })),
    say(personStream('runa-okafor'), { type: 'person.sign-off', payload: { process: 'lbw', isSignedOff: true } }),
    say(bay, { type: 'station.set-job', payload: { job: LASER_JOB } }),
    say(bay, {
      type: 'station.check-outfit',
      payload: { zones: requiredOutfit(LASER_JOB).map(({ zone, requirement }) => ({ zone, requirement, passes: true })) },
    }),
    ...more,
  ]
  const { facts, unaccepted } = factsFromTold({ ...shop, told })
  expect(unaccepted).toEqual([])
  return judgeSite(facts).find(one => one.bay.bayId === 'bay-1')!.verdict
}
/** What the beam makes of the air round it, which no table says: six shifts of each, well under every limit. */
const measured = (['ozone', 'nitrogen-dioxide'] as const).map(substance => say(samplesStream('bay-1'), {
  type: 'samples.record',
  payload: {
    surveyId: substance, substance, takenOn: '2026-11-20',
    results: [4, 5, 6, 4.5, 5.5, 7].map((tenths, i) => ({ label: `${i}`, mgPerM3: tenths / 1000, isBelowLoq: false, minutes: 240 })),
  },
}))
const looked = (cell: Partial<LaserCell> = {}) => say(bay, { type: 'station.check-laser-cell', payload: { ...CELL, ...cell } })

describe('a laser bay of a shop told in full', () => {
  it('is clear to strike once its cell is looked over, and only so', () => {
    expect(laserShop().word).toBe('hold')
    const { word, reason, gates } = laserShop(looked(), ...measured)
    expect([word, reason]).toEqual(['clear-to-strike', null])
    expect(gates.filter(({ state }) => state === 'hold' || state === 'to-do')).toEqual([])
  })
  it('holds while nobody measured the gases that no table says anything of', () => {
    const { word, byId } = laserShop(looked())
    expect([word, byId.eyes.state, byId.air.state]).toEqual(['hold', 'open', 'hold'])
    expect(byId.air.findings.map(({ code }) => code)).toContain('fume.gases-unknown')
    expect(laserShop(looked(), measured[0]!).byId.air.state).toBe('hold')
  })
  it('holds with one visitor without eyewear', () => {
    const { word, reason } = laserShop(looked({ present: [...CELL.present, { who: 'visitor', helmet: GOOD }] }), ...measured)
    expect([word, reason?.code]).toEqual(['hold', 'eyes.laser-without'])
  })
  it('holds with a helper of whom nobody said what they wear, and with one more than was told', () => {
    const helps = (personId: string) => say(bay, { type: 'station.take-helper', payload: { personId } })
    const helper = { who: 'helper', eyewear: GOOD, helmet: GOOD } as const
    const codes = (...told: readonly Told[]) => laserShop(...told, ...measured).byId.eyes.findings.map(({ code }) => code)
    expect(codes(helps('jun-pell'), looked())).toContain('eyes.laser-helpers-untold')
    expect(codes(helps('jun-pell'), looked({ present: [...CELL.present, helper] }))).not.toContain('eyes.laser-helpers-untold')
    const ofOne = looked({ present: [...CELL.present, helper] })
    expect(codes(helps('jun-pell'), helps('oskar-fenn'), ofOne)).toContain('eyes.laser-helpers-untold')
    // Whoever comes after the cell was looked over voids who was in it.
    expect(codes(looked({ present: [...CELL.present, helper] }), helps('jun-pell'))).toContain('eyes.laser-nobody-told')
  })
  it('holds once a stronger laser stands there, which nobody looked over', () => {
    const other = kitItemStream('lw-2')
    const { word, byId } = laserShop(
      looked(),
      ...measured,
      say(other, { type: 'item.register', payload: { kind: 'laser-welder', name: 'Stronger laser', marks: {} } }),
      say(other, { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } }),
    )
    expect([word, byId.eyes.findings[0]?.code]).toEqual(['hold', 'eyes.laser-another'])
  })
  it('holds once the plan of its hall shows a door where the beam goes, and is clear once a barrier is drawn before it', () => {
    const hall = hallStream('boat-shed')
    const plan = (...things: readonly PlanThing[]) => say(hall, {
      type: 'hall.lay-out',
      payload: { plan: { outline: { xM: 0, yM: 0, lengthM: 12, widthM: 8 }, things, ductsAt: {}, hoodsTowardsDeg: {} } },
    })
    const door: PlanThing = { kind: 'door', xM: 12, yM: 3, towardsDeg: 90, lengthM: 1 }
    const aimed = looked({ aim: { towardsDeg: 0, piece: 'flat' } })
    const { word, reason } = laserShop(aimed, ...measured, plan(door))
    expect([word, reason?.code]).toEqual(['hold', 'eyes.laser-way-out'])
    const barrier: PlanThing = { kind: 'laser-barrier', xM: 10, yM: 3, towardsDeg: 90, lengthM: 3 }
    expect(laserShop(aimed, ...measured, plan(door, barrier)).word).toBe('clear-to-strike')
    expect(laserShop(looked(), ...measured, plan(door)).byId.eyes.findings[0]?.code).toBe('eyes.laser-aim-untold')
  })
  it('holds with one thing of the cell not so', () =>
    expect(laserShop(looked({ answers: { ...CELL.answers, 'barrier-closed': false } }), ...measured).word).toBe('hold'))
})
