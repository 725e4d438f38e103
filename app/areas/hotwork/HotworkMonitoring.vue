<script setup lang="ts">
import type { PrecautionId } from '#core/ids/hotwork-ids'
import type { Permit, PermitCommands } from '#core/streams/permit/permit'
import { hasLastLook, monitoringEndsAt } from '#core/streams/permit/permit-deadlines'
import type { PermitPageReading } from '#shared/contract/readings'
import { hotworkWords } from '~/words/hotwork-words'
import { hotWorkPages } from '~/words/hotWork'
import type { Signature } from './signature'

const says = hotWorkPages.permit

/** After the watch: looks again, what is put back, and the closing; a look that was missed is answered for. */
const { permit, mayLook, busy } = defineProps<{ permit: PermitPageReading['permit'], mayLook: boolean, busy: boolean }>()
const emit = defineEmits<{
  look: []
  smoke: []
  restore: [precaution: PrecautionId]
  close: [payload: PermitCommands['permit.close'], signature: Signature]
}>()
const clock = useClock()
const shown = computed<Permit>(() => ({ ...permit, token: '' }))
const isOver = computed(() => {
  const endsAt = monitoringEndsAt(shown.value)
  return endsAt !== null && Date.parse(endsAt) <= clock.nowMs.value
})
const toRestore = computed(() =>
  permit.plan.precautions.filter(({ id, restore }) => restore && permit.seenTo[id]?.how === 'done' && !permit.restored.includes(id)),
)
const missedLooks = computed(() => permit.visitsMissed.length + (hasLastLook(shown.value) ? 0 : 1))
const despite = ref('')
</script>

<template>
  <div class="monitoring">
    <FrameKey
      v-if="mayLook"
      look="go"
      big
      :disabled="busy"
      @click="emit('look')"
    >
      {{ says.lookedAgainNothing }}
    </FrameKey>
    <FrameKey look="stop" @click="emit('smoke')">
      {{ says.smokeSmellOrHeat }}
    </FrameKey>
    <section v-if="toRestore.length > 0" class="part">
      <h3>{{ says.putBack }}</h3>
      <p v-for="{ id } in toRestore" :key="id" class="restore">
        {{ hotworkWords.precautions[id] }}
        <FrameKey :disabled="busy" @click="emit('restore', id)">
          {{ says.putBack }} <span class="visually-hidden">{{ hotworkWords.precautions[id] }}</span>
        </FrameKey>
      </p>
    </section>
    <section v-if="isOver" class="part">
      <h3>{{ says.closeIt }}</h3>
      <template v-if="missedLooks > 0">
        <p class="said is-stop">
          {{ says.lookNowClosingSaysSo(missedLooks === 1 ? says.oneLookWasMissed : says.looksWereMissed(missedLooks)) }}
        </p>
        <FrameText v-model="despite" :label="says.whyItMayBeClosed" maxlength="500" />
      </template>
      <StationSignature
        :busy="busy || (missedLooks > 0 && !despite.trim())"
        :does="missedLooks > 0 ? says.signClosedWithLooksMissed : says.signNothingSmouldersAllIs"
        @sign="emit('close', despite.trim() ? { despite: despite.trim() } : {}, $event)"
      />
    </section>
  </div>
</template>

<style scoped>
.monitoring { display: grid; gap: var(--space-5); }
.part { display: grid; gap: var(--space-3); }
h3 { font-size: var(--type-lead); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); margin-bottom: var(--space-2); }
.said { background: var(--bg); }
.big { min-height: 72px; font-size: var(--type-head); width: 100%; }
.restore {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: var(--space-5);
  border-bottom: var(--line-thin) solid var(--rule);
  font-weight: 650;
}
</style>
