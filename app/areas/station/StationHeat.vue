<script setup lang="ts">
import { hallIdOf } from '#core/air/air-facts'
import { hallStream } from '#core/ids/streams'
import type { Warmth } from '#core/streams/hall/hall'
import type { Hall } from '#core/streams/site/site'
import { stands } from '#core/time/instant'
import { stationPages } from '~/words/station'

const says = stationPages.heat

/** How warm it is in these halls: told once for those that are picked, and told again when it grows warm. */
const { halls } = defineProps<{ halls: readonly Hall[] }>()
const facts = useFacts()
const judged = useJudged()
const session = useSession()
const q = useQuantities()
const { time } = useDates()
const { send, refused, busy } = useSender()

const told = computed(() => halls.map(({ hallId }) => facts.reading?.air.halls[hallId]?.heat ?? null))
/** Halls whose bays ask for it, or ask for it again. */
const asked = computed(() => halls.map(({ hallId }) => hallId).filter(hallId => judged.placed.some(({ bay, verdict }) =>
  hallIdOf(facts.site, bay.bayId) === hallId
  && verdict.byId.body.findings.some(({ code }) => code === 'body.heat-not-told' || code === 'body.heat-old'))))
const isAsked = computed(() => asked.value.length > 0)
/** What is told of one hall says nothing of another: those that ask are picked, and others only by hand. */
const pickedByHand = ref<readonly string[] | null>(null)
const picked = computed(() => halls.length === 1 ? [halls[0]!.hallId] : pickedByHand.value ?? asked.value)
const toggle = (hallId: string) => {
  pickedByHand.value = picked.value.includes(hallId) ? picked.value.filter(id => id !== hallId) : [...picked.value, hallId]
}
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
const lacks = computed(() => {
  if (picked.value.length === 0) return says.lacksHall
  if (warmth.value === null) return says.lacksWarmth
  return used.value === '' ? says.lacksUsed : null
})
async function tell() {
  if (warmth.value === null || used.value === '' || picked.value.length === 0) return
  const payload = { warmth: warmth.value, isEverybodyUsed: used.value === 'yes' }
  for (const hallId of picked.value) if (!(await send('hall.tell-heat', hallStream(hallId), payload)).ok) return
  isOpened.value = false
  ;[warmth.value, used.value, pickedByHand.value] = [null, '', null]
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
      :lacks="lacks"
      :busy="busy"
      @send="tell"
    >
      <h3>{{ halls.length === 1 ? says.howWarmIn(halls[0]!.name) : says.howWarm }}</h3>
      <div v-if="halls.length > 1" class="halls" role="group" :aria-label="says.inWhich">
        <FrameKey v-for="{ hallId, name } in halls" :key="hallId" :picked="picked.includes(hallId)" @click="toggle(hallId)">
          {{ name }}
        </FrameKey>
      </div>
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
.halls { display: flex; flex-wrap: wrap; gap: var(--space-3); }
</style>
