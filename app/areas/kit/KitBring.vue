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
  <form class="bring" @submit.prevent="tag.trim() && bring()">
    <FrameField v-slot="{ id, describedBy }" :label="label" :wrong="refused">
      <UInput
        :id="id"
        v-model="tag"
        maxlength="24"
        autocapitalize="characters"
        spellcheck="false"
        :aria-describedby="describedBy"
      />
    </FrameField>
    <FrameNumber
      v-model="distanceM"
      :label="says.wayToTheWork"
      :unit="shop.height"
      :limits="{ min: 0, max: 500 }"
      optional
      :hint="says.forAnExtinguisher"
    />
    <FrameKey type="submit" :disabled="!tag.trim()">
      {{ says.itIsHere }}
    </FrameKey>
  </form>
</template>

<style scoped>
.bring { display: grid; grid-template-columns: minmax(0, 2fr) minmax(110px, 1fr) auto; gap: 8px; align-items: center; }
.key { margin-top: 2px; }
</style>
