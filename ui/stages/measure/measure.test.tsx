import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { FigurePath } from '../../../core/build/sheets';
import { nextMeasurements, type NextMeasurement } from '../../../core/measure/nextMeasurements';
import { showIn } from '../../../tests/showIn';
import { startedBuild } from '../../../tests/startedBuild';
import { ReleaseDialog } from '../../components/ReleaseDialog';
import { FigureTable } from '../../components/cells/FigureTable';
import { SheetFindings } from '../../components/findings/SheetFindings';
import { MeasureRow } from './MeasureRow';
import { WalkItem } from './WalkItem';

const build = startedBuild();
const all = nextMeasurements(build);
const itemOf = (path: FigurePath) => all.find(({ at }) => 'path' in at && at.path === path) as NextMeasurement;
const showItem = (path: FigurePath) => {
  const went: string[] = [];
  const go = (name: string) => () => went.push(name);
  const shown = showIn(
    build,
    <WalkItem
      item={itemOf(path)}
      title="At the tank"
      count="1 of 3"
      share={0}
      onNext={go('next')}
      onBack={go('back')}
      onLater={go('later')}
      onCantReach={go('cannot')}
      onLeave={go('leave')}
      swipe={{ onPointerDown: () => undefined, onPointerUp: () => undefined }}
    />,
  );
  const sent = () => shown.outbox.state.waiting.map(({ command }) => command);
  return { went, sent };
};
const press = async (...names: string[]) => {
  for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
};

describe('a row of what to measure', () => {
  it('tells what is assumed, in which range, and what would be found', () => {
    showIn(build, <MeasureRow item={itemOf('fuel.suctionLengthM')} />);
    expect(screen.getByText(/assumed 0\.84 m, 0\.3 m to 3 m is met/)).toBeTruthy();
    expect(screen.getByText(/^Were it 3 m: FIX\. Suction line is 3 m; at most 2 m is allowed here\.$/)).toBeTruthy();
  });
  it('takes what is assumed as it is with one touch', async () => {
    const { outbox } = showIn(build, <MeasureRow item={itemOf('fuel.pumpAngleDeg')} />);
    await press('Pump angle, outlet up: it is as assumed');
    expect(outbox.state.waiting.map(({ command }) => command)).toEqual([
      { kind: 'figures', changes: [{ path: 'fuel.pumpAngleDeg', slot: 'planned', from: null, to: 25 }] },
    ]);
  });
  it('has no key for who may only look', () => {
    showIn(build, <MeasureRow item={itemOf('fuel.pumpAngleDeg')} />, 'viewer');
    expect(screen.queryByRole('button', { name: /it is as assumed/ })).toBeNull();
  });
  it('leads to a list, since a list is looked through', () => {
    showIn(build, <MeasureRow item={all.find(({ at }) => 'list' in at && at.list === 'parts') as NextMeasurement} />);
    expect(screen.getByRole('link', { name: 'Look it through' }).getAttribute('href')).toMatch(/\/kit$/);
  });
});

describe('one figure of the walk-round', () => {
  it('keeps what the number pad made, in the unit that was turned to', async () => {
    const { sent, went } = showItem('fuel.tankHeightMm');
    await press('2', '5', 'Unit: mm', 'Keep 250 mm');
    expect(sent()).toEqual([{ kind: 'figures', changes: [{ path: 'fuel.tankHeightMm', slot: 'planned', from: null, to: 250 }] }]);
    expect(went).toEqual(['next']);
  });
  it('takes a minus where a figure may have one', async () => {
    const { sent } = showItem('fuel.pumpAboveTankFloorMm');
    await press('6', '0', 'Minus', 'Keep −60 mm');
    expect(sent()).toMatchObject([{ changes: [{ to: -60 }] }]);
  });
  it('tells what is found while it is typed', async () => {
    showItem('fuel.suctionLengthM');
    await press('4');
    expect(screen.getByRole('status').textContent).toMatch(/FIX.*Suction line is 4 m/);
  });
  it('refuses in a sentence what can’t be, and keeps nothing', async () => {
    const { sent } = showItem('fuel.tankHeightMm');
    await press('9', '9', '9', '9', '9');
    expect(screen.getByRole('alert').textContent).toMatch(/Tank, inside height is 99999 mm; allowed is 50 to 1000 mm\./);
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
    expect(sent()).toEqual([]);
  });
  it('keeps an answer with one touch', async () => {
    const { sent, went } = showItem('fuel.filterPlace');
    await press('after the pump');
    expect(sent()).toMatchObject([{ changes: [{ path: 'fuel.filterPlace', to: 'afterPump' }] }]);
    expect(went).toEqual(['next']);
  });
  it('goes on, back, later or without it', async () => {
    const { sent, went } = showItem('fuel.tankHeightMm');
    await press('Later', 'Can’t reach it', 'The one before', 'Back to the page');
    expect(went).toEqual(['later', 'cannot', 'back', 'leave']);
    expect(sent()).toEqual([]);
  });
});

