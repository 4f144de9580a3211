/** What is entered on the way from an empty build to a signed one: an invented soup cart. */
export type Figures = [string, string][];
export const heater: Figures = [
  ['Output on the label', '2'],
  ['Supply', '12 V'],
  ['Pump dose, a stroke', '0,022'],
  ['Lowest pump frequency', '1.2'],
  ['Highest pump frequency', '4'],
  ['Current while starting', '10'],
  ['Glow time at a start', '90 s'],
  ['Current while running', '1.4'],
  ['Highest place it will run', '600'],
  ['Coldest the fuel will be', '-5'],
  ['Fuel', 'Road diesel, grade F (winter)'],
  ['Hours of heat in a night', '8'],
];
export const survey: Figures = [
  ['Wanted inside', '18'],
  ['Coldest night', '-8'],
  ['Usual night', '0'],
  ['Air in the space', '14'],
  ['Air changes an hour', '1'],
  ['Walls', '14'],
  ['Walls are', 'ply, 20 mm fleece, steel'],
  ['Roof', '7'],
  ['Roof is', 'ply, 20 mm fleece, steel'],
  ['Floor', '7'],
  ['Floor is', 'ply, 20 mm fleece, steel'],
  ['Windows', '2'],
  ['Windows are', 'single glass'],
  ['The engine burns', 'diesel'],
  ['The heater draws from', 'a tank of its own'],
  ['Taken from the vehicle', 'not at all'],
  ['The vehicle’s feed stands', 'there is none'],
  ['The heater will sit', 'inside'],
  ['The vehicle', 'stays on dry roads'],
  ['Pump and controller for', '12 V'],
];
export const people: Figures = [
  ['People asleep inside', '0'],
  ['It will be inspected as', 'a leisure vehicle'],
  ['The inspector wants an approval mark', 'yes'],
  ['Wades to', '0'],
];
export const kit: Figures = [
  ['Plate: voltage', '12 V'],
  ['Plate: fuel', 'diesel'],
  ['It takes the place of', 'no older heater'],
  ['Exhaust is', 'new'],
];
export const partsCsv =
  'name,kind,state,mark,weak\nheater,heater,present,invented mark 3,\nfilter,filter,replaced,,thin-bodied filter\n' +
  ['pump', 'line', 'joiner', 'clip', 'tank', 'airHose', 'exhaust', 'harness', 'controller', 'alarm']
    .map((kind) => `${kind},${kind},present,,\n`)
    .join('');
