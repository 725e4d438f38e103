<script setup lang="ts">
import { handoverChecks } from '~/words/handover-words'
import type { Placed } from '~/stores/judged'
import type { Signature } from '~/stores/outbox'
import type { HandoverCheckId } from '#core/ids/station-ids'
import { HANDOVER_CHECKS } from '#core/ids/station-ids'
import { stationStream } from '#core/ids/streams'
import { stationPages } from '~/words/station'

const says = stationPages.handover

/** The end of a class: one tap says that all is done, another what is not; signed with a PIN where somebody else hands over. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const { send, busy, refused } = useSender()
const lookup = useLookup()
const session = useSession()
const { moment } = useDates()
const notDone = ref<readonly HandoverCheckId[]>([])
const note = ref('')
const signs = ref(false)
const toggle = (id: HandoverCheckId) => {
  notDone.value = notDone.value.includes(id) ? notDone.value.filter(one => one !== id) : [...notDone.value, id]
}
const payload = computed(() => ({
  answers: Object.fromEntries(HANDOVER_CHECKS.map(id => [id, !notDone.value.includes(id)])),
  ...(note.value.trim() ? { note: note.value.trim() } : {}),
}))
async function handOver(signature?: Signature) {
  const sent = await send('station.hand-over', stationStream(placed.bay.bayId), payload.value, signature)
  if (sent.ok) emit('done')
}
</script>

<template>
  <section class="handover" :aria-label="says.handover">
    <h3>{{ says.handBayOver(placed.bay.label) }}</h3>
    <p v-if="placed.station.handover" class="soft">
      {{ says.lastBy(lookup.names.get(placed.station.handover.by) ?? says.somebody, moment(placed.station.handover.at)) }}
    </p>
    <p class="soft">
      {{ says.tapWhatIsNotDone }}
    </p>
    <div class="checks">
      <FrameKey
        v-for="id in HANDOVER_CHECKS"
        :key="id"
        :picked="notDone.includes(id)"
        @click="toggle(id)"
      >
        <b>{{ handoverChecks[id] }}</b> <span>{{ notDone.includes(id) ? says.notDone : says.done }}</span>
      </FrameKey>
    </div>
    <FrameText v-model="note" :label="says.aWordForTheNext" maxlength="500" :placeholder="says.ifThereIsOne" />
    <FrameRefused :says="refused" />
    <FrameKey look="go" big :disabled="busy" @click="handOver()">
      {{ notDone.length === 0 ? says.allDone : says.handOverNotDone(notDone.length) }}, {{ session.person?.name }}
    </FrameKey>
    <FrameKey :aria-expanded="signs" @click="signs = !signs">
      {{ says.somebodyElseSignsWithTheir }}
    </FrameKey>
    <StationSignature v-if="signs" :busy="busy" :does="says.signAndHandOver" @sign="handOver" />
  </section>
</template>

<style scoped>
.handover { display: grid; gap: var(--space-4); }
h3 { font-size: var(--type-big); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); }
.checks { display: grid; gap: var(--space-3); }
.checks .key { display: flex; justify-content: space-between; gap: var(--space-5); text-align: left; font-weight: 600; }
.big { min-height: 76px; font-size: var(--type-lead); }
</style>
