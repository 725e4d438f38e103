import type { HouseRules } from '../streams/house-rules/house-rules'
import type { WorkplaceId } from '../ids/vocabulary'
import type { Instant } from '../time/instant'
import type { AirSurroundings } from '../air/air-facts'
import type { NoiseSpan } from '../hearing/noise-rules'
import type { KitAround } from './kit-around'
import type { FireAround } from './fire-around'
import type { PersonAround } from './person-around'

/** Everything a station's verdict rests on, besides the station. */
export interface Surroundings {
  readonly rules: HouseRules
  readonly workplace: WorkplaceId
  readonly now: Instant
  readonly air: AirSurroundings
  /** What somebody who stands here hears today of the loud work at other bays, their own among it. */
  readonly noiseElsewhere: (personId: string | null) => readonly NoiseSpan[]
  readonly kit: KitAround
  readonly fire: FireAround
  /** Whoever stands here, or would; null is nobody. */
  readonly forPerson: (personId: string | null) => PersonAround
  /** Since when the server was not heard, on a screen that judges from what it last heard; none where facts are read as they are judged. */
  readonly unheardSince?: Instant | null
}
