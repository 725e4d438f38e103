<script setup lang="ts">
import type { Time } from '@internationalized/date'
import { parseTime } from '@internationalized/date'
import { LOCALES } from '#shared/words/language'
import { language } from '~/words/live'

/** A time of day by the shop's clock, typed part by part, by 24 hours. Empty until all of it is there. */
const asked = defineProps<{ label: string, hint?: string, wrong?: string, isNeeded?: boolean, name?: string }>()
/** HH:MM, or nothing. */
const time = defineModel<string>({ required: true })
const value = computed(() => time.value === '' ? undefined : parseTime(time.value) as Time)
const take = (chosen: { toString: () => string } | null | undefined) => {
  time.value = chosen ? chosen.toString().slice(0, 5) : ''
}
</script>

<template>
  <FrameTyped v-slot="{ labelledBy, describedBy }" v-bind="asked" :is-empty="time === ''">
    <UInputTime
      :model-value="value"
      :locale="LOCALES[language]"
      :hour-cycle="24"
      :aria-labelledby="labelledBy"
      :aria-describedby="describedBy"
      @update:model-value="take"
    />
  </FrameTyped>
</template>
