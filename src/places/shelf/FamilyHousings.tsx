import { useState } from 'react'
import { Anchor, Table } from '@mantine/core'
import { placeHousing } from '@/core/parts/catalogue/catalogue'
import type { FamilyInput } from '@/core/parts/catalogue/types'
import { FacePanel, useFaceView } from '@/ui/face/FacePanel'
import rowsCss from '@/ui/table/rows.module.css'
import styles from './FamilyHousings.module.css'
import { HeadRow } from '@/ui/table/HeadRow'
import { familyViewWords as words } from '@/words/screens/shelf/familyView'
import clsx from 'clsx'
import textCss from '@/ui/text/text.module.css'
import paneCss from '@/ui/pane/pane.module.css'

/** The housings of a family; the face of the one that is picked beside them. */
export function FamilyHousings({ family }: { readonly family: FamilyInput }) {
  const [picked, setPicked] = useState(family.housings[0]?.id)
  const input = family.housings.find((one) => one.id === picked)
  const placed = input && placeHousing(input, family.id)
  const housing = placed?.ok ? placed.value : undefined
  const face = useFaceView('shelf', picked ?? '', 'wire')
  return (
    <div className={styles.columns}>
      <section
        className={clsx(paneCss.panel, rowsCss.pickTable, styles.housings)}
        aria-label={words.housings}
        tabIndex={0}
      >
        <Table>
          <HeadRow names={[words.housing, words.ways, words.what, words.smallParts]} />
          <Table.Tbody>
            {family.housings.map((one) => (
              <Table.Tr key={one.id} className={one.id === picked ? styles.picked : undefined}>
                <Table.Td className={textCss.figure}>
                  <Anchor
                    component="button"
                    type="button"
                    aria-pressed={one.id === picked}
                    onClick={() => setPicked(one.id)}
                  >
                    <b>{one.id}</b>
                  </Anchor>
                </Table.Td>
                <Table.Td className={textCss.figure}>{one.cavities?.length ?? '?'}</Table.Td>
                <Table.Td>
                  {one.name}
                  {(one.keyings ?? []).length > 0 && (
                    <span className={clsx(textCss.mono, textCss.dim)}> {one.keyings?.join(' ')}</span>
                  )}
                </Table.Td>
                <Table.Td className={clsx(textCss.figure, textCss.dim)}>
                  {[one.lock, one.interfaceSeal, ...(one.parts ?? []).map((part) => part.part)]
                    .filter(Boolean)
                    .join(' ')}
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </section>
      <div className={styles.face}>{housing && <FacePanel housing={housing} face={face} cavities={new Map()} />}</div>
    </div>
  )
}
