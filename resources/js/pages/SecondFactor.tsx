export { SecondFactorPage as default } from '@/features/account';
