import { choice, number, type Field, type FieldTable } from '../field';
import { controllerLooks, panelLies, sensorPlaces } from '../listKinds';

/** What a controller is set to: neutral names, whatever its maker calls them. */
export const settings = {
  mode: choice({ label: 'Works by', options: { target: 'temperature', fixed: 'a fixed rate' }, part: 'heater' }),
  targetC: number({ label: 'Temperature set', unit: '°C', min: 5, max: 40, decimals: 0, part: 'heater' }),
  rateHz: number({ label: 'Fixed rate', unit: 'Hz', min: 0.2, max: 15, decimals: 1, part: 'heater', hint: 'pump’s frequency' }),
  step: number({ label: 'Fixed rate, as a step', unit: 'pieces', min: 1, max: 20, decimals: 0, part: 'heater', hint: 'where it shows steps in place of hertz' }),
  steps: number({ label: 'Steps that it has', unit: 'pieces', min: 2, max: 20, decimals: 0, part: 'heater' }),
  stopsAboveK: number({ label: 'Pauses over its target by', unit: 'K', min: 0.5, max: 10, decimals: 1, part: 'heater', hint: 'nothing where it only slows down' }),
  lightsBelowK: number({ label: 'Lights again under it by', unit: 'K', min: 0.5, max: 10, decimals: 1, part: 'heater' }),
  runForH: number({ label: 'Ends by itself after', unit: 'h', min: 0, max: 24, decimals: 1, part: 'heater', hint: '0 where it burns until it is switched off' }),
  clockOffMin: number({ label: 'Its clock is ahead by', unit: 'min', min: -720, max: 720, decimals: 0, part: 'heater', hint: '0 where it is right; less than 0 where it is behind' }),
  clockKeeps: choice({ label: 'Without power its clock', options: { keeps: 'goes on', loses: 'is lost', none: 'there is none' }, part: 'heater' }),
  pumpMinHz: number({ label: 'Pump, lowest', unit: 'Hz', min: 0.2, max: 10, decimals: 1, part: 'pump' }),
  pumpMaxHz: number({ label: 'Pump, highest', unit: 'Hz', min: 0.5, max: 15, decimals: 1, part: 'pump' }),
  fanMinRpm: number({ label: 'Fan, slowest', unit: 'rpm', min: 100, max: 20000, decimals: 0, part: 'heater' }),
  fanMaxRpm: number({ label: 'Fan, fastest', unit: 'rpm', min: 100, max: 20000, decimals: 0, part: 'heater' }),
  doseMl: number({ label: 'Dose that it reckons with', unit: 'mL', min: 0.005, max: 0.2, decimals: 3, part: 'pump' }),
  supply: choice({ label: 'Set for', options: { v12: '12 V', v24: '24 V', auto: 'either, by itself' }, part: 'battery' }),
  altitude: choice({ label: 'Altitude', options: { auto: 'corrected by itself', set: 'set by hand', none: 'no such setting' }, part: 'heater' }),
  altitudeM: number({ label: 'Set for an altitude of', unit: 'm', min: 0, max: 5500, decimals: 0, part: 'heater' }),
  glowLevel: number({ label: 'Glow level', unit: 'pieces', min: 1, max: 20, decimals: 0, part: 'heater' }),
  sensor: choice({ label: 'Goes by the sensor', options: { own: 'of the heater, in its intake', panel: 'in the panel', apart: 'on a lead of its own' }, part: 'cabin' }),
  remote: choice({ label: 'Remote', options: { paired: 'paired', unpaired: 'not paired', none: 'there is none' }, part: 'heater' }),
  menu: choice({ label: 'Locked menu', options: { noted: 'its code is noted', unknown: 'nobody knows its code', none: 'there is none' }, part: 'heater' }),
} as const satisfies FieldTable;
export type SettingKey = keyof typeof settings;
export const settingKeys = Object.keys(settings) as SettingKey[];
/** Their labels by key. */
export const settingNames = Object.fromEntries(Object.entries(settings).map(([key, { label }]) => [key, label])) as {
  readonly [K in SettingKey]: string;
};

type Told = { readonly found: true; readonly optional: true; readonly later: true };
/** The settings as a sheet: nobody plans them, they are read off the panel. */
const asRead = <S extends string>(suffix: S) =>
  Object.fromEntries(
    Object.entries(settings as Readonly<Record<string, Field>>).map(([key, field]) => [
      key,
      { ...field, label: `${field.label}${suffix}`, found: true, optional: true, later: true },
    ]),
  ) as unknown as { readonly [K in SettingKey]: (typeof settings)[K] & Told };
const place = (label: string) =>
  number({ label, unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'cabin', optional: true, later: true });

/** The controller: where it sits, what it was set to when it was found, and what it is set to now. */
export const controllerSheets = {
  controller: {
    looks: choice({ label: 'Controller, gone through', options: controllerLooks, part: 'heater', found: true, later: true, hint: 'clock, way of working, limits, lead, place; the worst of them' }),
    panelLies: choice({ label: 'Panel is fixed', options: panelLies, part: 'cabin', found: true, optional: true, later: true }),
    panelXMm: place('Panel, from the front'),
    panelYMm: place('Panel, from the left'),
    leadM: number({ label: 'Its lead, with extensions', unit: 'm', min: 0.1, max: 30, decimals: 1, part: 'cabin', optional: true, later: true }),
    sensorAt: choice({ label: 'Room’s sensor hangs', options: sensorPlaces, part: 'cabin', found: true, optional: true, later: true }),
    sensorXMm: place('Sensor, from the front'),
    sensorYMm: place('Sensor, from the left'),
    ...asRead(''),
  },
  found: asRead(', as found'),
} as const;
