'use client';
import type { UnitCard } from '../../../core/build/unit/UnitCard';
import type { Signed } from '../../../core/people/Who';
import { roleMay } from '../../../core/people/roles';
import { Opened } from '../../components/Opened';
import { ImportForm, NewBuildForm } from '../NewBuildForms';
import { Page } from '../Page';
import { StartForm } from '../start/StartForm';
import { askEarly } from '../usePage';
import { pages as t } from '../../texts/en/pages';
import { start as s } from '../../texts/en/start';

interface Cards extends Signed {
  cards: { card: UnitCard }[];
}
const url = '/api/unit-cards';
askEarly('/builds/new', () => url, { keep: true });

export function NewBuildPage() {
  return (
    <Page<Cards> url={url} back keep>
      {({ who, cards }) =>
        roleMay(who.role, 'work') ? (
          <>
            <StartForm cards={cards.map(({ card }) => card)} units={who.unitPreferences} />
            <Opened line={s.beginEmptyOrImport}>
              <div className="columns">
                <section>
                  <h2>{s.anEmptyBuild}</h2>
                  <NewBuildForm />
                </section>
                <section>
                  <h2>{t.import}</h2>
                  <p className="soft lead-in">{t.aBuildFileThatLorbetWrote}</p>
                  <ImportForm />
                </section>
              </div>
            </Opened>
          </>
        ) : (
          <p>{t.signsInAsAFitterOr({ name: who.name, role: who.role })}</p>
        )
      }
    </Page>
  );
}
