<script setup lang="ts">
import { fireWords } from '~/words/fire-words'
import { hotWorkPages } from '~/words/hotWork'
import type { PermitPhase } from '#core/ids/hotwork-ids'

/** A permit's life as one line: posts where it has come through, its mark where it stands, thin after. */
const { phase, wide = false } = defineProps<{ phase: PermitPhase, wide?: boolean }>()
const says = hotWorkPages.line
const WAY = ['precautions', 'authorised', 'working', 'watch', 'monitoring', 'closed'] as const
const AT: Readonly<Record<PermitPhase, number>> = {
  requested: 0,
  precautions: 0,
  authorised: 1,
  working: 2,
  suspended: 2,
  watch: 3,
  monitoring: 4,
  closed: 5,
  refused: 0,
  revoked: 1,
  lapsed: 1,
}
const step = computed(() => wide ? 72 : 30)
const at = computed(() => AT[phase])
const markOf = (index: number) => {
  if (index < at.value || phase === 'closed') return 'open'
  if (index > at.value) return null
  return phase === 'suspended' ? 'hold' : phase === 'refused' || phase === 'revoked' || phase === 'lapsed' ? 'stop' : 'to-do'
}
const x = (index: number) => step.value / 2 + index * step.value
</script>

<template>
  <svg
    :width="step * 6"
    :height="wide ? 62 : 44"
    :viewBox="`0 0 ${step * 6} ${wide ? 62 : 44}`"
    role="img"
    :aria-label="fireWords.phases[phase]"
  >
    <line x1="0" y1="22" :x2="step * 6" y2="22" stroke="var(--dim)" stroke-width="3" />
    <line x1="0" y1="22" :x2="phase === 'closed' ? step * 6 : x(at)" y2="22" stroke="var(--ink)" stroke-width="5" />
    <template v-for="(name, index) in WAY" :key="name">
      <g :transform="`translate(${x(index)} 0)`">
        <path v-if="markOf(index) === 'to-do'" d="M-7 2L0 15L7 2z" fill="var(--ink)" />
        <GateMark v-else-if="markOf(index)" :state="markOf(index)!" />
        <path v-else d="M0 15v14" stroke="var(--soft)" stroke-width="3" />
        <text
          v-if="wide"
          y="58"
          text-anchor="middle"
          font-size="15"
          font-weight="650"
          :fill="index === at ? 'var(--ink)' : 'var(--soft)'"
        >{{ index === 2 && phase === 'suspended' ? says.stopped : says[name] }}</text>
      </g>
    </template>
  </svg>
</template>
