import { pullSourcesWords as words } from '@/words/screens/crimp/pullSources'
import { outOfReachWords, pullBasisWords } from '@/words/pullTables'
import { strandsBreakAtN } from '@/core/craft/fit/requiredPull'
import { strandAreaMm2 } from '@/core/base/wire/bundle'
import { useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import type { ReactNode } from 'react'
import type { QueueItem } from '@/core/views/queue'

/** Where the asked pull and the height come from. */
export function PullSources({
  item: { set, termination },
  children,
}: {
  readonly item: QueueItem
  readonly children?: ReactNode
}) {
  const { state } = useJob()
  const { pull, height } = set
  const from = pull ? `≥ ${String(pull.forceN)} N, ${pullBasisWords(pull)}` : words.noFigureThisWire
  const type = state.facts.wireTypes[termination.wire.type]
  const breaksAtN = strandsBreakAtN(pull, type && strandAreaMm2(type.strands, type.strandMm))
  return (
    <div className={paneCss.sources}>
      {children}
      <span>{words.pull(from)}</span>
      {pull && breaksAtN !== undefined && (
        <b className={textCss.caution}>◆ {outOfReachWords(pull.forceN, breaksAtN)}</b>
      )}
      {height && <span>{words.height(height.estimate ? words.estimatedFromCompactionTo : set.source)}</span>}
    </div>
  )
}
