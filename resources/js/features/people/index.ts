export { HandOverPage } from './HandOverPage';
export { PeoplePage } from './PeoplePage';
export { PersonPage } from './PersonPage';
