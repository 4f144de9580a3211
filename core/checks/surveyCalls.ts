import { burningAt } from '../physics/air/airAtAltitude';
import { formatFixed, formatShort } from '../units/formatNumber';
import { largerSold, smallerSold } from '../physics/heat/sizesSold';
import { sources } from '../build/fuelSources';
import { wadingMarginMm } from '../model/siting/wadingMarginMm';
import type { Check } from './Finding';
import { worstOf } from './worstOf';

const trade = 'Common practice, no published source.';
const balance = 'Heat balance; U-values ISO 6946 (from memory).';

/** Before anything is drilled: does this heater suit this space, this vehicle, these roads? */
export const surveyChecks: readonly Check[] = [
  {
    id: 'survey.size.under',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Too small shows only on the coldest night, when it is needed most.',
    remedy: 'Insulate first: it is cheaper than fuel.',
    source: `${balance} Output at height: ISO 2533 (from memory).`,
    check: (read) =>
      worstOf(
        read,
        // At sea level it gives the most: short there is short everywhere.
        () => {
          const [need, max] = [read.derived('survey.demandColdestKw'), read.derived('heater.outputMaxKw')];
          if (need <= max || read.maybe('heater.altitudeM') !== null) return null;
          const { coldest } = read.all({ coldest: 'survey.coldestC' });
          return {
            level: 'fix',
            message: `At ${formatFixed(coldest)} °C the space needs ${formatFixed(need, 2)} kW; this heater gives ${formatFixed(max, 2)} kW at full, at sea level.`,
          };
        },
        () => {
          const [need, max] = [read.derived('survey.demandColdestKw'), read.derived('survey.outputAltitudeKw')];
          const { coldest, high } = read.all({ coldest: 'survey.coldestC', high: 'heater.altitudeM' });
          const share = max / read.derived('heater.outputMaxKw');
          const larger = largerSold(need / share);
          const message = `At ${formatFixed(coldest)} °C the space needs ${formatFixed(need, 2)} kW; this heater gives ${formatFixed(max, 2)} kW at full${high > 300 ? ` at ${formatFixed(high)} m` : ''}`;
          if (need > max)
            return {
              level: 'fix',
              message: `${message}: it falls short below ${formatFixed(read.derived('survey.shortBelowC'))} °C.`,
              remedy:
                larger === null
                  ? 'Insulate: no usual size holds this space.'
                  : `Insulate first: it is cheaper than fuel. As it is, a heater of ${formatShort(larger)} kW holds it.`,
            };
          if (need > max * 0.9) return { level: 'watch', message: `${message}: nothing to spare.` };
          return { level: 'sound', message: `${message}.` };
        },
      ),
  },
  {
    id: 'survey.size.over',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A heater held at its lowest burns dirty, soots up and fails. It is the commoner mistake.',
    remedy: 'Run it hot for half an hour now and again, and let a thermostat pause it in place of holding it at its lowest.',
    source: `${balance} ${trade}`,
    check(read) {
      const [need, min] = [read.derived('survey.demandUsualKw'), read.derived('heater.outputMinKw')];
      const hours = read.derived('survey.hoursTooLow');
      const { night, coldest } = read.all({ night: 'heater.nightHours', coldest: 'survey.coldestC' });
      const pauses = read.maybe('heater.thermostat') === 'pauses';
      const message = `On a usual night the space needs ${formatFixed(need, 2)} kW; this heater gives ${formatFixed(min, 2)} kW at its lowest`;
      if (need >= min && hours <= night * 0.5) return { level: 'sound', message: `${message}.` };
      const low = `${message}: ${pauses ? 'its thermostat would pause it for parts of' : 'it would run too low'} ${formatFixed(hours, 1)} of ${formatShort(night)} hours`;
      if (need >= min) return pauses ? { level: 'sound', message: `${low}.` } : { level: 'watch', message: `${low}.` };
      const max = read.derived('heater.outputMaxKw');
      const smaller = smallerSold(max, (read.derived('survey.demandColdestKw') / read.derived('survey.outputAltitudeKw')) * max);
      // No smaller one that is sold would hold the coldest night: then this size is right, and how it is run is what counts.
      if (smaller === null) return { level: 'watch', message: `${low}; no smaller size holds ${formatFixed(coldest)} °C.` };
      return pauses
        ? { level: 'watch', message: `${low}; ${formatShort(smaller)} kW would do.` }
        : {
            level: 'fix',
            message: `${low}.`,
            remedy: `A heater of ${formatShort(smaller)} kW holds ${formatFixed(coldest)} °C here, and works hard. Or a thermostat that pauses this one, and running it hot for half an hour now and again.`,
          };
    },
  },
  {
    id: 'survey.size.label',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'The label often lies; what the pump can deliver does not.',
    remedy: 'Size it by pump dose and frequency, and check the dose with a measuring glass.',
    source: `Definition; the limits are Lorbet’s own choice. ${trade}`,
    check(read) {
      const computed = read.derived('heater.outputMaxKw');
      const { claimed } = read.all({ claimed: 'heater.claimedOutputKw' });
      const off = (computed / claimed - 1) * 100;
      const message = `The label says ${formatShort(claimed)} kW; pump and fuel make it ${formatFixed(computed, 2)} kW${Math.abs(off) < 0.5 ? '' : `, ${formatFixed(Math.abs(off))} % ${off < 0 ? 'less' : 'more'}`}`;
      if (Math.abs(off) > 50)
        return { level: 'fix', message: `${message}: it is another heater than it says, or dose or frequency are not its own.` };
      return Math.abs(off) > 30 ? { level: 'watch', message: `${message}.` } : { level: 'sound', message: `${message}.` };
    },
  },
  {
    id: 'survey.altitude',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Above its limit a heater gets too little air for its fuel: it runs rich, soots, and makes carbon monoxide.',
    remedy: 'An altitude setting or kit that cuts the fuel, as the maker says; or another heater.',
    source: `ISO 2533 (from memory). ${trade} Many units are specified to about 2,200 m.`,
    check(read) {
      const { highest } = read.all({ highest: 'heater.altitudeM' });
      const max = read.limit('altitudeMaxM').value;
      const share = read.derived('survey.fuelShareAltitude');
      const message = `It will run up to ${formatFixed(highest)} m, where the air burns ${formatFixed(share)} % of the fuel of sea level`;
      if (highest > max) return { level: 'fix', message: `${message}; it is made for ${formatFixed(max)} m.` };
      const lowest = read.maybe('people.lowestAltitudeM');
      // A setting for thin air is lean below, one for thick air is rich above: no source, Lorbet's own choice of 15 %.
      const below = lowest === null ? share : burningAt(Math.max(0, lowest), 1).fuelShare * 100;
      if (lowest !== null && below - share > 15)
        return {
          level: 'watch',
          message: `It will run from ${formatFixed(lowest)} to ${formatFixed(highest)} m, where the air burns from ${formatFixed(below)} down to ${formatFixed(share)} % of the fuel of sea level: one setting can’t serve both.`,
          remedy:
            'A controller that corrects for altitude by itself, or a setting changed on the way up and on the way down, as the maker says.',
        };
      return { level: 'sound', message: `${message} (made for ${formatFixed(max)} m).` };
    },
  },
  {
    id: 'survey.voltage',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'battery',
    why: 'A 12 V unit on 24 V is destroyed at once; a 24 V one on 12 V never lights.',
    remedy: 'Unit, supply and accessories of one voltage.',
    source: trade,
    check(read) {
      const volts = { v12: '12 V', v24: '24 V' } as const;
      return worstOf(
        read,
        () => {
          const rest = read.maybe('wiring.batteryRestV');
          const { supply } = read.all({ supply: 'heater.supplyV' });
          return rest !== null && (supply === 'v12') !== rest < 18
            ? { level: 'fix', message: `The heater is for ${volts[supply]}; the battery stands at ${formatFixed(rest, 1)} V.` }
            : null;
        },
        () => {
          const { supply, more } = read.all({ supply: 'heater.supplyV', more: 'survey.accessoriesV' });
          return more !== 'none' && more !== supply
            ? { level: 'fix', message: `The heater is for ${volts[supply]}, its pump and controller for ${volts[more]}.` }
            : { level: 'sound', message: `Heater${more === 'none' ? '' : ', pump and controller'} for ${volts[supply]}.` };
        },
      );
    },
  },
  {
    id: 'survey.fuel.petrolvehicle',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'Petrol in a diesel heater explodes in its burner.',
    remedy: 'A separate tank for diesel, marked as such, filled from outside.',
    source: 'UN Regulation 122, Annex 7, in substance (from memory); common practice. The local code decides.',
    check(read) {
      const { engine, from } = read.all({ engine: 'survey.engineFuel', from: 'survey.fuelFrom' });
      if (from === 'own') return { level: 'sound', message: 'The heater has a tank of its own.' };
      if (engine === 'petrol')
        return { level: 'stop', message: 'The engine burns petrol, and the heater is to draw from its tank.' };
      if (engine === 'none')
        return {
          level: 'fix',
          message: 'The heater is to draw the vehicle’s fuel, and there is no engine that has any.',
          remedy: 'Say what the engine burns, or give the heater a tank of its own.',
        };
      return { level: 'sound', message: 'The engine’s fuel is one that the heater burns.' };
    },
  },
  {
    id: 'survey.fuel.highpressure',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A tee in a pressurised feed floods the heater and sprays fuel; it can set fire, and stops the engine.',
    remedy: 'A standpipe in the tank, or a tank of its own.',
    source: trade,
    check(read) {
      const { from } = read.all({ from: 'survey.fuelFrom' });
      if (from !== 'vehicle') return { level: 'sound', message: 'The heater has a tank of its own.' };
      const [system, taken, way] = [read.maybe('survey.fuelSystem'), read.maybe('survey.fuelTaken'), read.maybe('tank.way')];
      if (system === 'high' && taken === 'feed')
        return { level: 'stop', message: 'The heater is to be tee’d into a feed that stands under pressure.' };
      if (system === 'high' && way !== null && sources[way].open)
        return { level: 'stop', message: `The heater is to draw from ${sources[way].label}, and that stands under pressure.` };
      if (taken === null) return read.missing('Taken from the vehicle');
      // A pipe of its own in the tank meets no pressure, whatever the feed has.
      if (way !== null && sources[way].vehicle && !sources[way].open && taken === 'tank')
        return { level: 'sound', message: 'It draws from the tank by a pipe of its own, not from the engine’s feed.' };
      if (system === null || system === 'unknown') return read.missing('Pressure in the vehicle’s fuel system');
      if (system === 'high') return read.missing('whether it draws from the tank or from its return');
      return {
        level: 'sound',
        message:
          taken === 'feed'
            ? 'The feed that it is tee’d into has low pressure.'
            : 'It draws from the tank or its return, and the system has low pressure.',
      };
    },
  },
  {
    id: 'survey.wading',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Water drowns it; salt and slush eat it and its wiring.',
    remedy: `Mount it inside; or in a closed box with a service side, ${wadingMarginMm} mm above the water’s line: enter the box, its height, and how deep the vehicle wades.`,
    source: trade,
    check(read) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return { level: 'sound', message: 'The heater sits inside.' };
      const { water } = read.all({ water: 'survey.waterAndSalt' });
      if (water === 'neither') return { level: 'sound', message: 'No fords and no salted roads.' };
      const [boxed, above, deep] = [
        read.maybe('siting.boxed'),
        read.maybe('siting.aboveGroundMm'),
        read.maybe('people.wadingDepthMm'),
      ];
      const where = `The heater sits under the floor of a vehicle that ${water === 'wades' ? 'wades' : 'is driven on salted roads'}`;
      const clear = above !== null && deep !== null && above >= deep + wadingMarginMm;
      if (boxed === 'yes' && (water === 'salted' || clear))
        return {
          level: 'sound',
          message: `${where}, in a closed box${water === 'wades' && above !== null && deep !== null ? `, ${formatFixed(above)} mm above the ground where it wades to ${formatFixed(deep)} mm` : ''}.`,
        };
      return { level: water === 'wades' ? 'fix' : 'watch', message: `${where}.` };
    },
  },
];
