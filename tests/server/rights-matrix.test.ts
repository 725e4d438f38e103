import type pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CommandOf, CommandType } from '#core/streams/commands'
import type { RoleId } from '#core/ids/vocabulary'
import { ROLES } from '#core/ids/vocabulary'
import { kindNameOf } from '#core/streams/kinds'
import { handleCommand } from '#server/door/handle'
import { openSite } from '#server/door/open-site'
import type { StreamKindName } from '#core/ids/streams'
import { COMMAND_SAMPLES } from '../command-samples'
import { documentedCommands, documentedRights } from '../rights-document'
import { count, openShop } from './shop'
import type { Shop } from './shop'
import { CONNECTING_STEPS } from '#core/ids/cylinder-ids'
import type { Caller } from '#server/door/caller'
import type { Door } from '#server/door/door'
import {
  CHECK_LISTS_STREAM,
  DAY_PLANS_STREAM,
  FUME_SHEETS_STREAM,
  HOUSE_RULES_STREAM,
  SEAL_STREAM,
  SITE_STREAM,
  WARDROBE_STREAM,
  cylinderStream,
  hallStream,
  kitItemStream,
  monitorStream,
  noticeStream,
  permitStream,
  personStream,
  placeStream,
  samplesStream,
  stationStream,
} from '#core/ids/streams'

// Every command by every role, in their own place and elsewhere, against what docs/rights.md says.

let shop: Shop
/** The same door, behind which nothing stays done: each try finds the shop as the one before did. */
let dry: Door
const house = (): Caller => ({ siteId: shop.siteId, actor: { kind: 'person', personId: 'lead' }, holder: 'system', isSigned: true })
const ok = async (stream: string, what: CommandOf) => expect((await shop.send(house(), [stream], what)).status, what.type).toBe(200)

/** Transactions that end as if they had failed. */
const forgetful = (pool: pg.Pool): pg.Pool =>
  new Proxy(pool, {
    get(target, name) {
      const own = Reflect.get(target, name, target) as unknown
      if (name !== 'connect') return typeof own === 'function' ? (own.bind(target) as unknown) : own
      return async () => {
        const client = await target.connect()
        return new Proxy(client, {
          get(real, key) {
            if (key === 'query')
              return (text: unknown, ...rest: unknown[]) =>
                (real.query as (...given: unknown[]) => unknown).call(real, text === 'commit' ? 'rollback' : text, ...rest)
            const value = Reflect.get(real, key, real) as unknown
            return typeof value === 'function' ? (value.bind(real) as unknown) : value
          },
        })
      }
    },
  })

beforeAll(async () => {
  shop = await openShop()
  dry = { ...shop.door, pool: forgetful(shop.pool) }
  await ok(SITE_STREAM, { type: 'site.add-area', payload: { areaId: 'far', hallId: 'hall', name: 'Far' } })
  await ok(SITE_STREAM, { type: 'site.add-bay', payload: { bayId: 'bay-9', areaId: 'far', label: '9', kind: 'structure' } })
  for (const id of ['who', 'kit', 'other'])
    await ok(personStream(id), { type: 'person.add', payload: { name: id, roles: ['welder'], areaId: null, bayId: null } })
  await ok(placeStream('cage'), { type: 'place.describe', payload: COMMAND_SAMPLES['place.describe'] })
  for (const [suffix, bayId, operatorId] of [
    ['own', 'bay-1', 'who'],
    ['far', 'bay-9', 'other'],
  ] as const) {
    await ok(kitItemStream(`gr-${suffix}`), { type: 'item.register', payload: COMMAND_SAMPLES['item.register'] })
    await ok(kitItemStream(`gr-${suffix}`), { type: 'item.assign', payload: { assignment: { to: 'bay', id: bayId } } })
    await ok(permitStream(`p-${suffix}`), {
      type: 'permit.request',
      payload: {
        ...COMMAND_SAMPLES['permit.request'],
        place: { where: suffix, placeId: null, bayId },
        operatorIds: [operatorId],
      } as never,
    })
    await ok(cylinderStream(`ar-${suffix}`), { type: 'cylinder.receive', payload: COMMAND_SAMPLES['cylinder.receive'] })
    await ok(cylinderStream(`ar-${suffix}`), { type: 'cylinder.connect', payload: { bayId, steps: CONNECTING_STEPS } })
  }
})
afterAll(() => shop.close())

