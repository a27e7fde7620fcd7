export { ExpenseSettingsPage as default } from '@/features/expense-settings';
