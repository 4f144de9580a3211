import type { Build } from '../core/build/Build';
import type { Fault } from '../core/build/faults';
import { partOfCause } from '../core/model/faults/partOfCause';
import { isCause } from '../core/model/faults/faultCase';
import { summarizeStart } from '../core/model/startup/summarizeStart';
import { formatFixed } from '../core/units/formatNumber';
import { askText, causeText, faultStands, symptomText } from '../core/wording/faultText';
import { CertificatePage, soft } from './certificate/CertificatePage';

const when = (iso: string): string => `${iso.slice(0, 10)} ${iso.slice(11, 16)} UTC`;

/** One fault on paper: what it did, what was looked at and found, what was mended, and what proved it. */
export function writeFaultPdf(
  build: Build,
  fault: Fault,
  { workshop, demo }: { workshop: string; demo: boolean },
): Promise<Buffer> {
  const title = `Fault report, ${build.identity.name}`;
  const page = new CertificatePage(title, `${workshop} · ${build.id} · ${fault.id}`);
  const line = (at: string, text: string, by: string) =>
    page.row([
      { text: when(at), share: 0.2 },
      { text, share: 0.6 },
      { text: by, share: 0.2 },
    ]);
  page.paragraph(title, { bold: true, size: 16 });
  page.paragraph(`${workshop}${demo ? ': demo data, all of it invented' : ''}`, { colour: soft });
  page.paragraph(
    `${symptomText(fault.symptom).replace(/^./, (c) => c.toUpperCase())}, told on ${when(fault.at)} by ${fault.by}. It is ${faultStands(fault)}.`,
    { bold: true, size: 11 },
  );
  const { code } = fault;
  if (code)
    page.paragraph(`The controller showed ${code.shown}${code.meaning ? `: ${code.meaning}` : '; what it means is not known'}.`);
  const complained = build.starts.find(({ id }) => id === fault.start);
  if (complained) page.paragraph(`It is about the start of ${when(complained.at)}.`);
  page.heading('What was looked at, and found');
  if (fault.steps.length === 0) page.paragraph('Nothing.');
  for (const { at, by, check, found } of fault.steps) line(at, `${askText(check)} ${found ?? 'Not known.'}`, by);
  page.heading('What was mended');
  if (fault.repairs.length === 0) page.paragraph('Nothing yet.');
  for (const { at, by, cause, did, parts } of fault.repairs)
    line(
      at,
      `${causeText(cause)}${isCause(cause) ? ` (at the ${partOfCause(cause)})` : ''}. Done: ${did}. ${parts ? `Parts: ${parts}.` : 'No parts.'}`,
      by,
    );
  page.heading('What proved it');
  const { proof, withdrawn } = fault;
  if (proof) {
    const run = build.starts.find(({ id }) => id === proof.start);
    const reading = build.coReadings.find(({ id }) => id === proof.co);
    const ignitionS = run ? summarizeStart(run).ignitionS : null;
    const started = run
      ? `The start of ${when(run.at)}${ignitionS === null ? '' : `, flame after ${formatFixed(ignitionS)} s`}.`
      : 'A start that this build no longer holds.';
    const air = reading ? ` Carbon monoxide ${formatFixed(reading.ppm)} ppm inside on ${when(reading.at)}.` : '';
    line(proof.at, `${started}${air} ${proof.told}`, proof.by);
  } else
    page.paragraph(withdrawn ? `Withdrawn by ${withdrawn.by} on ${when(withdrawn.at)}: ${withdrawn.reason}` : 'Nothing yet.');
  page.heading('What this does not say');
  page.paragraph(
    'It tells what was recorded, by whom and when, and judges nothing beyond that. The maker’s manual, the local code and licensed people go first.',
  );
  return page.close();
}
