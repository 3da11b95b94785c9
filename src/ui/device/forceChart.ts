import {
  Chart,
  Decimation,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  type ChartConfiguration,
} from 'chart.js'

Chart.register(LineController, LineElement, PointElement, LinearScale, Decimation)

const token = (name: string) => getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** A line chart of newtons over seconds, with the force that is asked as a line across. */
export function forceChart(canvas: HTMLCanvasElement, minimumN: number | undefined): Chart {
  const ink = token('--dim')
  const grid = token('--hairline')
  const font = { family: token('--mono'), size: 12 }
  const scale = (text: string) => ({
    type: 'linear' as const,
    beginAtZero: true,
    title: { display: true, text, color: ink, font },
    ticks: { color: ink, font },
    grid: { color: grid },
  })
  const config: ChartConfiguration<'line', { x: number; y: number }[]> = {
    type: 'line',
    data: {
      datasets: [
        { data: [], borderColor: token('--glaze'), borderWidth: 2, pointRadius: 0 },
        ...(minimumN === undefined
          ? []
          : [
              {
                data: [
                  { x: 0, y: minimumN },
                  { x: 0.5, y: minimumN },
                ],
                borderColor: token('--terracotta'),
                borderWidth: 1.5,
                borderDash: [6, 4],
                pointRadius: 0,
              },
            ]),
      ],
    },
    options: {
      animation: false,
      parsing: false,
      normalized: true,
      responsive: true,
      maintainAspectRatio: false,
      events: [],
      plugins: { decimation: { enabled: true, algorithm: 'min-max' } },
      scales: { x: scale('seconds'), y: scale('newtons') },
    },
  }
  return new Chart(canvas, config)
}

/** Adds what has come since: seconds, newtons, seconds, newtons … */
export function addPoints(chart: Chart, all: readonly number[], from: number): void {
  const line = chart.data.datasets[0]?.data as { x: number; y: number }[] | undefined
  for (let i = from; i < all.length; i += 2) line?.push({ x: all[i] ?? 0, y: all[i + 1] ?? 0 })
  const asked = chart.data.datasets[1]?.data as { x: number; y: number }[] | undefined
  if (asked?.[1] && line) asked[1].x = Math.max(0.5, line.at(-1)?.x ?? 0)
  chart.update('none')
}