export const floor: Figures = [
  ['Floor, front to rear', '2.4 m'],
  ['Floor, left to right', '1600'],
  ['Heater, long', '320'],
  ['Heater, wide', '120'],
  ['Heater, high', '130'],
  ['Its maker lets it lie', 'flat only'],
  ['Warm-air duct, across', '75'],
];
export const place: Figures = [
  ['Heater’s middle, from the front', '1200'],
  ['Heater’s middle, from the left', '80 cm'],
  ['Hot end turned to the left by', '90'],
  ['The heater lies', 'flat'],
  ['Clear in front of the air inlet', '400'],
  ['Clear at the hot end', '450'],
];
export const bolting: Figures = [
  ['Studs, length below the foot', '30'],
  ['Shortest spigot below the foot', '36'],
  ['Screws, length below the head', '0'],
  ['Free above, to lift it out', '500'],
  ['It can be reached for service', 'yes'],
  ['Boxed in below the floor', 'no'],
  ['Loom and line pass through grommets', 'yes'],
  ['Pump lead through its slot in the plate', 'yes'],
  ['Hoses and exhaust on their spigots', 'yes'],
  ['Clamp heads', 'clear of the shroud'],
  ['Cut edges', 'deburred, primed, painted'],
];
export const fuel: Figures = [
  ['Tank, length', '400'],
  ['Tank, inside height', '25 cm'],
  ['Fuel standing in it', '150'],
  ['Pickup', 'standpipe'],
  ['Pickup above tank floor', '30'],
  ['Suction line, tank to pump', '60 cm'],
  ['Bore, suction line', '2'],
  ['Filter', 'before the pump'],
  ['Filter’s arrow', 'with the flow'],
  ['Widest gap in a joint', '0'],
  ['Pump’s arrow', 'with the flow'],
  ['Pump inlet above tank floor', '60'],
  ['Line, pump to heater', '2,8 m'],
  ['Bore, pump to heater', '2'],
  ['Heater’s inlet above tank floor', '400'],
];
export const tank: Figures = [
  ['Fuel comes from', 'a separate tank'],
  ['A second tank', 'none'],
  ['What is in it', 'fresh fuel from a pump'],
  ['Tank’s shape', 'a box'],
  ['Tank, inside width', '18 cm'],
  ['Tank, empty, weighs', '2.5'],
  ['Tank is lowered or lifted full', 'by one person'],
  ['Tank is', 'bought, with its certificate'],
  ['Room for it, length', '460'],
  ['Room for it, width', '230'],
  ['Room for it, height', '340'],
  ['Hole for the fitting', '8'],
  ['Fitting, across where it passes', '7.8'],
];
export const held: Figures = [
  ['Tank stands', 'outside'],
  ['Guarded from sun and stones', 'yes'],
  ['Tank’s vent ends', 'outside and low, with a filter'],
  ['Tank is filled', 'from outside'],
  ['Tank is held by', 'straps or brackets that hold in a crash'],
  ['Pump hangs', 'in its rubber, on a bracket'],
];
export const air: Figures = [
  ['Combustion air comes from', 'outside'],
  ['Intake pipe', '0.5'],
  ['Intake falls to its end', '60'],
  ['Intake end to exhaust end', '800'],
  ['The two ends point', 'opposite ways'],
  ['Exhaust pipe', '0.8'],
  ['Exhaust falls to its end', '90'],
  ['Exhaust end past the outline', '40'],
  ['Water in the exhaust', 'falls all the way'],
  ['Muffler’s drain hole', 'lowest'],
  ['Exhaust’s end points', 'sideways, away'],
  ['Exhaust’s end to the nearest opening', '1.2 m'],
  ['Free below the exhaust’s end', '30 cm'],
  ['Intake’s end points', 'down'],
  ['What can reach the intake’s end', 'nothing'],
  ['Intake’s bore', '25'],
  ['Intake silencer or filter', 'fitted'],
  ['Exhaust’s bore', '24'],
  ['Exhaust’s bends, all together', '180'],
  ['Exhaust is covered by', 'wrap'],
  ['Supports of the exhaust stand apart', '40 cm'],
  ['Joint at the burner', 'band clamp, gas-tight'],
  ['Exhaust passes near', 'cable with PVC insulation'],
  ['At a distance of', '120'],
  ['Exhaust passes through', 'timber, with a turret or metal plates'],
  ['Free round the exhaust there', '37'],
  ['A hand or a child can touch the exhaust', 'no'],
];
export const wiring: Figures = [
  ['Feed comes from', 'leisure battery'],
  ['Battery', 'AGM or gel'],
  ['Capacity', '100'],
  ['Battery at rest', '12.7'],
  ['Battery’s own resistance', '10'],
  ['Feed, one way', '2.5'],
  ['Cable', '12 AWG'],
  ['Insulation rated', '85 to 90 °C'],
  ['Fuse holder and joints', '5'],
  ['Fuse', '15'],
  ['Fuse from battery post', '320'],
];
export const startLog =
  'seconds,event,volts,amps,hertz,outlet_c\n0,,12.6,,,\n5,on,,,,\n25,glow,11.8,9.8,,8\n80,pump,,,1.6,\n118,flame,,,,20\n250,full,12.4,1.4,4,70\n700,,12.4,1.42,4,84\n1500,off,,,,\n1685,end,,,,\n';
