import type { Metadata } from 'next';
import { PeoplePage } from '../../ui/shell/pages/PeoplePage';
import { pages as t } from '../../ui/texts/en/pages';

export const metadata: Metadata = { title: t.people };
export default PeoplePage;
