/** The floor sheet. */
export const floor = `
  .floor { display: block; touch-action: pan-y; }
  .floor text {
    font-family: var(--sans);
    font-size: 13px;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .floor .side { fill: var(--soft); stroke: none; }
  .floor .thing .body { stroke: var(--soft); stroke-width: 1.5; }
  .floor .thing.above .body { fill: var(--paper); stroke: var(--ink); stroke-width: 2; }
  .floor .thing.below .body { stroke-dasharray: 6 4; }
  .floor .thing.kind-tank .body, .floor .thing.kind-fuelPipe .body { stroke: var(--fuel); stroke-width: 2.5; }
  .floor .thing.kind-engineExhaust .body { stroke: var(--heat); stroke-width: 2.5; }
  .floor .thing.bad .body { stroke: var(--stop); stroke-width: 3.5; stroke-dasharray: none; }
  .floor .thing.lit .body { stroke: var(--focus); stroke-width: 3; }
  .floor .touch { fill: transparent; cursor: pointer; }
  .floor .thing.lit .touch, .floor .heater-touch { cursor: grab; touch-action: none; }
  .floor .touch:focus-visible { outline: none; stroke: var(--focus); stroke-width: 3; }
  .floor .outline.assumed { stroke-dasharray: 2 5; }
  .floor .outline { fill: color-mix(in srgb, var(--sheet) 82%, transparent); stroke: var(--ink); stroke-width: 3; }
  .floor .arrow { fill: none; stroke: var(--heat); stroke-width: 3; }
  .floor .zone { opacity: 0.3; }
  .floor .zone.inlet { fill: var(--air); }
  .floor .zone.hot { fill: var(--heat); }
  .floor .hole { fill: var(--sheet); stroke: var(--ink); stroke-width: 1.75; pointer-events: none; }
  .floor .hole.bad { fill: var(--stop); stroke: var(--stop); }
  .floor .dim path { stroke: var(--ink); stroke-width: 1; stroke-dasharray: 2 3; }
  .floor .dim text { font-family: var(--mono); font-weight: 700; }
  .floor .dimension-line path { stroke: var(--soft); stroke-width: 1; }
  .floor .dimension-line text { font-weight: 400; }
  .floor .datum path { stroke: var(--air); stroke-width: 1; stroke-dasharray: 10 4 2 4; }
  .floor .datum text { fill: var(--air); font-size: 12px; }
  .floor .floor-vent path, .floor .vent-mark { fill: var(--sheet); stroke: var(--air); stroke-width: 2.5; }
  .floor .floor-vent.shut path, .floor .vent-mark.shut { fill: var(--fix); stroke: var(--fix); }
  .floor .floor-vent text { fill: var(--air); font-size: 12px; }
  .floor .target circle { fill: var(--sheet); stroke: var(--ink); stroke-width: 2; }
  .floor .target.flow-fuel circle { stroke: var(--fuel); stroke-width: 3; }
  .floor .target.flow-duct circle { stroke: var(--heat); stroke-width: 3; }
`;
