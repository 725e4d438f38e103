import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import { COATING_TRAITS } from '../job/coating-traits'
import type { Job } from '../job/job'
import { neededJobFields } from '../job/needed-job-fields'
import type { SignOffRuleId } from '../streams/house-rules/house-rules'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import { trainingOver } from './person-around'
import type { Welder } from './person-around'
import type { JobField } from '../ids/job-ids'

/** Fields that have a finding of their own when they are bad, so that the general "not known" is not said twice. */
const isKnown = (job: Job, field: JobField): boolean =>
  field === 'currentA' ? job.currentA !== undefined || job.currentRangeA !== undefined : job[field] !== undefined

/** Is the job fully known, its coating known or stripped, and nothing on it that an arc must not meet? */
export function judgeJob(job: Job | null, welder: Welder | null, signOffRule: SignOffRuleId, shopDay: string): Gate {
  if (job === null) return gateFrom('job', [], [finding('hold', 'job.not-set', {})])
  const { process } = job
  const missing: Finding[] = neededJobFields(process)
    .filter(field => !isKnown(job, field))
    .map(field => finding('hold', 'job.field-missing', { field, process }))
  const found: Finding[] = (job.assumed ?? []).map(field => finding('hold', 'job.field-assumed', { field }))

  if (!job.coatingStripped) {
    if (job.coating === 'unknown') found.push(finding('hold', 'job.coating-unknown', {}, ['coatings', 'shopPractice']))
    else if (job.coating === 'yellow-passivate')
      found.push(finding('hold', 'job.coating-maybe-cadmium', {}, ['coatings', 'shopPractice']))
    // Primer or paint that nobody named may hold lead, cadmium or chromate as well as zinc.
    else if (job.coating === 'primer' || job.coating === 'paint')
      found.push(finding('hold', 'job.coating-unnamed', { coating: job.coating }, ['coatings', 'shopPractice']))
    else if (job.coating !== undefined && COATING_TRAITS[job.coating].burnsOff)
      found.push(finding('caution', 'job.coating-burns-off', { coating: job.coating }, ['coatings']))
  } else if (job.coating === 'unknown' || job.coating === 'yellow-passivate') {
    // Stripping a coating nobody named leaves what was stripped unknown: dust and residue of cadmium or lead stay dangerous.
    found.push(finding('caution', 'job.coating-maybe-cadmium', {}, ['coatings']))
  }

  if (job.residue === 'present') found.push(finding('hold', 'job.residue-present', {}, ['degreaserPhosgene']))
  else if (job.residue === 'unknown') found.push(finding('hold', 'job.residue-unknown', {}, ['degreaserPhosgene']))
  if (job.container === 'held-something' || job.container === 'unknown-contents') {
    found.push(finding('hold', 'job.container', { container: job.container }, ['containers']))
  }
  if (job.startsAt !== undefined && job.endsAt !== undefined && job.startsAt === job.endsAt) {
    found.push(finding('hold', 'job.times-reversed', { startsAt: job.startsAt, endsAt: job.endsAt }))
  }
  judgeSignOff(job, welder, signOffRule, shopDay, found)
  return gateFrom('job', found, missing)
}

/**
 * Were they taught it, and does that still stand? Asked of whoever stands here; where a house holds for it, nobody known is nobody taught.
 * @param shopDay the one that stands, YYYY-MM-DD
 */
function judgeSignOff({ process }: Job, welder: Welder | null, rule: SignOffRuleId, shopDay: string, found: Finding[]): void {
  if (rule === 'not-asked') return
  const sources: readonly SourceId[] = ['usTraining']
  const severity = rule === 'holds' ? 'hold' : 'caution'
  if (welder?.signedOffFor.includes(process)) {
    const untilOn = trainingOver(welder, process, shopDay)
    if (untilOn !== null) found.push(finding(severity, 'job.training-over', { name: welder.name, process, untilOn }, sources))
  } else if (welder) found.push(finding(severity, 'job.not-signed-off', { name: welder.name, process }, sources))
  else if (rule === 'holds') found.push(finding('hold', 'job.nobody-signed-off', { process }, sources))
}
