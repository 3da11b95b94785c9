import { Button, Kbd } from '@mantine/core'
import type { PieceForm, PieceMove } from '@/core/work/crimp/pieceForm'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import { handPullWords as words } from '@/words/screens/crimp/handPull'

/** A piece that is pulled by hand, where the house rules take that: it held, or it came off. There is no figure. */
export function HandPull({ form, move }: { readonly form: PieceForm; readonly move: (move: PieceMove) => void }) {
  const held = () => move({ kind: 'pulled-by-hand', how: 'held' })
  useKeys([{ key: 'h', words: words.heldKey, run: held }])
  return (
    <div className={paneCss.two}>
      <Button aria-pressed={form.byHand === 'held'} onClick={held}>
        <span>{words.held}</span> <Kbd aria-hidden="true">H</Kbd>
      </Button>
      <Button
        aria-pressed={form.byHand === 'came-off'}
        onClick={() => move({ kind: 'pulled-by-hand', how: 'came-off' })}
      >
        <span>{words.cameOff}</span>
      </Button>
    </div>
  )
}
