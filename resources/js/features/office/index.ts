export { HouseRulesPage } from './HouseRulesPage';
export { PeriodsPage } from './PeriodsPage';
export { QuestionsPage } from './QuestionsPage';
export { OfficeShell } from './OfficeShell';
export { RestatementSettingsPage } from './RestatementSettingsPage';
export { RoutesPage } from './RoutesPage';
export { TrailPage } from './TrailPage';
