<script setup lang="ts">
import { baysOfHall } from '#core/air/air-facts'
import { openingPages } from '~/words/opening'
import { vStill } from '~/frame/still'

const says = openingPages.page

/** The shop opened, in walking order: what each bay still lacks today, shorter with each tap. */
const judged = useJudged()
const session = useSession()
const { atBay, atDoor, atCylinders, problem } = useLooks()
const facts = useFacts()
/** Halls with bays in use: it is told once how warm they are. */
const halls = computed(() => facts.site.halls.filter(({ hallId }) => baysOfHall(facts.site, hallId).length > 0))
/** What is still to go, each bay with what it is due. */
const toGo = computed(() => judged.placed
  .filter(({ verdict }) => verdict.word !== 'clear-to-strike')
  .map(placed => ({ placed, bay: atBay(placed), door: atDoor(placed), gas: atCylinders(placed) })))
const clear = computed(() => judged.placed.filter(({ verdict }) => verdict.word === 'clear-to-strike'))

/** A bay that is clear leaves the list, and a key that was tapped makes room for the next. */
const shape = computed(() => JSON.stringify(toGo.value.map(({ placed: { bay, station, verdict }, bay: due, door, gas }) => [
  bay.bayId, verdict.gates.map(({ state, findings }) => [state, findings[0]?.code]), [due, door].map(({ looks, byThemselves }) =>
    [looks.map(({ of }) => of), byThemselves]), gas.looks.map(({ tag }) => tag), station.job === null, station.personId,
])))
</script>

<template>
  <main class="page">
    <h1>{{ says.openTheShop }}</h1>
    <p class="lead">
      {{ says.inWalkingOrder }}
    </p>
    <p v-if="problem" class="said" role="alert">
      {{ problem }}
    </p>
    <p v-if="!session.may('door-checks')" class="said">
      {{ says.instructorOpens }}
    </p>
    <template v-else>
      <div class="together">
        <OpeningDay />
        <OpeningClass />
        <OpeningJob />
        <StationHeat :halls="halls" />
      </div>
      <p class="count" role="status">
        {{ says.toGo(toGo.length, clear.length) }}
      </p>
      <ul v-still="shape" class="bays">
        <OpeningBay
          v-for="{ placed, bay, door, gas } in toGo"
          :key="placed.bay.bayId"
          :placed="placed"
          :bay="bay"
          :door="door"
          :gas="gas"
        />
      </ul>
      <p class="also">
        <NuxtLink to="/door">
          {{ says.atTheDoor }}
        </NuxtLink>
        <NuxtLink to="/class-plan">
          {{ says.planAClass }}
        </NuxtLink>
        <NuxtLink to="/closing">
          {{ says.closeTheShop }}
        </NuxtLink>
      </p>
      <section v-if="clear.length > 0" :aria-label="says.clear">
        <h2>{{ says.clear }}</h2>
        <p>
          <NuxtLink v-for="{ bay, personName } in clear" :key="bay.bayId" class="done" :to="`/bay/${bay.bayId}`">
            {{ bay.label }} <small>{{ personName }}</small>
          </NuxtLink>
        </p>
      </section>
    </template>
  </main>
</template>

<style scoped>
.count {
  font-weight: 750;
  margin-top: var(--space-7);
  border-bottom: var(--line-rule) solid var(--ink);
  padding-bottom: var(--space-3);
}
.bays { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 460px), 1fr)); gap: 0 var(--space-9); }
.together {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: var(--space-5) var(--space-9);
  align-items: start;
}
.also { display: flex; gap: var(--space-8); margin-top: var(--space-6); }
.also a { min-height: 56px; display: inline-flex; align-items: center; font-weight: 750; text-decoration: underline; }
section h2 { margin-top: var(--space-8); }
.done { margin-right: var(--space-7); font-weight: 750; }
.done small { font-weight: 500; color: var(--soft); }
</style>
