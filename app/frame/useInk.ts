/** The colours of the look in force, for what is drawn on a canvas and cannot read style sheets. */
export function useInk() {
  const mode = useColorMode()
  return computed(() => {
    void mode.value
    const style = getComputedStyle(document.documentElement)
    const read = (name: string) => style.getPropertyValue(`--${name}`).trim()
    return {
      ink: read('ink'),
      soft: read('soft'),
      rule: read('rule'),
      panel: read('panel'),
      chalk: read('chalk'),
      open: read('open'),
      hold: read('hold'),
      good: `${read('open')}29`,
    }
  })
}
