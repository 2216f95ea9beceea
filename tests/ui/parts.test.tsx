/** What screens are made of, pressed and read as people and screen readers do. */

import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { cleanup, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { StrictMode, useState } from 'react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { Box, LOOK, Row, Stack } from '../../src/ui/Box'
import { Button, ButtonLink, Chip } from '../../src/ui/Button'
import { Fact } from '../../src/ui/Fact'
import { Pick } from '../../src/ui/Pick'
import { SegmentedControl } from '../../src/ui/SegmentedControl'
import { Stepper } from '../../src/ui/Stepper'
import { Table } from '../../src/ui/Table'

const show = (what: React.ReactNode) => render(<StrictMode>{what}</StrictMode>)
afterEach(cleanup)

const sheet = (name: string): string =>
  readFileSync(resolve(import.meta.dirname, `../../src/ui/${name}.module.css`), 'utf8').replace(
    /\/\*.*?\*\//gs,
    '',
  )
const ruled = (name: string): ReadonlySet<string> =>
  new Set([...sheet(name).matchAll(/\.([A-Za-z][\w-]*)/g)].map(([, found = '']) => found))

describe('the words of a box', () => {
  const words = Object.entries(LOOK).flatMap(([word, values]) =>
    values.map((value) => [word, value] as const).filter(([, value]) => value !== false),
  )
  const drawn = (word: string, value: string | number | boolean): string =>
    value === true ? word : `${word}-${value}`

  it.each(words)('%s %s is drawn by a rule of its own', (word, value) => {
    expect(ruled('Box')).toContain(drawn(word, value))
    const { container } = show(<Box {...{ [word]: value }}>x</Box>)
    expect(container.firstElementChild?.className).toBe(drawn(word, value))
    expect(container.firstElementChild?.hasAttribute(word)).toBe(false)
  })
  it('no rule draws a word that nobody can say', () => {
    const said = new Set(words.map(([word, value]) => drawn(word, value)))
    for (const kind of ['row', 'stack', 'columns-1', 'columns-2', 'columns-own']) said.add(kind)
    expect([...ruled('Box')].filter((name) => !said.has(name))).toEqual([])
  })
  it('what is false or missing is not said', () => {
    const { container } = show(<Box wrap={false} tone={undefined} />)
    expect(container.innerHTML).toBe('<div></div>')
  })
  it('a row and a stack are boxes that lay out', () => {
    const { container } = show(
      <>
        <Row gap={3} />
        <Stack as="ul" columns={2} />
      </>,
    )
    expect(container.innerHTML).toBe(
      '<div class="row gap-3"></div><ul class="stack columns-2"></ul>',
    )
  })
  it('a template of columns goes along with a style of its own', () => {
    const { container } = show(<Stack columns="9rem 1fr" style={{ color: 'red' }} />)
    const made = container.firstElementChild as HTMLElement
    expect(made.className).toBe('stack columns-own')
    expect(made.style.getPropertyValue('--columns')).toBe('9rem 1fr')
    expect(made.style.color).toBe('red')
  })
  it('what a screen says of its own comes after, and everything else reaches the element', () => {
    const { container } = show(
      <Box as="a" href="/kits" size={2} className="mine" aria-label="Kits" />,
    )
    expect(container.innerHTML).toBe('<a href="/kits" class="size-2 mine" aria-label="Kits"></a>')
  })
  it('a tenth space does not compile', () => {
    // @ts-expect-error there are eight
    show(<Box gap={9} />)
    // @ts-expect-error this tone is none of ours
    show(<Box tone="teal" />)
    // @ts-expect-error only a link leads somewhere
    show(<Box href="/kits" />)
  })
})

describe('what is pressed', () => {
  it('never sends a form unless it says so', () => {
    show(<Button>Count</Button>)
    expect(screen.getByRole('button', { name: 'Count' }).getAttribute('type')).toBe('button')
  })
  it.each([
    'main',
    'strong',
    'firm',
    'plain',
    'quiet',
    'link',
    'chip',
    'tile',
    'row',
    'step',
    'close',
    'bare',
  ] as const)('%s has a look', (kind) => {
    show(<Button kind={kind}>Count</Button>)
    expect(screen.getByRole('button').className).toBe(`button ${kind}`)
    expect(ruled('Button')).toContain(kind)
  })
  it('is pressed by hand, by Enter and by the space bar', async () => {
    const press = vi.fn()
    show(<Button onClick={press}>Count</Button>)
    await userEvent.click(screen.getByRole('button'))
    await userEvent.keyboard('{Enter}')
    await userEvent.keyboard(' ')
    expect(press).toHaveBeenCalledTimes(3)
  })
  it('is pressed once while it is being done, and says that it is', async () => {
    const press = vi.fn()
    const { rerender } = render(<Button onClick={press}>Save</Button>)
    await userEvent.click(screen.getByRole('button'))
    rerender(
      <Button busy onClick={press}>
        Save
      </Button>,
    )
    await userEvent.click(screen.getByRole('button', { name: 'Save' }))
    expect(press).toHaveBeenCalledTimes(1)
    expect(screen.getByRole('button').getAttribute('aria-busy')).toBe('true')
  })
  it('says nothing of busy when it is not', () => {
    show(<Button>Save</Button>)
    expect(screen.getByRole('button').hasAttribute('aria-busy')).toBe(false)
  })
  it('a link that looks like a press is still a link', () => {
    show(
      <ButtonLink href="/rounds" kind="strong" width="wide">
        Start
      </ButtonLink>,
    )
    const link = screen.getByRole('link', { name: 'Start' })
    expect([link.getAttribute('href'), link.className]).toEqual(['/rounds', 'button strong wide'])
  })
  it('a chip tells whether it is chosen, and only where some are', () => {
    show(
      <>
        <Chip pressed>Ned</Chip>
        <Chip pressed={false}>Runa</Chip>
        <Chip>None</Chip>
      </>,
    )
    expect(screen.getByRole('button', { pressed: true }).textContent).toBe('Ned')
    expect(screen.getByRole('button', { pressed: false }).textContent).toBe('Runa')
    expect(screen.getByRole('button', { name: 'None' }).hasAttribute('aria-pressed')).toBe(false)
  })
})

function Looks({ onChange = () => {} }: { readonly onChange?: (look: string) => void }) {
  const [look, setLook] = useState<'light' | 'dark' | 'torch'>('light')
  return (
    <SegmentedControl
      label="Look"
      value={look}
      options={[
        { value: 'light', label: 'Light' },
        { value: 'dark', label: 'Dark' },
        { value: 'torch', label: 'Torch' },
      ]}
      onChange={(next) => {
        setLook(next)
        onChange(next)
      }}
    />
  )
}

describe('one of a few', () => {
  it('is a group of radio buttons with a name, of which one is chosen', () => {
    show(<Looks />)
    expect(screen.getByRole('radiogroup', { name: 'Look' })).toBeTruthy()
    expect(screen.getAllByRole('radio')).toHaveLength(3)
    expect(screen.getByRole('radio', { checked: true })).toBe(
      screen.getByRole('radio', { name: 'Light' }),
    )
  })
  it('a press on its words chooses it', async () => {
    const chosen = vi.fn()
    show(<Looks onChange={chosen} />)
    await userEvent.click(screen.getByText('Torch'))
    expect(chosen.mock.calls).toEqual([['torch']])
    expect(screen.getByRole('radio', { name: 'Torch', checked: true })).toBeTruthy()
  })
  it('arrows go from one to the next', async () => {
    const chosen = vi.fn()
    show(<Looks onChange={chosen} />)
    await userEvent.tab()
    await userEvent.keyboard('{ArrowRight}')
    await userEvent.keyboard('{ArrowRight}')
    expect(chosen.mock.calls).toEqual([['dark'], ['torch']])
  })
  it('two on a page do not disturb each other', async () => {
    show(
      <>
        <Looks />
        <Looks />
      </>,
    )
    await userEvent.click(screen.getAllByText('Dark')[1] as HTMLElement)
    expect(
      screen
        .getAllByRole('radio', { checked: true })
        .map((one) => one.closest('label')?.textContent),
    ).toEqual(['Light', 'Dark'])
  })
})

describe('what is ticked', () => {
  it('is a tick with its words, pressed anywhere on them', async () => {
    const tick = vi.fn()
    show(
      <Pick type="checkbox" checked={false} onChange={tick} title="Only those">
        spent
      </Pick>,
    )
    await userEvent.click(screen.getByText('spent'))
    expect(tick).toHaveBeenCalledTimes(1)
    expect(screen.getByRole('checkbox', { name: 'spent' }).closest('label')?.title).toBe(
      'Only those',
    )
  })
  it('of several shapes one is chosen', () => {
    show(
      <Pick type="radio" name="shape" pictured checked onChange={() => {}}>
        Roll
      </Pick>,
    )
    expect(screen.getByRole('radio', { name: 'Roll', checked: true })).toBeTruthy()
  })
})

describe('a number between one fewer and one more', () => {
  const stepper = (more: Partial<React.ComponentProps<typeof Stepper>> = {}) => {
    const onChange = vi.fn()
    show(
      <Stepper
        value="3"
        fewer="One plaster fewer"
        more="One plaster more"
        onChange={onChange}
        {...more}
      />,
    )
    return onChange
  }
  it('goes down and up by one', async () => {
    const change = stepper()
    await userEvent.click(screen.getByRole('button', { name: 'One plaster fewer' }))
    await userEvent.click(screen.getByRole('button', { name: 'One plaster more' }))
    expect(change.mock.calls).toEqual([[-1], [1]])
    expect(screen.getByText('3')).toBeTruthy()
  })
  it('does not go below the least, but up from it', async () => {
    const change = stepper({ least: true })
    await userEvent.click(screen.getByRole('button', { name: 'One plaster fewer' }))
    await userEvent.click(screen.getByRole('button', { name: 'One plaster more' }))
    expect(change.mock.calls).toEqual([[1]])
  })
  it('stands still while something is being done', async () => {
    const change = stepper({ disabled: true })
    await userEvent.click(screen.getByRole('button', { name: 'One plaster fewer' }))
    await userEvent.click(screen.getByRole('button', { name: 'One plaster more' }))
    expect(change).not.toHaveBeenCalled()
  })
})

describe('facts and tables', () => {
  it('a fact has a name and what is so', () => {
    show(
      <dl>
        <Fact name="Last given">today, 8:00</Fact>
      </dl>,
    )
    expect(screen.getByRole('term').textContent).toBe('Last given')
    expect(screen.getByRole('definition').textContent).toBe('today, 8:00')
  })
  it('a table keeps its own name and says whether it is of figures', () => {
    show(
      <Table figures aria-label="Plans">
        <tbody>
          <tr>
            <th scope="row">This plan</th>
            <td>12</td>
          </tr>
        </tbody>
      </Table>,
    )
    const table = screen.getByRole('table', { name: 'Plans' })
    expect([table.className, table.dataset.figures]).toEqual(['ruled', 'true'])
    expect(table.parentElement?.className).toBe('asides-below wide')
  })
})
