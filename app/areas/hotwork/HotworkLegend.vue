<script setup lang="ts">
import { framePages } from '~/words/frame'
import { hotWorkPages } from '~/words/hotWork'

/** How a permit runs, for whoever has none open. */
const says = hotWorkPages.page
</script>

<template>
  <section class="legend">
    <h2>{{ says.howAPermitRuns }}</h2>
    <p><b>{{ says.walk }}</b> {{ says.thePlaceAndSeeTo }} <b>{{ says.signed }}</b> {{ says.bySomebodyWhoDoesNot }}</p>
    <p><b>{{ says.work }}</b> {{ says.goesOnOnlyWithThe }}</p>
    <p><b>{{ says.watch }}</b> {{ says.afterTheLastArcWhole }} <b>{{ says.looks }}</b> {{ says.nowAndThenThenClosed }}</p>
    <p class="soft wide">
      {{ says.zonarisAdvisesLocalCodeAnd }}
    </p>
    <FrameTold class="wide" of="fire" :label="framePages.first.whatItMeans" />
  </section>
</template>

<style scoped>
.legend {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: var(--space-4) var(--space-9);
  margin-top: var(--space-9);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-5);
}
.legend h2,
.wide { grid-column: 1 / -1; }
</style>
