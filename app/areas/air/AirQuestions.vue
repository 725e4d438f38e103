<script setup lang="ts">
import { airPages } from '~/words/air'

const says = airPages.questions

/** Questions that every shop argues about, answered by the rules behind them. */
const q = useQuantities()
const QUESTIONS = computed(
  () =>
    [
      {
        asked: says.theHood18To20,
        answer: says.bothEachInItsPlace(q.value.reach(0.5)),
      },
      {
        asked: says.aFanAtTheOpen,
        answer:
          says.itHelpsWhenTheAir,
      },
      {
        asked: says.galvanisedGrindItOffFirst,
        answer: says.yesAtLeastOnEach(q.value.length(25)),
      },
      {
        asked: says.underTheLegalLimitIs,
        answer:
          says.notByItselfUsLaw,
      },
    ] as const,
)
</script>

<template>
  <section class="questions">
    <h2>{{ says.openABay }}</h2>
    <p class="soft">
      {{ says.seeTheWayOfIts }}
    </p>
    <dl>
      <template v-for="{ asked, answer } in QUESTIONS" :key="asked">
        <dt>{{ asked }}</dt>
        <dd>{{ answer }}</dd>
      </template>
    </dl>
    <p class="soft">
      {{ says.zonarisAdvisesYourLocalCode }}
    </p>
  </section>
</template>

<style scoped>
.questions { display: grid; gap: var(--space-5); max-width: 68ch; }
dt { font-weight: 800; font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
dd { padding: var(--space-2) 0 var(--space-6); }
</style>
