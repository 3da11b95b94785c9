import { NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import type { FamilyDraft, FamilyFault } from '@/core/parts/sheets/familyDraft'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { heldWords } from '@/words/release'
import { familyEditorWords as texts } from '@/words/screens/shelf/familyEditor'
import { lockWords } from '@/words/lock'
import { familyHeadWords, sheetProblemWords } from '@/words/sheets'

/** What a family is as a whole: its names, its sheet, how it is sealed, held and locked. */
export function FamilyHead({
  draft,
  set,
  isNew,
  faults,
}: {
  readonly draft: FamilyDraft
  readonly set: (change: Partial<FamilyDraft>) => void
  readonly isNew: boolean
  readonly faults: readonly FamilyFault[]
}) {
  const headFault = (field: string) => {
    const fault = faults.find((one) => one.at === 'head' && one.field === field)
    return fault?.at === 'head' ? <span className={textCss.wrong}>▲ {sheetProblemWords(fault.problem)}</span> : null
  }
  const text = (
    field: 'id' | 'name' | 'document' | 'revision' | 'orientation',
    label: string,
    more: { readonly readOnly?: boolean; readonly autoFocus?: boolean; readonly placeholder?: string } = {},
  ) => (
    <TextInput
      label={label}
      value={draft[field]}
      {...more}
      onChange={(event) => set({ [field]: event.target.value })}
      error={headFault(field)}
    />
  )
  const choice = (
    field: 'basis' | 'sealing' | 'release' | 'lock' | 'plugTakes' | 'receptacleTakes',
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <NativeSelect label={label} value={draft[field]} onChange={(event) => set({ [field]: event.target.value })}>
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </NativeSelect>
  )
  const takes = [
    ['socket', 'sockets'],
    ['pin', 'pins'],
    ['either', texts.pinsOrSockets],
  ] as const
  return (
    <div className={clsx(paneCss.housingForm, paneCss.fixed)}>
      {text('name', familyHeadWords.name, { autoFocus: isNew, placeholder: texts.asPeopleCallIt })}
      {text('id', familyHeadWords.id, { readOnly: !isNew, placeholder: texts.shortNoSpaces })}
      {text('document', familyHeadWords.document, { placeholder: texts.whereItsFiguresStand })}
      {text('revision', texts.revision)}
      {choice('basis', texts.figuresAre, [
        ['sheet', texts.fromSheet],
        ['measured', texts.measuredHere],
        ['estimated', 'estimated'],
      ])}
      {choice('sealing', texts.sealing, [
        ['none', 'none'],
        ['wire-seal', texts.sealOnEachWire],
        ['mat-seal', texts.matWithOpenHoles],
        ['mat-self-piercing', texts.matThatIsPierced],
      ])}
      {choice('plugTakes', texts.plugTakes, takes)}
      {choice('receptacleTakes', texts.receptacleTakes, takes)}
      {choice(
        'release',
        texts.howContactIsHeld,
        Object.values(releaseMechanisms).map(({ id }) => [id, heldWords[id]]),
      )}
      {choice(
        'lock',
        texts.secondLock,
        Object.values(secondaryLocks).map(({ id }) => [id, lockWords[id].name]),
      )}
      {text('orientation', texts.whichWayUpContact)}
    </div>
  )
}
