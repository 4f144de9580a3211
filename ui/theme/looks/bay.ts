import { hair, narrow, phone, rule } from '../sizes';

/** The bay, the people of a workshop, its part lists. */
export const bay = `
  .bay-row {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 168px minmax(0, 1.25fr);
    gap: 20px;
    align-items: center;
    padding: 14px 4px;
    border-top: ${rule};
    text-decoration: none;
    min-height: 104px;
  }
  .bay-list > li { display: flow-root; }
  .bay-ways { gap: 4px 22px; margin: -14px 4px 6px; }
  .bay-row:hover { background: var(--sheet); }
  .bay-row h2 { font-size: 1.25rem; }
  .bay-waits { font-size: 1.0625rem; }
  .bay-list { border-bottom: ${rule}; }
  @media ${narrow} {
    .bay-row { grid-template-columns: minmax(0, 1fr); gap: 8px; }
  }
  .bay-filter { display: flex; flex-wrap: wrap; gap: 8px; align-items: center; margin: 6px 0 14px; }
  .bay-filter > .MuiOutlinedInput-root { flex: 1 1 220px; max-width: 420px; }
  .bay-waits-for { min-width: 200px; }
  .crew-row {
    display: grid;
    grid-template-columns: minmax(160px, 1fr) minmax(200px, 1.4fr) auto;
    gap: 8px 20px;
    align-items: center;
    padding: 10px 4px;
    border-top: ${rule};
  }
  .crew-row > .banner, .crew-row > .error-line, .crew-row > .opened { grid-column: 1 / -1; }
  .sign-ins { max-height: 420px; overflow: auto; }
  @media ${narrow} {
    .crew-row { grid-template-columns: minmax(0, 1fr); }
  }
  .part-list li {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 1.2fr) 64px minmax(0, 1.2fr) 44px;
    gap: 4px;
    padding: 3px 0;
  }
  @media ${phone} {
    .part-list li { grid-template-columns: minmax(0, 1fr) 64px 44px; border-top: ${hair}; }
    .part-list li > :first-child { grid-column: 1 / -1; }
    .part-list li > :nth-child(4) { grid-column: 1 / -1; grid-row: 3; }
  }
`;
