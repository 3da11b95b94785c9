'use client'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, NativeSelect, TextInput, Textarea } from '@mantine/core'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import type { NumberingId } from '@/core/base/face/numbering'
import {
  readHousing,
  type HousingDraft,
  type HousingField,
  type HousingProblem,
} from '@/core/parts/sheets/housingDraft'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import { plural } from '@/words/figures'
import { housingProblemWords } from '@/words/sheets'

const orders: Readonly<Record<'flat' | 'rings', readonly (readonly [NumberingId, string])[]>> = {
  flat: [
    ['same-side', 'each row from the same side'],
    ['snake', 'rows that snake back'],
  ],
  rings: [
    ['out', 'from the centre out'],
    ['in', 'from the rim in'],
  ],
}
const source = { document: 'draft', basis: 'sheet' } as const

/** A housing is built from figures: rows, rings or free places, its numbering, mark and shell; the drawing follows every key. */
export function HousingEditor({
  draft,
  sizes,
  problems,
  onChange,
  remove,
}: {
  readonly draft: HousingDraft
  readonly sizes: readonly string[]
  readonly problems: Readonly<Partial<Record<HousingField, HousingProblem>>>
  readonly onChange: (draft: HousingDraft) => void
  readonly remove: () => void
}) {
  const face = useFaceView('shelf', draft.id, 'wire')
  // drawn as far as it can be read: a name or a size may still be missing
  const read = readHousing({ ...draft, id: draft.id || 'X', size: draft.size || 'X' }, source).housing
  const placed = read && placeHousing({ ...read, otherSizes: undefined, cavitySize: 'X' }, 'draft')
  const housing = placed?.ok ? placed.value : undefined
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
    <div style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) 400px', gap: 14, flex: 'none' }}>
      <div className={paneCss.housingForm}>
        {text('id', 'Housing part')}
        {text('name', 'Name', { placeholder: 'Fresh 3 plug' })}
        {choice('role', 'Half', [
          ['plug', 'plug'],
          ['receptacle', 'receptacle'],
        ])}
        {choice(
          'arrangement',
          'Cavities stand in',
          [
            ['rows', 'rows'],
            ['rings', 'rings'],
            ['free', 'free places'],
          ],
          (value) => ({ order: value === 'rings' ? 'out' : 'same-side' }),
        )}
        {draft.arrangement !== 'free' &&
          text('counts', flat ? 'In each row, from the top' : 'In each ring, from the centre', {
            placeholder: flat ? '3, 4, 3' : '1, 6',
          })}
        {draft.arrangement === 'rows' && text('pitchMm', 'Pitch mm')}
        {draft.arrangement === 'rows' && text('rowPitchMm', 'Row pitch mm')}
        {draft.arrangement === 'rows' && text('offsets', 'First of each row at x', { placeholder: 'centred' })}
        {draft.arrangement === 'rings' && text('radii', 'Radius of each ring mm', { placeholder: '0, 4.4' })}
        {draft.arrangement === 'rings' && text('startDeg', 'First at degrees')}
        {draft.arrangement === 'rings' &&
          choice(
            'clockwise',
            'Round',
            [
              ['true', 'clockwise'],
              ['false', 'against it'],
            ] as never,
            (value) => ({ clockwise: value === 'true' }),
          )}
        {draft.arrangement === 'free' && lines('positions', 'x y row, one a line', '-6.4 6.2 0\n6.4 6.2 0')}
        {choice('ids', 'Printed as', [
          ['numbers', 'numbers'],
          ['letters', 'letters'],
          ['list', 'as listed'],
        ])}
        {choice('order', 'Counted', orders[flat ? 'flat' : 'rings'] as never)}
        {draft.ids === 'numbers'
          ? text('first', 'First number')
          : text('idText', draft.ids === 'letters' ? 'Letters that skip' : 'Printed ids in order', {
              placeholder: draft.ids === 'letters' ? 'I O Q' : 'A1 A2 B1',
            })}
        {choice('markKind', 'Mark of cavity 1', [
          ['notch', 'notch'],
          ['chamfer', 'chamfer'],
          ['key', 'key'],
          ['rib', 'rib'],
        ])}
        {text('markAt', 'Mark at x, y', { placeholder: 'top left' })}
        {text('size', 'Contact size', { list: 'family-sizes' })}
        {lines('otherSizes', 'Other sizes', 'R16: U V W')}
        {choice('shape', 'Shell', [
          ['rounded', 'rounded'],
          ['circle', 'round'],
        ])}
        {text('widthMm', 'Width mm', { placeholder: 'round the cavities' })}
        {draft.shape === 'rounded' && text('heightMm', 'Height mm', { placeholder: 'round the cavities' })}
        {draft.shape === 'rounded' && text('cornerMm', 'Corner mm')}
        {lines('keys', 'Keys: kind x y width height', 'key 6.5 -4 1.6 1.6')}
        {text('keyings', 'Keyings', { placeholder: 'K1 K2' })}
        {text('lock', 'Lock part')}
        {text('interfaceSeal', 'Interface seal part')}
        {text('mates', 'Mates with')}
        <datalist id="family-sizes">
          {sizes.map((size) => (
            <option key={size} value={size} />
          ))}
        </datalist>
      </div>
      <div style={{ display: 'flex', flexDirection: 'column', gap: 8 }}>
        <div style={{ height: 330, display: 'flex' }}>
          {housing ? (
            <FacePanel housing={housing} face={face} cavities={new Map()} />
          ) : (
            <p className={clsx(noteCss.note, noteCss.attend)}>◆ It is drawn as soon as its rows can be read.</p>
          )}
        </div>
        {housing && (
          <p className={clsx(textCss.small, textCss.dim)}>
            {plural(housing.cavities.length, 'way')}:{' '}
            {housing.cavities
              .slice(0, 24)
              .map((cavity) => cavity.id)
              .join(' ')}
            {housing.cavities.length > 24 && ' …'}
          </p>
        )}
        <Button fullWidth={false} onClick={remove} style={{ alignSelf: 'start' }}>
          <span>Remove this housing</span>
        </Button>
      </div>
    </div>
  )
}
