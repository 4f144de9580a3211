import { linePicture } from '../../../../../core/drawing/line/linePicture';
import { fuelState } from '../../../../../core/physics/fuel/pressureMap';
import { needsText } from '../../../../../core/wording/needsText';
import { fileName } from '../../../../../formats/buildFile';
import { writeFuelInp } from '../../../../../formats/epanetInp';
import { download, refused } from '../../../../lib/answers';
import { documentRoute } from '../../../../lib/handle';

/** The fuel line as a network that a general-purpose engine solves again. */
export const GET = documentRoute('look', async ({ request, kept }) => {
  const of = new URL(request.url).searchParams.get('of') ?? '';
  if (of !== 'fuel') return refused(400, `of is “${of.slice(0, 20)}”; allowed is fuel.`);
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
