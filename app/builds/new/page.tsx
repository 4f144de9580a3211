import type { Metadata } from 'next';
import { NewBuildPage } from '../../../ui/shell/pages/NewBuildPage';

export const metadata: Metadata = { title: 'New build' };
export default NewBuildPage;
