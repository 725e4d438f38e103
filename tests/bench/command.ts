import { randomUUID } from 'node:crypto'
import { BAY_1, openShop } from '../server/shop'
import { median, report } from './ratio'
import setup from '../server/template-database'

/**
 * A command acknowledged, against the same rows written by bare SQL in one transaction of one statement after another.
 * Both take turns, so that a noisy machine is noisy for both.
 */
const ROUNDS = 300

await setup()
const shop = await openShop()
const bare = await openShop('bare')
try {
  const instructor = shop.as(['instructor'], 'maren')
  // Shades that keep the gate as it is: the command then writes one event, as the bare rows do.
  const sendOne = (i: number) => shop.send(instructor, [BAY_1], { type: 'station.set-helmet', payload: { shade: 11 + i % 2 } })
  await sendOne(0)
  const { rows } = await shop.pool.query<{ body: string, facts: object, answer: object }>(
    `
    select e.body, r.facts, a.answer from event e join station_reading r on r.site_id = e.site_id and r.bay_id = 'bay-1'
    join command_answer a on a.site_id = e.site_id and a.command_id = e.command_id where e.stream_id = $1 and e.type = 'helmet-set' order by e.version desc limit 1`,
    [BAY_1],
  )
  const sample = rows[0]!
  const client = await bare.pool.connect()
  await client.query(`insert into stream (site_id, stream_id) values ('bare', $1) on conflict do nothing`, [BAY_1])
  const writeBare = async (i: number) => {
    const id = randomUUID()
    const now = new Date().toISOString()
    await client.query('begin')
    await client.query(
      'insert into command_answer (site_id, by_house, command_id, request_sha256, recorded_at) values ($1, false, $2, $3, $4)',
      ['bare', id, 'x'.repeat(64), now],
    )
    await client.query(
      'insert into event (site_id, stream_id, version, position, type, body, prev_hash, hash, recorded_at, actor_kind, actor_person_id, command_id) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)',
      ['bare', BAY_1, i + 1, 100_000 + i, 'helmet-set', sample.body, 'x'.repeat(64), 'y'.repeat(64), now, 'person', 'maren', id],
    )
    await client.query('update stream set version = $3, head_hash = $4 where site_id = $1 and stream_id = $2', [
      'bare',
      BAY_1,
      i + 1,
      'y'.repeat(64),
    ])
    await client.query(
      'insert into station_reading (site_id, bay_id, version, person_id, stopped, facts) values ($1, $2, $3, $4, $5, $6) on conflict (site_id, bay_id) do update set version = excluded.version, facts = excluded.facts',
      ['bare', 'bay-1', i + 1, null, false, JSON.stringify(sample.facts)],
    )
    await client.query('update site_position set position = position + 1 where site_id = $1', ['bare'])
    await client.query('update command_answer set status = 200, answer = $3 where site_id = $1 and not by_house and command_id = $2', [
      'bare',
      id,
      JSON.stringify(sample.answer),
    ])
    await client.query('commit')
  }
  const times: { readonly command: number[], readonly bare: number[] } = { command: [], bare: [] }
  for (let i = 0; i < ROUNDS + 30; i++) {
    const began = performance.now()
    await sendOne(i)
    const between = performance.now()
    await writeBare(i)
    if (i < 30) continue
    times.command.push(between - began)
    times.bare.push(performance.now() - between)
  }
  client.release()
  const [command, sql] = [median(times.command), median(times.bare)]
  if (
    !report({
      name: 'a command acknowledged against bare SQL, median',
      ratio: command / sql,
      atMost: 2,
      absolutes: `${command.toFixed(2)} ms against ${sql.toFixed(2)} ms`,
    })
  )
    process.exitCode = 1
} finally {
  await shop.close()
  await bare.close()
}
