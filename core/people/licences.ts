/** Work that is left to people who are licensed for it, and what people were trained for. */
export const licensedTrades = {
  heater: 'fitting of fuel-fired heaters',
  electrical: 'electrical work on the mains',
  gas: 'gas work',
  structural: 'structural work',
  building: 'building and fire safety',
  marine: 'boat safety',
} as const;
export type LicensedTrade = keyof typeof licensedTrades;

/** What somebody is licensed or trained for. */
export interface Licence {
  trade: LicensedTrade;
  number: string;
  /** given by */ from: string;
  /** last day on which it holds, YYYY-MM-DD; none where it does not end */ until?: string;
}
