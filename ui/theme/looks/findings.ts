import { hair } from '../sizes';

/** Findings: solid bar, solid block, hatched block, double rule, thin rule; colour never alone. */
export const findings = `
  .level { display: inline-flex; align-items: center; gap: 8px; font-weight: 800; font-size: 0.85rem; letter-spacing: 0.04em; }
  .level-stop { color: var(--stop); }
  .level-fix { color: var(--fix); }
  .level-watch { color: var(--watch); }
  .level-open { color: var(--ink); }
  .level-sound { color: var(--sound); }
  .part-marks {
    display: flex;
    flex-wrap: wrap;
    gap: 0 4px;
    align-content: flex-start;
    overflow: hidden;
    min-width: 0;
    max-height: 68px;
  }
  .part-mark {
    display: inline-flex;
    align-items: center;
    gap: 5px;
    min-height: 34px;
    padding: 0 7px;
    text-decoration: none;
    font-weight: 600;
    font-size: 0.94rem;
    white-space: nowrap;
  }
  .part-mark:hover { text-decoration: underline; }
  .stop-line.MuiButton-root {
    justify-content: flex-start;
    text-decoration: none;
    font-weight: 700;
    border: 2.5px solid var(--stop);
    background: var(--sheet);
    margin-bottom: 10px;
  }
  .missing { padding: 0 6px 8px; }
  .missing li { display: flex; flex-wrap: wrap; column-gap: 8px; align-items: center; min-height: 36px; border-top: ${hair}; }
  .missing .plain-link { padding: 0; min-height: 36px; font-weight: 600; }
  .hold-point { font-size: 0.86rem; font-weight: 800; letter-spacing: 0.05em; text-transform: uppercase; margin: 10px 0 6px; }
  .hold-point:first-child { margin-top: 0; }
  .finding { position: relative; padding: 9px 12px 9px 22px; background: var(--sheet); margin-bottom: 9px; border-radius: 2px; }
  .finding::before { content: ''; position: absolute; left: 0; top: 0; bottom: 0; width: 10px; }
  .finding-stop { outline: 2.5px solid var(--stop); }
  .finding-stop::before { background: var(--stop); width: 12px; }
  .finding-fix::before { background: var(--fix); }
  .finding-watch::before { background: repeating-linear-gradient(135deg, var(--watch) 0 3px, transparent 3px 7px); }
  .finding-open::before { border-left: 2.5px solid var(--ink); border-right: 2.5px solid var(--ink); width: 8px; }
  .finding-assumed { outline-style: dotted; }
  .finding-assumed::before { background: none; border-left: 4px dotted currentColor; left: 3px; }
  .finding-assumed.finding-stop::before { color: var(--stop); }
  .finding-assumed.finding-fix::before { color: var(--fix); }
  .finding-assumed.finding-watch::before { color: var(--watch); }
  .finding-assumed.finding-sound::before { color: var(--sound); }
  .finding-sound { background: none; padding-block: 0; margin-bottom: 2px; }
  .finding-sound::before { border-left: 1.5px solid var(--sound); }
  .finding .message { font-weight: 700; font-size: 1.06rem; line-height: 1.3; }
  .finding-sound .message { font-weight: 400; font-size: 1rem; }
  .finding .remedy { margin-top: 3px; }
  .finding dl { font-size: 0.93rem; }
  .finding dt { font-weight: 700; margin-top: 4px; }
  .finding-head { display: flex; gap: 8px; align-items: baseline; }
  .finding-when { font-size: 0.85rem; font-weight: 700; }
  .finding .MuiButton-text { padding-left: 0; }
`;
