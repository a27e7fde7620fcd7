export { SchedulePage as default } from '@/features/schedule-files';
