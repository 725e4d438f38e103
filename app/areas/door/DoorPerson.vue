<script setup lang="ts">
import { personStream } from '#core/ids/streams'
import type { ZoneId } from '#core/ids/vocabulary'
import { doesFail } from '#core/ppe/judge-garments'
import { headOf, labelOf, usualOf, wear } from '#core/ppe/wearables'
import type { ToldGarment } from '#core/ppe/wearables'
import type { Sizes } from '#core/shade/care'
import type { StockLine } from '#core/streams/wardrobe/wardrobe'
import type { PersonOnFloor } from '#shared/contract/readings'
import { requirementLine } from '#shared/words/requirement-line'
import { doorPages } from '~/words/door'
import { vStill } from '~/frame/still'
import { garmentWords } from '~/words/garment-words'
import { jobLine } from '~/areas/station/useJobWords'
import type { FigureState } from '~/areas/door/DoorFigure.vue'
import { untoldOf } from '~/areas/door/useDoor'

const says = doorPages.person

/** One person at the door: the figure, what is told of a zone, and what becomes of it. */
const { person, lines, sizes } = defineProps<{ person: PersonOnFloor, lines: readonly StockLine[] | null, sizes: Sizes }>()
const emit = defineEmits<{ done: [] }>()
const { dressedFor, judge, wornToday } = useDoor()
const { act, busy, refused } = useSenderTo(() => personStream(person.personId))
const q = useQuantities()
const facts = useFacts()

const worn = ref<readonly ToldGarment[]>(wornToday(person) ?? [])
const isTouched = ref(false)
watch(worn, () => {
  isTouched.value = true
})
const zone = ref<ZoneId | null>(null)
/** On a narrow screen what is told of a zone stands under the figure: it is brought into sight. */
const told = useTemplateRef<HTMLElement>('told')
watch(zone, async () => {
  await nextTick()
  if (window.matchMedia('(max-width: 900px)').matches) told.value?.scrollIntoView({ block: 'start' })
})
const works = computed(() => dressedFor(person))
const verdict = computed(() => judge(worn.value, works.value))
const untold = computed(() => (verdict.value ? untoldOf(verdict.value, worn.value).map(one => one.zone) : []))
const failing = computed(() =>
  (verdict.value?.zones ?? []).filter(one => doesFail(one) && !untold.value.includes(one.zone)))
const states = computed<Readonly<Partial<Record<ZoneId, FigureState>>>>(() => {
  // Without work nothing is judged: what was told is told, and passes nothing.
  if (!verdict.value) return Object.fromEntries(worn.value.map(one => [one.zone, 'told']))
  return Object.fromEntries(verdict.value.zones.map((one): [ZoneId, FigureState] => {
    if (untold.value.includes(one.zone)) return [one.zone, 'untold']
    if (doesFail(one)) return [one.zone, 'fail']
    const isCaution = one.findings.some(({ severity, code }) => severity === 'caution' && code !== 'garment.air-decides')
    return [one.zone, isCaution ? 'pass-with-caution' : 'pass']
  }))
})
const found = computed(() => verdict.value?.zones.find(one => one.zone === zone.value) ?? null)

const usual = computed(() => usualOf(person.outfit))
const isUsualOffered = computed(() => usual.value.length > 0 && worn.value.length === 0)
const isAskedDaily = computed(() => !worn.value.some(one => one.zone === 'pockets'))
const yesAll = () => {
  worn.value = wear(wear(worn.value, headOf(person.outfit)), 'pockets-empty')
}

const comesTo = computed(() => {
  const open = [
    ...failing.value.length > 0 ? [says.zonesFail(failing.value.length)] : [],
    ...untold.value.length > 0 ? [says.zonesLeft(untold.value.length)] : [],
  ]
  return open.length > 0 ? open.join(', ') : verdict.value ? says.allPasses : ''
})

async function record() {
  const sent = await act('person.tell-outfit', { worn: worn.value })
  if (!sent.ok) return
  isTouched.value = false
  if (failing.value.length === 0 && untold.value.length === 0) emit('done')
}
async function lend(line: StockLine) {
  const { wearable, size } = line
  const loanId = makeUuid()
  const sent = await act('person.lend', { loanId, wearable, size })
  if (sent.ok) worn.value = wear(worn.value, wearable, { loanId, ...labelOf(line) })
}
async function giveBack(loanId: string, isLost: boolean) {
  const sent = await act('person.give-back', { loanId, isLost })
  if (sent.ok) worn.value = worn.value.filter(one => one.loanId !== loanId)
}
/** Where everybody brings their own, what lacks is a list for home; where the shop lends, it is lent first. */
const isBrought = computed(() => facts.rules.clothesRule === 'brought')
</script>

