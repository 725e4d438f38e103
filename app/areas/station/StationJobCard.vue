<script setup lang="ts">
import { jobPattern } from '#core/job/job-pattern'
import type { Job } from '#core/job/job'
import { setAgain, withoutHead } from '#core/job/job'
import { USUAL_ARC_MINUTES, USUAL_CHOICES } from '#core/job/usual-choices'
import { PROCESS_TRAITS } from '#core/job/process-traits'
import type { CoatingId } from '#core/ids/vocabulary'
import { stationStream } from '#core/ids/streams'
import type { Placed } from '~/stores/judged'
import { jobLines } from '~/areas/station/jobLines'
import type { About, ChoiceField } from '~/areas/station/jobLines'
import { PROCESS_ORDER, useJobDraft } from '~/areas/station/useJobDraft'
import type { JobField } from '#core/ids/job-ids'
import { stationPages } from '~/words/station'

const says = stationPages.jobCard

/** Sets the job of a bay, and of others with it, with few taps. Every answer is worked out here while it is typed. */
const { placed } = defineProps<{ placed: Placed }>()
const emit = defineEmits<{ done: [] }>()
const facts = useFacts()
const judged = useJudged()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()

const { draft, job, missing, pencilCurrent, takePencilCurrent, apply, set, forget, confirm, isSet, done } = useJobDraft(
  placed.bay.bayId,
  placed.station.job,
  typedJob.value,
)
typedJob.value = null
/** The version this card was opened on: if somebody else changes the bay meanwhile, saving says so. */
const openedOn = ref(placed.version)
const changedMeanwhile = computed(() => placed.version !== openedOn.value)

/** The line that a field is answered on. */
const lineOf = (field: JobField): Line =>
  field === 'currentRangeA' ? 'currentA' : field === 'endsAt' || field === 'startsAt' ? 'times' : field
type Line = JobField | 'process' | 'times' | 'others' | null
const asked = useRoute().query.line
const open = ref<Line>(
  typeof asked === 'string'
    ? lineOf(asked as JobField)
    : !draft.value.process
        ? 'process'
        : missing.value[0]
          ? lineOf(missing.value[0])
          : null,
)
const toggle = (line: Line) => {
  open.value = open.value === line ? null : line
}

const ORDER: readonly JobField[] = [
  'currentA', 'consumable', 'electrodeDiameterMm', 'shieldingGas', 'fuelGas', 'plateThicknessMm', 'baseMetal', 'coating', 'position',
  'confinement', 'arcMinPerH', 'startsAt', 'residue', 'container',
]
/** After an answer, the next thing still to say opens by itself. */
function advance() {
  const next = ORDER.find(field => missing.value.includes(field))
  open.value = next ? lineOf(next) : null
}
function choose<Field extends keyof Job>(field: Field, value: Job[Field]) {
  set(field, value)
  advance()
}

/** A coating that burns off leaves the line open: it may be stripped. */
function chooseCoating(id: CoatingId) {
  set('coating', id)
  if (id === 'none') advance()
}

/** One of the keys of a line was tapped. */
function pick(field: ChoiceField, id: string) {
  if (field === 'coating') chooseCoating(id as CoatingId)
  else choose(field, id as Job[Exclude<ChoiceField, 'coating'>])
}

const about = computed<About | null>(() => {
  const { process } = draft.value
  return process ? { draft: draft.value, traits: PROCESS_TRAITS[process], usual: USUAL_CHOICES[process] } : null
})
const lines = computed(() => jobLines().filter(({ isAsked }) => about.value !== null && isAsked(about.value)))
const allRods = ref(false)
const strippedSays = computed(() => {
  const { coatingStripped, strippedWidthMm } = draft.value
  return coatingStripped ? says.stripped(strippedWidthMm === undefined ? '' : q.value.length(strippedWidthMm)) : ''
})
const TIMES = { startsAt: says.starts, endsAt: says.ends } as const
const USUAL_TIMES = [['08:00', '12:00'], ['13:00', '17:00'], ['08:00', '17:00']] as const
const isRange = ref(draft.value.currentRangeA !== undefined)
/** A range that lacks an end, or has them the wrong way round, is no current at all: the job holds until it is said. */
const setRange = (range: Job['currentRangeA']) => range ? apply({ currentRangeA: range }) : forget('currentRangeA')

