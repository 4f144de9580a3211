'use client';
import { sections } from '../../../core/build/sections';
import { fieldAt, figureAt } from '../../../core/build/sheets';
import { settingKeys, type SettingKey } from '../../../core/build/sheetTables/controller';
import { Caution, manualFirst } from '../../components/Caution';
import { FigureTable } from '../../components/cells/FigureTable';
import { DerivedFigures } from '../../components/cells/DerivedFigures';
import { Fold } from '../../components/lists/Fold';
import { RowList } from '../../components/lists/RowList';
import { useWorkspace } from '../../sync/useWorkspace';
import { controller as t } from '../../texts/en/controller';
import { NumberMeans } from './NumberMeans';
import { SettingsFiles } from './SettingsFiles';
import { SettingsTable } from './SettingsTable';

/** What the controller was set to and is set to now, what that means, and why it was changed. */
export function SettingsSection() {
  const { settled } = useWorkspace('settled');
  const card = settled.unitCard;
  const read = (key: SettingKey) =>
    (['controller', 'found'] as const).some((sheet) => figureAt(settled.sheets, `${sheet}.${key}`).fitted !== null);
  // By the card where it tells; what somebody has read stands there all the same.
  const named = card?.settings?.map(({ setting }) => setting) ?? [];
  const first = named.length > 0 ? settingKeys.filter((key) => named.includes(key) || read(key)) : settingKeys;
  const others = settingKeys.filter((key) => !first.includes(key));
  return (
    <>
      <FigureTable paths={sections.controller.settings.figures['Gone through']} caption={t.looked} />
      <p className="soft">
        {t.settingsHint} {named.length > 0 && card ? t.ofCard({ card: card.name }) : ''}
      </p>
      <SettingsTable keys={first} />
      {others.length > 0 && (
        <Fold title={t.allOthers} note={t.othersNote} holds={others.map((key) => `controller.${key}` as const)}>
          <SettingsTable keys={others} />
        </Fold>
      )}
      <NumberMeans />
      <Fold title={t.notes} note={t.notesNote}>
        <p className="soft">{t.noteHint}</p>
        <RowList
          list="settings"
          main={['name', 'code', 'found', 'left', 'why']}
          order={(rows) => rows.filter(({ setting }) => setting === undefined || setting === 'other')}
          fresh={() => ({ setting: 'other' })}
        />
      </Fold>
      <SettingsFiles />
      <DerivedFigures keys={['controller.minKw', 'controller.maxKw']} />
      <Caution>{t.lock({ manualFirst: manualFirst() })}</Caution>
    </>
  );
}
export const settingLabel = (key: SettingKey): string => fieldAt(`controller.${key}`).label;
