import { Input, SegmentedControl } from '@mantine/core'
import { useId } from 'react'
import styles from './Segments.module.css'

/** One of a few words, side by side, under its question. Nothing picked is the first, where that is empty. */
export function Segments<Id extends string>({
  label,
  value,
  of,
  pick,
}: {
  readonly label: string
  readonly value: Id
  readonly of: readonly (readonly [id: Id, words: string])[]
  readonly pick: (id: Id) => void
}) {
  const id = useId()
  return (
    <div className={styles.question}>
      <Input.Label component="span" id={id}>
        {label}
      </Input.Label>
      <SegmentedControl
        fullWidth
        transitionDuration={0}
        aria-labelledby={id}
        classNames={{ root: styles.root, label: styles.label, indicator: styles.indicator }}
        value={value}
        data={of.map(([one, words]) => ({ value: one, label: one === value && words !== '–' ? `✓ ${words}` : words }))}
        onChange={(said) => {
          const one = of.find(([known]) => known === said)
          if (one) pick(one[0])
        }}
      />
    </div>
  )
}
