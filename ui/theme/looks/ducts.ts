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
