import { defineStore } from 'pinia'
import type { Forms } from '#shared/contract/answers'

type Answer = Forms['classes/plan']['answers']

/**
 * A class that is being planned: what is asked and what was answered stay while the planner looks at a bay and comes back. They are whose
 * they are: on a tablet that several use, the next one begins anew.
 */
export const useClassPlan = defineStore('class-plan', () => {
  const whose = ref('')
  const group = ref('')
  const hallId = ref('')
  const startsAt = ref('')
  const endsAt = ref('')
  const periods = ref<number | undefined>(2)
  const wantedArcMin = ref<number | undefined>(10)
  /** Bays that the class does not get. */
  const leftOut = ref<ReadonlySet<string>>(new Set())
  const answer = shallowRef<Answer | null>(null)
  /** What was asked when it was answered: changed since, the plan is of something else. */
  const answered = ref('')
  /** The part of its hours for which the class stands at its bays. */
  const placed = ref<number | null>(null)

  /** Begins anew for somebody else. */
  function openFor(personId: string) {
    if (whose.value === personId) return
    whose.value = personId
    for (const text of [group, hallId, startsAt, endsAt, answered]) text.value = ''
    periods.value = 2
    wantedArcMin.value = 10
    leftOut.value = new Set()
    answer.value = null
    placed.value = null
  }
  return { whose, group, hallId, startsAt, endsAt, periods, wantedArcMin, leftOut, answer, answered, placed, openFor }
})