const shopUnits = useShopUnits()
const units = useJobUnits()

const parts = computed(() => new Map(job.value ? jobParts(job.value, q.value).map(part => [part.field, part]) : []))
const said = (...fields: readonly (JobField | 'process')[]) => fields.map(field => parts.value.get(field)).find(Boolean)
/** What stands in pencil: it may be confirmed in one go, by whoever has read it. */
const assumed = computed(() => draft.value.assumed ?? [])
const inkOf = (field: JobField): 'chalk' | 'pencil' => assumed.value.includes(field) ? 'pencil' : 'chalk'

/** The answer while typing: the same core as the server's, no round trip. */
const verdict = computed(() => judged.judge({ ...placed.station, job: job.value }, placed.bay, facts.rules))
const others = ref<readonly string[]>([])
/** What pressing the key will do, and how much is still to say. */
const setWords = computed(() => {
  const what = others.value.length > 0 ? says.setOnBays(others.value.length + 1) : says.setThisJob
  return missing.value.length > 0 ? says.toSay(what, missing.value.length) : what
})
const otherBays = computed(() =>
  judged.placed.filter(({ bay }) => bay.bayId !== placed.bay.bayId && session.may('set-jobs', { bayId: bay.bayId, areaId: bay.areaId })),
)
const toggleOther = (bayId: string) => {
  others.value = others.value.includes(bayId) ? others.value.filter(id => id !== bayId) : [...others.value, bayId]
}

const recent = computed(() => {
  const now = placed.station.job && jobPattern(placed.station.job)
  return placed.station.recentJobs.filter(other => jobPattern(other) !== now).slice(0, 3)
})

const { send, busy: saving, refused, forget: forgetRefusal } = useSender()
async function save() {
  if (!job.value) return
  const rest = others.value.map(id => ({ id: stationStream(id), expectedVersion: lookup.find(id)?.version ?? null }))
  const sent = await send('station.set-job', [{ id: stationStream(placed.bay.bayId), expectedVersion: openedOn.value }, ...rest], {
    // On other bays others stand: nobody saw their heads.
    job: rest.length > 0 ? withoutHead(job.value) : job.value,
  })
  if (sent.ok) {
    done()
    emit('done')
  }
}
/** Having seen that somebody else was here, the person decides again on what is there now. */
function lookedAgain() {
  openedOn.value = placed.version
  forgetRefusal()
}
async function clear() {
  const sent = await send('station.clear-job', { id: stationStream(placed.bay.bayId), expectedVersion: placed.version }, {})
  if (sent.ok) {
    done()
    emit('done')
  }
}
</script>

