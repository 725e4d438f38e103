import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { closes, finding } from '../findings/finding'
import type { ShadeRuleSetId } from '../ids/vocabulary'
import { shadeRulesOf } from '../streams/house-rules/house-rules'
import { shadeQuestionOf } from '../job/job'
import { requiredShade } from '../shade/required-shade'
import { setFirst, settableShades } from '../shade/settable-shades'
import { personalStart, settledFor } from '../shade/settled-shade'
import { addedByTint, shadeForComparing } from '../shade/shade-number'
import type { ShadeAnswer } from '../shade/shade-question'
import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import type { Gate } from './gate'
import { gateFrom } from './gate'
import type { Surroundings } from './surroundings'
import { judgeSight } from './others-in-sight'
import { sortItemFindings } from './kit-around'
import type { KitAround } from './kit-around'
import { filtersWorn, FILTER_KINDS, judgeLaserCell } from '../laser/laser-cell'
import type { CellKit } from '../laser/laser-cell'
import type { LaserGround } from '../laser/beam-course'
import { PROCESS_TRAITS } from '../job/process-traits'
import { tagIdOf } from '../ids/tag'
import { helpingNow } from '../job/helping'
import { judgeHelpersEyes } from './helpers-eyes'
import type { Welder } from './person-around'
import { isBefore, stands } from '../time/instant'
import type { KitItemFact } from '../inspection/kit-item-fact'

/** Does the shade set on the helmet reach the minimum, was the helmet checked today, are clear rated glasses under it? */
export function judgeEyes(
  station: Station,
  { rules, workplace, forPerson, air, kit, now }: Surroundings,
): Gate & { readonly shade: ShadeAnswer | null } {
  const { job } = station
  const { worn, welder } = forPerson(station.personId)
  if (job === null) return { ...gateFrom('eyes', [], [finding('hold', 'eyes.job-first', {})]), shade: null }
  if (PROCESS_TRAITS[job.process].heat === 'laser') return judgeLaser(station, kit, worn, air.laserGround?.() ?? null, now)
  const question = shadeQuestionOf(job, workplace)
  const forAnybody = requiredShade(question, shadeRulesOf(rules))
  const found: Finding[] = []
  const { shade, why } = startForWelder(forAnybody, welder, settledFor(welder?.settled ?? [], question))
  const missing: Finding[] = []
  for (const said of shade.findings) (said.code === 'shade.input-missing' ? missing : found).push(said)
  const helmets = worn.filter(({ kind }) => kind === 'helmet')
  const asked = askedShade(shade)
  if (asked) {
    if (helmets.length > 0) judgeHelmets(helmets, station.helmet, asked, now, found, missing)
    else sayMissingHelmet(station, asked, now, missing)
    // What somebody saw today of the helmet on the head counts beside its record: the worse of both.
    judgeSeen(station, asked, now, found)
  }
  judgeGlasses(station, welder, now, found, missing)
  // Light of an open arc comes back round the helmet; where no shade is asked for there is none.
  if (asked && (air.walls === 'pale' || air.walls === 'shiny'))
    found.push(finding('caution', 'eyes.walls-throw-back', { walls: air.walls }, ['wallReflectance']))
  found.push(...judgeSight(job, air, rules))
  const helpers = judgeHelpersEyes(station, asked && { minimum: asked.minimum, ruleSet: asked.ruleSet }, forPerson, now)
  found.push(...helpers.found)
  missing.push(...helpers.missing)
  // What only explains comes after what has to be seen to.
  found.push(...why)
  return { ...gateFrom('eyes', found, missing), shade }
}

/** No shade answers for a laser: its cell does, as it was looked over today. */
function judgeLaser(
  { laserCell, helpers }: Station,
  { items }: KitAround,
  worn: readonly KitItemFact[],
  ground: LaserGround | null,
  now: Instant,
): Gate & { readonly shade: null } {
  const cell = laserCell && stands(laserCell.validUntil, now) ? laserCell : null
  const { lasers, filters } = cellKit(items, worn)
  const judged = judgeLaserCell(cell, { lasers, filters }, ground)
  const [found, missing] = [[...judged.found], [...judged.missing]]
  if (cell) sortItemFindings(filtersWorn(cell, filters), now, found, missing)
  // Told without who helps, a cell leaves the nearest of all out.
  const untold = cell && cell.present.length > 0
    ? helpingNow(helpers, now).length - cell.present.filter(({ who }) => who === 'helper').length
    : 0
  if (untold > 0) missing.push(finding('hold', 'eyes.laser-helpers-untold', { count: untold }, ['laserNotAShade']))
  return { ...gateFrom('eyes', found, missing), shade: null }
}

