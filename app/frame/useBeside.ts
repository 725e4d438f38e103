import type { OpenedKind, OpenedRows } from '~/stores/opened'

/**
 * A list beside something that is opened: what is opened reads itself, and the list shows what that read, so that one change costs one
 * question. Whatever the list passed over it reads when another is opened.
 *
 * @param kind of what is opened
 * @param openedId its id; null when nothing is opened
 * @param isWhole whether the list can be told what becomes of one row
 */
export function useBeside<Kind extends OpenedKind>(kind: Kind, openedId: () => string | null, isWhole: () => boolean) {
  const opened = useOpened()
  let isOwed = false
  /** Asked of each stream that changed: is it what is opened, and can the list leave it to that? */
  function passesOver(streamId: string): boolean {
    const id = openedId()
    const passes = id !== null && streamId === `${kind}/${id}` && opened.of(kind)[id] !== undefined && isWhole()
    if (passes) isOwed = true
    return passes
  }
  /** Reads the list anew once what it passed over is closed, or cannot be read. */
  function onClosing(read: () => void) {
    const keptId = () => {
      const id = openedId()
      return id !== null && opened.of(kind)[id] !== undefined ? id : null
    }
    watch(keptId, () => {
      if (!isOwed) return
      isOwed = false
      read()
    })
  }
  return { since: computed(() => opened.of(kind)), passesOver, onClosing }
}

/** Keeps what an opened page reads for the list beside it; what it could not read, the list asks for itself. */
export function useOpenedRow<Kind extends OpenedKind>(
  kind: Kind,
  id: () => string | null,
  read: { readonly reading: Ref<OpenedRows[Kind] | null>, readonly asOf: Ref<number>, readonly problem: Ref<string | null> },
) {
  const opened = useOpened()
  watch([read.reading, read.problem], ([row, problem]) => {
    const openedId = id()
    if (openedId === null) return
    if (problem !== null) opened.drop(kind, openedId)
    else if (row) opened.keep(kind, openedId, row, read.asOf.value)
  })
}
