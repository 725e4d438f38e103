<script setup lang="ts">
import { calibratedAt, carriedTo } from '#core/air/calibrated'
import type { CalibratedHere, CarriedHere } from '#core/air/calibrated'
import type { FactorSpread } from '#core/exposure/calibration'
import type { Placed } from '~/stores/judged'
import { airPages } from '~/words/air'

const says = airPages.calibration

/** How far off the model was, by samples of this bay; and what samples of the same work elsewhere would make of it here. */
const { placed } = defineProps<{ placed: Placed }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const q = useQuantities()

const here = computed<readonly CalibratedHere[]>(() => calibratedAt(judged.standing, placed.bay.bayId))
const carried = computed<readonly CarriedHere[]>(() => carriedTo(judged.standing, placed.bay.bayId))
const action = computed(() => facts.rules.actionFraction)

const times = (value: number): string => q.value.factor(value)
const factorWords = ({ p05, p50, p95 }: FactorSpread): string => says.times(times(p50), times(p05), times(p95))
/** Outside what the model itself held possible, it is wrong there and not only uncertain. */
const isOff = ({ calibration: { whole: { before, after } } }: CalibratedHere): boolean => after.p50 > before.p95 || after.p50 < before.p05
const limitWords = ({ substance, use }: CalibratedHere | CarriedHere): string =>
  says.ofLimit(words.substances[substance], q.value.limit(use.limit.valueMgPerM3), words.exposureRuleSets[use.limit.ruleSet])
const bayLabel = (bayId: string): string => lookup.find(bayId)?.bay.label ?? bayId
</script>

<template>
  <section v-if="here.length > 0 || carried.length > 0" class="calibration" :aria-label="says.title">
    <h3>{{ says.title }}</h3>
    <article v-for="one in here" :key="one.substance">
      <h4>{{ limitWords(one) }}</h4>
      <AirMoved :moved="one" :said="says.withSamples(one.count)" />
      <p>
        {{ says.itIs(factorWords(one.calibration.whole.after)) }}
        {{ says.ofWhichEmission(factorWords(one.calibration.emission.after), factorWords(one.calibration.capture.after)) }}
      </p>
      <p v-if="isOff(one)" class="said">
        {{ says.disagrees }}
      </p>
      <p v-if="one.count < 3" class="soft">
        {{ says.few }}
      </p>
    </article>
    <article v-for="one in carried" :key="one.substance">
      <h4>{{ says.carried(limitWords(one), bayLabel(one.fromBayId), one.count) }}</h4>
      <AirMoved is-pencil :moved="one" :said="says.carriedHere" />
      <p>{{ says.emissionIs(factorWords(one.factor)) }}</p>
      <p v-if="one.after.high > action && one.before.high <= action" class="said">
        {{ says.mayBeOver }}
      </p>
    </article>
    <p class="soft">
      {{ says.whatItIs }}
    </p>
  </section>
</template>

<style scoped>
.calibration { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-5); }
.calibration p, h4 { margin: 0; }
h4 { font-weight: 800; }
h4::first-letter { text-transform: uppercase; }
article { display: grid; gap: var(--space-3); }
</style>
