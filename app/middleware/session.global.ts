/** Nobody sees a page before it is known who they are. */
export default defineNuxtRouteMiddleware(async (to) => {
  // What is printed on paper opens for anybody.
  if (to.meta.isPublic) return
  const session = useSession()
  if (session.reading === null) await session.load()
  const { reading } = session
  if (reading?.firstRun) return to.path === '/first-run' ? undefined : navigateTo('/first-run')
  if (reading?.person) return to.path === '/sign-in' || to.path === '/first-run' || to.meta.isOpen ? navigateTo('/') : undefined
  // Whoever was handed a code has no sign-in yet.
  if (to.path !== '/sign-in' && !to.meta.isOpen) return navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
})
