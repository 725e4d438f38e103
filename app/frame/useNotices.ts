import { noticeStream } from '#core/ids/streams'

/** What somebody has to see: what nobody watches, clocks that stand still, what they were told, and what of this device did not go out. */
export function useNotices() {
  const facts = useFacts()
  const outbox = useOutbox()
  const session = useSession()
  const ordinary = computed(() => outbox.waiting.length - outbox.urgent.length)
  const others = computed(
    () => outbox.waiting.filter(one => one.authorId !== session.person?.personId && !outbox.urgent.includes(one)).length,
  )
  const mine = computed(() => ordinary.value - others.value)
  /** Said to everybody on every screen, whoever was named; the notice to those named comes besides. */
  const uncovered = computed(() => facts.reading?.uncovered ?? [])
  const trouble = computed(() => facts.reading?.trouble ?? [])
  /** What this person was told and has not seen: the newest few; the rest comes up as these go. */
  const unseen = computed(
    () =>
      facts.reading?.unseen.filter(
        ({ noticeId, what, about }) =>
          !outbox.waiting.some(({ type, streams }) => type === 'notice.see' && streams[0]?.id === noticeStream(noticeId))
          && !(what.code === 'permit.cover-missing' && uncovered.value.some(({ permitId }) => about === `permit/${permitId}`)),
      ) ?? [],
  )
  return { others, mine, uncovered, trouble, unseen }
}
