import { minutesAfter } from '#core/time/instant'
import { precautionsFor } from '#core/hotwork/precautions'
import { PERMITS } from './permits'
import type { DemoPermit } from './permits'
import type { SendAt } from './load-kit-and-cylinders'
import { kitItemStream, permitStream } from '#core/ids/streams'

/** Loads one permit through its whole life so far, each step by whoever did it, at its time. */
async function loadPermit(
  sendAs: (personId: string) => SendAt,
  nowIso: string,
  { permitId, requestedBy, request, fromMin, untilMin, seenTo, live }: DemoPermit,
): Promise<void> {
  const stream = permitStream(permitId)
  const at = (minutes: number): string => minutesAfter(nowIso, minutes)
  const requester = sendAs(requestedBy)
  await requester(stream, { type: 'permit.request', payload: { ...request, fromAt: at(fromMin), untilAt: at(untilMin) } }, at(fromMin))
  const { what: _what, ...job } = request.job
  for (const { id } of precautionsFor({ ...request.facts, designated: false }, job, request.conditions).slice(0, seenTo))
    await requester(stream, { type: 'permit.see-to', payload: { precaution: id, how: 'done' } }, at(fromMin + 2))
  if (!live) return
  const { authoriserId, watcherId, extinguisher, startedMin, roundsMin, endedMin } = live
  await sendAs('jun-pell')(
    kitItemStream(extinguisher),
    { type: 'item.assign', payload: { assignment: { to: 'permit', id: permitId, distanceM: 4 } } },
    at(startedMin - 5),
  )
  await sendAs(authoriserId)(
    stream,
    {
      type: 'permit.authorise',
      payload: { watcherIds: [watcherId], secondChannel: 'radio channel 2', nearSeen: PERMITS.map(other => other.permitId) },
    },
    at(startedMin - 4),
  )
  await sendAs(watcherId)(stream, { type: 'permit.take-post', payload: {} }, at(startedMin - 1))
  await requester(stream, { type: 'permit.start-work', payload: {} }, at(startedMin))
  for (const minutes of roundsMin) await sendAs(watcherId)(stream, { type: 'permit.round', payload: {} }, at(minutes))
  // All of it is told at one moment: an end of work told before its rounds would be a watch that nobody kept.
  if (endedMin !== undefined) await requester(stream, { type: 'permit.end-work', payload: {} }, at(endedMin))
}

/** Loads the permits of the yard. */
export async function loadPermits(sendAs: (personId: string) => SendAt, nowIso: string): Promise<void> {
  for (const permit of PERMITS) await loadPermit(sendAs, nowIso, permit)
}
