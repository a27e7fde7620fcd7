export { ExpensesPage } from './ExpensesPage';
