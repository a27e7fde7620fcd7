export { AppointmentsPage } from './AppointmentsPage';
