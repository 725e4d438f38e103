import type { CylinderFindings } from '#core/findings/cylinder-findings'
import type { CommandFindings } from '#core/findings/command-findings'
import type { ElectricalFindings } from '#core/findings/electrical-findings'
import type { InspectionFindings } from '#core/findings/kit-findings'
import type { Sentences } from './sentences'
import type { HotWorkFindings, PermitFindings, SparkFindings } from '#core/findings/hotwork-findings'
import type { StudyFindings } from '#core/findings/study-findings'
import type { VentilationFindings } from '#core/findings/ventilation-findings'
import type { ProtectionFindings } from '#core/findings/protection-findings'

/** What only Gas and the answers for other programs say: fetched with them, not with the board. */
export type CylinderCode = Exclude<keyof CylinderFindings, KitCode>

/** What only Kit and the answers for other programs say: fetched with them, not with the board. */
export type KitItemCode = Exclude<keyof ElectricalFindings | keyof InspectionFindings, KitCode>

/** What only the answers for other programs say of lasers, arcs that others see, noise and heat: the board does not carry it. */
export type ProtectionCode = keyof ProtectionFindings

/** What the door says of what it refuses or remarks on; what it also tells people as a notice goes with the board. */
export type RefusalCode = Exclude<keyof CommandFindings, 'person.sign-in-reset'>

/** What only the answers for other programs say of a shade, a coating or an exposure that is asked about. */
type AskedCode = Extract<
  keyof Sentences,
  | `shade.${'worn-lighter' | 'worn-below-start' | 'tint-not-counted'}`
  | `fume.${'heat-assumed' | 'arc-cannot-boil-more' | 'boils-beside'}`
  | `exposure.${'strictest-assumed' | 'near-field-assumed' | 'advises-only'}`
>

/** What only the answers for other programs say of ducts, of a room's oxygen, of the model against samples, and of what is asked. */
export type StudyCode = keyof StudyFindings | Extract<keyof VentilationFindings, `oxygen.${string}`> | AskedCode

/** What Gas, Kit and the board all say: it goes with the board. */
export type KitCode
  = | 'kit.tag-unknown'
    | 'kit.tagged-out'
    | 'kit.retired'
    | 'kit.look-due'
    | 'kit.never-done'
    | 'kit.late'
    | 'kit.in-grace'
    | 'kit.due-after-event'
    | 'kit.mark-unknown'
    | 'kit.mark-due'
    | 'kit.no-list'
    | 'extinguisher.rating-unknown'
    | 'extinguisher.distance-unknown'
    | 'extinguisher.too-far'
    | 'extinguisher.too-small'
    | 'extinguisher.not-for-voltage'
    | 'extinguisher.not-for-metal'
    | 'extinguisher.metal-unknown'
    | 'storage.left-at-bay'
    | 'cylinder.settling'
    | 'cylinder.empty'
    | 'cylinder.danger'
    | 'cylinder.not-secured'
    | 'cylinder.test-date-unknown'
    | 'cylinder.not-to-be-used'
    | 'cylinder.fill-date-unknown'
    | 'cylinder.past-due-here'
    | 'acetylene.draw-too-fast'
    | 'acetylene.pressure-too-high'
    | 'electrical.duty'
    | 'electrical.over-rating'
    | 'electrical.duty-short'
    | 'electrical.cable-too-small'
    | 'electrical.cable-off-table'
    | 'electrical.drop-high'

export type GateCode = Extract<
  keyof Sentences,
  `gas.${string}` | `machine.${string}` | 'gate.job-first' | 'gate.facts-stale' | 'gate.item-missing'
>

/** What the Fire gate and the notices of hot work say: it goes with the board. */
export type FireCode
  = | 'permit.not-in-phase'
    | 'permit.suspended'
    | 'permit.stopped'
    | 'permit.lapsed'
    | 'permit.round-overdue'
    | 'permit.unheard'
    | 'permit.no-watch-on-post'
    | 'permit.no-second-channel'
    | 'permit.gas-not-tested'
    | 'permit.gas-out'
    | 'permit.gas-retest-due'
    | 'permit.kit-out'
    | 'permit.no-extinguisher'
    | 'permit.none-here'
    | 'permit.live'
    | 'permit.day-check-due'
    | 'permit.day-check-fails'
    | 'permit.help-called'
    | 'permit.watch-over'
    | 'permit.visit-missed'
    | 'permit.arc-without-permit'
    | 'permit.detector-unknown'
    | 'permit.cover-missing'
    | 'permit.other-process'
    | 'permit.other-operator'
    | 'permit.nobody-placed'
    | 'permit.current-not-said'
    | 'permit.current-over'
    | 'permit.on-post'

/** What only Hot work and the answers for other programs say: fetched with them. */
export type HotWorkCode = Exclude<keyof SparkFindings | keyof HotWorkFindings | keyof PermitFindings, FireCode>
