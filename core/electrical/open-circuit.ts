import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import type { ShockEnvironment } from '../ids/electrical-ids'

/** What a voltmeter showed at the terminals with no arc. */
export interface OpenCircuitReading {
  readonly current: 'ac' | 'dc'
  readonly rmsV?: number
  readonly peakV?: number
  readonly environment: ShockEnvironment
  readonly guided?: 'manual' | 'mechanised'
}

interface Limit { readonly kind: 'rms' | 'peak' | 'dc', readonly limitV: number, readonly source: SourceId }

/**
 * Limits by current, guidance and environment. In wet or tight places alternating current keeps to 48 V rms and 68 V peak;
 * US law has one limit for all places, so the stricter stands. Source: `usOpenCircuit`, `iecOpenCircuit`.
 */
export function openCircuitLimits({
  current,
  environment,
  guided = 'manual',
}: Pick<OpenCircuitReading, 'current' | 'environment' | 'guided'>): readonly Limit[] {
  const tight = environment !== 'dry'
  const iec = 'iecOpenCircuit'
  if (current === 'dc')
    return [
      { kind: 'dc', limitV: 100, source: 'usOpenCircuit' },
      { kind: 'peak', limitV: guided === 'mechanised' && !tight ? 141 : 113, source: iec },
    ]
  if (tight)
    return [
      { kind: 'rms', limitV: 48, source: iec },
      { kind: 'peak', limitV: 68, source: iec },
    ]
  return guided === 'mechanised'
    ? [
        { kind: 'rms', limitV: 100, source: 'usOpenCircuit' },
        { kind: 'peak', limitV: 141, source: iec },
      ]
    : [
        { kind: 'rms', limitV: 80, source: 'usOpenCircuit' },
        { kind: 'peak', limitV: 113, source: iec },
      ]
}

/** Every limit that the reading passes; empty when it keeps to all that can be compared. */
export function judgeOpenCircuit(reading: OpenCircuitReading): readonly Finding[] {
  const value = { rms: reading.rmsV, dc: reading.rmsV, peak: reading.peakV }
  return openCircuitLimits(reading).flatMap(({ kind, limitV, source }) => {
    const volts = value[kind]
    return volts !== undefined && volts > limitV
      ? [finding('hold', 'electrical.open-circuit-high', { volts, limitV, kind, environment: reading.environment }, [source])]
      : []
  })
}
