export { NewProjectPage as default } from '@/features/plan';
