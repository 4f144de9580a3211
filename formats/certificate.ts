import { messageOf, waiverText } from '../core/checks/findingText';
import { whatStands } from '../core/checks/signoff/signoff';
import { figureIds } from '../core/figures/figures';
import { holdPointSteps, stageIds, stages } from '../core/build/stages';
import { type Origins, originAt, originKey } from '../core/record/Origin';
import { buildHash } from '../core/build/buildHash';
import QRCode from 'qrcode';
import { buildKinds, primingOutcomes, type Build } from '../core/build/Build';
import { claimLines } from '../core/wording/claimLines';
import { lists, partKinds, rowsOf } from '../core/build/lists';
import { fieldAt, figureAt, figurePaths, sheetIds, type FigurePath } from '../core/build/sheets';
import { assess } from '../core/checks/assess';
import { levelWords, type Finding } from '../core/checks/Finding';
import { signState } from '../core/checks/progress';
import { unmeasuredFigures } from '../core/model/unmeasuredFigures';
import { goodSentence, linePicture, profileAt, profileSentence } from '../core/drawing/line/linePicture';
import { segmentName, segmentRows } from '../core/model/fuel/routeOf';
import { explain, whence } from '../core/figures/explain';
import type { LedgerRow } from '../core/ledger/chain';
import type { Verification } from '../core/ledger/verifyLedger';
import { describeRow } from '../core/ledger/describeRow';
import { layoutRun, type Mark } from '../core/drawing/run/layoutRun';
import { toFloor } from '../core/model/siting/frame';
import { placeOf, sitingLists } from '../core/model/siting/SitingPlan';
import { fittedStarts } from '../core/model/startup/fittedStarts';
import { summarizeStart } from '../core/model/startup/summarizeStart';
import { hotText } from '../core/wording/hotText';
import { coText } from '../core/wording/coText';
import { signatureBox } from '../core/signature/strokes';
import { formatFixed, formatShort } from '../core/units/formatNumber';
import { CertificatePage, hair, ink, levelInk, soft } from './certificatePage';

const day = (iso: string) => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;
const sheetTitles: Record<string, string> = {
  heater: 'Heater and conditions',
  people: 'People and inspection',
  uncertainties: 'How well things are known',
  tank: 'Tank and source',
  line: 'Line and pump mount',
  ...stages,
};
const flowInk = { fuel: '#b98a1c', air: '#1f648f', heat: '#ad331c', ink } as const;

/** What the certificate may claim: only a build that is signed as it stands and has nothing standing is certified. */
function standingText(
  build: Build,
  findings: readonly Finding[],
  fromHere: boolean,
  broken: Verification['broken'],
): { title: string; text: string; colour: string } {
  if (broken)
    return {
      title: 'NOT VALID: THE RECORD IS BROKEN',
      text: `The ledger does not hold: ${broken.why}. Nothing here can be vouched for until that is cleared up.`,
      colour: levelInk.stop,
    };
  const standing = whatStands(findings);
  const state = signState(build);
  const open = standing.stop.length + standing.fix.length + standing.open.length;
  if (state === 'signed' && !fromHere)
    return {
      title: 'BROUGHT IN SIGNED',
      text: 'This build came as a file with its signature; it was not signed in this workshop’s ledger, which can’t vouch for it.',
      colour: levelInk.fix,
    };
  if (state === 'signed')
    return { title: 'SIGNED', text: 'Signed as it stands; nothing has changed since.', colour: levelInk.sound };
  if (state === 'corrected')
    return {
      title: 'NOT VALID: CORRECTED SINCE IT WAS SIGNED',
      text: `Something was changed after the signature (see the ledger), and it has not been signed again. ${open === 0 ? '' : `Standing now: ${standing.stop.length} at stop, ${standing.fix.length} to fix, ${standing.open.length} not measured.`}`,
      colour: levelInk.stop,
    };
  return {
    title: 'DRAFT, NOT SIGNED',
    text: `Not to be used as proof of anything. Standing: ${standing.stop.length} at stop, ${standing.fix.length} to fix, ${standing.open.length} not measured, ${unmeasuredFigures(build).length} figures only planned.`,
    colour: levelInk.stop,
  };
}

