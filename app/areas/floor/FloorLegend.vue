<script setup lang="ts">
import type { GateState } from '#core/clearance/gate'
import { floorPages } from '~/words/floor'
import { framePages } from '~/words/frame'

const says = floorPages.legend
const folded = framePages.first

/** What stands beside the board while no bay is open: how to read it. */
const marks: readonly { state: GateState, means: string }[] = [
  { state: 'open', means: says.openTheLineRunsThrough },
  { state: 'hold', means: says.holdLookedAtAndNot },
  { state: 'to-do', means: says.toDoNobodyHasLooked },
  { state: 'stop', means: says.stopClosedAtOnce },
  { state: 'not-needed', means: says.notNeededForThisWork },
]
</script>

<template>
  <div class="legend">
    <h2>{{ says.howToReadTheBoard }}</h2>
    <p>{{ says.eachBayIsOneLine }}</p>
    <ul>
      <li v-for="{ state, means } in marks" :key="state">
        <svg width="44" height="44" viewBox="-22 0 44 44" aria-hidden="true"><line
          x1="-22"
          y1="22"
          x2="22"
          y2="22"
          stroke="var(--dim)"
          stroke-width="3"
        /><GateMark :state="state" /></svg>
        {{ means }}
      </li>
    </ul>
    <h2>{{ says.threeInks }}</h2>
    <p><span class="chalk">{{ says.chalk }}</span>{{ says.aPersonSaidSo }}</p>
    <p><span class="print">{{ says.print }}</span>{{ says.workedOutOrReadFrom }}</p>
    <p><span class="pencil">{{ says.pencil }}</span>{{ says.assumedNotConfirmedYet }}</p>
    <h2>{{ says.clearToStrike }}</h2>
    <p>{{ says.allSevenGatesOpenFrom }}</p>
    <FrameTold of="floor" :label="folded.whatItMeans" />
    <p class="soft">
      {{ says.zonarisAdvisesYourLocalCode }}
    </p>
  </div>
</template>

<style scoped>
.legend { display: grid; gap: var(--space-5); align-content: start; }
h2 { margin-top: var(--space-4); padding-top: var(--space-5); border-top: var(--line-rule) solid var(--ink); }
h2:first-child { border: 0; margin: 0; padding: 0; }
li { display: flex; align-items: center; gap: var(--space-6); border-bottom: var(--line-thin) solid var(--rule); }
</style>
