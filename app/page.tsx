import { BayPage } from '../ui/shell/pages/BayPage';

export default BayPage;
