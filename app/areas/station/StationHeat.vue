<script setup lang="ts">
import { hallStream } from '#core/ids/streams'
import type { Warmth } from '#core/streams/hall/hall'
import type { Hall } from '#core/streams/site/site'
import { stands } from '#core/time/instant'
import { stationPages } from '~/words/station'

const says = stationPages.heat

/** How warm it is in these halls: told once for all of them, and told again when it grows warm. */
const { halls } = defineProps<{ halls: readonly Hall[] }>()
const facts = useFacts()
const judged = useJudged()
const session = useSession()
const q = useQuantities()
const { time } = useDates()
const { send, refused, busy } = useSender()

const told = computed(() => halls.map(({ hallId }) => facts.reading?.air.halls[hallId]?.heat ?? null))
/** The bays of these halls ask for it, or ask for it again. */
const isAsked = computed(() => judged.placed.some(({ bay, verdict }) =>
  halls.some(({ hallId }) => facts.site.areas.some(area => area.areaId === bay.areaId && area.hallId === hallId))
  && verdict.byId.body.findings.some(({ code }) => code === 'body.heat-not-told' || code === 'body.heat-old')))
const isOpened = ref(false)
const standing = computed(() => {
  const one = told.value[0]
  return told.value.length === 1 && one && stands(one.validUntil, judged.standing.now) ? one : null
})
const said = computed(() => {
  if (!standing.value) return ''
  const { warmth, isEverybodyUsed, at } = standing.value
  const what = 'wbgtC' in warmth
    ? says.index(q.value.heatIndex(warmth.wbgtC))
    : says.air(q.value.temperature(warmth.airC), warmth.humidityPercent, warmth.isInSun)
  return says.told(what, isEverybodyUsed, time(at))
})

const warmth = ref<Warmth | null>(null)
const used = ref<'yes' | 'no' | ''>('')
const YES_NO = ['no', 'yes'] as const
async function tell() {
  if (warmth.value === null || used.value === '') return
  const payload = { warmth: warmth.value, isEverybodyUsed: used.value === 'yes' }
  for (const { hallId } of halls) if (!(await send('hall.tell-heat', hallStream(hallId), payload)).ok) return
  isOpened.value = false
  ;[warmth.value, used.value] = [null, '']
}
</script>

<template>
  <section class="heat" :aria-label="says.howWarm">
    <p v-if="said" class="chalk">
      {{ said }}
    </p>
    <FrameKey v-if="session.may('door-checks') && !isAsked && !isOpened" @click="isOpened = true">
      {{ said ? says.tellAgain : says.howWarm }}
    </FrameKey>
    <FrameForm
      v-if="session.may('door-checks') && (isAsked || isOpened)"
      class="form"
      :lacks="warmth === null ? says.lacksWarmth : used === '' ? says.lacksUsed : null"
      :busy="busy"
      @send="tell"
    >
      <h3>{{ halls.length === 1 ? says.howWarmIn(halls[0]!.name) : says.howWarm }}</h3>
      <AirWarmth v-model="warmth" />
      <FrameChoice v-model="used" :label="says.isUsed" :ids="YES_NO" :named="id => says.usedYesNo[id]" />
      <FrameRefused :says="refused" />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.tell }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.heat, .form { display: grid; gap: var(--space-3); justify-items: start; }
</style>
