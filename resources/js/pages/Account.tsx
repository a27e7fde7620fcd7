export { AccountPage as default } from '@/features/account';
