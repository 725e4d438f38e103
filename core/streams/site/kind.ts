import { everyBay, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import type { Scene } from '../scene'
import { decideSite, evolveSite, NO_SITE, upcastSite } from './site'
import type { Site, SiteCommand, SiteEvent } from './site'
import { baysClosedBy, baysTurnedBy, refuseOver } from './still-there'

const baysAskedAbout = (site: Site, command: SiteCommand): readonly string[] =>
  [...new Set([...baysClosedBy(site, command), ...baysTurnedBy(site, command)])]
const asksWhoIsThere = (_site: Site, command: SiteCommand, { site }: Scene) => ({ stillAt: baysAskedAbout(site, command) })

/** The site itself: halls, areas, bays and the keys that read its clearance. */
export const siteKind: StreamKind<'site', Site, SiteEvent, SiteCommand> = {
  id: 'site',
  initial: NO_SITE,
  evolve: evolveSite,
  newestVersions: { 'device-key-made': 2 },
  upcast: ({ type, typeVersion, payload }) => upcastSite(type, typeVersion, payload),
  commands: {
    'site.open': request('set-up-site', { touches: everyBay }),
    'site.add-hall': request('set-up-site', { touches: everyBay }),
    'site.add-area': request('set-up-site', { touches: everyBay }),
    'site.add-bay': request('set-up-site', { touches: everyBay }),
    'site.set-out': request('set-up-site', { touches: everyBay }),
    'site.change-hall': request('set-up-site', { touches: everyBay, asks: asksWhoIsThere }),
    'site.change-area': request('set-up-site', { touches: everyBay, asks: asksWhoIsThere }),
    'site.change-bay': request('set-up-site', { touches: everyBay, asks: asksWhoIsThere }),
    'site.make-key': request('set-up-site'),
    'site.revoke-key': request('set-up-site'),
  },
  decide(site, command, { answer }) {
    const closing = baysClosedBy(site, command)
    const stillThere = baysAskedAbout(site, command).length > 0 ? answer('stillAt') : []
    // A bay of another kind keeps its people and its cylinders.
    const refused = refuseOver(site, stillThere.filter(({ bayId, what }) => what === 'permit' || closing.includes(bayId)))
    return refused.length > 0 ? { refused } : decideSite(site, command)
  },
  decidesAlone: true,
}
