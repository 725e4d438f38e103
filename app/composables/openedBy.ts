import type { GateId } from '#core/vocabulary/vocabulary'
import { ofGate } from '#core/clearance/kit-around'
import type { KitAround } from '#core/clearance/kit-around'
import type { Quantities } from '#shared/messages/quantities'
import type { Placed } from '~/stores/floor'

const listed = (parts: readonly string[]): string => parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`

/** What an open gate was opened by, by name: what was looked at, read or set. Null where its own finding says it. */
export function openedBy({ station, verdict }: Placed, gate: GateId, kit: KitAround, q: Quantities): string | null {
  switch (gate) {
    case 'job': return station.job && `Named: ${jobParts(station.job, q).map(({ text }) => text).join(', ')}.`
    case 'eyes': {
      const { helmet, helmetCheck, glasses } = station
      const registered = kit.wornBy(station.personId).find(({ kind }) => kind === 'helmet')
      return listed([registered ? `helmet ${registered.tag}` : helmet ? `helmet set to ${q.shade(helmet.shade)}` : '', helmetCheck ? 'its check' : '', glasses ? `glasses ${words.glasses[glasses.kind]}` : ''].filter(Boolean)).replace(/^./, letter => letter.toUpperCase()) + '.'
    }
    case 'body': return `Looked at: ${listed(verdict.outfit.map(({ zone }) => words.zones[zone]))}.`
    case 'air': return null
    case 'gas': {
      const things = [...kit.cylinders.filter(({ isConnected }) => isConnected), ...ofGate(kit.items, 'gas')].map(({ tag }) => tag)
      return things.length === 0 ? null : `Read, tested and looked at: ${listed(things)}.`
    }
    case 'machine': {
      const things = ofGate(kit.items, 'machine').map(({ tag }) => tag)
      return things.length === 0 ? null : `Looked at: ${listed(things)}; they bear the current.`
    }
    case 'fire': {
      const things = ofGate(kit.items, 'fire').filter(({ kind }) => kind === 'extinguisher').map(({ tag }) => tag)
      return station.fireCheck === null ? null : `Looked over today${things.length > 0 ? `; ${listed(things)} at hand` : ''}.`
    }
  }
}
