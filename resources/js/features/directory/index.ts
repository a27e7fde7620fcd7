export { ClientPage } from './ClientPage';
export { DirectoryPage } from './DirectoryPage';
