import { z } from 'zod'
import type { HotWorkPlace } from '#core/hotwork/hot-work-class'
import { PERMIT_DEADLINES } from '#core/streams/permit/permit'
import type { PermitCommands } from '#core/streams/permit/permit'
import { REACH_LIMITS } from '#core/hotwork/spark-reach'
import { PROCESSES } from '#core/ids/vocabulary'
import { findingSchema, sourceRefSchema } from './finding-schema'
import { instant } from './instant-schema'
import { between, currentASchema } from './job-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { idSchema as id, nameOf, sentenceSchema as sentence } from './text-schema'
import type { ContentsId } from '#core/ids/hotwork-ids'
import { CONTENTS, PRECAUTIONS, SPOKEN_CAUSES, SPRINKLER_STATES, WORKPIECES } from '#core/ids/hotwork-ids'

/** Higher or windier is asked for all the same: the answer says that the model ends. */
const heightM = between({ min: REACH_LIMITS.heightM.min, max: 200 }, 'm')
const windMPerS = between({ min: REACH_LIMITS.windMPerS.min, max: 60 }, 'm/s')
const lelPercent = between({ min: 0, max: 100 }, '% of the lower explosive limit')
const oxygenPercent = between({ min: 0, max: 100 }, '% by volume')

const places = {
  level: z.int('a storey, 0 is the ground').min(-10).max(100).optional(),
  confined: z.boolean().optional(),
  otherSide: z.boolean().describe('Something that burns, or that heat is led to, behind a wall, ceiling or roof').optional(),
  openLevels: z.int().min(0).max(20).describe('Levels that sparks reach through openings').optional(),
  hiddenParts: z.int().min(0).max(20).describe('Parts that one watcher neither sees nor reaches').optional(),
  bulkCombustibles: z.boolean().optional(),
  combustiblePanel: z.boolean().optional(),
  hardFloor: z.boolean().optional(),
} satisfies Record<Exclude<keyof HotWorkPlace, 'designated'>, z.ZodType>
const permitPlace = z.strictObject({ where: nameOf(120, 'say where'), placeId: id.nullable(), bayId: id.nullable() })

/** Payloads of a permit's commands. */
export const permitPayloads = {
  'permit.request': z.strictObject({
    place: permitPlace,
    facts: z.strictObject(places),
    job: z.strictObject({
      what: z.string().trim().min(1, 'say what is done').max(200, 'at most 200 letters'),
      process: z.enum(PROCESSES),
      currentA: currentASchema.optional(),
      heightM: heightM.optional(),
      workpiece: z.enum(WORKPIECES).optional(),
      contents: z.enum(CONTENTS).optional(),
      cleaned: z.boolean().optional(),
      metalFire: z.boolean().optional(),
    }),
    conditions: z.strictObject({ sprinklers: z.enum(SPRINKLER_STATES).optional(), windMPerS: windMPerS.optional() }),
    operatorIds: z.array(id).min(1, 'name who does the work').max(10),
    fromAt: instant,
    untilAt: instant,
  }),
  'permit.see-to': z.strictObject({ precaution: z.enum(PRECAUTIONS), how: z.enum(['done', 'justified']), reason: sentence.optional() }),
  'permit.read-gas': z.strictObject({
    lelPercent,
    oxygenPercent,
    instrument: z.string().trim().min(1, 'which instrument').max(40),
    point: z.string().trim().min(1, 'where it was read').max(80),
  }),
  'permit.authorise': z.strictObject({
    watcherIds: z.array(id).max(20),
    secondChannel: z.string().trim().max(80).nullable(),
    nearSeen: z.array(id).max(200),
  }),
  'permit.refuse': z.strictObject({ reason: sentence }),
  'permit.revoke': z.strictObject({ reason: sentence }),
  'permit.extend': z.strictObject({ untilAt: instant }),
  'permit.take-over': nothing,
  'permit.take-post': nothing,
  'permit.leave-post': nothing,
  'permit.relieve': z.strictObject({ relievedId: id }),
  'permit.start-work': nothing,
  'permit.round': z.strictObject({ note: sentence.optional(), watcherId: id.optional() }),
  'permit.stop': z.strictObject({ cause: z.enum(SPOKEN_CAUSES), note: sentence.optional() }),
  'permit.resume': z.strictObject({ cleared: sentence }),
  'permit.end-work': nothing,
  'permit.report-arc': z.strictObject({ place: permitPlace }),
  'permit.call-help': nothing,
  'permit.restore': z.strictObject({ precaution: z.enum(PRECAUTIONS) }),
  'permit.close': z.strictObject({ despite: sentence.optional() }),
  'permit.fall-due': z.strictObject({ what: z.enum(PERMIT_DEADLINES), dueAt: instant }),
} satisfies Payloads<PermitCommands>

