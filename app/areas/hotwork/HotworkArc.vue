<script setup lang="ts">
import { makeUuid } from '~/stores/outbox'
import { permitStream } from '#core/ids/streams'
import { hotWorkPages } from '~/words/hotWork'

const says = hotWorkPages.arc

/** Somebody saw an arc where no permit stood: it is recorded, the place is stopped, and the full watch begins. */
const goOn = useGoOn()
const facts = useFacts()
const permitId = makeUuid()
const where = ref('')
const bayId = ref('')
const { act, said, isRefused, busy } = useSenderTo(() => permitStream(permitId))
const bays = computed(() => facts.site.bays.filter(({ closed }) => !closed))
async function report() {
  const bay = bays.value.find(one => one.bayId === bayId.value)
  const sent = await act('permit.report-arc', {
    place: { where: where.value.trim() || says.bay(bay?.label ?? ''), placeId: null, bayId: bayId.value || null },
  })
  if (sent.ok) await goOn(`/hot-work/${permitId}`)
}
</script>

<template>
  <FrameForm class="arc" :busy="busy" @send="report">
    <h2>{{ says.anArcWithoutAPermit }}</h2>
    <p>{{ says.nobodyIsBlamedHereThe }}</p>
    <FrameText v-model="where" :label="says.where" maxlength="120" :is-needed="bayId === ''" />
    <FrameSelect
      v-model="bayId"
      :label="says.atABay"
      :ids="bays.map(bay => bay.bayId)"
      :named="id => says.bay(bays.find(bay => bay.bayId === id)?.label ?? id)"
      :none="says.notAtABay"
    />
    <p v-for="text in said" :key="text" class="said" :class="{ 'is-stop': isRefused }" role="alert">
      {{ text }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ says.recordItAndBeginThe }}
    </FrameKey>
    <NuxtLink class="key link" to="/hot-work">
      {{ says.back }}
    </NuxtLink>
  </FrameForm>
</template>

<style scoped>
.arc { display: grid; gap: var(--space-4); }
.link { display: grid; place-items: center; }
</style>
