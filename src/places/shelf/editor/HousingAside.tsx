'use client'
import { Button, NativeSelect, TextInput } from '@mantine/core'
import type { NumberingId } from '@/core/base/face/numbering'
import { markKinds } from '@/core/parts/catalogue/partIds'
import type { HousingDraft } from '@/core/parts/sheets/housingDraft'
import { type HousingField, type HousingProblem } from '@/core/parts/sheets/housingFindings'
import { Segments } from '@/ui/choice/Segments'
import textCss from '@/ui/text/text.module.css'
import { familyHousingWords as texts } from '@/words/screens/shelf/familyHousing'
import { housingProblemWords } from '@/words/sheets'
import { HousingBelongings } from './HousingBelongings'
import styles from './FamilyEditor.module.css'

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

const halves = [
  ['plug', texts.plug],
  ['receptacle', texts.receptacle],
] as const
const arrangements = [
  ['rows', texts.rows],
  ['rings', texts.rings],
  ['free', texts.freePlaces],
] as const
const printings = [
  ['numbers', texts.numbers],
  ['letters', texts.letters],
  ['list', texts.asListed],
] as const

/** The housing in hand beside its drawing: its numbers and mark, its shell, its keyings, what belongs to it. */
export function HousingAside({
  draft,
  sizes,
  parts,
  others,
  keying,
  setKeying,
  problems,
  onChange,
  remove,
}: {
  readonly draft: HousingDraft
  readonly sizes: readonly string[]
  /** small parts of the family */
  readonly parts: readonly string[]
  /** the family's other housings */
  readonly others: readonly string[]
  readonly keying: string | undefined
  readonly setKeying: (keying: string) => void
  readonly problems: Readonly<Partial<Record<HousingField, HousingProblem>>>
  readonly onChange: (change: Partial<HousingDraft>) => void
  readonly remove: () => void
}) {
  const wrong = (field: HousingField) =>
    problems[field] && <span className={textCss.wrong}>▲ {housingProblemWords(problems[field])}</span>
  type TextField = { [K in keyof HousingDraft]: HousingDraft[K] extends string ? K : never }[keyof HousingDraft]
  const text = (
    field: TextField,
    label: string,
    more: { readonly placeholder?: string; readonly list?: string } = {},
  ) => (
    <TextInput
      label={label}
      value={draft[field]}
      {...more}
      onChange={(event) => onChange({ [field]: event.target.value })}
      error={wrong(field)}
    />
  )
  return (
    <>
      <div className={styles.pair}>
        {text('id', texts.housingPart)}
        {text('name', texts.name, { placeholder: texts.freshPlug })}
      </div>
      <Segments label={texts.half} value={draft.role} of={halves} pick={(role) => onChange({ role })} />
      <Segments
        label={texts.cavitiesStandIn}
        value={draft.arrangement}
        of={arrangements}
        pick={(arrangement) =>
          onChange({
            arrangement,
            cavities: [],
            order: arrangement === 'rings' ? 'out' : 'same-side',
            ...(arrangement === 'free' && { ids: 'list' }),
          })
        }
      />
      <div className={styles.pair}>
        {draft.arrangement === 'rows' && text('rowPitchMm', texts.rowPitchMm)}
        {draft.arrangement === 'rings' && text('startDeg', texts.firstAtDegrees)}
        {text('size', texts.contactSize, { list: 'family-sizes', placeholder: texts.sizeOfRows })}
      </div>
      {draft.arrangement === 'rings' && (
        <Segments
          label={texts.round}
          value={String(draft.clockwise)}
          of={[
            ['true', texts.clockwise],
            ['false', texts.againstIt],
          ]}
          pick={(value) => onChange({ clockwise: value === 'true' })}
        />
      )}
      <Segments label={texts.printedAs} value={draft.ids} of={printings} pick={(ids) => onChange({ ids })} />
      <div className={styles.pair}>
        <NativeSelect
          label={texts.counted}
          value={draft.order}
          data={orders[draft.arrangement === 'rings' ? 'rings' : 'flat'].map(([value, label]) => ({ value, label }))}
          onChange={(event) => {
            const said = [...orders.flat, ...orders.rings].find(([id]) => id === event.target.value)?.[0]
            if (said) onChange({ order: said })
          }}
          error={wrong('order')}
        />
        {draft.ids === 'numbers' && text('first', texts.firstNumber)}
        {draft.ids === 'letters' && text('skip', texts.lettersThatSkip, { placeholder: 'I O Q' })}
      </div>
      <div className={styles.triple}>
        <NativeSelect
          label={texts.markOfCavity}
          value={draft.markKind}
          data={[...markKinds]}
          onChange={(event) => {
            const said = markKinds.find((one) => one === event.target.value)
            if (said) onChange({ markKind: said })
          }}
        />
        {text('markXMm', texts.markX, { placeholder: texts.topLeft })}
        {text('markYMm', texts.markY, { placeholder: texts.topLeft })}
      </div>
      <Segments
        label={texts.shell}
        value={draft.shape}
        of={[
          ['rounded', texts.rounded],
          ['circle', texts.roundShell],
        ]}
        pick={(shape) => onChange({ shape })}
      />
      <div className={styles.triple}>
        {text('widthMm', texts.widthMm, { placeholder: texts.asDrawn })}
        {draft.shape === 'rounded' && text('heightMm', texts.heightMm, { placeholder: texts.asDrawn })}
        {draft.shape === 'rounded' && text('cornerMm', texts.cornerMm)}
      </div>
      <HousingBelongings
        draft={draft}
        parts={parts}
        others={others}
        keying={keying}
        setKeying={setKeying}
        wrong={wrong}
        onChange={onChange}
      />
      <datalist id="family-sizes">
        {sizes.map((size) => (
          <option key={size} value={size} />
        ))}
      </datalist>
      <Button fullWidth={false} variant="subtle" onClick={remove}>
        <span>{texts.removeThisHousing}</span>
      </Button>
    </>
  )
}
