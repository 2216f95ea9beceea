/** After an act the focus is where the eye is: where it was, or on what has taken its place. */
import { afterEach, describe, expect, it } from 'vitest'
import { keepFocus } from '../../src/ui/keepFocus'

afterEach(() => {
  document.body.innerHTML = ''
})

const page = (html: string): void => {
  document.body.innerHTML = `<main id="main">${html}</main>`
}
const named = (id: string): HTMLElement => document.getElementById(id) as HTMLElement
/** What a browser does to the focus when its element goes. */
const take = (id: string): void => {
  named(id).blur()
  named(id).remove()
}
const LINES = `<ul>
  <li id="a"><button id="a1">Done</button></li>
  <li id="b"><button id="b1">Done</button><button id="b2">Later</button></li>
  <li id="c"><button id="c1">Done</button></li>
</ul><p><a id="after" href="/x">After</a></p>`

describe('the focus after an act', () => {
  it('goes on with the line that follows the one that is gone', () => {
    page(LINES)
    named('b2').focus()
    const again = keepFocus()
    named('b2').blur()
    take('b')
    again()
    expect(document.activeElement?.id).toBe('c1')
  })
  it('goes to the one before where it was the last', () => {
    page(LINES)
    named('c1').focus()
    const again = keepFocus()
    named('c1').blur()
    take('c')
    again()
    expect(document.activeElement?.id).toBe('b1')
  })
  it('goes to what comes after the list where the list is gone', () => {
    page(LINES)
    named('a1').focus()
    const again = keepFocus()
    named('a1').blur()
    document.querySelector('ul')?.remove()
    again()
    expect(document.activeElement?.id).toBe('after')
  })
  it('is back on a button that had to wait', () => {
    page(LINES)
    named('a1').focus()
    const again = keepFocus()
    named('a1').blur()
    again()
    expect(document.activeElement?.id).toBe('a1')
  })
  it('never goes to the skip link of the page when a dialog is gone with all it had', () => {
    document.body.innerHTML =
      '<a id="skip" href="#main">Skip</a><main id="main"></main><div id="portal"><button id="save">Save</button></div>'
    named('save').focus()
    const again = keepFocus()
    take('portal')
    again()
    expect(document.activeElement).toBe(document.body)
  })
  it('is left alone where somebody has put it elsewhere, or where it was nowhere', () => {
    page(LINES)
    named('a1').focus()
    const again = keepFocus()
    named('c1').focus()
    take('a')
    again()
    expect(document.activeElement?.id).toBe('c1')
    named('c1').blur()
    keepFocus()()
    expect(document.activeElement).toBe(document.body)
  })
})
