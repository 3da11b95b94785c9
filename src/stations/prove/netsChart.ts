import { BarController, BarElement, CategoryScale, Chart, LinearScale, PointElement, ScatterController } from 'chart.js'
import { netsChartWords as words } from '@/words/screens/prove/netsChart'

Chart.register(BarController, BarElement, ScatterController, PointElement, CategoryScale, LinearScale)

const token = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** A net as it is charted: its window and its reading, in percent of what it should be. */
export interface ChartedNet {
  readonly name: string
  readonly lowPercent: number
  readonly highPercent: number
  readonly readPercent: number | undefined
  readonly tone: 'good' | 'fault' | 'caution'
}

const looks = {
  good: { style: 'circle', colour: '--moss' },
  caution: { style: 'rectRot', colour: '--ochre' },
  fault: { style: 'triangle', colour: '--oxblood' },
} as const

/** Draws nets against their windows, one under another; gives how to take it away. Never told by colour alone. */
export function drawNets(canvas: HTMLCanvasElement, nets: readonly ChartedNet[]): () => void {
  const font = { family: token('--mono'), size: 12 }
  const names = nets.map(({ name }) => name)
  const read = nets.flatMap(({ name, readPercent, tone }) =>
    readPercent === undefined ? [] : [{ x: readPercent, y: name, tone }],
  )
  const chart = new Chart(canvas, {
    data: {
      labels: names,
      datasets: [
        {
          type: 'scatter',
          // the category of a point is its net
          data: read as unknown as { x: number; y: number }[],
          pointStyle: read.map(({ tone }) => looks[tone].style),
          pointBackgroundColor: read.map(({ tone }) => token(looks[tone].colour)),
          pointBorderColor: read.map(({ tone }) => token(looks[tone].colour)),
          pointRadius: 6,
        },
        {
          type: 'bar',
          data: nets.map(({ lowPercent, highPercent }): [number, number] => [lowPercent, highPercent]) as never,
          backgroundColor: token('--glaze-wash'),
          borderColor: token('--glaze'),
          borderWidth: { left: 2, right: 2, top: 0, bottom: 0 },
          borderSkipped: false,
          barPercentage: 0.8,
        },
      ],
    },
    options: {
      indexAxis: 'y',
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      plugins: { legend: { display: false } },
      scales: {
        x: {
          position: 'top',
          title: { display: true, text: words.percentOfWhat, color: token('--dim'), font },
          ticks: { color: token('--dim'), font },
          grid: { color: token('--hairline') },
        },
        y: {
          type: 'category',
          labels: names,
          ticks: { color: token('--ink'), font, autoSkip: false },
          grid: { display: false },
        },
      },
    },
  })
  return () => chart.destroy()
}
