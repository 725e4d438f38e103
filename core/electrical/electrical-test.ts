import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { judgeOpenCircuit } from './open-circuit'
import type { ElectricalTestId, ShockEnvironment } from '../ids/electrical-ids'
import { ELECTRICAL_TESTS } from '../ids/electrical-ids'

export interface ElectricalTestQuestion extends Readonly<Partial<Record<ElectricalTestId, number>>> {
  /** Machines with double insulation have no protective conductor. */
  readonly classII?: boolean
  readonly supplyCordLengthM?: number
  readonly plugCurrentA?: number
  readonly openCircuit?: {
    readonly current: 'ac' | 'dc'
    readonly rmsV?: number
    readonly peakV?: number
    readonly guided?: 'manual' | 'mechanised'
  }
  readonly environment?: ShockEnvironment
}

export interface JudgedReading {
  readonly test: ElectricalTestId
  readonly value: number
  readonly limit: number
  readonly isAtLeast: boolean
  readonly passes: boolean
}
export interface ElectricalTest {
  /** Null while readings that the test needs are missing. */
  readonly passes: boolean | null
  readonly readings: readonly JudgedReading[]
  readonly findings: readonly Finding[]
}

/** 0.3 Ω for a cord up to 5 m, 0.1 Ω more for each further 7.5 m begun or not: nothing is granted for a part. Capped at 1 Ω. */
export const protectiveConductorLimitOhm = (cordM: number): number => Math.min(1, 0.3 + 0.1 * Math.floor(Math.max(0, cordM - 5) / 7.5))

/** The limit of one reading for one machine, or null where the reading does not apply. Source: `weldingTest`. */
function limitOf(
  test: ElectricalTestId,
  { classII = false, supplyCordLengthM = 0, plugCurrentA = 0 }: ElectricalTestQuestion,
): { readonly limit: number, readonly isAtLeast: boolean } | null {
  switch (test) {
    case 'protectiveConductorOhm':
      return classII ? null : { limit: protectiveConductorLimitOhm(supplyCordLengthM), isAtLeast: false }
    case 'supplyToWeldingMOhm':
      return { limit: 5, isAtLeast: true }
    case 'weldingToProtectiveMOhm':
      return classII ? null : { limit: 2.5, isAtLeast: true }
    case 'supplyToProtectiveMOhm':
      return classII ? null : { limit: 2.5, isAtLeast: true }
    case 'supplyToAccessibleMOhm':
      return classII ? { limit: 5, isAtLeast: true } : null
    case 'primaryLeakageMA':
      return { limit: plugCurrentA > 32 ? 10 : 5, isAtLeast: false }
    case 'weldingLeakageMA':
      return { limit: 10, isAtLeast: false }
    case 'touchCurrentMA':
      return { limit: 0.5, isAtLeast: false }
  }
}

/** What a test needs by the build of the machine. Insulation can be shown by resistance or by leakage: one of each group is enough. */
const NEEDED: Readonly<Record<'I' | 'II', readonly (readonly ElectricalTestId[])[]>> = {
  I: [
    ['protectiveConductorOhm'],
    ['supplyToWeldingMOhm'],
    ['weldingToProtectiveMOhm', 'weldingLeakageMA'],
    ['supplyToProtectiveMOhm', 'primaryLeakageMA'],
  ],
  II: [['supplyToWeldingMOhm'], ['supplyToAccessibleMOhm', 'touchCurrentMA']],
}

/**
 * Judges the readings of the periodic electrical test of a welding machine. A reading that is missing leaves the test open;
 * one that fails closes it, whatever is missing. Exactly at a limit passes. Source: `weldingTest`, `usOpenCircuit`, `iecOpenCircuit`.
 *
 * @example judgeElectricalTest({ protectiveConductorOhm: 0.35, supplyCordLengthM: 4 }).passes // false
 */
export function judgeElectricalTest(question: ElectricalTestQuestion): ElectricalTest {
  const readings = ELECTRICAL_TESTS.flatMap((test): JudgedReading[] => {
    const value = question[test]
    const rule = limitOf(test, question)
    return value === undefined || rule === null
      ? []
      : [{ test, value, ...rule, passes: rule.isAtLeast ? value >= rule.limit : value <= rule.limit }]
  })
  const findings: Finding[] = readings
    .filter(({ passes }) => !passes)
    .map(({ test, value, limit }) => finding('hold', 'electrical.reading-fails', { test, value, limit }, ['weldingTest']))
  const { openCircuit, environment } = question
  if (openCircuit) {
    // Without a word on the place the strictest one counts, and the answer says so.
    findings.push(...judgeOpenCircuit({ ...openCircuit, environment: environment ?? 'confined' }))
    if (environment === undefined) findings.push(finding('note', 'electrical.environment-unknown', {}, ['iecOpenCircuit']))
  }
  const failed = findings.some(({ severity }) => severity === 'hold')
  const missing = NEEDED[question.classII ? 'II' : 'I']
    .filter(anyOf => anyOf.every(test => question[test] === undefined))
    .map(([test]) => test!)
  findings.push(...missing.map(test => finding('hold', 'electrical.reading-missing', { test }, ['weldingTest'])))
  if (!failed && missing.length === 0)
    findings.push(finding('note', 'electrical.test-passed', { count: readings.length }, ['weldingTest']))
  return { passes: failed ? false : missing.length > 0 ? null : true, readings, findings }
}
