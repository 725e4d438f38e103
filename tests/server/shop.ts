import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import type { CommandOf } from '#core/streams/commands'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { listsFor } from '#core/inspection/built-in-lists'
import type { CheckList } from '#core/inspection/check-list'
import type { Job } from '#core/job/job'
import type { RoleId } from '#core/ids/vocabulary'
import type { Clock } from '#server/clock'
import { handleCommand } from '#server/door/handle'
import { openSite } from '#server/door/open-site'
import { systemCommand } from '#server/door/system-command'
import { openPool } from '#server/database/connection'
import { clusterUrl, onCluster, TEMPLATE } from './template-database'
import type { Command } from '#server/door/command'
import type { Caller } from '#server/door/caller'
import type { Answer, Door } from '#server/door/door'
import { HOUSE_RULES_STREAM, SITE_STREAM, cylinderStream, kitItemStream, personStream, placeStream, stationStream } from '#core/ids/streams'

/** A clock that stands still until it is set. */
export class SetClock implements Clock {
  #ms: number
  constructor(iso: string) {
    this.#ms = Date.parse(iso)
  }

  nowMs = (): number => this.#ms
  set(iso: string): void {
    this.#ms = Date.parse(iso)
  }
}

export const MORNING = '2026-11-23T08:00:00.000Z'
export const JOB: Job = { process: 'gmaw', currentA: 180, baseMetal: 'mild-steel' }

/** The answers of somebody who finds nothing wrong. */
export const passingAnswers = ({ checks }: CheckList): Readonly<Record<string, boolean | number | string>> =>
  Object.fromEntries(
    checks.map(check => [
      check.id,
      check.asks === 'yes-no' ? true : check.asks === 'choice' ? check.passing[0]! : (check.atMost ?? check.atLeast!),
    ]),
  )

/** Brings an extinguisher that passes to a permit. */
export async function bringExtinguisher({ as, send }: Pick<Shop, 'as' | 'send'>, tag: string, permitId: string): Promise<void> {
  const stream = kitItemStream(tag)
  const marks = { extinguisherType: 'dry-chemical', extinguisherRating: '43A 233B C', madeOn: '2024-05-01' } as const
  const steps: CommandOf[] = [
    { type: 'item.register', payload: { kind: 'extinguisher', name: 'Powder', marks } },
    ...listsFor('extinguisher').map((list): CommandOf => ({
      type: 'item.inspect',
      payload: { listId: list.id, listVersion: list.version, answers: passingAnswers(list) },
    })),
    { type: 'item.assign', payload: { assignment: { to: 'permit', id: permitId, distanceM: 4 } } },
  ]
  for (const what of steps) {
    const { status, body } = await send({ ...as(['safety-lead']), isSigned: true }, [stream], what)
    if (status !== 200) throw new Error(`${what.type}: ${JSON.stringify(body)}`)
  }
}

/** A small shop on a database of its own: two bays, a lead and an instructor. */
export interface Shop {
  readonly url: string
  readonly pool: pg.Pool
  readonly clock: SetClock
  readonly door: Door
  readonly siteId: string
  readonly as: (roles: readonly RoleId[], personId?: string) => Caller
  /** A command as a device would send it. */
  readonly command: (streamIds: readonly string[], what: CommandOf, over?: Partial<Command>) => Command
  readonly send: (caller: Caller, streamIds: readonly string[], what: CommandOf, over?: Partial<Command>) => Promise<Answer>
  readonly close: () => Promise<void>
}

export const BAY_1 = stationStream('bay-1')
export const BAY_2 = stationStream('bay-2')

/** A database of its own, as another one stands: nobody may be connected to that. */
async function makeDatabase(template: string): Promise<string> {
  const name = `test_${randomUUID().replaceAll('-', '')}`
  await onCluster(`create database ${name} template ${template}`)
  return name
}

