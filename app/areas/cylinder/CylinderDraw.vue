<script setup lang="ts">
import { DUTIES, withdrawal, withdrawalRuleFor } from '#core/cylinder/withdrawal'
import type { DutyKind } from '#core/cylinder/withdrawal'
import { acetylenePressureLimit } from '#core/cylinder/acetylene-pressure'
import { tipDemand } from '#core/cylinder/tip-demand'
import type { TipId } from '#core/ids/vocabulary'
import { TIPS, WITHDRAWAL_RULE_SETS } from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import { cylinderWords } from '~/words/cylinder-words'
import type { TableColumnOf } from '~/frame/table'
import { gasPages } from '~/words/gas'

const says = gasPages.draw

/** How fast acetylene may be drawn, and how many cylinders that makes, by every school. */
const q = useQuantities()
const facts = useFacts()
const units = useCylinderUnits()
const contentM3 = ref<number | undefined>()
const demandM3PerH = ref<number | undefined>()
const duty = ref<DutyKind | ''>('continuous')
/** A tip by its class says what it takes at the most; the head's own table is better. */
const tip = ref<TipId | ''>('')
const thicknessMm = ref<number | undefined>()
const byTip = computed(() => tip.value === '' ? null : tipDemand(tip.value, 'acetylene', thicknessMm.value))
watch(byTip, (demand) => {
  if (demand) demandM3PerH.value = demand.fuelM3PerH
})
const needsThickness = computed(() => tip.value === 'welding' || tip.value === 'cutting')
const shop = useShopUnits()
const answers = computed(() =>
  contentM3.value === undefined || demandM3PerH.value === undefined || duty.value === ''
    ? []
    : WITHDRAWAL_RULE_SETS.map(ruleSet =>
        withdrawal({ contentM3: contentM3.value!, demandM3PerH: demandM3PerH.value!, duty: duty.value as DutyKind, ruleSet }),
      ),
)
const binding = computed(() =>
  duty.value === '' ? null : (answers.value.find(({ ruleSet }) => ruleSet === withdrawalRuleFor(duty.value as DutyKind)) ?? null),
)
const pressure = computed(() => acetylenePressureLimit(facts.rules.jurisdiction))

type Answer = ReturnType<typeof withdrawal>
const columns = computed<readonly TableColumnOf<Answer>[]>(() => [
  {
    id: 'rule',
    header: says.rule,
    said: ({ ruleSet }) => `${kitWords.withdrawalRuleSets[ruleSet]}${ruleSet === binding.value?.ruleSet ? says.binds : ''}`,
  },
  { id: 'one', header: says.oneMayGive, said: ({ limitM3PerH }) => q.value.gasRate(limitM3PerH), look: 'print' },
  { id: 'needed', header: says.cylinders2, said: ({ cylindersNeeded }) => String(cylindersNeeded), look: 'print' },
])
</script>

<template>
  <section aria-labelledby="gas-draw">
    <h2 id="gas-draw">
      {{ says.acetyleneHowManyCylinders }}
    </h2>
    <div class="columns">
      <FrameNumber v-model="contentM3" :label="says.inOneFullCylinder" :unit="units.gas" :limits="{ min: 0.01, max: 100 }" />
      <FrameSelect v-model="tip" :label="says.tip" :ids="TIPS" :named="id => kitWords.tips[id]" :none="says.byItsOwnTable" />
      <FrameNumber v-if="needsThickness" v-model="thicknessMm" :label="says.plate" :unit="shop.width" :limits="{ min: 0.1, max: 1000 }" />
      <FrameNumber v-model="demandM3PerH" :label="says.theTipTakes" :unit="units.gasRate" :limits="{ min: 0.001, max: 1000 }" />
      <FrameSelect v-model="duty" :label="says.duty" :ids="DUTIES" :named="id => cylinderWords.duties[id]" />
    </div>
    <div class="answer ruled" aria-live="polite">
      <template v-if="binding">
        <p class="big print">
          {{ binding.cylindersNeeded }} {{ binding.cylindersNeeded === 1 ? says.cylinder : says.cylinders }}
        </p>
        <FrameTable is-figures :columns="columns" :rows="answers" :name="says.whatEachRuleAsksFor" :key-of="({ ruleSet }) => ruleSet" />
        <CylinderFindings :findings="binding.findings" />
      </template>
      <p v-else class="soft">
        {{ says.drawnTooFastTheSolvent }}
      </p>
      <p>{{ says.neverAbove }} <b class="print">{{ q.pressure(pressure.limitKPa) }}</b> {{ says.atTheTorchSideBeyond }}</p>
    </div>
  </section>
</template>

<style scoped>
section { display: grid; gap: var(--space-4); }
.answer { padding-top: var(--space-4); display: grid; gap: var(--space-3); }
.big { font-size: var(--type-figure); font-weight: 850; line-height: 1.1; }
</style>
