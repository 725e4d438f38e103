/**
 * So many places and no more, for what stays open: a stream of events holds a connection and a timer. One person's screens take
 * some of them, never all.
 */
export class Places {
  readonly #taken = new Map<string, number>()
  #all = 0
  constructor(
    private readonly atMost: number,
    private readonly ofOne: number,
  ) {}

  /** @returns how to leave the place, once; or who is full: everything, or this one's share */
  take(whose: string): (() => void) | 'all' | 'own' {
    if (this.#all >= this.atMost) return 'all'
    const own = this.#taken.get(whose) ?? 0
    if (own >= this.ofOne) return 'own'
    this.#all++
    this.#taken.set(whose, own + 1)
    let left = false
    return () => {
      if (left) return
      left = true
      this.#all--
      const now = this.#taken.get(whose)! - 1
      if (now === 0) this.#taken.delete(whose)
      else this.#taken.set(whose, now)
    }
  }

  get open(): number {
    return this.#all
  }
}
