import { phone } from '../sizes';

/** The run and the charts: ink of flat colours. */
export const run = `
  .glyph { flex: none; }
  .run-strip .run text { display: none; }
  .run { display: block; touch-action: pan-x; }
  .run .grid { stroke: var(--grid); }
  .run .hatch { stroke: var(--soft); }
  .run text {
    font-family: var(--sans);
    font-size: 14px;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .run text.strong { font-weight: 800; font-size: 15.5px; }
  .run text.text-heat { fill: var(--heat); }
  .run text.quiet { fill: var(--soft); font-size: 13px; }
  .run text.count { fill: currentcolor; font-weight: 700; }
  .chart text.quiet { fill: var(--soft); }
  .run .flow-fuel { stroke: var(--fuel-deep); }
  .run .flow-air { stroke: var(--air); }
  .run .flow-heat { stroke: var(--heat); }
  .run .flow-ink { stroke: var(--ink); }
  .run .cased { stroke: var(--ink); }
  .run .hit { fill: transparent; cursor: pointer; }
  .run .hit:focus-visible {
    outline: none;
    stroke: var(--focus);
    stroke-width: 3;
    fill: color-mix(in srgb, var(--focus) 12%, transparent);
  }
  .run .drag { cursor: grab; touch-action: none; }
  .run .handle { fill: var(--sheet); stroke: var(--ink); stroke-width: 2; cursor: ns-resize; touch-action: none; }
  .dimension-line path { stroke: var(--ink); stroke-width: 1.25; }
  .run text.large { font-family: var(--mono); font-weight: 800; font-size: 34px; }
  .run .leader { fill: none; stroke: var(--ink); stroke-width: 1; pointer-events: none; }
  .chart text { font-family: var(--sans); font-size: 13px; fill: var(--ink); }
  .chart .axis line, .chart .axis path { stroke: var(--soft); }
  .chart .mono.mono { font-family: var(--mono); }
  @media ${phone} {
    .workspace-run.strip svg { height: 54px; }
  }
  .chart .halo { paint-order: stroke; stroke: var(--paper); stroke-width: 5px; stroke-linejoin: round; font-weight: 700; }
  .run .segment { fill: none; stroke: transparent; stroke-width: 22; cursor: pointer; }
  .run .segment:hover { stroke: color-mix(in srgb, var(--focus) 16%, transparent); }
  .run .segment.lit { stroke: color-mix(in srgb, var(--fuel-fill) 70%, transparent); mix-blend-mode: multiply; }
  .run .joint { cursor: move; touch-action: none; }
  .run .joint circle { fill: transparent; }
  .run .joint circle + circle { fill: var(--sheet); stroke: var(--ink); stroke-width: 1.75; }
  .run .joint:hover circle + circle { fill: var(--fuel-deep); }
  .chart-cursor { position: absolute; cursor: crosshair; touch-action: pan-y; }
  .chart-cursor:focus-visible { outline-offset: -3px; }
  .chart-cursor-at { position: absolute; top: 0; bottom: 0; border-left: 1.5px solid var(--ink); pointer-events: none; }
  .chart-cursor-at > span {
    position: absolute;
    left: 6px;
    top: 2px;
    padding: 2px 8px;
    background: var(--sheet);
    border: 1px solid var(--ink);
    font-size: 0.94rem;
    white-space: nowrap;
  }
  .chart-cursor-at.to-left > span { left: auto; right: 8px; }
  .chart-cursor-at > span > span { display: block; }
`;
