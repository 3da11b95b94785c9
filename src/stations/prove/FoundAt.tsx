import { Button, Kbd } from '@mantine/core'
import clsx from 'clsx'
import { useState } from 'react'
import type { SuspectContact } from '@/core/work/prove/netDiagnosis'
import { useGo } from '@/ui/address/GoProvider'
import { useBusy, useJob } from '@/ui/job/JobProvider'
import { useKeys } from '@/ui/keys/KeyProvider'
import paneCss from '@/ui/pane/pane.module.css'
import textCss from '@/ui/text/text.module.css'
import { termLabel } from '@/core/record/plan/keys'
import { foundAtWords as words } from '@/words/screens/prove/foundAt'

/** What a hand finds at a contact, and what that leads back to. */
const findings = {
  'not-home': ({ term, end, cavity }: SuspectContact) => ({
    kind: 'seat-faulted' as const,
    term,
    end,
    cavity,
    fault: 'stands-low' as const,
    cause: 'pushed-back',
  }),
  crimp: ({ term }: SuspectContact) => ({ kind: 'damage-reported' as const, term, what: 'contact' as const }),
  wire: ({ term }: SuspectContact) => ({ kind: 'damage-reported' as const, term, what: 'wire' as const }),
}
type Finding = keyof typeof findings

/**
 * Somebody has looked: at which contact it is, and what is wrong with it. It is written down, and the work goes back to Seat, and
 * from there to Crimp; the readings that led here stay in the record.
 */
export function FoundAt({ contacts }: { readonly contacts: readonly SuspectContact[] }) {
  const { id, append } = useJob()
  const busy = useBusy()
  const go = useGo()
  const [at, setAt] = useState<SuspectContact>()
  const write = (finding: Finding) => {
    if (at && !busy)
      void append(findings[finding](at)).then((written) => written && go(`/jobs/${encodeURIComponent(id)}/seat`))
  }
  const choices: readonly Finding[] = ['not-home', 'crimp', 'wire']
  useKeys(
    at
      ? choices.map((finding, i) => ({ key: String(i + 1), words: words[finding], run: () => write(finding) }))
      : contacts.slice(0, 9).map((contact, i) => ({
          key: String(i + 1),
          words: words.itIsAt(contact.end, contact.cavity),
          run: () => setAt(contact),
        })),
  )
  if (contacts.length === 0) return null
  return (
    <section className={paneCss.choices} aria-label={words.whatWasSeen}>
      <b>{at ? words.whatIsItAt(at.end, at.cavity, termLabel(at.term)) : words.whatWasSeen}</b>
      {at
        ? choices.map((finding, i) => (
            <Button key={finding} disabled={busy} onClick={() => write(finding)}>
              <span>{words[finding]}</span> <Kbd aria-hidden="true">{i + 1}</Kbd>
            </Button>
          ))
        : contacts.map((contact, i) => (
            <Button key={contact.term} onClick={() => setAt(contact)}>
              <span>{words.itIsAt(contact.end, contact.cavity)}</span> {i < 9 && <Kbd aria-hidden="true">{i + 1}</Kbd>}
            </Button>
          ))}
      <p className={clsx(textCss.small, textCss.dim)}>{words.leadsBack}</p>
    </section>
  )
}
