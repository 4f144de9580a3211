/** Where in the body a window or a door sits. */
export const faces = {
  sides: 'sides',
  front: 'front',
  rear: 'rear',
  roof: 'roof',
  floor: 'floor',
  partition: 'partition',
} as const;
export const surfaceKinds = { ...faces, window: 'window', door: 'door' } as const;
/** Parts of the work that a part list, a check or a photograph can be about. */
export const partKinds = {
  heater: 'heater',
  plate: 'mounting plate',
  gasket: 'gasket',
  tank: 'tank',
  pickup: 'pickup',
  pump: 'pump',
  holder: 'pump’s rubber holder',
  filter: 'filter',
  line: 'fuel line',
  joiner: 'rubber joiners',
  clip: 'clips',
  airHose: 'combustion hose',
  silencer: 'intake silencer',
  exhaust: 'exhaust pipe',
  muffler: 'muffler',
  clamp: 'clamps and brackets',
  duct: 'duct',
  outlet: 'outlet',
  splitter: 'splitter',
  hose: 'coolant hose',
  matrix: 'heat exchanger',
  harness: 'harness with fuse',
  controller: 'controller and lead',
  remote: 'remote',
  sensor: 'temperature sensor',
  alarm: 'carbon monoxide alarm',
  flange: 'heat flange',
  other: 'other',
} as const;
/** Parts that the trade knows as weak: common practice, no source. */
export const weakKinds = {
  none: 'none known',
  thinFilter: 'thin-bodied filter',
  softLine: 'soft line',
  springClips: 'spring clips',
  burnerClamp: 'weak clamp at the burner',
  thinCable: 'undersized feed cable',
} as const;
export const obstacleKinds = {
  rail: 'chassis rail',
  crossMember: 'cross-member',
  corrugation: 'corrugation',
  tank: 'tank',
  fuelPipe: 'fuel pipe',
  brakePipe: 'brake pipe',
  waterPipe: 'water pipe',
  wiring: 'wiring',
  engineExhaust: 'engine’s exhaust',
  other: 'other',
} as const;
export const aboveKinds = { wall: 'wall', furniture: 'furniture', wheelArch: 'wheel arch', appliance: 'appliance' } as const;
export const holeKinds = {
  turret: 'turret',

  duct: 'duct',
  return: 'return',
  exhaust: 'exhaust',
  air: 'combustion air',
  fuel: 'fuel line',
  loom: 'loom',
  stud: 'stud',
  screw: 'screw',
} as const;
export const stackKinds = {
  gasket: 'gasket',
  plate: 'plate',
  covering: 'covering',
  timber: 'timber',
  insulation: 'insulation',
  metal: 'metal',
  rib: 'ribs below',
} as const;
export const sealKinds = {
  sealant: 'sealant',
  hotSealant: 'high-temperature sealant',
  primer: 'primer',
  paint: 'paint',
} as const;

/** Where a seal is owed, as it is told in a sentence. */
export const sealPlaces = {
  plate: 'round the plate',
  joint: 'at the exhaust’s joint on the burner',
  turret: 'round the turret',
  duct: 'round the duct’s hole',
  return: 'round the return’s hole',
  exhaust: 'round the exhaust’s hole',
  air: 'round the combustion air’s hole',
  fuel: 'round the fuel line’s hole',
  loom: 'round the loom’s hole',
} as const;

