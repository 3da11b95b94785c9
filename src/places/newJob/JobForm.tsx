import { bareUnit } from '@/words/benchUnits'
import { plausible } from '@/core/base/units/plausible'
import { understoodAs } from '@/words/quantity'
import type { UseFormReturnType } from '@mantine/form'
import { Button, Checkbox, Kbd, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import type { Plan } from '@/core/record/plan/plan'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { list, plural } from '@/words/figures'
import { newJobPlaceWords as texts } from '@/words/screens/newJob/newJobPlace'
import type { NewJobDraft } from './newJobDraft'
import type { Preview } from './preview'

const kindWords: Readonly<Record<Plan['kind'], string>> = {
  build: texts.buildIt,
  're-pin': texts.rePinHarnessThat,
  repair: texts.repairHarnessThatIs,
}

/** A list that is chosen from keeps Enter to itself: in this form it makes the job, as in every other field. */
function sendByEnter(event: React.KeyboardEvent<HTMLFormElement>) {
  if (event.key !== 'Enter' || !(event.target instanceof HTMLSelectElement)) return
  event.preventDefault()
  event.currentTarget.requestSubmit()
}

/** What the job is, the housings that its pinout does not name, and what is wrong with the pinout. */
export function JobForm({
  form,
  preview,
  housings,
  only,
  setOnly,
  busy,
  onSubmit,
  sound,
}: {
  readonly form: UseFormReturnType<NewJobDraft>
  readonly preview: Preview | undefined
  readonly housings: readonly { readonly id: string; readonly name: string }[]
  /** only rows with a fault are shown */
  readonly only: boolean
  readonly setOnly: (only: boolean) => void
  readonly busy: boolean
  readonly onSubmit: (event: React.SubmitEvent<HTMLFormElement>) => void
  /** some rows can be read: the job can be made of them, the others wait for its grid */
  readonly sound: { readonly faulty: number; readonly make: () => void } | undefined
}) {
  const { kind, ends } = form.values
  const missing = preview?.ends.filter((end) => end.from !== 'column') ?? []
  return (
    <form
      className={clsx(paneCss.pane, paneCss.paneCard)}
      aria-label={texts.theJob}
      onSubmit={onSubmit}
      onKeyDown={sendByEnter}
    >
      <TextInput
        label={texts.title}
        className={textCss.sentence}
        maxLength={120}
        placeholder={texts.mastHeadLoom}
        {...form.getInputProps('title')}
      />
      <NativeSelect label={texts.whatIsToBe} {...form.getInputProps('kind')}>
        {Object.entries(kindWords).map(([one, words]) => (
          <option key={one} value={one}>
            {words}
          </option>
        ))}
      </NativeSelect>
      {kind !== 'build' && (
        <>
          <TextInput
            label={texts.wireToSpareAt}
            inputMode="decimal"
            placeholder={texts.spareLike}
            description={understoodAs(form.values.slack, 'length', {
              plausible: plausible.wireLengthMm,
              unit: bareUnit('length'),
            })}
            {...form.getInputProps('slack')}
          />
          <p className={clsx(textCss.small, textCss.dim)}>{texts.pinoutAsItIs(kind === 're-pin')}</p>
        </>
      )}
      {missing.map((end) => (
        <NativeSelect
          key={end.id}
          label={<>{texts.housingOfEnd(end.id, end.wires)}</>}
          value={ends[end.id] ?? ''}
          onChange={(event) => form.setFieldValue('ends', { ...ends, [end.id]: event.target.value })}
          error={end.housing === undefined}
        >
          <option value="">{texts.choose}</option>
          {housings.map((housing) => (
            <option key={housing.id} value={housing.id}>
              {housing.id}, {housing.name}
            </option>
          ))}
        </NativeSelect>
      ))}
      {preview && preview.faults.length > 0 && <PinoutFaults faults={preview.faults} only={only} setOnly={setOnly} />}
      {preview && preview.understood.length > 0 && <Understood lines={preview.understood} />}
      {preview?.valid && (
        <p className={clsx(noteCss.note, noteCss.good)}>
          {texts.allCanBeRead(preview.rows.length, preview.ends.length)}
          {preview.ignored.length > 0 && texts.notRead(list([...preview.ignored]))}
        </p>
      )}
      <Button variant="filled" type="submit" disabled={!preview?.valid || busy}>
        <span>{texts.makeJob}</span> <Kbd aria-hidden="true">Enter</Kbd>
      </Button>
      {sound && (
        <Button disabled={busy} onClick={sound.make}>
          <span>{texts.makeOfSound(sound.faulty)}</span>
        </Button>
      )}
    </form>
  )
}

/** Figures that could be read in two ways: how they were, so that a wrong guess is seen before anything is written. */
function Understood({ lines }: { readonly lines: readonly string[] }) {
  return (
    <div className={clsx(noteCss.note, noteCss.attend)}>
      {lines.slice(0, UNDERSTOOD_SHOWN).map((line) => (
        <p key={line}>◆ {line}</p>
      ))}
      {lines.length > UNDERSTOOD_SHOWN && <p>{texts.andMoreAlike(lines.length - UNDERSTOOD_SHOWN)}</p>}
    </div>
  )
}
const UNDERSTOOD_SHOWN = 3

/** The rows that cannot be read, each by its place and what would be right. */
function PinoutFaults({
  faults,
  only,
  setOnly,
}: {
  readonly faults: Preview['faults']
  readonly only: boolean
  readonly setOnly: (only: boolean) => void
}) {
  return (
    <>
      <div className={clsx(noteCss.note, noteCss.fault)} role="alert">
        <b>▲ {plural(faults.length, 'fault')}.</b> {texts.nothingIsWrittenUntil}
      </div>
      <Checkbox label={texts.showOnlyRowsWith} checked={only} onChange={(event) => setOnly(event.target.checked)} />
      <ul className={paneCss.choices} aria-label={texts.faults}>
        {faults.slice(0, 40).map((fault, i) => (
          <li key={i} className={textCss.small}>
            <b>
              {fault.row === undefined ? texts.file : texts.row(fault.row)}
              {fault.column !== undefined && `, ${fault.column}`}:
            </b>{' '}
            {fault.message}
          </li>
        ))}
      </ul>
    </>
  )
}