function drawRun(page: CertificatePage, marks: readonly Mark[], drawing: { width: number; height: number }): void {
  const { doc } = page;
  const scale = page.width / drawing.width;
  page.room(drawing.height * scale + 12);
  const top = doc.y;
  doc.save().translate(page.left, top).scale(scale);
  doc.rect(0, 0, drawing.width, drawing.height).lineWidth(1.5).strokeColor(ink).stroke();
  for (const mark of marks) {
    if (mark.kind === 'text') {
      page
        .face(mark.strong ? 'bold' : 'text', mark.text)
        .fontSize(14)
        .fillColor(mark.part === null ? soft : flowInk[mark.flow]);
      const width = doc.widthOfString(mark.text);
      doc.text(mark.text, mark.x - (mark.anchor === 'middle' ? width / 2 : mark.anchor === 'end' ? width : 0), mark.y - 11, {
        lineBreak: false,
      });
      continue;
    }
    if (mark.d === '') continue;
    if (mark.fill && mark.fill !== 'ground') doc.path(mark.d).fill(mark.fill === 'fuel' ? '#efd68d' : '#ffffff');
    if (mark.width === 0) continue;
    doc
      .path(mark.d)
      .lineWidth(mark.width)
      .strokeColor(mark.name === 'grid' ? '#e3e8e3' : mark.name === 'hatch' ? hair : flowInk[mark.flow]);
    if (mark.ink === 'planned') doc.dash(7, { space: 5 });
    else if (mark.ink === 'unknown') doc.dash(2, { space: 5 });
    doc.stroke().undash();
  }
  doc.restore();
  doc.x = page.left;
  doc.y = top + drawing.height * scale + 6;
}

function valueText(path: FigurePath, value: number | string | null): string {
  if (value === null) return '—';
  const field = fieldAt(path);
  return field.kind === 'choice'
    ? ((field.options as Record<string, string>)[value] ?? String(value))
    : `${formatShort(Number(value), 3)} ${field.unit === 'deg' ? '°' : field.unit}`;
}

function figures(page: CertificatePage, build: Build, origins: Origins): void {
  for (const sheet of sheetIds) {
    const paths = figurePaths.filter(
      (path) => path.startsWith(`${sheet}.`) && Object.values(figureAt(build.sheets, path)).some((v) => v !== null),
    );
    if (paths.length === 0) continue;
    page.room(50);
    page.row([
      { text: sheetTitles[sheet] ?? sheet, share: 0.34, bold: true },
      { text: 'planned', share: 0.17, colour: soft, right: true },
      { text: fieldAt(paths[0] as FigurePath).given ? 'given' : 'as fitted', share: 0.17, colour: soft, right: true },
      { text: '   entered by', share: 0.32, colour: soft },
    ]);
    for (const path of paths) {
      const { planned, fitted } = figureAt(build.sheets, path);
      const { label, given } = fieldAt(path);
      const from = originAt(origins, originKey.figure(path, given || fitted === null ? 'planned' : 'fitted'));
      page.row([
        { text: label, share: 0.34 },
        { text: given ? '' : valueText(path, planned), share: 0.17, right: true, colour: soft },
        { text: valueText(path, given ? planned : fitted), share: 0.17, right: true, bold: true },
        { text: from ? `   ${from.by}, ${day(from.at)}${from.file ? ' (file)' : ''}` : '', share: 0.32, colour: soft },
      ]);
    }
  }
}

