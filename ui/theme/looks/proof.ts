import { brokenEdge, hair, phone } from '../sizes';

/** A certificate that is verified: the verdict large, what was looked at in lines. */
export const proof = `
  .proof-drop { display: flex; flex-wrap: wrap; gap: 8px 16px; align-items: center; padding: 14px; border: ${brokenEdge}; margin: 12px 0; }
  .proof-verdict { font-size: 1.5rem; margin: 18px 0 6px; }
  .proof-verdict[data-verdict='holds'] { color: var(--sound); }
  .proof-verdict[data-verdict='partly'] { color: var(--watch); }
  .proof-verdict[data-verdict='broken'], .proof-verdict[data-verdict='withdrawn'] { color: var(--stop); }
  .proof-lines { max-width: 74ch; }
  .proof-line { display: grid; grid-template-columns: 8.5rem minmax(0, 1fr); gap: 4px 14px; padding: 8px 0; border-top: ${hair}; overflow-wrap: anywhere; }
  .proof-line[data-level='sound'] > .level { color: var(--sound); }
  .proof-line[data-level='watch'] > .level { color: var(--watch); }
  .proof-line[data-level='stop'] > .level { color: var(--stop); }
  @media ${phone} { .proof-line { grid-template-columns: minmax(0, 1fr); } }
`;
