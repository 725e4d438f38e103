<script setup lang="ts">
import type { FormError } from '@nuxt/ui'
import type { FormOf } from '~/frame/checkForm'
import { FORM } from '~/frame/formFields'
import type { FieldOfForm } from '~/frame/formFields'

/**
 * A form: its key can always be pressed, and what is not there yet is said beside the field that lacks it, the first of them in sight and
 * under the hand. What is sent is read beforehand with the schema that the server reads it with.
 */
const { of = null, payload = null, lacks = '', busy = false, told = [], onSend = undefined } = defineProps<{
  /** What it comes to: a command, or what is sent past the door. Where fields say all there is to say, nothing. */
  of?: FormOf | null
  /** What would be sent as it stands. */
  payload?: unknown
  /** What it lacks besides what its fields do: said beside its key. */
  lacks?: string | null
  busy?: boolean
  /** What the server said of its fields. */
  told?: readonly { readonly path: string, readonly message: string }[]
  /** Sends it; what it answers is waited for. */
  onSend?: () => unknown
}>()

const fields = shallowReactive(new Set<FieldOfForm>())
/** Somebody tried to send it and could not: from now on what is mended is said no longer. */
const isAsked = ref(false)
provide(FORM, { enter: field => fields.add(field), leave: field => fields.delete(field) })

/** What fields say of themselves comes first: they speak in the shop's units. The schema is fetched when it is first asked. */
async function lacking(): Promise<FormError[]> {
  const byFields = [...fields].flatMap((field) => {
    const message = field.lacks()
    return message === null ? [] : [{ name: field.path(), message }]
  })
  if (byFields.length > 0) return byFields
  if (lacks) return [{ message: lacks }]
  if (of === null) return []
  // Where the shop is not heard the schema does not come: what is sent is kept like everything else, and the server reads it all the same.
  const check = await import('~/frame/checkForm').catch(() => null)
  return check === null ? [] : [...check.lacksOf(of, payload)]
}

const form = useTemplateRef('form')
const own = getCurrentInstance()
const placeOf = (name: string | undefined) => [...fields].some(field => field.path() === name)

/** What is wrong as it was last looked at; what no field stands for is said beside the key. */
const errors = shallowRef<readonly FormError[]>([])
const besides = computed(() =>
  errors.value.filter(({ name }) => !placeOf(name)).map(({ name, message }) => name ? `${name}: ${message}` : message).join(' ') || null)

/** Brings the first field that is wrong into sight and under the hand. */
async function show(found: readonly FormError[]) {
  errors.value = found
  await nextTick()
  const first = (own?.proxy?.$el as HTMLElement | undefined)?.querySelector<HTMLElement>('.field .note.wrong')?.closest('.field')
  first?.scrollIntoView({ block: 'center' })
  first?.querySelector<HTMLElement>('input, textarea, button, [tabindex="0"]')?.focus({ preventScroll: true })
}
/**
 * Pressed twice, it is sent once: from the press until it is answered, or something else is typed. What waits for a shop that is not heard
 * hinders nobody from sending another.
 */
let isOnItsWay = false
const anew = () => {
  isOnItsWay = false
}
function begin(event: Event) {
  if (!isOnItsWay && !busy) {
    isOnItsWay = true
    return
  }
  event.preventDefault()
  event.stopImmediatePropagation()
}
/** A key of the form that chooses something makes it another one, as what is typed does. */
const touched = ({ target }: Event) => {
  if (target instanceof Element && target.closest('button')?.type !== 'submit') anew()
}
async function refuse({ errors: found }: { errors: readonly FormError[] }) {
  anew()
  isAsked.value = true
  await show(found)
}
watch(() => [payload, ...[...fields].map(field => field.lacks())], async () => {
  if (!isAsked.value) return
  await form.value?.validate({ silent: true })
  // Nothing new is said beside a key that nobody pressed: only what was mended goes.
  const left = form.value?.getErrors() ?? []
  errors.value = errors.value.filter(({ name, message }) => left.some(error => error.name === name && error.message === message))
}, { deep: true })
watch(() => told, async () => {
  if (told.length === 0) return
  const found = told.map(({ path: name, message }) => ({ name, message }))
  form.value?.setErrors(found)
  await show(found)
})
/** What is typed here and not taken yet: whoever would empty the page asks first. */
const mark = Symbol('form')
onBeforeUnmount(() => halfTyped.delete(mark))
const typed = () => {
  anew()
  halfTyped.add(mark)
}

async function send() {
  isAsked.value = false
  errors.value = []
  try {
    await onSend?.()
  } finally {
    anew()
  }
  await nextTick()
  // Refused, it stands there as it was typed; taken, its lines are empty, or it is gone.
  const lines = (own?.proxy?.$el as HTMLElement | undefined)?.querySelectorAll<HTMLInputElement>('input:not([type=file]), textarea') ?? []
  if ([...lines].every(({ value }) => value === '')) halfTyped.delete(mark)
}
</script>

<template>
  <UForm
    ref="form"
    :state="{}"
    :validate="lacking"
    :validate-on="[]"
    :loading-auto="false"
    @submit="send"
    @error="refuse"
    @submit.capture="begin"
    @input="typed"
    @change="typed"
    @click="touched"
  >
    <slot />
    <FrameRefused :says="besides" />
  </UForm>
</template>
