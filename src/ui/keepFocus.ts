/**
 * After an act the focus is where the eye is. What was pressed often goes with it: a line that is
 * done, a button that waits. The browser then leaves the focus nowhere, and the next Tab begins at
 * the top of the page.
 */

/** A step of the way up from what had the focus, and which child of it led there. */
interface Step {
  readonly parent: Element
  readonly index: number
}

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]'

const isLost = (): boolean =>
  document.activeElement === null || document.activeElement === document.body

/** Notes where the focus is. @returns puts it back there, or on what has taken its place */
export function keepFocus(): () => void {
  const from = document.activeElement
  // A message goes by itself; whoever answers it is not at work there.
  if (!(from instanceof HTMLElement) || isLost() || from.closest('[role="status"]')) return () => {}
  const way = wayUp(from)
  const again = (): void => {
    if (!isLost()) return
    if (from.isConnected && from.matches(FOCUSABLE)) from.focus({ preventScroll: true })
    else nearest(way)?.focus()
  }
  return () => overFrames(again, FRAMES)
}

/** A line that is done goes a few frames after its answer, and takes what has the focus then along. */
const FRAMES = 20

function overFrames(does: () => void, left: number): void {
  does()
  if (left > 0) requestAnimationFrame(() => overFrames(does, left - 1))
}

function wayUp(from: Element): readonly Step[] {
  const way: Step[] = []
  let at = from
  // Beyond the view or its dialog nothing has taken its place: the body begins with the skip link.
  while (at.parentElement && at.parentElement !== document.body && at.id !== 'main') {
    way.push({ parent: at.parentElement, index: [...at.parentElement.children].indexOf(at) })
    at = at.parentElement
  }
  return way
}

/** In the lowest of its former surroundings that is still there: what follows it, else what is before it. */
function nearest(way: readonly Step[]): HTMLElement | null {
  for (const { parent, index } of way) {
    if (!parent.isConnected) continue
    const children = [...parent.children]
    for (const child of [...children.slice(index), ...children.slice(0, index).reverse()]) {
      const target = child.matches(FOCUSABLE) ? child : child.querySelector(FOCUSABLE)
      if (target instanceof HTMLElement) return target
    }
  }
  return null
}
