import type { DBSchema, IDBPDatabase } from 'idb'
import { openDB } from 'idb'
import { defineStore } from 'pinia'
import type { CommandPayloads, CommandType } from '#core/streams/commands'
import { URGENT_COMMANDS } from '#core/streams/urgent'
import type { CommandAccepted } from '#shared/contract/readings'
import type { Reply } from '~/frame/useApi'

/** A stream that a command changes, and its version as whoever sends it knew it; null: as it is. */
export interface Target {
  readonly id: string
  readonly expectedVersion: number | null
}

/** Who signs, and their PIN: never kept. */
export interface Signature {
  readonly personId: string
  readonly pin: string
}

/** A command as it waits to be sent: it belongs to who made it. */
export interface Waiting {
  readonly id: string
  readonly type: CommandType
  readonly streams: readonly Target[]
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
/** An urgent command that is not answered by then is sent again, ms: a line that hangs is no line. */
const URGENT_TIMEOUT_MS = 5000
/** One that the server failed to answer waits twice as long each time, at most this long, ms. */
const LONGEST_BACK_OFF_MS = 60_000

/** A command that was made on this screen, and what the server answered to it: null while it waits. */
export interface DoneHere {
  readonly command: Waiting
  readonly accepted: CommandAccepted | null
}

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
  // One that the door would refuse is none: on this device no Stop would ever be heard.
  if (known && /^[A-Za-z0-9][\w-]{0,63}$/.test(known)) return known
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
 * The version of a stream that what was sent made it: whoever changes more is neither refused for what they did themselves,
 * nor does their next change pass over what somebody else did meanwhile.
 */
export const versionAfter = ({ streams }: CommandAccepted, streamId: string, before: number): number =>
  streams.find(({ id }) => id === streamId)?.version ?? before

/**
 * Did the shop itself answer this very command, yes or no? Whatever stands in between (a proxy that knows no such page, a
 * hotel's own sign-in) answers too, and has heard nothing.
 */
export function isAnswer({ id }: Pick<Waiting, 'id'>, reply: Exclude<Sent, { unreachable: true }>): boolean {
  if (reply.ok) return reply.body.commandId === id
  return reply.refusal.status === 409 || reply.refusal.status === 422
}

/** What became of one sending: answered yes or no; not now, by the server or for want of a line; or nobody is signed in for it. */
type Outcome = 'answered' | 'failed' | 'unreachable' | 'signed-out'

/**
 * Commands on their way to the server. Each is kept on the device until the server has answered it, through reloads and
 * lost signal. What is urgent goes at once and by itself, before it is on the disk and whoever is signed in. The rest goes in the
 * order it was made, only while its author is signed in; one that fails holds up only what changes the same thing.
 */
export const useOutbox = defineStore('outbox', () => {
  const waiting = shallowRef<readonly Waiting[]>([])
  /** Accepted, and not in what this screen shows of the record yet: it stands, though what was read last does not say so. */
  const settled = shallowRef<readonly DoneHere[]>([])
  /** Refusals of things done before a reload: the page that did them is gone, so the frame tells. */
  const refusedLater = shallowRef<readonly { readonly id: string, readonly type: CommandType, readonly said: string }[]>([])
  /** Urgent commands that were sent and not heard yet, with what stands in the way. */
  const unheard = shallowRef<ReadonlyMap<string, Exclude<Outcome, 'answered'>>>(new Map())
  /** The device keeps nothing on its disk: what waits lives in this page alone. */
  const diskFails = ref(false)
  /** How much of what was done on this screen was accepted since it was loaded. */
  const acceptedHere = ref(0)
  /** Something that was done here stands. */
  function accept(body: CommandAccepted) {
    acceptedHere.value++
    onAccepted(body)
  }
  const answers = new Map<string, (sent: Sent) => void>()
  const failures = new Map<string, { readonly times: number, readonly retryAtMs: number }>()
  const inFlight = new Set<string>()
  const session = useSession()
  const clock = useClock()
  let database: Promise<IDBPDatabase<OutboxSchema>> | undefined
  let sending = false
  let loaded = false
  let shownUpTo = 0
  let onAccepted: (accepted: CommandAccepted) => void = () => {}

  const isUrgent = ({ type }: Pick<Waiting, 'type'>): boolean => URGENT_COMMANDS.has(type)
  const urgent = computed(() => waiting.value.filter(isUrgent))

  const open = () => database ??= openDB<OutboxSchema>('zonaris', 1, {
    upgrade(db) { db.createObjectStore('waiting', { keyPath: 'id' }).createIndex('order', 'deviceSeq') },
  })

  /** Does something with the disk; where there is none, memory goes on alone and the screen says so. */
  async function onDisk<Result>(work: (db: IDBPDatabase<OutboxSchema>) => Promise<Result>): Promise<Result | null> {
    try {
      return await work(await open())
    } catch {
      diskFails.value = true
      return null
    }
  }

  async function load() {
    if (loaded) return void flush()
    loaded = true
    const kept = await onDisk(db => db.getAllFromIndex('waiting', 'order')) ?? []
    const known = new Set(waiting.value.map(({ id }) => id))
    waiting.value = [...kept.filter(({ id }) => !known.has(id)), ...waiting.value]
    setInterval(() => void flush(), RETRY_MS)
    window.addEventListener('online', () => void flush())
    void flush()
  }

  /** Makes a command here and now, keeps it, and sends it. Resolves when the server has answered. */
  async function send<Type extends CommandType>(type: Type, streams: readonly Target[], payload: CommandPayloads[Type]): Promise<Sent> {
    const command: Waiting = {
      id: makeUuid(),
      type,
      streams,
      payload: JSON.parse(JSON.stringify(payload)) as unknown,
      at: clock.nowIso(),
      deviceId: deviceId(),
      deviceSeq: nextSeq(),
      authorId: session.person?.personId ?? '',
    }
    waiting.value = [...waiting.value, command]
    const answered = new Promise<Sent>(resolve => answers.set(command.id, resolve))
    // Memory before disk: a stop does not wait for a disk, and one that is already answered is not kept.
    if (isUrgent(command)) void sendUrgent(command)
    // Somebody does something more there: what waits before it is tried again now.
    else
      for (const { id, streams: held } of waiting.value)
        if (held.some(stream => streams.some(own => own.id === stream.id))) failures.delete(id)
    await onDisk(async (db) => {
      await db.put('waiting', command)
      if (!waiting.value.some(({ id }) => id === command.id)) await db.delete('waiting', command.id)
    })
    void flush()
    return answered
  }

  /**
   * Sends a command signed with a PIN, now or not at all: a PIN is never kept on the device, so a signed command cannot
   * wait for a connection.
   */
  async function sendSigned<Type extends CommandType>(
    type: Type, streams: readonly Target[], payload: CommandPayloads[Type], signature: Signature,
  ): Promise<Sent> {
    const at = clock.nowIso()
    const sent = await sendTo('commands', {
      id: makeUuid(),
      type,
      streams: [...streams],
      payload,
      at,
      sentAt: at,
      deviceId: deviceId(),
      deviceSeq: nextSeq(),
      signature,
    })
    if (sent.ok) accept(sent.body)
    return sent
  }

  async function sendUrgent(command: Waiting): Promise<void> {
    // Why it was stopped is told after the stop itself was heard.
    const isAfterStop
      = command.type === 'station.give-stop-reason'
        && urgent.value.some(({ type }) => type === 'station.stop' || type === 'station.stop-all')
    if (isAfterStop || inFlight.has(command.id)) return
    const outcome = await post(command, AbortSignal.timeout(URGENT_TIMEOUT_MS))
    const next = new Map(unheard.value)
    if (outcome === 'answered') next.delete(command.id)
    else next.set(command.id, outcome)
    unheard.value = next
  }

  async function flush(): Promise<void> {
    for (const command of urgent.value) void sendUrgent(command)
    if (sending) return
    sending = true
    try {
      await sendInOrder()
    } finally {
      sending = false
    }
  }

  /** The ordinary lane: what shares a stream with one that waits, waits behind it. */
  async function sendInOrder(): Promise<void> {
    const held = new Set<string>()
    const passed = new Set<string>()
    for (;;) {
      const next = waiting.value.find(
        command => !isUrgent(command) && command.authorId === session.person?.personId && !passed.has(command.id),
      )
      if (!next) return
      passed.add(next.id)
      const isHeld = next.streams.some(({ id }) => held.has(id)) || (failures.get(next.id)?.retryAtMs ?? 0) > Date.now()
      const outcome = isHeld ? 'failed' : await post(next)
      if (outcome === 'unreachable' || outcome === 'signed-out') return
      if (outcome === 'failed') for (const { id } of next.streams) held.add(id)
    }
  }

  async function post(command: Waiting, signal?: AbortSignal): Promise<Outcome> {
    if (inFlight.has(command.id)) return 'failed'
    inFlight.add(command.id)
    try {
      const { authorId, ...envelope } = command
      // What somebody else did before is the device's word, not that of whoever is signed in now.
      const as = isUrgent(command) && authorId !== session.person?.personId ? 'device' : undefined
      const reply = await sendTo('commands', { ...envelope, streams: [...envelope.streams], sentAt: clock.nowIso() }, { as, signal })
      if (!reply.ok && 'unreachable' in reply) return 'unreachable'
      if (!reply.ok && reply.refusal.status === 401) {
        await session.load()
        return 'signed-out'
      }
      if (!isAnswer(command, reply) && (reply.ok || isUrgent(command) || reply.refusal.status >= 500 || reply.refusal.status === 429)) {
        const times = (failures.get(command.id)?.times ?? 0) + 1
        failures.set(command.id, { times, retryAtMs: Date.now() + Math.min(LONGEST_BACK_OFF_MS, RETRY_MS * 2 ** (times - 1)) })
        return 'failed'
      }
      if (reply.ok && reply.body.position > shownUpTo) settled.value = [...settled.value, { command, accepted: reply.body }]
      waiting.value = waiting.value.filter(({ id }) => id !== command.id)
      failures.delete(command.id)
      await onDisk(db => db.delete('waiting', command.id))
      if (reply.ok) accept(reply.body)
      const answered = answers.get(command.id)
      answered?.(reply)
      // A stop that was refused is told whatever page it was pressed on.
      if (!reply.ok && (!answered || isUrgent(command)))
        refusedLater.value = [...refusedLater.value, { id: command.id, type: command.type, said: wordsOf(reply) }]
      answers.delete(command.id)
      return 'answered'
    } finally { inFlight.delete(command.id) }
  }

  /** The record is shown up to a position; without end where nothing is shown at all, and what comes then says all of it. */
  const shown = (upTo: number) => {
    shownUpTo = upTo
    settled.value = settled.value.filter(({ accepted }) => accepted !== null && accepted.position > upTo)
  }

  const dismiss = (id: string) => {
    refusedLater.value = refusedLater.value.filter(refusal => refusal.id !== id)
  }

  return {
    waiting,
    settled,
    urgent,
    unheard,
    diskFails,
    acceptedHere,
    refusedLater,
    dismiss,
    load,
    send,
    sendSigned,
    flush,
    shown,
    whenAccepted: (told: (accepted: CommandAccepted) => void) => {
      onAccepted = told
    },
  }
})
