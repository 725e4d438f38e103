import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { WorkplaceId } from '../vocabulary/vocabulary'
import type { HouseRules } from '../houserules/house-rules'
import { shadeRulesOf } from '../houserules/house-rules'
import { shadeQuestionOf } from '../job/job'
import { requiredShade } from '../shade/required-shade'
import { addedByTint, shadeForComparing } from '../shade/shade-number'
import type { ShadeAnswer } from '../shade/shade-question'
import type { Instant, Station } from '../station/station'
import type { Gate } from './gate'
import { gateFrom } from './gate'

/** Does the shade set on the helmet reach the minimum, was the helmet checked today, are clear rated glasses under it? */
export function judgeEyes(station: Station, rules: HouseRules, workplace: WorkplaceId, now: Instant): Gate & { readonly shade: ShadeAnswer | null } {
  const { job } = station
  if (job === null) return { ...gateFrom('eyes', [], [finding('hold', 'eyes.job-first', {})]), shade: null }
  const shade = requiredShade(shadeQuestionOf(job, workplace), shadeRulesOf(rules))
  const found: Finding[] = []
  const missing: Finding[] = []
  for (const said of shade.findings) (said.code === 'shade.input-missing' ? missing : found).push(said)
  if (shade.minimum !== null) judgeHelmet(station, shade, now, found, missing)
  judgeGlasses(station, now, found, missing)
  return { ...gateFrom('eyes', found, missing), shade }
}

function judgeHelmet({ helmet, helmetCheck, glasses }: Station, { minimum, start, bindingRuleSet }: ShadeAnswer, now: Instant, found: Finding[], missing: Finding[]): void {
  if (minimum === null || start === null || bindingRuleSet === null) return
  if (helmet === null) missing.push(finding('hold', 'eyes.helmet-not-set', { minimum, start }))
  else {
    const set = shadeForComparing(helmet.shade)
    if (set < minimum) {
      found.push(finding('hold', 'eyes.helmet-lighter', { helmet: set, minimum, ruleSet: bindingRuleSet }))
      if (glasses?.kind === 'tinted' && glasses.transmittance !== undefined) {
        const added = addedByTint(glasses.transmittance)
        found.push(finding('note', 'eyes.tint-explains', { helmet: set, added, effective: set + added }, [SOURCES.shadeAlgebra, SOURCES.tintNeverCounts]))
      }
    }
    else if (set < start) found.push(finding('caution', 'eyes.helmet-below-start', { helmet: set, start }))
  }
  if (helmetCheck === null || helmetCheck.validUntil <= now) missing.push(finding('hold', 'eyes.helmet-not-checked', {}, [SOURCES.shopPractice]))
  else if (!helmetCheck.passed) found.push(finding('hold', 'eyes.helmet-fault', { fault: helmetCheck.fault ?? 'unnamed' }, [SOURCES.shopPractice]))
}

function judgeGlasses({ glasses, job }: Station, now: Instant, found: Finding[], missing: Finding[]): void {
  if (glasses === null || glasses.validUntil <= now) {
    missing.push(finding('hold', 'eyes.glasses-not-checked', { process: job!.process }, [SOURCES.usEyeDuty, SOURCES.helmetIsSecondary]))
  }
  else if (glasses.kind !== 'clear-rated') {
    found.push(finding('hold', 'eyes.glasses-wrong', { kind: glasses.kind }, [SOURCES.usEyeDuty, SOURCES.helmetIsSecondary]))
  }
}
