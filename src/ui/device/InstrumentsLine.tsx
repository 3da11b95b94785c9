import { instrumentsLineWords as words } from '@/words/screens/device/instrumentsLine'
import clsx from 'clsx'
import styles from './InstrumentsLine.module.css'
import textCss from '@/ui/text/text.module.css'
import cardCss from '@/ui/card/card.module.css'
import { NativeSelect } from '@mantine/core'
import { Link } from '@/ui/address/Link'
import { pieceFaults, type PieceFault } from '@/core/craft/specimen/pieceMade'
import type { InstrumentId } from '@/core/base/instrument/instruments'
import { instrumentWords, pieceFaultWords } from '@/words/devices'
import { isStandIn, useInstrumentViews } from './useInstrumentViews'

/** The instruments that a card asks, each with its link; and, where they are stand-ins, which piece lies in them. */
export function InstrumentsLine({
  ids,
  fault,
  onFault,
}: {
  readonly ids: readonly InstrumentId[]
  readonly fault: PieceFault | undefined
  readonly onFault: (fault: PieceFault | undefined) => void
}) {
  const { views } = useInstrumentViews()
  if (!views) return null
  const here = ids.flatMap((id) => views.find((view) => view.id === id) ?? [])
  return (
    <div className={clsx(styles.line, textCss.small)}>
      {here.map((view) => (
        <Link key={view.id} href="/crib?show=instruments" className={cardCss.chip} title={view.message}>
          <span aria-hidden="true" className={view.identity === undefined ? textCss.fault : textCss.good}>
            {view.identity === undefined ? '▲' : '●'}
          </span>
          {instrumentWords[view.id].name}: {view.identity === undefined ? words.noLink : view.identity.split(',')[1]}
        </Link>
      ))}
      {here.some(isStandIn) && (
        <NativeSelect
          label={words.inStandInsLies}
          value={fault ?? ''}
          onChange={(event) => onFault(event.target.value === '' ? undefined : (event.target.value as PieceFault))}
        >
          <option value="">{words.soundPiece}</option>
          {Object.keys(pieceFaults).map((one) => (
            <option key={one} value={one}>
              {pieceFaultWords[one as PieceFault]}
            </option>
          ))}
        </NativeSelect>
      )}
    </div>
  )
}
