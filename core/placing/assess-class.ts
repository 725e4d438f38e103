import type { AskedPlace } from '../air/asked-place'
import { hallOfRoom, takenAt } from '../air/asked-place'
import { postureOf } from '../exposure/hall-doubt'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { FumeQuestion } from '../fume/emission'
import { emissionOf } from '../fume/emission'
import type { ExposureRuleSetId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'
import type { Job } from '../job/job'
import type { ClassBay, ClassQuestion } from './class-question'
import type { ClassChange, PlannedClass, Solver } from './plan-class'
import { planClass } from './plan-class'

/** A bay that is asked about from outside. */
export interface AskedBay extends Pick<AskedPlace, 'capture' | 'hood'> {
  readonly id: string
  readonly job: FumeQuestion & Pick<Job, 'head' | 'position' | 'confinement'> & { readonly arcMinPerH?: number }
}

export interface ClassAsked extends Omit<ClassQuestion, 'hall' | 'bays' | 'ruleSets'> {
  readonly room: AskedPlace['room']
  readonly bays: readonly AskedBay[]
  readonly ruleSets?: readonly ExposureRuleSetId[]
}

export interface ClassAnswer {
  /** Null where something needed is missing; the findings name it. */
  readonly planned: PlannedClass | null
  readonly findings: readonly Finding[]
}

/** A bay with what its arc makes; null where nobody can say. */
function bayOf({ id, job, ...taking }: AskedBay, room: AskedPlace['room'], findings: Finding[]): ClassBay | null {
  const emission = emissionOf(job)
  const { hood, isUnplaced, inDraught: [captureInCalm, capture, captureInDraught], findings: ofHood } = takenAt({ room, ...taking }, job)
  findings.push(...emission.findings, ...ofHood)
  if (job.arcMinPerH === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'arcTime' }))
  const isKnown = emission.substances['total-fume'] !== undefined && !emission.findings.some(({ severity }) => severity === 'hold')
  if (isUnplaced || job.arcMinPerH === undefined || !isKnown) return null
  return {
    id, hood, capture, captureInCalm, captureInDraught,
    arcMinPerH: job.arcMinPerH,
    emission: Object.fromEntries(Object.entries(emission.substances).map(([what, { parts }]) => [what, parts])),
    posture: postureOf(job),
  }
}

/**
 * Plans a class in a room: who welds at which bay in which period. Halls start clean; only the arcs of the class burn.
 *
 * @param solver of mixed-integer problems
 * Source: as a bay of the shop; the plan derived here.
 */
export async function assessClass({ room, bays, ruleSets, ...asked }: ClassAsked, solver: Solver): Promise<ClassAnswer> {
  const { hall, findings: ofRoom } = hallOfRoom(room)
  const findings: Finding[] = [...ofRoom]
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const known = bays.map(bay => bayOf(bay, room, findings))
  const said = [...new Map(findings.map(one => [JSON.stringify([one.severity, one.code, one.values]), one])).values()]
  if (known.some(bay => bay === null)) return { planned: null, findings: said }
  const question: ClassQuestion = { ...asked, hall, bays: known as ClassBay[], ruleSets: ruleSets ?? EXPOSURE_RULE_SETS }
  const planned = await planClass(question, solver)
  return { planned, findings: [...said, ...classFindings(planned, question), finding('note', 'exposure.advises-only', {})] }
}

/** What is said of a plan: that it is one, or what forbids one and the smallest changes that would allow one. */
export function classFindings({ plan, isEnough, forbids, changes }: PlannedClass, { wantedArcMin }: ClassQuestion): readonly Finding[] {
  if (isEnough) return [finding('note', 'class.planned', { leastArcMin: plan!.leastArcMin })]
  const said: Finding[] = [
    plan
      ? finding('hold', 'class.too-little', { leastArcMin: plan.leastArcMin, wantedArcMin, forbids })
      : finding('hold', 'class.no-plan', { forbids }),
    ...changes.map(sayChange),
  ]
  if (plan && !plan.isProven) said.push(finding('note', 'class.not-proven', {}))
  return said
}

function sayChange(change: ClassChange): Finding {
  switch (change.kind) {
    case 'at-once': return finding('note', 'class.more-at-once', { what: change.what, most: change.most })
    case 'air': return finding('note', 'class.more-air', { supplyM3PerS: change.supplyM3PerS })
    case 'bays': return finding('note', 'class.more-bays', { bay: change.bayId })
    case 'period': return finding('note', 'class.more-time', {})
  }
}
