/** What `Leads` says. */
export const leadsWords = {
  leads: 'Leads',
  stepsOf: ', steps of',
  measuredMeasureAgain: (timeOfDay: string) => `measured ${timeOfDay}; measure again`,
  meterLeads: 'Meter leads',
  forResistancesTouchProbes: 'For resistances: touch the probes together',
  leadsShow: 'Leads show, Ω',
  smallestStep: 'Smallest step, Ω',
  keepLeadsFigure: 'Keep the leads’ figure',
}
