import { hair } from '../sizes';

/** Round the floor sheet: what is found, drilled, cured. */
export const siting = `
  .floor-sheet { margin-top: 8px; overflow: hidden; min-width: 0; }
  .floor-none { border: 1.5px dashed var(--hair); padding: 22px 16px; margin-top: 8px; }
  .found { display: grid; gap: 10px; margin-top: 8px; }
  .found .MuiButton-root { flex: none; white-space: nowrap; }
  .found li { display: flex; gap: 12px; align-items: center; }
  .drilling { display: grid; gap: 8px; margin-top: 8px; }
  .drilling li { display: grid; grid-template-columns: 30px minmax(0, 1fr); gap: 8px; border-top: ${hair}; padding-top: 6px; }
  .drilling .n { font-weight: 700; }
  .cure { display: flex; gap: 10px; align-items: center; flex-wrap: wrap; flex: 2 1 260px; }
  .cure-left { font-size: 1.3rem; font-weight: 700; }
`;
