'use client'
import { Button, NativeSelect, TagsInput, TextInput } from '@mantine/core'
import { useMemo } from 'react'
import type { NumberingId } from '@/core/base/face/numbering'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import { alikeKeyings, hasKeyingShapes } from '@/core/parts/catalogue/keying'
import { markKinds } from '@/core/parts/catalogue/schema/housing'
import type { HousingDraft } from '@/core/parts/sheets/housingDraft'
import { type HousingField, type HousingProblem, readHousing } from '@/core/parts/sheets/readHousing'
import { Segments } from '@/ui/choice/Segments'
import { KeyingFaces } from '@/ui/face/KeyingFaces'
import textCss from '@/ui/text/text.module.css'
import { familyHousingWords as texts } from '@/words/screens/shelf/familyHousing'
import { housingProblemWords } from '@/words/sheets'
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
  const tags = (field: 'keyings' | 'mates' | 'parts', label: string, offered: readonly string[]) => (
    <TagsInput
      label={label}
      value={[...draft[field]]}
      data={[...offered]}
      splitChars={[',', ' ', ';']}
      acceptValueOnBlur
      onChange={(said) => onChange({ [field]: said })}
      error={wrong(field)}
    />
  )
  const shapes = useMemo(() => {
    const read = readHousing({ ...draft, id: draft.id || 'X', size: draft.size || 'X' }, SOURCE).housing
    const placed = read && placeHousing({ ...read, otherSizes: undefined, cavitySize: 'X' }, 'draft')
    return placed?.ok && hasKeyingShapes(placed.value) ? placed.value : undefined
  }, [draft])
  const alike = shapes ? alikeKeyings(shapes) : []
  return (
    <>
      <div className={styles.pair}>
        {text('id', texts.housingPart)}
        {text('name', texts.name, { placeholder: texts.freshPlug })}
      </div>
      <Segments
        label={texts.half}
        value={draft.role}
        of={[
          ['plug', texts.plug],
          ['receptacle', texts.receptacle],
        ]}
        pick={(role) => onChange({ role })}
      />
      <Segments
        label={texts.cavitiesStandIn}
        value={draft.arrangement}
        of={[
          ['rows', texts.rows],
          ['rings', texts.rings],
          ['free', texts.freePlaces],
        ]}
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
      <Segments
        label={texts.printedAs}
        value={draft.ids}
        of={[
          ['numbers', texts.numbers],
          ['letters', texts.letters],
          ['list', texts.asListed],
        ]}
        pick={(ids) => onChange({ ids })}
      />
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
      {tags('keyings', texts.keyings, [])}
      {shapes && <KeyingFaces housing={shapes} side="mating" value={keying ?? ''} pick={setKeying} />}
      {alike.length > 0 && (
        <p className={textCss.caution} role="status">
          ◆ {texts.keyingsAlike(alike)}
        </p>
      )}
      {tags('mates', texts.matesWith, others)}
      {text('interfaceSeal', texts.interfaceSealPart)}
      {tags('parts', texts.furtherParts, parts)}
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

const SOURCE = { document: 'draft', basis: 'sheet' } as const
