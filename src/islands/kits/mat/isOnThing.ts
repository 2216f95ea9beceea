/**
 * Single letters act where their thing has the focus: on its tag or in its panel, or nowhere else while
 * the panel is open.
 */
export function isOnThing(): boolean {
  const { activeElement, body } = document
  return (
    activeElement === null ||
    activeElement === body ||
    activeElement.closest('[data-tag], [data-panel]') !== null
  )
}
