import { useKeptForm } from '@/ui/card/useKeptForm'
import { useJob } from '@/ui/job/JobProvider'
import { useClock } from '@/ui/frame/Clock'
import { toolDue } from '@/core/craft/setup/setup'
import { rulesOf } from '@/core/record/rules/rulesOf'
import { termState } from '@/core/record/state/state'
import { driversFor, tighteningAt, tighteningRefusal } from '@/core/record/standing/tightening'
import type { Tightened } from '@/core/record/state/records'
import { typedFigure } from '@/ui/form/typedFigure'
import { figure } from '@/words/figures'
import type { TaskOf } from './useWrite'

/** What is typed of a driver; what is left out is as it was asked. */
export interface TightenForm {
  readonly set?: string
  readonly driver?: string
  readonly byHand?: boolean
}

const begin: TightenForm = {}
const typed = (_before: TightenForm, now: TightenForm) => now

/** How the screw or nut of a place is tightened: what is asked, with which driver, what it was set to. */
export function useTightening({ term, end, cavity }: TaskOf<'insert'>) {
  const { state } = useJob()
  const clock = useClock()
  const [form, setForm] = useKeptForm(typed, begin, `${term} tighten`, termState(state, term))
  const asked = tighteningAt(state, term, end, cavity)
  const { torqueNm } = asked ?? {}
  const rules = rulesOf(state)
  const isOverdue = (tool: (typeof drivers)[number]) => toolDue(tool, clock.dayOf(new Date())).kind === 'overdue'
  const drivers = torqueNm === undefined ? [] : driversFor(Object.values(state.facts.tools), torqueNm)
  const usable = drivers.filter((tool) => rules.overdueTools === 'warn' || !isOverdue(tool))
  const driver = usable.find(({ id }) => id === form.driver) ?? usable[0]
  // what a driver of the crib is set to follows what is asked; of one that nobody knows here it is said
  const setText = form.set ?? (torqueNm === undefined || !driver ? '' : figure(torqueNm, 2))
  const setNm = typedFigure(setText)
  const byHand = torqueNm === undefined || form.byHand === true
  const said: Tightened | undefined = !asked
    ? undefined
    : {
        ...(torqueNm !== undefined && { askedNm: torqueNm }),
        ...(!byHand && setNm !== undefined && { setNm, ...(driver && { tool: driver.id }) }),
      }
  return {
    asked,
    said,
    /** it could not be written so */
    isShort:
      asked !== undefined && ((!byHand && setNm === undefined) || tighteningRefusal(state, asked, said) !== undefined),
    byHand,
    mayByHand: rules.handTightening !== 'forbidden',
    drivers: usable,
    driver,
    overdue: driver !== undefined && isOverdue(driver),
    setText,
    change: (now: TightenForm) => setForm({ ...form, ...now }),
  }
}
