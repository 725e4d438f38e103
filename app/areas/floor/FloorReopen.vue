<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import { floorPages } from '~/words/floor'
import type { Placed } from '~/stores/judged'

const says = floorPages.reopen

/** After a stop of many: what was put right is said once, and every bay that this person may re-open is re-opened in one go. */
const judged = useJudged()
const session = useSession()
const { send, busy, refused } = useSender()
const reason = ref('')

const stopped = computed(() => judged.placed.filter(({ station }) => station.stop !== null))
const mine = computed(() => stopped.value.filter(({ bay }) => session.may('reopen', { bayId: bay.bayId, areaId: bay.areaId })))
/** Stopped when the reason was begun, and ever since: of a bay that stopped meanwhile it says nothing, but where that is said too. */
const spokenOf = shallowRef<ReadonlySet<string>>(new Set())
const speakOfAll = () => {
  spokenOf.value = new Set(mine.value.map(({ bay }) => bay.bayId))
}
watch(reason, (_now, before) => {
  if (before === '') speakOfAll()
}, { flush: 'sync' })
watch(mine, (now) => {
  spokenOf.value = new Set(now.map(({ bay }) => bay.bayId).filter(bayId => spokenOf.value.has(bayId)))
}, { flush: 'sync' })
const isSpokenOf = ({ bay }: Placed) => reason.value === '' || spokenOf.value.has(bay.bayId)
const meant = computed(() => mine.value.filter(isSpokenOf))
const namesOf = (placed: readonly Placed[]) => placed.map(({ bay }) => bay.label).join(', ')
const later = computed(() => namesOf(mine.value.filter(one => !isSpokenOf(one))))
const isUnsent = computed(() => meant.value.some(({ unsent }) => unsent))

async function reopen() {
  const bays = meant.value.map(({ bay, version }) => ({ id: stationStream(bay.bayId), expectedVersion: version }))
  const sent = await send('station.reopen', bays, { note: reason.value.trim() })
  if (sent.ok) reason.value = ''
}
</script>

<template>
  <FrameForm v-if="mine.length > 1" class="reopen" :aria-label="says.reOpenTheStoppedBays" :busy="busy || isUnsent" @send="reopen">
    <FrameText v-model="reason" :label="says.baysAreStoppedWhatWas(stopped.length)" :wrong="refused" maxlength="500" is-needed />
    <FrameKey type="submit" :disabled="busy || isUnsent || meant.length === 0">
      {{ says.reOpen(meant.length, namesOf(meant)) }}
    </FrameKey>
    <p v-if="later !== ''" class="said later" role="status">
      <span>{{ says.stoppedSince(later) }}</span>
      <FrameKey look="quiet" @click="speakOfAll">
        {{ says.putRightThereToo }}
      </FrameKey>
    </p>
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
.later {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 var(--space-5);
}
.reopen > .key {
  max-width: 320px;
  margin-bottom: var(--space-1);
}
@media (max-width: 900px) {
  .reopen {
    grid-template-columns: minmax(0, 1fr);
  }
  .reopen > .key {
    max-width: none;
  }
}
</style>
