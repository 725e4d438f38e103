<script setup lang="ts">
import { EMERGENCIES, EMERGENCY } from '#core/emergency/emergencies'
import { emergencyWords } from '~/words/emergency-words'
import { citation } from '~/words/citation'
import { helpPages } from '~/words/help'

const says = helpPages.steps

definePageMeta({ isPublic: true })
/** One emergency: the steps in order, the numbers, nothing else. */
const route = useRoute()
const q = useQuantities()
const id = computed(() => EMERGENCIES.find(one => one === route.params.emergency) ?? null)
const emergency = computed(() => id.value && EMERGENCY[id.value])
</script>

<template>
  <main class="page one">
    <template v-if="id && emergency">
      <h1>{{ emergencyWords.names[id] }}</h1>
      <EmergencyCalls :calls="emergency.calls" />
      <ol>
        <li v-for="step in emergency.steps" :key="step">
          {{ emergencyWords.steps[step] }}
        </li>
      </ol>
      <p v-if="emergency.clearM" class="clear">
        {{ says.keepEverybody }} <b class="print">{{ q.distance(emergency.clearM) }}</b> {{ says.awayTheFireServiceDecides }}
      </p>
      <p class="soft foot">
        {{ says.notMedicalAdviceGetMedical(emergency.sources.map(citation).join(' ')) }}
      </p>
    </template>
    <p v-else>
      {{ says.thereIsNoSuchPage }}
    </p>
    <NuxtLink class="key link" to="/help">
      {{ says.somethingElseHappened }}
    </NuxtLink>
  </main>
</template>

<style scoped>
h1 {
  font-size: var(--type-great);
}
ol {
  counter-reset: step;
  border-top: var(--line-heavy) solid var(--ink);
  margin: var(--space-5) 0;
}
li {
  counter-increment: step;
  display: grid;
  grid-template-columns: 48px 1fr;
  align-items: baseline;
  padding: var(--space-6) 0;
  border-bottom: var(--line-thin) solid var(--rule);
  font-size: var(--type-big);
  font-weight: 700;
  line-height: 1.25;
}
li::before {
  content: counter(step);
  font-size: var(--type-figure);
  font-weight: 950;
}
.clear {
  font-size: var(--type-big);
  font-weight: 650;
  margin: var(--space-6) 0;
}
.foot {
  font-size: var(--type-fine);
  margin: var(--space-5) 0;
  max-width: 90ch;
}
.link {
  display: inline-grid;
  place-items: center;
}
</style>
