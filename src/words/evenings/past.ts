/** What somebody did, after a name: "Ilse …". */
export const eveningsPast = {
  evening_given: 'handed an evening to a sitter',
  evening_ended: 'ended an evening',
} as const
