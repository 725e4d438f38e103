import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { RULES_VERSION } from '#core/clearance/assess-station'
import { airOf } from '#core/air/air-facts'
import { workPatternOf, NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { judgeExposure } from '#core/exposure/judge-exposure'
import { exposureRuleSetsInForce } from '#core/exposure/rule-sets'
import { LASER_CHECKS } from '#core/ids/laser-ids'
import { listsFor } from '#core/inspection/built-in-lists'
import type { Job } from '#core/job/job'
import type { Extraction } from '#core/streams/hall/hall'
import { readSiteFacts } from '#server/tables/site-facts'
import { noteHealth } from '#server/door/note-apart'
import { rebuild } from '#server/record/rebuild'
import { readSite } from '#server/tables/site'
import { readHelpers } from '#server/tables/permit'
import { baysOfPeople } from '#server/tables/station'
import { BAY_1, BAY_2, count, openShop, passingAnswers } from './shop'
import type { Shop } from './shop'
import { FUME_SHEETS_STREAM, HOUSE_RULES_STREAM, hallStream, kitItemStream, personStream, samplesStream } from '#core/ids/streams'
import { readHouseRules } from '#server/tables/house-rules'
import { eraseWearer, keepWearer, readWearers } from '#server/tables/wearer'
import { NO_SITE } from '#core/streams/site/site'

const LONDON = { ...NO_SITE, timeZone: 'Europe/London' }

const AIR = {
  isOpenAir: false,
  volumeM3: 2400,
  ceilingM: 5.5,
  supplyM3PerS: 3,
  outdoorShare: 1,
  filterEfficiency: 0,
  backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5,
  airSpeedMPerS: 0.15,
}
const ARM: Extraction = {
  kind: 'arm',
  diameterM: 0.2,
  flanged: true,
  flowM3PerS: 0.33,
  flowFrom: 'traverse',
  returnsAir: false,
  filterEfficiency: 0,
}
const JOB: Job = {
  process: 'smaw',
  currentA: 165,
  consumable: 'e7018',
  electrodeDiameterMm: 4,
  plateThicknessMm: 8,
  baseMetal: 'mild-steel',
  coating: 'none',
  position: 'flat',
  confinement: 'open',
  startsAt: '08:00',
  endsAt: '12:00',
  arcMinPerH: 5,
  residue: 'none',
  container: 'not-a-container',
}

let shop: Shop
const lead = () => shop.as(['safety-lead'])
const instructor = () => shop.as(['instructor'], 'maren')
const sendOk = async (...args: Parameters<Shop['send']>) => {
  const answer = await shop.send(...args)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return answer
}
/** A gate of a bay as it was last put on record. */
const gateEvents = (bay: string, gate = 'air') =>
  shop.pool
    .query<{
    body_json: {
      payload: { gate: string, state: string, rulesVersion: number, findings: { code: string, values: Record<string, unknown> }[] }
      commandId: string
    }
  }>(
      `select body_json from event where site_id = $1 and stream_id = $2 and type = 'gate-changed' and body_json->'payload'->>'gate' = $3 order by version desc limit 1`,
      [shop.siteId, bay, gate],
    )
    .then(({ rows }) => rows[0]!.body_json.payload)

beforeAll(async () => {
  shop = await openShop()
  await sendOk(lead(), [HOUSE_RULES_STREAM], { type: 'house-rules.change', payload: { ...NEW_SITE_RULES, exposureBasis: 'us-ca' } })
  await sendOk(instructor(), [BAY_1], { type: 'station.set-job', payload: { job: JOB } })
  await sendOk(instructor(), [BAY_2], { type: 'station.set-job', payload: { job: JOB } })
})
afterAll(() => shop.close())

describe('air behind the one door', () => {
  it('an undescribed hall leaves its bays to do; describing it is for the safety lead, and every bay records what changed', async () => {
    expect(await gateEvents(BAY_1)).toMatchObject({ state: 'to-do', findings: [{ code: 'air.hall-unknown' }], rulesVersion: RULES_VERSION })
    expect((await shop.send(instructor(), [hallStream('hall')], { type: 'hall.describe', payload: { air: AIR } })).body).toMatchObject({
      findings: [{ code: 'command.not-allowed' }],
    })
    expect((await shop.send(lead(), [hallStream('nowhere')], { type: 'hall.describe', payload: { air: AIR } })).body).toMatchObject({
      findings: [{ code: 'command.unknown-stream' }],
    })
    await sendOk(lead(), [hallStream('hall')], { type: 'hall.describe', payload: { air: AIR } })
    for (const bay of [BAY_1, BAY_2]) expect((await gateEvents(bay)).findings.map(({ code }) => code)).toContain('air.hood-unknown')
  })
  it('a bay is fitted in its own hall only; placed and looked at, its gate opens', async () => {
    expect(
      (
        await shop.send(lead(), [hallStream('hall')], {
          type: 'hall.fit-bay',
          payload: { bayId: 'bay-9', fitted: { xM: 0, yM: 0, extraction: ARM } },
        })
      ).status,
    ).toBe(409)
    for (const bayId of ['bay-1', 'bay-2'])
      await sendOk(lead(), [hallStream('hall')], { type: 'hall.fit-bay', payload: { bayId, fitted: { xM: 0, yM: 0, extraction: ARM } } })
    await sendOk(instructor(), [BAY_1], { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.2 } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).toContain('air.extraction-not-checked')
    await sendOk(instructor(), [BAY_1], {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true },
    })
    expect((await gateEvents(BAY_1)).state).toBe('open')
  })
  it('what a neighbour starts is breathed next door, and recorded there under the same command', async () => {
    await sendOk(instructor(), [BAY_2], { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.2 } })
    await sendOk(instructor(), [BAY_2], {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true },
    })
    const before = await count(shop.pool, `select count(*) from event where stream_id = $1`, [BAY_1])
    const sent = shop.command([BAY_2], { type: 'station.set-job', payload: { job: { ...JOB, arcMinPerH: 55, consumable: 'e6011' } } })
    await sendOk(
      instructor(),
      [BAY_2],
      { type: 'station.set-job', payload: { job: { ...JOB, arcMinPerH: 55, consumable: 'e6011' } } },
      { id: sent.id },
    )
    expect(await count(shop.pool, `select count(*) from event where stream_id = $1`, [BAY_1])).toBeGreaterThan(before)
    expect(await count(shop.pool, `select count(*) from event where stream_id = $1 and command_id = $2`, [BAY_1, sent.id])).toBe(1)
  })
  it('forty jobs set at once in one hall neither lock each other out nor lose a change', async () => {
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        shop.send(instructor(), [i % 2 ? BAY_1 : BAY_2], { type: 'station.set-job', payload: { job: { ...JOB, currentA: 120 + i } } }),
      ),
    )
    expect(answers.every(({ status }) => status === 200)).toBe(true)
    // What stands recorded is what the facts now say.
    const rules = (await readHouseRules(shop.pool, shop.siteId))!.value
    const site = (await readSite(shop.pool, shop.siteId))!.value
    const now = new Date(shop.clock.nowMs()).toISOString()
    const { facts } = await readSiteFacts(shop.pool, shop.siteId, { site, rules, now }, null)
    const station = facts.stations['bay-1']!
    const { breathed, shiftHours }
      = airOf(facts)('bay-1')
        .predict({
          bayId: 'bay-1',
          job: station.job,
          earlierJobs: station.earlierJobs,
          extraction: ARM,
          position: station.hoodPosition,
          personId: station.personId,
          check: station.extractionCheck,
        })!
        .bay('bay-1')!
    const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
    const { fraction } = judgeExposure({ breathed: breathed! }, inForce, rules.actionFraction, workPatternOf(rules, shiftHours))
    const under = (await gateEvents(BAY_1)).findings.find(({ code }) => code === 'exposure.under')!
    expect(under.values.fraction).toBe(Number(fraction!.toPrecision(3)))
  })
  it('samples speak for what stands at the bay, whatever the sender says, and fall silent when the hood moves', async () => {
    const results = [0.3, 0.4, 0.35, 0.5, 0.45, 0.6].map((mgPerM3, i) => ({ label: `${i}`, mgPerM3, isBelowLoq: false, minutes: 430 }))
    const record = (surveyId: string) => ({
      type: 'samples.record' as const,
      payload: { surveyId, substance: 'manganese' as const, takenOn: '2026-11-20', results },
    })
    expect((await shop.send(instructor(), [samplesStream('bay-1')], record('one'))).status).toBe(409)
    await sendOk(lead(), [samplesStream('bay-1')], record('one'))
    expect((await shop.send(lead(), [samplesStream('bay-1')], record('one'))).body).toMatchObject({
      findings: [{ code: 'command.name-taken' }],
    })
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    expect((await gateEvents(BAY_1)).findings[0]!.code).toBe('samples.non-compliant')
    await sendOk(instructor(), [BAY_1], { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.19 } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).toContain('samples.other-work')
    await sendOk(instructor(), [BAY_1], { type: 'station.place-hood', payload: { placement: 'beside', distanceM: 0.2 } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).toContain('samples.non-compliant')
    await sendOk(lead(), [samplesStream('bay-1')], { type: 'samples.withdraw', payload: { surveyId: 'one', reason: 'pump fault' } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).not.toContain('samples.non-compliant')
  })
  it('who helps is judged on record, and what changes of them reaches the bay where they help', async () => {
    await sendOk(instructor(), [BAY_1], { type: 'station.take-helper', payload: { personId: 'maren' } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code).filter(code => code.startsWith('air.helper-'))).toHaveLength(1)
    expect(await baysOfPeople(shop.pool, shop.siteId, [], ['maren'])).toEqual(['bay-1'])
    // Whoever helps at an arc cannot keep watch for fire.
    const at = new Date().toISOString()
    expect(await readHelpers(shop.pool, shop.siteId, 'none', ['maren'], at, at)).toMatchObject([{ personId: 'maren', bayId: 'bay-1' }])
    // Somebody who helps at one of these bays is a person of theirs.
    expect(await baysOfPeople(shop.pool, shop.siteId, ['bay-1'], [])).toEqual(['bay-1'])
    expect(await baysOfPeople(shop.pool, shop.siteId, [], ['nobody'])).toEqual([])
    expect((await shop.send(instructor(), [BAY_1], { type: 'station.take-helper', payload: { personId: 'stranger' } })).body)
      .toMatchObject({ findings: [{ code: 'command.person-unknown' }] })
    // The light is theirs too: on record Eyes holds until somebody looked, and then by what was seen.
    const ofEyes = async () =>
      (await gateEvents(BAY_1, 'eyes')).findings.map(({ code }) => code).filter(code => code.startsWith('eyes.helper-'))
    expect(await ofEyes()).toEqual(['eyes.helper-unseen'])
    const looked = (shade: number) =>
      sendOk(instructor(), [BAY_1], { type: 'station.check-helper', payload: { personId: 'maren', shade, glasses: 'clear-rated' } })
    await looked(3)
    expect(await ofEyes()).toEqual(['eyes.helper-lighter'])
    await looked(13)
    expect(await ofEyes()).toEqual([])
    const stranger = { type: 'station.check-helper', payload: { personId: 'stranger', shade: 13, glasses: 'clear-rated' } } as const
    expect((await shop.send(instructor(), [BAY_1], stranger)).body).toMatchObject({ findings: [{ code: 'command.no-helper-here' }] })
    await sendOk(instructor(), [BAY_1], { type: 'station.end-help', payload: { personId: 'maren' } })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code).filter(code => code.startsWith('air.helper-'))).toEqual([])
  })
  it('a data sheet reaches every bay that uses the consumable', async () => {
    await sendOk(lead(), [FUME_SHEETS_STREAM], {
      type: 'fume.enter-sheet',
      payload: {
        sheet: { process: 'smaw', consumable: 'e7018', title: 'Sheet 3', fumeGPerKg: 190, compositionPercent: { manganese: 20 } },
      },
    })
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    await sendOk(lead(), [FUME_SHEETS_STREAM], { type: 'fume.drop-sheet', payload: { process: 'smaw', consumable: 'e7018' } })
    expect(
      (await shop.send(lead(), [FUME_SHEETS_STREAM], { type: 'fume.drop-sheet', payload: { process: 'smaw', consumable: 'e7018' } }))
        .status,
    ).toBe(409)
  })
  it('health stays out of the chain: the floor learns readiness only, an erased record is gone, and the bay holds again', async () => {
    await sendOk(instructor(), [BAY_1], { type: 'station.place-person', payload: { personId: 'maren' } })
    await sendOk(instructor(), [BAY_1], { type: 'station.set-job', payload: { job: { ...JOB, arcMinPerH: 30 } } })
    await sendOk(instructor(), [BAY_1], {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true },
    })
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    const note = (health: { recordId: string, sha256: string } | null) => ({ type: 'person.note-health' as const, payload: { health } })
    const recordId = '0f9f4b8e-3a86-4d3e-9a35-0a3a0c8f0a11'
    await keepWearer(shop.pool, shop.siteId, {
      personId: 'maren',
      recordId,
      salt: 'salt',
      mask: 'full-p100',
      fitTestedOn: '2026-05-17',
      medicallyClearedOn: '2026-06-21',
      fit: { model: 'Full M', method: 'quantitative', passed: true, factor: 1200, nextOn: null },
    })
    await sendOk(lead(), [personStream('maren')], note({ recordId, sha256: 'a'.repeat(64) }))
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    await sendOk(instructor(), [personStream('maren')], { type: 'person.check-shaven', payload: { isShaven: true } })
    // The record says what was fitted; which mask is worn says the register, and only one that may be used counts.
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    const mask = kitItemStream('rp-7')
    await sendOk(lead(), [mask], {
      type: 'item.register',
      payload: { kind: 'respirator', name: 'Full mask', marks: { mask: 'full-p100' } },
    })
    await sendOk(lead(), [personStream('lead')], { type: 'person.name-competent', payload: { competences: ['respirator'] } })
    for (const list of listsFor('respirator'))
      await sendOk(lead(), [mask], {
        type: 'item.inspect',
        payload: { listId: list.id, listVersion: list.version, answers: passingAnswers(list) },
      })
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    await sendOk(lead(), [mask], { type: 'item.assign', payload: { assignment: { to: 'person', id: 'maren' } } })
    expect(await gateEvents(BAY_1)).toMatchObject({ state: 'open', findings: [{ code: 'respirator.enough' }] })
    await sendOk(lead(), [mask], { type: 'item.tag-out', payload: { reason: 'strap torn' } })
    expect((await gateEvents(BAY_1)).state).toBe('hold')
    await sendOk(lead(), [mask], { type: 'item.release', payload: { repair: 'new strap' } })
    for (const list of listsFor('respirator'))
      await sendOk(lead(), [mask], {
        type: 'item.inspect',
        payload: { listId: list.id, listVersion: list.version, answers: passingAnswers(list) },
      })
    expect((await gateEvents(BAY_1)).state).toBe('open')
    const {
      facts: { wearers },
    } = await readSiteFacts(
      shop.pool,
      shop.siteId,
      { site: LONDON, rules: NEW_SITE_RULES, now: new Date(shop.clock.nowMs()).toISOString() },
      null,
    )
    expect(wearers.maren).toEqual({ mask: 'full-p100', readyUntil: '2026-11-24T04:00:00.000Z', isShaven: true })
    expect(
      await count(
        shop.pool,
        `select count(*) from event where body like '%2026-05-17%' or body like '%2026-06-21%' or body like '%"salt"%'`,
      ),
    ).toBe(0)
    expect(await count(shop.pool, `select count(*) from command_answer where answer::text like '%2026-05-17%'`)).toBe(0)
    expect(await eraseWearer(shop.pool, shop.siteId, 'maren')).toBe(true)
    await sendOk(lead(), [personStream('maren')], note(null))
    expect(await readWearers(shop.pool, shop.siteId, null)).toEqual([])
    expect((await gateEvents(BAY_1)).state).toBe('hold')
  })
  it('a leaving that is refused erases nothing', async () => {
    await keepWearer(shop.pool, shop.siteId, {
      personId: 'lead',
      recordId: '0f9f4b8e-3a86-4d3e-9a35-0a3a0c8f0a13',
      salt: 's',
      mask: 'n95',
      fitTestedOn: null,
      medicallyClearedOn: null,
    })
    expect((await shop.send(lead(), [personStream('lead')], { type: 'person.leave', payload: {} })).status).toBe(409)
    expect(await readWearers(shop.pool, shop.siteId, 'lead')).toHaveLength(1)
    expect((await noteHealth(shop.door, { siteId: shop.siteId, actor: { kind: 'person', personId: 'lead' } }, 'lead', null)).status).toBe(
      200,
    )
    expect(await readWearers(shop.pool, shop.siteId, 'lead')).toEqual([])
  })
  it('who leaves takes the health record along', async () => {
    await sendOk(lead(), [personStream('teo')], {
      type: 'person.add',
      payload: { name: 'Teo', roles: ['welder'], areaId: null, bayId: null },
    })
    await keepWearer(shop.pool, shop.siteId, {
      personId: 'teo',
      recordId: '0f9f4b8e-3a86-4d3e-9a35-0a3a0c8f0a12',
      salt: 's',
      mask: 'n95',
      fitTestedOn: null,
      medicallyClearedOn: null,
    })
    await sendOk(lead(), [personStream('teo')], { type: 'person.leave', payload: {} })
    expect(await readWearers(shop.pool, shop.siteId, 'teo')).toEqual([])
  })
  it('today\'s look at the extraction and at the face lapses with the shop day', async () => {
    await sendOk(instructor(), [BAY_2], {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true },
    })
    expect(await count(shop.pool, `select count(*) from deadline where stream_id = $1 and kind = 'checks-lapse'`, [BAY_2])).toBe(1)
    const {
      facts: { wearers },
    } = await readSiteFacts(shop.pool, shop.siteId, { site: LONDON, rules: NEW_SITE_RULES, now: '2026-11-24T05:00:00.000Z' }, null)
    expect(Object.values(wearers).every(({ isShaven }) => isShaven === null)).toBe(true)
  })
  it('is derived: rebuilt tables are the same', async () => {
    const read = async () =>
      (
        await shop.pool.query(
          `select (select jsonb_agg(h order by hall_id) from hall_reading h) as halls, (select jsonb_agg(s order by bay_id) from samples_reading s) as samples, (select jsonb_agg(f) from fume_sheets_reading f) as sheets, (select jsonb_agg(p order by person_id) from person_reading p) as people`,
        )
      ).rows
    const before = await read()
    await rebuild(shop.pool)
    expect(await read()).toEqual(before)
  })
  it('ducts are laid by the safety lead for bays of the hall, the bays on them are judged anew', async () => {
    const lay = (ducts: unknown, by = lead()) =>
      shop.send(by, [hallStream('hall')], { type: 'hall.lay-ducts', payload: { ducts } } as never)
    const duct = (id: string, into: string | null) => ({ id, into, lengthM: 6, diameterM: 0.2, wall: 'galvanised', lossCoefficient: 1 })
    const hood = (bayId: string, ductId: string) => ({ bayId, ductId, entry: 'flanged-end', foundWith: 'own-open' })
    const system = {
      fan: [{ flowM3PerS: 0, pressurePa: 1500 }, { flowM3PerS: 1.5, pressurePa: 100 }],
      ducts: [duct('main', null), duct('to 1', 'main'), duct('to 2', 'main')],
      hoods: [hood('bay-1', 'to 1'), hood('bay-2', 'to 2')],
    }
    expect((await lay(system, instructor())).body).toMatchObject({ findings: [{ code: 'command.not-allowed' }] })
    expect((await lay({ ...system, hoods: [hood('bay-9', 'to 1')] })).status).toBe(409)
    expect((await lay(system)).status).toBe(200)
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).toContain('air.starved')
    // Nobody works at the other bay: its damper, seen shut, takes nothing.
    await sendOk(instructor(), [BAY_2], {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: false, inPosition: true, draws: true },
    })
    expect((await gateEvents(BAY_1)).findings.map(({ code }) => code)).not.toContain('air.starved')
    expect((await lay(null)).status).toBe(200)
  })
  it('a hall is drawn by the safety lead alone, for its own bays; no gate that it does not shut is told, what was laid stays', async () => {
    const layOut = (plan: unknown, by = lead()) =>
      shop.send(by, [hallStream('hall')], { type: 'hall.lay-out', payload: { plan } } as never)
    const plan = {
      outline: { xM: 0, yM: 0, lengthM: 20, widthM: 12 },
      things: [{ kind: 'wall', xM: 10, yM: 6, towardsDeg: 90, lengthM: 4 }],
      ductsAt: {},
      hoodsTowardsDeg: { 'bay-1': 270 },
    }
    const before = await gateEvents(BAY_1)
    expect((await layOut(plan, instructor())).body).toMatchObject({ findings: [{ code: 'command.not-allowed' }] })
    expect((await layOut({ ...plan, hoodsTowardsDeg: { 'bay-9': 0 } })).status).toBe(409)
    expect((await layOut(plan)).status).toBe(200)
    expect(await gateEvents(BAY_1)).toEqual(before)
    const { rows } = await shop.pool.query(`select hall from hall_reading where hall_id = 'hall'`)
    expect(rows[0].hall).toMatchObject({ plan, air: { isOpenAir: false }, bays: { 'bay-1': {} } })
  })
  it('a plan that shows a door where a laser is thrown back to shuts the gate on record, and a barrier opens it again', async () => {
    const filter = { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 }
    await sendOk(lead(), [kitItemStream('lw-9')], {
      type: 'item.register', payload: { kind: 'laser-welder', name: 'Handheld laser', marks: {}, assignment: { to: 'bay', id: 'bay-1' } },
    } as never)
    await sendOk(instructor(), [BAY_1], { type: 'station.set-job', payload: { job: { process: 'lbw', baseMetal: 'mild-steel' } } } as never)
    await sendOk(instructor(), [BAY_1], {
      type: 'station.check-laser-cell',
      payload: {
        laserTag: 'LW-9',
        beam: { powerW: 1500, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, convention: '1/e' },
        aim: { towardsDeg: 0, piece: 'flat' },
        answers: Object.fromEntries(LASER_CHECKS.map(check => [check, true])),
        present: [{ who: 'operator', eyewear: filter, helmet: filter }],
      },
    } as never)
    const { rows } = await shop.pool.query<{ at: { xM: number, yM: number } }>(
      `select hall->'bays'->'bay-1' as at from hall_reading where hall_id = 'hall'`,
    )
    const { xM, yM } = rows[0]!.at
    const layOut = (things: readonly object[]) => sendOk(lead(), [hallStream('hall')], {
      type: 'hall.lay-out',
      payload: {
        plan: { outline: { xM: xM - 5, yM: yM - 5, lengthM: 10, widthM: 10 }, things, ductsAt: {}, hoodsTowardsDeg: {} },
      },
    } as never)
    const door = { kind: 'door', xM: xM + 5, yM, towardsDeg: 90, lengthM: 1 }
    await layOut([door])
    expect((await gateEvents(BAY_1, 'eyes')).findings.map(({ code }) => code)).toContain('eyes.laser-way-out')
    await layOut([door, { kind: 'laser-barrier', xM: xM + 3, yM, towardsDeg: 90, lengthM: 3 }])
    expect((await gateEvents(BAY_1, 'eyes')).findings.map(({ code }) => code)).not.toContain('eyes.laser-way-out')
  })
})
