import { Button, Kbd } from '@mantine/core'
import { useEffect, useState } from 'react'
import { type SideLetter, planIndex } from '@/core/record/plan/plan'
import { setKey } from '@/core/record/plan/keys'
import type { ChosenSet } from '@/core/craft/setup/chosenSet'
import { setupId } from '@/core/craft/setup/setup'
import { useAction } from '@/ui/action/useAction'
import { useJob } from '@/ui/job/JobProvider'
import { openGender, PinsOrSockets } from '@/ui/job/PinsOrSockets'
import { WireChips } from '@/ui/job/WireChips'
import { useKeys } from '@/ui/keys/KeyProvider'
import { amps, mm } from '@/words/figures'
import { kitStationWords as words } from '@/words/screens/kit/kitStation'
import { changeWire, chooseSet, giveGender } from './actions'
import type { KitSet } from './kitOptions'
import { BlockedPanel, RejectedTable, SetsTable } from './KitPanels'
import { MeasureInsulation } from './MeasureInsulation'
import { SetFigures, SetNotes } from './SetFigures'
import { useKitOptions } from './useKitOptions'
import clsx from 'clsx'
import type { KitPane } from './kitPane'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'

const sameSet = (one: KitSet, contact: string | undefined, seal: string | undefined, setup: string | undefined) =>
  one.set.contact === contact && one.set.seal === seal && setupId(one.set.setup) === setup

/** A set as it is shown: what is chosen stands with its figures of that day, which the bench works by, and says where today's differ. */
function shownSet(set: KitSet | undefined, chosen: ChosenSet | undefined) {
  const isChosen =
    set !== undefined && chosen !== undefined && sameSet(set, chosen.contact, chosen.seal, setupId(chosen.setup))
  const [then, today] = [chosen?.pull?.forceN, set?.set.pull?.forceN]
  return {
    isChosen,
    shown: isChosen ? { ...set, set: chosen } : set,
    differs: isChosen && then !== today ? words.askedThenAndToday(then, today) : undefined,
  }
}

/** One termination: the sets that work, why the others do not, and which one is taken. */
export function TerminationKit({
  wireId,
  side,
  show,
}: {
  readonly wireId: string
  readonly side: SideLetter
  readonly show: (pane: KitPane) => void
}) {
  const { state } = useJob()
  const { busy, write } = useAction()
  const [picked, setPicked] = useState(0)
  const [measuring, setMeasuring] = useState(false)
  const wire = planIndex(state.plan).wires.get(wireId)
  const chosen = state.sets.get(setKey(wireId, side))
  const { options, asked } = useKitOptions(wireId, side)
  useEffect(() => setPicked(0), [wireId, side, asked])

  const blocked = options?.sets.length === 0
  const remedy = blocked ? options.remedies[picked] : undefined
  const set = blocked ? undefined : options?.sets[picked]
  const { isChosen, shown, differs } = shownSet(set, chosen)
  const act = () => {
    if (busy) return
    if (remedy) void write((asking) => changeWire({ ...asking, wire: wireId, type: remedy.wireType }))
    else if (set && (!isChosen || differs !== undefined))
      void write((asking) =>
        chooseSet({
          ...asking,
          wire: wireId,
          side,
          contact: set.set.contact,
          ...(set.set.seal !== undefined && { seal: set.set.seal }),
          setup: setupId(set.set.setup),
        }),
      )
  }
  const count = blocked ? options.remedies.length : (options?.sets.length ?? 0)
  useKeys([
    { key: ' ', words: remedy ? words.useThatWire : words.chooseThatSet, run: act },
    { key: 'm', words: words.measureWireAgain, run: () => setMeasuring(true) },
    ...Array.from({ length: Math.min(9, count) }, (_, i) => ({
      key: String(i + 1),
      words: i === 0 ? words.pickLineTo : '',
      run: () => setPicked(i),
    })),
  ])
  if (!wire) return null
  const askedEnd = openGender(state, wireId, side)
  const type = state.facts.wireTypes[wire.type]
  return (
    <>
      <div className={paneCss.work}>
        {!options && (
          <p className={textCss.dim} role="status">
            {words.workingOutWhatFits}
          </p>
        )}
        {blocked && (
          <BlockedPanel options={options} picked={picked} onPick={setPicked} showTools={() => show('tools')} />
        )}
        {options && !blocked && (
          <SetsTable
            options={options}
            picked={picked}
            onPick={setPicked}
            isChosen={(one) => chosen !== undefined && sameSet(one, chosen.contact, chosen.seal, setupId(chosen.setup))}
          />
        )}
        {options && <RejectedTable rejected={options.rejected} />}
      </div>
      <aside className={clsx(paneCss.pane, paneCss.paneCard)} aria-label={words.thisTermination}>
        {askedEnd !== undefined && <PinsOrSockets end={askedEnd} giveGender={giveGender} />}
        <WireChips wire={wire} side={side} />
        <h2 className={textCss.cardTitle}>
          {blocked ? words.nothingFitsThisWire : set ? set.contactName : words.oneMoment}
        </h2>
        {type && (
          <p>
            {type.name}, <span className={textCss.mono}>{mm(wire.insulationMm ?? type.insulationMm)}</span>{' '}
            {words.overInsulation}
            {wire.insulationMm !== undefined && ' (measured)'}
            {wire.currentA !== undefined && (
              <>
                , <span className={textCss.mono}>{amps(wire.currentA)}</span>
              </>
            )}
          </p>
        )}
        {shown && <SetFigures set={shown} />}
        {differs !== undefined && <p className={clsx(noteCss.note, noteCss.attend)}>{differs}</p>}
        {remedy && (
          <Button variant="filled" onClick={act} disabled={busy}>
            <span>{words.use(remedy.name)}</span> <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {set && (
          <Button variant="filled" onClick={act} disabled={busy || (isChosen && differs === undefined)}>
            <span>
              {!isChosen
                ? words.chooseThisSet
                : differs === undefined
                  ? words.thisSetIsChosen
                  : words.takeTodaysFigures}
            </span>{' '}
            <Kbd aria-hidden="true">Space</Kbd>
          </Button>
        )}
        {measuring ? (
          <MeasureInsulation
            now={wire.insulationMm ?? type?.insulationMm ?? 1}
            cancel={() => setMeasuring(false)}
            save={(insulationMm) => {
              setMeasuring(false)
              void write((asking) => changeWire({ ...asking, wire: wireId, insulationMm }))
            }}
          />
        ) : (
          <Button onClick={() => setMeasuring(true)}>
            <span>{words.measureWireAgain}</span> <Kbd aria-hidden="true">M</Kbd>
          </Button>
        )}
        <Button onClick={() => show('whole')}>
          <span>{words.chooseForWholeJob}</span> <Kbd aria-hidden="true">W</Kbd>
        </Button>
        <Button onClick={() => show('bring')}>
          <span>{words.whatToBring}</span> <Kbd aria-hidden="true">T</Kbd>
        </Button>
        <div className={paneCss.two}>
          <Button onClick={() => show('parts')}>
            <span>{words.parts}</span> <Kbd aria-hidden="true">P</Kbd>
          </Button>
          <Button onClick={() => show('tools')}>
            <span>{words.tools}</span> <Kbd aria-hidden="true">B</Kbd>
          </Button>
        </div>
        <SetNotes set={shown} />
      </aside>
    </>
  )
}
