import type { CommandPayloads, CommandType } from '#core/streams/commands'
import type { Sent } from '~/stores/outbox'

type ThingCommand = Extract<CommandType, `item.${string}` | `cylinder.${string}` | `place.${string}` | `check-lists.${string}` | `permit.${string}`>

/** Does things to one stream of the store or of hot work, and keeps what the server remarked or refused for showing. */
export function useThing(streamId: () => string) {
  const outbox = useOutbox()
  const said = ref<readonly string[]>([])
  const isRefused = ref(false)
  const busy = ref(false)

  async function act<Type extends ThingCommand>(type: Type, payload: CommandPayloads[Type], expectedVersion: number | null = null): Promise<Sent> {
    busy.value = true
    const sent = await outbox.send(type, [{ id: streamId(), expectedVersion }], payload)
    return told(sent)
  }

  /** The same, signed with a PIN: now or not at all. */
  async function sign<Type extends ThingCommand>(type: Type, payload: CommandPayloads[Type], signature: { readonly personId: string, readonly pin: string }, expectedVersion: number | null = null): Promise<Sent> {
    busy.value = true
    return told(await outbox.sendSigned(type, [{ id: streamId(), expectedVersion }], payload, signature))
  }

  function told(sent: Sent): Sent {
    busy.value = false
    isRefused.value = !sent.ok
    said.value = sent.ok ? sent.body.findings.map(({ message, todo }) => [message, todo].filter(Boolean).join(' ')) : [wordsOf(sent)]
    return sent
  }
  return { act, sign, said, isRefused, busy }
}
