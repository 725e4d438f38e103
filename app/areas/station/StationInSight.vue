<script setup lang="ts">
import { protectionSentences } from '#shared/words/en/protection-findings'
import { allowedTime } from '#shared/words/rounded'
import { learnSentences } from '#shared/words/speak'
import { bystander } from '#core/optics/bystander'
import type { Placed } from '~/stores/judged'
import type { TableColumnOf } from '~/frame/table'
import { stationPages } from '~/words/station'

learnSentences(protectionSentences)

const says = stationPages.inSight

/** For how long somebody without a filter may see this arc, from how far: whoever helps, watches, passes, or works next to it. */
const { placed } = defineProps<{ placed: Placed }>()
const q = useQuantities()
const lookup = useLookup()
const DISTANCES_M = [1, 2, 5, 10, 20] as const
const asked = computed(() => placed.station.job && { process: placed.station.job.process, baseMetal: placed.station.job.baseMetal })
const rows = computed(() =>
  asked.value ? DISTANCES_M.map(distanceM => ({ distanceM, safeS: bystander({ ...asked.value!, distanceM }).safeSeconds })) : [])
const columns = computed<readonly TableColumnOf<(typeof rows.value)[number]>[]>(() => [
  { id: 'from', header: says.from, said: ({ distanceM }) => q.value.distance(distanceM), look: 'print' },
  { id: 'at-most', header: says.atMostADay, said: ({ safeS }) => safeS === undefined ? '–' : allowedTime(safeS), look: 'print' },
])
/** An hour of this job, as it was set: how far off somebody stays who sees it all. */
const hour = computed(() => asked.value && bystander({ ...asked.value, arcMinutes: placed.station.job?.arcMinPerH }))
const told = computed(() => lookup.sayAll((hour.value?.findings ?? []).filter(({ code }) => code !== 'bystander.input-missing')))
</script>

<template>
  <details class="in-sight">
    <summary>{{ says.whoElseSeesIt }}</summary>
    <p class="soft">
      {{ says.withoutAFilter }}
    </p>
    <FrameTable
      v-if="rows.some(({ safeS }) => safeS !== undefined)"
      is-figures
      :columns="columns"
      :rows="rows"
      :name="says.whoElseSeesIt"
      :key-of="({ distanceM }) => String(distanceM)"
    />
    <p v-if="hour?.safeDistanceM !== undefined">
      <b>{{ says.anHourOfIt(q.distance(Math.ceil(hour.safeDistanceM * 10) / 10)) }}</b> {{ says.elseAScreen }}
    </p>
    <ul>
      <li v-for="({ message, todo }, index) in told" :key="index" class="said">
        {{ message }} <b>{{ todo }}</b>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.in-sight { display: grid; gap: var(--space-3); }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 650; }
.said { background: var(--bg); margin-top: var(--space-3); }
</style>
