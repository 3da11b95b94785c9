import clsx from 'clsx'
import type { SaidFigure } from '@/words/figures'
import textCss from './text.module.css'

/** A figure of a table in the units that come first, the others small below it. */
export function Both({ said: { value, unit, other } }: { readonly said: SaidFigure }) {
  return (
    <>
      {value} {unit}
      <span className={clsx(textCss.small, textCss.dim, textCss.under)}>{other}</span>
    </>
  )
}
