export { ProjectPage } from './ProjectPage';
export { ProjectsPage } from './ProjectsPage';
