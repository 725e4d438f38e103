export interface Versioned<Value> {
  readonly version: number
  readonly value: Value
}
