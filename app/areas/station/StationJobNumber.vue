<script setup lang="ts">
import type { NumberField } from '~/areas/station/useJobDraft'
import { wrongNumber } from '~/areas/station/useJobDraft'
import { stationPages } from '~/words/station'

const says = stationPages.jobNumber

/** A number on the job card: usual values as keys, a stepper, and a field for any other. SI goes out. */
const { field, label, value, usual, unit, step, toShown = (si: number) => si, fromShown = (shown: number) => shown } = defineProps<{
  field: NumberField
  label: string
  value: number | undefined
  usual: readonly number[]
  unit: string
  step: number
  toShown?: (si: number) => number
  fromShown?: (shown: number) => number
}>()
const emit = defineEmits<{
  set: [value: number]
  /** What is typed is no number, or none that can be: what was set before is not what anybody says now. */
  forget: []
}>()

const shownOf = (si: number) => Number(toShown(si).toFixed(3))
const text = ref(value === undefined ? '' : String(shownOf(value)))
watch(() => value, (now) => {
  if (now !== undefined && fromShown(readNumber(text.value)) !== now) text.value = String(shownOf(now))
})
const typedSi = computed(() => fromShown(readNumber(text.value)))
const wrong = computed(() => text.value.trim() === '' ? null : wrongNumber(field, typedSi.value, { unit, toShown }))

function typed() {
  if (text.value.trim() !== '' && wrong.value === null) emit('set', typedSi.value)
  else emit('forget')
}
/** A keypad for gloved fingers: two rows of six. */
const PAD = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '.', '0', '⌫'] as const
/** The first digit after a choice begins a new number. */
const fresh = ref(true)
function press(key: typeof PAD[number]) {
  if (key === '⌫') text.value = text.value.slice(0, -1)
  else text.value = fresh.value ? key : text.value + key
  fresh.value = false
  typed()
}
function stepBy(by: number) {
  const next = Math.max(0, Number(((value === undefined ? 0 : shownOf(value)) + by).toFixed(3)))
  text.value = String(next)
  typed()
}
</script>

<template>
  <div class="number">
    <div class="keys">
      <FrameKey
        v-for="one in usual"
        :key="one"
        :picked="one === value"
        @click="fresh = true; emit('set', one)"
      >
        {{ shownOf(one) }}
      </FrameKey>
    </div>
    <div class="stepper">
      <FrameKey :aria-label="says.less(label, step, unit)" @click="stepBy(-step)">
        −
      </FrameKey>
      <label class="box">
        <span class="visually-hidden">{{ label }}, {{ unit }}</span>
        <UInput v-model="text" inputmode="decimal" :aria-invalid="wrong !== null" @update:model-value="typed" />
        <span class="unit">{{ unit }}</span>
      </label>
      <FrameKey :aria-label="says.more(label, step, unit)" @click="stepBy(step)">
        +
      </FrameKey>
    </div>
    <div class="pad" role="group" :aria-label="says.keypad(label)">
      <FrameKey
        v-for="key in PAD"
        :key="key"
        :aria-label="key === '⌫' ? says.rubOut : key === '.' ? says.point : says.digit(key)"
        @click="press(key)"
      >
        {{ key }}
      </FrameKey>
    </div>
    <p class="wrong" role="status">
      {{ wrong }}
    </p>
  </div>
</template>

<style scoped>
.number {
  display: grid;
  gap: var(--space-4);
}
.stepper {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) 56px;
  gap: var(--space-4);
}
.stepper .key {
  font-size: var(--type-big);
  padding: 0;
}
.pad {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: var(--space-3);
}
.pad .key {
  min-width: 0;
  padding: 0;
  font-size: var(--type-head);
}
.box {
  display: flex;
  align-items: center;
  border: var(--line-rule) solid var(--strong-rule);
  padding: 0 var(--space-6);
}
.box:focus-within {
  border-color: var(--ink);
  outline: var(--line-heavy) solid var(--ink);
  outline-offset: 2px;
}
:deep(input) {
  flex: 1;
  min-width: 0;
  min-height: 52px;
  border: 0;
  outline: none;
  background: none;
  color: var(--chalk);
  font: inherit;
  font-size: var(--type-big);
  font-weight: 800;
  font-variation-settings: 'CASL' 1;
}
.unit {
  color: var(--soft);
  font-weight: 650;
}
.wrong {
  min-height: 22px;
  color: var(--stop);
  font-weight: 650;
}
</style>
