<script setup lang="ts">
import { MONITOR_QUANTITIES } from '#core/ids/monitor-ids'
import type { MonitorQuantityId } from '#core/ids/monitor-ids'
import { monitorStream } from '#core/ids/streams'
import { baysOfHall, hallIdOf } from '#core/air/air-facts'
import { monitorIdOf } from '#core/monitor/monitor-name'
import { MONITOR_LIMITS } from '#core/streams/monitor/monitor'
import type { Placed } from '~/stores/judged'
import { capital } from '#shared/words/capital'
import { airPages } from '~/words/air'

const says = airPages.monitors

/** Places an instrument at a bay, or at every bay of its hall. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const { send, refused, busy } = useSender()

const quantity = ref<MonitorQuantityId | ''>('')
const name = ref('')
const senmlName = ref('')
const silentAfterS = ref<number | undefined>(120)
const isOfHall = ref(false)
const seconds = { unit: 's', step: 10, toShown: (si: number) => si, fromShown: (shown: number) => shown }

/** Names as they usually are, until somebody types others. */
watch(quantity, (now, before) => {
  const usual = (of: MonitorQuantityId | '') => (of === '' ? '' : says.usualName(capital(words.monitorQuantities[of]), placed.bay.label))
  if (name.value === usual(before)) name.value = usual(now)
  const sent = (of: MonitorQuantityId | '') => (of === '' ? '' : `${placed.bay.bayId}:${of}`)
  if (senmlName.value === sent(before)) senmlName.value = sent(now)
})

const bayIds = computed(() => {
  const { bayId } = placed.bay
  const hallId = hallIdOf(facts.site, bayId)
  return isOfHall.value && hallId !== null ? [...baysOfHall(facts.site, hallId)] : [bayId]
})
const payload = computed(() => ({
  name: name.value.trim(),
  senmlName: senmlName.value.trim(),
  bayIds: bayIds.value,
  quantity: quantity.value as MonitorQuantityId,
  silentAfterS: silentAfterS.value!,
}))
async function place() {
  const monitorId = monitorIdOf(payload.value.senmlName)
  const expectedVersion = facts.reading?.air.versions.monitors[monitorId] ?? null
  const sent = await send('monitor.place', { id: monitorStream(monitorId), expectedVersion }, payload.value)
  if (sent.ok) emit('done')
}
</script>

<template>
  <FrameForm class="place" of="monitor.place" :payload="payload" :busy="busy" @send="place">
    <FrameSelect v-model="quantity" :label="says.whatItMeasures" :ids="MONITOR_QUANTITIES" :named="one => words.monitorQuantities[one]" />
    <FrameText v-model="name" :label="says.whatItIsCalled" maxlength="80" is-needed name="name" />
    <FrameText
      v-model="senmlName"
      :label="says.nameItSends"
      :hint="says.asItStandsInWhatItSends"
      maxlength="64"
      is-needed
      name="senmlName"
    />
    <FrameNumber
      v-model="silentAfterS"
      :label="says.silentAfter"
      :unit="seconds"
      :limits="MONITOR_LIMITS.silentAfterS"
      :hint="says.sendsThrice"
    />
    <FrameTick v-model="isOfHall" :label="says.forEveryBayOfTheHall" />
    <FrameRefused :says="refused" />
    <p class="soft">
      {{ says.holdsUntilHeard }}
    </p>
    <div class="keys">
      <FrameKey type="submit" :disabled="busy">
        {{ says.placeIt }}
      </FrameKey>
      <FrameKey look="quiet" @click="emit('done')">
        {{ says.leaveIt }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.place { display: grid; grid-template-columns: repeat(2, minmax(0, 1fr)); gap: var(--space-4) var(--space-6); align-items: start; }
.place > .soft, .keys { grid-column: 1 / -1; }
.keys { display: flex; gap: var(--space-4); flex-wrap: wrap; }
@media (max-width: 700px) {
  .place { grid-template-columns: minmax(0, 1fr); }
}
</style>
