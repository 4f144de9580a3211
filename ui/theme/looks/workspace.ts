import { column, edge, phone, rule, snug, tap } from '../sizes';

/** The page of a build: dipstick, head, run, sections, work. */
export const workspace = `
  .workspace {
    display: grid;
    height: 100dvh;
    grid-template: 'dip head' auto 'dip run' auto 'dip tabs' auto 'dip work' minmax(0, 1fr) 'dip foot' auto / 128px minmax(0, 1fr);
    overflow: hidden;
  }
  .workspace-head {
    grid-area: head;
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 2px 20px 2px 8px;
    min-height: 50px;
    min-width: 0;
  }
  .workspace-head h1 {
    font-size: 1.4rem;
    flex: 0 1 auto;
    min-width: min(150px, 40%);
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .workspace-head .what { flex: 0 100 auto; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; min-width: 0; }
  .workspace-head .next { margin-left: auto; text-align: right; white-space: nowrap; }
  .workspace-head .to-heater, .workspace-head .who { white-space: nowrap; }
  .workspace-head .to-heater { flex: none; }
  .workspace-head .who { flex: 0 50 auto; min-width: 0; overflow: hidden; text-overflow: ellipsis; }
  .workspace-run {
    grid-area: run;
    margin: 0 20px 0 8px;
    border: ${edge};
    background: var(--sheet);
    border-radius: 4px;
    position: relative;
    overflow-x: auto;
    overflow-y: hidden;
  }
  .workspace-run.strip { display: flex; align-items: stretch; gap: 16px; height: 70px; overflow: hidden; }
  .run-foot {
    display: flex;
    justify-content: space-between;
    align-items: flex-start;
    gap: 12px;
    padding: 0 6px;
    position: sticky;
    left: 0;
  }
  .run-foot .opened { border: 0; margin: 0; }
  .strip .run-foot { position: static; margin-left: auto; align-items: center; flex: none; }
  .run-words-text { max-height: 40vh; overflow-y: auto; }
  .run-words-text dt { font-weight: 700; }
  .run-strip { flex: none; }
  .section-tabs { grid-area: tabs; min-width: 0; margin: 0 20px 0 8px; border-bottom: ${rule}; }
  .section-tab { display: inline-flex; align-items: center; gap: 7px; }
  .workspace-work {
    grid-area: work;
    display: grid;
    grid-template-columns: minmax(0, 2.1fr) minmax(320px, 1fr);
    gap: 24px;
    padding: 0 20px 0 8px;
    min-height: 0;
  }
  .workspace-sheet { overflow-y: auto; position: relative; padding: 12px 6px 24px 2px; min-width: 0; }
  .workspace-sheet h3 { margin-top: 18px; }
  .workspace-findings { overflow-y: auto; position: relative; padding: 12px 2px 24px 2px; min-width: 0; min-height: 0; }
  .dip { grid-area: dip; padding: 10px 0 14px 12px; display: flex; flex-direction: column; min-height: 0; }
  .dip-ring { width: 34px; height: 34px; border: 4px solid var(--ink); border-radius: 50%; display: block; margin-left: -2px; }
  .dip-home {
    display: inline-flex;
    min-height: ${tap};
    align-items: center;
    gap: 10px;
    text-decoration: none;
    font-weight: 700;
  }
  .dip-stages { position: relative; flex: 1; display: flex; flex-direction: column-reverse; margin-top: 6px; }
  .dip-tube {
    position: absolute;
    left: 6px;
    top: 0;
    bottom: 0;
    width: 16px;
    border: 2px solid var(--ink);
    border-radius: 8px;
    background: var(--sheet);
    overflow: hidden;
  }
  .dip-wet {
    position: absolute;
    left: 0;
    right: 0;
    bottom: 0;
    height: var(--wet);
    background: var(--fuel-deep);
    transition: height 0.5s;
  }
  .dip-stage {
    position: relative;
    flex: 1;
    display: flex;
    flex-direction: column;
    justify-content: center;
    padding-left: 38px;
    text-decoration: none;
    min-height: ${tap};
    line-height: 1.15;
  }
  .dip-stage::before { content: ''; position: absolute; left: 8px; width: 12px; border-top: 2px solid var(--ink); top: 50%; }
  .dip-stage[aria-current]::before { left: 0; width: 30px; border-top-width: 5px; margin-top: -2px; }
  .dip-stage[aria-current] { font-weight: 800; font-size: 1.08rem; }
  .dip-stage:hover { text-decoration: underline; }
  .dip-marks {
    display: flex;
    gap: 6px;
    align-items: center;
    font-size: 0.82rem;
    font-weight: 700;
    font-family: var(--mono);
    min-height: 15px;
  }
  .dip-marks span { display: inline-flex; gap: 3px; align-items: center; }
  @media ${snug} {
    .workspace-head .what { display: none; }
  }
  @media ${column} {
    .keys-help.MuiIconButton-root { display: none; }
    .workspace {
      height: auto;
      min-height: 100dvh;
      overflow: visible;
      grid-template: 'dip head' auto 'dip run' auto 'dip tabs' auto 'dip work' 1fr / 112px minmax(0, 1fr);
      padding-bottom: 60px;
    }
    .dip { position: sticky; top: 0; height: calc(100dvh - 60px); }
    .section-tabs { position: sticky; top: 0; z-index: 12; background: var(--paper); }
    .workspace-work { grid-template-columns: minmax(0, 1fr); gap: 0; }
    .workspace-sheet, .workspace-findings { overflow: visible; }
    .workspace-findings { scroll-margin-top: 60px; }
    .workspace-head { flex-wrap: wrap; row-gap: 0; }
    .workspace-head .next { order: 5; margin-left: 0; white-space: normal; text-align: left; flex-basis: 100%; }
  }
  @media ${phone} {
    .workspace { grid-template: 'head' auto 'tabs' auto 'run' auto 'work' 1fr / minmax(0, 1fr); }
    .workspace-head {
      padding: 4px 6px 4px 12px;
      gap: 8px;
      flex-wrap: nowrap;
      position: sticky;
      top: 0;
      z-index: 14;
      background: var(--paper);
    }
    .workspace-head h1 { font-size: 1.1rem; flex: 1 1 0; min-width: 0; }
    .workspace-head .MuiButton-root { padding-inline: 10px; min-height: ${tap}; }
    .section-tabs { top: 54px; margin: 0; }
    .workspace-work { padding-inline: 12px; }
    .workspace-run { margin-inline: 0; border-inline: 0; border-radius: 0; }
    .workspace-run.strip { height: 58px; gap: 4px; }
    .workspace-run.strip .part-marks { display: none; }
  }
`;
