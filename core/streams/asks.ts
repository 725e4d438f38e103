import type { AirFacts } from '../air/air-facts'
import type { PlacedPermit } from '../hotwork/near-permits'
import type { Reading } from '../monitor/heard-air'
import type { Job } from '../job/job'
import type { Instant } from '../time/instant'
import type { CheckListsState } from './check-lists/check-lists'
import type { KitItem } from './kit-item/kit-item'
import type { Helper, PermitContext } from './permit/decide-permit'
import type { Permit } from './permit/permit'
import type { Person } from './person/person'
import type { Place } from './place/place'
import type { Scene } from './scene'
import type { StillThere } from './site/still-there'

/** What a decision asks about what is around its stream. Who answers reads it under the locks of that decision. */
export interface Asks {
  /** Somebody by id: name, whether they left, what they are named competent for. */
  readonly people?: readonly string[]
  /** Which of these stand on post, and where. */
  readonly posts?: readonly string[]
  readonly places?: readonly string[]
  /** Permits by id, as they stand. */
  readonly permits?: readonly string[]
  /** The job that is set at a bay. */
  readonly jobAt?: string
  /** Who stands at a bay. */
  readonly standsAt?: string
  /** Who and what is still at these bays. */
  readonly stillAt?: readonly string[]
  readonly lists?: true
  readonly safetyLeads?: true
  /** People with the other task they have within a span. */
  readonly helpers?: { readonly personIds: readonly string[], readonly fromAt: Instant, readonly untilAt: Instant }
  /** Open permits that may be near a place, each with its own. */
  readonly nearPermits?: { readonly placeId: string | null, readonly radiusM: number }
  /** How many people's screens are heard. */
  readonly screens?: true
  /** What is assigned to this permit and what stands for fire at its bay. */
  readonly permitKit?: { readonly permitId: string, readonly bayId: string | null }
  /** Codes for a new permit. */
  readonly codes?: true
  /** The air of the whole site. */
  readonly air?: true
  /** What an instrument told between two instants. */
  readonly keptReadings?: { readonly fromAt: Instant, readonly toAt: Instant }
}

/** Somebody, as far as a decision asks. */
export type KnownPerson = Pick<Person, 'name' | 'hasLeft' | 'competences'>

/** The answers, each under the name of its question. Somebody or something that is not known is not there. */
export interface Answers {
  readonly people: Readonly<Record<string, KnownPerson>>
  readonly posts: Readonly<Record<string, { readonly name: string, readonly where: string }>>
  readonly places: Readonly<Record<string, Place>>
  readonly permits: Readonly<Record<string, Permit>>
  readonly jobAt: Job | null
  readonly standsAt: string | null
  readonly stillAt: readonly StillThere[]
  readonly lists: CheckListsState
  readonly safetyLeads: number
  readonly helpers: readonly Helper[]
  readonly nearPermits: readonly PlacedPermit[]
  readonly screens: number
  readonly permitKit: readonly KitItem[]
  readonly codes: PermitContext['codes']
  readonly air: AirFacts
  readonly keptReadings: readonly Reading[]
}

/** A scene with what was asked for. */
export interface Asked extends Scene {
  /** @throws Error for a question that the command does not ask: an answer nobody looked for would be made up */
  readonly answer: <Question extends keyof Asks>(question: Question) => Answers[Question]
}

/** Answers from what was found. */
export const answering
  = (found: Partial<Answers>): Asked['answer'] =>
    <Question extends keyof Asks>(question: Question) => {
      const answer = found[question]
      if (answer === undefined) throw new Error(`nobody asked for ${question}`)
      return answer as Answers[Question]
    }
