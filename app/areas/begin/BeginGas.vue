<script setup lang="ts">
import { lacksGas } from '#core/opening/first-steps'
import { beginPages } from '~/words/begin'

const says = beginPages.gas

/** Cylinders: where they are kept, what came in, and at which bay one is connected. Each is done where it is always done. */
const { bays } = useBegun()
const waiting = computed(() => bays.value.filter(lacksGas))
</script>

<template>
  <p>{{ waiting.length > 0 ? says.inThisOrder : says.noneWaits }}</p>
  <ol class="keys">
    <li>
      <NuxtLink class="key link" :to="{ path: '/gas', query: { do: 'place-new' } }" prefetch-on="interaction">
        {{ says.describeCage }}
      </NuxtLink>
    </li>
    <li>
      <NuxtLink class="key link" :to="{ path: '/gas', query: { do: 'receive' } }" prefetch-on="interaction">
        {{ says.receive }}
      </NuxtLink>
    </li>
    <li v-for="{ bayId, label } in waiting" :key="bayId">
      <NuxtLink class="key link" :to="`/bay/${bayId}?do=gas`" prefetch-on="interaction">
        {{ says.connect(label) }}
      </NuxtLink>
    </li>
  </ol>
</template>

<style scoped>
ol { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.link { display: inline-grid; place-items: center; }
</style>
