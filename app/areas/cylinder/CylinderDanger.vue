<script setup lang="ts">
import type { GasContent } from '#core/cylinder/gas'
import { dangerSteps } from '#core/cylinder/guided-steps'
import { citation } from '~/words/citation'
import { cylinderWords } from '~/words/cylinder-words'
import { kitWords } from '~/words/kit-words'
import type { DangerId } from '#core/ids/cylinder-ids'
import { gasPages } from '~/words/gas'

const says = gasPages.danger

/** What to do now, by what is in it: calm, few, large. */
const { danger, gas, tag } = defineProps<{ danger: DangerId, gas: GasContent, tag: string }>()
const told = computed(() => dangerSteps(danger, gas))
</script>

<template>
  <section class="danger" aria-labelledby="danger-head">
    <h3 id="danger-head">
      {{ tag }}: {{ kitWords.dangers[danger] }}. {{ gasWords(gas) }}.
    </h3>
    <ol>
      <li v-for="(step, index) in told.steps" :key="step">
        <b>{{ index + 1 }}</b> {{ cylinderWords.dangerSteps[step] }}
      </li>
    </ol>
    <p class="soft">
      {{ says.theFireServiceDecides(told.sources.map(citation).join(' ')) }}
    </p>
  </section>
</template>

<style scoped>
.danger {
  border: 5px solid var(--stop);
  padding: var(--space-6) var(--space-7);
  background: var(--bg);
  display: grid;
  gap: var(--space-4);
}
h3 {
  font-size: var(--type-big);
  color: var(--stop);
}
li {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  font-size: var(--type-head);
  line-height: 1.3;
  padding: var(--space-4) 0;
  border-bottom: var(--line-thin) solid var(--rule);
  font-weight: 650;
}
li b {
  font-weight: 900;
}
</style>
