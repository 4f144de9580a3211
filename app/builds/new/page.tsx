import type { Metadata } from 'next';
import { NewBuildPage } from '../../../ui/shell/pages/NewBuildPage';
import { pages as t } from '../../../ui/texts/en/pages';

export const metadata: Metadata = { title: t.newBuild };
export default NewBuildPage;
