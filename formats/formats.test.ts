import { shippedPacks } from '../core/usual/packs';
import { buildHash } from '../core/build/buildHash';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import Ajv from 'ajv';
import fc from 'fast-check';
import { runModule } from '../tests/runModule';
import sharp from 'sharp';
import { demoBuild } from '../tests/demoBuild';
import { id, soundBuild, soundStart } from '../tests/soundBuild';
import { parseBuildFile } from '../core/build/buildFile';
import { applyCommand } from '../core/commands/applyCommand';
import { nextRow, type LedgerRow } from '../core/ledger/chain';
import { asClaims } from '../core/build/claims';
import { fileName, writeBuildFile } from './buildFile';
import { verifyLedger } from '../core/ledger/verifyLedger';
import { writeCertificate } from './certificate/writeCertificate';
import { writeWireLabelsPdf } from './wireLabelsPdf';
import { buildJsonSchema, packJsonSchema } from './jsonSchema';
import { readStartCsv, writeStartCsv } from './startCsv';

describe('build file', () => {
  test('goes out and in unchanged', () => {
    const read = parseBuildFile(writeBuildFile(soundBuild()));
    expect(read).toEqual({ ok: true, value: { build: soundBuild(), logs: new Map() } });
    expect(read.ok && writeBuildFile(read.value.build)).toBe(writeBuildFile(soundBuild()));
  });
  test('meets its JSON Schema by ajv, and a damaged one does not', () => {
    const schema = buildJsonSchema();
    expect(JSON.parse(readFileSync(path.join(__dirname, '../docs/build.schema.json'), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(schema)),
    );
    const valid = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(schema);
    expect([valid(JSON.parse(writeBuildFile(soundBuild()))), valid.errors]).toEqual([true, null]);
    for (const damage of [{ version: 9 }, { extra: 1 }, { sheets: {} }, { id: 'x' }, { maker: { fuseA: 'ten' } }])
      expect(valid({ ...soundBuild(), ...damage })).toBe(false);
  });
  test('each rule pack that ships meets its JSON Schema by ajv, and a damaged one does not', () => {
    const schema = packJsonSchema();
    expect(JSON.parse(readFileSync(path.join(__dirname, '../docs/rule-pack.schema.json'), 'utf8'))).toEqual(
      JSON.parse(JSON.stringify(schema)),
    );
    const valid = new Ajv({ allErrors: true, allowUnionTypes: true }).compile(schema);
    for (const pack of shippedPacks) expect([valid(pack), valid.errors]).toEqual([true, null]);
    for (const damage of [{ version: 9 }, { extra: 1 }, { rules: 'none' }, { kinds: ['airship'] }, { signatures: 3 }])
      expect(valid({ ...shippedPacks[0], ...damage })).toBe(false);
  });
  test('a name makes a plain file name', () =>
    expect([
      fileName({ ...soundBuild(), identity: { ...soundBuild().identity, name: '../Ötter "2"\r\n' } }),
      fileName({ ...soundBuild(), identity: { ...soundBuild().identity, name: '♨' } }),
    ]).toEqual(['o-tter-2', 'build']));
});

describe('start log', () => {
  test('goes out and in unchanged', () => {
    const sorted = (log: { events: unknown[]; readings: unknown[] }) =>
      [log.events, log.readings].map((list) => list.map((x) => JSON.stringify(x)).sort());
    const reading = fc.record({
      atS: fc.integer({ min: 0, max: 3000 }),
      quantity: fc.constantFrom('volts' as const, 'amps' as const),
      value: fc.integer({ min: 0, max: 390 }).map((n) => n / 10),
    });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 1, maxLength: 40 }), (readings) => {
        const log = { events: soundStart().events, readings };
        const read = readStartCsv(writeStartCsv(log));
        expect(read.ok && sorted(read)).toEqual(sorted(log));
      }),
    );
  });
  test('gaps are gaps, decimal commas are read', () =>
    expect(readStartCsv('seconds;event;volts;amps\n0;on;;\n12,5;;11,9;\n30;;;9')).toEqual({
      ok: true,
      events: [{ atS: 0, event: 'on' }],
      readings: [
        { atS: 12.5, quantity: 'volts', value: 11.9 },
        { atS: 30, quantity: 'amps', value: 9 },
      ],
    }));
  test.each<[string, RegExp]>([
    ['', /names nothing/],
    ['a,b\n1,2', /must name seconds/],
    ['seconds,volts\nx,12', /Line 2: seconds is “x”/],
    ['seconds,volts\n1,12\n2,=HYPERLINK()', /Line 3: volts is “=HYPERLINK\(\)”/],
    ['seconds,volts\n5,900', /0 to 40 V/],
    ['seconds,event\n5,explode', /event is “explode”/],
    ['seconds,volts\n', /no event and no reading/],
    ['seconds,volts\n-4,12', /0 to 86400/],
    ['\u0000\u0001\u0002', /must name seconds/],
  ])('%j is refused whole with its line', (text, sentence) => {
    const read = readStartCsv(text);
    expect(read.ok ? '' : read.errors.join(' ')).toMatch(sentence);
  });
});

