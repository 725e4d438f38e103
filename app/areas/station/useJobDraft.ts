import { computed, ref, watch } from 'vue'
import type { Job } from '#core/job/job'
import { JOB_LIMITS } from '#core/job/job'
import { neededJobFields } from '#core/job/needed-job-fields'
import { currentFromDiameter, currentFromPlate } from '#core/job/rules-of-thumb'
import type { ProcessId } from '#core/ids/vocabulary'
import type { JobField } from '#core/ids/job-ids'
import { JOB_FIELDS } from '#core/ids/job-ids'
import { stationPages } from '~/words/station'

const says = stationPages.jobDraft

type Draft = { -readonly [Field in keyof Job]?: Job[Field] }

/** Fields that have a number, with the limits the server keeps. */
export type NumberField = keyof typeof JOB_LIMITS

/** Drafts outlive a lost session, a refusal and a look at another page: by bay, as long as the tab lives. */
const kept = new Map<string, Draft>()

/** What decides how a wire's metal crosses its arc. */
const CROSSES_BY: readonly JobField[] = [
  'currentA', 'currentRangeA', 'consumable', 'electrodeDiameterMm', 'wireFeedMPerMin', 'shieldingGas',
]

/** A job being set for a bay. What is set is chalk; what a rule of thumb offers is pencil until somebody taps it. */
export function useJobDraft(bayId: string, current: Job | null, typed: Partial<Job> | null) {
  const draft = ref<Draft>(kept.get(bayId) ?? { ...current })
  // A line typed says what it names. What it leaves unsaid was another job's: it goes, or stands in pencil until somebody says so.
  if (typed) draft.value = { ...inPencil(draft.value, typed), ...typed }
  watch(draft, value => kept.set(bayId, { ...value }), { deep: true })

  function apply(change: Partial<Job>) {
    if (change.process && change.process !== draft.value.process) draft.value = carriedOver(draft.value)
    // Where a head was seen was seen in that position and place.
    if ('position' in change || 'confinement' in change) delete draft.value.head
    // How the metal crosses was seen at that current, with that wire under that gas.
    if (CROSSES_BY.some(field => field in change)) delete draft.value.transfer
    Object.assign(draft.value, change)
    confirm(...Object.keys(change) as JobField[])
    if (change.currentRangeA) delete draft.value.currentA
    else if (change.currentA !== undefined) delete draft.value.currentRangeA
  }

  function set<Field extends keyof Job>(field: Field, value: Job[Field]) {
    apply({ [field]: value })
  }

  function forget(field: keyof Job) {
    draft.value = Object.fromEntries(Object.entries(draft.value).filter(([key]) => key !== field))
    confirm(field as JobField)
  }

  /** Pencil becomes chalk. */
  function confirm(...fields: readonly JobField[]) {
    const { assumed } = draft.value
    if (!assumed) return
    const left = assumed.filter(field => !fields.includes(field))
    if (left.length > 0) draft.value.assumed = left
    else draft.value = Object.fromEntries(Object.entries(draft.value).filter(([key]) => key !== 'assumed'))
  }

  /** A rule of thumb for the current, when nobody knows it: pencil. */
  const pencilCurrent = computed(() => {
    const { process, currentA, currentRangeA, electrodeDiameterMm, plateThicknessMm } = draft.value
    if (!process || currentA !== undefined || currentRangeA !== undefined) return undefined
    return (
      (electrodeDiameterMm !== undefined && currentFromDiameter(process, electrodeDiameterMm))
      || (plateThicknessMm !== undefined && currentFromPlate(process, plateThicknessMm))
      || undefined
    )
  })

  function takePencilCurrent() {
    if (!pencilCurrent.value) return
    const { currentRangeA } = pencilCurrent.value
    draft.value = { ...draft.value, currentRangeA, assumed: [...draft.value.assumed ?? [], 'currentRangeA'] }
  }

  const isSet = (field: JobField): boolean =>
    field === 'currentA'
      ? draft.value.currentA !== undefined || draft.value.currentRangeA !== undefined
      : draft.value[field] !== undefined
  const missing = computed<readonly JobField[]>(() =>
    draft.value.process ? neededJobFields(draft.value.process).filter(field => !isSet(field)) : [],
  )
  const job = computed<Job | null>(() => draft.value.process ? { ...draft.value, process: draft.value.process } : null)
  const done = () => {
    kept.delete(bayId)
  }

  return { draft, job, missing, pencilCurrent, takePencilCurrent, apply, set, forget, confirm, isSet, done }
}

/** Another process keeps what does not depend on it. */
function carriedOver({
  plateThicknessMm,
  baseMetal,
  coating,
  coatingStripped,
  strippedWidthMm,
  position,
  confinement,
  startsAt,
  endsAt,
  arcMinPerH,
  residue,
  container,
  assumed,
}: Draft): Draft {
  const kept: Draft = {
    plateThicknessMm,
    baseMetal,
    coating,
    coatingStripped,
    strippedWidthMm,
    position,
    confinement,
    startsAt,
    endsAt,
    arcMinPerH,
    residue,
    container,
    assumed,
  }
  return Object.fromEntries(Object.entries(kept).filter(([, value]) => value !== undefined))
}

/** What is not the process's own stays in pencil; what the line says itself does not. */
function inPencil(old: Draft, typed: Partial<Job>): Draft {
  const { assumed: _assumed, ...kept } = carriedOver(old)
  const left = Object.fromEntries(Object.entries(kept).filter(([field]) => !(field in typed)))
  const fields = (Object.keys(left) as JobField[]).filter(field => JOB_FIELDS.includes(field))
  return fields.length > 0 ? { ...left, assumed: fields } : left
}

/** What is wrong with a number, SI, in the words and the unit of the shop, or null. A limit is said so that it can be typed. */
export function wrongNumber(
  field: NumberField,
  value: number,
  { unit, toShown }: { readonly unit: string, readonly toShown: (si: number) => number },
): string | null {
  const { min, max } = JOB_LIMITS[field]
  if (Number.isNaN(value)) return says.aNumberInIsNeeded(unit)
  if (value < min) return says.atLeast(Math.ceil(toShown(min) * 1000) / 1000, unit)
  return value > max ? says.atMost(Math.floor(toShown(max) * 1000) / 1000, unit) : null
}

/** Processes in the order a training shop reaches for them. */
export const PROCESS_ORDER: readonly ProcessId[] = [
  'gmaw', 'smaw', 'gtaw', 'fcaw-g', 'fcaw-s', 'pac', 'ofc', 'ofw', 'tb', 'ts', 'grinding', 'cac-a', 'paw', 'saw', 'caw', 'lbw',
]
