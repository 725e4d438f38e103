import type { CommandPayloads, CommandType } from '#core/streams/commands'
import type { Sent, Signature, Target } from '~/stores/outbox'

/** A stream as it is, as it was when the page read it, or several of them. */
type On = string | Target | readonly Target[]
const targetsOf = (on: On): readonly Target[] => {
  if (typeof on === 'string') return [{ id: on, expectedVersion: null }]
  return 'id' in on ? [on] : on
}

/** Sends what is done on a page, and keeps what came of the last of it, for showing beside what caused it. */
export function useSender() {
  const outbox = useOutbox()
  const pending = ref(0)
  /** Something is on its way; two at once are both waited for. */
  const busy = computed(() => pending.value > 0)
  const last = shallowRef<Sent | null>(null)
  const isRefused = computed(() => last.value !== null && !last.value.ok)
  /** Why the last was refused; null where it was not. */
  const refused = computed(() => (last.value === null || last.value.ok ? null : wordsOf(last.value)))
  /** What the server remarked of the last, or why it refused it. */
  const said = computed<readonly string[]>(() => {
    if (last.value === null) return []
    return last.value.ok
      ? last.value.body.findings.map(({ message, todo }) => [message, todo].filter(Boolean).join(' '))
      : [wordsOf(last.value)]
  })

  /** @param signature signs it with a PIN: now or not at all */
  async function send<Type extends CommandType>(type: Type, on: On, payload: CommandPayloads[Type], signature?: Signature): Promise<Sent> {
    pending.value++
    last.value = null
    const targets = targetsOf(on)
    const sent = signature ? await outbox.sendSigned(type, targets, payload, signature) : await outbox.send(type, targets, payload)
    pending.value--
    last.value = sent
    return sent
  }
  const forget = () => {
    last.value = null
  }
  return { send, busy, isRefused, refused, said, forget }
}

/** The same, for a page that does things to one stream. */
export function useSenderTo(streamId: () => string) {
  const { send, ...shown } = useSender()
  const on = (expectedVersion: number | null): Target => ({ id: streamId(), expectedVersion })

  const act = <Type extends CommandType>(
    type: Type,
    payload: CommandPayloads[Type],
    expectedVersion: number | null = null,
  ): Promise<Sent> => send(type, on(expectedVersion), payload)
  const sign = <Type extends CommandType>(
    type: Type,
    payload: CommandPayloads[Type],
    signature: Signature,
    expectedVersion: number | null = null,
  ): Promise<Sent> => send(type, on(expectedVersion), payload, signature)
  return { act, sign, ...shown }
}
