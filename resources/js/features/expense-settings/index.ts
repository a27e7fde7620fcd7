export { ExpenseSettingsPage } from './ExpenseSettingsPage';
