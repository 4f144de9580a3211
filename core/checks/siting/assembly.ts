import { type RowOf } from '../../build/lists';
import { sealKinds } from '../../build/listKinds';
import { hotSealPlaces, sealsLacking } from '../../model/siting/sealsOwed';
import { fittedStarts } from '../../model/startup/fittedStarts';
import { toDo } from '../../reading/NotMeasured';
import { count, hours, name, shortH, term, type Value } from '../../wording/Value';
import { termText } from '../../wording/terms';
import { defineCheck } from '../Check';
import { trade } from '../sources';
import { worstOf } from '../worstOf';

const sealName = (row: RowOf<'seals'>): Value =>
  row.name !== undefined ? name(row.name) : term('sealKind', row.kind ?? 'sealant');
const spoken = (row: RowOf<'seals'>): string =>
  row.name !== undefined ? `“${row.name}”` : `the ${row.kind ? sealKinds[row.kind] : 'sealant'}`;

/** What has to be done before the plate goes down, and hardened before the heater is lit. */
export const assemblyChecks = [
  defineCheck({
    id: 'siting.lead.threaded',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'pump',
    why: 'Once the plate is down the pump lead can’t be threaded; the heater comes up again.',
    remedy: 'Thread the pump lead through its slot in the plate now.',
    source: trade,
    messages: { yes: 'The pump lead is through its slot.', no: 'The pump lead is not through its slot in the plate.' },
    assess: (read, say) => (read.all({ v: 'siting.pumpLeadThreaded' }).v === 'yes' ? say.sound('yes') : say.fix('no')),
  }),
  defineCheck({
    id: 'siting.clamp.foul',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'exhaust',
    why: 'Clamps can’t be turned and hoses can’t be reached once the heater is down; a head that fouls the shroud lets exhaust by.',
    remedy: 'Hoses and exhaust on, clamp heads turned clear of the shroud; dry-fit it once with everything on.',
    source: trade,
    messages: {
      fouls: 'A clamp’s head fouls the shroud.',
      off: 'Hoses and exhaust are not on their spigots yet.',
      on: 'Hoses and exhaust are on, clamp heads clear of the shroud.',
    },
    assess(read, say) {
      const [hoses, heads] = [read.maybe('siting.hosesOn'), read.maybe('siting.clampHeads')];
      if (heads === 'foul') return say.fix('fouls');
      if (hoses === 'no') return say.fix('off');
      read.all({ hoses: 'siting.hosesOn', heads: 'siting.clampHeads' });
      return say.sound('on');
    },
  }),
  defineCheck({
    id: 'siting.edge.treatment',
    stage: 'siting',
    holdPoint: 'bolting',
    part: 'heater',
    why: 'Cut edges of steel rust through in a few winters, hidden by the plate.',
    remedy: 'Deburr, prime and paint every cut edge, and let it dry, before the plate goes down.',
    source: trade,
    messages: {
      bare: 'Cut edges are bare.',
      deburred: 'Cut edges are deburred and not painted.',
      painted: 'Cut edges are deburred, primed and painted.',
      none: 'No steel was cut.',
    },
    assess(read, say) {
      const { edges } = read.all({ edges: 'siting.cutEdges' });
      if (edges === 'bare') return say.fix('bare');
      if (edges === 'deburred') return say.fix('deburred');
      return edges === 'painted' ? say.sound('painted') : say.sound('none');
    },
  }),
  defineCheck({
    id: 'siting.seal.cure',
    stage: 'siting',
    holdPoint: 'fire',
    part: 'heater',
    why: 'Sealant and paint that meet heat or water before they have cured blister and open; round the plate that lets exhaust and water in.',
    remedy: 'Wait until it is due, touch it, and mark it as found hard.',
    source: `${trade} The time is the one on its tin.`,
    messages: {
      burns: '{seal}, {place}, is {kind}: the exhaust burns it away.',
      early: 'It was lit {hours} before {seal} had cured.',
      called: '{seal} was called hard {hours} before its {cure} were over.',
      cured: 'All {n} sealants and paints have cured, at every hole and joint.',
      curedOne: 'The sealant has cured, at every hole and joint.',
    },
    remedies: {
      burns: 'Renew it with high-temperature sealant.',
      early: 'Look it over while warm and cold; renew it, let it cure, and enter when it was put on anew.',
      called: 'Wait until it is due, touch it, and enter that moment.',
    },
    assess(read, say) {
      const rows = read.rows('seals');
      const firesMs = fittedStarts(read.build).map((run) => Date.parse(run.at));
      const ask = (row: RowOf<'seals'>) => {
        if (row.at !== undefined && hotSealPlaces.includes(row.at) && row.kind !== undefined && row.kind !== 'hotSealant')
          return say.fix('burns', { seal: sealName(row), place: term('sealPlace', row.at), kind: term('sealKind', row.kind) });
        if (row.appliedAt === undefined || row.cureH === undefined)
          return read.missing(...toDo(`enter when ${spoken(row)} was put on and how long it needs`));
        const appliedMs = Date.parse(row.appliedAt);
        const due = appliedMs + row.cureH * 3600_000;
        const early = firesMs.find((at) => at < due && at > appliedMs);
        if (early !== undefined) return say.fix('early', { hours: hours((due - early) / 3600_000, 1), seal: sealName(row) });
        if (row.hardAt === undefined) return read.missing(...toDo(`touch ${spoken(row)} once its ${row.cureH} h are over`));
        const short = (due - Date.parse(row.hardAt)) / 3600_000;
        return short > 0 ? say.fix('called', { seal: sealName(row), hours: hours(short, 1), cure: shortH(row.cureH, 1) }) : null;
      };
      return worstOf(
        ...rows.map((row) => () => ask(row)),
        () => {
          read.rows('holes');
          const lacking = sealsLacking(read.build);
          return lacking.length > 0
            ? read.missing(...toDo(...lacking.map((place) => `enter the seal ${termText(`sealPlace/${place}`)}`)))
            : null;
        },
        () => (rows.length === 1 ? say.sound('curedOne') : say.sound('cured', { n: count(rows.length) })),
      );
    },
  }),
];
