/**
 * What may move the page waits for the press that is going on: a mark that appears while a button is
 * held down would move the button away from under the finger, and nothing would be pressed.
 */
let isPressing = false
let waiting: (() => void)[] = []

if (typeof document !== 'undefined') {
  document.addEventListener('pointerdown', () => (isPressing = true), true)
  // A press that becomes a scroll is cancelled, and is over as well.
  for (const end of ['pointerup', 'pointercancel'])
    document.addEventListener(
      end,
      () => {
        isPressing = false
        for (const work of waiting) work()
        waiting = []
      },
      true,
    )
}

/** Does it at once, or when what is being pressed has been pressed. */
export function afterPress(work: () => void): void {
  // A tap is down, up and pressed in one go: its end is waited for in any case.
  const soon = (): void => void setTimeout(work)
  if (isPressing) waiting.push(soon)
  else soon()
}
