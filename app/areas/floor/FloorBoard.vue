<script setup lang="ts">
import { GATES } from '#core/ids/vocabulary'
import { floorPages } from '~/words/floor'

const says = floorPages.board

const { chosen } = defineProps<{ chosen: string | null }>()
const judged = useJudged()
const session = useSession()
const clock = useClock()

/** A bay opened from elsewhere is brought into sight on a long board. */
const board = useTemplateRef('board')
watch(() => chosen, async () => {
  await nextTick()
  board.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest' })
}, { immediate: true })

const { weekdayAndTime } = useDates()
const time = computed(() => weekdayAndTime(new Date(clock.nowMs.value).toISOString()))
</script>

<template>
  <section ref="board" class="board" :aria-label="says.bays">
    <p class="tally">
      <span><b class="word-clear-to-strike">{{ judged.tally['clear-to-strike'] }}</b> {{ says.clearToStrike }}</span>
      <span><b class="word-hold">{{ judged.tally.hold }}</b> {{ says.hold }}</span>
      <span><b class="word-stopped">{{ judged.tally.stopped }}</b> {{ says.stopped }}</span>
      <NuxtLink v-if="session.may('door-checks')" class="open-shop" to="/opening" prefetch-on="interaction">
        {{ says.openTheShop }}
      </NuxtLink>
      <span class="time">{{ time }}</span>
    </p>
    <div class="head" aria-hidden="true">
      <span class="c">{{ says.bay }}</span><span>{{ says.whoAndWhat }}</span>
      <span class="gates"><span v-for="gate in GATES" :key="gate">{{ words.gatesShort[gate] }}</span></span>
      <span />
    </div>
    <FloorRow v-for="placed in judged.placed" :key="placed.bay.bayId" :placed="placed" :chosen="placed.bay.bayId === chosen" />
  </section>
</template>

<style scoped>
.board {
  padding: var(--space-2) var(--space-6) 0 var(--space-5);
  min-width: 0;
}
.tally {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-8);
  align-items: baseline;
  color: var(--soft);
  line-height: 30px;
}
.tally b {
  font-size: var(--type-big);
  font-weight: 850;
  margin-right: var(--space-1);
}
.time {
  margin-left: auto;
  color: var(--ink);
  font-weight: 650;
}
.open-shop {
  margin-left: auto;
  padding: 0 var(--space-5);
  font-weight: 650;
  color: var(--ink);
  text-decoration: underline;
}
.open-shop + .time {
  margin-left: 0;
}
.head {
  display: grid;
  grid-template-columns: 50px minmax(0, 226px) 287px minmax(0, 1fr);
  column-gap: var(--space-5);
  font-size: var(--type-fine);
  line-height: 20px;
  color: var(--soft);
  font-weight: 650;
  border-bottom: var(--line-rule) solid var(--ink);
}
.c {
  text-align: center;
}
.gates {
  display: grid;
  grid-template-columns: repeat(7, 41px);
  text-align: center;
}
@media (max-width: 900px) {
  .head > :not(.gates) {
    display: none;
  }
  .head {
    display: block;
    padding-left: 56px;
  }
}
</style>
