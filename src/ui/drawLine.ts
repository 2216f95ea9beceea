/** Draws values over time as a line with Apache ECharts, in the colours of the page. */
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { chartOn } from './chartOn'

use([LineChart, GridComponent, MarkAreaComponent, TooltipComponent, SVGRenderer])

interface Drawn {
  readonly label: (value: number) => string
  /** What stands on the axis at a time in milliseconds. */
  readonly time: (at: number) => string
  /** Where the values should lie; null where nobody knows. */
  readonly normal: { readonly from: number; readonly to: number } | null
  /** Many points: a line without a mark for each. */
  readonly isDense?: boolean
}

/** @returns what takes it away again */
export function drawLine(
  element: HTMLElement,
  points: readonly (readonly [at: number, value: number])[],
  { label, time, normal, isDense = false }: Drawn,
): () => void {
  const values = [...points.map(([, value]) => value), ...(normal ? [normal.from, normal.to] : [])]
  const room = (Math.max(...values) - Math.min(...values)) * 0.1
  const { dispose } = chartOn(element, 'svg', ({ colour, font }) => ({
    animation: false,
    textStyle: { fontFamily: font, color: colour('--ink') },
    grid: { left: 8, right: 18, top: 14, bottom: 4, containLabel: true },
    tooltip: {
      trigger: 'axis',
      valueFormatter: (value: unknown) => label(Number(value)),
      backgroundColor: colour('--paper'),
      borderColor: colour('--seam'),
      textStyle: { color: colour('--ink') },
    },
    xAxis: {
      type: 'time',
      splitNumber: 3,
      axisLabel: { color: colour('--ink-2'), hideOverlap: true, formatter: time },
      axisLine: { lineStyle: { color: colour('--seam') } },
    },
    yAxis: {
      type: 'value',
      scale: true,
      // A band is seen whole, whatever the values are.
      ...(normal && { min: Math.min(...values) - room, max: Math.max(...values) + room }),
      splitNumber: 3,
      axisLabel: { color: colour('--ink-2'), formatter: label },
      splitLine: { lineStyle: { color: colour('--hairline') } },
    },
    series: [
      {
        type: 'line',
        data: points.map(([at, value]) => [at, value]),
        symbol: isDense ? 'none' : 'circle',
        symbolSize: 9,
        lineStyle: { color: colour('--ink'), width: 2 },
        itemStyle: { color: colour('--paper'), borderColor: colour('--ink'), borderWidth: 2 },
        ...(normal && {
          markArea: {
            silent: true,
            itemStyle: { color: colour('--band') },
            data: [[{ yAxis: normal.from }, { yAxis: normal.to }]],
          },
        }),
      },
    ],
  }))
  return dispose
}
