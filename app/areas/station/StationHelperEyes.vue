<script setup lang="ts">
import type { GlassesKind } from '#core/ids/station-ids'
import { GLASSES } from '#core/ids/station-ids'
import { stationStream } from '#core/ids/streams'
import type { Helping } from '#core/job/helping'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'

const says = stationPages.helpers

/** What somebody saw before the eyes of who helps: the same light reaches them. */
const { placed, helping, name } = defineProps<{ placed: Placed, helping: Helping, name: string }>()
const q = useQuantities()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const BARE = 'none'
const [LIGHTEST, DARKEST] = [2, 16]
const shades = [BARE, ...Array.from({ length: DARKEST - LIGHTEST + 1 }, (_, index) => String(LIGHTEST + index))]
const isAsked = computed(() => placed.verdict.shade?.minimum != null)
const shade = ref('')
const glasses = ref<GlassesKind | ''>('')
const seen = computed(() => {
  const { eyes } = helping
  if (!eyes) return null
  const under = words.glasses[eyes.glasses]
  if (eyes.shade === undefined) return says.seenGlasses(under)
  return eyes.shade === null ? says.seenBare(under) : says.seen(q.value.shade(eyes.shade), under)
})
const isTold = computed(() => glasses.value !== '' && (!isAsked.value || shade.value !== ''))

async function tell() {
  if (glasses.value === '') return
  const before = isAsked.value ? { shade: shade.value === BARE ? null : Number(shade.value) } : {}
  const sent = await act('station.check-helper', { personId: helping.personId, glasses: glasses.value, ...before })
  if (sent.ok) [shade.value, glasses.value] = ['', '']
}
</script>

<template>
  <FrameForm class="eyes" :aria-label="says.eyesOf(name)" @send="tell">
    <p :class="seen ? 'chalk' : 'soft'">
      {{ seen ?? says.nobodyLooked }}
    </p>
    <FrameSelect
      v-if="isAsked"
      v-model="shade"
      :label="says.shade"
      :ids="shades"
      :named="id => id === BARE ? says.noFilter : id"
    />
    <FrameSelect v-model="glasses" :label="says.glasses" :ids="GLASSES" :named="id => words.glasses[id]" />
    <FrameKey type="submit" :disabled="!isTold">
      {{ says.lookedAt }}
    </FrameKey>
    <FrameRefused :says="refused" />
  </FrameForm>
</template>

<style scoped>
.eyes { display: grid; grid-template-columns: minmax(0, 1fr); gap: var(--space-4); padding-bottom: var(--space-4); }
</style>
