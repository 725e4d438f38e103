<script setup lang="ts">
import type { RegulatorList } from '#core/cylinder/week-end'
import { cylinderStream } from '#core/ids/streams'
import { tagIdOf } from '#core/ids/tag'
import { cylinderWords } from '~/words/cylinder-words'
import { gasPages } from '~/words/gas'
import { vStill } from '~/frame/still'

const says = gasPages.week

/** Regulators that come off at the end of the week, or of the day, one tap each. */
const { week } = defineProps<{ week: RegulatorList }>()
const facts = useFacts()
const session = useSession()
const { send, refused } = useSender()
const { day } = useDates()
const off = (tag: string) => send('cylinder.disconnect', cylinderStream(tagIdOf(tag)), { isCapped: true })
const bayLabel = (bayId: string) => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
</script>

<template>
  <section class="week">
    <h2>{{ says.regulatorsStillOn }}</h2>
    <p>
      {{ says.thisSiteKeepsThem(cylinderWords.regulatorRules[week.rule]) }}
      <template v-if="week.by">
        {{ says.theyComeOff }} <b :class="{ 'state-hold': week.isToday }">{{ week.isToday ? says.today : says.by(
          day(week.by),
        ) }}</b>{{ says.capOn }}
      </template>
    </p>
    <p v-if="week.list.length === 0" class="said is-open">
      {{ says.everyRegulatorIsOff }}
    </p>
    <FrameRefused :says="refused" />
    <ul v-still="week.list.map(({ tag }) => tag).join()">
      <li v-for="cylinder in week.list" :key="cylinder.tag">
        <NuxtLink :to="`/gas/${cylinder.tag.toLowerCase()}`" class="tag">
          {{ cylinder.tag }}
        </NuxtLink>
        <span>{{ gasWords(cylinder.gas) }}, {{ cylinder.standing?.in === 'bay' ? says.bay(bayLabel(cylinder.standing.bayId)) : says.inTheStore }}</span>
        <FrameKey v-if="session.may('use-gas')" @click="off(cylinder.tag)">
          {{ says.offCapOn }} <span class="visually-hidden">{{ cylinder.tag }}</span>
        </FrameKey>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.week {
  display: grid;
  gap: var(--space-5);
}
li {
  display: grid;
  grid-template-columns: 90px minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-5);
  min-height: 64px;
  border-bottom: var(--line-thin) solid var(--rule);
}
.tag {
  font-weight: 900;
  font-size: var(--type-head);
}
</style>
