/**
 * What may move the page waits for the press that is going on: a mark that appears while a button is
 * held down would move the button away from under the finger, and nothing would be pressed.
 */
let isPressing = false

if (typeof document !== 'undefined') {
  document.addEventListener('pointerdown', () => (isPressing = true), true)
  for (const end of ['pointerup', 'pointercancel'])
    document.addEventListener(end, () => (isPressing = false), true)
}

/** Does it at once, or when what is being pressed has been pressed. */
export function afterPress(work: () => void): void {
  // A tap is down, up and pressed in one go: its end is waited for in any case.
  const soon = (): void => void setTimeout(work)
  if (isPressing) document.addEventListener('pointerup', soon, { once: true, capture: true })
  else soon()
}
