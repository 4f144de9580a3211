import type { Change, Slot } from '../core/commands/kinds/figures';
import type { Command } from '../core/commands/allCommands';
import { randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { Build, ReleasableHoldPoint } from '../core/build/Build';
import { fieldAt, figurePaths } from '../core/build/sheets';
import { benchStart } from './benchStart';
import { rowsWithIds } from './rowsWithIds';
import type { CellValue, ListId } from '../core/build/lists';
import { emptyBuild } from '../core/build/emptyBuild';
import type { RowChange } from '../core/commands/changeRows';
import { limits, type LimitKey } from '../core/practices/limits';
import { defaultPractices } from '../core/practices/practices';
import { hotOwed } from '../core/model/proving/hotProof';
import { assess } from '../core/checks/assess';
import { commandBuild } from '../store/builds/command';
import { importBuild } from '../store/builds/import';
import { database } from '../store/database';
import { keepPhoto } from '../store/photos';
import { addPerson, addWorkshop, anyPeople, type Person } from '../store/people';
import cast from './people.json';
import { photoAbouts, type PhotoAbout } from '../core/build/pack/proofKinds';
import { shippedPacks } from '../core/usual/packs';
import { drawnPicture } from './drawnPicture';
import { keepUnitCard } from '../store/unitCards';
import { demoCard } from './unitCards';
import type { FaultAct } from '../core/commands/kinds/fault';
import { demoBuilds, type DemoBuild, type DemoFault } from './builds';

const hourMs = 3600 * 1000;

/** Fills an empty Lorbet with the invented workshop, wholly or not at all. @returns whether anything was loaded */
export async function loadDemo(now = new Date()): Promise<boolean> {
  const { sequelize } = database();
  return sequelize.transaction(async (transaction) => {
    // The lock of whoever names the first lead: of several at the same moment one fills it.
    // As long as the other takes: on a slow machine that is longer than any request may wait.
    await sequelize.query('SET LOCAL statement_timeout = 0', { transaction });
    await sequelize.query('SELECT pg_advisory_xact_lock(7061)', { transaction });
    if (await anyPeople()) return false;
    await load(now, transaction);
    return true;
  });
}

async function load(now: Date, transaction: Transaction): Promise<void> {
  const workshopId = await addWorkshop(cast.workshop, defaultPractices, true, transaction);
  const people = new Map<string, Person>();
  for (const { login, name, role } of cast.people) {
    const added = await addPerson(workshopId, { login, name, role, password: cast.password, demo: true }, transaction);
    if (!added.ok) throw new Error(added.errors.join(' '));
    people.set(role, added.value);
  }
  const [fitter, lead] = [people.get('fitter'), people.get('lead')];
  if (!fitter || !lead) throw new Error('The demo’s cast needs a fitter and a lead.');
  const card = await keepUnitCard(fitter, demoCard, transaction);
  if (!card.ok) throw new Error(card.errors.join(' '));
  for (const build of demoBuilds) await loadOne(build, { fitter, lead, now, transaction });
}

/** Plays a demo build through the same commands as a person would, at times before now. */
async function loadOne(
  demo: DemoBuild,
  { fitter, lead, now, transaction }: { fitter: Person; lead: Person; now: Date; transaction: Transaction },
): Promise<void> {
  // Work begins at nine, some whole days ago.
  let atMs = new Date(now).setHours(9, 0, 0, 0) - demo.daysAgo * 24 * hourMs;
  const beganMs = atMs;
  const next = (hours = 0.4) => new Date((atMs += hours * hourMs));
  const kept = await importBuild(
    fitter,
    {
      build: {
        ...emptyBuild(demo.id, { ...demo.identity, invented: true }, defaultPractices),
        ...(demo.fromCard ? { unitCard: demoCard } : {}),
      },
    },
    false,
    next(),
    transaction,
  );
  if (!kept.ok) throw new Error(kept.errors.join(' '));
  let build: Build = kept.value.build;
  const run = async (person: Person, command: Command, hours?: number) => {
    const done = await commandBuild(person, demo.id, command, randomUUID(), { at: next(hours), outer: transaction });
    if (!done.ok) throw new Error(`${demo.identity.name}: ${done.errors.join(' ')}`);
    build = done.kept.build;
  };
  const keepPicture = async (
    photo: Awaited<ReturnType<typeof drawnPicture>>,
    told: { about: PhotoAbout; caption: string; printed: 'yes' | 'no' },
  ) => {
    await keepPhoto(fitter, demo.id, photo, transaction);
    const { sha256, widthPx, heightPx } = photo;
    const values = { sha256, widthPx, heightPx, ...told };
    await run(fitter, { kind: 'rows', changes: [{ list: 'photos', row: randomUUID(), action: 'add', values }] }, 0.02);
  };
  const changes = (slot: Slot): Change[] =>
    figurePaths.flatMap((path) => {
      const to = demo[slot][path];
      // Nobody plans a look: it stands as it was found.
      const looked = slot === 'planned' && fieldAt(path).found && demo.fitted[path] !== undefined;
      return to === undefined || looked || (slot === 'fitted' && fieldAt(path).given) ? [] : [{ path, slot, from: null, to }];
    });
  await run(fitter, { kind: 'figures', changes: changes('planned') });
  const seals = (demo.seals ?? []).map((seal) => ({ ...seal, id: randomUUID() }));
  const added: RowChange[] = [
    ...(
      Object.entries(rowsWithIds(demo.lists, randomUUID)) as [ListId, (Record<string, CellValue> & { id: string })[]][]
    ).flatMap(([list, rows]) => rows.map(({ id, ...values }) => ({ list, row: id, action: 'add' as const, values }))),
    ...seals.map(({ id, putOnH, hardH: _later, ...values }) => ({
      list: 'seals' as const,
      row: id,
      action: 'add' as const,
      values: {
        ...values,
        appliedAt: new Date(beganMs + putOnH * hourMs).toISOString(),
      },
    })),
  ];
  if (added.length > 0) await run(fitter, { kind: 'rows', changes: added });
  if (demo.photographed) {
    const { heaterSerial } = demo.identity;
    const plate = await drawnPicture('INVENTED PLATE', ['2.2 kW   12 V   diesel', heaterSerial], heaterSerial);
    await keepPicture(plate, { about: 'plate', caption: 'data plate (drawn, invented)', printed: 'yes' });
  }
  if (demo.maker)
    await run(fitter, {
      kind: 'maker',
      changes: (Object.entries(demo.maker) as [LimitKey, number][])
        .filter(([key]) => key in limits)
        .map(([key, to]) => ({ key, from: null, to })),
    });
  const fitted = changes('fitted');
  for (const stage of [
    'siting',
    'fuel',
    'tank',
    'line',
    'air',
    'ends',
    'pipes',
    'wiring',
    'priming',
    'found',
    'controller',
    'proving',
  ]) {
    const part = fitted.filter((change) => change.path.startsWith(`${stage}.`));
    if (part.length > 0) await run(fitter, { kind: 'figures', changes: part });
  }
  for (const text of demo.notes ?? []) await run(fitter, { kind: 'note', text }, 0.1);
  const cured = seals.flatMap(({ id, hardH }): RowChange[] =>
    hardH === undefined
      ? []
      : [
          {
            list: 'seals',
            row: id,
            action: 'set',
            column: 'hardAt',
            from: null,
            to: new Date(beganMs + hardH * hourMs).toISOString(),
          },
        ],
  );
  if (cured.length > 0) {
    atMs = Math.max(atMs, beganMs + Math.max(...seals.map((seal) => seal.hardH ?? 0)) * hourMs);
    await run(fitter, { kind: 'rows', changes: cured }, 0.1);
  }
  const watched = (demo.watched ?? []).map((joint) => ({ ...joint, id: randomUUID() }));
  if (watched.length > 0)
    await run(fitter, {
      kind: 'rows',
      changes: watched.map(({ id, name }) => ({
        list: 'leaks',
        row: id,
        action: 'add',
        values: { name, wipedAt: new Date(atMs).toISOString() },
      })),
    });
  const releases = demo.releases ?? [];
  const pass = (holdPoint: ReleasableHoldPoint) => run(fitter, { kind: 'holdPoint', holdPoint, action: 'release' }, 0.02);
  for (const holdPoint of releases.filter((release) => release !== 'fire')) await pass(holdPoint);
  if (demo.primed) await run(fitter, { kind: 'priming', run: { id: randomUUID(), fromEmpty: true, ...demo.primed } });
  if (demo.primedSees) await run(fitter, { kind: 'sight', look: { id: randomUUID(), sees: demo.primedSees } }, 0.02);
  if (releases.includes('fire')) await pass('fire');
  const faults: string[] = [];
  const mend = async ({ symptom, code, found, cause, did, parts }: DemoFault): Promise<string> => {
    const fault = randomUUID();
    const act = (does: FaultAct, hours = 0.05) => run(fitter, { kind: 'fault', fault, act: does }, hours);
    const start = build.starts.at(-1)?.id;
    await act({ does: 'open', symptom, ...(start ? { start } : {}) });
    if (code) await act({ does: 'code', code });
    for (const [check, answer] of found) await act({ does: 'answer', check, found: answer });
    await act({ does: 'repair', cause, did, parts }, 0.5);
    return fault;
  };
  /** A meter left at the pillow for a night: what comes in fills the space within the first hour. */
  const night = async (ppm: number) => {
    const readings = Array.from({ length: 97 }, (_, i) => ({
      min: i * 5,
      ppm: Math.round(ppm * (1 - Math.exp(-i / 4)) * 10) / 10,
    }));
    const log = { id: randomUUID(), place: 'pillow', state: 'low', doors: 'closed', meter: 'bench meter 2', zeroBeforePpm: 0, zeroAfterPpm: 0, readings } as const; // prettier-ignore
    await run(fitter, { kind: 'coLog', log, readAt: new Date(atMs + 0.4 * hourMs).toISOString() }, 9);
  };
  for (const [i, started] of (demo.started ?? []).entries()) {
    await run(fitter, { kind: 'start', id: randomUUID(), source: 'device', ...benchStart(build, started, i + 1) }, 1);
    for (const one of (demo.faults ?? []).filter(({ start }) => start === i)) faults.push(await mend(one));
    if (demo.leakNight?.after === i) {
      await night(demo.leakNight.ppm);
      const { cause, repair } = demo.leakNight;
      await run(fitter, { kind: 'repair', repair: { id: randomUUID(), checkId: 'co.exposure', cause, repair } });
    }
  }
  const lastRun = build.starts.at(-1);
  for (const fault of faults)
    if (lastRun)
      await run(fitter, { kind: 'fault', fault, act: { does: 'prove', start: lastRun.id, told: 'burnt on to its end' } }, 0.02);
  const offS = lastRun?.events.find(({ event }) => event === 'off')?.atS;
  for (const { start, atS, sees } of demo.seen ?? []) {
    const began = build.starts[start]?.at;
    const readAt = began && new Date(Date.parse(began) + atS * 1000).toISOString();
    if (readAt) await run(fitter, { kind: 'sight', look: { id: randomUUID(), sees }, readAt }, 0.01);
  }
  for (const heard of demo.heard ?? [])
    if (lastRun && offS !== undefined)
      await run(
        fitter,
        {
          kind: 'noise',
          look: { id: randomUUID(), ...heard },
          readAt: new Date(Date.parse(lastRun.at) + (heard.state === 'off' ? 0 : (offS - 60) * 1000)).toISOString(),
        },
        0.01,
      );
  const fullS = lastRun?.events.find(({ event }) => event === 'low')?.atS ?? offS;
  for (const [i, surfaceC] of (demo.hotC ?? []).entries())
    if (lastRun && fullS !== undefined)
      await run(
        fitter,
        {
          kind: 'hot',
          look: { id: randomUUID(), place: hotOwed[i] ?? 'other', touches: i === 2 ? 'epdm' : 'timber', surfaceC },
          readAt: new Date(Date.parse(lastRun.at) + (fullS - 240 + i * 60) * 1000).toISOString(),
        },
        0.02,
      );
  for (const [i, ppm] of (demo.coPpm ?? []).entries())
    await run(
      fitter,
      {
        kind: 'co',
        reading: {
          id: randomUUID(),
          ppm,
          place: (['pillow', 'floor', 'outlet'] as const)[i] ?? 'pillow',
          state: 'after',
          doors: 'closed',
          wind: 'exhaust',
        },
      },
      0.05,
    );
  // Warm while it ran on after its log, and again twelve hours later.
  const [warmAt, nightAt] = [new Date(atMs).toISOString(), new Date(atMs + 12 * hourMs).toISOString()];
  const looked = watched.flatMap(({ id, warmFound, nightFound }): RowChange[] =>
    Object.entries({ warmFound, warmAt: warmFound && warmAt, nightFound, nightAt: nightFound && nightAt }).flatMap(
      ([column, to]) => (to === undefined ? [] : [{ list: 'leaks', row: id, action: 'set', column, from: null, to }]),
    ),
  );
  // After a night.
  if (demo.nightPpm !== undefined) await night(demo.nightPpm);
  if (looked.length > 0) await run(fitter, { kind: 'rows', changes: looked }, demo.nightPpm === undefined ? 12 : 3);
  if (demo.waived) {
    const finding = assess(build).find((c) => c.id === demo.waived?.checkId);
    const { code = '', values = {} } = finding ?? {};
    await run(lead, { kind: 'waive', checkId: demo.waived.checkId, code, values, why: demo.waived.why });
  }
  if (demo.evidence) {
    const { pack: name, pictures, answers } = demo.evidence;
    const pack = shippedPacks.find((one) => one.name === name);
    if (!pack) throw new Error(`No rule pack is called ${name}.`);
    await run(fitter, { kind: 'pack', packId: pack.id, pack }, 0.05);
    for (const about of pictures) {
      const caption = `${photoAbouts[about]} (drawn, invented)`;
      await keepPicture(await drawnPicture('INVENTED PICTURE', [photoAbouts[about], demo.identity.name]), {
        about,
        caption,
        printed: 'no',
      });
    }
    for (const [rule, answer, why] of answers)
      await run(lead, { kind: 'ruleAnswer', id: randomUUID(), packId: pack.id, rule, answer, why }, 0.05);
  }
  if (demo.signed)
    await run(lead, {
      kind: 'sign',
      typedName: lead.name,
      drawn:
        'M40,140C80,40 120,40 110,120C105,160 70,150 90,110C120,60 190,70 180,120C175,150 210,150 230,110C250,70 270,150 300,120C340,80 360,150 420,100L520,95',
    });
  if (demo.visit) await run(fitter, { kind: 'visit', visit: { id: randomUUID(), ...demo.visit } }, 0.5);
}
