/** What somebody of a household must be allowed to, to open a page. */
import type { Right } from './role'

/** The first that fits; a page that none fits needs to be allowed to look at everything. */
const PAGES: readonly (readonly [RegExp, Right])[] = [
  [/^\/kits(?:\/[^/]+)?\/?$/, 'find'],
  [/^\/rounds\/?$/, 'find'],
  [/^\/o\/[^/]+\/?$/, 'find'],
  [/^\/(?:guide|help|account|households|not-yours)(?:\/|$)/, 'find'],
  [/^\/(?:begin|bring-in)\/?$/, 'arrange'],
  [/^\/settings\/?$/, 'settings'],
]

export const rightOfPage = (pathname: string): Right =>
  PAGES.find(([pages]) => pages.test(pathname))?.[1] ?? 'look'
