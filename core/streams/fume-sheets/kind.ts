import { everyBay, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideSheets, evolveSheets, NO_SHEETS, upcastSheets } from './fume-sheets'
import type { FumeCommand, FumeDataSheets, FumeEvent } from './fume-sheets'

/** What makers print of the fume of their consumables, for the whole site. */
export const fumeSheetsKind: StreamKind<'fume-sheets', FumeDataSheets, FumeEvent, FumeCommand> = {
  id: 'fume-sheets',
  initial: NO_SHEETS,
  evolve: evolveSheets,
  newestVersions: { 'sheet-entered': 2, 'sheet-dropped': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastSheets(type, typeVersion, payload),
  commands: {
    'fume.enter-sheet': request('describe-air', { touches: everyBay }),
    'fume.drop-sheet': request('describe-air', { touches: everyBay }),
  },
  decide: decideSheets,
}
