export { ClientRequestPage as default } from '@/features/intake';
