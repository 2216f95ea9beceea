/** The tabs of the frame, in their order. */
export const TABS = [
  { id: 'watch', href: '/' },
  { id: 'kits', href: '/kits' },
  { id: 'cover', href: '/cover' },
  { id: 'bench', href: '/bench' },
  { id: 'restock', href: '/restock' },
  { id: 'bring', href: '/bring-in' },
  { id: 'print', href: '/print' },
  { id: 'household', href: '/household' },
] as const
export type TabId = (typeof TABS)[number]['id']
