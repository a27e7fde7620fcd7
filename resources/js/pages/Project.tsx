export { ProjectPage as default } from '@/features/projects';
