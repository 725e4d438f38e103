<script setup lang="ts">
import type { PersonDay } from '#core/air/person-day'
import type { Stay } from '#core/time/stays'
import type { ExposureJudgement } from '#core/exposure/judge-exposure'
import type { Respirator } from '#core/respirator/respirators'
import { LOCALES } from '#shared/words/language'
import { airPages } from '~/words/air'
import { language } from '~/words/live'

const says = airPages.day

/** The day of whoever works here: every bay of theirs, the hall between, and what it comes to together. */
const { day, exposure, worn } = defineProps<{ day: PersonDay, exposure: ExposureJudgement, worn: Respirator | null }>()
const facts = useFacts()
const lookup = useLookup()
const q = useQuantities()

/** Of parts that add up, the hardest limit is one over the shift. */
const limit = computed(() => exposure.uses.find(({ binds, limit: { kind } }) => binds && kind === 'twa') ?? null)
const clock = (min: number): string => {
  const ofDay = (facts.rules.shopDayHour * 60 + Math.round(min)) % 1440
  return `${String(Math.floor(ofDay / 60)).padStart(2, '0')}:${String(ofDay % 60).padStart(2, '0')}`
}
const spans = (stays: readonly Stay[]): string =>
  new Intl.ListFormat(LOCALES[language.value]).format(
    [...stays].sort((a, b) => a.fromMin - b.fromMin).map(({ fromMin, toMin }) => says.fromTo(clock(fromMin), clock(toMin))),
  )
const parts = computed(() =>
  day.parts.map(({ bayId, visit, helps, breathed }) => ({
    key: `${bayId} ${helps}`,
    label: says[helps ? 'helpsAt' : 'bay'](lookup.find(bayId)?.bay.label ?? bayId),
    work: spans(visit.work),
    besides: visit.besides.length > 0 ? says.andInTheHall(spans(visit.besides)) : '',
    fraction: limit.value ? (breathed[limit.value.limit.substance]?.twa.high ?? 0) * limit.value.perMgPerM3 : null,
  })),
)
const inside = computed(() => {
  if (!worn?.apf || !limit.value) return null
  const { maskWornShare: wornShare } = facts.rules
  const { breathed } = day.air.inside({ apf: worn.apf, isSupplied: worn.isSupplied, wornShare })
  const part = (breathed[limit.value.limit.substance]?.twa.high ?? 0) * limit.value.perMgPerM3
  return says.insideTheMask(words.masks[worn.mask], q.value.percent(wornShare), q.value.part(part))
})
</script>

<template>
  <div class="day">
    <p v-if="limit" class="soft">
      {{ says.ofTheLimitFor(words.substances[limit.limit.substance], words.exposureRuleSets[limit.limit.ruleSet]) }}
    </p>
    <ul>
      <li v-for="part in parts" :key="part.key">
        <span><b>{{ part.label }}</b> <span class="number">{{ part.work }}</span><small>{{ part.besides }}</small></span>
        <template v-if="part.fraction !== null">
          <AirTemper :fraction="part.fraction" :action="facts.rules.actionFraction" />
          <span class="after print">{{ q.part(part.fraction) }}</span>
        </template>
      </li>
      <li v-if="limit && parts.length > 1" class="sum">
        <span><b>{{ says.together }}</b><small>{{ says.notEachAtItsWorst }}</small></span>
        <AirTemper :fraction="limit.fraction" :action="facts.rules.actionFraction" />
        <span class="after print">{{ q.part(limit.fraction) }}</span>
      </li>
    </ul>
    <p v-if="inside">
      {{ inside }}
    </p>
  </div>
</template>

<style scoped>
.day { display: grid; gap: var(--space-4); }
p { margin: 0; }
ul { list-style: none; margin: 0; padding: 0; display: grid; gap: var(--space-3); }
li { display: grid; grid-template-columns: minmax(0, 1fr) minmax(120px, 200px) 84px; gap: var(--space-5); align-items: center; }
small { display: block; color: var(--soft); }
.after { font-weight: 850; text-align: end; }
.sum { border-top: var(--line-thin) solid var(--rule); padding-top: var(--space-3); }
@media (max-width: 560px) {
  li { grid-template-columns: minmax(0, 1fr) 84px; }
  li .temper { grid-row: 2; grid-column: 1 / -1; }
}
</style>