function tests(page: CertificatePage, build: Build): void {
  page.heading('Tests');
  for (const run of build.primingRuns)
    page.row([
      { text: day(run.at), share: 0.22 },
      {
        text: `Primed ${formatFixed(run.strokes)} strokes at ${formatShort(run.frequencyHz)} Hz: ${primingOutcomes[run.outcome]}`,
        share: 0.58,
      },
      { text: run.by, share: 0.2 },
    ]);
  const fitted = fittedStarts(build);
  for (const run of build.starts) {
    const s = summarizeStart(run);
    const told = [
      s.ignitionS === null ? 'no flame recorded' : `flame after ${formatFixed(s.ignitionS)} s`,
      s.lowestStartV === null ? '' : `lowest ${formatFixed(s.lowestStartV, 2)} V`,
      s.runningA === null ? '' : `running ${formatFixed(s.runningA, 2)} A`,
      s.afterrunS === null ? '' : `after-run ${formatFixed(s.afterrunS)} s`,
    ]
      .filter(Boolean)
      .join(', ');
    page.row([
      { text: day(run.at), share: 0.22 },
      {
        text: `${run.dryRun ? 'Dry run on the bench' : `Start ${fitted.indexOf(run) + 1}`}: ${told} (${s.readings} readings)`,
        share: 0.58,
      },
      { text: run.by, share: 0.2 },
    ]);
  }
  for (const r of build.repairs ?? [])
    page.row([
      { text: day(r.at), share: 0.22 },
      { text: `${r.checkId}: ${r.found} Cause: ${r.cause}. Done: ${r.repair}.`, share: 0.58 },
      { text: r.by, share: 0.2 },
    ]);
  for (const r of build.coReadings)
    page.row([
      { text: day(r.at), share: 0.22 },
      { text: `Carbon monoxide ${formatShort(r.ppm)} ppm, ${coText(r)}`, share: 0.58 },
      { text: r.by, share: 0.2 },
    ]);
  for (const look of build.hotLooks ?? [])
    page.row([
      { text: day(look.at), share: 0.22 },
      { text: hotText(look), share: 0.58 },
      { text: look.by, share: 0.2 },
    ]);
  if (build.primingRuns.length + build.starts.length + build.coReadings.length + (build.hotLooks?.length ?? 0) === 0)
    page.paragraph('None recorded.');
}

/** Parts with their serials and marks, and the holes that were cut. */
function kitAndHoles(page: CertificatePage, build: Build): void {
  const parts = rowsOf(build.lists, 'parts');
  if (parts.length > 0) {
    page.heading('Kit');
    const { state, weak } = lists.parts.columns;
    for (const row of parts)
      page.row([
        { text: row.name ?? (row.kind ? partKinds[row.kind] : 'part'), share: 0.4 },
        { text: row.state ? state.options[row.state] : 'not looked at', share: 0.16, bold: true },
        {
          text: [
            row.serial && `serial ${row.serial}`,
            row.mark,
            row.weak && row.weak !== 'none' && `known as weak: ${weak.options[row.weak]}`,
          ]
            .filter(Boolean)
            .join(' · '),
          share: 0.44,
          colour: soft,
        },
      ]);
  }
  const place = placeOf(build);
  const { holes } = sitingLists(build);
  if (place && holes.length > 0) {
    page.heading('Holes');
    page.paragraph(
      `Heater’s middle ${formatShort(place.x, 1)} mm from the front and ${formatShort(place.y, 1)} mm from the left of the floor, hot end turned ${formatShort(place.turnDeg)}°.`,
    );
    for (const hole of holes) {
      const at = toFloor(place, hole);
      page.row([
        { text: hole.name, share: 0.4 },
        { text: `${formatShort(hole.radius * 2, 1)} mm`, share: 0.16, bold: true },
        {
          text: `${formatShort(at.x, 1)} mm from the front, ${formatShort(at.y, 1)} mm from the left`,
          share: 0.44,
          colour: soft,
        },
      ]);
    }
  }
}

/** Photographs that were chosen for the paper, two beside each other, each with its fingerprint. */
function photographs(page: CertificatePage, build: Build, pictures: ReadonlyMap<string, Buffer>): void {
  const chosen = rowsOf(build.lists, 'photos').filter((row) => row.printed === 'yes' && row.sha256 !== undefined);
  if (chosen.length === 0) return;
  const { doc } = page;
  const [gap, high] = [14, 190];
  // The heading stays with its first pictures.
  page.room(high + 100);
  page.heading('Photographs');
  const wide = (page.width - gap) / 2;
  for (let i = 0; i < chosen.length; i += 2) {
    page.room(high + 44);
    const top = doc.y;
    chosen.slice(i, i + 2).forEach((row, k) => {
      const x = page.left + k * (wide + gap);
      const bytes = pictures.get(row.sha256 ?? '');
      const caption = row.caption ?? (row.about ? lists.photos.columns.about.options[row.about] : 'photograph');
      if (bytes) doc.image(bytes, x, top, { fit: [wide, high], align: 'center', valign: 'center' });
      else
        doc
          .font('text')
          .fontSize(9)
          .fillColor(soft)
          .text('The picture itself is not in this Lorbet.', x, top + high / 2, { width: wide });
      page
        .face('text', caption)
        .fontSize(9)
        .fillColor(ink)
        .text(caption, x, top + high + 4, { width: wide, lineBreak: false });
      doc
        .font('mono')
        .fontSize(5.5)
        .fillColor(soft)
        .text(`sha-256 ${row.sha256 ?? ''}`, x, top + high + 18, { width: wide, lineBreak: false });
    });
    doc.x = page.left;
    doc.y = top + high + 34;
    doc.font('text').fontSize(9.5).fillColor(ink);
  }
}

