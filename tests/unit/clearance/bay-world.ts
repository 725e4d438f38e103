import { judgeGas } from '#core/clearance/gas-gate'
import { judgeKit } from '#core/site-facts/judge-kit'
import { kitAt } from '#core/clearance/kit-around'
import { personIn } from '#core/clearance/person-around'
import type { PersonAround } from '#core/clearance/person-around'
import type { KitAround } from '#core/clearance/kit-around'
import { judgeMachine } from '#core/clearance/machine-gate'
import type { CylinderEvent, CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import { jointsFor } from '#core/cylinder/guided-steps'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import { NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { KitItemMarks, KitItem } from '#core/streams/kit-item/kit-item'
import type { Job } from '#core/job/job'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import type { EquipmentKindId } from '#core/ids/vocabulary'

// A bay with everything in order, for taking things away from.

export const [TODAY, NOW, DAY_ENDS] = ['2026-11-24', '2026-11-24T09:00:00.000Z', '2026-11-25T04:00:00.000Z']
export const MIG: Job = {
  process: 'gmaw',
  currentA: 180,
  consumable: 'er70s-6',
  electrodeDiameterMm: 1,
  plateThicknessMm: 6,
  baseMetal: 'mild-steel',
  coating: 'none',
  shieldingGas: 'argon-co2',
  gasFlowLPerMin: 15,
  position: 'flat',
  confinement: 'open',
  startsAt: '08:00',
  endsAt: '12:00',
  arcMinPerH: 20,
  residue: 'none',
  container: 'not-a-container',
}
export const CUT: Job = {
  ...MIG,
  process: 'ofc',
  currentA: undefined,
  shieldingGas: undefined,
  gasFlowLPerMin: undefined,
  fuelGas: 'acetylene',
  tip: 'cutting',
  plateThicknessMm: 12,
}

/** A thing of which every list was passed today. */
export function thing(kind: EquipmentKindId, tag: string, marks: KitItemMarks = {}, over: Partial<KitItem> = {}): KitItem {
  const lists = Object.fromEntries(
    BUILT_IN_LISTS.filter(list => list.kind === kind).map(({ id }) => [id, { passedOn: TODAY, eventsSince: [], doneAt: NOW }]),
  )
  return {
    tag,
    kind,
    name: tag,
    marks,
    assignment: { to: 'bay', id: 'bay-1' },
    taggedOut: null,
    isRetired: false,
    lastEventAt: null,
    lists,
    ...over,
  }
}
export const MACHINE: KitItemMarks = { ratedCurrentA: 300, ratedDutyPercent: 60, maxCurrentA: 350 }
export const MIG_KIT = [
  thing('arc-machine', 'M-1', MACHINE),
  thing('welding-leads', 'L-1', { leadLengthM: 10, leadAreaMm2: 50 }),
  thing('wire-feed-gun', 'G-1'),
  thing('work-clamp', 'C-1'),
  thing('regulator', 'R-1'),
]
export const FLAME_KIT = [
  thing('regulator', 'R-1'),
  thing('regulator', 'R-2'),
  thing('flashback-arrestor', 'FA-1'),
  thing('flashback-arrestor', 'FA-2'),
  thing('hose', 'H-1'),
  thing('oxy-fuel-torch', 'T-1'),
]

/** A cylinder connected at bay 1, leak-tested and read today. */
export function connected(
  tag: string,
  marks: Partial<CylinderState>,
  reading: Partial<{ gaugeKPa: number, grossKg: number }>,
  more: readonly CylinderEvent[] = [],
): CylinderState {
  const gas = marks.gas!
  const events: CylinderEvent[] = [
    {
      type: 'cylinder-received',
      version: 1,
      payload: { tag, owner: 'rented', stamps: 'DOT-3AA2400 / 6-22', filledInPlace: false, waterVolumeL: 49, ...marks, gas },
    },
    { type: 'cylinder-connected', version: 1, payload: { bayId: 'bay-1', steps: [], at: NOW } },
    {
      type: 'joints-tested',
      version: 1,
      payload: { joints: Object.fromEntries(jointsFor(gas).map(joint => [joint, true])), at: NOW, validUntil: DAY_ENDS },
    },
    {
      type: 'cylinder-read',
      version: 1,
      payload:
        reading.grossKg === undefined
          ? { by: 'pressure', gaugePressureKPa: reading.gaugeKPa!, temperatureC: 20, at: NOW, validUntil: DAY_ENDS }
          : { by: 'weight', grossKg: reading.grossKg, at: NOW, validUntil: DAY_ENDS },
    },
    ...more,
  ]
  return events.reduce<CylinderState | null>(evolveCylinder, null)!
}
export const MIX = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 15_000 })
export const OXYGEN = connected('OX-1', { gas: 'oxygen' }, { gaugeKPa: 12_000 })
export const ACETYLENE = connected('AC-1', { gas: 'acetylene', stamps: 'DOT-8AL / 6-20', tareKg: 80, fullM3: 9.3 }, { grossKg: 88 })

export const around = (
  items: readonly KitItem[],
  cylinders: readonly CylinderState[] = [],
  rules: HouseRules = NEW_SITE_RULES,
): KitAround => kitAt(judgeKit({ lists: NO_OWN_LISTS, items, cylinders }, rules, TODAY, DAY_ENDS), 'bay-1')
export const station = (job: Job | null): Station => ({ ...EMPTY_STATION, job })
export const gas = (
  job: Job | null,
  items: readonly KitItem[],
  cylinders: readonly CylinderState[],
  rules = NEW_SITE_RULES,
  now = NOW,
) => judgeGas(station(job), around(items, cylinders, rules), rules, now)
export const machine = (job: Job | null, items: readonly KitItem[], now = NOW) => judgeMachine(station(job), around(items), now)
export const codes = ({ findings }: { readonly findings: readonly { readonly code: string, readonly severity: string }[] }) =>
  findings.filter(({ severity }) => severity !== 'note').map(({ code }) => code)

/** The same, with what of it people wear: as a bay's surroundings have both. */
export function aroundWithPeople(
  ...of: Parameters<typeof around>
): { readonly kit: KitAround, readonly forPerson: (id: string | null) => PersonAround } {
  const [items, cylinders = [], rules = NEW_SITE_RULES] = of
  const { worn } = judgeKit({ lists: NO_OWN_LISTS, items, cylinders }, rules, TODAY, DAY_ENDS)
  return { kit: around(...of), forPerson: id => personIn({ worn, wearers: {}, welders: {} }, id) }
}
