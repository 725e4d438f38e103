import { elsewhereOf, hallIdOf, hallQuestion } from '../air/air-facts'
import { predictHall } from '../air/hall-prediction'
import type { HallPrediction, HallQuestion } from '../air/hall-prediction'
import { dayBefore } from '../air/person-day'
import { personIn, trainingOver } from '../clearance/person-around'
import type { Welder } from '../clearance/person-around'
import type { MaskWorn } from '../exposure/day-air'
import { postureOf } from '../exposure/hall-doubt'
import type { ArcWork } from '../exposure/drawn-hall'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { keyed } from '../kept'
import { isFumeKnown, partsMade } from '../fume/emission'
import type { SubstanceId } from '../ids/vocabulary'
import { jobSpan } from '../job/day-work'
import type { Job } from '../job/job'
import { shadeQuestionOf } from '../job/job'
import { shadeRulesOf } from '../streams/house-rules/house-rules'
import { workplaceOf } from '../streams/site/site'
import { judgeWearer, respiratorsFor } from '../respirator/judge-respirator'
import { wornMask } from '../respirator/worn-mask'
import type { SiteStanding } from '../site-facts/site-standing'
import { shopDayAt } from '../streams/scene'
import { stands } from '../time/instant'
import type { Stay } from '../time/stays'
import type { ClassHelmet } from './class-helmets'
import { baysAfter, hardestBefore } from './class-air'
import { helmetsOfClass } from './class-helmets'
import type { AtOnce, ClassBay, ClassPerson, ClassQuestion, ClassSetting } from './class-question'
import { classStay } from './class-question'

/** A class that is to weld in a hall, as the instructor asks for it. */
export interface HallClass {
  readonly hallId: string
  readonly bayIds: readonly string[]
  readonly personIds: readonly string[]
  /** Times of day by the shop's clock, HH:MM. */
  readonly startsAt: string
  readonly endsAt: string
  /** In so many equal parts. */
  readonly periods: number
  readonly wantedArcMin: number
}

export interface ClassOfHall {
  /** Null where nothing can be planned; the findings say why. */
  readonly question: ClassQuestion | null
  readonly findings: readonly Finding[]
}

/** The hours of a class in equal parts; null where its times are the same. */
export function periodsOf({ startsAt, endsAt, periods }: HallClass, shopDayHour: number): readonly Stay[] | null {
  const whole = jobSpan({ startsAt, endsAt } as Job, shopDayHour)
  if (!whole) return null
  const { fromMin, toMin } = whole
  const at = (part: number): number => Math.round(fromMin + (toMin - fromMin) * part / periods)
  return Array.from({ length: periods }, (_, part) => ({ fromMin: at(part), toMin: at(part + 1) }))
}

/**
 * A class of the shop as its planner asks of it: bays as they are fitted and set, with every damper open and every hood looked at by then;
 * what others burn in the hall meanwhile counts. A bay of which anything is not known is left out and named.
 *
 * @param helmets of the shop's register; none, and helmets are not counted, which is said
 */
