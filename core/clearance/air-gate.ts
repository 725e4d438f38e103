import type { AirSurroundings, StationAir } from '../air/air-facts'
import type { AirAssessment } from '../air/assess-air'
import { assessAir } from '../air/assess-air'
import type { BayAir } from '../air/bay-air'
import type { Finding, FindingCode } from '../findings/finding'
import { inThreeFigures } from '../findings/in-three-figures'
import type { HouseRules } from '../streams/house-rules/house-rules'
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
])

/** A bay's air as its station has it. */
export const bayAirOf = (
  { job, earlierJobs, hoodPosition, extractionCheck, personId }: StationAir,
  { bayId, extraction }: AirSurroundings,
): BayAir => ({ bayId, job, earlierJobs, extraction, personId, position: hoodPosition, check: extractionCheck })

/** Is what is breathed here under the action fraction, as the ventilation is set, or inside the respirator worn? */
export function judgeAir(
  station: Station,
  air: AirSurroundings,
  kit: KitAround,
  person: PersonAround,
  rules: HouseRules,
  now: Instant,
): Gate & { readonly air: AirAssessment } {
  const bay = bayAirOf(station, air)
  const masks = person.worn.filter(({ kind }) => kind === 'respirator')
  const worn = wornMask(person.wearer, masks, now)
  const assessment = assessAir({
    bay,
    rules,
    now,
    prediction: air.predict(bay),
    check: station.extractionCheck,
    surveys: air.surveys,
    shopDay: air.shopDay,
    wearer: worn.wearer,
    elsewhere: air.elsewhere(station.personId),
  })
  const kept = assessment.found.filter(({ severity, code }) => severity !== 'note' || KEPT_NOTES.has(code))
  // What an instrument reads there now is said first: it overrules what is worked out.
  const found: Finding[] = [...judgeMonitors({ monitors: air.monitors, extraction: air.extraction, rules, now })]
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
