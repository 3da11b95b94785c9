import { figure } from '@/words/figures'

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
  forResistances: 'For resistances: how the meter is joined',
  howMeterIsJoined: 'Meter with',
  twoProbes: 'Two probes',
  fourWires: 'Four wires',
  temperature: 'It is here, °C',
  at: (temperatureC: number) => `, at ${figure(temperatureC, 1)} °C`,
}
