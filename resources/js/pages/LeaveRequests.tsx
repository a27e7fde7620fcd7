export { LeaveRequestsPage as default } from '@/features/leave';
