import { edge, phone, rule } from '../sizes';

/** A start as it runs: its trace, what is read now, and what leaves its course. */
export const rehearsal = `
  .trace { position: relative; margin-top: 6px; }
  .trace-ink { position: absolute; inset: 0; width: 100%; height: 100%; pointer-events: none; }
  .trace-axes { display: block; position: relative; background: none; }
  .trace-axes .strip-title { font-weight: 700; }
  .trace-mark line { stroke: var(--soft); stroke-dasharray: 3 3; }
  .trace-mark text { font-weight: 700; }
  .rehearsal-keys { display: grid; grid-template-columns: 200px 1fr; gap: 10px 14px; margin: 10px 0; }
  .rehearsal-keys .MuiButton-root.prime-go { grid-row: span 2; }
  .rehearsal-keys .inline { flex-wrap: wrap; gap: 10px; }
  .rehearsal-keys .MuiSelect-select { min-width: 200px; }
  .rehearsal-state { font-size: 1.15rem; margin: 10px 0 4px; }
  .rehearsal-code { color: var(--stop); font-weight: 700; }
  .readings-now { display: grid; grid-template-columns: repeat(auto-fill, minmax(104px, 1fr)); gap: 4px 12px; margin: 6px 0 2px; }
  .readings-now dt { color: var(--soft); font-size: 0.85rem; }
  .readings-now dd { margin: 0; font-size: 1.25rem; font-weight: 700; }
  @media ${phone} {
    .rehearsal-keys { grid-template-columns: 1fr; }
    .logger-file .begins { display: none; }
  }
  .readings-now dd.words { font-size: 1rem; }
  .readings-now .wide { grid-column: span 2; }
  .from-devices .MuiToggleButtonGroup-root { flex-wrap: wrap; }
  .event-times { display: flex; flex-wrap: wrap; gap: 10px; margin: 8px 0 14px; }
  .event-times .MuiTextField-root { width: 150px; }
  .hot-photo { margin: 12px 0; }
  .hot-photo svg { width: 100%; max-width: 720px; height: auto; display: block; border: ${edge}; touch-action: manipulation; cursor: crosshair; margin: 8px 0; }
  .hot-mark circle { fill: var(--fuel); stroke: var(--ink); stroke-width: 3; }
  .hot-mark.over circle { fill: var(--stop); }
  .hot-mark text { font-size: 30px; font-weight: 800; fill: var(--ink); stroke: var(--sheet); stroke-width: 8px; paint-order: stroke; }
  .hot-next { fill: none; stroke: var(--stop); stroke-width: 6; }
  .plan-clock strong { font-size: 1.6rem; }
  .plan-now { display: grid; gap: 4px; margin: 4px 0; font-weight: 700; }
  .plan-now li { border-left: 6px solid var(--fuel-deep); padding: 3px 0 3px 12px; }
  .plan-steps { display: grid; gap: 4px; }
  .plan-steps [data-plan='done'] { color: var(--soft); }
  .plan-steps [data-plan='missed'] { font-weight: 700; }
  .ways { display: grid; grid-template-columns: 170px 1fr; gap: 8px 16px; margin: 8px 0; }
  .ways dt { font-weight: 700; }
  .ways dd { margin: 0; }
  .start-trends { display: grid; gap: 4px; margin: 10px 0; }
  @media ${phone} {
    .starts-compared thead { position: absolute; clip-path: inset(50%); width: 1px; height: 1px; overflow: hidden; }
    .starts-compared, .starts-compared tbody { display: block; width: 100%; }
    .starts-compared tr { display: grid; grid-template-columns: repeat(3, 1fr); gap: 6px 10px; padding: 10px 0; border-bottom: ${rule}; }
    .starts-compared tbody th { grid-column: 1 / -1; font-weight: 700; border: 0; padding: 0; }
    .starts-compared td { border: 0; padding: 0; }
    .starts-compared td::before { content: attr(data-label); display: block; font-family: var(--sans); font-size: 0.85rem; color: var(--soft); }
  }
  @media ${phone} { .ways { grid-template-columns: 1fr; gap: 2px; } .ways dd { margin-bottom: 10px; } }
  .departures ul { margin: 4px 0 0; padding: 0; list-style: none; display: grid; gap: 10px; }
  .departures li { border-left: 6px solid var(--watch); padding: 2px 0 2px 12px; }
`;
