export { ClientIntakePage } from './ClientIntakePage';
export { ClientRequestPage } from './ClientRequestPage';
export { IntakeSettingsPage } from './IntakeSettingsPage';
export { WorkRequestPage } from './WorkRequestPage';
export { WorkRequestsPage } from './WorkRequestsPage';
