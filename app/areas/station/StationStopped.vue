<script setup lang="ts">
import type { Placed } from '~/stores/judged'
import type { Signature } from '~/stores/outbox'
import { stationStream } from '#core/ids/streams'
import { stationPages } from '~/words/station'

const says = stationPages.stopped

/** A stopped bay: why, asked after the stop, and re-opening by who may. */
const { placed } = defineProps<{ placed: Placed }>()
const session = useSession()
const lookup = useLookup()
const clock = useClock()
const { act, sign, busy, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const stop = computed(() => placed.station.stop!)
const ownWords = ref('')

const REASONS = [
  says.oddColourOrSmell, says.somebodyFeelsUnwell, says.extractionOffOrSmokeIn, says.leakOrDamagedKit, says.burnOrNearMiss,
  says.nobodyWatching,
] as const
const mayReopen = computed(() => session.may('reopen', { bayId: placed.bay.bayId, areaId: placed.bay.areaId }))
const by = computed(() => lookup.names.get(stop.value.by) ?? says.somebody)
const { time } = useDates()
const since = computed(() => {
  const minutes = Math.max(0, Math.floor((clock.nowMs.value - Date.parse(stop.value.at)) / 60_000))
  return `${time(stop.value.at)}, ${minutes < 1 ? says.justNow : minutes < 60 ? says.minAgo(minutes) : says.hMinAgo(Math.floor(minutes / 60), minutes % 60)}`
})
const reopenSigned = (signature: Signature) => sign('station.reopen', {}, signature, placed.version)
const give = (reason: string) => act('station.give-stop-reason', { reason })
</script>

<template>
  <section class="said is-stop" :aria-label="says.stopped">
    <p class="big">
      <StateWord word="stopped" /> <span class="chalk">{{ stop.reason }}</span>
    </p>
    <p class="soft">
      {{ says.byAt(by, since) }}
    </p>
    <template v-if="stop.reason === null">
      <p class="ask">
        {{ says.whyNothingWaitsForThis }}
      </p>
      <div class="keys">
        <FrameKey v-for="reason in REASONS" :key="reason" @click="give(reason)">
          {{ reason }}
        </FrameKey>
      </div>
      <FrameForm class="own" @send="give(ownWords)">
        <FrameText
          v-model="ownWords"
          is-heard
          is-needed
          :label="says.inYourOwnWords"
          maxlength="500"
          :placeholder="says.orInYourOwnWords"
        />
        <FrameKey type="submit">
          {{ says.saySo }}
        </FrameKey>
      </FrameForm>
    </template>
    <p v-if="stop.reason === null" class="soft">
      {{ says.onceSomebodyHasSaidWhy }}
    </p>
    <FrameKey
      v-else-if="mayReopen"
      look="go"
      class="reopen"
      :disabled="placed.unsent"
      @click="act('station.reopen', {}, placed.version)"
    >
      {{ says.putRightReOpenBay(placed.bay.label) }}
    </FrameKey>
    <template v-else>
      <p class="soft">
        {{ says.anInstructorOrTheSafety }}
      </p>
      <StationSignature :busy="busy" @sign="reopenSigned" />
    </template>
    <p v-if="refused" role="alert">
      {{ refused }}
    </p>
  </section>
</template>

<style scoped>
.big {
  font-size: var(--type-lead);
  font-weight: 650;
}
.ask {
  font-weight: 700;
  margin: var(--space-4) 0 var(--space-3);
}
.own {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: start;
  gap: var(--space-4);
  margin-top: var(--space-4);
}
.reopen {
  width: 100%;
  margin-top: var(--space-6);
}
</style>
