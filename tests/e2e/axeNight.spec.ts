import { axeFindsNothing } from './axePages';

axeFindsNothing('dark');
