import { breatherOf, breathFull, burningIdle, breathLow, wallMm, waterKgS } from '../../model/air/breath';
import { exhaustHeat } from '../../model/air/hotPieces';
import { bendsDeg, lengthM, wayOf } from '../../model/air/wayOf';
import { ambientPa } from '../../physics/air/ambientPa';
import { burnedGas } from '../../physics/gas/burning';
import { condensingJKg, dewPointC } from '../../physics/gas/waterVapour';
import type { Derived, Reader } from '../../reading/Reader';

const flow = 'Darcy–Weisbach, affinity laws, stoichiometry; bends after Idelchik (from memory)';
const heat = 'heat balance: Dittus & Boelter 1930, Churchill & Chu 1975, Stefan–Boltzmann (from memory)';
/** Steel: density and heat it holds. Handbooks, from memory. */
const steel = { kgM3: 7900, jKgK: 460 } as const;
/** Corrugations hold more metal a metre. Lorbet’s own assumption, no source. */
const corrugatedMetal = 1.5;

const dewAt = (read: Reader, excessAir: number): number =>
  dewPointC(burnedGas(breatherOf(read).mass, Math.min(20, Math.max(1, excessAir))).waterShare, ambientPa(0));

/** Air in and exhaust out, at full and at the lowest. */
export const airFigures = {
  'air.excessFull': {
    label: 'Air over what the fuel needs, at full',
    unit: 'times',
    decimals: 2,
    formula: 'ṁ air / (ṁ fuel × stoichiometric air)',
    source: flow,
    compute: (read: Reader): number => breathFull(read).excessAir,
  },
  'air.excessLow': {
    label: 'Air over what the fuel needs, at its lowest',
    unit: 'times',
    decimals: 2,
    formula: 'ṁ air / (ṁ fuel × stoichiometric air)',
    source: flow,
    compute: (read: Reader): number => burningIdle(read).excessAir,
  },
  'air.co2Percent': {
    label: 'CO₂ that an analyser would show, at full',
    unit: '%',
    decimals: 1,
    formula: 'CO₂ / dry gas, by volume',
    source: 'stoichiometry',
    compute: (read: Reader): number =>
      breathFull(read).co2Percent ?? read.missing({ act: 'do', what: 'give the flame enough air' }),
  },
  'air.o2Percent': {
    label: 'O₂ that an analyser would show, at full',
    unit: '%',
    decimals: 1,
    formula: 'O₂ / dry gas, by volume',
    source: 'stoichiometry',
    compute: (read: Reader): number =>
      breathFull(read).o2Percent ?? read.missing({ act: 'do', what: 'give the flame enough air' }),
  },
  'air.intakePa': {
    label: 'Lost in the intake, at full',
    unit: 'Pa',
    decimals: 0,
    formula: '(f L / d + Σ ζ) ρ v² / 2',
    source: flow,
    compute: (read: Reader): number => breathFull(read).intakePa,
  },
  'air.exhaustPa': {
    label: 'Lost in the exhaust, at full',
    unit: 'Pa',
    decimals: 0,
    formula: '(f L / d + Σ ζ) ρ v² / 2',
    source: flow,
    compute: (read: Reader): number => breathFull(read).exhaustPa,
  },
  'air.spigotC': {
    label: 'Gas at the spigot, at full',
    unit: '°C',
    decimals: 0,
    formula: 'air + heat not used / (ṁ gas × c_p)',
    source: `${heat}; 200 to 450 °C is met (common practice)`,
    compute: (read: Reader): number => breathFull(read).spigotC,
  },
  'air.endC': {
    label: 'Gas at the end, at full',
    unit: '°C',
    decimals: 0,
    formula: 'heat balance along the pipe',
    source: heat,
    compute: (read: Reader): number => breathFull(read).spots.at(-1)?.gasC ?? NaN,
  },
  'air.outsideC': {
    label: 'Hottest outside of the exhaust, at full',
    unit: '°C',
    decimals: 0,
    formula: 'heat balance along the pipe',
    source: heat,
    compute: (read: Reader): number => Math.max(...exhaustHeat(read).map(({ surfaceC }) => surfaceC)),
  },
  'air.dewC': {
    label: 'Water comes out of the gas below, at full',
    unit: '°C',
    decimals: 0,
    formula: 'dew point of the water’s share',
    source: 'stoichiometry; Magnus’ form after Alduchov & Eskridge 1996 (from memory)',
    compute: (read: Reader): number => dewAt(read, breathFull(read).excessAir),
  },
  'air.waterStartMl': {
    label: 'Water in the exhaust from one cold start, about',
    unit: 'mL',
    decimals: 0,
    formula: 'Σ metal × c (dew point − coldest) / heat of condensing',
    source: `${heat}; as much as warms the pipe to the dew point`,
    compute: (read: Reader): number => {
      const { coldest } = read.all({ coldest: 'survey.coldestC' });
      const perM = (boreMm: number) => Math.PI * (boreMm / 1000) * (wallMm / 1000) * steel.kgM3 * corrugatedMetal;
      const kg = wayOf(read, 'exhaust').pieces.reduce((sum, piece) => sum + perM(piece.boreMm) * piece.lengthM, 0);
      return (kg * steel.jKgK * Math.max(0, dewAt(read, breathLow(read).excessAir) - coldest) * 1000) / condensingJKg;
    },
  },
  'air.waterNightMl': {
    label: 'Water in the exhaust in a night at its lowest, about',
    unit: 'mL',
    decimals: 0,
    formula: 'Σ h_m (vapour − saturation at the wall)',
    source: `${heat}; analogy of heat and mass`,
    compute: (read: Reader): number => waterKgS(breathLow(read)) * read.all({ h: 'heater.nightHours' }).h * 3600 * 1000,
  },
  'air.exhaustM': {
    label: 'Exhaust, all of it',
    unit: 'm',
    decimals: 2,
    formula: 'Σ lengths',
    source: 'geometry',
    compute: (read: Reader): number => lengthM(wayOf(read, 'exhaust')),
  },
  'air.bendsDeg': {
    label: 'Exhaust turns by',
    unit: 'deg',
    decimals: 0,
    formula: 'Σ bends',
    source: 'geometry',
    compute: (read: Reader): number => bendsDeg(wayOf(read, 'exhaust')),
  },
} satisfies Record<string, Derived>;
