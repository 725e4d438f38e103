<script setup lang="ts">
import type { LifeEntry, NoticeReading } from '#shared/contract/readings'
import { logPages } from '~/words/log'

const says = logPages.life

/** A thing's whole life, newest first, and who was told of it: told means seen. */
const { life, notices } = defineProps<{ life: readonly LifeEntry[] | null, notices: readonly NoticeReading[] }>()
const facts = useFacts()
const called = useWhere()
const lookup = useLookup()
const { moment, time } = useDates()
const newest = computed(() => notices[0] ?? null)
</script>

<template>
  <div class="life">
    <template v-if="newest">
      <h3>{{ says.told }}</h3>
      <p class="soft">
        {{ lookup.say(newest.what).message }} {{ moment(newest.givenAt) }}
      </p>
      <ul class="told">
        <li v-for="{ personId, as } in newest.to" :key="personId">
          <b>{{ lookup.names.get(personId) ?? personId }}</b> <span class="soft">{{ as === 'at-bay' ? says.atTheBay : as === 'named' ? says.namedInThePermit : words.roles[as] }}</span>
          <span
            :class="newest.seenAt[personId] ? 'state-open' : 'state-hold'"
          >{{ newest.seenAt[personId] ? says.seen(time(newest.seenAt[personId]!)) : says.notYetSeen }}</span>
        </li>
      </ul>
    </template>
    <h3>{{ says.itsLife }}</h3>
    <p v-if="life === null" class="soft">
      {{ says.whoReadsTheRecordReads }}
    </p>
    <ol v-else>
      <li v-for="entry in life" :key="entry.position">
        <span class="when print">{{ moment(entry.at) }}</span>
        <span class="chalk">{{ saidOf(entry, facts.rules.units, called) }}</span>
        <span class="soft">{{ whoDid(entry) }}</span>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.life { display: grid; gap: var(--space-3); }
h3 { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); margin-top: var(--space-4); font-size: var(--type-lead); }
.told li {
  display: flex; flex-wrap: wrap; gap: 0 var(--space-5); min-height: 34px; align-items: baseline;
  border-bottom: var(--line-thin) solid var(--rule);
}
.told li > :last-child { margin-left: auto; font-weight: 700; }
ol li {
  display: grid; grid-template-columns: 118px minmax(0, 1fr) auto; gap: var(--space-5); padding: var(--space-4) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.when, ol .soft { font-size: var(--type-small); }
@media (max-width: 520px) { ol li { grid-template-columns: minmax(0, 1fr) auto; } ol .chalk { grid-column: 1 / 3; grid-row: 2; } }
</style>
