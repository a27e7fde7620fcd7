export { NewProjectPage } from './NewProjectPage';
export { PlanPage } from './PlanPage';
