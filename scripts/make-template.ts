import { writeTemplate } from '../src/data/database'

// the migrated, empty database from which a new data folder begins
await writeTemplate('build/template')
