import { faultLine } from '../../core/wording/faultText';
import { primingOutcomes, sights, visitStates } from '../../core/build/Build';
import { fittedStarts } from '../../core/model/startup/fittedStarts';
import { summarizeStart } from '../../core/model/startup/summarizeStart';
import { formatFixed, formatShort, upperFirst } from '../../core/units/formatNumber';
import { coLogText, coText } from '../../core/wording/coText';
import { hotText } from '../../core/wording/hotText';
import { noiseText } from '../../core/wording/noiseText';
import { day, type Section } from './Section';

/** What was primed, lit, read and repaired. */
export const tests: Section = (page, { build }) => {
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
        text: `${run.dryRun ? 'Dry run' : `Start ${fitted.indexOf(run) + 1}`}: ${told} (${s.readings} readings)`,
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
  for (const fault of build.faults ?? [])
    page.row([
      { text: day(fault.at), share: 0.22 },
      { text: faultLine(fault), share: 0.58 },
      { text: fault.by, share: 0.2 },
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
  const seen = [
    ...(build.coLogs ?? []).map((log) => ({ ...log, text: upperFirst(coLogText(log)) })),
    ...(build.visits ?? []).map((visit) => ({ ...visit, text: `Visit, ${visitStates[visit.found]}: ${visit.note}` })),
    ...(build.sights ?? []).map((look) => ({ ...look, text: sights[look.sees] })),
    ...(build.noises ?? []).map((look) => ({ ...look, text: noiseText(look) })),
  ];
  for (const look of seen)
    page.row([
      { text: day(look.at), share: 0.22 },
      { text: look.text, share: 0.58 },
      { text: look.by, share: 0.2 },
    ]);
  const recorded = build.primingRuns.length + build.starts.length + build.coReadings.length + (build.hotLooks?.length ?? 0);
  if (recorded + seen.length === 0) page.paragraph('None recorded.');
};
