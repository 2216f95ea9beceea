/** A form that is one act: when it marks what, what it sends, and where a refusal stands. */
import { MantineProvider, TextInput } from '@mantine/core'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { addPocket } from '../../src/contract/kits'
import { ActForm } from '../../src/ui/ActForm'
import { ActingProvider } from '../../src/ui/acting'
import { act, type FormReading, faultsIn, missing, UNCHANGED } from '../../src/ui/formReading'
import { useActForm } from '../../src/ui/useActForm'

const KIT = '11111111-1111-4111-8111-111111111111'
const PRESS = 'Add the pocket'
const NOT_YET = 'Look at the fields that are marked.'

type Draft = { readonly name: string; readonly many: string; readonly hidden: string }
const read = ({ name, many }: Draft): FormReading<Draft, typeof addPocket> =>
  faultsIn<Draft>({
    name: missing(name),
    many: /^\d*$/.test(many) ? undefined : 'Write a number.',
  }) ?? (name === 'Lid' ? UNCHANGED : act(addPocket, { params: { kitId: KIT }, body: { name } }))

let sent: { path: string; body: unknown }[] = []
let answers: Response[] = []
const refusal = (status: number, problem: object): Response =>
  new Response(JSON.stringify({ title: 'No', detail: 'Not like this.', ...problem }), {
    status,
    headers: { 'content-type': 'application/problem+json' },
  })

beforeEach(() => {
  sent = []
  answers = []
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    sent.push({ path, body: JSON.parse(String(init.body)) })
    return answers.shift() ?? Response.json({ actId: KIT, pocketId: KIT })
  })
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

const saved = vi.fn()
const refused = vi.fn()
function Form() {
  const form = useActForm({
    initial: { name: '', many: '', hidden: '' },
    read,
    said: ({ name }) => `${name} is added`,
    refusals: { name_taken: 'name' },
    onSaved: (result) => {
      saved(result)
      form.restart({ many: form.values.many })
    },
    onRefused: refused,
  })
  return (
    <ActForm form={form} press={PRESS} aria-label="A pocket">
      <TextInput label="Name" {...form.text('name')} />
      <TextInput label="How many" {...form.text('many')} />
    </ActForm>
  )
}

function show() {
  saved.mockClear()
  refused.mockClear()
  render(
    <MantineProvider>
      <QueryClientProvider client={new QueryClient()}>
        <ActingProvider>
          <Form />
        </ActingProvider>
      </QueryClientProvider>
    </MantineProvider>,
  )
  return userEvent.setup()
}
const field = (name: string) => screen.getByRole<HTMLInputElement>('textbox', { name })
const isMarked = (name: string) => field(name).getAttribute('aria-invalid') === 'true'
const press = () => screen.getByRole('button', { name: PRESS })

