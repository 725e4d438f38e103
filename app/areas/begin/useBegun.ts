import { hallIdOf } from '#core/air/air-facts'
import { firstSteps, nearestHold } from '#core/opening/first-steps'
import type { BayBegun } from '#core/opening/first-steps'

/** Who may stand at a bay and weld. */
const HANDS: ReadonlySet<string> = new Set(['welder', 'learner'])

/** How far a new shop has come, from the board alone. */
export function useBegun() {
  const facts = useFacts()
  const judged = useJudged()
  const halls = computed(() => facts.site.halls.filter(({ closed }) => !closed))
  const bays = computed<readonly BayBegun[]>(() =>
    judged.placed.map(({ bay, station, verdict }) => {
      const hallId = hallIdOf(facts.site, bay.bayId) ?? ''
      return {
        bayId: bay.bayId,
        label: bay.label,
        hallId,
        isDesignated: bay.kind === 'designated',
        isFitted: facts.reading?.air.halls[hallId]?.bays[bay.bayId] !== undefined,
        kinds: (facts.reading?.kit.items[bay.bayId] ?? []).map(({ kind }) => kind),
        hasCylinder: (judged.standing.kit.cylinders[bay.bayId] ?? []).length > 0,
        hasPerson: station.personId !== null,
        hasJob: station.job !== null,
        isClear: verdict.word === 'clear-to-strike',
        gates: verdict.byId,
      }
    }))
  const steps = computed(() => firstSteps({
    bays: bays.value,
    halls: halls.value.map(({ hallId, name }) => ({ hallId, name, isDescribed: facts.reading?.air.halls[hallId]?.air != null })),
    hasNumbers: facts.rules.emergencyNumber !== '',
    hands: (facts.reading?.people ?? []).filter(({ roles }) => roles.some(role => HANDS.has(role))).length,
  }))
  const next = computed(() => steps.value.find(({ isDone }) => !isDone) ?? null)
  const hold = computed(() => nearestHold(bays.value))
  return { halls, bays, steps, next, hold }
}
