<script setup lang="ts">
import { makeUuid } from '~/stores/outbox'
import { permitStream } from '#core/ids/streams'

/** Somebody saw an arc where no permit stood: it is recorded, the place is stopped, and the full watch begins. */
const router = useRouter()
const facts = useFacts()
const permitId = makeUuid()
const where = ref('')
const bayId = ref('')
const { act, said, isRefused, busy } = useSenderTo(() => permitStream(permitId))
const bays = computed(() => facts.site.bays.filter(({ closed }) => !closed))
async function report() {
  const bay = bays.value.find(one => one.bayId === bayId.value)
  const sent = await act('permit.report-arc', {
    place: { where: where.value.trim() || `Bay ${bay?.label ?? ''}`, placeId: null, bayId: bayId.value || null },
  })
  if (sent.ok) await router.push(`/hot-work/${permitId}`)
}
</script>

<template>
  <form class="arc" @submit.prevent="report">
    <h2>An arc without a permit</h2>
    <p>Nobody is blamed here. The place has to be watched as long as after any hot work, from the arc on.</p>
    <FrameField v-slot="{ id }" label="Where">
      <UInput :id="id" v-model="where" maxlength="120" />
    </FrameField>
    <FrameSelect
      v-model="bayId"
      label="At a bay"
      :ids="bays.map(bay => bay.bayId)"
      :named="id => `Bay ${bays.find(bay => bay.bayId === id)?.label}`"
      none="not at a bay"
    />
    <p v-for="text in said" :key="text" class="said" :class="{ 'is-stop': isRefused }" role="alert">
      {{ text }}
    </p>
    <FrameKey look="go" type="submit" :disabled="busy || (!where.trim() && !bayId)">
      Record it and begin the watch
    </FrameKey>
    <NuxtLink class="key link" to="/hot-work">
      Back
    </NuxtLink>
  </form>
</template>

<style scoped>
.arc { display: grid; gap: 8px; }
.link { display: grid; place-items: center; }
</style>
