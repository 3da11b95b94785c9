/** Short warnings, shown where the harm could happen. Each defers to who knows better. */
export const cautions = {
  'open-connector': {
    text: 'Before the connector is opened: isolate and lock off the supply, discharge capacitors, cover solar panels. Airbag, belt tensioner, traction voltage, mains: trained or licensed people only.',
    eachDay: true,
  },
  'meter-on-circuit': {
    text: 'Disconnect the equipment at both ends before a meter or analyser is connected. Never a meter on airbag, belt tensioner or other pyrotechnic circuits.',
    eachDay: true,
  },
} as const satisfies Readonly<
  Record<string, { readonly text: string; /** asked again the next day: live circuits */ readonly eachDay: boolean }>
>

export type CautionId = keyof typeof cautions
