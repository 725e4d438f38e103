<script setup lang="ts">
import { LANGUAGE_NAMES } from '#shared/words/language'
import { framePages } from '~/words/frame'

const says = framePages.bare
const { language, other, choose } = useLanguage()
const refused = ref('')
async function chooseOther() {
  refused.value = await choose(other.value)
}
</script>

<template>
  <div class="bare">
    <header class="bare-head">
      <span class="bare-mark">{{ says.zonaris }}</span>
      <FrameKey look="quiet" class="bare-language" :lang="other" @click="chooseOther">
        {{ LANGUAGE_NAMES[other] }}
      </FrameKey>
      <NuxtLink
        class="bare-help"
        to="/help"
      >
        {{ says.help }}
      </NuxtLink>
    </header>
    <FrameRefused :says="refused" />
    <FrameUnheard :key="language" />
    <slot :key="language" />
  </div>
</template>

<style scoped>
.bare-head {
  border-bottom: var(--line-heavy) solid var(--ink);
  padding: var(--space-3) var(--space-8);
  min-height: 56px;
}
.bare-head {
  display: flex;
  align-items: center;
}
.bare-language {
  margin-left: auto;
}
.bare-help {
  padding: var(--space-4) var(--space-6);
  font-weight: 850;
  color: var(--stop);
  text-decoration: underline;
  text-underline-offset: 4px;
}
.bare-mark {
  font-weight: 900;
  font-size: var(--type-head);
}
</style>
