'use client'
import { housingEditorWords as texts } from '@/words/screens/shelf/housingEditor'
import { NativeSelect, TextInput, Textarea } from '@mantine/core'
import type { NumberingId } from '@/core/base/face/numbering'
import type { HousingDraft, HousingField, HousingProblem } from '@/core/parts/sheets/housingDraft'
import { HousingSeen } from './HousingSeen'
import { housingProblemWords } from '@/words/sheets'
import styles from './HousingEditor.module.css'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

const orders: Readonly<Record<'flat' | 'rings', readonly (readonly [NumberingId, string])[]>> = {
  flat: [
    ['same-side', texts.eachRowFromSame],
    ['snake', texts.rowsThatSnakeBack],
  ],
  rings: [
    ['out', texts.fromCentreOut],
    ['in', texts.fromRimIn],
  ],
}

/** A housing is built from figures: rows, rings or free places, its numbering, mark and shell; the drawing follows every key. */
export function HousingEditor({
  draft,
  mate,
  sizes,
  problems,
  onChange,
  remove,
}: {
  readonly draft: HousingDraft
  /** its other half, where that is entered too */
  readonly mate: HousingDraft | undefined
  readonly sizes: readonly string[]
  readonly problems: Readonly<Partial<Record<HousingField, HousingProblem>>>
  readonly onChange: (draft: HousingDraft) => void
  readonly remove: () => void
}) {
  const set = (change: Partial<HousingDraft>) => onChange({ ...draft, ...change })
  const wrong = (field: HousingField) =>
    problems[field] && <span className={textCss.wrong}>▲ {housingProblemWords(problems[field])}</span>
  const text = (
    field: HousingField,
    label: string,
    more: { readonly placeholder?: string; readonly list?: string } = {},
  ) => (
    <TextInput
      label={label}
      value={String(draft[field])}
      {...more}
      onChange={(event) => set({ [field]: event.target.value })}
      error={wrong(field)}
    />
  )
  const lines = (field: HousingField, label: string, placeholder: string) => (
    <Textarea
      label={label}
      value={String(draft[field])}
      placeholder={placeholder}
      onChange={(event) => set({ [field]: event.target.value })}
      error={wrong(field)}
    />
  )
  const choice = <F extends HousingField>(
    field: F,
    label: string,
    options: readonly (readonly [HousingDraft[F] & string, string])[],
    also: (value: string) => Partial<HousingDraft> = () => ({}),
  ) => (
    <NativeSelect
      label={label}
      value={String(draft[field])}
      onChange={(event) => set({ [field]: event.target.value, ...also(event.target.value) })}
      error={wrong(field)}
    >
      {options.map(([value, words]) => (
        <option key={value} value={value}>
          {words}
        </option>
      ))}
    </NativeSelect>
  )
  const flat = draft.arrangement !== 'rings'
  return (
    <div className={styles.columns}>
      <div className={paneCss.housingForm}>
        {text('id', texts.housingPart)}
        {text('name', texts.name, { placeholder: texts.freshPlug })}
        {choice('role', texts.half, [
          ['plug', 'plug'],
          ['receptacle', 'receptacle'],
        ])}
        {choice(
          'arrangement',
          texts.cavitiesStandIn,
          [
            ['rows', 'rows'],
            ['rings', 'rings'],
            ['free', texts.freePlaces],
          ],
          (value) => ({ order: value === 'rings' ? 'out' : 'same-side' }),
        )}
        {draft.arrangement !== 'free' &&
          text('counts', flat ? texts.inEachRowFrom : texts.inEachRingFrom, {
            placeholder: flat ? '3, 4, 3' : '1, 6',
          })}
        {draft.arrangement === 'rows' && text('pitchMm', texts.pitchMm)}
        {draft.arrangement === 'rows' && text('rowPitchMm', texts.rowPitchMm)}
        {draft.arrangement === 'rows' && text('offsets', texts.firstOfEachRow, { placeholder: texts.centred })}
        {draft.arrangement === 'rings' && text('radii', texts.radiusOfEachRing, { placeholder: '0, 4.4' })}
        {draft.arrangement === 'rings' && text('startDeg', texts.firstAtDegrees)}
        {draft.arrangement === 'rings' &&
          choice(
            'clockwise',
            texts.round,
            [
              ['true', 'clockwise'],
              ['false', texts.againstIt],
            ] as never,
            (value) => ({ clockwise: value === 'true' }),
          )}
        {draft.arrangement === 'free' && lines('positions', texts.xYRowOne, '-6.4 6.2 0\n6.4 6.2 0')}
        {choice('ids', texts.printedAs, [
          ['numbers', 'numbers'],
          ['letters', 'letters'],
          ['list', texts.asListed],
        ])}
        {choice('order', texts.counted, orders[flat ? 'flat' : 'rings'] as never)}
        {draft.ids === 'numbers'
          ? text('first', texts.firstNumber)
          : text('idText', draft.ids === 'letters' ? texts.lettersThatSkip : texts.printedIdsInOrder, {
              placeholder: draft.ids === 'letters' ? 'I O Q' : 'A1 A2 B1',
            })}
        {choice('markKind', texts.markOfCavity, [
          ['notch', 'notch'],
          ['chamfer', 'chamfer'],
          ['key', 'key'],
          ['rib', 'rib'],
        ])}
        {text('markAt', texts.markAtXY, { placeholder: texts.topLeft })}
        {text('size', texts.contactSize, { list: 'family-sizes' })}
        {lines('otherSizes', texts.otherSizes, 'R16: U V W')}
        {choice('shape', texts.shell, [
          ['rounded', 'rounded'],
          ['circle', 'round'],
        ])}
        {text('widthMm', texts.widthMm, { placeholder: texts.roundCavities })}
        {draft.shape === 'rounded' && text('heightMm', texts.heightMm, { placeholder: texts.roundCavities })}
        {draft.shape === 'rounded' && text('cornerMm', texts.cornerMm)}
        {lines('keys', texts.keysKindXY, 'key 6.5 -4 1.6 1.6')}
        {text('keyings', texts.keyings, { placeholder: 'K1 K2' })}
        {text('lock', texts.lockPart)}
        {text('interfaceSeal', texts.interfaceSealPart)}
        {text('mates', texts.matesWith)}
        <datalist id="family-sizes">
          {sizes.map((size) => (
            <option key={size} value={size} />
          ))}
        </datalist>
      </div>
      <HousingSeen draft={draft} mate={mate} remove={remove} />
    </div>
  )
}
