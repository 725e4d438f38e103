<script setup lang="ts">
import { stationStream } from '#core/ids/streams'
import type { Placed } from '~/stores/judged'
import { stationPages } from '~/words/station'

const says = stationPages.placePerson

/** Who stands at this bay today. Another person starts with nothing checked. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const judged = useJudged()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const elsewhere = computed(
  () =>
    new Map(
      judged.placed
        .filter(other => other.station.personId && other.bay.bayId !== placed.bay.bayId)
        .map(other => [other.station.personId!, other.bay.label]),
    ),
)

async function place(personId: string | null) {
  const sent = await act('station.place-person', { personId }, placed.version)
  if (sent.ok) emit('done')
}
</script>

<template>
  <section :aria-label="says.whoStandsHere">
    <h3>{{ says.whoStandsHere2 }}</h3>
    <p class="soft">
      {{ says.helmetGlassesAndOutfitAre }}
    </p>
    <FrameRefused :says="refused" />
    <div class="names">
      <FrameKey
        v-for="{ personId, name } in facts.reading?.people"
        :key="personId"
        :picked="personId === placed.station.personId"
        @click="place(personId)"
      >
        {{ name }}<small v-if="elsewhere.has(personId)">{{ says.atBay(elsewhere.get(personId)!) }}</small>
      </FrameKey>
      <FrameKey @click="place(null)">
        {{ says.nobody }}
      </FrameKey>
    </div>
  </section>
</template>

<style scoped>
h3 { font-size: var(--type-head); }
.names { display: grid; grid-template-columns: 1fr 1fr; gap: var(--space-4); margin-top: var(--space-6); }
small { display: block; font-weight: 500; color: var(--soft); }
</style>
