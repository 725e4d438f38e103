import { parseDate } from '@internationalized/date'
import type { CommandOf } from '#core/streams/commands'
import { connectingSteps, jointsFor } from '#core/cylinder/guided-steps'
import { listsFor } from '#core/inspection/built-in-lists'
import type { Answer, Check, CheckList } from '#core/inspection/check-list'
import { bayIdOf } from './fenmarsh'
import { CYLINDERS, PLACES } from './cylinders'
import type { DemoCylinder } from './cylinders'
import { COMPETENT, ITEMS } from './kit-items'
import type { DemoItem } from './kit-items'
import { cylinderStream, kitItemStream, personStream, placeStream } from '#core/ids/streams'

/** Sends a command as somebody of the yard, perhaps as of an earlier day. */
export type SendAt = (streamId: string, what: CommandOf, at?: string) => Promise<void>

const passing = (check: Check): Answer =>
  check.asks === 'yes-no' ? true : check.asks === 'choice' ? check.passing[0]! : (check.atMost ?? check.atLeast!)
const pass = ({ id, version, checks }: CheckList): CommandOf => ({
  type: 'item.inspect',
  payload: { listId: id, listVersion: version, answers: Object.fromEntries(checks.map(check => [check.id, passing(check)])) },
})

async function loadItem(
  send: SendAt,
  nowIso: string,
  { tag, kind, name, marks = {}, to, daysAgo = {}, never = [], today, taggedOut }: DemoItem,
): Promise<void> {
  const stream = kitItemStream(tag)
  const ago = (days: number): string => `${parseDate(nowIso.slice(0, 10)).subtract({ days }).toString()}T12:00:00.000Z`
  await send(stream, { type: 'item.register', payload: { kind, name, marks } }, ago(420))
  if (to) await send(stream, { type: 'item.assign', payload: { assignment: to } }, ago(420))
  for (const list of listsFor(kind)) {
    const short = list.id.split('.')[1]!
    if (list.every.unit === 'use' ? today : !never.includes(short))
      await send(stream, pass(list), list.every.unit === 'use' ? nowIso : ago(daysAgo[short] ?? 1))
  }
  if (taggedOut) await send(stream, { type: 'item.tag-out', payload: { reason: taggedOut } })
}

async function loadCylinder(
  send: SendAt,
  { tag, marks, lay, at, stance = {}, gaugeKPa, grossKg, bay, jointsTested, deliveryKPa, isEmpty }: DemoCylinder,
): Promise<void> {
  const stream = cylinderStream(tag)
  await send(stream, {
    type: 'cylinder.receive',
    payload: { ...marks, lay: lay ?? null, place: { ...at, isUpright: true, isSecured: true, isCapped: true, ...stance } },
  })
  if (bay) await send(stream, { type: 'cylinder.connect', payload: { bayId: bayIdOf(bay), steps: connectingSteps(marks.gas) } })
  if (gaugeKPa !== undefined)
    await send(stream, { type: 'cylinder.read', payload: { by: 'pressure', gaugePressureKPa: gaugeKPa, temperatureC: 16 } })
  if (grossKg !== undefined) await send(stream, { type: 'cylinder.read', payload: { by: 'weight', grossKg } })
  if (jointsTested)
    await send(stream, {
      type: 'cylinder.test-joints',
      payload: { joints: Object.fromEntries(jointsFor(marks.gas).map(joint => [joint, true])) },
    })
  if (deliveryKPa !== undefined) await send(stream, { type: 'cylinder.set-delivery', payload: { gaugeKPa: deliveryKPa } })
  if (isEmpty) await send(stream, { type: 'cylinder.note-empty', payload: {} })
}

/** Loads places, cylinders and things: kept by the store keeper, looked at by the instructor, named by the lead. */
export async function loadKitAndCylinders(lead: SendAt, keeper: SendAt, instructor: SendAt, nowIso: string): Promise<void> {
  for (const [personId, competences] of Object.entries(COMPETENT))
    await lead(personStream(personId), { type: 'person.name-competent', payload: { competences } })
  for (const { placeId, store, ...place } of PLACES) {
    await keeper(placeStream(placeId), { type: 'place.describe', payload: place })
    if (store) await keeper(placeStream(placeId), { type: 'place.lay-out-store', payload: { store } })
  }
  for (const item of ITEMS) await loadItem(item.taggedOut ? instructor : keeper, nowIso, item)
  for (const cylinder of CYLINDERS) await loadCylinder(keeper, cylinder)
}
