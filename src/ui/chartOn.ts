/** A chart of Apache ECharts in an element: in the colours of the page and as large as the element, also later. */
import { type EChartsType, init } from 'echarts/core'

/** What the page looks like now. */
export interface Look {
  /** A colour of the page by the name of its variable, such as "--ink". */
  readonly colour: (name: string) => string
  readonly font: string
}

/** Within the margins of A4 and of Letter, upright. */
const PAPER_PIXELS = 660

/**
 * Draws, and draws again when the page is lighter or darker.
 * @param optionOf what is drawn
 * @returns the chart, and what takes it away again
 */
export function chartOn(
  element: HTMLElement,
  renderer: 'svg' | 'canvas',
  optionOf: (look: Look) => Parameters<EChartsType['setOption']>[0],
): { readonly chart: EChartsType; readonly dispose: () => void } {
  // The element is as wide as its page lets it, whatever was drawn in it before.
  element.style.contain = 'size'
  const chart = init(element, null, { renderer })
  const draw = (): void => {
    const style = getComputedStyle(element)
    chart.setOption(
      optionOf({
        colour: (name) => style.getPropertyValue(name).trim(),
        font: style.fontFamily,
      }),
      true,
    )
  }
  draw()
  const resized = new ResizeObserver(() => chart.resize())
  resized.observe(element)
  const onPaper = (): void => chart.resize({ width: Math.min(PAPER_PIXELS, element.clientWidth) })
  const onScreen = (): void => chart.resize({ width: 'auto' })
  window.addEventListener('beforeprint', onPaper)
  window.addEventListener('afterprint', onScreen)
  const relit = new MutationObserver(draw)
  relit.observe(document.documentElement, { attributeFilter: ['data-look'] })
  return {
    chart,
    dispose: () => {
      resized.disconnect()
      relit.disconnect()
      window.removeEventListener('beforeprint', onPaper)
      window.removeEventListener('afterprint', onScreen)
      chart.dispose()
    },
  }
}
