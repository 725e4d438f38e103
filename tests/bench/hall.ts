import { performance } from 'node:perf_hooks'
import { airOf, hallQuestion } from '#core/air/air-facts'
import type { AirFacts } from '#core/air/air-facts'
import { assessAir } from '#core/air/assess-air'
import { drawSet } from '#core/chance/draw-set'
import { spreadOf } from '#core/chance/draws'
import { glanceAtHall } from '#core/air/hall-field'
import { predictHall } from '#core/air/hall-prediction'
import { NOWHERE_ELSE, personDay } from '#core/air/person-day'
import { tryOut } from '#core/air/what-if'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { HallAir } from '#core/ventilation/hall'
import { FAR_FIELD, hallNetwork, nearFieldOf } from '#core/ventilation/hall'
import { Zones } from '#core/ventilation/zones'
import { BAYS, HALL_AIR, RULES } from '../../demo/fenmarsh'
import { Solver } from '../reference/integrator'
import { median, report } from './ratio'

/**
 * The exact hall solver against an independent integrator (odex at 1e-8) on the same shift of twelve bays: arcs on and off
 * through eight hours, everything that every zone held. Then a what-if of the Air page, judged in full, and ten thousand draws.
 */
const hall: HallAir = HALL_AIR['gate-hall']!
const BAYS_IN_HALL = 12
const spots = Array.from({ length: BAYS_IN_HALL }, (_, i) => ({
  hood: i % 3 === 0 ? { flowM3PerS: 0.28, returnsAir: i % 6 === 0, filterEfficiency: 0.99 } : null,
}))
const network = hallNetwork(hall, spots, 'particles')
const n = BAYS_IN_HALL + 1
/** Stretches of a shift: each bay burns in its own rhythm, so that the sum changes 48 times. */
const stretches = Array.from({ length: 48 }, (_, k) => ({
  seconds: 600,
  source: Array.from({ length: n }, (_, zone) => zone === FAR_FIELD ? 0 : (k + zone * 5) % 7 < 3 ? 2 + zone / 3 : 0),
}))
if (nearFieldOf(0) !== 1) throw new Error('the far field is zone 0')

interface Run { readonly ends: readonly number[], readonly evaluations: number }

function exact(): Run {
  const zones = new Zones(network)
  let state: ArrayLike<number> = new Float64Array(n)
  const ends: number[] = []
  for (const { seconds, source } of stretches) {
    const { endMgPerM3 } = zones.advance(state, source, seconds)
    state = endMgPerM3
    ends.push(...endMgPerM3)
  }
  return { ends, evaluations: 0 }
}

function numeric(): Run {
  let state = new Array<number>(n).fill(0)
  const ends: number[] = []
  let evaluations = 0
  for (const { seconds, source } of stretches) {
    const solver = new Solver(n)
    solver.absoluteTolerance = 1e-8
    solver.relativeTolerance = 1e-8
    solver.denseOutput = false
    const solved = solver.solve((_, c) => {
      const rate = new Array<number>(n)
      for (let i = 0; i < n; i++) rate[i] = source[i]! - network.removalM3PerS[i]! * c[i]!
      for (const [a, b, flow] of network.exchanges) {
        const moved = flow * (c[b]! - c[a]!)
        rate[a]! += moved
        rate[b]! -= moved
      }
      for (let i = 0; i < n; i++) rate[i]! /= network.volumesM3[i]!
      return rate
    }, 0, state, seconds)
    state = [...solved.y]
    evaluations += solved.nEval
    ends.push(...state)
  }
  return { ends, evaluations }
}

const timed = (work: () => Run): { readonly ms: number, readonly run: Run } => {
  const began = performance.now()
  const run = work()
  return { ms: performance.now() - began, run }
}

// Both warm: a page that is dragged asks again and again.
for (let i = 0; i < 60; i++) exact()
for (let i = 0; i < 3; i++) numeric()
const rounds = Array.from({ length: 9 }, () => ({ exact: timed(exact), numeric: timed(numeric) }))
const [exactMs, numericMs] = [median(rounds.map(round => round.exact.ms)), median(rounds.map(round => round.numeric.ms))]
const { exact: { run: ours }, numeric: { run: theirs } } = rounds[0]!
const apart = Math.max(...ours.ends.map((value, i) => Math.abs(value - theirs.ends[i]!) / Math.max(1e-3, Math.abs(value))))
const keptSame = report({
  name: 'the exact hall against the integrator, farthest apart, in millionths',
  ratio: apart * 1e6,
  atMost: 1,
  absolutes: `${ours.ends.length} concentrations`,
})
const keptFast = report({
  name: 'the exact hall against a hundredth of the integrator\'s time',
  ratio: exactMs / (numericMs / 100),
  atMost: 1,
  absolutes: `${exactMs.toFixed(3)} ms against ${numericMs.toFixed(1)} ms, ${(numericMs / exactMs).toFixed(0)} times faster`,
})

