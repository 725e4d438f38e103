import { evolvePermit } from '#core/streams/permit/evolve-permit'
import { hasEnded } from '#core/streams/permit/permit-end'
import { isCovered, monitoringEndsAt, needsCover, nextRound, nextVisitAt, watchEndsAt } from '#core/streams/permit/permit-deadlines'
import type { Permit } from '#core/streams/permit/permit'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { permitStream } from '#core/ids/streams'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.permit

/** A permit kept live: what was read, with the rounds done on this device that have not reached the server yet. */
export function usePermit(permitId: () => string | null) {
  const { reading, asOf, problem, refresh } = useReading(
    'permits/{permitId}',
    () => {
      const id = permitId()
      return id === null ? null : { permitId: id }
    },
    PERMIT_RESTS_ON,
  )
  useOpenedRow('permit', permitId, { reading, asOf, problem })
  const outbox = useOutbox()
  const waiting = computed(() =>
    outbox.waiting.filter(({ type, streams }) => type === 'permit.round' && streams[0]?.id === permitStream(permitId() ?? '')),
  )
  const permit = computed<ShownPermit | null>(
    () =>
      reading.value
      && waiting.value.reduce<Permit>(
        (before, { at, authorId }) =>
          evolvePermit(before, { type: 'round-done', version: 1, payload: { by: authorId, at, note: null, onPost: true } })!,
        { ...reading.value.permit, token: '' },
      ),
  )
  return { reading, permit, problem, refresh, waiting }
}

/** What comes next for a permit, told for a board: the words, and how pressing it is. */
export interface PermitTurn { readonly says: string, readonly tone: 'open' | 'hold' | 'stop' | 'to-do' }

/** Clocks of permits as this site says them. */
export function usePermitClock() {
  const clock = useClock()
  const { time } = useDates()
  const msUntil = (iso: string): number => Date.parse(iso) - clock.nowMs.value
  const span = (ms: number): string => {
    const minutes = Math.max(0, Math.ceil(ms / 60_000))
    return minutes < 100 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`
  }
  /** Minutes and seconds, for the clock that matters. */
  const countdown = (iso: string): string => {
    const seconds = Math.floor(Math.abs(msUntil(iso)) / 1000)
    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
  }

  function turn(permit: ShownPermit): PermitTurn {
    const shown: Permit = { ...permit, token: '' }
    const { phase, posts, plan } = permit
    if (hasEnded(phase)) return { says: '', tone: 'to-do' }
    if (needsCover(shown)) {
      if (posts.length < plan.watchers) return { says: says.nobodyWatches, tone: 'stop' }
      const round = nextRound(shown)!
      if (msUntil(round.overdueAt) <= 0 || !isCovered(shown)) return { says: says.unheardSince(time(round.heardAt)), tone: 'stop' }
      if (msUntil(round.dueAt) <= 0) return { says: says.roundDueNow, tone: 'hold' }
      return { says: says.roundIn(span(msUntil(round.dueAt))), tone: phase === 'suspended' ? 'hold' : 'open' }
    }
    if (phase === 'monitoring') {
      const visit = nextVisitAt(shown)
      return visit === null
        ? { says: says.toBeClosed, tone: 'hold' }
        : msUntil(visit) <= 0
          ? { says: says.aLookIsDueNow, tone: 'hold' }
          : { says: says.aLookIn(span(msUntil(visit))), tone: 'open' }
    }
    if (phase === 'suspended') return { says: says.stopped, tone: 'stop' }
    if (phase === 'authorised')
      return posts.length < plan.watchers ? { says: says.waitsForItsWatch, tone: 'to-do' } : { says: says.readyToBegin, tone: 'to-do' }
    const open = plan.precautions.filter(({ id }) => permit.seenTo[id] === undefined).length
    return open > 0 ? { says: says.precautionsOpen(open), tone: 'to-do' } : { says: says.waitsForASignature, tone: 'to-do' }
  }

  /** Until when what runs now runs: the permit, the watch, or the monitoring. */
  function left(permit: ShownPermit): string {
    const shown: Permit = { ...permit, token: '' }
    const { phase, untilAt } = permit
    if (hasEnded(phase)) return ''
    const [watch, monitoring] = [watchEndsAt(shown), monitoringEndsAt(shown)]
    if (phase === 'watch')
      return watch === null || !isCovered(shown) ? says.watchStandsStill : says.watchOverLeft(time(watch), span(msUntil(watch)))
    if (monitoring !== null) return msUntil(monitoring) <= 0 ? says.monitoringOver : says.monitoredUntil(time(monitoring))
    return msUntil(untilAt) <= 0 ? says.itsTimeIsOver : says.untilLeft(time(untilAt), span(msUntil(untilAt)))
  }
  return { turn, left, span, countdown, msUntil }
}
