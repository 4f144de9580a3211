/** Where rules come from, as they are named under a finding. */
export const trade = 'Common practice, no published source.';
export const makerDecides = 'The maker’s manual decides.';
export const r122 = 'UN Regulation 122, Annex 7, in substance (from memory); the local code decides.';
