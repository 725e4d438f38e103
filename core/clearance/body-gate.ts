import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { requiredOutfit } from '../ppe/required-outfit'
import type { OutfitRequirement } from '../ppe/required-outfit'
import type { ZoneId } from '../ids/vocabulary'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { Gate } from './gate'
import { gateFrom } from './gate'

/** Did every zone from head to foot pass at the door today, against what this job requires now? */
export function judgeBody(station: Station, now: Instant): Gate & { readonly outfit: readonly OutfitRequirement[] } {
  const { job, zones } = station
  if (job === null) return { ...gateFrom('body', [], [finding('hold', 'body.job-first', {})]), outfit: [] }
  const outfit = requiredOutfit(job)
  const found: Finding[] = []
  const unchecked: ZoneId[] = []
  const changed: ZoneId[] = []
  for (const { zone, requirement } of outfit) {
    const check = zones[zone]
    if (!check || !stands(check.validUntil, now)) unchecked.push(zone)
    else if (check.requirement !== requirement) changed.push(zone)
    else if (!check.passes) found.push(finding('hold', 'body.zone-fails', { zone, requirement }))
  }
  const missing: Finding[] = []
  if (changed.length > 0) missing.push(finding('hold', 'body.requirement-changed', { zones: changed, count: changed.length }))
  if (unchecked.length > 0) missing.push(finding('hold', 'body.zones-to-check', { zones: unchecked, count: unchecked.length }))
  return { ...gateFrom('body', found, missing), outfit }
}
