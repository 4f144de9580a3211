'use client';
import { Button, LinearProgress } from '@mui/material';
import { createElement, useEffect, useState, type ComponentType } from 'react';
import { sectionsOf, type SectionId, type SheetId } from '../../core/build/sections';
import { placeOfAddress, type Place } from '../../core/build/places';
import { sheetName } from './sheetName';
import { figureAsked } from '../components/StageLink';
import { panelId, tabId } from './SectionTabs';

type Sections<S extends SheetId> = Readonly<Record<SectionId<S>, ComponentType>>;
// Each comes by itself, so that nobody waits for the sheets of stages that are not looked at.
const loads: { readonly [S in SheetId]: () => Promise<Sections<S>> } = {
  heater: () => import('../stages/heater/heaterSections').then((m) => m.heaterSections),
  survey: () => import('../stages/survey/surveySections').then((m) => m.surveySections),
  kit: () => import('../stages/kit/kitSections').then((m) => m.kitSections),
  siting: () => import('../stages/siting/sitingSections').then((m) => m.sitingSections),
  fuel: () => import('../stages/fuel/fuelSections').then((m) => m.fuelSections),
  air: () => import('../stages/plainSections').then((m) => m.airSections),
  wiring: () => import('../stages/plainSections').then((m) => m.wiringSections),
  priming: () => import('../stages/priming/primingSections').then((m) => m.primingSections),
  startup: () => import('../stages/startup/startupSections').then((m) => m.startupSections),
  proving: () => import('../stages/proving/provingSections').then((m) => m.provingSections),
  signoff: () => import('../stages/signoff/signoffSections').then((m) => m.signoffSections),
};

const loaded = new Map<SheetId, Readonly<Record<string, ComponentType>>>();
/** @returns whether the sheet is there now */
async function load(sheet: SheetId): Promise<boolean> {
  try {
    loaded.set(sheet, loaded.get(sheet) ?? (await loads[sheet]()));
    return true;
  } catch {
    return false;
  }
}
// The one that is asked for is fetched while the build still is.
if (typeof window !== 'undefined') void load(placeOfAddress(window.location.pathname).sheet);

/** Puts the hand on the figure that the address names. */
function useFigureOfAddress({ sheet, section }: Place, there: boolean) {
  useEffect(() => {
    const find = () => {
      const path = decodeURIComponent(window.location.hash.slice(1));
      if (!/^[\w.]+$/.test(path)) return;
      const cells = document.querySelectorAll<HTMLElement>(`[data-figure="${path}"] :is(input, select)`);
      const cell = cells[cells.length - 1];
      cell?.scrollIntoView({ block: 'center' });
      cell?.focus({ preventScroll: true });
    };
    find();
    window.addEventListener(figureAsked, find);
    return () => window.removeEventListener(figureAsked, find);
  }, [sheet, section, there]);
}

/** The section of a sheet that is looked at. */
export function StageView({ place }: { place: Place }) {
  const { sheet, section } = place;
  const Section = loaded.get(sheet)?.[section];
  const [tried, setTried] = useState<{ sheet: SheetId; there: boolean } | null>(null);
  const attempt = () => void load(sheet).then((there) => setTried({ sheet, there }));
  useEffect(() => {
    let wanted = true;
    if (!Section) void load(sheet).then((there) => wanted && setTried({ sheet, there }));
    return () => {
      wanted = false;
    };
  }, [sheet, Section]);
  useEffect(() => {
    // The others come once there is nothing better to do: coverage may be gone when they are wanted.
    const timer = setTimeout(() => (Object.keys(loads) as SheetId[]).forEach((other) => void load(other)), 1500);
    return () => clearTimeout(timer);
  }, []);
  useFigureOfAddress(place, Section !== undefined);
  const tabbed = Object.keys(sectionsOf(sheet)).length > 1;
  if (Section)
    return (
      <div id={panelId} {...(tabbed ? { role: 'tabpanel', 'aria-labelledby': tabId(section) } : {})}>
        <h2 className="visually-hidden">{sheetName(sheet)}</h2>
        {createElement(Section, { key: `${sheet}/${section}` })}
      </div>
    );
  if (tried?.sheet !== sheet || tried.there) return <LinearProgress aria-label="Opening" />;
  return (
    <div role="alert">
      <p>There is no way through to the server, and this sheet is not on this device yet.</p>
      <Button onClick={attempt}>Try again</Button>
    </div>
  );
}
