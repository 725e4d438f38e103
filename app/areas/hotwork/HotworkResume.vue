<script setup lang="ts">
import type { Signature } from './signature'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.permit

/** What was stopped goes on: what was put right, and who answers for it. */
const { title, does, busy } = defineProps<{ title: string, does: string, busy: boolean }>()
const emit = defineEmits<{ resume: [cleared: string, signature: Signature] }>()
const cleared = ref('')
</script>

<template>
  <section class="part">
    <h3>{{ title }}</h3>
    <FrameText v-model="cleared" :label="says.whatWasPutRight" maxlength="500" />
    <StationSignature :busy="busy || !cleared.trim()" :does="does" @sign="emit('resume', cleared.trim(), $event)" />
  </section>
</template>

<style scoped>
.part { display: grid; gap: var(--space-3); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); margin-bottom: var(--space-2); }
</style>
