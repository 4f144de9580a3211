/** The loom. */
export const loom = `
  .loom-sheet { overflow-x: auto; background: var(--sheet); border: 1.5px solid var(--ink); border-radius: 4px; }
  .loom-status { margin: 10px 0 6px; font-weight: 700; }
  .loom { display: block; margin: 0 auto; }
  .loom .copper { fill: none; stroke-linejoin: round; stroke-linecap: round; }
  .loom .plus .copper { stroke: var(--copper); }
  .loom .minus .copper { stroke: var(--ink); }
  .loom .signal .copper { stroke: var(--soft); stroke-dasharray: 1 6; }
  .loom .spare .copper { stroke-dasharray: 2 6; }
  .loom .wire.poor .copper { stroke: var(--stop); }
  .loom .wire.lit .copper { stroke: var(--focus); }
  .loom .wire .touch { fill: none; stroke: transparent; stroke-width: 24; cursor: pointer; }
  .loom text { pointer-events: none; font-size: 0.86rem; paint-order: stroke; stroke: var(--sheet); stroke-width: 4px; fill: var(--ink); }
  .loom .flows { font-family: var(--mono); font-size: 0.8rem; }
  .loom .wire .laid { fill: var(--soft); font-size: 0.8rem; }
  .loom .part { cursor: grab; touch-action: manipulation; }
  .loom .part rect { fill: var(--paper); stroke: var(--ink); stroke-width: 2; }
  .loom .part text { stroke: none; }
  .loom .part .called { font-weight: 700; }
  .loom .part.kind-battery rect, .loom .part.kind-heater rect, .loom .part.kind-supply rect { stroke-width: 3.5; }
  .loom .part.poor rect { stroke: var(--stop); stroke-width: 3.5; }
  .loom .part.lit rect { stroke: var(--focus); stroke-width: 3.5; }
  .loom-key { display: flex; flex-wrap: wrap; gap: 4px 14px; align-items: center; }
  .loom-key span::before { content: ''; display: inline-block; width: 26px; height: 0; margin-right: 6px; vertical-align: middle; border-top: 4px solid var(--copper); }
  .loom-key .minus::before { border-color: var(--ink); }
  .loom-key .signal::before { border-top: 3px dotted var(--soft); }
  .meter .row-cell .row-label { display: none; }
  .rows [data-column='toId'] { flex: 1 1 130px; }
  .power-steps { margin: 0; padding-left: 24px; list-style: decimal; display: grid; gap: 5px; }
  .power-steps [data-done='true'] strong { color: var(--sound); }
  .way-of-wire { align-self: end; }
`;
