<script setup lang="ts">
import { SETTLING_RULES } from '#core/cylinder/settling'
import { REGULATOR_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { UNIT_SYSTEMS } from '#core/units'
import { EXPOSURE_BASES, JURISDICTIONS, SHADE_BASES, STORAGE_BASES } from '#core/ids/vocabulary'
import { cylinderWords } from '~/words/cylinder-words'
import { LANGUAGE_NAMES, LANGUAGES } from '#shared/words/language'
import { versionAfter } from '~/stores/outbox'
import { HOUSE_RULES_STREAM } from '#core/ids/streams'
import { rulesPages } from '~/words/rules'

const says = rulesPages.page

const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const { send, refused, forget } = useSender()
const q = useQuantities()
const mayChange = computed(() => session.may('change-house-rules'))
const entry = ref<HouseRules>({ ...facts.rules })
const openedOn = ref(facts.reading?.versions.rules ?? 0)
const touched = ref(false)
const saved = ref(false)
watch(() => facts.reading?.versions.rules, (version) => {
  if (touched.value || version === undefined) return
  entry.value = { ...facts.rules }
  openedOn.value = version
}, { immediate: true })

const set = <Key extends keyof HouseRules>(key: Key, value: HouseRules[Key]) => {
  entry.value = { ...entry.value, [key]: value }
  touched.value = true
  saved.value = false
}
const setAll = (rules: Partial<HouseRules>) => {
  entry.value = { ...entry.value, ...rules }
  touched.value = true
  saved.value = false
}
const minima = [
  null,
  ...Array.from(
    { length: HOUSE_RULE_LIMITS.shadeMinimum.max - HOUSE_RULE_LIMITS.shadeMinimum.min + 1 },
    (_, i) => HOUSE_RULE_LIMITS.shadeMinimum.min + i,
  ),
]
const fractions = [0.1, 0.25, 0.5, 0.75, 1]
const shifts = [6, 8, 10, 12]
const months = [6, 12, 18, 24, 36]
const WEEKDAYS = [says.mon, says.tue, says.wed, says.thu, says.fri, says.sat, says.sun]
const HOURS = Array.from({ length: 24 }, (_, hour) => String(hour).padStart(2, '0'))
const shopDayHour = computed({
  get: () => HOURS[entry.value.shopDayHour]!,
  set: (hour: string) => set('shopDayHour', Number(hour)),
})
const COUNTED = [
  { key: 'surveyMonths', label: says.measuredSamples },
  { key: 'fitTestMonths', label: says.fitTestOfAMask },
  { key: 'medicalMonths', label: says.medicalClearance },
] as const
const isChanged = computed(() => (Object.keys(entry.value) as (keyof HouseRules)[]).some(key => entry.value[key] !== facts.rules[key]))

/** Which bays would be judged otherwise, worked out here before anything is saved. */
const changes = computed(() => isChanged.value
  ? judged.placed.flatMap(({ bay, station, verdict, personName }) => {
      const after = judged.judge(station, bay, entry.value)
      const gates = after.gates.filter(({ gate, state }) => state !== verdict.byId[gate].state)
      const shadeBefore = verdict.shade
      const shadeMoves = after.shade?.minimum !== shadeBefore?.minimum || after.shade?.start !== shadeBefore?.start
      return gates.length > 0 || shadeMoves ? [{ bay, personName, gates, before: shadeBefore, after: after.shade }] : []
    })
  : [])
const shadeWords = (shade: { readonly minimum: number | null, readonly start: number | null } | null | undefined) =>
  shade?.minimum == null ? says.noNumber : says.startNeverUnder(q.value.shade(shade.start!), q.value.shade(shade.minimum))

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
        <h2>{{ says.jurisdiction }}</h2>
        <div class="keys">
          <FrameKey
            v-for="id in JURISDICTIONS"
            :key="id"
            :picked="entry.jurisdiction === id"
            @click="set('jurisdiction', id)"
          >
            {{ words.jurisdictions[id] }}
          </FrameKey>
        </div>
        <h2>{{ says.basisForShade }}</h2>
        <p class="soft">
          {{ says.setsWhereToStartAnd }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="id in SHADE_BASES"
            :key="id"
            :picked="entry.shadeBasis === id"
            @click="set('shadeBasis', id)"
          >
            {{ words.ruleSets[id] }}
          </FrameKey>
        </div>
        <h2>{{ says.houseMinimumForOpenArcs }}</h2>
        <p class="soft">
          {{ says.notForFlamesSolderingOr }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="shade in minima"
            :key="String(shade)"
            :picked="entry.shadeMinimum === shade"
            @click="set('shadeMinimum', shade)"
          >
            {{ shade ?? says.none }}
          </FrameKey>
        </div>
        <h2>{{ says.basisForExposureLimits }}</h2>
        <p class="soft">
          {{ says.theLawBindsAlwaysThe }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="id in EXPOSURE_BASES"
            :key="id"
            :picked="entry.exposureBasis === id"
            @click="set('exposureBasis', id)"
          >
            {{ words.exposureBases[id] }}
          </FrameKey>
        </div>
        <h2>{{ says.hoursOfAShift }}</h2>
        <div class="keys">
          <FrameKey
            v-for="shift in shifts"
            :key="shift"
            :picked="entry.shiftHours === shift"
            @click="set('shiftHours', shift)"
          >
            {{ shift }} h
          </FrameKey>
        </div>
        <h2>{{ says.howLongItCounts }}</h2>
        <div class="counts">
          <FrameSelect
            v-for="{ key, label } in COUNTED"
            :key="key"
            :label="label"
            :ids="months.filter(count => key !== 'fitTestMonths' || count <= 24).map(String)"
            :named="count => says.months(count)"
            :model-value="String(entry[key])"
            @update:model-value="set(key, Number($event))"
          />
        </div>
        <h2>{{ says.acetyleneThatLayStandsFor }}</h2>
        <p class="soft">
          {{ says.noLawPrintsATime }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="id in SETTLING_RULES"
            :key="id"
            :picked="entry.settlingRule === id"
            @click="set('settlingRule', id)"
          >
            {{ cylinderWords.settlingRules[id] }}
          </FrameKey>
        </div>
        <h2>{{ says.regulators }}</h2>
        <div class="keys">
          <FrameKey
            v-for="id in REGULATOR_RULES"
            :key="id"
            :picked="entry.regulatorRule === id"
            @click="set('regulatorRule', id)"
          >
            {{ cylinderWords.regulatorRules[id] }}
          </FrameKey>
        </div>
        <div v-if="entry.regulatorRule === 'off-weekly'" class="keys" role="group" :aria-label="says.theWeekEndsOn">
          <FrameKey
            v-for="(name, index) in WEEKDAYS"
            :key="name"
            :picked="entry.weekEndsOn === index + 1"
            @click="set('weekEndsOn', index + 1)"
          >
            {{ name }}
          </FrameKey>
        </div>
        <h2>{{ says.aCylinderPastItsTest }}</h2>
        <div class="keys">
          <FrameKey
            :picked="!entry.pastDueHolds"
            @click="set('pastDueHolds', false)"
          >
            {{ says.mayBeUsedUpWith }}
          </FrameKey>
          <FrameKey
            :picked="entry.pastDueHolds"
            @click="set('pastDueHolds', true)"
          >
            {{ says.holdsTheBay }}
          </FrameKey>
        </div>
        <h2>{{ says.distancesInTheStore }}</h2>
        <div class="keys">
          <FrameKey
            v-for="id in STORAGE_BASES"
            :key="id"
            :picked="entry.storageBasis === id"
            @click="set('storageBasis', id)"
          >
            {{ cylinderWords.storageBases[id] }}
          </FrameKey>
        </div>
        <HotworkRules :entry="entry" @change="setAll" />
        <h2>{{ says.units }}</h2>
        <div class="keys">
          <FrameKey
            v-for="units in UNIT_SYSTEMS"
            :key="units"
            :picked="entry.units === units"
            @click="set('units', units)"
          >
            {{ units === 'us' ? says.inFtCfhCfm : 'mm, m, L/h, m³/h' }}
          </FrameKey>
        </div>
        <h2>{{ says.language }}</h2>
        <p class="soft">
          {{ says.whoeverChoseNone }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="id in LANGUAGES"
            :key="id"
            :lang="id"
            :picked="entry.language === id"
            @click="set('language', id)"
          >
            {{ LANGUAGE_NAMES[id] }}
          </FrameKey>
        </div>
        <h2>{{ says.actionFraction }}</h2>
        <p class="soft">
          {{ says.theShareOfAnExposure }}
        </p>
        <div class="keys">
          <FrameKey
            v-for="fraction in fractions"
            :key="fraction"
            :picked="entry.actionFraction === fraction"
            @click="set('actionFraction', fraction)"
          >
            {{ fraction * 100 }} %
          </FrameKey>
        </div>
        <h2>{{ says.shopDay }}</h2>
        <FrameSelect v-model="shopDayHour" class="hour" :label="says.beginsAt" :ids="HOURS" :named="hour => `${hour}:00, ${facts.site.timeZone}`" />
      </fieldset>
      <section class="preview" aria-live="polite" :aria-label="says.whatWouldChange">
        <h2>{{ isChanged ? says.whatWouldChange : says.inForce }}</h2>
        <p v-if="!isChanged">
          {{ says.changeARuleToSee(saved ? says.saved : '') }}
        </p>
        <p v-else-if="changes.length === 0">
          {{ says.noBayIsJudgedOtherwise }}
        </p>
        <ul v-else>
          <li v-for="{ bay, personName, gates, before, after } in changes" :key="bay.bayId">
            <b>{{ says.bay(bay.label) }}</b> {{ personName }}
            <span v-if="shadeWords(before) !== shadeWords(after)">{{ shadeWords(before) }} → {{ shadeWords(after) }}</span>
            <span
              v-for="{ gate, state, findings } in gates"
              :key="gate"
            ><b :class="`state-${state}`">{{ words.gates[gate] }}: {{ words.gateStates[state] }}</b> {{ findings[0] ? lookup.say(findings[0]).message : '' }}</span>
          </li>
        </ul>
        <p v-if="refused" class="said" role="alert">
          {{ refused }}
        </p>
        <div v-if="mayChange && isChanged" class="keys">
          <FrameKey @click="undo">
            {{ says.leaveAsItWas }}
          </FrameKey>
          <FrameKey look="go" @click="save">
            {{ says.save(changes.length > 0 ? `, ${changes.length} ${changes.length === 1 ? says.bayChanges : says.baysChange}` : '') }}
          </FrameKey>
        </div>
      </section>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 28px;
  align-items: start;
}
fieldset {
  display: grid;
  gap: 8px;
  border-top: 2px solid var(--ink);
  padding-top: 10px;
}
fieldset h2 {
  margin-top: 10px;
}
.counts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 6px 16px;
}
.hour {
  display: grid;
  gap: 6px;
  max-width: 360px;
}
.preview {
  position: sticky;
  top: 80px;
  border: 3px solid var(--ink);
  background: var(--panel);
  padding: 16px;
  display: grid;
  gap: 10px;
  max-height: calc(100dvh - 100px);
  overflow: auto;
}
li {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
li span {
  display: block;
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .preview {
    position: static;
  }
}
</style>
