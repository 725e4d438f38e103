<script setup lang="ts">
import type { ProcessId } from '#core/ids/vocabulary'
import { PROCESSES } from '#core/ids/vocabulary'
import { personStream } from '#core/ids/streams'
import type { PersonReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.signOffs

/** Processes that somebody was taught and has shown to know; a key of each says so, or takes it back. Shades they settled on beside. */
const { person } = defineProps<{ person: PersonReading }>()
const emit = defineEmits<{ saved: [] }>()
const { send, refused, busy } = useSender()
const { moment } = useDates()
const lookup = useLookup()
const q = useQuantities()
const isSignedOff = (process: ProcessId) => person.signOffs[process]?.isSignedOff === true
const signed = computed(() => PROCESSES.filter(isSignedOff))
const by = (process: ProcessId): string => {
  const said = person.signOffs[process]
  return said?.isSignedOff ? says.by(lookup.names.get(said.by) ?? says.somebody, moment(said.at)) : ''
}
async function toggle(process: ProcessId) {
  const sent = await send('person.sign-off', personStream(person.personId), { process, isSignedOff: !isSignedOff(process) })
  if (sent.ok) emit('saved')
}
</script>

<template>
  <details class="sign-offs">
    <summary>
      {{ says.signedOffFor(signed.length === 0 ? says.nothing : signed.map(process => words.processes[process]).join(', ')) }}
    </summary>
    <p class="soft">
      {{ says.taughtAndShown }}
    </p>
    <div class="keys" role="group" :aria-label="says.processes">
      <FrameKey
        v-for="process in PROCESSES"
        :key="process"
        :picked="isSignedOff(process)"
        :disabled="busy"
        @click="toggle(process)"
      >
        {{ words.processes[process] }} <small v-if="by(process)">{{ by(process) }}</small>
      </FrameKey>
    </div>
    <FrameRefused :says="refused" />
    <PersonTraining :person="person" @saved="emit('saved')" />
    <template v-if="person.settled.length > 0">
      <h3>{{ says.settledShades }}</h3>
      <ul>
        <li v-for="(one, index) in person.settled" :key="index">
          {{ words.processes[one.process] }}<template v-if="one.bandA">
            {{ says.fromTo(q.current(one.bandA[0]), q.current(one.bandA[1])) }}
          </template>: <b class="chalk">{{ q.shade(one.shade) }}</b>
        </li>
      </ul>
    </template>
  </details>
</template>

<style scoped>
.sign-offs { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-2); display: grid; gap: var(--space-4); }
summary { min-height: 56px; display: flex; align-items: center; cursor: pointer; font-weight: 750; }
small { display: block; font-weight: 500; }
h3 { margin-top: var(--space-5); }
</style>
