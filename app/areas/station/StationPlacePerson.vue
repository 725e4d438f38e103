<script setup lang="ts">
import { trainingOver } from '#core/clearance/person-around'
import { stationStream } from '#core/ids/streams'
import type { PersonOnFloor } from '#shared/contract/readings'
import type { Placed } from '~/stores/judged'
import { LIKELY, likelyFirst } from './likely-first'
import { stationPages } from '~/words/station'

const says = stationPages.placePerson

/** Who stands at this bay today: the likely first. Another person starts with nothing checked. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const judged = useJudged()
const { act, refused } = useSenderTo(() => stationStream(placed.bay.bayId))
const { whereabouts, whereIs } = useWhereabouts()
const sought = ref('')
const people = computed(() => facts.reading?.people ?? [])
const parts = computed(() => likelyFirst(people.value, placed.bay.bayId, whereabouts.value, sought.value))
/** What is to be known of somebody before they are placed: where they stand, and whether the house asks for a sign-off they lack. */
function besides({ personId, group, signedOffFor, taughtUntil }: PersonOnFloor): string {
  const { process } = placed.station.job ?? {}
  const isAsked = facts.rules.signOffRule !== 'not-asked'
  const { shopDay } = judged.viewAt(placed.bay).air
  const lacks = isAsked && process !== undefined
    && (!signedOffFor.includes(process) || trainingOver({ taughtUntil }, process, shopDay) !== null)
  const elsewhere = personId === placed.station.personId ? '' : whereIs(personId)
  return [group ?? '', elsewhere, lacks ? says.notSignedOff : ''].filter(Boolean).join(', ')
}

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
    <FrameText v-if="people.length > 8" v-model="sought" class="only" type="search" maxlength="80" :label="says.find" />
    <template v-for="part in LIKELY" :key="part">
      <template v-if="parts[part].length > 0">
        <h4 :id="`likely-${part}`">
          {{ says[part] }}
        </h4>
        <div class="names" role="group" :aria-labelledby="`likely-${part}`">
          <FrameKey
            v-for="person in parts[part]"
            :key="person.personId"
            :picked="person.personId === placed.station.personId"
            :disabled="part === 'onWatch'"
            @click="place(person.personId)"
          >
            {{ person.name }}<small v-if="besides(person)">{{ besides(person) }}</small>
          </FrameKey>
        </div>
      </template>
    </template>
    <p v-if="sought && LIKELY.every(part => parts[part].length === 0)" role="status">
      {{ says.nobodyLikeIt }}
    </p>
    <div class="names">
      <FrameKey @click="place(null)">
        {{ says.nobody }}
      </FrameKey>
    </div>
    <StationHelpers :placed="placed" />
  </section>
</template>

<style scoped>
h3 { font-size: var(--type-head); }
h4 { font-weight: 750; margin-top: var(--space-6); }
.names { display: grid; grid-template-columns: 1fr 1fr; gap: var(--space-4); margin-top: var(--space-4); }
small { display: block; font-weight: 500; color: var(--soft); }
</style>
