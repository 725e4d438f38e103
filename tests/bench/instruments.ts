import { performance } from 'node:perf_hooks'
import { mgPerM3FromPpm } from '#core/fume/gases'
import { listenTo } from '#core/monitor/heard-air'
import { monitorBounds } from '#core/monitor/monitor-bounds'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { DuctSystem } from '#core/ventilation/duct-balance'
import { balanceDucts } from '#core/ventilation/duct-balance'
import { assessDucts } from '#core/ventilation/duct-system'
import { median, report } from './ratio'

/** A hall of twelve arms on one fan, balanced anew at every touch of a damper; and the largest pack that an instrument may tell. */
const ARMS = Array.from({ length: 12 }, (_, i) => i)
const hall = (count: number): DuctSystem => ({
  fan: [[0, 2400], [1.2, 2300], [2.4, 1900], [3.6, 1100], [4.4, 0]].map(([flowM3PerS, pressurePa]) => ({
    flowM3PerS: flowM3PerS!, pressurePa: pressurePa!,
  })),
  filter: { flowM3PerS: 3, pressurePa: 600 },
  ducts: [
    ...[0, 1, 2, 3].map(i => ({
      id: `m${i}`, into: i === 0 ? null : `m${i - 1}`, lengthM: 8, diameterM: 0.5 - i * 0.05, roughnessMm: 0.15, lossCoefficient: 0.3,
    })),
    ...ARMS.slice(0, count).map(i => ({
      id: `b${i}`, into: `m${Math.floor(i / 3)}`, lengthM: 4, diameterM: 0.16, roughnessMm: 0.15, lossCoefficient: 2.7,
    })),
  ],
  hoods: ARMS.slice(0, count).map(i => ({ id: String(i), ductId: `b${i}`, entryLoss: 0.49, openShare: 1, neededM3PerS: 0.33 })),
})
const timed = (times: number, work: (i: number) => unknown): number =>
  median(Array.from({ length: times }, (_, i) => {
    const began = performance.now()
    work(i)
    return performance.now() - began
  }))
const balanced = (i: number) =>
  balanceDucts({ ...hall(12), hoods: hall(12).hoods.map((hood, k) => (k === i % 12 ? { ...hood, openShare: 0.3 } : hood)) })
timed(20, balanced)
const balanceMs = timed(60, balanced)
const keptBalance = report({
  name: 'twelve hoods balanced with their fan, against 100 ms: a damper that is tried',
  ratio: balanceMs / 100,
  atMost: 1,
  absolutes: `${balanceMs.toFixed(2)} ms`,
})
const chosenMs = timed(3, () => assessDucts(hall(10)))
const keptChosen = report({
  name: 'how many of ten hoods may be open, whichever they are, against 1 s',
  ratio: chosenMs / 1000,
  atMost: 1,
  absolutes: `${chosenMs.toFixed(0)} ms`,
})

const CO = mgPerM3FromPpm('carbon-monoxide', 1)
const readings = Array.from({ length: 1900 }, (_, i) => ({
  at: new Date(Date.UTC(2026, 10, 30, 8) + i * 1000).toISOString(), value: CO * (3 + (i * 37 % 40)),
}))
const bounds = monitorBounds('carbon-monoxide', NEW_SITE_RULES)
const heardMs = timed(20, () => listenTo(readings, readings[900]!.at, bounds, null, { silentAfterS: 120 }))
const keptHeard = report({
  name: 'a thousand readings heard, a second apart, with the quarter of an hour before them, against 100 ms',
  ratio: heardMs / 100,
  atMost: 1,
  absolutes: `${heardMs.toFixed(1)} ms`,
})
if (!keptBalance || !keptChosen || !keptHeard) process.exitCode = 1
