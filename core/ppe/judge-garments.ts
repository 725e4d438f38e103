import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { GarmentConditionId, GarmentFactId, GarmentId, GarmentVerdict, MaterialId } from '../ids/garment-ids'
import { noiseNeed } from '../hearing/day-noise'
import { attenuationDb } from '../hearing/protectors'
import type { HearingProtector } from '../hearing/protectors'
import type { RequirementId } from '../ids/ppe-ids'
import type { DeratingId } from '../ids/protection-ids'
import type { ZoneId } from '../ids/vocabulary'
import type { Job } from '../job/job'
import type { OutfitAround, OutfitRequirement, Spatter } from './required-outfit'
import { requiredOutfit, spatterOf } from './required-outfit'

/** One thing that somebody has on. What is left out is not known, and never passes it. */
export interface WornGarment {
  readonly zone: ZoneId
  readonly item: GarmentId
  /** Percent by material; what they leave of a hundred is unknown. */
  readonly materials?: Readonly<Partial<Record<MaterialId, number>>>
  /** What is wrong with it; left out, nobody looked. */
  readonly condition?: readonly GarmentConditionId[]
  readonly facts?: Readonly<Partial<Record<GarmentFactId, boolean>>>
  /** What the label of a hearing protector says it takes away, dB. */
  readonly nrrDb?: number
}

/** What schools differ in, as this house has it. */
export interface GarmentHouse {
  /** Boots with a safety toe are asked for; the law asks for them where something may fall. */
  readonly safetyToe?: boolean
  /** Laces of leather count as covered. */
  readonly leatherLaces?: boolean
  /** Where little spatters, a shirt of cotton with sleeves down does for a jacket. */
  readonly sleevesDo?: boolean
  /** No thin gloves, not for TIG either. */
  readonly linedGlovesOnly?: boolean
  /** Where little spatters, low shoes of leather do for boots. */
  readonly lowShoesDo?: boolean
  /** How much less than its label a hearing protector is taken to do; left out, half of it. */
  readonly protectorRule?: DeratingId
}

export interface ZoneVerdict extends Pick<OutfitRequirement, 'zone' | 'requirement' | 'leastNrrDb'> {
  readonly verdict: GarmentVerdict
  readonly findings: readonly Finding[]
}

export interface OutfitVerdict {
  readonly zones: readonly ZoneVerdict[]
  readonly verdict: GarmentVerdict
}

/** They melt onto skin. Source: `fabricBehaviour`. */
const MELTING: readonly MaterialId[] = ['polyester', 'nylon', 'acrylic', 'polypropylene', 'elastane']
/** So little of them, %, is a thread or a waistband: a caution. Nobody published a share that is safe; this is our reading. */
const A_LITTLE_PERCENT = 5
/** What a seam and a label make of a garment that is all of one sort, %. */
const ALL_OF_IT_PERCENT = 100 - A_LITTLE_PERCENT

/** How much a cloth bears: cotton and denim char, wool and treated cloth go out, leather takes falling metal. */
type Strength = 'cotton' | 'flame-resistant' | 'leather'
const AS_STRONG: Readonly<Record<Strength, readonly MaterialId[]>> = {
  'cotton': ['cotton', 'denim', 'viscose', 'wool', 'flame-resistant', 'leather'],
  'flame-resistant': ['flame-resistant', 'leather'],
  'leather': ['leather'],
}

/** What a requirement takes: which garments, of what, with which answers. */
interface Rule {
  readonly items: readonly GarmentId[]
  readonly strength?: Strength
  /** Cotton does, and chars: said, not refused. */
  readonly cottonChars?: boolean
  readonly facts?: readonly GarmentFactId[]
}

