'use client';
import { Button, LinearProgress } from '@mui/material';
import { createElement, useEffect, useState, type ComponentType } from 'react';
import { sectionsOf, type SectionId, type SheetId } from '../../core/build/sections';
import { placeOfAddress, type Place } from '../../core/build/places';
import { airSections } from '../stages/air/airSections';
import { controllerSections } from '../stages/controller/controllerSections';
import { fuelSections } from '../stages/fuel/fuelSections';
import { wiringSections } from '../stages/wiring/wiringSections';
import { warmthSections } from '../stages/warmth/warmthSections';
import { sheetName } from './sheetName';
import { figureAsked } from '../components/StageLink';
import { panelId, tabId } from './SectionTabs';
import { workspace as t } from '../texts/en/workspace';

type Load = () => Promise<ComponentType>;
type Loads<S extends SheetId> = Readonly<Record<SectionId<S>, Load>>;
/** Sections that come in one script. */
function together<S extends SheetId>(sheet: S, load: () => Promise<Readonly<Record<SectionId<S>, ComponentType>>>): Loads<S> {
  const ids = Object.keys(sectionsOf(sheet)) as SectionId<S>[];
  return Object.fromEntries(ids.map((id) => [id, () => load().then((all) => all[id])])) as unknown as Loads<S>;
}
// Each comes by itself, so that nobody waits for the sheets of stages that are not looked at.
const loads: { readonly [S in SheetId]: Loads<S> } = {
  measure: together('measure', () => import('../stages/measure/measureSections').then((m) => m.measureSections)),
  heater: together('heater', () => import('../stages/heater/heaterSections').then((m) => m.heaterSections)),
  survey: together('survey', () => import('../stages/survey/surveySections').then((m) => m.surveySections)),
  kit: together('kit', () => import('../stages/kit/kitSections').then((m) => m.kitSections)),
  siting: together('siting', () => import('../stages/siting/sitingSections').then((m) => m.sitingSections)),
  fuel: fuelSections,
  air: airSections,
  warmth: warmthSections,
  wiring: wiringSections,
  priming: together('priming', () => import('../stages/priming/primingSections').then((m) => m.primingSections)),
  controller: controllerSections,
  startup: together('startup', () => import('../stages/startup/startupSections').then((m) => m.startupSections)),
  proving: together('proving', () => import('../stages/proving/provingSections').then((m) => m.provingSections)),
  signoff: together('signoff', () => import('../stages/signoff/signoffSections').then((m) => m.signoffSections)),
};
const keyOf = ({ sheet, section }: Place) => `${sheet}/${section}`;

const loaded = new Map<string, ComponentType>();
/** @returns whether the section is there now */
async function load(place: Place): Promise<boolean> {
  const find = (loads[place.sheet] as Readonly<Record<string, Load>>)[place.section];
  try {
    if (find) loaded.set(keyOf(place), loaded.get(keyOf(place)) ?? (await find()));
    return find !== undefined;
  } catch {
    return false;
  }
}
// The one that is asked for is fetched while the build still is.
if (typeof window !== 'undefined') void load(placeOfAddress(window.location.pathname));
const everyPlace = (): Place[] =>
  (Object.keys(loads) as SheetId[]).flatMap((sheet) => Object.keys(loads[sheet]).map((section) => ({ sheet, section })));

/** How long after a section those of its sheet are fetched, and all others, ms. */
const [sameSheetMs, othersMs] = [100, 6000];

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
  const Section = loaded.get(keyOf(place));
  const [tried, setTried] = useState<{ key: string; there: boolean } | null>(null);
  const key = keyOf(place);
  const attempt = () => void load(place).then((there) => setTried({ key, there }));
  useEffect(() => {
    let wanted = true;
    if (!Section) void load({ sheet, section }).then((there) => wanted && setTried({ key: `${sheet}/${section}`, there }));
    return () => {
      wanted = false;
    };
  }, [sheet, section, Section]);
  useEffect(() => {
    // The others come once there is nothing better to do, those of this sheet first: coverage may be gone when they are wanted.
    const fetchAll = (wanted: (other: Place) => boolean) =>
      everyPlace()
        .filter(wanted)
        .forEach((other) => void load(other));
    const timers = [
      setTimeout(() => fetchAll((other) => other.sheet === sheet), sameSheetMs),
      // Where the service worker has them on the device, nobody need read them before they are wanted.
      setTimeout(() => !navigator.serviceWorker?.controller && fetchAll(() => true), othersMs),
    ];
    return () => timers.forEach(clearTimeout);
  }, [sheet]);
  useFigureOfAddress(place, Section !== undefined);
  const tabbed = Object.keys(sectionsOf(sheet)).length > 1;
  if (Section)
    return (
      <div id={panelId} {...(tabbed ? { role: 'tabpanel', 'aria-labelledby': tabId(section) } : {})}>
        <h2 className="visually-hidden">{sheetName(sheet)}</h2>
        {createElement(Section, { key })}
      </div>
    );
  if (tried?.key !== key || tried.there) return <LinearProgress aria-label={t.opening} />;
  return (
    <div role="alert">
      <p>{t.thereIsNoWayThroughTo}</p>
      <Button onClick={attempt}>{t.tryAgain}</Button>
    </div>
  );
}
