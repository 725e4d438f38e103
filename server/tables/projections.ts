import { kindNamed } from '#core/streams/kinds'
import type { StateOf } from '#core/streams/kinds'
import type { StreamKindName } from '#core/ids/streams'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { setDeadlines } from '../database/deadline'
import { writePermit } from './permit'
import { writePerson } from './person'
import { writeSite } from './site'
import { writeStation } from './station'
import { writeKitItem } from './kit-item'
import { writeHouseRules } from './house-rules'
import { writePlace } from './place'
import { writeMonitor } from './monitor'
import { writeNotice } from './notice'
import { writeCylinder } from './cylinder'
import { writeCheckLists } from './check-lists'
import { writeHall } from './hall'
import { writeSheets } from './fume-sheets'
import { writeSamples } from './samples'
import { writeDayPlans } from './day-plans'
import { writeWardrobe } from './wardrobe'

/**
 * What writes the row of a stream, to be sent with whatever else a command changes. Rows that have to be written in an order are
 * written at once; they give nothing back.
 */
type Write<State> = (
  db: Queryable,
  siteId: string,
  id: string,
  version: number,
  state: State,
) => readonly Statement[] | Promise<readonly Statement[]>

/** Most rows need nothing of the database to be written. */
const row
  = <State>(write: (siteId: string, id: string, version: number, state: State) => readonly Statement[]): Write<State> =>
    (_db, siteId, id, version, state) =>
      write(siteId, id, version, state)
/** A stream of which a site has one needs no id of its own in its table. */
const rowOfSite
  = <State>(write: (siteId: string, version: number, state: State) => readonly Statement[]): Write<State> =>
    (_db, siteId, _id, version, state) =>
      write(siteId, version, state)

/** The read table of each kind of stream. A kind without one does not compile; the seals are read from their events. */
const WRITES: { readonly [Name in StreamKindName]: Write<StateOf<Name>> } = {
  'site': rowOfSite(writeSite),
  'house-rules': rowOfSite(writeHouseRules),
  'person': row(writePerson),
  'station': row(writeStation),
  'hall': row(writeHall),
  'fume-sheets': rowOfSite(writeSheets),
  'samples': row(writeSamples),
  'item': writeKitItem,
  'cylinder': row(writeCylinder),
  'check-lists': (db, siteId, _id, version, state) => writeCheckLists(db, siteId, version, state),
  'place': row(writePlace),
  'permit': writePermit,
  'notice': row(writeNotice),
  'monitor': row(writeMonitor),
  'seal': () => [],
  'wardrobe': rowOfSite(writeWardrobe),
  'day-plans': rowOfSite(writeDayPlans),
}

/** What writes all that is derived from a stream's state: its row, and what falls due for it. */
export async function project(
  db: Queryable,
  siteId: string,
  name: StreamKindName,
  streamId: string,
  version: number,
  state: unknown,
): Promise<readonly Statement[]> {
  const id = streamId.slice(streamId.indexOf('/') + 1)
  const rows = await (WRITES[name] as Write<unknown>)(db, siteId, id, version, state)
  const { clock } = kindNamed(name)
  return clock ? [...rows, ...setDeadlines(siteId, streamId, clock.dueOf(state))] : rows
}
