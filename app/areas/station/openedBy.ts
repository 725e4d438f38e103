import type { GateId } from '#core/ids/vocabulary'
import { ofGate } from '#core/clearance/kit-around'
import type { Surroundings } from '#core/clearance/surroundings'
import type { Quantities } from '#shared/words/quantities'
import type { Placed } from '~/stores/judged'
import { LOCALES } from '#shared/words/language'
import { language } from '~/words/live'
import { stationPages } from '~/words/station'

const says = stationPages.openedBy

const listed = (parts: readonly string[]): string => new Intl.ListFormat(LOCALES[language.value]).format(parts)

/** What an open gate was opened by, by name: what was looked at, read or set. Null where its own finding says it. */
export function openedBy({ station, verdict }: Placed, gate: GateId, { kit, forPerson }: Surroundings, q: Quantities): string | null {
  switch (gate) {
    case 'job':
      return station.job && says.everythingIsKnownFactsNone(jobParts(station.job, q).length)
    case 'eyes': {
      const { helmet, glasses } = station
      const registered = forPerson(station.personId).worn.find(({ kind }) => kind === 'helmet')
      const worn = registered ? says.helmet(registered.tag) : helmet ? says.helmetAt(q.shade(helmet.shade)) : says.helmet2
      return says.andGlassesPassToday(worn, glasses ? words.glasses[glasses.kind] : says.none)
    }
    case 'body':
      return verdict.outfit.length < 2
        ? null
        : says.allZonesLookedAtFrom(verdict.outfit.length, words.zones[verdict.outfit[0]!.zone], words.zones[verdict.outfit.at(-1)!.zone])
    case 'air':
      return null
    case 'gas': {
      const things = [...kit.cylinders.filter(({ isConnected }) => isConnected), ...ofGate(kit.items, 'gas')].map(({ tag }) => tag)
      return things.length === 0 ? null : says.readTestedAndLookedAt(listed(things))
    }
    case 'machine': {
      const things = ofGate(kit.items, 'machine').map(({ tag }) => tag)
      return things.length === 0 ? null : says.lookedAtTheyBearThe(listed(things))
    }
    case 'fire': {
      const things = ofGate(kit.items, 'fire')
        .filter(({ kind }) => kind === 'extinguisher')
        .map(({ tag }) => tag)
      return station.fireCheck === null ? null : says.lookedOverToday(things.length > 0 ? says.atHand(listed(things)) : '')
    }
  }
}
