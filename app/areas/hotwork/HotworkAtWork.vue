<script setup lang="ts">
import { isAirTested } from '#core/hotwork/permit-readiness'
import type { PermitCommands } from '#core/streams/permit/permit'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { SPOKEN_CAUSES } from '#core/ids/hotwork-ids'
import type { SpokenCauseId } from '#core/ids/hotwork-ids'
import { hotWorkPages } from '~/words/hotWork'
import { hotworkWords } from '~/words/hotwork-words'
import type { Signature } from './signature'

const says = hotWorkPages.permit

/** A permit that is signed and not over: its watch takes its post, the work begins, stops, goes on, ends. */
const { permit } = defineProps<{ permit: ShownPermit, onPost: boolean, mayWork: boolean, mayTakePost: boolean, busy: boolean }>()
const emit = defineEmits<{
  takePost: []
  begin: []
  read: [taken: PermitCommands['permit.read-gas']]
  resume: [cleared: string, signature: Signature]
  stop: [cause: SpokenCauseId]
  end: []
}>()
const stopping = ref(false)
const stop = (cause: SpokenCauseId) => {
  stopping.value = false
  emit('stop', cause)
}
</script>

<template>
  <FrameKey v-if="mayTakePost" look="go" big :disabled="busy" @click="emit('takePost')">
    {{ says.iAmOnPost }}
  </FrameKey>
  <FrameKey
    v-if="permit.phase === 'authorised' && mayWork && !onPost"
    look="go"
    big
    :disabled="busy || permit.posts.length < permit.plan.watchers"
    @click="emit('begin')"
  >
    {{ permit.posts.length < permit.plan.watchers ? says.theWatchTakesItsPost : says.beginTheWork }}
  </FrameKey>
  <HotworkGas
    v-if="isAirTested(permit) || permit.gas !== null"
    :permit="permit"
    :may-do="mayWork"
    :busy="busy"
    @read="emit('read', $event)"
  />
  <HotworkResume
    v-if="permit.phase === 'suspended'"
    :title="says.letItGoOn"
    :does="says.signTheWorkGoesOn"
    :busy="busy"
    @resume="(cleared, signature) => emit('resume', cleared, signature)"
  />
  <div class="keys">
    <FrameKey v-if="!onPost" look="stop" :aria-expanded="stopping" @click="stopping = !stopping">
      {{ says.stopThisWork }}
    </FrameKey>
    <FrameKey v-if="mayWork && permit.phase !== 'authorised'" :disabled="busy" @click="emit('end')">
      {{ says.theWorkHasEnded }}
    </FrameKey>
  </div>
  <div v-if="stopping" class="keys">
    <FrameKey v-for="cause in SPOKEN_CAUSES" :key="cause" @click="stop(cause)">
      {{ hotworkWords.spokenCauses[cause] }}
    </FrameKey>
  </div>
</template>

<style scoped>
.big { min-height: 72px; font-size: var(--type-head); width: 100%; }
</style>
