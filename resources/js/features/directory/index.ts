export { DirectoryPage } from './DirectoryPage';
