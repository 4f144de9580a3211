'use client';
import { Tab, Tabs } from '@mui/material';
import { sectionsOf } from '../../core/build/sections';
import { placeHref, placeOfCheck, type Place } from '../../core/build/places';
import { marksOf } from '../../core/checks/marksOf';
import { Marks } from '../components/findings/Marks';
import { StageLink } from '../components/StageLink';
import { useWorkspace } from '../sync/useWorkspace';
import { workspace as t } from '../texts/en/workspace';

export const panelId = 'section-panel';
export const tabId = (section: string) => `tab-${section}`;

/** The sections of a sheet, each with what is worst in it. */
export function SectionTabs({ place: { sheet, section } }: { place: Place }) {
  const { build, findings } = useWorkspace('build', 'findings');
  const sections = Object.entries(sectionsOf(sheet));
  if (sections.length < 2) return null;
  return (
    <nav className="section-tabs" aria-label={t.sections}>
      <Tabs value={section} variant="scrollable" scrollButtons="auto" allowScrollButtonsMobile aria-label={t.sectionsOfThisSheet}>
        {sections.map(([name, { label }]) => {
          const own = findings.filter((finding) => {
            const place = placeOfCheck(finding);
            return place.sheet === sheet && place.section === name;
          });
          return (
            <Tab
              key={name}
              id={tabId(name)}
              aria-controls={panelId}
              value={name}
              component={StageLink}
              href={placeHref(build.id, { sheet, section: name })}
              label={
                <span className="section-tab">
                  {label} <Marks counts={marksOf(own).slice(0, 1)} />
                </span>
              }
            />
          );
        })}
      </Tabs>
    </nav>
  );
}
