import { brokenEdge, column, edge, phone, radius, sureTap, tap } from '../sizes';

/** The ledger, quick entry, and what waits. */
export const ledger = `
  .workspace-ledger {
    grid-area: foot;
    display: flex;
    align-items: center;
    gap: 12px;
    margin: 0 20px 0 8px;
    border-top: ${brokenEdge};
    min-height: 52px;
    min-width: 0;
  }
  .ledger-open.MuiButton-root { flex: 0 1 44%; justify-content: flex-start; min-width: 0; text-decoration: none; }
  .ledger-open svg { flex: none; }
  .ledger-last { overflow: hidden; text-overflow: ellipsis; white-space: nowrap; font-family: var(--mono); font-size: 0.94rem; }
  .ledger-drawer.MuiPaper-root { width: min(480px, 100%); border-width: 0 0 0 2px; }
  .roll {
    overflow-y: auto;
    position: relative;
    flex: 1;
    padding: 8px 12px;
    font-family: var(--mono);
    font-size: 0.95rem;
    display: flex;
    flex-direction: column;
  }
  .roll ol { margin-top: auto; }
  .roll li { padding: 3px 0; display: grid; grid-template-columns: 52px minmax(0, 1fr); gap: 8px; overflow-wrap: anywhere; }
  .roll .day { color: var(--soft); text-align: center; display: block; font-size: 0.85rem; padding: 6px 0 2px; }
  .roll time { color: var(--soft); }
  .roll .turn { display: block; font-size: 0.88rem; }
  .roll .waiting { font-style: italic; }
  .entry { flex: 1 1 0; min-width: 0; position: relative; }
  .entry-line { display: flex; gap: 8px; align-items: center; }
  .entry-line input {
    flex: 1;
    box-sizing: border-box;
    height: ${tap};
    padding: 0;
    min-height: ${tap};
    border: 0;
    background: transparent;
    font-family: var(--mono);
    font-size: 1.06rem;
    outline-offset: -2px;
    min-width: 0;
  }
  .entry-reads {
    position: absolute;
    right: 0;
    bottom: 100%;
    background: var(--sheet);
    font-size: 0.94rem;
    padding: 2px 12px;
    max-width: 100%;
    border: ${edge};
    border-radius: ${radius};
  }
  .entry-reads:empty { display: none; }
  .entry-options {
    position: absolute;
    right: 0;
    bottom: calc(100% + 34px);
    background: var(--sheet);
    border: ${edge};
    padding: 8px;
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin: 4px 0;
    max-height: 190px;
    overflow-y: auto;
  }
  .entry-options .MuiButton-root { min-height: ${tap}; font-weight: 500; padding-inline: 12px; text-align: left; }
  @media ${column} {
    .workspace-ledger {
      position: fixed;
      left: 0;
      right: 0;
      bottom: 0;
      margin: 0;
      padding: 0 12px;
      background: var(--sheet);
      border-top: 2px solid var(--ink);
      z-index: 20;
    }
  }
  @media ${phone} {
    .ledger-open.MuiButton-root { flex: none; min-width: ${tap}; }
    .ledger-last { display: none; }
  }
  .unsent { border: 1.5px solid var(--fix); color: var(--fix); padding: 2px 10px; white-space: nowrap; }
  .clash { border: 0; padding: 0; margin: 8px 0; display: flex; gap: 8px; flex-wrap: wrap; }
  .clash legend { font-weight: 600; padding: 0; }
  .clash .MuiButton-root { flex-direction: column; gap: 0; min-height: ${sureTap}; min-width: 150px; font-weight: 500; }
  .clash .MuiButton-root b { font-size: 1.2rem; }
`;
