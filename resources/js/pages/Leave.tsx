export { LeavePage as default } from '@/features/leave';
