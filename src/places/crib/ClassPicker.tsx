import { Radio } from '@mantine/core'
import { type ToolClass, toolClasses } from '@/core/parts/catalogue/toolClasses'
import { ToolMark } from '@/ui/tool/ToolMark'
import { toolClassHints, toolFormWords as words } from '@/words/screens/crib/toolForm'
import { toolClassWords } from '@/words/tools'
import styles from './ClassPicker.module.css'

const classes = Object.keys(toolClasses) as readonly ToolClass[]

/** What kind a tool is, from pictures. */
export function ClassPicker({ of, pick }: { readonly of: ToolClass; readonly pick: (of: ToolClass) => void }) {
  return (
    <Radio.Group label={words.kindOfTool} description={toolClassHints[of]} value={of} onChange={(value) => pick(value)}>
      <div className={styles.classes}>
        {classes.map((one) => (
          <Radio.Card key={one} value={one} className={styles.class}>
            <ToolMark of={one} />
            <span>{toolClassWords[one]}</span>
          </Radio.Card>
        ))}
      </div>
    </Radio.Group>
  )
}
