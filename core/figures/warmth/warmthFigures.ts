import { ductTree, hottest, outletsMm2, returnMm2 } from '../../model/warmth/ductTree';
import type { Derived, Reader } from '../../reading/Reader';

const flow = 'Darcy–Weisbach, affinity laws; fittings after Idelchik and ASHRAE (from memory)';

/** Warm air through its ducts, at full. */
export const warmthFigures = {
  'duct.flowM3H': {
    label: 'Warm air at full',
    unit: 'm³/h',
    decimals: 0,
    formula: 'blower = Σ (f L / d + ζ) ρ v² / 2 along every way',
    source: flow,
    compute: (read: Reader): number => ductTree(read).flow().blowerM3S * 3600,
  },
  'duct.freeM3H': {
    label: 'Blowing freely it would be',
    unit: 'm³/h',
    decimals: 0,
    formula: 'of its maker, else for a kW on the label',
    source: 'the maker’s manual; Lorbet’s own assumption where it says nothing',
    compute: (read: Reader): number => ductTree(read).blower.freeM3S * 3600,
  },
  'duct.heaterC': {
    label: 'Right behind the heater',
    unit: '°C',
    decimals: 0,
    formula: 'air in + P / (ṁ c_p)',
    source: 'heat balance',
    compute: (read: Reader): number => {
      const { heaterC } = ductTree(read).flow();
      return Number.isFinite(heaterC) ? heaterC : read.missing({ act: 'do', what: 'open an outlet' });
    },
  },
  'duct.hottestC': {
    label: 'Hottest outlet',
    unit: '°C',
    decimals: 0,
    formula: 'behind the heater, less what its ducts lose',
    source: `heat balance; ${flow}`,
    compute: (read: Reader): number => {
      const tree = ductTree(read);
      return hottest(tree, tree.flow())?.c ?? read.missing({ act: 'do', what: 'open an outlet' });
    },
  },
  'duct.returnPa': {
    label: 'Held back by the ways back',
    unit: 'Pa',
    decimals: 0,
    formula: '(V̇ / (0.62 A))² ρ / 2',
    source: 'sharp-edged opening; handbooks, from memory',
    compute: (read: Reader): number => {
      returnMm2(read);
      return ductTree(read).flow().returnPa;
    },
  },
  'duct.returnMm2': {
    label: 'Ways back, free',
    unit: 'mm²',
    decimals: 0,
    formula: 'Σ area × free share × what is not covered',
    source: 'geometry; free shares from memory',
    compute: returnMm2,
  },
  'duct.outletsMm2': {
    label: 'Outlets together',
    unit: 'mm²',
    decimals: 0,
    formula: 'Σ π d² / 4',
    source: 'geometry',
    compute: (read: Reader): number => outletsMm2(ductTree(read)),
  },
} satisfies Record<string, Derived>;
