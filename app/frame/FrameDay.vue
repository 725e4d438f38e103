<script setup lang="ts">
import type { CalendarDate } from '@internationalized/date'
import { parseDate } from '@internationalized/date'
import { LOCALES } from '#shared/words/language'
import { language } from '~/words/live'

/** A day, typed part by part in the order in which the reader's language writes it. Empty until all of it is there. */
const { label, hint = '', wrong = '' } = defineProps<{ label: string, hint?: string, wrong?: string }>()
/** YYYY-MM-DD, or nothing. */
const day = defineModel<string>({ required: true })

useNamedParts(useTemplateRef('root'))
const value = computed(() => day.value === '' ? undefined : parseDate(day.value) as CalendarDate)
const take = (chosen: { toString: () => string } | null | undefined) => {
  day.value = chosen ? chosen.toString().slice(0, 10) : ''
}
</script>

<template>
  <FrameField v-slot="{ labelledBy, describedBy }" is-group :label="label" :hint="hint" :wrong="wrong">
    <div ref="root">
      <UInputDate
        :model-value="value"
        :locale="LOCALES[language]"
        :aria-labelledby="labelledBy"
        :aria-describedby="describedBy"
        @update:model-value="take"
      />
    </div>
  </FrameField>
</template>
