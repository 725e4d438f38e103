<script setup lang="ts">
import { WARDROBE_STREAM } from '#core/ids/streams'
import { WEARABLES } from '#core/ids/wearable-ids'
import type { WearableId } from '#core/ids/wearable-ids'
import { NOISE_LIMITS } from '#core/hearing/noise-dose'
import { zonesOf } from '#core/ppe/wearables'
import { leftOf } from '#core/streams/wardrobe/wardrobe'
import type { StockLine } from '#core/streams/wardrobe/wardrobe'
import type { TableColumnOf } from '~/frame/table'
import { doorPages } from '~/words/door'
import { garmentWords } from '~/words/garment-words'

const says = doorPages.stock

/** The clothes that the shop lends: what was counted, what is there, who has the rest. */
const { lines } = defineProps<{ lines: readonly StockLine[] }>()
const session = useSession()
const { people } = useDoor()
const { send, busy, refused } = useSender()
const lent = computed(() => people.value.flatMap(({ loans, name }) => loans.map(loan => ({ ...loan, name }))))
const withWhom = (line: StockLine) =>
  lent.value.filter(one => one.wearable === line.wearable && one.size.trim().toLowerCase() === line.size.trim().toLowerCase())
    .map(({ name }) => name).join(', ')
const sizeOf = ({ size, nrrDb }: StockLine) =>
  [size, nrrDb === undefined ? '' : doorPages.zone.label(nrrDb)].filter(Boolean).join(', ') || '–'
const columns = computed<readonly TableColumnOf<StockLine>[]>(() => [
  { id: 'kind', header: says.kind, said: ({ wearable }) => garmentWords.wearables[wearable], by: true },
  { id: 'size', header: says.size, said: sizeOf, by: true },
  { id: 'counted', header: says.counted, said: ({ count }) => String(count), by: true, place: 'end' },
  { id: 'left', header: says.left, said: line => String(leftOf(line, lent.value)), by: true, place: 'end' },
  { id: 'with', header: says.with, said: line => withWhom(line) || '–' },
  { id: 'count', header: says.count, isHeard: true, place: 'end' },
])
const edited = ref<string | null>(null)
const wearable = ref<WearableId | ''>('')
const size = ref('')
const nrrDb = ref<number | undefined>(undefined)
const count = ref<number | undefined>(undefined)
function open(line: StockLine | null) {
  edited.value = line?.lineId ?? makeUuid()
  wearable.value = line?.wearable ?? ''
  size.value = line?.size ?? ''
  nrrDb.value = line?.nrrDb
  count.value = line?.count
}
async function save() {
  if (edited.value === null || wearable.value === '' || count.value === undefined) return
  const sent = await send('wardrobe.count', WARDROBE_STREAM, {
    lineId: edited.value, wearable: wearable.value, size: size.value.trim(), count: count.value,
    ...isProtector.value && nrrDb.value !== undefined ? { nrrDb: nrrDb.value } : {},
  })
  if (sent.ok) edited.value = null
}
const isProtector = computed(() => wearable.value !== '' && zonesOf(wearable.value).join() === 'ears')
const COUNT = { min: 0, max: 500 }
</script>

<template>
  <section :aria-label="says.clothesOfTheShop" class="stock">
    <h2>{{ says.clothesOfTheShop }}</h2>
    <p class="soft">
      {{ lines.length === 0 ? says.nothingCounted : says.lead }}
    </p>
    <FrameTable v-if="lines.length > 0" :columns="columns" :rows="lines" :name="says.clothesOfTheShop" :key-of="({ lineId }) => lineId">
      <template #count="{ row }">
        <FrameKey v-if="session.may('keep-store')" @click="open(row)">
          {{ says.count }} <span class="visually-hidden">{{ garmentWords.wearables[row.wearable] }} {{ row.size }}</span>
        </FrameKey>
      </template>
    </FrameTable>
    <FrameKey v-if="edited === null && session.may('keep-store')" @click="open(null)">
      {{ says.countAnother }}
    </FrameKey>
    <div v-if="edited !== null" class="form">
      <FrameSelect v-model="wearable" :label="says.kind" :ids="WEARABLES" :named="id => garmentWords.wearables[id]" />
      <FrameText v-model="size" :label="says.size" :hint="says.asItIsWritten" />
      <FrameNumber v-if="isProtector" v-model="nrrDb" :label="says.label" :unit="plainUnit('dB')" :limits="NOISE_LIMITS.nrrDb" optional />
      <FrameNumber v-model="count" :label="says.howMany" :unit="plainUnit('')" :limits="COUNT" />
      <FrameRefused :says="refused" />
      <FrameKey look="go" :disabled="busy || wearable === '' || count === undefined" @click="save">
        {{ says.save }}
      </FrameKey>
    </div>
  </section>
</template>

<style scoped>
.stock { display: grid; gap: var(--space-4); justify-items: start; }
.form { display: grid; gap: var(--space-3); width: min(100%, 420px); }
</style>