const OVER = ['jacket', 'coverall'] as const
const PROTECTORS = ['ear-plugs', 'ear-muffs'] as const
const RULES: Readonly<Record<RequirementId, Rule>> = {
  'cap-hair-covered': { items: ['cap', 'hood'], strength: 'cotton', facts: ['hair-covered'] },
  'flame-resistant-hood': { items: ['hood'], strength: 'flame-resistant', facts: ['hair-covered'] },
  'bare-head-hair-tied': { items: ['bare-head', 'cap', 'hood'], facts: ['hair-tied'] },
  'ear-plugs-sparks': { items: ['ear-plugs', 'ear-muffs'] },
  'hearing-protection': { items: PROTECTORS },
  'hearing-protection-rated': { items: PROTECTORS },
  'hearing-protection-two': { items: PROTECTORS },
  'clear-rated-glasses': { items: ['safety-glasses'], facts: ['impact-rated', 'side-shields'] },
  'flame-goggles': { items: ['flame-goggles'] },
  'laser-eyewear': { items: ['laser-eyewear'] },
  'welding-helmet': { items: ['welding-helmet'] },
  'face-shield': { items: ['face-shield', 'welding-helmet'] },
  'laser-helmet': { items: ['laser-helmet'] },
  'collar-closed': { items: ['collar', 'neck-cape'], strength: 'cotton', facts: ['closed'] },
  'neck-leather': { items: ['neck-cape'], strength: 'flame-resistant', facts: ['closed'] },
  'fume-see-air-gate': { items: ['respirator', 'supplied-air'] },
  'supplied-air-to-be-judged': { items: ['supplied-air'] },
  'thin-dexterous-gauntlet': { items: ['tig-gloves', 'welding-gloves'], strength: 'leather', facts: ['gauntlet-cuff'] },
  'lined-gauntlet': { items: ['welding-gloves'], strength: 'leather', facts: ['gauntlet-cuff', 'lined'] },
  'leather-work-gloves': { items: ['leather-work-gloves', 'welding-gloves'], strength: 'leather' },
  'fr-sleeves': { items: ['sleeves', ...OVER, 'shirt'], strength: 'cotton', cottonChars: true, facts: ['long-sleeves'] },
  'leather-sleeves': { items: ['sleeves', 'jacket'], strength: 'leather', facts: ['long-sleeves'] },
  'cotton-or-fr-jacket': { items: OVER, strength: 'cotton', cottonChars: true, facts: ['closed'] },
  'fr-jacket': { items: OVER, strength: 'flame-resistant', facts: ['closed'] },
  'leather-jacket': { items: ['jacket'], strength: 'leather', facts: ['closed'] },
  'leather-apron': { items: ['apron', 'jacket'], strength: 'leather', facts: ['covers-lap'] },
  'lap-covered-by-jacket': { items: ['apron', ...OVER], strength: 'cotton', facts: ['covers-lap'] },
  'long-trousers-no-cuffs': { items: ['trousers', 'coverall', 'leggings'], strength: 'cotton', facts: ['full-length'] },
  'fr-trousers': { items: ['trousers', 'coverall', 'leggings'], strength: 'flame-resistant', facts: ['full-length'] },
  'leather-leggings': { items: ['leggings'], strength: 'leather', facts: ['full-length'] },
  'leather-boots-covered-laces': { items: ['boots'], strength: 'leather', facts: ['above-ankle', 'laces-covered'] },
  'pockets-closed-no-lighter': { items: ['pockets'], facts: ['closed', 'no-lighter', 'no-jewellery'] },
}

/** Things that nobody calls cloth: what they are made of is no matter here. */
const NOT_CLOTH: ReadonlySet<GarmentId> = new Set([
  'bare-head', 'bare-hands', 'ear-plugs', 'ear-muffs', 'safety-glasses', 'flame-goggles', 'laser-eyewear', 'welding-helmet', 'face-shield',
  'laser-helmet', 'respirator', 'supplied-air', 'pockets',
])

/** What a day of noise asks for. */
const AGAINST_NOISE: ReadonlySet<RequirementId> = new Set(['hearing-protection', 'hearing-protection-rated', 'hearing-protection-two'])
type EarsToday = Pick<OutfitAround, 'noise' | 'protectorRule'>

/** What is wrong with a garment wherever it is worn: adding it to an outfit that passes is a conflict, and is named. */
function harms({ item, materials, condition }: WornGarment): readonly Finding[] {
  const findings: Finding[] = []
  if (!NOT_CLOTH.has(item)) {
    const told = Object.values(materials ?? {}).reduce((sum, percent) => sum + percent, 0)
    const melting = MELTING.reduce((sum, material) => sum + (materials?.[material] ?? 0), 0)
    if (told < ALL_OF_IT_PERCENT)
      findings.push(finding('hold', 'garment.material-unknown', { item, percent: 100 - told }, ['fabricBehaviour']))
    if (melting > A_LITTLE_PERCENT) findings.push(finding('hold', 'garment.melts', { item, percent: melting }, ['fabricBehaviour']))
    else if (melting > 0) findings.push(finding('caution', 'garment.melts-a-little', { item, percent: melting }, ['fabricBehaviour']))
  }
  if (condition === undefined) findings.push(finding('hold', 'garment.not-looked-at', { item }, ['shopPractice']))
  for (const one of condition ?? []) findings.push(finding('hold', 'garment.condition', { item, condition: one }, ['usClothing']))
  return findings
}

