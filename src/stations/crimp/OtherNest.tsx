import { openingsOf } from '@/core/parts/catalogue/openings'
import type { Setup } from '@/core/craft/setup/setup'
import { Choice } from '@/ui/choice/Choice'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { mm } from '@/words/figures'
import { mountCardWords as words } from '@/words/screens/crimp/mountCard'

/** The nests of a tool that is tried, where another one than the estimated holds snugly: the hand knows, the setup follows. */
export function OtherNest({ setup }: { readonly setup: Setup }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const tool = state.facts.tools[setup.tool]
  const others = openingsOf(tool?.nestsMm, tool?.nestMarks).filter(({ mark }) => mark !== setup.nest)
  if (others.length === 0) return null
  return (
    <div role="group" aria-label={words.anotherNest}>
      <p className={textCss.small}>{words.anotherNest}</p>
      <div className={paneCss.choices}>
        {others.map(({ mark, mm: widthMm }) => (
          <Choice
            key={mark}
            inline
            mono
            disabled={busy}
            aria-label={words.nestIsSnug(mark)}
            onClick={() => void append({ kind: 'nest-found', setup, nest: mark })}
          >
            {mark} <span className={textCss.dim}>{mm(widthMm)}</span>
          </Choice>
        ))}
      </div>
    </div>
  )
}
