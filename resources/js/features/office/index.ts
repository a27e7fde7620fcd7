export { HouseRulesPage } from './HouseRulesPage';
export { PeriodsPage } from './PeriodsPage';
export { QuestionsPage } from './QuestionsPage';
export { RoutesPage } from './RoutesPage';
export { TrailPage } from './TrailPage';
