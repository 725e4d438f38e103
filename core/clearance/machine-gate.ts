import { weldingCable } from '../electrical/cable'
import { dutyCycleAt } from '../electrical/duty-cycle'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { KitItemFact } from '../inspection/kit-item-fact'
import type { Job } from '../job/job'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { EquipmentKindId, ProcessId } from '../ids/vocabulary'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, outOfService, sayMissingKit, sortItemFindings } from './kit-around'
import type { KitAround, NeededKit } from './kit-around'

const POWER_SOURCES: readonly EquipmentKindId[] = ['arc-machine', 'engine-drive']
const one = (...kinds: readonly EquipmentKindId[]): NeededKit => ({ kinds, count: 1 })
const SOURCE = one(...POWER_SOURCES)
const [LEADS, CLAMP] = [one('welding-leads'), one('work-clamp')]

/** What must be at a bay, in date, for a process. */
export const MACHINE_KIT: Readonly<Record<ProcessId, readonly NeededKit[]>> = {
  'smaw': [SOURCE, LEADS, one('electrode-holder'), CLAMP],
  'cac-a': [SOURCE, LEADS, one('electrode-holder'), CLAMP],
  'caw': [SOURCE, LEADS, one('electrode-holder'), CLAMP],
  'gmaw': [SOURCE, LEADS, one('wire-feed-gun'), CLAMP],
  'fcaw-g': [SOURCE, LEADS, one('wire-feed-gun'), CLAMP],
  'fcaw-s': [SOURCE, LEADS, one('wire-feed-gun'), CLAMP],
  'saw': [SOURCE, LEADS, one('wire-feed-gun'), CLAMP],
  'gtaw': [SOURCE, LEADS, one('tig-torch'), CLAMP],
  'paw': [SOURCE, LEADS, one('tig-torch'), CLAMP],
  'pac': [one('plasma-cutter'), CLAMP],
  'grinding': [one('grinder', 'bench-grinder')],
  'lbw': [one('laser-welder')],
  'ofw': [],
  'ofc': [],
  'tb': [],
  'ts': [],
}

const currentOf = ({ currentA, currentRangeA }: Job): number | null => currentA ?? currentRangeA?.[1] ?? null
/**
 * Shares of an hour stand for shares of ten minutes; arc time bunched up is worse, and whoever welds rests the machine. Unsaid, it burns
 * all the time.
 */
const dutyOf = ({ arcMinPerH }: Job): number => (arcMinPerH ?? 60) / 60 * 100

function judgeSource(
  { tag, marks: { ratedCurrentA, ratedDutyPercent, maxCurrentA } }: KitItemFact,
  currentA: number,
  dutyPercent: number,
  found: Finding[],
  missing: Finding[],
): void {
  if (ratedCurrentA === undefined || ratedDutyPercent === undefined) {
    missing.push(finding('hold', 'machine.rating-unknown', { tag }))
    return
  }
  if (maxCurrentA !== undefined && currentA > maxCurrentA)
    found.push(finding('hold', 'machine.over-maximum', { tag, currentA, maxCurrentA }))
  const duty = dutyCycleAt({ ratedCurrentA, ratedDutyPercent, currentA })
  if (duty.dutyPercent < dutyPercent - 1e-9)
    found.push(
      finding('hold', 'electrical.duty-short', { currentA, dutyPercent: duty.dutyPercent, neededPercent: dutyPercent }, [
        'dutyCycle',
      ]),
    )
  found.push(...duty.findings)
}

function judgeLeads(
  { tag, marks: { leadLengthM, leadAreaMm2 } }: KitItemFact,
  currentA: number,
  dutyPercent: number,
  found: Finding[],
  missing: Finding[],
): void {
  if (leadLengthM === undefined || leadAreaMm2 === undefined) missing.push(finding('hold', 'machine.cable-unknown', { tag }))
  else
    found.push(
      ...weldingCable({ currentA, loopLengthM: leadLengthM, areaMm2: leadAreaMm2, dutyPercent }).findings.filter(
        ({ severity }) => severity !== 'note',
      ),
    )
}

/**
 * Is every thing this process needs here, looked at today and in date, and do machine and cable bear the current? Every
 * power source and lead here is judged: nobody can know which of two is picked up.
 */
export function judgeMachine({ job }: Station, { items }: KitAround, now: Instant): Gate {
  if (job === null)
    return gateFrom('machine', outOfService(ofGate(items, 'machine')), [finding('hold', 'gate.job-first', { gate: 'machine' })])
  if (!PROCESS_TRAITS[job.process].usesMachine)
    return {
      gate: 'machine',
      state: 'not-needed',
      findings: [finding('note', 'gate.not-needed', { gate: 'machine', process: job.process })],
    }
  const here = ofGate(items, 'machine')
  const found: Finding[] = []
  const missing: Finding[] = []
  sayMissingKit(here, MACHINE_KIT[job.process], missing)
  sortItemFindings(here, now, found, missing)
  const [currentA, dutyPercent] = [currentOf(job), dutyOf(job)]
  if (!PROCESS_TRAITS[job.process].byCurrent) return gateFrom('machine', found, missing)
  if (currentA === null) missing.push(finding('hold', 'machine.current-unknown', {}))
  else for (const item of here) {
    if (POWER_SOURCES.includes(item.kind) || item.kind === 'plasma-cutter') judgeSource(item, currentA, dutyPercent, found, missing)
    if (item.kind === 'welding-leads') judgeLeads(item, currentA, dutyPercent, found, missing)
  }
  return gateFrom('machine', found, missing)
}
