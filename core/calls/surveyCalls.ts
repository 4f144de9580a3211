import { burningAt } from '../air/airAtAltitude';
import { show, trim } from '../units/show';
import type { Judge } from './Call';

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
    todo: 'Insulate first: it is cheaper than fuel. Else choose the next size.',
    source: balance,
    judge(read) {
      const [need, most] = [read.derived('survey.demandColdestKw'), read.derived('heater.outputMaxKw')];
      const { coldest } = read.all({ coldest: 'survey.coldestC' });
      const says = `At ${show(coldest)} °C the space needs ${show(need, 2)} kW; this heater gives ${show(most, 2)} kW at full`;
      if (need > most)
        return { level: 'fix', says: `${says}: it falls short below ${show(read.derived('survey.shortBelowC'))} °C.` };
      if (need > most * 0.9) return { level: 'watch', says: `${says}: nothing to spare.` };
      return { level: 'sound', says: `${says}.` };
    },
  },
  {
    id: 'survey.size.over',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'A heater held at its lowest burns dirty, soots up and fails. It is the commoner mistake.',
    todo: 'A smaller one that works hard; or more space to heat. Spare capacity is a school too: then run it hot for half an hour now and again.',
    source: `${balance} ${trade}`,
    judge(read) {
      const [need, least] = [read.derived('survey.demandUsualKw'), read.derived('heater.outputMinKw')];
      const hours = read.derived('survey.hoursTooLow');
      const { night } = read.all({ night: 'heater.nightHours' });
      const says = `On a usual night the space needs ${show(need, 2)} kW; this heater gives ${show(least, 2)} kW at its lowest`;
      if (need < least) return { level: 'fix', says: `${says}: it would run too low ${show(hours, 1)} of ${trim(night)} hours.` };
      if (hours > night * 0.5)
        return { level: 'watch', says: `${says}: too low for ${show(hours, 1)} of ${trim(night)} hours all the same.` };
      return { level: 'sound', says: `${says}.` };
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
      const says = `The label says ${trim(claimed)} kW; pump and fuel make it ${show(computed, 2)} kW, ${show(Math.abs(off))} % ${off < 0 ? 'less' : 'more'}`;
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
      const { supply, more } = read.all({ supply: 'heater.supplyV', more: 'survey.accessoriesV' });
      const rest = read.maybe('wiring.batteryRestV');
      const volts = { v12: '12 V', v24: '24 V' } as const;
      if (more !== 'none' && more !== supply)
        return { level: 'fix', says: `The heater is for ${volts[supply]}, its pump and controller for ${volts[more]}.` };
      if (rest !== null && (supply === 'v12') !== rest < 18)
        return { level: 'fix', says: `The heater is for ${volts[supply]}; the battery stands at ${show(rest, 1)} V.` };
      return { level: 'sound', says: `Heater${more === 'none' ? '' : ', pump and controller'} for ${volts[supply]}.` };
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
      if (engine === 'petrol' && from === 'vehicle')
        return { level: 'stop', says: 'The engine burns petrol, and the heater is to draw from its tank.' };
      return {
        level: 'sound',
        says: from === 'own' ? 'The heater has a tank of its own.' : 'The engine’s fuel is one that the heater burns.',
      };
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
      const { system, taken } = read.all({ system: 'survey.fuelSystem', taken: 'survey.fuelTaken' });
      if (system === 'unknown') return read.missing('Pressure in the vehicle’s fuel system');
      if (taken === 'feed' && system === 'high')
        return { level: 'stop', says: 'The heater is to be tee’d into a feed that stands under pressure.' };
      return {
        level: 'sound',
        says:
          taken === 'feed'
            ? 'The feed that it is tee’d into has low pressure.'
            : 'It draws from the tank, not from the engine’s feed.',
      };
    },
  },
  {
    id: 'survey.wading',
    stage: 'survey',
    moment: 'cutting',
    part: 'heater',
    why: 'Water drowns it; salt and slush eat it and its wiring.',
    todo: 'Mount it inside; or a closed box with a service side, above the water’s line.',
    source: trade,
    judge(read) {
      const { sits, water } = read.all({ sits: 'survey.heaterSits', water: 'survey.waterAndSalt' });
      if (sits === 'inside' || water === 'neither')
        return { level: 'sound', says: sits === 'inside' ? 'The heater sits inside.' : 'No fords and no salted roads.' };
      return {
        level: water === 'wades' ? 'fix' : 'watch',
        says: `The heater sits under the floor of a vehicle that ${water === 'wades' ? 'wades' : 'is driven on salted roads'}.`,
      };
    },
  },
];
