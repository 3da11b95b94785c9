import { Table } from '@mantine/core'
import clsx from 'clsx'
import { housingOf } from '@/core/record/plan/facts'
import { LOOSE } from '@/core/record/plan/nets'
import { useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import textCss from '@/ui/text/text.module.css'
import { pointName } from '@/words/proving'
import { analyserViewWords as words } from '@/words/screens/prove/analyserView'
import styles from './AnalyserView.module.css'

/** Which end lies on which points of the analyser: first and last cavity, one after the other. */
export function PointsOnAnalyser({ points }: { readonly points: readonly string[] }) {
  const { state } = useJob()
  const endOf = (point: string) => point.slice(0, point.indexOf('.'))
  const ends = [...new Set(points.map(endOf))].map((end) => {
    const own = points.flatMap((point, i) => (endOf(point) === end ? [{ point, number: i + 1 }] : []))
    return { end, first: own[0], last: own.at(-1) }
  })
  return (
    <section className={clsx(paneCss.panel, styles.points)} aria-label={words.endsOnPoints}>
      <Table>
        <HeadRow names={[words.end, words.onPoints, words.fromTo]} />
        <Table.Tbody>
          {ends.map(({ end, first, last }) => (
            <Table.Tr key={end}>
              <Table.Td>
                <b>{end === LOOSE ? words.bareEnds : end}</b>{' '}
                <span className={textCss.dim}>{housingOf(state.facts, state.plan, end)?.name}</span>
              </Table.Td>
              <Table.Td className={textCss.mono}>
                {first?.number} – {last?.number}
              </Table.Td>
              <Table.Td className={textCss.mono}>
                {pointName(first?.point ?? '')} … {pointName(last?.point ?? '')}
              </Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  )
}
