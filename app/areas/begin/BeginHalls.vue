<script setup lang="ts">
import { BAYS_AT_ONCE, HALL_SIZE_LIMITS } from '#core/streams/site/site'
import type { HallSize } from '#core/streams/site/site'
import type { BayKindId } from '#core/ids/vocabulary'
import { BAY_KINDS } from '#core/ids/vocabulary'
import { wordId } from '#core/ids/word-id'
import { SITE_STREAM } from '#core/ids/streams'
import { makeUuid } from '~/stores/outbox'
import { beginPages } from '~/words/begin'

const says = beginPages.halls

/** A hall by its size, its bays by their count: made in one go. */
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const units = useShopUnits()
const { send, refused, busy } = useSender()
const name = ref('')
const lengthM = ref<number | undefined>()
const widthM = ref<number | undefined>()
const heightM = ref<number | undefined>()
const count = ref<number | undefined>()
const kind = ref<BayKindId | ''>('designated')
const whole = { unit: '', step: 1, toShown: (si: number) => si, fromShown: (shown: number) => Math.round(shown) }

/** Bays are counted on from the highest number there is. */
const first = computed(() => 1 + Math.max(0, ...facts.site.bays.map(({ label }) => Number(label)).filter(Number.isInteger)))
/** Once one of them is typed the others are asked for: half a size is no size. */
const isSized = computed(() => [lengthM, widthM, heightM].some(({ value }) => value !== undefined))
const size = computed<HallSize | null>(() =>
  lengthM.value === undefined || widthM.value === undefined || heightM.value === undefined
    ? null
    : { lengthM: lengthM.value, widthM: widthM.value, heightM: heightM.value })
function freeId(text: string, taken: readonly string[]): string {
  const base = wordId(text, 'x')
  return taken.includes(base) ? `${base}-${makeUuid().slice(0, 6)}` : base
}
const asked = computed(() => {
  const { halls, areas, bays } = facts.site
  const label = (nth: number) => String(first.value + nth)
  return {
    hall: {
      hallId: freeId(name.value, halls.map(({ hallId }) => hallId)),
      name: name.value.trim(),
      ...size.value ? { size: size.value } : {},
    },
    area: { areaId: freeId(name.value, areas.map(({ areaId }) => areaId)), name: name.value.trim() },
    bays: Array.from({ length: count.value ?? 0 }, (_, nth) => ({
      bayId: freeId(`bay ${label(nth)}`, bays.map(({ bayId }) => bayId)),
      label: label(nth),
      kind: kind.value || 'designated' as const,
    })),
  }
})
async function make() {
  const sent = await send('site.set-out', { id: SITE_STREAM, expectedVersion: facts.reading?.versions.site ?? null }, asked.value)
  if (!sent.ok) return
  await facts.refresh()
  name.value = ''
  for (const number of [lengthM, widthM, heightM, count]) number.value = undefined
  emit('done')
}
</script>

<template>
  <FrameForm class="form wide" :busy="busy" @send="make">
    <FrameText v-model="name" :label="says.name" :hint="says.nameHint" maxlength="80" is-needed />
    <div class="columns">
      <FrameNumber v-model="lengthM" :label="says.long" :unit="units.height" :limits="HALL_SIZE_LIMITS.lengthM" :optional="!isSized" />
      <FrameNumber v-model="widthM" :label="says.wide" :unit="units.height" :limits="HALL_SIZE_LIMITS.widthM" :optional="!isSized" />
      <FrameNumber v-model="heightM" :label="says.high" :unit="units.height" :limits="HALL_SIZE_LIMITS.heightM" :optional="!isSized" />
      <FrameNumber
        v-model="count"
        :label="says.bays"
        :unit="whole"
        :limits="{ min: 1, max: BAYS_AT_ONCE }"
        :hint="says.numberedFrom(first)"
      />
    </div>
    <FrameChoice v-model="kind" :label="says.kind" :ids="BAY_KINDS" :named="id => words.bayKinds[id]" :hint="says.kindHint" />
    <FrameRefused :says="refused" />
    <FrameKey look="go" type="submit" :disabled="busy || count === undefined">
      {{ count === undefined ? says.make : says.makeSo(count) }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.wide { max-width: 640px; }
</style>
