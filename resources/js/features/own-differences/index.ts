export { DifferentDays } from './DifferentDays';
export { OwnDifferencesPage } from './OwnDifferencesPage';
