export { AppointmentsPage as default } from '@/features/appointments';
