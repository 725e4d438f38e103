<script setup lang="ts">
import { SITE_STREAM } from '#core/ids/streams'
import { KEY_PURPOSES } from '#core/ids/monitor-ids'
import type { KeyPurposeId } from '#core/ids/monitor-ids'
import { sitePages } from '~/words/site'

const says = sitePages.deviceKeys

/** Keys for what reads the clearance and for what tells readings. A key is shown once; here stands only its name. */
const facts = useFacts()
const { send, refused: notRevoked } = useSender()
const name = ref('')
const purpose = ref<KeyPurposeId | ''>('reads')
const shown = ref<{ readonly name: string, readonly key: string } | null>(null)
const refused = ref('')
const busy = ref(false)
const keys = computed(() => facts.site.deviceKeys)

async function make() {
  busy.value = true
  const reply = await sendTo('device-keys', { name: name.value.trim(), purpose: purpose.value || 'reads' })
  busy.value = false
  refused.value = reply.ok ? '' : wordsOf(reply)
  if (!reply.ok) return
  shown.value = reply.body
  name.value = ''
  await facts.refresh()
}
const revoke = (keyId: string) => send('site.revoke-key', SITE_STREAM, { keyId })
</script>

<template>
  <section class="keys" :aria-label="says.deviceKeys">
    <h2>{{ says.deviceKeys }}</h2>
    <p class="soft">
      {{ says.aLampAWallOr }}
    </p>
    <p v-if="shown" class="said" role="status">
      {{ says.theKeyOfShownThis(shown.name) }} <b class="print key-itself">{{ shown.key }}</b>
      <FrameKey look="quiet" @click="shown = null">
        {{ says.iHaveIt }}
      </FrameKey>
    </p>
    <ul>
      <li v-for="{ keyId, name: called, purpose: isFor, isRevoked } in keys" :key="keyId">
        <b>{{ called }}</b> <span class="soft">{{ says.purposes[isFor] }}</span>
        <span v-if="isRevoked" class="soft">{{ says.revoked }}</span>
        <FrameAsk v-else :asks="says.revokedItReadsNothing(called)" :does="says.revokeIt" @done="revoke(keyId)">
          {{ says.revoke }} <span class="visually-hidden">{{ called }}</span>
        </FrameAsk>
      </li>
    </ul>
    <FrameForm :busy="busy" @send="make">
      <FrameText
        v-model="name"
        :label="says.whatItIsFor"
        :wrong="refused || notRevoked"
        maxlength="80"
        :placeholder="says.interlockOfBay2"
        is-needed
      />
      <FrameChoice v-model="purpose" :label="says.whatItDoes" :ids="KEY_PURPOSES" :named="one => says.purposes[one]" />
      <FrameKey type="submit" :disabled="busy">
        {{ says.makeAKey }}
      </FrameKey>
    </FrameForm>
  </section>
</template>

<style scoped>
.keys { display: grid; gap: var(--space-4); margin-top: var(--space-9); padding-top: var(--space-6); border-top: var(--line-rule) solid var(--ink); max-width: 720px; }
li { display: flex; align-items: center; gap: var(--space-6); min-height: 56px; border-bottom: var(--line-thin) solid var(--rule); }
li > :last-child { margin-left: auto; }
form { display: grid; gap: var(--space-3); justify-items: start; }
form > :first-child { justify-self: stretch; }
.key-itself { overflow-wrap: anywhere; }
</style>
