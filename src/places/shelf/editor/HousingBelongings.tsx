import { TagsInput, TextInput } from '@mantine/core'
import type { ReactNode } from 'react'
import { alikeKeyings, hasKeyingShapes } from '@/core/parts/catalogue/keying'
import { securings } from '@/core/parts/catalogue/securings'
import type { HousingDraft } from '@/core/parts/sheets/housingDraft'
import type { HousingField } from '@/core/parts/sheets/housingFindings'
import { KeyingFaces } from '@/ui/face/KeyingFaces'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { familyHousingWords as texts } from '@/words/screens/shelf/familyHousing'
import { securingSign, securingWords } from '@/words/securing'
import { placedSoFar } from './housingSoFar'

/** What belongs to a housing: the keyings that it is made in, by their shape, its other half, its seal, clips and caps. */
export function HousingBelongings({
  draft,
  parts,
  others,
  keying,
  setKeying,
  wrong,
  onChange,
}: {
  readonly draft: HousingDraft
  readonly parts: readonly string[]
  readonly others: readonly string[]
  readonly keying: string | undefined
  readonly setKeying: (keying: string) => void
  readonly wrong: (field: HousingField) => ReactNode
  readonly onChange: (change: Partial<HousingDraft>) => void
}) {
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
  const placed = placedSoFar(draft)
  const shapes = placed && hasKeyingShapes(placed) ? placed : undefined
  const alike = shapes ? alikeKeyings(shapes) : []
  return (
    <>
      {tags('keyings', texts.keyings, [])}
      {shapes && <KeyingFaces housing={shapes} side="mating" value={keying ?? ''} pick={setKeying} />}
      {alike.length > 0 && (
        <p className={textCss.caution} role="status">
          ◆ {texts.keyingsAlike(alike)}
        </p>
      )}
      {tags('mates', texts.matesWith, others)}
      <TextInput
        label={texts.interfaceSealPart}
        value={draft.interfaceSeal}
        error={wrong('interfaceSeal')}
        onChange={(event) => onChange({ interfaceSeal: event.target.value })}
      />
      {(draft.shape === 'circle' || securings.some((what) => draft.secures[what] !== '')) && (
        <div className={paneCss.fieldRow}>
          {securings.map((what) => (
            <TextInput
              key={what}
              label={texts.secures(securingWords[what].name, securingSign(what))}
              value={draft.secures[what]}
              inputMode="decimal"
              error={draft.secures[what] === '' ? undefined : wrong('secures')}
              onChange={(event) => onChange({ secures: { ...draft.secures, [what]: event.target.value } })}
            />
          ))}
        </div>
      )}
      <TextInput
        label={texts.joinedInside}
        description={texts.barsApart}
        value={draft.joined}
        error={wrong('joined')}
        onChange={(event) => onChange({ joined: event.target.value })}
      />
      {tags('parts', texts.furtherParts, parts)}
    </>
  )
}
