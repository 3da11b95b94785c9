import { Button, Kbd } from '@mantine/core'
import { memo } from 'react'
import { termLabel } from '@/core/record/plan/keys'
import type { Termination } from '@/core/record/plan/plan'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { useSteady } from '@/ui/useSteady'
import { Swatch } from '@/ui/wire/Swatch'
import { prepWords as words } from '@/words/screens/prep/prepItem'
import styles from './AlikeSet.module.css'

/** Pieces that are prepared alike, with one tick for all: which they are, and which of them are left out. */
export function AlikeSet({
  pieces,
  out,
  setOut,
  alone,
  setAlone,
}: {
  /** the piece of this card first; it is never left out */
  readonly pieces: readonly Termination[]
  readonly out: ReadonlySet<string>
  readonly setOut: (out: ReadonlySet<string>) => void
  readonly alone: boolean
  readonly setAlone: (alone: boolean) => void
}) {
  const toggle = useSteady((key: string) => {
    const next = new Set(out)
    if (!next.delete(key)) next.add(key)
    setOut(next)
  })
  const name = alone ? words.allAtOnce(pieces.length) : words.oneByOne
  const change = () => setAlone(!alone)
  useKeys([{ key: 'q', words: name, run: change }])
  return (
    <section className={styles.set} aria-label={words.alike(pieces.length)}>
      {!alone && (
        <>
          <p className={textCss.dim}>{words.alikeHint}</p>
          <div className={paneCss.fieldRow}>
            {pieces.map(({ key, wire }, i) => (
              <Piece key={key} id={key} colour={wire.colour} isFirst={i === 0} isIn={!out.has(key)} toggle={toggle} />
            ))}
          </div>
        </>
      )}
      <Button onClick={change}>
        <span>{name}</span> <Kbd aria-hidden="true">Q</Kbd>
      </Button>
    </section>
  )
}

/** The next piece's set is most often the same but for one: only that is drawn. */
const Piece = memo(function Piece({
  id,
  colour,
  isFirst,
  isIn,
  toggle,
}: {
  readonly id: string
  readonly colour: string
  readonly isFirst: boolean
  readonly isIn: boolean
  readonly toggle: (id: string) => void
}) {
  return (
    <Button
      className={styles.piece}
      fullWidth={false}
      disabled={isFirst}
      aria-pressed={isIn}
      aria-label={words.leaveOut(termLabel(id))}
      onClick={() => toggle(id)}
    >
      <Swatch colour={colour} width={14} /> <span>{termLabel(id)}</span>
    </Button>
  )
})
