import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { SubstanceId } from '../../ids/vocabulary'

/** One shift average of a survey, mg/m³; below the limit of quantification it is that limit. */
export interface SurveyResult {
  readonly label: string
  readonly mgPerM3: number
  readonly isBelowLoq: boolean
  readonly minutes: number | null
}

/** What a survey was taken at: it speaks for this job, room and hood and for no other. */
export interface SurveyPlace { readonly jobKey: string, readonly roomKey: string, readonly hoodKey: string }

/** Measured samples of one substance at one bay. */
export interface Survey {
  readonly surveyId: string
  readonly substance: SubstanceId
  /** Day of the last sample, YYYY-MM-DD. */
  readonly takenOn: string
  readonly results: readonly SurveyResult[]
  readonly place: SurveyPlace
  readonly withdrawn: boolean
}

export interface SamplesState { readonly surveys: readonly Survey[] }
export const NO_SAMPLES: SamplesState = { surveys: [] }

export interface SamplesCommands {
  'samples.record': {
    readonly surveyId: string
    readonly substance: SubstanceId
    readonly takenOn: string
    readonly results: readonly SurveyResult[]
  }
  'samples.withdraw': { readonly surveyId: string, readonly reason: string }
}
export type SamplesCommand = {
  [T in keyof SamplesCommands]: { readonly type: T, readonly payload: SamplesCommands[T] }
}[keyof SamplesCommands]

export type SamplesEvent
  = | { readonly type: 'survey-recorded', readonly version: 1, readonly payload: Omit<Survey, 'withdrawn'> }
    | { readonly type: 'survey-withdrawn', readonly version: 1, readonly payload: { readonly surveyId: string, readonly reason: string } }

export function evolveSamples(state: SamplesState, event: SamplesEvent): SamplesState {
  switch (event.type) {
    case 'survey-recorded':
      return { surveys: [...state.surveys, { ...event.payload, withdrawn: false }] }
    case 'survey-withdrawn':
      return {
        surveys: state.surveys.map(survey => (survey.surveyId === event.payload.surveyId ? { ...survey, withdrawn: true } : survey)),
      }
  }
}

/**
 * Decides a change to the samples of a bay.
 *
 * @param place what stands at the bay now; null when no job is set, and then nobody could say what was sampled
 * @param shopDay today, YYYY-MM-DD: what is dated later would never grow old
 */
export function decideSamples(
  state: SamplesState,
  command: SamplesCommand,
  place: SurveyPlace | null,
  shopDay: string,
): Decision<SamplesEvent> {
  const known = state.surveys.some(({ surveyId }) => surveyId === command.payload.surveyId)
  if (command.type === 'samples.withdraw') {
    return known
      ? { events: [{ type: 'survey-withdrawn', version: 1, payload: command.payload }] }
      : { refused: [finding('hold', 'command.unknown-stream', { streamId: command.payload.surveyId })] }
  }
  if (known) return { refused: [finding('hold', 'command.name-taken', { name: command.payload.surveyId })] }
  if (command.payload.takenOn > shopDay)
    return { refused: [finding('hold', 'samples.day-to-come', { takenOn: command.payload.takenOn })] }
  if (place === null) return { refused: [finding('hold', 'samples.job-first', {})] }
  return { events: [{ type: 'survey-recorded', version: 1, payload: { ...command.payload, place } }] }
}
