import { UnstyledButton } from '@mantine/core'
import clsx from 'clsx'
import type { FamilyLack } from '@/core/parts/sheets/familyLacks'
import textCss from '@/ui/text/text.module.css'
import { familyPathWords as words, lackWords, stepWords } from '@/words/screens/shelf/familyPath'
import { StepMark } from './StepMark'
import { stepIds, type StepId, stepOfLack } from './steps'
import styles from './PathRail.module.css'

/** How far a step is: what is wrong with it, what it holds, what a job lacks of it. */
export interface StepState {
  readonly sub: string
  readonly faults: number
  readonly begun: boolean
}

const glyph = ({ faults, begun }: StepState, lacks: number, here: boolean) =>
  faults > 0
    ? (['▲', textCss.fault] as const)
    : here
      ? (['▸', textCss.act] as const)
      : !begun
        ? (['○', textCss.dim] as const)
        : lacks > 0
          ? (['◆', textCss.caution] as const)
          : (['✓', textCss.good] as const)

/** The way from a sheet to a family: its steps, the housings among them, and what a job could not do yet. */
export function PathRail({
  title,
  step,
  toStep,
  states,
  housings,
  housingAt,
  toHousing,
  lacks,
}: {
  readonly title: string
  readonly step: StepId
  readonly toStep: (step: StepId) => void
  readonly states: Readonly<Record<StepId, StepState>>
  readonly housings: readonly { readonly id: string; readonly sub: string; readonly faults: number }[]
  readonly housingAt: number
  readonly toHousing: (at: number) => void
  readonly lacks: readonly FamilyLack[]
}) {
  const withHousings = step === 'housings' || step === 'locks'
  return (
    <nav className={styles.rail} aria-label={words.path}>
      <div className={styles.top}>
        <h2 className={styles.title}>{title}</h2>
        <p className={clsx(textCss.small, textCss.dim)}>{words.stepOf(stepIds.indexOf(step) + 1, stepIds.length)}</p>
      </div>
      <ol className={styles.steps}>
        {stepIds.map((id, i) => {
          const here = id === step
          const [sign, tone] = glyph(states[id], lacks.filter(({ lack }) => stepOfLack[lack] === id).length, here)
          return (
            <li key={id}>
              <UnstyledButton
                className={styles.step}
                aria-current={here ? 'step' : undefined}
                onClick={() => toStep(id)}
              >
                <span className={tone} aria-hidden="true">
                  {sign}
                </span>
                <StepMark of={id} />
                <span>
                  <b>
                    {i + 1} {stepWords[id]}
                  </b>
                  <span className={clsx(styles.sub, states[id].faults > 0 && textCss.fault)}>{states[id].sub}</span>
                </span>
              </UnstyledButton>
              {here && withHousings && housings.length > 0 && (
                <ul className={styles.housings} aria-label={words.housings}>
                  {housings.map((one, at) => (
                    <li key={at}>
                      <UnstyledButton
                        className={styles.housing}
                        aria-current={at === housingAt ? 'true' : undefined}
                        onClick={() => toHousing(at)}
                      >
                        <b className={textCss.mono}>{one.id || words.housing(at + 1)}</b>
                        <span className={clsx(styles.sub, one.faults > 0 && textCss.fault)}>
                          {one.faults > 0 && '▲ '}
                          {one.sub}
                        </span>
                      </UnstyledButton>
                    </li>
                  ))}
                </ul>
              )}
            </li>
          )
        })}
      </ol>
      <section className={styles.lacks} aria-label={words.couldNotYet}>
        <h3>{lacks.length === 0 ? words.jobCould : words.couldNotYet}</h3>
        <ul>
          {lacks.map(({ lack, of }) => (
            <li key={lack}>
              <UnstyledButton className={styles.lack} onClick={() => toStep(stepOfLack[lack])}>
                <span>
                  {lackWords[lack].does} <span className={textCss.dim}>· {lackWords[lack].lacks(of)}</span>
                </span>
                <span className={textCss.mono}>{stepIds.indexOf(stepOfLack[lack]) + 1}</span>
              </UnstyledButton>
            </li>
          ))}
        </ul>
      </section>
    </nav>
  )
}
