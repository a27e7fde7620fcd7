export { BillingPage as default } from '@/features/billing';
