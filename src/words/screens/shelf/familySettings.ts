import type { SettingDoubt } from '@/core/parts/sheets/settingDoubts'
import { list, plural } from '@/words/figures'

/** What `SettingsStep` says. */
export const familySettingsWords = {
  about: 'Settings',
  whatFor:
    'By which die, positioner, selector or nest each contact is crimped, with strip and height as the sheet says. They become rows of the tools’ cards.',
  doubts: 'What the crib does not know',
  enterTool: 'Enter a tool in the crib',
}

const partOf = { 'no-die': 'die', 'no-positioner': 'positioner', 'no-nest': 'nest' } as const

/** What a row of settings names and its tool has not. */
export function settingDoubtWords(doubt: SettingDoubt): string {
  return doubt.kind === 'no-tool'
    ? `${doubt.tool} is not in the crib: ${plural(doubt.rows, 'row')} ${doubt.rows === 1 ? 'is' : 'are'} kept, and ${doubt.rows === 1 ? 'waits' : 'wait'} for it.`
    : `${doubt.tool} has no ${partOf[doubt.kind]} ${doubt.named}: it has ${list([...doubt.known], 6)}.`
}