const IS_A_FILTER: ReadonlySet<KitItemFact['kind']> = new Set(Object.values(FILTER_KINDS))
/** What of the things at a laser bay, and of those that whoever stands there has, speaks of its cell. */
export const cellKit = (items: readonly KitItemFact[], worn: readonly KitItemFact[]): CellKit => ({
  lasers: items.filter(({ kind }) => kind === 'laser-welder'),
  filters: [...items, ...worn].filter(({ kind }) => IS_A_FILTER.has(kind)),
})

/** Where whoever stands here starts: at the shade they found themselves, or one darker; the least is the same for everybody. */
function startForWelder(
  shade: ShadeAnswer,
  welder: Welder | null,
  settledShade: number | undefined,
): { readonly shade: ShadeAnswer, readonly why: readonly Finding[] } {
  const { minimum, start } = shade
  if (minimum === null || start === null || welder === null) return { shade, why: [] }
  const own = personalStart(minimum, start, { settledShade, oneDarker: welder.isOneDarker })
  const sources: readonly SourceId[] = ['shopPractice']
  const why: Finding[] = []
  if (settledShade !== undefined) why.push(finding('note', 'eyes.start-settled', { start: own }, sources))
  else if (own > start) why.push(finding('note', 'eyes.start-darker', { start: own }, sources))
  return { shade: { ...shade, start: own }, why }
}

/** A shade that is asked for, by whose rules. */
interface AskedShade { readonly minimum: number, readonly start: number, readonly ruleSet: ShadeRuleSetId }
/** With a lowest shade there is one to start at, and rules that say so; without one there is nothing to compare. */
const askedShade = ({ minimum, start, bindingRuleSet }: ShadeAnswer): AskedShade | null =>
  minimum === null ? null : { minimum, start: start!, ruleSet: bindingRuleSet! }

/**
 * The helmets of whoever stands here, each with its range and its looks: that replaces what is typed. Of several, where it matters which
 * is worn, somebody has to say so: of another one nothing follows.
 */
function judgeHelmets(
  helmets: readonly KitItemFact[],
  said: Station['helmet'],
  shade: AskedShade,
  now: Instant,
  found: Finding[],
  missing: Finding[],
): void {
  const judged = helmets.map((helmet) => {
    const [findings, toDo]: [Finding[], Finding[]] = [[], []]
    sortItemFindings([helmet], now, findings, toDo)
    judgeRange(helmet, shade, findings)
    const holds = toDo.length > 0 || findings.some(closes)
    return { helmet, findings, toDo, holds }
  })
  // Tagged out, a helmet must go: it is not left lying beside a good one.
  const isOut = ({ findings }: { findings: readonly Finding[] }) => findings.some(({ code }) => code === 'kit.tagged-out')
  const inUse = judged.filter(one => !isOut(one))
  const matters = inUse.length > 1 && !inUse.every(({ holds, helmet }) => !holds && isAlwaysDark(helmet, shade))
  const worn = matters && said?.tag !== undefined ? inUse.find(({ helmet }) => isSaidOf(helmet, said)) : undefined
  const counts = worn ?? judged.find(({ holds }) => !holds)
  for (const one of judged) if (one === counts || !counts || isOut(one)) {
    found.push(...one.findings)
    missing.push(...one.toDo)
  }
  if (matters && !worn) {
    const tags = inUse.map(({ helmet }) => helmet.tag)
    missing.push(finding('hold', 'eyes.which-helmet', { tags, count: tags.length }, ['shopPractice']))
  } else if (counts && !counts.holds && !isAlwaysDark(counts.helmet, shade) && !isSaidOf(counts.helmet, said))
    missing.push(finding('hold', 'eyes.helmet-set-unsaid', { tag: counts.helmet.tag, minimum: shade.minimum }, ['shopPractice']))
}

