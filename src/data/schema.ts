import { boolean, doublePrecision, index, integer, jsonb, pgTable, primaryKey, text, timestamp, uniqueIndex } from 'drizzle-orm/pg-core'

/** People who work at this bench. */
export const person = pgTable('person', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  role: text('role').notNull(),
})

/** One part of the shelf or crib as a document: a family, a wire type, a tool, a placard. */
export const catalogueItem = pgTable(
  'catalogue_item',
  {
    kind: text('kind').notNull(),
    id: text('id').notNull(),
    doc: jsonb('doc').notNull(),
    updatedAt: timestamp('updated_at', { withTimezone: true }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.kind, table.id] })],
)

/** Small facts about the data itself, like the version of the catalogue. */
export const meta = pgTable('meta', {
  key: text('key').primaryKey(),
  value: text('value').notNull(),
})

/** A job's head: everything else of it is in its journal. */
export const job = pgTable(
  'job',
  {
    id: text('id').primaryKey(),
    createdAt: timestamp('created_at', { withTimezone: true }).notNull(),
    lastSeq: integer('last_seq').notNull(),
    lastHash: text('last_hash').notNull(),
    closed: boolean('closed').notNull().default(false),
  },
  (table) => [index('job_open').on(table.closed, table.createdAt)],
)

/** The append-only record of a job. Each entry carries the hash of the one before it. */
export const journalEntry = pgTable(
  'journal_entry',
  {
    jobId: text('job_id').notNull().references(() => job.id),
    seq: integer('seq').notNull(),
    entryId: text('entry_id').notNull(),
    kind: text('kind').notNull(),
    at: text('at').notNull(),
    by: text('by').notNull(),
    body: jsonb('body').notNull(),
    hash: text('hash').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.seq] }), uniqueIndex('journal_entry_once').on(table.jobId, table.entryId)],
)

/** How many of a part are on the shelf, as last counted or settled; wire in millimetres. */
export const stock = pgTable('stock', {
  part: text('part').primaryKey(),
  count: doublePrecision('count').notNull(),
  /** below this it is to be bought again */
  reorderLevel: doublePrecision('reorder_level').notNull().default(0),
  countedAt: timestamp('counted_at', { withTimezone: true }).notNull(),
})

/** What a job has taken from the shelf: reserved until it is settled with what the job used. */
export const reservation = pgTable(
  'reservation',
  {
    jobId: text('job_id').notNull().references(() => job.id),
    part: text('part').notNull(),
    count: doublePrecision('count').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.part] }), index('reservation_part').on(table.part)],
)
