'use client';
import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { searchPlaces, type SearchResult } from '../../../core/model/siting/searchPlaces';
import { sitingPlan, type SitingPlan } from '../../../core/model/siting/SitingPlan';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWorker } from '../../components/useWorker';
import { usePlaceHeater } from './usePlaceHeater';

const make = () => new Worker(new URL('../../../workers/searchPlaces.ts', import.meta.url), { type: 'module' });
interface Asked {
  plan: SitingPlan;
  stepMm: number;
}
const onPage = async ({ plan, stepMm: step }: Asked) => searchPlaces(plan, { stepMm: step });
const stepMm = 10;

/** Looks over the whole floor for places that keep every hard limit, and says what each gives up. */
export function PlaceSearch() {
  const { settled, mayWork } = useWorkspace('settled', 'mayWork');
  const say = useSay();
  const [asked, setAsked] = useState<Asked | null>(null);
  const [problem, setProblem] = useState('');
  const { answer, failed } = useWorker<Asked, SearchResult | null>(make, onPage, asked, 0);
  const { keep, sketch } = usePlaceHeater();
  const plan = useMemo(() => sitingPlan(settled), [settled]);
  if (!plan || !mayWork) return null;
  const stale = asked !== null && JSON.stringify(asked.plan) !== JSON.stringify(plan);
  const metres = (mm: number | null, name: string) => (mm === null ? [] : [`${name} ${formatFixed(mm / 1000, 1)} m`]);
  return (
    <section aria-label="Find a place" className="start-set">
      <div className="inline">
        <Button
          variant="contained"
          onClick={() => {
            setProblem(plan.holes.length === 0 ? 'Enter the holes first: a place is good only if they are clear below.' : '');
            if (plan.holes.length > 0) setAsked({ plan, stepMm });
          }}
        >
          Find me a place
        </Button>
        {asked && !answer && !failed && (
          <>
            <span role="status">looking over the floor…</span>
            <Button variant="text" onClick={() => setAsked(null)}>
              Stop
            </Button>
          </>
        )}
      </div>
      {(problem || failed) && (
        <p className="error-line" role="alert">
          {problem || 'The search could not run on this device.'}
        </p>
      )}
      {answer && asked && (
        <Box role="status" data-search={answer.good} sx={{ mt: 1 }}>
          {answer.found.length > 0 ? (
            <p>
              {formatFixed(answer.good)} of {formatFixed(answer.tried)} places keep every limit
              {stale ? ' (the floor has changed since)' : ''}. The best few:
            </p>
          ) : (
            <p>
              <strong>No place on this floor keeps every limit.</strong>{' '}
              {answer.tried === 0
                ? 'The floor is smaller than the heater.'
                : answer.inTheWay[0]
                  ? `Most in the way is ${answer.inTheWay[0].name}: without it there would be ${formatFixed(answer.inTheWay[0].without)} places.${answer.inTheWay
                      .slice(1)
                      .map((limit) => ` Without ${limit.name}: ${formatFixed(limit.without)}.`)
                      .join('')}`
                  : 'Everywhere two limits or more are in the way.'}
            </p>
          )}
          <ol className="found">
            {answer.found.map((found) => (
              <li key={`${found.place.x}/${found.place.y}/${found.place.turnDeg}`}>
                <Button
                  onMouseEnter={() => sketch(found.place)}
                  onFocus={() => sketch(found.place)}
                  onMouseLeave={() => sketch(null)}
                  onBlur={() => sketch(null)}
                  onClick={() => {
                    sketch(null);
                    setProblem(keep(found.place).join(' '));
                  }}
                >
                  Take it
                </Button>
                <span>
                  <span className="mono">
                    {say(`${formatFixed(found.place.x)} mm from the front, ${formatFixed(found.place.y)} mm from the left`)},
                    turned {found.place.turnDeg}°
                  </span>
                  <br />
                  {say(
                    [
                      `${formatFixed(Math.min(found.clearMm, 9999))} mm clear`,
                      ...metres(found.ductMm, 'duct'),
                      ...metres(found.fuelMm, 'fuel line'),
                      ...metres(found.cableMm, 'cable'),
                    ].join(', '),
                  )}
                  .{' '}
                  {found.givesUp.length > 0
                    ? say(`Gives up ${found.givesUp.join(', ')}.`)
                    : 'Gives up nothing against the others.'}
                </span>
              </li>
            ))}
          </ol>
        </Box>
      )}
    </section>
  );
}
