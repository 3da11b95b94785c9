'use client'
import type { GridNames } from '@/core/record/grid/gridNames'
import type { PlanChange } from '@/core/record/plan/plan'
import { useJob } from '@/ui/job/JobProvider'
import { later } from '@/ui/later/later'
import type { PlanPane } from './EndsTools'
import type { GridDraft } from './grid/useGridDraft'
import type { useSavePlan } from './useSavePlan'

const RevisionPane = later(
  () => import('./RevisionPane'),
  (module) => module.RevisionPane,
)
export const loadPanes = async () => ({
  ...(await import('./ImportPane')),
  ...(await import('./FamilyPane')),
  ...(await import('./FactsPane')),
  ...(await import('./MatedPane')),
})
const ImportPane = later(loadPanes, (panes) => panes.ImportPane)
const FamilyPane = later(loadPanes, (panes) => panes.FamilyPane)
const FactsPane = later(loadPanes, (panes) => panes.FactsPane)
const MatedPane = later(loadPanes, (panes) => panes.MatedPane)

/** What stands in the pinout's place: a change before it is made, an import, a family, facts of the shelf, a mated pair. */
export function OtherPane({
  pane,
  close,
  names,
  draft,
  saving,
  apply,
  pick,
}: {
  readonly pane: Exclude<PlanPane, 'grid'>
  readonly close: () => void
  readonly names: GridNames
  readonly draft: GridDraft
  readonly saving: ReturnType<typeof useSavePlan>
  readonly apply: (change: PlanChange) => void
  readonly pick: (key: string) => void
}) {
  const { plan } = useJob().state
  if (pane === 'revision')
    return (
      saving.preview && (
        <RevisionPane
          preview={saving.preview}
          busy={saving.busy}
          answer={saving.answer}
          say={(answer) => void saving.say(answer)}
          apply={() => void saving.accept().then((written) => written && close())}
          back={() => {
            saving.drop()
            close()
          }}
        />
      )
    )
  switch (pane) {
    case 'import':
      return <ImportPane names={names} draft={draft} close={close} />
    case 'family':
      return <FamilyPane wires={plan.wires} close={close} apply={apply} />
    case 'facts':
      return <FactsPane close={close} />
    case 'mated':
      return (
        <MatedPane
          close={close}
          apply={apply}
          pick={(key) => {
            pick(key)
            close()
          }}
        />
      )
  }
}
