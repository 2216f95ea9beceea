/** Where to, whom to tell, where the papers are, how the house is left. */
import { Select, Textarea, TextInput } from '@mantine/core'
import { MOST_REFUGES } from '../../core/evacuation/evacuation'
import { ActDialog } from '../../ui/ActDialog'
import { Box, Row, Stack } from '../../ui/Box'
import { Button } from '../../ui/Button'
import { useActForm } from '../../ui/useActForm'
import * as words from '../../words'
import { NO_REFUGE, NOBODY_TOLD, planDraft, readPlanDraft } from './drafts'
import type { Shown } from './useEvacuation'

const said = words.evacuation.form

const changed = <T,>(all: readonly T[], at: number, patch: Partial<T>): readonly T[] =>
  all.map((one, position) => (position === at ? { ...one, ...patch } : one))
const without = <T,>(all: readonly T[], at: number): readonly T[] =>
  all.filter((_, position) => position !== at)

interface Props {
  readonly shown: Pick<Shown, 'household'>
  readonly onClose: () => void
}

export function PlanForm({ shown, onClose }: Props) {
  const { household } = shown.household
  const form = useActForm({
    initial: planDraft(household.evacuation),
    read: (draft) => readPlanDraft(draft, household.version),
    said: words.evacuation.changed,
    onSaved: onClose,
  })
  const { goTo, tell } = form.values
  return (
    <ActDialog form={form} title={said.title} press={said.press} onClose={onClose}>
      {goTo.map((refuge, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a line has nothing else of its own
        <Stack as="fieldset" gap={3} key={at}>
          <Box as="legend" weight="bold">
            {said.refuge(at + 1)}
          </Box>
          <Stack gap={4} columns={2} collapse align="start">
            <TextInput
              label={said.name}
              {...(at === 0 && { 'data-autofocus': true })}
              value={refuge.name}
              error={
                refuge.name === '' && refuge.address + refuge.phone !== ''
                  ? form.errorOf('goTo')
                  : undefined
              }
              onChange={({ currentTarget: { value: name } }) =>
                form.set({ goTo: changed(goTo, at, { name }) })
              }
            />
            <TextInput
              label={said.phone}
              type="tel"
              value={refuge.phone}
              onChange={({ currentTarget: { value: phone } }) =>
                form.set({ goTo: changed(goTo, at, { phone }) })
              }
            />
          </Stack>
          <TextInput
            label={said.address}
            value={refuge.address}
            onChange={({ currentTarget: { value: address } }) =>
              form.set({ goTo: changed(goTo, at, { address }) })
            }
          />
          <Row gap={4} align="end" wrap>
            <Select
              label={said.animals}
              allowDeselect={false}
              value={refuge.animals}
              data={[
                { value: '', label: said.animalsUnsaid },
                { value: 'yes', label: said.animalsYes },
                { value: 'no', label: said.animalsNo },
              ]}
              onChange={(animals) =>
                form.set({ goTo: changed(goTo, at, { animals: animals ?? '' }) })
              }
            />
            {goTo.length > 1 && (
              <Button kind="quiet" onClick={() => form.set({ goTo: without(goTo, at) })}>
                {said.remove(refuge.name || said.refuge(at + 1))}
              </Button>
            )}
          </Row>
        </Stack>
      ))}
      {goTo.length < MOST_REFUGES && (
        <Row>
          <Button onClick={() => form.set({ goTo: [...goTo, NO_REFUGE] })}>{said.addRefuge}</Button>
        </Row>
      )}
      {tell.map((one, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a line has nothing else of its own
        <Stack gap={4} columns={2} collapse align="start" key={at}>
          <TextInput
            label={said.tell(at + 1)}
            value={one.name}
            error={one.name === '' && one.phone !== '' ? form.errorOf('tell') : undefined}
            onChange={({ currentTarget: { value: name } }) =>
              form.set({ tell: changed(tell, at, { name }) })
            }
          />
          <TextInput
            label={said.phone}
            type="tel"
            value={one.phone}
            onChange={({ currentTarget: { value: phone } }) =>
              form.set({ tell: changed(tell, at, { phone }) })
            }
          />
        </Stack>
      ))}
      {tell.length < MOST_REFUGES && (
        <Row>
          <Button onClick={() => form.set({ tell: [...tell, NOBODY_TOLD] })}>{said.addTell}</Button>
        </Row>
      )}
      <TextInput label={said.papers} {...form.text('papers')} />
      <TextInput label={said.days} inputMode="numeric" {...form.text('days')} />
      <Textarea
        label={said.leftHow}
        description={said.leftHowHint}
        autosize
        minRows={3}
        {...form.text('leftHow')}
      />
    </ActDialog>
  )
}
