<script setup lang="ts">
import { beginPages } from '~/words/begin'

const says = beginPages.work

/** The first job: who stands where, and what they do. Each opens the bay itself, where it is always done. */
const { bays } = useBegun()
/** The bay that has come farthest. */
const bay = computed(() =>
  bays.value.find(({ hasPerson, hasJob }) => hasPerson !== hasJob) ?? bays.value.find(({ kinds }) => kinds.length > 0) ?? bays.value[0])
</script>

<template>
  <template v-if="bay">
    <p>{{ says.eachBay }}</p>
    <div class="keys">
      <NuxtLink class="key link" :class="{ go: !bay.hasPerson }" :to="`/bay/${bay.bayId}?do=who`">
        {{ says.place(bay.label) }}
      </NuxtLink>
      <NuxtLink class="key link" :class="{ go: bay.hasPerson }" :to="`/bay/${bay.bayId}?do=job`">
        {{ says.setJob(bay.label) }}
      </NuxtLink>
      <NuxtLink class="key link" to="/opening">
        {{ says.aClass }}
      </NuxtLink>
    </div>
  </template>
</template>

<style scoped>
.link { display: inline-grid; place-items: center; }
</style>
