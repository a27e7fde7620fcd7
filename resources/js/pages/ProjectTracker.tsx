export { ProjectTrackerPage as default } from '@/features/task-tracker';