export function classOfHall(standing: SiteStanding, asked: HallClass, helmets: readonly ClassHelmet[] = []): ClassOfHall {
  const { rules, site, stations } = standing
  const findings: Finding[] = []
  const hall = hallQuestion(standing, asked.hallId)
  const periods = periodsOf(asked, rules.shopDayHour)
  if (!hall || !periods) return { question: null, findings: [finding('hold', hall ? 'class.no-time' : 'air.hall-unknown', {})] }
  // Looked at before they strike: a hood that nobody saw today holds its own bay, and makes no plan of tomorrow.
  const { mayStrike: _mayStrike, ...all } = hall
  const ofClass = new Set(asked.bayIds)
  const predicted = predictHall({ ...all, bays: hall.bays.map(({ check: _check, job, ...bay }) => {
    // A job of the class that has no times yet gets the class's.
    const isUntimed = job !== null && ofClass.has(bay.bayId) && jobSpan(job, rules.shopDayHour) === null
    return { ...bay, job: isUntimed ? { ...job, startsAt: asked.startsAt, endsAt: asked.endsAt } : job }
  }) })

  const bays: ClassBay[] = []
  const jobs = new Map<string, Job>()
  for (const bayId of asked.bayIds.filter(id => hallIdOf(site, id) === asked.hallId)) {
    const job = stations[bayId]?.job ?? null
    const bay = job && classBay(bayId, job, predicted)
    if (bay) {
      bays.push(bay)
      jobs.set(bayId, job)
    } else {
      const { label } = site.bays.find(one => one.bayId === bayId)!
      findings.push(finding('caution', 'class.bay-unknown', { bay: label }))
    }
  }
  if (bays.length === 0 || asked.personIds.length === 0)
    return { question: null, findings: [...findings, finding('hold', 'class.nothing-to-plan', {})] }
  const besides = predicted.bayIds
    .flatMap((bayId) => {
      const around = predicted.hallBayAt(bayId)
      // Of a bay of the class what burns before it is in the air still; from then on it burns as it is planned.
      return around ? [jobs.has(bayId) ? { ...around, work: before(around.work, periods[0]!.fromMin) } : around] : []
    })
    .filter(({ work }) => work.length > 0)
  findings.push(...unsaidBeside(standing, predicted, asked, { jobs, periods, question: all }))
  const everybody = asked.personIds.map(id => classPerson(id, jobs, standing))
  // Who may weld nowhere here looks on: they are named, and what the others get is shared out among those who may.
  const people = everybody.filter(({ bayIds }) => bayIds?.length !== 0)
  for (const { id } of everybody.filter(one => !people.includes(one)))
    findings.push(finding('caution', 'class.nowhere', { person: standing.welders[id]?.name ?? id }))
  if (people.length === 0) return { question: null, findings: [...findings, finding('hold', 'class.nothing-to-plan', {})] }
  const setting: ClassSetting = {
    hall: hall.hall,
    long: predicted.long,
    bays,
    besides,
    periods,
    ruleSets: exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis),
    actionFraction: rules.actionFraction,
    daysAWeek: rules.workDaysPerWeek,
  }
  const fresh = withEarlier(people, setting, predicted, standing)
  findings.push(...fresh.findings)
  if (fresh.people.length === 0) return { question: null, findings: [...findings, finding('hold', 'class.nothing-to-plan', {})] }
  const dressed = dressedClass(fresh.people, jobs, standing, helmets)
  findings.push(...dressed.findings)
  if (dressed.people.length === 0) return { question: null, findings: [...findings, finding('hold', 'class.nothing-to-plan', {})] }
  return { findings, question: { ...setting, people: dressed.people, atOnce: dressed.atOnce, wantedArcMin: asked.wantedArcMin } }
}

/**
 * Work of the hall that no plan can count, for nobody can say what it makes. At each bay of the class its share may have been measured with
 * the rest, as the gate judges it; everywhere else it holds. At an asked bay it is what burns there before the class: from then on its own
 * job is known, or it is left out and stands empty.
 */
function unsaidBeside(
  { stations, site, rules, now }: SiteStanding,
  predicted: HallPrediction,
  asked: HallClass,
  { jobs, periods, question }: {
    readonly jobs: ReadonlyMap<string, Job>
    readonly periods: readonly Stay[]
    readonly question: HallQuestion
  },
): readonly Finding[] {
  const { fromMin, toMin } = classStay({ periods })
  const isInItsAir = (bayId: string): boolean => {
    const { job, earlierJobs } = stations[bayId]!
    if (earlierJobs.some(({ validUntil }) => stands(validUntil, now))) return true
    const span = job && jobSpan(job, rules.shopDayHour)
    // Until it is told when it is welded, a job holds at its own bay.
    return span !== null && span.fromMin < (asked.bayIds.includes(bayId) ? fromMin : toMin)
  }
  const unsaid = predicted.unknownBeside('').filter(isInItsAir)
  if (unsaid.length === 0) return []
  const { hall, bays, isMeasured } = question
  const substances: readonly SubstanceId[] = ['total-fume', ...predicted.unknownGasesBeside('')]
  const isShareMeasured = bays.filter(({ bayId }) => jobs.has(bayId))
    .every(bay => substances.every(substance => isMeasured?.(bay, hall, substance) ?? false))
  const labels = site.bays.filter(({ bayId }) => unsaid.includes(bayId)).map(({ label }) => label)
  return [finding(isShareMeasured ? 'caution' : 'hold', 'class.beside-unknown', { bays: labels, count: labels.length })]
}

interface Fresh { readonly people: readonly ClassPerson[], readonly findings: readonly Finding[] }

/** With what each breathes today before the class. Who has had their share, or of whom nobody can say, looks on, and is named. */
function withEarlier(people: readonly ClassPerson[], setting: ClassSetting, predicted: HallPrediction, standing: SiteStanding): Fresh {
  const halls = keyed((hallId: string) => ({
    key: hallId,
    make: () => {
      const question = hallQuestion(standing, hallId)
      return question && predictHall(question)
    },
  }))
  const [fresh, findings, counted]: [ClassPerson[], Finding[], string[]] = [[], [], []]
  for (const person of people) {
    const { id } = person
    const name = standing.welders[id]?.name ?? id
    const elsewhere = elsewhereOf(standing, setting.bays[0]!.id, id, halls)
    const earlier = dayBefore(id, setting.periods[0]!.fromMin, { ...elsewhere, halls: [predicted, ...elsewhere.halls] })
    if (earlier === null) fresh.push(person)
    else if (earlier === 'unknown') findings.push(finding('caution', 'class.before-unknown', { person: name }))
    else {
      const bayIds = baysAfter(setting, person, earlier)
      if (bayIds.length === 0)
        findings.push(finding('caution', 'class.over-before', { person: name, fraction: hardestBefore(setting, person, earlier) }))
      else {
        fresh.push({ ...person, bayIds, earlier })
        counted.push(id)
      }
    }
  }
  if (counted.length > 0) findings.push(finding('note', 'class.worked-before', { people: counted, count: counted.length }))
  return { people: fresh, findings }
}

