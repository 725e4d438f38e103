import type { AirSurroundings, StationAir } from '../air/air-facts'
import type { AirAssessment } from '../air/assess-air'
import { assessAir } from '../air/assess-air'
import type { BayAir } from '../air/bay-air'
import type { Helper } from '../air/helper-air'
import type { Finding, FindingCode } from '../findings/finding'
import { finding } from '../findings/finding'
import { inThreeFigures } from '../findings/in-three-figures'
import { engineMonoxideMgPerMin, minutesToDanger } from '../fume/engine-exhaust'
import { highestCurrentA } from '../fume/melting-rate'
import type { HallAir } from '../ventilation/hall'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { helpingNow } from '../job/helping'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { judgeMonitors } from '../monitor/judge-monitors'
import { wornMask } from '../respirator/worn-mask'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { ofGate, sortItemFindings } from './kit-around'
import type { KitAround } from './kit-around'
import type { PersonAround } from './person-around'

/** Notes worth keeping in the record; the rest of what explains a verdict is worked out again when it is shown. */
const KEPT_NOTES: ReadonlySet<FindingCode> = new Set<FindingCode>([
  'exposure.under', 'air.measured', 'air.rests-on-pencil', 'samples.compliant', 'samples.other-work', 'samples.aged-out',
  'exposure.no-limit-for-fume', 'exposure.limit-borrowed', 'air.day-of-person', 'fume.measure-these',
  'air.helper-under',
])

/** A bay's air as its station has it. */
export const bayAirOf = (
  { job, earlierJobs, hoodPosition, extractionCheck, personId, helpers }: StationAir,
  { bayId, extraction }: AirSurroundings,
): BayAir => ({ bayId, job, earlierJobs, extraction, personId, helpers, position: hoodPosition, check: extractionCheck })

/** Who helps at a bay now, with the mask that counts on them and where else they work today. */
export const helpersOf = (
  { helpers }: StationAir,
  air: AirSurroundings,
  forPerson: (personId: string | null) => PersonAround,
  now: Instant,
): readonly Helper[] => helpingNow(helpers, now).map(({ personId }) => {
  const { wearer, worn, welder } = forPerson(personId)
  return { personId, name: welder?.name ?? personId, wearer: wornMask(wearer, worn, now).wearer, elsewhere: air.elsewhere(personId) }
})

/** An engine that serves a bay under a roof is in the open, or its exhaust in the hall: Machine looks, this says what is at stake. */
function underRoof({ job }: StationAir, { items }: KitAround, hall: HallAir | null): readonly Finding[] {
  if (job === null || hall === null || hall.isOpenAir || !items.some(({ kind }) => kind === 'engine-drive')) return []
  const monoxide = engineMonoxideMgPerMin(job.process, highestCurrentA(job))
  const values = {
    monoxideMgPerMin: monoxide?.high ?? null,
    dangerInMin: monoxide && minutesToDanger(monoxide, { ...hall, outdoorM3PerS: hall.supplyM3PerS * hall.outdoorShare }),
  }
  return [finding('caution', 'air.engine-under-roof', values, ['engineExhaust'])]
}

/** Is what is breathed here under the action fraction, as the ventilation is set, or inside the respirator worn? */
export function judgeAir(
  station: Station,
  air: AirSurroundings,
  kit: KitAround,
  forPerson: (personId: string | null) => PersonAround,
  rules: HouseRules,
  now: Instant,
): Gate & { readonly air: AirAssessment } {
  const bay = bayAirOf(station, air)
  const person = forPerson(station.personId)
  const masks = person.worn.filter(({ kind }) => kind === 'respirator')
  const worn = wornMask(person.wearer, masks, now)
  const prediction = air.predict(bay)
  const assessment = assessAir({
    bay,
    rules,
    now,
    prediction,
    check: station.extractionCheck,
    surveys: air.surveys,
    shopDay: air.shopDay,
    wearer: worn.wearer,
    elsewhere: air.elsewhere(station.personId),
    helpers: helpersOf(station, air, forPerson, now),
  })
  const kept = assessment.found.filter(({ severity, code }) => severity !== 'note' || KEPT_NOTES.has(code))
  // What an instrument reads there now is said first: it overrules what is worked out.
  const found: Finding[] = [...judgeMonitors({ monitors: air.monitors, extraction: air.extraction, rules, now })]
  found.push(...underRoof(station, kit, prediction?.hall ?? null))
  const missing: Finding[] = []
  sortItemFindings(ofGate(kit.items, 'air'), now, found, missing)
  // A mask that is only due to be looked at protects nobody, and holds nobody who needs none; one tagged out holds.
  found.push(...masks.flatMap(({ findings }) => findings.filter(({ code }) => code === 'kit.tagged-out')))
  const isMaskWanted = assessment.respirator !== null && (assessment.respirator.neededApf > 1 || assessment.respirator.isDanger)
  return {
    ...gateFrom(
      'air',
      [...found, ...kept.map(inThreeFigures), ...(isMaskWanted ? worn.findings : [])],
      [...missing, ...assessment.missing],
    ),
    air: assessment,
  }
}
