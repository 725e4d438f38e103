import type { Finding, FindingCode, FindingValues, Severity } from '#core/findings/finding'
import type { SourceId } from '#core/source/book'
import { CITED } from './cited'
import { SAMPLES } from './words/finding-samples'

const NOTHING = ['']

/**
 * A finding that has everything its sentence says, and cites what its code cites: stands in for the core's own in every test
 * of it. A reason that has lost its number or its source is wrong wherever it is given, whatever else a test looks at.
 *
 * @throws Error naming the code and what it lacks
 */
export function wholeFinding<Code extends FindingCode>(
  severity: Severity,
  code: Code,
  values: FindingValues[Code],
  sources: readonly SourceId[] = [],
): Finding<Code> {
  const said = values as Readonly<Record<string, unknown>>
  const lacking = Object.keys(SAMPLES[code]).filter(key => said[key] === undefined || Number.isNaN(said[key]))
  if (lacking.length > 0) throw new Error(`${code} lacks ${lacking.join(', ')}`)
  const cited = sources.join('+')
  if (!(CITED[code] ?? NOTHING).includes(cited))
    throw new Error(`${code} cites ${cited === '' ? 'nothing' : cited}; see tests/unit/cited.ts`)
  return { severity, code, values, sources }
}
