<script setup lang="ts">
import type { PermitPageReading } from '#shared/contract/readings'
import { hotWorkPages } from '~/words/hotWork'
import type { Signature } from './signature'

const says = hotWorkPages.permit

/** A permit in force: made longer, answered for by somebody else, or taken back. */
const { permit, busy } = defineProps<{ permit: PermitPageReading['permit'], busy: boolean }>()
const emit = defineEmits<{ extend: [untilAt: string, signature: Signature], takeOver: [signature: Signature], revoke: [] }>()
const session = useSession()
const extendTo = ref<1 | 2 | 3 | ''>(1)
const extend = (signature: Signature) =>
  emit('extend', new Date(Date.parse(permit.untilAt) + (extendTo.value || 1) * 3600_000).toISOString(), signature)
</script>

<template>
  <section class="part">
    <h3>{{ says.longer }}</h3>
    <FrameChoice v-model="extendTo" is-heard :label="says.longer" :ids="[1, 2, 3]" :named="hours => `${hours} h`" />
    <StationSignature :busy="busy" :does="says.extendIt" @sign="extend" />
    <h3>{{ says.anotherAuthoriserTakesItOver }}</h3>
    <StationSignature :busy="busy" :does="says.iAnswerForItFrom" @sign="emit('takeOver', $event)" />
    <FrameAsk
      v-if="session.may('authorise-permit')"
      :asks="says.takenBackItEnds"
      :does="says.takeThePermitBack"
      :busy="busy"
      @done="emit('revoke')"
    >
      {{ says.takeThePermitBack }}
    </FrameAsk>
  </section>
</template>

<style scoped>
.part { display: grid; gap: var(--space-3); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); margin-bottom: var(--space-2); }
</style>
