/** What crimp’s usePull says. */
export const usePullWords = {
  stopPull: 'Stop the pull',
  pullItOff: 'Pull it off',
  stop: 'Stop',
  pull: 'Pull',
}
