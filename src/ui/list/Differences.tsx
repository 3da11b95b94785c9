import { differencesWords as words } from '@/words/screens/list/differences'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import type { FigureChange } from '@/core/parts/catalogue/comparePackages'

const said = (value: unknown): string =>
  value === undefined ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value)

/** What differs between two states of one thing: where, what it was, what it is. */
export function Differences({ shown, more }: { readonly shown: readonly FigureChange[]; readonly more: number }) {
  return (
    <>
      {shown.map((one) => (
        <span key={one.path} className={clsx(textCss.mono, textCss.small, textCss.block)}>
          {one.path}: {said(one.from)} → {said(one.to)}
        </span>
      ))}
      {more > 0 && <span className={clsx(textCss.small, textCss.dim)}>{words.andMore(more)}</span>}
    </>
  )
}