interface Dressed { readonly people: readonly ClassPerson[], readonly atOnce: readonly AtOnce[], readonly findings: readonly Finding[] }

/** Nobody strikes at a bay without a helmet that does for its job: their own, or one that hangs free. */
function dressedClass(
  people: readonly ClassPerson[],
  jobs: ReadonlyMap<string, Job>,
  { rules, site, welders }: SiteStanding,
  helmets: readonly ClassHelmet[],
): Dressed {
  if (helmets.length === 0) return { people, atOnce: [], findings: [finding('note', 'class.helmets-not-counted', {})] }
  const asked = new Map([...jobs].map(([bayId, job]) =>
    [bayId, shadeQuestionOf(job, workplaceOf(site.bays.find(one => one.bayId === bayId)!))]))
  const sights = new Map(people.map(({ id }) => [id, { oneDarker: welders[id]?.isOneDarker ?? false }]))
  const { bareBayIds, mayAt, atOnce } = helmetsOfClass(asked, sights, helmets, shadeRulesOf(rules))
  const labels = site.bays.filter(({ bayId }) => bareBayIds.includes(bayId)).map(({ label }) => label)
  const findings: Finding[] = labels.map(bay => finding('caution', 'class.no-helmet', { bay }))
  const left = people.map(person => ({ ...person, bayIds: (person.bayIds ?? [...jobs.keys()]).filter(bayId => mayAt(person.id, bayId)) }))
  for (const { id } of left.filter(({ bayIds }) => bayIds.length === 0))
    findings.push(finding('caution', 'class.no-helmet-for', { person: welders[id]?.name ?? id }))
  return { people: left.filter(({ bayIds }) => bayIds.length > 0), atOnce, findings }
}

/** The part of a day's work that is over by a minute. */
const before = (work: readonly ArcWork[], minute: number): readonly ArcWork[] =>
  work.flatMap(one => one.fromMin < minute ? [{ ...one, toMin: Math.min(one.toMin, minute) }] : [])

/** A bay as it is fitted and set; null where its job, its fume or its hood is not known. */
function classBay(bayId: string, job: Job, predicted: HallPrediction): ClassBay | null {
  const prediction = predicted.bay(bayId)
  const around = predicted.hallBayAt(bayId)
  if (!prediction || !around || job.arcMinPerH === undefined) return null
  const { emission, ducted } = prediction
  const isHoodKnown = around.isHoodKnown && ducted?.flowM3PerS !== null
  if (!isFumeKnown(emission) || !isHoodKnown) return null
  const { hood, capture, captureInCalm, captureInDraught, part } = around
  return {
    id: bayId, hood, capture,
    ...captureInCalm ? { captureInCalm } : {},
    ...captureInDraught ? { captureInDraught } : {},
    ...part === undefined ? {} : { part },
    emission: partsMade(emission),
    arcMinPerH: job.arcMinPerH,
    posture: postureOf(job),
  }
}

function classPerson(id: string, jobs: ReadonlyMap<string, Job>, standing: SiteStanding): ClassPerson {
  const { rules, kit, wearers, welders, now } = standing
  const { worn, wearer, welder } = personIn({ worn: kit.worn, wearers, welders }, id)
  const today = shopDayAt(standing, now)
  const mayWeld = ({ process }: Job): boolean =>
    rules.signOffRule === 'not-asked' || (welder !== null && isTaught(welder, process, today))
  const mask = maskOf(wornMask(wearer, worn, now).wearer, standing)
  return { id, bayIds: [...jobs].flatMap(([bayId, job]) => mayWeld(job) ? [bayId] : []), ...mask ? { mask } : {} }
}

const isTaught = (welder: Welder, process: Job['process'], today: string): boolean =>
  welder.signedOffFor.includes(process) && trainingOver(welder, process, today) === null

/** The mask that counts for somebody: worn, in date, ready for it, and none that the law finds too coarse for listed dusts. */
function maskOf(wearer: ReturnType<typeof wornMask>['wearer'], { rules, now }: SiteStanding): MaskWorn | null {
  const need = respiratorsFor({ neededApf: 1, neededFilterApf: 1, asksHighEfficiency: ['manganese'] }, rules.jurisdiction)
  if (!wearer || !judgeWearer(need, wearer, now).protects) return null
  const { apf, isSupplied } = need.masks.find(({ mask }) => mask === wearer.mask)!
  return { apf: apf!, isSupplied, wornShare: rules.maskWornShare }
}
