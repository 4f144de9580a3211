import { edge, sureTap } from '../sizes';

/** Openings for air, before what is wanted. */
export const vents = `
  .vents { display: block; }
  .vents .room { fill: var(--sheet); stroke: var(--ink); stroke-width: 3; }
  .vents text { fill: var(--ink); font-weight: 700; }
  .vents .vent { cursor: pointer; }
  .vents .free { fill: var(--air); }
  .vents .lost { fill: var(--grid); }
  .vents .edge { fill: none; stroke: var(--ink); stroke-width: 1.5; }
  .vents .vent.lit .edge { stroke: var(--focus); stroke-width: 4; }
  .vents .wanted { stroke: var(--ink); stroke-width: 3; }
  .vents .wanted.assumed { stroke-dasharray: 2 4; }
  .vent-key { display: flex; flex-wrap: wrap; gap: 4px 18px; margin: 4px 0 10px; }
  .vent-key .key::before { content: ''; display: inline-block; width: 18px; height: 12px; margin-right: 6px; border: 1.5px solid var(--ink); vertical-align: -1px; }
  .vent-key .free::before { background: var(--air); }
  .vent-key .lost::before { background: var(--grid); }
  .vent-key .wanted::before { width: 0; height: 16px; border-width: 0 0 0 3px; }
  .co-next { border: ${edge}; background: var(--sheet); padding: 10px 16px; margin: 8px 0 12px; }
  .co-where { font-size: 1.35rem; font-weight: 700; margin: 0 0 4px; }
  .co-next .MuiButton-root { min-height: ${sureTap}; }
  .co-night { margin-top: 14px; }
  .co-limit path { stroke: var(--stop); stroke-width: 1.5; stroke-dasharray: 8 4; }
  .co-limit text { fill: var(--stop); font-size: 0.8rem; }
  .co-over { color: var(--stop); font-weight: 700; }
  .co-entry form.stack { display: grid; gap: 10px; max-width: 420px; margin-top: 8px; }
`;
