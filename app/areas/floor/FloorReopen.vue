<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import { floorPages } from '~/words/floor'

const says = floorPages.reopen

/** After a stop of many: what was put right is said once, and every bay that this person may re-open is re-opened in one go. */
const judged = useJudged()
const session = useSession()
const { send, busy, refused } = useSender()
const reason = ref('')

const stopped = computed(() => judged.placed.filter(({ station }) => station.stop !== null))
const mine = computed(() => stopped.value.filter(({ bay }) => session.may('reopen', { bayId: bay.bayId, areaId: bay.areaId })))
const isUnsent = computed(() => mine.value.some(({ unsent }) => unsent))
const names = computed(() => mine.value.map(({ bay }) => bay.label).join(', '))

async function reopen() {
  const bays = mine.value.map(({ bay, version }) => ({ id: stationStream(bay.bayId), expectedVersion: version }))
  const sent = await send('station.reopen', bays, { note: reason.value.trim() })
  if (sent.ok) reason.value = ''
}
</script>

<template>
  <FrameForm v-if="mine.length > 1" class="reopen" :aria-label="says.reOpenTheStoppedBays" :busy="busy || isUnsent" @send="reopen">
    <FrameText v-model="reason" :label="says.baysAreStoppedWhatWas(stopped.length)" :wrong="refused" maxlength="500" is-needed />
    <FrameKey type="submit" :disabled="busy || isUnsent">
      {{ says.reOpen(mine.length, names) }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.reopen {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: end;
  padding: var(--space-5) var(--space-6);
  border-bottom: var(--line-heavy) solid var(--stop);
  background: var(--panel);
}
.reopen .key {
  max-width: 320px;
  margin-bottom: var(--space-1);
}
@media (max-width: 900px) {
  .reopen {
    grid-template-columns: minmax(0, 1fr);
  }
  .reopen .key {
    max-width: none;
  }
}
</style>
