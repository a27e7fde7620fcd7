export { AccountsPage as default } from '@/features/accounts';
