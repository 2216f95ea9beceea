/** Doing things: what is said, what can be taken back, what is sent again, and under which key. */
import { MantineProvider } from '@mantine/core'
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { act, cleanup, fireEvent, render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { type amendLot, useLot } from '../../src/contract/stock'
import { ActingProvider, useActing } from '../../src/ui/acting'
import { shownAtOnce } from '../../src/ui/shownAtOnce'
import * as words from '../../src/words'

const LOT = '11111111-1111-4111-8111-111111111111'
const POCKET = '22222222-2222-4222-8222-222222222222'
const ACT = '44444444-4444-4444-8444-444444444444'

interface Heard {
  readonly path: string
  readonly key: string | null
  readonly body: { readonly seenVersion?: number } | undefined
}
let heard: Heard[] = []
let answers: (Response | 'silence')[] = []
const done = (): Response => Response.json({ actId: ACT })
const refused = (status: number, problem: object): Response =>
  new Response(JSON.stringify(problem), {
    status,
    headers: { 'content-type': 'application/problem+json' },
  })

beforeEach(() => {
  heard = []
  answers = []
  vi.stubGlobal('fetch', async (path: string, init: RequestInit) => {
    heard.push({
      path,
      key: new Headers(init.headers).get('idempotency-key'),
      body: init.body ? JSON.parse(String(init.body)) : undefined,
    })
    const answer = answers.shift() ?? done()
    if (answer === 'silence') throw new TypeError('failed to fetch')
    return answer
  })
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

const asked = {
  params: { lotId: LOT },
  body: { seenVersion: 3, pocketId: POCKET, amount: 1000 },
} as never

/** A page with one press, which tells what came of it. */
function Page({ endpoint = useLot }: { readonly endpoint?: typeof useLot | typeof amendLot }) {
  const { run, busy, undoLast } = useActing()
  const [came, setCame] = useState('nothing yet')
  return (
    <>
      <button
        type="button"
        onClick={() =>
          void run(endpoint as typeof useLot, asked, 'Used').then((result) =>
            setCame(result === null ? 'refused' : 'done'),
          )
        }
      >
        Use one
      </button>
      <button type="button" onClick={undoLast}>
        Undo the last
      </button>
      <p>{busy ? 'busy' : came}</p>
    </>
  )
}
const show = () =>
  render(
    <MantineProvider>
      <QueryClientProvider client={new QueryClient()}>
        <ActingProvider>
          <Page />
        </ActingProvider>
      </QueryClientProvider>
    </MantineProvider>,
  )
const press = (name: string) => userEvent.click(screen.getByRole('button', { name }))
const said = () => screen.getByRole('status')
/** It fades: gone is what is not there after a moment. */
const gone = (text: string) => vi.waitFor(() => expect(within(said()).queryByText(text)).toBeNull())

/** A page with a list that an act shortens at once. */
function List() {
  const { run } = useActing()
  const { data } = useQuery({
    queryKey: ['list'],
    queryFn: () => ['a', 'b'],
    initialData: ['a', 'b'],
  })
  return (
    <button
      type="button"
      onClick={() =>
        void run(useLot, asked, 'Used', {
          atOnce: shownAtOnce<string[]>(['list'], (all) => all.filter((one) => one !== 'a')),
        })
      }
    >
      {data.join(' and ')}
    </button>
  )
}

describe('an act that is shown at once', () => {
  const list = () =>
    render(
      <MantineProvider>
        <QueryClientProvider
          client={new QueryClient({ defaultOptions: { queries: { staleTime: 60_000 } } })}
        >
          <ActingProvider>
            <List />
          </ActingProvider>
        </QueryClientProvider>
      </MantineProvider>,
    )
  /** An answer that comes when it is let go. */
  const held = () => {
    let letGo: (answer: Response) => void = () => {}
    const answer = new Promise<Response>((resolve) => {
      letGo = resolve
    })
    vi.stubGlobal('fetch', () => answer)
    return (response: Response) => letGo(response)
  }
  it('is on the screen before there is an answer, and stays when it is done', async () => {
    const letGo = held()
    list()
    await press('a and b')
    expect(screen.getByRole('button', { name: 'b' })).toBeTruthy()
    expect(within(said()).queryByText('Used')).toBeNull()
    letGo(done())
    expect(await within(said()).findByText('Used')).toBeTruthy()
  })
  it('is brought back with a message when it is refused', async () => {
    const letGo = held()
    list()
    await press('a and b')
    expect(screen.getByRole('button', { name: 'b' })).toBeTruthy()
    letGo(refused(422, { code: 'no', title: 'Not possible', detail: 'Because.', status: 422 }))
    expect(await within(said()).findByText('Not possible')).toBeTruthy()
    expect(screen.getByRole('button', { name: 'a and b' })).toBeTruthy()
  })
})

describe('an act that is done', () => {
  it('is said, and can be taken back from where it is said', async () => {
    show()
    await press('Use one')
    expect(await within(said()).findByText('Used')).toBeTruthy()
    expect(await screen.findByText('done')).toBeTruthy()
    await press(words.undo.undo)
    expect(await within(said()).findByText(words.undo.undone)).toBeTruthy()
    expect(heard.map(({ path }) => path)).toEqual([`/api/lots/${LOT}/use`, `/api/acts/${ACT}/undo`])
    // What was taken back is not offered to be taken back once more.
    await vi.waitFor(() =>
      expect(within(said()).queryByRole('button', { name: words.undo.undo })).toBeNull(),
    )
  })
  it('is taken back by key as well, and only once', async () => {
    show()
    await press('Use one')
    await screen.findByText('done')
    await press('Undo the last')
    await within(said()).findByText(words.undo.undone)
    await press('Undo the last')
    expect(heard).toHaveLength(2)
  })
  it('is taken back once, however fast the key is pressed', async () => {
    show()
    await press('Use one')
    await screen.findByText('done')
    const undo = screen.getByRole('button', { name: 'Undo the last' })
    fireEvent.click(undo)
    fireEvent.click(undo)
    await within(said()).findByText(words.undo.undone)
    expect(heard.map(({ path }) => path)).toEqual([`/api/lots/${LOT}/use`, `/api/acts/${ACT}/undo`])
  })
  it('is said for a while', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    show()
    await userEvent
      .setup({ advanceTimers: vi.advanceTimersByTime })
      .click(screen.getByRole('button', { name: 'Use one' }))
    expect(await within(said()).findByText('Used')).toBeTruthy()
    await act(() => vi.advanceTimersByTimeAsync(10_000))
    await gone('Used')
  })
  it('two acts have keys of their own', async () => {
    show()
    await press('Use one')
    await screen.findByText('done')
    await press('Use one')
    await vi.waitFor(() => expect(heard).toHaveLength(2))
    expect(heard[0]?.key).not.toBe(heard[1]?.key)
    expect(heard[0]?.key).toMatch(/^[0-9a-f-]{36}$/)
  })
})

describe('an act that is refused', () => {
  it('says why, stays until it is closed, and gives nothing to take back', async () => {
    answers = [
      refused(422, { code: 'too_many', title: 'There is less', detail: 'Three are there.' }),
    ]
    show()
    await press('Use one')
    expect(await within(said()).findByText('There is less')).toBeTruthy()
    expect(within(said()).getByText('Three are there.')).toBeTruthy()
    expect(screen.getByText('refused')).toBeTruthy()
    expect(within(said()).queryByRole('button', { name: words.undo.undo })).toBeNull()
    expect(within(said()).queryByRole('button', { name: words.undo.retry })).toBeNull()
    await press(words.undo.dismiss)
    await gone('There is less')
  })
  it('because it changed meanwhile is sent again with what is there now, under a new key', async () => {
    answers = [
      refused(409, {
        code: 'changed_meanwhile',
        title: 'It has changed',
        detail: 'Somebody used one.',
        facts: { version: 8 },
      }),
    ]
    show()
    await press('Use one')
    await within(said()).findByText('It has changed')
    await press(words.undo.retry)
    expect(await within(said()).findByText('Used')).toBeTruthy()
    expect(heard.map(({ body }) => body?.seenVersion)).toEqual([3, 8])
    expect(heard[0]?.key).not.toBe(heard[1]?.key)
    expect(await screen.findByText('done')).toBeTruthy()
  })
})

describe('an act that got no answer', () => {
  it('is kept, said, and sent again under the same key: it may have arrived', async () => {
    answers = ['silence']
    show()
    await press('Use one')
    expect(await within(said()).findByText(words.undo.offline)).toBeTruthy()
    await press(words.undo.retry)
    expect(await within(said()).findByText('Used')).toBeTruthy()
    expect(heard).toHaveLength(2)
    expect(heard[0]?.key).toBe(heard[1]?.key)
  })
  it('keeps its key too when it is pressed again on the page, and what was said goes', async () => {
    answers = ['silence']
    show()
    await press('Use one')
    await within(said()).findByText(words.undo.offline)
    await press('Use one')
    await within(said()).findByText('Used')
    expect(heard[0]?.key).toBe(heard[1]?.key)
    await gone(words.undo.offline)
  })
  it('while the server mends itself is the same', async () => {
    answers = [
      refused(503, { code: 'away', title: 'Away for a moment', detail: 'Try again soon.' }),
    ]
    show()
    await press('Use one')
    await within(said()).findByText('Away for a moment')
    await press(words.undo.retry)
    await within(said()).findByText('Used')
    expect(heard[0]?.key).toBe(heard[1]?.key)
  })
  it('that is closed unanswered ends the waiting of whoever asked', async () => {
    answers = ['silence']
    show()
    await press('Use one')
    await within(said()).findByText(words.undo.offline)
    expect(screen.getByText('nothing yet')).toBeTruthy()
    await press(words.undo.dismiss)
    expect(await screen.findByText('refused')).toBeTruthy()
  })
})

describe('what is said in the corner', () => {
  const several = async (count: number) => {
    answers = Array.from({ length: count }, (_, at) =>
      refused(422, { code: 'too_many', title: `Refused ${at + 1}`, detail: '' }),
    )
    show()
    for (let at = 1; at <= count; at++) {
      await press('Use one')
      await within(said()).findByText(`Refused ${at}`)
    }
  }
  it('is the newest three: the oldest makes room', async () => {
    await several(4)
    await gone('Refused 1')
    for (const title of ['Refused 2', 'Refused 3', 'Refused 4'])
      expect(within(said()).getByText(title)).toBeTruthy()
  })
  it('stays while a refusal is not closed, however long', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    await several(1)
    await act(() => vi.advanceTimersByTimeAsync(60_000))
    expect(within(said()).getByText('Refused 1')).toBeTruthy()
  })
  it('that makes room unanswered ends the waiting of whoever asked', async () => {
    answers = ['silence', 'silence', 'silence']
    show()
    await press('Use one')
    await within(said()).findByText(words.undo.offline)
    expect(screen.getByText('nothing yet')).toBeTruthy()
    await press('Use one')
    await press('Use one')
    await press('Use one')
    await screen.findByText('done')
    expect(new Set(heard.map(({ key }) => key)).size).toBe(1)
  })
})

describe('without the frame', () => {
  it('nothing can be done, and it is said so', () => {
    vi.spyOn(console, 'error').mockImplementation(() => {})
    expect(() => render(<Page />)).toThrow('useActing needs the frame around it')
  })
})
