import { searchIn } from './log-search'
import type { LogSearch } from './log-search'

/** The search in the address bar: it can be kept, sent and gone back to. */
export function useLogSearch() {
  const route = useRoute()
  const router = useRouter()
  const search = computed(() => searchIn(route.query))
  const isNarrowed = computed(() => Object.values(search.value).some(part => part !== ''))
  const narrow = (part: Partial<LogSearch>) => {
    const next = Object.entries({ ...search.value, ...part }).filter(([, value]) => value !== '')
    void router.push({ path: '/log', query: Object.fromEntries(next) })
  }
  const part = <Key extends keyof LogSearch>(key: Key) =>
    computed({
      get: () => search.value[key],
      set: (value: LogSearch[Key]) => {
        // A year of which only the last figures are typed so far is asked for by nobody, and no address for the way back.
        if (!value.startsWith('0')) narrow({ [key]: value })
      },
    })
  const clear = () => void router.push('/log')
  return { search, isNarrowed, part, narrow, clear }
}
