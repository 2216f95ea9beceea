/** The tabs of the frame, in their order, and what stands under "More". */

import { rightOfPage } from '../core/people/pageRights'
import { may, type Role } from '../core/people/role'

export const TABS = [
  { id: 'watch', href: '/', isForThumb: true },
  { id: 'kits', href: '/kits', isForThumb: true },
  { id: 'cover', href: '/cover', isForThumb: false },
  { id: 'bench', href: '/bench', isForThumb: true },
  { id: 'restock', href: '/restock', isForThumb: false },
  { id: 'household', href: '/household', isForThumb: false },
] as const

/** Not of every day, and two presses from everywhere. */
export const MORE = [
  { id: 'begin', href: '/begin' },
  { id: 'evacuation', href: '/evacuation' },
  { id: 'bring', href: '/bring-in' },
  { id: 'print', href: '/print' },
  { id: 'record', href: '/record' },
  { id: 'incidents', href: '/incident' },
  { id: 'roadside', href: '/roadside' },
  // A file: it comes with the press, and no page is opened.
  { id: 'export', href: '/api/everything.zip' },
  { id: 'settings', href: '/settings' },
  { id: 'households', href: '/households' },
  { id: 'account', href: '/account' },
  { id: 'help', href: '/help' },
] as const

export type TabId = (typeof TABS)[number]['id'] | 'bring' | 'print' | 'begin' | 'settings' | 'help'

/** Where a place narrows what is seen: this tab, else Today. */
export const hrefOf = (tab: TabId): string =>
  TABS.find(({ id }) => id === tab && id !== 'household')?.href ?? '/'

/** Whether a role opens what is behind an address, a page or the file of everything. */
export const mayOpen = (role: Role, href: string): boolean =>
  may(role, href.endsWith('.zip') ? 'settings' : rightOfPage(href))
