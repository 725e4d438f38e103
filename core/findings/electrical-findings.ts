import type { ElectricalTestId, ShockEnvironment } from '../ids/electrical-ids'

/** Codes of machines, cables and their tests. */
export interface ElectricalFindings {
  'electrical.duty': { currentA: number, dutyPercent: number, minutes: number }
  'electrical.over-rating': { currentA: number, ratedCurrentA: number }
  'electrical.duty-short': { currentA: number, dutyPercent: number, neededPercent: number }
  'electrical.cable-too-small': { currentA: number, allowedA: number, areaMm2: number, dutyPercent: number }
  'electrical.cable-carries': { allowedA: number, areaMm2: number, dutyPercent: number }
  'electrical.cable-off-table': { areaMm2: number }
  'electrical.duty-assumed': { dutyPercent: number }
  'electrical.temperature-assumed': { temperatureC: number }
  'electrical.drop-high': { dropV: number, limitV: number }
  'electrical.open-circuit-high': { volts: number, limitV: number, kind: 'rms' | 'peak' | 'dc', environment: ShockEnvironment }
  'electrical.reading-fails': { test: ElectricalTestId, value: number, limit: number }
  'electrical.reading-missing': { test: ElectricalTestId }
  'electrical.environment-unknown': Record<string, never>
  'electrical.test-passed': { count: number }
}
