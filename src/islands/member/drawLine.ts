/** Draws a line over days with Apache ECharts in the colours of the page. */
import { LineChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { init, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'

use([LineChart, GridComponent, TooltipComponent, SVGRenderer])

interface Point {
  readonly day: string
  readonly value: number
}

/** @returns what takes it away again */
export function drawLine(
  element: HTMLElement,
  points: readonly Point[],
  text: { readonly label: (value: number) => string; readonly day: (day: string) => string },
): () => void {
  const style = getComputedStyle(element)
  const colour = (name: string): string => style.getPropertyValue(name).trim()
  const chart = init(element, null, { renderer: 'svg' })
  chart.setOption({
    animation: false,
    textStyle: { fontFamily: style.fontFamily, color: colour('--ink') },
    grid: { left: 8, right: 16, top: 14, bottom: 4, containLabel: true },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => text.label(Number(value)),
      backgroundColor: colour('--paper'),
      borderColor: colour('--seam'),
      textStyle: { color: colour('--ink') },
    },
    xAxis: {
      type: 'time',
      splitNumber: 3,
      axisLabel: {
        color: colour('--ink-2'),
        formatter: (value: number) => text.day(new Date(value).toISOString().slice(0, 10)),
      },
      axisLine: { lineStyle: { color: colour('--seam') } },
    },
    yAxis: {
      type: 'value',
      scale: true,
      splitNumber: 3,
      axisLabel: { color: colour('--ink-2'), formatter: text.label },
      splitLine: { lineStyle: { color: colour('--hairline') } },
    },
    series: [
      {
        type: 'line',
        data: points.map(({ day, value }) => [day, value]),
        symbol: 'circle',
        symbolSize: 9,
        lineStyle: { color: colour('--ink'), width: 2 },
        itemStyle: { color: colour('--paper'), borderColor: colour('--ink'), borderWidth: 2 },
      },
    ],
  })
  const resized = new ResizeObserver(() => chart.resize())
  resized.observe(element)
  return () => {
    resized.disconnect()
    chart.dispose()
  }
}
