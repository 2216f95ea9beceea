/** Single keys: one table for what they do on every page and for the help that lists them; when they count. */
import * as words from '../words'
import { TABS } from './tabs'

/** What a key of the frame does. */
export type FrameKey = 'find' | 'help' | 'incident' | 'torch' | 'undo'

const KEYS: Readonly<Record<FrameKey, string>> = {
  find: '/',
  help: '?',
  incident: 'i',
  torch: 't',
  undo: 'z',
}

/** What a key stands for: an act of the frame, or the address of a tab; null when nothing. */
export function meaningOf(key: string): FrameKey | { readonly href: string } | null {
  const act = (Object.keys(KEYS) as FrameKey[]).find((one) => KEYS[one] === key)
  if (act) return act
  const tab = /^[1-9]$/.test(key) ? TABS[Number(key) - 1] : undefined
  return tab ? { href: tab.href } : null
}

const KEPT = 'keys'

/** Whether single keys do anything on this device; who speaks to the computer turns them off. */
export const keysAct = (): boolean => localStorage.getItem(KEPT) !== 'off'

export const setKeysAct = (act: boolean): void =>
  act ? localStorage.removeItem(KEPT) : localStorage.setItem(KEPT, 'off')

/** Keys belong to the field while somebody types, to the dialog while one is open, and to the browser with Ctrl. */
export function isForUs(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey) return false
  if (document.querySelector('[role="dialog"]')) return false
  if (event.key.length === 1 && !keysAct()) return false
  return !isField(event.target)
}

/** Whether somebody types there. */
export function isField(target: EventTarget | null): boolean {
  const { isContentEditable = false, tagName = '' } = (target ?? {}) as Partial<HTMLElement>
  return isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(tagName)
}

/** Key and what it does, in words: those of every page first, then those of single screens. */
export const KEYS_TOLD: readonly (readonly [key: string, does: string])[] = [
  [KEYS.find, words.keys.find],
  [KEYS.help, words.keys.help],
  [`1 – ${TABS.length}`, TABS.map(({ id }) => words.tabs[id]).join(', ')],
  [KEYS.incident, words.keys.incident],
  [KEYS.torch, words.keys.torch],
  [KEYS.undo, words.keys.undo],
  ...words.keys.screens,
]
