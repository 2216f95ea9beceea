/** The walk through the demo household: where it leads, and what is said there. */
export const tour = {
  label: 'Tour of the demo household',
  start: 'Show me around',
  back: 'Back',
  next: (name: string): string => `Next: ${name}`,
  leave: 'Leave the tour',
  end: 'End the tour',
  at: (step: number, of: number): string => `${step} of ${of}`,
  stops: [
    {
      href: '/',
      name: 'Today',
      text: 'This family keeps kits in four places. Today says what matters most, and what to do where. Each line can be done with one press, and undone.',
    },
    {
      href: '/kits',
      name: 'Kits',
      text: 'Every kit, place by place. Open one to see it unpacked on a mat, pocket by pocket. A clipped corner expires soon, a torn edge can no longer be used.',
    },
    {
      href: '/cover',
      name: 'Ready',
      text: 'What could happen, and to whom: ready, plan B, or missing. Press a cell to see why, and what would help.',
    },
    {
      href: '/bench',
      name: 'Doses',
      text: 'How much, for whom, and when again: from the label of the pack or the words of the vet, with the sum shown. Where something speaks against it, you see no amount.',
    },
    {
      href: '/restock',
      name: 'Restock',
      text: 'What to move, to buy or to let expire, over all places at once, in packs as they are sold.',
    },
    {
      href: '/print',
      name: 'Print',
      text: 'Sheets for the lids of the kits, labels, a sheet for the sitter: for when there is no power and no phone.',
    },
    {
      href: '/household',
      name: 'Household',
      text: 'People and animals, places and visits. In your own household you begin here, with the first steps. They are under More.',
    },
  ],
} as const
