import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import type pg from 'pg'
import type { LoopDelay } from './loop-delay'

/** What Prometheus reads. Labels are routes and types that the code knows: never what somebody sent. */
export class Metrics {
  readonly registry = new Registry()
  readonly #requests = new Histogram({
    name: 'zonaris_request_seconds',
    help: 'Time to answer a request of the API',
    labelNames: ['method', 'route', 'status'],
    buckets: [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10],
    registers: [this.registry],
  })

  readonly #commands = new Counter({
    name: 'zonaris_commands_total',
    help: 'Commands at the one door, by how they were answered',
    labelNames: ['type', 'status'],
    registers: [this.registry],
  })

  constructor(pool: Pick<pg.Pool, 'totalCount' | 'idleCount' | 'waitingCount'>, loopDelay: Pick<LoopDelay, 'read'>) {
    collectDefaultMetrics({ register: this.registry })
    const gauge = (name: string, help: string, read: () => number) =>
      new Gauge({
        name,
        help,
        registers: [this.registry],
        collect() {
          this.set(read())
        },
      })
    gauge('zonaris_database_connections', 'Connections to the database', () => pool.totalCount)
    gauge('zonaris_database_idle', 'Connections to the database that wait for work', () => pool.idleCount)
    gauge('zonaris_database_waiting', 'Work that waits for a connection to the database', () => pool.waitingCount)
    gauge(
      'zonaris_loop_delay_seconds',
      'Longest time the event loop kept work waiting in the last minutes',
      () => loopDelay.read().maxMs / 1000,
    )
  }

  answered(method: string, route: string, status: number, seconds: number): void {
    this.#requests.observe({ method, route, status: String(status) }, seconds)
  }

  commanded(type: string, status: number): void {
    this.#commands.inc({ type, status: String(status) })
  }
}
