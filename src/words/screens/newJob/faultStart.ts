/** What `FaultStart` says. */
export const faultStartWords = {
  fromFault: 'Or from a fault',
  whatForAnd: 'It works, and sometimes not: name its connectors, then move it while it is watched.',
  whatItDoes: 'What it does',
  itWorks: 'goes out when the door is shut',
  faultAt: (connector: string) => `Fault at ${connector}`,
  connector: (end: string) => `Connector ${end}`,
  nobodyCanName: 'nobody can name it',
  wireLooksLike: 'Its wire is like',
  chooseIt: 'choose it: its resistance counts',
  about: 'About as long as',
  wires: 'Wires, cavity to cavity',
  wiresHint: 'A’s cavity, B’s cavity, colour where it is known; a line each',
  noSuchLine: (line: number, said: string) => `Line ${String(line)}: “${said}” is in no cavity of both.`,
  watchIt: 'Watch it at Prove',
}
