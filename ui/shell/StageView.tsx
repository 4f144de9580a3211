'use client';
import { LinearProgress } from '@mui/material';
import { lazy, Suspense, useEffect, type ComponentType } from 'react';
import { StageSheet } from '../stages/StageSheet';

type Load = () => Promise<{ default: ComponentType }>;
// Each comes by itself, so that nobody waits for the sheets of stages that are not looked at.
const loads: Readonly<Record<string, Load>> = {
  heater: () => import('../stages/heater/HeaterSheet').then((m) => ({ default: m.HeaterSheet })),
  survey: () => import('../stages/survey/SurveySheet').then((m) => ({ default: m.SurveySheet })),
  kit: () => import('../stages/kit/KitSheet').then((m) => ({ default: m.KitSheet })),
  siting: () => import('../stages/siting/SitingSheet').then((m) => ({ default: m.SitingSheet })),
  fuel: () => import('../stages/fuel/FuelSheet').then((m) => ({ default: m.FuelSheet })),
  priming: () => import('../stages/priming/PrimingView').then((m) => ({ default: m.PrimingView })),
  startup: () => import('../stages/startup/StartView').then((m) => ({ default: m.StartView })),
  proving: () => import('../stages/proving/ProvingSheet').then((m) => ({ default: m.ProvingSheet })),
  signoff: () => import('../stages/signoff/SignoffView').then((m) => ({ default: m.SignoffView })),
};
const sheets = Object.fromEntries(Object.entries(loads).map(([stage, load]) => [stage, lazy(load)]));
const loadFor = (stage: string) => (stage === 'air' || stage === 'wiring' ? null : (loads[stage] ?? loads.fuel));

// The one that is asked for is fetched while the build still is.
if (typeof window !== 'undefined') void loadFor(window.location.pathname.split('/')[3] ?? '')?.().catch(() => undefined);

/** The sheet of a stage. */
export function StageView({ stage }: { stage: string }) {
  useEffect(() => {
    // The others come once there is nothing better to do: coverage may be gone when they are wanted.
    const timer = setTimeout(() => Object.values(loads).forEach((load) => void load().catch(() => undefined)), 1500);
    return () => clearTimeout(timer);
  }, []);
  if (stage === 'air' || stage === 'wiring') return <StageSheet key={stage} stage={stage} />;
  const Sheet = sheets[stage] ?? sheets.fuel;
  return <Suspense fallback={<LinearProgress aria-label="Opening" />}>{Sheet && <Sheet />}</Suspense>;
}
