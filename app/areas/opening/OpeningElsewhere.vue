<script setup lang="ts">
import { whereElse } from '#core/opening/where-else'
import type { Taker } from '#core/opening/where-else'
import { jobPattern } from '#core/job/job-pattern'
import type { Placed } from '~/stores/judged'
import { openingPages } from '~/words/opening'

const says = openingPages.elsewhere

/** Which other bay can take the job of one that cannot be cleared: worked out when it is asked, for every bay anew. */
const { placed } = defineProps<{ placed: Placed }>()
const judged = useJudged()
const found = shallowRef<readonly Taker[] | null>(null)
function look() {
  const { job, personId } = placed.station
  found.value = job === null
    ? []
    : whereElse(job, personId, judged.placed
        .filter(({ bay }) => bay.bayId !== placed.bay.bayId)
        .map(({ bay, station }) => ({ bay, station, view: judged.viewAt(bay) })))
}
// Another job is another question; the same one read again is not.
watch(() => placed.station.job && jobPattern(placed.station.job), () => {
  found.value = null
})
const bayOf = (bayId: string) => judged.placed.find(({ bay }) => bay.bayId === bayId)
</script>

<template>
  <div class="elsewhere">
    <FrameKey v-if="found === null" look="quiet" @click="look">
      {{ says.whereElse }} <span class="visually-hidden">{{ says.forBay(placed.bay.label) }}</span>
    </FrameKey>
    <p v-else role="status">
      <template v-if="found.length === 0">
        {{ says.nowhere }}
      </template>
      <template v-else>
        {{ says.canTakeIt }}
        <NuxtLink v-for="one in found" :key="one.bayId" :to="{ path: `/bay/${one.bayId}`, query: { do: 'job' } }">
          {{ says.bay(bayOf(one.bayId)?.bay.label ?? one.bayId, one.isFree) }}
        </NuxtLink>
      </template>
    </p>
  </div>
</template>

<style scoped>
.elsewhere { font-size: var(--type-small); }
.elsewhere .key { padding: 0; }
.elsewhere a {
  font-weight: 750;
  text-decoration: underline;
  margin-left: var(--space-4);
  display: inline-flex;
  min-height: 56px;
  align-items: center;
}
</style>
