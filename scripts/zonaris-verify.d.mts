/** What TypeScript uses of scripts/zonaris-verify.mjs, which runs with nothing but Node. */

/** A seal as it was signed and kept outside the database. */
export interface Anchor {
  readonly siteId: string
  readonly day: string
  /** Which event of the seal's stream. */
  readonly sealVersion: number
  /** The last position sealed. */
  readonly position: number
  readonly headsSha256: string
  /** The hash of the seal's own event: it speaks for every seal before it too. */
  readonly sealHash: string
  /** Ed25519 over `anchorText`, base64url. */
  readonly signature: string
}

/** One row of an export. */
export type ExportRow
  = | { readonly kind: 'export', readonly v: 1, readonly at: string }
    | { readonly kind: 'site', readonly siteId: string, readonly position: number }
    | { readonly kind: 'stream', readonly siteId: string, readonly streamId: string, readonly version: number, readonly headHash: string }
    | {
      readonly kind: 'event'
      readonly siteId: string
      readonly streamId: string
      readonly version: number
      readonly position: number
      readonly type: string
      readonly body: string
      readonly prevHash: string
      readonly hash: string
      readonly recordedAt: string
      readonly actorKind: string
      readonly actorPersonId: string | null
      readonly commandId: string
      readonly jsonStands: boolean
    }

/** Something that does not stand. */
export interface Wound {
  readonly siteId: string
  readonly what: string
  readonly where: string
  readonly says: string
}
export interface Checked {
  readonly wounds: Wound[]
  readonly events: number
  readonly sites: number
  readonly seals: number
  readonly anchors: number
}

export function anchorText(anchor: Omit<Anchor, 'signature'>): string
export function anchorLine(anchor: Anchor): string
export function readAnchorLine(line: string): Anchor | null
export function isSigned(anchor: Anchor, publicKeyPem: string): boolean
export function headsDigest(heads: Iterable<readonly [string, { readonly version: number, readonly hash: string }]>): string
export function checkRecord(
  open: () => AsyncIterable<ExportRow> | Iterable<ExportRow>,
  given?: { readonly anchors?: readonly Anchor[], readonly publicKeyPem?: string | null },
): Promise<Checked>
export function readRows(file: string): AsyncIterable<ExportRow>
