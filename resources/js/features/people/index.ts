export { HandOverPage } from './HandOverPage';
export { PastedPeoplePage } from './PastedPeoplePage';
export { PeoplePage } from './PeoplePage';
export { PersonPage } from './PersonPage';
