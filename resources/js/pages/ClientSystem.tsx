export { ClientSystemPage as default } from '@/features/client-systems';
