/** What somebody did, after a name: "Ilse …". */
export const peoplePast = {
  invited: 'invited somebody',
  invitation_withdrawn: 'withdrew an invitation',
  joined: 'came into the household',
  household_left: 'left the household',
  role_given: 'gave somebody another role',
  role_ended: 'ended somebody’s role',
} as const
