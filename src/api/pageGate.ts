/** Whether whoever asks may open a page of their household. */
import type { Caller } from '../app/frame/world'
import { rightOfPage } from '../core/people/pageRights'
import { may } from '../core/people/role'

export const mayOpenPage = (caller: Caller, pathname: string): boolean =>
  !caller.late && may(caller.role, rightOfPage(pathname))
