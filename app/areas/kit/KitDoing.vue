<script setup lang="ts">
import { ITEM_EVENTS } from '#core/ids/kit-ids'
import type { KitItem, KitItemCommands, KitItemMarks } from '#core/streams/kit-item/kit-item'
import { kitPages } from '~/words/kit'
import { kitWords } from '~/words/kit-words'

const says = kitPages.thing

/** What can be done to one thing besides its lists: one at a time, in its own form. */
const { item, act } = defineProps<{
  item: KitItem
  mayInspect: boolean
  busy: boolean
  /** Answers whether it was accepted. */
  act: <Type extends keyof KitItemCommands>(type: Type, payload: KitItemCommands[Type], isRequest?: boolean) => Promise<boolean>
}>()
/** What is opened; a check list of the thing opens beside it by its own id. */
const doing = defineModel<string | null>({ required: true })
const session = useSession()
const toggle = (what: string) => {
  doing.value = doing.value === what ? null : what
}
const text = ref('')
const marks = ref<KitItemMarks>({})
const name = ref(item.name)
const assignment = ref(item.assignment)
watch(() => item, (now) => {
  if (doing.value !== null) return
  assignment.value = now.assignment
  name.value = now.name
})
async function submit() {
  const type = doing.value
  const accepted = type === 'release'
    ? await act('item.release', { repair: text.value }, true)
    : type === 'retire'
      ? await act('item.retire', { reason: text.value }, true)
      : await act('item.tag-out', { reason: text.value })
  // What was opened while the answer was on its way keeps what is typed there.
  if (accepted && (doing.value === null || doing.value === type)) text.value = ''
}
</script>

<template>
  <div v-if="!item.isRetired" class="keys" role="group" :aria-label="says.whatToDo">
    <FrameKey v-if="item.taggedOut" look="go" :aria-expanded="doing === 'release'" @click="toggle('release')">
      {{ says.release }}
    </FrameKey>
    <FrameKey v-else-if="mayInspect" :aria-expanded="doing === 'tag-out'" @click="toggle('tag-out')">
      {{ says.tagOut }}
    </FrameKey>
    <FrameKey v-if="mayInspect" :aria-expanded="doing === 'event'" @click="toggle('event')">
      {{ says.somethingHappenedToIt }}
    </FrameKey>
    <FrameKey
      v-if="session.may('assign-kit', { bayId: null, areaId: null })"
      :aria-expanded="doing === 'assign'"
      @click="toggle('assign')"
    >
      {{ says.giveTo }}
    </FrameKey>
    <FrameKey v-if="session.may('keep-store')" :aria-expanded="doing === 'correct'" @click="toggle('correct')">
      {{ says.itsPlate }}
    </FrameKey>
    <FrameKey v-if="session.may('keep-store')" :aria-expanded="doing === 'retire'" @click="toggle('retire')">
      {{ says.outForGood }}
    </FrameKey>
  </div>
  <FrameForm v-if="doing === 'release' || doing === 'tag-out' || doing === 'retire'" class="doing" @send="submit">
    <FrameText v-model="text" :label="doing === 'release' ? says.whatWasRepairedAndHow : says.why" maxlength="500" is-needed />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ doing === 'release' ? says.releaseIt : doing === 'retire' ? says.neverUseItAgain : says.tagItOut }}
    </FrameKey>
  </FrameForm>
  <div v-else-if="doing === 'event'" class="doing keys" role="group" :aria-label="says.whatHappened">
    <FrameKey
      v-for="event in ITEM_EVENTS"
      :key="event"
      :disabled="busy"
      @click="act('item.note-event', { event })"
    >
      {{ kitWords.itemEvents[event] }}
    </FrameKey>
  </div>
  <FrameForm v-else-if="doing === 'assign'" class="doing" @send="act('item.assign', { assignment }, true)">
    <KitAssign v-model="assignment" :with-distance="item.kind === 'extinguisher'" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.thereItGoes }}
    </FrameKey>
  </FrameForm>
  <FrameForm
    v-else-if="doing === 'correct'"
    class="doing"
    @send="act('item.correct', { name: name.trim() || item.name, marks }, true)"
  >
    <FrameText v-model="name" :label="says.namePeopleKnowItBy" maxlength="80" />
    <KitMarks v-model="marks" :kind="item.kind" :known="item.marks" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.writeItDown }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.doing {
  border: var(--line-heavy) solid var(--ink);
  background: var(--bg);
  padding: var(--space-6);
  display: grid;
  gap: var(--space-5);
}
.doing.keys { display: flex; }
</style>
