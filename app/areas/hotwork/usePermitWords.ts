import type { PermitEvent } from '#core/streams/permit/permit'
import { fireWords } from '#shared/words/en/fire-findings'
import { hotworkWords } from '#shared/words/en/hotwork-words'

type Payload<Type extends PermitEvent['type']> = Extract<PermitEvent, { readonly type: Type }>['payload']

/** A line of a permit's life; null for an event of something else. */
export function saidOfPermit(type: string, payload: unknown): string | null {
  switch (type as PermitEvent['type']) {
    case 'permit-requested':
      return `Asked for: ${(payload as Payload<'permit-requested'>).request.job.what}`
    case 'precaution-seen-to': {
      const { precaution, how, reason } = payload as Payload<'precaution-seen-to'>
      return `${hotworkWords.precautions[precaution]}: ${how === 'done' ? 'done' : `not needed, ${reason ?? ''}`}`
    }
    case 'gas-read': {
      const { oxygenPercent, lelPercent, point, isWithin } = payload as Payload<'gas-read'>
      return `Air at ${point}: ${oxygenPercent} % oxygen, ${lelPercent} % of the lower limit, ${isWithin ? 'within limits' : 'out of limits'}`
    }
    case 'permit-authorised':
      return `Authorised and signed${(payload as Payload<'permit-authorised'>).near.length > 0 ? `, near ${(payload as Payload<'permit-authorised'>).near.join(', ')}` : ''}`
    case 'permit-refused':
      return `Refused: ${(payload as { reason: string }).reason}`
    case 'permit-revoked':
      return `Taken back: ${(payload as { reason: string }).reason}`
    case 'permit-extended':
      return 'Made longer'
    case 'permit-taken-over':
      return 'Another authoriser answers for it'
    case 'post-taken':
      return 'On post'
    case 'post-left':
      return 'Left the post'
    case 'watch-handed-over':
      return 'The watch was handed over, without a gap'
    case 'work-started':
      return 'Work began'
    case 'work-stopped': {
      const { cause, note } = payload as Payload<'work-stopped'>
      return `Stopped: ${fireWords.causes[cause]}${note ? `. ${note}` : ''}`
    }
    case 'work-resumed':
      return `Goes on: ${(payload as Payload<'work-resumed'>).cleared}`
    case 'work-ended':
      return 'The work ended'
    case 'round-done': {
      const { note, onPost } = payload as Payload<'round-done'>
      return `${onPost ? 'Round done' : 'Looked at the place'}${note ? `: ${note}` : ''}`
    }
    case 'round-came-due':
      return 'A round came due'
    case 'round-overdue':
      return 'A round is overdue'
    case 'round-missed':
      return 'A round was missed'
    case 'arc-reported':
      return (payload as Payload<'arc-reported'>).underPermit ? 'An arc, under the permit' : 'An arc without a live permit'
    case 'arc-found':
      return 'An arc where no permit stood'
    case 'watch-began': {
      const { because } = payload as Payload<'watch-began'>
      return because === 'work-ended'
        ? 'The watch after the work began'
        : because === 'gap'
          ? 'A gap in cover: the watch began again'
          : because === 'arc'
            ? 'The full watch begins from the arc'
            : because === 'trouble'
              ? 'Something was found: the watch began again'
              : 'The full watch began'
    }
    case 'watch-over':
      return 'The watch is over; monitoring begins'
    case 'monitoring-over':
      return 'The monitoring is over'
    case 'permit-lapsed':
      return 'Its time was over'
    case 'gas-retest-overdue':
      return 'The air was not tested again in time'
    case 'visit-missed':
      return 'A look was missed'
    case 'help-called':
      return 'Help was called'
    case 'precaution-restored':
      return `Put back: ${hotworkWords.precautions[(payload as Payload<'precaution-restored'>).precaution]}`
    case 'permit-closed':
      return 'Closed and signed'
    default:
      return null
  }
}
