// What a screen is told of the site's record, and what that means for something it read before. A command's answer names what that
// command changed, and its position: what others did just before is not in it, and is told by the stream alone.

/** One change in the record of the site. */
export interface ToldChange {
  readonly position: number
  readonly streamId: string
}

/** What was told at once. */
export interface News {
  /** The newest position that it tells of. */
  readonly upTo: number
  /** What changed; null where nobody knows which. */
  readonly changes: readonly ToldChange[] | null
  /** Whether it names everything between what the stream told before and its position. */
  readonly isWhole: boolean
}

/** Does a reading rest on a stream? */
export type RestsOn = (streamId: string) => boolean

/**
 * Whether something read has to be read anew.
 *
 * @param asOf everything that it rests on is in it up to this position
 */
export const isOwed = (asOf: number, { upTo, changes }: News, restsOn: RestsOn): boolean =>
  changes === null ? upTo > asOf : changes.some(({ position, streamId }) => position > asOf && restsOn(streamId))

/** How far something read that is not owed anew is known to hold: further only by news that leaves nothing out. */
export const holdsUpTo = (asOf: number, { upTo, isWhole }: News): number => (isWhole ? Math.max(asOf, upTo) : asOf)

/** How far the stream of changes told, and where the record stood at the last beat. */
export interface Heard {
  readonly told: number
  readonly beat: number
}

/**
 * A beat is a net under the stream: what the record already held at the beat before, and the stream has not told since, is lost, and
 * nobody knows what it was. A beat that is merely ahead of the stream says nothing yet.
 */
export const missedAt = ({ told, beat }: Heard): number | null => (beat > told ? beat : null)
