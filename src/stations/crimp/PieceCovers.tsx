import clsx from 'clsx'
import type { QueueGroup } from '@/core/views/queue'
import { pairKey } from '@/core/craft/setup/crimpPair'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { termName } from '@/words/steps'
import styles from './PieceCovers.module.css'
import { pieceCoversWords as words } from '@/words/screens/crimp/pieceCovers'

/** The first pieces that a setup still wants: like which termination each is made, and what it stands for. */
export function PieceCovers({ group, at }: { readonly group: QueueGroup; readonly at?: string }) {
  const { state } = useJob()
  const { quantity } = state.plan
  const { pieces } = group.release
  const namesOf = (pairs: readonly string[]) =>
    group.items
      .filter((item) => item.stage !== 'crimped' && pairs.includes(item.pair))
      .map(({ termination }) => termName(termination.key, quantity))
  return (
    <ol className={clsx(textCss.small, styles.pieces)} aria-label={words.pieces}>
      {pieces.map(({ term, covers }, i) => (
        <li
          key={`${term} ${String(i)}`}
          className={term === at ? styles.now : undefined}
          aria-current={term === at ? 'step' : undefined}
        >
          {words.like(termName(term, quantity), namesOf(covers.map(pairKey)), term === at)}
        </li>
      ))}
    </ol>
  )
}
