<script setup lang="ts">
import { LANGUAGE_NAMES } from '#shared/words/language'
import { accountPages as says } from '~/words/account'

/** What hangs from the name of whoever is signed in: the look, the language, their sign-in, and the way out. */
const session = useSession()
const look = useColorMode()
const { other, choose } = useLanguage()
const refused = ref('')
async function chooseOther() {
  refused.value = await choose(other.value)
}
const toggleLook = () => {
  look.preference = look.value === 'dark' ? 'light' : 'dark'
}
</script>

<template>
  <div class="sheet">
    <p class="soft">
      {{ says.signedInAs(session.person?.roles.map(role => words.roles[role]).join(', ') ?? '') }}
    </p>
    <FrameKey @click="toggleLook">
      {{ look.value === 'dark' ? says.lightLook : says.darkLook }}
    </FrameKey>
    <NuxtLink class="key" to="/my-sign-in">
      {{ says.mySignIn }}
    </NuxtLink>
    <NuxtLink class="key" to="/house-rules" prefetch-on="interaction">
      {{ says.houseRules }}
    </NuxtLink>
    <NuxtLink v-if="session.may('set-up-site')" class="key" to="/set-up" prefetch-on="interaction">
      {{ says.setUp }}
    </NuxtLink>
    <FrameKey :lang="other" @click="chooseOther">
      {{ LANGUAGE_NAMES[other] }}
    </FrameKey>
    <FrameRefused :says="refused" />
    <FrameKey @click="session.signOut()">
      {{ says.signOut }}
    </FrameKey>
    <FrameKey @click="session.signOut(true)">
      {{ says.signOutEverywhere }}
    </FrameKey>
  </div>
</template>

<style scoped>
.sheet {
  position: absolute;
  right: 0;
  top: 100%;
  z-index: 30;
  width: 260px;
  padding: var(--space-7);
  display: grid;
  gap: var(--space-4);
  background: var(--panel);
  border: var(--line-heavy) solid var(--ink);
}
.sheet .key {
  display: grid;
  place-items: center;
}
@media (max-width: 900px) {
  .sheet {
    right: -100px;
  }
}
</style>
