import { sources } from '../../build/fuelSources';
import { wadingMarginMm } from '../../model/siting/wadingMarginMm';
import { burningAt } from '../../physics/air/airAtAltitude';
import type { Need } from '../../reading/Reader';
import { metres, mm, percent, term, volts } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const choose = (what: string, path: Need['path']): Need => ({ act: 'choose', what, ...(path ? { path } : {}) });

/** Whether the heater suits this vehicle, its fuel and its roads. */
export const surveyChecks = [
  defineCheck({
    id: 'survey.altitude',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Above its limit a heater gets too little air for its fuel: it runs rich, soots, and makes carbon monoxide.',
    remedy: 'An altitude setting or kit that cuts the fuel, as the maker says; or another heater.',
    source: `ISO 2533 (from memory). ${trade} Many units are specified to about 2,200 m.`,
    messages: {
      tooHigh: 'It will run up to {highest}, where the air burns {share} of the fuel of sea level; it is made for {max}.',
      wide: 'It will run from {lowest} to {highest}, where the air burns from {below} down to {share} of the fuel of sea level: one setting can’t serve both.',
      within: 'It will run up to {highest}, where the air burns {share} of the fuel of sea level (made for {max}).',
    },
    remedies: {
      wide: 'A controller that corrects for altitude by itself, or a setting changed on the way up and on the way down, as the maker says.',
    },
    assess(read, say) {
      const { highest } = read.all({ highest: 'heater.altitudeM' });
      const max = read.limit('altitudeMaxM').value;
      const share = read.derived('survey.fuelShareAltitude');
      const values = { highest: metres(highest), share: percent(share), max: metres(max) };
      if (highest > max) return say.fix('tooHigh', values);
      const lowest = read.maybe('people.lowestAltitudeM');
      // A setting for thin air is lean below, one for thick air is rich above: no source, Lorbet's own choice of 15 %.
      const below = lowest === null ? share : burningAt(Math.max(0, lowest), 1).fuelShare * 100;
      return lowest !== null && below - share > 15
        ? say.watch('wide', {
            highest: metres(highest),
            lowest: { ...metres(lowest), unit: '' },
            below: { ...percent(below), unit: '' },
            share: percent(share),
          })
        : say.sound('within', values);
    },
  }),
  defineCheck({
    id: 'survey.voltage',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'battery',
    why: 'A 12 V unit on 24 V is destroyed at once; a 24 V one on 12 V never lights.',
    remedy: 'Unit, supply and accessories of one voltage.',
    source: trade,
    messages: {
      battery: 'The heater is for {supply}; the battery stands at {rest}.',
      accessories: 'The heater is for {supply}, its pump and controller for {more}.',
      heaterOnly: 'Heater for {supply}.',
      agree: 'Heater, pump and controller for {supply}.',
    },
    assess: (read, say) =>
      worstOf(
        () => {
          const rest = read.maybe('wiring.batteryRestV');
          const { supply } = read.all({ supply: 'heater.supplyV' });
          return rest !== null && (supply === 'v12') !== rest < 18
            ? say.fix('battery', { supply: term('supply', supply), rest: volts(rest, 1) })
            : null;
        },
        () => {
          const { supply, more } = read.all({ supply: 'heater.supplyV', more: 'survey.accessoriesV' });
          const values = { supply: term('supply', supply) };
          if (more !== 'none' && more !== supply) return say.fix('accessories', { ...values, more: term('supply', more) });
          return more === 'none' ? say.sound('heaterOnly', values) : say.sound('agree', values);
        },
      ),
  }),
  defineCheck({
    id: 'survey.fuel.petrolvehicle',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'Petrol in a diesel heater explodes in its burner.',
    remedy: 'A separate tank for diesel, marked as such, filled from outside.',
    source: 'UN Regulation 122, Annex 7, in substance (from memory); common practice. The local code decides.',
    messages: {
      own: 'The heater has a tank of its own.',
      petrol: 'The engine burns petrol, and the heater is to draw from its tank.',
      noEngine: 'The heater is to draw the {vehicle}’s fuel, but there is no engine.',
      burns: 'The engine’s fuel is one that the heater burns.',
    },
    remedies: { noEngine: 'Say what the engine burns, or give the heater a tank of its own.' },
    assess(read, say) {
      const { from } = read.all({ from: 'survey.fuelFrom' });
      if (from === 'own') return say.sound('own');
      const { engine } = read.all({ engine: 'survey.engineFuel' });
      if (engine === 'petrol') return say.stop('petrol');
      return engine === 'none' ? say.fix('noEngine') : say.sound('burns');
    },
  }),
  defineCheck({
    id: 'survey.fuel.highpressure',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'A tee in a pressurised feed floods the heater and sprays fuel; it can set fire, and stops the engine.',
    remedy: 'A standpipe in the tank, or a tank of its own.',
    source: trade,
    messages: {
      own: 'The heater has a tank of its own.',
      tee: 'The heater is to be tee’d into a feed that stands under pressure.',
      open: 'The heater is to draw from {source}, and that stands under pressure.',
      pipe: 'It draws from the tank by a pipe of its own, not from the engine’s feed.',
      lowFeed: 'The feed that it is tee’d into has low pressure.',
      low: 'It draws from the tank or its return, and the system has low pressure.',
    },
    assess(read, say) {
      const { from } = read.all({ from: 'survey.fuelFrom' });
      if (from !== 'vehicle') return say.sound('own');
      const [system, taken, way] = [read.maybe('survey.fuelSystem'), read.maybe('survey.fuelTaken'), read.maybe('tank.way')];
      if (system === 'high' && taken === 'feed') return say.stop('tee');
      if (system === 'high' && way !== null && sources[way].open) return say.stop('open', { source: term('source', way) });
      if (taken === null) return read.missing(choose('Taken from the vehicle', 'survey.fuelTaken'));
      // A pipe of its own in the tank meets no pressure, whatever the feed has.
      if (way !== null && sources[way].vehicle && !sources[way].open && taken === 'tank') return say.sound('pipe');
      if (system === null || system === 'unknown')
        return read.missing({ act: 'do', what: 'find out whether the vehicle’s fuel system stands under pressure' });
      if (system === 'high') return read.missing({ act: 'do', what: 'settle whether it draws from the tank or from its return' });
      return taken === 'feed' ? say.sound('lowFeed') : say.sound('low');
    },
  }),
  defineCheck({
    id: 'survey.wading',
    stage: 'survey',
    holdPoint: 'cutting',
    part: 'heater',
    why: 'Water drowns it; salt and slush eat it and its wiring.',
    remedy: `Mount it inside; or in a closed box with a service side, {${wadingMarginMm} mm} above the water’s line: enter the box, its height, and how deep the {vehicle} wades.`,
    source: trade,
    messages: {
      inside: 'The heater sits inside.',
      dry: 'No fords and no salted roads.',
      wades: 'The heater sits under the floor of a {vehicle} that wades.',
      salted: 'The heater sits under the floor of a {vehicle} that is driven on salted roads.',
      boxedWades:
        'The heater sits under the floor of a {vehicle} that wades, in a closed box, {above} above the ground where it wades to {deep}.',
      boxedSalted: 'The heater sits under the floor of a {vehicle} that is driven on salted roads, in a closed box.',
    },
    assess(read, say) {
      const { sits } = read.all({ sits: 'survey.heaterSits' });
      if (sits === 'inside') return say.sound('inside');
      const { water } = read.all({ water: 'survey.waterAndSalt' });
      if (water === 'neither') return say.sound('dry');
      const [above, deep] = [read.maybe('siting.aboveGroundMm'), read.maybe('people.wadingDepthMm')];
      const boxed = read.maybe('siting.boxed') === 'yes';
      if (water === 'salted') return boxed ? say.sound('boxedSalted') : say.watch('salted');
      return boxed && above !== null && deep !== null && above >= deep + wadingMarginMm
        ? say.sound('boxedWades', { above: mm(above), deep: mm(deep) })
        : say.fix('wades');
    },
  }),
];
