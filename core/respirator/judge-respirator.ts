import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { isGas } from '../fume/gases'
import type { JurisdictionId, MaskId, SubstanceId } from '../ids/vocabulary'
import type { Respirator } from './respirators'
import { respiratorsIn } from './respirators'
import { isAfter } from '../time/instant'
import { LAWS } from '../law/laws'
import type { Wearer } from './wearer'
import { MIXTURE_GROUPS } from '../ids/exposure-ids'
import type { Instant } from '../time/instant'

/** A mask against what it is needed for. */
export interface MaskChoice extends Respirator {
  readonly suits: boolean
  /** Its factor would be enough, and it is off for too long. */
  readonly offTooLong?: OffTooLong
}

/** What of what is allowed is breathed, a fraction, with a mask on for so much of the work and off for the rest and between jobs. */
export interface OffTooLong { readonly fraction: number, readonly wornPercent: number }

export interface RespiratorNeed {
  /** Protection factor that brings what is inside the mask under the action fraction; 1 when none is needed. */
  readonly neededApf: number
  readonly masks: readonly MaskChoice[]
  /** Gases that no dust filter stops, and that are too much with or without the dust beside them. */
  readonly gases: readonly SubstanceId[]
  /** Only air of its own with a way out will do: too little oxygen, immediate danger, or fume that nobody knows. */
  readonly isDanger: boolean
  readonly findings: readonly Finding[]
}

/** What a mask has to answer. */
export interface Hazard {
  /** Largest fraction that binds ÷ action fraction; 1 when nothing is over. */
  readonly neededApf: number
  /** Factor that a dust filter needs, which leaves gases as they are; null where no filter answers. As `neededApf` when left out. */
  readonly neededFilterApf?: number | null
  readonly gases?: readonly SubstanceId[]
  /** The air may be short of oxygen. */
  readonly oxygenLack?: boolean
  /** Substances that reach what is immediately dangerous to life or health. */
  readonly overIdlh?: readonly SubstanceId[]
  /** Substances over the action fraction against which the law asks for the highest class of filter. */
  readonly asksHighEfficiency?: readonly SubstanceId[]
  /** Nobody knows what is breathed: as dangerous as can be. */
  readonly isUnknown?: boolean
  /** Is a mask off for too long, worn as it is here? Null where it is not; taken to be worn all the time when left out. */
  readonly tooMuchInside?: (mask: Respirator) => OffTooLong | null
}

/**
 * Which respirators would be enough: hazard ratio → protection factor → masks that give it and those that do not.
 * A dust mask never counts; a gas passes every dust filter, also as a part of a sum; too little oxygen, immediate danger
 * and what nobody knows leave only full-face kit with air of its own and a way out.
 * Source: `usApf`, `ukApf`, `usDanger`, `usLead`, `usCadmium`.
 */
export function respiratorsFor(
  {
    neededApf,
    neededFilterApf = neededApf,
    gases = [],
    oxygenLack = false,
    overIdlh = [],
    asksHighEfficiency = [],
    isUnknown = false,
    tooMuchInside = () => null,
  }: Hazard,
  jurisdiction: JurisdictionId,
): RespiratorNeed {
  const isDanger = oxygenLack || isUnknown || overIdlh.length > 0
  const answers = ({ apf, isSupplied, isHighEfficiency, isForDanger }: Respirator): boolean => {
    if (apf === null) return false
    if (isDanger) return isForDanger && apf >= neededApf
    if (isSupplied) return apf >= neededApf
    return (
      neededFilterApf !== null && gases.length === 0 && apf >= neededFilterApf && (asksHighEfficiency.length === 0 || isHighEfficiency)
    )
  }
  const isOffTooLong = byFactor(tooMuchInside)
  const masks = respiratorsIn(jurisdiction).map((mask): MaskChoice => {
    const offTooLong = answers(mask) ? isOffTooLong(mask) : null
    return { ...mask, suits: answers(mask) && offTooLong === null, ...(offTooLong === null ? {} : { offTooLong }) }
  })
  const findings: Finding[] = []
  if (neededApf > 1 || isDanger) {
    const suits = masks.filter(mask => mask.suits).map(({ mask }) => mask)
    findings.push(
      suits.length > 0
        ? finding('note', 'respirator.needed', { apf: neededApf, masks: suits }, [masks[0]!.source])
        : finding('hold', 'respirator.none-enough', { apf: neededApf }, [masks[0]!.source]),
    )
    if (gases.length > 0) findings.push(finding('note', 'respirator.gas-not-filtered', { substances: gases }, ['usRespirators']))
    if (overIdlh.length > 0) findings.push(finding('note', 'respirator.immediate-danger', { substances: overIdlh }, ['usDanger']))
    if (asksHighEfficiency.length > 0)
      findings.push(
        finding('note', 'respirator.high-efficiency', { substances: asksHighEfficiency }, ['usLead', 'usCadmium']),
      )
    if (oxygenLack) findings.push(finding('hold', 'respirator.oxygen-lack', {}, ['usConfinedSpaces']))
    findings.push(finding('note', 'respirator.dust-mask', {}, ['usRespirators']))
  }
  return { neededApf, masks, gases, isDanger, findings }
}

