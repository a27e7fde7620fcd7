export { ResponsibilitiesPage } from './ResponsibilitiesPage';
export { PastedPeoplePage } from './PastedPeoplePage';
export { PeoplePage } from './PeoplePage';
export { PersonPage } from './PersonPage';
