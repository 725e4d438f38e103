<script setup lang="ts">
import type { CylindersReading } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.row

/** One cylinder in the list: the whole row is the target. */
const {
  row,
  today,
  chosen,
  need = null,
} = defineProps<{ row: CylindersReading['cylinders'][number], today: string, chosen: boolean, need?: number | null }>()
const q = useQuantities()
const saidOfCylinder = useCylinderSaid()
const fact = computed(() => row.fact)
const said = computed(() => saidOfCylinder(row, today))
</script>

<template>
  <NuxtLink class="row" :class="{ chosen }" :to="`/gas/${row.tagId}`" :aria-current="chosen ? 'true' : undefined" prefetch-on="interaction">
    <span class="tag">{{ row.cylinder.tag }}</span>
    <span class="gas"><b>{{ gasWords(row.cylinder.gas) }}</b><small :class="said.tone">{{ said.word }}</small></span>
    <span class="left">
      <template v-if="fact.left && !row.cylinder.isEmpty">
        <span class="print">{{ q.gas(fact.left.lowM3) }} <i v-if="fact.fullM3" class="soft">{{ says.of(q.gas(fact.fullM3)) }}</i></span>
        <CylinderTemper v-if="fact.fullM3" :left="fact.left.lowM3" :full="fact.fullM3" :need="need" />
      </template>
      <span v-else class="soft">{{ row.cylinder.isEmpty ? says.empty : says.notRead }}</span>
    </span>
    <span
      class="due"
      :class="{ 'state-hold': said.isLate }"
    >{{ said.test }}</span>
  </NuxtLink>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 84px minmax(0, 1.2fr) minmax(0, 1fr) 104px;
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
.gas b,
.gas small {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.gas b {
  font-weight: 700;
}
.gas small {
  font-size: var(--type-small);
  font-weight: 600;
}
.left {
  display: grid;
  gap: var(--space-2);
  font-weight: 700;
}
.left i {
  font-style: normal;
  font-weight: 500;
}
.due {
  font-size: var(--type-small);
  text-align: right;
  font-weight: 600;
}
@media (max-width: 520px) {
  .row {
    grid-template-columns: 72px minmax(0, 1fr) minmax(0, 1fr);
    padding: var(--space-3) 0;
  }
  .due {
    grid-column: 2 / 4;
    text-align: left;
  }
}
</style>
