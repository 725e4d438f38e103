<script setup lang="ts">
import type { Answer, Answers, CheckList } from '#core/inspection/check-list'
import { judgeInspection } from '#core/inspection/judge-inspection'
import { kitWords } from '~/words/kit-words'
import { kitPages } from '~/words/kit'
import { kitItemWords } from '~/words/kit-item-words'

const says = kitPages.inspect

/** One list, done with a gloved hand: everything in order in one tap, or what is wrong. Judged while it is answered. */
const { tag, list } = defineProps<{ tag: string, list: CheckList }>()
const emit = defineEmits<{ done: [] }>()
const { act, said, isRefused, busy } = useSenderTo(() => `item/${tag.toLowerCase()}`)
const answers = ref<Record<string, Answer>>({})
const typed = ref<Record<string, string>>({})
const remark = ref('')
const judged = computed(() => judgeInspection(list, answers.value))
const yesNo = computed(() => list.checks.filter(({ asks }) => asks === 'yes-no'))
const others = computed(() => list.checks.filter(({ asks }) => asks !== 'yes-no'))
/** Only yes and no are asked: one tap says that all is well. */
const inOneTap = computed(() => others.value.length === 0)
const isOpen = ref(!inOneTap.value)
const failed = computed(() => judged.value.failed.length > 0)
/** What pressing the key will do, or what it waits for. */
const recordWords = computed(() => {
  if (failed.value) return says.recordAndTagOut(tag)
  if (judged.value.result !== 'open') return says.recordPassed
  const { length } = judged.value.missing
  return length === 1 ? says.oneCheckToAnswerFirst : says.checksToAnswerFirst(length)
})

function type(id: string, text: string) {
  typed.value = { ...typed.value, [id]: text }
  const value = readNumber(text)
  const { [id]: _gone, ...rest } = answers.value
  answers.value = Number.isNaN(value) ? rest : { ...rest, [id]: value }
}
async function send(what: Answers) {
  const sent = await act('item.inspect', {
    listId: list.id,
    listVersion: list.version,
    answers: what,
    ...(remark.value.trim() ? { remark: remark.value.trim() } : {}),
  })
  if (sent.ok && said.value.length === 0) emit('done')
}
const allWell = () => send({ ...Object.fromEntries(yesNo.value.map(({ id }) => [id, true])), ...answers.value })
const fillYes = () => {
  answers.value = { ...Object.fromEntries(yesNo.value.map(({ id }) => [id, true])), ...answers.value }
}
const marks = computed(() => new Map(judged.value.checks.map(({ check, passes }) => [check.id, passes])))
</script>

<template>
  <section class="inspect" :aria-label="`${tag}: ${kitWords.lists(list.id)}`">
    <h3>{{ kitWords.lists(list.id) }} <small class="soft">{{ says.version(list.version, list.examiner === 'competent' ? says.bySomebodyNamed : '') }}</small></h3>
    <template v-if="!isOpen">
      <ul class="short">
        <li v-for="check in list.checks" :key="check.id">
          {{ checkWords(check) }}
        </li>
      </ul>
      <div class="two">
        <FrameKey look="go" big :disabled="busy" @click="allWell">
          {{ says.allInOrder }} <span class="visually-hidden">{{ says.for(tag) }}</span>
        </FrameKey>
        <FrameKey big @click="isOpen = true">
          {{ says.somethingIsWrong }} <span class="visually-hidden">{{ says.with(tag) }}</span>
        </FrameKey>
      </div>
    </template>
    <template v-else>
      <ul class="checks">
        <li v-for="check in list.checks" :key="check.id">
          <span class="what"><b>{{ checkWords(check) }}</b><small
            v-if="check.asks === 'measurement'"
            class="soft"
          >{{ limitWords(check) }}</small></span>
          <span v-if="check.asks === 'yes-no'" class="answer">
            <FrameKey
              :picked="answers[check.id] === true"
              :aria-label="says.yes(checkWords(check))"
              @click="answers = { ...answers, [check.id]: true }"
            >
              {{ says.yes2 }}
            </FrameKey>
            <FrameKey
              :picked="answers[check.id] === false"
              :aria-label="says.no(checkWords(check))"
              @click="answers = { ...answers, [check.id]: false }"
            >
              {{ says.no2 }}
            </FrameKey>
          </span>
          <span v-else-if="check.asks === 'choice'" class="answer">
            <FrameKey
              v-for="option in check.options"
              :key="option"
              :picked="answers[check.id] === option"
              @click="answers = { ...answers, [check.id]: option }"
            >
              {{ kitItemWords.options[option] ?? option.replaceAll('-', ' ') }}
            </FrameKey>
          </span>
          <span v-else class="answer number">
            <UInput
              inputmode="decimal"
              :aria-label="`${checkWords(check)}, ${check.unit}`"
              :model-value="typed[check.id] ?? ''"
              @update:model-value="type(check.id, String($event))"
            />
            <span
              :class="marks.get(check.id) === false ? 'state-stop' : marks.get(check.id) ? 'state-open' : 'soft'"
            >{{ marks.get(check.id) === false ? says.fails : marks.get(check.id) ? says.passes : unitWords(check.unit) }}</span>
          </span>
        </li>
      </ul>
      <FrameKey v-if="yesNo.some(({ id }) => answers[id] === undefined)" @click="fillYes">
        {{ says.theRestIsInOrder }}
      </FrameKey>
      <FrameText v-if="failed" v-model="remark" :label="says.whatIsWrongInA" maxlength="500" />
      <FrameKey look="go" big :disabled="busy || judged.result === 'open'" @click="send(answers)">
        {{ recordWords }}
      </FrameKey>
    </template>
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>
  </section>
</template>

<style scoped>
.inspect {
  display: grid;
  gap: var(--space-4);
  border-top: var(--line-rule) solid var(--ink);
  padding-top: var(--space-4);
}
h3 {
  font-size: var(--type-lead);
}
h3::first-letter {
  text-transform: uppercase;
}
h3 small {
  font-size: var(--type-small);
  font-weight: 550;
  letter-spacing: 0;
}
.short {
  columns: 2;
  column-gap: var(--space-8);
  font-size: var(--type-small);
}
.short li {
  break-inside: avoid;
  padding: var(--space-2) 0;
}
.two {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: var(--space-4);
}
.big {
  min-height: 76px;
  font-size: var(--type-lead);
}
.checks li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-2) var(--space-6);
  align-items: center;
  padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.what small {
  display: block;
  font-size: var(--type-small);
}
.what b {
  font-weight: 650;
}
.answer {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
.number :deep(.entry) {
  width: 110px;
}
.number span {
  min-width: 54px;
  font-weight: 700;
}
@media (max-width: 520px) {
  .short {
    columns: 1;
  }
  .checks li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
