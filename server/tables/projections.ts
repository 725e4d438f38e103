import { kindNamed } from '#core/streams/kinds'
import type { StateOf } from '#core/streams/kinds'
import type { StreamKindName } from '#core/ids/streams'
import type { Queryable } from '../database/connection'
import { setDeadlines } from '../database/deadline'
import { writePermit } from './permit'
import { writePerson } from './person'
import { writeSite } from './site'
import { writeStation } from './station'
import { writeKitItem } from './kit-item'
import { writeHouseRules } from './house-rules'
import { writePlace } from './place'
import { writeNotice } from './notice'
import { writeCylinder } from './cylinder'
import { writeCheckLists } from './check-lists'
import { writeHall } from './hall'
import { writeSheets } from './fume-sheets'
import { writeSamples } from './samples'

type Write<State> = (db: Queryable, siteId: string, id: string, version: number, state: State) => Promise<void>

/** A stream of which a site has one needs no id of its own in its table. */
const ofSite
  = <State>(write: (db: Queryable, siteId: string, version: number, state: State) => Promise<void>): Write<State> =>
    (db, siteId, _id, version, state) =>
      write(db, siteId, version, state)

/** The read table of each kind of stream. A kind without one does not compile; the seals are read from their events. */
const WRITES: { readonly [Name in StreamKindName]: Write<StateOf<Name>> } = {
  'site': ofSite(writeSite),
  'house-rules': ofSite(writeHouseRules),
  'person': writePerson,
  'station': writeStation,
  'hall': writeHall,
  'fume-sheets': ofSite(writeSheets),
  'samples': writeSamples,
  'item': writeKitItem,
  'cylinder': writeCylinder,
  'check-lists': ofSite(writeCheckLists),
  'place': writePlace,
  'permit': writePermit,
  'notice': writeNotice,
  'seal': async () => {},
}

/** Writes what is derived from a stream's state: its row, and what falls due for it. */
export async function project(
  db: Queryable,
  siteId: string,
  name: StreamKindName,
  streamId: string,
  version: number,
  state: unknown,
): Promise<void> {
  const id = streamId.slice(streamId.indexOf('/') + 1)
  await (WRITES[name] as Write<unknown>)(db, siteId, id, version, state)
  const { clock } = kindNamed(name)
  if (clock) await setDeadlines(db, siteId, streamId, clock.dueOf(state))
}
