import { pieceFieldsWords as words } from '@/words/screens/crimp/pieceFields'
import type { HeightReading, PieceForm, PieceMove, PullReading } from '@/core/work/crimp/pieceForm'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { FigureField } from '@/ui/device/FigureField'
import { useKeys } from '@/ui/keys/KeyProvider'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import textCss from '@/ui/text/text.module.css'
import { plausible } from '@/core/base/units/plausible'
import { Button } from '@mantine/core'
import { writtenInBase } from '@/words/benchUnits'
import { figure, newtons } from '@/words/figures'
import { implausibleWords } from '@/words/implausible'
import { breakWords } from '@/words/practices'
import type { usePieceInstruments } from './usePieceInstruments'

type Instruments = ReturnType<typeof usePieceInstruments>

/** The height of a piece: typed, sent by a calliper, or read by the micrometer at M. */
export function HeightField({
  label,
  hint,
  outside,
  form,
  move,
  reading: { fault },
  instruments,
}: {
  readonly label: string
  readonly hint: string
  /** said of a height that lies outside of the window */
  readonly outside: (minMm: number, maxMm: number) => string
  readonly form: PieceForm
  readonly move: (move: PieceMove) => void
  readonly reading: HeightReading
  readonly instruments: Instruments
}) {
  const measure = async () => {
    const read = await instruments.height()
    if (read)
      move({
        kind: 'height-written',
        figure: { text: writtenInBase(figure(read.value, 3), 'length'), by: read.identity },
      })
  }
  useKeys([{ key: 'm', words: words.measureHeight, run: () => void (instruments.working === undefined && measure()) }])
  return (
    <FigureField
      label={label}
      dimension="length"
      range={plausible.crimpHeightMm}
      figure={form.height}
      onChange={(written) => move({ kind: 'height-written', figure: written })}
      hint={hint}
      wrong={fault !== undefined}
      ask={{ key: 'm', words: words.measure, busy: instruments.working !== undefined, run: () => void measure() }}
      fault={fault && (fault.kind === 'implausible' ? implausibleWords(fault) : outside(fault.minMm, fault.maxMm))}
    />
  )
}

/** What a piece held when it was pulled off: typed, or pulled by the tester at P, with how it gave way. */
export function PullField({
  low,
  form,
  move,
  reading: { fault },
  set,
  instruments,
}: {
  /** said of a pull under the minimum */
  readonly low: (pullN: number, minimumN: number) => string
  readonly form: PieceForm
  readonly move: (move: PieceMove) => void
  readonly reading: PullReading
  readonly set: ChosenSet
  readonly instruments: Instruments
}) {
  const runs = instruments.working === 'pull'
  const pull = async () => {
    move({ kind: 'pull-begun' })
    const pulled = await instruments.pull()
    if (!pulled) return
    const { peakN, identity, breaks } = pulled
    move({
      kind: 'pull-written',
      figure: { text: writtenInBase(figure(peakN, 1), 'force'), by: identity, ...(breaks && { breaks }) },
    })
  }
  const pullOrStop = () => {
    if (runs) instruments.stop()
    else void pull()
  }
  useKeys([{ key: 'p', words: runs ? words.stopPull : words.pullItOff, run: pullOrStop }])
  return (
    <>
      <FigureField
        label={words.pulledOffAt()}
        dimension="force"
        range={plausible.pullN}
        figure={form.pull}
        onChange={(written) => move({ kind: 'pull-written', figure: written })}
        hint={set.pull ? words.atLeast(set.pull.forceN) : ''}
        wrong={fault !== undefined}
        ask={{ key: 'p', words: runs ? words.stop : words.pull, busy: false, run: pullOrStop }}
        fault={fault && (fault.kind === 'implausible' ? implausibleWords(fault) : low(fault.pullN, fault.minimumN))}
      />
      {fault?.kind === 'implausible' && (
        <Button onClick={() => move({ kind: 'pull-meant' })}>
          <span>{words.itHeldThat(newtons(fault.value))}</span>
        </Button>
      )}
      {form.pull.breaks && <p className={textCss.small}>{words.itBroke(breakWords[form.pull.breaks])}</p>}
    </>
  )
}

/** Why an instrument gave no figure. */
export function InstrumentMessage({ instruments }: { readonly instruments: Instruments }) {
  return (
    instruments.message !== undefined && (
      <p className={clsx(noteCss.note, noteCss.fault)} role="alert">
        ▲ {instruments.message}
      </p>
    )
  )
}
