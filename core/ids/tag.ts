/** A tag as it is typed, in the one form it is kept by: letters, digits and hyphens. Capitals make no other tag. */
export const tagIdOf = (tag: string): string => tag.trim().toLowerCase()

/** A tag as it is read aloud and shown. */
export const shownTag = (tagId: string): string => tagId.toUpperCase()

/** What a tag may be, once brought into its one form. */
export const TAG_PATTERN = /^[a-z0-9][a-z0-9-]{0,23}$/

/** Whether a text is a tag as it is shown. */
export const isShownTag = (text: string): boolean => TAG_PATTERN.test(tagIdOf(text)) && text === shownTag(tagIdOf(text))
