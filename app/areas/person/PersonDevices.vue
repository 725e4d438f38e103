<script setup lang="ts">
import type { Forms } from '#shared/contract/answers'
import type { DeviceReading } from '#shared/contract/readings'
import { peoplePages } from '~/words/people'

const says = peoplePages.devices

/** Devices that act for somebody until they are taken back: one's own, or all of the site for who manages people. */
const { of } = defineProps<{ of: 'me' | 'all' }>()
const { moment } = useDates()
const devices = shallowRef<readonly DeviceReading[] | null>(null)
const failed = ref('')
const naming = ref<string | null>(null)
const name = ref('')

async function load() {
  const reply = await askFor('devices', { of })
  failed.value = reply.ok ? '' : wordsOf(reply)
  if (reply.ok) devices.value = reply.body.devices
}
onMounted(load)

function rename(device: DeviceReading) {
  naming.value = device.deviceId
  name.value = device.name
}
async function change<Path extends 'devices/name' | 'devices/revoke'>(path: Path, body: Forms[Path]['asks']) {
  const reply = await sendTo(path, body)
  failed.value = reply.ok ? '' : wordsOf(reply)
  naming.value = null
  await load()
}
</script>

<template>
  <section class="devices" :aria-label="says.devices">
    <h2>{{ of === 'me' ? says.myDevices : says.devicesOfThisShop }}</h2>
    <p class="soft">
      {{ says.aDeviceSomebodySignedIn }}
    </p>
    <p v-if="failed" class="said" role="alert">
      {{ failed }}
    </p>
    <ul v-if="devices">
      <li v-for="device in devices" :key="device.deviceId">
        <FrameForm
          v-if="naming === device.deviceId"
          class="naming"
          @send="change('devices/name', { deviceId: device.deviceId, name: name.trim() })"
        >
          <FrameText v-model="name" :label="says.whatItIsCalled" maxlength="60" is-needed />
          <FrameKey look="go" type="submit">
            {{ says.nameIt }}
          </FrameKey>
          <FrameKey look="quiet" @click="naming = null">
            {{ says.back }}
          </FrameKey>
        </FrameForm>
        <template v-else>
          <span class="what">
            <span><b>{{ device.name }}</b>{{ device.isThis ? says.inYourHand : '' }}</span>
            <small class="soft">{{ says.signedIn(of === 'all' ? `${device.personName}, ` : '', moment(device.signedInAt), device.heardAt ? says.lastHeard(moment(device.heardAt)) : '') }}</small>
          </span>
          <FrameKey @click="rename(device)">
            {{ says.name }} <span class="visually-hidden">{{ device.name }}</span>
          </FrameKey>
          <FrameAsk
            v-if="!device.isThis"
            :asks="says.takenBackItStops(device.name)"
            :does="says.takeItBack"
            @done="change('devices/revoke', { deviceId: device.deviceId })"
          >
            {{ says.takeBack }} <span class="visually-hidden">{{ device.name }}</span>
          </FrameAsk>
        </template>
      </li>
      <li v-if="devices.length === 0" class="soft">
        {{ says.none }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.devices {
  border-top: var(--line-rule) solid var(--ink);
  margin-top: var(--space-9);
  padding-top: var(--space-5);
  display: grid;
  gap: var(--space-4);
  max-width: 860px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
  padding: var(--space-4) 0;
  border-bottom: var(--line-thin) solid var(--rule);
}
.what {
  flex: 1 1 240px;
  display: grid;
}
.naming {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
</style>
