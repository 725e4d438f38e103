<script setup lang="ts">
import { protectionSentences } from '#shared/words/en/protection-findings'
import { learnSentences } from '#shared/words/speak'
import { airPages } from '~/words/air'

const says = airPages.around
learnSentences(protectionSentences)

/** What else reaches people where arcs burn: light that others see, a laser, noise, heat. Worked out as it is typed; nothing is kept. */
const SUMS = ['arc', 'laser', 'noise', 'heat'] as const
</script>

<template>
  <article class="around">
    <header>
      <h2>{{ says.lightNoiseHeat }}</h2>
      <NuxtLink class="key quiet link" to="/air">
        {{ says.close }}
      </NuxtLink>
    </header>
    <FrameTabs :label="says.lightNoiseHeat" :ids="SUMS" :named="id => says.tabs[id]">
      <template #arc>
        <AirAroundArc />
      </template>
      <template #laser>
        <AirAroundLaser />
      </template>
      <template #noise>
        <AirAroundNoise />
      </template>
      <template #heat>
        <AirAroundHeat />
      </template>
    </FrameTabs>
  </article>
</template>

<style scoped>
header { display: flex; align-items: center; justify-content: space-between; margin-bottom: var(--space-4); }
h2 { font-size: var(--type-big); }
.link { display: grid; place-items: center; }
</style>