/** The same answer for masks that are worth the same; what does for one does for every better one, and is not worked out again. */
function byFactor(ask: NonNullable<Hazard['tooMuchInside']>): NonNullable<Hazard['tooMuchInside']> {
  const known: { readonly mask: Respirator, readonly answer: OffTooLong | null }[] = []
  const isAtLeast = (a: Respirator, b: Respirator): boolean => a.apf! >= b.apf! && (a.isSupplied || !b.isSupplied)
  return (mask) => {
    const found = known.find(({ mask: other, answer }) => isAtLeast(mask, other) && (answer === null || isAtLeast(other, mask)))
    if (found) return found.answer
    const answer = ask(mask)
    known.push({ mask, answer })
    return answer
  }
}

const LISTED_DUSTS: readonly SubstanceId[] = ['lead', 'cadmium', 'beryllium']

/** The need that a judged exposure makes. A mask whose factor is enough and that is off for too long is not. */
export function respiratorNeed(
  { fraction, uses, mixture, overIdlh }: Pick<ExposureJudgement, 'fraction' | 'uses' | 'mixture' | 'overIdlh'>,
  actionFraction: number,
  jurisdiction: JurisdictionId,
  tooMuchInside?: Hazard['tooMuchInside'],
): RespiratorNeed {
  const over = uses.filter(use => use.binds && use.fraction > actionFraction).map(use => use.limit.substance)
  const mixtureOver = mixture !== null && mixture.fraction > actionFraction
  // A filter takes the dust out of a sum and leaves its gases: what they make alone must be under the action fraction.
  const gasesInSum
    = mixtureOver && mixture.gasFraction >= actionFraction
      ? MIXTURE_GROUPS[mixture.group].filter(
          substance => isGas(substance) && uses.some(({ limit, fraction: used }) => limit.substance === substance && used > 0),
        )
      : []
  const gases = [...new Set([...over.filter(isGas), ...gasesInSum])]
  const dustAlone = Math.max(0, ...uses.filter(use => use.binds && !isGas(use.limit.substance)).map(use => use.fraction)) / actionFraction
  const dustInSum
    = mixtureOver && gases.length === 0 ? (mixture.fraction - mixture.gasFraction) / (actionFraction - mixture.gasFraction) : 0
  return respiratorsFor(
    {
      neededApf: Math.max(1, (fraction ?? 0) / actionFraction),
      neededFilterApf: Math.max(1, dustAlone, dustInSum),
      gases,
      overIdlh,
      asksHighEfficiency: LAWS[jurisdiction].listedDustsAskHighEfficiency
        ? LISTED_DUSTS.filter(substance => over.includes(substance))
        : [],
      tooMuchInside,
    },
    jurisdiction,
  )
}

/**
 * Is the person at the bay protected by the mask they wear? Unknown holds.
 *
 * @param wearer null when nobody has written down a mask for them
 * @returns the mask's factor when it counts, and what stands in the way when it does not
 */
export function judgeWearer(
  need: RespiratorNeed,
  wearer: Wearer | null,
  now: Instant,
): { readonly protects: boolean, readonly mask: MaskId | null, readonly findings: readonly Finding[] } {
  if (wearer === null)
    return { protects: false, mask: null, findings: [finding('hold', 'respirator.wearer-unknown', {}, ['usRespirators'])] }
  const choice = need.masks.find(({ mask }) => mask === wearer.mask)!
  if (!choice.suits) {
    const why
      = wearer.mask === 'dust-mask'
        ? finding('hold', 'respirator.dust-mask', {}, ['usRespirators'])
        : need.gases.length > 0 && !choice.isSupplied
          ? finding('hold', 'respirator.gas-not-filtered', { substances: need.gases }, ['usRespirators'])
          : choice.offTooLong
            ? finding('hold', 'respirator.off-too-long', { mask: wearer.mask, apf: choice.apf ?? 0, ...choice.offTooLong }, [
                choice.source,
                'maskWorn',
              ])
            : finding('hold', 'respirator.not-enough', { mask: wearer.mask, apf: choice.apf ?? 0, neededApf: need.neededApf }, [
                choice.source,
              ])
    return { protects: false, mask: wearer.mask, findings: [why] }
  }
  const findings: Finding[] = []
  if (wearer.readyUntil === null || !isAfter(wearer.readyUntil, now))
    findings.push(finding('hold', 'respirator.wearer-not-ready', {}, ['usRespirators']))
  if (choice.isTight && wearer.isShaven === null)
    findings.push(finding('hold', 'respirator.shave-not-checked', {}, ['usRespirators']))
  if (choice.isTight && wearer.isShaven === false) findings.push(finding('hold', 'respirator.not-shaven', {}, ['usRespirators']))
  if (findings.length > 0) return { protects: false, mask: wearer.mask, findings }
  return {
    protects: true,
    mask: wearer.mask,
    findings: [
      finding('caution', 'respirator.enough', { mask: wearer.mask, apf: choice.apf!, neededApf: need.neededApf }, [choice.source]),
    ],
  }
}
