/** English for finding anything. */
export const findText = {
  label: 'Find anything',
  hint: 'Where are the tweezers?',
  none: (q: string) => `Nothing here is called “${q}”.`,
  start:
    'Ask for a thing, a person, a kit, a page: “tweezers”, “fever Ned”, “lid sheet”, “undo”, “export”.',
  searching: 'Looking …',
  close: 'Close',
  result: 'Results',
  /** What kind of thing was found, where its name does not say so. */
  kinds: {
    answer: 'What would help',
    member: 'Member',
    kit: 'Kit',
    pocket: 'Pocket',
    place: 'Place',
    card: 'First aid card',
    sheet: 'Lid sheet',
    rule: 'Dose card',
    act: 'History',
    history: 'History',
    page: 'Page',
    lot: '',
    bare: '',
  },
}
