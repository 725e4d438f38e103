import type { SourceId } from '../source/book'
import type { ShadeFindings } from './shade-findings'
import type { JobFindings } from './job-findings'
import type { EyesFindings, BodyFindings, GasFindings, MachineFindings, StationFindings } from './clearance-findings'
import type { CommandFindings } from './command-findings'
import type { FumeFindings } from './fume-findings'
import type { VentilationFindings } from './ventilation-findings'
import type { ExposureFindings } from './exposure-findings'
import type { SamplesFindings } from './samples-findings'
import type { MonitorFindings } from './monitor-findings'
import type { StudyFindings } from './study-findings'
import type { AirFindings } from './air-findings'
import type { CylinderFindings } from './cylinder-findings'
import type { ElectricalFindings } from './electrical-findings'
import type { HotWorkFindings, PermitFindings, SparkFindings } from './hotwork-findings'
import type { InspectionFindings } from './kit-findings'
import type { ProtectionFindings } from './protection-findings'

/**
 * Every finding code with the values it carries, units in the names.
 * An area adds its own by extending this with an interface of its own; the message
 * catalogue must then speak it, or it does not compile.
 */
export interface FindingValues
  extends
  ShadeFindings,
  JobFindings,
  EyesFindings,
  BodyFindings,
  GasFindings,
  MachineFindings,
  StationFindings,
  CommandFindings,
  FumeFindings,
  VentilationFindings,
  ExposureFindings,
  SamplesFindings,
  MonitorFindings,
  StudyFindings,
  AirFindings,
  CylinderFindings,
  ElectricalFindings,
  InspectionFindings,
  SparkFindings,
  HotWorkFindings,
  PermitFindings,
  ProtectionFindings {}

export type FindingCode = keyof FindingValues

/** How strongly a rule answers: `stop` closes at once, `hold` waits, `caution` leaves a gate open and shows its word. */
export type Severity = 'stop' | 'hold' | 'caution' | 'note'

/** The one shape every rule answers in. The sentence comes from the message catalogue, when it is shown. */
export interface Finding<Code extends FindingCode = FindingCode> {
  readonly severity: Severity
  readonly code: Code
  readonly values: FindingValues[Code]
  readonly sources: readonly SourceId[]
}

/** Whether something that was found keeps a gate shut. */
export const closes = ({ severity }: Pick<Finding, 'severity'>): boolean => severity === 'stop' || severity === 'hold'

/** A finding, with the values of its code checked by the compiler. */
export function finding<Code extends FindingCode>(
  severity: Severity, code: Code, values: FindingValues[Code], sources: readonly SourceId[] = [],
): Finding<Code> {
  return { severity, code, values, sources }
}
