import { Checkbox } from '@mantine/core'
import clsx from 'clsx'
import { helps, helpsAt, type HelpId } from '@/core/craft/release/helps'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import { helpWords } from '@/words/release'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'

/** What helps a contact in or out, where the house rules let a hand use it: flagged in the record. */
export function Helps({
  at,
  used,
  choose,
}: {
  readonly at: 'seat' | 'release'
  readonly used: readonly HelpId[]
  readonly choose: (used: readonly HelpId[]) => void
}) {
  const { state } = useJob()
  const offered = helpsAt(at, rulesOf(state))
  if (offered.length === 0) return null
  return (
    <>
      <Checkbox.Group label={words.helps} value={[...used]} onChange={choose}>
        {offered.map(({ id }) => (
          <Checkbox key={id} value={id} label={helpWords[id]} />
        ))}
      </Checkbox.Group>
      {used.some((id) => helps[id].flammable) && <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.flames}</p>}
    </>
  )
}
