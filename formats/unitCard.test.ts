import { demoCard } from '../demo/unitCards';
import { classCards } from '../core/usual/classes';
import type { UnitCard } from '../core/build/unit/UnitCard';
import { startedBuild } from '../tests/startedBuild';
import { nextMeasurements } from '../core/measure/nextMeasurements';
import { walkRound } from '../core/measure/walkRound';
import { metric } from '../core/units/inUnits';
import { readCardCsv, readCardJson, writeCardCsv } from './unitCardCsv';
import { writeWalkPdf } from './walkPdf';

const cards = [demoCard, ...classCards].map((card) => [card.name, card] as const);
const edited = (from: string, to: string) => writeCardCsv(demoCard).replace(from, to);
const errors = (text: string) => {
  const read = readCardCsv(text);
  return read.ok ? '' : read.errors.join(' ');
};

describe('a unit card as a file', () => {
  it.each(cards)('%s comes back from CSV as it went', (_name, card) => {
    expect(readCardCsv(writeCardCsv(card))).toEqual({ ok: true, value: card });
  });
  it.each(cards)('%s comes back from JSON as it went', (_name, card) => {
    expect(readCardJson(JSON.stringify(card))).toEqual({ ok: true, value: card });
  });
  it('comes back where a name begins like a formula', () => {
    const odd: UnitCard = { ...demoCard, name: '=1+1', faults: [{ code: '-3', meaning: '@home' }] };
    expect(writeCardCsv(odd)).toContain("'=1+1");
    expect(readCardCsv(writeCardCsv(odd))).toEqual({ ok: true, value: odd });
  });
  it.each<[string, string, RegExp]>([
    [
      'a figure out of its bounds',
      edited('strokeVolumeMl,"Pump dose, a stroke",0.022', 'strokeVolumeMl,"Pump dose, a stroke",22'),
      /0\.2/,
    ],
    [
      'a word where a number stands',
      edited('strokeVolumeMl,"Pump dose, a stroke",0.022', 'strokeVolumeMl,"Pump dose, a stroke",little'),
      /little/,
    ],
    ['a figure that no card has', edited('figure,heater.strokeVolumeMl', 'figure,heater.horses'), /horses/],
    [
      'a line of another kind',
      edited('figure,heater.strokeVolumeMl', 'picture,heater.strokeVolumeMl'),
      /Line \d+: what is “picture”/,
    ],
    [
      'a code that stands there twice',
      edited('fault,F2', 'fault,f1 '),
      /faults holds the code f1 twice; allowed is once for each controller/,
    ],
    ['a code that says what none says', edited('flame went out,flameLost', 'flame went out,fire'), /tells must be one of/],
    ['another table', 'a,b\n1,2\n', /must name what, key/],
    ['nothing', '', /must name/],
    ['a file that is too long', 'x'.repeat(70_000), /at most 60000/],
  ])('refuses %s in a sentence', (_name, text, sentence) => {
    expect(errors(text)).toMatch(sentence);
  });
  it('refuses what is no JSON', () => {
    expect(readCardJson('{')).toMatchObject({ ok: false, errors: ['The file is not JSON; it may be damaged or cut off.'] });
  });
});

describe('the walk-round on paper', () => {
  const build = startedBuild();
  const all = nextMeasurements(build);
  it.each(['A4', 'Letter'] as const)('is a PDF of more than one page on %s', async (paper) => {
    const pdf = await writeWalkPdf(build, walkRound(all), { paper, units: metric, link: 'https://lorbet.test/x' });
    const text = pdf.toString('latin1');
    expect(text.startsWith('%PDF-')).toBe(true);
    expect((text.match(/\/Type \/Page\b/g) ?? []).length).toBeGreaterThan(2);
    expect(text).toMatch(paper === 'A4' ? /MediaBox \[0 0 595\.28 841\.89\]/ : /MediaBox \[0 0 612 792\]/);
  });
  it('takes fewer pages where only the first hole is asked for', async () => {
    const pages = async (stops: ReturnType<typeof walkRound>) =>
      (
        (await writeWalkPdf(build, stops, { paper: 'A4', units: metric, link: 'x' }))
          .toString('latin1')
          .match(/\/Type \/Page\b/g) ?? []
      ).length;
    expect(await pages(walkRound(all, 'cutting'))).toBeLessThan(await pages(walkRound(all)));
  });
});
