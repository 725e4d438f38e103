import { z } from 'zod'
import { REQUIREMENTS } from '#core/ids/ppe-ids'
import { FIRE_CHECKS, GLASSES, HANDOVER_CHECKS, HELMET_FAULTS } from '#core/ids/station-ids'
import { ZONES } from '#core/ids/vocabulary'
import type { StationCommands } from '#core/streams/station/decide-station'
import { hoodPositionSchema } from './air-schema'
import { IN_THE_CELL, LASER_CHECKS, LASER_PIECES } from '#core/ids/laser-ids'
import { towardsSchema } from './hall-plan-schema'
import { jobSchema } from './job-schema'
import { laserBeamSchema, laserFilterSchema, shownTagSchema } from './laser-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { shadeNumber } from './shade-number-schema'
import { idSchema as id, sentenceSchema as sentence } from './text-schema'

const wornFilter = z.union([laserFilterSchema, z.strictObject({ tag: shownTagSchema })])

/** What may be said of a bay. */
export const stationPayloads = {
  'station.set-job': z.strictObject({ job: jobSchema }),
  'station.clear-job': nothing,
  'station.place-person': z.strictObject({ personId: id.nullable() }),
  'station.place-people': z.strictObject({
    people: z.record(id, id.nullable()).refine(people => Object.keys(people).length > 0, 'at least one bay'),
  }),
  'station.take-helper': z.strictObject({ personId: id }),
  'station.end-help': z.strictObject({ personId: id }),
  'station.check-helper': z.strictObject({
    personId: id,
    shade: shadeNumber.nullable().optional().describe('Before their eyes; null for none, left out where the work asks for none'),
    glasses: z.enum(GLASSES),
  }),
  'station.set-helmet': z.strictObject({ shade: shadeNumber, tag: id.optional().describe('Of which helmet, where there are several') }),
  'station.check-helmet': z.strictObject({ passed: z.boolean(), fault: z.enum(HELMET_FAULTS).optional() }),
  'station.check-glasses': z.strictObject({ kind: z.enum(GLASSES), transmittance: z.number().gt(0).max(1).optional() }),
  'station.place-hood': hoodPositionSchema,
  'station.check-extraction': z.strictObject({ on: z.boolean(), damperOpen: z.boolean(), inPosition: z.boolean(), draws: z.boolean() }),
  'station.check-outfit': z.strictObject({
    zones: z
      .array(z.strictObject({ zone: z.enum(ZONES), requirement: z.enum(REQUIREMENTS), passes: z.boolean() }))
      .min(1)
      .max(ZONES.length),
  }),
  'station.check-laser-cell': z.strictObject({
    laserTag: shownTagSchema,
    beam: laserBeamSchema,
    aim: z.strictObject({ towardsDeg: towardsSchema, piece: z.enum(LASER_PIECES) }).optional(),
    answers: z.partialRecord(z.enum(LASER_CHECKS), z.boolean()),
    present: z
      .array(z.strictObject({ who: z.enum(IN_THE_CELL), eyewear: wornFilter.optional(), helmet: wornFilter.optional() }))
      .max(20, 'at most 20 items'),
  }),
  'station.hand-over': z.strictObject({ answers: z.partialRecord(z.enum(HANDOVER_CHECKS), z.boolean()), note: sentence.optional() }),
  'station.stop': z.strictObject({ reason: sentence.optional() }),
  'station.stop-all': z.strictObject({ reason: sentence.optional() }),
  'station.give-stop-reason': z.strictObject({ reason: sentence }),
  'station.reopen': z.strictObject({ note: sentence.optional() }),
  'station.lapse-checks': nothing,
  'station.check-fire': z.strictObject({ answers: z.partialRecord(z.enum(FIRE_CHECKS), z.boolean()) }),
} satisfies Payloads<StationCommands>
