/** Units that an answer may be shown in. Apart from the schemas, so that a screen can list them without a validator. */
export const rateUnits = ['L/ha', 'US gal/ac', 'Imp gal/ac', 'US fl oz/1000 ft2', 'L/100 m2'] as const;
export type RateUnit = (typeof rateUnits)[number];
