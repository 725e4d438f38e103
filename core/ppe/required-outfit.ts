import { COATING_TRAITS } from '../job/coating-traits'
import { noiseNeed } from '../hearing/day-noise'
import type { NoiseAtEar, NoiseNeed } from '../hearing/day-noise'
import type { DeratingId } from '../ids/protection-ids'
import type { SourceId } from '../source/book'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { ZoneId } from '../ids/vocabulary'
import { ZONES } from '../ids/vocabulary'
import type { Job } from '../job/job'
import type { OutfitReason, RequirementId } from '../ids/ppe-ids'

/** One line of the list from head to foot. */
export interface OutfitRequirement {
  readonly zone: ZoneId
  readonly requirement: RequirementId
  /** What the label of a hearing protector has to say at least, dB; left out where any label does, or none that is made. */
  readonly leastNrrDb?: number
  readonly reasons: readonly OutfitReason[]
  readonly sources: readonly SourceId[]
}

/** At or above this current, A, spatter and radiant heat count as heavy. House reading of "low current" in the clothing classes. */
const HIGH_OUTPUT_A = 200

/** Rods that spatter more: the clothing classes put basic and cellulose electrodes with the heavy work. */
const HEAVY_RODS: ReadonlySet<string> = new Set([
  'e6010', 'e6011', 'e7018', 'e7024', 'e308l-16', 'e309l-16', 'eni-ci', 'e316l-16', 'e2209-16', 'enicrmo-3', 'enicu-7',
  'hardfacing-chromium', 'hardfacing-manganese', 'own-sheet',
])

/** How much spatter and heat a job throws, after the two clothing classes: `none`, `light` (class 1), `heavy` (class 2). */
export type Spatter = 'none' | 'light' | 'heavy'

/**
 * The spatter and radiant heat of a job, as the two clothing classes sort it. A stick job whose rod is not known,
 * a wire job whose current is not known, and anything overhead, restricted or confined count as heavy.
 * Source: ISO 11611:2015 Annex A. The boundary of "high current" is not printed: 200 A is our reading.
 */
export function spatterOf(job: Job): Spatter {
  const currentA = job.currentRangeA ? job.currentRangeA[1] : job.currentA
  if (job.position === 'overhead' || job.confinement === 'confined' || job.confinement === 'restricted') return 'heavy'
  switch (job.process) {
    case 'fcaw-g':
    case 'fcaw-s':
    case 'pac':
    case 'cac-a':
    case 'caw':
    case 'ofc':
      return 'heavy'
    case 'smaw':
      return job.consumable === undefined || HEAVY_RODS.has(job.consumable) || currentA === undefined || currentA >= HIGH_OUTPUT_A
        ? 'heavy'
        : 'light'
    case 'gmaw':
      return currentA === undefined || currentA >= HIGH_OUTPUT_A || job.shieldingGas === 'co2' ? 'heavy' : 'light'
    case 'gtaw':
    case 'paw':
    case 'ofw':
    case 'tb':
    case 'saw':
    case 'grinding':
      return 'light'
    case 'ts':
    case 'lbw':
      return 'none'
  }
}

/** What asks for more than the job does: the noise of the day, and the house. */
export interface OutfitAround {
  /** What is heard over the day, the neighbours' among it; left out, nobody reckoned it. */
  readonly noise?: NoiseAtEar
  /** How much less than its label a protector is taken to do. */
  readonly protectorRule?: DeratingId
  /** The house wants lined gloves for all, TIG among them. */
  readonly linedGlovesOnly?: boolean
}

/** What a loud day asks for at the ears, by its name: a look for one of them says nothing of the next. */
const AGAINST_NOISE: Readonly<Record<NoiseNeed['takes'], RequirementId>> = {
  'any': 'hearing-protection',
  'rated': 'hearing-protection-rated',
  'two': 'hearing-protection-two',
  'none-is-enough': 'hearing-protection-two',
}

/**
 * The outfit a job needs, one line for each zone from head to foot, each with its reasons and sources.
 * It names what is required; whether a garment passes is judged by the instructor at the door.
 *
 * @param job the work; what is not known is taken at its harder end
 * @param around what asks for more than the job does; left out, nothing
 * @returns thirteen lines, in the order of the zones
 * Source: ISO 11611:2015 (classes), EN 12477 (gloves), 29 CFR 1910.252(b)(3), common practice for the rest.
 */
