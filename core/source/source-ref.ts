/** How we came by a figure. `published` figures are recalled: check your current edition. */
export type Basis = 'published' | 'practice' | 'derived' | 'house'

/** How sure the recollection is. A row of low confidence is never shipped as a rule. */
export type Confidence = 'high' | 'medium' | 'low'

/** Where a number or a rule comes from: the document, its clause and edition, and how far to trust it. */
export interface SourceRef {
  readonly document: string
  readonly clause?: string
  readonly edition?: string
  readonly basis: Basis
  readonly confidence: Confidence
}