<template>
  <section class="person" :aria-label="person.name">
    <header>
      <h2>{{ person.name }} <small v-if="person.group">{{ person.group }}</small></h2>
      <p v-for="work in works" :key="work.bayId">
        {{ says.forJob(work.bayLabel, jobLine(work.job, q)) }}
      </p>
      <p v-if="works.length === 0">
        {{ says.forNoJob }}
      </p>
    </header>
    <div class="keys">
      <FrameKey v-if="isUsualOffered" look="go" @click="worn = usual">
        {{ says.asUsual }}
      </FrameKey>
      <FrameKey v-if="isAskedDaily" class="asked" @click="yesAll">
        <small>{{ says.askedEachDay }}</small> {{ says.yesAll }}
      </FrameKey>
    </div>
    <div class="two">
      <DoorFigure v-model="zone" :states="states" />
      <div ref="told" class="told">
        <DoorZone
          v-if="zone"
          v-model="worn"
          :zone="zone"
          :person="person"
          :works="works"
          :found="found"
          :lines="lines"
          :sizes="sizes"
          @lend="lend"
        />
      </div>
    </div>
    <FramePapers v-for="{ bayId, bayLabel } in works" :key="bayId" :name="says.bayCard(bayLabel)" :to="`/api/v1/bays/${bayId}/card`" />
    <section
      v-if="person.loans.length > 0"
      v-still="person.loans.map(({ loanId }) => loanId).join()"
      class="loans"
      :aria-label="says.hasOfTheShop"
    >
      <h3>{{ says.hasOfTheShop }}</h3>
      <div v-for="loan in person.loans" :key="loan.loanId" class="loan">
        <span>{{ garmentWords.wearables[loan.wearable] }}<template v-if="loan.size">, {{ says.sizeOf(loan.size) }}</template></span>
        <FrameKey :disabled="busy" @click="giveBack(loan.loanId, false)">
          {{ says.cameBack }}
        </FrameKey>
        <FrameKey look="quiet" :disabled="busy" @click="giveBack(loan.loanId, true)">
          {{ says.isLost }}
        </FrameKey>
      </div>
    </section>
    <section v-if="failing.length > 0" class="bring" :aria-label="says.toBring">
      <h3>{{ says.toBring }}</h3>
      <p class="soft">
        {{ isBrought ? says.toBringLead : says.lendFirst }}
      </p>
      <ul>
        <li v-for="one in failing" :key="one.zone">
          {{ requirementLine(words, one) }}
        </li>
      </ul>
      <FramePapers :name="says.printIt" :to="`/api/v1/people/${person.personId}/to-bring`" />
    </section>
    <div class="foot">
      <FrameRefused :says="refused" />
      <p role="status">
        {{ comesTo }}
      </p>
      <div class="keys">
        <FrameKey look="go" :disabled="busy || worn.length === 0 || !isTouched" @click="record">
          {{ says.record }}
        </FrameKey>
        <FrameKey @click="emit('done')">
          {{ says.back }}
        </FrameKey>
      </div>
    </div>
  </section>
</template>

<style scoped>
.person { display: grid; gap: var(--space-4); }
.keys { display: flex; flex-wrap: wrap; gap: var(--space-3); }
h2 small { font-size: var(--type-body); font-weight: 550; color: var(--soft); }
.asked {
  text-align: left;
  display: grid;
  max-width: 640px;
  white-space: normal;
  padding: var(--space-3) var(--space-5);
}
.asked small { font-weight: 500; }
.two {
  display: grid;
  grid-template-columns: minmax(0, 560px) minmax(0, 1fr);
  gap: var(--space-6) var(--space-8);
  align-items: start;
}
.told { scroll-margin-top: 70px; }
.loans, .bring {
  display: grid;
  gap: var(--space-3);
  border-top: var(--line-thin) solid var(--rule);
  padding-top: var(--space-4);
  justify-items: start;
}
.loan { display: flex; flex-wrap: wrap; gap: var(--space-3); align-items: center; }
.bring ul { display: grid; gap: var(--space-1); padding-left: var(--space-5); list-style: square; }
.foot {
  position: sticky;
  bottom: 0;
  background: var(--bg);
  border-top: var(--line-rule) solid var(--ink);
  padding: var(--space-3) 0;
}
.foot p { font-weight: 750; min-height: 1.3em; }
@media (max-width: 900px) {
  .two { grid-template-columns: minmax(0, 1fr); }
}
</style>
