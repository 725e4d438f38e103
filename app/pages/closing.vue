<script setup lang="ts">
import { cylinderSentences } from '#shared/words/en/cylinder-findings'
import { learnSentences } from '#shared/words/speak'
import { regulatorsToTakeOff } from '#core/cylinder/week-end'
import { handsOver, isHandedOver, isStillOpen, shutsDown } from '#core/opening/closing'
import { minutesAfter } from '#core/time/instant'
import { dayEndsAfter } from '#core/streams/scene'
import type { PermitPhase } from '#core/ids/hotwork-ids'
import { openingPages } from '~/words/opening'
import { vStill } from '~/frame/still'

const says = openingPages.closing
learnSentences(cylinderSentences)

/** The end of the day, in walking order: gas shut, bays handed over, and what goes on without anybody. */
const judged = useJudged()
const facts = useFacts()
const session = useSession()
const { sound, busy, refused } = useSound()
const { day } = useDates()
const { reading: gas, problem } = useReading('gas', () => ({}), among('cylinder/', 'house-rules'))
const { reading: kit } = useReading('kit', () => ({ days: 1 }), among('item/', 'check-lists', 'house-rules'))
const { reading: permits } = useReading('permits', () => ({}), PERMIT_RESTS_ON)

const cylinders = computed(() => (gas.value?.cylinders ?? []).map(({ cylinder }) => cylinder))
const opened = computed(() => cylinders.value.filter(one => one.standing?.in === 'bay' && isStillOpen(one)))
const bayLabel = (bayId: string) => facts.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
const where = ({ standing }: (typeof cylinders.value)[number]) => (standing?.in === 'bay' ? says.bay(bayLabel(standing.bayId)) : '')
/** When the shop day began that stands. */
const dayBegan = computed(() => minutesAfter(dayEndsAfter(facts, judged.standing.now), -24 * 60))
const toHandOver = computed(() => judged.placed.filter(({ station }) =>
  station.personId !== null && station.job !== null && !isHandedOver(station, dayBegan.value)))
const week = computed(() => gas.value && regulatorsToTakeOff(cylinders.value, facts.rules, gas.value.today))
const due = computed(() => (kit.value?.due ?? []).map(({ item }) => `${item.tag}, ${item.name}`))
const WATCHED: ReadonlySet<PermitPhase> = new Set(['working', 'suspended', 'watch', 'monitoring'])
const watched = computed(() => (permits.value?.live ?? []).filter(({ permit }) => WATCHED.has(permit.phase)))
/** What was told leaves its list, and what is read late pushes the lists below it. */
const shape = computed(() => JSON.stringify([
  opened.value.map(({ tag }) => tag), toHandOver.value.map(({ bay }) => bay.bayId), gas.value === null, week.value === null,
  watched.value.map(({ permitId }) => permitId), refused.value ?? problem.value,
]))
</script>

<template>
  <main v-still="shape" class="page">
    <h1>{{ says.closeTheShop }}</h1>
    <p class="lead">
      {{ says.lead }}
    </p>
    <p v-if="!session.may('door-checks')" class="said">
      {{ says.instructorCloses }}
    </p>
    <template v-else>
      <FrameRefused :says="refused ?? problem" />
      <section :aria-label="says.gas">
        <h2>{{ says.gas }}</h2>
        <p v-if="!gas">
          {{ says.notRead }}
        </p>
        <p v-else-if="opened.length === 0">
          {{ says.allShut }}
        </p>
        <ul v-else>
          <li v-for="one in opened" :key="one.tag">
            <NuxtLink :to="`/gas/${one.tag.toLowerCase()}`">
              {{ one.tag }}
            </NuxtLink> <span>{{ where(one) }}</span>
            <FrameKey :disabled="busy" @click="sound([shutsDown(one)])">
              {{ says.shut }} <span class="visually-hidden">{{ one.tag }}</span>
            </FrameKey>
          </li>
        </ul>
      </section>
      <section :aria-label="says.bays">
        <h2>{{ says.bays }}</h2>
        <p v-if="!facts.reading">
          {{ says.notRead }}
        </p>
        <p v-else-if="toHandOver.length === 0">
          {{ says.allHandedOver }}
        </p>
        <ul v-else>
          <li v-for="{ bay, personName } in toHandOver" :key="bay.bayId">
            <NuxtLink :to="{ path: `/bay/${bay.bayId}`, query: { do: 'handover' } }">
              {{ says.bay(bay.label) }}
            </NuxtLink> <span>{{ personName }}</span>
            <FrameKey :disabled="busy" @click="sound([handsOver(bay.bayId)])">
              {{ says.inOrder }} <span class="visually-hidden">{{ says.bay(bay.label) }}</span>
            </FrameKey>
          </li>
        </ul>
      </section>
      <section v-if="week" :aria-label="says.regulators">
        <h2>{{ says.regulators }}</h2>
        <p>
          <NuxtLink to="/gas?do=week">
            {{ week.by === null ? says.stayOn : says.comeOff(week.list.length, week.isToday ? says.today : day(week.by)) }}
          </NuxtLink>
        </p>
      </section>
      <section :aria-label="says.permits">
        <h2>{{ says.permits }}</h2>
        <p v-if="!permits">
          {{ says.notRead }}
        </p>
        <p v-else-if="watched.length === 0">
          {{ says.noPermits }}
        </p>
        <ul v-else>
          <li v-for="one in watched" :key="one.permitId">
            <NuxtLink :to="`/hot-work/${one.permitId}`">
              {{ one.permit.request.place.where }}
            </NuxtLink>
          </li>
        </ul>
      </section>
      <section :aria-label="says.tomorrow">
        <h2>{{ says.tomorrow }}</h2>
        <p>
          <NuxtLink to="/kit">
            {{ !kit ? says.notRead : due.length === 0 ? says.nothingDue : due.join('; ') }}
          </NuxtLink>
        </p>
      </section>
      <p>
        <NuxtLink to="/opening">
          {{ says.open }}
        </NuxtLink>
      </p>
    </template>
  </main>
</template>

<style scoped>
section {
  margin-top: var(--space-7);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 460px), 1fr));
  gap: var(--space-2) var(--space-8);
  width: 100%;
}
li { display: flex; gap: var(--space-4); align-items: center; }
li span { flex: 1; color: var(--soft); }
a { font-weight: 750; text-decoration: underline; min-height: 56px; display: inline-flex; align-items: center; }
</style>
