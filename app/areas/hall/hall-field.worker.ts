import type { AirFacts } from '#core/air/air-facts'
import { glanceAtHall, hallField } from '#core/air/hall-field'
import type { GlanceAt, HallField, HallFieldQuestion, HallGlance } from '#core/air/hall-field'

/** What is asked of a hall. Its facts are sent before, once for as long as they stand. */
export type HallAsked = { readonly id: number } & Omit<HallFieldQuestion, 'facts'> & { readonly glance?: GlanceAt }
export type HallMessage = { readonly facts: AirFacts } | HallAsked
export type HallTold = { readonly id: number } & ({ readonly field: HallField | null } | { readonly glance: HallGlance | null })

let facts: AirFacts | null = null

self.addEventListener('message', ({ data }: MessageEvent<HallMessage>) => {
  if ('facts' in data) {
    facts = data.facts
    return
  }
  if (!facts) return
  const { id, glance, ...question } = data
  const told: HallTold = glance
    ? { id, glance: glanceAtHall({ facts, ...question }, glance) }
    : { id, field: hallField({ facts, ...question }) }
  self.postMessage(told)
})
