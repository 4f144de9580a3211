/** The duct tree. */
export const ducts = `
  .ducts .body { fill: var(--sheet); stroke: var(--ink); stroke-width: 2.5; stroke-linejoin: round; }
  .duct-sheet .inline .MuiInputBase-root { width: auto; min-width: 240px; }
  .ducts .heater-spot rect { fill: var(--paper); stroke: var(--ink); stroke-width: 2; }
  .ducts .wall path, .ducts .bore path { fill: none; stroke-linecap: round; stroke-linejoin: round; }
  .ducts .wall path { stroke: var(--soft); }
  .ducts .bore path { stroke: var(--paper); }
  .ducts .wall path.insulated { stroke: var(--heat); }
  .ducts .wall path.unplaced { stroke-dasharray: 2 9; stroke-linecap: butt; }
  .rows [data-column='fromId'] { flex: 1 1 130px; }
  .ducts .duct .mouth { fill: var(--heat); stroke: var(--ink); stroke-width: 2; }
  .ducts .duct.shut .mouth { fill: var(--sheet); }
  .ducts .duct .cross, .ducts .duct .blade { fill: none; stroke: var(--sheet); stroke-width: 2.5; }
  .ducts .duct.shut .cross { stroke: var(--ink); }
  .ducts .duct.lit .mouth, .ducts .duct.lit .handle { stroke: var(--focus); stroke-width: 3.5; }
  .ducts .duct .flows { font-family: var(--mono); }
  .ducts .duct .called { font-weight: 700; }
  .ducts .duct.poor .flows { fill: var(--stop); font-weight: 700; }
  .ducts .handle { cursor: grab; touch-action: none; }
`;

/** The coolant loop. */
export const loop = `
  .loop .hose { fill: none; stroke: var(--heat); stroke-width: 5; stroke-linejoin: round; }
  .loop .hose.back { stroke: var(--air); }
  .loop.assumed .hose { stroke-dasharray: 2 7; }
  .loop .arrow { fill: var(--ink); }
  .loop .part { cursor: pointer; }
  .loop .part rect { fill: var(--sheet); stroke: var(--ink); stroke-width: 2; }
  .loop .part.kind-hose rect { stroke: var(--soft); stroke-width: 1.5; }
  .loop .part.kind-heater rect { stroke-width: 4; }
  .loop .part.wrong rect { stroke: var(--stop); stroke-width: 3.5; }
  .loop .part.lit rect { stroke: var(--focus); stroke-width: 3.5; }
  .loop .part text { fill: var(--ink); font-size: 0.92rem; }
  .loop .part .called { font-weight: 700; }
  .loop .part .flows { font-family: var(--mono); }
  .loop .part .bleed { fill: var(--sheet); stroke: var(--air); stroke-width: 2.5; }
  .loop .part .cross { stroke: var(--stop); stroke-width: 3; }
`;
