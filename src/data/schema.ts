import { sql } from 'drizzle-orm'
import {
  boolean,
  customType,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
} from 'drizzle-orm/pg-core'

/** People who work at this bench. */
export const person = pgTable('person', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  role: text('role').notNull(),
  /** put away: works here no more, and stays named in what they wrote */
  away: boolean('away').notNull().default(false),
})

/** What somebody signs with: never the PIN itself, a slow hash of it with a salt of its own. */
export const personPin = pgTable('person_pin', {
  person: text('person')
    .primaryKey()
    .references(() => person.id),
  salt: text('salt').notNull(),
  hash: text('hash').notNull(),
  /** wrong ones in a row */
  wrong: integer('wrong').notNull().default(0),
  /** until then none is tried */
  lockedUntil: timestamp('locked_until', { withTimezone: true }),
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
    /** who read it in, when, from which file, and how many entries came: where it was made elsewhere */
    readIn: jsonb('read_in'),
    /** the job of which this is a copy: it counts nowhere */
    copyOf: text('copy_of'),
  },
  (table) => [index('job_open').on(table.closed, table.createdAt)],
)

/** The append-only record of a job. Each entry carries the hash of the one before it. */
export const journalEntry = pgTable(
  'journal_entry',
  {
    jobId: text('job_id')
      .notNull()
      .references(() => job.id),
    seq: integer('seq').notNull(),
    entryId: text('entry_id').notNull(),
    kind: text('kind').notNull(),
    at: text('at').notNull(),
    by: text('by').notNull(),
    body: jsonb('body').notNull(),
    hash: text('hash').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.jobId, table.seq] }),
    uniqueIndex('journal_entry_once').on(table.jobId, table.entryId),
    index('journal_entry_kind').on(table.kind, table.jobId, table.seq),
    // a record that is read in is looked for by its first link
    index('journal_entry_first')
      .on(table.hash)
      .where(sql`seq = 1`),
  ],
)

/** Keys of requests that made a job: the same key gives the same job. */
export const requestKey = pgTable('request_key', {
  key: text('key').primaryKey(),
  jobId: text('job_id')
    .notNull()
    .references(() => job.id),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull(),
})

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
    jobId: text('job_id')
      .notNull()
      .references(() => job.id),
    part: text('part').notNull(),
    count: doublePrecision('count').notNull(),
  },
  (table) => [primaryKey({ columns: [table.jobId, table.part] }), index('reservation_part').on(table.part)],
)

/** A spool or an off-cut of wire that lies on the shelf; what is cut from it is taken off as it is written. */
export const spool = pgTable(
  'spool',
  {
    id: text('id').primaryKey(),
    wireType: text('wire_type').notNull(),
    leftMm: doublePrecision('left_mm').notNull(),
    countedAt: timestamp('counted_at', { withTimezone: true }).notNull(),
  },
  (table) => [index('spool_wire_type').on(table.wireType)],
)

const bytea = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => 'bytea' })

/** A photo of a piece, made small, by the hash of its bytes: the journal names it. */
export const photo = pgTable('photo', {
  id: text('id').primaryKey(),
  bytes: bytea('bytes').notNull(),
  widthPx: integer('width_px').notNull(),
  heightPx: integer('height_px').notNull(),
  createdAt: timestamp('created_at', { withTimezone: true }).notNull(),
})
