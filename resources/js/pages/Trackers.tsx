export { TrackersPage as default } from '@/features/task-tracker';
