/** The account that owns the demo household. */
export const DEMO_EMAIL = 'keeper@satchel.example'
export const DEMO_NAME = 'Ilse'