describe('what is assumed looks assumed', () => {
  it('in its cell: empty, dotted, with the usual value in its place and in its name', () => {
    showIn(build, <FigureTable paths={['fuel.pumpAngleDeg']} caption="Pump" />);
    const cell = screen.getByRole('textbox', { name: /Pump angle, outlet up, planned, assumed 25°/ });
    expect([cell.getAttribute('placeholder'), (cell as HTMLInputElement).value]).toEqual(['≈25', '']);
  });
  it('in a choice: what is assumed stands where nothing is chosen', () => {
    showIn(build, <FigureTable paths={['tank.vent']} caption="Tank" />);
    const [cell] = screen.getAllByRole('combobox', { name: /assumed outside, no filter/ });
    expect((cell as HTMLSelectElement).value).toBe('');
    expect(within(cell as HTMLElement).getByRole('option', { name: '≈outside, no filter' })).toBeTruthy();
  });
  it('among the findings: a level with its condition, and what is sound on assumptions apart from what is sound', () => {
    showIn(build, <SheetFindings place={{ sheet: 'air', section: 'plan' }} />);
    expect(screen.getByText('STOP, IF AS ASSUMED')).toBeTruthy();
    expect(screen.getByRole('button', { name: /^\d+ sound on assumed figures only$/ })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^\d sound$/ })).toBeNull();
  });
  it('at a hold point: nothing that is assumed is told as sound', () => {
    showIn(build, <ReleaseDialog holdPoint="closing" onClose={() => undefined} />);
    expect(screen.queryByText('SOUND')).toBeNull();
    expect(screen.getAllByText('SOUND, IF AS ASSUMED').length).toBeGreaterThan(5);
  });
});

describe('a figure by voice', () => {
  /** A browser that understands speech by itself, and understands this. */
  function speaks(said: string) {
    class Fake {
      static available = () => Promise.resolve('available');
      processLocally = false;
      onresult: ((event: unknown) => void) | null = null;
      onend: (() => void) | null = null;
      start() {
        queueMicrotask(() => {
          if (this.processLocally && said !== '') this.onresult?.({ results: [[{ transcript: said }]] });
          this.onend?.();
        });
      }
      abort() {}
    }
    Object.assign(window, { SpeechRecognition: Fake });
  }
  afterEach(() => Reflect.deleteProperty(window, 'SpeechRecognition'));
  const sayIt = async () => userEvent.click(await screen.findByRole('button', { name: 'Say it' }));

  it('what was said stands as if it were typed, in the unit that was said', async () => {
    speaks('two hundred and forty millimetres');
    const { went, sent } = showItem('fuel.suctionLengthM');
    await sayIt();
    await press('Keep 0.24 m');
    expect(went).toEqual(['next']);
    expect(sent()).toMatchObject([{ changes: [{ path: 'fuel.suctionLengthM', to: 0.24 }] }]);
  });
  it.each([
    ['about ten', /Understood “about ten”, which is no figure/],
    ['ten volts', /Understood “ten volts”; this figure is taken in m, mm, ft/],
    ['', /Nothing was understood/],
  ])('of “%s” nothing is taken, and it is said', async (said, told) => {
    speaks(said);
    showItem('fuel.suctionLengthM');
    await sayIt();
    expect(await screen.findByText(told)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Keep/ })).toBeNull();
  });
  it('there is no key where the browser would send what is said elsewhere', async () => {
    Object.assign(window, { SpeechRecognition: Object.assign(class {}, { available: () => Promise.resolve('downloadable') }) });
    showItem('fuel.suctionLengthM');
    await Promise.resolve();
    expect(screen.queryByRole('button', { name: 'Say it' })).toBeNull();
  });
});
