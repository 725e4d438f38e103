<script setup lang="ts">
import { RESIDUAL_KPA } from '#core/cylinder/contents'
import type { Contents } from '#core/cylinder/contents'
import { gasPages } from '~/words/gas'

const says = gasPages.contents

/** What is left: the least large, the middle beside it, and for how long at a flow. */
const { answer, byWeight } = defineProps<{ answer: Contents, byWeight: boolean }>()
const q = useQuantities()
/** Minutes are rounded down: what is promised must be there. */
const lasting = (minutes: number) => minutes >= 120 ? `${Math.floor(minutes / 6) / 10} h` : `${Math.floor(minutes)} min`
</script>

<template>
  <div class="contents">
    <p class="big print">
      {{ q.gas(answer.band.lowM3) }}
    </p>
    <p>{{ says.atLeastTheMiddleOf(q.gas(answer.freeGasM3), q.temperature(21.1), q.mass(answer.massKg)) }}</p>
    <p v-if="answer.minutesLeftLow !== null && answer.minutesLeft !== null">
      <b
        class="print"
      >{{ lasting(answer.minutesLeftLow) }}</b> {{ says.atThisFlowAtLeast(
        lasting(answer.minutesLeft),
        byWeight ? '' : says.withTheLastLeftIn(q.pressure(RESIDUAL_KPA)),
      ) }}
    </p>
    <CylinderFindings :findings="answer.findings" />
  </div>
</template>

<style scoped>
.contents { display: grid; gap: var(--space-2); }
.big { font-size: var(--type-figure); font-weight: 850; line-height: 1.1; }
</style>
