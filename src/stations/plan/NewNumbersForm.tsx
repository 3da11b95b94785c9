import { newNumbersFormWords as texts } from '@/words/screens/plan/newNumbersForm'
import clsx from 'clsx'
import styles from './NewNumbersForm.module.css'
import textCss from '@/ui/text/text.module.css'
import { NativeSelect, TextInput } from '@mantine/core'
import { useEffect, useState } from 'react'
import { cavityMappings, type CavityMapping } from '@/core/work/rework/mapCavities'
import { useJob } from '@/ui/job/JobProvider'
import { mappingWords } from '@/words/rework'
import { newNumbers, type NewNumbers } from './reworkActions'

/** Which cavity each wire of an end gets in another housing: by number, place or order, and by hand. */
export function NewNumbersForm({
  end,
  housing,
  onChange,
}: {
  readonly end: string
  readonly housing: string
  /** undefined while a wire has no place, or two have the same */ readonly onChange: (
    map: ReadonlyMap<string, string> | undefined,
  ) => void
}) {
  const { id } = useJob()
  const [numbers, setNumbers] = useState<NewNumbers>()
  const [fault, setFault] = useState<string>()
  const [how, setHow] = useState<CavityMapping>('same-id')
  const [byHand, setByHand] = useState<Readonly<Record<string, string>>>({})
  useEffect(() => {
    let late = false
    setNumbers(undefined)
    setByHand({})
    newNumbers({ jobId: id, end, housing }).then(
      (outcome) => {
        if (late) return
        if (outcome.ok) setNumbers(outcome.value)
        setFault(outcome.ok ? undefined : outcome.message)
        // the first way that finds a place for every wire
        const whole =
          outcome.ok &&
          cavityMappings.find((one) =>
            outcome.value.used.every((cavity) => outcome.value.ways[one][cavity] !== undefined),
          )
        if (whole) setHow(whole)
      },
      () => !late && setFault(texts.benchDoesNotAnswer),
    )
    return () => {
      late = true
    }
  }, [id, end, housing])
  const said = (cavity: string) => byHand[cavity] ?? numbers?.ways[how][cavity] ?? ''
  const counts = new Map<string, number>()
  for (const cavity of numbers?.used ?? []) counts.set(said(cavity), (counts.get(said(cavity)) ?? 0) + 1)
  const wrong = (cavity: string) => !numbers?.there.includes(said(cavity)) || (counts.get(said(cavity)) ?? 0) > 1
  const map =
    numbers && !numbers.used.some(wrong) ? new Map(numbers.used.map((cavity) => [cavity, said(cavity)])) : undefined
  const told = map && JSON.stringify([...map])
  useEffect(() => {
    onChange(told === undefined ? undefined : new Map(JSON.parse(told) as [string, string][]))
  }, [told, onChange])
  if (fault !== undefined)
    return (
      <p className={clsx(textCss.small, textCss.fault)} role="alert">
        ▲ {fault}
      </p>
    )
  if (!numbers) return <p className={clsx(textCss.small, textCss.dim)}>{texts.lookingWhereEachWire}</p>
  if (numbers.used.length === 0) return null
  const left = numbers.used.filter(wrong)
  return (
    <>
      <NativeSelect
        label={texts.itsWiresGoTo}
        value={how}
        onChange={(event) => {
          setHow(cavityMappings.find((one) => one === event.target.value) ?? 'same-id')
          setByHand({})
        }}
      >
        {Object.entries(mappingWords).map(([one, words]) => (
          <option key={one} value={one}>
            {words}
          </option>
        ))}
      </NativeSelect>
      <ul className={styles.numbers} aria-label={texts.newCavities}>
        {numbers.used.map((cavity) => (
          <li key={cavity} className={styles.number}>
            <span className={textCss.mono}>{cavity}</span>
            <span aria-hidden="true">→</span>
            <TextInput
              value={said(cavity)}
              aria-label={texts.newCavityOf(cavity)}
              onChange={(event) => {
                const { value } = event.target
                setByHand((now) => ({ ...now, [cavity]: value.trim() }))
              }}
              error={wrong(cavity)}
            />
          </li>
        ))}
      </ul>
      {left.length > 0 && (
        <p className={clsx(textCss.small, textCss.fault)}>
          {texts.noCavityOfIts(left.length === 1 ? texts.has(left[0] ?? '') : texts.have(left.length))}
        </p>
      )}
    </>
  )
}