/** Route, pressures, joints and dose: what the fuel side was built and measured to be. */
function fuelPage(page: CertificatePage, build: Build): void {
  const rows = segmentRows(build.lists);
  const picture = linePicture(build);
  const [doses, leaks] = [rowsOf(build.lists, 'doseTests'), rowsOf(build.lists, 'leaks')];
  if (rows.length === 0 && 'missing' in picture && doses.length === 0 && leaks.length === 0) return;
  // The heads of the columns stay with their first rows.
  page.room(130);
  page.heading('Fuel');
  if (rows.length > 0) {
    const { near, sheath, end } = lists.segments.columns;
    const cell = (n: number | undefined, unit: string, decimals: number) =>
      n === undefined ? '' : `${formatShort(n, decimals)} ${unit}`;
    const line = (text: string[], bold = false) =>
      page.row(
        text.map((t, i) => ({ text: t, share: [0.24, 0.11, 0.11, 0.11, 0.18, 0.15, 0.1][i] ?? 0.1, bold: bold || i === 0 })),
      );
    line(['segment', 'length', 'rises', 'bore', 'passes', 'ends at', 'clips'], true);
    rows.forEach((row, i) =>
      line([
        segmentName(row, i),
        cell(row.lengthM, 'm', 2),
        cell(row.riseMm, 'mm', 0),
        cell(row.boreMm, 'mm', 1),
        `${row.near ? near.options[row.near] : ''}${row.sheath && row.sheath !== 'bare' ? `, ${sheath.options[row.sheath]}` : ''}`,
        `${row.end ? end.options[row.end] : ''}${row.end === 'joint' && row.gapMm !== undefined ? `, gap ${formatShort(row.gapMm, 1)} mm` : ''}`,
        row.clips === undefined ? '' : String(row.clips),
      ]),
    );
  }
  if (!('missing' in picture)) {
    const { facts, asBuilt } = picture;
    page.paragraph(profileSentence(facts, asBuilt));
    page.paragraph(goodSentence(facts, asBuilt.levelMm));
    const { nodes } = profileAt(facts, asBuilt);
    // A line of two hundred segments needs no two hundred rows to be judged by.
    for (const node of nodes.length > 24 ? nodes.filter((_, i) => i % Math.ceil(nodes.length / 24) === 0) : nodes)
      page.row([
        { text: `${node.name}, ${formatShort(node.atM, 2)} m on`, share: 0.4 },
        { text: `${formatFixed(node.restPa / 1000, 1)} kPa at rest`, share: 0.2, right: true },
        { text: `${formatFixed(node.flowPa / 1000, 1)} in flow`, share: 0.2, right: true },
        { text: `${formatFixed(node.peakPa / 1000, 1)} at worst`, share: 0.2, right: true },
      ]);
  }
  for (const run of doses)
    if (run.strokes !== undefined && run.volumeMl !== undefined)
      page.paragraph(
        `Dose test: ${run.strokes} strokes gave ${formatShort(run.volumeMl, 2)} mL, ${formatShort(run.volumeMl / run.strokes, 4)} mL each${run.fuelC === undefined ? '' : `, fuel at ${formatShort(run.fuelC)} °C`}.`,
      );
  for (const [i, joint] of leaks.entries())
    page.paragraph(
      `Joint ${joint.name ?? i + 1}: ${joint.wipedAt ? `wiped ${day(joint.wipedAt)}` : 'not wiped'}; warm ${joint.warmFound ?? 'not looked at'}; after a night ${joint.nightFound ?? 'not looked at'}.`,
    );
}

function findingsOf(page: CertificatePage, findings: readonly Finding[]): void {
  page.heading('Measured against limits: every finding');
  for (const stage of stageIds) {
    for (const finding of findings.filter((c) => c.stage === stage)) {
      const level = finding.waived ? 'watch' : finding.level;
      page.row([
        { text: finding.waived ? 'WAIVED' : levelWords[finding.level], share: 0.15, bold: true, colour: levelInk[level] },
        {
          text: `${messageOf(finding)}${finding.waived ? `\nWaived by ${finding.waived.by}: ${finding.waived.reason}` : ''}`,
          share: 0.58,
        },
        { text: finding.id, share: 0.27, mono: true, colour: soft },
      ]);
    }
  }
}