/** However it is set, it is dark enough. */
export const isAlwaysDark = (
  { marks: { shadeBands = [] } }: Pick<KitItemFact, 'marks'>,
  { minimum }: Pick<AskedShade, 'minimum'>,
): boolean =>
  settableShades(shadeBands).every(shade => shadeForComparing(shade) >= minimum)

/**
 * Somebody said what it is set to, of this very helmet, since whoever stands here has it. What was said of no helmet in particular may
 * have been said of one that went back since.
 */
export const isSaidOf = ({ tag, assignedAt }: Pick<KitItemFact, 'tag' | 'assignedAt'>, said: Station['helmet']): boolean =>
  said !== null
  && said.tag === tagIdOf(tag)
  && !(assignedAt !== undefined && isBefore(said.at, assignedAt))

function judgeRange({ tag, marks: { shadeBands } }: KitItemFact, { minimum, start, ruleSet }: AskedShade, said: Finding[]): void {
  if (!shadeBands || shadeBands.length === 0) {
    said.push(finding('hold', 'eyes.helmet-range-unknown', { tag }))
    return
  }
  const allowed = settableShades(shadeBands).filter(one => shadeForComparing(one) >= minimum)
  const set = setFirst(allowed, start)
  if (set === undefined)
    said.push(
      finding('hold', 'eyes.helmet-range-lighter', {
        tag,
        darkest: Math.max(...shadeBands.map(([, darkest]) => darkest)),
        minimum,
        ruleSet,
      }),
    )
  else {
    if (set < start) said.push(finding('caution', 'eyes.helmet-below-start', { helmet: set, start }))
    said.push(finding('note', 'eyes.set-helmet-to', { tag, shade: set }))
  }
}

/** Without one in the register, what is typed and looked at today is asked for. */
function sayMissingHelmet({ helmet, helmetCheck }: Station, { minimum, start }: AskedShade, now: Instant, missing: Finding[]): void {
  if (helmet === null) missing.push(finding('hold', 'eyes.helmet-not-set', { minimum, start }))
  if (helmetCheck === null || !stands(helmetCheck.validUntil, now))
    missing.push(finding('hold', 'eyes.helmet-not-checked', {}, ['shopPractice']))
}

/** The shade that was set on the helmet, and what today's look at it found. */
function judgeSeen(
  { helmet, helmetCheck, glasses }: Station,
  { minimum, start, ruleSet }: AskedShade,
  now: Instant,
  found: Finding[],
): void {
  if (helmet !== null) {
    const set = shadeForComparing(helmet.shade)
    if (set < minimum) {
      found.push(finding('hold', 'eyes.helmet-lighter', { helmet: set, minimum, ruleSet }))
      if (glasses?.kind === 'tinted' && glasses.transmittance !== undefined) {
        const added = addedByTint(glasses.transmittance)
        found.push(
          finding('note', 'eyes.tint-explains', { helmet: set, added, effective: set + added }, [
            'shadeAlgebra',
            'tintNeverCounts',
          ]),
        )
      }
    } else if (set < start) found.push(finding('caution', 'eyes.helmet-below-start', { helmet: set, start }))
  }
  if (helmetCheck !== null && !helmetCheck.passed && stands(helmetCheck.validUntil, now))
    found.push(finding('hold', 'eyes.helmet-fault', { fault: helmetCheck.fault ?? 'unnamed' }, ['shopPractice']))
}

function judgeGlasses({ glasses, job }: Station, welder: Welder | null, now: Instant, found: Finding[], missing: Finding[]): void {
  if (glasses === null || !stands(glasses.validUntil, now)) {
    missing.push(finding('hold', 'eyes.glasses-not-checked', { process: job!.process }, ['usEyeDuty', 'helmetIsSecondary']))
    if (welder?.wearsPrescription) missing.push(finding('note', 'eyes.prescription', {}, ['usPrescription']))
  } else if (glasses.kind !== 'clear-rated') {
    found.push(finding('hold', 'eyes.glasses-wrong', { kind: glasses.kind }, ['usEyeDuty', 'helmetIsSecondary']))
  }
}
