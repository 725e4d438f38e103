import type { CommandPayloads, CommandType } from '#core/command/commands'
import type { Sent } from '~/stores/outbox'

type ThingCommand = Extract<CommandType, `item.${string}` | `cylinder.${string}` | `place.${string}` | `check-lists.${string}`>

/** Does things to one stream of the store, and keeps what the server remarked or refused for showing. */
export function useThing(streamId: () => string) {
  const outbox = useOutbox()
  const said = ref<readonly string[]>([])
  const isRefused = ref(false)
  const busy = ref(false)

  async function act<Type extends ThingCommand>(type: Type, payload: CommandPayloads[Type], expectedVersion: number | null = null): Promise<Sent> {
    busy.value = true
    const sent = await outbox.send(type, [{ id: streamId(), expectedVersion }], payload)
    busy.value = false
    isRefused.value = !sent.ok
    said.value = sent.ok ? sent.body.findings.map(({ message, todo }) => [message, todo].filter(Boolean).join(' ')) : [wordsOf(sent)]
    return sent
  }
  return { act, said, isRefused, busy }
}
