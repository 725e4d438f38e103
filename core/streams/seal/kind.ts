import { asLanded, report } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideSeal, evolveSeals, NO_SEALS } from './seal'
import type { SealCommand, SealEvent, Seals } from './seal'

/** The seals of a site's days: one stream, which only the clock writes. */
export const sealKind: StreamKind<'seal', Seals, SealEvent, SealCommand> = {
  id: 'seal',
  initial: NO_SEALS,
  evolve: evolveSeals,
  upcast: asLanded,
  commands: { 'seal.day': report('read-records') },
  decide: decideSeal,
}
