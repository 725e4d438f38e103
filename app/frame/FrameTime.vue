<script setup lang="ts">
import type { Time } from '@internationalized/date'
import { parseTime } from '@internationalized/date'
import { LOCALES } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.form

/** A time of day by the shop's clock, typed part by part, by 24 hours. Empty until all of it is there. */
const { label, hint = '', wrong = '', isNeeded = false, name = undefined } = defineProps<{
  label: string
  hint?: string
  wrong?: string
  /** Its form cannot be sent without it. */
  isNeeded?: boolean
  name?: string
}>()
/** HH:MM, or nothing. */
const time = defineModel<string>({ required: true })

useNamedParts(useTemplateRef('root'))
const value = computed(() => time.value === '' ? undefined : parseTime(time.value) as Time)
const take = (chosen: { toString: () => string } | null | undefined) => {
  time.value = chosen ? chosen.toString().slice(0, 5) : ''
}
</script>

<template>
  <FrameField
    v-slot="{ labelledBy, describedBy }"
    is-group
    :label="label"
    :hint="hint"
    :wrong="wrong"
    :lacks="isNeeded && time === '' ? says.needed : wrong"
    :name="name"
  >
    <div ref="root">
      <UInputTime
        :model-value="value"
        :locale="LOCALES[language]"
        :hour-cycle="24"
        :aria-labelledby="labelledBy"
        :aria-describedby="describedBy"
        @update:model-value="take"
      />
    </div>
  </FrameField>
</template>
