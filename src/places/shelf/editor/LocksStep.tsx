import { Autocomplete, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import { isSetBeforeFirst, type LockId, lockOfHousing, secondaryLocks } from '@/core/parts/catalogue/secondaryLocks'
import type { SecondLock } from '@/core/parts/catalogue/types'
import type { HousingDraft, SecondLockDraft } from '@/core/parts/sheets/housingDraft'
import { Segments } from '@/ui/choice/Segments'
import { LockDrawing } from '@/ui/lock/LockDrawing'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { beforeFirstWords, coverActs, lockFactWords, lockHowWords, lockWayWords, lockWords } from '@/words/lock'
import { familyLocksWords as texts } from '@/words/screens/shelf/familyLocks'
import { housingProblemWords } from '@/words/sheets'
import type { EditorHand } from './editorHand'
import { readSoFar } from './housingSoFar'
import { useHousings } from './useHousings'
import styles from './FamilyEditor.module.css'

const lockIds = Object.keys(secondaryLocks) as readonly LockId[]

type Chosen = 'madeAs' | 'access' | 'way' | 'whileInserting' | 'out'
const asked: readonly (readonly [Chosen, string])[] = [
  ['madeAs', texts.madeAs],
  ['access', texts.goesInFrom],
  ['way', texts.wayRound],
  ['whileInserting', texts.whileContactsGoIn],
  ['out', texts.comesOut],
]

/** The lock of each half: how it goes in, stands and comes out, drawn as it is said. */
export function LocksStep({
  hand,
  at,
  setAt,
}: {
  readonly hand: EditorHand
  readonly at: number
  readonly setAt: (at: number) => void
}) {
  const { draft, reading, tools } = hand
  const { housing, change } = useHousings(hand, at, setAt)
  const lock = lockOfHousing({ lock: draft.lock }, housing && readSoFar(housing))
  const openings = [...lock.covers].reverse()
  const said = housing?.secondLock
  const put = (more: Partial<SecondLockDraft>) => said && change({ secondLock: { ...said, ...more } })
  const faultOf = (field: keyof SecondLock) => {
    const fault = reading.faults.find((one) => one.at === 'housing' && one.housing === at && one.field === field)
    return fault?.at === 'housing' ? `▲ ${housingProblemWords(fault.problem)}` : undefined
  }
  const text = (
    field: 'leads' | 'partWayMm' | 'homeMm' | 'toolEnd' | 'opensMm' | 'opensFirst' | 'byTurnsMm' | 'tears',
    label: string,
    placeholder?: string,
  ) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      value={said?.[field] ?? ''}
      error={faultOf(field)}
      onChange={(event) => put({ [field]: event.target.value })}
    />
  )
  const segments = (field: Chosen | 'opensAt', label: string) => (
    <Segments
      key={field}
      label={label}
      value={said?.[field] ?? ''}
      of={[['', texts.asKind], ...Object.entries(lockFactWords[field])]}
      pick={(one) => put({ [field]: one })}
    />
  )
  return (
    <>
      <div className={clsx(paneCss.work, styles.middle)}>
        {housing && lock.present ? (
          <>
            <section className={clsx(paneCss.panel, styles.lock)} aria-label={texts.lockOf(housing.id)}>
              <div className={paneCss.panelHead}>
                <span>{texts.cutFromTheSide(lockWords[lock.id].name, housing.id)}</span>
                <span className={paneCss.caption}>{texts.frontIsLeft}</span>
              </div>
              <LockDrawing lock={lock} name={texts.lockOf(housing.id)} />
            </section>
            <section className={clsx(paneCss.panel, styles.told)} aria-label={texts.whatTheHandsAreTold}>
              <h3 className={textCss.cardTitle}>{texts.whatTheHandsAreTold}</h3>
              <ol>
                {isSetBeforeFirst(lock) &&
                  openings.map((cover) => <li key={`${cover} first`}>{beforeFirstWords(cover, lock)}.</li>)}
                {lock.covers.map((cover) => (
                  <li key={cover}>{coverActs(cover, lock).close}.</li>
                ))}
                {openings.map((cover) => (
                  <li key={`${cover} open`}>{coverActs(cover, lock).open}.</li>
                ))}
              </ol>
              <p className={textCss.dim}>
                {lockHowWords(lock)} {texts.sentence(lockWayWords(lock.id, lock))}
              </p>
            </section>
          </>
        ) : (
          <p className={clsx(noteCss.note, styles.empty)}>{housing ? texts.noLock : texts.noHousing}</p>
        )}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard, styles.aside)} aria-label={texts.lockSaid}>
        {housing && said && (
          <>
            <h3 className={textCss.cardTitle}>{texts.lockOf(housing.id)}</h3>
            <NativeSelect
              label={texts.kind}
              value={said.kind}
              data={[
                { value: '', label: texts.asFamily(lockWords[draft.lock].name) },
                ...lockIds.map((value) => ({ value, label: lockWords[value].name })),
              ]}
              onChange={(event) => put({ kind: event.target.value })}
            />
            {lock.present && (
              <>
                <LockPart housing={housing} change={change} />
                {asked.map(([field, label]) => segments(field, label))}
                <NativeSelect
                  label={texts.whenItMoves}
                  value={said.moves}
                  data={[
                    { value: '', label: texts.asKind },
                    ...Object.entries(lockFactWords.moves).map(([value, label]) => ({ value, label })),
                  ]}
                  onChange={(event) => put({ moves: event.target.value })}
                />
                {text('leads', texts.whatLeads, texts.forExample)}
                <div className={styles.pair}>
                  {text('partWayMm', texts.stopsAt)}
                  {text('homeMm', texts.homeAt)}
                </div>
                <div className={styles.pair}>
                  <Autocomplete
                    label={texts.withTool}
                    value={said.tool}
                    data={tools.map((tool) => tool.id)}
                    error={faultOf('tool')}
                    onChange={(tool) => put({ tool })}
                  />
                  {text('toolEnd', texts.toolEnd, texts.hookEnd)}
                </div>
                <div className={styles.pair}>
                  {text('opensMm', texts.opensBy)}
                  {text('byTurnsMm', texts.byTurns)}
                </div>
                {text('opensFirst', texts.opensFirst, texts.notchEnd)}
                {segments('opensAt', texts.opensAt)}
                {text('tears', texts.tears, texts.strapTears)}
              </>
            )}
          </>
        )}
      </aside>
    </>
  )
}

/** The part number of the lock, where it is a part of its own. */
const LockPart = ({
  housing,
  change,
}: {
  readonly housing: HousingDraft
  readonly change: (change: Partial<HousingDraft>) => void
}) => (
  <TextInput label={texts.partNumber} value={housing.lock} onChange={(event) => change({ lock: event.target.value })} />
)