/** The rule of a requirement as this house has it: a school may ask for less only where little spatters. */
function ruleOf(requirement: RequirementId, spatter: Spatter, { sleevesDo, lowShoesDo }: GarmentHouse): Rule {
  const rule = RULES[requirement]
  const isLittle = spatter !== 'heavy'
  if (requirement === 'cotton-or-fr-jacket' && sleevesDo && isLittle) return { ...rule, items: [...rule.items, 'shirt'] }
  if (requirement === 'leather-boots-covered-laces' && lowShoesDo && isLittle)
    return { ...rule, items: [...rule.items, 'shoes'], facts: rule.facts!.filter(fact => fact !== 'above-ankle') }
  return rule
}

/** What is asked of a garment by yes or no. */
function factsAsked({ item, facts }: WornGarment, { facts: asked = [] }: Rule, house: GarmentHouse): readonly GarmentFactId[] {
  const isFootwear = item === 'boots' || item === 'shoes'
  const answers = new Set<GarmentFactId>([...asked, ...isFootwear && house.safetyToe ? ['safety-toe' as const] : []])
  if (house.leatherLaces && facts?.['leather-laces'] === true) answers.delete('laces-covered')
  return [...answers]
}

/** What is asked of what somebody has on at a zone for a job, by yes or no: what a form about it shows. */
export function factsAskedAt(job: Job, garment: WornGarment, house: GarmentHouse): readonly GarmentFactId[] {
  const required = requiredOutfit(job, house).find(({ zone }) => zone === garment.zone)
  const rule = required && ruleOf(required.requirement, spatterOf(job), house)
  if (!rule?.items.includes(garment.item)) return []
  const more: readonly GarmentFactId[] = garment.item === 'safety-glasses'
    ? ['clear']
    : garment.zone === 'feet' && house.leatherLaces ? ['laces-covered', 'leather-laces'] : []
  return [...new Set([...factsAsked(garment, rule, house), ...more])]
}

/** What a garment lacks of a requirement; nothing when it answers. Only for garments that the requirement takes at all. */
function lacks(garment: WornGarment, requirement: RequirementId, rule: Rule, house: GarmentHouse): readonly Finding[] {
  const { item, materials, facts } = garment
  const { strength, cottonChars } = rule
  const findings: Finding[] = []
  if (strength !== undefined && !NOT_CLOTH.has(item)) {
    const share = (of: readonly MaterialId[]) => of.reduce((sum, material) => sum + (materials?.[material] ?? 0), 0)
    if (share(AS_STRONG[strength]) < ALL_OF_IT_PERCENT)
      findings.push(finding('hold', 'garment.material-too-light', { item, requirement }, ['fabricBehaviour']))
    else if (cottonChars && share([...AS_STRONG['flame-resistant'], 'wool']) < ALL_OF_IT_PERCENT)
      findings.push(finding('caution', 'garment.chars', { item }, ['fabricBehaviour']))
  }
  for (const fact of factsAsked(garment, rule, house)) {
    if (facts?.[fact] === undefined) findings.push(finding('hold', 'garment.fact-unknown', { item, fact }, ['shopPractice']))
    else if (!facts[fact]) findings.push(finding('hold', 'garment.fact-wrong', { item, fact }, ['usClothing']))
  }
  if (item === 'safety-glasses' && facts?.clear !== true)
    findings.push(facts?.clear === undefined
      ? finding('hold', 'garment.fact-unknown', { item, fact: 'clear' }, ['shopPractice'])
      : finding('caution', 'garment.tinted', {}, ['usEyeDuty']))
  return findings
}

/**
 * Whether what is worn at the ears leaves little enough of the day's noise. Two of one kind are one; a label that nobody read takes nothing
 * away. Where nobody reckoned the noise, that is said and passes nothing by itself.
 */
function againstNoise(worn: readonly WornGarment[], { noise, protectorRule = 'half' }: EarsToday): readonly Finding[] {
  if (noise === undefined) return [finding('caution', 'garment.noise-decides', {}, ['usProtectorRating'])]
  const need = noiseNeed(noise, protectorRule)
  if (need === null || need.takes === 'any') return []
  const { twaDbA, targetDbA } = need
  const known = PROTECTORS.flatMap((item): HearingProtector[] => {
    const labels = worn.filter(one => one.item === item).flatMap(({ nrrDb }) => nrrDb ?? [])
    return labels.length === 0 ? [] : [{ nrrDb: Math.max(...labels), kind: item === 'ear-muffs' ? 'muff' : 'plug' }]
  })
  const protectedDbA = twaDbA - attenuationDb(known, protectorRule)
  const cited: readonly SourceId[] = [protectorRule === 'by-kind' ? 'protectorByKind' : 'usProtectorRating']
  if (protectedDbA <= targetDbA) return []
  const unread = worn.find(({ item, nrrDb }) => (PROTECTORS as readonly GarmentId[]).includes(item) && nrrDb === undefined)
  return [unread
    ? finding('hold', 'garment.label-unread', { item: unread.item, twaDbA, targetDbA, nrrDb: need.nrrDb }, cited)
    : finding('hold', 'garment.protector-too-weak', { protectedDbA, twaDbA, targetDbA, nrrDb: need.nrrDb }, cited)]
}

