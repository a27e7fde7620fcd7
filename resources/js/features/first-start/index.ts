export { FirstStartPage } from './FirstStartPage';
export { FirstSteps } from './FirstSteps';
