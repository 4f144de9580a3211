import { edge, hair, phone, tap } from '../sizes';

/** Rows of lists, parts, photographs. */
export const lists = `
  @media ${phone} {
    .part-state { flex: 1 1 100%; }
    .part-state .MuiButton-root { flex: 1 1 auto; padding: 0 5px; }
    .parts-list .row { position: relative; }
  }
  .rows > ul > .row { border-top: ${hair}; padding: 6px 4px; scroll-margin: 80px; }
  .rows > ul > .row { display: flex; flex-wrap: wrap; align-items: end; column-gap: 8px; }
  .row > .row-cells { flex: 1 1 0; }
  .row > .row-more.open { flex: 1 0 100%; }
  .row.lit { background: color-mix(in srgb, var(--fuel-fill) 38%, transparent); }
  .row-cells { display: flex; flex-wrap: wrap; gap: 6px 8px; align-items: end; }
  .row-cell { flex: 1 1 70px; min-width: 68px; max-width: 260px; display: flex; flex-direction: column; }
  .row-cell[data-column='name'], .row-cell[data-column='caption'] { flex: 2 1 96px; }
  .row-cell[data-column='kind'], .row-cell[data-column='state'], .row-cell[data-column='weak'] { flex: 1.6 1 150px; }
  .row-cell[data-column='layers'] { flex: 4 1 340px; max-width: 520px; }
  .row-cell[data-column='appliedAt'], .row-cell[data-column='hardAt'] { flex: 2 1 250px; max-width: 320px; }
  .row-label { font-size: 0.875rem; color: var(--ink); white-space: nowrap; }
  /* Behind "more" many columns stand side by side: their names break, so that none runs into the next or out of the page. */
  .row-more .row-cell { flex-basis: 140px; }
  .row-more .row-label { white-space: normal; overflow-wrap: anywhere; }
  .rows > .MuiButton-root { margin-top: 10px; }
  .layers { display: grid; gap: 4px; }
  .layer { display: grid; grid-template-columns: minmax(0, 1fr) 84px 44px 44px; gap: 4px; }
  .grip { cursor: grab; touch-action: none; }
  .compare td, .compare thead th { text-align: left; vertical-align: top; padding-left: 12px; }
  .compare tbody td { font-size: 1.15rem; font-weight: 700; }
  .compare thead th { min-width: 150px; max-width: 240px; font-weight: 600; }
  .compare thead .choice { padding: 0; }
  .compare tbody th { font-weight: 400; min-width: 128px; }
  .compare-finding { display: block; font-weight: 400; font-size: 0.93rem; }
  .part-state { display: flex; flex-wrap: wrap; gap: 4px; }
  .part-state .MuiButton-root { min-height: ${tap}; padding: 0 10px; font-weight: 500; }
  .part-state .MuiButton-root:disabled { opacity: 0.75; }
  .parts-list .row-cell[data-column='name'] .row-label { display: none; }
  .parts-list .row-cells { align-items: center; }
  .part-state .MuiButton-root[aria-pressed='true'] { font-weight: 800; }
  .part-state .MuiButton-root.state-present[aria-pressed='true'], .part-state .MuiButton-root.state-replaced[aria-pressed='true'] {
    background: var(--sound);
    border-color: var(--sound);
    color: var(--sheet);
  }
  .part-state .MuiButton-root.state-missing[aria-pressed='true'], .part-state .MuiButton-root.state-poor[aria-pressed='true'] {
    background: var(--fix);
    border-color: var(--fix);
    color: var(--sheet);
  }
  .photo-strip { display: flex; flex-wrap: wrap; gap: 10px; margin: 8px 0; }
  .photo-strip li { width: 148px; font-size: 0.9rem; overflow-wrap: anywhere; }
  .photo-strip li > button:first-child {
    all: unset;
    cursor: pointer;
    display: block;
    border: ${edge};
    background: var(--sheet);
  }
  .photo-strip li > button:first-child:focus-visible { outline: 3px solid var(--focus); outline-offset: 2px; }
  .photo-strip img { display: block; width: 145px; height: 108px; object-fit: cover; }
  .photo-gone {
    display: flex;
    width: 145px;
    height: 108px;
    align-items: center;
    justify-content: center;
    text-align: center;
    padding: 6px;
  }
  .photo-large { padding: 14px; }
  .photo-large img { display: block; max-width: 100%; max-height: 66vh; width: auto; height: auto; margin: 0 auto 10px; }
  .row-cell[data-column='at'] { flex: 2 1 190px; }
  .row-cells > .MuiIconButton-root { margin-left: auto; }
  .row-cell[data-column='near'] { flex: 2.6 1 208px; }
  .row-cell[data-column='lengthM'], .row-cell[data-column='clips'] { flex: 0.6 1 64px; min-width: 64px; }
  .row-cell[data-column='riseMm'] { flex: 0.8 1 84px; min-width: 84px; }
  .row-cell[data-column='end'], .row-cell[data-column='side'] { flex: 1.6 1 130px; }
`;
