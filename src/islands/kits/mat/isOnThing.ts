/** Single letters act where their thing has the focus: on its tag, or in its panel. */
export const isOnThing = (): boolean =>
  document.activeElement?.closest('[data-tag], [data-panel]') != null
