import { loudSpans, noiseAtEar } from '#core/hearing/day-noise'
import type { NoiseAtEar } from '#core/hearing/day-noise'
import { garmentHouseOf } from '#core/streams/house-rules/house-rules'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { wear, zonesOf } from '#core/ppe/wearables'
import { leastFitFactor } from '#core/respirator/fit-test'
import type { ToldGarment } from '#core/ppe/wearables'
import type { Instant } from '#core/time/instant'
import { handleCommand } from '#server/door/handle'
import { openSite } from '#server/door/open-site'
import { systemCommand } from '#server/door/system-command'
import { noteCare, noteHealth } from '#server/door/note-apart'
import { monthsAfter } from '#core/time/months-after'
import { nowIso } from '#server/clock'
import { setLogin, setPin } from '#server/tables/credential'
import { hashSecret } from '#server/secrets'
import { loadAirDays } from './air-days'
import { AREAS, bayIdOf, BAYS, HALL_AIR, HALL_DUCTS, HALL_WARMTH_C, HALLS, LEAD, PEOPLE, RULES, SITE, WARDROBE } from './fenmarsh'
import { HALL_PLANS } from './hall-plans'
import type { DemoBay, DemoPerson } from './fenmarsh'
import { ITEMS } from './kit-items'
import { loadKitAndCylinders } from './load-kit-and-cylinders'
import { loadPermits } from './load-permits'
import type { SendAt } from './load-kit-and-cylinders'
import { FIRE_CHECKS } from '#core/ids/station-ids'
import type { Caller } from '#server/door/caller'
import type { Door } from '#server/door/door'
import { HOUSE_RULES_STREAM, SITE_STREAM, WARDROBE_STREAM, hallStream, personStream, stationStream } from '#core/ids/streams'

/** What a start prints. */
export interface DemoSignIn { readonly loginName: string, readonly password: string, readonly pin: string, readonly roles: string }

const signInsOf = (people: readonly DemoPerson[]): DemoSignIn[] =>
  people.flatMap(({ signIn, roles }) =>
    signIn ? [{ loginName: signIn.loginName, password: signIn.password, pin: signIn.pin, roles: roles.join(', ') }] : [],
  )

type Send = SendAt

async function loadPerson(door: Door, send: Send, { personId, name, roles, areaId, group, signIn }: DemoPerson): Promise<void> {
  if (personId !== LEAD.personId)
    await send(personStream(personId), {
      type: 'person.add',
      payload: {
        name,
        roles,
        areaId: areaId ?? null,
        group: group ?? null,
        bayId: BAYS.filter(bay => bay.personId === personId).map(bay => bayIdOf(bay.label))[0] ?? null,
      },
    })
  if (!signIn) return
  await setLogin(door.pool, SITE.siteId, personId, signIn.loginName, await hashSecret(signIn.password), true)
  await setPin(door.pool, SITE.siteId, personId, await hashSecret(signIn.pin))
  await send(personStream(personId), { type: 'person.secret-set', payload: { kind: 'pin' } })
}

/** The made-up yard was opened so long ago. */
const OPENED_YEARS_AGO = 3

const monthsBefore = (iso: string, months: number): string => monthsAfter(`${iso.slice(0, 8)}01`, -months)

/** What an instructor signed off, and what is kept apart of somebody's eyes and body. */
async function loadRoll(door: Door, send: Send, { personId, signedOffFor = [], care }: DemoPerson): Promise<void> {
  for (const process of signedOffFor)
    await send(personStream(personId), { type: 'person.sign-off', payload: { process, isSignedOff: true } })
  if (!care) return
  await noteCare(door, { siteId: SITE.siteId, actor: { kind: 'person', personId: LEAD.personId } }, personId, {
    isLightSensitive: false,
    hasSoreEyes: false,
    wearsPrescription: false,
    symptoms: '',
    sizes: '',
    ...care,
  })
}

