<script setup lang="ts" generic="Step extends string">
import { gasPages } from '~/words/gas'
import { citation } from '~/words/citation'
import type { SourceId } from '#core/source/book'

const says = gasPages.steps

/** Guided steps, one after the other, each with its why: a tap says that it is done. */
const { steps, named, sources } = defineProps<{
  steps: readonly Step[]
  named: Readonly<Record<Step, readonly [what: string, why: string]>>
  sources: Readonly<Record<Step, SourceId>>
}>()
const done = defineModel<readonly Step[]>({ required: true })
const next = computed(() => steps.find(step => !done.value.includes(step)) ?? null)
const toggle = (step: Step) => {
  done.value = done.value.includes(step) ? done.value.filter(one => one !== step) : [...done.value, step]
}
</script>

<template>
  <ol class="steps">
    <li v-for="(step, index) in steps" :key="step">
      <FrameKey
        look="bare"
        class="step"
        :class="{ done: done.includes(step), next: step === next }"
        :aria-pressed="done.includes(step)"
        @click="toggle(step)"
      >
        <span class="no print">{{ index + 1 }}</span>
        <span><b :class="{ chalk: done.includes(step) }">{{ named[step][0] }}</b><small>{{ named[step][1] }}</small></span>
        <span class="is">{{ done.includes(step) ? says.done : '' }}</span>
      </FrameKey>
    </li>
  </ol>
  <details>
    <summary>{{ says.because }}</summary>
    <ul class="soft">
      <li v-for="source in new Set(steps.map(step => citation(sources[step])))" :key="source">
        {{ source }}
      </li>
    </ul>
  </details>
</template>

<style scoped>
.step {
  width: 100%;
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) 48px;
  gap: var(--space-4);
  align-items: center;
  text-align: left;
  min-height: 64px;
  padding: var(--space-3) var(--space-2);
  border: 0;
  border-bottom: var(--line-thin) solid var(--rule);
  background: none;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.step:hover {
  background: var(--bg);
}
.step.next {
  border-left: 8px solid var(--ink);
  padding-left: var(--space-5);
}
.no {
  font-size: var(--type-head);
  font-weight: 850;
}
b {
  display: block;
  font-weight: 750;
  line-height: 1.25;
}
small {
  display: block;
  font-size: var(--type-small);
  color: var(--soft);
}
.is {
  color: var(--open);
  font-weight: 800;
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
</style>
