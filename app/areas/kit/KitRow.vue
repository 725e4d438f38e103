<script setup lang="ts">
import { kitWords } from '~/words/kit-words'
import type { KitItemReading } from '#shared/contract/readings'

/** One thing in a list: the whole row is the target. */
const { reading, today, chosen } = defineProps<{ reading: KitItemReading, today: string, chosen: boolean }>()
const { placeOf } = useWhere()
const isLate = computed(() => reading.dueOn === 'now' || (reading.dueOn !== null && reading.dueOn < today))
const whyListed = useWhyListed()
const why = computed(() => whyListed(reading, today))
</script>

<template>
  <NuxtLink
    class="row"
    :class="{ chosen }"
    :to="`/kit/${reading.tagId}`"
    :aria-current="chosen ? 'true' : undefined"
    prefetch-on="interaction"
  >
    <span class="tag">{{ reading.item.tag }}</span>
    <span
      class="what"
    ><b>{{ reading.item.name }}</b><small class="soft">{{ kitWords.equipmentKinds[reading.item.kind] }}, {{ placeOf(reading.item.assignment) }}</small></span>
    <span class="why" :class="reading.item.taggedOut ? 'state-stop' : isLate ? 'state-hold' : ''">{{ why }}</span>
  </NuxtLink>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) minmax(0, 1fr);
  align-items: center;
  gap: var(--space-6);
  min-height: 60px;
  border-bottom: var(--line-thin) solid var(--rule);
  color: inherit;
  text-decoration: none;
}
.row:hover,
.row.chosen {
  background: var(--panel);
}
.row.chosen {
  box-shadow: inset 7px 0 var(--ink);
  padding-left: var(--space-5);
}
.tag {
  font-weight: 900;
  font-size: var(--type-head);
  letter-spacing: -0.02em;
}
.what b,
.what small {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.what b {
  font-weight: 700;
}
.what small {
  font-size: var(--type-small);
}
.why {
  font-weight: 700;
  font-size: var(--type-small);
  text-align: right;
}
</style>
