import { holdPointSteps } from '../build/stages';
import { coLogText } from './coText';
import { faultLine } from './faultText';
import { hotText } from './hotText';
import { noiseText } from './noiseText';
import { summarizeStart } from '../model/startup/summarizeStart';
import { formatFixed, formatShort } from '../units/formatNumber';
import { ruleAnswers } from '../build/pack/RulePack';
import { coPlaces, primingOutcomes, sights, visitStates, type Claim } from '../build/Build';

const on = (iso: string): string => iso.slice(0, 10);

/** What a claim says was done, a line each, in the order of the work. Every line says that it is only said. */
export function claimLines(claim: Claim): string[] {
  return [
    ...claim.releases.map((g) => `${holdPointSteps[g.holdPoint]}: said to be passed by ${g.by}, ${on(g.at)}`),
    ...claim.primingRuns.map(
      (r) => `priming, ${formatFixed(r.strokes)} strokes: said by ${r.by}, ${on(r.at)} (${primingOutcomes[r.outcome]})`,
    ),
    ...claim.starts.map((run) => {
      const { ignitionS, readings } = summarizeStart(run);
      return `${run.dryRun ? 'dry run' : 'start'}, ${ignitionS === null ? 'no flame' : `flame after ${formatFixed(ignitionS)} s`}, ${formatFixed(readings)} readings: said by ${run.by}, ${on(run.at)}`;
    }),
    ...claim.coReadings.map(
      (r) => `carbon monoxide ${formatShort(r.ppm, 1)} ppm, ${coPlaces[r.place]}: said by ${r.by}, ${on(r.at)}`,
    ),
    ...(claim.hotLooks ?? []).map((l) => `${hotText(l)}: said by ${l.by}, ${on(l.at)}`),
    ...(claim.sights ?? []).map((l) => `${sights[l.sees]}: said by ${l.by}, ${on(l.at)}`),
    ...(claim.coLogs ?? []).map((l) => `${coLogText(l)}: said by ${l.by}, ${on(l.at)}`),
    ...(claim.noises ?? []).map((l) => `${noiseText(l)}: said by ${l.by}, ${on(l.at)}`),
    ...claim.leaks.map(
      (j, i) =>
        `joint ${j.name ?? i + 1}: said to be warm ${j.warmFound ?? 'not looked at'}, after a night ${j.nightFound ?? 'not looked at'}`,
    ),
    ...claim.repairs.map((r) => `repair for ${r.checkId}: said by ${r.by}, ${on(r.at)} (${r.repair})`),
    ...(claim.faults ?? []).map((f) => `${faultLine(f)} Said by ${f.by}, ${on(f.at)}`),
    ...claim.waivers.map((w) => `waiver of ${w.checkId}: said to be given by ${w.by}, ${on(w.at)}`),
    ...(claim.ruleAnswers ?? []).map((a) => `rule ${a.rule}, ${ruleAnswers[a.answer]}: said by ${a.by}, ${on(a.at)} (${a.why})`),
    ...(claim.visits ?? []).map((v) => `visit, ${visitStates[v.found]}: said by ${v.by}, ${on(v.at)} (${v.note})`),
    ...(claim.withdrawals ?? []).map((w) => `signature withdrawn: said by ${w.by}, ${on(w.at)} (${w.why})`),
    ...claim.signatures.map((s) => `signature: said to be that of ${s.typedName}, ${s.role}, ${on(s.at)}`),
  ];
}
