import type { PermitEvent } from '#core/streams/permit/permit'
import { fireWords } from '~/words/fire-words'
import { hotworkWords } from '~/words/hotwork-words'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.permitWords

type Payload<Type extends PermitEvent['type']> = Extract<PermitEvent, { readonly type: Type }>['payload']

/** A line of a permit's life; null for an event of something else. */
export function saidOfPermit(type: string, payload: unknown): string | null {
  switch (type as PermitEvent['type']) {
    case 'permit-requested':
      return says.askedFor((payload as Payload<'permit-requested'>).request.job.what)
    case 'precaution-seen-to': {
      const { precaution, how, reason } = payload as Payload<'precaution-seen-to'>
      return `${hotworkWords.precautions[precaution]}: ${how === 'done' ? 'done' : says.notNeeded(reason ?? '')}`
    }
    case 'gas-read': {
      const { oxygenPercent, lelPercent, point, isWithin } = payload as Payload<'gas-read'>
      return says.airAtOxygenOfThe(point, oxygenPercent, lelPercent, isWithin ? says.withinLimits : says.outOfLimits)
    }
    case 'permit-authorised': {
      const { near } = payload as Payload<'permit-authorised'>
      return says.authorisedAndSigned(near.length > 0 ? says.near(near.join(', ')) : '')
    }
    case 'permit-refused':
      return says.refused((payload as { reason: string }).reason)
    case 'permit-revoked':
      return says.takenBack((payload as { reason: string }).reason)
    case 'permit-extended':
      return says.madeLonger
    case 'permit-taken-over':
      return says.anotherAuthoriserAnswersForIt
    case 'post-taken':
      return says.onPost
    case 'post-left':
      return says.leftThePost
    case 'watch-handed-over':
      return says.theWatchWasHandedOver
    case 'work-started':
      return says.workBegan
    case 'work-stopped': {
      const { cause, note } = payload as Payload<'work-stopped'>
      return says.stopped(fireWords.causes[cause], note ? `. ${note}` : '')
    }
    case 'work-resumed':
      return says.goesOn((payload as Payload<'work-resumed'>).cleared)
    case 'work-ended':
      return says.theWorkEnded
    case 'round-done': {
      const { note, onPost } = payload as Payload<'round-done'>
      return `${onPost ? says.roundDone : says.lookedAtThePlace}${note ? `: ${note}` : ''}`
    }
    case 'round-came-due':
      return says.aRoundCameDue
    case 'round-overdue':
      return says.aRoundIsOverdue
    case 'round-missed':
      return says.aRoundWasMissed
    case 'arc-reported':
      return (payload as Payload<'arc-reported'>).underPermit ? says.anArcUnderThePermit : says.anArcWithoutALive
    case 'arc-found':
      return says.anArcWhereNoPermit
    case 'watch-began': {
      const { because } = payload as Payload<'watch-began'>
      return because === 'work-ended'
        ? says.theWatchAfterTheWork
        : because === 'gap'
          ? says.aGapInCoverThe
          : because === 'arc'
            ? says.theFullWatchBeginsFrom
            : because === 'trouble'
              ? says.somethingWasFoundTheWatch
              : says.theFullWatchBegan
    }
    case 'watch-over':
      return says.theWatchIsOverMonitoring
    case 'monitoring-over':
      return says.theMonitoringIsOver
    case 'permit-lapsed':
      return says.itsTimeWasOver
    case 'gas-retest-overdue':
      return says.theAirWasNotTested
    case 'visit-missed':
      return says.aLookWasMissed
    case 'help-called':
      return says.helpWasCalled
    case 'precaution-restored':
      return says.putBack(hotworkWords.precautions[(payload as Payload<'precaution-restored'>).precaution])
    case 'permit-closed':
      return says.closedAndSigned
    default:
      return null
  }
}
