import { ductTree, hottest, outletsMm2, returnMm2 } from '../../model/warmth/ductTree';
import { engineMinutes, frostC, loopOf, loopVolumeL, mixOf, readParts, swellMl, workC } from '../../model/warmth/loopOf';
import { airCp } from '../../physics/duct/ductAir';
import { layersC } from '../../physics/heat/layersC';
import { heaterOffLMin } from '../../model/warmth/heaterOff';
import { heaterBoilsC, tightTankPa } from '../../model/warmth/roundLoop';
import type { Derived, Reader } from '../../reading/Reader';

const flow = 'Darcy–Weisbach, affinity laws; fittings after Idelchik and ASHRAE (from memory)';

const coolantFlow = 'Darcy–Weisbach; losses of the parts: Lorbet’s own assumptions';
/** What passes the heater, L/min. */
function throughHeater(read: Reader, c: number): number {
  const { byId, coolant } = loopOf(read).flowAt(c);
  const heater = readParts(read).find(({ kind }) => kind === 'heater');
  return ((byId.get(heater?.id ?? '') ?? 0) / coolant.densityKgM3) * 60000;
}

/** By the floor and under the roof on the coldest night, with the blower at full or without one. */
function layers(read: Reader, blown: boolean): { floorC: number; roofC: number } {
  const { floorM2, outsideC, insideC } = read.all({
    floorM2: 'survey.floorAreaM2',
    outsideC: 'survey.coldestC',
    insideC: 'survey.insideC',
  });
  return layersC({
    lossWK: read.derived('survey.lossWK'),
    floorM2,
    stillWM2K: read.limit('stillAirWM2K').value,
    airWK: blown ? ductTree(read).flow().massKgS * airCp : 0,
    insideC,
    outsideC,
  });
}
const layered = 'heat balance of two layers, rough; what still air brings down is Lorbet’s own assumption';

