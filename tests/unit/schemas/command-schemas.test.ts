import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { z } from 'zod'
import { JOB_LIMITS } from '#core/job/job'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { openApiDocument } from '#shared/contract/openapi'
import { commandTypes, envelopeSchema, payloadSchemas, SYSTEM_COMMANDS } from '#shared/contract/command-schemas'
import { jobSchema } from '#shared/contract/job-schema'
import { COMMAND_TYPES } from '#core/streams/kinds'
import { BAYS, RULES } from '../../../demo/fenmarsh'
import { JOB_FIELDS } from '#core/ids/job-ids'

const envelope = {
  id: '0b8f6c1e-7f0a-4c38-9f7d-0f6f2b0f3a11',
  type: 'station.stop',
  streams: [{ id: 'station/bay-1', expectedVersion: null }],
  at: '2026-11-23T08:04:00.000Z',
  sentAt: '2026-11-23T08:04:01.000Z',
  deviceId: 'tablet',
  deviceSeq: 1,
  payload: {},
}
const paths = (schema: z.ZodType, value: unknown) => schema.safeParse(value).error?.issues.map(({ path }) => path.join('.')) ?? []

describe('the envelope', () => {
  it('takes what a device sends', () => expect(envelopeSchema.safeParse(envelope).success).toBe(true))
  it.each([
    [{ id: '1' }, 'id'],
    [{ type: 'station.explode' }, 'type'],
    [{ at: 'yesterday' }, 'at'],
    [{ at: '2026-11-23T08:04:00+01:00' }, 'at'],
    [{ deviceSeq: -1 }, 'deviceSeq'],
    [{ streams: [{ id: '', expectedVersion: 0 }] }, 'streams.0.id'],
    [{ signature: { personId: 'maren', pin: '12' } }, 'signature.pin'],
    [{ signature: { personId: 'maren', pin: 'abcd' } }, 'signature.pin'],
  ] as const)('refuses %o, naming %s', (change, path) => expect(paths(envelopeSchema, { ...envelope, ...change })).toContain(path))
})

describe('the payloads', () => {
  it('every command has a schema and a rule; what only the system gives is among them', () => {
    expect([...commandTypes].sort()).toEqual([...COMMAND_TYPES].sort())
    for (const type of SYSTEM_COMMANDS) expect(commandTypes).toContain(type)
  })
  it('the demo is made of valid jobs and rules', () => {
    for (const { job, label } of BAYS) if (job) expect(paths(jobSchema, job), `bay ${label}`).toEqual([])
    expect(payloadSchemas['house-rules.change'].safeParse(RULES).success).toBe(true)
    expect(payloadSchemas['house-rules.change'].safeParse(NEW_SITE_RULES).success).toBe(true)
  })
  it('a job keeps its limits at both ends, and one past them is refused by its own name', () => {
    for (const [field, { min, max }] of Object.entries(JOB_LIMITS)) {
      for (const value of [min, max]) expect(paths(jobSchema, { process: 'smaw', [field]: value })).toEqual([])
      for (const value of [min === 0 ? -1 : min / 2, max * 2, Number.NaN, '5', null])
        expect(paths(jobSchema, { process: 'smaw', [field]: value })).toEqual([field])
    }
  })
  it('a misspelt or unknown field of a job is an error, never a silent loss', () => {
    fc.assert(fc.property(fc.string({ minLength: 1 }), (name) => {
      fc.pre(![...JOB_FIELDS, 'process', 'assumed', '__proto__'].includes(name))
      expect(jobSchema.safeParse({ process: 'smaw', [name]: 1 }).success).toBe(false)
    }))
  })
  it.each([
    ['station.set-helmet', { shade: 1 }],
    ['station.set-helmet', { shade: 17 }],
    ['station.check-glasses', { kind: 'sun' }],
    ['station.check-glasses', { kind: 'tinted', transmittance: 15 }],
    ['station.check-outfit', { zones: [] }],
    ['person.add', { name: ' ', roles: ['learner'], areaId: null, bayId: null }],
    ['person.add', { name: 'Teo', roles: [], areaId: null, bayId: null }],
    ['site.open', { name: 'Yard', timeZone: 'Fen/Marsh' }],
    ['site.add-bay', { bayId: 'Bay 1', areaId: 'a', label: '1', kind: 'designated' }],
    ['house-rules.change', { ...NEW_SITE_RULES, shadeMinimum: 9.5 }],
    ['house-rules.change', { ...NEW_SITE_RULES, shopDayHour: 24 }],
    ['station.give-stop-reason', { reason: '   ' }],
  ] as const)('%s refuses %o', (type, payload) => expect(payloadSchemas[type].safeParse(payload).success).toBe(false))
})

it('the OpenAPI document carries the payload of every command, made from the same schemas', () => {
  const { components, paths: described } = openApiDocument() as {
    components: { schemas: Record<string, { properties?: Record<string, unknown> }> }
    paths: Record<string, unknown>
  }
  for (const type of commandTypes) expect(components.schemas).toHaveProperty([`Payload.${type}`])
  expect(Object.keys(components.schemas.AssessShadeRequest!.properties!)).toEqual(
    expect.arrayContaining(['process', 'currentA', 'currentRangeA', 'wornShades', 'house']),
  )
  for (const path of Object.keys(described)) expect(path).toMatch(/^\/api\/v1\//)
})
