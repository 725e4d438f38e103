<script setup lang="ts">
import type { Look, LooksDue } from '#core/opening/looks'
import type { GasLooksDue } from '#core/opening/gas-looks'
import type { Placed } from '~/stores/judged'
import { openingPages } from '~/words/opening'

const says = openingPages.bay

/** One bay on the way round: what is due there and at the door, each recorded as sound in one tap; what else holds, a tap away. */
const { placed, bay: due, door, gas } = defineProps<{ placed: Placed, bay: LooksDue, door: LooksDue, gas: GasLooksDue }>()
const lookup = useLookup()
const { sound, busy, refused } = useSound()
const isOpen = ({ state }: { readonly state: string }) => state === 'open' || state === 'not-needed'
/** What no tap here answers: said in a word, with the way to it. What follows from a job is not said before there is one. */
const rest = computed(() =>
  placed.verdict.gates
    .filter(gate => placed.station.job !== null && !isOpen(gate))
    .map(({ gate, findings }) => ({ gate, first: findings.find(({ code, severity }) => HOLDS.has(severity) && !ANSWERED.has(code)) }))
    .filter(({ first }) => first))
const HOLDS: ReadonlySet<string> = new Set(['hold', 'stop'])
/** Findings that the taps of this row answer, or that stand below by their tags. */
const ANSWERED: ReadonlySet<string> = new Set([
  'air.extraction-not-checked', 'permit.day-check-due', 'eyes.helmet-not-checked', 'eyes.glasses-not-checked', 'body.zones-to-check',
  'body.requirement-changed', 'kit.look-due', 'eyes.helmet-not-set', 'eyes.helmet-set-unsaid', 'gas.not-leak-tested', 'gas.not-read',
])
const q = useQuantities()
const nameOf = ({ of }: Look) => {
  if ('tag' in of) return of.tag
  return of.part === 'shade' ? says.helmetReads(q.value.shade(of.shade)) : says.parts[of.part]
}
const named = (looks: readonly Look[]) => looks.map(nameOf).join(', ')
const gasSays = computed(() => gas.looks
  .map(({ tag, atLeastKPa }) => atLeastKPa === null ? tag : says.readsAtLeast(tag, q.value.pressure(atLeastKPa)))
  .join(', '))
const gasSaid = computed(() => gas.looks.flatMap(({ says: said }) => said))
/** What belongs to the bay fails: the job may be for another one. */
const isElsewhereAsked = computed(() => rest.value.some(({ gate }) => gate === 'air' || gate === 'gas' || gate === 'machine'))
const isClear = computed(() => placed.verdict.word === 'clear-to-strike')
const to = (query: Record<string, string>) => ({ path: `/bay/${placed.bay.bayId}`, query })
</script>

<template>
  <li class="row" :class="{ clear: isClear }">
    <h2>
      <NuxtLink :to="`/bay/${placed.bay.bayId}`">
        {{ placed.bay.label }}
      </NuxtLink>
      <small>{{ placed.personName ?? says.nobody }}</small>
      <span><StateWord :word="placed.verdict.word" /></span>
    </h2>
    <div v-if="!isClear" class="taps">
      <FrameKey v-if="due.looks.length > 0" :disabled="busy" @click="sound(due.looks)">
        {{ says.allSound }} <span class="visually-hidden">{{ says.atBay(placed.bay.label) }}</span>
        <small>{{ named(due.looks) }}</small>
      </FrameKey>
      <FrameKey v-if="door.looks.length > 0" :disabled="busy" @click="sound(door.looks)">
        {{ says.passesAtTheDoor }} <span class="visually-hidden">{{ says.atBay(placed.bay.label) }}</span>
        <small>{{ named(door.looks) }}</small>
      </FrameKey>
      <FrameKey v-if="gas.looks.length > 0" :disabled="busy" @click="sound(gasSaid)">
        {{ says.gasTight }} <span class="visually-hidden">{{ says.atBay(placed.bay.label) }}</span>
        <small>{{ gasSays }}</small>
      </FrameKey>
      <NuxtLink v-if="door.isOutfitApart" class="key go-to" :to="{ path: '/door', query: { who: placed.station.personId } }">
        {{ says.seeAtTheDoor }}
      </NuxtLink>
      <NuxtLink v-if="!placed.station.job" class="key go-to" :to="to({ do: 'job' })">
        {{ says.setAJob }}
      </NuxtLink>
      <NuxtLink v-if="!placed.station.personId" class="key go-to" :to="to({ do: 'who' })">
        {{ says.placeSomebody }}
      </NuxtLink>
    </div>
    <FrameRefused :says="refused" />
    <ul v-if="!isClear" class="rest">
      <li v-if="placed.verdict.word === 'stopped' && placed.verdict.reason">
        {{ lookup.say(placed.verdict.reason).brief }}
      </li>
      <li v-for="{ gate, first } in rest" :key="gate">
        <NuxtLink :to="to({ do: gate })">
          {{ words.gates[gate] }}
        </NuxtLink> {{ lookup.say(first!).brief }}
      </li>
      <li v-for="tag in gas.byThemselves" :key="tag">
        <NuxtLink :to="`/gas/${tag.toLowerCase()}`">
          {{ tag }}
        </NuxtLink> {{ says.byItself }}
      </li>
      <li v-for="tag in [...due.byThemselves, ...door.byThemselves]" :key="tag">
        <NuxtLink :to="`/kit/${tag.toLowerCase()}`">
          {{ tag }}
        </NuxtLink> {{ says.byItself }}
      </li>
    </ul>
    <OpeningElsewhere v-if="!isClear && isElsewhereAsked" :placed="placed" />
  </li>
</template>

<style scoped>
.row {
  display: grid; gap: var(--space-3); align-content: start; padding: var(--space-5) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
h2 {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  align-items: baseline;
  font-size: var(--type-head);
}
h2 small { font-size: var(--type-body); font-weight: 550; color: var(--soft); }
h2 span { margin-left: auto; }
.taps { display: flex; flex-wrap: wrap; gap: var(--space-4); }
.taps .key { text-align: left; padding: var(--space-3) var(--space-6); max-width: 100%; }
.taps small { display: block; font-weight: 500; white-space: normal; }
.go-to { display: grid; place-items: center; text-decoration: none; }
.rest { color: var(--soft); font-size: var(--type-small); display: grid; gap: var(--space-1); }
.rest a { font-weight: 750; color: var(--ink); text-decoration: underline; margin-right: var(--space-3); }
</style>
