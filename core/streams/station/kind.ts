import { finding } from '../../findings/finding'
import { stationStream } from '../../ids/streams'
import type { Asks } from '../asks'
import { hallmatesOf, refuseBayId, refuseClosedBay } from '../bay-ids'
import { isOwnPermit } from '../permit/named-in'
import { refuseFromPost } from '../person/kind'
import { actorWord, dayEndsAfter } from '../scene'
import { placeOfBay, report, request } from '../stream-kind'
import type { Scene } from '../scene'
import type { StreamKind, Touched, Touching } from '../stream-kind'
import { decideStation, placedBy } from './decide-station'
import type { StationCommand } from './decide-station'
import { checksLapseAt, EMPTY_STATION, evolveStation, upcastStation } from './station'
import type { Station, StationEvent } from './station'

const whoComes = (command: StationCommand, bayId: string): readonly string[] => {
  if (command.type === 'station.take-helper') return [command.payload.personId]
  const personId = placedBy(command, bayId)
  return personId == null ? [] : [personId]
}
/** The air of a hall is one, and a person's day is one wherever they stood. */
const itsHall = (_station: Station, command: StationCommand, { site, id }: Touching): Touched => {
  const bayIds = hallmatesOf(site, id)
  const whoGoes = command.type === 'station.end-help' ? [command.payload.personId] : []
  return { bayIds, sharedWorkWith: bayIds, personIds: [...whoComes(command, id), ...whoGoes] }
}
const touches = itsHall
/** The bays that a class is brought to. */
const baysOfClass = ({ payload }: Extract<StationCommand, { readonly type: 'station.place-people' }>): readonly string[] =>
  Object.keys(payload.people)
const asksWhoComes = (_station: Station, command: StationCommand, { id }: Scene): Asks =>
  ({ people: whoComes(command, id), posts: whoComes(command, id) })

/** A place where one person strikes one arc. */
export const stationKind: StreamKind<'station', Station, StationEvent, StationCommand> = {
  id: 'station',
  initial: EMPTY_STATION,
  evolve: evolveStation,
  newestVersions: { 'job-set': 3, 'job-cleared': 2, 'person-placed': 2, 'hood-placed': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastStation(type, typeVersion, payload),
  commands: {
    'station.set-job': request('set-jobs', { touches }),
    'station.clear-job': request('set-jobs', { touches }),
    'station.place-person': request('place-people', { touches, asks: asksWhoComes }),
    'station.place-people': request('place-people', {
      touches,
      asks: asksWhoComes,
      speaksOf: baysOfClass,
    }),
    'station.take-helper': request('place-people', { touches, asks: asksWhoComes }),
    'station.end-help': request('place-people', { touches }),
    'station.check-helper': report('door-checks'),
    'station.set-helmet': report('door-checks'),
    'station.check-helmet': report('door-checks'),
    'station.check-glasses': report('door-checks'),
    'station.place-hood': report('door-checks', { touches }),
    'station.check-extraction': report('door-checks', { touches }),
    'station.check-outfit': report('door-checks'),
    'station.check-fire': report('inspect'),
    'station.check-laser-cell': report('door-checks'),
    'station.hand-over': report('hand-over'),
    'station.stop': report('stop'),
    'station.stop-all': report('stop', {
      // Of those out of use too: somebody may stand there all the same.
      targets: ({ bays }) => bays.map(({ bayId }) => stationStream(bayId)),
    }),
    'station.give-stop-reason': report('stop'),
    'station.reopen': request('reopen'),
    'station.lapse-checks': report('door-checks', { touches }),
  },
  decide(station, command, asked) {
    // What stops work there is heard all the same, and nobody is kept at a bay that is out of use.
    const beginsWork = command.type === 'station.set-job' || command.type === 'station.take-helper' || placedBy(command, asked.id) != null
    const closed = beginsWork ? refuseClosedBay(asked.id, asked.site) : null
    if (closed) return { refused: [closed] }
    for (const personId of whoComes(command, asked.id)) {
      const person = asked.answer('people')[personId]
      if (!person) return { refused: [finding('hold', 'command.person-unknown', { personId })] }
      if (person.hasLeft) return { refused: [finding('hold', 'command.person-has-left', { name: person.name })] }
      const refused = refuseFromPost(personId, asked)
      if (refused) return { refused: [refused] }
    }
    return decideStation(station, command, {
      bayId: asked.id,
      at: asked.at,
      now: asked.now,
      by: actorWord(asked.actor),
      checksValidUntil: dayEndsAfter(asked, asked.at),
    })
  },
  refuseId: refuseBayId,
  placeOf(_station, command, { site, id, actor, permits }) {
    const place = placeOfBay(site, id)
    // A watch hands over the bay that its permit is for.
    return command.type === 'station.hand-over'
      ? { ...place, isOwnPermit: permits.some(permit => isOwnPermit(permit, actor, command.type)) }
      : place
  },
  placeRestsOn: (command, id) => (command.type === 'station.hand-over' ? { bayId: id } : null),
  clock: {
    dueOf(station) {
      const dueAt = checksLapseAt(station)
      return dueAt === null ? [] : [{ kind: 'checks-lapse', dueAt }]
    },
    commandFor: ({ kind }) => (kind === 'checks-lapse' ? { type: 'station.lapse-checks', payload: {} } : null),
  },
}
