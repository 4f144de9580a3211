/** The controller's sheet: settings, nights, air against fuel, panel and sensor. */
export const controller = `
  .settings-table tr.changed > th { font-weight: 700; }
  .settings-table th { padding-left: 0; }
  .settings-table th .hint { display: block; }
  .settings-table .two-cells { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; }
  .means { align-items: center; }
  .means .MuiInputBase-root { width: 120px; }
  .meanings { display: grid; gap: 8px; margin: 10px 0 0; }
  .meanings > div { display: grid; grid-template-columns: 110px 1fr; gap: 12px; }
  .meanings dt { font-weight: 700; }
  .meanings dd { margin: 0; }
  .meanings [data-can='false'] { color: var(--soft); }
  .night-choice { gap: 16px; flex-wrap: wrap; }
  .night-choice .MuiInputBase-root { width: auto; min-width: 150px; }
  .burns .asked { fill: var(--heat); opacity: 0.1; }
  .burns .gives { fill: var(--heat); opacity: 0.4; }
  .night-lowest circle { fill: var(--sheet); stroke: var(--ink); stroke-width: 3; }
  .night-lowest text { font-weight: 700; }
  .chart-key { display: flex; flex-wrap: wrap; gap: 6px 18px; margin: 4px 0 0 66px; }
  .chart-key .key::before { content: ''; display: inline-block; width: 22px; height: 0; margin-right: 7px; vertical-align: middle; border-top: 3px solid var(--ink); }
  .chart-key .key.air::before { border-color: var(--air); }
  .chart-key .key.set::before { border-top: 2px dashed var(--heat); }
  .chart-key .key.burns::before { height: 12px; border: 0; background: var(--heat); opacity: 0.45; }
  .night-events { margin: 10px 0 0; padding: 0; list-style: none; display: grid; gap: 3px; }
  .better-setting { margin: 18px 0; padding: 12px 16px; border-left: 6px solid var(--sound); background: var(--sheet); }
  .better-setting h3 { margin-top: 0; }
  .better-setting p { margin: 6px 0; }
  .air-map .blow-out { fill: var(--air); opacity: 0.16; }
  .air-map .border { fill: none; stroke-width: 3; }
  .air-map .smoke-border { stroke: var(--heat); }
  .air-map .blow-border { stroke: var(--air); }
  .air-map .set-line { fill: none; stroke: var(--ink); stroke-width: 5; stroke-linecap: round; }
  .air-map .set-line.assumed { stroke-dasharray: 2 9; }
  .air-map .set-end { fill: var(--sheet); stroke: var(--ink); stroke-width: 3; }
  .place .floor { fill: var(--sheet); stroke: var(--ink); stroke-width: 3; }
  .place .floor.assumed { stroke-dasharray: 2 6; }
  .place .outlet .near { fill: var(--heat); opacity: 0.1; }
  .place .outlet .mouth { fill: var(--heat); }
  .place .lead { fill: none; stroke: var(--copper); stroke-width: 3; }
  .place .heater rect { fill: var(--paper); stroke: var(--ink); stroke-width: 2.5; }
  .place .hung :is(rect, path) { fill: var(--ink); stroke: var(--ink); stroke-width: 2; }
  .place .hung.unsaid :is(rect, path) { fill: var(--sheet); stroke-dasharray: 2 4; }
  .place text { fill: var(--ink); }
  .place .hung text { font-weight: 700; }
  .place .hung.unsaid text { font-weight: 400; fill: var(--soft); }
  .place .handle { fill: transparent; cursor: grab; touch-action: none; }
`;
