import { brokenEdge, column, edge, hair, phone, radius, sureTap } from '../sizes';

/** The first five questions, and what is drawn of them. */
export const start = `
  .start { display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr); gap: 10px 36px; align-items: start; }
  .start h1 { margin: 0; }
  .start-asked .MuiFormControl-root { margin-bottom: 10px; }
  .start-question { border: 0; padding: 0; margin: 0 0 12px; min-width: 0; }
  .start-question legend { font-size: 1.4rem; font-weight: 800; padding: 0; margin-bottom: 8px; line-height: 1.2; }
  .start-options { display: grid; grid-template-columns: repeat(auto-fill, minmax(min(230px, 100%), 1fr)); gap: 7px; }
  .start-option.MuiButton-root {
    justify-content: flex-start;
    text-align: left;
    gap: 12px;
    min-height: ${sureTap};
    width: 100%;
    padding: 4px 10px;
    line-height: 1.2;
    font-weight: 600;
  }
  .start-option[aria-pressed='true'] { outline: 2.5px solid var(--ink); }
  .start-picture { flex: none; }
  .picture-line { fill: none; stroke: var(--ink); stroke-width: 2; }
  .picture-hair { fill: none; stroke: var(--soft); stroke-width: 1.2; }
  .picture-fuel { fill: var(--fuel); }
  .picture-heat { fill: none; stroke: var(--heat); stroke-width: 2.4; }
  .picture-ink { fill: var(--ink); }
  .start-make.MuiButton-root { min-height: ${sureTap}; width: 100%; margin-top: 10px; }
  .start-preview { border: ${edge}; border-radius: ${radius}; background: var(--sheet); padding: 10px 14px; }
  .start-preview h2 { margin: 8px 0 4px; font-size: 1.1rem; }
  .start-preview svg.run { width: 100%; height: auto; display: block; }
  .start-told { display: grid; gap: 6px; }
  .start-told li { border-top: ${hair}; padding-top: 6px; font-weight: 600; line-height: 1.3; }
  .start-told .level { display: flex; }
  .qr { width: 220px; height: 220px; display: block; margin: 8px 0; }
  .start.cards { grid-template-columns: minmax(240px, 0.5fr) minmax(0, 1.6fr); }
  .card-figures .MuiTableCell-root:nth-of-type(3) { min-width: 132px; }
  .card-figures .MuiTableCell-root:first-of-type { min-width: 170px; }
  .card-row { border-top: ${hair}; padding: 6px 0; }
  .card-row .MuiButton-root { margin-right: 10px; }
  .card-figures { overflow-x: auto; }
  .card-figures .MuiTableCell-root { padding: 3px 5px; min-width: 84px; }
  .card-line { display: flex; flex-wrap: wrap; align-items: end; gap: 5px; padding: 5px 0; border-top: ${hair}; }
  .card-line label { display: block; flex: 1 1 110px; }
  .card-line .card-text { flex-basis: 170px; }
  .card-editor .MuiFormControl-root { margin-bottom: 8px; }
  .start-empty { border: ${brokenEdge}; border-radius: ${radius}; padding: 26px 20px; }
  @media ${column} { .start, .start.cards { grid-template-columns: minmax(0, 1fr); } }
  @media ${phone} {
    .start-options { grid-template-columns: minmax(0, 1fr); }
    .start-question legend { font-size: 1.3rem; }
  }
`;
