<script setup lang="ts">
import { tagIdOf } from '#core/ids/tag'
import { kitPages } from '~/words/kit'

const says = kitPages.tagEntry

/** Find a thing by typing its tag, or the beginning of it. */
const { label } = defineProps<{ label: string }>()
const emit = defineEmits<{ found: [tagId: string] }>()
const text = ref('')
const near = ref<readonly { tagId: string, item: { tag: string, name: string } }[]>([])
const wrong = ref('')
let asked = 0
watch(text, async (typed) => {
  wrong.value = ''
  const mine = ++asked
  if (tagIdOf(typed) === '') {
    near.value = []
    return
  }
  const reply = await askFor('items', { begins: tagIdOf(typed), limit: 6 })
  if (mine === asked) near.value = reply.ok ? reply.body.items : []
})
/** Asked again on Enter: quick fingers are ahead of what is listed. */
async function enter() {
  const tagId = tagIdOf(text.value)
  if (tagId === '') {
    wrong.value = says.typeATag
    return
  }
  const reply = await askFor('items', { begins: tagId, limit: 2 })
  if (!reply.ok) {
    wrong.value = wordsOf(reply)
    return
  }
  const { items } = reply.body
  const hit = items.find(one => one.tagId === tagId) ?? (items.length === 1 ? items[0] : undefined)
  if (hit) open(hit.tagId)
  else
    wrong.value
      = items.length > 1
        ? says.severalTagsBeginSoType
        : says.nothingHereWearsTheTag(tagId.toUpperCase())
}
function open(tagId: string) {
  text.value = ''
  emit('found', tagId)
}
</script>

<template>
  <FrameForm class="find" role="search" :aria-label="label" @send="enter">
    <FrameField v-slot="{ id, describedBy }" :label="says.tag" :wrong="wrong">
      <span class="line">
        <UInput
          :id="id"
          v-model="text"
          :ui="{ base: 'tag' }"
          autocapitalize="characters"
          spellcheck="false"
          maxlength="24"
          :aria-describedby="describedBy"
        />
        <FrameKey look="go" type="submit">{{ says.find }}</FrameKey>
      </span>
    </FrameField>
    <div v-if="near.length > 0" class="keys">
      <FrameKey v-for="one in near" :key="one.tagId" @click="open(one.tagId)">
        <b>{{ one.item.tag }}</b> {{ one.item.name }}
      </FrameKey>
    </div>
  </FrameForm>
</template>

<style scoped>
.find { display: grid; gap: var(--space-2); }
.line { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: var(--space-4); }
:deep(.tag) { font-size: var(--type-big); text-transform: uppercase; }
</style>
