/** Draws a year of hours as coloured cells with Apache ECharts: a day a column, an hour a row. */
import { HeatmapChart } from 'echarts/charts'
import { GridComponent, TooltipComponent, VisualMapPiecewiseComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { chartOn } from './chartOn'

use([HeatmapChart, GridComponent, TooltipComponent, VisualMapPiecewiseComponent, CanvasRenderer])

/** From the coldest up; each to the next in tenths of °C. */
const STEPS: readonly { readonly to: number; readonly colour: string }[] = [
  { to: -50, colour: '#1b3a8f' },
  { to: 0, colour: '#4a72cf' },
  { to: 80, colour: '#a9bfe6' },
  { to: 150, colour: '#d5dff0' },
  { to: 250, colour: '#dce7ea' },
  { to: 300, colour: '#fbe3b0' },
  { to: 400, colour: '#ee8f4f' },
  { to: 1000, colour: '#b83a0c' },
]

interface Drawn {
  /** Tenths of °C of each hour of each day; null where nothing is known. */
  readonly tenths: readonly (number | null)[]
  readonly days: number
  /** Whether an hour is drawn pale: nobody measured it. */
  readonly isPale: (index: number) => boolean
  /** What stands under a day; "" for none. */
  readonly day: (day: number) => string
  readonly tip: (day: number, hour: number, tenths: number) => string
  readonly onDay: (day: number) => void
}

/** @returns what takes it away again */
export function drawYear(element: HTMLElement, of: Drawn): () => void {
  const data = of.tenths.flatMap((tenths, index) =>
    tenths === null
      ? []
      : [
          {
            value: [Math.floor(index / 24), index % 24, tenths],
            itemStyle: { opacity: of.isPale(index) ? 0.4 : 1 },
          },
        ],
  )
  const { chart, dispose } = chartOn(element, 'canvas', ({ colour, font }) => ({
    animation: false,
    textStyle: { fontFamily: font, color: colour('--ink') },
    grid: { left: 34, right: 6, top: 6, bottom: 22 },
    tooltip: {
      backgroundColor: colour('--paper'),
      borderColor: colour('--seam'),
      textStyle: { color: colour('--ink') },
      formatter: (cell: unknown) => {
        const [day = 0, hour = 0, tenths = 0] = (cell as { value: number[] }).value
        return of.tip(day, hour, tenths)
      },
    },
    xAxis: {
      type: 'category',
      data: Array.from({ length: of.days }, (_, day) => day),
      axisTick: { show: false },
      axisLine: { show: false },
      axisLabel: {
        color: colour('--ink-2'),
        interval: (day: number) => of.day(day) !== '',
        formatter: (day: string) => of.day(Number(day)),
      },
    },
    yAxis: {
      type: 'category',
      inverse: true,
      data: Array.from({ length: 24 }, (_, hour) => hour),
      axisTick: { show: false },
      axisLine: { show: false },
      axisLabel: { color: colour('--ink-2'), interval: (hour: number) => hour % 6 === 0 },
    },
    visualMap: {
      type: 'piecewise',
      show: false,
      dimension: 2,
      pieces: STEPS.map(({ to, colour: fill }, at) => ({
        gt: STEPS[at - 1]?.to ?? -1000,
        lte: to,
        color: fill,
      })),
    },
    series: [
      {
        type: 'heatmap',
        data,
        progressive: 0,
        progressiveThreshold: 100_000,
        emphasis: { disabled: true },
      },
    ],
  }))
  chart.on('click', (cell) => of.onDay((cell.value as number[])[0] ?? 0))
  return dispose
}
