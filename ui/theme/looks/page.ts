import { brokenEdge, narrow, phone, rule, tap } from '../sizes';

/** What stands on every page: lines of text, heads, folds, rows of keys. */
export const page = `
  button, input, select, textarea { font: inherit; color: inherit; }
  .mono.mono { font-family: var(--mono); font-variant-numeric: tabular-nums; }
  .soft.soft { color: var(--soft); }
  .visually-hidden {
    position: absolute;
    width: 1px;
    height: 1px;
    overflow: hidden;
    clip-path: inset(50%);
    white-space: nowrap;
  }
  .error-line { color: var(--stop); font-weight: 600; }
  .columns { display: grid; grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr)); gap: 14px 40px; }
  .form-narrow { display: grid; gap: 16px; max-width: 460px; }
  .page { max-width: 1180px; margin: 0 auto; padding: 12px 24px 48px; }
  .top-line { display: flex; align-items: center; gap: 14px; min-height: 52px; flex-wrap: wrap; }
  .top-line .push { margin-left: auto; }
  .word-mark {
    font-weight: 800;
    font-size: 1.25rem;
    text-decoration: none;
    display: inline-flex;
    align-items: center;
    gap: 10px;
    min-height: ${tap};
  }
  .invented { border: ${brokenEdge}; padding: 2px 10px; font-size: 0.9rem; }
  .cautions { border-left: 8px solid var(--stop); padding: 8px 14px; background: var(--sheet); }
  .cautions li { margin-top: 4px; }
  @media ${narrow} {
    .page { padding-inline: 14px; }
  }
  .opened { border-bottom: ${rule}; margin-bottom: 8px; }
  .opened-line.MuiButton-root { justify-content: space-between; text-decoration: none; color: var(--ink); }
  .banner {
    border: 2px solid var(--ink);
    border-left-width: 12px;
    background: var(--sheet);
    padding: 8px 14px;
    margin-bottom: 10px;
  }
  .banner.bad { border-color: var(--stop); }
  .stack { display: grid; gap: 12px; }
  .inline { display: flex; gap: 10px; flex-wrap: wrap; align-items: center; }
  tr.own > * { font-weight: 700; }
  @media ${phone} {
    .top-line .invented { order: 9; }
    .banner { padding: 4px 10px; border-left-width: 8px; }
  }
  .practice.practice { display: flex; border-top: ${rule}; padding-top: 8px; }
  .practice > legend { padding-right: 8px; }
  .plain-link { display: inline-flex; align-items: center; min-height: ${tap}; padding: 0 6px; }
  .wide-table { overflow-x: auto; }
  .fold.MuiPaper-root {
    border-width: 1.5px 0 0;
    border-color: var(--hair);
    border-radius: 0;
    background: none;
    margin: 14px 0 0;
  }
  .fold .MuiAccordionSummary-root { padding: 0; min-height: 48px; font-weight: 700; font-size: 1.05rem; }
  .fold .MuiAccordionDetails-root { padding: 0 0 10px; }
  .fold .soft { font-weight: 400; font-size: 1rem; }
  .sliders { display: grid; grid-template-columns: repeat(auto-fit, minmax(250px, 1fr)); gap: 4px 28px; margin: 8px 0; }
  .slider { display: grid; grid-template-columns: 104px minmax(0, 1fr) 84px; gap: 14px; align-items: center; min-height: 48px; }
  .MuiSlider-root.MuiSlider-root { padding-block: 21px; }
  .slider .mono { font-weight: 700; text-align: right; white-space: nowrap; }
  .steps { display: grid; gap: 6px; padding-left: 24px; list-style: decimal; }
  .steps li::marker { font-family: var(--mono); font-weight: 700; }
  .lead-in { margin-bottom: 18px; }
`;
