<script setup lang="ts">
import type { Assignment, KitItemMarks } from '#core/streams/kit-item/kit-item'
import { TAG_PATTERN, tagIdOf } from '#core/ids/tag'
import type { EquipmentKindId } from '#core/ids/vocabulary'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import { kitPages } from '~/words/kit'

const says = kitPages.register

/** A thing gets its tag: what it is, what its plate says, where it goes. */
const goOn = useGoOn()
const tag = ref('')
const kind = ref<EquipmentKindId | ''>('')
const name = ref('')
const marks = ref<KitItemMarks>({})
const assignment = ref<Assignment>(null)
const tagWrong = computed(() => tag.value === '' || TAG_PATTERN.test(tagIdOf(tag.value)) ? '' : says.lettersDigitsAndHyphensAt)
const asked = computed(() => ({ kind: kind.value as EquipmentKindId, name: name.value.trim(), marks: marks.value }))
const { act, said, isRefused, busy } = useSenderTo(() => `item/${tagIdOf(tag.value)}`)
async function register() {
  const sent = await act('item.register', asked.value)
  if (!sent.ok) return
  if (assignment.value) await act('item.assign', { assignment: assignment.value })
  await goOn(`/kit/${tagIdOf(tag.value)}`)
}
</script>

<template>
  <FrameForm class="register" of="item.register" :payload="asked" :busy="busy" @send="register">
    <h2>{{ says.registerAThing }}</h2>
    <div class="columns">
      <FrameText
        v-model="tag"
        :label="says.tag"
        :wrong="tagWrong"
        :lacks="tagWrong"
        :ui="{ base: 'tag' }"
        autocapitalize="characters"
        spellcheck="false"
        maxlength="24"
        is-needed
      />
      <FrameSelect
        v-model="kind"
        :label="says.whatItIs"
        :ids="EQUIPMENT_KINDS"
        :named="id => kitWords.equipmentKinds[id]"
        :none="says.choose"
        is-needed
        name="kind"
      />
    </div>
    <FrameText v-model="name" :label="says.namePeopleKnowItBy" maxlength="80" is-needed name="name" />
    <KitMarks v-if="kind" :key="kind" v-model="marks" :kind="kind" />
    <KitAssign v-model="assignment" :with-distance="kind === 'extinguisher'" />
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.registerIt }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.register { display: grid; gap: var(--space-4); }
:deep(.tag) { text-transform: uppercase; font-size: var(--type-head); }
</style>
