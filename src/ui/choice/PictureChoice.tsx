import { Radio } from '@mantine/core'
import type { ReactNode } from 'react'
import styles from './PictureChoice.module.css'

export interface Pictured<Id extends string> {
  readonly id: Id
  readonly words: string
  readonly picture: ReactNode
}

/** One of several kinds, from pictures, each with its name. */
export function PictureChoice<Id extends string>({
  label,
  description,
  value,
  of,
  pick,
  columns,
}: {
  readonly label: string
  readonly description?: string | undefined
  readonly value: Id
  readonly of: readonly Pictured<Id>[]
  readonly pick: (id: Id) => void
  /** how many stand side by side */
  readonly columns: number
}) {
  return (
    <Radio.Group
      label={label}
      description={description}
      value={value}
      onChange={(said) => {
        const one = of.find(({ id }) => id === said)
        if (one) pick(one.id)
      }}
    >
      <div className={styles.pictures} style={{ gridTemplateColumns: `repeat(${String(columns)}, minmax(0, 1fr))` }}>
        {of.map(({ id, words, picture }) => (
          <Radio.Card key={id} value={id} className={styles.one}>
            {picture}
            <span>{words}</span>
          </Radio.Card>
        ))}
      </div>
    </Radio.Group>
  )
}
