import { params, room } from '../room';

/** English. */
export const warmth = room('warmth', {
  dragAnEnd: 'From above, front at the left. Drag the end of a duct; touch an outlet to shut it by its key; the flows follow.',
  loopYet: 'This heater warms coolant: there are no ducts to draw.',
  planOnceTheFloor: 'The ducts are drawn once the size of the floor is known.',
  planInWords: params('Ducts, to scale, front at the left. {words}'),
  noneYet: 'No duct is entered yet. The first one leads from the heater.',
  ductEndKeys: params('Far end of {name}; arrow keys move it by a centimetre, with shift by ten'),
  ifWhat: 'What if',
  asItStands: 'As it stands',
  allShut: 'If every outlet is shut that can be',
  halfBack: 'If half of the ways back are covered',
  bagOn: params('If a bag lies on “{name}”'),
  allBore: params('If every duct had {mm} mm'),
  shutIt: params('Shut “{name}”'),
  halfIt: params('Half-shut “{name}”'),
  openIt: params('Open “{name}”'),
  hottestIs: params('Hottest outlet {c} °C, {m3h} m³/h in all.'),
  noAir: 'No air leaves: the heater overheats.',
  beforeItFlows: params('Before the flows can be worked out: {missing}.'),
  comesFrom: 'Comes from',
  theHeater: 'the heater',
  airYet: 'This heater warms air: there is no coolant loop to draw.',
  loopHint:
    'In the order of flow, from the heater round and back. The drawing and the rows are one data; drag a row to another place.',
  loopInWords: params('Coolant loop. {words}'),
  loopAs: 'Loop as a network file (.inp)',
  noLoopYet: 'No part of the loop is entered yet.',
  beginLoop: 'Enter heater, hoses, matrix, tank and pump',
  coolantHint: 'What is in it',
  pumpAndEngine: 'Pump and engine',
  pumpAndEngineNote: 'what its maker tells, and what is to be warmed',
  hotCoolant:
    'Coolant scalds: open no cap and no bleed while it is hot. Glycol is poison: gather it, and keep it from animals and drains.',
  fillTitle: 'Filling and bleeding',
  fillNote: 'common practice, no source',
  fillSteps:
    'Flush the old matrix both ways.|Close every drain; open every bleed and every valve.|Fill slowly at the tank, cap off, until coolant without bubbles comes at each bleed; shut them one after the other, the lowest first.|Run the circulation pump, cap off; top up as the level falls.|Where an engine is in the loop, run it with its cabin heater on hot; top up again.|Run the heater until it is warm; squeeze the hoses. Bleed once more when it has cooled.|Fill to the cold mark, cap on.|Look at the level after the first day.',
  waysBackHint:
    'Holes, grilles and louvres through which air comes back to the heater. They have to be as open as the outlets together, with whatever stands before them.',
  zones: 'How soon each place is warm',
  zonesNote: 'by what its outlet gives',
  zone: params('{name}: about {min} min from the coldest night to warm'),
  zoneNever: params('{name}: never, on the coldest night'),
  whatItWarms: 'What it warms',
  whatItWarmsNote: 'air or coolant, where the air comes from, the blower',
  beginDucts: 'Enter the first duct',
  hotAir:
    'Warm air leaves at 60 to 126 °C: it burns hands, melts plastic and scorches what lies on an outlet. Draw it from a clean place, never from where exhaust can come.',
  networkAs: 'Ducts as a network file (.inp)',
});
