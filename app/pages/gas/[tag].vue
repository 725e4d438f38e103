<script setup lang="ts">
import { pressureRefusal } from '#core/cylinder/contents'
import { requalificationOf } from '#core/cylinder/cylinder-fact'
import { cylinderStream } from '#core/ids/streams'
import type { CylinderCommands } from '#core/streams/cylinder/cylinder'
import type { CylindersReading, PlaceReading } from '#shared/contract/readings'
import type { CylinderDoing } from '~/areas/cylinder/cylinderDoing'
import { cylinderWords } from '~/words/cylinder-words'
import { gasPages } from '~/words/gas'

const says = gasPages.cylinder

/** One cylinder: how it stands, what is left, what may be done with it, its marks and its whole life. */
const { places, others } = defineProps<{ places: readonly PlaceReading[], others: CylindersReading['cylinders'] }>()
const route = useRoute()
const lookup = useLookup()
const session = useSession()
const q = useQuantities()
const { day, time, until } = useDates()
const tagId = computed(() => String(route.params.tag).toLowerCase())
const { reading, asOf, problem, refresh } = useReading(
  'cylinders/{tag}',
  () => ({ tag: tagId.value }),
  streamId => among(cylinderStream(tagId.value), 'house-rules', 'notice/')(streamId),
)
useOpenedRow('cylinder', () => tagId.value, { reading, asOf, problem })
const { act, said, isRefused, busy } = useSenderTo(() => `cylinder/${tagId.value}`)
const cylinder = computed(() => reading.value?.cylinder ?? null)
const fact = computed(() => reading.value?.fact ?? null)
const doing = ref<CylinderDoing>(null)
const toggle = (what: CylinderDoing) => {
  doing.value = doing.value === what ? null : what
}
watch(tagId, () => {
  doing.value = null
})

async function does<Type extends keyof CylinderCommands>(type: Type, payload: CylinderCommands[Type]) {
  const was = doing.value
  const sent = await act(
    type,
    payload as never,
    type === 'cylinder.correct' || type === 'cylinder.release' || type === 'cylinder.connect' ? (reading.value?.version ?? null) : null,
  )
  if (!sent.ok) return
  // What was opened while the answer was on its way stays open.
  if (doing.value === was) doing.value = null
  await refresh()
}

const settling = computed(() => cylinder.value?.settlesAt ? until(cylinder.value.settlesAt) : null)
const worst = computed(() => fact.value?.findings.filter(({ severity }) => severity !== 'note') ?? [])
const bay = computed(() => cylinder.value?.standing?.in === 'bay' ? lookup.find(cylinder.value.standing.bayId) : undefined)
const where = computed(() => {
  const standing = cylinder.value?.standing
  if (cylinder.value?.isReturned) return says.backAtItsSupplier
  if (!standing) return says.nobodySaidWhere
  return standing.in === 'bay'
    ? says.bay(bay.value?.bay.label ?? standing.bayId)
    : (places.find(({ placeId }) => placeId === standing.placeId)?.place.name ?? standing.placeId)
})
const read = computed(() => cylinder.value && reading.value ? requalificationOf(cylinder.value, reading.value.today) : null)
const mayKeep = computed(() => session.may('keep-store'))
const byWeight = computed(() => cylinder.value !== null && pressureRefusal(cylinder.value.gas) !== null)
const lacks = computed(() =>
  byWeight.value
    ? cylinder.value?.tareKg === undefined
      ? says.itsTareIsNotWritten
      : ''
    : cylinder.value?.waterVolumeL === undefined
      ? says.itsWaterVolumeIsNot
      : '',
)

const reason = ref('')
/** What is known of it besides its stamps, in one line. */
const marksSaid = computed(() => {
  if (!cylinder.value) return ''
  const { owner, fullM3, waterVolumeL, tareKg, filledOn } = cylinder.value
  return [
    cylinderWords.owners[owner],
    fullM3 ? says.full(q.value.gas(fullM3)) : '',
    waterVolumeL ? says.lOfWater(waterVolumeL) : '',
    tareKg ? says.tare(q.value.mass(tareKg)) : '',
    filledOn ? says.filled(day(filledOn)) : '',
  ].filter(Boolean).join(' · ')
})
</script>

