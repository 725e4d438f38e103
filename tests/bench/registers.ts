import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import { calendarDueOn } from '#core/inspection/calendar-due'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { readDue, readKitItem } from '#server/tables/kit-item'
import { openShop } from '../server/shop'
import setup from '../server/template-database'
import { median, report } from './ratio'

/**
 * Finding a thing by its tag, and the first page of the due list, in a register of a hundred thousand things against one
 * of a hundred. Rows are written as the projection writes them; both registers take turns.
 */
const [FEW, MANY, ROUNDS] = [100, 100_000, 300]

const thing = (i: number): KitItem => {
  const kind = EQUIPMENT_KINDS[i % EQUIPMENT_KINDS.length]!
  const passedOn = new Date(Date.UTC(2026, 10, 23) - (i * 7919 % 500) * 86_400_000).toISOString().slice(0, 10)
  const lists = Object.fromEntries(
    BUILT_IN_LISTS.filter(list => list.kind === kind).map(({ id }) => [
      id,
      { passedOn, eventsSince: [], doneAt: '2026-11-23T08:00:00.000Z' },
    ]),
  )
  return {
    tag: `T-${i}`,
    kind,
    name: `Thing ${i}`,
    marks: { madeOn: '2024-01-01', extinguisherType: 'dry-chemical' },
    assignment: { to: 'bay', id: `bay-${i % 40}` },
    taggedOut: null,
    isRetired: false,
    lastEventAt: null,
    lists,
  }
}

async function fill(pool: pg.Pool, siteId: string, count: number): Promise<void> {
  const BATCH = 5000
  for (let from = 0; from < count; from += BATCH) {
    const things = Array.from({ length: Math.min(BATCH, count - from) }, (_, i) => thing(from + i))
    await pool.query(
      `insert into item_reading (site_id, tag_id, version, kind, assigned_to, assigned_ids, is_out, is_retired, due_on, item)
      select $1, lower(t.item ->> 'tag'), 3, t.item ->> 'kind', 'bay', array[t.item -> 'assignment' ->> 'id'], false, false, t.due_on::date, t.item from unnest($2::jsonb[], $3::text[]) as t (item, due_on)`,
      [
        siteId,
        things.map(one => JSON.stringify(one)),
        things.map((one) => {
          const dueOn = calendarDueOn(one, BUILT_IN_LISTS)
          return dueOn === 'now' ? '-infinity' : dueOn
        }),
      ],
    )
  }
}

await setup()
const shop = await openShop(`bench-${randomUUID().slice(0, 8)}`)
try {
  const [few, many] = ['few', 'many']
  await fill(shop.pool, few, FEW)
  await fill(shop.pool, many, MANY)
  await (async () => {
    for (let i = 0; i < 40; i++) await readKitItem(shop.pool, many, 't-7')
  })()
  const time = async (work: () => Promise<unknown>): Promise<number> => {
    const began = performance.now()
    await work()
    return performance.now() - began
  }
  const times = { lookupFew: [] as number[], lookupMany: [] as number[], dueFew: [] as number[], dueMany: [] as number[] }
  for (let i = 0; i < ROUNDS; i++) {
    times.lookupFew.push(await time(() => readKitItem(shop.pool, few, `t-${i % FEW}`)))
    times.lookupMany.push(await time(() => readKitItem(shop.pool, many, `T-${i * 331 % MANY}`)))
    // As long a page of either: what is compared is finding it, not sending it.
    times.dueFew.push(await time(() => readDue(shop.pool, few, '2027-12-31', 50)))
    times.dueMany.push(await time(() => readDue(shop.pool, many, '2027-12-31', 50)))
  }
  const line = (name: string, small: readonly number[], large: readonly number[]) =>
    report({
      name,
      ratio: median(large) / median(small),
      atMost: 2,
      absolutes: `${median(large).toFixed(2)} ms against ${median(small).toFixed(2)} ms`,
    })
  const kept = [
    line('a thing found by its tag among 100 000 against among 100, median', times.lookupFew, times.lookupMany),
    line('the first page of the due list of 100 000 against of 100, median', times.dueFew, times.dueMany),
  ]
  if (kept.includes(false)) process.exitCode = 1
} finally { await shop.close() }
