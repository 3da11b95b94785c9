import { NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { releaseMechanisms } from '@/core/parts/catalogue/releaseMechanisms'
import { secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import { Segments } from '@/ui/choice/Segments'
import { PictureChoice } from '@/ui/choice/PictureChoice'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { heldWords } from '@/words/release'
import { familyKindWords as texts } from '@/words/screens/shelf/familyKind'
import { lockWords } from '@/words/lock'
import { familyHeadWords, sheetProblemWords } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { HeldPicture, LockPicture, SealingPicture } from './KindPictures'
import styles from './FamilyEditor.module.css'

const sealings = (['none', 'wire-seal', 'mat-seal', 'mat-self-piercing'] as const).map((id) => ({
  id,
  words: texts.sealings[id],
  picture: <SealingPicture of={id} />,
}))
const held = Object.values(releaseMechanisms).map(({ id }) => ({
  id,
  words: texts.held[id],
  picture: <HeldPicture of={id} />,
}))
const locks = Object.values(secondaryLocks).map(({ id }) => ({
  id,
  words: lockWords[id].name,
  picture: <LockPicture of={id} />,
}))
const takes = [
  ['socket', texts.sockets],
  ['pin', texts.pins],
  ['either', texts.both],
] as const
const bases = [
  ['sheet', texts.fromSheet],
  ['measured', texts.measuredHere],
  ['estimated', texts.estimated],
] as const

/** What kind of connector it is, from pictures; its names and its sheet. */
export function KindStep({ hand, isNew }: { readonly hand: EditorHand; readonly isNew: boolean }) {
  const { draft, set, reading, asked } = hand
  const faultOf = (field: 'id' | 'name' | 'document') => {
    const fault = asked ? reading.faults.find((one) => one.at === 'head' && one.field === field) : undefined
    return fault?.at === 'head' ? `▲ ${sheetProblemWords(fault.problem)}` : undefined
  }
  const text = (
    field: 'id' | 'name' | 'document' | 'revision' | 'orientation',
    label: string,
    placeholder?: string,
  ) => (
    <TextInput
      label={label}
      value={draft[field]}
      placeholder={placeholder}
      readOnly={field === 'id' && !isNew}
      autoFocus={field === 'name' && isNew}
      onChange={(event) => set({ [field]: event.target.value })}
      error={field === 'revision' || field === 'orientation' ? undefined : faultOf(field)}
    />
  )
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        <PictureChoice
          label={texts.sealing}
          value={draft.sealing}
          of={sealings}
          pick={(sealing) => set({ sealing })}
          columns={4}
        />
        <PictureChoice
          label={texts.howContactIsHeld}
          description={heldWords[draft.release]}
          value={draft.release}
          of={held}
          pick={(release) => set({ release })}
          columns={4}
        />
        <PictureChoice
          label={texts.secondLock}
          description={draft.lock === 'none' ? undefined : texts.lockIsSaidLater}
          value={draft.lock}
          of={locks}
          pick={(lock) => set({ lock })}
          columns={6}
        />
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.namesAndSheet}>
        <h3 className={textCss.cardTitle}>{texts.namesAndSheet}</h3>
        {text('name', familyHeadWords.name, texts.asPeopleCallIt)}
        {text('id', familyHeadWords.id, texts.shortNoSpaces)}
        {text('document', familyHeadWords.document, texts.whereItsFiguresStand)}
        {text('revision', texts.revision)}
        <Segments label={texts.figuresAre} value={draft.basis} of={bases} pick={(basis) => set({ basis })} />
        <NativeSelect
          label={texts.plugTakes}
          value={draft.plugTakes}
          data={takes.map(([value, label]) => ({ value, label }))}
          onChange={(event) => {
            const said = takes.find(([id]) => id === event.target.value)?.[0]
            // the other half takes what goes into these, until somebody says otherwise
            if (said)
              set({
                plugTakes: said,
                receptacleTakes: said === 'socket' ? 'pin' : said === 'pin' ? 'socket' : 'either',
              })
          }}
        />
        <NativeSelect
          label={texts.receptacleTakes}
          value={draft.receptacleTakes}
          data={takes.map(([value, label]) => ({ value, label }))}
          onChange={(event) => {
            const said = takes.find(([id]) => id === event.target.value)?.[0]
            if (said) set({ receptacleTakes: said })
          }}
        />
        {text('orientation', texts.whichWayUpContact, texts.forExample)}
      </aside>
    </>
  )
}
