import { Button, Progress } from '@mantine/core'
import { importPaneWords as words } from '@/words/screens/shelf/importPane'
import type { ImportLine } from './packages'
import styles from './ImportProgress.module.css'

export type Stage = 'open' | Extract<ImportLine, { readonly stage: unknown }>['stage']

/** A package that is read or written: which file, and how far it has come. */
export type ImportRun =
  | { readonly kind: 'reading'; readonly name: string; readonly kb: number; readonly stage?: Stage }
  | { readonly kind: 'writing'; readonly stage?: Stage }

/** What is being done, in its order; the last only when the package is taken in. */
const stages: readonly (readonly [Stage, string])[] = [
  ['open', words.openingFile],
  ['read', words.readingIt],
  ['check', words.checkingEachFigure],
  ['join', words.layingItOverShelf],
  ['compare', 'comparing'],
  ['write', 'writing'],
]

/** How far the bench has come with a package; reading can be stopped. */
export function ImportProgress({ step, stop }: { readonly step: ImportRun; readonly stop: () => void }) {
  return (
    <div className={styles.row}>
      <Progress
        aria-label={words.import}
        w={160}
        value={
          (100 *
            Math.max(
              0,
              stages.findIndex(([id]) => id === step.stage),
            )) /
          stages.length
        }
      />
      <span role="status">
        {step.kind === 'reading' ? words.stepWithSize(step.name, step.kb) : ''}
        {stages.find(([id]) => id === step.stage)?.[1] ?? words.sendingItToBench}…
      </span>
      {step.kind === 'reading' && (
        <Button fullWidth={false} onClick={stop}>
          <span>{words.stop}</span>
        </Button>
      )}
    </div>
  )
}
