'use client';
import { roleMay } from '../../../core/people/roles';
import type { Signed } from '../../../core/people/Who';
import { UnitCards, type KeptCard } from '../cards/UnitCards';
import { Page } from '../Page';
import { askEarly } from '../usePage';

interface Cards extends Signed {
  cards: KeptCard[];
}
const url = '/api/unit-cards';
askEarly('/cards', () => url);

/** What the workshop knows of each kind of heater. */
export function UnitCardsPage() {
  return (
    <Page<Cards> url={url} back>
      {({ who, cards }) => <UnitCards kept={cards} mayChange={roleMay(who.role, 'work')} />}
    </Page>
  );
}
