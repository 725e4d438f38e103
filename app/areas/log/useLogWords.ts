import { extractionFault } from '#core/air/bay-air'
import type { FumeEvent } from '#core/streams/fume-sheets/fume-sheets'
import type { HallEvent } from '#core/streams/hall/hall'
import type { MonitorEvent } from '#core/streams/monitor/monitor'
import type { SamplesEvent } from '#core/streams/samples/samples'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { PersonEvent, PersonProfile } from '#core/streams/person/person'
import type { DayPlansCommands } from '#core/streams/day-plans/day-plans'
import type { WardrobeEvent } from '#core/streams/wardrobe/wardrobe'
import type { Bay, SiteEvent } from '#core/streams/site/site'
import type { StationEvent } from '#core/streams/station/station'
import type { UnitSystem } from '#core/units'
import { garmentWords } from '~/words/garment-words'
import { kitWords } from '~/words/kit-words'
import type { CheckList } from '#core/inspection/check-list'
import type { Notice } from '#core/streams/notice/notice'
import type { Place } from '#core/streams/place/place'
import type { CompetenceId, ProcessId } from '#core/ids/vocabulary'
import { quantitiesIn, speak } from '~/words/speak'
import { dayIn, timeIn } from '#shared/words/site-times'
import { language } from '~/words/live'
import type { LogEntry } from '#shared/contract/readings'
import type { Where } from '~/frame/useWhere'
import { rulesChanged } from '~/areas/rules/rule-words'
import { logPages } from '~/words/log'

const says = logPages.words

type Payload<Event extends { readonly type: string, readonly payload: unknown }, Type extends Event['type']> = Extract<
  Event,
  { readonly type: Type }
>['payload']
type PersonPayload<Type extends PersonEvent['type']> = Payload<PersonEvent, Type>
type StationPayload<Type extends StationEvent['type']> = Payload<StationEvent, Type>

