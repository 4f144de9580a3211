'use client';
import { Box, Button } from '@mui/material';
import { useMemo, useState } from 'react';
import { searchPlaces, type SearchResult } from '../../../core/model/siting/searchPlaces';
import { sitingPlan, type SitingPlan } from '../../../core/model/siting/SitingPlan';
import { formatFixed } from '../../../core/units/formatNumber';
import { useWorkspace, useSay } from '../../sync/useWorkspace';
import { useWorker } from '../../components/useWorker';
import { usePlaceHeater } from './usePlaceHeater';
import { siting as t } from '../../texts/en/siting';

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
    <section aria-label={t.findAPlace} className="start-set">
      <div className="inline">
        <Button
          variant="contained"
          onClick={() => {
            setProblem(plan.holes.length === 0 ? t.enterTheHolesFirstAPlace : '');
            if (plan.holes.length > 0) setAsked({ plan, stepMm });
          }}
        >
          {t.findMeAPlace}
        </Button>
        {asked && !answer && !failed && (
          <>
            <span role="status">{t.lookingOverTheFloor}</span>
            <Button variant="text" onClick={() => setAsked(null)}>
              {t.stop}
            </Button>
          </>
        )}
      </div>
      {(problem || failed) && (
        <p className="error-line" role="alert">
          {problem || t.theSearchCouldNotRunOn}
        </p>
      )}
      {answer && asked && (
        <Box role="status" data-search={answer.good} sx={{ mt: 1 }}>
          {answer.found.length > 0 ? (
            <p>
              {t.ofPlacesKeepEveryLimit({ good: formatFixed(answer.good), tried: formatFixed(answer.tried) })}
              {stale ? t.theFloorHasChangedSince : ''}
              {t.theBestFew}
            </p>
          ) : (
            <p>
              <strong>{t.noPlaceOnThisFloorKeeps}</strong>{' '}
              {answer.tried === 0
                ? t.theFloorIsSmallerThanThe
                : answer.inTheWay[0]
                  ? t.mostInTheWayIsWithout({
                      name: answer.inTheWay[0].name,
                      without: formatFixed(answer.inTheWay[0].without),
                      inTheWay: answer.inTheWay
                        .slice(1)
                        .map((limit) => t.without({ name: limit.name, without: formatFixed(limit.without) }))
                        .join(''),
                    })
                  : t.everywhereTwoLimitsOrMoreAre}
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
                  {t.takeIt}
                </Button>
                <span>
                  <span className="mono">
                    {say(t.mmFromTheFrontMmFrom({ x: formatFixed(found.place.x), y: formatFixed(found.place.y) }))}
                    {t.turned({ turnDeg: found.place.turnDeg })}
                  </span>
                  <br />
                  {say(
                    [
                      t.mmClear({ clearMm: formatFixed(Math.min(found.clearMm, 9999)) }),
                      ...metres(found.ductMm, 'duct'),
                      ...metres(found.fuelMm, t.fuelLine),
                      ...metres(found.cableMm, 'cable'),
                    ].join(', '),
                  )}
                  .{' '}
                  {found.givesUp.length > 0
                    ? say(t.givesUp({ givesUp: found.givesUp.join(', ') }))
                    : t.givesUpNothingAgainstTheOthers}
                </span>
              </li>
            ))}
          </ol>
        </Box>
      )}
    </section>
  );
}
