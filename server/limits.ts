import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'

/** How often an address may ask for what needs no session, a minute. The first prefix that fits counts. */
const A_MINUTE: readonly (readonly [prefix: string, times: number])[] = [
  ['/api/v1/public/', 120],
  ['/api/v1/redeem', 30],
  ['/api/v1/first-run', 30],
  // Flights are reckoned one by one, and a whole shop is judged at once: fewer of these.
  ['/api/v1/assess/clearance', 30],
  ['/api/v1/assess/spark-reach', 300],
  ['/api/v1/assess/hot-work', 300],
  // A class is planned for seconds, one after the other.
  ['/api/v1/assess/plan', 6],
  ['/api/v1/assess/ducts', 300],
  ['/api/v1/assess/calibration', 300],
  ['/api/v1/assess/exposure-statistics', 600],
  ['/api/v1/assess/', 3000],
  ['/api/v1/readings', 1200],
]

const limiters = A_MINUTE.map(([prefix, points]) => ({
  prefix,
  limiter: new RateLimiterMemory({ keyPrefix: prefix, points, duration: 60 }),
}))

/** @returns how long to wait, s; null where this one may go on */
async function waitFor(limiter: RateLimiterMemory, key: string): Promise<number | null> {
  try {
    await limiter.consume(key)
    return null
  } catch (refused) {
    if (!(refused instanceof RateLimiterRes)) throw refused
    return Math.max(1, Math.ceil(refused.msBeforeNext / 1000))
  }
}

/** Counts a request against what its address may ask. @returns how long to wait, s; null where it may go on */
export async function waitBefore(path: string, address: string): Promise<number | null> {
  const limited = limiters.find(({ prefix }) => path.startsWith(prefix))
  return limited ? waitFor(limited.limiter, address) : null
}

/** Codes that open no permit, in a quarter of an hour: somebody mistypes now and then, whoever guesses does nothing else. */
export const CODE_MISSES = 20
const codeMisses = new RateLimiterMemory({ keyPrefix: 'code', points: CODE_MISSES, duration: 15 * 60 })

/** Takes a try at a code before it is made. @returns how long to wait, s; null where it may be made: one that was right is given back */
export const waitBeforeCode = (address: string): Promise<number | null> => waitFor(codeMisses, address)

export async function giveCodeBack(address: string): Promise<void> {
  await codeMisses.reward(address, 1)
}
