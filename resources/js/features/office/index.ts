export { HouseRulesPage } from './HouseRulesPage';
export { PeriodsPage } from './PeriodsPage';
export { QuestionsPage } from './QuestionsPage';
export { OfficeShell } from './OfficeShell';
export { EstimateSettingsPage } from './EstimateSettingsPage';
export { RoutesPage } from './RoutesPage';
export { AuditTrailPage } from './AuditTrailPage';
export { TodayPage } from './TodayPage';
