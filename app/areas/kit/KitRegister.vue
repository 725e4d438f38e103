<script setup lang="ts">
import type { Assignment, KitItemMarks } from '#core/streams/kit-item/kit-item'
import { TAG_PATTERN, tagIdOf } from '#core/ids/tag'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import { kitPages } from '~/words/kit'

const says = kitPages.register

/** A thing gets its tag: what it is, what its plate says, where it goes. */
const router = useRouter()
const tag = ref('')
const kind = ref<EquipmentKindId | ''>('')
const name = ref('')
const marks = ref<KitItemMarks>({})
const assignment = ref<Assignment>(null)
const tagWrong = computed(() => tag.value === '' || TAG_PATTERN.test(tagIdOf(tag.value)) ? '' : says.lettersDigitsAndHyphensAt)
const isComplete = computed(() => kind.value !== '' && name.value.trim() !== '' && TAG_PATTERN.test(tagIdOf(tag.value)))
const { act, said, isRefused, busy } = useSenderTo(() => `item/${tagIdOf(tag.value)}`)
async function register() {
  if (!isComplete.value) return
  const sent = await act('item.register', { kind: kind.value as EquipmentKindId, name: name.value.trim(), marks: marks.value })
  if (!sent.ok) return
  if (assignment.value) await act('item.assign', { assignment: assignment.value })
  await router.push(`/kit/${tagIdOf(tag.value)}`)
}
</script>

<template>
  <form class="register" @submit.prevent="register">
    <h2>{{ says.registerAThing }}</h2>
    <div class="columns">
      <FrameField v-slot="{ id, describedBy }" :label="says.tag" :wrong="tagWrong">
        <UInput
          :id="id"
          v-model="tag"
          :ui="{ base: 'tag' }"
          autocapitalize="characters"
          spellcheck="false"
          maxlength="24"
          :aria-describedby="describedBy"
          :aria-invalid="tagWrong !== ''"
        />
      </FrameField>
      <FrameSelect
        v-model="kind"
        :label="says.whatItIs"
        :ids="EQUIPMENT_KINDS"
        :named="id => kitWords.equipmentKinds[id]"
        :none="says.choose"
      />
    </div>
    <FrameField v-slot="{ id }" :label="says.namePeopleKnowItBy">
      <UInput :id="id" v-model="name" maxlength="80" />
    </FrameField>
    <KitMarks v-if="kind" :key="kind" v-model="marks" :kind="kind" />
    <KitAssign v-model="assignment" :with-distance="kind === 'extinguisher'" />
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
    <FrameKey look="go" type="submit" :disabled="!isComplete || busy">
      {{ says.registerIt }}
    </FrameKey>
  </form>
</template>

<style scoped>
.register { display: grid; gap: 8px; }
:deep(.tag) { text-transform: uppercase; font-size: 20px; }
</style>