/** One line of the record in plain words. A type this page does not know is shown by its own name. */
export function saidOf({ type, payload, was }: Pick<LogEntry, 'type' | 'payload' | 'was'>, units: UnitSystem, where: Where): string {
  const q = quantitiesIn(units)
  const before = was === null ? null : replacedOf({ type, payload, was }, units, where)
  if (before !== null) return before
  switch (type) {
    case 'site-opened':
      return says.siteOpened((payload as Payload<SiteEvent, 'site-opened'>).name)
    case 'hall-added':
      return says.hallAdded((payload as Payload<SiteEvent, 'hall-added'>).name)
    case 'hall-changed': {
      const { name, closed } = payload as Payload<SiteEvent, 'hall-changed'>
      return says.hallChanged(name, closed ? says.closed : says.changed)
    }
    case 'area-changed': {
      const { name, closed } = payload as Payload<SiteEvent, 'area-changed'>
      return says.areaChanged(name, closed ? says.closed : says.changed)
    }
    case 'area-added':
      return says.areaAdded((payload as Payload<SiteEvent, 'area-added'>).name)
    case 'bay-added':
      return says.bayAdded((payload as Payload<SiteEvent, 'bay-added'>).label)
    case 'bay-changed': {
      const { label, closed } = payload as Payload<SiteEvent, 'bay-changed'>
      return says.bay(label, closed ? says.closed : says.changed)
    }
    case 'device-key-made':
      return says.deviceKeyMade((payload as Payload<SiteEvent, 'device-key-made'>).name)
    case 'device-key-revoked':
      return says.deviceKeyRevoked
    case 'person-added':
      return says.added((payload as PersonProfile).roles.map(role => words.roles[role]).join(', '))
    case 'person-changed':
      return says.changed2((payload as PersonProfile).roles.map(role => words.roles[role]).join(', '))
    case 'person-left':
      return says.leftTheSite
    case 'sign-in-code-given':
      return (payload as { isReset: boolean }).isReset ? says.oneTimeCodeGivenOut : says.oneTimeCodeGivenOut2
    case 'sign-in-code-used':
      return (payload as { signsFrom: string | null }).signsFrom === null
        ? says.ownPasswordSetWithThe
        : says.ownPasswordSetWithThe2
    case 'secret-set':
      return (payload as { kind: string }).kind === 'pin' ? says.pinSet : says.signInSet
    case 'house-rules-changed': {
      const { jurisdiction, shadeBasis, shadeMinimum } = payload as HouseRules
      return says.basisHouseMinimum(words.jurisdictions[jurisdiction], words.ruleSets[shadeBasis], shadeMinimum ?? says.none)
    }
    case 'person-placed':
      return (payload as StationPayload<'person-placed'>).personId === null ? says.nobodyStandsHere : says.somebodyElseStandsHere
    case 'job-set':
      return says.job(jobLine((payload as StationPayload<'job-set'>).job, q))
    case 'helper-came':
      return says.somebodyHelpsHere
    case 'helper-went':
      return says.aHelperWent
    case 'helper-checked': {
      const { shade, glasses } = payload as StationPayload<'helper-checked'>
      const behind = shade === undefined ? '' : shade === null ? says.noFilter : says.behindShade(q.shade(shade))
      return says.eyesOfAHelper(behind, words.glasses[glasses])
    }
    case 'job-cleared':
      return says.noJob
    case 'helmet-set':
      return says.helmetSetTo(q.shade((payload as StationPayload<'helmet-set'>).shade))
    case 'helmet-checked': {
      const { passed, fault } = payload as StationPayload<'helmet-checked'>
      return passed ? says.helmetPassedItsCheck : says.helmetFailedItsCheck(fault ? `: ${words.helmetFaults[fault]}` : '')
    }
    case 'glasses-checked':
      return says.glasses(words.glasses[(payload as StationPayload<'glasses-checked'>).kind])
    case 'outfit-checked': {
      const checks = Object.entries((payload as StationPayload<'outfit-checked'>).zones)
      const failed = checks.filter(([, check]) => check && !check.passes).map(([zone]) => words.zones[zone as keyof typeof words.zones])
      return says.outfitPassed(checks.length - failed.length, failed.length > 0 ? says.failed(failed.join(', ')) : '')
    }
    case 'hood-placed': {
      const { placement, distanceM } = payload as StationPayload<'hood-placed'>
      return says.hoodSet(q.reach(distanceM), words.placements[placement])
    }
    case 'extraction-checked': {
      const fault = extractionFault(payload as StationPayload<'extraction-checked'>)
      return fault ? says.extractionFailedItsCheck(words.extractionFaults[fault]) : says.extractionDrawsAsItShould
    }
    case 'hall-described': {
      const { air } = payload as Payload<HallEvent, 'hall-described'>
      return air.isOpenAir ? says.describedAsOpenAir : says.hallDescribedOfAir(q.volume(air.volumeM3), q.airFlow(air.supplyM3PerS))
    }
    case 'ducts-laid': {
      const { ducts } = payload as Payload<HallEvent, 'ducts-laid'>
      return ducts ? says.ductsLaid(ducts.hoods.length) : says.ductsTakenOut
    }
    case 'hall-laid-out': {
      const { plan } = payload as Payload<HallEvent, 'hall-laid-out'>
      return plan ? says.hallDrawn(q.height(plan.outline.lengthM), q.height(plan.outline.widthM)) : says.hallDrawingTakenOut
    }
    case 'bay-fitted': {
      const {
        bayId,
        fitted: { extraction },
      } = payload as Payload<HallEvent, 'bay-fitted'>
      return `${bayId}: ${extraction ? `${words.extractionKinds[extraction.kind]}, ${q.airFlow(extraction.flowM3PerS)}` : says.noExtraction}`
    }
    case 'sheet-entered': {
      const { sheet } = payload as Payload<FumeEvent, 'sheet-entered'>
      return says.dataSheetEntered(words.consumables[sheet.consumable], sheet.title)
    }
    case 'sheet-dropped':
      return says.dataSheetDropped(words.consumables[(payload as Payload<FumeEvent, 'sheet-dropped'>).consumable])
    case 'survey-recorded': {
      const { substance, results, takenOn } = payload as Payload<SamplesEvent, 'survey-recorded'>
      return says.samplesRecordedOf(results.length, words.substances[substance], dayIn(language.value)(takenOn))
    }
    case 'monitor-placed': {
      const { name, quantity, bayIds } = payload as Payload<MonitorEvent, 'monitor-placed'>
      const at = where.placeOf({ to: 'bay', id: bayIds[0]!, alsoIds: bayIds.slice(1) })
      return says.monitorPlaced(name, words.monitorQuantities[quantity], at)
    }
    case 'monitor-removed':
      return says.monitorRemoved((payload as Payload<MonitorEvent, 'monitor-removed'>).reason)
    case 'monitor-silent':
      return says.monitorSilent(timeIn(language.value)((payload as Payload<MonitorEvent, 'monitor-silent'>).since))
    case 'air-heard': {
      const { heard, over, readings } = payload as Payload<MonitorEvent, 'air-heard'>
      const isOver = over !== null && over.until === heard.at
      return isOver ? says.airHeardOver(readings, words.monitorBounds[over.bound]) : says.airHeard(readings)
    }
    case 'survey-withdrawn':
      return says.samplesWithdrawn((payload as Payload<SamplesEvent, 'survey-withdrawn'>).reason)
    case 'shaven-checked':
      return (payload as { isShaven: boolean }).isShaven ? says.seenCleanShaven : says.seenWithStubbleOrBeard
    case 'health-noted':
      return (payload as { health: object | null }).health ? says.healthRecordWrittenWhatIt : says.healthRecordErased
    case 'care-noted':
      return (payload as { care: object | null }).care ? says.careWritten : says.careErased
    case 'process-signed-off': {
      const { process, isSignedOff } = payload as { process: ProcessId, isSignedOff: boolean }
      return isSignedOff ? says.signedOffFor(words.processes[process]) : says.notSignedOffFor(words.processes[process])
    }
    case 'training-noted': {
      const { process, trainedOn, taughtBy } = payload as PersonPayload<'training-noted'>
      return says.trainingNoted(words.processes[process], dayIn(language.value)(trainedOn), taughtBy)
    }
    case 'shade-settled': {
      const { process, shade } = payload as { process: ProcessId, shade: number }
      return says.settledOn(q.shade(shade), words.processes[process])
    }
    case 'air-of-day-kept': {
      const { day, fraction } = payload as PersonPayload<'air-of-day-kept'>
      const share = fraction === null ? says.airCannotBeSaid : says.airUpTo(q.part(fraction))
      return says.airOfDayKept(dayIn(language.value)(day), share)
    }
    case 'outfit-told': {
      const { worn } = payload as PersonPayload<'outfit-told'>
      return says.outfitTold(worn.length)
    }
    case 'clothes-lent': {
      const { wearable, size } = payload as PersonPayload<'clothes-lent'>
      return says.clothesLent(garmentWords.wearables[wearable], size)
    }
    case 'clothes-given-back':
      return (payload as PersonPayload<'clothes-given-back'>).isLost ? says.clothesLost : says.clothesGivenBack
    case 'clothes-counted': {
      const { wearable, size, count } = payload as WardrobeEvent['payload']
      return says.clothesCounted(garmentWords.wearables[wearable], size, count)
    }
    case 'day-plan-kept': {
      const { name, bays } = payload as DayPlansCommands['day-plan.keep']
      return says.dayPlanKept(name, bays.length)
    }
    case 'day-plan-dropped':
      return says.dayPlanDropped
    case 'stopped':
      return says.stopped((payload as StationPayload<'stopped'>).reason ? `: ${(payload as StationPayload<'stopped'>).reason}` : '')
    case 'stop-reason-given':
      return says.reasonForTheStop((payload as StationPayload<'stop-reason-given'>).reason)
    case 'reopened':
      return says.reOpened
    case 'place-changed':
      return says.placeChanged
    case 'checks-lapsed':
      return says.todaysChecksAreOver
    case 'gate-changed': {
      const { gate, state, findings } = payload as StationPayload<'gate-changed'>
      const [first] = findings
      return `${words.gates[gate]}: ${words.gateStates[state]}${first ? `. ${speak(first, units).message}` : ''}`
    }
    case 'competences-named': {
      const { competences } = payload as { competences: readonly CompetenceId[] }
      return competences.length === 0
        ? says.namedCompetentForNothingAny
        : says.namedCompetentFor(competences.map(kind => kitWords.competences[kind]).join(', '))
    }
    case 'fire-checked': {
      const wrong = Object.values((payload as StationPayload<'fire-checked'>).answers).filter(answer => !answer).length
      return wrong > 0 ? says.lookedOverForFireNot(wrong) : says.lookedOverForFireAll
    }
    case 'laser-cell-checked': {
      const { answers, present } = payload as StationPayload<'laser-cell-checked'>
      return says.laserCellChecked(Object.values(answers).filter(answer => !answer).length, present.length)
    }
    case 'bay-handed-over': {
      const { answers, note } = payload as StationPayload<'bay-handed-over'>
      const open = Object.values(answers).filter(answer => !answer).length
      return says.handedOver(open > 0 ? says.notDone(open) : says.allInOrder, note ? `: ${note}` : '')
    }
    case 'place-described':
      return says.place((payload as Place).name)
    case 'store-laid-out':
      return says.wallsAndWhatBurnsDrawn
    case 'check-list-changed': {
      const { list } = payload as { list: CheckList }
      return says.checkListOfVersion(kitWords.equipmentKinds[list.kind], kitWords.lists(list.id), list.version)
    }
    case 'check-list-dropped':
      return says.checkListDropped(kitWords.lists((payload as { listId: string }).listId))
    case 'notice-given': {
      const { what, to } = payload as Notice
      return says.told(speak(what, units).message, to.length === 1 ? says.onePerson : says.people(to.length))
    }
    case 'notice-seen':
      return says.seen
    case 'day-sealed':
      return says.daySealed(dayIn(language.value)((payload as { day: string }).day))
    default:
      return saidOfKit(type, payload, q, where) ?? saidOfPermit(type, payload) ?? type
  }
}

