export { FilesPage as default } from '@/features/files';
