<script setup lang="ts">
import type { Gate } from '#core/clearance/gate'
import { stationPages } from '~/words/station'

const says = stationPages.gateLine

/** A gate in the sheet: its mark, its word, its sentence. The line is the target; Because stands beside it. */
const {
  gate,
  opened = null,
  fix = null,
  since = null,
} = defineProps<{ gate: Gate, opened?: string | null, fix?: string | null, since?: string | null }>()
defineEmits<{ open: [], because: [] }>()
const lookup = useLookup()
const clock = useClock()
const first = computed(() => gate.findings[0])
/** An open gate names what was looked at; a caution is said after it. */
const sentence = computed(() =>
  gate.state === 'open' && opened !== null
    ? [opened, first.value?.severity === 'caution' ? lookup.say(first.value).brief : ''].filter(Boolean).join(' ')
    : first.value
      ? lookup.say(first.value).brief
      : gate.gate === 'body'
        ? says.everyZonePassedToday
        : gate.gate === 'eyes'
          ? says.shadeHelmetAndGlassesPass
          : gate.gate === 'air'
            ? says.underTheActionFractionOf
            : gate.gate === 'gas'
              ? says.cylindersJointsAndRegulatorsPass
              : gate.gate === 'machine'
                ? says.everythingWasLookedAtToday
                : gate.gate === 'fire'
                  ? says.lookedOverTodayExtinguisherIn
                  : says.everythingIsKnown,
)
/** How old the oldest fact is that the gate rests on. */
const age = computed(() => {
  if (since === null || gate.state === 'to-do' || gate.state === 'not-needed') return ''
  const minutes = Math.max(0, Math.floor((clock.nowMs.value - Date.parse(since)) / 60_000))
  return minutes < 1 ? says.justNow : minutes < 100 ? says.minOld(minutes) : says.hOld(Math.floor(minutes / 60))
})
const more = computed(() => gate.findings.filter(({ severity }) => severity === 'hold').length - 1)
</script>

<template>
  <div class="line">
    <FrameKey look="bare" class="main" @click="$emit('open')">
      <svg width="36" height="44" viewBox="-18 0 36 44" aria-hidden="true"><GateMark :state="gate.state" /></svg>
      <b>{{ words.gates[gate.gate] }}<small :class="`state-${gate.state}`">{{ words.gateStates[gate.state] }}</small><small
        v-if="age"
        class="age print"
      >{{ age }}</small></b>
      <span class="says">{{ sentence }} <i v-if="fix">{{ says.bestFix(fix) }}</i><i v-else-if="more > 0" class="soft">{{ says.andMore(more) }}</i></span>
    </FrameKey>
    <FrameKey look="bare" class="why" :aria-label="says.because(words.gates[gate.gate])" @click="$emit('because')">
      {{ says.because2 }}
    </FrameKey>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  border-bottom: var(--line-thin) solid var(--rule);
  min-height: 56px;
}
.main {
  flex: 1;
  display: grid;
  grid-template-columns: 36px 82px minmax(0, 1fr);
  gap: var(--space-4);
  align-items: center;
  text-align: left;
  background: none;
  border: 0;
  padding: var(--space-1) 0;
  cursor: pointer;
  font: inherit;
  color: inherit;
  min-width: 0;
}
.main:hover {
  background: var(--bg);
}
b {
  font-weight: 800;
  line-height: 1.1;
}
b small {
  display: block;
  font-weight: 650;
  font-size: var(--type-fine);
}
b small.age {
  color: var(--soft);
  font-size: var(--type-fine);
  font-weight: 550;
  white-space: nowrap;
}
.says {
  font-size: var(--type-small);
  line-height: 1.25;
  display: -webkit-box;
  -webkit-line-clamp: 2;
  -webkit-box-orient: vertical;
  overflow: hidden;
}
.says i {
  font-style: normal;
}
.why {
  border: 0;
  border-left: var(--line-thin) solid var(--rule);
  background: none;
  padding: 0 0 0 var(--space-5);
  margin-left: var(--space-4);
  font: inherit;
  font-size: var(--type-fine);
  font-weight: 700;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
