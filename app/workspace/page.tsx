import type { Metadata } from 'next';
import { BuildPage } from '../../ui/shell/pages/BuildPage';
import { pages as t } from '../../ui/texts/en/pages';

export const metadata: Metadata = { title: t.build };
export default BuildPage;
