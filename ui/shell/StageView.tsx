'use client';
import { Button, LinearProgress } from '@mui/material';
import { createElement, useEffect, useState, type ComponentType } from 'react';
import { StageSheet } from '../stages/StageSheet';

const figuresOnly = (stage: 'air' | 'wiring') => () => Promise.resolve(() => <StageSheet key={stage} stage={stage} />);
// Each comes by itself, so that nobody waits for the sheets of stages that are not looked at.
const loads: Readonly<Record<string, () => Promise<ComponentType>>> = {
  heater: () => import('../stages/heater/HeaterSheet').then((m) => m.HeaterSheet),
  survey: () => import('../stages/survey/SurveySheet').then((m) => m.SurveySheet),
  kit: () => import('../stages/kit/KitSheet').then((m) => m.KitSheet),
  siting: () => import('../stages/siting/SitingSheet').then((m) => m.SitingSheet),
  fuel: () => import('../stages/fuel/FuelSheet').then((m) => m.FuelSheet),
  air: figuresOnly('air'),
  wiring: figuresOnly('wiring'),
  priming: () => import('../stages/priming/PrimingView').then((m) => m.PrimingView),
  startup: () => import('../stages/startup/StartView').then((m) => m.StartView),
  proving: () => import('../stages/proving/ProvingSheet').then((m) => m.ProvingSheet),
  signoff: () => import('../stages/signoff/SignoffView').then((m) => m.SignoffView),
};
const nameOf = (stage: string | undefined): string => (stage !== undefined && stage in loads ? stage : 'fuel');

const loaded = new Map<string, ComponentType>();
/** @returns whether the sheet is there now */
async function load(name: string): Promise<boolean> {
  try {
    const Sheet = loaded.get(name) ?? (await loads[name]?.());
    if (Sheet) loaded.set(name, Sheet);
    return Sheet !== undefined;
  } catch {
    return false;
  }
}
// The one that is asked for is fetched while the build still is.
if (typeof window !== 'undefined') void load(nameOf(window.location.pathname.split('/')[3]));

/** The sheet of a stage. */
export function StageView({ stage }: { stage: string }) {
  const name = nameOf(stage);
  const sheet = loaded.get(name);
  const [tried, setTried] = useState<{ name: string; there: boolean } | null>(null);
  const attempt = () => void load(name).then((there) => setTried({ name, there }));
  useEffect(() => {
    let wanted = true;
    if (!sheet) void load(name).then((there) => wanted && setTried({ name, there }));
    return () => {
      wanted = false;
    };
  }, [name, sheet]);
  useEffect(() => {
    // The others come once there is nothing better to do: coverage may be gone when they are wanted.
    const timer = setTimeout(() => Object.keys(loads).forEach((other) => void load(other)), 1500);
    return () => clearTimeout(timer);
  }, []);
  if (sheet) return createElement(sheet, { key: name });
  if (tried?.name !== name || tried.there) return <LinearProgress aria-label="Opening" />;
  return (
    <div role="alert">
      <p>There is no way through to the server, and this sheet is not on this device yet.</p>
      <Button onClick={attempt}>Try again</Button>
    </div>
  );
}
