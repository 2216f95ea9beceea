/** A chart of Apache ECharts in an element: in the colours of the page and as large as the element, also later. */
import { type EChartsType, init } from 'echarts/core'

/** What the page looks like now. */
export interface Look {
  /** A colour of the page by the name of its variable, such as "--ink". */
  readonly colour: (name: string) => string
  readonly font: string
}

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
  const relit = new MutationObserver(draw)
  relit.observe(document.documentElement, { attributeFilter: ['data-look'] })
  return {
    chart,
    dispose: () => {
      resized.disconnect()
      relit.disconnect()
      chart.dispose()
    },
  }
}
