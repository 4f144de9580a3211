import type { FigurePath } from '../../build/sheets';
import type { PictureMark } from './pictures';

/** Where words fail: how something is measured. Drawn in a box of 200 by 84, px. */
export const holdBox = { w: 200, h: 84 };
const line = (d: string): PictureMark => ({ d, look: 'line' });
const hair = (d: string): PictureMark => ({ d, look: 'hair' });
const fuel = (d: string): PictureMark => ({ d, look: 'fuel' });
const heat = (d: string): PictureMark => ({ d, look: 'heat' });
/** A measured length, with its two ends. */
const measured = (x: number, y: number, dx: number, dy: number): PictureMark =>
  heat(
    `M${x},${y}l${dx},${dy}M${x - (dy ? 5 : 0)},${y - (dx ? 5 : 0)}l${dy ? 10 : 0},${dx ? 10 : 0}M${x + dx - (dy ? 5 : 0)},${y + dy - (dx ? 5 : 0)}l${dy ? 10 : 0},${dx ? 10 : 0}`,
  );

const tank = [fuel('M12,44h56v24h-56z'), line('M12,16h56v52h-56z')];
const pump = line('M112,52l40,-18l6,13l-40,18z');
const height = [...tank, hair('M6,68h188'), pump, measured(114, 58, 0, 10)];
const pictures: readonly (readonly [RegExp, readonly PictureMark[]])[] = [
  [/^fuel\.pumpAboveTankFloorMm$/, height],
  [
    /^fuel\.heaterAboveTankFloorMm$/,
    [...tank, hair('M6,68h188'), line('M120,14h46v18h-46z'), line('M128,32v8'), measured(128, 40, 0, 28)],
  ],
  [/^fuel\.fuelLevelMm$/, [...tank, line('M40,4v64'), measured(82, 44, 0, 24)]],
  [/^tank\.depthAtSpotMm$/, [...tank, line('M40,4v64'), measured(82, 16, 0, 52)]],
  [/^fuel\.pickupClearanceMm$/, [...tank, line('M46,6v50'), measured(58, 56, 0, 12)]],
  [
    /^fuel\.pumpAngleDeg$/,
    [hair('M60,70h90'), line('M64,64l58,-30l7,14l-58,30z'), heat('M128,70a62,62 0 0 0 -8,-30'), hair('M96,48l20,-10')],
  ],
  [/Fall(Mm)$/, [line('M30,16h20v10l110,34'), hair('M50,26h120'), measured(160, 26, 0, 34)]],
  [
    /^fuel\.(suction|pressure)LengthM$|^wiring\.feedLengthM$|^air\.\w+LengthM$/,
    [line('M16,56q30,-50 66,-20t60,10t40,-30'), heat('M16,64q30,-50 66,-20t60,10t40,-30')],
  ],
  [/BoreMm$|Mm2$/, [line('M56,20h88M56,64h88'), hair('M56,20v44M144,20v44'), measured(100, 20, 0, 44)]],
  [/^fuel\.jointGapMm$/, [line('M20,34h70v16h-70zM110,34h70v16h-70z'), hair('M70,26h60v32h-60z'), measured(90, 66, 20, 0)]],
  [/ClearMm$|liftOutMm|boxRoundMm/, [line('M24,24h70v36h-70z'), line('M160,8v68'), measured(94, 42, 66, 0)]],
  [/^air\.exhaustPastOutlineMm$/, [line('M110,6v56'), hair('M30,62h80'), line('M40,30v26h96'), measured(110, 70, 26, 0)]],
  [/^air\.endsApartMm$/, [line('M40,10v34h16M160,10v34h-16'), measured(56, 60, 88, 0)]],
  [/^pipes\.gapMm$/, [line('M10,44h60v16h-60zM130,44h60v16h-60z'), line('M88,8v70M112,8v70'), measured(70, 52, 18, 0)]],
  [/^pipes\.nearMm$/, [line('M10,26h150v14h-150z'), hair('M40,62h110v18h-110z'), measured(95, 40, 0, 22)]],
  [
    /^ends\.\w+HighMm$/,
    [hair('M10,74h180'), line('M10,10h90v28'), line('M88,38a12,8 0 1 0 24,0a12,8 0 1 0 -24,0'), measured(132, 38, 0, 36)],
  ],
  [
    /^ends\.exhaustOpeningMm$/,
    [
      line('M20,12h58v26h-58z'),
      hair('M20,25h58M49,12v26'),
      line('M142,64h40'),
      line('M136,64a8,8 0 1 0 16,0a8,8 0 1 0 -16,0'),
      heat('M78,38L138,60'),
    ],
  ],
  [/^pipes\.supportsApartMm$/, [line('M10,40h180'), line('M40,40v-24M150,40v-24'), measured(40, 60, 110, 0)]],
  [/^tank\.(holeMm|fittingMm)$/, [line('M20,52h60M120,52h60'), hair('M80,52v20M120,52v20'), measured(80, 40, 40, 0)]],
];
/** The picture of how a figure is measured; null where words are enough. */
export const holdPictureOf = (path: FigurePath): readonly PictureMark[] | null =>
  pictures.find(([pattern]) => pattern.test(path))?.[1] ?? null;
