import type { Finding } from '../finding'
import type { BreathedBySubstance, HallBay, HallShift } from '../exposure/hall-shift'
import { hallShift } from '../exposure/hall-shift'
import type { FumeDataSheets } from '../fume/data-sheets'
import type { Emission } from '../fume/emission'
import { emissionOf } from '../fume/emission'
import { dayWork } from '../job/day-work'
import type { Job } from '../job/job'
import type { Range } from '../range'
import { NOTHING } from '../range'
import { captureEfficiency } from '../ventilation/capture'
import type { CaptureWindow } from '../ventilation/capture-window'
import { captureWindow } from '../ventilation/capture-window'
import type { HallAir } from '../ventilation/hall'
import type { Hood } from '../ventilation/hood'
import type { BayAir } from './bay-air'
import { hoodAtWork } from './bay-air'

/** Everything that the air of a hall is predicted from. */
export interface HallQuestion {
  readonly hall: HallAir
  readonly bays: readonly BayAir[]
  readonly sheets: FumeDataSheets
  readonly shiftHours: number
  readonly shopDayHour: number
  readonly now: string
  /**
   * May a bay strike with what it makes by itself? One that may not burns no arc, and its fume is not counted at the others.
   * All may when left out.
   */
  readonly mayStrike?: (bayId: string, alone: BreathedBySubstance, shiftHours: number) => boolean
}

/** What is predicted for one bay. */
export interface BayPrediction {
  readonly emission: Emission
  readonly hood: Hood | null
  readonly distanceM: number | null
  readonly capture: Range
  readonly window: CaptureWindow | null
  /** Null where the bay has no work whose fume can be said. */
  readonly breathed: BreathedBySubstance | null
  /** Hours from the start of the work to the end of the shift. */
  readonly shiftHours: number
}

/** A hall predicted: asked bay by bay, solved once. */
export interface HallPrediction {
  readonly hall: HallAir
  /** Bays with work today. */
  readonly welders: number
  /** Other bays on hold by their own air, or whose fume nobody can say: they may not strike, and are not counted. */
  heldBeside(bayId: string): readonly string[]
  /** Null for a bay that is not in this hall. */
  bay(bayId: string): BayPrediction | null
}

/** The fume of a job. A width that was stripped counts only when the job says the coating is stripped. */
export const jobEmission = (job: Job, sheets: FumeDataSheets): Emission =>
  emissionOf({ ...job, strippedWidthMm: job.coatingStripped ? job.strippedWidthMm : 0 }, job.consumable && sheets[job.consumable])

/** The weak end of the plume: the harder one to receive. */
const lowestCurrent = ({ currentA, currentRangeA }: Job): number | undefined => currentRangeA ? currentRangeA[0] : currentA

/**
 * Predicts the air of a hall from the day's work of all its bays. Each part is worked out when it is asked for, once.
 * Source: `core/fume`, `core/ventilation`, `core/exposure`.
 */
export function predictHall({ hall, bays, sheets, shiftHours, shopDayHour, now, mayStrike }: HallQuestion): HallPrediction {
  const parts = bays.map((bay) => {
    const spans = dayWork(bay.earlierJobs, bay.job, shopDayHour, now)
    const emission = bay.job ? jobEmission(bay.job, sheets) : null
    const at = hoodAtWork(bay.extraction, bay.position)
    const question = at && bay.job ? { ...at, process: bay.job.process, currentA: lowestCurrent(bay.job), crossDraughtMPerS: hall.airSpeedMPerS } : null
    const capture = question ? captureEfficiency(question) ?? NOTHING : NOTHING
    const work = spans.flatMap(({ job, fromMin, toMin }) => {
      const made = job === bay.job ? emission! : jobEmission(job, sheets)
      const isKnown = made.substances['total-fume'] !== undefined && !made.findings.some(({ severity }) => severity === 'hold')
      return isKnown && job.arcMinPerH !== undefined ? [{ fromMin, toMin, arcMinPerH: job.arcMinPerH, emission: Object.fromEntries(Object.entries(made.substances).map(([id, { mgPerMin }]) => [id, mgPerMin])) }] : []
    })
    const isOwnKnown = bay.job === null || spans.length === 0 ? false : work.length === spans.length
    const hallBay: HallBay = { hood: at && bay.extraction ? { flowM3PerS: at.hood.flowM3PerS, returnsAir: bay.extraction.returnsAir, filterEfficiency: bay.extraction.filterEfficiency } : null, capture, work }
    return { bay, emission, at, question, capture, hallBay, isOwnKnown }
  })
  let shift: HallShift | undefined
  const solve = (): HallShift => shift ??= hallShift(hall, parts.map(({ hallBay }) => hallBay), { shiftHours })
  const hoursAt = ({ hallBay: { work } }: typeof parts[number]): number =>
    work.length === 0 ? shiftHours : Math.max(shiftHours, (Math.max(...work.map(w => w.toMin)) - Math.min(...work.map(w => w.fromMin))) / 60)
  const striking = new Map<number, boolean>()
  const burns = (spot: number): boolean => {
    const found = striking.get(spot)
    if (found !== undefined) return found
    const part = parts[spot]!
    const may = part.hallBay.work.length > 0 && (!part.isOwnKnown || !mayStrike || mayStrike(part.bay.bayId, solve().at(spot, from => from === spot), hoursAt(part)))
    striking.set(spot, may)
    return may
  }
  const known = new Map<string, BayPrediction>()
  return {
    hall,
    welders: parts.filter(({ bay }) => bay.job !== null).length,
    heldBeside: bayId => parts.filter(({ bay, isOwnKnown }, spot) => bay.bayId !== bayId && bay.job !== null && !(isOwnKnown && burns(spot))).map(({ bay }) => bay.bayId),
    bay: (bayId) => {
      const found = known.get(bayId)
      if (found) return found
      const spot = parts.findIndex(({ bay }) => bay.bayId === bayId)
      const part = parts[spot]
      if (!part) return null
      const { emission, at, question, capture, isOwnKnown } = part
      const prediction: BayPrediction = {
        emission: emission ?? { substances: {}, findings: [] as readonly Finding[] },
        hood: at?.hood ?? null, distanceM: at?.distanceM ?? null, capture,
        window: question ? captureWindow(question) : null,
        breathed: isOwnKnown ? solve().at(spot, from => from === spot || burns(from)) : null,
        shiftHours: hoursAt(part),
      }
      known.set(bayId, prediction)
      return prediction
    },
  }
}
