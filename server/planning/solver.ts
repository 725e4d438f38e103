import { createRequire } from 'node:module'
import { Worker } from 'node:worker_threads'
import type { Solved, Solver, Tools } from '#core/placing/plan-class'

/** The part of what the solver answers that is read. */
interface Answered {
  readonly Status: string
  readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
}
type Told = { readonly answered: Answered } | { readonly failed: string }

/**
 * Runs beside the server: while it solves, everything else is answered. It stands here as text because it is bundled nowhere; where the
 * package lies it is told.
 */
const BESIDE = `
const { parentPort, workerData } = require('node:worker_threads')
const ready = require(workerData.highs)()
parentPort.on('message', async ({ text, seconds }) => {
  try {
    const answered = (await ready).solve(text, { time_limit: seconds, mip_rel_gap: 0.005, output_flag: false })
    parentPort.postMessage({ answered })
  } catch (error) {
    parentPort.postMessage({ failed: String(error) })
  }
})`

/** Found within the time, though perhaps not the best. */
const FOUND = new Set(['Optimal', 'Time limit reached', 'Target for objective reached', 'Solution limit reached'])

function read({ Status, Columns }: Answered): Solved | null {
  if (!FOUND.has(Status)) return null
  const values = new Map(Object.entries(Columns).map(([name, { Primal }]) => [name, Primal ?? 0]))
  return { values, isProven: Status === 'Optimal' }
}

/** Who asks: the shop waits for nobody who asks from outside. */
type Lane = 'shop' | 'outside'
/** One plan after the other in each lane: whoever asks for many does not take every core. */
const before: Record<Lane, Promise<unknown>> = { shop: Promise.resolve(), outside: Promise.resolve() }

/**
 * Lends a solver of mixed-integer problems for as long as something is planned.
 *
 * @throws Error where the solver breaks
 */
export function withSolver<Answer>(lane: Lane, plan: (tools: Tools) => Promise<Answer>): Promise<Answer> {
  const turn = before[lane].then(() => lend(plan))
  before[lane] = turn.catch(() => null)
  return turn
}

/** Whatever came meanwhile is answered first: a stop waits for no plan. */
const pause = (): Promise<void> => new Promise(resolve => setImmediate(resolve))

async function lend<Answer>(plan: (tools: Tools) => Promise<Answer>): Promise<Answer> {
  const highs = createRequire(import.meta.url).resolve('highs')
  const worker = new Worker(BESIDE, { eval: true, workerData: { highs } })
  const solver: Solver = (text, seconds) => new Promise((resolve, reject) => {
    // One that ends without a word would leave everybody after it waiting.
    const ended = (): void => reject(new Error('the solver ended before it answered'))
    const told = (answer: Told): void => {
      worker.off('error', reject)
      worker.off('exit', ended)
      if ('failed' in answer) reject(new Error(`the solver broke: ${answer.failed}`))
      else resolve(read(answer.answered))
    }
    worker.once('message', told)
    worker.once('error', reject)
    worker.once('exit', ended)
    worker.postMessage({ text, seconds })
  })
  try {
    return await plan({ solver, pause })
  } finally {
    await worker.terminate()
  }
}
