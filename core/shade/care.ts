import type { SizedId } from '../ids/wearable-ids'

/** The size of clothes that somebody wears, as it is written in them; where nothing stands, nobody knows it. */
export type Sizes = Readonly<Partial<Record<SizedId, string>>>

/** What is known of somebody's eyes and body. Kept apart from the record, and erasable: the floor learns only what follows from it. */
export interface CareRecord {
  /** Bright light is more to them than to others. */
  readonly isLightSensitive: boolean
  /** Headaches or gritty eyes after work. */
  readonly hasSoreEyes: boolean
  readonly wearsPrescription: boolean
  /** What they told of how they feel at work, in their words. */
  readonly symptoms: string
  /** What there is to say of how things fit, in their words. */
  readonly sizes: string
  /** What hangs in the shop is matched with. */
  readonly sizeOf?: Sizes
}

/** Either is answered by one shade darker. Common practice, no source. */
export const needsOneDarker = ({ isLightSensitive, hasSoreEyes }: Pick<CareRecord, 'isLightSensitive' | 'hasSoreEyes'>): boolean =>
  isLightSensitive || hasSoreEyes
