<script setup lang="ts">
import { openingPages } from '~/words/opening'

const says = openingPages.page

/** The shop opened, in walking order: what each bay still lacks today, shorter with each tap. */
const judged = useJudged()
const session = useSession()
const { atBay, atDoor, problem } = useLooks()
const toGo = computed(() => judged.placed.filter(({ verdict }) => verdict.word !== 'clear-to-strike'))
const clear = computed(() => judged.placed.filter(({ verdict }) => verdict.word === 'clear-to-strike'))
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
      <OpeningClass />
      <p class="count" role="status">
        {{ says.toGo(toGo.length, clear.length) }}
      </p>
      <ul class="bays">
        <OpeningBay
          v-for="placed in toGo"
          :key="placed.bay.bayId"
          :placed="placed"
          :bay="atBay(placed)"
          :door="atDoor(placed)"
        />
      </ul>
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
.count { font-weight: 750; margin-top: var(--space-7); border-bottom: var(--line-rule) solid var(--ink); padding-bottom: var(--space-3); }
.bays { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(100%, 460px), 1fr)); gap: 0 var(--space-9); }
section h2 { margin-top: var(--space-8); }
.done { margin-right: var(--space-7); font-weight: 750; }
.done small { font-weight: 500; color: var(--soft); }
</style>
