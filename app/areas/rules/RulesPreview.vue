<script setup lang="ts">
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { rulesPages } from '~/words/rules'
import { rulesChanged } from './rule-words'

const says = rulesPages.page

/** What rules that are not saved yet would change: each rule from what to what, and each bay that would be judged otherwise. */
const { entry, mayChange, isSaved, refused } = defineProps<{
  entry: HouseRules
  mayChange: boolean
  isSaved: boolean
  refused: string | null
}>()
const emit = defineEmits<{ undo: [], save: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()
const ruleChanges = computed(() => rulesChanged(facts.rules, entry))
const isChanged = computed(() => ruleChanges.value.length > 0)

/** Which bays would be judged otherwise, worked out here before anything is saved. */
const changes = computed(() => isChanged.value
  ? judged.placed.flatMap(({ bay, station, verdict, personName }) => {
      const after = judged.judge(station, bay, entry)
      const gates = after.gates.filter(({ gate, state }) => state !== verdict.byId[gate].state)
      const shadeBefore = verdict.shade
      const shadeMoves = after.shade?.minimum !== shadeBefore?.minimum || after.shade?.start !== shadeBefore?.start
      return gates.length > 0 || shadeMoves ? [{ bay, personName, gates, before: shadeBefore, after: after.shade }] : []
    })
  : [])
const shadeWords = (shade: { readonly minimum: number | null, readonly start: number | null } | null | undefined) =>
  shade?.minimum == null ? says.noNumber : says.startNeverUnder(q.value.shade(shade.start!), q.value.shade(shade.minimum))
</script>

<template>
  <section class="preview" aria-live="polite" :aria-label="says.whatWouldChange">
    <h2>{{ isChanged ? says.whatWouldChange : says.inForce }}</h2>
    <p v-if="!isChanged">
      {{ says.changeARuleToSee(isSaved ? says.saved : '') }}
    </p>
    <ul v-if="isChanged" class="from-to">
      <li v-for="{ name, from, to } in ruleChanges" :key="name">
        {{ name }} <b class="chalk">{{ from }} → {{ to }}</b>
      </li>
    </ul>
    <p v-if="isChanged && changes.length === 0">
      {{ says.noBayIsJudgedOtherwise }}
    </p>
    <ul v-else-if="isChanged">
      <li v-for="{ bay, personName, gates, before, after } in changes" :key="bay.bayId">
        <b>{{ says.bay(bay.label) }}</b> {{ personName }}
        <span v-if="shadeWords(before) !== shadeWords(after)">{{ shadeWords(before) }} → {{ shadeWords(after) }}</span>
        <span
          v-for="{ gate, state, findings } in gates"
          :key="gate"
        ><b :class="`state-${state}`">{{ words.gates[gate] }}: {{ words.gateStates[state] }}</b> {{ findings[0] ? lookup.say(findings[0]).message : '' }}</span>
      </li>
    </ul>
    <FrameRefused :says="refused" />
    <div v-if="mayChange && isChanged" class="keys">
      <FrameKey @click="emit('undo')">
        {{ says.leaveAsItWas }}
      </FrameKey>
      <FrameKey look="go" @click="emit('save')">
        {{ says.save(changes.length > 0 ? `, ${changes.length} ${changes.length === 1 ? says.bayChanges : says.baysChange}` : '') }}
      </FrameKey>
    </div>
  </section>
</template>

<style scoped>
.preview {
  position: sticky;
  top: 80px;
  border: var(--line-heavy) solid var(--ink);
  background: var(--panel);
  padding: var(--space-7);
  display: grid;
  gap: var(--space-5);
  max-height: calc(100dvh - 100px);
  overflow: auto;
}
li { border-top: var(--line-thin) solid var(--rule); padding: var(--space-4) 0; }
li span { display: block; }
@media (max-width: 900px) {
  .preview { position: static; }
}
</style>