async function loadWearer(door: Door, send: Send, { personId, wearer }: DemoPerson): Promise<void> {
  if (!wearer) return
  const ago = (months: number | null): string | null => months === null ? null : monthsBefore(nowIso(door.clock), months)
  await noteHealth(door, { siteId: SITE.siteId, actor: { kind: 'person', personId: LEAD.personId } }, personId, {
    mask: wearer.mask,
    fitTestedOn: ago(wearer.fitTestMonthsAgo),
    medicallyClearedOn: ago(wearer.medicalMonthsAgo),
    ...wearer.fitTestMonthsAgo === null
      ? {}
      : { fit: { model: '', method: 'quantitative', passed: true, factor: 2 * leastFitFactor(wearer.mask), nextOn: null } },
  })
  if (wearer.isShaven !== undefined)
    await send(personStream(personId), { type: 'person.check-shaven', payload: { isShaven: wearer.isShaven } })
}

/** What the label of the yard's ear plugs says. */
const PLUGS_NRR_DB = 32
/** What was seen on them the day before: what they usually wear. */
async function loadClothes(send: Send, { personId, wore }: DemoPerson, yesterday: Instant): Promise<void> {
  if (!wore) return
  const worn = wore.reduce<readonly ToldGarment[]>(
    (told, wearable) => wear(told, wearable, zonesOf(wearable).includes('ears') ? { nrrDb: PLUGS_NRR_DB } : {}),
    [],
  )
  await send(personStream(personId), { type: 'person.tell-outfit', payload: { worn } }, yesterday)
}

/** The noise of the day at a bay, its own work and its hall's, as it is planned. */
function noiseAt({ label, areaId, job }: DemoBay): NoiseAtEar {
  const hallOf = (id: string) => AREAS.find(area => area.areaId === id)!.hallId
  const others = BAYS.filter(other => other.label !== label && hallOf(other.areaId) === hallOf(areaId))
  const heard = loudSpans(others.flatMap(other => other.job ?? []), 'next-bay', RULES)
  return noiseAtEar([...loudSpans(job ? [job] : [], 'own-ear', RULES), ...heard], RULES)
}

/** The helmet of the register that somebody has: a shade is said of that one. */
function ownHelmet(personId: string | null | undefined): { readonly tag?: string } {
  const own = ITEMS.find(({ kind, to }) => kind === 'helmet' && to?.to === 'person' && to.id === personId)
  return own ? { tag: own.tag } : {}
}

async function loadBay(send: Send, bay: DemoBay): Promise<void> {
  const stream = stationStream(bayIdOf(bay.label))
  if (bay.personId) await send(stream, { type: 'station.place-person', payload: { personId: bay.personId } })
  if (bay.job) await send(stream, { type: 'station.set-job', payload: { job: bay.job } })
  if (bay.helmet) await send(stream, { type: 'station.set-helmet', payload: { shade: bay.helmet, ...ownHelmet(bay.personId) } })
  if (bay.helmetCheck) await send(stream, { type: 'station.check-helmet', payload: bay.helmetCheck })
  if (bay.glasses) await send(stream, { type: 'station.check-glasses', payload: bay.glasses })
  if (bay.outfit && bay.job) {
    const zones = requiredOutfit(bay.job, { ...garmentHouseOf(RULES), noise: noiseAt(bay) })
      .filter(({ zone }) => bay.outfit === 'all' || bay.outfit?.includes(zone))
      .map(({ zone, requirement }) => ({ zone, requirement, passes: !bay.fails?.includes(zone) }))
    await send(stream, { type: 'station.check-outfit', payload: { zones } })
  }
  if (bay.hood) await send(stream, { type: 'station.place-hood', payload: bay.hood })
  if (bay.extractionCheck)
    await send(stream, {
      type: 'station.check-extraction',
      payload: { on: true, damperOpen: true, inPosition: true, draws: true, ...bay.extractionCheck },
    })
  if (bay.fireCheck)
    await send(stream, { type: 'station.check-fire', payload: { answers: Object.fromEntries(FIRE_CHECKS.map(id => [id, true])) } })
  if (bay.stop) await send(stream, { type: 'station.stop', payload: { reason: bay.stop } })
}

/**
 * Loads the made-up yard, once, through the same commands as every change. What is checked is checked today.
 *
 * @param isEmpty whether any site exists; the demo is never loaded beside another one
 * @returns the demo sign-ins to print; none where the demo is not what is there
 */
