<script setup lang="ts">
const session = useSession()
const pin = ref('')
const said = ref('')
const wrong = ref('')

async function setPin() {
  said.value = wrong.value = ''
  const reply = await ask('credentials', { method: 'POST', body: { personId: session.person?.personId, pin: pin.value } })
  if (reply.ok) {
    said.value = 'Your PIN is set. It signs for you on a shared tablet, without signing the tablet out.'
    pin.value = ''
  }
  else wrong.value = wordsOf(reply)
}
</script>

<template>
  <main class="page">
    <h1>My PIN</h1>
    <p class="lead">
      4 to 8 digits. It confirms a signature on a shared tablet. Nobody can read it, the safety lead included.
    </p>
    <form class="form" @submit.prevent="setPin">
      <FrameField v-slot="{ id, describedBy }" label="New PIN" :wrong="wrong" :hint="said">
        <input :id="id" v-model="pin" class="entry" type="password" inputmode="numeric" autocomplete="new-password" maxlength="8" :aria-describedby="describedBy">
      </FrameField>
      <button class="key go" type="submit" :disabled="!/^\d{4,8}$/.test(pin)">
        Set my PIN
      </button>
    </form>
    <PersonOwnMask />
  </main>
</template>
