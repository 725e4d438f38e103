<script setup lang="ts">
import { jobPattern } from '#core/job/job-pattern'
import type { Job } from '#core/job/job'
import { withoutHead } from '#core/job/job'
import { stationStream } from '#core/ids/streams'
import { jobLine } from '~/areas/station/useJobWords'
import { openingPages } from '~/words/opening'

const says = openingPages.job

/** One job for many bays in one go: one that stands somewhere, or stood there lately. */
const judged = useJudged()
const session = useSession()
const q = useQuantities()
const { send, refused, busy } = useSender()
const known = computed(() => {
  const byPattern = new Map<string, Job>()
  for (const { station } of judged.placed) for (const job of [station.job && withoutHead(station.job), ...station.recentJobs]) {
    if (job && !job.assumed?.length && !byPattern.has(jobPattern(job))) byPattern.set(jobPattern(job), job)
  }
  return byPattern
})
const chosen = ref('')
const bays = ref<readonly string[]>([])
const toggle = (bayId: string) => {
  bays.value = bays.value.includes(bayId) ? bays.value.filter(one => one !== bayId) : [...bays.value, bayId]
}
const open = computed(() => judged.placed.filter(({ bay }) => session.may('set-jobs', { bayId: bay.bayId, areaId: bay.areaId })))
async function set() {
  const job = known.value.get(chosen.value)
  if (!job) return
  const on = open.value
    .filter(({ bay }) => bays.value.includes(bay.bayId))
    .map(({ bay, version }) => ({ id: stationStream(bay.bayId), expectedVersion: version }))
  const sent = await send('station.set-job', on, { job })
  if (!sent.ok) return
  chosen.value = ''
  bays.value = []
}
const named = (pattern: string) => {
  const job = known.value.get(pattern)
  return job ? jobLine(job, q.value) : ''
}
</script>

<template>
  <section class="job" :aria-label="says.oneJob">
    <FrameSelect
      v-model="chosen"
      :label="says.oneJob"
      :ids="[...known.keys()]"
      :named="named"
      :none="says.chooseAJob"
      :hint="says.hint"
    />
    <template v-if="chosen !== ''">
      <div class="bays" role="group" :aria-label="says.onWhichBays">
        <FrameKey v-for="{ bay, station } in open" :key="bay.bayId" :picked="bays.includes(bay.bayId)" @click="toggle(bay.bayId)">
          {{ bay.label }} <small v-if="station.job">{{ jobLine(station.job, q) }}</small>
        </FrameKey>
      </div>
      <FrameRefused :says="refused" />
      <FrameKey look="go" :disabled="busy || bays.length === 0" @click="set">
        {{ says.setOn(bays.length) }}
      </FrameKey>
    </template>
  </section>
</template>

<style scoped>
.job { display: grid; gap: var(--space-3); justify-items: start; }
.job > :first-child { max-width: 560px; width: 100%; }
.bays { display: flex; flex-wrap: wrap; gap: var(--space-3); }
.bays small { display: block; font-weight: 500; }
</style>
