import { requiredShade } from '#core/shade/required-shade'
import type { ShadeQuestion } from '#core/shade/shade-question'
import { PROCESSES } from '#core/ids/vocabulary'
import { report } from './ratio'

/** Shade answers in the core, a second, over every process and a spread of currents; target a million. */
const questions: ShadeQuestion[] = PROCESSES.flatMap(process =>
  Array.from({ length: 64 }, (_, i) => ({
    process,
    currentA: 5 + i * 7,
    plateThicknessMm: 1 + i,
    acetyleneFlowLPerH: 20 + i * 15,
    oxygenFlowLPerH: 500 + i * 100,
    electrodeDiameterMm: 3.2,
    baseMetal: 'mild-steel',
    shieldingGas: 'argon-co2',
  })),
)
const rules = { jurisdiction: 'us', basis: 'us-consensus', minimum: 10 } as const

function secondsForAMillion(): number {
  const began = performance.now()
  let sum = 0
  for (let i = 0; i < 1_000_000; i++) sum += requiredShade(questions[i % questions.length]!, rules).minimum ?? 0
  if (sum < 0) throw new Error('unreachable, so that the work is not thrown away')
  return (performance.now() - began) / 1000
}

secondsForAMillion()
const seconds = Math.min(secondsForAMillion(), secondsForAMillion(), secondsForAMillion())
if (
  !report({
    name: 'a million shade answers against one second',
    ratio: seconds,
    atMost: 1,
    absolutes: `${(1 / seconds).toFixed(2)} million a second`,
  })
)
  process.exitCode = 1
