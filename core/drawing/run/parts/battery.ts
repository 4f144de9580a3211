import { formatShort } from '../../../units/formatNumber';
import type { Frame, Spot } from '../marks';
import { polyline, shape, type Pen } from '../Pen';

/** The battery on the floor and the feed to the heater. @returns its frame, and the feed's level way for labels to give way to */
export function drawBattery(pen: Pen, heater: Frame, floorY: number): { battery: Frame; feed: Spot[] } {
  const { perMm } = pen.scale;
  const { x } = pen.at(pen.geometry.battery);
  const [w, h] = [Math.max(240 * perMm, 46), Math.max(170 * perMm, 28)];
  const battery = { x, y: floorY - h - 2, w, h };
  const post = (from: number): Spot[] => [
    { x: from, y: battery.y },
    { x: from, y: battery.y - 5 },
    { x: from + 8, y: battery.y - 5 },
    { x: from + 8, y: battery.y },
  ];
  const body =
    shape((p) => p.rect(battery.x, battery.y, w, h)) + polyline(post(battery.x + 8)) + polyline(post(battery.x + w - 16));
  pen.draw('battery', 'ink', body, { fill: 'paper', name: 'battery' });
  const lid = polyline([
    { x, y: battery.y + 7 },
    { x: x + w, y: battery.y + 7 },
  ]);
  pen.draw('battery', 'ink', lid, { width: 1, name: 'battery lid' });
  for (const [sign, at] of [
    ['−', battery.x + 12],
    ['+', battery.x + w - 12],
  ] as const)
    pen.write('battery', { x: at, y: battery.y + 22 }, sign, { anchor: 'middle', strong: true, fixed: true });
  const high = battery.y - 14;
  const feed = [
    { x: battery.x + w - 12, y: battery.y - 5 },
    { x: battery.x + w - 12, y: high },
    { x: heater.x + 14, y: high },
    { x: heater.x + 14, y: heater.y },
  ];
  pen.draw('battery', 'ink', polyline(feed), { width: Math.max(1, pen.width('battery') - 0.75), name: 'feed' });
  const feedM = pen.value('wiring.feedLengthM');
  if (feedM !== null)
    pen.write('battery', { x: (battery.x + w + heater.x) / 2, y: battery.y - 20 }, `${formatShort(feedM, 1)} m feed`, {
      anchor: 'middle',
    });
  return {
    battery,
    feed: [
      { x: battery.x + w, y: high },
      { x: heater.x + 14, y: high },
    ],
  };
}

/** The carbon monoxide alarm, where one is fitted. @returns its middle */
export function drawAlarm(pen: Pen, floorY: number, outlineX: number): Spot {
  const alarm = { x: outlineX - 46, y: Math.max(20, floorY - 150) };
  if (pen.geometry.ink.cabin !== 'unknown' && pen.value('proving.coAlarmFitted') === 'yes') {
    const d = shape((p) => p.rect(alarm.x - 14, alarm.y - 10, 28, 20));
    pen.draw('cabin', 'ink', d, { fill: 'paper', name: 'alarm' });
    pen.write('cabin', { x: alarm.x, y: alarm.y + 5 }, 'CO', { anchor: 'middle', strong: true, fixed: true });
  }
  return alarm;
}
