export { MyTasksPage as default } from '@/features/my-tasks';
