import { asLanded, everyBay, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideCheckLists, evolveCheckLists, NO_OWN_LISTS } from './check-lists'
import type { CheckListsCommand, CheckListsEvent, CheckListsState } from './check-lists'

/** The check lists of a site. Every bay is judged by them. */
export const checkListsKind: StreamKind<'check-lists', CheckListsState, CheckListsEvent, CheckListsCommand> = {
  id: 'check-lists',
  initial: NO_OWN_LISTS,
  evolve: evolveCheckLists,
  upcast: asLanded,
  commands: {
    'check-lists.change': request('keep-store', { touches: everyBay }),
    'check-lists.drop': request('keep-store', { touches: everyBay }),
  },
  decide: decideCheckLists,
}
