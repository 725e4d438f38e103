import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { judgePermit } from '../hotwork/judge-permit'
import type { ShownPermit } from '../streams/permit/permit-fact'
import { BURNING_METALS, judgeExtinguishers } from '../inspection/judge-extinguishers'
import type { FireHere } from '../inspection/judge-extinguishers'
import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'
import { stands } from '../time/instant'
import type { KitItemFact } from '../inspection/kit-item-fact'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import type { WorkplaceId } from '../ids/vocabulary'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, sayMissingKit, sortItemFindings } from './kit-around'
import type { KitAround } from './kit-around'
import type { PermitPhase } from '../ids/hotwork-ids'
import { FIRE_CHECKS } from '../ids/station-ids'
import type { FireAround } from './fire-around'

/**
 * Is the bay in order for fire? A designated bay by today's look and an extinguisher in date that suits what burns; a spot on
 * a structure by a live permit for this very work, with its watch on post. A designated bay needs no permit; one that stands there all the
 * same is not passed over.
 */
export function judgeFire(station: Station, workplace: WorkplaceId, kit: KitAround, fire: FireAround, now: Instant): Gate {
  const found: Finding[] = []
  const missing: Finding[] = []
  const here = ofGate(kit.items, 'fire')
  sortItemFindings(here, now, found, missing)
  if (workplace === 'construction') judgeStructure(station, fire, here, now, found, missing)
  else {
    sayMissingKit(here, [{ kinds: ['extinguisher'], count: 1 }], missing)
    found.push(...judgeExtinguishers(here, fireOf(station.job), now))
    judgeDay(station, now, found, missing)
    found.push(...judgePermitsBesides(fire, here, now))
  }
  return gateFrom('fire', found, missing)
}

/** What may burn with a job; nothing is known to be excluded without one. */
const fireOf = (job: Job | null): FireHere =>
  job === null
    ? { isElectrical: true, metalFire: false }
    : {
        isElectrical: PROCESS_TRAITS[job.process].usesMachine,
        metalFire: job.baseMetal === undefined ? undefined : BURNING_METALS.includes(job.baseMetal),
      }

/** Phases in which a permit says something of a place that needs none: work goes on under it, was stopped, or is still watched for fire. */
const SPEAKS_BESIDES: ReadonlySet<PermitPhase> = new Set(['working', 'suspended', 'watch'])

/** What permits say of a place that would need none: where one was stopped, or its heat is still watched, nobody strikes. */
function judgePermitsBesides({ permits, ...around }: FireAround, here: readonly KitItemFact[], now: Instant): readonly Finding[] {
  return permits
    .filter(({ permit }) => SPEAKS_BESIDES.has(permit.phase))
    .flatMap(({ permit, kit }) => judgePermit(permit, { ...around, kit: [...kit, ...here] }, now))
}

function judgeDay({ fireCheck }: Station, now: Instant, found: Finding[], missing: Finding[]): void {
  if (!fireCheck || !stands(fireCheck.validUntil, now)) {
    missing.push(finding('hold', 'permit.day-check-due', {}, ['consensusHotWork']))
    return
  }
  const failed = FIRE_CHECKS.filter(check => fireCheck.answers[check] !== true)
  if (failed.length > 0)
    found.push(finding('hold', 'permit.day-check-fails', { checks: failed, count: failed.length }, ['consensusHotWork']))
}

/** The farthest come of the permits here speaks; an ended one is no permit. */
const FARTHEST = ['working', 'suspended', 'watch', 'monitoring', 'authorised', 'precautions', 'requested'] as const

function judgeStructure(
  { job, personId }: Station,
  { permits, secondScreen, nameOf }: FireAround,
  here: readonly KitItemFact[],
  now: Instant,
  found: Finding[],
  missing: Finding[],
): void {
  const mismatches = new Map(permits.map(one => [one.permitId, job === null ? [] : notFor(one.permit, job, personId, nameOf)]))
  const ofPhase = FARTHEST.map(phase => permits.filter(({ permit }) => permit.phase === phase)).find(some => some.length > 0) ?? []
  // Among several, the one that is for this work speaks.
  const first = ofPhase.toSorted((a, b) => mismatches.get(a.permitId)!.length - mismatches.get(b.permitId)!.length)[0]
  if (!first) {
    missing.push(finding('hold', 'permit.none-here', {}, ['usHotWork']))
    return
  }
  if (job === null) missing.push(finding('hold', 'gate.job-first', { gate: 'fire' }))
  found.push(...mismatches.get(first.permitId)!)
  const said = judgePermit(first.permit, { kit: [...first.kit, ...here], secondScreen, nameOf }, now)
  if (said.length === 0 && mismatches.get(first.permitId)!.length === 0)
    found.push(finding('note', 'permit.live', { code: first.permit.code, untilIso: first.permit.untilAt }))
  // Not begun yet is only to do; a permit that stands, or a place that is still watched, holds.
  const toDo = first.permit.phase === 'requested' || first.permit.phase === 'precautions' || first.permit.phase === 'authorised'
  for (const one of said) (toDo ? missing : found).push(one)
}

/** Why a permit is not for this work: another process, more current than it was given for, somebody whom it does not name. */
function notFor(
  { request: { job: asked, operatorIds } }: ShownPermit,
  job: Job,
  personId: string | null,
  nameOf: FireAround['nameOf'],
): readonly Finding[] {
  const found: Finding[] = []
  if (asked.process !== job.process)
    found.push(finding('hold', 'permit.other-process', { permit: asked.process, job: job.process }, ['usHotWork']))
  if (personId === null) found.push(finding('hold', 'permit.nobody-placed', {}))
  else if (!operatorIds.includes(personId))
    found.push(finding('hold', 'permit.other-operator', { name: nameOf(personId) }, ['usHotWork']))
  if (PROCESS_TRAITS[job.process].byCurrent) {
    const currentA = job.currentRangeA?.[1] ?? job.currentA
    if (asked.currentA === undefined) found.push(finding('hold', 'permit.current-not-said', {}))
    else if (currentA !== undefined && currentA > asked.currentA)
      found.push(finding('hold', 'permit.current-over', { currentA, atMostA: asked.currentA }, ['usHotWork']))
  }
  return found
}
