'use client'

import { trayCardWords as words } from '@/words/screens/close/trayCard'
import clsx from 'clsx'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import noteCss from '@/ui/note/note.module.css'
import { Button, TextInput } from '@mantine/core'
import { useMemo, useState } from 'react'
import { type CheckLine, CheckList, useChecks } from '@/ui/card/CheckList'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { type BringItem, bringList } from '@/core/views/bringList'
import { bringLine } from '@/words/bring'
import { plural } from '@/words/figures'
import { unitAndId } from '@/core/record/plan/keys'

const handKinds = ['release', 'lock-tool', 'gauge', 'stripper'] as const
type HandTool = Extract<BringItem, { readonly kind: (typeof handKinds)[number] }>
const isHandTool = (item: BringItem): item is HandTool => handKinds.some((kind) => kind === item.kind)

/** Tools out are tools back; every scrapped contact and off-cut is found: nothing is left in the work. */
export function TrayCard({ done }: { readonly done: () => void }) {
  const { state, append } = useJob()
  const busy = useBusy()
  const tools = useMemo(() => [...state.tools.keys()].sort(), [state])
  // what lay beside the frames: the hooks, blades and strippers of this job
  const hand = useMemo(() => bringList(state).filter(isHandTool), [state])
  const scrapped = useMemo(() => [...state.terms.values()].reduce((sum, term) => sum + term.scrapped, 0), [state])
  const [found, setFound] = useState(String(scrapped))
  const [whys, setWhys] = useState<Readonly<Record<string, string>>>({})
  const [explains, setExplains] = useState(false)
  const scrapFound = /^\d{1,4}$/.test(found) ? Number(found) : undefined
  const lines: CheckLine[] = [
    ...tools.map((tool) => ({
      id: tool,
      words: (
        <>
          {words.back} <b className={textCss.mono}>{tool}</b> {state.facts.tools[tool]?.name}
        </>
      ),
      seen: words.isBack(tool),
    })),
    ...hand.map((item): CheckLine => ({
      id: handId(item),
      words: bringLine(item),
      seen: words.isBack(handId(item)),
    })),
    ...[...state.oldEnds]
      .filter(([, old]) => old.why === 'broken')
      .map(([key, old]): CheckLine => ({
        id: `old ${key}`,
        words: (
          <>
            {words.brokenHousingOf(old.end)} <b className={textCss.mono}>{old.housing}</b>
            {words.withScrapAllOf}
          </>
        ),
        seen: words.itIsWithScrap,
      })),
    ...[...state.ends]
      .filter(([, now]) => (now.locksLost ?? 0) > 0)
      .map(([key, now]): CheckLine => ({
        id: `lock ${key}`,
        words: words.brokenOfWithScrap(
          now.locksLost === 1 ? 'lock' : `locks (${now.locksLost ?? 0})`,
          unitAndId(key).id,
        ),
        seen: words.itIsWithScrap,
      })),
    { id: 'offcuts', words: words.offCutsAndStrippings, seen: words.allSweptUp },
    { id: 'work', words: words.nothingLeftInWork, seen: words.nothingIsLeft },
  ]
  const checks = useChecks(`tray ${state.tray?.at ?? ''}`, lines, state.seq)
  const write = (all: boolean) => {
    if (scrapFound === undefined) return
    const said = (tool: string) => {
      const back = all || checks.ticked.has(tool)
      const why = whys[tool]?.trim() ?? ''
      return { tool, back, ...(!back && why !== '' && { why }) }
    }
    void append({
      kind: 'tray-counted',
      tools: [...tools, ...hand.map(handId)].map(said),
      scrapped,
      scrapFound,
      ...(scrapFound !== scrapped && (whys.scrap?.trim() ?? '') !== '' && { scrapWhy: whys.scrap?.trim() ?? '' }),
    }).then((written) => written && done())
  }
  const missing = [...tools, ...hand.map(handId)].filter((tool) => !checks.ticked.has(tool))
  const { tray } = state
  return (
    <>
      <h2 className={textCss.cardTitle}>{words.countTray}</h2>
      {tray && (
        <p className={clsx(noteCss.note, tray.allBack ? noteCss.good : noteCss.fault)}>
          {tray.allBack
            ? words.countedAllToolsBack
            : words.missingFindItBefore(
                [
                  ...tray.missing,
                  ...(tray.scrapped === tray.scrapFound
                    ? []
                    : [plural(Math.abs(tray.scrapped - tray.scrapFound), 'contact')]),
                ].join(', '),
              )}
        </p>
      )}
      {tools.length === 0 && <p className={textCss.dim}>{words.noFrameHasBeen}</p>}
      <CheckList
        lines={lines}
        checks={checks}
        main={words.trayIsCounted}
        busy={busy}
        onMain={() => write(true)}
        enabled={checks.due !== undefined || scrapFound !== undefined}
      />
      <TextInput
        label={words.scrappedContactsFoundOf(scrapped)}
        value={found}
        inputMode="numeric"
        onChange={(event) => setFound(event.target.value)}
        error={scrapFound !== scrapped}
      />
      {checks.due && !explains && (
        <Button disabled={busy || scrapFound === undefined} onClick={() => setExplains(true)}>
          <span>{words.somethingIsMissingWrite}</span>
        </Button>
      )}
      {(explains || (scrapFound !== undefined && scrapFound !== scrapped)) && (
        <form
          className={paneCss.choices}
          aria-label={words.whatIsMissing}
          onSubmit={(event) => {
            event.preventDefault()
            write(false)
          }}
        >
          <b>{words.whatIsMissing}</b>
          {[...(explains ? missing : []), ...(scrapFound === scrapped ? [] : ['scrap'])].map((tool) => (
            <TextInput
              key={tool}
              label={tool === 'scrap' ? words.whereScrap : words.whereIs(tool)}
              placeholder={words.notFound}
              value={whys[tool] ?? ''}
              onChange={(event) => setWhys({ ...whys, [tool]: event.target.value })}
            />
          ))}
          <Button type="submit" disabled={busy || scrapFound === undefined}>
            <span>{words.writeMissing}</span>
          </Button>
        </form>
      )}
    </>
  )
}

/** A hand tool by its number, or by its kind where it has none. */
const handId = (item: HandTool): string => item.tool ?? item.kind
