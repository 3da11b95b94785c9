import { planIndex } from '@/core/record/plan/plan'
import { type JobState, termState } from '@/core/record/state/state'
import { netVerdict } from '@/core/work/prove/netVerdict'
import { setupId } from '@/core/craft/setup/setup'
import { looksSeenWords } from '@/words/crimp'
import type { Provenance } from '@/core/record/journal/recordFault'
import { recordMark } from '@/words/records'
import { toCsv } from './csv'
import { writeXlsx } from './table/writeXlsx'
import { heightRange, stripRange } from '@/words/figures'
import { pullBasisWords } from '@/words/pullTables'
import { setKey } from '@/core/record/plan/keys'

const headings = [
  'unit',
  'wire',
  'side',
  'end',
  'cavity',
  'type',
  'colour',
  'signal',
  'length mm',
  'contact',
  'seal',
  'setup',
  'strip mm',
  'crimped at',
  'crimped by',
  'height mm',
  'seated at',
  'seated by',
  'tug N',
  'probe',
  'measured ohm',
  'leads ohm',
  'verdict',
  'scrapped',
  'redone',
  // measured, set and asked are three words
  'strip is',
  'strip window mm',
  'height window mm',
  'height window is',
  'pull asked N',
  'pull asked by',
  'tug is',
  'tug asked N',
  'meter step ohm',
  'measured at C',
  'contacts at most ohm',
  // whether the record is whole, and where it came from
  'record',
  'retention',
  'retention N',
  'pulled by hand',
  'interruptions',
  'looks',
  'torque asked Nm',
  'torque set Nm',
  'tightened',
]

const heldWord = (held: boolean | undefined) => (held === undefined ? undefined : held ? 'held' : 'did not hold')

/** The record as rows, one a termination, under its headings. */
export function recordRows(
  state: JobState,
  provenance: Provenance = {},
): { readonly headings: readonly string[]; readonly rows: readonly (readonly (string | number | undefined)[])[] } {
  const mark = recordMark(provenance)
  const rows = planIndex(state.plan).terminations.map(({ key, unit, wire, side, at }) => {
    const now = termState(state, key)
    const set = state.sets.get(setKey(wire.id, side))
    const net = netVerdict(state, unit, wire)
    return [
      unit,
      wire.id,
      side,
      ...(at.kind === 'cavity' ? [at.end, at.cavity] : [at.kind, at.kind === 'terminal' ? at.part : at.splice]),
      wire.type,
      wire.colour,
      wire.signal,
      wire.lengthMm,
      set?.contact,
      set?.seal,
      set && setupId(set.setup).replaceAll('~', ' '),
      now.stripped?.stripMm,
      now.crimp?.at,
      now.crimp?.by,
      now.crimp?.heightMm,
      now.seat?.home ? now.seat.at : undefined,
      now.seat?.home ? now.seat.by : undefined,
      now.seat?.tugN,
      net.probe?.result,
      net.measured?.ohm,
      net.measured?.leadsOhm,
      net.resistance?.verdict,
      now.scrapped,
      now.redone,
      now.stripped?.lengthFrom,
      set && stripRange(set.strip),
      set?.height && heightRange(set.height),
      set?.height && (set.height.estimate ? 'estimated' : 'from its sheet'),
      set?.pull?.forceN,
      set?.pull && pullBasisWords(set.pull),
      now.seat?.home ? now.seat.tug : undefined,
      now.seat?.tugAskedN,
      net.measured?.resolutionOhm,
      net.measured?.temperatureC,
      net.resistance?.contacts?.atMostOhm,
      mark,
      heldWord(now.seat?.retention?.held),
      now.seat?.retention?.forceN,
      heldWord(now.crimp?.handPull?.held),
      net.events.length,
      now.crimp && looksSeenWords(now.crimp),
      now.seat?.tightened?.askedNm,
      now.seat?.tightened?.setNm,
      now.seat?.tightened &&
        (now.seat.tightened.setNm === undefined ? 'by hand' : (now.seat.tightened.tool ?? 'driver')),
    ]
  })
  return { headings, rows }
}

/** The record as CSV, safe to open in a spreadsheet. */
export function recordCsv(state: JobState, provenance: Provenance = {}): string {
  const { headings: head, rows } = recordRows(state, provenance)
  return toCsv([head, ...rows])
}

/** The record as a workbook. */
export async function recordXlsx(state: JobState, provenance: Provenance = {}): Promise<Uint8Array> {
  const { headings: head, rows } = recordRows(state, provenance)
  return new Uint8Array(await (await writeXlsx(head, rows, state.plan.title)).arrayBuffer())
}
