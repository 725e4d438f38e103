import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { isGas } from '../fume/gases'
import type { JurisdictionId, MaskId, SubstanceId } from '../vocabulary/vocabulary'
import type { Respirator } from './respirators'
import { respiratorsIn } from './respirators'
import type { Wearer } from './wearer'

/** A mask against what it is needed for. */
export interface MaskChoice extends Respirator { readonly suits: boolean }

export interface RespiratorNeed {
  /** Protection factor that brings what is inside the mask under the action fraction; 1 when none is needed. */
  readonly neededApf: number
  readonly masks: readonly MaskChoice[]
  /** Gases over the action fraction: no dust filter stops them. */
  readonly gases: readonly SubstanceId[]
  readonly findings: readonly Finding[]
}

/**
 * Which respirators would be enough: hazard ratio → protection factor → masks that give it and those that do not.
 * A dust mask never counts; a gas over its limit passes every dust filter and needs supplied air.
 *
 * @param neededApf largest fraction that binds ÷ action fraction
 * @param gases gases over the action fraction
 * @param oxygenLack the air may be short of oxygen: only supplied air counts
 * Source: `usApf`, `ukApf`.
 */
export function respiratorsFor(neededApf: number, gases: readonly SubstanceId[], jurisdiction: JurisdictionId, oxygenLack = false): RespiratorNeed {
  const needsAir = gases.length > 0 || oxygenLack
  const masks = respiratorsIn(jurisdiction).map(mask => ({ ...mask, suits: mask.apf !== null && mask.apf >= neededApf && (!needsAir || mask.isSupplied) }))
  const findings: Finding[] = []
  if (neededApf > 1 || oxygenLack) {
    const suits = masks.filter(mask => mask.suits).map(({ mask }) => mask)
    findings.push(suits.length > 0 ? finding('note', 'respirator.needed', { apf: neededApf, masks: suits }, [masks[0]!.source]) : finding('hold', 'respirator.none-enough', { apf: neededApf }, [masks[0]!.source]))
    if (gases.length > 0) findings.push(finding('note', 'respirator.gas-not-filtered', { substances: gases }, [SOURCES.usRespirators]))
    if (oxygenLack) findings.push(finding('hold', 'respirator.oxygen-lack', {}, [SOURCES.usConfinedSpaces]))
    findings.push(finding('note', 'respirator.dust-mask', {}, [SOURCES.usRespirators]))
  }
  return { neededApf, masks, gases, findings }
}

/** The need that a judged exposure makes. */
export function respiratorNeed({ fraction, uses }: Pick<ExposureJudgement, 'fraction' | 'uses'>, actionFraction: number, jurisdiction: JurisdictionId): RespiratorNeed {
  const gases = [...new Set(uses.filter(use => use.binds && use.fraction > actionFraction && isGas(use.limit.substance)).map(use => use.limit.substance))]
  return respiratorsFor(Math.max(1, (fraction ?? 0) / actionFraction), gases, jurisdiction)
}

/**
 * Is the person at the bay protected by the mask they wear? Unknown holds.
 *
 * @param wearer null when nobody has written down a mask for them
 * @returns the mask's factor when it counts, and what stands in the way when it does not
 */
export function judgeWearer(need: RespiratorNeed, wearer: Wearer | null, now: string): { readonly protects: boolean, readonly mask: MaskId | null, readonly findings: readonly Finding[] } {
  if (wearer === null) return { protects: false, mask: null, findings: [finding('hold', 'respirator.wearer-unknown', {}, [SOURCES.usRespirators])] }
  const choice = need.masks.find(({ mask }) => mask === wearer.mask)!
  if (!choice.suits) {
    const why = wearer.mask === 'dust-mask'
      ? finding('hold', 'respirator.dust-mask', {}, [SOURCES.usRespirators])
      : need.gases.length > 0 && !choice.isSupplied
        ? finding('hold', 'respirator.gas-not-filtered', { substances: need.gases }, [SOURCES.usRespirators])
        : finding('hold', 'respirator.not-enough', { mask: wearer.mask, apf: choice.apf ?? 0, neededApf: need.neededApf }, [choice.source])
    return { protects: false, mask: wearer.mask, findings: [why] }
  }
  const findings: Finding[] = []
  if (wearer.readyUntil === null || wearer.readyUntil <= now) findings.push(finding('hold', 'respirator.wearer-not-ready', {}, [SOURCES.usRespirators]))
  if (choice.isTight && wearer.isShaven === null) findings.push(finding('hold', 'respirator.shave-not-checked', {}, [SOURCES.usRespirators]))
  if (choice.isTight && wearer.isShaven === false) findings.push(finding('hold', 'respirator.not-shaven', {}, [SOURCES.usRespirators]))
  if (findings.length > 0) return { protects: false, mask: wearer.mask, findings }
  return { protects: true, mask: wearer.mask, findings: [finding('caution', 'respirator.enough', { mask: wearer.mask, apf: choice.apf!, neededApf: need.neededApf }, [choice.source])] }
}
