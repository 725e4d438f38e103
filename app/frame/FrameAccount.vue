<script setup lang="ts">
import { LANGUAGE_NAMES } from '#shared/words/language'
import { framePages } from '~/words/frame'

const says = framePages.account
const session = useSession()
const look = useColorMode()
const root = useTemplateRef('root')
const { isOpen, toggle, close } = useSheet(root)
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
  <div ref="root" class="account" @keydown.escape="close">
    <FrameKey look="bare" class="who" :aria-expanded="isOpen" @click="toggle">
      <span class="name chalk">{{ session.person?.name }}</span>
    </FrameKey>
    <div v-if="isOpen" class="sheet">
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
  </div>
</template>

<style scoped>
.account {
  position: relative;
}
.who {
  min-height: 56px;
  max-width: min(140px, 100%);
  padding: 0 var(--space-3);
  background: none;
  border: 0;
  cursor: pointer;
  text-align: left;
}
.name {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  text-decoration: underline;
  text-underline-offset: 4px;
  text-decoration-thickness: 1px;
}
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
