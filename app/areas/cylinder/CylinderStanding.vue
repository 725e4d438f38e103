<script setup lang="ts">
import { contentsOf } from '#core/cylinder/cylinder-fact'
import { partsOf } from '#core/cylinder/gas'
import { gasNeed, classNeedM3 } from '#core/cylinder/gas-need'
import type { GasNeedId } from '#core/ids/cylinder-ids'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import type { CylinderPageReading } from '#shared/contract/readings'
import type { Placed } from '~/stores/judged'
import { gasPages } from '~/words/gas'

const says = gasPages.cylinder

/** What is left in one cylinder, and whether it is enough for the job at its bay and for today's class there. */
const { cylinder, fact, bay, byWeight, lacks } = defineProps<{
  cylinder: CylinderPageReading['cylinder']
  fact: CylinderPageReading['fact']
  bay: Placed | undefined
  byWeight: boolean
  /** What its marks do not say, without which no reading can be worked out; empty when nothing lacks. */
  lacks: string
}>()
const facts = useFacts()
const judged = useJudged()
const q = useQuantities()
/** What the job at its bay draws from it. */
const need = computed(() => {
  const job = bay?.station.job
  if (!job) return null
  const parts = partsOf(cylinder.gas).map(({ gas }) => gas)
  const kind: GasNeedId
    = PROCESS_TRAITS[job.process].heat !== 'flame'
      ? job.process === 'pac'
        ? 'cutting'
        : 'shielding'
      : parts.includes('oxygen')
        ? 'oxygen'
        : 'fuel'
  const fuel = parts.find(gas => gas !== 'oxygen') ?? 'acetylene'
  const hour = facts.rules.shopDayHour
  return {
    job: gasNeed(job, kind, fuel, hour),
    classM3: classNeedM3(bay.station.earlierJobs, job, kind, fuel, hour, judged.standing.now),
  }
})
const contents = computed(() => contentsOf(cylinder, need.value?.job ? (need.value.job.flowM3PerH * 1000) / 60 : undefined))
const enough = computed(() => {
  const left = fact.left?.lowM3
  if (left === undefined || !need.value) return []
  const lines: readonly (readonly [string, number | null])[] = [
    [says.thisJob, need.value.job?.jobM3 ?? null],
    [says.todaysClass, need.value.classM3],
  ]
  return lines.map(([name, m3]) => ({ name, m3, isEnough: m3 === null ? null : left >= m3 }))
})
</script>

<template>
  <section class="left" aria-labelledby="left-head">
    <h3 id="left-head">
      {{ says.whatIsLeft }}
    </h3>
    <CylinderContents v-if="contents" :answer="contents" :by-weight="byWeight" />
    <p v-else class="soft">
      {{ lacks || (byWeight ? says.notWeighedYet : says.notReadYet) }}
    </p>
    <CylinderTemper v-if="fact.left && fact.fullM3" :left="fact.left.lowM3" :full="fact.fullM3" :need="need?.job?.jobM3" />
    <p v-for="{ name, m3, isEnough } in enough" :key="name">
      {{ name }}: <b v-if="isEnough === null" class="state-to-do">{{ says.nobodySaidHowMuchFlows }}</b><template v-else>
        <b :class="isEnough ? 'state-open' : 'state-hold'">{{ isEnough ? says.enough : says.notEnough }}</b>{{ says.itTakes(q.gas(m3!)) }}
      </template>
    </p>
  </section>
</template>

<style scoped>
.left { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-3); }
h3 { font-size: var(--type-lead); }
</style>
