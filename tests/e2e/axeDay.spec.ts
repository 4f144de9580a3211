import { axeFindsNothing } from './axePages';

axeFindsNothing('light');
