export { MyFiguresPage } from './MyFiguresPage';
