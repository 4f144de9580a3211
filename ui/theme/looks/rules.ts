import { hair, phone } from '../sizes';

/** Rules of a pack against what is there. */
export const rules = `
  .pack-choice { display: grid; grid-template-columns: minmax(0, 26rem) auto; gap: 8px 14px; align-items: end; justify-content: start; margin: 12px 0; }
  .pack-choice > p { grid-column: 1 / -1; max-width: 74ch; }
  .pack > p { max-width: 74ch; }
  .rule { border-top: ${hair}; padding: 10px 0; display: grid; gap: 5px; }
  .rule-says { display: grid; grid-template-columns: 9.5rem minmax(0, 74ch); gap: 4px 14px; align-items: start; }
  .rule > :not(.rule-says) { margin-left: calc(9.5rem + 14px); max-width: 74ch; }
  .proof-of-rule { display: grid; grid-template-columns: 16px minmax(0, 1fr); gap: 8px; align-items: baseline; padding: 2px 0; }
  .licence-keep { margin: 10px 0; }
  .co-next > .inline, .co-meter > .inline { margin-top: 12px; }
  .owner { max-width: 68ch; font-size: 1.0625rem; }
  .owner section { margin-top: 18px; }
  .owner section > h2 { border-top: 2px solid var(--ink); padding-top: 6px; }
  .owner li { margin: 5px 0 5px 1.2em; list-style: disc; }
  .visit-form { max-width: 74ch; margin: 12px 0; }
  .visit-read { display: grid; grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr)); gap: 10px 14px; align-items: end; }
  .rule-answer { font-style: italic; overflow-wrap: anywhere; }
  @media ${phone} {
    .pack-choice, .rule-says { grid-template-columns: minmax(0, 1fr); }
    .rule > :not(.rule-says) { margin-left: 0; }
  }
`;
