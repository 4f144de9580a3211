import { hair, phone, rule, sureTap, tap } from '../sizes';

/** What to measure next, and the walk-round. */
export const measure = `
  .measure-list { margin: 6px 0; }
  .measure-row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(150px, 210px) auto;
    gap: 4px 12px;
    align-items: center;
    border-top: ${hair};
    padding: 6px 2px;
    min-height: ${sureTap};
  }
  .measure-row .plain-link { font-weight: 700; font-size: 1.05rem; padding: 0; min-height: 30px; display: inline-flex; align-items: center; }
  .measure-row p { font-size: 0.95rem; line-height: 1.3; }
  .measure-entry { display: flex; align-items: center; gap: 6px; min-width: 0; }
  .measure-entry .unit { flex: none; }
  .walk-keys { display: flex; flex-wrap: wrap; gap: 8px 16px; margin: 8px 0 12px; }
  .walk-stop h3 { margin: 16px 0 0; font-size: 1.15rem; }
  .walk-place.MuiButton-root { justify-content: flex-start; min-height: ${sureTap}; margin-bottom: 7px; text-align: left; }
  .walk-item { flex: 1; display: flex; flex-direction: column; gap: 4px; touch-action: pan-y; }
  .walk-count { display: grid; grid-template-columns: 1fr auto; gap: 12px; align-items: center; }
  .walk-name { font-size: 1.45rem; font-weight: 800; line-height: 1.15; }
  .walk-picture { width: 100%; max-height: 96px; }
  .walk-value { font-family: var(--mono); font-size: 2.7rem; font-weight: 800; line-height: 1.1; margin-top: auto; }
  .walk-value .soft { font-size: 1.1rem; }
  .walk-assumed { color: var(--soft); }
  .walk-value .walk-assumed { text-decoration: underline dotted 3px; text-underline-offset: 5px; }
  .walk-foot svg { flex: none; margin-right: 6px; }
  .walk-usual { font-size: 0.95rem; }
  .walk-verdict { border-top: ${rule}; padding-top: 4px; }
  .walk-verdict p { font-size: 0.95rem; line-height: 1.25; max-height: 3.8em; overflow: hidden; }
  .walk-pad { display: grid; grid-template-columns: repeat(4, 1fr); gap: 7px; }
  .walk-pad .walk-zero { grid-column: span 3; }
  .walk-pad .MuiButton-root { min-height: 52px; font-size: 1.35rem; font-weight: 700; text-decoration: none; }
  .walk-pad .walk-unit { font-size: 1rem; }
  .walk-options { display: grid; gap: 7px; }
  .walk-options .MuiButton-root { min-height: ${sureTap}; justify-content: flex-start; text-align: left; }
  .walk-options .walk-assumed { border-style: dotted; border-width: 2px; color: inherit; }
  .eye { width: 100%; max-height: 46vh; background: var(--ink); object-fit: cover; }
  .walk-foot { display: grid; grid-template-columns: repeat(3, auto) minmax(0, 1fr); gap: 7px; }
  .walk-foot .MuiButton-root { min-height: ${sureTap}; padding: 4px 8px; line-height: 1.1; }
  @media ${phone} {
    .measure-row { grid-template-columns: minmax(0, 1fr) auto; }
    .measure-row > :first-child { grid-column: 1 / -1; }
    .measure-row .MuiButton-root { min-height: ${tap}; }
    .walk-foot { grid-template-columns: repeat(3, minmax(0, 1fr)); }
    .walk-foot .walk-next { grid-column: 1 / -1; }
  }
`;
