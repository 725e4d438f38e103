<script setup lang="ts">
import type { Assignment } from '#core/streams/kit-item/kit-item'
import { tagIdOf } from '#core/ids/tag'
import { kitItemStream } from '#core/ids/streams'
import { kitPages } from '~/words/kit'

const says = kitPages.bring

/** A thing is brought to a bay or a permit by its tag; what the server refused is said in the field. */
const { label, to } = defineProps<{ label: string, to: Extract<NonNullable<Assignment>, { to: 'bay' | 'permit' }> }>()
const shop = useShopUnits()
const distanceM = ref<number>()
const { send, refused } = useSender()
const tag = ref('')
async function bring() {
  const sent = await send('item.assign', kitItemStream(tagIdOf(tag.value)), {
    assignment: { ...to, ...(distanceM.value === undefined ? {} : { distanceM: distanceM.value }) },
  })
  if (!sent.ok) return
  tag.value = ''
  distanceM.value = undefined
}
</script>

<template>
  <FrameForm class="bring" @send="bring">
    <FrameText v-model="tag" :label="label" :wrong="refused" maxlength="24" autocapitalize="characters" spellcheck="false" is-needed />
    <FrameNumber
      v-model="distanceM"
      :label="says.wayToTheWork"
      :unit="shop.height"
      :limits="{ min: 0, max: 500 }"
      optional
      :hint="says.forAnExtinguisher"
    />
    <FrameKey type="submit">
      {{ says.itIsHere }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.bring { display: grid; grid-template-columns: minmax(0, 2fr) minmax(110px, 1fr) auto; gap: var(--space-4); align-items: center; }
.key { margin-top: var(--space-1); }
</style>
