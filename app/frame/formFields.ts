import type { InjectionKey } from 'vue'

/** A field as its form knows it: where it stands in what is sent, and why it cannot be sent like this. */
export interface FieldOfForm {
  readonly path: () => string
  /** Null where the field has all it needs. */
  readonly lacks: () => string | null
}

/** The form around a field. */
export interface FormAround {
  enter: (field: FieldOfForm) => void
  leave: (field: FieldOfForm) => void
}

/** Fields find their form by this; one that stands in none says only what it says by itself. */
export const FORM: InjectionKey<FormAround> = Symbol('form')