<template>
  <section class="card" :aria-label="says.jobCard">
    <StationJobAnswer :verdict="verdict" :is-air-known="draft.consumable !== undefined" />
    <div v-if="recent.length > 0 && (open === 'process' || open === null)" class="recent">
      <FrameKey
        v-for="(other, index) in recent"
        :key="index"
        @click="apply(setAgain(other)); advance()"
      >
        <span class="chalk">{{ jobLine(other, q) }}</span>
      </FrameKey>
    </div>

    <StationJobLine
      :label="says.process"
      :said="said('process')?.text ?? null"
      ink="chalk"
      :open="open === 'process'"
      @toggle="toggle('process')"
    >
      <div class="keys three">
        <FrameKey
          v-for="id in PROCESS_ORDER"
          :key="id"
          :picked="draft.process === id"
          @click="choose('process', id)"
        >
          {{ words.processes[id] }}
        </FrameKey>
      </div>
    </StationJobLine>

    <template v-if="about">
      <template v-for="line in lines" :key="line.label">
        <StationJobChoice
          v-if="line.kind === 'choice'"
          :label="line.label"
          :hint="line.hint"
          :ids="line.all && allRods ? line.all : line.ids(about)"
          :named="line.named"
          :chosen="draft[line.field]"
          :ink="inkOf(line.field)"
          :open="open === line.field"
          :suffix="line.field === 'coating' ? strippedSays : ''"
          :unsaid="line.unsaid"
          @toggle="toggle(line.field)"
          @confirm="confirm(line.field)"
          @choose="pick(line.field, $event)"
        >
          <FrameKey v-if="line.all && !allRods" look="quiet" @click="allRods = true">
            {{ says.others }}
          </FrameKey>
          <template v-if="line.field === 'coating' && draft.coating && draft.coating !== 'none'">
            <FrameKey
              :picked="draft.coatingStripped === true"
              @click="draft.coatingStripped ? (forget('strippedWidthMm'), forget('coatingStripped')) : set('coatingStripped', true)"
            >
              {{ says.strippedWhereTheArcWill }}
            </FrameKey>
            <div v-if="draft.coatingStripped" class="strip">
              <p class="hint">
                {{ says.howWideIsItOff }}
              </p>
              <StationJobNumber
                field="strippedWidthMm"
                :label="says.strippedWidth"
                v-bind="shopUnits.width"
                :value="draft.strippedWidthMm"
                :usual="[15, 25, 30, 50, 100]"
                @set="set('strippedWidthMm', $event)"
                @forget="forget('strippedWidthMm')"
              />
            </div>
            <FrameKey look="go" @click="advance">
              {{ says.next }}
            </FrameKey>
          </template>
        </StationJobChoice>

        <StationJobLine
          v-else-if="line.kind === 'number'"
          :label="line.label"
          :said="said(line.field)?.text ?? null"
          :unsaid="line.unsaid"
          :ink="inkOf(line.field)"
          :open="open === line.field"
          @toggle="toggle(line.field)"
          @confirm="confirm(line.field)"
        >
          <p v-if="line.hint" class="hint">
            {{ line.hint }}
          </p>
          <StationJobNumber
            :field="line.field"
            :label="line.entry ?? line.label"
            v-bind="units[line.unit]"
            :step="line.step?.[facts.rules.units] ?? units[line.unit].step"
            :value="draft[line.field]"
            :usual="line.usual(about)"
            @set="set(line.field, $event)"
            @forget="forget(line.field)"
          />
          <FrameKey v-if="line.unsaid === null && isSet(line.field)" look="go" @click="advance">
            {{ says.next }}
          </FrameKey>
        </StationJobLine>

        <StationJobLine
          v-else-if="line.field === 'currentA'"
          :label="line.label"
          :said="said('currentA', 'currentRangeA')?.text ?? null"
          :ink="said('currentA', 'currentRangeA')?.ink ?? 'chalk'"
          :open="open === 'currentA'"
          @toggle="toggle('currentA')"
          @confirm="confirm('currentA', 'currentRangeA')"
        >
          <StationJobNumber
            v-if="!isRange"
            field="currentA"
            :label="says.current"
            unit="A"
            :step="5"
            :value="draft.currentA"
            :usual="about.usual.currentsA"
            @set="set('currentA', $event)"
            @forget="forget('currentA')"
          />
          <StationJobRange v-else :model-value="draft.currentRangeA" @update:model-value="setRange" />
          <div class="keys">
            <FrameKey @click="isRange = !isRange">
              {{ isRange ? says.oneCurrent : says.aRange }}
            </FrameKey>
            <FrameKey v-if="pencilCurrent" @click="takePencilCurrent">
              <span class="pencil">{{ says.about(currentWords(pencilCurrent, q) ?? '') }}</span>
            </FrameKey>
            <FrameKey v-if="isSet('currentA')" look="go" @click="advance">
              {{ says.next }}
            </FrameKey>
          </div>
        </StationJobLine>

        <StationJobLine
          v-else-if="line.field === 'arcMinPerH'"
          :label="line.label"
          :said="said('arcMinPerH')?.text ?? null"
          :ink="inkOf('arcMinPerH')"
          :open="open === 'arcMinPerH'"
          @toggle="toggle('arcMinPerH')"
          @confirm="confirm('arcMinPerH')"
        >
          <p class="hint">
            {{ line.hint }}
          </p>
          <div class="keys">
            <FrameKey
              v-for="minutes in USUAL_ARC_MINUTES"
              :key="minutes"
              :picked="draft.arcMinPerH === minutes"
              @click="choose('arcMinPerH', minutes)"
            >
              {{ minutes }}
            </FrameKey>
          </div>
        </StationJobLine>

        <StationJobLine
          v-else
          :label="line.label"
          :said="said('startsAt')?.text ?? null"
          :ink="inkOf('startsAt')"
          :open="open === 'times'"
          @toggle="toggle('times')"
          @confirm="confirm('startsAt', 'endsAt')"
        >
          <div class="range">
            <FrameTime
              v-for="(called, field) in TIMES"
              :key="field"
              :label="called"
              :model-value="draft[field] ?? ''"
              @update:model-value="set(field, $event || undefined)"
            />
          </div>
          <div class="keys">
            <FrameKey
              v-for="[from, to] in USUAL_TIMES"
              :key="from + to"
              @click="apply({ startsAt: from, endsAt: to }); advance()"
            >
              {{ says.to(from, to) }}
            </FrameKey>
          </div>
        </StationJobLine>
      </template>

      <StationJobLine
        :label="says.alsoOn"
        :said="others.length > 0 ? says.bays(others.map(id => lookup.find(id)?.bay.label).join(', ')) : says.thisBayOnly"
        ink="chalk"
        :open="open === 'others'"
        @toggle="toggle('others')"
      >
        <div class="keys">
          <FrameKey
            v-for="{ bay } in otherBays"
            :key="bay.bayId"
            :picked="others.includes(bay.bayId)"
            @click="toggleOther(bay.bayId)"
          >
            {{ bay.label }}
          </FrameKey>
        </div>
      </StationJobLine>
    </template>

    <div class="foot">
      <p v-if="refused" class="said" role="alert">
        {{ refused }}
        <FrameKey v-if="changedMeanwhile" @click="lookedAgain">
          {{ says.iHaveLookedKeepMine }}
        </FrameKey>
      </p>
      <p v-else-if="changedMeanwhile && !saving" class="said" role="status">
        {{ says.somebodyElseChangedBayWhile(placed.bay.label) }}
        <FrameKey @click="lookedAgain">
          {{ says.iHaveLookedKeepMine }}
        </FrameKey>
      </p>
      <div class="keys">
        <FrameKey v-if="assumed.length > 1" @click="confirm(...assumed)">
          {{ says.allInPencilAreSo(assumed.length) }}
        </FrameKey>
        <FrameKey v-if="placed.station.job" @click="clear">
          {{ says.noJob }}
        </FrameKey>
        <FrameKey look="go" :disabled="!job || saving" @click="save">
          {{ setWords }}
        </FrameKey>
      </div>
    </div>
  </section>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
}
.recent {
  display: grid;
  gap: var(--space-4);
  padding: var(--space-4) 0;
}
.recent .key {
  text-align: left;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
}
.three .key {
  padding: var(--space-2) var(--space-3);
  line-height: 1.15;
}
.strip {
  flex-basis: 100%;
}
.hint {
  color: var(--soft);
  font-size: var(--type-small);
  padding-bottom: var(--space-4);
}
.range {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: var(--space-4);
  padding-bottom: var(--space-4);
}
.foot {
  position: sticky;
  bottom: calc(-1 * var(--space-6));
  background: var(--panel);
  padding: var(--space-4) 0 var(--space-6);
  display: grid;
  gap: var(--space-4);
  z-index: 5;
}
.foot .key {
  flex: 1;
}
.foot .said {
  background: var(--bg);
}
@media (max-width: 900px) {
  .foot {
    bottom: 0;
  }
}
</style>
