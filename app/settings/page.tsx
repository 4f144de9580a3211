import type { Metadata } from 'next';
import { SettingsPage } from '../../ui/shell/pages/SettingsPage';
import { pages as t } from '../../ui/texts/en/pages';

export const metadata: Metadata = { title: t.settings };
export default SettingsPage;
