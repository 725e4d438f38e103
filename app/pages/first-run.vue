<script setup lang="ts">
import type { LanguageId } from '#core/ids/language-ids'
import type { JurisdictionId } from '#core/ids/vocabulary'
import { JURISDICTIONS } from '#core/ids/vocabulary'
import type { UnitSystem } from '#core/units'
import { UNIT_SYSTEMS } from '#core/units'
import { LANGUAGE_NAMES, LANGUAGES } from '#shared/words/language'
import { beginPages } from '~/words/begin'
import { language } from '~/words/live'
import { sitePages } from '~/words/site'

const says = sitePages.firstRun
const law = beginPages.law
definePageMeta({ layout: 'bare' })
const session = useSession()
const entry = reactive({
  code: '',
  jurisdiction: '' as JurisdictionId | '',
  units: '' as UnitSystem | '',
  language: language.value as LanguageId | '',
  siteName: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  personName: '',
  loginName: '',
  password: '',
})
const told = ref<readonly { readonly path: string, readonly message: string }[]>([])
const asked = computed(() => {
  const { siteName, timeZone, jurisdiction, units, language: spoken, ...whose } = entry
  // What nobody chose is named by the form and goes nowhere.
  const choice = { jurisdiction: jurisdiction as JurisdictionId, units: units as UnitSystem, language: spoken as LanguageId }
  return { ...whose, site: { name: siteName, timeZone }, choice }
})
const error = ref('')
const busy = ref(false)

async function open() {
  busy.value = true
  error.value = ''
  const reply = await sendTo('first-run', asked.value)
  busy.value = false
  if (reply.ok) {
    await session.load()
    await navigateTo('/first-steps')
    return
  }
  error.value = 'unreachable' in reply ? wordsOf(reply) : reply.refusal.error
  if ('refusal' in reply) told.value = reply.refusal.fields
}
</script>

<template>
  <main class="page">
    <h1>{{ says.openTheShop }}</h1>
    <p class="lead">
      {{ says.nothingIsHereYetName }}
    </p>
    <p v-if="error" class="said" role="alert">
      {{ error }}
    </p>
    <FrameForm class="form" of="first-run" :payload="asked" :busy="busy" :told="told" @send="open">
      <FrameText v-model="entry.code" :label="says.code" :hint="says.asAbcdEfghJkmn" is-needed name="code" />
      <FrameSelect
        v-model="entry.jurisdiction"
        :label="law.whoseLaw"
        :ids="JURISDICTIONS"
        :named="id => words.jurisdictions[id]"
        :none="law.choose"
        is-needed
        name="choice.jurisdiction"
      />
      <FrameChoice
        v-model="entry.units"
        :label="law.units"
        :ids="UNIT_SYSTEMS"
        :named="id => law[id]"
        is-needed
        name="choice.units"
      />
      <FrameChoice
        v-model="entry.language"
        :label="law.language"
        :ids="LANGUAGES"
        :named="id => LANGUAGE_NAMES[id]"
        is-needed
        name="choice.language"
      />
      <BeginLaw v-if="entry.jurisdiction !== ''" :jurisdiction="entry.jurisdiction" :units="entry.units || 'metric'" />
      <FrameText v-model="entry.siteName" :label="says.nameOfTheShop" is-needed name="site.name" />
      <FrameText v-model="entry.timeZone" :label="says.timeZone" :hint="says.asEuropeLondon" is-needed name="site.timeZone" />
      <FrameText v-model="entry.personName" :label="says.yourName" autocomplete="name" is-needed name="personName" />
      <FrameText v-model="entry.loginName" :label="says.signInName" autocomplete="username" is-needed name="loginName" />
      <FrameText
        v-model="entry.password"
        :label="says.password"
        :hint="says.atLeast10Characters"
        type="password"
        autocomplete="new-password"
        is-needed
        name="password"
      />
      <FrameKey look="go" type="submit" :disabled="busy">
        {{ says.openTheShop }}
      </FrameKey>
    </FrameForm>
  </main>
</template>
