export { WorkRequestPage as default } from '@/features/intake';