/** A line that replaces what another said: from what to what; null where a line says all by itself. */
function replacedOf({ type, payload, was }: Pick<LogEntry, 'type' | 'payload' | 'was'>, units: UnitSystem, where: Where): string | null {
  const q = quantitiesIn(units)
  const changes = (...pairs: readonly (readonly [name: string, from: string, to: string])[]): string =>
    pairs.filter(([, from, to]) => from !== to).map(([name, from, to]) => says.fromTo(name, from || says.none, to || says.none)).join('; ')
  switch (type) {
    case 'house-rules-changed':
      return rulesChanged(was, payload).map(({ name, from, to }) => says.fromTo(name, from, to)).join('; ') || says.savedAsItWas
    case 'person-changed': {
      const [from, to] = [was as PersonProfile, payload as PersonProfile]
      const roles = ({ roles }: PersonProfile) => roles.map(role => words.roles[role]).join(', ')
      const place = ({ areaId, bayId }: PersonProfile) => bayId ? where.placeOf({ to: 'bay', id: bayId }) : areaId ?? ''
      return changes(
        [says.name, from.name, to.name],
        [says.roles, roles(from), roles(to)],
        [says.group, from.group ?? '', to.group ?? from.group ?? ''],
        [says.placeOfPerson, place(from), place(to)],
      ) || says.savedAsItWas
    }
    case 'competences-named': {
      const named = (said: unknown) =>
        (said as { competences: readonly CompetenceId[] }).competences.map(kind => kitWords.competences[kind]).join(', ')
      return says.fromTo(says.competences, named(was) || says.none, named(payload) || says.none)
    }
    case 'bay-changed': {
      const [from, to] = [was as Bay, payload as Bay]
      const use = ({ closed }: Bay) => closed ? says.closed : says.inUse
      const told = changes(
        [says.bayName, from.label, to.label],
        [says.kind, words.bayKinds[from.kind], words.bayKinds[to.kind]],
        [says.use, use(from), use(to)],
      )
      return told === '' ? null : says.bay(to.label, told)
    }
    case 'helmet-set': {
      const shade = (said: unknown) => q.shade((said as StationPayload<'helmet-set'>).shade)
      return shade(was) === shade(payload) ? null : says.fromTo(says.helmet, shade(was), shade(payload))
    }
    case 'hood-placed': {
      const placed = (said: unknown) => {
        const { placement, distanceM } = said as StationPayload<'hood-placed'>
        return `${q.reach(distanceM)} ${words.placements[placement]}`
      }
      return placed(was) === placed(payload) ? null : says.fromTo(says.hood, placed(was), placed(payload))
    }
    case 'gate-changed': {
      const [from, to] = [was as StationPayload<'gate-changed'>, payload as StationPayload<'gate-changed'>]
      const [first] = to.findings
      const told = says.fromTo(words.gates[to.gate], words.gateStates[from.state], words.gateStates[to.state])
      return from.state === to.state ? null : `${told}${first ? `. ${speak(first, units).message}` : ''}`
    }
    default:
      return null
  }
}

/** Who did it, as a line of the record says: a device is named by whom it acted for. */
export function whoDid({ actorKind, actorName }: Pick<LogEntry, 'actorKind' | 'actorName'>): string {
  if (actorKind === 'clock') return says.theClock
  if (actorKind === 'device') return actorName === null ? says.aDevice : says.deviceOf(actorName)
  return actorName ?? says.somebodyWhoHasLeft
}
