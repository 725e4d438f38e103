import type { CommandPayloads } from '#core/streams/commands'
import type { StationCommands } from '#core/streams/station/decide-station'
import type { Sent } from '~/stores/outbox'
import { stationStream } from '#core/ids/streams'

/** Does things to one bay, and keeps the last refusal for showing. */
export function useStationCommands(bayId: () => string) {
  const outbox = useOutbox()
  const refused = ref<string | null>(null)

  async function act<Type extends keyof StationCommands>(type: Type, payload: CommandPayloads[Type], expectedVersion: number | null = null): Promise<Sent> {
    refused.value = null
    const sent = await outbox.send(type, [{ id: stationStream(bayId()), expectedVersion }], payload)
    if (!sent.ok) refused.value = wordsOf(sent)
    return sent
  }
  return { act, refused }
}
