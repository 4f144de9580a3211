import type { Metadata } from 'next';
import { UnitCardsPage } from '../../ui/shell/pages/UnitCardsPage';
import { cards as t } from '../../ui/texts/en/cards';

export const metadata: Metadata = { title: t.unitCards };
export default UnitCardsPage;
