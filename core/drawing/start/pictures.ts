import type { SourceId } from '../../build/fuelSources';
import type { BodyShapeId } from '../../model/heat/bodyShapes';
import type { Distance, HeaterPlace } from '../../usual/Answers';

/** A part of a small picture: an outline, a hairline, or something filled with fuel, heat or ink. */
export interface PictureMark {
  d: string;
  look: 'line' | 'hair' | 'fuel' | 'heat' | 'ink';
}
/** Small pictures are drawn in a box of this size, px. */
export const pictureBox = { w: 88, h: 52 };

const line = (d: string): PictureMark => ({ d, look: 'line' });
const hair = (d: string): PictureMark => ({ d, look: 'hair' });
const fuel = (d: string): PictureMark => ({ d, look: 'fuel' });
const heat = (d: string): PictureMark => ({ d, look: 'heat' });
const ink = (d: string): PictureMark => ({ d, look: 'ink' });
const circle = (x: number, y: number, r: number) => `M${x - r},${y}a${r},${r} 0 1 0 ${2 * r},0a${r},${r} 0 1 0 ${-2 * r},0z`;
const box = (x: number, y: number, w: number, h: number) => `M${x},${y}h${w}v${h}h${-w}z`;
const wheels = (...xs: readonly number[]) => xs.map((x) => ink(circle(x, 42, 5)));
const ground = hair('M4,47.5h80');
/** A heater as a rounded body with its fins. */
const heater = (x: number, y: number) => [heat(`M${x},${y}h16a4,4 0 0 1 4,4v3a4,4 0 0 1 -4,4h-16z`)];
const floor = hair('M6,30h76');

export const bodyPictures: Readonly<Record<BodyShapeId, readonly PictureMark[]>> = {
  smallVan: [line('M18,42v-20q0,-6 6,-6h24l14,12h6q4,0 4,4v10z'), line('M50,19l10,9h-14v-9z'), ...wheels(30, 62), ground],
  van: [line('M10,42v-28q0,-6 6,-6h44q4,0 6,4l8,16q4,2 4,6v8z'), line('M60,13l7,14h-12v-14z'), ...wheels(24, 66), ground],
  longVan: [line('M4,42v-30q0,-5 6,-5h56q4,0 6,4l8,16q4,2 4,6v9z'), line('M66,12l7,14h-11v-14z'), ...wheels(18, 70), ground],
  bus: [
    line('M4,42v-28q0,-6 6,-6h68q6,0 6,6v28z'),
    line('M8,14h10v9h-10zM22,14h10v9h-10zM36,14h10v9h-10zM50,14h10v9h-10zM64,14h14v11h-14z'),
    ...wheels(18, 70),
    ground,
  ],
  trailer: [
    line('M16,42v-24q0,-8 8,-8h44q8,0 8,8v24z'),
    line('M16,40h-12'),
    line('M26,17h14v9h-14zM52,17h12v9h-12z'),
    ...wheels(46),
    ground,
  ],
  narrowBoat: [
    line('M4,30h80l-8,12h-66z'),
    line('M14,30v-12h56v12'),
    ...[22, 38, 54].map((x) => line(circle(x, 24, 3))),
    hair('M2,42q8,4 16,0t16,0t16,0t16,0t18,0'),
  ],
  cabin: [line('M16,44v-20h56v20z'), line('M10,26l34,-18l34,18'), line('M26,44v-12h10v12M48,30h14v8h-14z'), ground],
};
export const sourcePictures: Readonly<Record<SourceId, readonly PictureMark[]>> = {
  kitTank: [fuel('M30,28h28v16h-28z'), line('M30,16q0,-4 4,-4h20q4,0 4,4v28h-28z'), ink(box(40, 8, 8, 4)), line('M44,44v4h14')],
  ownTank: [
    fuel(box(22, 26, 44, 18)),
    line(box(22, 14, 44, 30)),
    ink(box(28, 9, 8, 5)),
    line('M54,10v26M54,10h16'),
    hair('M30,14v30M58,14v30'),
  ],
  standpipe: [fuel('M14,32h60l-4,12h-52z'), line('M10,20h68l-8,24h-52z'), line('M50,8v28M50,8h20'), ink(box(44, 17, 12, 3))],
  returnBranch: [
    fuel('M14,34h46l-3,10h-40z'),
    line('M10,24h54l-6,20h-42z'),
    line('M30,24v-14h48'),
    line('M56,10v14h22'),
    ink(circle(56, 10, 3)),
  ],
  feedTee: [line('M6,24h76'), line('M44,24v20'), ink(circle(44, 24, 4)), ink('M16,19l8,5l-8,5z'), fuel('M42,30h4v14h-4z')],
};
export const heaterPictures: Readonly<Record<HeaterPlace, readonly PictureMark[]>> = {
  floor: [...heater(34, 18), line('M6,30h30M50,30h32'), line('M40,30v14h20M46,30v8')],
  shelf: [...heater(34, 10), line('M28,22h30'), line('M58,22v-12M58,16h20M58,12h20'), floor, line('M78,4v40')],
  under: [floor, ...heater(34, 34), line('M28,31h34v17h-34z')],
};
/** A thing at some way from the heater; the heater stands at the right. */
const away = (thing: (x: number) => readonly PictureMark[]): Readonly<Record<Distance, readonly PictureMark[]>> => ({
  near: [...thing(44), ...heater(66, 18), hair('M4,40h80')],
  middle: [...thing(24), ...heater(66, 18), hair('M4,40h80')],
  far: [...thing(4), ...heater(66, 18), hair('M4,40h80')],
});
export const tankPictures = away((x) => [fuel(box(x, 28, 16, 8)), line(box(x, 22, 16, 14)), line(`M${x + 16},32H66V26`)]);
export const batteryPictures = away((x) => [
  line(box(x, 22, 16, 14)),
  ink(box(x + 3, 19, 3, 3)),
  ink(box(x + 10, 19, 3, 3)),
  line(`M${x + 16},27H66`),
]);
/** A heater as large as its class. @param scale 1 for the smallest */
export const cardPicture = (scale: number, coolant: boolean): readonly PictureMark[] => {
  const [w, h] = [30 + 12 * scale, 12 + 7 * scale];
  const [x, y] = [44 - w / 2, 26 - h / 2];
  return [
    line(`M${x},${y}h${w - 8}q8,0 8,8v${h - 16}q0,8 -8,8h${-(w - 8)}z`),
    heat(box(x + w, y + h * 0.3, 8, h * 0.4)),
    ...(coolant
      ? [line(`M${x + 8},${y}v-8M${x + 18},${y}v-8`)]
      : [hair(`M${x - 4},${y + 3}v${h - 6}M${x - 8},${y + 5}v${h - 10}`)]),
  ];
};
