import { room } from '../room';

/** English: figures by their ids, short enough for the head of a row in which heaters stand side by side. */
export const heaterFigures = room('heaterFigures', {
  'heater.outputMinKw': 'Output at lowest',
  'heater.outputMaxKw': 'Output at full',
  'survey.shortBelowC': 'Falls short below',
  'survey.sootAboveC': 'Runs too low above',
  'survey.hoursTooLow': 'Of a usual night too low',
  'survey.warmUpMin': 'From coldest to warm',
  'survey.fuelNightL': 'Fuel, a usual night',
  'survey.fuelWeekendL': 'Fuel, a weekend',
  'wiring.nightAh': 'Battery, a night',
  'survey.weekendAh': 'Battery, a weekend',
  'survey.outputAltitudeKw': 'Clean output up high',
});
