<script setup lang="ts">
import { noiseDay, NOISE_LIMITS } from '#core/hearing/noise-dose'
import type { DeratingId, NoiseRuleId, ProtectorKindId } from '#core/ids/protection-ids'
import { DERATINGS, NOISE_RULES, PROTECTOR_KINDS } from '#core/ids/protection-ids'
import { up } from '#shared/words/rounded'
import { airPages } from '~/words/air'

const says = airPages.around

/** A day of noise, stretch by stretch, and what a protector leaves of it. */
const facts = useFacts()
const spans = ref<{ levelDbA: number | undefined, hours: number | undefined }[]>([{ levelDbA: undefined, hours: undefined }])
const rule = ref<NoiseRuleId | ''>(facts.rules.jurisdiction.startsWith('us') ? 'us-hearing-conservation' : 'eu')
const nrrDb = ref<number | undefined>()
const kind = ref<ProtectorKindId | ''>('')
const derate = ref<DeratingId | ''>('')
const told = computed(() => spans.value.flatMap(({ levelDbA, hours }) =>
  levelDbA === undefined || hours === undefined ? [] : { levelDbA, hours }))
const isTooLong = computed(() => told.value.reduce((sum, { hours }) => sum + hours, 0) > 24)
/** A stretch that is half told is no part of a day: nothing is said until it is whole. */
const found = computed(() => rule.value === '' || told.value.length === 0 || told.value.length < spans.value.length || isTooLong.value
  ? null
  : noiseDay({
      spans: told.value,
      rule: rule.value,
      ...nrrDb.value === undefined ? {} : { protectors: [{ nrrDb: nrrDb.value, ...kind.value === '' ? {} : { kind: kind.value } }] },
      ...derate.value === '' ? {} : { derate: derate.value },
    }))
const another = () => {
  spans.value = [...spans.value, { levelDbA: undefined, hours: undefined }]
}
const MOST_SPANS = 12
</script>

<template>
  <FrameSum :title="says.aDayOfNoise" :level="3">
    <div v-for="(span, index) in spans" :key="index" class="columns" role="group" :aria-label="says.stretch(index + 1)">
      <FrameNumber v-model="span.levelDbA" :label="says.levelAtTheEar" :unit="plainUnit('dBA')" :limits="NOISE_LIMITS.levelDbA" />
      <FrameNumber v-model="span.hours" :label="says.forHours" :unit="plainUnit('h')" :limits="NOISE_LIMITS.hours" />
    </div>
    <FrameKey v-if="spans.length < MOST_SPANS" class="another" @click="another">
      {{ says.anotherStretch }}
    </FrameKey>
    <div class="columns">
      <FrameSelect v-model="rule" :label="says.byTheRule" :ids="NOISE_RULES" :named="id => says.noiseRules[id]" />
      <FrameNumber v-model="nrrDb" :label="says.protectorNrr" :unit="plainUnit('dB')" :limits="NOISE_LIMITS.nrrDb" optional />
      <FrameSelect
        v-model="kind"
        :label="says.protectorKind"
        :ids="PROTECTOR_KINDS"
        :named="id => says.protectorKinds[id]"
        :none="says.notKnown"
      />
      <FrameSelect
        v-model="derate"
        :label="says.ofItsLabelCounts"
        :ids="DERATINGS"
        :named="id => says.deratings[id]"
        :none="says.notKnown"
      />
    </div>
    <p v-if="isTooLong" class="said" role="alert">
      {{ says.aDayHas24Hours }}
    </p>
    <template v-if="found" #answer>
      <p v-if="found.twaDbA !== null" class="big print">
        {{ `${up(found.twaDbA, 0.1)} dBA` }} <small>{{ says.overEightHours(up(found.dosePercent)) }}</small>
      </p>
      <CylinderFindings :findings="found.findings" />
    </template>
  </FrameSum>
</template>

<style scoped>
.another { justify-self: start; }
</style>