export function requiredOutfit(
  job: Job,
  { noise, protectorRule = 'half', linedGlovesOnly = false }: OutfitAround = {},
): readonly OutfitRequirement[] {
  const traits = PROCESS_TRAITS[job.process]
  const spatter = spatterOf(job)
  const overhead = job.position === 'overhead'
  const gouging = job.process === 'cac-a'
  const arc = traits.heat === 'open-arc'
  const laser = traits.heat === 'laser'
  const sparks = traits.heat === 'sparks'
  const full = overhead || gouging
  const of = (
    zone: ZoneId,
    requirement: RequirementId,
    reasons: readonly OutfitReason[],
    sources: readonly SourceId[],
  ): OutfitRequirement => ({ zone, requirement, reasons, sources })
  const loud = gouging || job.process === 'pac' || sparks || job.process === 'ofc'
  const need = noise === undefined ? null : noiseNeed(noise, protectorRule)

  const build: Readonly<Record<ZoneId, () => OutfitRequirement>> = {
    'hair-head': () =>
      full
        ? of('hair-head', 'flame-resistant-hood', ['falling-sparks'], ['clothingClasses', 'shopPractice'])
        : spatter === 'none'
          ? of('hair-head', 'bare-head-hair-tied', ['hot-metal'], ['shopPractice'])
          : of('hair-head', 'cap-hair-covered', [spatter === 'heavy' ? 'heavy-spatter' : 'light-spatter'], ['shopPractice']),
    'ears': () =>
      loud || need
        ? {
            ...of('ears', AGAINST_NOISE[need?.takes ?? 'any'], [loud ? 'noise' : 'noise-of-neighbours', 'sparks-catch'], [
              'noiseLevels',
              'usNoise',
            ]),
            // By its kind a plug takes another label than a muff: no one number does for both.
            ...need?.nrrDb && protectorRule !== 'by-kind' ? { leastNrrDb: need.nrrDb } : {},
          }
        : of('ears', 'ear-plugs-sparks', overhead ? ['falling-sparks', 'sparks-catch'] : ['sparks-catch'], ['shopPractice']),
    'eyes': () =>
      laser
        ? of('eyes', 'laser-eyewear', ['laser-beam'], ['laserNotAShade'])
        : traits.heat === 'flame'
          ? of('eyes', 'flame-goggles', ['flame-light', 'hot-metal'], ['usEyeDuty'])
          : of('eyes', 'clear-rated-glasses', sparks ? ['grinding-fragments'] : ['slag-pops', 'reflected-arc'], [
              'usEyeDuty',
              'helmetIsSecondary',
            ]),
    'face': () =>
      laser
        ? of('face', 'laser-helmet', ['laser-beam'], ['laserNotAShade'])
        : arc
          ? of('face', 'welding-helmet', ['arc-radiation', 'reflected-arc'], ['usEyeDuty', 'usClothingDuty'])
          : of('face', 'face-shield', sparks ? ['grinding-fragments'] : ['light-spatter', 'hot-metal'], ['usEyeDuty', 'helmetIsSecondary']),
    'neck': () =>
      full
        ? of('neck', 'neck-leather', ['falling-sparks'], ['clothingClasses', 'shopPractice'])
        : of('neck', 'collar-closed', arc ? ['arc-radiation', 'sparks-catch'] : ['sparks-catch'], ['usClothing']),
    'lungs': () =>
      job.confinement === 'confined'
        ? of('lungs', 'supplied-air-to-be-judged', ['confined-air'], ['usConfinedSpaces', 'usRespirators'])
        : job.coating !== undefined && COATING_TRAITS[job.coating].isFuming && !job.coatingStripped
          ? of('lungs', 'fume-see-air-gate', ['coating-fume'], ['coatings', 'usRespirators'])
          : of('lungs', 'fume-see-air-gate', ['every-arc-makes-fume'], ['usRespirators']),
    'hands': () =>
      sparks
        ? of('hands', 'leather-work-gloves', ['grinding-fragments', 'synthetics-melt'], ['shopPractice'])
        : !linedGlovesOnly && ['gtaw', 'paw', 'ts', 'tb'].includes(job.process)
            ? of('hands', 'thin-dexterous-gauntlet', ['dexterity', 'arc-radiation'], ['weldingGloves'])
            : of('hands', 'lined-gauntlet', [spatter === 'heavy' ? 'heavy-spatter' : 'light-spatter', 'hot-metal'], ['weldingGloves']),
    'arms': () =>
      spatter === 'heavy'
        ? of('arms', 'leather-sleeves', overhead ? ['falling-sparks', 'heavy-spatter'] : ['heavy-spatter'], [
            'clothingClasses',
            'fabricBehaviour',
          ])
        : of('arms', 'fr-sleeves', arc ? ['arc-radiation', 'light-spatter'] : ['light-spatter'], ['clothingClasses', 'usClothing']),
    'torso': () =>
      full
        ? of('torso', 'leather-jacket', ['falling-sparks', 'heavy-spatter'], ['clothingClasses', 'fabricBehaviour'])
        : spatter === 'heavy'
          ? of('torso', 'fr-jacket', ['heavy-spatter', 'synthetics-melt'], ['clothingClasses', 'fabricBehaviour'])
          : of('torso', 'cotton-or-fr-jacket', ['light-spatter', 'synthetics-melt'], ['clothingClasses', 'fabricBehaviour']),
    'lap': () =>
      spatter === 'heavy' || sparks
        ? of('lap', 'leather-apron', [sparks ? 'grinding-fragments' : 'heavy-spatter'], ['clothingClasses', 'shopPractice'])
        : of('lap', 'lap-covered-by-jacket', ['light-spatter'], ['shopPractice']),
    'legs': () =>
      full
        ? of('legs', 'leather-leggings', ['falling-sparks', 'heavy-spatter'], ['clothingClasses', 'fabricBehaviour'])
        : spatter === 'heavy'
          ? of('legs', 'fr-trousers', ['heavy-spatter', 'synthetics-melt'], ['clothingClasses', 'fabricBehaviour'])
          : of('legs', 'long-trousers-no-cuffs', ['light-spatter', 'synthetics-melt'], ['usClothing', 'fabricBehaviour']),
    'feet': () =>
      of('feet', 'leather-boots-covered-laces', spatter === 'heavy' ? ['heavy-spatter', 'sparks-catch'] : ['hot-metal', 'sparks-catch'], [
        'usClothing',
        'shopPractice',
      ]),
    'pockets': () => of('pockets', 'pockets-closed-no-lighter', ['sparks-catch'], ['usClothing', 'shopPractice']),
  }
  return ZONES.map(zone => build[zone]())
}
