import type { Finding } from '../findings/finding'

/**
 * Who did it: a person (perhaps signing on another's session), a device on which nobody is signed in (and whom it acts for: who was,
 * last), or the clock.
 */
export type Actor
  = | { readonly kind: 'person', readonly personId: string, readonly sessionPersonId?: string }
    | { readonly kind: 'device', readonly deviceId: string, readonly forPersonId?: string }
    | { readonly kind: 'clock' }

/** What a command comes to: events to append, perhaps with remarks, or a refusal with its reasons. Never an exception. */
export type Decision<Event>
  = | { readonly events: readonly Event[], readonly remarks?: readonly Finding[] }
    | { readonly refused: readonly Finding[] }

export const isRefused = <Event>(decision: Decision<Event>): decision is { readonly refused: readonly Finding[] } => 'refused' in decision