<template>
  <div v-if="problem && !reading" class="said" role="alert">
    {{ problem }} <NuxtLink class="key" to="/gas">
      {{ says.backToTheStore }}
    </NuxtLink>
  </div>
  <p v-else-if="!cylinder || !fact || !read" class="soft" role="status">
    {{ says.reading(tagId.toUpperCase()) }}
  </p>
  <article v-else class="cylinder">
    <header>
      <h2>{{ cylinder.tag }} <small>{{ gasWords(cylinder.gas) }}</small></h2>
      <NuxtLink class="key quiet link" to="/gas">
        {{ says.close }}
      </NuxtLink>
    </header>
    <p class="soft">
      {{ where }}{{ cylinder.isConnected ? says.connected : '' }}{{ cylinder.stance ? `, ${[cylinder.stance.isUpright ? says.upright : says.notUpright, cylinder.stance.isSecured ? says.chained : says.notChained, cylinder.stance.isCapped ? says.capOn : says.capOff].join(', ')}` : '' }}
    </p>
    <CylinderDanger v-if="cylinder.danger" :danger="cylinder.danger.danger" :gas="cylinder.gas" :tag="cylinder.tag" />
    <p v-if="settling" class="said">
      <b
        class="clock print"
      >{{ says.more(settling) }}</b> {{ says.itLayDownItsSolvent(time(cylinder.settlesAt!)) }}
    </p>
    <ul v-if="worst.length > 0" class="worst">
      <li v-for="(one, index) in worst" :key="index" class="said" :class="{ 'is-stop': one.severity === 'stop' }">
        {{ lookup.say(one).message }} <b>{{ lookup.say(one).todo }}</b>
      </li>
    </ul>
    <CylinderStanding :cylinder="cylinder" :fact="fact" :bay="bay" :by-weight="byWeight" :lacks="lacks" />
    <CylinderKeys
      :cylinder="cylinder"
      :fact="fact"
      :bay="bay"
      :by-weight="byWeight"
      :is-settling="settling !== null"
      :doing="doing"
      :busy="busy"
      :does="does"
      @toggle="toggle"
    />
    <!-- Below the keys: an answer that comes in never moves a key from under the finger. -->
    <p v-for="line in said" :key="line" class="said" :class="{ 'is-open': !isRefused }" role="alert">
      {{ line }}
    </p>

    <CylinderDoing
      :key="tagId"
      :cylinder="cylinder"
      :fact="fact"
      :today="reading!.today"
      :places="places"
      :others="others"
      :by-weight="byWeight"
      :lacks="lacks"
      :doing="doing"
      :busy="busy"
      :does="does"
    />

    <section class="marks">
      <h3>{{ says.itsMarks }}</h3>
      <CylinderTestDates v-if="cylinder.stamps" :read="read" />
      <p v-else class="soft">
        {{ says.nobodyReadItsShoulderYet }}
      </p>
      <p class="soft">
        {{ marksSaid }}
      </p>
      <FrameKey v-if="mayKeep" :aria-expanded="doing === 'correct'" @click="toggle('correct')">
        {{ says.writeItsMarksAnew }}
      </FrameKey>
      <FrameKey
        v-if="session.isCompetent('cylinder') && !cylinder.isConnected"
        look="quiet"
        :aria-expanded="doing === 'withdraw'"
        @click="toggle('withdraw')"
      >
        {{ says.thisTagWasTypedBy }}
      </FrameKey>
      <FrameForm
        v-if="doing === 'withdraw'"
        class="doing"
        @send="does('cylinder.withdraw-tag', { reason: reason.trim() })"
      >
        <FrameText v-model="reason" :label="says.whatWasTypedAndWhat" :hint="says.whatComesUnderThisTag" maxlength="500" is-needed />
        <FrameKey look="go" type="submit" :disabled="busy">
          {{ says.takeTheTagBack }}
        </FrameKey>
      </FrameForm>
    </section>
    <LogLife :life="reading!.life" :notices="reading!.notices" />
  </article>
</template>

<style scoped>
.cylinder { display: grid; gap: var(--space-5); }
header { display: flex; align-items: center; justify-content: space-between; margin-bottom: calc(-1 * var(--space-4)); }
h2 { font-size: var(--type-figure); }
h2 small { font-size: var(--type-lead); font-weight: 600; color: var(--soft); letter-spacing: 0; }
h3 { font-size: var(--type-lead); }
.link { display: grid; place-items: center; }
.marks { border-top: var(--line-rule) solid var(--ink); padding-top: var(--space-4); display: grid; gap: var(--space-3); }
.worst { display: grid; gap: var(--space-3); }
.said { background: var(--bg); }
.clock { font-size: var(--type-figure); font-weight: 900; margin-right: var(--space-4); }
.doing { border: var(--line-heavy) solid var(--ink); background: var(--bg); padding: var(--space-6); display: grid; gap: var(--space-5); }
.marks .key { justify-self: start; }
</style>
