import { pressureRefusal } from '../cylinder/contents'
import { jointsFor } from '../cylinder/guided-steps'
import type { CylinderFact } from '../cylinder/cylinder-fact'
import { cylinderStream } from '../ids/streams'
import { tagIdOf } from '../ids/tag'
import type { CylinderState } from '../streams/cylinder/cylinder'
import type { Addressed, CommandOf } from '../streams/commands'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'

/** A cylinder at a bay that is due its leak test or its reading, with what one tap says of it. */
export interface GasLook {
  readonly tag: string
  /** What the gauge is said to read at least, kPa; null where no reading is due. */
  readonly atLeastKPa: number | null
  readonly says: readonly Addressed<'cylinder.test-joints' | 'cylinder.read'>[]
}
export interface GasLooksDue { readonly looks: readonly GasLook[], readonly byThemselves: readonly string[] }

/**
 * Of what a gauge last read, the share that it is asked about: a day's work has taken some of it, and what is said to be there at least
 * may be less than what is there, never more.
 */
const ASKED_SHARE = 0.75
/** A gauge is read to so much, kPa. */
const READ_TO_KPA = 500
/** Nobody said how warm it is now: the warmer, the less gas a pressure stands for. No shop is warmer, °C: house reading. */
const WARMEST_SHOP_C = 40

const everyJointTight = (gas: CylinderState['gas']): CommandOf<'cylinder.test-joints'> =>
  ({ type: 'cylinder.test-joints', payload: { joints: Object.fromEntries(jointsFor(gas).map(joint => [joint, true])) } })
const readsAtLeast = (gaugePressureKPa: number, lastC: number): CommandOf<'cylinder.read'> =>
  ({ type: 'cylinder.read', payload: { by: 'pressure', gaugePressureKPa, temperatureC: Math.max(lastC, WARMEST_SHOP_C) } })

/** What a gauge is asked to read at least, kPa; null where no gauge says how much there is, or it says as good as nothing. */
function asked(reading: CylinderState['reading'], gas: CylinderState['gas']): number | null {
  if (reading?.by !== 'pressure' || pressureRefusal(gas)) return null
  const atLeastKPa = Math.floor(reading.gaugePressureKPa * ASKED_SHARE / READ_TO_KPA) * READ_TO_KPA
  return atLeastKPa > 0 ? atLeastKPa : null
}

/**
 * What is due of the gas at a bay, each cylinder in one tap: every joint brushed and tight, and the gauge at no less than a number that is
 * named. What was never read, reads by weight, is out of service or in danger is looked at by itself.
 *
 * @param cylinders at this bay
 * @param facts the same, judged for the shop day
 */
export function gasLooks(cylinders: readonly CylinderState[], facts: readonly CylinderFact[], now: Instant): GasLooksDue {
  const looks: GasLook[] = []
  const byThemselves: string[] = []
  for (const { tag, gas, reading, taggedOut, danger } of cylinders) {
    const fact = facts.find(one => one.tag === tag)
    if (!fact?.isConnected) continue
    const isTight = fact.leakTest !== null && stands(fact.leakTest.validUntil, now) && fact.leakTest.missing.length === 0
    const isRead = fact.left !== null && stands(fact.left.validUntil, now)
    if (isTight && isRead) continue
    const atLeastKPa = isRead ? null : asked(reading, gas)
    if (taggedOut !== null || danger !== null || (!isRead && atLeastKPa === null)) {
      byThemselves.push(tag)
      continue
    }
    const streamId = cylinderStream(tagIdOf(tag))
    const says: Addressed<'cylinder.test-joints' | 'cylinder.read'>[] = []
    if (!isTight) says.push({ streamId, command: everyJointTight(gas) })
    if (atLeastKPa !== null && reading?.by === 'pressure') says.push({ streamId, command: readsAtLeast(atLeastKPa, reading.temperatureC) })
    looks.push({ tag, atLeastKPa, says })
  }
  return { looks, byThemselves }
}
