export { PayRulesPage as default } from '@/features/pay-rules';
