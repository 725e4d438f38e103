import { performance } from 'node:perf_hooks'
import { planClass } from '#core/placing/plan-class'
import type { ClassQuestion } from '#core/placing/class-question'
import { withSolver } from '../../server/planning/solver'
import { bay, classOf } from '../unit/placing/class-of-a-shop'
import { report } from './ratio'

/** Twenty-four people, twelve bays and four periods: a plan with room, one that the air binds, and one of unlike bays and people. */
const unlike: ClassQuestion = classOf(24, 12, 4, {
  wantedArcMin: 6,
  bays: Array.from({ length: 12 }, (_, i) => bay(`b${i + 1}`, { arcMinPerH: 6 + i / 2 })),
  people: Array.from({ length: 24 }, (_, i) => ({
    id: `p${i + 1}`,
    ...i % 3 === 0 ? { mask: { apf: 25, isSupplied: false, wornShare: 0.9 } } : {},
    ...i % 4 === 0 ? { bayIds: ['b1', 'b2', 'b3', 'b4', 'b5', 'b6'] } : {},
  })),
  atOnce: [{ what: 'dampers', bayIds: ['b1', 'b2', 'b3', 'b4', 'b5', 'b6'], most: 4 }],
})
const CASES: readonly (readonly [string, ClassQuestion])[] = [
  ['with room', classOf(24, 12, 4)],
  ['that the air binds', classOf(24, 12, 4, { actionFraction: 0.45 })],
  ['of unlike bays and people', unlike],
]
const kept: boolean[] = []
for (const [what, question] of CASES) {
  const began = performance.now()
  const { isEnough } = await withSolver('shop', tools => planClass(question, tools))
  const ms = performance.now() - began
  kept.push(report({
    name: `a class of 24 people at 12 bays in 4 periods, ${what}, against 5 s`,
    ratio: ms / 5000,
    atMost: 1,
    absolutes: `${(ms / 1000).toFixed(1)} s, ${isEnough ? 'enough for everybody' : 'not enough, with what would do'}`,
  }))
}
if (kept.includes(false)) process.exitCode = 1
