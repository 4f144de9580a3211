import { edge, hair, phone, radius, tap } from '../sizes';

/** Tables of figures, computed figures, drawings that are forms. */
export const figures = `
  .figures { width: 100%; border-collapse: collapse; margin-top: 8px; }
  .figures th { border: 0; font-weight: 400; color: var(--soft); text-align: right; padding: 4px 8px; font-size: 0.95rem; }
  .figures th:first-child { text-align: left; }
  .figures td { border-top: ${hair}; padding: 5px 8px; vertical-align: middle; }
  .figures td:first-child { padding-left: 0; }
  .figures td.cell { width: 186px; text-align: right; }
  .figures td.unit { width: 62px; color: var(--soft); padding-left: 0; }
  .figures .hint { display: block; color: var(--soft); font-size: 0.875rem; line-height: 1.25; }
  .figures tr.lit td { background: color-mix(in srgb, var(--fuel-fill) 45%, transparent); }
  .cell-problem { color: var(--stop); font-weight: 600; text-align: left; font-size: 0.9rem; }
  .figures-stacked td { border: 0; }
  .derived { display: grid; grid-template-columns: repeat(auto-fill, minmax(176px, 1fr)); gap: 6px 22px; margin-top: 18px; }
  .derived button { all: unset; cursor: pointer; display: block; padding: 5px 2px; min-height: 56px; border-radius: ${radius}; }
  .derived button:focus-visible { outline: 3px solid var(--focus); }
  .derived .label { display: block; color: var(--soft); font-size: 0.93rem; }
  .derived .value {
    font-family: var(--mono);
    font-size: 1.55rem;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
    border-bottom: 2px dotted var(--soft);
  }
  .derived .unit { color: var(--soft); font-size: 0.95rem; margin-left: 5px; }
  .explain { max-width: 440px; padding: 14px 16px; }
  .explain dt { color: var(--soft); font-size: 0.9rem; margin-top: 8px; }
  .form-drawing { margin: 0; min-width: 0; }
  .form-drawing-scroll { overflow-x: auto; overflow-y: hidden; }
  .form-drawing-head { display: flex; align-items: center; justify-content: space-between; gap: 12px; min-height: ${tap}; }
  .form-drawing-sheet {
    position: relative;
    background: var(--sheet);
    border: ${edge};
    border-radius: 4px;
    box-sizing: content-box;
  }
  .dimension { position: absolute; }
  .plan.MuiButton-root { display: block; padding: 0; text-align: left; color: var(--soft); }
  @media ${phone} {
    .figures td.cell { width: 112px; padding-inline: 3px; }
    .figures td.unit { width: 38px; font-size: 0.9rem; padding-right: 0; }
    .figures th { padding-inline: 3px; }
  }
  .inputs li { padding: 2px 0; }
`;