/** Warm air through its ducts, and coolant round its loop, at full. */
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
  'duct.returnCm2': {
    label: 'Ways back, free',
    unit: 'cm²',
    decimals: 1,
    formula: 'Σ area × free share × what is not covered',
    source: 'geometry; free shares from memory',
    compute: (read: Reader): number => returnMm2(read) / 100,
  },
  'duct.outletsCm2': {
    label: 'Outlets together',
    unit: 'cm²',
    decimals: 1,
    formula: 'Σ π d² / 4',
    source: 'geometry',
    compute: (read: Reader): number => outletsMm2(ductTree(read)) / 100,
  },
  'duct.floorC': {
    label: 'By the floor on the coldest night, blower at full, its way back low',
    unit: '°C',
    decimals: 0,
    formula: 'what is lost below = (ṁ c_p + still air) × (roof − floor)',
    source: layered,
    compute: (read: Reader): number => layers(read, true).floorC,
  },
  'duct.roofC': {
    label: 'And under the roof',
    unit: '°C',
    decimals: 0,
    formula: 'the same',
    source: layered,
    compute: (read: Reader): number => layers(read, true).roofC,
  },
  'duct.floorStillC': {
    label: 'By the floor, were no air blown',
    unit: '°C',
    decimals: 0,
    formula: 'the same without ṁ c_p',
    source: layered,
    compute: (read: Reader): number => layers(read, false).floorC,
  },
  'duct.roofStillC': {
    label: 'And under the roof then',
    unit: '°C',
    decimals: 0,
    formula: 'the same',
    source: layered,
    compute: (read: Reader): number => layers(read, false).roofC,
  },
  'coolant.flowLMin': {
    label: 'Coolant through the heater, at work',
    unit: 'L/min',
    decimals: 1,
    formula: 'pump = Σ (f L / d + ζ) ρ v² / 2 round the loop',
    source: coolantFlow,
    compute: (read: Reader): number => throughHeater(read, workC),
  },
  'coolant.coldLMin': {
    label: 'The same on the coldest night, before it is warm',
    unit: 'L/min',
    decimals: 1,
    formula: 'the same with cold, thick coolant',
    source: coolantFlow,
    compute: (read: Reader): number => {
      const { cold } = read.all({ cold: 'survey.coldestC' });
      return throughHeater(read, Math.max(-40, cold));
    },
  },
  'coolant.riseK': {
    label: 'Hotter behind the heater than before it, at full',
    unit: 'K',
    decimals: 1,
    formula: 'P / (ṁ c_p)',
    source: 'heat balance; heat of the mix by ASHRAE, order of magnitude (from memory)',
    compute: (read: Reader): number => {
      const { riseK } = loopOf(read).flowAt(workC);
      return Number.isFinite(riseK) ? riseK : read.missing({ act: 'do', what: 'let the coolant flow' });
    },
  },
  'coolant.offLMin': {
    label: 'Through the heater while it is off and the engine runs',
    unit: 'L/min',
    decimals: 1,
    formula: 'engine’s pump = Σ (f L / d + ζ) ρ v² / 2 from its outlet to its inlet',
    source: `${coolantFlow}; so is the engine’s pump`,
    compute: heaterOffLMin,
  },
  'coolant.boilsC': {
    label: 'Coolant in the heater boils at',
    unit: '°C',
    decimals: 0,
    formula: 'boiling point of water at (air + cap + ρ g h + what the pump adds)',
    source: 'Antoine’s form (from memory); glycol boils a little higher',
    compute: heaterBoilsC,
  },
  'coolant.frostC': {
    label: 'Coolant freezes at',
    unit: '°C',
    decimals: 0,
    formula: 'of its share by mass, between the points of a table',
    source: 'ASHRAE Fundamentals (from memory)',
    compute: (read: Reader): number => frostC(mixOf(read)),
  },
  'coolant.volumeL': {
    label: 'Coolant in the loop',
    unit: 'L',
    decimals: 1,
    formula: 'Σ π d² L / 4 of the hoses + parts',
    source: 'geometry',
    compute: loopVolumeL,
  },
  'coolant.swellMl': {
    label: 'Swells from the coldest night to its hottest by',
    unit: 'mL',
    decimals: 0,
    formula: 'V (ρ cold / ρ hot − 1)',
    source: 'ASHRAE Fundamentals, order of magnitude (from memory)',
    compute: swellMl,
  },
  'coolant.tightKPa': {
    label: 'Pressure in the expansion tank hot, were its cap tight',
    unit: 'kPa',
    decimals: 0,
    formula: 'air × (room cold / room hot) × (T hot / T cold) − air',
    source: 'ideal gas',
    compute: (read: Reader): number => tightTankPa(read) / 1000,
  },
  'coolant.engineMin': {
    label: 'Until the engine is close to its working temperature, at least',
    unit: 'min',
    decimals: 0,
    formula: '(m iron × 460 + V ρ c_p) × (60 °C − coldest) / P',
    source: 'heat balance; what is lost meanwhile is not counted; 20 to 30 min are met with large engines (common practice)',
    compute: engineMinutes,
  },
  'coolant.engineFuelL': {
    label: 'That takes fuel',
    unit: 'L',
    decimals: 2,
    formula: 'time × fuel at full',
    source: 'definition',
    compute: (read: Reader): number => (engineMinutes(read) / 60) * read.derived('heater.fuelMaxLH'),
  },
  'coolant.engineAh': {
    label: 'And from the battery',
    unit: 'Ah',
    decimals: 1,
    formula: 'start + time × running current',
    source: 'definition',
    compute: (read: Reader): number => {
      const { run, start, glow } = read.all({
        run: 'heater.runCurrentA',
        start: 'heater.startCurrentA',
        glow: 'heater.startMinutes',
      });
      return (start * glow + run * engineMinutes(read)) / 60;
    },
  },
} satisfies Record<string, Derived>;
