/** How charts are written and drawn here: their letters in the ink of the look that is chosen, nothing that moves by itself. */
export function useChartLook() {
  const ink = useInk()
  const font = { family: 'Recursive', size: 13, weight: 650 }
  /** Filling its frame, and still. */
  const still = { animation: false as const, maintainAspectRatio: false, responsive: true }
  const soft = computed(() => ({ color: ink.value.soft, font }))
  /** What an axis is called. */
  const title = (text: string) => ({ display: true, text, ...soft.value })
  /** A word on a line that is drawn across. */
  const label = (content: string, position: 'start' | 'end' = 'end') => ({
    display: true,
    content,
    position,
    color: ink.value.ink,
    backgroundColor: ink.value.panel,
    padding: 2,
    font,
  })
  return { ink, still, soft, title, label }
}
