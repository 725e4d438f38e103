<script setup lang="ts">
import { SETTLING_RULES } from '#core/cylinder/settling'
import { CLOTHES_RULES, HEAT_RULES, REGULATOR_RULES, SIGN_OFF_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { UNIT_SYSTEMS } from '#core/units'
import { LEAST_KINDS } from '#core/ids/air-ids'
import type { LeastKind } from '#core/ids/air-ids'
import { DERATINGS } from '#core/ids/protection-ids'
import { EXPOSURE_BASES, JURISDICTIONS, SHADE_BASES, STORAGE_BASES } from '#core/ids/vocabulary'
import { LANGUAGES } from '#shared/words/language'
import { RULE_WORDS } from '~/areas/rules/rule-words'
import { plainUnit } from '~/frame/useShopUnits'
import { versionAfter } from '~/stores/outbox'
import { HOUSE_RULES_STREAM } from '#core/ids/streams'
import { rulesPages } from '~/words/rules'

const says = rulesPages.page

const facts = useFacts()
const session = useSession()
const { send, refused, forget } = useSender()
const mayChange = computed(() => session.may('change-house-rules'))
const entry = shallowRef<HouseRules>({ ...facts.rules })
const openedOn = ref(facts.reading?.versions.rules ?? 0)
const touched = ref(false)
const saved = ref(false)
watch(() => facts.reading?.versions.rules, (version) => {
  if (touched.value || version === undefined) return
  entry.value = { ...facts.rules }
  openedOn.value = version
}, { immediate: true })

const set = (rules: Partial<HouseRules>) => {
  entry.value = { ...entry.value, ...rules }
  touched.value = true
  saved.value = false
}
function setCost(kind: LeastKind, cost: number | undefined) {
  const { [kind]: _was, ...others } = entry.value.changeCosts
  set({ changeCosts: cost === undefined ? others : { ...others, [kind]: cost } })
}
const minima = [
  null,
  ...Array.from(
    { length: HOUSE_RULE_LIMITS.shadeMinimum.max - HOUSE_RULE_LIMITS.shadeMinimum.min + 1 },
    (_, i) => HOUSE_RULE_LIMITS.shadeMinimum.min + i,
  ),
]
const MONTHS = [6, 12, 18, 24, 36]
const HOURS = Array.from({ length: 24 }, (_, hour) => String(hour).padStart(2, '0'))
const CLOTHES = ['leatherLaces', 'sleevesDo', 'linedGlovesOnly', 'lowShoesDo'] as const
const COUNTED = ['surveyMonths', 'fitTestMonths', 'medicalMonths'] as const
async function save() {
  const sending = entry.value
  const sent = await send('house-rules.change', { id: HOUSE_RULES_STREAM, expectedVersion: openedOn.value }, sending)
  if (sent.ok) {
    openedOn.value = versionAfter(sent.body, HOUSE_RULES_STREAM, openedOn.value)
    await facts.refresh()
    // What was chosen while this was on its way stays chosen.
    touched.value = entry.value !== sending
    saved.value = !touched.value
  }
}
function undo() {
  entry.value = { ...facts.rules }
  openedOn.value = facts.reading?.versions.rules ?? 0
  touched.value = false
  forget()
}
</script>

<template>
  <main class="page">
    <h1>{{ says.houseRules }}</h1>
    <p class="lead">
      {{ says.schoolsDifferThisSiteChooses(mayChange ? '' : says.theSafetyLeadChangesThem) }}
    </p>
    <div class="two">
      <fieldset :disabled="!mayChange">
        <legend class="visually-hidden">
          {{ says.houseRules }}
        </legend>
        <RuleChoice rule="jurisdiction" :entry="entry" :choices="JURISDICTIONS" @change="set" />
        <RuleChoice rule="shadeBasis" :entry="entry" :choices="SHADE_BASES" :hint="says.setsWhereToStartAnd" @change="set" />
        <RuleChoice rule="shadeMinimum" :entry="entry" :choices="minima" :hint="says.notForFlamesSolderingOr" @change="set" />
        <RuleChoice rule="exposureBasis" :entry="entry" :choices="EXPOSURE_BASES" :hint="says.theLawBindsAlwaysThe" @change="set" />
        <RuleChoice rule="shiftHours" :entry="entry" :choices="[6, 8, 10, 12]" @change="set" />
        <RuleChoice rule="workDaysPerWeek" :entry="entry" :choices="[3, 4, 5, 6, 7]" :hint="says.overFortyHoursAWeek" @change="set" />
        <RuleChoice rule="maskWornShare" :entry="entry" :choices="[1, 0.98, 0.95, 0.9]" :hint="says.offForATenth" @change="set" />
        <h2>{{ says.whatChangesCost }}</h2>
        <p class="soft">
          {{ says.whatTheyCostHint }}
        </p>
        <div class="counts">
          <FrameNumber
            v-for="kind in LEAST_KINDS"
            :key="kind"
            :label="says.changes[kind]"
            :unit="plainUnit('', 1)"
            :limits="HOUSE_RULE_LIMITS.changeCost"
            optional
            :model-value="entry.changeCosts[kind]"
            @update:model-value="setCost(kind, $event)"
          />
        </div>
        <h2>{{ says.howLongItCounts }}</h2>
        <div class="counts">
          <FrameSelect
            v-for="key in COUNTED"
            :key="key"
            :label="RULE_WORDS[key][0]()"
            :ids="MONTHS.filter(count => key !== 'fitTestMonths' || count <= 24).map(String)"
            :named="count => says.months(count)"
            :model-value="String(entry[key])"
            @update:model-value="set({ [key]: Number($event) })"
          />
        </div>
        <RuleChoice rule="settlingRule" :entry="entry" :choices="SETTLING_RULES" :hint="says.noLawPrintsATime" @change="set" />
        <RuleChoice rule="regulatorRule" :entry="entry" :choices="REGULATOR_RULES" @change="set" />
        <RuleChoice
          v-if="entry.regulatorRule === 'off-weekly'"
          rule="weekEndsOn"
          :entry="entry"
          :choices="[1, 2, 3, 4, 5, 6, 7]"
          @change="set"
        />
        <RuleChoice rule="pastDueHolds" :entry="entry" :choices="[false, true]" @change="set" />
        <RuleChoice rule="storageBasis" :entry="entry" :choices="STORAGE_BASES" @change="set" />
        <RuleChoice rule="signOffRule" :entry="entry" :choices="SIGN_OFF_RULES" :hint="says.signOffHint" @change="set" />
        <h2>{{ says.clothes }}</h2>
        <RuleChoice rule="safetyToe" :entry="entry" :choices="[false, true]" :hint="says.safetyToeHint" @change="set" />
        <RuleChoice v-for="rule in CLOTHES" :key="rule" :rule="rule" :entry="entry" :choices="[false, true]" @change="set" />
        <RuleChoice rule="protectorRule" :entry="entry" :choices="DERATINGS" :hint="says.protectorsHint" @change="set" />
        <RuleChoice rule="heatRule" :entry="entry" :choices="HEAT_RULES" :hint="says.heatHint" @change="set" />
        <RuleChoice rule="clothesRule" :entry="entry" :choices="CLOTHES_RULES" @change="set" />
        <HotworkRules :entry="entry" @change="set" />
        <RuleChoice rule="units" :entry="entry" :choices="UNIT_SYSTEMS" @change="set" />
        <RuleChoice rule="language" :entry="entry" :choices="LANGUAGES" :hint="says.whoeverChoseNone" @change="set" />
        <RuleChoice
          rule="actionFraction"
          :entry="entry"
          :choices="[0.1, 0.25, 0.5, 0.75, 1]"
          :hint="says.theShareOfAnExposure"
          @change="set"
        />
        <h2>{{ says.shopDay }}</h2>
        <FrameSelect
          class="hour"
          :label="says.beginsAt"
          :ids="HOURS"
          :named="hour => `${hour}:00, ${facts.site.timeZone}`"
          :model-value="HOURS[entry.shopDayHour]!"
          @update:model-value="set({ shopDayHour: Number($event) })"
        />
      </fieldset>
      <RulesPreview :entry="entry" :may-change="mayChange" :is-saved="saved" :refused="refused" @undo="undo" @save="save" />
    </div>
  </main>
</template>

<style scoped>
.two { display: grid; grid-template-columns: minmax(0, 1fr) 400px; gap: var(--space-9); align-items: start; }
fieldset { display: grid; gap: var(--space-4); border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-5); }
fieldset h2 { margin-top: var(--space-5); }
.counts { display: grid; grid-template-columns: repeat(auto-fit, minmax(190px, 1fr)); gap: var(--space-3) var(--space-7); }
.hour { display: grid; gap: var(--space-3); max-width: 360px; }
@media (max-width: 900px) {
  .two { grid-template-columns: minmax(0, 1fr); }
}
</style>