/** `POST /api/v1/assess/spark-reach`, what is asked. */
export const assessSparkReachRequest = z.strictObject({
  process: z.enum(PROCESSES), heightM, windMPerS,
  hardFloor: z.boolean().optional().describe('Left out: taken as hard, and the answer says so'),
  percentile: between({ min: 50, max: 100 }, '%').optional().describe('Share of hot drops that have come down inside; left out, all'),
  seed: z.int().min(0).max(4294967295).optional(),
})
const reach = z.strictObject({ p50: z.number(), p90: z.number(), p99: z.number(), max: z.number() })
export const assessSparkReachResponse = z.strictObject({
  publishedRadiusM: z.number(),
  reachM: reach.nullable().describe('In flight, without roll; null beyond the model'),
  radiusM: z.number().nullable().describe('What binds; null where nothing may be said'),
  findings: z.array(findingSchema),
})

/** Contents by id, or the name of what it held: a named substance counts as flammable until it was cleaned out. */
const contents = z.string().trim().min(1).max(80).describe(`${CONTENTS.join(', ')}, or the name of what it held: that counts as flammable`)
  .transform((said): ContentsId => CONTENTS.find(one => one === said) ?? 'flammable')

/** `POST /api/v1/assess/hot-work`, what is asked. */
export const assessHotWorkRequest = z.strictObject({
  place: z.strictObject({ designated: z.boolean(), ...places }),
  job: z.strictObject({
    process: z.enum(PROCESSES),
    currentA: currentASchema.optional(),
    heightM: heightM.optional(),
    workpiece: z.enum(WORKPIECES).optional(),
    contents: contents.optional(),
    cleaned: z.boolean().optional(),
    metalFire: z.boolean().optional(),
  }),
  conditions: z.strictObject({
    sprinklers: z.enum(SPRINKLER_STATES).optional(),
    lelPercent: lelPercent.optional(),
    oxygenPercent: oxygenPercent.optional(),
    windMPerS: windMPerS.optional(),
  }),
  house: z
    .strictObject({
      radiusM: between({ min: 5, max: 100 }, 'm').optional(),
      afterMin: between({ min: 0, max: 480 }, 'min').optional(),
      monitoringMin: between({ min: 0, max: 1440 }, 'min').optional(),
      lelLimitPercent: between({ min: 0, max: 10 }, '%').optional(),
      oxygenMaxPercent: between({ min: 21, max: 23.5 }, '%').optional(),
    })
    .optional(),
})
export const assessHotWorkResponse = z.strictObject({
  class: z.enum(['designated', 'permit', 'forbidden']),
  precautions: z.array(
    z.strictObject({ id: z.enum(PRECAUTIONS), text: z.string(), mustBeDone: z.boolean(), sources: z.array(sourceRefSchema) }),
  ),
  watch: z.strictObject({ duringWork: z.boolean(), afterMin: z.number(), monitoringMin: z.number(), watchers: z.int() }),
  reach: z.strictObject({ publishedRadiusM: z.number(), reachM: reach.nullable(), radiusM: z.number().nullable() }).nullable(),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/fire-watch`, what is asked. */
export const assessFireWatchRequest = z.strictObject({
  workEndedAt: z.iso.datetime({ offset: true, error: 'an instant with its offset, as 2025-11-02T01:40:00-04:00' }),
  timeZone: z.string().refine((zone) => {
    try {
      return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== ''
    } catch {
      return false
    }
  }, 'a time zone such as Europe/London'),
  afterMin: between({ min: 0, max: 1440 }, 'min'),
  monitoringMin: between({ min: 0, max: 2880 }, 'min'),
  roundEveryMin: between({ min: 1, max: 240 }, 'min'),
  visitEveryMin: between({ min: 1, max: 480 }, 'min').optional().describe('Between visits of the monitoring; left out, as between rounds'),
})
export const assessFireWatchResponse = z.strictObject({
  rounds: z.array(
    z.strictObject({
      at: z.string().describe('ISO 8601 with the zone\'s offset'),
      kind: z.enum(['round', 'watch-end', 'visit', 'monitoring-end']),
    }),
  ),
  watchEndsAt: z.string(),
  monitoringEndsAt: z.string(),
  findings: z.array(findingSchema),
})
