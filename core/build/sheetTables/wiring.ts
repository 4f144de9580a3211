import { choice, number, type FieldTable } from '../field';
import { feedLooks, insulations } from '../listKinds';
import { yesNo } from '../listTables/List';

/** Wiring, priming, proving. */
export const wiringSheets = {
  wiring: {
    feedSource: choice({ label: 'Feed comes from', options: { leisure: 'leisure battery', starter: 'starter battery', panel: 'a control panel', socket: 'a socket', mains: 'mains power supply' }, part: 'battery' }),
    supplyA: number({ label: 'Mains supply gives at most', unit: 'A', min: 0.5, max: 200, decimals: 1, part: 'battery', given: true, optional: true, later: true, hint: 'at the heater’s volts, from its plate; only where the mains feeds it' }),
    batteryKind: choice({ label: 'Battery', options: { agm: 'AGM or gel', flooded: 'flooded lead-acid', lithium: 'lithium' }, part: 'battery' }),
    batteryCapacityAh: number({ label: 'Capacity', unit: 'Ah', min: 5, max: 2000, decimals: 0, part: 'battery', words: ['capacity', 'battery capacity'] }),
    batteryRestV: number({ label: 'Battery at rest', unit: 'V', min: 6, max: 32, decimals: 2, part: 'battery', found: true, words: ['battery', 'rest', 'at rest', 'battery at rest'] }),
    batteryMohm: number({ label: 'Battery’s own resistance', unit: 'mΩ', min: 0.1, max: 500, decimals: 1, part: 'battery', found: true, words: ['battery resistance'], hint: 'by a tester, or volts lost ÷ amps' }),
    feedLengthM: number({ label: 'Feed, one way', unit: 'm', min: 0.1, max: 40, decimals: 1, part: 'battery', words: ['feed', 'feed length', 'cable length'] }),
    cableAreaMm2: number({ label: 'Cable', unit: 'mm²', min: 0.2, max: 70, decimals: 2, part: 'battery', words: ['cable', 'feed cable'], hint: 'mm², or a gauge: 12 AWG' }),
    insulationC: choice({ label: 'Insulation rated', options: insulations, part: 'battery' }),
    cableC: number({ label: 'Cable will be at', unit: '°C', min: -30, max: 90, decimals: 0, part: 'battery', given: true, optional: true, hint: '20 °C where nothing is given; what it may carry is told at 30 °C then' }),
    bundled: number({ label: 'Loaded wires in one bundle', unit: 'pieces', min: 1, max: 60, decimals: 0, part: 'battery', given: true, optional: true, later: true, hint: 'both wires of the feed count; up to 3 where nothing is given' }),
    batteryC: number({ label: 'Battery will be at', unit: '°C', min: -40, max: 50, decimals: 0, part: 'battery', given: true, optional: true, later: true, hint: 'as the coldest night where nothing is given' }),
    healthPercent: number({ label: 'Of its capacity it still has', unit: '%', min: 20, max: 110, decimals: 0, part: 'battery', given: true, optional: true, later: true, hint: '100 % where nothing is given; 60 to 80 % of an old one' }),
    othersA: number({ label: 'Other loads through the night', unit: 'A', min: 0, max: 100, decimals: 1, part: 'battery', given: true, optional: true, later: true, hint: 'on the same battery; none where nothing is given' }),
    chargeA: number({ label: 'Charged meanwhile with', unit: 'A', min: 0, max: 100, decimals: 1, part: 'battery', given: true, optional: true, later: true, hint: 'a charger, trickle or solar; none where nothing is given' }),
    jointsMohm: number({ label: 'Fuse holder and joints', unit: 'mΩ', min: 0, max: 500, decimals: 0, part: 'battery', found: true, words: ['joints'], hint: 'about 5 mΩ for good crimps' }),
    fuseA: number({ label: 'Fuse', unit: 'A', min: 0, max: 100, decimals: 1, part: 'battery', words: ['fuse'], hint: '0 where there is none' }),
    looks: choice({ label: 'Feed, looked over fuse out', options: feedLooks, part: 'battery', found: true, later: true, hint: 'poles, joints, earth, and what it passes; the worst of them' }),
    fuseFromBatteryMm: number({ label: 'Fuse from battery post', unit: 'mm', min: 0, max: 20000, decimals: 0, part: 'battery', words: ['fuse distance'], hint: 'along the cable' }),
  },
  priming: {
    filterVolumeMl: number({ label: 'Filter holds', unit: 'mL', min: 0, max: 200, decimals: 1, part: 'filter', words: ['filter volume'] }),
    preFilledMl: number({ label: 'Filled by syringe before', unit: 'mL', min: 0, max: 500, decimals: 1, part: 'line', found: true, words: ['prefilled', 'syringe'] }),
    primingHz: number({ label: 'Pump frequency while priming', unit: 'Hz', min: 0.2, max: 15, decimals: 1, part: 'pump', words: ['priming frequency'] }),
  },
  proving: {
    coAlarmFitted: choice({ label: 'Carbon monoxide alarm in the space', options: yesNo, part: 'cabin', found: true }),
    coAlarmTested: choice({ label: 'Its test button sounded it', options: yesNo, part: 'cabin', found: true }),
    coAlarmSited: choice({ label: 'Sited by its own instructions', options: yesNo, part: 'cabin', found: true }),
    ownerTold: choice({ label: 'Owner’s instructions', options: { shown: 'given, and shown at the heater', given: 'given, not shown', none: 'not given' }, part: 'heater', given: true, optional: true, later: true }),
    noticesThere: choice({ label: 'Notices where they are needed', options: { both: 'at the filler, and how to stop it', filler: 'at the filler alone', stop: 'how to stop it alone', none: 'none' }, part: 'heater', given: true, optional: true, later: true }),
    ventsThere: choice({ label: 'Openings that can’t be shut', options: { some: 'there are some', none: 'there are none' }, part: 'cabin', given: true, optional: true, later: true }),
    otherBurnersCm2: number({ label: 'Wanted besides, for other burners', unit: 'cm²', min: 0, max: 10000, decimals: 1, part: 'cabin', given: true, optional: true, later: true, hint: 'high and low each, as their makers say; 0 where nothing else burns' }),
  },
} as const satisfies Record<string, FieldTable>;
