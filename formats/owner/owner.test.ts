import { addMonths, format } from 'date-fns';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { ownerFacts } from '../../core/drawing/handover/ownerFacts';
import { duesOf, monthsOn } from '../../core/model/handover/dues';
import { runModule } from '../../tests/runModule';
import { soundBuild } from '../../tests/soundBuild';
import { writeCalendar } from './calendarIcs';
import { barMm, labelsOf, writeLabels } from './labelsPdf';
import { writeOwnerSheet } from './ownerSheetPdf';
import { isLanguage, languages, type Language } from './texts/languages';

const build = soundBuild();
const facts = ownerFacts(build);
const spoken = Object.keys(languages) as Language[];

const reader = `import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise; const pages = [];
for (let i = 1; i <= pdf.numPages; i += 1) { const page = await pdf.getPage(i); const { fnArray, argsArray } = await page.getOperatorList();
  const boxes = fnArray.flatMap((fn, k) => (fn === OPS.constructPath ? [Array.from(argsArray[k][2] ?? [])] : []));
  pages.push({ text: (await page.getTextContent()).items.map((item) => item.str ?? '').join(' '), size: page.view.slice(2), boxes }); }
console.log(JSON.stringify(pages));`;
const readBack = async (pdf: Promise<Buffer>) =>
  runModule<{ text: string; size: number[]; boxes: number[][] }[]>(reader, (await pdf).toString('base64'));

test('a day so many months on is the day that date-fns tells, the ends of short months too', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-31'), noInvalidDate: true }),
      fc.nat(60),
      (at, months) => {
        const day = at.toISOString().slice(0, 10);
        expect(monthsOn(day, months)).toBe(format(addMonths(new Date(`${day}T12:00:00`), months), 'yyyy-MM-dd'));
      },
    ),
  );
});
test('nothing is due before anything was lit or signed', () =>
  expect(duesOf({ ...build, starts: [], signatures: [] })).toBeNull());

describe.each(spoken)('in %s', (language) => {
  test('the sheet is one of A4 to fold, on both sides, and tells of this very heater', async () => {
    const pages = await readBack(writeOwnerSheet(facts, 'Test Shed', language));
    expect(pages.map(({ size }) => size.map(Math.round))).toEqual([
      [842, 595],
      [842, 595],
    ]);
    const text = pages.map((page) => page.text).join(' ');
    // Flame after 115 s, good to −20 °C: computed and recorded of this build elsewhere.
    for (const part of [
      'Test Barrow',
      '115',
      '−20 °C',
      'Test Shed',
      languages[language].never.title,
      languages[language].alarm.title,
    ])
      expect(text).toContain(part);
  });
  test('with all that it can tell it still is one sheet', async () => {
    const full = {
      ...facts,
      codes: Array.from({ length: 60 }, (_, i) => ({ code: `E-${i}`, meaning: 'glow plug broken, or its lead off' })),
      spares: Array.from({ length: 40 }, (_, i) => `gasket of the burner ${i}`),
      signedBy: 'Somebody With A Rather Long Name',
      goodToC: -7,
    };
    expect(await readBack(writeOwnerSheet(full, 'A Workshop Of A Long Name In A Far Place', language))).toHaveLength(2);
  });
  test('labels are as large as they say, and the bar is 100 mm', async () => {
    const [page] = await readBack(writeLabels(facts, language, 'A4'));
    const mm = (box: number[]) => [box[2] ?? 0, box[3] ?? 0].map((edge, i) => Math.round(((edge - (box[i] ?? 0)) * 25.4) / 72));
    const sizes = (page?.boxes ?? []).map(mm);
    for (const { wMm, hMm } of labelsOf(languages[language], facts)) expect(sizes).toContainEqual([wMm, hMm]);
    expect(sizes).toContainEqual([barMm, 3]);
  });
  test('the day on which its alarm runs out comes once', () => {
    const ends = { ...build, lists: { ...build.lists, alarms: [{ id: build.id, endsAt: '2031-04-30T00:00:00.000Z' }] } };
    const text = writeCalendar(build.id, ownerFacts(ends), 'Test Shed', language) ?? '';
    const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    const last = events.filter((event) => event.summary.startsWith(languages[language].dues.alarmEnds));
    expect(last.map((event) => [event.startDate.toString(), event.isRecurring()])).toEqual([['2031-04-30', false]]);
  });
  test('its dates, read by ical.js, are those that are due, and come again', () => {
    const text = writeCalendar(build.id, facts, 'Test Shed', language) ?? '';
    const events = new ICAL.Component(ICAL.parse(text) as never).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(events.map((event) => [event.startDate.toString(), event.summary])).toEqual(
      facts.dues.map(({ kind, firstDay }) => [firstDay, `${languages[language].dues[kind]}: Test Barrow`]),
    );
    for (const [i, event] of events.entries()) {
      const again = event.iterator();
      again.next();
      const { firstDay = '', everyMonths = null } = facts.dues[i] ?? {};
      expect(again.next()?.toString()).toBe(everyMonths === null ? undefined : monthsOn(firstDay, everyMonths));
    }
  });
});
test('what was handed over on the 31st comes round on the 28th, so that no month leaves it out', () => {
  const last = { by: 'A', role: 'lead' as const, typedName: 'A', at: '2026-12-31T10:00:00.000Z', drawn: '', buildHash: '' };
  const { dues } = ownerFacts({ ...build, signatures: [last] });
  expect(dues.map(({ firstDay }) => firstDay)).toEqual(['2027-01-28', '2027-06-28', '2027-01-28', '2027-12-28']);
});
test('another language is none', () => expect([isLanguage('fr'), isLanguage('toString')]).toEqual([false, false]));
test('a heater with nothing on record has a sheet, with what is usual told as usual', async () => {
  const bare = ownerFacts({ ...build, starts: [], signatures: [], sheets: {} as typeof build.sheets, lists: {} });
  expect([bare.ignitionS, bare.goodToC, bare.handedOver]).toEqual([null, null, null]);
  const pages = await readBack(writeOwnerSheet(bare, 'Test Shed', 'en'));
  expect(pages.map((page) => page.text).join(' ')).toContain('a flame takes two to five minutes');
  expect(writeCalendar(build.id, bare, 'Test Shed', 'en')).toBeNull();
});
