<script setup lang="ts">
import type { CylinderPageReading } from '#shared/contract/readings'
import type { Placed } from '~/stores/judged'
import { gasPages } from '~/words/gas'
import type { CylinderDoing, DoCylinder } from './cylinderDoing'

const says = gasPages.cylinder

/** What may be done with one cylinder by whoever reads: what needs no answer is done, the rest is opened. */
const { cylinder, fact, bay, byWeight, isSettling, doing, busy, does } = defineProps<{
  cylinder: CylinderPageReading['cylinder']
  fact: CylinderPageReading['fact']
  bay: Placed | undefined
  byWeight: boolean
  isSettling: boolean
  doing: CylinderDoing
  busy: boolean
  does: DoCylinder
}>()
const emit = defineEmits<{ toggle: [what: CylinderDoing] }>()
const session = useSession()
const place = computed(() => bay ? { bayId: bay.bay.bayId, areaId: bay.bay.areaId } : { bayId: null, areaId: null })
const mayInspect = computed(() => session.may('inspect', place.value))
const mayWork = computed(() => session.may('work-gas', place.value))
const mayUse = computed(() => session.may('use-gas'))
const mayKeep = computed(() => session.may('keep-store'))
const isOut = computed(() => cylinder.taggedOut !== null)
</script>

<template>
  <div class="keys" role="group" :aria-label="says.whatToDo">
    <FrameKey
      v-if="mayWork && !cylinder.isReturned"
      :look="!fact.left ? 'go' : 'plain'"
      :aria-expanded="doing === 'read'"
      @click="emit('toggle', 'read')"
    >
      {{ byWeight ? says.weigh : says.readGauge }}
    </FrameKey>
    <template v-if="cylinder.isConnected">
      <FrameKey
        v-if="mayWork"
        :look="!fact.leakTest || fact.leakTest.missing.length > 0 ? 'go' : 'plain'"
        :aria-expanded="doing === 'joints'"
        @click="emit('toggle', 'joints')"
      >
        {{ says.leakTest }}
      </FrameKey>
      <FrameKey v-if="mayWork" :aria-expanded="doing === 'pressure'" @click="emit('toggle', 'pressure')">
        {{ says.workingPressure }}
      </FrameKey>
      <FrameKey v-if="mayWork" :aria-expanded="doing === 'shut'" @click="emit('toggle', 'shut')">
        {{ says.shutDown }}
      </FrameKey>
      <FrameKey v-if="mayUse" :disabled="busy" @click="does('cylinder.disconnect', { isCapped: true })">
        {{ says.regulatorOffCapOn }}
      </FrameKey>
    </template>
    <template v-else-if="!cylinder.isReturned">
      <FrameKey
        v-if="mayUse && !isOut && !cylinder.isEmpty"
        :disabled="isSettling"
        :aria-expanded="doing === 'connect'"
        @click="emit('toggle', 'connect')"
      >
        {{ says.connect }}
      </FrameKey>
      <FrameKey v-if="mayUse" :aria-expanded="doing === 'move'" @click="emit('toggle', 'move')">
        {{ says.move }}
      </FrameKey>
      <FrameKey v-if="mayUse" :aria-expanded="doing === 'lying'" @click="emit('toggle', 'lying')">
        {{ says.itLayDown }}
      </FrameKey>
    </template>
    <FrameKey
      v-if="mayWork && !cylinder.isEmpty && !cylinder.isReturned"
      :disabled="busy"
      @click="does('cylinder.note-empty', {})"
    >
      {{ says.itIsEmpty }}
    </FrameKey>
    <FrameKey v-if="isOut" :aria-expanded="doing === 'release'" @click="emit('toggle', 'release')">
      {{ says.release }}
    </FrameKey>
    <FrameKey
      v-else-if="mayInspect && !cylinder.isReturned"
      :aria-expanded="doing === 'tag-out'"
      @click="emit('toggle', 'tag-out')"
    >
      {{ says.tagOut }}
    </FrameKey>
    <FrameAsk
      v-if="mayKeep && !cylinder.isConnected && !cylinder.isReturned"
      :asks="says.returnedItIsGone"
      :does="says.backToTheSupplier"
      :busy="busy"
      @done="does('cylinder.return', {})"
    >
      {{ says.backToTheSupplier }}
    </FrameAsk>
    <FrameKey v-if="!cylinder.isReturned" look="stop" :aria-expanded="doing === 'danger'" @click="emit('toggle', 'danger')">
      {{ says.leakFireHeat }}
    </FrameKey>
  </div>
</template>
