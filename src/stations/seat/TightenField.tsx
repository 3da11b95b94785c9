import { Button, NativeSelect, TextInput } from '@mantine/core'
import clsx from 'clsx'
import noteCss from '@/ui/note/note.module.css'
import paneCss from '@/ui/pane/pane.module.css'
import { insertCardWords as words } from '@/words/screens/seat/insertCard'
import type { useTightening } from './useTightening'

/** With which driver, and what it is set to: as it is asked until somebody says otherwise. By hand where the house rules let it. */
export function TightenField({ tightening }: { readonly tightening: ReturnType<typeof useTightening> }) {
  const { asked, byHand, mayByHand, drivers, driver, overdue, setText, isShort, change } = tightening
  if (asked?.torqueNm === undefined) return null
  return (
    <>
      {drivers.length === 0 && !byHand && (
        <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.noDriver(asked.torqueNm)}</p>
      )}
      {overdue && driver && !byHand && (
        <p className={clsx(noteCss.note, noteCss.attend)}>◆ {words.driverOverdue(driver.id)}</p>
      )}
      {!byHand && (
        <div className={paneCss.fieldRow}>
          {drivers.length > 1 && (
            <NativeSelect
              label={words.torqueDriver}
              value={driver?.id ?? ''}
              data={drivers.map(({ id }) => id)}
              onChange={(event) => change({ driver: event.target.value })}
            />
          )}
          <TextInput
            label={words.driverSetTo}
            value={setText}
            inputMode="decimal"
            error={isShort && setText.trim() !== '' && words.otherThanAsked}
            onChange={(event) => change({ set: event.target.value })}
          />
        </div>
      )}
      {mayByHand && (
        <Button onClick={() => change({ byHand: !byHand })}>
          <span>{byHand ? words.withADriver : words.byHandInstead}</span>
        </Button>
      )}
    </>
  )
}
