import { asLanded, report } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideNotice, evolveNotice } from './notice'
import type { Notice, NoticeCommand, NoticeEvent } from './notice'

/** What people were told, and who of them has seen it. A notice is given by what other commands bring with them. */
export const noticeKind: StreamKind<'notice', Notice | null, NoticeEvent, NoticeCommand> = {
  id: 'notice',
  initial: null,
  evolve: evolveNotice,
  upcast: asLanded,
  commands: { 'notice.see': report('see-floor') },
  decide: (notice, _command, { id, actor, now }) =>
    decideNotice(notice, id, { personId: actor.kind === 'person' ? actor.personId : null, at: now }),
}