/** Twelve bays of the demo put into one hall. */
const site = {
  timeZone: 'Europe/London',
  areas: [{ areaId: 'area', hallId: 'hall', name: 'Area' }],
  bays: BAYS.map(({ label }) => ({ bayId: label, areaId: 'area', label, kind: 'designated' as const, closed: false })),
}
const stations = Object.fromEntries(
  BAYS.map(({ label, job, hood }) => [label, { ...EMPTY_STATION, job: job ?? null, hoodPosition: hood ?? null }]),
)
const facts: AirFacts = {
  site,
  stations,
  rules: RULES,
  now: '2026-11-23T09:00:00.000Z',
  sheets: {},
  surveys: {},
  monitors: {},
  wearers: {},
  halls: {
    hall: {
      air: hall,
      bays: Object.fromEntries(BAYS.map(({ label, extraction }) => [label, { xM: 0, yM: 0, extraction: extraction ?? null }])),
    },
  },
}
const question = hallQuestion(facts, 'hall')!
const air = airOf(facts)('4')
const whatIf = (distanceM: number): number => {
  const asked = tryOut(question, '4', { distanceM, strippedWidthMm: 30 })
  const judged = assessAir({
    bay: asked.bays.find(({ bayId }) => bayId === '4')!,
    prediction: predictHall(asked),
    check: null,
    surveys: air.surveys,
    shopDay: air.shopDay,
    wearer: null,
    elsewhere: NOWHERE_ELSE,
    rules: RULES,
    now: facts.now,
  })
  return judged.exposure?.fraction ?? 0
}
for (let i = 0; i < 20; i++) whatIf(0.2 + i / 100)
const times = Array.from({ length: 60 }, (_, i) => {
  const began = performance.now()
  // Nowhere that was asked before: what was worked out is kept.
  whatIf(0.1003 + i / 100)
  return performance.now() - began
})
const keptDrag = report({
  name: 'a what-if of twelve bays, judged in full, against 50 ms: a picture or three while a finger drags',
  ratio: median(times) / 50,
  atMost: 1,
  absolutes: `${median(times).toFixed(1)} ms in the middle, ${Math.max(...times).toFixed(1)} ms at most`,
})

/** As the worker of the Air page draws, 500 at a time, but of every bay: what is breathed of all substances there, and its percentiles. */
const [GOES, AT_ONCE] = [20, 500]
const began = performance.now()
const shifts = question.bays.map(() => new Float64Array(GOES * AT_ONCE))
for (let go = 0; go < GOES; go++) {
  const drawn = predictHall({ ...question, mayStrike: undefined }, drawSet(AT_ONCE, go))
  question.bays.forEach(({ bayId }, spot) => {
    const day = personDay(null, bayId, drawn, NOWHERE_ELSE)
    shifts[spot]!.set(day?.air.drawn['total-fume']?.twa ?? [], go * AT_ONCE)
  })
}
if (shifts.map(shift => spreadOf(shift).high).every(high => high === 0)) throw new Error('nothing was drawn')
const drawnMs = performance.now() - began
const keptDrawn = report({
  name: 'ten thousand draws of the shift of twelve bays, against 2 s',
  ratio: drawnMs / 2000,
  atMost: 1,
  absolutes: `${drawnMs.toFixed(0)} ms; today's answer, ${median(times).toFixed(1)} ms`,
})

/** As a hood is dragged on the plan of a hall: one look at all of it, and what is used at its bay. */
const glance = (distanceM: number) =>
  glanceAtHall(
    { facts, hallId: 'hall', tried: { 4: { distanceM } } },
    { bayId: '4', substance: 'manganese', atMin: 480, counted: BAYS.map(({ label }) => label) },
  )
for (let i = 0; i < 10; i++) glance(0.2 + i / 100)
const glances = Array.from({ length: 40 }, (_, i) => {
  const from = performance.now()
  if (!glance(0.1 + i / 100)) throw new Error('nothing was seen')
  return performance.now() - from
})
const keptGlance = report({
  name: 'a hood dragged on the plan of twelve bays, what comes of it, against 100 ms',
  ratio: median(glances) / 100,
  atMost: 1,
  absolutes: `${median(glances).toFixed(1)} ms in the middle, ${Math.max(...glances).toFixed(1)} ms at most`,
})
/** As a board judges, every few seconds: nothing changed, or the air of the hall did. */
const judgedAll = (known: AirFacts): void => {
  const at = airOf(known)
  for (const { label } of BAYS) {
    const { job, earlierJobs, personId, hoodPosition: position, extractionCheck: check } = stations[label]!
    const bay = { bayId: label, job, earlierJobs, personId, position, check, extraction: known.halls.hall!.bays[label]!.extraction }
    const { shopDay, surveys, predict } = at(label)
    assessAir({
      bay, prediction: predict(bay), check, surveys, shopDay, wearer: null, elsewhere: NOWHERE_ELSE, rules: RULES, now: facts.now,
    })
  }
}
const withAir = (supplyM3PerS: number): AirFacts =>
  ({ ...facts, halls: { hall: { ...facts.halls.hall!, air: { ...hall, supplyM3PerS } } } })
const msOf = (known: AirFacts): number => {
  const from = performance.now()
  judgedAll(known)
  return performance.now() - from
}
for (let i = 0; i < 10; i++) judgedAll(withAir(2 + i / 10))
const pairs = Array.from({ length: 20 }, (_, i) => {
  const changed = withAir(2.03 + i / 10)
  return { anew: msOf(changed), again: msOf(structuredClone(changed)) }
})
const [anewMs, againMs] = [median(pairs.map(({ anew }) => anew)), median(pairs.map(({ again }) => again))]
const keptAgain = report({
  name: 'twelve bays judged again, nothing changed, against three quarters of judging them anew',
  ratio: againMs / (anewMs * 0.75),
  atMost: 1,
  absolutes: `${againMs.toFixed(1)} ms against ${anewMs.toFixed(1)} ms`,
})
if (!keptAgain || !keptGlance || !keptSame || !keptFast || !keptDrag || !keptDrawn) process.exitCode = 1
