/** Draws the lowest and the highest of each day as a ribbon with Apache ECharts, in the colours of the page. */
import { CustomChart } from 'echarts/charts'
import {
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { chartOn } from './chartOn'

use([
  CustomChart,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
  SVGRenderer,
])

export interface DrawnDay {
  readonly low: number
  readonly high: number
  /** Nobody measured it. */
  readonly isPale: boolean
  /** It was colder or hotter than it should be. */
  readonly isOut: boolean
}

interface Drawn {
  /** Each day from the first on; null where nothing is known. */
  readonly days: readonly (DrawnDay | null)[]
  readonly band: { readonly from: number | null; readonly to: number | null } | null
  /** Upright lines: what happened on a day. */
  readonly marks: readonly { readonly day: number; readonly text: string }[]
  /** What stands under a day; "" for none. */
  readonly under: (day: number) => string
  readonly tip: (day: number) => string
}

/** No day is drawn thinner than this; shorter ranges would not be seen. */
const LEAST_PIXELS = 2

const hueOf = ({ isPale, isOut }: DrawnDay): string =>
  isOut ? '--bad' : isPale ? '--seam' : '--ink'

/** @returns what takes it away again */
export function drawDays(element: HTMLElement, of: Drawn): () => void {
  const known = of.days.flatMap((day) => (day ? [day] : []))
  const ends = [of.band?.from, of.band?.to].filter((one): one is number => typeof one === 'number')
  const least = Math.floor(Math.min(...known.map(({ low }) => low), ...ends) - 2)
  const most = Math.ceil(Math.max(...known.map(({ high }) => high), ...ends) + 2)
  const { dispose } = chartOn(element, 'svg', ({ colour, font }) => ({
    animation: false,
    textStyle: { fontFamily: font, color: colour('--ink') },
    grid: { left: 8, right: 12, top: 22, bottom: 4, containLabel: true },
    tooltip: {
      trigger: 'axis',
      backgroundColor: colour('--paper'),
      borderColor: colour('--seam'),
      textStyle: { color: colour('--ink') },
      formatter: (at: unknown) => of.tip((at as { dataIndex: number }[])[0]?.dataIndex ?? 0),
    },
    xAxis: {
      type: 'category',
      data: of.days.map((_, day) => day),
      axisTick: { show: false },
      axisLine: { lineStyle: { color: colour('--seam') } },
      axisLabel: {
        color: colour('--ink-2'),
        interval: (day: number) => of.under(day) !== '',
        formatter: (day: string) => of.under(Number(day)),
      },
    },
    yAxis: {
      type: 'value',
      min: least,
      max: most,
      splitNumber: 4,
      axisLabel: { color: colour('--ink-2'), formatter: '{value}°' },
      splitLine: { lineStyle: { color: colour('--hairline') } },
    },
    series: [
      {
        type: 'custom',
        encode: { x: 0, y: [1, 2] },
        data: of.days.map((day, at) => [at, day?.low ?? '-', day?.high ?? '-']),
        renderItem: (
          _: unknown,
          api: {
            value: (of: number) => number
            coord: (of: readonly number[]) => number[]
            size: (of: readonly number[]) => number[]
          },
        ) => {
          const at = api.value(0)
          const day = of.days[at]
          if (!day) return undefined
          const [x = 0, top = 0] = api.coord([at, day.high])
          const [, bottom = 0] = api.coord([at, day.low])
          const [wide = 1] = api.size([1, 0])
          return {
            type: 'rect',
            shape: {
              x: x - wide / 2,
              y: top,
              width: Math.max(1, wide * 0.86),
              height: Math.max(LEAST_PIXELS, bottom - top),
            },
            style: { fill: colour(hueOf(day)), opacity: day.isPale ? 0.55 : 0.8 },
          }
        },
        ...(of.band && {
          markArea: {
            silent: true,
            itemStyle: { color: colour('--band'), opacity: 0.7 },
            data: [[{ yAxis: of.band.from ?? least }, { yAxis: of.band.to ?? most }]],
          },
        }),
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: colour('--ink-2'), type: 'dashed' },
          label: { color: colour('--ink-2'), position: 'end', fontSize: 11 },
          data: of.marks.map(({ day, text }) => ({ xAxis: day, label: { formatter: text } })),
        },
      },
    ],
  }))
  return dispose
}
