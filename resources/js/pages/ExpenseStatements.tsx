export { ExpenseStatementsPage as default } from '@/features/expense-statements';
