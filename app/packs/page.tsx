import type { Metadata } from 'next';
import { RulePacksPage } from '../../ui/shell/pages/RulePacksPage';
import { packs as t } from '../../ui/texts/en/packs';

export const metadata: Metadata = { title: t.rulePacks };
export default RulePacksPage;
