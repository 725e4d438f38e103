<script setup lang="ts">
import { stationPages } from '~/words/station'

const says = stationPages.signature

/** Somebody signs on this tablet without signing the tablet out: who, and their PIN. The PIN is never kept. */
const { busy, does } = defineProps<{ busy: boolean, does?: string }>()
const emit = defineEmits<{ sign: [signature: { personId: string, pin: string }] }>()
const facts = useFacts()
const personId = ref('')
const pin = ref('')
const people = computed(() => facts.reading?.people ?? [])
const named = (id: string) => people.value.find(person => person.personId === id)?.name ?? id
const isPin = computed(() => /^\d{4,8}$/.test(pin.value))

function sign() {
  emit('sign', { personId: personId.value, pin: pin.value })
  pin.value = ''
}
</script>

<template>
  <FrameForm class="sign" :busy="busy" @send="sign">
    <FrameSelect v-model="personId" :label="says.whoSigns" :ids="people.map(person => person.personId)" :named="named" />
    <FrameText v-model="pin" :lacks="isPin ? '' : says.n4To8Digits" :label="says.pin" type="password" inputmode="numeric" maxlength="8" />
    <FrameKey look="go" type="submit" :disabled="busy">
      {{ does ?? says.signAndReOpen }}
    </FrameKey>
  </FrameForm>
</template>

<style scoped>
.sign { display: grid; grid-template-columns: minmax(0, 1fr) 110px; gap: 0 var(--space-4); margin-top: var(--space-5); }
.key { grid-column: 1 / -1; }
</style>
