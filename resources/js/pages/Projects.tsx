export { ProjectsPage as default } from '@/features/projects';
