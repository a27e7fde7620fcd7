export { DirectoryPage as default } from '@/features/directory';
