export { BillingPage } from './BillingPage';
