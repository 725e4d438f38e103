/** One file with the database, the anchors outside it, and how the program was set up. */
export function backup(of: {
  readonly url: string
  readonly bin: string
  readonly anchors: string
  readonly file: string
  readonly now?: Date
}): Promise<void>
/** Where PostgreSQL's programs are. */
export function programsOf(cluster: { readonly bin: string } | null): string
/** Into an empty database and an empty folder of anchors, or not at all. */
export function restore(to: { readonly url: string, readonly bin: string, readonly anchors: string, readonly file: string }): Promise<{
  readonly madeAt: string
  readonly settings: Readonly<Record<string, string>>
}>
