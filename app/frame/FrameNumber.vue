<script setup lang="ts">
import type { ShopUnit } from '~/frame/useShopUnits'
import { framePages } from '~/words/frame'

const says = framePages.number

/** A labelled number in the site's own unit; SI outside. What cannot be read stays typed, with what is wrong beside it. */
const { label, unit, limits, hint = '', optional = false, name = undefined } = defineProps<{
  label: string
  unit: ShopUnit
  limits: { readonly min: number, readonly max: number }
  hint?: string
  optional?: boolean
  name?: string
}>()
const si = defineModel<number | undefined>({ required: true })
const shownOf = (value: number) => Number(unit.toShown(value).toPrecision(6))
const text = ref(si.value === undefined ? '' : String(shownOf(si.value)))
const wrong = computed(() => {
  if (text.value.trim() === '') return optional ? '' : says.aNumberInIsNeeded(unit.unit)
  const value = unit.fromShown(readNumber(text.value))
  if (Number.isNaN(value)) return says.aNumberInIsNeeded(unit.unit)
  if (value < limits.min - 1e-9) return says.atLeast(shownOf(limits.min), unit.unit)
  return value > limits.max + 1e-9 ? says.atMost(shownOf(limits.max), unit.unit) : ''
})
watch([si, () => unit.unit], ([value], [, before]) => {
  // Emptied from outside; a number that could not be read stays as it was typed, until another comes from outside.
  if (value === undefined && wrong.value === '') text.value = ''
  if (value !== undefined && (before !== unit.unit || !(Math.abs(unit.fromShown(readNumber(text.value)) - value) <= 1e-9)))
    text.value = String(shownOf(value))
})
const touched = ref(false)
function typed() {
  touched.value = true
  si.value = wrong.value === '' && text.value.trim() !== '' ? unit.fromShown(readNumber(text.value)) : undefined
}
</script>

<template>
  <FrameField
    v-slot="{ id, describedBy }"
    :label="`${label}${unit.unit ? `, ${unit.unit}` : ''}`"
    :wrong="touched ? wrong : ''"
    :lacks="wrong"
    :hint="hint"
    :name="name"
  >
    <UInput
      :id="id"
      v-model="text"
      inputmode="decimal"
      :aria-describedby="describedBy"
      @update:model-value="typed"
    />
  </FrameField>
</template>