/** A shop on a database that has one. */
function shopOn(name: string, siteId: string, clock: SetClock): Shop {
  const url = `${clusterUrl()}/${name}`
  const pool = openPool(url)
  // Dropping the database at the end may still meet a connection on its way out.
  pool.removeAllListeners('error').on('error', () => {})
  const door: Door = { pool, clock, announce: () => {} }
  const as = (roles: readonly RoleId[], personId = 'lead'): Caller => ({
    siteId,
    actor: { kind: 'person', personId },
    holder: { roles, areaId: null, bayId: null },
  })
  const command: Shop['command'] = (streamIds, what, over = {}) =>
    ({ ...systemCommand(clock, streamIds, what), deviceId: 'tablet', ...over }) as Command
  const send: Shop['send'] = (caller, streamIds, what, over) => handleCommand(door, caller, command(streamIds, what, over))
  const close = async () => {
    await pool.end()
    await onCluster(`drop database ${name} with (force)`)
  }
  return { url, pool, clock, door, siteId, as, command, send, close }
}

/** Shops that stand as one does, each on a database and a clock of its own; that one is closed. */
export async function copiesOf(shop: Shop, count: number): Promise<readonly Shop[]> {
  const from = shop.url.slice(shop.url.lastIndexOf('/') + 1)
  await shop.pool.end()
  const copies: Shop[] = []
  for (let n = 0; n < count; n++)
    copies.push(shopOn(await makeDatabase(from), shop.siteId, new SetClock(new Date(shop.clock.nowMs()).toISOString())))
  await onCluster(`drop database ${from} with (force)`)
  return copies
}

export async function openShop(siteId = 'yard'): Promise<Shop> {
  const shop = shopOn(await makeDatabase(TEMPLATE), siteId, new SetClock(MORNING))
  const { as, send, door } = shop
  await openSite(door, {
    siteId,
    openedAt: '2026-01-05T08:00:00.000Z',
    site: { name: 'Test yard', timeZone: 'Europe/London' },
    lead: { personId: 'lead', name: 'Lead', loginName: `lead-${siteId}`, passwordHash: 'none' },
  })
  const lead = as(['safety-lead'])
  await send(lead, [SITE_STREAM], { type: 'site.add-hall', payload: { hallId: 'hall', name: 'Hall' } })
  await send(lead, [SITE_STREAM], { type: 'site.add-area', payload: { areaId: 'area', hallId: 'hall', name: 'Area' } })
  for (const label of ['1', '2'])
    await send(lead, [SITE_STREAM], {
      type: 'site.add-bay',
      payload: { bayId: `bay-${label}`, areaId: 'area', label, kind: 'designated' },
    })
  await send(lead, [personStream('maren')], {
    type: 'person.add',
    payload: { name: 'Maren', roles: ['instructor'], areaId: null, bayId: null },
  })
  await send(lead, [HOUSE_RULES_STREAM], { type: 'house-rules.change', payload: { ...NEW_SITE_RULES, shadeMinimum: 10 } })
  return shop
}

/** A store with one cylinder of acetylene that lay for twenty minutes: it has to stand before it may be used. */
export async function layAcetylene(shop: Shop, caller: Caller): Promise<void> {
  await shop.send(caller, [placeStream('store')], {
    type: 'place.describe',
    payload: { name: 'Store', level: 0, xM: 0, yM: 0, widthM: 6, depthM: 4, room: null },
  })
  await shop.send(caller, [cylinderStream('ac-1')], {
    type: 'cylinder.receive',
    payload: {
      gas: 'acetylene',
      owner: 'rented',
      stamps: '',
      lay: { lyingMin: 20 },
      place: { placeId: 'store', xM: 1, yM: 1, isUpright: true, isSecured: true, isCapped: true },
    },
  })
}

export const count = async (pool: pg.Pool, sql: string, values: readonly unknown[] = []): Promise<number> => {
  const { rows } = await pool.query<{ count: number }>(sql, [...values])
  return Number(rows[0]!.count)
}
