<script setup lang="ts">
import { framePages } from '~/words/frame'
import type { tradePages } from '~/words/trade'

const says = framePages.first
const facts = useFacts()

/**
 * What a page opens on while nothing is chosen: the one thing that most needs somebody, and the way to it. How to read the page is one
 * tap away, in the slot.
 */
const { name = null, why = '', tone = 'to-do', to = '', nothing = '', how, of } = defineProps<{
  /** What it is, by its name; null: nothing was found. */
  name?: string | null
  why?: string
  tone?: 'stop' | 'hold' | 'to-do'
  to?: string
  /** What was looked for and not found; empty while it is not known: what was not read needs nobody's trust. */
  nothing?: string
  how: string
  /** The area whose words are told there too. */
  of: keyof typeof tradePages.about
}>()
</script>

<template>
  <section class="first" :aria-label="says.firstOfAll">
    <template v-if="name !== null">
      <h2>{{ says.firstOfAll }}</h2>
      <p class="what">
        <b>{{ name }}</b>
        <span :class="`state-${tone}`">{{ why }}</span>
      </p>
      <NuxtLink class="key go link" :to="to" prefetch-on="interaction">
        {{ says.open(name) }}
      </NuxtLink>
    </template>
    <p v-else-if="nothing && !facts.isQuiet" class="what">
      <b>{{ nothing }}</b>
    </p>
    <details>
      <summary class="key quiet">
        {{ how }}
      </summary>
      <slot />
    </details>
    <FrameTold :of="of" :label="says.whatItMeans" />
  </section>
</template>

<style scoped>
.first { display: grid; gap: var(--space-6); align-content: start; }
.what b { display: block; font-size: var(--type-figure); font-weight: 900; line-height: 1.15; }
.what span { font-size: var(--type-lead); font-weight: 650; }
.link { display: grid; place-items: center; }
details { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-3); }
summary { display: inline-grid; place-items: center; min-height: 56px; }
details[open] summary { margin-bottom: var(--space-4); }
</style>
