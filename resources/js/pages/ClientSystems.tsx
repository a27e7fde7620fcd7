export { ClientSystemsPage as default } from '@/features/client-systems';
