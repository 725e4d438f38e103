import { extractionFault } from '#core/air/bay-air'
import type { Finding } from '#core/findings/finding'
import type { FumeEvent } from '#core/streams/fume-sheets/fume-sheets'
import type { HallEvent } from '#core/streams/hall/hall'
import type { SamplesEvent } from '#core/streams/samples/samples'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { PersonProfile } from '#core/streams/person/person'
import type { SiteEvent } from '#core/streams/site/site'
import type { StationEvent } from '#core/streams/station/station'
import type { UnitSystem } from '#core/units'
import { kitWords } from '#shared/words/en/kit-words'
import type { CheckList } from '#core/inspection/check-list'
import type { Notice } from '#core/streams/notice/notice'
import type { Place } from '#core/streams/place/place'
import type { CompetenceId } from '#core/ids/vocabulary'
import { quantitiesIn } from '#shared/words/quantities'
import { speak } from '#shared/words/speak'
import type { LogEntry } from '#shared/contract/readings'
import type { Where } from '~/frame/useWhere'

type Payload<Event extends { readonly type: string, readonly payload: unknown }, Type extends Event['type']> = Extract<
  Event,
  { readonly type: Type }
>['payload']
type StationPayload<Type extends StationEvent['type']> = Payload<StationEvent, Type>