/** What stands on each page; glyph by glyph only where that is asked, since it takes most of the time. */
const reader = (
  each: boolean,
) => `import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'; import { readFileSync } from 'node:fs';
const pdf = await getDocument({ data: new Uint8Array(Buffer.from(readFileSync(0, 'utf8'), 'base64')), verbosity: 0 }).promise; const pages = [];
for (let i = 1; i <= pdf.numPages; i += 1) { const page = await pdf.getPage(i); const { argsArray } = ${each} ? await page.getOperatorList() : { argsArray: [] };
  const glyphs = argsArray.flat(3).filter((arg) => arg && typeof arg === 'object' && 'originalCharCode' in arg);
  pages.push({ text: (await page.getTextContent()).items.map((item) => item.str ?? '').join(' '), size: page.view.slice(2), glyphs: glyphs.length, gaps: glyphs.filter((glyph) => glyph.originalCharCode === 0).length }); }
console.log(JSON.stringify(pages));`;

describe('certificate, read back with pdfjs-dist', () => {
  const facts = (rows: LedgerRow[]) => {
    const last = rows[rows.length - 1];
    const kept = { lastSeq: rows.length, lastHash: last?.hash ?? '', documentHash: '' };
    return {
      workshop: 'Test Shed',
      demo: false,
      rows,
      verification: verifyLedger(rows, kept),
      origins: { '*': { by: 'Test Fitter', at: '2026-11-20T10:00:00.000Z' } },
      madeAt: '2026-11-20T12:00:00.000Z',
    };
  };
  async function textOf(
    pdf: Promise<Buffer>,
    each = false,
  ): Promise<{ text: string; sizes: number[][]; glyphs: number; gaps: number }> {
    const pages = runModule<{ text: string; size: number[]; glyphs: number; gaps: number }[]>(
      reader(each),
      (await pdf).toString('base64'),
    );
    return {
      text: pages
        .map((page) => page.text)
        .join(' ')
        .replace(/\s+/g, ' '),
      sizes: pages.map((page) => page.size),
      glyphs: pages.reduce((sum, page) => sum + page.glyphs, 0),
      gaps: pages.reduce((sum, page) => sum + page.gaps, 0),
    };
  }
  const sign = () => {
    const applied = applyCommand(
      soundBuild(),
      { kind: 'sign', typedName: 'Test Lead', drawn: 'M10,10L20,20L30,10L40,20' },
      { name: 'Test Lead', role: 'lead', at: '2026-11-20T11:00:00.000Z' },
    );
    if (!applied.ok) throw new Error(applied.errors.join());
    return {
      build: applied.build,
      rows: [
        nextRow(null, {
          buildId: applied.build.id,
          at: '2026-11-20T11:00:00.000Z',
          by: 'Test Lead',
          role: 'lead',
          kind: 'sign',
          body: applied.body,
        }),
      ],
    };
  };
  test('a signed build: A4, who, what, every finding, hashes, cautions, sources', async () => {
    const { build, rows } = sign();
    const { text, sizes } = await textOf(writeCertificate(build, facts(rows)));
    for (const [w = 0, h = 0] of sizes) expect([Math.round(w), Math.round(h)]).toEqual([595, 842]);
    for (const part of [
      'Test Barrow',
      'SIGNED',
      'Test Lead',
      'Test Shed',
      buildHash(build),
      rows[0]?.hash ?? '-',
      'fuel.pump.angle',
      'Pump lies at 25°',
      'Flame after 115 s'.replace('Flame', 'flame'),
      'no approval',
      'Never cut the power',
      'Bretherton 1961',
      'each following from the one before',
      'Entered by Test Fitter, 2026-11-20, where nothing else is said',
    ])
      expect(text).toContain(part);
  }, 60000);
  test('what was fitted and cut is on it: parts with serials and marks, holes, a dry run told from a start, pictures that were chosen', async () => {
    const build = soundBuild();
    const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#446688' } })
      .jpeg()
      .toBuffer();
    const sha256 = 'd'.repeat(64);
    const photo = (n: number, printed: 'yes' | 'no', hash = sha256) => ({
      id: id(n),
      sha256: hash,
      widthPx: 60,
      heightPx: 40,
      printed,
      caption: `picture ${n}`,
    });
    const lists = { ...build.lists, photos: [photo(801, 'yes'), photo(802, 'no'), photo(803, 'yes', 'e'.repeat(64))] };
    const starts = [soundStart({ dryRun: true, id: id(700) }), soundStart()];
    const { text } = await textOf(
      writeCertificate({ ...build, lists, starts }, { ...facts([]), pictures: new Map([[sha256, picture]]) }),
    );
    for (const part of [
      'serial T-1 · invented mark 7',
      'known as weak: thin-bodied filter',
      '25 mm 1540 mm from the front, 778 mm from the left',
      'Dry run: flame after 115 s',
      'Start 1: flame after 115 s',
      'picture 801',
      'Lowest at the pump: 91 kPa absolute',
      'Dose test: 200 strokes gave 4.4 mL, 0.022 mL each, fuel at 15 °C.',
      'Joint at the pump: wiped 2026-11-18 09:00 UTC; warm dry; after a night dry.',
      'This run is good to −20 °C on road diesel, grade F (winter)',
      `sha-256 ${sha256}`,
      'The picture itself is not in this Lorbet.',
    ])
      expect(text).toContain(part);
    expect(text).not.toContain('picture 802');
    expect(text).not.toContain('Start 2');
  }, 60000);
  test('what was found and mended stands on it; what a file claims stands apart as claimed, and signs nothing', async () => {
    const at = '2026-11-20T10:00:00.000Z';
    const { build: signed } = sign();
    const claimed = asClaims(signed, 'Test Lead', at);
    const build = {
      ...claimed,
      repairs: [
        {
          id: id(701),
          at,
          by: 'Test Fitter',
          checkId: 'co.reading',
          found: '12 ppm at the pillow.',
          cause: 'clamp loose',
          repair: 'new clamp, sealed',
        },
      ],
    };
    const { text } = await textOf(writeCertificate(build, facts([])));
    for (const part of [
      'DRAFT, NOT SIGNED',
      'co.reading: 12 ppm at the pillow. Cause: clamp loose. Done: new clamp, sealed.',
      'Claimed in a file, not seen here',
      'signature: said to be that of Test Lead',
    ])
      expect(text).toContain(part);
    expect(claimed.signatures).toEqual([]);
    expect(text).not.toContain('Signed as it stands');
  }, 60000);
  test('both pipes stand in it as they were built: pieces, ends, and how hot they get by the sum', async () => {
    const ends = soundBuild({
      'ends.exhaustXMm': 1500,
      'ends.exhaustYMm': 1815,
      'ends.intakeXMm': 900,
      'ends.intakeYMm': 700,
    });
    const build = {
      ...ends,
      lists: {
        ...ends.lists,
        pipes: [
          {
            id: id(710),
            name: 'through the floor',
            of: 'exhaust' as const,
            lengthM: 0.25,
            riseMm: -60,
            boreMm: 24,
            bends: 1,
            bendDeg: 90,
            joint: 'band' as const,
            near: 'cable' as const,
            nearMm: 130,
          },
          { id: id(711), name: 'hose', of: 'intake' as const, lengthM: 0.5, riseMm: -70, boreMm: 25, bends: 0 },
        ],
        outside: [
          { id: id(712), name: 'rear window', kind: 'window' as const, xMm: 2100, yMm: 1740, lengthMm: 500, widthMm: 40 },
        ],
      },
    };
    const { text } = await textOf(writeCertificate(build, facts([])));
    for (const part of [
      'Combustion air and exhaust',
      'through the floor',
      '1 × 90°',
      'cable with PVC insulation, 130 mm',
      'band clamp, gas-tight',
      'Exhaust ends 75 mm past the outline, 601 mm from rear window (window).',
      'Intake and exhaust end 1266 mm apart.',
      'Exhaust’s end points: sideways, away.',
    ])
      expect(text).toContain(part);
    expect(text).toMatch(/By the sum, at full on a warm day: gas \d+ °C at the burner and \d+ °C at the end/);
    expect((await textOf(writeCertificate(soundBuild(), facts([])))).text).not.toContain('Combustion air and exhaust');
  }, 60000);
  test('ducts and ways back stand in it as they were led, with what comes out by the sum', async () => {
    const build = soundBuild();
    const { text } = await textOf(writeCertificate(build, facts([])));
    for (const part of [
      'Warm air',
      'near outlet',
      'the heater',
      '0.8 m',
      'outlet, always open',
      'outlet that closes',
      'Way back, grille: grille, 220 by 100 mm.',
    ])
      expect(text).toContain(part);
    expect(text).toMatch(/By the sum, at full, not measured: near outlet \d+ m³\/h at \d+ °C; far outlet \d+ m³\/h at \d+ °C/);
    expect(text).not.toContain('Coolant loop');
  }, 60000);
  test('a coolant loop stands in it in the order of flow, with what is in it', async () => {
    const base = soundBuild({ 'warmth.way': 'loop', 'warmth.glycol': 'propylene', 'warmth.glycolPercent': 45 });
    const part = (n: number, kind: 'heater' | 'hose' | 'matrix' | 'pump', more = {}) => ({
      id: id(720 + n),
      name: `${kind} ${n}`,
      kind,
      boreMm: 18,
      riseMm: n % 2 === 0 ? -40 : 40,
      order: n,
      ...more,
    });
    const loop = [
      part(4, 'hose', { lengthM: 0.6, bends: 0, insulated: 'yes' as const }),
      part(1, 'heater'),
      part(2, 'hose', { lengthM: 1.25, bends: 1, insulated: 'no' as const }),
      part(3, 'pump'),
    ];
    const build = { ...base, lists: { ...base.lists, ducts: [], returns: [], loop } };
    const { text } = await textOf(writeCertificate(build, facts([])));
    for (const said of [
      'Coolant loop',
      'circulation pump',
      '18 mm',
      '1.25 m',
      'Coolant is: propylene glycol and water.',
      'by volume: 45 %.',
    ])
      expect(text).toContain(said);
    expect(text.indexOf('heater 1')).toBeLessThan(text.indexOf('hose 2'));
    expect(text.indexOf('hose 2')).toBeLessThan(text.indexOf('hose 4'));
    expect(text).toMatch(/By the sum, at full, not measured: \d+\.\d L\/min through the heater, which warms it by \d+\.\d K\./);
    expect(text).toMatch(/once all is warm, not measured: the heater gives \d+\.\d kW, of it \d+\.\d kW lost by the hoses/);
    expect(text).toMatch(/hose 2\s*\d+\.\d L\/min\s*\d+ °C\s*−?\d+\.\d kPa/);
  }, 60000);
  test('the loom stands in it with its wires, what a meter should show and what a short does', async () => {
    const build = demoBuild('Page Turner No. 3');
    const { text } = await textOf(writeCertificate(build, facts([])));
    for (const said of ['Loom', 'fuse to plug', '2.3 m', '4 mm²', 'not needed: insulated, coiled']) expect(text).toContain(said);
    expect(text).toMatch(/under glow the heater gets 12\.21 V; 0\.35 V are lost on the way, 0\.15 V of it on the way back/);
    expect(text).toMatch(/battery 12\.68 and 12\.56 V; fuse 12\.68 and 12\.51 V/);
    expect(text).toMatch(/A short at the end of [^.]+ draws \d+ A; fuse opens within 0\.1 s/);
    expect((await textOf(writeCertificate(soundBuild(), facts([])))).text).not.toContain('A meter should show');
  }, 60000);
  test('labels of the wires: two of each, numbered as in the wire list, each telling its end', async () => {
    const { text, sizes } = await textOf(writeWireLabelsPdf(demoBuild('Page Turner No. 3'), 'Letter'));
    expect(text.match(/fuse to plug/g)).toHaveLength(2);
    expect(text).toMatch(/2 fuse to plug at fuse plus, 4 mm², red 2 fuse to plug at plug plus, 4 mm², red/);
    expect(sizes[0]?.map(Math.round)).toEqual([612, 792]);
  }, 60000);
  test('every sign is set, the Greek of the formulas and a name from anywhere too', async () => {
    const build = soundBuild();
    const name = 'Łódź Ёлка Ωmega';
    const { text, glyphs, gaps } = await textOf(
      writeCertificate({ ...build, identity: { ...build.identity, name } }, facts([])),
      true,
    );
    expect(text).toContain(name);
    expect(text).toContain('128 μ L Q / π d⁴');
    expect([glyphs > 4000, gaps]).toEqual([true, 0]);
  }, 60000);
  test('unsigned, corrected, brought in, or with a broken ledger, it says so and is no certificate', async () => {
    const { build, rows } = sign();
    expect((await textOf(writeCertificate(soundBuild({ 'proving.coAlarmFitted': 'no' }), facts([])))).text).toMatch(
      /DRAFT, NOT SIGNED.*1 at stop/,
    );
    const corrected = applyCommand(
      build,
      { kind: 'figures', changes: [{ path: 'fuel.jointGapMm', slot: 'fitted', from: 0, to: 4 }], reason: 'found it when wiping' },
      { name: 'A', role: 'lead', at: '2026-11-20T12:00:00.000Z' },
    );
    expect(corrected.ok && (await textOf(writeCertificate(corrected.build, facts(rows)))).text).toMatch(
      /NOT VALID: CORRECTED SINCE IT WAS SIGNED.*1 to fix/,
    );
    expect((await textOf(writeCertificate(build, facts([])))).text).toContain('IMPORTED SIGNED');
    expect((await textOf(writeCertificate(build, facts(rows.map((row) => ({ ...row, by: 'Somebody' })))))).text).toMatch(
      /NOT VALID: THE RECORD IS BROKEN.*BROKEN: row 1 was altered/,
    );
  }, 60000);
});
