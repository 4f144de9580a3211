import type { Metadata } from 'next';
import { PeoplePage } from '../../ui/shell/pages/PeoplePage';

export const metadata: Metadata = { title: 'People' };
export default PeoplePage;
