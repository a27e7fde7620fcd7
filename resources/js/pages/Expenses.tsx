export { ExpensesPage as default } from '@/features/expenses';
