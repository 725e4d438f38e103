import { cellKit } from '#core/clearance/eyes-gate'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import { beamCourse } from '#core/laser/beam-course'
import type { BeamCourse } from '#core/laser/beam-course'
import { beamOf, cellHazard } from '#core/laser/laser-cell'
import type { Spot } from '#core/streams/hall/hall-plan'
import { stands } from '#core/time/instant'
import type { Placed } from '~/stores/judged'

/** A laser as it is drawn on the plan of its hall. */
export interface DrawnBeam {
  readonly bayId: string
  readonly label: string
  readonly spot: Spot
  readonly course: BeamCourse
  /** How far it harms an eye off a matt face, m. */
  readonly mattM: number
}

/** The lasers of some bays whose cell was looked over today, each by what the register or whoever looked says of its beam. */
export function useLaserBeams(placed: () => readonly Placed[]) {
  const judged = useJudged()
  return computed((): readonly DrawnBeam[] => placed().flatMap(({ bay, station: { job, laserCell } }) => {
    if (!job || PROCESS_TRAITS[job.process].heat !== 'laser' || !laserCell || !stands(laserCell.validUntil, judged.standing.now)) return []
    const { air, kit } = judged.viewAt(bay)
    const ground = air.laserGround?.()
    if (!ground) return []
    const hazard = cellHazard(beamOf(laserCell, cellKit(kit.items, []).lasers))
    const { diffuseEyeDistanceM: mattM = 0 } = hazard
    return [{ bayId: bay.bayId, label: bay.label, spot: ground.spot, course: beamCourse(ground, hazard, laserCell.aim), mattM }]
  }))
}
