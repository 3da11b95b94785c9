import clsx from 'clsx'
import cardCss from '@/ui/card/card.module.css'
import textCss from '@/ui/text/text.module.css'
import { type SideLetter, type Wire, sideOf } from '@/core/record/plan/plan'
import { writePlace } from '@/core/record/plan/writePlace'
import { Swatch } from '../wire/Swatch'

/** `A.7`, `open`, or the part that a side ends in. */
export const sideWords = (wire: Wire, side: SideLetter): string => writePlace(sideOf(wire, side))

/** Which wire this is: id, where it goes, colour, signal. */
export function WireChips({ wire, side }: { readonly wire: Wire; readonly side?: SideLetter }) {
  return (
    <div className={cardCss.cardChips}>
      <span className={clsx(cardCss.chip, textCss.mono)}>
        {wire.id}
        {side} → {side ? sideWords(wire, side) : `${sideWords(wire, 'a')}, ${sideWords(wire, 'b')}`}
      </span>
      <span className={cardCss.chip}>
        <Swatch colour={wire.colour} width={16} />
      </span>
      {wire.signal !== undefined && <span className={cardCss.chip}>{wire.signal}</span>}
    </div>
  )
}
