/** A timer speaks up: a short sound, a buzz, and a notice where the person has allowed it. */
import { useEffect, useRef } from 'react'

let sound: AudioContext | undefined

/** Browsers let a page sound only after it was touched once. */
function beep(): void {
  try {
    sound ??= new AudioContext()
    for (const [at, pitch] of [
      [0, 660],
      [0.25, 880],
      [0.5, 660],
    ] as const) {
      const tone = sound.createOscillator()
      const loudness = sound.createGain()
      tone.frequency.value = pitch
      loudness.gain.setValueAtTime(0.25, sound.currentTime + at)
      loudness.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + at + 0.22)
      tone.connect(loudness).connect(sound.destination)
      tone.start(sound.currentTime + at)
      tone.stop(sound.currentTime + at + 0.24)
    }
  } catch {
    // Without sound the words on the screen remain.
  }
}

export interface Speaking {
  readonly key: string
  readonly words: string
}

/** Speaks up once for each that is due. */
export function useSpeakUp(due: readonly Speaking[]): void {
  const spoken = useRef(new Set<string>())
  useEffect(() => {
    const fresh = due.filter(({ key }) => !spoken.current.has(key))
    if (fresh.length === 0) return
    for (const { key } of fresh) spoken.current.add(key)
    beep()
    navigator.vibrate?.([200, 100, 200])
    if (typeof Notification !== 'undefined' && Notification.permission === 'granted')
      for (const { key, words } of fresh) new Notification(words, { tag: key })
  }, [due])
}

/** Asks once for leave to send notices; pressed by the person who sets a timer. */
export function askForNotices(): void {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission()
}
