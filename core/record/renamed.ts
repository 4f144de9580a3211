/** Figures that were renamed with version 2 of the build file. */
export const renamedPaths: Readonly<Record<string, string>> = {
  'ranges.uOffPercent': 'uncertainties.uOffPercent',
  'ranges.airLeastH': 'uncertainties.airMinH',
  'ranges.airMostH': 'uncertainties.airMaxH',
  'ranges.coldestLeastC': 'uncertainties.coldestMinC',
  'ranges.coldestMostC': 'uncertainties.coldestMaxC',
  'ranges.doseOffPercent': 'uncertainties.doseOffPercent',
  'ranges.shellOffPercent': 'uncertainties.shellOffPercent',
};
