<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import { helpingNow } from '#core/job/helping'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'
import { vStill } from '~/frame/still'

const says = stationPages.helpers

/** Who helps at the arc of this bay today: they breathe of it, and their day counts here as the welder's does. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const judged = useJudged()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const { whereIs } = useWhereabouts()
const coming = ref('')

const people = computed(() => facts.reading?.people ?? [])
const nameOf = (personId: string): string => facts.names.get(personId) ?? personId
const helping = computed(() => helpingNow(placed.station.helpers, judged.standing.now))
const others = computed(() =>
  people.value
    .map(({ personId }) => personId)
    .filter(id => id !== placed.station.personId && !helping.value.some(({ personId }) => personId === id)))
const whoAndWhere = (personId: string): string => [nameOf(personId), whereIs(personId)].filter(Boolean).join(', ')

async function take() {
  if (coming.value === '') return
  const sent = await act('station.take-helper', { personId: coming.value }, placed.version)
  if (sent.ok) coming.value = ''
}
const end = (personId: string) => act('station.end-help', { personId }, placed.version)
</script>

<template>
  <section :aria-label="says.whoHelps">
    <h3>{{ says.whoHelps }}</h3>
    <p class="soft">
      {{ says.theyBreatheOfIt }}
    </p>
    <FrameRefused :says="refused" />
    <ul v-if="helping.length > 0" v-still="helping.map(({ personId }) => personId).join()" :aria-label="says.helpHere">
      <li v-for="one in helping" :key="one.personId">
        <p class="who">
          <span class="chalk">{{ nameOf(one.personId) }}</span>
          <FrameKey :aria-label="says.goesOf(nameOf(one.personId))" @click="end(one.personId)">
            {{ says.goes }}
          </FrameKey>
        </p>
        <LazyStationHelperEyes :placed="placed" :helping="one" :name="nameOf(one.personId)" />
      </li>
    </ul>
    <div class="coming">
      <FrameSelect v-model="coming" :label="says.somebody" :ids="others" :named="whoAndWhere" :none="says.nobody" />
      <FrameKey :disabled="coming === ''" @click="take">
        {{ says.helpsHere }}
      </FrameKey>
    </div>
  </section>
</template>

<style scoped>
section { margin-top: var(--space-8); border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-6); }
h3 { font-size: var(--type-head); }
ul { list-style: none; margin: var(--space-4) 0 0; padding: 0; display: grid; gap: var(--space-3); }
li { display: grid; gap: var(--space-3); }
.who { display: flex; align-items: center; justify-content: space-between; gap: var(--space-4); }
.coming { display: grid; grid-template-columns: minmax(0, 1fr) auto; align-items: center; gap: var(--space-4); margin-top: var(--space-4); }
</style>
