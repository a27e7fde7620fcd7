export { WorkRequestsPage as default } from '@/features/intake';
