import type { DBSchema, IDBPDatabase } from 'idb'
import { openDB } from 'idb'
import { defineStore } from 'pinia'
import type { CommandPayloads, CommandType } from '#core/command/commands'
import type { CommandAccepted } from '#shared/readings'
import type { Reply } from '~/composables/useApi'

/** A command as it waits to be sent: it belongs to who made it. */
export interface Waiting {
  readonly id: string
  readonly type: CommandType
  readonly streams: readonly { readonly id: string, readonly expectedVersion: number | null }[]
  readonly at: string
  readonly deviceId: string
  readonly deviceSeq: number
  readonly payload: unknown
  readonly authorId: string
}

interface OutboxSchema extends DBSchema {
  waiting: { key: string, value: Waiting, indexes: { order: number } }
}

const RETRY_MS = 3000

/** A random UUID from getRandomValues: a phone on plain http has no randomUUID. */
export function makeUuid(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = (bytes[6]! & 0x0f) | 0x40
  bytes[8] = (bytes[8]! & 0x3f) | 0x80
  const hex = [...bytes].map(byte => byte.toString(16).padStart(2, '0')).join('')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`
}

function deviceId(): string {
  const known = localStorage.getItem('zonaris-device')
  if (known) return known
  const made = makeUuid()
  localStorage.setItem('zonaris-device', made)
  return made
}

function nextSeq(): number {
  const seq = Number(localStorage.getItem('zonaris-device-seq') ?? 0) + 1
  localStorage.setItem('zonaris-device-seq', String(seq))
  return seq
}

export type Sent = Reply<CommandAccepted>

/**
 * Commands on their way to the server. Each is kept on the device until the server has answered it, through reloads and
 * lost signal, and sent in the order it was made, only while its author is signed in.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = ref<readonly Waiting[]>([])
  /** Refusals of things done before a reload: the page that did them is gone, so the frame tells. */
  const refusedLater = ref<readonly { readonly id: string, readonly type: CommandType, readonly said: string }[]>([])
  const answers = new Map<string, (sent: Sent) => void>()
  const session = useSession()
  const clock = useClock()
  let database: Promise<IDBPDatabase<OutboxSchema>> | undefined
  let sending = false
  let loaded = false
  let onAccepted: (accepted: CommandAccepted) => void = () => {}

  const open = () => database ??= openDB<OutboxSchema>('zonaris', 1, {
    upgrade(db) { db.createObjectStore('waiting', { keyPath: 'id' }).createIndex('order', 'deviceSeq') },
  })

  async function load() {
    if (loaded) return void flush()
    loaded = true
    waiting.value = await (await open()).getAllFromIndex('waiting', 'order')
    setInterval(() => void flush(), RETRY_MS)
    window.addEventListener('online', () => void flush())
    void flush()
  }

  /** Makes a command here and now, keeps it, and sends it. Resolves when the server has answered. */
  async function send<Type extends CommandType>(type: Type, streams: readonly { id: string, expectedVersion: number | null }[], payload: CommandPayloads[Type]): Promise<Sent> {
    const command: Waiting = {
      id: makeUuid(), type, streams, payload: JSON.parse(JSON.stringify(payload)) as unknown, at: clock.nowIso(), deviceId: deviceId(), deviceSeq: nextSeq(), authorId: session.person?.personId ?? '',
    }
    waiting.value = [...waiting.value, command]
    const answered = new Promise<Sent>(resolve => answers.set(command.id, resolve))
    await (await open()).put('waiting', command)
    void flush()
    return answered
  }

  /**
   * Sends a command signed with a PIN, now or not at all: a PIN is never kept on the device, so a signed command cannot
   * wait for a connection.
   */
  async function sendSigned<Type extends CommandType>(
    type: Type, streams: Waiting['streams'], payload: CommandPayloads[Type], signature: { readonly personId: string, readonly pin: string },
  ): Promise<Sent> {
    const at = clock.nowIso()
    const sent = await ask<CommandAccepted>('commands', { method: 'POST', body: { id: makeUuid(), type, streams, payload, at, sentAt: at, deviceId: deviceId(), deviceSeq: nextSeq(), signature } })
    if (sent.ok) onAccepted(sent.body)
    return sent
  }

  async function flush(): Promise<void> {
    if (sending) return
    sending = true
    try {
      for (;;) {
        const next = waiting.value.find(({ authorId }) => authorId === session.person?.personId)
        if (!next || !await post(next)) return
      }
    }
    finally { sending = false }
  }

  /** True when the server has answered, yes or no; false when the command must wait. */
  async function post(command: Waiting): Promise<boolean> {
    const { authorId: _author, ...envelope } = command
    const reply = await ask<CommandAccepted>('commands', { method: 'POST', body: { ...envelope, sentAt: clock.nowIso() } })
    if (!reply.ok && ('unreachable' in reply || reply.refusal.status >= 500 || reply.refusal.status === 429 || reply.refusal.status === 401)) {
      if (!('unreachable' in reply) && reply.refusal.status === 401) await session.load()
      return false
    }
    await (await open()).delete('waiting', command.id)
    if (reply.ok) onAccepted(reply.body)
    waiting.value = waiting.value.filter(({ id }) => id !== command.id)
    const answered = answers.get(command.id)
    if (answered) answered(reply)
    else if (!reply.ok) refusedLater.value = [...refusedLater.value, { id: command.id, type: command.type, said: wordsOf(reply) }]
    answers.delete(command.id)
    return true
  }

  const dismiss = (id: string) => { refusedLater.value = refusedLater.value.filter(refusal => refusal.id !== id) }

  return { waiting, refusedLater, dismiss, load, send, sendSigned, flush, whenAccepted: (told: (accepted: CommandAccepted) => void) => { onAccepted = told } }
})
