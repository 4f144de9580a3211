import type { Metadata } from 'next';
import { SettingsPage } from '../../ui/shell/pages/SettingsPage';

export const metadata: Metadata = { title: 'Settings' };
export default SettingsPage;