/** What an exhaust passes near, by what it bears: the same names as in `heatTakers`. */
export const nearKinds = {
  nothing: 'nothing that heat harms',
  timber: 'timber or plywood',
  polyethylene: 'a polyethylene tank or pipe',
  polypropylene: 'polypropylene',
  cable: 'cable with PVC insulation',
  epdm: 'an EPDM hose or grommet',
  silicone: 'a silicone seal or hose',
} as const;
/** How a thing lies to the exhaust that it passes. */
export const nearLies = { beside: 'beside or below it', above: 'above it' } as const;
/** Things on the outside plan. */
export const outsideKinds = {
  window: 'window',
  door: 'door',
  vent: 'vent',
  warmReturn: 'warm-air return or air inlet',
  tank: 'tank',
  pipe: 'fuel or brake pipe, hose',
  oilPan: 'oil pan',
  tyre: 'tyre or mud flap',
  other: 'other',
} as const;
export const pipeKinds = { pipe: 'pipe', muffler: 'muffler', reducer: 'reducer', silencer: 'intake silencer' } as const;
export const pipeJoints = {
  band: 'band clamp, gas-tight',
  worm: 'worm-drive clip',
  spring: 'spring clip',
  pushed: 'pushed together',
  whole: 'one piece with the one before',
} as const;
export const pipeCovers = { bare: 'nothing', wrap: 'wrap', sleeve: 'insulated sleeve' } as const;
export const throughKinds = {
  none: 'nothing',
  turret: 'timber, with a turret or metal plates',
  sleeve: 'timber, with a metal sleeve',
  timber: 'timber, bare',
  metal: 'metal only',
  masonry: 'masonry, with a metal sleeve',
} as const;
/** Where an exhaust leaves what is heated. */
export const leavesKinds = {
  floor: 'the floor',
  wall: 'a wall',
  stack: 'the roof, by a stack',
  outside: 'nothing: the heater stands outside',
} as const;
export const drainKinds = {
  none: 'nothing',
  drilled: 'a drilled hole',
  trap: 'a closed trap',
  valve: 'a valve',
} as const;
export const mufflerLies = { lying: 'lying', upright: 'upright' } as const;
export const pipeStates = { new: 'new', reused: 're-used', welded: 'welded', cut: 'cut to length' } as const;
/** What is done, one after the other, to fill a coolant loop. Common practice, no source. */
export const fillSteps = {
  flush: 'flushed',
  open: 'bleeds and valves open',
  fill: 'filled at the tank',
  pump: 'pump run, cap off',
  engine: 'engine run, cap off',
  heat: 'heater run warm',
  bleed: 'bled again, cooled',
  mark: 'filled to the cold mark, cap on',
} as const;
/** How air leaves a duct’s far end. */
export const ductEnds = {
  on: 'a duct goes on',
  open: 'outlet, always open',
  closable: 'outlet that closes',
} as const;
export const ductGrilles = { free: 'nothing', grille: 'a grille', louvre: 'louvres' } as const;
export const ductWalls = { flexible: 'flexible', smooth: 'smooth' } as const;
export const ductLeaves = { straight: 'straight on', branch: 'to the side, by a branch' } as const;
export const ductRuns = { inside: 'inside', outside: 'outside or under the floor' } as const;
/** How air comes back to the heater. */
export const returnKinds = {
  hole: 'drilled hole',
  mesh: 'mesh of 6 mm',
  grille: 'grille',
  louvre: 'louvres',
} as const;
/** What a coolant loop is made of. */
export const loopKinds = {
  hose: 'hose',
  heater: 'heater',
  pump: 'circulation pump',
  engine: 'engine block',
  matrix: 'matrix with blower',
  plate: 'plate exchanger',
  tank: 'expansion tank',
  valve: 'valve',
  check: 'check valve',
  adapter: 'adapter',
} as const;
export const loopLimbs = {
  main: 'all of the flow',
  a: 'one way of several',
  b: 'the second way',
  c: 'the third way',
  d: 'the fourth way',
} as const;
export const loopArrows = { with: 'as it should', against: 'against its arrow' } as const;

/** What a loom is made of. */
export const loomKinds = {
  battery: 'battery',
  supply: 'mains power supply',
  post: 'post or busbar',
  fuseBox: 'fuse box',
  fuse: 'fuse',
  isolator: 'isolator',
  relay: 'relay',
  joint: 'joint',
  plug: 'plug',
  panel: 'control panel',
  socket: 'socket',
  earth: 'earth point',
  heater: 'heater',
  load: 'another load',
  charger: 'charger',
  solar: 'solar regulator',
  pump: 'fuel pump',
  controller: 'controller',
  sensor: 'outside sensor',
  remote: 'remote’s receiver',
  diagnostic: 'diagnostic plug',
  blower: 'blower relay',
} as const;
/** Where a wire of a unit’s own harness is led. */
export const harnessEnds = {
  pump: loomKinds.pump,
  controller: loomKinds.controller,
  sensor: loomKinds.sensor,
  remote: loomKinds.remote,
  diagnostic: loomKinds.diagnostic,
  blower: loomKinds.blower,
} as const;
export const loomWires = { plus: 'plus', minus: 'minus', signal: 'signal' } as const;
/** How a joint or a plug was made, and how an earth sits. */
export const madeHow = {
  crimped: 'crimped',
  soldered: 'soldered',
  screwed: 'screwed',
  spade: 'a spade plug',
  twisted: 'twisted together',
} as const;
export const earthSeats = { metal: 'bright metal', paint: 'paint', washer: 'a plastic washer' } as const;
export const cableNear = {
  clear: 'nothing that could hurt it',
  hot: 'exhaust or another hot part',
  spray: 'spray',
  moving: 'moving parts',
  edge: 'a metal edge',
} as const;
export const cableGuards = { none: 'nothing', conduit: 'conduit or sleeve', grommet: 'a grommet' } as const;
export const cableUses = { used: 'used', insulated: 'not needed: insulated, coiled', bare: 'not needed: end bare' } as const;
/** What a look over the feed finds before its fuse goes in. */
export const feedLooks = {
  good: 'as it should be',
  swapped: 'plus and minus swapped',
  earth: 'earth on paint or plastic',
  joints: 'a joint twisted, or open to spray',
  way: 'unguarded at heat, an edge or what moves',
} as const;
export const insulations = { c70: '70 °C', c90: '85 to 90 °C', c105: '105 °C' } as const;

/** What going through a controller finds: the worst of it. */
export const controllerLooks = {
  good: 'all as it should be',
  clock: 'its clock is wrong, or is lost with the power',
  mode: 'it works by the wrong of its two ways',
  limits: 'pump, fan, volts or altitude are set wrong',
  timer: 'it ends while people sleep',
  lead: 'its lead does not reach, or pulls',
  upsideDown: 'it is fixed upside down or on its side',
  outOfView: 'it can’t be seen from where one sits',
  sensor: 'its sensor hangs in warm air, sun or a draught',
} as const;
export const panelLies = {
  right: 'right way up, in view',
  outOfView: 'right way up, out of view',
  upsideDown: 'upside down or on its side',
} as const;
export const sensorPlaces = {
  still: 'in still air, where people are',
  outlet: 'in an outlet’s stream',
  cold: 'by a door, a window or an outer wall',
  sun: 'in the sun or over a warm thing',
} as const;
