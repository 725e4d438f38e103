<script setup lang="ts">
/** Somebody signs on this tablet without signing the tablet out: who, and their PIN. The PIN is never kept. */
const { busy, does = 'Sign and re-open' } = defineProps<{ busy: boolean, does?: string }>()
const emit = defineEmits<{ sign: [signature: { personId: string, pin: string }] }>()
const facts = useFacts()
const personId = ref('')
const pin = ref('')
const isComplete = computed(() => personId.value !== '' && /^\d{4,8}$/.test(pin.value))

function sign() {
  if (!isComplete.value) return
  emit('sign', { personId: personId.value, pin: pin.value })
  pin.value = ''
}
</script>

<template>
  <form class="sign" @submit.prevent="sign">
    <FrameField v-slot="{ id }" label="Who signs">
      <select :id="id" v-model="personId" class="entry">
        <option value="" disabled>
          choose
        </option>
        <option v-for="person in facts.reading?.people" :key="person.personId" :value="person.personId">
          {{ person.name }}
        </option>
      </select>
    </FrameField>
    <FrameField v-slot="{ id }" label="PIN">
      <input :id="id" v-model="pin" class="entry" type="password" inputmode="numeric" maxlength="8" autocomplete="off">
    </FrameField>
    <button class="key go" type="submit" :disabled="!isComplete || busy">
      {{ does }}
    </button>
  </form>
</template>

<style scoped>
.sign { display: grid; grid-template-columns: minmax(0, 1fr) 110px; gap: 0 8px; margin-top: 10px; }
.key { grid-column: 1 / -1; }
</style>
