export { ImportPage as default } from '@/features/files';
