import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showIn } from '../../../tests/showIn';
import { soundBuild, soundStart } from '../../../tests/soundBuild';
import { readLoggerTable } from '../../../formats/loggerCsv';
import { Departures } from './Departures';
import { timesOf } from './EventTimes';
import { LoggerFile } from './LoggerFile';

const tableOf = (text: string) => {
  const table = readLoggerTable(text);
  if (!table.ok) throw new Error(table.errors.join(' '));
  return table.value;
};
const lines = Array.from({ length: 120 }, (_, i) => `${i * 2};${i < 10 ? 0.4 : i < 60 ? 10 : 1.4};${i}`);

test('times that were typed go before those that were found, and what was emptied did not happen', () => {
  const found = [
    { event: 'glow' as const, atS: 20 },
    { event: 'pump' as const, atS: 80 },
    { event: 'cut' as const, atS: 300 },
  ];
  expect(timesOf(found, { on: '5', glow: '22,5', pump: '' })).toEqual({
    events: [
      { event: 'on', atS: 5 },
      { event: 'glow', atS: 22.5 },
      { event: 'cut', atS: 300 },
    ],
    errors: [],
  });
});
test.each(['soon', '-4', '90000'])('a time of “%s” is asked back with what is allowed', (text) => {
  expect(timesOf([], { flame: text }).errors).toEqual([`flame is at “${text}”; allowed is 0 to 86400 s.`]);
});
test('a quantity stands in one column of a logger only: the one chosen last', async () => {
  showIn(
    soundBuild(),
    <LoggerFile
      table={tableOf(['time;main;other', ...lines].join('\n'))}
      dryRun={false}
      beganAt={null}
      onDone={() => undefined}
    />,
  );
  await userEvent.selectOptions(screen.getByLabelText('It is: main'), 'Amps, A');
  await userEvent.selectOptions(screen.getByLabelText('It is: other'), 'Amps, A');
  expect(screen.getByLabelText<HTMLSelectElement>('It is: main').value).toBe('');
  expect(screen.getByLabelText<HTMLSelectElement>('It is: other').value).toBe('amps');
});
test('a file of which nothing is said but the time can’t be kept, and says what is wanted', () => {
  showIn(
    soundBuild(),
    <LoggerFile
      table={tableOf(['time;main;other', ...lines].join('\n'))}
      dryRun={false}
      beganAt={null}
      onDone={() => undefined}
    />,
  );
  expect(screen.getByText('Say of one column at least what was read in it.')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep it as a start' }).disabled).toBe(true);
});
test('what the readings show stands in fields of its own, and the columns are remembered', async () => {
  const done: string[] = [];
  const table = tableOf(['clock;Current (A);remark', ...lines].join('\n'));
  const { unmount } = showIn(
    soundBuild({}),
    <LoggerFile table={table} dryRun={false} beganAt={null} onDone={() => done.push('kept')} />,
  );
  expect(
    within(screen.getByRole('group', { name: 'When each thing happened' })).getByLabelText<HTMLInputElement>('glow plug on, s')
      .value,
  ).toBe('19');
  await userEvent.selectOptions(screen.getByLabelText('It is: remark'), 'Warm air out, °C');
  await userEvent.click(screen.getByRole('button', { name: 'Keep it as a start' }));
  expect(done).toEqual(['kept']);
  unmount();
  showIn(soundBuild(), <LoggerFile table={table} dryRun={false} beganAt={null} onDone={() => undefined} />);
  expect(screen.getByLabelText<HTMLSelectElement>('It is: remark').value).toBe('outletC');
});
test('a start that is over is told what to look at, and no more what to do now', () => {
  const one = { quantity: 'volts', side: 'under', fromS: 30, toS: 90, open: true, by: 0.6, phase: 'glow' } as const;
  const { unmount } = showIn(soundBuild({}), <Departures all={[one]} />);
  expect(screen.getByRole('listitem').textContent).toContain('Now: Let it go on, and watch.');
  unmount();
  showIn({ ...soundBuild(), starts: [soundStart()] }, <Departures all={[one]} over />);
  expect(screen.getByRole('listitem').textContent).toMatch(/from 0:30 to 1:30\. .*Later: Read volts at battery and plug/);
  expect(screen.getByRole('listitem').textContent).not.toContain('Now:');
});
