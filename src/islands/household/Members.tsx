/** People and animals, and adding one. */
import { Button, Checkbox, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { addMember, removeMember } from '../../contract/endpoints'
import { daysBetween, type PlainDate } from '../../core/calendar/plainDate'
import { SPECIES, type Species } from '../../core/household/species'
import { useActing } from '../../ui/acting'
import { useStrap } from '../../ui/Frame'
import { words } from '../../words'
import type { HouseholdView } from './HouseholdScreen'
import classes from './household.module.css'

const w = words.household
const NOBODY = { name: '', species: 'person' as Species, born: '', helper: false, note: '' }

export function Members({ members }: { readonly members: HouseholdView['members'] }) {
  const { run, busy } = useActing()
  const { today } = useStrap()
  const [adding, setAdding] = useState<typeof NOBODY | null>(null)
  const submit = async () => {
    if (!adding) return
    const { born, ...member } = adding
    const result = await run(
      addMember,
      { body: { ...member, born: born === '' ? null : (born as PlainDate) } },
      words.undo.did.saved,
    )
    if (result) setAdding(null)
  }
  return (
    <section className={classes.part} aria-label={w.members}>
      <header>
        <h2>{w.members}</h2>
        {!adding && (
          <button type="button" className={classes.quiet} onClick={() => setAdding(NOBODY)}>
            {w.add}
          </button>
        )}
      </header>
      {members.length === 0 && !adding && <p className="second">{w.noMembers}</p>}
      <ul>
        {members.map((member) => (
          <li key={member.id}>
            <div>
              <b>{member.name}</b>
              <small>
                {[
                  member.species,
                  member.born ? w.age(daysBetween(member.born, today)) : '',
                  member.helper ? w.helper : '',
                  member.note,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </small>
            </div>
            <button
              type="button"
              className={classes.quiet}
              disabled={busy}
              aria-label={`${w.remove}: ${member.name}`}
              onClick={() =>
                void run(removeMember, { params: { memberId: member.id } }, w.removed(member.name))
              }
            >
              {w.remove}
            </button>
          </li>
        ))}
      </ul>
      {adding && (
        <form
          className={classes.form}
          onSubmit={(event) => {
            event.preventDefault()
            void submit()
          }}
        >
          <TextInput
            autoFocus
            required
            withAsterisk={false}
            label={w.name}
            maxLength={120}
            value={adding.name}
            onChange={(event) => setAdding({ ...adding, name: event.currentTarget.value })}
          />
          <div className={classes.pair}>
            <Select
              label={w.species}
              value={adding.species}
              onChange={(value) => value && setAdding({ ...adding, species: value as Species })}
              data={[...SPECIES]}
            />
            <TextInput
              type="date"
              label={w.born}
              max={today}
              value={adding.born}
              onChange={(event) => setAdding({ ...adding, born: event.currentTarget.value })}
            />
          </div>
          <TextInput
            label={w.note}
            value={adding.note}
            onChange={(event) => setAdding({ ...adding, note: event.currentTarget.value })}
          />
          {adding.species === 'person' && (
            <Checkbox
              label={w.helper}
              checked={adding.helper}
              onChange={(event) => setAdding({ ...adding, helper: event.currentTarget.checked })}
            />
          )}
          <div className={classes.presses}>
            <Button type="submit" loading={busy} disabled={adding.name.trim() === ''}>
              {w.add}
            </Button>
            <Button variant="default" onClick={() => setAdding(null)}>
              {words.kits.cancel}
            </Button>
          </div>
        </form>
      )}
    </section>
  )
}
