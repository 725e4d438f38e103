<script setup lang="ts">
import type { CalendarDate } from '@internationalized/date'
import { parseDate } from '@internationalized/date'
import { LOCALES } from '#shared/words/language'
import { framePages } from '~/words/frame'
import { language } from '~/words/live'

const says = framePages.day

/**
 * A day, typed part by part in the order in which the reader's language writes it there, or chosen from the calendar. Empty until all of
 * it is there.
 */
const asked = defineProps<{ label: string, hint?: string, wrong?: string, isNeeded?: boolean, name?: string }>()
/** YYYY-MM-DD, or nothing. */
const day = defineModel<string>({ required: true })
const facts = useFacts()
/** English writes the month first in the States and the day first elsewhere: a shop reads and types what its papers say. */
const locale = computed(() => language.value === 'en' && facts.rules.jurisdiction.startsWith('us') ? 'en-US' : LOCALES[language.value])
const value = computed(() => day.value === '' ? undefined : parseDate(day.value) as CalendarDate)
const take = (chosen: unknown) => {
  day.value = chosen ? String(chosen).slice(0, 10) : ''
}
const isOpen = ref(false)
const choose = (chosen: unknown) => {
  take(chosen)
  isOpen.value = false
}
/** Turns the page of the calendar: arrows, called in the reader's language. */
const turns = (label: string, called: string) => ({ label, 'icon': undefined, 'variant': 'outline' as const, 'aria-label': called })
</script>

<template>
  <FrameTyped v-slot="{ labelledBy, describedBy }" v-bind="asked" :is-empty="day === ''">
    <UInputDate
      :model-value="value"
      :locale="locale"
      :aria-labelledby="labelledBy"
      :aria-describedby="describedBy"
      @update:model-value="take"
    />
    <UPopover v-model:open="isOpen" :content="{ side: 'bottom', align: 'end', collisionPadding: 8 }">
      <FrameKey :aria-label="says.chooseFor(label)">
        {{ says.calendar }}
      </FrameKey>
      <template #content>
        <LazyUCalendar
          :model-value="value"
          :locale="locale"
          :fixed-weeks="false"
          prevent-deselect
          :view-control="false"
          :prev-month="turns('‹', says.monthBefore)"
          :next-month="turns('›', says.monthAfter)"
          :prev-year="turns('«', says.yearBefore)"
          :next-year="turns('»', says.yearAfter)"
          @update:model-value="choose"
        />
      </template>
    </UPopover>
  </FrameTyped>
</template>
