<script setup lang="ts">
import type { GateState } from '#core/clearance/gate'

/** What stands beside the board while no bay is open: how to read it. */
const marks: readonly { state: GateState, says: string }[] = [
  { state: 'open', says: 'Open: the line runs through.' },
  { state: 'hold', says: 'Hold: looked at, and not right yet.' },
  { state: 'to-do', says: 'To do: nobody has looked yet.' },
  { state: 'stop', says: 'Stop: closed at once.' },
  { state: 'not-needed', says: 'Not needed for this work.' },
]
</script>

<template>
  <div class="legend">
    <h2>How to read the board</h2>
    <p>Each bay is one line. It is live up to the first gate that holds it.</p>
    <ul>
      <li v-for="{ state, says } in marks" :key="state">
        <svg width="44" height="44" viewBox="-22 0 44 44" aria-hidden="true"><line
          x1="-22"
          y1="22"
          x2="22"
          y2="22"
          stroke="var(--dim)"
          stroke-width="3"
        /><GateMark :state="state" /></svg>
        {{ says }}
      </li>
    </ul>
    <h2>Three inks</h2>
    <p><span class="chalk">Chalk</span>: a person said so.</p>
    <p><span class="print">Print</span>: worked out, or read from an instrument.</p>
    <p><span class="pencil">Pencil</span>: assumed, not confirmed yet.</p>
    <h2>Clear to strike</h2>
    <p>All seven gates open, from facts of today that this screen heard lately.</p>
    <p class="soft">
      Zonaris advises. Your local code, your hygienist and your fire authority decide.
    </p>
  </div>
</template>

<style scoped>
.legend { display: grid; gap: 10px; align-content: start; }
h2 { margin-top: 8px; padding-top: 10px; border-top: 2px solid var(--ink); }
h2:first-child { border: 0; margin: 0; padding: 0; }
li { display: flex; align-items: center; gap: 12px; border-bottom: 1px solid var(--rule); }
</style>
