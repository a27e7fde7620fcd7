export { PayRulesPage } from './PayRulesPage';
