import type { MadeOf } from '#core/fume/emission'
import type { Range } from '#core/range'

/** What an arc makes, as one quantity with its spread, mg/min. */
export const made = (range: Range): MadeOf => [[{ range, doubt: 'factor', of: 'test' }]]
