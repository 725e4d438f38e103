<script setup lang="ts">
import { readLine } from '#core/commandline/read-line'
import type { Job } from '#core/job/job'
import { shadeQuestionOf } from '#core/job/job'
import { shadeRulesOf } from '#core/streams/house-rules/house-rules'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { requiredShade } from '#core/shade/required-shade'
import { stationPages } from '~/words/station'

const says = stationPages.asked

/** A line typed with no bay open, answered in full. */
const { line } = defineProps<{ line: string }>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()
const job = computed<Job | null>(() => {
  const { job: { process, ...rest }, doubts } = readLine(line)
  return process && doubts.length === 0 ? { process, ...rest } : null
})
const shade = computed(() => job.value && requiredShade(shadeQuestionOf(job.value, 'general'), shadeRulesOf(facts.rules)))
const outfit = computed(() => job.value ? requiredOutfit(job.value, facts.rules) : [])
</script>

<template>
  <section v-if="job && shade" class="asked" :aria-label="says.answer">
    <p class="line">
      <span v-for="{ field, text } in jobParts(job, q)" :key="field" class="chalk">{{ text }}</span>
    </p>
    <StationShade :answer="shade" />
    <p v-for="(finding, index) in shade.findings" :key="index" class="said">
      {{ lookup.say(finding).message }} <b>{{ lookup.say(finding).todo }}</b>
    </p>
    <ul>
      <li v-for="{ zone, requirement } in outfit" :key="zone">
        <b>{{ words.zones[zone] }}</b> {{ words.requirements[requirement] }}
      </li>
    </ul>
    <p class="soft">
      {{ says.airGasMachineAndFire }} <b>{{ says.bay4(line) }}</b>
    </p>
  </section>
  <p v-else class="soft">
    {{ says.nameAProcessFirstAs }}
  </p>
</template>

<style scoped>
.asked { display: grid; gap: var(--space-5); }
.line { display: flex; flex-wrap: wrap; gap: var(--space-1) var(--space-6); font-size: var(--type-head); }
li {
  display: grid; grid-template-columns: 110px minmax(0, 1fr); gap: var(--space-5); padding: var(--space-3) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
li b { font-weight: 750; }
li b::first-letter { text-transform: uppercase; }
.said { background: var(--bg); }
</style>
