<script setup lang="ts">
import { SETTLING_RULES } from '#core/cylinder/settling'
import { REGULATOR_RULES } from '#core/streams/house-rules/house-rules'
import { HOUSE_RULE_LIMITS } from '#core/streams/house-rules/house-rule-limits'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { UNIT_SYSTEMS } from '#core/units'
import { EXPOSURE_BASES, JURISDICTIONS, SHADE_BASES, STORAGE_BASES } from '#core/ids/vocabulary'
import { cylinderWords } from '#shared/words/en/cylinder-words'
import { versionAfter } from '~/stores/outbox'
import { HOUSE_RULES_STREAM } from '#core/ids/streams'

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
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']
const HOURS = Array.from({ length: 24 }, (_, hour) => String(hour).padStart(2, '0'))
const shopDayHour = computed({
  get: () => HOURS[entry.value.shopDayHour]!,
  set: (hour: string) => set('shopDayHour', Number(hour)),
})
const COUNTED = [
  { key: 'surveyMonths', label: 'Measured samples' },
  { key: 'fitTestMonths', label: 'Fit test of a mask' },
  { key: 'medicalMonths', label: 'Medical clearance' },
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
  shade?.minimum == null ? 'no number' : `start ${q.value.shade(shade.start!)}, never under ${q.value.shade(shade.minimum)}`

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
    <h1>House rules</h1>
    <p class="lead">
      Schools differ; this site chooses among them. The law of the jurisdiction always binds; basis and house minimum can only make it
      stricter.
      {{ mayChange ? '' : 'The safety lead changes them.' }}
    </p>
    <div class="two">
      <fieldset :disabled="!mayChange">
        <legend class="visually-hidden">
          House rules
        </legend>
        <h2>Jurisdiction</h2>
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
        <h2>Basis for shade</h2>
        <p class="soft">
          Sets where to start, and may be darker than the law.
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
        <h2>House minimum for open arcs</h2>
        <p class="soft">
          Not for flames, soldering or grinding: it would blind a brazer.
        </p>
        <div class="keys">
          <FrameKey
            v-for="shade in minima"
            :key="String(shade)"
            :picked="entry.shadeMinimum === shade"
            @click="set('shadeMinimum', shade)"
          >
            {{ shade ?? 'none' }}
          </FrameKey>
        </div>
        <h2>Basis for exposure limits</h2>
        <p class="soft">
          The law binds always; the basis can only make it stricter. US law alone knows no limit for total fume, and an old one for
          manganese.
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
        <h2>Hours of a shift</h2>
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
        <h2>How long it counts</h2>
        <div class="counts">
          <FrameSelect
            v-for="{ key, label } in COUNTED"
            :key="key"
            :label="label"
            :ids="months.filter(count => key !== 'fitTestMonths' || count <= 24).map(String)"
            :named="count => `${count} months`"
            :model-value="String(entry[key])"
            @update:model-value="set(key, Number($event))"
          />
        </div>
        <h2>Acetylene that lay stands for</h2>
        <p class="soft">
          No law prints a time, and schools differ. Nobody knows how long it lay: a day, whatever is chosen.
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
        <h2>Regulators</h2>
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
        <div v-if="entry.regulatorRule === 'off-weekly'" class="keys" role="group" aria-label="The week ends on">
          <FrameKey
            v-for="(name, index) in WEEKDAYS"
            :key="name"
            :picked="entry.weekEndsOn === index + 1"
            @click="set('weekEndsOn', index + 1)"
          >
            {{ name }}
          </FrameKey>
        </div>
        <h2>A cylinder past its test</h2>
        <div class="keys">
          <FrameKey
            :picked="!entry.pastDueHolds"
            @click="set('pastDueHolds', false)"
          >
            may be used up, with a caution
          </FrameKey>
          <FrameKey
            :picked="entry.pastDueHolds"
            @click="set('pastDueHolds', true)"
          >
            holds the bay
          </FrameKey>
        </div>
        <h2>Distances in the store</h2>
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
        <h2>Units</h2>
        <div class="keys">
          <FrameKey
            v-for="units in UNIT_SYSTEMS"
            :key="units"
            :picked="entry.units === units"
            @click="set('units', units)"
          >
            {{ units === 'us' ? 'in, ft, cfh, cfm' : 'mm, m, L/h, m³/h' }}
          </FrameKey>
        </div>
        <h2>Action fraction</h2>
        <p class="soft">
          The share of an exposure limit at which the Air gate acts.
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
        <h2>Shop day</h2>
        <FrameSelect v-model="shopDayHour" class="hour" label="Begins at" :ids="HOURS" :named="hour => `${hour}:00, ${facts.site.timeZone}`" />
      </fieldset>
      <section class="preview" aria-live="polite" aria-label="What would change">
        <h2>{{ isChanged ? 'What would change' : 'In force' }}</h2>
        <p v-if="!isChanged">
          {{ saved ? 'Saved. ' : '' }}Change a rule to see which bays it touches, before it is saved.
        </p>
        <p v-else-if="changes.length === 0">
          No bay is judged otherwise.
        </p>
        <ul v-else>
          <li v-for="{ bay, personName, gates, before, after } in changes" :key="bay.bayId">
            <b>Bay {{ bay.label }}</b> {{ personName }}
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
            Leave as it was
          </FrameKey>
          <FrameKey look="go" @click="save">
            Save{{ changes.length > 0 ? `, ${changes.length} ${changes.length === 1 ? 'bay changes' : 'bays change'}` : '' }}
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
