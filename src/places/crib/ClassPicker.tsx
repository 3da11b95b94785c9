import { type ToolClass, toolClasses } from '@/core/parts/catalogue/toolClasses'
import { PictureChoice } from '@/ui/choice/PictureChoice'
import { ToolMark } from '@/ui/tool/ToolMark'
import { toolClassHints, toolFormWords as words } from '@/words/screens/crib/toolForm'
import { toolClassWords } from '@/words/tools'

const classes = (Object.keys(toolClasses) as readonly ToolClass[]).map((id) => ({
  id,
  words: toolClassWords[id],
  picture: <ToolMark of={id} />,
}))

/** What kind a tool is, from pictures. */
export const ClassPicker = ({ of, pick }: { readonly of: ToolClass; readonly pick: (of: ToolClass) => void }) => (
  <PictureChoice
    label={words.kindOfTool}
    description={toolClassHints[of]}
    value={of}
    of={classes}
    pick={pick}
    columns={6}
  />
)
