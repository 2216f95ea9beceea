/** A member's photo: made small in the browser before it is sent. */

import { useState } from 'react'
import { addressOf } from '../../contract/endpoint'
import { memberPhoto, setPhoto } from '../../contract/members'
import type { Member } from '../../core/household/member'
import { useActing } from '../../ui/acting'
import { Stack } from '../../ui/Box'
import { shrunkPicture } from '../../ui/picture'
import * as words from '../../words'
import classes from './member.module.css'

const membersWords = words.members
const EDGE = 360

interface Props {
  readonly member: Pick<Member, 'id' | 'name'>
  readonly photo: { readonly id: string } | undefined
}

export function Photo({ member, photo }: Props) {
  const { run } = useActing()
  const [wrong, setWrong] = useState(false)
  const choose = async (file: File | undefined) => {
    if (!file) return
    const small = await shrunkPicture(file, EDGE).catch(() => null)
    setWrong(small === null)
    if (small)
      await run(
        setPhoto,
        { params: { memberId: member.id }, body: { photo: small } },
        words.undo.did.saved(words.members.photoOf(member.name)),
      )
  }
  return (
    <Stack as="label" gap={2} className={classes.photo}>
      <Portrait member={member} photo={photo} />
      <input
        type="file"
        className="visually-hidden"
        accept="image/jpeg,image/png,image/webp"
        aria-label={`${membersWords.changePhoto}: ${member.name}`}
        onChange={(event) => void choose(event.currentTarget.files?.[0])}
      />
      <span className="no-print">{membersWords.changePhoto}</span>
      {wrong && <small role="alert">{membersWords.tooLarge}</small>}
    </Stack>
  )
}

/** The photo, or the first letter of the name in its place. */
export const Portrait = ({ member, photo }: Props) =>
  photo ? (
    // The id changes with the photo, so that a new one is not taken from the browser's memory.
    <img
      className={classes.portrait}
      src={`${addressOf(memberPhoto, { memberId: member.id })}?of=${photo.id}`}
      alt={member.name}
    />
  ) : (
    <span className={classes.portrait} aria-hidden>
      {member.name.charAt(0)}
    </span>
  )
