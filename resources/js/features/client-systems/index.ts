export { ClientSystemPage } from './ClientSystemPage';
export { ClientSystemsPage } from './ClientSystemsPage';
