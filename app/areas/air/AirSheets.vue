<script setup lang="ts">
import type { FumeDataSheet } from '#core/fume/data-sheet'
import { DATA_SHEET_LIMITS, onlyProcessOf } from '#core/fume/data-sheet'
import { isGas } from '#core/fume/gases'
import type { ConsumableId, ProcessId, SubstanceId } from '#core/ids/vocabulary'
import { CONSUMABLES, PROCESSES, SUBSTANCES } from '#core/ids/vocabulary'
import { FUME_SHEETS_STREAM } from '#core/ids/streams'
import { airPages } from '~/words/air'

const says = airPages.sheets

/** The shop's own fume data sheets: what the maker says replaces the published tables. Chalk over pencil. */
const facts = useFacts()
const { send, refused } = useSender()
const sheets = computed(() => Object.values(facts.reading?.air.sheets ?? {}))

const METALS = SUBSTANCES.filter(substance => substance !== 'total-fume' && !isGas(substance))
const consumable = ref<ConsumableId | ''>('')
const process = ref<ProcessId | ''>('')
watch(consumable, (id) => {
  if (id && !process.value) process.value = onlyProcessOf(id) ?? ''
})
const title = ref('')
const fumeGPerKg = ref<number | undefined>()
const fumeMgPerS = ref<number | undefined>()
const meltsGPerMin = ref<number | undefined>()
const meltsAtA = ref<number | undefined>()
const parts = ref<Partial<Record<SubstanceId, number>>>({})
const known = (unit: string) => ({ unit, step: 0.1, toShown: (value: number) => value, fromShown: (value: number) => value })
function edit(sheet: FumeDataSheet) {
  process.value = sheet.process ?? ''
  consumable.value = sheet.consumable
  title.value = sheet.title
  fumeGPerKg.value = sheet.fumeGPerKg
  fumeMgPerS.value = sheet.fumeMgPerS
  meltsGPerMin.value = sheet.meltsGPerMin
  meltsAtA.value = sheet.meltsAtA
  parts.value = { ...sheet.compositionPercent }
}
const version = () => facts.reading?.air.versions.sheets ?? 0
const asked = computed(() => ({
  sheet: {
    process: process.value as ProcessId,
    consumable: consumable.value as ConsumableId,
    title: title.value.trim(),
    ...(fumeGPerKg.value === undefined ? {} : { fumeGPerKg: fumeGPerKg.value }),
    ...(fumeMgPerS.value === undefined ? {} : { fumeMgPerS: fumeMgPerS.value }),
    ...(meltsGPerMin.value === undefined ? {} : { meltsGPerMin: meltsGPerMin.value }),
    ...(meltsAtA.value === undefined ? {} : { meltsAtA: meltsAtA.value }),
    compositionPercent: Object.fromEntries(Object.entries(parts.value).filter(([, percent]) => percent !== undefined)),
  },
}))
async function save() {
  const sent = await send('fume.enter-sheet', { id: FUME_SHEETS_STREAM, expectedVersion: version() }, asked.value)
  if (sent.ok) {
    consumable.value = ''
    process.value = ''
    title.value = ''
    parts.value = {}
    fumeGPerKg.value = undefined
    fumeMgPerS.value = undefined
    meltsGPerMin.value = undefined
    meltsAtA.value = undefined
    await facts.refresh()
  }
}
async function drop({ process: of, consumable: id }: FumeDataSheet) {
  await send('fume.drop-sheet', { id: FUME_SHEETS_STREAM, expectedVersion: version() }, { process: of, consumable: id })
  await facts.refresh()
}
</script>

<template>
  <section class="sheets" :aria-label="says.dataSheets">
    <header class="head">
      <h2>{{ says.fumeDataSheets }}</h2>
      <NuxtLink class="key quiet link" to="/air">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ says.whatTheMakerOfA }}
    </p>
    <FrameRefused :says="refused" />
    <ul>
      <li v-for="sheet in sheets" :key="`${sheet.process} ${sheet.consumable}`">
        <b>{{ words.consumables[sheet.consumable] }}</b> {{ sheet.process ? words.processes[sheet.process] : says.processNotSaidNotUsed }} <span class="chalk">{{ sheet.title }}</span>
        <span class="keys"><FrameKey @click="edit(sheet)">{{ says.change }}</FrameKey><FrameAsk
          :asks="says.droppedTheTables(words.consumables[sheet.consumable])"
          :does="says.drop"
          @done="drop(sheet)"
        >{{ says.drop }}</FrameAsk></span>
      </li>
    </ul>
    <p v-if="sheets.length === 0">
      {{ says.noneYetPublishedFactorsAre }}
    </p>
    <FrameForm of="fume.enter-sheet" :payload="asked" @send="save">
      <h3>
        {{ sheets.some(sheet => sheet.consumable === consumable && sheet.process === process) ? says.changeASheet : says.enterASheet }}
      </h3>
      <div class="columns">
        <FrameSelect
          v-model="consumable"
          :label="says.rodOrWire"
          :none="says.choose"
          is-needed
          :ids="CONSUMABLES"
          :named="id => words.consumables[id]"
        />
        <FrameSelect
          v-model="process"
          :label="says.processItWasMeasuredWith"
          :none="says.choose"
          is-needed
          :ids="PROCESSES"
          :named="id => words.processes[id]"
        />
        <FrameText v-model="title" :label="says.whatTheSheetIsCalled" :hint="says.itsNumberAndItsDate" maxlength="120" is-needed />
        <FrameNumber
          v-model="fumeGPerKg"
          :label="says.fumeForEachMassMelted"
          :unit="known('g/kg')"
          :limits="DATA_SHEET_LIMITS.fumeGPerKg"
          optional
        />
        <FrameNumber
          v-model="fumeMgPerS"
          :label="says.orFumeWhileTheArc"
          :unit="known('mg/s')"
          :limits="DATA_SHEET_LIMITS.fumeMgPerS"
          optional
          :hint="says.withNeitherTheTablesRate"
        />
        <FrameNumber
          v-model="meltsGPerMin"
          :label="says.melts"
          :unit="known('g/min')"
          :limits="DATA_SHEET_LIMITS.meltsGPerMin"
          optional
          :hint="says.neverUnderHalfOfTheTable"
        />
        <FrameNumber v-model="meltsAtA" :label="says.meltsAt" :unit="known('A')" :limits="DATA_SHEET_LIMITS.meltsAtA" optional />
      </div>
      <h4>{{ says.partsOfTheFumeBy }}</h4>
      <div class="columns four">
        <FrameNumber
          v-for="substance in METALS"
          :key="substance"
          v-model="parts[substance]"
          :label="words.substances[substance]"
          :unit="known('%')"
          :limits="DATA_SHEET_LIMITS.compositionPercent"
          optional
        />
      </div>
      <FrameKey look="go" type="submit">
        {{ says.saveTheSheet }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.sheets, form { display: grid; gap: var(--space-5); }
.head { display: flex; justify-content: space-between; align-items: center; }
.link { display: grid; place-items: center; }
li {
  display: flex; flex-wrap: wrap; gap: var(--space-3) var(--space-6); align-items: center; border-bottom: var(--line-thin) solid var(--rule);
  padding: var(--space-3) 0;
}
li .keys { margin-left: auto; }
form { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-5); }
h4 { font-weight: 800; }
.four { grid-template-columns: repeat(auto-fit, minmax(150px, 1fr)); }
</style>
