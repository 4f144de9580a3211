import { axeFindsNothingOver, everyScreen } from './everyScreen';

everyScreen(1, 2);
axeFindsNothingOver('dark');
