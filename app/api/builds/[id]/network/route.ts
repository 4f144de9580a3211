import type { Build } from '../../../../../core/build/Build';
import { linePicture } from '../../../../../core/drawing/line/linePicture';
import { readerOf } from '../../../../../core/figures/readerOf';
import { loopOf, workC } from '../../../../../core/model/warmth/loopOf';
import { ductTree } from '../../../../../core/model/warmth/ductTree';
import { fuelState } from '../../../../../core/physics/fuel/pressureMap';
import { computeOrMissing } from '../../../../../core/reading/NotMeasured';
import { needsText } from '../../../../../core/wording/needsText';
import { fileName } from '../../../../../formats/buildFile';
import { writeDuctInp, writeFuelInp, writeLoopInp } from '../../../../../formats/epanetInp';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** The duct tree at the mean temperature of its air. */
function ducts(build: Build): Response {
  const tree = computeOrMissing(() => ductTree(readerOf(build)));
  if ('missing' in tree) return refused(409, `There is no network of the ducts yet: ${needsText(tree.missing.needs)}.`);
  const { heaterC } = tree.value.flow();
  const text = writeDuctInp({
    name: build.identity.name,
    air: tree.value.airOf(),
    airC: Number.isFinite(heaterC) ? heaterC : tree.value.inC,
    nameOf: (id) => tree.value.rows.find((row) => row.id === id)?.name ?? '',
  });
  return download(text, 'text/plain', `${fileName(build)}-ducts.inp`);
}

/** The coolant loop at work. */
function coolant(build: Build): Response {
  const loop = computeOrMissing(() => loopOf(readerOf(build)));
  if ('missing' in loop) return refused(409, `There is no network of the loop yet: ${needsText(loop.missing.needs)}.`);
  const { coolant: mix } = loop.value.netAt(workC);
  const text = writeLoopInp({ name: build.identity.name, loop: loop.value, coolant: mix, c: workC });
  return download(text, 'text/plain', `${fileName(build)}-coolant.inp`);
}

/** The fuel line, the ducts or the coolant loop as a network that a general-purpose engine solves again. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const of = new URL(request.url).searchParams.get('of') ?? '';
  if (of === 'ducts') return Promise.resolve(ducts(kept.build));
  if (of === 'coolant') return Promise.resolve(coolant(kept.build));
  if (of !== 'fuel') return refused(400, `of is “${of.slice(0, 20)}”; allowed is fuel, ducts or coolant.`);
  const picture = linePicture(kept.build);
  if ('missing' in picture) return refused(409, `There is no network of the fuel line yet: ${needsText(picture.missing)}.`);
  const { facts, asBuilt } = picture;
  const text = writeFuelInp({
    ...facts,
    name: kept.build.identity.name,
    fuel: fuelState(facts.fuel, asBuilt.temperatureC),
    levelMm: asBuilt.levelMm,
    flowMlS: facts.doseMl * asBuilt.frequencyHz,
  });
  return Promise.resolve(download(text, 'text/plain', `${fileName(kept.build)}-fuel.inp`));
});
