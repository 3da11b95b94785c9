import { openingsOf } from '@/core/parts/catalogue/openings'
import type { Setup } from '@/core/craft/setup/setup'
import { Choice } from '@/ui/choice/Choice'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import textCss from '@/ui/text/text.module.css'
import { mm } from '@/words/figures'
import { mountCardWords as words } from '@/words/screens/crimp/mountCard'
import styles from './MountCard.module.css'

/** The nests of a tool that is tried, where another one than the estimated holds snugly: the hand knows, the setup follows. */
export function OtherNest({ setup }: { readonly setup: Setup }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const tool = state.facts.tools[setup.tool]
  const others = openingsOf(tool?.nestsMm, tool?.nestMarks).filter(({ mark }) => mark !== setup.nest)
  if (others.length === 0) return null
  return (
    <div className={styles.padded}>
      <h3 className={textCss.small}>{words.anotherNest}</h3>
      <div className={styles.nests} role="group" aria-label={words.anotherNest}>
        {others.map(({ mark, mm: widthMm }) => (
          <Choice
            key={mark}
            inline
            mono
            disabled={busy}
            aria-label={words.nestIsSnug(mark)}
            onClick={() => void append({ kind: 'nest-found', setup, nest: mark })}
          >
            {mark} {mark !== widthMm.toFixed(1) && <span className={textCss.dim}>{mm(widthMm)}</span>}
          </Choice>
        ))}
      </div>
    </div>
  )
}
