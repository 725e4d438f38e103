import { randomUUID } from 'node:crypto'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { Permit, PermitEvent } from '#core/streams/permit/permit'
import { planWithoutPermit } from '#core/hotwork/permit-plan'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { append, chain, lockHeads } from '#server/database/event'
import { inTransaction } from '#server/database/connection'
import { readLivePermits, writePermit } from '#server/tables/permit'
import { openShop } from '../server/shop'
import type { Shop } from '../server/shop'
import setup from '../server/template-database'
import { median, report } from './ratio'
import { permitStream, personStream } from '#core/ids/streams'

/** The board of live permits and the acknowledgement of a round, with two thousand live permits against twenty. Both sites take turns. */
const [FEW, MANY, ROUNDS] = [20, 2000, 200]
const START = '2026-11-23T08:00:00.000Z'

/** Permits that are watched, each by its own watcher, written with their chains as the door writes them. */
async function fill(shop: Shop, count: number): Promise<void> {
  const plan = { ...planWithoutPermit(NEW_SITE_RULES), roundEveryMin: 60 }
  await inTransaction(shop.pool, async (db) => {
    for (let i = 0; i < count; i++) {
      const [streamId, personId] = [permitStream(`p-${i}`), `w-${i}`]
      const events: PermitEvent[] = [
        {
          type: 'arc-found',
          version: 1,
          payload: {
            code: `HW-${String(i).padStart(6, '0')}`,
            token: randomUUID(),
            place: { where: `Place ${i}`, placeId: null, bayId: null },
            plan,
            by: 'lead',
            at: START,
          },
        },
        { type: 'watch-began', version: 1, payload: { fromAt: START, because: 'arc' } },
        { type: 'post-taken', version: 1, payload: { personId, at: START } },
      ]
      let head = (await lockHeads(db, shop.siteId, [streamId], 'update')).get(streamId)!
      const commandId = randomUUID()
      const chained = events.map(({ type, version, payload }) => {
        const next = chain(head, {
          siteId: shop.siteId,
          streamId,
          type,
          typeVersion: version,
          at: START,
          recordedAt: START,
          actor: { kind: 'clock' },
          commandId,
          payload,
        })
        head = next.head
        return next.event
      })
      await append(db, chained, [], {
        recordedAt: START,
        actorKind: 'clock',
        actorPersonId: null,
        key: { siteId: shop.siteId, isHouse: true, commandId },
        answer: { status: 200, body: {} },
      })
      await writePermit(db, shop.siteId, `p-${i}`, head.version, events.reduce<Permit | null>(evolvePermit, null))
    }
  })
}

await setup()
const [few, many] = [await openShop('few'), await openShop('many')]
try {
  for (const [shop, count] of [[few, FEW], [many, MANY]] as const) {
    await fill(shop, count)
    await shop.send(shop.as(['safety-lead']), [personStream('w-1')], {
      type: 'person.add',
      payload: { name: 'Watcher', roles: ['fire-watch'], areaId: null, bayId: null },
    })
    await shop.pool.query('analyze')
    shop.clock.set('2026-11-23T08:10:00.000Z')
  }
  const time = async (work: () => Promise<unknown>): Promise<number> => {
    const began = performance.now()
    await work()
    return performance.now() - began
  }
  const round = (shop: Shop, i: number) =>
    shop
      .send({ ...shop.as(['fire-watch', 'instructor'], `w-${i}`) }, [permitStream(`p-${i}`)], { type: 'permit.round', payload: {} })
      .then(({ status, body }) => {
        if (status !== 200) throw new Error(JSON.stringify(body))
      })
  for (let i = 0; i < FEW; i++) {
    await round(few, i)
    await round(many, i * (MANY / FEW))
  }
  const times = { boardFew: [] as number[], boardMany: [] as number[], roundFew: [] as number[], roundMany: [] as number[] }
  for (let i = 0; i < ROUNDS; i++) {
    // As long a page of either: what is compared is finding it, not sending it.
    times.boardFew.push(await time(() => readLivePermits(few.pool, few.siteId, FEW)))
    times.boardMany.push(await time(() => readLivePermits(many.pool, many.siteId, FEW)))
    times.roundFew.push(await time(() => round(few, i % FEW)))
    times.roundMany.push(await time(() => round(many, i % FEW * (MANY / FEW))))
  }
  const line = (name: string, small: readonly number[], large: readonly number[]) =>
    report({
      name,
      ratio: median(large) / median(small),
      atMost: 2,
      absolutes: `${median(large).toFixed(2)} ms against ${median(small).toFixed(2)} ms`,
    })
  const kept = [
    line('the board of 2000 live permits against of 20, median', times.boardFew, times.boardMany),
    line('a round acknowledged among 2000 live permits against among 20, median', times.roundFew, times.roundMany),
  ]
  if (kept.includes(false)) process.exitCode = 1
} finally {
  await few.close()
  await many.close()
}