function annex(page: CertificatePage, build: Build, findings: readonly Finding[], origins: Origins): void {
  page.heading('Annex: computed figures, their formulas and sources');
  for (const key of figureIds) {
    const figure = explain(build, key, origins);
    if (figure.value === null) continue;
    page.row([
      { text: figure.label, share: 0.27 },
      { text: `${formatFixed(figure.value, figure.decimals)} ${figure.unit}`, share: 0.15, bold: true, right: true },
      { text: figure.formula, share: 0.22, mono: true },
      { text: figure.source, share: 0.36, colour: soft },
    ]);
    // Who measured what stands in the table of figures; here only what went into this one, and what was computed or recorded on the way.
    const inputs = figure.inputs.map(
      (input) =>
        `${input.label.toLowerCase()} ${typeof input.value === 'number' ? formatShort(input.value, 3) : input.value} ${input.unit}`.trim() +
        (input.origin === 'as fitted' ? '' : ` (${whence(input, day)})`),
    );
    if (inputs.length > 0) page.paragraph(`from ${inputs.join(', ')}`, { size: 7.5, colour: soft, indent: 12 });
  }
  page.heading('Annex: rules applied');
  const rules = new Map(
    findings
      .flatMap((c) => c.rules)
      .filter((rule) => rule.origin !== 'default' || rule.value !== 0)
      .map((rule) => [rule.key, rule]),
  );
  for (const rule of rules.values())
    page.row([
      { text: rule.label, share: 0.4 },
      { text: `${formatShort(rule.value)} ${rule.unit}`, share: 0.15, bold: true, right: true },
      { text: rule.source, share: 0.45, colour: soft },
    ]);
  page.heading('Annex: sources of the checks');
  for (const source of new Set(findings.map((c) => c.source))) page.paragraph(source, { size: 8.5, colour: soft });
}

export interface CertificateFacts {
  workshop: string;
  demo: boolean;
  rows: readonly LedgerRow[];
  verification: Verification;
  origins: Origins;
  madeAt: string;
  /** bytes of photographs by fingerprint, as far as they are here */ pictures?: ReadonlyMap<string, Buffer>;
}

/**
 * The certificate of a build: A4, made from the same findings as the screen shows. A build that is not signed as it stands gives a draft that says so.
 * @returns the bytes of a PDF
 */
