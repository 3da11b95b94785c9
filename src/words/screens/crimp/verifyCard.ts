/** What `VerifyCard` says. */
export const verifyCardWords = {
  withGauge: 'With gauge',
  selectorBack: (selector: number) => `Selector back to ${String(selector)}`,
  selectorIsBack: 'It is back',
  gaugesOwn: (back: number) => `the gauge’s own; then back to ${String(back)}`,
  eachDay: 'Before the first crimp of the day',
  whyEachDay:
    'These house rules try its own gauge on a frame each day: a frame that was dropped or knocked is found before it spoils a contact.',
  atSelector: (selector: number) => ` at selector ${String(selector)}`,
  goSideEntersClosed: (at: string) => `Go side enters the closed tool${at}`,
  withoutForce: 'without force',
  goEnters: 'Go enters',
  noGoSideDoes: (at: string) => `No-go side does not enter${at}`,
  ifItDoesTool: 'if it does, the tool is worn or set wrong',
  noGoStops: 'No-go stops',
  gaugeSaysNo: 'The gauge says no',
  gauge: 'Gauge',
  selector: 'Selector',
  asForThisSetup: 'as for this setup',
  whyItIsGauged: 'Why it is gauged',
  gaugeSaidNo: 'The gauge said no',
  itsAdjusterWasTurned: 'Its adjuster was turned',
  itsVerificationIsPast: 'Its verification is past due',
  thisToolDoesNot:
    'This tool does not crimp until it passes. Set it as its maker says, or send it away and take another in Kit; then gauge it again.',
  dateThatHasPassed:
    'A date that has passed says nothing about the tool. The gauge does: when both sides are right, it may crimp here, and the record says who gauged it. The crib’s own verification stays due.',
  turnedAdjusterIsChange:
    'A turned adjuster is a change of the tool: what it was verified for does not hold any more. Gauge it, then make a new first piece.',
  gaugeTool: 'Gauge the tool',
  gaugeThis: (tool: string) => `Gauge ${tool}`,
  toolIsVerified: 'Tool is verified',
  closeToolOnGauge:
    'Close the tool on the gauge gently: force makes any gauge fit. The maker’s gauging sheet always wins.',
}
