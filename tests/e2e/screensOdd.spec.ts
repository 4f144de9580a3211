import { axeFindsNothingOver, everyScreen } from './everyScreen';

everyScreen(0, 2);
axeFindsNothingOver('light');
