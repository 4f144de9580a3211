import { largerSold, smallerSold } from '../../physics/heat/sizesSold';
import { celsius, hours, kW, metres, percent, shortH, shortKw } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const balance = 'Heat balance; U-values ISO 6946 (from memory).';

/** Whether this heater suits this space, and is what its label says. */
export const sizeChecks = [
  defineCheck({
    id: 'survey.size.under',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Too small shows only on the coldest night, when it is needed most.',
    remedy: 'Insulate first: it is cheaper than fuel.',
    source: `${balance} Output at height: ISO 2533 (from memory).`,
    messages: {
      seaLevel: 'At {coldest} the space needs {need}; this heater gives {max} at full, at sea level.',
      short: 'At {coldest} the space needs {need}; this heater gives {max} at full{high}: it falls short below {shortBelow}.',
      shortAll: 'At {coldest} the space needs {need}; this heater gives {max} at full{high}: it falls short below {shortBelow}.',
      tight: 'At {coldest} the space needs {need}; this heater gives {max} at full{high}: nothing to spare.',
      enough: 'At {coldest} the space needs {need}; this heater gives {max} at full{high}.',
      high: ' at {altitude}',
    },
    remedies: {
      short: 'Insulate first: it is cheaper than fuel. As it is, a heater of {larger} holds it.',
      shortAll: 'Insulate: no usual size holds this space.',
    },
    assess: (read, say) =>
      worstOf(
        // At sea level it gives the most: short there is short everywhere.
        () => {
          const [need, max] = [read.derived('survey.demandColdestKw'), read.derived('heater.outputMaxKw')];
          if (need <= max || read.maybe('heater.altitudeM') !== null) return null;
          const { coldest } = read.all({ coldest: 'survey.coldestC' });
          return say.fix('seaLevel', { coldest: celsius(coldest), need: kW(need, 2), max: kW(max, 2) });
        },
        () => {
          const [need, max] = [read.derived('survey.demandColdestKw'), read.derived('survey.outputAltitudeKw')];
          const { coldest, altitude } = read.all({ coldest: 'survey.coldestC', altitude: 'heater.altitudeM' });
          const larger = largerSold(need / (max / read.derived('heater.outputMaxKw')));
          const values = {
            coldest: celsius(coldest),
            need: kW(need, 2),
            max: kW(max, 2),
            high: altitude > 300 ? say.clause('high', { altitude: metres(altitude) }) : null,
          };
          if (need > max) {
            const shortBelow = celsius(read.derived('survey.shortBelowC'));
            return larger === null
              ? say.fix('shortAll', { ...values, shortBelow })
              : say.fix('short', { ...values, shortBelow, larger: shortKw(larger) });
          }
          return need > max * 0.9 ? say.watch('tight', values) : say.sound('enough', values);
        },
      ),
  }),
  defineCheck({
    id: 'survey.size.over',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'A heater held at its lowest burns dirty, soots up and fails. It is the commoner mistake.',
    remedy: 'Run it hot for half an hour now and again, and let a thermostat pause it in place of holding it at its lowest.',
    source: `${balance} ${trade}`,
    messages: {
      works: 'On a usual night the space needs {need}; this heater gives {min} at its lowest.',
      pauses:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: its thermostat would pause it for parts of {low} of {night} hours.',
      tooLow:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: it would run too low {low} of {night} hours.',
      pausesNoSmaller:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: its thermostat would pause it for parts of {low} of {night} hours; no smaller size holds {coldest}.',
      tooLowNoSmaller:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: it would run too low {low} of {night} hours; no smaller size holds {coldest}.',
      pausesSmaller:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: its thermostat would pause it for parts of {low} of {night} hours; {smaller} would do.',
      tooLowSmaller:
        'On a usual night the space needs {need}; this heater gives {min} at its lowest: it would run too low {low} of {night} hours.',
    },
    remedies: {
      tooLowSmaller:
        'A heater of {smaller} holds {coldest} here, and works hard. Or a thermostat that pauses this one, and running it hot for half an hour now and again.',
    },
    assess(read, say) {
      const [need, min] = [read.derived('survey.demandUsualKw'), read.derived('heater.outputMinKw')];
      const low = read.derived('survey.hoursTooLow');
      const { night, coldest } = read.all({ night: 'heater.nightHours', coldest: 'survey.coldestC' });
      const pauses = read.maybe('heater.thermostat') === 'pauses';
      const works = { need: kW(need, 2), min: kW(min, 2) };
      if (need >= min && low <= night * 0.5) return say.sound('works', works);
      const values = { ...works, low: { ...hours(low, 1), unit: '' }, night: { ...shortH(night), unit: '' } };
      if (need >= min) return pauses ? say.sound('pauses', values) : say.watch('tooLow', values);
      const max = read.derived('heater.outputMaxKw');
      const smaller = smallerSold(max, (read.derived('survey.demandColdestKw') / read.derived('survey.outputAltitudeKw')) * max);
      // No smaller one that is sold would hold the coldest night: then this size is right, and how it is run is what counts.
      if (smaller === null) {
        const none = { ...values, coldest: celsius(coldest) };
        return pauses ? say.watch('pausesNoSmaller', none) : say.watch('tooLowNoSmaller', none);
      }
      return pauses
        ? say.watch('pausesSmaller', { ...values, smaller: shortKw(smaller) })
        : say.fix('tooLowSmaller', { ...values, smaller: shortKw(smaller), coldest: celsius(coldest) });
    },
  }),
  defineCheck({
    id: 'survey.size.label',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'The label often lies; what the pump can deliver does not.',
    remedy: 'Size it by pump dose and frequency, and check the dose with a measuring glass.',
    source: `Definition; the limits are Lorbet’s own choice. ${trade}`,
    messages: {
      another:
        'The label says {claimed}; pump and fuel make it {computed}{off}: it is another heater than it says, or dose or frequency are not its own.',
      off: 'The label says {claimed}; pump and fuel make it {computed}{off}.',
      less: ', {percent} less',
      more: ', {percent} more',
    },
    assess(read, say) {
      const computed = read.derived('heater.outputMaxKw');
      const { claimed } = read.all({ claimed: 'heater.claimedOutputKw' });
      const off = (computed / claimed - 1) * 100;
      const values = {
        claimed: shortKw(claimed),
        computed: kW(computed, 2),
        off: Math.abs(off) < 0.5 ? null : say.clause(off < 0 ? 'less' : 'more', { percent: percent(Math.abs(off)) }),
      };
      if (Math.abs(off) > 50) return say.fix('another', values);
      return Math.abs(off) > 30 ? say.watch('off', values) : say.sound('off', values);
    },
  }),
];
