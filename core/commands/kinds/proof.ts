import { coPlaces, type CoReading, type HotLook } from '../../build/Build';
import { coReadingSchema, hotLookSchema } from '../../build/recordSchemas';
import { instant } from '../../build/schemaParts';
import { formatShort } from '../../units/formatNumber';
import { hotText } from '../../wording/hotText';
import { defineCommand, refuse, shape } from '../define';

export interface CoCommand {
  kind: 'co';
  reading: Omit<CoReading, 'at' | 'by'>;
}
export interface HotCommand {
  kind: 'hot';
  look: Omit<HotLook, 'at' | 'by'>;
  readAt?: string;
}

/** A reading of carbon monoxide. */
export const coCommand = defineCommand<CoCommand>({
  kind: 'co',
  permission: 'work',
  schema: shape(() => ({ reading: coReadingSchema().omit(['at', 'by']) })),
  apply: (build, { reading }, { name, at }) => ({
    ok: true,
    build: { ...build, coReadings: [...build.coReadings, { ...reading, at, by: name }] },
    body: { reading },
  }),
  describe(body) {
    const { ppm, place } = body.reading as CoReading;
    return `carbon monoxide ${formatShort(ppm)} ppm, ${coPlaces[place]}`;
  },
});

/** A surface by thermometer while the heater runs. */
export const hotCommand = defineCommand<HotCommand>({
  kind: 'hot',
  permission: 'work',
  schema: shape(() => ({ look: hotLookSchema().omit(['at', 'by']), readAt: instant().optional() })),
  apply(build, { look, readAt }, { name, at }) {
    const read = readAt ?? at;
    if (Date.parse(read) > Date.parse(at))
      return refuse('invalid', `readAt is ${read}; a surface can’t have been read later than now.`);
    return {
      ok: true,
      build: { ...build, hotLooks: [...(build.hotLooks ?? []), { ...look, at: read, by: name }] },
      body: { look, readAt: read },
    };
  },
  describe: (body) => hotText(body.look as HotLook),
});
