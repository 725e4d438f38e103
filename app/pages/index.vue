<script setup lang="ts">
import { floorPages } from '~/words/floor'

const says = floorPages.page
// The board keeps its place while bays are opened beside it.
definePageMeta({ scrollToTop: false })

const judged = useJudged()
const session = useSession()
const route = useRoute()
const bayId = computed(() => typeof route.params.bayId === 'string' ? route.params.bayId : null)
const asked = computed(() => typeof route.query.ask === 'string' && bayId.value === null ? route.query.ask : null)
const isAside = computed(() => bayId.value !== null || asked.value !== null)
/** Nothing was ever planned here: the shop is still being set up. */
const isNew = computed(() => judged.placed.every(({ station: { job, recentJobs } }) => recentJobs.length <= (job === null ? 0 : 1)))
</script>

<template>
  <main class="floor" :class="{ aside: isAside }">
    <h1 class="visually-hidden">
      {{ says.floor }}
    </h1>
    <section v-if="judged.placed.length === 0" class="empty">
      <h2>{{ says.noBaysYet }}</h2>
      <p class="lead">
        {{ says.aBayIsAPlace }}
      </p>
      <NuxtLink v-if="session.may('set-up-site')" class="key go link" to="/first-steps">
        {{ says.setUpTheSite }}
      </NuxtLink>
      <p v-else>
        {{ says.theSafetyLeadSetsThe }}
      </p>
    </section>
    <div v-else class="left">
      <LazyFloorReopen v-if="judged.tally.stopped > 1" />
      <LazyBeginNext v-if="isNew && session.may('set-up-site')" />
      <FloorBoard :chosen="bayId" />
    </div>
    <aside
      v-if="judged.placed.length > 0"
      class="right"
      tabindex="0"
      :aria-label="bayId ? says.theBay : asked === null ? says.howToReadTheBoard : says.whatWasAsked"
    >
      <LazyStationAsked v-if="asked !== null" :line="asked" />
      <NuxtPage v-else-if="bayId" />
      <FloorLegend v-else />
    </aside>
  </main>
</template>

<style scoped>
.floor { flex: 1; display: grid; grid-template-columns: minmax(0, 846fr) minmax(0, 434fr); min-height: 0; }
.right { border-left: var(--line-heavy) solid var(--ink); background: var(--panel); padding: var(--space-6) var(--space-7); min-width: 0; }
.empty { grid-column: 1 / -1; padding: var(--space-9) var(--space-8); }
.empty .link { display: inline-grid; place-items: center; }
@media (min-width: 901px) {
  .right { position: sticky; top: 63px; height: calc(100dvh - 63px); overflow: auto; }
}
@media (max-width: 900px) {
  .floor { display: block; }
  .floor.aside .left { display: none; }
  .right { border-left: 0; min-height: 60dvh; }
}
</style>
