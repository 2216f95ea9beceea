/** People as the screen has them. */
import type { z } from 'zod'
import type { readPeople } from '../../contract/people'

export type PeopleView = z.infer<(typeof readPeople)['result']>
export type Person = PeopleView['people'][number]
