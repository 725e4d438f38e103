<script setup lang="ts">
import type { CalendarDate } from '@internationalized/date'
import { parseDate } from '@internationalized/date'
import { LOCALES } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.form

/** A day, typed part by part in the order in which the reader's language writes it there. Empty until all of it is there. */
const { label, hint = '', wrong = '', isNeeded = false, name = undefined } = defineProps<{
  label: string
  hint?: string
  wrong?: string
  /** Its form cannot be sent without it. */
  isNeeded?: boolean
  name?: string
}>()
/** YYYY-MM-DD, or nothing. */
const day = defineModel<string>({ required: true })

useNamedParts(useTemplateRef('root'))
const facts = useFacts()
/** English writes the month first in the States and the day first elsewhere: a shop reads and types what its papers say. */
const locale = computed(() => language.value === 'en' && facts.rules.jurisdiction.startsWith('us') ? 'en-US' : LOCALES[language.value])
const value = computed(() => day.value === '' ? undefined : parseDate(day.value) as CalendarDate)
const take = (chosen: { toString: () => string } | null | undefined) => {
  day.value = chosen ? chosen.toString().slice(0, 10) : ''
}
</script>

<template>
  <FrameField
    v-slot="{ labelledBy, describedBy }"
    is-group
    :label="label"
    :hint="hint"
    :wrong="wrong"
    :lacks="isNeeded && day === '' ? says.needed : wrong"
    :name="name"
  >
    <div ref="root">
      <UInputDate
        :model-value="value"
        :locale="locale"
        :aria-labelledby="labelledBy"
        :aria-describedby="describedBy"
        @update:model-value="take"
      />
    </div>
  </FrameField>
</template>
