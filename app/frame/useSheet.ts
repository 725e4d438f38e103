/**
 * A sheet that hangs from a key of the header: opened and closed by the key, closed by Escape, by a touch elsewhere, and by going to
 * another page. It lies over the page and never pushes it.
 *
 * @param root what the key and its sheet stand in
 */
export function useSheet(root: Readonly<Ref<HTMLElement | null>>) {
  const isOpen = ref(false)
  const close = () => {
    isOpen.value = false
  }
  const toggle = () => {
    isOpen.value = !isOpen.value
  }
  const touched = (event: Event) => {
    if (!root.value?.contains(event.target as Node)) close()
  }
  onMounted(() => document.addEventListener('pointerdown', touched))
  onUnmounted(() => document.removeEventListener('pointerdown', touched))
  const route = useRoute()
  watch(() => route.fullPath, close)
  return { isOpen, toggle, close }
}
