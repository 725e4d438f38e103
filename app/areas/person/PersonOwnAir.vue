<script setup lang="ts">
import { airPages } from '~/words/air'

const says = airPages.day

/** One's own day of air, as the bay where one stands is judged: the same figures as the gate's. */
const session = useSession()
const judged = useJudged()
const own = computed(() => {
  const { placed } = judged
  const mine = placed.filter(({ station }) => station.personId === session.person?.personId && station.job !== null)
  return mine.find(({ verdict }) => verdict.air.day && verdict.air.exposure) ?? mine[0] ?? null
})
</script>

<template>
  <section class="own" :aria-label="says.mine">
    <h2>{{ says.mine }}</h2>
    <template v-if="own?.verdict.air.day && own.verdict.air.exposure">
      <AirDay :day="own.verdict.air.day" :exposure="own.verdict.air.exposure" :worn="own.verdict.air.worn" />
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