const isHolding = ({ severity }: Finding): boolean => severity === 'hold'
const verdictOf = (findings: readonly Finding[]): GarmentVerdict =>
  findings.some(isHolding) ? 'fail' : findings.some(({ severity }) => severity === 'caution') ? 'pass-with-caution' : 'pass'

function judgeZone(
  { zone, requirement, leastNrrDb }: OutfitRequirement,
  worn: readonly WornGarment[],
  spatter: Spatter,
  house: GarmentHouse,
  around: OutfitAround,
): ZoneVerdict {
  const rule = ruleOf(requirement, spatter, house)
  const of = (findings: readonly Finding[]): ZoneVerdict =>
    ({ zone, requirement, ...leastNrrDb === undefined ? {} : { leastNrrDb }, verdict: verdictOf(findings), findings })
  const here = worn.filter(garment => garment.zone === zone)
  const answering = here.filter(({ item }) => rule.items.includes(item))
  // Whether a mask is needed is no question of clothes: the air of the bay says.
  if (requirement === 'fume-see-air-gate' && answering.length === 0)
    return of([...here.flatMap(harms), finding('caution', 'garment.air-decides', {}, ['usRespirators'])])
  if (answering.length === 0)
    return of(here.filter(({ item }) => item !== 'base-layer').length === 0
      ? [...here.flatMap(harms), finding('hold', 'garment.nothing-worn', { zone, requirement }, ['shopPractice'])]
      : here.flatMap(garment => [
          ...harms(garment),
          ...garment.item === 'base-layer'
            ? []
            : [finding('hold', 'garment.not-for-this', { item: garment.item, requirement }, ['usClothing'])],
        ]))
  // One that answers is enough; the others harm nobody, or say so.
  const tried = answering.map(garment => ({ garment, findings: lacks(garment, requirement, rule, house) }))
  const best = tried.find(({ findings }) => findings.length === 0)
    ?? tried.find(({ findings }) => !findings.some(isHolding))
    ?? tried[0]!
  const findings = [...here.flatMap(harms), ...best.findings]
  if (zone === 'torso' && !here.some(({ item }) => item === 'base-layer'))
    findings.push(finding('caution', 'garment.base-layer-not-told', {}, ['fabricBehaviour']))
  if (requirement === 'laser-eyewear' || requirement === 'laser-helmet')
    // Not known here whether it is dark enough and bears the beam: that is no pass.
    findings.push(finding('hold', 'garment.laser-decides', {}, ['laserNotAShade']))
  if (AGAINST_NOISE.has(requirement)) findings.push(...againstNoise(here, { ...house, ...around }))
  if (zone === 'lungs') findings.push(finding('caution', 'garment.air-decides', {}, ['usRespirators']))
  return of(findings.length > 0 ? findings : [finding('note', 'garment.passes', { item: best.garment.item, requirement }, ['usClothing'])])
}

/**
 * Whether a zone fails for what is worn there. Whether laser eyewear and a laser helmet answer for a beam is said by the cell: asked at the
 * address for garments alone it is no pass, and here nothing is held for it twice.
 */
export const doesFail = ({ findings }: Pick<ZoneVerdict, 'findings'>): boolean =>
  findings.some(({ code, severity }) => severity === 'hold' && code !== 'garment.laser-decides')

/**
 * What somebody has on, judged zone by zone for a job: each zone passes, passes with a caution, or fails, with why and what mends it.
 * Nothing worn is no pass, and neither is what nobody knows: materials that do not add up, a condition that nobody looked at, a fact
 * left out. Shade, air and laser are judged elsewhere.
 * Source: ISO 11611 and EN 12477 for what each job asks, ANSI Z49.1 for how it is worn, common practice for how cloth behaves.
 *
 * @param worn whatever is on, in any order; several in one zone count together
 * @param around what others do near by that asks for more
 */
export function judgeGarments(
  job: Job,
  worn: readonly WornGarment[],
  house: GarmentHouse = {},
  around: OutfitAround = {},
): OutfitVerdict {
  const spatter = spatterOf(job)
  const zones = requiredOutfit(job, { ...house, ...around }).map(required => judgeZone(required, worn, spatter, house, around))
  return { zones, verdict: worstOf(zones) }
}

/** What zones come to together: the worst of them. */
export function worstOf(zones: readonly ZoneVerdict[]): GarmentVerdict {
  const verdicts = zones.map(({ verdict }) => verdict)
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('pass-with-caution') ? 'pass-with-caution' : 'pass'
}