/** One line of the record in plain words. A type this page does not know is shown by its own name. */
export function saidOf({ type, payload }: Pick<LogEntry, 'type' | 'payload'>, units: UnitSystem, where: Where): string {
  const q = quantitiesIn(units)
  switch (type) {
    case 'site-opened':
      return `Site opened: ${(payload as Payload<SiteEvent, 'site-opened'>).name}`
    case 'hall-added':
      return `Hall added: ${(payload as Payload<SiteEvent, 'hall-added'>).name}`
    case 'area-added':
      return `Area added: ${(payload as Payload<SiteEvent, 'area-added'>).name}`
    case 'bay-added':
      return `Bay ${(payload as Payload<SiteEvent, 'bay-added'>).label} added`
    case 'bay-changed': {
      const { label, closed } = payload as Payload<SiteEvent, 'bay-changed'>
      return `Bay ${label} ${closed ? 'closed' : 'changed'}`
    }
    case 'device-key-made':
      return `Device key made: ${(payload as Payload<SiteEvent, 'device-key-made'>).name}`
    case 'device-key-revoked':
      return 'Device key revoked'
    case 'person-added':
      return `Added: ${(payload as PersonProfile).roles.map(role => words.roles[role]).join(', ')}`
    case 'person-changed':
      return `Changed: ${(payload as PersonProfile).roles.map(role => words.roles[role]).join(', ')}`
    case 'person-left':
      return 'Left the site'
    case 'sign-in-code-given':
      return (payload as { isReset: boolean }).isReset ? 'One-time code given out: sign-in reset' : 'One-time code given out'
    case 'sign-in-code-used':
      return (payload as { signsFrom: string | null }).signsFrom === null
        ? 'Own password set with the code'
        : 'Own password set with the code; signs after a day'
    case 'secret-set':
      return (payload as { kind: string }).kind === 'pin' ? 'PIN set' : 'Sign-in set'
    case 'house-rules-changed': {
      const { jurisdiction, shadeBasis, shadeMinimum } = payload as HouseRules
      return `${words.jurisdictions[jurisdiction]}, basis ${words.ruleSets[shadeBasis]}, house minimum ${shadeMinimum ?? 'none'}`
    }
    case 'person-placed':
      return (payload as StationPayload<'person-placed'>).personId === null ? 'Nobody stands here' : 'Somebody else stands here'
    case 'job-set':
      return `Job: ${jobLine((payload as StationPayload<'job-set'>).job, q)}`
    case 'job-cleared':
      return 'No job'
    case 'helmet-set':
      return `Helmet set to ${q.shade((payload as StationPayload<'helmet-set'>).shade)}`
    case 'helmet-checked': {
      const { passed, fault } = payload as StationPayload<'helmet-checked'>
      return passed ? 'Helmet passed its check' : `Helmet failed its check${fault ? `: ${words.helmetFaults[fault]}` : ''}`
    }
    case 'glasses-checked':
      return `Glasses: ${words.glasses[(payload as StationPayload<'glasses-checked'>).kind]}`
    case 'outfit-checked': {
      const checks = Object.entries((payload as StationPayload<'outfit-checked'>).zones)
      const failed = checks.filter(([, check]) => check && !check.passes).map(([zone]) => words.zones[zone as keyof typeof words.zones])
      return `Outfit: ${checks.length - failed.length} passed${failed.length > 0 ? `, failed: ${failed.join(', ')}` : ''}`
    }
    case 'hood-placed': {
      const { placement, distanceM } = payload as StationPayload<'hood-placed'>
      return `Hood set ${q.reach(distanceM)} ${words.placements[placement]}`
    }
    case 'extraction-checked': {
      const fault = extractionFault(payload as StationPayload<'extraction-checked'>)
      return fault ? `Extraction failed its check: ${words.extractionFaults[fault]}` : 'Extraction draws as it should'
    }
    case 'hall-described': {
      const { air } = payload as Payload<HallEvent, 'hall-described'>
      return air.isOpenAir ? 'Described as open air' : `Hall described: ${q.volume(air.volumeM3)}, ${q.airFlow(air.supplyM3PerS)} of air`
    }
    case 'bay-fitted': {
      const {
        bayId,
        fitted: { extraction },
      } = payload as Payload<HallEvent, 'bay-fitted'>
      return `${bayId}: ${extraction ? `${words.extractionKinds[extraction.kind]}, ${q.airFlow(extraction.flowM3PerS)}` : 'no extraction'}`
    }
    case 'sheet-entered': {
      const { sheet } = payload as Payload<FumeEvent, 'sheet-entered'>
      return `Data sheet entered: ${words.consumables[sheet.consumable]}, ${sheet.title}`
    }
    case 'sheet-dropped':
      return `Data sheet dropped: ${words.consumables[(payload as Payload<FumeEvent, 'sheet-dropped'>).consumable]}`
    case 'survey-recorded': {
      const { substance, results, takenOn } = payload as Payload<SamplesEvent, 'survey-recorded'>
      return `Samples recorded: ${results.length} of ${words.substances[substance]}, ${takenOn}`
    }
    case 'survey-withdrawn':
      return `Samples withdrawn: ${(payload as Payload<SamplesEvent, 'survey-withdrawn'>).reason}`
    case 'shaven-checked':
      return (payload as { isShaven: boolean }).isShaven ? 'Seen clean-shaven' : 'Seen with stubble or beard'
    case 'health-noted':
      return (payload as { health: object | null }).health ? 'Health record written; what it says is kept apart' : 'Health record erased'
    case 'stopped':
      return `Stopped${(payload as StationPayload<'stopped'>).reason ? `: ${(payload as StationPayload<'stopped'>).reason}` : ''}`
    case 'stop-reason-given':
      return `Reason for the stop: ${(payload as StationPayload<'stop-reason-given'>).reason}`
    case 'reopened':
      return 'Re-opened'
    case 'checks-lapsed':
      return 'Today\'s checks are over'
    case 'gate-changed': {
      const { gate, state, findings } = payload as StationPayload<'gate-changed'>
      const first: Finding | undefined = findings[0]
      return `${words.gates[gate]}: ${words.gateStates[state]}${first ? `. ${speak(first, units).message}` : ''}`
    }
    case 'competences-named': {
      const { competences } = payload as { competences: readonly CompetenceId[] }
      return competences.length === 0
        ? 'Named competent for nothing any more'
        : `Named competent for: ${competences.map(kind => kitWords.competences[kind]).join(', ')}`
    }
    case 'fire-checked': {
      const wrong = Object.values((payload as StationPayload<'fire-checked'>).answers).filter(answer => !answer).length
      return wrong > 0 ? `Looked over for fire: ${wrong} not in order` : 'Looked over for fire: all in order'
    }
    case 'bay-handed-over': {
      const { answers, note } = payload as StationPayload<'bay-handed-over'>
      const open = Object.values(answers).filter(answer => !answer).length
      return `Handed over${open > 0 ? `, ${open} not done` : ', all in order'}${note ? `: ${note}` : ''}`
    }
    case 'place-described':
      return `Place: ${(payload as Place).name}`
    case 'store-laid-out':
      return 'Walls and what burns drawn anew'
    case 'check-list-changed': {
      const { list } = payload as { list: CheckList }
      return `Check list of ${kitWords.equipmentKinds[list.kind]}: ${kitWords.lists(list.id)}, version ${list.version}`
    }
    case 'check-list-dropped':
      return `Check list dropped: ${kitWords.lists((payload as { listId: string }).listId)}`
    case 'notice-given': {
      const { what, to } = payload as Notice
      return `${speak(what, units).message} Told ${to.length === 1 ? 'one person' : `${to.length} people`}.`
    }
    case 'notice-seen':
      return 'Seen'
    case 'day-sealed':
      return `Day ${(payload as { day: string }).day} sealed`
    default:
      return saidOfKit(type, payload, q, where) ?? saidOfPermit(type, payload) ?? type
  }
}

/** Who did it, as a line of the record says: a device is named by whom it acted for. */
export function whoDid({ actorKind, actorName }: Pick<LogEntry, 'actorKind' | 'actorName'>): string {
  if (actorKind === 'clock') return 'the clock'
  if (actorKind === 'device') return actorName === null ? 'a device' : `device of ${actorName}`
  return actorName ?? 'somebody who has left'
}