/** A stream of each kind: their own, where a kind has any, and one that is not. */
const STREAMS: Readonly<Record<StreamKindName, { readonly own: string, readonly far: string }>> = {
  'site': { own: SITE_STREAM, far: SITE_STREAM },
  'house-rules': { own: HOUSE_RULES_STREAM, far: HOUSE_RULES_STREAM },
  'station': { own: stationStream('bay-1'), far: stationStream('bay-9') },
  'person': { own: personStream('kit'), far: personStream('kit') },
  'seal': { own: SEAL_STREAM, far: SEAL_STREAM },
  'hall': { own: hallStream('hall'), far: hallStream('hall') },
  'wardrobe': { own: WARDROBE_STREAM, far: WARDROBE_STREAM },
  'day-plans': { own: DAY_PLANS_STREAM, far: DAY_PLANS_STREAM },
  'fume-sheets': { own: FUME_SHEETS_STREAM, far: FUME_SHEETS_STREAM },
  'samples': { own: samplesStream('bay-1'), far: samplesStream('bay-9') },
  'item': { own: kitItemStream('gr-own'), far: kitItemStream('gr-far') },
  'cylinder': { own: cylinderStream('ar-own'), far: cylinderStream('ar-far') },
  'check-lists': { own: CHECK_LISTS_STREAM, far: CHECK_LISTS_STREAM },
  'place': { own: placeStream('cage'), far: placeStream('cage') },
  'permit': { own: permitStream('p-own'), far: permitStream('p-far') },
  'monitor': { own: monitorStream('bay-1-co'), far: monitorStream('bay-1-co') },
  'notice': { own: noticeStream('n'), far: noticeStream('n') },
}

/** Whoever asks works at bay 1 in its area, and is named in the first of the two permits. */
const caller = (role: RoleId): Caller => ({
  siteId: shop.siteId,
  actor: { kind: 'person', personId: 'who' },
  holder: { roles: [role], areaId: 'area', bayId: 'bay-1' },
  isSigned: true,
})

/** What is given to a permit is asked of that permit. */
function commandAt(type: CommandType, where: 'own' | 'far'): CommandOf {
  const payload
    = type === 'item.assign'
      ? { assignment: { to: 'permit', id: `p-${where}` } }
      : type === 'permit.report-arc'
        ? { place: { where, placeId: null, bayId: null } }
        : COMMAND_SAMPLES[type]
  return { type, payload } as CommandOf
}

/** Does a right that reaches so far reach there, for a command of this kind? */
function reachesThere(reach: string, where: 'own' | 'far', type: CommandType): boolean {
  const kind = kindNameOf(type)
  switch (reach) {
    case 'all':
      return true
    case 'own-bay':
      return where === 'own' && (kind === 'station' || kind === 'item' || kind === 'cylinder')
    case 'own-area':
      return where === 'own' && kind === 'station'
    // A bay's handover counts as the permit's that is for it.
    case 'own-permit':
      return where === 'own'
    default:
      return false
  }
}

const fromOutside = () => documentedCommands().filter(({ sentBy }) => sentBy !== 'the house alone')

describe.each(ROLES)('%s', (role) => {
  it('may what the document says, in their own place and elsewhere, and nothing more', async () => {
    const rights = documentedRights()
    const wrong: string[] = []
    for (const { command, right } of fromOutside()) {
      const type = command as CommandType
      for (const where of ['own', 'far'] as const) {
        const streams = type === 'station.stop-all' ? [] : [STREAMS[kindNameOf(type)][where]]
        const answer = await handleCommand(dry, caller(role), shop.command(streams, commandAt(type, where)))
        const isRefused = answer.status === 409 && answer.body.findings.some(({ code }) => code === 'command.not-allowed')
        const may = reachesThere(rights.get(right)![role]!, where, type)
        if (isRefused === may) wrong.push(`${type} ${where}: ${may ? 'may, and is refused' : 'may not, and is let in'}`)
      }
    }
    expect(wrong).toEqual([])
  })
})

describe('another site', () => {
  it('is reached by no command of any role, nor by its device or its house', async () => {
    await openSite(shop.door, {
      siteId: 'elsewhere',
      openedAt: '2026-01-05T08:00:00.000Z',
      site: { name: 'Elsewhere', timeZone: 'UTC' },
      lead: { personId: 'boss', name: 'Boss', loginName: 'boss', passwordHash: 'none' },
    })
    const ours = async () => [
      await count(shop.pool, 'select count(*) from event where site_id = $1', [shop.siteId]),
      await count(shop.pool, 'select count(*) from command_answer where site_id = $1', [shop.siteId]),
      await count(shop.pool, 'select position from site_position where site_id = $1', [shop.siteId]),
    ]
    const before = await ours()
    const strangers: Caller[] = [
      {
        siteId: 'elsewhere',
        actor: { kind: 'person', personId: 'boss' },
        holder: { roles: ['safety-lead', 'permit-authoriser', 'store-keeper', 'instructor'], areaId: null, bayId: null },
        isSigned: true,
      },
      { siteId: 'elsewhere', actor: { kind: 'device', deviceId: 'tablet', forPersonId: 'who' }, holder: 'system' },
    ]
    for (const stranger of strangers) {
      for (const { command } of fromOutside()) {
        const type = command as CommandType
        const streams = type === 'station.stop-all' ? [] : [STREAMS[kindNameOf(type)].own]
        await handleCommand(shop.door, stranger, shop.command(streams, commandAt(type, 'own')))
      }
    }
    expect(await ours()).toEqual(before)
    expect(await count(shop.pool, 'select count(*) from event where site_id = \'elsewhere\'')).toBeGreaterThan(4)
  })
})
