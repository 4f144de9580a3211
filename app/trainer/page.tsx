import type { Metadata } from 'next';
import { TrainerPage } from '../../ui/shell/pages/TrainerPage';
import { trainer as t } from '../../ui/texts/en/trainer';

export const metadata: Metadata = { title: t.trainer };
export default TrainerPage;
