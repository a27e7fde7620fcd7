export { AbsenceKindsPage as default } from '@/features/leave';
