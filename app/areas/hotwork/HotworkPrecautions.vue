<script setup lang="ts">
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { hotworkWords } from '~/words/hotwork-words'
import type { PrecautionId } from '#core/ids/hotwork-ids'
import { hotWorkPages } from '~/words/hotWork'
import { vStill } from '~/frame/still'

const says = hotWorkPages.precautions

/** The walk: each precaution done, or justified with a reason where it may be. Large enough for a glove, one column. */
const { permit, mayDo, busy } = defineProps<{ permit: ShownPermit, mayDo: boolean, busy: boolean }>()
const emit = defineEmits<{ seenTo: [precaution: PrecautionId, how: 'done' | 'justified', reason?: string] }>()
const lookup = useLookup()
const { time } = useDates()
const asks = ref<PrecautionId | null>(null)
const reason = ref('')
const open = computed(() => permit.plan.precautions.filter(({ id }) => permit.seenTo[id] === undefined))
const seen = computed(() => permit.plan.precautions.filter(({ id }) => permit.seenTo[id] !== undefined))
function justify(id: PrecautionId) {
  if (reason.value.trim() === '') return
  emit('seenTo', id, 'justified', reason.value.trim())
  asks.value = null
  reason.value = ''
}
</script>

<template>
  <section :aria-label="says.precautions">
    <h3>
      {{ says.precautions }} <b :class="open.length > 0 ? 'state-hold' : 'state-open'">{{ says.of(
        seen.length,
        permit.plan.precautions.length,
      ) }}</b>
    </h3>
    <ul v-still="open.map(({ id }) => id).join()">
      <li v-for="{ id, mustBeDone } in open" :key="id">
        <span class="what">{{ hotworkWords.precautions[id] }}</span>
        <template v-if="mayDo">
          <FrameKey look="go" :disabled="busy" @click="emit('seenTo', id, 'done')">
            {{ says.done }} <span class="visually-hidden">{{ hotworkWords.precautions[id] }}</span>
          </FrameKey>
          <FrameKey v-if="!mustBeDone" :aria-expanded="asks === id" @click="asks = asks === id ? null : id">
            {{ says.notNeeded }} <span class="visually-hidden">{{ hotworkWords.precautions[id] }}</span>
          </FrameKey>
        </template>
        <FrameForm v-if="asks === id" class="why" @send="justify(id)">
          <FrameText
            v-model="reason"
            is-heard
            is-needed
            :label="says.whyItIsNotNeeded"
            maxlength="500"
            :placeholder="says.whyItIsNotNeeded2"
          />
          <FrameKey type="submit">
            {{ says.saySo }}
          </FrameKey>
        </FrameForm>
      </li>
    </ul>
    <details v-if="seen.length > 0" :open="open.length === 0 && permit.phase === 'precautions'">
      <summary>{{ says.seenTo(seen.length) }}</summary>
      <ul class="seen">
        <li v-for="{ id } in seen" :key="id">
          <span>{{ hotworkWords.precautions[id] }}<small
            v-if="permit.seenTo[id]!.how === 'justified'"
            class="chalk"
          >{{ says.notNeeded2(permit.seenTo[id]!.reason ?? '') }}</small></span>
          <span class="soft">{{ lookup.names.get(permit.seenTo[id]!.by) ?? says.somebody }}, {{ time(permit.seenTo[id]!.at) }}</span>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
h3 {
  font-size: var(--type-lead);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
  display: flex;
}
h3 b {
  margin-left: auto;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-4);
  border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
.what {
  flex: 1 1 180px;
  font-weight: 700;
}
.why {
  display: flex;
  gap: var(--space-4);
  flex-basis: 100%;
}
.seen li {
  justify-content: space-between;
  font-size: var(--type-small);
}
.seen small {
  display: block;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 700;
  text-decoration: underline;
  text-underline-offset: 4px;
}
</style>
