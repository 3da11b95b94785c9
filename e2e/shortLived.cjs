// A bench of these tests lives for a minute: its database's code is not compiled a second time to run faster, which would take
// a fifth of all its time.
require('node:v8').setFlagsFromString('--liftoff-only')
