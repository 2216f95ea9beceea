/** English for finding anything. */

export const findText = {
  label: 'Find anything',
  hint: 'Where are the tweezers?',
  none: (q: string) => `Nothing here is called “${q}”.`,
  start: 'Type a word of what you look for: a thing, what it is for, a kit, a place.',
  close: 'Close',
  result: 'Results',
}
