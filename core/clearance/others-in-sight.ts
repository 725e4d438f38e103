import type { AirSurroundings } from '../air/air-facts'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { arcHours } from '../job/day-work'
import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'
import { BYSTANDER_LIMITS, bystander } from '../optics/bystander'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { WallId } from '../streams/hall/hall'

/** Share of the light that walls throw back; where nobody said, as the brightest do. Source: `wallReflectance`. */
const THROWN_BACK: Readonly<Record<WallId, number>> = { dull: 0.1, pale: 0.9, shiny: 0.9 }

/**
 * Whether somebody else may see this arc: what keeps it out of their eyes, and for how long in a day they may look at it unprotected from
 * the nearest bay. Told that nothing does, it holds; where nobody said, it is a caution, for the walls and curtains of a shop stand where
 * they stood yesterday. What an eye bears in a day is parted among all arcs that it may see: each may send its share and no more, so that
 * all of them together, wherever the eye is, stay under the whole. Source: `usScreens`, `ultravioletDay`, `wallReflectance`.
 */
export function judgeSight(
  job: Job,
  { screen, neighbour = null, walls, arcsBeside = 0 }: AirSurroundings,
  rules: HouseRules,
): readonly Finding[] {
  if (PROCESS_TRAITS[job.process].heat !== 'open-arc' || screen === 'screened' || screen === 'goggles') return []
  if (neighbour === null) return screen === 'open' ? [finding('caution', 'eyes.sight-open-alone', {}, ['usScreens'])] : []
  const { label: bay } = neighbour
  // Nearer than that nobody stands.
  const distanceM = neighbour.distanceM === null ? null : Math.max(BYSTANDER_LIMITS.distanceM.min, neighbour.distanceM)
  // Whatever else burns here today is seen by the same eyes: it is taken to burn like this for the whole shift.
  const { startsAt: _from, endsAt: _to, ...allDay } = job
  const arcMinutes = 60 * Math.max(arcHours(job, rules), arcHours(allDay, rules))
  const { process, baseMetal } = job
  const arcs = 1 + arcsBeside
  const seen = bystander({
    process,
    // Of n arcs each may send an n-th: one that burns n times as long would be as much.
    arcMinutes: arcMinutes * arcs,
    wallReflectance: walls === undefined ? THROWN_BACK.shiny : THROWN_BACK[walls],
    ...baseMetal === undefined ? {} : { baseMetal },
    ...distanceM === null ? {} : { distanceM },
  })
  // An arc that nobody measured is told at its likely brightness, and that spares nobody.
  const isKnown = seen.findings.every(({ code, severity }) => severity !== 'hold' || code === 'bystander.too-long')
  const { safeSeconds = null, safeDistanceM } = seen
  if (isKnown && distanceM !== null && safeDistanceM !== undefined && distanceM >= safeDistanceM) return []
  const said = { bay, distanceM, safeS: isKnown && safeSeconds !== null ? safeSeconds / arcs : null, arcs }
  return [screen === 'open'
    ? finding('hold', 'eyes.sight-open', said, ['usScreens', 'ultravioletDay'])
    : finding('caution', 'eyes.sight-unsaid', said, ['usScreens', 'ultravioletDay'])]
}
