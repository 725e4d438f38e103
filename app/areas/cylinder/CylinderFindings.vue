<script setup lang="ts">
import type { Finding } from '#core/findings/finding'
import { citation } from '~/words/citation'
import { gasPages } from '~/words/gas'

const says = gasPages.findings

/** What the rules remark, the weighty first, with what to do and where it stands. */
const { findings } = defineProps<{ findings: readonly Finding[] }>()
const lookup = useLookup()
const WEIGHT = { stop: 0, hold: 1, caution: 2, note: 3 } as const
const MARKS = { stop: says.stop, hold: says.hold, caution: says.takeCare, note: '' } as const
const said = computed(() =>
  [...findings]
    .sort((a, b) => WEIGHT[a.severity] - WEIGHT[b.severity])
    .map(one => ({ severity: one.severity, mark: MARKS[one.severity], ...lookup.say(one) })),
)
const sources = computed(() => [...new Set(findings.flatMap(one => one.sources.map(citation)))])
</script>

<template>
  <div>
    <ul>
      <li v-for="({ severity, mark, message, todo }, index) in said" :key="index" :class="`is-${severity}`">
        <b v-if="mark">{{ mark }}. </b>{{ message }}<template v-if="todo">
          {{ ' ' }}<b>{{ todo }}</b>
        </template>
      </li>
    </ul>
    <details v-if="sources.length > 0">
      <summary>{{ says.because }}</summary>
      <ul class="soft">
        <li v-for="source in sources" :key="source">
          {{ source }}
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
li {
  padding: var(--space-3) 0 var(--space-3) var(--space-6);
  border-left: 4px solid var(--rule);
  margin-top: var(--space-2);
}
li.is-stop {
  border-color: var(--stop);
}
li.is-hold,
li.is-caution {
  border-color: var(--hold);
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 4px;
}
details li {
  font-size: var(--type-small);
}
</style>
