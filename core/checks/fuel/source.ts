import { sources } from '../../build/fuelSources';
import { fuelOf } from '../../model/fuel/runFacts';
import { fullPractices } from '../../practices/practices';
import { toDo } from '../../reading/NotMeasured';
import { lowerFirst } from '../../units/formatNumber';
import { term } from '../../wording/Value';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { blendWords, fuelName } from './fuelName';
import { worstOf } from '../worstOf';

/** Where the fuel is taken from, and what it is. */
export const sourceChecks = [
  defineCheck({
    id: 'fuel.source.pressure',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'Fuel under pressure is pushed past the heater’s pump into the burner: a flood, and a fire.',
    remedy: 'Take the fuel from a tank of the heater’s own, or by a standpipe.',
    source: `${trade} The {vehicle}’s manual decides.`,
    messages: {
      tee: 'A tee in a feed that stands under pressure: fuel is pushed into the heater.',
      branch: 'A branch in the return of a system that stands under pressure: fuel is pushed into the heater.',
      noFeed: 'A tee in the {vehicle}’s feed is chosen, and the survey says that there is no feed.',
      noReturn: 'A branch in the {vehicle}’s return is chosen, and the survey says that there is no feed.',
      otherwise: 'Fuel comes from {source}; this workshop prefers {practice}.',
      low: 'Fuel comes from {source}, at low pressure.',
      none: 'Fuel comes from {source}, at no pressure.',
    },
    remedies: {
      otherwise: 'Say in a note why this {vehicle} is done otherwise.',
      noFeed: 'Correct the survey, or choose where the fuel really comes from.',
      noReturn: 'Correct the survey, or choose where the fuel really comes from.',
    },
    assess(read, say) {
      const { way } = read.all({ way: 'tank.way' });
      const { vehicle, open } = sources[way];
      if (open) {
        const system = read.maybe('survey.fuelSystem');
        const tee = way === 'feedTee';
        if (system === 'high') return tee ? say.stop('tee') : say.stop('branch');
        if (system === null || system === 'unknown')
          return read.missing(...toDo('find out whether the vehicle’s feed stands under pressure'));
        if (system === 'none') return tee ? say.fix('noFeed') : say.fix('noReturn');
      }
      const values = { source: term('source', way) };
      const practice = fullPractices(read.build.practices).source;
      if ((practice === 'own' && vehicle) || (practice === 'vehicle' && !vehicle))
        return say.watch('otherwise', { ...values, practice: term('practice', `source.${practice}`) });
      return open ? say.sound('low', values) : say.sound('none', values);
    },
  }),
  defineCheck({
    id: 'fuel.source.legal',
    stage: 'fuel',
    holdPoint: 'cutting',
    part: 'tank',
    why: 'The wrong fuel burns people, or breaks the law of the place.',
    remedy: 'Fit a tank of the heater’s own for diesel, and ask by the local code what may be burnt.',
    source: `${trade} Local codes and the maker’s manual decide; Lorbet knows no country’s law.`,
    messages: {
      ...blendWords,
      notAllowed: 'This fuel may not be burnt here, by what was asked of the local code.',
      petrol: 'Fuel comes from {source}, and the engine burns petrol: petrol never goes through a diesel heater.',
      noEngine: 'Fuel comes from {source}, and the survey says that no engine burns any.',
      asked: '{fuel}, asked by the local code, from {source}.',
      burns: '{fuel}, from {source}.',
    },
    remedies: { noEngine: 'Say what the engine burns, or fit a tank of the heater’s own.' },
    assess(read, say) {
      const allowed = read.maybe('tank.fuelAllowed');
      return worstOf(
        () => (allowed === 'no' ? say.stop('notAllowed') : null),
        () => {
          const { way } = read.all({ way: 'tank.way' });
          if (!sources[way].vehicle) return null;
          const { engine } = read.all({ engine: 'survey.engineFuel' });
          const source = term('source', way);
          if (engine === 'petrol') return say.stop('petrol', { source });
          return engine === 'none' ? say.fix('noEngine', { source }) : null;
        },
        () => {
          const fuel = fuelOf(read);
          const { way } = read.all({ way: 'tank.way' });
          if (fuel.askFirst && allowed !== 'yes')
            return read.missing(...toDo(`ask by the local code whether ${lowerFirst(fuel.label)} may be burnt here`));
          const values = { fuel: fuelName(read), source: term('source', way) };
          return allowed === 'yes' ? say.sound('asked', values) : say.sound('burns', values);
        },
      );
    },
  }),
  defineCheck({
    id: 'fuel.clean',
    stage: 'fuel',
    holdPoint: 'fire',
    part: 'tank',
    why: 'Petrol in diesel flashes in a hot burner; water and dirt stop pump and flame.',
    remedy: 'Drain it into a can marked as waste, rinse with fresh diesel, fill with fresh diesel.',
    source: trade,
    messages: {
      petrol: 'Petrol has got into the fuel: it can flash in the burner.',
      water: 'Water or dirt stands in the tank.',
      old: 'Nobody knows what is in the tank, or for how long.',
      fresh: 'Fresh fuel from a pump.',
    },
    remedies: { old: 'Take a glass of it from the bottom, let it stand, look.' },
    assess(read, say) {
      const { state } = read.all({ state: 'tank.fuelState' });
      if (state === 'petrol') return say.stop('petrol');
      if (state === 'water') return say.fix('water');
      return state === 'old' ? say.watch('old') : say.sound('fresh');
    },
  }),
];
