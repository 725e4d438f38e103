<script setup lang="ts">
import type { PermitPageReading } from '#shared/contract/readings'
import { fireWords } from '~/words/fire-words'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.permit

/** What a permit is for: the work, who does it and who watches, when, how far to keep clear, and what burns near. */
const { permit, near } = defineProps<{ permit: PermitPageReading['permit'], near: PermitPageReading['near'] }>()
const lookup = useLookup()
const q = useQuantities()
const { time, moment } = useDates()
const nameOf = (personId: string) => lookup.names.get(personId) ?? says.somebodyWhoHasLeft
const names = (ids: readonly string[]) => ids.map(nameOf).join(', ') || says.nobody
const watching = computed(() => (permit.posts.length > 0 ? permit.posts : permit.watchers).map(({ personId }) => personId))
</script>

<template>
  <dl class="facts">
    <div>
      <dt>{{ says.work }}</dt><dd class="chalk">
        {{ permit.request.job.what || says.anArcWithoutAPermit }}, {{ words.processes[permit.request.job.process].toLowerCase() }}
      </dd>
    </div>
    <div>
      <dt>{{ says.whoWorks }}</dt><dd class="chalk">
        {{ names(permit.request.operatorIds) }}
      </dd>
    </div>
    <div>
      <dt>{{ says.watch }}</dt><dd class="chalk">
        {{ names(watching) }}{{ permit.posts.length > 0 ? says.onPost : '' }}
      </dd>
    </div>
    <div>
      <dt>{{ says.answersForIt }}</dt><dd class="chalk">
        {{ permit.authorisedBy ? nameOf(permit.authorisedBy) : says.nobodyYet }}
      </dd>
    </div>
    <div>
      <dt>{{ says.time }}</dt><dd class="print">
        {{ says.to(moment(permit.request.fromAt), time(permit.untilAt)) }}
      </dd>
    </div>
    <div>
      <dt>{{ says.keepClear }}</dt><dd class="print">
        {{ q.distance(permit.plan.radiusM) }}
      </dd>
    </div>
    <div>
      <dt>{{ says.afterTheWork }}</dt><dd class="print">
        {{ says.minWatchMinMonitoring(permit.plan.afterMin, permit.plan.monitoringMin) }}
      </dd>
    </div>
    <div v-if="permit.secondChannel">
      <dt>{{ says.alsoReachedBy }}</dt><dd class="chalk">
        {{ permit.secondChannel }}
      </dd>
    </div>
    <div v-for="one in near" :key="one.permitId">
      <dt>{{ says.near }}</dt><dd><NuxtLink :to="`/hot-work/${one.permitId}`">{{ one.code }}</NuxtLink> {{ one.where }}, {{ fireWords.phases[one.phase] }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.facts { border-top: var(--line-rule) solid var(--ink); }
.facts > div {
  display: grid;
  grid-template-columns: 128px minmax(0, 1fr);
  gap: var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
dt { color: var(--soft); font-weight: 650; }
</style>
