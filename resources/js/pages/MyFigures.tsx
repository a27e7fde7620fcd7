export { MyFiguresPage as default } from '@/features/my-figures';
