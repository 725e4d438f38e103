<script setup lang="ts">
import type { GasContent } from '#core/cylinder/gas'
import { jointsFor } from '#core/cylinder/guided-steps'
import { cylinderWords } from '~/words/cylinder-words'
import type { JointId } from '#core/ids/cylinder-ids'
import { gasPages } from '~/words/gas'

const says = gasPages.joints

/** The leak test, joint by joint: brush, look, say what you see. */
const { gas } = defineProps<{ gas: GasContent }>()
const emit = defineEmits<{ tested: [joints: Partial<Record<JointId, boolean>>] }>()
const joints = computed(() => jointsFor(gas))
const seen = ref<Partial<Record<JointId, boolean>>>({})
const leaks = computed(() => Object.values(seen.value).includes(false))
const isComplete = computed(() => leaks.value || joints.value.every(joint => seen.value[joint] !== undefined))
</script>

<template>
  <div class="joints">
    <p class="soft">
      {{ says.leakSolutionWithoutOilOn }}
    </p>
    <ul>
      <li v-for="joint in joints" :key="joint">
        <b>{{ cylinderWords.joints[joint] }}</b>
        <FrameKey
          :picked="seen[joint] === true"
          @click="seen = { ...seen, [joint]: true }"
        >
          {{ says.tight }} <span class="visually-hidden">{{ cylinderWords.joints[joint] }}</span>
        </FrameKey>
        <FrameKey
          :picked="seen[joint] === false"
          @click="seen = { ...seen, [joint]: false }"
        >
          {{ says.leaks }} <span class="visually-hidden">{{ cylinderWords.joints[joint] }}</span>
        </FrameKey>
      </li>
    </ul>
    <FrameKey look="go" :disabled="!isComplete" @click="emit('tested', seen)">
      {{ leaks ? says.itLeaksStopTheBay : says.everyJointIsTight }}
    </FrameKey>
  </div>
</template>

<style scoped>
.joints {
  display: grid;
  gap: var(--space-4);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--space-4);
  align-items: center;
  padding: var(--space-2) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
</style>
