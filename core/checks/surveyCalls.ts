import { burningAt } from '../physics/air/airAtAltitude';
import { show, trim } from '../units/show';
import { largerSold, smallerSold } from '../physics/heat/sizesSold';
import { sources } from '../build/fuelSources';
import { wadingMarginMm } from '../model/siting/wadingMarginMm';
import type { Judge } from './Call';
import { weigh } from './weigh';

const trade = 'Common practice, no published source.';
const balance = 'Heat balance; U-values ISO 6946 (from memory).';

/** Before anything is drilled: does this heater suit this space, this vehicle, these roads? */
export const surveyCalls: readonly Judge[] = [
  {
    id: 'survey.size.under',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'Too small shows only on the coldest night, when it is needed most.',
    todo: 'Insulate first: it is cheaper than fuel.',
    source: `${balance} Output at height: ISO 2533 (from memory).`,
    judge: (read) =>
      weigh(
        read,
        // At sea level it gives the most: short there is short everywhere.
        () => {
          const [need, most] = [read.derived('survey.demandColdestKw'), read.derived('heater.outputMaxKw')];
          if (need <= most || read.maybe('heater.altitudeM') !== null) return null;
          const { coldest } = read.all({ coldest: 'survey.coldestC' });
          return {
            level: 'fix',
            says: `At ${show(coldest)} °C the space needs ${show(need, 2)} kW; this heater gives ${show(most, 2)} kW at full, at sea level.`,
          };
        },
        () => {
          const [need, most] = [read.derived('survey.demandColdestKw'), read.derived('survey.outputAltitudeKw')];
          const { coldest, high } = read.all({ coldest: 'survey.coldestC', high: 'heater.altitudeM' });
          const share = most / read.derived('heater.outputMaxKw');
          const larger = largerSold(need / share);
          const says = `At ${show(coldest)} °C the space needs ${show(need, 2)} kW; this heater gives ${show(most, 2)} kW at full${high > 300 ? ` at ${show(high)} m` : ''}`;
          if (need > most)
            return {
              level: 'fix',
              says: `${says}: it falls short below ${show(read.derived('survey.shortBelowC'))} °C.`,
              todo:
                larger === null
                  ? 'Insulate: no usual size holds this space.'
                  : `Insulate first: it is cheaper than fuel. As it is, a heater of ${trim(larger)} kW holds it.`,
            };
          if (need > most * 0.9) return { level: 'watch', says: `${says}: nothing to spare.` };
          return { level: 'sound', says: `${says}.` };
        },
      ),
  },
  {
    id: 'survey.size.over',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'A heater held at its lowest burns dirty, soots up and fails. It is the commoner mistake.',
    todo: 'Run it hot for half an hour now and again, and let a thermostat pause it in place of holding it at its lowest.',
    source: `${balance} ${trade}`,
    judge(read) {
      const [need, least] = [read.derived('survey.demandUsualKw'), read.derived('heater.outputMinKw')];
      const hours = read.derived('survey.hoursTooLow');
      const { night, coldest } = read.all({ night: 'heater.nightHours', coldest: 'survey.coldestC' });
      const pauses = read.maybe('heater.thermostat') === 'pauses';
      const says = `On a usual night the space needs ${show(need, 2)} kW; this heater gives ${show(least, 2)} kW at its lowest`;
      if (need >= least && hours <= night * 0.5) return { level: 'sound', says: `${says}.` };
      const low = `${says}: ${pauses ? 'its thermostat would pause it for parts of' : 'it would run too low'} ${show(hours, 1)} of ${trim(night)} hours`;
      if (need >= least) return pauses ? { level: 'sound', says: `${low}.` } : { level: 'watch', says: `${low}.` };
      const most = read.derived('heater.outputMaxKw');
      const smaller = smallerSold(
        most,
        (read.derived('survey.demandColdestKw') / read.derived('survey.outputAltitudeKw')) * most,
      );
      // No smaller one that is sold would hold the coldest night: then this size is right, and how it is run is what counts.
      if (smaller === null) return { level: 'watch', says: `${low}; no smaller size holds ${show(coldest)} °C.` };
      return pauses
        ? { level: 'watch', says: `${low}; ${trim(smaller)} kW would do.` }
        : {
            level: 'fix',
            says: `${low}.`,
            todo: `A heater of ${trim(smaller)} kW holds ${show(coldest)} °C here, and works hard. Or a thermostat that pauses this one, and running it hot for half an hour now and again.`,
          };
    },
  },
  {
    id: 'survey.size.label',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'The label often lies; what the pump can deliver does not.',
    todo: 'Size it by pump dose and frequency, and check the dose with a measuring glass.',
    source: `Definition; the limits are Lorbet’s own choice. ${trade}`,
    judge(read) {
      const computed = read.derived('heater.outputMaxKw');
      const { claimed } = read.all({ claimed: 'heater.claimedOutputKw' });
      const off = (computed / claimed - 1) * 100;
      const says = `The label says ${trim(claimed)} kW; pump and fuel make it ${show(computed, 2)} kW${Math.abs(off) < 0.5 ? '' : `, ${show(Math.abs(off))} % ${off < 0 ? 'less' : 'more'}`}`;
      if (Math.abs(off) > 50)
        return { level: 'fix', says: `${says}: it is another heater than it says, or dose or frequency are not its own.` };
      return Math.abs(off) > 30 ? { level: 'watch', says: `${says}.` } : { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'survey.altitude',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'Above its limit a heater gets too little air for its fuel: it runs rich, soots, and makes carbon monoxide.',
    todo: 'An altitude setting or kit that cuts the fuel, as the maker says; or another heater.',
    source: `ISO 2533 (from memory). ${trade} Many units are specified to about 2,200 m.`,
    judge(read) {
      const { highest } = read.all({ highest: 'heater.altitudeM' });
      const most = read.limit('altitudeMaxM').value;
      const share = read.derived('survey.fuelShareAltitude');
      const says = `It will run up to ${show(highest)} m, where the air burns ${show(share)} % of the fuel of sea level`;
      if (highest > most) return { level: 'fix', says: `${says}; it is made for ${show(most)} m.` };
      const lowest = read.maybe('people.lowestAltitudeM');
      // A setting for thin air is lean below, one for thick air is rich above: no source, Lorbet's own choice of 15 %.
      const below = lowest === null ? share : burningAt(Math.max(0, lowest), 1).fuelShare * 100;
      if (lowest !== null && below - share > 15)
        return {
          level: 'watch',
          says: `It will run from ${show(lowest)} to ${show(highest)} m, where the air burns from ${show(below)} down to ${show(share)} % of the fuel of sea level: one setting can’t serve both.`,
          todo: 'A controller that corrects for altitude by itself, or a setting changed on the way up and on the way down, as the maker says.',
        };
      return { level: 'sound', says: `${says} (made for ${show(most)} m).` };
    },
  },
  {
    id: 'survey.voltage',
    stage: 'survey',
    moment: 'cutting',
    part: 'battery',
    why: 'A 12 V unit on 24 V is destroyed at once; a 24 V one on 12 V never lights.',
    todo: 'Unit, supply and accessories of one voltage.',
    source: trade,
    judge(read) {
      const volts = { v12: '12 V', v24: '24 V' } as const;
      return weigh(
        read,
        () => {
          const rest = read.maybe('wiring.batteryRestV');
          const { supply } = read.all({ supply: 'heater.supplyV' });
          return rest !== null && (supply === 'v12') !== rest < 18
            ? { level: 'fix', says: `The heater is for ${volts[supply]}; the battery stands at ${show(rest, 1)} V.` }
            : null;
        },
        () => {
          const { supply, more } = read.all({ supply: 'heater.supplyV', more: 'survey.accessoriesV' });
          return more !== 'none' && more !== supply
            ? { level: 'fix', says: `The heater is for ${volts[supply]}, its pump and controller for ${volts[more]}.` }
            : { level: 'sound', says: `Heater${more === 'none' ? '' : ', pump and controller'} for ${volts[supply]}.` };
        },
      );
    },
  },
  {
    id: 'survey.fuel.petrolvehicle',
    stage: 'survey',
    moment: 'cutting',
    part: 'tank',
    why: 'Petrol in a diesel heater explodes in its burner.',
    todo: 'A separate tank for diesel, marked as such, filled from outside.',
    source: 'UN Regulation 122, Annex 7, in substance (from memory); common practice. The local code decides.',
    judge(read) {
      const { engine, from } = read.all({ engine: 'survey.engineFuel', from: 'survey.fuelFrom' });
      if (from === 'own') return { level: 'sound', says: 'The heater has a tank of its own.' };
      if (engine === 'petrol')
        return { level: 'stop', says: 'The engine burns petrol, and the heater is to draw from its tank.' };
      if (engine === 'none')
        return {
          level: 'fix',
          says: 'The heater is to draw the vehicle’s fuel, and there is no engine that has any.',
          todo: 'Say what the engine burns, or give the heater a tank of its own.',
        };
      return { level: 'sound', says: 'The engine’s fuel is one that the heater burns.' };
    },
  },
  {
    id: 'survey.fuel.highpressure',
    stage: 'survey',
    moment: 'cutting',
    part: 'tank',
    why: 'A tee in a pressurised feed floods the heater and sprays fuel; it can set fire, and stops the engine.',
    todo: 'A standpipe in the tank, or a tank of its own.',
    source: trade,
    judge(read) {
      const { from } = read.all({ from: 'survey.fuelFrom' });
      if (from !== 'vehicle') return { level: 'sound', says: 'The heater has a tank of its own.' };
      const [system, taken, way] = [read.maybe('survey.fuelSystem'), read.maybe('survey.fuelTaken'), read.maybe('tank.way')];
      if (system === 'high' && taken === 'feed')
        return { level: 'stop', says: 'The heater is to be tee’d into a feed that stands under pressure.' };
      if (system === 'high' && way !== null && sources[way].open)
        return { level: 'stop', says: `The heater is to draw from ${sources[way].label}, and that stands under pressure.` };
      if (taken === null) return read.missing('Taken from the vehicle');
      // A pipe of its own in the tank meets no pressure, whatever the feed has.
      if (way !== null && sources[way].vehicle && !sources[way].open && taken === 'tank')
        return { level: 'sound', says: 'It draws from the tank by a pipe of its own, not from the engine’s feed.' };
      if (system === null || system === 'unknown') return read.missing('Pressure in the vehicle’s fuel system');
      if (system === 'high') return read.missing('whether it draws from the tank or from its return');
      return {
        level: 'sound',
        says:
          taken === 'feed'
            ? 'The feed that it is tee’d into has low pressure.'
            : 'It draws from the tank or its return, and the system has low pressure.',
      };
    },
  },
  {
    id: 'survey.wading',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'Water drowns it; salt and slush eat it and its wiring.',
    todo: `Mount it inside; or in a closed box with a service side, ${wadingMarginMm} mm above the water’s line: enter the box, its height, and how deep the vehicle wades.`,
    source: trade,
    judge(read) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return { level: 'sound', says: 'The heater sits inside.' };
      const { water } = read.all({ water: 'survey.waterAndSalt' });
      if (water === 'neither') return { level: 'sound', says: 'No fords and no salted roads.' };
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
          says: `${where}, in a closed box${water === 'wades' && above !== null && deep !== null ? `, ${show(above)} mm above the ground where it wades to ${show(deep)} mm` : ''}.`,
        };
      return { level: water === 'wades' ? 'fix' : 'watch', says: `${where}.` };
    },
  },
];
