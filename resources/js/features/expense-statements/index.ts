export { ExpenseStatementsPage } from './ExpenseStatementsPage';
