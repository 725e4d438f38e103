import { noiseToday } from '#core/clearance/body-gate'
import { bayLooks, doorLooks } from '#core/opening/looks'
import type { LooksDue } from '#core/opening/looks'
import { gasLooks } from '#core/opening/gas-looks'
import type { GasLooksDue } from '#core/opening/gas-looks'
import type { Addressed } from '#core/streams/commands'
import { baysServed } from '#core/streams/kit-item/kit-item'
import { usualToday } from '#core/opening/usual-outfit'
import { garmentHouseOf } from '#core/streams/house-rules/house-rules'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import type { Placed } from '~/stores/judged'

/** What each bay is due today, at the bay and at the door, from the board and the round; and what records it as sound. */
export function useLooks() {
  const { reading, problem, refresh } = useReading('kit/round', () => ({}), ROUND_RESTS_ON)
  const judged = useJudged()
  const items = computed<readonly KitItem[]>(() => reading.value?.stops.flatMap(stop => stop.items.map(({ item }) => item)) ?? [])
  const lists = computed(() => (reading.value ? listsInForce(reading.value.lists) : []))
  const NONE: LooksDue = { looks: [], byThemselves: [] }

  const atBay = ({ bay, verdict }: Placed): LooksDue => {
    if (!reading.value) return NONE
    const here = items.value.filter(({ assignment }) => baysServed(assignment).includes(bay.bayId))
    return bayLooks(bay.bayId, verdict.byId, here, lists.value, reading.value.today)
  }
  const atDoor = ({ bay, station, verdict }: Placed): LooksDue => {
    if (!reading.value) return NONE
    const worn = items.value.filter(({ assignment }) => assignment?.to === 'person' && assignment.id === station.personId)
    const { rules, now, welders } = judged.standing
    const last = station.personId === null ? null : welders[station.personId]?.outfit ?? null
    const around = { noise: noiseToday(station, judged.viewAt(bay)) }
    return doorLooks(bay.bayId, station, verdict.byId, verdict.outfit, worn, {
      lists: lists.value,
      today: reading.value.today,
      shade: verdict.shade,
      usual: station.job && usualToday(last, station.job, garmentHouseOf(rules), around, now),
    })
  }
  const gas = useReading('gas', () => ({}), among('cylinder/', 'house-rules'))
  const atCylinders = ({ bay }: Placed): GasLooksDue => {
    const here = (gas.reading.value?.cylinders ?? [])
      .map(({ cylinder }) => cylinder)
      .filter(({ standing }) => standing?.in === 'bay' && standing.bayId === bay.bayId)
    return gasLooks(here, judged.standing.kit.cylinders[bay.bayId] ?? [], judged.standing.now)
  }
  return { atBay, atDoor, atCylinders, isRead: computed(() => reading.value !== null), problem, refresh }
}

/** Records one look after the other; the first that is refused ends it, and is said. */
export function useSound() {
  const { send, busy, refused } = useSender()
  async function sound(looks: readonly Addressed[]) {
    for (const { streamId, command } of looks) {
      const sent = await send(command.type, streamId, command.payload)
      if (!sent.ok) return
    }
  }
  return { sound, busy, refused }
}
