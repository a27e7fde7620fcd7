export { MyTasksPage } from './MyTasksPage';
