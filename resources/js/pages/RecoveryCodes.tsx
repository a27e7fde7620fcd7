export { RecoveryCodesPage as default } from '@/features/account';
