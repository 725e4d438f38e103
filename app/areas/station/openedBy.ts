import type { GateId } from '#core/ids/vocabulary'
import { ofGate } from '#core/clearance/kit-around'
import type { Surroundings } from '#core/clearance/surroundings'
import type { Quantities } from '#shared/words/quantities'
import type { Placed } from '~/stores/judged'

const list = new Intl.ListFormat('en-GB')
const listed = (parts: readonly string[]): string => list.format(parts)

/** What an open gate was opened by, by name: what was looked at, read or set. Null where its own finding says it. */
export function openedBy({ station, verdict }: Placed, gate: GateId, { kit, forPerson }: Surroundings, q: Quantities): string | null {
  switch (gate) {
    case 'job':
      return station.job && `Everything is known: ${jobParts(station.job, q).length} facts, none in pencil.`
    case 'eyes': {
      const { helmet, glasses } = station
      const registered = forPerson(station.personId).worn.find(({ kind }) => kind === 'helmet')
      const worn = registered ? `Helmet ${registered.tag}` : helmet ? `Helmet at ${q.shade(helmet.shade)}` : 'Helmet'
      return `${worn} and glasses (${glasses ? words.glasses[glasses.kind] : 'none'}) pass today.`
    }
    case 'body':
      return verdict.outfit.length < 2
        ? null
        : `All ${verdict.outfit.length} zones looked at, from ${words.zones[verdict.outfit[0]!.zone]} to ${words.zones[verdict.outfit.at(-1)!.zone]}.`
    case 'air':
      return null
    case 'gas': {
      const things = [...kit.cylinders.filter(({ isConnected }) => isConnected), ...ofGate(kit.items, 'gas')].map(({ tag }) => tag)
      return things.length === 0 ? null : `Read, tested and looked at: ${listed(things)}.`
    }
    case 'machine': {
      const things = ofGate(kit.items, 'machine').map(({ tag }) => tag)
      return things.length === 0 ? null : `Looked at: ${listed(things)}; they bear the current.`
    }
    case 'fire': {
      const things = ofGate(kit.items, 'fire')
        .filter(({ kind }) => kind === 'extinguisher')
        .map(({ tag }) => tag)
      return station.fireCheck === null ? null : `Looked over today${things.length > 0 ? `; ${listed(things)} at hand` : ''}.`
    }
  }
}
