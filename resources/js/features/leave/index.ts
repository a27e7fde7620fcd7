export { AbsenceCalendarPage } from './AbsenceCalendarPage';
export { AbsenceKindsPage } from './AbsenceKindsPage';
export { LeavePage } from './LeavePage';
export { LeaveRequestsPage } from './LeaveRequestsPage';
