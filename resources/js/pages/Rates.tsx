export { RatesPage as default } from '@/features/rates';
