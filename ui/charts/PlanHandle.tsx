'use client';
import { arrowOf } from './dragPart';

/** Steps of a plan by keys, mm; with shift the longer one. */
const [stepMm, longStepMm] = [10, 100];

/** What an end on a plan is dragged and moved by: a round place of a thumb's size. Keys move it by a centimetre, with shift by ten. */
export function PlanHandle({
  x,
  y,
  name,
  told,
  atMm,
  data,
  onMove,
  onPick,
}: {
  /** px */ x: number;
  y: number;
  name: string;
  /** how it stands, for who does not see it */ told: string;
  /** from the front, mm */ atMm: number;
  /** by which it is found when it is dragged */ data: Readonly<Record<`data-${string}`, string>>;
  /** by so much to the rear and to the right, mm */ onMove: (dxMm: number, dyMm: number) => void;
  onPick?: () => void;
}) {
  const press = (event: React.KeyboardEvent) => {
    const arrow = arrowOf(event.key);
    if (!arrow) return;
    event.preventDefault();
    event.stopPropagation();
    const step = event.shiftKey ? longStepMm : stepMm;
    onMove(arrow[0] * step, arrow[1] * step);
  };
  return (
    <circle
      className="touch handle"
      {...data}
      cx={x}
      cy={y}
      r={24}
      tabIndex={0}
      role="slider"
      aria-label={name}
      aria-valuenow={atMm}
      aria-valuetext={told}
      onKeyDown={press}
      onClick={onPick}
      onFocus={onPick}
    />
  );
}
