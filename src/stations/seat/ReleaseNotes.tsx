import clsx from 'clsx'
import type { ImprovisedTool, ReleaseHarm } from '@/core/parts/catalogue/releaseMechanisms'
import type { ReleaseTool } from '@/core/parts/catalogue/releaseTool'
import type { Reuse } from '@/core/record/standing/reuse'
import { Choice } from '@/ui/choice/Choice'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { plural } from '@/words/figures'
import { harmWords, improvisedWords, releaseTipWords, reuseLimitWords } from '@/words/release'
import { releaseTaskWords as words } from '@/words/screens/seat/releaseTask'

/** What breaks when it is done badly, and how that is seen. */
export const Harms = ({ harms }: { readonly harms: readonly ReleaseHarm[] }) => (
  <ul className={clsx(textCss.small, textCss.dim, paneCss.harms)} aria-label={words.whatCanBreak}>
    {harms.map((harm) => (
      <li key={harm}>
        <b>{harmWords[harm].what}</b>: {harmWords[harm].look}
      </li>
    ))}
  </ul>
)

/** The tool that lets it go, or what to do without one. */
export function ToolNote({
  tool,
  improvised,
  choose,
}: {
  readonly tool: ReleaseTool
  readonly improvised: ImprovisedTool | undefined
  readonly choose: (how: ImprovisedTool | undefined) => void
}) {
  if (tool.kind === 'none-needed') return <p>{words.byHandNoTool}</p>
  if (tool.kind === 'held') {
    return (
      <p>
        {words.withWord} <b>{releaseTipWords[tool.tip]}</b> <b className={textCss.mono}>{tool.tool.id}</b>
        {tool.twoEnds && <>{words.plainTipTipWith}</>}.
      </p>
    )
  }
  const forWhat = tool.insulationMm === undefined ? `size ${tool.size}` : words.sizeOnMm(tool.size, tool.insulationMm)
  return (
    <div className={clsx(noteCss.note, noteCss.fault)}>
      <p>
        <b>{words.noTipInCrib(releaseTipWords[tool.tip])}</b> {words.forAmongToolsOf(forWhat)}
        {tool.unfit.length > 0 && (
          <>{words.doesNotFit(tool.unfit.map((one) => one.id).join(', '), tool.unfit.length === 1)}</>
        )}
        {words.borrowOrBuyOne}
      </p>
      {tool.improvised.length > 0 && (
        <div className={paneCss.choices} role="group" aria-label={words.improvisedWrittenDown}>
          {tool.improvised.map((how) => (
            <Choice
              key={how}
              aria-pressed={how === improvised}
              onClick={() => choose(how === improvised ? undefined : how)}
            >
              <span aria-hidden="true">{how === improvised ? '✓' : '○'}</span>
              <span>{words.withWrittenDown(improvisedWords[how])}</span>
              <span />
            </Choice>
          ))}
        </div>
      )}
    </div>
  )
}

/** How often it was out, and what that means. */
export function ReuseNote({ reuse, spent }: { readonly reuse: Reuse; readonly spent: boolean }) {
  const grants = `${reuseLimitWords[reuse.by]} ${reuse.allowed === 0 ? words.noSecondUse : plural(reuse.allowed, 'reuse')}`
  return spent ? (
    <p className={clsx(noteCss.note, noteCss.attend)}>{words.itDoesNotGo(grants)}</p>
  ) : (
    <p className={clsx(textCss.small, textCss.dim)}>{words.outBefore(reuse.used, grants)}</p>
  )
}