export async function loadDemo(door: Door, isEmpty: boolean): Promise<readonly DemoSignIn[]> {
  if (!isEmpty) {
    const { rows } = await door.pool.query<{ there: boolean }>(
      'select exists (select 1 from credential where site_id = $1 and is_demo) as there',
      [SITE.siteId],
    )
    return rows[0]!.there ? signInsOf([LEAD, ...PEOPLE]) : []
  }
  const { siteId, name, timeZone } = SITE
  const { signIn } = LEAD
  // The yard has been there for years: its things have a past.
  const openedAt = new Date(door.clock.nowMs() - OPENED_YEARS_AGO * 365 * 24 * 3600_000).toISOString()
  await openSite(door, {
    siteId,
    openedAt,
    site: { name, timeZone },
    lead: {
      personId: LEAD.personId,
      name: LEAD.name,
      loginName: signIn!.loginName,
      passwordHash: await hashSecret(signIn!.password),
      isDemo: true,
    },
  })
  const sendAs = (personId: string): Send => {
    const caller: Caller = { siteId, actor: { kind: 'person', personId }, holder: 'system', isSigned: true }
    return async (streamId, what, at) => {
      const { status, body } = await handleCommand(
        door,
        caller,
        systemCommand(door.clock, [streamId], what, at === undefined ? {} : { at }),
      )
      if (status !== 200) throw new Error(`demo: ${what.type} was refused: ${body.findings.map(said => said.message).join(' ')}`)
    }
  }
  const lead = sendAs(LEAD.personId)
  await lead(HOUSE_RULES_STREAM, { type: 'house-rules.change', payload: RULES })
  for (const hall of HALLS) await lead(SITE_STREAM, { type: 'site.add-hall', payload: hall })
  for (const area of AREAS) await lead(SITE_STREAM, { type: 'site.add-area', payload: area })
  for (const { label, areaId, kind } of BAYS)
    await lead(SITE_STREAM, { type: 'site.add-bay', payload: { bayId: bayIdOf(label), areaId, label, kind: kind ?? 'designated' } })
  for (const [hallId, air] of Object.entries(HALL_AIR)) await lead(hallStream(hallId), { type: 'hall.describe', payload: { air } })
  for (const { label, areaId, kind, at: [xM, yM], extraction } of BAYS) {
    const { hallId } = AREAS.find(area => area.areaId === areaId)!
    await lead(hallStream(hallId), {
      type: 'hall.fit-bay',
      payload: {
        bayId: bayIdOf(label),
        fitted: { xM, yM, extraction: extraction ?? null, ...kind === 'structure' ? {} : { screen: 'screened' } },
      },
    })
  }
  for (const [hallId, ducts] of Object.entries(HALL_DUCTS)) await lead(hallStream(hallId), { type: 'hall.lay-ducts', payload: { ducts } })
  for (const [hallId, plan] of Object.entries(HALL_PLANS)) await lead(hallStream(hallId), { type: 'hall.lay-out', payload: { plan } })
  for (const person of [LEAD, ...PEOPLE]) await loadPerson(door, lead, person)
  for (const person of PEOPLE) await loadWearer(door, lead, person)
  const instructor = sendAs('maren-holt')
  for (const person of PEOPLE) await loadRoll(door, instructor, person)
  // The store first: as long as nobody works at a bay, no gate has to be judged anew for each thing.
  await loadKitAndCylinders(lead, sendAs('jun-pell'), instructor, nowIso(door.clock))
  const yesterday = new Date(door.clock.nowMs() - 24 * 3600_000).toISOString()
  for (const person of PEOPLE) await loadClothes(instructor, person, yesterday)
  for (const [index, [wearable, size, count, nrrDb]] of WARDROBE.entries())
    await lead(WARDROBE_STREAM, {
      type: 'wardrobe.count',
      payload: { lineId: `line-${index + 1}`, wearable, size, count, ...nrrDb === undefined ? {} : { nrrDb } },
    })
  for (const [hallId, airC] of Object.entries(HALL_WARMTH_C))
    await instructor(hallStream(hallId), {
      type: 'hall.tell-heat',
      payload: { warmth: { airC, humidityPercent: 55, isInSun: false }, isEverybodyUsed: false },
    })
  for (const bay of BAYS) await loadBay(instructor, bay)
  await loadPermits(sendAs, nowIso(door.clock))
  await loadAirDays(door)
  return signInsOf([LEAD, ...PEOPLE])
}
