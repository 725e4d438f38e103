import type { Finding, FindingCode, FindingValues, Severity } from '#core/findings/finding'
import { FIRE_SOURCES } from '#core/source/fire-sources'
import { HOTWORK_SOURCES } from '#core/source/hotwork-sources'
import { KIT_SOURCES } from '#core/source/kit-sources'
import type { SourceRef } from '#core/source/source-ref'
import { SOURCES } from '#core/source/sources'
import { STUDY_SOURCES } from '#core/source/study-sources'
import { CYLINDER_SOURCES } from '#core/source/cylinder-sources'
import { KIT_ITEM_SOURCES } from '#core/source/kit-item-sources'
import { EYEWEAR_SOURCES } from '#core/source/eyewear-sources'
import { HEAT_SOURCES } from '#core/source/heat-sources'
import { PROTECTION_SOURCES } from '#core/source/protection-sources'
import { CITED } from './cited'
import { SAMPLES } from './words/finding-samples'

const TABLES = [
  FIRE_SOURCES, HOTWORK_SOURCES, KIT_SOURCES, CYLINDER_SOURCES, KIT_ITEM_SOURCES, PROTECTION_SOURCES, EYEWEAR_SOURCES, HEAT_SOURCES,
  SOURCES, STUDY_SOURCES,
]
const NAMES = new Map<SourceRef, string>(
  TABLES.flatMap(table => Object.entries(table).map(([name, source]): [SourceRef, string] => [source, name])),
)
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
  sources: readonly SourceRef[] = [],
): Finding<Code> {
  const said = values as Readonly<Record<string, unknown>>
  const lacking = Object.keys(SAMPLES[code]).filter(key => said[key] === undefined || Number.isNaN(said[key]))
  if (lacking.length > 0) throw new Error(`${code} lacks ${lacking.join(', ')}`)
  const cited = sources.map(source => NAMES.get(source) ?? 'a source that stands in no table').join('+')
  if (!(CITED[code] ?? NOTHING).includes(cited))
    throw new Error(`${code} cites ${cited === '' ? 'nothing' : cited}; see tests/unit/cited.ts`)
  return { severity, code, values, sources }
}
