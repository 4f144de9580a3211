/** The outside plan. */
export const outside = `
  .outside .body { fill: var(--sheet); stroke: var(--ink); stroke-width: 3.5; stroke-linejoin: round; }
  .outside .body.assumed { stroke-dasharray: 2 6; }
  .outside-sheet .inline .MuiInputBase-root { width: auto; min-width: 220px; }
  .outside .travel { fill: none; stroke: var(--soft); stroke-width: 2; }
  .outside .heater-spot rect { fill: var(--paper); stroke: var(--ink); stroke-width: 2; }
  .outside .out-thing .body { fill: var(--paper); stroke: var(--soft); stroke-width: 1.75; }
  .outside .out-thing.opening .body { fill: var(--air); stroke: var(--air); }
  .outside .out-thing.kind-tank .body, .outside .out-thing.kind-pipe .body { stroke: var(--fuel); stroke-width: 2.5; stroke-dasharray: 6 4; }
  .outside text.opening { fill: var(--air); }
  .outside .out-thing.lit .body, .outside .out-thing.lit .vent-mark { stroke: var(--focus); stroke-width: 3.5; }
  .outside .out-thing.lit .touch { cursor: grab; touch-action: none; }
  .outside .out-thing.downwind .body, .outside .out-thing.downwind .vent-mark { fill: var(--stop); stroke: var(--stop); }
  .outside text.downwind { fill: var(--stop); font-weight: 700; }
  .outside .pipe { fill: none; stroke-width: 6; stroke-linejoin: round; opacity: 0.85; }
  .outside .points { fill: none; stroke-width: 2.5; }
  .outside .mouth { fill: var(--sheet); stroke-width: 3.5; }
  .outside .end text { font-weight: 700; }
  .outside .end.exhaust :is(.pipe, .points, .mouth) { stroke: var(--heat); }
  .outside .end.exhaust text { fill: var(--heat); }
  .outside .end.intake :is(.pipe, .points, .mouth) { stroke: var(--air); }
  .outside .end.intake text { fill: var(--air); }
  .outside .end.unknown .pipe { stroke-dasharray: 2 7; }
  .outside .end.planned .pipe { stroke-dasharray: 11 6; }
  .outside .handle { cursor: grab; touch-action: none; }
  .outside .plume { fill: var(--heat); opacity: 0.18; pointer-events: none; }
  .outside .rose circle { fill: none; stroke: var(--soft); stroke-width: 1.5; }
  .outside .rose path { stroke: var(--ink); stroke-width: 2.5; fill: none; }
  .air-ifs { columns: 2; column-gap: 24px; }
  .air-ifs li[data-short='true'] strong { color: var(--fix); }
  .outside .rose .head { fill: var(--ink); stroke: none; }
`;
