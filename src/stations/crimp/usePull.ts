import { usePullWords as words } from '@/words/screens/crimp/usePull'
import { useState } from 'react'
import type { BreakKind } from '@/core/craft/specimen/specimenTypes'
import { figureOf, noFigure, type Figure } from '@/ui/device/FigureField'
import { useKeys } from '@/ui/keys/KeyProvider'
import { figure } from '@/words/figures'
import type { usePieceInstruments } from './usePieceInstruments'

/** A pull as a hand types it or the tester gives it, with how the piece gave way. */
type PullFigure = Figure & { readonly breaks?: BreakKind }

/** A piece that is pulled to destruction: its figure, the key that pulls or stops, and what an entry says of it. */
export function usePull(bench: ReturnType<typeof usePieceInstruments>) {
  const [pull, setPull] = useState<PullFigure>(noFigure)
  const runs = bench.working === 'pull'
  const pullOrStop = () => {
    if (runs) {
      bench.stop()
      return
    }
    setPull(noFigure)
    void bench.pull().then(
      (pulled) =>
        pulled &&
        setPull({
          text: figure(pulled.peakN, 1),
          by: pulled.identity,
          ...(pulled.breaks && { breaks: pulled.breaks }),
        }),
    )
  }
  useKeys([{ key: 'p', words: runs ? words.stopPull : words.pullItOff, run: pullOrStop }])
  const pullN = figureOf(pull, 'force')
  return {
    pull,
    setPull,
    pullN,
    ask: { key: 'p', words: runs ? words.stop : words.pull, busy: false, run: pullOrStop },
    said:
      pullN === undefined
        ? undefined
        : {
            pullN: Math.round(pullN * 10) / 10,
            ...(pull.by !== undefined && { pullBy: pull.by }),
            ...(pull.breaks && { breaks: pull.breaks }),
          },
    clear: () => {
      setPull(noFigure)
      bench.clear()
    },
  }
}
