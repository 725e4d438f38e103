<script setup lang="ts">
import { dayQuestion } from '#core/air/air-facts'
import { judgedDay } from '#core/air/judged-day'
import { stands } from '#core/time/instant'
import { airPages } from '~/words/air'

const says = airPages.day
const NOT_SAID = { day: null, exposure: null, worn: null } as const

/** One's own day of air: as the bay where one stands is judged, or, of somebody who worked today and stands nowhere, by the model. */
const session = useSession()
const judged = useJudged()
const facts = useFacts()
/** Null without work today; a day that cannot be said is one without figures. */
const own = computed(() => {
  const personId = session.person?.personId ?? null
  if (personId === null) return null
  const standing = judged.placed.filter(({ station }) => station.personId === personId && station.job !== null)
  for (const { verdict: { air } } of standing) if (air.day && air.exposure) return { day: air.day, exposure: air.exposure, worn: air.worn }
  if (standing.length > 0) return NOT_SAID
  const { stations, now } = judged.standing
  const worked = Object.entries(stations).find(([, { earlierJobs, helpers }]) =>
    [...earlierJobs, ...helpers].some(one => one.personId === personId && stands(one.validUntil, now)))
  if (!worked) return null
  const question = dayQuestion(judged.standing, worked[0], personId)
  const found = question && judgedDay(question, facts.rules)
  return found ? { day: found.day, exposure: found.exposure, worn: null } : NOT_SAID
})
</script>

<template>
  <section class="own" :aria-label="says.mine">
    <h2>{{ says.mine }}</h2>
    <template v-if="own?.day">
      <AirDay :day="own.day" :exposure="own.exposure" :worn="own.worn" />
      <p class="soft">
        {{ says.modelled }}
      </p>
    </template>
    <p v-else class="soft">
      {{ own ? says.cannotBeSaid : says.nothingToday }}
    </p>
  </section>
</template>

<style scoped>
.own {
  border-top: var(--line-rule) solid var(--ink);
  margin-top: var(--space-9);
  padding-top: var(--space-5);
  max-width: 860px;
  display: grid;
  gap: var(--space-4);
}
.own h2, .own p { margin: 0; }
</style>
