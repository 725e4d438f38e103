<script setup lang="ts">
import type { HallField } from '#core/air/hall-field'
import type { SubstanceId } from '#core/ids/vocabulary'
import { TEMPER, TEMPER_END } from '~/areas/air/temper'
import type { Tint } from '~/areas/air/temper'
import { hallPages } from '~/words/hall'

const says = hallPages.page

/** Which minute of the day and which substance a plan shows, with what its colours mean. */
const { field, at, timeAt } = defineProps<{ field: HallField, at: number, timeAt: (index: number) => string }>()
const emit = defineEmits<{ look: [index: number | null], substance: [substance: SubstanceId] }>()
const facts = useFacts()
const q = useQuantities()

const legend = computed(() => {
  if (!field.limit) return []
  const { mgPerM3 } = field.limit
  const { actionFraction } = facts.rules
  const ends: readonly (readonly [Tint, number])[] = [
    ['straw', actionFraction / 2], ['gold', actionFraction], ['bronze', 1], ['purple', TEMPER_END],
  ]
  return [
    ...ends.map(([name, end]) => ({ name, said: says.upTo(q.value.limit(end * mgPerM3)) })),
    { name: 'blue' as const, said: says.over(q.value.limit(TEMPER_END * mgPerM3)) },
  ]
})
const against = computed(() => {
  if (!field.limit) return ''
  const { use: { limit }, mgPerM3 } = field.limit
  return says.against(
    words.substances[field.substance],
    words.exposureRuleSets[limit.ruleSet],
    words.limitKinds[limit.kind],
    q.value.limit(mgPerM3),
  )
})
</script>

<template>
  <div class="when">
    <FrameSlide
      :label="says.at"
      :said="timeAt(at)"
      :value="at"
      :min="0"
      :max="field.atMin.length - 1"
      :step="1"
      @drawn="emit('look', $event)"
    />
    <FrameKey :picked="at === field.worst" @click="emit('look', null)">
      {{ says.worstAt(timeAt(field.worst)) }}
    </FrameKey>
  </div>
  <ul class="legend" :aria-label="says.legend">
    <li v-for="{ name, said } in legend" :key="name">
      <i :style="{ background: TEMPER[name] }" />{{ said }}
    </li>
  </ul>
  <FrameSelect
    :model-value="field.substance"
    :label="says.whatFloats"
    :ids="field.substances"
    :named="one => words.substances[one]"
    @update:model-value="$event !== '' && emit('substance', $event)"
  />
  <p class="soft">
    {{ against }} {{ says.whatItIs }}
  </p>
</template>

<style scoped>
.when { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-6); align-items: end; }
.legend { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-6); margin: var(--space-4) 0; font-size: var(--type-small); }
.legend li { display: flex; align-items: center; gap: var(--space-3); }
.legend i { display: block; width: 22px; height: 22px; border: var(--line-thin) solid var(--strong-rule); }
@media (max-width: 700px) {
  .when { grid-template-columns: minmax(0, 1fr); }
}
</style>
