import { workAcrossWorkshops } from '../store/scope';

// Tests look at what is kept from outside, as commands on the machine do; what holds within a workshop is tried by tests of its own.
workAcrossWorkshops();
