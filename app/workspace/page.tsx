import type { Metadata } from 'next';
import { BuildPage } from '../../ui/shell/pages/BuildPage';

export const metadata: Metadata = { title: 'Build' };
export default BuildPage;
