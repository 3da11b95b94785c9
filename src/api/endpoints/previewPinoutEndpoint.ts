import { z } from 'zod'
import { answer, endpoint } from '@/api/endpoint'
import { cellProblemWords, columnWords, tableFaultWords, understoodWords } from '@/words/pinout'
import { compute } from '@/threads/compute'
import { PINOUT_INLINE } from '@/threads/pinoutJob'
import { loadCatalogue, readCatalogueInput } from '@/data/repositories/catalogue'
import { readPinout } from '@/formats/pinout/readPinout'

export const previewPinoutEndpoint = endpoint({
  method: 'POST',
  path: 'pinout/preview',
  summary: 'A pinout in CSV as it will be read, with every fault; nothing is written',
  input: z.strictObject({ csv: z.string(), ends: z.record(z.string(), z.string()).default({}) }),
  output: z.object({
    rows: z.array(z.object({ row: z.number(), cells: z.record(z.string(), z.string()), read: z.boolean() })),
    ends: z.array(z.object({ id: z.string(), housing: z.string().optional(), from: z.string(), wires: z.number() })),
    faults: z.array(
      z.object({
        row: z.number().optional(),
        column: z.string().optional(),
        found: z.string().optional(),
        message: z.string(),
      }),
    ),
    /** how figures were read that could be read in two ways */
    understood: z.array(z.string()),
    ignored: z.array(z.string()),
    valid: z.boolean(),
  }),
  fails: [422],
  handle: async ({ csv, ends }, { bench }) => {
    const reading =
      csv.length <= PINOUT_INLINE
        ? readPinout(csv, await loadCatalogue(bench.db, bench.catalogue), ends)
        : await compute('pinout-preview', { csv, picks: ends, shelf: await readCatalogueInput(bench.db) })
    return answer({
      rows: reading.rows.map(({ row, cells, wire }) => ({ row, cells, read: wire !== undefined })),
      ends: reading.ends,
      faults: [
        ...reading.tableFaults.map((fault) => ({
          ...('row' in fault && { row: fault.row }),
          message: tableFaultWords(fault),
        })),
        ...reading.cellFaults.map((fault) => ({
          row: fault.row,
          column: columnWords(fault.column),
          found: fault.found,
          message: cellProblemWords(fault.problem, fault.found),
        })),
      ],
      understood: reading.understood.map(understoodWords),
      ignored: reading.ignored,
      valid: reading.plan !== undefined,
    })
  },
})
