import { blindTap, edge, phone, radius, sureTap } from '../sizes';

/** Priming, first start, signature: what fills the screen. */
export const priming = `
  .live.MuiPaper-root { display: flex; flex-direction: column; background: var(--paper); border: 0; border-radius: 0; }
  .live-head { display: flex; align-items: center; justify-content: space-between; padding: 4px 12px; }
  .live-head .MuiButton-root { font-weight: 700; text-decoration: none; }
  .live-body { flex: 1; overflow-y: auto; padding: 0 14px; display: flex; flex-direction: column; gap: 10px; }
  .live-foot { padding: 10px 12px 14px; }
  .live .run-strip svg { width: 100%; height: auto; }
  .lie-word { font-size: 3rem; margin: 12px 0; }
  .lie-keys { display: grid; gap: 8px; }
  .lie-keys .MuiButton-root { min-height: 76px; font-size: 1.2rem; }
  .live .prime-go { min-height: 132px; }
  .over-all.over-all { display: flex; flex-direction: column; min-height: 100%; }
  .over-all .dialog-keys { order: 9; margin-top: auto; position: sticky; bottom: 0; background: var(--sheet); padding: 10px 0; }
  .over-all .dialog-keys > :first-child { flex: 1 1 100%; min-height: ${blindTap}; }
  .prime-count {
    font-family: var(--mono);
    font-weight: 800;
    font-size: clamp(4rem, 13vw, 7.5rem);
    line-height: 1;
    font-variant-numeric: tabular-nums;
  }
  .MuiButton-root.prime-go { width: 100%; min-height: 96px; font-size: 1.6rem; }
  .click-strip { width: 100%; height: 34px; }
  .prime-look.prime-look { display: flex; gap: 12px; align-items: center; justify-content: space-between; margin: 0; }
  .prime-look .MuiButton-root { flex: none; min-height: ${sureTap}; }
  .buttons.sights { grid-template-columns: repeat(auto-fill, minmax(168px, 1fr)); }
  .sights-seen { margin-top: 16px; }
  .noise-levels { display: grid; gap: 4px; margin: 8px 0; }
  .ear-told { min-height: 116px; }
  @media ${phone} { .ear-told { min-height: 172px; } .prime-look { min-height: 102px; } }
  .click { stroke: var(--fuel-deep); stroke-width: 4; }
  .halt.MuiPaper-root {
    background: var(--halt);
    color: #fff;
    display: flex;
    flex-direction: column;
    align-items: center;
    justify-content: center;
    gap: 22px;
    text-align: center;
    padding: 20px;
  }
  .halt strong { font-size: clamp(3.2rem, 13vw, 8.5rem); line-height: 0.95; font-weight: 800; }
  .priming-watch { position: sticky; top: 0; z-index: 30; background: var(--sheet); border-width: 2px; flex-wrap: wrap; }
  .priming-watch > .MuiAlert-message { min-width: 220px; flex: 1; }
  .claims { border: 2px dashed var(--ink); margin-bottom: 10px; }
  .co-settings { flex-wrap: wrap; margin-top: 10px; }
  .co-settings > div { flex: 1 1 150px; max-width: 300px; }
  @media ${phone} {
    .co-settings > div { flex-basis: 100%; max-width: none; }
  }
  .halt .MuiButton-root, .halt .MuiButton-root:hover {
    min-height: ${blindTap};
    font-size: 1.35rem;
    background: #fff;
    color: var(--halt);
    border-color: #fff;
  }
  .buttons { display: grid; grid-template-columns: repeat(auto-fill, minmax(128px, 1fr)); gap: 8px; margin-top: 8px; }
  .buttons .MuiButton-root { min-height: ${sureTap}; }
  .buttons .MuiButton-root.done { background: var(--fuel-fill); }
  .MuiButton-root.reading-key { flex: 1 1 40%; min-height: ${blindTap}; font-size: 1.15rem; }
  .readings-line { display: grid; grid-template-columns: repeat(auto-fill, minmax(150px, 1fr)); gap: 8px; margin-top: 8px; }
  .sign-pad {
    border: ${edge};
    background: #fff;
    width: 100%;
    max-width: 600px;
    aspect-ratio: 3 / 1;
    touch-action: none;
    border-radius: ${radius};
    display: block;
  }
  .start-set { border-left: 6px solid var(--fuel-deep); padding: 4px 0 4px 14px; margin: 22px 0 14px; }
`;
