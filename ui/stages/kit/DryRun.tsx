import { StartView } from '../startup/StartView';

/** The unit run on the table before anything is cut. */
export const DryRun = () => <StartView dryRun />;
