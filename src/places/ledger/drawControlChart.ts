import { Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js'
import type { SeriesChart } from '@/core/views/ledger/seriesChart'
import { figure } from '@/words/figures'

Chart.register(LineController, LineElement, PointElement, LinearScale)

const token = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

interface Drawn {
  readonly chart: SeriesChart
  readonly lower: number | undefined
  readonly upper: number | undefined
  readonly digits: number
  readonly selected: number | undefined
  readonly onSelect: (at: number) => void
}

/** Draws it; gives how to take it away. Signals are triangles, scrapped pieces crosses, test pieces squares: never colour alone. */
export function drawControlChart(
  canvas: HTMLCanvasElement,
  { chart, lower, upper, digits, selected, onSelect }: Drawn,
): () => void {
  const signals = new Set(chart.signals.map((signal) => signal.at))
  const style = chart.shown.map((one) =>
    signals.has(one.at)
      ? 'triangle'
      : one.point.what === 'scrapped'
        ? 'crossRot'
        : one.point.what === 'crimp'
          ? 'circle'
          : 'rect',
  )
  const colour = chart.shown.map((one) =>
    signals.has(one.at) || one.point.what === 'scrapped' ? token('--oxblood') : token('--glaze'),
  )
  const small = chart.shown.length > 300
  const radius = chart.shown.map((one) => (one.at === selected ? 9 : signals.has(one.at) ? 6 : small ? 1.2 : 3.2))
  const last = Math.max(1, chart.shown.at(-1)?.at ?? 1)
  const across = (y: number | undefined, name: string, dash: number[]) =>
    y === undefined
      ? []
      : [
          {
            data: [
              { x: 0, y },
              { x: last, y },
            ],
            borderColor: token(name),
            borderWidth: 1.5,
            borderDash: dash,
            pointRadius: 0,
          },
        ]
  const font = { family: token('--mono'), size: 12 }
  const axis = { ticks: { color: token('--dim'), font }, grid: { color: token('--hairline') } }
  const drawn = new Chart(canvas, {
    type: 'line',
    data: {
      datasets: [
        {
          data: chart.shown.map((one) => ({ x: one.at, y: one.value })),
          borderColor: token('--glaze'),
          borderWidth: small ? 0.7 : 1.2,
          pointStyle: style,
          pointRadius: radius,
          pointBackgroundColor: colour,
          pointBorderColor: colour,
          pointBorderWidth: 2,
        },
        ...across(chart.chart?.centre, '--moss', []),
        ...across(chart.chart?.ucl, '--ochre', [6, 4]),
        ...across(chart.chart?.lcl, '--ochre', [6, 4]),
        ...across(upper, '--oxblood', [2, 3]),
        ...across(lower, '--oxblood', [2, 3]),
      ],
    },
    options: {
      animation: false,
      parsing: false,
      normalized: true,
      responsive: true,
      maintainAspectRatio: false,
      scales: {
        x: {
          ...axis,
          type: 'linear',
          min: 0,
          max: last,
          ticks: { ...axis.ticks, precision: 0, callback: (value) => String(Number(value) + 1) },
        },
        y: {
          ...axis,
          type: 'linear',
          grace: '8%',
          ticks: { ...axis.ticks, callback: (value) => figure(Number(value), digits) },
        },
      },
      onClick: (event, _elements, on) => {
        const [near] = on
          .getElementsAtEventForMode(event as unknown as Event, 'nearest', { axis: 'x', intersect: false }, false)
          .filter((one) => one.datasetIndex === 0)
        const one = near && chart.shown[near.index]
        if (one) onSelect(one.at)
      },
    },
  })
  return () => drawn.destroy()
}
