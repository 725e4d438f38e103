import { CYLINDER_SOURCES } from './cylinder-sources'
import { EYEWEAR_SOURCES } from './eyewear-sources'
import { HEAT_SOURCES } from './heat-sources'
import { HOTWORK_SOURCES } from './hotwork-sources'
import { KIT_ITEM_SOURCES } from './kit-item-sources'
import { KIT_SOURCES } from './kit-sources'
import { PROTECTION_SOURCES } from './protection-sources'
import { RECORD_SOURCES } from './record-sources'
import type { SourceRef } from './source-ref'
import { SOURCES } from './sources'
import { STUDY_SOURCES } from './study-sources'

/**
 * Every document and trade practice that a rule cites, by its name. A rule knows the name alone, and the book is opened where a source is
 * shown: a board that judges need not carry it.
 */
const BOOK = {
  ...SOURCES,
  ...KIT_SOURCES,
  ...KIT_ITEM_SOURCES,
  ...CYLINDER_SOURCES,
  ...HOTWORK_SOURCES,
  ...PROTECTION_SOURCES,
  ...EYEWEAR_SOURCES,
  ...HEAT_SOURCES,
  ...RECORD_SOURCES,
  ...STUDY_SOURCES,
}

/** The name of a source. */
export type SourceId = keyof typeof BOOK

/** Every source, by its name. */
export const SOURCE_BOOK: Readonly<Record<SourceId, SourceRef>> = BOOK

export const sourceOf = (id: SourceId): SourceRef => SOURCE_BOOK[id]
