/** What is drawn when: closed parts, long lists, a dialog that asks, a key that is held. */
import { MantineProvider } from '@mantine/core'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Button } from '../../src/ui/Button'
import { Dialog } from '../../src/ui/Dialog'
import { FirstOf } from '../../src/ui/FirstOf'
import { Folded } from '../../src/ui/Folded'
import * as words from '../../src/words'

afterEach(cleanup)

const Numbers = ({ count, atOnce }: { readonly count: number; readonly atOnce?: number }) => (
  <FirstOf all={Array.from({ length: count }, (_, at) => at)} {...(atOnce && { atOnce })}>
    {(shown) => <p>{shown.length} shown</p>}
  </FirstOf>
)

function Asking({ onLeft }: { readonly onLeft: () => void }) {
  const [opened, setOpened] = useState(true)
  const [text, setText] = useState('')
  return (
    <MantineProvider env="test">
      <Dialog
        title="A form"
        opened={opened}
        isWritten={text !== ''}
        onClose={() => {
          setOpened(false)
          onLeft()
        }}
      >
        <input
          aria-label="Name"
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
      </Dialog>
      <button type="button" onClick={() => setOpened(true)}>
        Open
      </button>
    </MantineProvider>
  )
}

describe('a closed part', () => {
  it('is drawn when it is opened, and from then on', () => {
    const drawn = vi.fn(() => <p>Inside</p>)
    const { container } = render(<Folded title="More">{drawn}</Folded>)
    const details = container.querySelector('details') as HTMLDetailsElement
    expect(drawn).not.toHaveBeenCalled()
    for (const open of [true, false]) {
      details.open = open
      fireEvent(details, new Event('toggle'))
      expect(screen.getByText('Inside')).toBeTruthy()
    }
  })
  it('that begins open is drawn at once', () => {
    render(
      <Folded title="More" opened>
        {() => <p>Inside</p>}
      </Folded>,
    )
    expect(screen.getByText('Inside')).toBeTruthy()
  })
})

describe('a long list', () => {
  it('comes in parts, and says how much is left', async () => {
    render(<Numbers count={100} atOnce={40} />)
    await userEvent.click(screen.getByRole('button', { name: 'Show 40 more of 60' }))
    expect(screen.getByText('80 shown')).toBeTruthy()
    await userEvent.click(screen.getByRole('button', { name: 'Show the other 20' }))
    expect(screen.getByText('100 shown')).toBeTruthy()
    expect(screen.queryByRole('button')).toBeNull()
  })
  it('of no more than that is whole', () => {
    render(<Numbers count={60} />)
    expect(screen.getByText('60 shown')).toBeTruthy()
    expect(screen.queryByRole('button')).toBeNull()
  })
})

describe('a dialog', () => {
  const cross = () => screen.getByRole('button', { name: words.forms.cancel })
  it('with nothing written closes', async () => {
    const left = vi.fn()
    render(<Asking onLeft={left} />)
    await userEvent.click(cross())
    expect(left).toHaveBeenCalledOnce()
  })
  it('asks before something written is lost, and is quiet once it was taken out again', async () => {
    const left = vi.fn()
    render(<Asking onLeft={left} />)
    await userEvent.type(screen.getByLabelText('Name'), 'x')
    await userEvent.click(cross())
    expect(left).not.toHaveBeenCalled()
    await userEvent.click(screen.getByRole('button', { name: words.forms.goOn }))
    expect(screen.queryByRole('alertdialog')).toBeNull()
    await userEvent.click(cross())
    expect(screen.getByRole('alertdialog')).toBeTruthy()
    await userEvent.clear(screen.getByLabelText('Name'))
    expect(screen.queryByRole('alertdialog')).toBeNull()
    await userEvent.type(screen.getByLabelText('Name'), 'y')
    expect(screen.queryByRole('alertdialog')).toBeNull()
    await userEvent.click(cross())
    await userEvent.click(screen.getByRole('button', { name: words.forms.leave }))
    expect(left).toHaveBeenCalledOnce()
  })
})

describe('a key that is held', () => {
  const held = (kind: 'firm' | 'step', key: string): boolean => {
    render(<Button kind={kind}>Press</Button>)
    // False where the browser is told to do nothing with it.
    return fireEvent.keyDown(screen.getByRole('button'), { key, repeat: true })
  }
  it.each([
    ['firm', 'Enter', false],
    ['firm', ' ', false],
    ['firm', 'Tab', true],
    ['step', 'Enter', true],
  ] as const)('%s, %s: goes on pressing is %s', (kind, key, goesOn) => {
    expect(held(kind, key)).toBe(goesOn)
  })
  it('presses once the first time', () => {
    render(<Button>Press</Button>)
    expect(fireEvent.keyDown(screen.getByRole('button'), { key: 'Enter' })).toBe(true)
  })
})
