import net from 'node:net'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { isDatabaseAway } from '#server/database/away'
import { openPool, SERVING_LIMITS } from '#server/database/connection'
import { complain, log } from '#server/logging'
import { Metrics } from '#server/metrics'
import { clusterUrl } from './template-database'

const withCode = (code: string, message = 'x') => Object.assign(new Error(message), { code })

describe('a database that is away', () => {
  it.each(['ECONNREFUSED', 'ECONNRESET', 'ETIMEDOUT', '57P01', '57P03', '08006', '53300', '57014'])('is known by %s', code =>
    expect(isDatabaseAway(withCode(code))).toBe(true),
  )
  it.each(['Connection terminated unexpectedly', 'timeout exceeded when trying to connect', 'Query read timeout'])(
    'and by what the driver says: %s',
    said => expect(isDatabaseAway(new Error(said))).toBe(true),
  )
  it('and by one of several that failed together', () =>
    expect(isDatabaseAway(new AggregateError([new Error('other'), withCode('57P01')]))).toBe(true))
  it.each([
    withCode('23505'),
    withCode('42501'),
    withCode('22P02'),
    new Error('Cannot read properties of undefined'),
    new TypeError('x'),
    null,
    'ECONNREFUSED',
  ])('is none of our own mistakes: %s', error => expect(isDatabaseAway(error)).toBe(false))

  it('that takes a question and never answers is given up, and the next question asked over another line', async () => {
    // A proxy that can hang: what comes from the database is swallowed while it does.
    const { hostname, port } = new URL(clusterUrl())
    let hangs = false
    const sockets = new Set<net.Socket>()
    const proxy = net.createServer((client) => {
      const upstream = net.connect(Number(port), hostname)
      for (const socket of [client, upstream]) {
        sockets.add(socket)
        socket.on('error', () => {})
      }
      client.on('data', data => upstream.write(data))
      upstream.on('data', (data) => {
        if (!hangs) client.write(data)
      })
    })
    await new Promise<void>(resolve => proxy.listen(0, '127.0.0.1', resolve))
    const url = Object.assign(new URL(`${clusterUrl()}/postgres`), { port: String((proxy.address() as net.AddressInfo).port) }).href
    const pool = openPool(url, null, { ...SERVING_LIMITS, query_timeout: 150 })
    expect((await pool.query('select 1 as one')).rows).toEqual([{ one: 1 }])
    hangs = true
    const error = await pool.query('select 2').catch((refused: unknown) => refused)
    expect(isDatabaseAway(error)).toBe(true)
    hangs = false
    await expect
      .poll(
        () =>
          pool.query<{ three: number }>('select 3 as three').then(
            ({ rows }) => rows[0]?.three,
            () => 'away',
          ),
        { timeout: 5000 },
      )
      .toBe(3)
    await pool.end()
    for (const socket of sockets) socket.destroy()
    await new Promise(resolve => proxy.close(resolve))
  })
})

describe('what is written down', () => {
  afterEach(() => {
    vi.restoreAllMocks()
  })
  it('one line a second while the database is away, however many complain; the next says how many it stands for', () => {
    const error = vi.spyOn(log, 'error').mockImplementation(() => {})
    for (let i = 0; i < 500; i++) complain('A request was not answered.', withCode('ECONNREFUSED'), 10_000 + i)
    complain('A request was not answered.', withCode('ECONNREFUSED'), 11_001)
    expect(error.mock.calls).toHaveLength(2)
    expect(error.mock.calls[1]).toEqual([
      expect.objectContaining({ unsaid: 499, code: 'ECONNREFUSED' }),
      expect.stringContaining('The database is away.'),
    ])
  })
  it('what a database says of the values at hand is not among it, nor anything else but kind and place', () => {
    const error = vi.spyOn(log, 'error').mockImplementation(() => {})
    complain(
      'A request failed.',
      Object.assign(withCode('23505', 'duplicate key (login_name)=(imke)'), {
        detail: 'Key (login_name)=(imke) already exists.',
        constraint: 'credential_login',
      }),
    )
    expect(JSON.stringify(error.mock.calls)).not.toContain('imke')
    expect(error.mock.calls[0]![0]).toMatchObject({ code: '23505', constraint: 'credential_login' })
    complain('A request failed.', new RangeError('out of it'))
    expect(error.mock.calls[1]![0]).toMatchObject({ error: 'RangeError', message: 'out of it' })
  })
})

describe('metrics', () => {
  it('count requests and commands by what the code calls them, and read the pool when asked', async () => {
    const metrics = new Metrics({ totalCount: 3, idleCount: 1, waitingCount: 2 }, { read: () => ({ p99Ms: 5, maxMs: 40 }) })
    metrics.answered('GET', '/api/v1/items/:tag', 200, 0.03)
    metrics.commanded('station.stop', 200)
    const text = await metrics.registry.metrics()
    expect(text).toContain('zonaris_request_seconds_count{method="GET",route="/api/v1/items/:tag",status="200"} 1')
    expect(text).toContain('zonaris_commands_total{type="station.stop",status="200"} 1')
    expect(text).toContain('zonaris_database_waiting 2')
    expect(text).toContain('zonaris_loop_delay_seconds 0.04')
  })
})
