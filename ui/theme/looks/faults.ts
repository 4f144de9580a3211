import { column, edge, hair, phone, rule, sureTap } from '../sizes';

/** A fault gone through: what to look at on the left, what it may be on the right. */
export const faults = `
  .fault-head { flex-wrap: wrap; gap: 6px 16px; margin: 0 0 10px; }
  .fault-board { display: grid; grid-template-columns: minmax(0, 1fr) minmax(280px, 380px); gap: 18px 26px; align-items: start; }
  .fault-next { display: grid; gap: 12px; min-width: 0; }
  .fault-question { border: ${edge}; background: var(--sheet); padding: 12px 16px; }
  .fault-question h3 { font-size: 1.35rem; line-height: 1.3; margin: 4px 0 10px; }
  .fault-answers { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 8px; margin-top: 10px; }
  .fault-answers .MuiButton-root { min-height: ${sureTap}; justify-content: flex-start; text-align: left; gap: 10px; }
  .fault-digit { font-family: var(--mono); color: var(--soft); }
  .fault-aside { flex-wrap: wrap; gap: 4px 12px; margin-top: 10px; }
  .fault-aside .MuiInputBase-root { max-width: 270px; }
  .fault-start .MuiInputBase-root { max-width: 240px; }
  .fault-likely ol { display: grid; gap: 9px; }
  .fault-likely svg:not(.run) { display: block; width: 100%; height: 14px; margin-top: 2px; }
  .fault-bar-label { display: flex; justify-content: space-between; gap: 10px; }
  .fault-bar-label .mono { white-space: nowrap; font-weight: 700; }
  .fault-bar-ground { fill: var(--grid); }
  .fault-bar { fill: var(--fuel-deep); transition: width 200ms; }
  .fault-run { margin: 12px 0; border: ${rule}; background: var(--sheet); }
  .fault-run svg { display: block; width: 100%; height: auto; }
  .fault-run figcaption { padding: 4px 10px 8px; }
  .fault-lit { fill: var(--fuel-deep); }
  .fault-lit-edge { fill: none; stroke: var(--ink); stroke-width: 2; }
  .fault-list li { display: flex; justify-content: space-between; align-items: center; gap: 12px; padding: 4px 0; border-bottom: ${hair}; }
  .fault-odd { color: var(--stop); font-weight: 700; }
  .fault-mended { border-left: 6px solid var(--sound); padding: 2px 0 2px 12px; margin: 0; }
  .fault-board form.stack { display: grid; gap: 10px; padding: 8px 0 12px; max-width: 520px; }
  .case-list { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 8px; }
  .case-list .MuiButton-root { width: 100%; min-height: ${sureTap}; justify-content: flex-start; text-align: left; gap: 6px; flex-wrap: wrap; }
  .case-last { border-left: 6px solid var(--fuel-deep); padding-left: 10px; background: var(--sheet); }
  .case-told { font-size: 1.25rem; margin: 4px 0; }
  .trainer-case { display: grid; gap: 8px; min-width: 0; }
  .case-checks { display: grid; gap: 6px; margin-top: 10px; }
  .case-checks .MuiButton-root { width: 100%; min-height: ${sureTap}; justify-content: space-between; text-align: left; gap: 14px; }
  .case-checks .mono, .played .mono { white-space: nowrap; }
  .two-ways { display: grid; grid-template-columns: repeat(auto-fit, minmax(300px, 1fr)); gap: 18px 26px; }
  .debrief { border: ${edge}; background: var(--sheet); padding: 12px 16px; }
  .bench-trace { margin: 0; min-width: 0; }
  @media ${column} { .fault-board { grid-template-columns: minmax(0, 1fr); } }
  @media ${phone} { .fault-answers { grid-template-columns: 1fr; } .fault-question { padding: 10px 12px; } .fault-question h3 { font-size: 1.2rem; } }
  @media (prefers-reduced-motion: reduce) { .fault-bar { transition: none; } }
`;
