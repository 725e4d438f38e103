<script setup lang="ts">
import { personStream } from '#core/ids/streams'
import type { ProcessId } from '#core/ids/vocabulary'
import { PROCESSES } from '#core/ids/vocabulary'
import { shopDayAt } from '#core/streams/scene'
import type { PersonReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.training

/** What somebody was taught, by process: when, by whom, and until when it stands. Beside the sign-offs, which say that they know it. */
const { person } = defineProps<{ person: PersonReading }>()
const emit = defineEmits<{ saved: [] }>()
const { act, refused, busy } = useSenderTo(() => personStream(person.personId))
const { day } = useDates()
const facts = useFacts()
const clock = useClock()
const today = computed(() => shopDayAt(facts, clock.nowIso()))
const taught = computed(() => PROCESSES.filter(process => person.trainings[process] !== undefined))
const isOver = (process: ProcessId): boolean => {
  const { nextOn } = person.trainings[process] ?? { nextOn: null }
  return nextOn !== null && nextOn < today.value
}

const isOpen = ref(false)
const process = ref<ProcessId | ''>('')
const trainedOn = ref('')
const taughtBy = ref('')
const nextOn = ref('')
const asked = computed(() => ({
  process: process.value, trainedOn: trainedOn.value, taughtBy: taughtBy.value, nextOn: nextOn.value === '' ? null : nextOn.value,
}))
async function note() {
  if (process.value === '') return
  const sent = await act('person.note-training', { ...asked.value, process: process.value })
  if (!sent.ok) return
  isOpen.value = false
  process.value = ''
  trainedOn.value = ''
  taughtBy.value = ''
  nextOn.value = ''
  emit('saved')
}
</script>

<template>
  <section class="training" :aria-label="says.training">
    <h3>{{ says.training }}</h3>
    <p v-if="taught.length === 0" class="soft">
      {{ says.nothing }}
    </p>
    <ul v-else>
      <li v-for="one in taught" :key="one">
        <b>{{ words.processes[one] }}</b>
        <span class="chalk">{{ says.taughtOn(day(person.trainings[one]!.trainedOn), person.trainings[one]!.taughtBy) }}</span>
        <span v-if="person.trainings[one]!.nextOn !== null" :class="isOver(one) ? 'state-hold' : 'soft'">
          {{ isOver(one) ? says.wasUntil(day(person.trainings[one]!.nextOn!)) : says.until(day(person.trainings[one]!.nextOn!)) }}
        </span>
      </li>
    </ul>
    <FrameKey v-if="!isOpen" @click="isOpen = true">
      {{ says.write }}
    </FrameKey>
    <FrameForm v-else class="form" of="person.note-training" :payload="asked" :aria-label="says.write" @send="note">
      <FrameSelect v-model="process" name="process" :label="says.process" :ids="PROCESSES" :named="id => words.processes[id]" />
      <div class="columns">
        <FrameDay v-model="trainedOn" name="trainedOn" :label="says.trainedOn" is-needed />
        <FrameDay v-model="nextOn" name="nextOn" :label="says.nextOn" :hint="says.nextOnHint" />
        <FrameText v-model="taughtBy" name="taughtBy" :label="says.taughtBy" :hint="says.taughtByHint" maxlength="80" />
      </div>
      <FrameRefused :says="refused" />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.save }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.training { display: grid; gap: var(--space-4); margin-top: var(--space-5); }
.training li { display: flex; flex-wrap: wrap; gap: var(--space-2) var(--space-5); padding: var(--space-3) 0; }
.form { display: grid; gap: var(--space-4); }
</style>