describe('a form that is one act', () => {
  it('can always be sent: a press that does nothing tells nobody what is missing', () => {
    show()
    expect(press()).toHaveProperty('disabled', false)
    expect([isMarked('Name'), isMarked('How many')]).toEqual([false, false])
  })

  it('marks what is missing when it is sent, sends nothing, and goes there', async () => {
    const user = show()
    await user.type(field('How many'), '3')
    await user.click(press())
    expect(isMarked('Name')).toBe(true)
    expect(screen.getByText('This is still missing.')).toBeTruthy()
    expect(screen.getByText(NOT_YET)).toBeTruthy()
    await waitFor(() => expect(document.activeElement).toBe(field('Name')))
    expect(sent).toEqual([])
  })

  it('marks what cannot be read when somebody goes on, and not while it is written', async () => {
    const user = show()
    await user.type(field('How many'), 'x')
    expect(isMarked('How many')).toBe(false)
    await user.tab({ shift: true })
    await waitFor(() => expect(isMarked('How many')).toBe(true))
    expect(isMarked('Name')).toBe(false)
    await user.clear(field('How many'))
    await user.type(field('How many'), '3')
    expect(isMarked('How many')).toBe(false)
  })

  it('marks nothing while something is being pressed: the press would miss its button', async () => {
    const user = show()
    await user.type(field('How many'), 'x')
    fireEvent.pointerDown(press())
    fireEvent.blur(field('How many'))
    await new Promise((resolve) => setTimeout(resolve, 50))
    expect(isMarked('How many')).toBe(false)
    fireEvent.pointerUp(press())
    await waitFor(() => expect(isMarked('How many')).toBe(true))
  })

  it('marks it as well when the press became a scroll', async () => {
    const user = show()
    await user.type(field('How many'), 'x')
    fireEvent.pointerDown(press())
    fireEvent.blur(field('How many'))
    fireEvent.pointerCancel(press())
    await waitFor(() => expect(isMarked('How many')).toBe(true))
  })

  it('is sent by Enter, once, and says that it is done', async () => {
    const user = show()
    await user.type(field('Name'), 'Side{Enter}')
    await screen.findByText('Side is added')
    expect(sent).toEqual([{ path: `/api/kits/${KIT}/pockets`, body: { name: 'Side' } }])
    expect(saved).toHaveBeenCalledTimes(1)
    expect(refused).not.toHaveBeenCalled()
  })

  it('begins again with what it is told to keep, and unmarked', async () => {
    const user = show()
    await user.type(field('How many'), '3')
    await user.type(field('Name'), 'Side{Enter}')
    await screen.findByText('Side is added')
    expect([field('Name').value, field('How many').value]).toEqual(['', '3'])
    expect(screen.queryByText(NOT_YET)).toBeNull()
    expect(isMarked('Name')).toBe(false)
  })

  it('sends nothing where nothing was changed, and is done', async () => {
    const user = show()
    await user.type(field('Name'), 'Lid{Enter}')
    await waitFor(() => expect(saved).toHaveBeenCalledWith(null))
    expect(sent).toEqual([])
  })

  it('finds what the contract does not take before it is sent', async () => {
    const user = show()
    await user.click(field('Name'))
    await user.paste('x'.repeat(200))
    await user.click(press())
    await screen.findByText('Keep the name under 120 characters')
    expect(isMarked('Name')).toBe(true)
    expect(sent).toEqual([])
  })

  it('puts a refusal beside its field, until something else is written there', async () => {
    const user = show()
    answers = [refusal(409, { code: 'name_taken', detail: 'There is a pocket called Side.' })]
    await user.type(field('Name'), 'Side{Enter}')
    await screen.findByText('There is a pocket called Side.')
    expect(isMarked('Name')).toBe(true)
    expect(refused).toHaveBeenCalledTimes(1)
    expect(field('Name').value).toBe('Side')
    await user.type(field('Name'), ' two')
    expect(isMarked('Name')).toBe(false)
    await user.click(press())
    await screen.findByText('Side two is added')
  })

  it('puts the errors of a 422 where they belong, and the rest below', async () => {
    const user = show()
    answers = [
      refusal(422, {
        code: 'invalid',
        errors: [
          { path: 'pocket.name', message: 'A shorter one, please' },
          { path: 'elsewhere', message: 'And this' },
        ],
      }),
    ]
    await user.type(field('Name'), 'Side{Enter}')
    await screen.findByText('A shorter one, please')
    expect(isMarked('Name')).toBe(true)
    expect(screen.getByText('And this')).toBeTruthy()
  })

  it('says what is wrong with a field that does not say so itself', async () => {
    const user = show()
    answers = [
      refusal(422, { code: 'invalid', errors: [{ path: 'hidden.0', message: 'Not this one' }] }),
    ]
    await user.type(field('Name'), 'Side{Enter}')
    const said = await screen.findByText('Not this one')
    expect(screen.getByRole('form').contains(said)).toBe(true)
    expect(isMarked('Name')).toBe(false)
  })

  it('leaves a refusal that is about no field to the messages', async () => {
    const user = show()
    answers = [refusal(409, { code: 'still_in_use', title: 'Not now', detail: 'It is in use.' })]
    await user.type(field('Name'), 'Side{Enter}')
    const said = await screen.findByText('It is in use.')
    expect(screen.getByRole('form').contains(said)).toBe(false)
    expect(isMarked('Name')).toBe(false)
    expect(field('Name').value).toBe('Side')
  })
})
