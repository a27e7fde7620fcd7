export { ClientPage as default } from '@/features/directory';
