<script setup lang="ts">
import type { CallId } from '#core/emergency/emergencies'
import type { CallNumbers } from '#shared/contract/readings'
import { emergencyWords } from '~/words/emergency-words'
import { helpPages } from '~/words/help'

const says = helpPages.calls

/** Numbers to call, as the house rules have them; one that nobody wrote down is said so. */
const { calls, given = undefined } = defineProps<{
  calls: readonly CallId[]
  /** The numbers as the page around was told them before the door; left out, they are asked for where nobody is signed in. */
  given?: CallNumbers | null
}>()
const facts = useFacts()
const { reading: outside } = useOutside(() => given === undefined && facts.reading === null)
const told = computed(() => given ?? (facts.reading ? null : outside.value?.shop?.calls) ?? null)
const numbers = computed(() => {
  const { emergencyNumber, firePointNumber, firstAidNumber, gasSupplierNumber } = told.value ?? facts.rules
  const known: Record<CallId, string> = {
    'emergency': emergencyNumber,
    'fire-point': firePointNumber,
    'first-aid': firstAidNumber,
    'gas-supplier': gasSupplierNumber,
  }
  return calls.map(id => ({ id, number: known[id] }))
})
</script>

<template>
  <dl class="calls">
    <div v-for="{ id, number } in numbers" :key="id">
      <dt>{{ emergencyWords.calls[id] }}</dt>
      <dd :class="{ none: !number }">
        <a v-if="/^[+0-9 ]+$/.test(number)" :href="`tel:${number.replaceAll(' ', '')}`">{{ number }}</a>
        <template v-else>
          {{ number || (facts.reading || told ? says.notWrittenDown : says.asTheShopHasIt) }}
        </template>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.calls { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-10); margin: var(--space-3) 0; }
dt { font-weight: 650; color: var(--soft); font-size: var(--type-body); }
dd { font-size: var(--type-figure); font-weight: 900; line-height: 1.15; }
.none { color: var(--hold); font-size: var(--type-head); }
a { color: inherit; }
</style>
