import { Checkbox } from '@mantine/core'
import clsx from 'clsx'
import type { PracticeId } from '@/core/parts/catalogue/practiceIds'
import { practicesAt } from '@/core/craft/crimp/practices'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { rulesOf } from '@/core/record/rules/rulesOf'
import type { PieceMove } from '@/core/work/crimp/pieceForm'
import { useJob } from '@/ui/job/JobProvider'
import noteCss from '@/ui/note/note.module.css'
import { practiceWords } from '@/words/practices'
import { looksWords as words } from '@/words/screens/crimp/looks'

/** What the house rules leave open before the stroke, ticked when it was done, and what goes into the record with this crimp. */
export function CrimpPractices({
  set,
  practices,
  move,
}: {
  readonly set: ChosenSet
  readonly practices: readonly PracticeId[]
  readonly move: (move: PieceMove) => void
}) {
  const { state } = useJob()
  const rules = rulesOf(state)
  const contact = state.facts.contacts[set.contact]
  const open = contact
    ? practicesAt('crimp', contact.construction, rules).open.filter((one) => one.saves.length === 0)
    : []
  return (
    <>
      {open.map((one) => (
        <Checkbox
          key={one.id}
          label={
            <>
              {words.beforeStroke(practiceWords[one.id].name)}
              {one.allowance(rules) === 'recorded' && words.andRecorded}
            </>
          }
          checked={practices.includes(one.id)}
          onChange={(event) => move({ kind: 'practice-ticked', practice: one.id, on: event.target.checked })}
        />
      ))}
      {practices.length > 0 && (
        <p className={clsx(noteCss.note, noteCss.caution)}>
          {words.recordedWithIt(practices.map((one) => practiceWords[one].name.toLowerCase()).join(', '))}
        </p>
      )}
    </>
  )
}
