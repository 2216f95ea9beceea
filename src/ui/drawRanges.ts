/** Draws what is likely by month as bars, with whiskers for the range, in the colours of the page. */
import { BarChart, CustomChart } from 'echarts/charts'
import { GridComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import type { Range } from '../core/forecast/forecast'
import { chartOn } from './chartOn'

use([BarChart, CustomChart, GridComponent, TooltipComponent, SVGRenderer])

interface Drawn {
  readonly names: readonly string[]
  readonly label: (value: number) => string
  /** What is told when a bar is pointed at. */
  readonly told: (range: Range) => string
}

/** Half the width of a whisker's ends, in pixels. */
const END = 4

/** @returns what takes it away again */
export function drawRanges(
  element: HTMLElement,
  ranges: readonly Range[],
  { names, label, told }: Drawn,
): () => void {
  const { dispose } = chartOn(element, 'svg', ({ colour, font }) => {
    const ink = colour('--ink')
    return {
      animation: false,
      textStyle: { fontFamily: font, color: ink },
      grid: { left: 8, right: 10, top: 14, bottom: 4, containLabel: true },
      tooltip: {
        trigger: 'axis',
        axisPointer: { type: 'shadow' },
        backgroundColor: colour('--paper'),
        borderColor: colour('--seam'),
        textStyle: { color: ink },
        formatter: (of: unknown) => {
          const [{ dataIndex = 0 } = {}] = of as { dataIndex?: number }[]
          const range = ranges[dataIndex]
          return range ? `${names[dataIndex]}<br>${told(range)}` : ''
        },
      },
      xAxis: {
        type: 'category',
        data: [...names],
        axisLabel: { color: colour('--ink-2'), hideOverlap: true },
        axisLine: { lineStyle: { color: colour('--seam') } },
        axisTick: { show: false },
      },
      yAxis: {
        type: 'value',
        splitNumber: 3,
        axisLabel: { color: colour('--ink-2'), formatter: label },
        splitLine: { lineStyle: { color: colour('--hairline') } },
      },
      series: [
        {
          type: 'bar',
          data: ranges.map(({ middle }) => middle),
          barWidth: '62%',
          itemStyle: { color: colour('--turning-deep'), borderColor: ink, borderWidth: 1.5 },
        },
        {
          type: 'custom',
          silent: true,
          data: ranges.map(({ low, high }, at) => [at, low, high]),
          encode: { x: 0, y: [1, 2] },
          renderItem: (
            _: unknown,
            api: {
              value: (at: number) => number
              coord: (at: [number, number]) => [number, number]
            },
          ) => {
            const [x, low] = api.coord([api.value(0), api.value(1)])
            const [, high] = api.coord([api.value(0), api.value(2)])
            const line = (x1: number, y1: number, x2: number, y2: number) => ({
              type: 'line',
              shape: { x1, y1, x2, y2 },
              style: { stroke: ink, lineWidth: 1.5 },
            })
            return {
              type: 'group',
              children: [
                line(x, low, x, high),
                line(x - END, low, x + END, low),
                line(x - END, high, x + END, high),
              ],
            }
          },
          z: 3,
        },
      ],
    }
  })
  return dispose
}