export async function writeCertificate(
  build: Build,
  { workshop, demo, rows, verification, origins, madeAt, pictures = new Map() }: CertificateFacts,
): Promise<Buffer> {
  const findings = assess(build);
  const hash = buildHash(build);
  const { lastHash, broken } = verification;
  const lastSignature = build.signatures[build.signatures.length - 1];
  const fromHere = rows.some(
    (row) => row.kind === 'sign' && (row.body as { buildHash?: string }).buildHash === lastSignature?.buildHash,
  );
  const standing = standingText(build, findings, fromHere, broken);
  const page = new CertificatePage(`Heater installation, ${build.identity.name}`, `${build.id}  ledger ${lastHash.slice(0, 32)}`);
  const { doc } = page;
  const qr = await QRCode.toBuffer(`lorbet-build:${build.id}?build=${hash}&ledger=${lastHash}`, {
    errorCorrectionLevel: 'M',
    margin: 1,
    width: 320,
  });
  doc.image(qr, page.left + page.width - 92, 40, { width: 92 });
  doc.font('text').fontSize(9.5).fillColor(soft).text('Record of a diesel heater installation', page.left, 46);
  page
    .face('bold', build.identity.name)
    .fontSize(22)
    .fillColor(ink)
    .text(build.identity.name, { width: page.width - 110 });
  for (const line of [
    [build.identity.what, buildKinds[build.identity.kind], build.identity.place].filter(Boolean).join(' · '),
    `Fitted by ${workshop}${build.identity.heaterSerial ? ` · heater serial ${build.identity.heaterSerial}` : ''}`,
  ])
    page
      .face('text', line)
      .fontSize(11)
      .text(line, { width: page.width - 110 });
  if (build.identity.invented || demo)
    page.paragraph('DEMO: workshop, people, vehicle and figures are all invented.', { bold: true, colour: levelInk.stop });
  doc.y = Math.max(doc.y, 138);
  page.paragraph(standing.title, { bold: true, size: 15, colour: standing.colour });
  page.paragraph(standing.text);
  const drawing = layoutRun(build, findings, 1100, 300);
  drawRun(page, drawing.marks, drawing);
  page.paragraph(
    'Broken lines are planned, full ones fitted, heavy ones proven. Lengths are to scale; bodies may be drawn larger.',
    { size: 8, colour: soft },
  );

  page.heading('Signatures');
  if (build.signatures.length === 0) page.paragraph('None.');
  for (const signature of build.signatures) {
    page.room(62);
    const top = doc.y;
    // Whatever is drawn stays within its box.
    doc
      .save()
      .translate(page.left, top)
      .scale(0.28)
      .rect(0, 0, signatureBox.width, signatureBox.height)
      .clip()
      .path(signature.drawn)
      .lineWidth(4)
      .strokeColor(ink)
      .stroke()
      .restore();
    page
      .face('bold', signature.typedName)
      .text(signature.typedName, page.left + 190, top + 6)
      .font('text')
      .text(`${signature.role}, ${day(signature.at)}`, page.left + 190);
    doc
      .font('mono')
      .fontSize(7)
      .fillColor(soft)
      .text(`signed over build ${signature.buildHash}`, page.left + 190)
      .font('text')
      .fontSize(9.5)
      .fillColor(ink);
    doc.x = page.left;
    doc.y = top + 60;
  }
  page.heading('Waivers');
  if (build.waivers.length === 0) page.paragraph('None.');
  for (const w of build.waivers)
    page.paragraph(`${w.checkId}: ${waiverText(w, build.identity.kind)} Waived by ${w.by}, ${day(w.at)}: ${w.reason}`);
  if (build.releases && build.releases.length > 0) {
    page.heading('Hold points');
    for (const release of build.releases)
      page.paragraph(
        `${holdPointSteps[release.holdPoint]}: released by ${release.by}, ${day(release.at)}${release.open.length > 0 ? `, with ${release.open.join(', ')} open` : ''}`,
      );
  }
  for (const claim of build.claims ?? []) {
    page.heading('Claimed in a file, not seen here');
    page.paragraph(
      `Brought in by ${claim.by}, ${day(claim.at)}. Nobody of this workshop has seen any of it; it counts for nothing here.`,
      { bold: true, colour: levelInk.stop },
    );
    for (const line of claimLines(claim)) page.paragraph(`• ${line}`, { colour: soft });
  }
  const corrections = rows.filter((row) => typeof (row.body as { reason?: unknown }).reason === 'string' && row.kind !== 'waive');
  if (corrections.length > 0) {
    page.heading('Corrections after a signature');
    for (const row of corrections) page.paragraph(`${day(row.at)}, ${row.by}: ${describeRow(row)}`);
  }
  page.heading('Cautions, and what this paper does not claim');
  for (const text of [
    'It records what the workshop measured and how it compares with the limits named. It is no approval, no type test and no permission; the maker’s manual, the local code, the inspector and licensed trades decide.',
    'Standards are quoted from memory and by number only; where a limit is a habit of the trade or Lorbet’s own choice, the annex says so.',
    'A carbon monoxide alarm is kept in working order and tested as its instructions say. Headache or sickness: out, doors open, heater off by its button, call for help.',
    'Never cut the power of a hot heater. Never run it while refuelling or in a closed building. Keep exhaust and intake clear of snow, mud and nests.',
  ])
    page.paragraph(`• ${text}`);
  photographs(page, build, pictures);
  kitAndHoles(page, build);
  fuelPage(page, build);
  findingsOf(page, findings);
  page.heading('Figures');
  figures(page, build, origins);
  tests(page, build);
  page.heading('Record');
  page.paragraph(
    `Ledger: ${verification.rows} rows, ${broken === null ? 'each following from the one before, and the build as the last one left it' : `BROKEN: ${broken.why}`}. Last row’s hash:`,
  );
  doc.font('mono').fontSize(8).text(lastHash, page.left).font('text').fontSize(9.5);
  page.paragraph('Hash of the build without its signatures (SHA-256 over canonical JSON):');
  doc.font('mono').fontSize(8).text(hash, page.left).font('text').fontSize(9.5);
  page.paragraph(`Made ${day(madeAt)}. The code at the top of page 1 holds the build’s id and both hashes.`);
  annex(page, build, findings, origins);
  return page.close();
}
